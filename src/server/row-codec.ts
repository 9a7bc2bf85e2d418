import type { RowDataPacket } from "mysql2/promise";
import { TABLES, type TableName } from "@/job/schema";

/** Between a row as the schema has it and its SQL columns: camelCase ⇄ snake_case, lists and maps ⇄ JSON, times ⇄ DATETIME(3). */

const JSON_COLUMNS: ReadonlySet<string> = new Set([
  "params",
  "extra",
  "adapters",
  "face",
  "terminals",
  "elements",
  "cavities",
  "picks",
]);
const YES_NO_COLUMNS: ReadonlySet<string> = new Set(["byHand", "kept", "done", "unplanned"]);

export const columnOf = (key: string) => key.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`);
export const keysOf = (table: TableName): string[] => Object.keys(TABLES[table].shape);

/** The columns of a table as a SELECT list. Names come from the schema alone, never from input. */
export const selectList = (table: TableName) => keysOf(table).map(columnOf).join(", ");

export function toSql(key: string, value: unknown): unknown {
  // An edit from before a column was there has no value for it.
  if (JSON_COLUMNS.has(key)) return JSON.stringify(value ?? null);
  if (key === "takenAt") return String(value).replace("T", " ").replace("Z", "");
  return value ?? null;
}

/** Parses a row read back; a row that breaks the schema is a bug and throws. */
export function fromSql<T>(table: TableName, row: RowDataPacket): T {
  const entries = keysOf(table).map((key): [string, unknown] => {
    const value = row[columnOf(key)];
    if (JSON_COLUMNS.has(key)) return [key, typeof value === "string" ? JSON.parse(value) : value];
    if (key === "takenAt") return [key, `${String(value).replace(" ", "T")}Z`];
    if (YES_NO_COLUMNS.has(key)) return [key, value === 1];
    return [key, value];
  });
  return TABLES[table].parse(Object.fromEntries(entries)) as T;
}
