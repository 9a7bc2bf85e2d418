export {
  type Blocker,
  type BlockerTarget,
  findBlockers,
  type PlanFacts,
  type ReadStep,
  withFindings,
} from "./blockers";
export { type Conflict, conflictsOf } from "./conflicts";
export {
  acceptanceBasis,
  acceptanceKey,
  FEEDS_KEY,
  FUNCTION_STATES,
  type FunctionLine,
  type FunctionState,
  findingsByPin,
  functionLines,
  type Lack,
} from "./functions";
export { freeGivers, GAP_WAYS, type Gap, type GapWay } from "./gaps";
export { BAND_STATES, type Band, type BandState, type Glance, glanceOf } from "./glance";
export { type Guess, type LeftOut, leftOut, type NotGiven, notGiven } from "./left-out";
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
export {
  type AddedWire,
  type Filling,
  type NewFuse,
  type NewRelay,
  type NewSplice,
  type NewWork,
  newWork,
  type RelayEnd,
} from "./new-work";
export { type SheetPin, type SheetRow, sheetRows } from "./sheet";
export {
  functionsNamed,
  offeredWishes,
  type Wish,
  type WishLack,
  type WishLine,
  wishBasis,
  wishKey,
  wishLines,
} from "./wishes";
