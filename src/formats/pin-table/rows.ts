import { isKind, isQuantity, type Kind, paramProblem, parseParams, type Quantity } from "@/core/forms";
import { readColour, readLength, readSize } from "@/core/intake";
import { paramExpectedText } from "@/core/words";
import { type CsvRecord, unguardFormula } from "../csv";
import { type Column, type ColumnRead, FACT_COLUMNS, type FactColumn } from "./columns";
import { isDateText } from "./dates";
import { type TableIssue, tableIssue } from "./issues";
import { MAX_CELL, MAX_HEADER, MAX_LABEL } from "./limits";
import type { TablePin } from "./read";
import { oddSize } from "./sizes";

/** A row as it is written, before anything is proposed of it. */
export type RawPin = Omit<TablePin, "kind" | "quantity" | "index" | "grades" | "alive" | "to"> & {
  readonly kind: Kind | null;
  readonly quantity: Quantity | null;
  /** Cells that say what the form's values are, by their column; read once the form is known. */
  readonly facts: ReadonlyMap<FactColumn, string>;
};

/** Reads rows one after the other and gathers what is wrong with them; remembers cavities to find repeated ones. */
export class RowReader {
  readonly issues: TableIssue[] = [];
  private readonly firstLine = new Map<string, number>();
  private readonly sizeHints: { decimalComma: boolean; headerUnit: string | null };
  private readonly lengthHints: { decimalComma: boolean; headerUnit: string | null };

  constructor(
    private readonly columns: readonly ColumnRead[],
    decimalComma: boolean,
    private readonly isDate: (line: number, at: number) => boolean = () => false,
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
    for (const column of ["connector", "cavity", "to"] as const) {
      const at = this.columns.findIndex((one) => one.column === column);
      if (cell(column) !== "" && (this.isDate(line, at) || (column === "cavity" && isDateText(cavity))))
        report("date-for-label", column, cell(column), "a label; a spreadsheet has made a date of it");
    }
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
    const odd = sizeMm2 === null ? null : oddSize(cell("size"), this.sizeHints.headerUnit);
    if (odd !== null) report("unusual-size", "size", cell("size"), odd);
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
      otherEnd: cell("to") || null,
      part: cell("part") || null,
      note: cell("remarks"),
      facts: new Map(FACT_COLUMNS.flatMap((column) => (cell(column) === "" ? [] : [[column, cell(column)] as const]))),
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
