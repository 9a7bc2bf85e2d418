export { type CauseSources, likelyCauses } from "./causes";
export { basisOf, judge, parseReading, type ReadFault, type ReadValue, readingUncertainty } from "./judge";
export { makeSteps, type SolvedVolts } from "./steps";
export type * from "./types";
