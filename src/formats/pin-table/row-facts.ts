import { type Kind, PARAMS_OF, type Params, paramProblem } from "@/core/forms";
import { type Amount, readAliveCell, readAmount } from "@/core/intake";
import { RATED_VOLTS } from "@/core/parts";
import type { ColumnRead, FactColumn } from "./columns";
import { type TableIssue, tableIssue } from "./issues";

/** What the cells of fact columns say of one row. */
export interface RowFacts {
  readonly params: Params;
  /** Cells that no value of this form was made of, under their headers. */
  readonly extra: Readonly<Record<string, string>>;
  readonly issues: readonly TableIssue[];
}

/**
 * Reads the cells of a row's fact columns to values of its form: what it draws or may switch, its resistance, its
 * volts, when it is live. What its form has no place for, or cannot be read, is kept as written beside the row.
 */
export class FactReader {
  constructor(
    private readonly columns: readonly ColumnRead[],
    private readonly decimalComma: boolean,
  ) {}

  read(kind: Kind, cells: ReadonlyMap<FactColumn, string>, line: number): RowFacts {
    const params: Record<string, string> = {};
    const extra: Record<string, string> = {};
    const issues: TableIssue[] = [];
    for (const [column, written] of cells) {
      const read = this.columns.find((one) => one.column === column);
      const told = this.valueOf(column, written, kind, read?.unit ?? null);
      if (
        told !== null &&
        typeof told === "object" &&
        !(told.key in params) &&
        paramProblem(kind, told.key, told.value) === null
      ) {
        params[told.key] = told.value;
        continue;
      }
      extra[read?.header ?? column] = written;
      if (typeof told === "string")
        issues.push(tableIssue("unreadable-fact", { line, column, found: written, expected: told }));
    }
    return { params, extra, issues };
  }

  /** The value with its key; what was expected, where the cell cannot be read; null where this form has no such value. */
  private valueOf(
    column: FactColumn,
    written: string,
    kind: Kind,
    unit: string | null,
  ): { readonly key: string; readonly value: string } | string | null {
    const has = (key: string) => Object.hasOwn(PARAMS_OF[kind], key);
    const under = (...keys: string[]) => keys.find(has) ?? null;
    const amount = readAmount(written, this.decimalComma);
    const as = (key: string | null, value: number | string) => (key === null ? null : { key, value: String(value) });
    const current = under(...(kind.endsWith("-out") ? ["maxAmps", "amps"] : ["amps", "maxAmps"]));
    switch (column) {
      case "live": {
        const alive = readAliveCell(written);
        return alive === null ? "when it is live, as “hot in run” or “battery”" : as(under("alive"), alive);
      }
      case "amps":
        return isOf(amount, "A") ? as(current, amount.value) : "a current in A";
      case "ohms":
        return isOf(amount, "Ω") ? as(under("ohms"), amount.value) : "a resistance in Ω";
      case "volts":
        return isOf(amount, "V") ? as(under("volts"), amount.value) : "a voltage in V";
      case "load": {
        const said = amount === null ? null : { ...amount, unit: amount.unit ?? (unit as Amount["unit"]) };
        if (said?.unit === "A") return as(current, said.value);
        if (said?.unit === "W") return as(current, Number((said.value / RATED_VOLTS).toPrecision(3)));
        return "a load with its unit, as 5 W or 0.4 A";
      }
      case "fuse":
        // A fuse is the box's own; at any other cavity it says who feeds it, and stays as it is written.
        return kind === "supply-out" && isOf(amount, "A") ? as(under("maxAmps"), amount.value) : null;
    }
  }
}

const isOf = (amount: Amount | null, unit: Amount["unit"]): amount is Amount =>
  amount !== null && (amount.unit === null || amount.unit === unit);
