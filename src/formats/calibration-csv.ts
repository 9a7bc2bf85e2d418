import type { CalibrationRow } from "@/job/schema";
import { formatCsvRecord, guardFormula, parseCsv, unguardFormula } from "./csv";

/** A calibration list as a file: one line a change, its columns by name in any order. */
const COLUMNS = [
  "id",
  "computer",
  "what",
  "was",
  "becomes",
  "why",
  "codes",
  "software",
  "doneBy",
  "provenBy",
  "note",
] as const;
type Column = (typeof COLUMNS)[number];
const HEADS: Readonly<Record<Column, string>> = {
  id: "id",
  computer: "computer",
  what: "what",
  was: "old",
  becomes: "new",
  why: "why",
  codes: "codes",
  software: "software",
  doneBy: "done by",
  provenBy: "proven by",
  note: "note",
};

export type CalibrationLine = Omit<CalibrationRow, "byHand">;

/** The list as CSV, with the names of its columns in the first line. */
export const writeCalibration = (lines: readonly CalibrationLine[]): string =>
  [
    COLUMNS.map((column) => HEADS[column]),
    ...lines.map((line) => COLUMNS.map((column) => guardFormula(line[column] ?? ""))),
  ]
    .map((cells) => `${formatCsvRecord(cells)}\r\n`)
    .join("");

export interface CalibrationIssue {
  readonly line: number;
  readonly code: "no-table" | "unclosed-quote" | "no-computer" | "no-what" | "too-long";
  readonly column: string | null;
}

const MOST: Readonly<Partial<Record<Column, number>>> = {
  computer: 200,
  what: 200,
  was: 200,
  becomes: 200,
  codes: 200,
  software: 200,
  doneBy: 200,
  provenBy: 200,
};

/** Reads a list: lines that cannot be taken are told with their place, and the rest is read. An id is kept where it is one. */
export function readCalibration(text: string): {
  readonly lines: readonly (Omit<CalibrationLine, "id"> & { readonly id: string | null })[];
  readonly issues: readonly CalibrationIssue[];
} {
  const separator =
    text.split("\n", 1)[0]?.includes(";") === true && !text.split("\n", 1)[0]?.includes(",") ? ";" : ",";
  const parsed = parseCsv(text.replace(/^\uFEFF/, ""), separator);
  if (!parsed.ok) return { lines: [], issues: [{ line: parsed.line, code: "unclosed-quote", column: null }] };
  const [head, ...records] = parsed.records;
  const names = (head?.cells ?? []).map((cell) => cell.trim().toLowerCase());
  const at = new Map(
    COLUMNS.map((column) => [
      column,
      names.findIndex((name) => name === HEADS[column] || name === column.toLowerCase()),
    ]),
  );
  if ((at.get("computer") ?? -1) < 0 || (at.get("what") ?? -1) < 0)
    return { lines: [], issues: [{ line: head?.line ?? 1, code: "no-table", column: null }] };
  const issues: CalibrationIssue[] = [];
  const lines = records.flatMap(({ line, cells }) => {
    const cell = (column: Column) => unguardFormula(cells[at.get(column) ?? -1] ?? "").trim();
    for (const required of ["computer", "what"] as const)
      if (cell(required) === "") {
        issues.push({ line, code: `no-${required}`, column: HEADS[required] });
        return [];
      }
    const long = COLUMNS.find((column) => cell(column).length > (MOST[column] ?? 10_000));
    if (long !== undefined) {
      issues.push({ line, code: "too-long", column: HEADS[long] });
      return [];
    }
    const id = cell("id");
    return [
      {
        id: /^[A-Za-z0-9_-]{1,40}$/.test(id) ? id : null,
        computer: cell("computer"),
        what: cell("what"),
        was: cell("was"),
        becomes: cell("becomes"),
        why: cell("why"),
        codes: cell("codes"),
        software: cell("software"),
        doneBy: cell("doneBy") === "" ? null : cell("doneBy"),
        provenBy: cell("provenBy"),
        note: cell("note"),
      },
    ];
  });
  return { lines, issues };
}

/** What is wrong with a line of the file, and the cure. */
export function calibrationIssueText({ line, code, column }: CalibrationIssue): string {
  switch (code) {
    case "no-table":
      return `Line ${line} names no columns: the first line must have “computer” and “what”.`;
    case "unclosed-quote":
      return `Line ${line}: a quote opens and is never closed.`;
    case "too-long":
      return `Line ${line}, column “${column}”: too long. Shorten it.`;
    default:
      return `Line ${line}: column “${column}” is empty. Fill it in.`;
  }
}
