import { dequal } from "dequal/lite";

/**
 * How plain data differs from what was sent before, so that a page of 36,000 cavities and its worker hand each other
 * the few rows that changed: to copy all of them takes half a second of the page's time at every choice. Lists (and
 * maps, as lists of their entries) differ by rows; anything else is sent whole where it differs.
 */
export type Delta<T extends object> = { readonly [K in keyof T]?: FieldDelta };

type FieldDelta =
  | { readonly type: "whole"; readonly value: unknown }
  /** Rows of a list of unchanged length, by their places. */
  | { readonly type: "rows"; readonly at: readonly number[]; readonly rows: readonly unknown[] }
  /** What stands between the same first `start` and the same last `end` rows. */
  | { readonly type: "between"; readonly start: number; readonly end: number; readonly rows: readonly unknown[] };

type Same = (before: unknown, after: unknown) => boolean;
/** Of rows that are the same object as long as they say the same. */
export const byIdentity: Same = Object.is;
/** Of rows that are made anew each time. */
export const byContent: Same = dequal;

/** @param before what was sent last; null where nothing was, and all is sent */
export function deltaOf<T extends object>(before: T | null, after: T, same: Same): Delta<T> {
  if (before === null)
    return Object.fromEntries(Object.entries(after).map(([key, value]) => [key, { type: "whole", value }])) as Delta<T>;
  const delta: Record<string, FieldDelta> = {};
  for (const [key, value] of Object.entries(after)) {
    const field = fieldDelta(before[key as keyof T], value, same);
    if (field !== null) delta[key] = field;
  }
  return delta as Delta<T>;
}

/**
 * What the sender meant. Rows that it says are the same are the very objects of `before`, and so is a list of which all
 * are.
 */
export function withDelta<T extends object>(before: T | null, delta: Delta<T>): T {
  const next = { ...before } as Record<string, unknown>;
  for (const [key, field] of Object.entries(delta) as [string, FieldDelta][])
    next[key] = field.type === "whole" ? field.value : patched(next[key], field);
  return next as T;
}

function fieldDelta(before: unknown, after: unknown, same: Same): FieldDelta | null {
  if (before === after) return null;
  const [was, is] = [rowsOf(before), rowsOf(after)];
  if (was === null || is === null) return dequal(before, after) ? null : { type: "whole", value: after };
  const rowSame: Same = before instanceof Map ? dequal : same;
  if (was.length === is.length) {
    const at = is.flatMap((row, place) => (rowSame(was[place], row) ? [] : [place]));
    if (at.length <= is.length / 2)
      return at.length === 0 ? null : { type: "rows", at, rows: at.map((one) => is[one]) };
  }
  const shorter = Math.min(was.length, is.length);
  let start = 0;
  while (start < shorter && rowSame(was[start], is[start])) start += 1;
  let end = 0;
  while (end < shorter - start && rowSame(was[was.length - 1 - end], is[is.length - 1 - end])) end += 1;
  return { type: "between", start, end, rows: is.slice(start, is.length - end) };
}

const rowsOf = (value: unknown): readonly unknown[] | null =>
  Array.isArray(value) ? value : value instanceof Map ? [...value] : null;

function patched(before: unknown, delta: Exclude<FieldDelta, { type: "whole" }>): unknown {
  const was = rowsOf(before) ?? [];
  const rows = [...was];
  if (delta.type === "rows")
    delta.at.forEach((place, one) => {
      rows[place] = delta.rows[one];
    });
  else return remade(before, [...was.slice(0, delta.start), ...delta.rows, ...was.slice(was.length - delta.end)]);
  return remade(before, rows);
}

const remade = (before: unknown, rows: readonly unknown[]): unknown =>
  before instanceof Map ? new Map(rows as [unknown, unknown][]) : rows;
