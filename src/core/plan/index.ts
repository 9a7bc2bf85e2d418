export {
  type Blocker,
  type BlockerTarget,
  findBlockers,
  type PlanFacts,
  type ReadStep,
  withFindings,
} from "./blockers";
export { type Guess, type LeftOut, leftOut } from "./left-out";
export {
  type Decision,
  deriveLines,
  GROUPS,
  type GroupKey,
  groupOf,
  type Line,
  type LineState,
  type PlanLines,
} from "./lines";
export { type SheetPin, type SheetRow, sheetRows } from "./sheet";
