export {
  type CutReport,
  type Decisions,
  HarnessAnalysis,
  type HarnessReport,
  type ReportRow,
  type WireEnd,
} from "./analysis";
export {
  type CircuitOf,
  type CircuitPart,
  type CircuitRun,
  circuitOf,
  type FunctionCircuit,
} from "./circuit";
export { consequencesOf, otherFeeds, type Stop, stopsWithout } from "./consequences";
export { copperTotal } from "./copper";
export type { Demand } from "./demands";
export { GUARDS, type Guard, guardsOf } from "./guards";
export { findInventory, type InventoryItem, type InventoryKind, type InventoryName } from "./inventory";
export { pathPoints, pathsThrough } from "./paths";
export { type Slice, sliceByChoice, sliceHarness } from "./slice";
export {
  type BenchTask,
  benchList,
  goneWires,
  type LooseEnd,
  looseEnds,
  TRIAGE,
  type TriageChoice,
  type TriageFacts,
  type TriageReason,
  triage,
} from "./triage";
