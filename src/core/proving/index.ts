export { type CauseSources, likelyCauses } from "./causes";
export { LEADS_STEP, withLeads } from "./copper-steps";
export { gatesOf } from "./gates";
export { basisOf, judge, parseReading, type ReadFault, type ReadValue, readingUncertainty } from "./judge";
export type { SolvedVolts } from "./step-parts";
export { isProposed, makeSteps, type StepSources } from "./steps";
export type * from "./types";
