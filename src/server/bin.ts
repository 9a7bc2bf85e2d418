import type { Pool, ResultSetHeader, RowDataPacket } from "mysql2/promise";
import type { BinnedJob } from "@/job/edit";
import { TABLES } from "@/job/schema";
import { type Db, reading, transaction } from "./pool";

/** How long a removed job is kept, days. */
const KEPT_DAYS = 30;

/** Removes a job to the bin, with all that belongs to it. False where there was none. */
export function removeJob(on: Pool, id: string): Promise<boolean> {
  return transaction(on, id, (db) =>
    hasChanged(db, "UPDATE job SET removed_at = UTC_TIMESTAMP(3) WHERE id = ? AND removed_at IS NULL", [id]),
  );
}

/** Puts a job back as it was. False where none of that id lies in the bin. */
export function putBack(on: Pool, id: string): Promise<boolean> {
  return transaction(on, id, (db) =>
    hasChanged(db, "UPDATE job SET removed_at = NULL WHERE id = ? AND removed_at IS NOT NULL", [id]),
  );
}

/** Deletes a job that lies in the bin, with its history. False where none of that id does. */
export function deleteForGood(on: Pool, id: string): Promise<boolean> {
  return transaction(
    on,
    id,
    async (db) => {
      const [found] = await db.query<RowDataPacket[]>(
        "SELECT id FROM job WHERE id = ? AND removed_at IS NOT NULL FOR UPDATE",
        [id],
      );
      if (found.length === 0) return false;
      for (const table of DEPENDENTS_FIRST)
        await db.query(`DELETE FROM ${table} WHERE ${table === "job" ? "id" : "job_id"} = ?`, [id]);
      return true;
    },
    "large",
  );
}
/** What refers to others goes before them. */
const DEPENDENTS_FIRST = ["edit", ...Object.keys(TABLES).reverse()];

/** What lies in the bin, the last removed first. What has lain there for its time goes. */
export async function listBin(on: Pool): Promise<BinnedJob[]> {
  const rows = await reading(async () => {
    const [found] = await on.query<RowDataPacket[]>(
      `SELECT id, name, removed_at AS removedAt, removed_at + INTERVAL ${KEPT_DAYS} DAY AS keptUntil,
              removed_at + INTERVAL ${KEPT_DAYS} DAY < UTC_TIMESTAMP(3) AS isOver
         FROM job WHERE removed_at IS NOT NULL ORDER BY removed_at DESC, id`,
    );
    return found;
  });
  for (const row of rows) if (Number(row.isOver) === 1) await deleteForGood(on, String(row.id));
  return rows
    .filter((row) => Number(row.isOver) !== 1)
    .map((row) => ({
      id: String(row.id),
      name: String(row.name),
      removedAt: asTime(row.removedAt),
      keptUntil: asTime(row.keptUntil),
    }));
}

/** Whether there is a job of that id, in the bin or not. */
export const isKept = (on: Pool, id: string): Promise<boolean> =>
  reading(async () => {
    const [rows] = await on.query<RowDataPacket[]>("SELECT 1 FROM job WHERE id = ?", [id]);
    return rows.length > 0;
  });

const asTime = (value: unknown) => `${String(value).replace(" ", "T")}Z`;

async function hasChanged(db: Db, sql: string, values: readonly string[]): Promise<boolean> {
  const [result] = await db.query<ResultSetHeader>(sql, [...values]);
  return result.affectedRows > 0;
}
