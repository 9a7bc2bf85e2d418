export { type Branch, branchesOf, type NamedBranches, withValues } from "./branches";
export {
  type Expectation,
  NETLIST_FORMAT,
  type NetElement,
  type Netlist,
  type NetlistFault,
  type NetlistResult,
  readNetlist,
} from "./netlist";
export { Network } from "./network";
export { NumberedMap } from "./numbered-map";
export { floats } from "./packing";
export { type Prediction, Predictor } from "./predict";
export { inState, type SwitchElement, type SwitchSetting } from "./setting";
export type { Change, RelayState, Solution, SolveFinding, SolveOptions, SolveResult } from "./solution";
export type { Bridge } from "./updates";
