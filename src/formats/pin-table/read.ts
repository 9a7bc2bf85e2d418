import {
  isKind,
  isQuantity,
  type Kind,
  type Params,
  paramProblem,
  parseParams,
  type Quantity,
  type Side,
} from "@/core/forms";
import { classifyPins, type IntakeReason, type PinReading, readColour, readLength, readSize } from "@/core/intake";
import { paramExpectedText } from "@/core/words";
import type { ImportedPin } from "@/job/import-table";
import { type CsvRecord, parseCsv, unguardFormula } from "../csv";
import { decodeText, MAX_BYTES } from "../text";
import type { Column, ColumnRead, ToldColumns } from "./columns";
import { missingColumn, withConnectors } from "./connectors";
import { type TableIssue, type TableRefusal, tableIssue } from "./issues";
import { findHeader, findSeparator, namedBefore } from "./layout";

export const MAX_ROWS = 20_000;
/** Longest text of one cell; the database's columns hold as much. */
export const MAX_CELL = 10_000;
const MAX_LABEL = 200;
/** Longest header under which a column is kept, with room for a number that tells like ones apart. */
const MAX_HEADER = 190;

/** One cavity with the line of the file on which its row starts. */
export interface TablePin extends ImportedPin {
  readonly line: number;
}

export interface PinTable {
  readonly side: Side;
  readonly encoding: string;
  readonly separator: "," | ";" | "\t";
  readonly columns: readonly ColumnRead[];
  /** What stands above its header, line by line; "" where nothing does. */
  readonly note: string;
  readonly pins: readonly TablePin[];
  readonly issues: readonly TableIssue[];
  /** Rows below the header, those with errors included. */
  readonly rowCount: number;
}

export type PinTableResult =
  | { readonly ok: true; readonly table: PinTable }
  | { readonly ok: false; readonly refusal: TableRefusal };

/**
 * Reads a pin table as contracts/pin-table.md says. Never throws for a bad table: it is refused whole with one reason,
 * or read with every problem reported at once.
 *
 * @param options `columns`: how the columns are to be taken, when a person has changed what {@link readHeaders}
 *   understood; `told`: the same by their heads, before the header is looked for; `name`: the file's, which may name the connector where nothing in it does
 */
export function readPinTable(bytes: Uint8Array, side: Side, options: ReadOptions = {}): PinTableResult {
  const decoded = decodeText(bytes);
  if (!decoded.ok) return refuse(decoded.code);
  const text = decoded.text.replace(/^\uFEFF/, "").replace(/^sep=.\r?\n/i, "");
  const { told = new Map() } = options;
  const separator = findSeparator(text, told);
  if (separator === null) return refuse("no-header");
  const parsed = parseCsv(text, separator);
  if (!parsed.ok) return refuse("unclosed-quote", { line: parsed.line });

  const header = findHeader(parsed.records, told);
  if (header === null) return refuse("no-header");
  const { line } = header.record;
  const read = options.columns ?? header.columns;
  const records = parsed.records.slice(header.above.length + 1);
  const { rows: tableRows, issues: naming } = withConnectors(
    records,
    read,
    namedBefore(header.above, options.name ?? ""),
  );
  const missing = missingColumn(read, tableRows);
  if (missing !== undefined) {
    const known = read.some((one) => one.column !== null);
    return refuse(known ? "missing-column" : "no-header", known ? { line, column: missing } : { line });
  }
  if (tableRows.length > MAX_ROWS) return refuse("too-many-rows");

  const reader = new RowReader(read, separator !== ",");
  const rows = tableRows.map(({ record, connector }) => reader.row(record, connector)).filter((row) => row !== null);
  const readings = classifyPins(rows, side);
  return {
    ok: true,
    table: {
      side,
      separator,
      encoding: decoded.encoding,
      columns: read,
      note: written(header.above, separator),
      rowCount: tableRows.length,
      pins: rows.map((row, at) => tell(row, readings[at] as PinReading)),
      issues: [
        ...preambleIssues(header.above, separator),
        ...headerIssues(read, line, tableRows.length),
        ...naming,
        ...reader.issues,
      ].toSorted((a, b) => a.line - b.line),
    },
  };
}

export interface ReadOptions {
  readonly columns?: readonly ColumnRead[];
  readonly told?: ToldColumns;
  readonly name?: string;
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

type RawPin = Omit<TablePin, "kind" | "quantity" | "index"> & {
  readonly kind: Kind | null;
  readonly quantity: Quantity | null;
};

/** Reads rows one after the other and gathers what is wrong with them; remembers cavities to find repeated ones. */
class RowReader {
  readonly issues: TableIssue[] = [];
  private readonly firstLine = new Map<string, number>();
  private readonly sizeHints: { decimalComma: boolean; headerUnit: string | null };
  private readonly lengthHints: { decimalComma: boolean; headerUnit: string | null };

  constructor(
    private readonly columns: readonly ColumnRead[],
    decimalComma: boolean,
  ) {
    const unit = (column: Column) => columns.find((one) => one.column === column)?.unit ?? null;
    this.sizeHints = { decimalComma, headerUnit: unit("size") };
    this.lengthHints = { decimalComma, headerUnit: unit("length") };
  }

  /**
   * The row, or null where it has an error.
   * @param named the connector's label where no column has it
   */
  row(record: CsvRecord, named: string | null): RawPin | null {
    const { line } = record;
    const before = this.issues.length;
    const cells = this.cellsOf(record);
    const report = (code: TableIssue["code"], column: string | null, found: string | null, expected: string) =>
      this.issues.push(tableIssue(code, { line, column, found, expected }));

    const cell = (column: Column) => cells.known.get(column) ?? "";
    for (const [column, value] of cells.known) {
      const limit = column === "connector" || column === "cavity" || column === "circuit" ? MAX_LABEL : MAX_CELL;
      if (value.length > limit) report("text-too-long", column, value, `at most ${limit} characters`);
    }
    for (const [header, value] of Object.entries(cells.extra))
      if (value.length > MAX_CELL) report("text-too-long", header, value, `at most ${MAX_CELL} characters`);
    const connector = cell("connector") || (named ?? "");
    const cavity = cell("cavity");
    if (connector === "") report("missing-connector", "connector", null, "the connector's label");
    if (cavity === "") report("missing-cavity", "cavity", null, "the cavity's label");
    if (connector !== "" && cavity !== "") {
      const place = JSON.stringify([connector, cavity]);
      const first = this.firstLine.get(place);
      if (first !== undefined)
        report(
          "duplicate-cavity",
          "cavity",
          cavity,
          `each cavity of ${connector} once; it stands in line ${first} already`,
        );
      else this.firstLine.set(place, line);
    }

    const sizeMm2 = cell("size") === "" ? null : readSize(cell("size"), this.sizeHints);
    if (sizeMm2 === null && cell("size") !== "") report("unreadable-size", "size", cell("size"), "a wire size");
    const lengthM = cell("length") === "" ? null : readLength(cell("length"), this.lengthHints);
    if (lengthM === null && cell("length") !== "") report("unreadable-length", "length", cell("length"), "a length");
    const colour = cell("colour") === "" ? null : readColour(cell("colour"));
    if (colour !== null && colour.base === null)
      report("unreadable-colour", "colour", cell("colour"), "a colour such as YE/BK, yellow/black or YEL/BLK");

    const kindText = cell("kind").toLowerCase();
    const kind = isKind(kindText) ? kindText : null;
    if (kindText !== "" && kind === null)
      report("unknown-kind", "kind", cell("kind"), "one of the electrical forms, by its name in the pin-table format");
    const quantityText = cell("quantity").toLowerCase();
    const quantity = isQuantity(quantityText) ? quantityText : null;
    if (quantityText !== "" && quantity === null)
      report("unknown-quantity", "quantity", cell("quantity"), "one of the quantities, such as engine-speed or ground");
    const params = parseParams(cell("params"));
    for (const [key, value] of Object.entries(params)) {
      const problem = paramProblem(kind, key, value);
      if (problem !== null)
        report(
          problem.code,
          "params",
          problem.code === "unknown-param" ? key : `${key}=${value}`,
          paramExpectedText(problem),
        );
    }

    const bad = this.issues.slice(before).some((issue) => issue.level === "error");
    if (bad) return null;
    return {
      line,
      connector,
      cavity,
      circuit: cell("circuit") || null,
      colour,
      sizeMm2,
      lengthM,
      description: cell("description") || null,
      kind,
      quantity,
      params,
      extra: cells.extra,
    };
  }

  private cellsOf(record: CsvRecord): { known: Map<Column, string>; extra: Record<string, string> } {
    const known = new Map<Column, string>();
    const extra: [string, string][] = [];
    record.cells.forEach((raw, at) => {
      const value = unguardFormula(raw.trim());
      const read = this.columns[at];
      if (read === undefined) {
        if (value !== "")
          this.issues.push(
            tableIssue("too-many-cells", {
              line: record.line,
              column: null,
              found: value,
              expected: `${this.columns.length} cells`,
            }),
          );
      } else if (read.column !== null) known.set(read.column, value);
      else if (value !== "") extra.push([this.extraName(at), value]);
    });
    return { known, extra: Object.fromEntries(extra) };
  }

  private extraName(at: number): string {
    const header = this.columns[at]?.header ?? "";
    const before = this.columns.slice(0, at).filter((one) => sameHeader(one.header, header)).length;
    const name = header === "" ? `column ${at + 1}` : header.slice(0, MAX_HEADER);
    return before === 0 ? name : `${name} (${before + 1})`;
  }
}

const sameHeader = (one: string, two: string) => one.slice(0, MAX_HEADER) === two.slice(0, MAX_HEADER);

function tell(row: RawPin, reading: PinReading): TablePin {
  const given: IntakeReason = { code: "given" };
  const params: Params = row.params;
  return {
    ...row,
    kind:
      row.kind === null
        ? { ...reading.kind, source: "proposed" }
        : { value: row.kind, confidence: 1, source: "given", why: given },
    quantity:
      row.quantity === null
        ? { ...reading.quantity, source: "proposed" }
        : { value: row.quantity, confidence: 1, source: "given", why: given },
    index: params.index ?? reading.index,
  };
}

function refuse(code: TableRefusal["code"], at: { line?: number; column?: string } = {}): PinTableResult {
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
  "not-text": ["The file is not text", "Save the table as CSV (UTF-8) and import that."],
  "unclosed-quote": ["A quote opens and never closes", "Close it, or write it twice where it belongs to the text."],
};
