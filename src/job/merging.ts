import { dequal } from "dequal/lite";
import type { RowOp } from "./ops";

/**
 * Columns of a cavity that hold many values of which each is somebody's own: two people who give it different ones have
 * not changed the same thing. Maps are compared and joined key by key, lists of names name by name.
 */
const MAPS: ReadonlySet<string> = new Set(["params", "grades", "extra"]);
const SETS: ReadonlySet<string> = new Set(["entered"]);
const isMerged = (table: string, column: string) => table === "pin" && (MAPS.has(column) || SETS.has(column));

type Update = Extract<RowOp, { op: "update" }>;
type Values = Readonly<Record<string, unknown>>;

/** Whether a change touches a column that is joined rather than replaced. */
export const hasMerged = (op: RowOp): op is Update =>
  op.op === "update" && Object.keys(op.to).some((column) => isMerged(op.table, column));

/** Whether a row stands as an update has seen it, in what the update changes of it. */
export function standsFor(row: Values, { table, from, to }: Update): boolean {
  return Object.entries(from).every(([column, seen]) => {
    if (!isMerged(table, column)) return dequal(row[column] ?? null, seen ?? null);
    if (SETS.has(column)) return true;
    const [now, before] = [mapOf(row[column]), mapOf(seen)];
    return changedKeys(before, mapOf(to[column])).every((key) => dequal(now[key], before[key]));
  });
}

/** The update as it is on a row in which others have changed other keys of the same columns. */
export function mergedInto(row: Values, op: Update): Update {
  const columns = Object.keys(op.to).filter((column) => isMerged(op.table, column));
  if (columns.length === 0) return op;
  const from = { ...op.from };
  const to = { ...op.to };
  for (const column of columns) {
    from[column] = row[column];
    to[column] = SETS.has(column)
      ? joinedList(listOf(row[column]), listOf(op.from[column]), listOf(op.to[column]))
      : joinedMap(mapOf(row[column]), mapOf(op.from[column]), mapOf(op.to[column]));
  }
  return { ...op, from, to };
}

const mapOf = (value: unknown): Values => (typeof value === "object" && value !== null ? (value as Values) : {});
const listOf = (value: unknown): readonly unknown[] => (Array.isArray(value) ? value : []);

const changedKeys = (from: Values, to: Values) =>
  [...new Set([...Object.keys(from), ...Object.keys(to)])].filter((key) => !dequal(from[key], to[key]));

function joinedMap(now: Values, from: Values, to: Values): Values {
  const joined = { ...now };
  for (const key of changedKeys(from, to)) {
    if (key in to) joined[key] = to[key];
    else delete joined[key];
  }
  return joined;
}

function joinedList(now: readonly unknown[], from: readonly unknown[], to: readonly unknown[]): readonly unknown[] {
  const gone = from.filter((one) => !to.includes(one));
  const come = to.filter((one) => !from.includes(one) && !now.includes(one));
  return [...now.filter((one) => !gone.includes(one)), ...come];
}
