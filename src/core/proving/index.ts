export { makeSteps, type SolvedVolts } from "./steps";
export { basisOf, expectedText, judge, parseReading } from "./judge";
export { likelyCauses, type CauseFacts } from "./causes";
export { CAUTIONS, type Cause, type Expected, type Judgement, type KeyState, type PlannedPin, type Probe, type Step, type StepGroup } from "./types";
