import { type DBSchema, type IDBPDatabase, openDB } from "idb";
import { z } from "zod";
import { withLaterColumns } from "@/job/earlier-rows";
import { ChangeHead, faultsInOps, type RowOp } from "@/job/ops";

/** A change that the server has not taken yet, or that it never will. */
export interface Entry {
  readonly key: string;
  readonly jobId: string;
  /** When it was made, ms since 1970: they are sent in this order. */
  readonly madeAt: number;
  readonly person: string;
  readonly label: string;
  readonly ops: readonly RowOp[];
  /** Why it cannot be made as it is; null while it waits to be sent. */
  readonly aside: { readonly message: string; readonly hint: string } | null;
}

/** Where unsent changes survive a reload: one entry each, taken out by its own key alone, whichever tab wrote it. */
export interface OutboxStore {
  readonly all: (jobId: string) => Promise<readonly unknown[]>;
  readonly put: (entry: Entry) => Promise<void>;
  readonly remove: (key: string) => Promise<void>;
}

const EntryShape = ChangeHead.omit({ base: true }).extend({
  jobId: z.string(),
  madeAt: z.number(),
  ops: z.array(z.unknown()).min(1),
  aside: z.object({ message: z.string(), hint: z.string() }).nullable(),
});

/** What was kept, as an entry; null where it is none that could be sent. */
export function readEntry(kept: unknown): Entry | null {
  const shape = EntryShape.safeParse(kept);
  if (!shape.success) return null;
  // An earlier version may have kept it.
  const ops = shape.data.ops.map(withLaterColumns);
  return faultsInOps(ops).length > 0 ? null : { ...shape.data, ops: ops as RowOp[] };
}

interface Schema extends DBSchema {
  unsent: { key: string; value: Entry; indexes: { byJob: string } };
}

/** What an earlier version kept of a job in one text, moved to where it is kept now. */
async function takenOver(jobId: string, db: IDBPDatabase<Schema>): Promise<Entry[]> {
  const name = `pantograph.unsent.${jobId}`;
  const kept = localStorage.getItem(name);
  if (kept === null) return [];
  const entries = earlierEntries(jobId, kept);
  for (const entry of entries) await db.put("unsent", entry);
  localStorage.removeItem(name);
  return entries;
}

/** Of what an earlier version kept, what can still be sent, in its order. */
export function earlierEntries(jobId: string, kept: string): Entry[] {
  try {
    const list: unknown = JSON.parse(kept);
    return (Array.isArray(list) ? list : []).flatMap((one: object, at) => {
      const entry = readEntry({ ...one, jobId, madeAt: at, aside: null });
      return entry === null ? [] : [entry];
    });
  } catch {
    return [];
  }
}

/** The browser's own; every call fails where it has none, is full, or is closed to this page. */
export function browserOutbox(): OutboxStore {
  let opened: Promise<IDBPDatabase<Schema>> | null = null;
  const database = () => {
    opened ??= openDB<Schema>("pantograph", 1, {
      upgrade: (db) => {
        db.createObjectStore("unsent", { keyPath: "key" }).createIndex("byJob", "jobId");
      },
      // Another tab's newer version may go ahead; ours opens again at its next turn.
      blocking: (_, __, event) => {
        (event.target as IDBDatabase).close();
        opened = null;
      },
      terminated: () => {
        opened = null;
      },
    }).catch((error: unknown) => {
      opened = null;
      throw error;
    });
    return opened;
  };
  return {
    all: async (jobId) => [
      ...(await (await database()).getAllFromIndex("unsent", "byJob", jobId)),
      ...(await takenOver(jobId, await database())),
    ],
    put: async (entry) => void (await (await database()).put("unsent", entry)),
    remove: async (key) => (await database()).delete("unsent", key),
  };
}
