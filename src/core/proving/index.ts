export { type CauseSources, likelyCauses } from "./causes";
export { gatesOf } from "./gates";
export { basisOf, judge, parseReading, type ReadFault, type ReadValue, readingUncertainty } from "./judge";
export { LEADS_STEP, makeSteps, type SolvedVolts, withLeads } from "./steps";
export type * from "./types";
