export { type Effect, type Expectations, factsOf, PowerAnalysis, type PowerInput } from "./analysis";
export { changeOf, type EditFault, editFacts, editFault, type PlanChange } from "./edits";
export {
  type Cure,
  type CureFacts,
  type DeadCause,
  type Finding,
  type FindingCode,
  type FindingFacts,
  type Places,
  placesOf,
  SEVERITIES,
  type Severity,
  type SplitWay,
} from "./findings";
export { isInterlock, starterMotors, TURNS_AMPS } from "./findings/interlock";
export { buildModel } from "./model/model";
export { pointOfNode } from "./model/node-names";
export type { NetSpan } from "./model/spans";
export { BLOCK, BODY, MINUS, PLUS } from "./nodes";
export {
  type Origin,
  originKey,
  type PartOrigin,
  type PartRole,
  type PlanElement,
  type WireOrigin,
} from "./plan-element";
export type { LevelMiss, WayProof, WeighedLink } from "./proof";
export { type PowerReport, reportPower } from "./report";
export {
  batterySource,
  coldTorque,
  SETTING_KEYS,
  SETTINGS,
  type Setting,
  type SettingKey,
  type Settings,
  settingsOf,
  settingValue,
} from "./settings";
export {
  type DescribedElement,
  type DescribedNetlist,
  describedNetlist,
  type ElementUse,
  type Stance,
  type Works,
} from "./solved/described";
export { type DrawnElement, type DrawnPath, type DrawnPoint, drawnPath } from "./solved/drawn-path";
export { type ElementFault, elementFaults } from "./solved/element-faults";
export { voltsAt } from "./solved/flow";
export { type PathStep, pathDown, pathThrough } from "./solved/path";
export { netlistOf, networkIn, settingOf, solveIn, solvePower, standing } from "./solved/solve";
export type { BoxRow } from "./tables/boxes";
export { type CableRow, cableTable } from "./tables/cable";
export type { ExpectedVolts } from "./tables/expected";
export type { FuseRow } from "./tables/fuses";
export type { GroundRow, ReturnRow, ReturnVerdict } from "./tables/grounds";
export { type KeyCell, type KeyRow, type KeyVerdict, keyTable, leastVolts, TROUBLE } from "./tables/keys";
export type { ChargeBalance, CrankingReport, LoadRow } from "./tables/loads";
export { type PackedCells, packCells, unpackCells } from "./tables/packed-cells";
export type { RelayRow } from "./tables/relays";
export type { StandingPoints, StandingRelay } from "./tables/standing";
export {
  NOTHING_TRIED,
  type PowerEdit,
  type Tried,
  type TriedFuse,
  type TriedLoad,
  type TriedStrap,
  type TriedWire,
} from "./tried";
export type * from "./types";
