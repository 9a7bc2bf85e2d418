import type { CsvRecord } from "../csv";
import type { Column, ColumnRead } from "./columns";
import { type TableIssue, tableIssue } from "./issues";
import { type Named, sectionIn } from "./layout";

export interface TableRow {
  readonly record: CsvRecord;
  /** What names its connector where no column does; null where nothing does. */
  readonly connector: string | null;
}

/** The rows, each with the connector that stands above it where the table has no column for that. */
export function withConnectors(
  records: readonly CsvRecord[],
  columns: readonly ColumnRead[],
  before: Named | null,
): { readonly rows: TableRow[]; readonly issues: TableIssue[] } {
  if (columns.some(({ column }) => column === "connector"))
    return { rows: records.map((record) => ({ record, connector: null })), issues: [] };
  const rows: TableRow[] = [];
  const issues: TableIssue[] = [];
  let named = before;
  let isTold = false;
  const tell = (one: Named) =>
    one.from !== "person" &&
    issues.push(
      tableIssue(`connector-from-${one.from}`, {
        line: one.line,
        column: "connector",
        found: one.label,
        expected: "a column that names the connector",
      }),
    );
  for (const record of records) {
    const section = sectionIn(record, columns, named !== null);
    if (section !== null) {
      named = section;
      tell(section);
      isTold = true;
      continue;
    }
    if (named !== null && !isTold) tell(named);
    isTold = true;
    rows.push({ record, connector: named?.label ?? null });
  }
  return { rows, issues };
}

export function missingColumn(
  columns: readonly ColumnRead[],
  rows: readonly TableRow[],
): "connector" | "cavity" | undefined {
  const has = (column: Column) => columns.some((one) => one.column === column);
  if (!has("connector") && !rows.some(({ connector }) => connector !== null)) return "connector";
  return has("cavity") ? undefined : "cavity";
}
