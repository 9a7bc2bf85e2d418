export { findHolds, type Hold, type HoldTarget, type PlanFacts } from "./holds";
export { type Decision, deriveLines, GROUPS, groupOf, type Line, type LineState, type PlanLines } from "./lines";
export { SHEET_HEADS, type SheetPin, type SheetRow, sheetRows } from "./sheet";
export { adapterName, describeAdapter, describeChain } from "./words";
