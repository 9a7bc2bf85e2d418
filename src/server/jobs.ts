import type { Pool, RowDataPacket } from "mysql2/promise";
import { nanoid } from "nanoid";
import type { JobSummary, LoadedJob } from "@/job/edit";
import { FORMAT, type JobDocument, type JobRow, LISTS, type ListTable, TABLES } from "@/job/schema";
import { inStep } from "@/job/table-wires";
import { insertRows } from "./apply";
import { type Db, reading, transaction } from "./pool";
import { columnOf, fromSql, keysOf, selectList, toSql } from "./row-codec";

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
        ORDER BY job.changed_at DESC, job.id`,
    );
    return rows.map((row) => ({ ...row, changedAt: `${String(row.changedAt).replace(" ", "T")}Z` }) as JobSummary);
  });
}

type JobList = (typeof LISTS)[ListTable];
const tableLists = () => Object.entries(LISTS) as [ListTable, (typeof LISTS)[ListTable]][];

/** What a job is called; null where there is none of that id. */
export function jobName(db: Db, id: string): Promise<string | null> {
  return reading(async () => {
    const [rows] = await db.query<RowDataPacket[]>("SELECT name FROM job WHERE id = ?", [id]);
    return rows[0] === undefined ? null : String(rows[0].name);
  });
}

/** The whole job as it stood at one revision; null where there is none of that id. */
export function loadJob(on: Pool, id: string): Promise<LoadedJob | null> {
  return transaction(
    on,
    id,
    async (db) => {
      // The shared lock holds changes off until all tables are read, so that the parts belong to one revision.
      const [jobs] = await db.query<RowDataPacket[]>(
        `SELECT revision, ${selectList("job")} FROM job WHERE id = ? LOCK IN SHARE MODE`,
        [id],
      );
      const [row] = jobs;
      if (row === undefined) return null;
      const lists = await readLists(
        db,
        id,
        tableLists().map(([, list]) => list),
      );
      const document: JobDocument = { format: FORMAT, job: fromSql<JobRow>("job", row), ...lists };
      return { id, revision: Number(row.revision), document };
    },
    "large",
  );
}

/**
 * The whole job as the text of an answer. Kept until the job changes: after an import every page that has it open asks
 * for it, and one reading serves them all.
 */
export async function jobText(on: Pool, id: string): Promise<string | null> {
  const revision = await reading(async () => {
    const [rows] = await on.query<RowDataPacket[]>("SELECT revision FROM job WHERE id = ?", [id]);
    return rows[0] === undefined ? null : Number(rows[0].revision);
  });
  if (revision === null) {
    texts.delete(id);
    return null;
  }
  const known = texts.get(id);
  if (known?.revision === revision) return known.text;
  const text = loadJob(on, id).then((job) => (job === null ? null : JSON.stringify(job)));
  // The last asked for is the last to go.
  texts.delete(id);
  texts.set(id, { revision, text });
  text.catch(() => texts.delete(id));
  for (const [oldest] of texts) if (texts.size > MOST_TEXTS) texts.delete(oldest);
  return text;
}
const MOST_TEXTS = 4;
const texts = new Map<string, { readonly revision: number; readonly text: Promise<string | null> }>();

/** Some of a job's lists in their order, as they stand for whoever holds its lock. */
export async function readLists<L extends JobList>(
  db: Db,
  id: string,
  wanted: readonly L[],
): Promise<Pick<JobDocument, L>> {
  const lists: Partial<Record<JobList, unknown>> = {};
  for (const [table, list] of tableLists()) {
    if (!wanted.some((one) => one === list)) continue;
    const order = "position" in TABLES[table].shape ? "position, id" : table === "reading" ? "taken_at, id" : "id";
    const [rows] = await db.query<RowDataPacket[]>(
      `SELECT ${selectList(table)} FROM ${table} WHERE job_id = ? ORDER BY ${order}`,
      [id],
    );
    lists[list] = rows.map((one) => fromSql(table, one));
  }
  return lists as Pick<JobDocument, L>;
}

/** A new job with all that the document holds; answers its id. */
export function createJob(on: Pool, made: JobDocument, id: string = nanoid(12)): Promise<string> {
  const document = inStep(made);
  return transaction(
    on,
    id,
    async (db) => {
      const keys = keysOf("job");
      await db.query(`INSERT INTO job (id, ${keys.map(columnOf).join(", ")}) VALUES (?)`, [
        [id, ...keys.map((key) => toSql(key, document.job[key as keyof JobRow]))],
      ]);
      for (const [table, list] of tableLists()) await insertRows(db, id, table, document[list], 0);
      return id;
    },
    "large",
  );
}

/** Removes a job with all that belongs to it. False where there was none. */
export function deleteJob(on: Pool, id: string): Promise<boolean> {
  return transaction(
    on,
    id,
    async (db) => {
      // What refers to others goes before them.
      for (const table of [
        "edit",
        ...tableLists()
          .map(([table]) => table)
          .reverse(),
      ])
        await db.query(`DELETE FROM ${table} WHERE job_id = ?`, [id]);
      const [result] = await db.query("DELETE FROM job WHERE id = ?", [id]);
      return (result as { affectedRows: number }).affectedRows > 0;
    },
    "large",
  );
}
