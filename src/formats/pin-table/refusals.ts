import { MAX_BYTES } from "../text";
import type { TableRefusal } from "./issues";
import { MAX_ROWS } from "./limits";

interface RefusedTable {
  readonly ok: false;
  readonly refusal: TableRefusal;
}

/** A table that is refused as a whole, with what to do about it. */
export function refuse(
  code: TableRefusal["code"],
  at: { line?: number; column?: string; hint?: string } = {},
): RefusedTable {
  const [message, hint] = REFUSALS[code];
  const where = at.line === undefined ? "" : ` (line ${at.line})`;
  const what = at.column === undefined ? "" : ` “${at.column}”`;
  return { ok: false, refusal: { code, message: `${message}${what}${where}.`, hint, ...at } };
}

const REFUSALS: Readonly<Record<TableRefusal["code"], readonly [message: string, hint: string]>> = {
  "no-header": [
    "The file has no header that can be read",
    "A line within the first 41 must name the columns: the cavity (or pin) and at least one more.",
  ],
  "missing-column": [
    "The header has no column",
    "Name one column connector and one cavity (or pin). A line above the rows may name the connector instead.",
  ],
  "too-many-rows": [
    `The table has more than ${MAX_ROWS.toLocaleString("en")} rows`,
    "Split it by connector and import the parts one after the other.",
  ],
  "too-large": [`The file is larger than ${MAX_BYTES / 1e6} MB`, "Save the pin table alone, as CSV."],
  "not-text": ["The file is no table", "Save the table as CSV (UTF-8), XLSX or ODS and import that."],
  "unclosed-quote": ["A quote opens and never closes", "Close it, or write it twice where it belongs to the text."],
  protected: [
    "The workbook is protected by a password",
    "Open it in a spreadsheet, take the password off, save it and import that.",
  ],
  damaged: [
    "The workbook cannot be opened: it is damaged or not whole",
    "Open it in a spreadsheet, save it anew as XLSX, ODS or CSV and import that.",
  ],
};
