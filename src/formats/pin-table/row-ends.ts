import { KnownPlaces, type OtherEnd, readOtherEnds } from "@/core/intake";
import { type TableIssue, tableIssue } from "./issues";

/** Where a row says that its wire goes, as far as this table alone can tell. */
export interface WrittenEnd {
  readonly written: string;
  readonly ends: readonly OtherEnd[];
  /** Every end is a cavity of this table, a splice or a ground. */
  readonly resolved: boolean;
}

interface Row {
  readonly line: number;
  readonly connector: string;
  readonly cavity: string;
  readonly otherEnd: string | null;
}

/** The other end of each row, null where it says none; and rows that contradict themselves or each other. */
export function readEnds(rows: readonly Row[]): {
  readonly ends: readonly (WrittenEnd | null)[];
  readonly issues: readonly TableIssue[];
} {
  if (rows.every(({ otherEnd }) => otherEnd === null)) return { ends: rows.map(() => null), issues: [] };
  const places = new KnownPlaces(rows);
  const ends = rows.map(({ otherEnd }): WrittenEnd | null => {
    if (otherEnd === null) return null;
    const read = readOtherEnds(otherEnd, places);
    const resolved = read.length > 0 && read.every((end) => !("cavity" in end) || places.has(end));
    return { written: otherEnd, ends: read, resolved };
  });
  return { ends, issues: endIssues(rows, ends) };
}

const nameOf = ({ connector, cavity }: { readonly connector: string; readonly cavity: string }) =>
  JSON.stringify([connector, cavity]);
const shown = (end: OtherEnd) =>
  "cavity" in end
    ? `${end.connector}-${end.cavity}`
    : "splice" in end
      ? `splice ${end.splice}`
      : `ground ${end.ground}`;

function endIssues(rows: readonly Row[], ends: readonly (WrittenEnd | null)[]): TableIssue[] {
  const at = new Map(rows.map((row, index) => [nameOf(row), index]));
  const claimed = new Map<string, Row>();
  const issues: TableIssue[] = [];
  rows.forEach((row, index) => {
    const issue = (code: "ends-at-itself" | "other-end-differs" | "end-claimed-twice", expected: string) =>
      issues.push(tableIssue(code, { line: row.line, column: "to", found: row.otherEnd, expected }));
    for (const end of ends[index]?.ends ?? []) {
      if (!("cavity" in end)) continue;
      const there = at.get(nameOf(end));
      if (there === undefined) continue;
      if (there === index) {
        issue("ends-at-itself", "another cavity than the row's own");
        continue;
      }
      const other = rows[there] as Row;
      const its = ends[there]?.ends ?? [];
      if (its.length > 0 && !its.some((one) => "cavity" in one && nameOf(one) === nameOf(row)))
        issue(
          "other-end-differs",
          `what line ${other.line} says of that wire: it goes to ${its.map(shown).join(", ")}`,
        );
      const before = claimed.get(nameOf(end));
      if (its.length === 0 && before !== undefined)
        issue("end-claimed-twice", `an end that no other row has; line ${before.line} sends its wire there too`);
      claimed.set(nameOf(end), row);
    }
  });
  return issues;
}
