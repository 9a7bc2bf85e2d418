export {
  ALL_COLUMNS,
  assignColumn,
  COLUMN_UNITS,
  COLUMNS,
  type Column,
  type ColumnRead,
  readHeaders,
  type ToldColumns,
  tableColumns,
} from "./columns";
export type { TableIssue, TableRefusal } from "./issues";
export { headsOf, type RememberedHead } from "./layout";
export { MAX_CELL, MAX_ROWS } from "./limits";
export {
  type Paper,
  type PinTable,
  type PinTableResult,
  type ReadOptions,
  readPinTable,
  readRows,
  type TablePin,
} from "./read";
export { refuse } from "./refusals";
export type { WrittenEnd } from "./row-ends";
export { type WritablePin, writePinTable, writeTable } from "./write";
