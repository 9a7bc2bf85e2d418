export { type Branch, branchesOf, type NamedBranches, retuned } from "./branches";
export { type NetElement, type Netlist, NETLIST_FORMAT, type NetlistFault, type NetlistResult, readNetlist } from "./netlist";
export { type Change, Network, type RelayState, type Solution, type SolveFinding, type SolveOptions, type SolveResult } from "./network";
export { floats } from "./packing";
export { NumberedMap } from "./numbered-map";
export { type Prediction, Predictor } from "./predict";
export type { Bridge } from "./updates";
