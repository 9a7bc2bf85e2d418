export { assignColumn, COLUMNS, type Column, type ColumnRead } from "./columns";
export type { TableIssue, TableRefusal } from "./issues";
export { MAX_CELL, MAX_ROWS, readPinTable, type PinTable, type PinTableResult, type TablePin } from "./read";
export { writePinTable, writeTable, type WritablePin } from "./write";
