import { dequal } from "dequal/lite";
import { type JobDocument, LISTS, type ListTable } from "./schema";

type Rows = readonly { readonly id: string }[];

/**
 * The later document, with every row and list of it that says the same as before being the very object that it was
 * before: what a server confirms comes back as new objects, and nothing derived from them needs to be derived again.
 */
export function keepSameRows(before: JobDocument, after: JobDocument): JobDocument {
  let kept = after;
  for (const list of Object.values(LISTS) as (typeof LISTS)[ListTable][]) {
    const rows = sameRows(before[list], after[list]);
    if (rows !== after[list]) kept = { ...kept, [list]: rows };
  }
  return after.job !== before.job && dequal(before.job, after.job) ? { ...kept, job: before.job } : kept;
}

function sameRows<T extends Rows>(before: T, after: T): T {
  if (before === after) return after;
  // Most changes leave every row at its place: only where one moved are they looked up by their ids.
  let byId: Map<string, T[number]> | null = null;
  const known = (id: string) => {
    byId ??= new Map(before.map((row) => [row.id, row]));
    return byId.get(id);
  };
  const rows = after.map((row, at) => {
    const there = before[at];
    const old = there?.id === row.id ? there : known(row.id);
    return old !== undefined && (old === row || dequal(old, row)) ? old : row;
  });
  const unchanged = rows.length === before.length && rows.every((row, at) => row === before[at]);
  return unchanged ? before : (rows as unknown as T);
}
