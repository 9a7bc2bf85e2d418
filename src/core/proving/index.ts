export { type CauseFacts, likelyCauses } from "./causes";
export { basisOf, expectedText, judge, parseReading } from "./judge";
export { makeSteps, type SolvedVolts } from "./steps";
export { CAUTIONS, type Cause, type Expected, type Judgement, type KeyState, type PlannedPin, type Probe, type Step, type StepGroup } from "./types";
