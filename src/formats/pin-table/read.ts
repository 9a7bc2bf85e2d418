import { type Kind, PARAMS_OF, type Params, type Side } from "@/core/forms";
import {
  type AliveGuess,
  classifyPins,
  type IntakeReason,
  KNOWN_FROM,
  type PinReading,
  readAlive,
  withNeighbour,
} from "@/core/intake";
import type { ImportedPin } from "@/job/import-table";
import { type CsvRecord, parseCsv } from "../csv";
import { decodeText } from "../text";
import { type ColumnRead, type ToldColumns, withColours } from "./columns";
import { missingColumn, type TableRow, withConnectors } from "./connectors";
import { type TableIssue, type TableRefusal, tableIssue } from "./issues";
import { findHeader, findSeparator, namedBefore, type RememberedHead } from "./layout";
import { MAX_HEADER, MAX_ROWS } from "./limits";
import { refuse } from "./refusals";
import { readEnds, type WrittenEnd } from "./row-ends";
import { FactReader } from "./row-facts";
import { type RawPin, RowReader } from "./rows";

/** When a feed is live, from a table's own column or its words; null where neither says. */
export interface ToldAlive {
  readonly value: AliveGuess["value"] | null;
  readonly confidence: number;
  readonly source: "given" | "proposed";
}

/** One cavity with the line of the file on which its row starts. */
export interface TablePin extends ImportedPin {
  readonly line: number;
  readonly alive: ToldAlive;
  readonly to: WrittenEnd | null;
}

/** A table's rows, whatever it was kept in. */
export interface Paper {
  readonly records: readonly CsvRecord[];
  readonly encoding: string;
  /** Null for a workbook's sheet. */
  readonly separator: "," | ";" | "\t" | null;
  readonly sheet: string | null;
  readonly sheets: readonly string[];
  /** Heads of columns that the workbook hides, by their places. */
  readonly hidden: readonly number[];
  /** Whether a spreadsheet holds a date in that cell, by line and place. */
  readonly isDate?: (line: number, at: number) => boolean;
}

export interface PinTable {
  readonly side: Side;
  readonly encoding: string;
  readonly separator: "," | ";" | "\t" | null;
  /** The sheet that was read, and all that the workbook has; null and none for a text. */
  readonly sheet: string | null;
  readonly sheets: readonly string[];
  readonly headerLine: number;
  readonly columns: readonly ColumnRead[];
  /** What stands above its header, line by line; "" where nothing does. */
  readonly note: string;
  /** Every row below the header as it is written, those with errors included. */
  readonly rows: readonly CsvRecord[];
  readonly pins: readonly TablePin[];
  readonly issues: readonly TableIssue[];
  readonly rowCount: number;
}

export type PinTableResult =
  | { readonly ok: true; readonly table: PinTable }
  | {
      readonly ok: false;
      readonly refusal: TableRefusal;
      /** The first lines, where a person can say which of them heads the table. */
      readonly lines?: readonly CsvRecord[];
      readonly sheets?: readonly string[];
      readonly sheet?: string | null;
    };

export interface ReadOptions {
  /** How the columns are to be taken, when a person has changed what {@link readHeaders} understood. */
  readonly columns?: readonly ColumnRead[];
  /** The same by their heads, before the header is looked for. */
  readonly told?: ToldColumns;
  /** The file's name, which may name the connector where nothing in it does. */
  readonly name?: string;
  /** The line that heads the table, when a person has said so. */
  readonly headerLine?: number;
  /** Heads of earlier files whose columns a person has told. */
  readonly remembered?: readonly RememberedHead[];
  /** The connector of all rows that none names, when a person has said so. */
  readonly connector?: string;
  /** The sheet of a workbook that is to be read. */
  readonly sheet?: string;
}

/**
 * Reads a pin table as contracts/pin-table.md says. Never throws for a bad table: it is refused whole with one reason,
 * or read with every problem reported at once. Workbooks are read by `readPaper` (formats/paper.ts).
 */
export function readPinTable(bytes: Uint8Array, side: Side, options: ReadOptions = {}): PinTableResult {
  const decoded = decodeText(bytes);
  if (!decoded.ok) return refuse(decoded.code);
  const text = decoded.text.replace(/^\uFEFF/, "").replace(/^sep=.\r?\n/i, "");
  const { told = new Map(), remembered = [] } = options;
  const separator = findSeparator(text, told, remembered);
  if (separator === null) return refuse("no-header");
  const parsed = parseCsv(text, separator);
  if (!parsed.ok) return refuse("unclosed-quote", { line: parsed.line });
  const { encoding } = decoded;
  return readRows({ records: parsed.records, encoding, separator, sheet: null, sheets: [], hidden: [] }, side, options);
}

/** Reads the rows of a table that is open. */
export function readRows(paper: Paper, side: Side, options: ReadOptions = {}): PinTableResult {
  const { told = new Map(), remembered = [], headerLine } = options;
  const { records, separator, sheet, sheets } = paper;
  const lost = (result: PinTableResult): PinTableResult =>
    result.ok ? result : { ...result, lines: records.slice(0, MOST_SHOWN), sheets, sheet };
  const header = findHeader(records, told, { line: headerLine, remembered });
  if (header === null) return lost(refuse("no-header"));
  const { line } = header.record;
  const below = records.slice(header.above.length + 1);
  const columns = options.columns ?? (header.isRemembered ? header.columns : withColours(header.columns, below, told));
  const { rows, issues: naming } = withConnectors(
    below,
    columns,
    options.connector === undefined
      ? namedBefore(header.above, options.name ?? "")
      : { label: options.connector, from: "person", line },
  );
  const missing = missingColumn(columns, rows);
  if (missing !== undefined) {
    const known = columns.some((one) => one.column !== null);
    return lost(refuse(known ? "missing-column" : "no-header", known ? { line, column: missing } : { line }));
  }
  if (rows.length > MAX_ROWS) return refuse("too-many-rows");
  const { pins, issues } = readPins(paper, side, columns, rows);
  return {
    ok: true,
    table: {
      side,
      separator,
      sheet,
      sheets,
      encoding: paper.encoding,
      headerLine: line,
      columns,
      note: written(header.above, separator ?? ", "),
      rows: rows.map(({ record }) => record),
      rowCount: rows.length,
      pins,
      issues: [
        ...preambleIssues(header.above, separator ?? ", "),
        ...headerIssues(columns, line, rows.length),
        ...hiddenIssues(paper, columns, line),
        ...naming,
        ...issues,
      ].toSorted((a, b) => a.line - b.line),
    },
  };
}
const MOST_SHOWN = 41;

function readPins(
  { separator, isDate }: Paper,
  side: Side,
  columns: readonly ColumnRead[],
  rows: readonly TableRow[],
): { readonly pins: TablePin[]; readonly issues: readonly TableIssue[] } {
  const decimalComma = separator === ";" || separator === "\t";
  const reader = new RowReader(columns, decimalComma, isDate);
  const raw = rows.map(({ record, connector }) => reader.row(record, connector)).filter((row) => row !== null);
  const { ends, issues: endIssues } = readEnds(raw);
  const readings = readTogether(raw, classifyPins(raw, side), ends);
  const facts = new FactReader(columns, decimalComma);
  const factIssues: TableIssue[] = [];
  const pins = raw.map((row, at) => {
    const { pin, issues } = tell(row, readings[at] as PinReading, ends[at] ?? null, facts);
    factIssues.push(...issues);
    return pin;
  });
  return { pins, issues: [...reader.issues, ...endIssues, ...factIssues] };
}

/** Lines as they stand in the file, without the separators that a spreadsheet puts behind them. */
const written = (lines: readonly CsvRecord[], separator: string) =>
  lines
    .map(({ cells }) =>
      cells
        .slice(0, cells.findLastIndex((cell) => cell.trim() !== "") + 1)
        .join(separator)
        .trim(),
    )
    .join("\n");

function preambleIssues(above: readonly CsvRecord[], separator: string): TableIssue[] {
  const [first] = above;
  if (first === undefined) return [];
  const found = written(above, separator);
  return [tableIssue("preamble", { line: first.line, column: null, found, expected: "the header as the first line" })];
}

function headerIssues(columns: readonly ColumnRead[], line: number, rowCount: number): TableIssue[] {
  const issues: TableIssue[] = [];
  const seen = new Set<string>();
  for (const { header } of columns) {
    const name = header.toLowerCase();
    if (name !== "" && seen.has(name))
      issues.push(tableIssue("repeated-header", { line, column: header, found: header, expected: "each header once" }));
    seen.add(name);
    if (header.length > MAX_HEADER)
      issues.push(
        tableIssue("long-header", { line, column: null, found: header, expected: `at most ${MAX_HEADER} characters` }),
      );
  }
  if (rowCount === 0)
    issues.push(tableIssue("empty-table", { line, column: null, found: null, expected: "rows below the header" }));
  return issues;
}

function hiddenIssues({ hidden }: Paper, columns: readonly ColumnRead[], line: number): TableIssue[] {
  return hidden.flatMap((at) => {
    const column = columns[at];
    return column === undefined
      ? []
      : [
          tableIssue("hidden-column", {
            line,
            column: column.header,
            found: column.header,
            expected: "a column that is shown",
          }),
        ];
  });
}

/** Rows that nobody understands alone, by the row at their wire's other end: where either says so, or they alone share a circuit. */
function readTogether(
  rows: readonly RawPin[],
  readings: readonly PinReading[],
  ends: readonly (WrittenEnd | null)[],
): readonly PinReading[] {
  const at = new Map(rows.map((row, index) => [JSON.stringify([row.connector, row.cavity]), index]));
  const partner = new Map<number, number>();
  const circuits = new Map<string, number[]>();
  rows.forEach(({ circuit }, index) => {
    if (circuit !== null) circuits.set(circuit, [...(circuits.get(circuit) ?? []), index]);
    const [end, more] = ends[index]?.ends ?? [];
    const other =
      end !== undefined && "cavity" in end && more === undefined
        ? at.get(JSON.stringify([end.connector, end.cavity]))
        : undefined;
    if (other === undefined || other === index) return;
    partner.set(index, other);
    if (!partner.has(other)) partner.set(other, index);
  });
  for (const [one, two, more] of circuits.values())
    if (one !== undefined && two !== undefined && more === undefined && !partner.has(one) && !partner.has(two))
      partner.set(one, two).set(two, one);
  return readings.map((reading, index) => {
    const other = partner.get(index);
    const row = other === undefined ? undefined : rows[other];
    return row === undefined || other === undefined
      ? reading
      : withNeighbour(reading, { ...row, reading: asGiven(row, readings[other] as PinReading) });
  });
}

/** What the table itself gives goes before what is proposed. */
const asGiven = ({ kind, quantity }: RawPin, reading: PinReading): PinReading => ({
  kind: kind === null ? reading.kind : { value: kind, confidence: 1, why: { code: "given" } },
  quantity: quantity === null ? reading.quantity : { value: quantity, confidence: 1, why: { code: "given" } },
  index: reading.index,
});

/** A row with what is proposed of it, and with the values that its cells give. */
function tell(
  { facts, ...row }: RawPin,
  reading: PinReading,
  to: WrittenEnd | null,
  reader: FactReader,
): { readonly pin: TablePin; readonly issues: readonly TableIssue[] } {
  const given: IntakeReason = { code: "given" };
  const kind =
    row.kind === null
      ? ({ ...reading.kind, source: "proposed" } as const)
      : ({ value: row.kind, confidence: 1, source: "given", why: given } as const);
  const known: Kind = kind.confidence >= KNOWN_FROM ? kind.value : "unknown";
  const told = reader.read(known, facts, row.line);
  const params: Params = { ...told.params, ...row.params };
  const alive = aliveOf(params, row.description);
  const isGuessed =
    takesAlive(known) && params.alive === undefined && alive.value !== null && alive.confidence >= KNOWN_FROM;
  return {
    issues: told.issues,
    pin: {
      ...row,
      kind,
      quantity:
        row.quantity === null
          ? { ...reading.quantity, source: "proposed" }
          : { value: row.quantity, confidence: 1, source: "given", why: given },
      index: params.index ?? reading.index,
      params: isGuessed ? { ...params, alive: alive.value as string } : params,
      grades: isGuessed ? { alive: "guessed" } : {},
      extra: { ...row.extra, ...told.extra },
      alive,
      to,
    },
  };
}

const takesAlive = (kind: Kind) => kind !== "unknown" && Object.hasOwn(PARAMS_OF[kind], "alive");

function aliveOf(params: Params, description: string | null): ToldAlive {
  if (params.alive !== undefined) return { value: params.alive as AliveGuess["value"], confidence: 1, source: "given" };
  const guess = description === null ? null : readAlive(description);
  return { value: guess?.value ?? null, confidence: guess?.confidence ?? 0, source: "proposed" };
}
