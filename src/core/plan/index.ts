export { deriveLines, GROUPS, groupOf, type Decision, type Line, type LineState, type PlanLines } from "./lines";
export { findHolds, type Hold, type HoldTarget, type PlanFacts } from "./holds";
export { adapterName, describeAdapter, describeChain } from "./words";
export { sheetRows, SHEET_HEADS, type SheetPin, type SheetRow } from "./sheet";
