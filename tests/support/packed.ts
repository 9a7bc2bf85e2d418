import type { LoadedJob } from "@/job/edit";
import type { PackedJob, PackedList } from "@/job/packed";
import { LISTS } from "@/job/schema";

/** A job as the server sends it, for tests that stand in for the server. */
export function packedJob({ document, ...head }: LoadedJob): PackedJob {
  const lists = Object.values(LISTS).map((list): [string, PackedList] => {
    const rows = document[list] as readonly Record<string, unknown>[];
    const columns = Object.keys(rows[0] ?? {});
    return [list, { columns, rows: rows.map((row) => columns.map((column) => row[column])) }];
  });
  return { ...head, document: { ...document, ...Object.fromEntries(lists) } };
}
