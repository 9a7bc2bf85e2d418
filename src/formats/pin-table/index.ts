export { assignColumn, COLUMN_UNITS, COLUMNS, type Column, type ColumnRead, type ToldColumns } from "./columns";
export type { TableIssue, TableRefusal } from "./issues";
export { MAX_CELL, MAX_ROWS, type PinTable, type PinTableResult, readPinTable, type TablePin } from "./read";
export { type WritablePin, writePinTable, writeTable } from "./write";
