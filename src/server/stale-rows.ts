import { dequal } from "dequal/lite";
import type { PoolConnection, RowDataPacket } from "mysql2/promise";
import { hasMerged, mergedInto, standsFor } from "@/job/merging";
import type { RowOp } from "@/job/ops";
import type { TableName } from "@/job/schema";
import { plainRow, selectList } from "./row-codec";

async function rowsById(
  db: PoolConnection,
  jobId: string,
  table: TableName,
  ids: readonly string[],
): Promise<RowDataPacket[]> {
  const found: RowDataPacket[] = [];
  for (let at = 0; at < ids.length; at += 1000) {
    const [rows] =
      table === "job"
        ? await db.query<RowDataPacket[]>(`SELECT ${selectList("job")} FROM job WHERE id = ?`, [jobId])
        : await db.query<RowDataPacket[]>(`SELECT ${selectList(table)} FROM ${table} WHERE job_id = ? AND id IN (?)`, [
            jobId,
            ids.slice(at, at + 1000),
          ]);
    found.push(...rows);
  }
  return found;
}

const rowId = (table: TableName, row: RowDataPacket) => (table === "job" ? "job" : String(row.id));

/**
 * Rows that do not stand as the operations have seen them, column by column and by structure: an update's in the columns
 * that it changes, a deleted row in all, a new one by being there already.
 */
export async function notAsSeen(
  db: PoolConnection,
  jobId: string,
  ops: readonly RowOp[],
): Promise<{ table: string; id: string }[]> {
  const stale: { table: string; id: string }[] = [];
  for (const [table, tableOps] of byTable(ops)) {
    const rows = new Map(
      (await rowsById(db, jobId, table, [...new Set(tableOps.map((op) => op.id))])).map((row) => [
        rowId(table, row),
        plainRow(table, row),
      ]),
    );
    for (const op of tableOps) {
      const row = rows.get(op.id);
      const stands =
        op.op === "insert"
          ? row === undefined
          : row !== undefined &&
            (op.op === "update"
              ? standsFor(row, op)
              : Object.entries(op.row).every(([key, value]) => same(row[key], value)));
      if (!stands) stale.push({ table, id: op.id });
      // Later operations of the same list meet the row as this one leaves it.
      if (op.op === "insert") rows.set(op.id, op.row);
      else if (op.op === "delete") rows.delete(op.id);
      else if (row !== undefined) rows.set(op.id, { ...row, ...mergedInto(row, op).to });
    }
  }
  return stale;
}

/** The operations as they are on the rows as they stand: what others have given the same cavities meanwhile stays. */
export async function mergedOps(db: PoolConnection, jobId: string, ops: readonly RowOp[]): Promise<readonly RowOp[]> {
  if (!ops.some(hasMerged)) return ops;
  const ids = [...new Set(ops.filter(hasMerged).map(({ id }) => id))];
  const rows = new Map((await rowsById(db, jobId, "pin", ids)).map((row) => [String(row.id), plainRow("pin", row)]));
  return ops.map((op) => {
    if (op.table !== "pin") return op;
    if (op.op === "insert") rows.set(op.id, op.row);
    const row = rows.get(op.id);
    if (op.op !== "update" || row === undefined) return op;
    const merged = mergedInto(row, op);
    rows.set(op.id, { ...row, ...merged.to });
    return merged;
  });
}

const same = (a: unknown, b: unknown) => dequal(a ?? null, b ?? null);

function byTable(ops: readonly RowOp[]): Map<TableName, RowOp[]> {
  const groups = new Map<TableName, RowOp[]>();
  for (const op of ops) {
    const group = groups.get(op.table);
    if (group === undefined) groups.set(op.table, [op]);
    else group.push(op);
  }
  return groups;
}
