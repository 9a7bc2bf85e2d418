import type { RowOp } from "@/job/ops";
import type { ListTable, TableName } from "@/job/schema";
import type { Db } from "./pool";
import { columnOf, keysOf, toSql } from "./row-codec";

/** Rows of one INSERT: enough to be quick, few enough for any packet limit. */
const BATCH = 400;

export async function insertRows(
  db: Db,
  jobId: string,
  table: ListTable,
  rows: readonly Record<string, unknown>[],
  revision: number,
): Promise<void> {
  const keys = keysOf(table);
  const columns = ["job_id", "row_revision", ...keys.map(columnOf)].join(", ");
  for (let at = 0; at < rows.length; at += BATCH) {
    const values = rows
      .slice(at, at + BATCH)
      .map((row) => [jobId, revision, ...keys.map((key) => toSql(key, row[key]))]);
    await db.query(`INSERT INTO ${table} (${columns}) VALUES ?`, [values]);
  }
}

/** Carries the operations out in order; runs of inserts or deletes on one table go together. */
export async function applyToTables(db: Db, jobId: string, ops: readonly RowOp[], revision: number): Promise<void> {
  for (const run of runsOf(ops)) {
    const [first] = run;
    if (first.op === "insert")
      await insertRows(
        db,
        jobId,
        first.table,
        run.map((op) => (op as { row: Record<string, unknown> }).row),
        revision,
      );
    else if (first.op === "delete") {
      for (let at = 0; at < run.length; at += BATCH)
        await db.query(`DELETE FROM ${first.table} WHERE job_id = ? AND id IN (?)`, [
          jobId,
          run.slice(at, at + BATCH).map((op) => op.id),
        ]);
    } else await updateRow(db, jobId, first.table, first.id, first.to, revision);
  }
}

function runsOf(ops: readonly RowOp[]): [RowOp, ...RowOp[]][] {
  const runs: [RowOp, ...RowOp[]][] = [];
  for (const op of ops) {
    const run = runs.at(-1);
    if (run !== undefined && op.op !== "update" && run[0].op === op.op && run[0].table === op.table) run.push(op);
    else runs.push([op]);
  }
  return runs;
}

async function updateRow(
  db: Db,
  jobId: string,
  table: TableName,
  id: string,
  to: Record<string, unknown>,
  revision: number,
): Promise<void> {
  // The schema has checked the keys; only its own columns are ever named.
  const keys = keysOf(table).filter((key) => key in to);
  const set = keys.map((key) => `${columnOf(key)} = ?`).join(", ");
  const values = keys.map((key) => toSql(key, to[key]));
  const where = table === "job" ? "id = ?" : "job_id = ? AND id = ?";
  await db.query(`UPDATE ${table} SET ${set}, row_revision = ? WHERE ${where}`, [
    ...values,
    revision,
    ...(table === "job" ? [jobId] : [jobId, id]),
  ]);
}
