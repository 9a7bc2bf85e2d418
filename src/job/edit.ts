import type { RowOp } from "./ops";
import type { JobDocument } from "./schema";

/** A job as it stood at one revision. */
export interface LoadedJob {
  readonly id: string;
  /** Names its history: another where a backup was restored, since revisions then begin to mean something else. */
  readonly epoch: string;
  readonly revision: number;
  readonly document: JobDocument;
}

/** A change that has been made, as others are told of it. */
export interface Edit {
  readonly revision: number;
  /** The key that the change was sent with, by which its sender knows it again. */
  readonly key: string;
  readonly person: string;
  readonly madeAt: string;
  readonly label: string;
  readonly role: "edit" | "undo" | "redo";
  /** The revision that an undo takes back, or a redo does again. */
  readonly ofRevision: number | null;
  readonly ops: readonly RowOp[];
}

export type HistoryEntry = Omit<Edit, "ops" | "key"> & { readonly rows: number };

/** Revisions of the changes that stand: made, and not taken back since, or done again. */
export function standing(entries: readonly Pick<HistoryEntry, "revision" | "role" | "ofRevision">[]): Set<number> {
  const stand = new Set<number>();
  for (const { revision, role, ofRevision } of entries.toSorted((a, b) => a.revision - b.revision))
    if (role === "undo") stand.delete(ofRevision ?? revision);
    else stand.add(ofRevision ?? revision);
  return stand;
}

/** One line of the list of jobs. */
export interface JobSummary {
  readonly id: string;
  readonly revision: number;
  readonly name: string;
  readonly host: string;
  readonly donor: string;
  readonly changedAt: string;
  readonly donorPins: number;
  readonly hostPins: number;
  readonly decidedLinks: number;
  readonly readings: number;
}

/** A job that was removed and can still be put back. */
export interface BinnedJob {
  readonly id: string;
  readonly name: string;
  readonly removedAt: string;
  /** Until then it is kept. */
  readonly keptUntil: string;
}
