import { type CsvRecord, parseCsv } from "../csv";
import { type ColumnRead, readHeaders, type ToldColumns } from "./columns";

/** So many lines may stand above a table's header: titles, dates, notes. */
const MOST_ABOVE = 40;

export type Separator = "," | ";" | "\t";
const SEPARATORS: readonly Separator[] = [",", ";", "\t"];

export interface Header {
  readonly record: CsvRecord;
  readonly columns: readonly ColumnRead[];
  /** What stands above it. */
  readonly above: readonly CsvRecord[];
  /** Somebody told of such a head before what its columns are. */
  readonly isRemembered: boolean;
}

const columnsIn = (record: CsvRecord, told: ToldColumns) =>
  readHeaders(
    record.cells.map((cell) => cell.trim()),
    told,
  );
const knownIn = (columns: readonly ColumnRead[]) => columns.filter(({ column }) => column !== null).length;

/** A head of an earlier file, in small letters, with what a person said of its columns. */
export interface RememberedHead {
  readonly heads: readonly string[];
  readonly columns: readonly Pick<ColumnRead, "column" | "unit">[];
}
const NOT_TAKEN = { column: null, unit: null } as const;

/** The heads of a line as they are compared with those of another file. */
export const headsOf = (cells: readonly string[]): string[] => cells.map((cell) => cell.trim().toLowerCase());

/**
 * The line that a person chose, one whose head is remembered, else the first line in which a cavity column and at least one other are recognised. Where no line is such a one, the first
 * line is taken, so that what it lacks can be named; null for a table of no lines.
 */
export function findHeader(
  records: readonly CsvRecord[],
  told: ToldColumns,
  said: { readonly line?: number; readonly remembered?: readonly RememberedHead[] } = {},
): Header | null {
  const at = (record: CsvRecord, columns: readonly ColumnRead[], isRemembered = false): Header => ({
    record,
    isRemembered,
    columns,
    above: records.slice(0, records.indexOf(record)),
  });
  const chosen = records.find(({ line }) => line === said.line);
  if (chosen !== undefined) return at(chosen, columnsIn(chosen, told));
  const near = records.slice(0, records.findLastIndex(({ line }) => line <= MOST_ABOVE + 1) + 1);
  for (const record of near) {
    const heads = headsOf(record.cells);
    const known = said.remembered?.find(
      (one) => one.heads.length === heads.length && one.heads.every((head, i) => head === heads[i]),
    );
    if (known !== undefined)
      return at(
        record,
        record.cells.map((cell, index) => ({ header: cell.trim(), ...(known.columns[index] ?? NOT_TAKEN) })),
        true,
      );
  }
  let best: Header | null = null;
  for (const record of near) {
    const columns = columnsIn(record, told);
    const isHeader = knownIn(columns) > 1 && columns.some(({ column }) => column === "cavity");
    // Heads over two lines: what stands above several columns says less than what stands above each.
    if (best !== null && !(isHeader && knownIn(columns) > knownIn(best.columns))) return best;
    if (isHeader) best = at(record, columns);
  }
  if (best !== null) return best;
  const [first] = records;
  return first === undefined ? null : at(first, columnsIn(first, told));
}

/** The separator under which the header shows most columns that are known, else the one that splits it most. */
export function findSeparator(
  text: string,
  told: ToldColumns,
  remembered: readonly RememberedHead[] = [],
): Separator | null {
  if (text.trim() === "") return null;
  const lines = text.split(/\r\n|\r|\n/, MOST_ABOVE + 20);
  const candidates = SEPARATORS.map((separator) => {
    const parsed = parseCsv(lines.join("\n"), separator);
    const records = parsed.ok
      ? parsed.records
      : lines.flatMap((line, at) => (line.trim() === "" ? [] : [{ line: at + 1, cells: line.split(separator) }]));
    const header = findHeader(records, told, { remembered });
    return { separator, known: knownIn(header?.columns ?? []), cells: header?.columns.length ?? 0 };
  });
  return candidates.sort((a, b) => b.known - a.known || b.cells - a.cells)[0]?.separator ?? null;
}

/** What names the connector of rows that have no column for it. */
export interface Named {
  readonly label: string;
  readonly from: "section" | "preamble" | "file" | "person";
  readonly line: number;
}

/** A line of a single text between the rows: `C2 (engine side)`. Null for a row, if only one with nothing but its cavity. */
export function sectionIn(record: CsvRecord, columns: readonly ColumnRead[], isAnyKnown: boolean): Named | null {
  const filled = record.cells.flatMap((cell, at) => (cell.trim() === "" ? [] : [{ text: cell.trim(), at }]));
  const [only] = filled;
  if (only === undefined || filled.length > 1) return null;
  const isAlone = record.cells.length === 1 && columns.length > 1;
  const mayBeCavity = columns[only.at]?.column === "cavity" && CAVITY.test(only.text);
  if (!isAlone && mayBeCavity && isAnyKnown) return null;
  const label = labelIn(only.text);
  return label === "" ? null : { label, from: "section", line: record.line };
}
/** What is moulded beside a cavity: a number, a letter or two, or both. */
const CAVITY = /^[a-z]{0,2}[- ]?\d{0,3}[a-z]?$/i;

/** A connector's label in a line that names it, without the word for it and what is said of it in brackets. */
const labelIn = (text: string): string =>
  text
    .replace(/^(connector|conn|plug|housing)\b[\s.:#]*/i, "")
    .replace(/\s*[([].*$/, "")
    .replace(/\s*:$/, "")
    .trim();

/** The connector that the lines above the header name, or the file's own name; null where neither does. */
export function namedBefore(above: readonly CsvRecord[], fileName: string): Named | null {
  for (const { cells, line } of above.toReversed()) {
    const label = /\b(?:connector|conn|plug|housing)\b[\s.:#]*([A-Z0-9][\w./-]*)/i.exec(cells.join(" "))?.[1];
    if (label !== undefined && /[A-Z0-9]/.test(label)) return { label, from: "preamble", line };
  }
  const words = (fileName.split(/[/\\]/).at(-1) ?? "").replace(/\.\w+$/, "").split(/[^A-Za-z0-9]+/);
  const label = words.find((word) => /^[A-Z]{1,3}\d{1,4}[A-Z]?$/.test(word));
  return label === undefined ? null : { label, from: "file", line: 1 };
}
