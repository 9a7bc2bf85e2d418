import type { RowDataPacket } from "mysql2/promise";
import { TABLES, type TableName } from "@/job/schema";

/**
 * Between a row as the schema has it and its SQL columns: camelCase ⇄ snake_case, lists and maps ⇄ JSON, times ⇄
 * DATETIME(3).
 */

const JSON_COLUMNS: ReadonlySet<string> = new Set([
  "params",
  "extra",
  "adapters",
  "face",
  "terminals",
  "elements",
  "cavities",
  "picks",
  "grades",
  "ends",
  "entered",
  "functions",
  "given",
  "fromIds",
  "toIds",
  "bitPlace",
]);
const YES_NO_COLUMNS: ReadonlySet<string> = new Set(["byHand", "kept", "done", "unplanned", "extended", "sent"]);

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

type Read = (value: unknown) => unknown;

const READ_JSON: Read = (value) => (typeof value === "string" ? JSON.parse(value) : value);
const READ_TIME: Read = (value) => `${String(value).replace(" ", "T")}Z`;
const READ_YES_NO: Read = (value) => value === 1;
const AS_IT_IS: Read = (value) => value;

const readOf = (key: string): Read =>
  JSON_COLUMNS.has(key) ? READ_JSON : key === "takenAt" ? READ_TIME : YES_NO_COLUMNS.has(key) ? READ_YES_NO : AS_IT_IS;

/** How each column of a table is read, found once: a large job has hundreds of thousands of values. */
const READERS = new Map(
  (Object.keys(TABLES) as TableName[]).map((table) => [
    table,
    keysOf(table).map((key) => ({ key, column: columnOf(key), read: readOf(key) })),
  ]),
);

/** A row read back, its values as the schema has them. */
export function plainRow(table: TableName, row: RowDataPacket): Record<string, unknown> {
  const made: Record<string, unknown> = {};
  for (const { key, column, read } of READERS.get(table) ?? []) made[key] = read(row[column]);
  return made;
}

/** Rows read back as a packed list (job/packed.ts), without reading what is JSON already. */
export function packedText(table: TableName, rows: readonly RowDataPacket[]): string {
  const readers = READERS.get(table) ?? [];
  const texts = rows.map((row) => {
    let text = "";
    for (const { column, read } of readers) {
      const value: unknown = row[column];
      const isText = read === READ_JSON && typeof value === "string";
      text += `${text === "" ? "" : ","}${isText ? value : JSON.stringify(read(value))}`;
    }
    return `[${text}]`;
  });
  return `{"columns":${JSON.stringify(readers.map(({ key }) => key))},"rows":[${texts.join(",")}]}`;
}

/** Parses a row read back; a row that breaks the schema is a bug and throws. */
export const fromSql = <T>(table: TableName, row: RowDataPacket): T => TABLES[table].parse(plainRow(table, row)) as T;
