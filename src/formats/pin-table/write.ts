import { formatParams, type Grades, type Params } from "@/core/forms";
import { formatCsvRecord, guardFormula } from "../csv";
import { COLUMNS, MORE_COLUMNS } from "./columns";

/**
 * A cavity as it is written out. A kind or quantity that is only proposed is left empty, so that it is never read back
 * as given.
 */
export interface WritablePin {
  readonly connector: string;
  readonly cavity: string;
  readonly circuit: string | null;
  readonly colour: { readonly written: string } | null;
  readonly sizeMm2: number | null;
  readonly lengthM: number | null;
  readonly description: string | null;
  readonly kind: { readonly value: string; readonly source: string };
  readonly quantity: { readonly value: string | null; readonly source: string };
  readonly params: Params;
  readonly grades: Grades;
  readonly otherEnd: string | null;
  readonly part: string | null;
  readonly note: string;
  readonly extra: Readonly<Record<string, string>>;
}

/**
 * A pin table as CSV: UTF-8 with mark (so that a spreadsheet reads it as such), commas, CRLF. Unknown columns follow
 * the known ones. Reading the result and writing it again gives the same bytes.
 */
export function writePinTable(pins: readonly WritablePin[]): string {
  const extras = [...new Set(pins.flatMap((pin) => Object.keys(pin.extra)))];
  const more = MORE_COLUMNS.filter((column) => pins.some((pin) => MORE[column](pin) !== ""));
  const rows = pins.map((pin) => [
    pin.connector,
    pin.cavity,
    pin.circuit ?? "",
    pin.colour?.written ?? "",
    pin.sizeMm2 === null ? "" : String(pin.sizeMm2),
    pin.lengthM === null ? "" : String(pin.lengthM),
    pin.description ?? "",
    stated(pin.kind),
    stated(pin.quantity),
    formatParams(readable(pin)),
    ...more.map((column) => MORE[column](pin)),
    ...extras.map((name) => pin.extra[name] ?? ""),
  ]);
  return writeTable([[...COLUMNS, ...more, ...extras], ...rows]);
}

const MORE: Readonly<Record<(typeof MORE_COLUMNS)[number], (pin: WritablePin) => string>> = {
  to: (pin) => pin.otherEnd ?? "",
  part: (pin) => pin.part ?? "",
  remarks: (pin) => pin.note,
};

/** Values that were guessed, or taken as usual, are left out: they would be read back as given. */
const readable = ({ params, grades }: Pick<WritablePin, "params" | "grades">): Params =>
  Object.fromEntries(Object.entries(params).filter(([key]) => grades[key] !== "guessed" && grades[key] !== "usual"));

const stated = (told: { value: string | null; source: string }) =>
  told.source === "proposed" ? "" : (told.value ?? "");

/** Rows of text as a CSV file that a spreadsheet opens and that runs nothing in it. */
export function writeTable(rows: readonly (readonly string[])[]): string {
  return `\uFEFF${rows.map((row) => `${formatCsvRecord(row.map(guardFormula))}\r\n`).join("")}`;
}
