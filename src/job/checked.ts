import type { z } from "zod";

/** So many faults are told at most: whoever mends twenty sends again, and looking for all of them costs seconds. */
export const MOST_FAULTS = 20;

/** What is wrong in a value that came from outside, and where. */
export interface Fault {
  readonly path: string;
  readonly message: string;
}

/** What is wrong at a place of it, in the order in which it stands. */
export const faultsOf = (error: z.ZodError, path: readonly PropertyKey[] = []): Fault[] =>
  error.issues.slice(0, MOST_FAULTS).map((issue) => ({
    path: [...path, ...issue.path].map(String).join("."),
    message: issue.message,
  }));

/** Rows are looked at so many at a time: in between, whoever else waits for this thread may have a turn. */
const AT_ONCE = 500;

/** Work that can be laid down between its steps. */
export type Steps<R> = Generator<void, R>;

/** Rows by their schema, in their order; stops at {@link MOST_FAULTS} faults, which are added to `faults`. */
export function* checkedRows<T>(
  schema: z.ZodType<T>,
  rows: readonly unknown[],
  path: string,
  faults: Fault[],
): Steps<T[]> {
  const checked: T[] = [];
  for (let at = 0; at < rows.length && faults.length < MOST_FAULTS; at++) {
    if (at % AT_ONCE === AT_ONCE - 1) yield;
    const result = schema.safeParse(rows[at]);
    if (result.success) checked.push(result.data);
    else faults.push(...faultsOf(result.error, [path, at]).slice(0, MOST_FAULTS - faults.length));
  }
  return checked;
}

/** All of it now, for who has the thread to itself. */
export function atOnce<R>(steps: Steps<R>): R {
  for (;;) {
    const step = steps.next();
    if (step.done === true) return step.value;
  }
}

/** Step by step, `breathe` waited for in between. */
export async function breathing<R>(steps: Steps<R>, breathe: () => Promise<void>): Promise<R> {
  for (;;) {
    const step = steps.next();
    if (step.done === true) return step.value;
    await breathe();
  }
}
