import { promisify } from "node:util";
import { gzip } from "node:zlib";
import type { Pool, RowDataPacket } from "mysql2/promise";
import { nanoid } from "nanoid";
import type { JobSummary, LoadedJob } from "@/job/edit";
import { FORMAT, type JobDocument, type JobRow, LISTS, type ListTable, TABLES } from "@/job/schema";
import { inStep } from "@/job/table-wires";
import { insertRows } from "./apply";
import { type Db, reading, readTransaction, transaction } from "./pool";
import { columnOf, fromSql, keysOf, packedText, plainRow, selectList, toSql } from "./row-codec";

/** Every job, the one last worked on first. */
export function listJobs(db: Db): Promise<JobSummary[]> {
  return reading(async () => {
    const [rows] = await db.query<RowDataPacket[]>(
      `SELECT job.id, job.revision, job.name, job.host, job.donor, job.changed_at AS changedAt,
              (SELECT COUNT(*) FROM pin JOIN connector ON connector.job_id = pin.job_id AND connector.id = pin.connector_id
                WHERE pin.job_id = job.id AND connector.side = 'donor') AS donorPins,
              (SELECT COUNT(*) FROM pin JOIN connector ON connector.job_id = pin.job_id AND connector.id = pin.connector_id
                WHERE pin.job_id = job.id AND connector.side = 'host') AS hostPins,
              (SELECT COUNT(*) FROM link WHERE link.job_id = job.id AND link.decision = 'accepted') AS decidedLinks,
              (SELECT COUNT(*) FROM reading WHERE reading.job_id = job.id) AS readings
         FROM job
        WHERE job.removed_at IS NULL
        ORDER BY job.changed_at DESC, job.id`,
    );
    return rows.map((row) => ({ ...row, changedAt: `${String(row.changedAt).replace(" ", "T")}Z` }) as JobSummary);
  });
}

type JobList = (typeof LISTS)[ListTable];
const tableLists = () => Object.entries(LISTS) as [ListTable, (typeof LISTS)[ListTable]][];

export interface JobHead {
  readonly name: string;
  readonly revision: number;
  readonly epoch: string;
}

/** What a job is called and how far it is; null where there is none of that id, or where it lies in the bin. */
export async function jobHead(
  db: Db,
  id: string,
  lock: "" | "FOR UPDATE" | "LOCK IN SHARE MODE" = "",
): Promise<JobHead | null> {
  const [rows] = await db.query<RowDataPacket[]>(
    `SELECT name, revision, epoch FROM job WHERE id = ? AND removed_at IS NULL ${lock}`,
    [id],
  );
  const [row] = rows;
  return row === undefined
    ? null
    : { name: String(row.name), revision: Number(row.revision), epoch: String(row.epoch) };
}

export const jobName = (db: Db, id: string): Promise<string | null> =>
  reading(async () => (await jobHead(db, id))?.name ?? null);

/** The whole job as it stood at one revision; null where there is none of that id. */
export function loadJob(on: Pool, id: string): Promise<LoadedJob | null> {
  return standing(on, id, async (db, { epoch, revision }) => {
    const [job] = await jobRow(db, id);
    const lists = await readLists(
      db,
      id,
      tableLists().map(([, list]) => list),
    );
    const document: JobDocument = { format: FORMAT, job: fromSql<JobRow>("job", job as RowDataPacket), ...lists };
    return { id, epoch, revision, document };
  });
}

/** The same packed, as JSON. Its rows were checked when they were written: a large job is told sooner without doing it again. */
function jobText(on: Pool, id: string): Promise<string | null> {
  return standing(on, id, async (db, { epoch, revision }) => {
    const [job] = await jobRow(db, id);
    const own = plainRow("job", job as RowDataPacket);
    const parts = [`"format":${JSON.stringify(FORMAT)}`, `"job":${JSON.stringify(own)}`];
    for (const [table, list] of tableLists()) {
      const rows = await listRows(db, id, table);
      parts.push(`${JSON.stringify(list)}:${packedText(table, rows)}`);
    }
    const head = JSON.stringify({ id, epoch, revision });
    return `${head.slice(0, -1)},"document":{${parts.join(",")}}}`;
  });
}

/** Reads a job while the shared lock holds changes off, so that its parts belong to one revision. */
const standing = <T>(on: Pool, id: string, read: (db: Db, head: JobHead) => Promise<T>): Promise<T | null> =>
  readTransaction(on, id, async (db) => {
    const head = await jobHead(db, id, "LOCK IN SHARE MODE");
    return head === null ? null : read(db, head);
  });

async function jobRow(db: Db, id: string): Promise<RowDataPacket[]> {
  const [rows] = await db.query<RowDataPacket[]>(`SELECT ${selectList("job")} FROM job WHERE id = ?`, [id]);
  return rows;
}

async function listRows(db: Db, id: string, table: ListTable): Promise<RowDataPacket[]> {
  const order =
    "position" in TABLES[table].shape ? "position, id" : table === "reading" ? "ordinal, taken_at, id" : "id";
  const [rows] = await db.query<RowDataPacket[]>(
    `SELECT ${selectList(table)} FROM ${table} WHERE job_id = ? ORDER BY ${order}`,
    [id],
  );
  return rows;
}

/**
 * The whole job as the body of an answer, gzipped. Kept until the job changes: after an import every page that has it
 * open asks for it, and one reading and packing serves them all.
 */
export async function jobPacked(on: Pool, id: string): Promise<Buffer | null> {
  const head = await reading(() => jobHead(on, id));
  if (head === null) {
    packed.delete(id);
    return null;
  }
  const stand = `${head.epoch} ${head.revision}`;
  const known = packed.get(id);
  if (known?.stand === stand) return known.body;
  const body = jobText(on, id).then((text) => (text === null ? null : pack(text, { level: 1 })));
  // The last asked for is the last to go.
  packed.delete(id);
  packed.set(id, { stand, body });
  body.catch(() => packed.delete(id));
  for (const [oldest] of packed) if (packed.size > MOST_PACKED) packed.delete(oldest);
  return body;
}
const MOST_PACKED = 8;
const packed = new Map<string, { readonly stand: string; readonly body: Promise<Buffer | null> }>();
const pack = promisify(gzip);

/** Some of a job's lists in their order, as they stand for whoever holds its lock. */
export async function readLists<L extends JobList>(
  db: Db,
  id: string,
  wanted: readonly L[],
): Promise<Pick<JobDocument, L>> {
  const lists: Partial<Record<JobList, unknown>> = {};
  for (const [table, list] of tableLists()) {
    if (!wanted.some((one) => one === list)) continue;
    const rows = await listRows(db, id, table);
    lists[list] = rows.map((one) => fromSql(table, one));
  }
  return lists as Pick<JobDocument, L>;
}

/** A new job with all that the document holds; answers its id. */
export function createJob(on: Pool, made: JobDocument, id: string = nanoid(12)): Promise<string> {
  const readings = made.readings.map((row) => ({ ...row, ordinal: row.ordinal ?? 0 }));
  const document = inStep({ ...made, readings });
  return transaction(
    on,
    id,
    async (db) => {
      const keys = keysOf("job");
      await db.query(`INSERT INTO job (id, epoch, ${keys.map(columnOf).join(", ")}) VALUES (?)`, [
        [id, nanoid(12), ...keys.map((key) => toSql(key, document.job[key as keyof JobRow]))],
      ]);
      for (const [table, list] of tableLists()) await insertRows(db, id, table, document[list], 0);
      return id;
    },
    "large",
  );
}
