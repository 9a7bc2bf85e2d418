import type { LoadedJob } from "./edit";
import { type JobDocument, LISTS } from "./schema";

/** A list as it crosses the line: the names of its columns once, then each row's values in their order. */
export interface PackedList {
  readonly columns: readonly string[];
  readonly rows: readonly (readonly unknown[])[];
}

/** A whole job as the server sends it: of a large one half of the text would be the same names over and over. */
export interface PackedJob extends Omit<LoadedJob, "document"> {
  readonly document: Pick<JobDocument, "format" | "job"> & Readonly<Record<string, unknown>>;
}

/** The job with its rows as everyone has them. */
export function unpackedJob({ document, ...head }: PackedJob): LoadedJob {
  const lists = Object.values(LISTS).map((list) => [list, rowsOf(document[list] as PackedList)] as const);
  return { ...head, document: { ...document, ...Object.fromEntries(lists) } as JobDocument };
}

function rowsOf({ columns, rows }: PackedList): object[] {
  return rows.map((values) => {
    const row: Record<string, unknown> = {};
    for (let at = 0; at < columns.length; at++) row[columns[at] as string] = values[at];
    return row;
  });
}
