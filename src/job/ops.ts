import { dequal } from "dequal/lite";
import { z } from "zod";
import { atOnce, checkedRows, type Fault, faultsOf, type Steps } from "./checked";
import { id, MOST_INT } from "./rows/fields";
import { type JobDocument, LISTS, type ListTable, type RowOf, TABLES, type TableName } from "./schema";

/**
 * The one way to change a job: a list of row operations. Each carries what it replaces, so that its inverse is a pure
 * function of it and history needs no second record.
 */
export type RowOp =
  | { readonly op: "insert"; readonly table: ListTable; readonly id: string; readonly row: Record<string, unknown> }
  | { readonly op: "delete"; readonly table: ListTable; readonly id: string; readonly row: Record<string, unknown> }
  | {
      readonly op: "update";
      readonly table: TableName;
      readonly id: string;
      readonly from: Record<string, unknown>;
      readonly to: Record<string, unknown>;
    };

const LIST_TABLES = Object.keys(LISTS) as ListTable[];

/** Told apart by operation, then by table: a row that is wrong is then looked at once, and not once for each table. */
const shapeOf = (op: "insert" | "delete", table: ListTable) =>
  z.strictObject({ op: z.literal(op), table: z.literal(table), id, row: TABLES[table] });
const updateOf = (table: TableName) =>
  z.strictObject({
    op: z.literal("update"),
    table: z.literal(table),
    id,
    from: TABLES[table].partial(),
    to: TABLES[table].partial(),
  });
type Shape = ReturnType<typeof shapeOf>;
const byTable = <T extends Shape | ReturnType<typeof updateOf>>(shapes: readonly T[]) =>
  z.discriminatedUnion("table", shapes as unknown as [T, T]);

/**
 * One operation, its row checked against its table's schema. An update names the same columns on both sides, and never
 * `id`.
 */
export const RowOpSchema = z
  .discriminatedUnion("op", [
    byTable(LIST_TABLES.map((table) => shapeOf("insert", table))),
    byTable(LIST_TABLES.map((table) => shapeOf("delete", table))),
    byTable((Object.keys(TABLES) as TableName[]).map(updateOf)),
  ])
  .superRefine((op, context) => {
    const fault = opFault(op as RowOp);
    if (fault !== null) context.addIssue({ code: "custom", message: fault });
  }) as unknown as z.ZodType<RowOp>;

function opFault(op: RowOp): string | null {
  if (op.op !== "update") return op.row.id === op.id ? null : "the row's id is not the operation's";
  const [from, to] = [Object.keys(op.from).sort(), Object.keys(op.to).sort()];
  if (to.length === 0) return "an update changes nothing";
  if (to.includes("id")) return "an id never changes";
  return from.join() === to.join() ? null : "`from` and `to` name different columns";
}

/** Operations of one change at most: a table of 20,000 rows with its connectors, taken in anew. */
const MOST_OPS = 60_000;

/** A request's body at most, bytes. */
export const MOST_BODY_BYTES = 48_000_000;
/** Beside its operations a change has so many bytes at most. */
const HEAD_BYTES = 10_000;
/** So few operations are never too large. */
const FEW_OPS = 100;

/**
 * A change as it is sent: who, on which revision, what it is called, and its operations. `key` makes a repeated send
 * harmless.
 */
export const ChangeHead = z.strictObject({
  key: z.string().regex(/^[A-Za-z0-9_-]{8,40}$/),
  person: z.string().trim().min(1, "a name is needed").max(200),
  base: z.int().min(0).max(MOST_INT),
  /** The history that it was made on; where left out, whatever is there. */
  epoch: z.string().max(24).optional(),
  label: z.string().min(1).max(500),
});
const SentChange = ChangeHead.extend({ ops: z.array(z.unknown()).min(1).max(MOST_OPS) });
export type Change = z.infer<typeof ChangeHead> & { readonly ops: readonly RowOp[] };

export type ReadChange =
  | { readonly ok: true; readonly value: Change }
  | { readonly ok: false; readonly faults: readonly Fault[] };

/** Reads a change that came from outside. */
export function* readChange(sent: unknown): Steps<ReadChange> {
  const head = SentChange.safeParse(sent);
  if (!head.success) return { ok: false, faults: faultsOf(head.error) };
  const faults: Fault[] = [];
  const ops = yield* checkedRows(RowOpSchema, head.data.ops, "ops", faults);
  return faults.length > 0 ? { ok: false, faults } : { ok: true, value: { ...head.data, ops } };
}

/** What the server would refuse of operations made here, before they are shown or sent. */
export function faultsInOps(ops: readonly unknown[]): readonly Fault[] {
  if (ops.length > MOST_OPS) return [{ path: "ops", message: `more than ${MOST_OPS} rows at once` }];
  const faults: Fault[] = [];
  atOnce(checkedRows(RowOpSchema, ops, "ops", faults));
  if (faults.length > 0 || ops.length <= FEW_OPS) return faults;
  const bytes = new TextEncoder().encode(JSON.stringify(ops)).byteLength;
  return bytes > MOST_BODY_BYTES - HEAD_BYTES
    ? [{ path: "ops", message: `${Math.ceil(bytes / 1e6)} MB at once, ${MOST_BODY_BYTES / 1e6} at most` }]
    : [];
}

/** What undoes the operations, in the order in which to do it. `invert(invert(ops))` is `ops`. */
export function invert(ops: readonly RowOp[]): RowOp[] {
  return ops.toReversed().map((op): RowOp => {
    switch (op.op) {
      case "insert":
        return { ...op, op: "delete" };
      case "delete":
        return { ...op, op: "insert" };
      case "update":
        return { ...op, from: op.to, to: op.from };
    }
  });
}

/** The operation that brings some columns of a row to new values; null where they hold them already. */
export function updateOp<T extends Record<string, unknown>>(
  table: TableName,
  id: string,
  row: T,
  to: Partial<T>,
): RowOp | null {
  const keys = Object.keys(to).filter((key) => !dequal(row[key], to[key]));
  if (keys.length === 0) return null;
  const pick = (source: Record<string, unknown>) => Object.fromEntries(keys.map((key) => [key, source[key]]));
  return { op: "update", table, id, from: pick(row), to: pick(to) };
}

export const insertOp = <T extends ListTable>(table: T, row: RowOf<T>): RowOp => ({
  op: "insert",
  table,
  id: row.id,
  row,
});
export const deleteOp = <T extends ListTable>(table: T, row: RowOf<T>): RowOp => ({
  op: "delete",
  table,
  id: row.id,
  row,
});

/** So few updates of a list are quicker made by looking each row up. */
const FEW = 8;

function updated(
  before: readonly { id: string }[],
  ops: readonly Extract<RowOp, { op: "update" }>[],
): { id: string }[] {
  const rows = [...before];
  for (const op of ops) {
    const at = rows.findIndex((row) => row.id === op.id);
    if (at >= 0) rows[at] = { ...(rows[at] as { id: string }), ...op.to };
  }
  return rows;
}

/**
 * The document after the operations. An operation on a row that is not there is passed over, since the server has the
 * last word, and one on a list that is not handed in likewise; a list that nothing touched stays the same object.
 */
export function applyOps<T extends Partial<JobDocument> = JobDocument>(document: NoInfer<T>, ops: readonly RowOp[]): T {
  let next = document;
  for (const op of ops)
    if (op.table === "job" && op.op === "update") next = { ...next, job: { ...next.job, ...op.to } };
  for (const table of LIST_TABLES) {
    const tableOps = ops.filter((op) => op.table === table);
    const list = LISTS[table];
    if (tableOps.length === 0 || next[list] === undefined) continue;
    const before = next[list] as { id: string }[];
    if (tableOps.length <= FEW && tableOps.every((op) => op.op === "update")) {
      next = { ...next, [list]: updated(before, tableOps) };
      continue;
    }
    const rows = new Map(before.map((row) => [row.id, row]));
    for (const op of tableOps) {
      if (op.op === "insert") rows.set(op.id, op.row as { id: string });
      else if (op.op === "delete") rows.delete(op.id);
      else {
        const row = rows.get(op.id);
        if (row !== undefined) rows.set(op.id, { ...row, ...op.to });
      }
    }
    next = { ...next, [list]: [...rows.values()] };
  }
  return next;
}
