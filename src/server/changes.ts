import type { Pool, PoolConnection, RowDataPacket } from "mysql2/promise";
import { z } from "zod";
import { withLaterColumns } from "@/job/earlier-rows";
import type { Edit, HistoryEntry } from "@/job/edit";
import { type GuardedCut, guardedCuts } from "@/job/guarded-cuts";
import { type Change, invert, type RowOp, RowOpSchema } from "@/job/ops";
import { ROW_SCHEMA } from "@/job/schema";
import { followsTables } from "@/job/table-wires";
import { unsignedLoops } from "@/job/unsigned-loops";
import { applyToTables } from "./apply";
import { DatabaseError } from "./errors";
import { jobHead, readLists } from "./jobs";
import { reading, transaction } from "./pool";
import { columnOf } from "./row-codec";
import { mergedOps, notAsSeen } from "./stale-rows";
import { withFollowingWires } from "./table-wires";

export type ChangeResult =
  | { readonly ok: true; readonly edit: Edit }
  | { readonly ok: false; readonly code: "no-job" }
  /** Someone else changed, removed or made one of the rows since. */
  | {
      readonly ok: false;
      readonly code: "conflict";
      readonly rows: readonly { table: string; id: string }[];
      readonly revision: number;
    }
  /** It was made on a revision that is not there yet. */
  | { readonly ok: false; readonly code: "ahead"; readonly revision: number }
  /** A rule of the database was broken: something still refers to the row, or what it refers to is gone. */
  | { readonly ok: false; readonly code: "in-use" | "dangling" | "check" }
  /** Removals that the guards forbid. */
  | { readonly ok: false; readonly code: "guarded"; readonly cuts: readonly GuardedCut[] }
  /** Loops in place of an interlock that nobody has signed, by their cavities. */
  | { readonly ok: false; readonly code: "unsigned-loop"; readonly pinIds: readonly string[] }
  | { readonly ok: false; readonly code: "nothing-to-undo" | "nothing-to-redo" };

/**
 * Makes a change in one transaction and writes it to the history. It is refused where it touches what no longer stands
 * as its maker saw it; changes to other rows, or other columns, pass. The same key a second time answers what was done the
 * first.
 */
export function applyChange(on: Pool, jobId: string, change: Change): Promise<ChangeResult> {
  const size = change.ops.length > FEW_ROWS ? "large" : "small";
  const make = async (db: PoolConnection): Promise<ChangeResult> => {
    const job = await lockJob(db, jobId);
    if (job === null) return { ok: false, code: "no-job" };
    const { revision, epoch } = job;
    const before = await findByKey(db, jobId, change.key);
    if (before !== null) return { ok: true, edit: before };
    // Whoever has seen what never was here has another history: from before a backup was restored, or of another
    // database.
    if (change.base > revision || (change.epoch ?? epoch) !== epoch) return { ok: false, code: "ahead", revision };
    const stale = await notAsSeen(db, jobId, ownOps(change.ops));
    if (stale.length > 0) return { ok: false, code: "conflict", rows: stale, revision };
    const cuts = await forbiddenCuts(db, jobId, change.ops);
    if (cuts.length > 0) return { ok: false, code: "guarded", cuts };
    const pinIds = await forbiddenLoops(db, jobId, change.ops);
    if (pinIds.length > 0) return { ok: false, code: "unsigned-loop", pinIds };
    return { ok: true, edit: await record(db, jobId, revision + 1, { ...change, role: "edit", ofRevision: null }) };
  };
  return settled(() => transaction(on, jobId, make, size));
}
/** Changes of more rows than this are given more time. */
const FEW_ROWS = 500;

/**
 * Takes back, or does again, the person's own latest change that can be; refused where others have built on those rows.
 * @param of the revision, or the key, of an earlier change of one's own to take back instead of the latest
 */
export function stepHistory(
  on: Pool,
  jobId: string,
  role: "undo" | "redo",
  person: string,
  key: string,
  of: number | string | null = null,
): Promise<ChangeResult> {
  return settled(() =>
    transaction(
      on,
      jobId,
      async (db): Promise<ChangeResult> => {
        const job = await lockJob(db, jobId);
        if (job === null) return { ok: false, code: "no-job" };
        const { revision } = job;
        const before = await findByKey(db, jobId, key);
        if (before !== null) return { ok: true, edit: before };
        const named = typeof of === "string" ? ((await revisionOfKey(db, jobId, of)) ?? 0) : of;
        const target = await historyTarget(db, jobId, person, role, named);
        if (target === null) return { ok: false, code: role === "undo" ? "nothing-to-undo" : "nothing-to-redo" };
        const original = await findEdit(db, jobId, target);
        if (original === null) return { ok: false, code: role === "undo" ? "nothing-to-undo" : "nothing-to-redo" };
        const ops = role === "undo" ? invert(original.ops) : original.ops;
        const stale = await notAsSeen(db, jobId, ownOps(ops));
        if (stale.length > 0) return { ok: false, code: "conflict", rows: stale, revision };
        const label = `${role === "undo" ? "Undo" : "Redo"}: ${original.label}`.slice(0, 500);
        return {
          ok: true,
          edit: await record(db, jobId, revision + 1, { key, person, label, ops, role, ofRevision: target }),
        };
      },
      "large",
    ),
  );
}

/** Whoever is further behind than this many edits, or this many bytes of them, loads the job anew. */
const MOST_EDITS = 100;
const MOST_EDIT_BYTES = 2_000_000;

/**
 * What has changed since a revision, as the text of an answer: `{"revision", "epoch", "edits"}`, or with `"reload"` where
 * the whole job is quicker, or where `epoch` is given and the job's is another. Operations are passed on as they are stored: they were checked when they were made, and twenty
 * pages that each have an import of 20,000 rows checked again would hold up everybody. Null where there is no such job.
 */
export function newsSince(on: Pool, jobId: string, since: number, seen: string | null = null): Promise<string | null> {
  return reading(async () => {
    const job = await jobHead(on, jobId);
    if (job === null) return null;
    const { revision, epoch } = job;
    if ((seen ?? epoch) !== epoch) return JSON.stringify({ revision, epoch, reload: true, edits: [] });
    if (revision <= since) return JSON.stringify({ revision, epoch, edits: [] });
    const [sums] = await on.query<RowDataPacket[]>(
      "SELECT COUNT(*) AS edits, SUM(OCTET_LENGTH(ops)) AS bytes FROM edit WHERE job_id = ? AND revision > ?",
      [jobId, since],
    );
    if (Number(sums[0]?.edits) > MOST_EDITS || Number(sums[0]?.bytes) > MOST_EDIT_BYTES)
      return JSON.stringify({ revision, epoch, reload: true, edits: [] });
    const [rows] = await on.query<RowDataPacket[]>(
      `SELECT ${EDIT_COLUMNS} FROM edit WHERE job_id = ? AND revision > ? ORDER BY revision LIMIT ?`,
      [jobId, since, MOST_EDITS],
    );
    const edits = rows.map((row) => {
      const head = JSON.stringify(headOf(row));
      const isEarly = Number(row.row_schema) < ROW_SCHEMA;
      const ops = isEarly ? JSON.stringify(toEdit(row).ops) : String(row.ops);
      return `${head.slice(0, -1)},"ops":${ops}}`;
    });
    return `{"revision":${revision},"epoch":${JSON.stringify(epoch)},"edits":[${edits.join(",")}]}`;
  });
}

/** The latest edits, newest first, without their operations. */
export function history(on: Pool, jobId: string, limit = 300): Promise<HistoryEntry[]> {
  return reading(async () => {
    const [rows] = await on.query<RowDataPacket[]>(
      `SELECT revision, person, made_at, label, role, of_revision, JSON_LENGTH(ops) AS op_count FROM edit WHERE job_id = ? ORDER BY revision DESC LIMIT ?`,
      [jobId, limit],
    );
    return rows.map(entryOf);
  });
}

/** The latest edits that touched a row, newest first, without their operations. */
export function historyOf(on: Pool, jobId: string, rowId: string, limit = 40): Promise<HistoryEntry[]> {
  return reading(async () => {
    const [rows] = await on.query<RowDataPacket[]>(
      `SELECT revision, person, made_at, label, role, of_revision, JSON_LENGTH(ops) AS op_count FROM edit
       WHERE job_id = ? AND INSTR(ops, ?) > 0 ORDER BY revision DESC LIMIT ?`,
      [jobId, `"id":${JSON.stringify(rowId)}`, limit],
    );
    return rows.map(entryOf);
  });
}

function entryOf(row: RowDataPacket): HistoryEntry {
  const { ops: _ops, key: _key, ...edit } = toEdit({ ...row, ops: "[]" } as RowDataPacket);
  return { ...edit, rows: Number(row.op_count) };
}

/** Broken rules of the database are answers that a person can meet; only what is left is thrown. */
async function settled(work: () => Promise<ChangeResult>): Promise<ChangeResult> {
  try {
    return await work();
  } catch (error) {
    if (!(error instanceof DatabaseError)) throw error;
    switch (error.fault) {
      case "duplicate":
        return { ok: false, code: "conflict", rows: [], revision: -1 };
      case "in-use":
      case "dangling":
      case "check":
        return { ok: false, code: error.fault };
      default:
        throw error;
    }
  }
}

/** One change of a job at a time: everything else of a change happens under this lock. */
const lockJob = (db: PoolConnection, jobId: string) => jobHead(db, jobId, "FOR UPDATE");

/** Removals that the guards forbid; the harness is read for them alone. Taking a change back was decided once already. */
async function forbiddenCuts(db: PoolConnection, jobId: string, ops: readonly RowOp[]): Promise<GuardedCut[]> {
  if (!ops.some((op) => op.table === "cut" && op.op !== "delete")) return [];
  return guardedCuts(await readLists(db, jobId, GUARD_LISTS), ops);
}
const GUARD_LISTS = ["pins", "connectors", "branches", "parts", "wires", "links", "cuts"] as const;

/** Loops that nobody has signed; the job is read for them alone. */
async function forbiddenLoops(db: PoolConnection, jobId: string, ops: readonly RowOp[]): Promise<readonly string[]> {
  if (!ops.some((op) => op.table === "gap" && op.op !== "delete")) return [];
  return unsignedLoops(await readLists(db, jobId, ["pins", "gaps", "debts"]), ops);
}

/** Readings that come in for the first time get their place behind those that are there. */
async function numbered(db: PoolConnection, jobId: string, ops: readonly RowOp[]): Promise<readonly RowOp[]> {
  if (!ops.some(isNewReading)) return ops;
  const [rows] = await db.query<RowDataPacket[]>("SELECT MAX(ordinal) AS last FROM reading WHERE job_id = ?", [jobId]);
  let last = Number(rows[0]?.last ?? 0);
  return ops.map((op) => {
    if (!isNewReading(op)) return op;
    last += 1;
    return { ...op, row: { ...op.row, ordinal: last } };
  });
}
const isNewReading = (op: RowOp): op is Extract<RowOp, { op: "insert" }> =>
  op.op === "insert" && op.table === "reading" && (op.row.ordinal ?? null) === null;

interface Recorded {
  readonly key: string;
  readonly person: string;
  readonly label: string;
  readonly ops: readonly RowOp[];
  readonly role: Edit["role"];
  readonly ofRevision: number | null;
}

/** What a person meant; the wires that follow from it are found anew as it is made. */
const ownOps = (ops: readonly RowOp[]) => ops.filter((op) => !followsTables(op));

async function record(db: PoolConnection, jobId: string, revision: number, change: Recorded): Promise<Edit> {
  const own = await mergedOps(db, jobId, await numbered(db, jobId, change.ops));
  const ops = await withFollowingWires(db, jobId, own);
  await applyToTables(db, jobId, ops, revision);
  const madeAt = new Date().toISOString();
  await db.query(
    "INSERT INTO edit (job_id, revision, change_key, person, made_at, label, role, of_revision, ops, row_schema) VALUES (?)",
    [
      [
        jobId,
        revision,
        change.key,
        change.person,
        madeAt.replace("T", " ").replace("Z", ""),
        change.label,
        change.role,
        change.ofRevision,
        JSON.stringify(ops),
        ROW_SCHEMA,
      ],
    ],
  );
  await db.query("UPDATE job SET revision = ?, changed_at = ? WHERE id = ?", [
    revision,
    madeAt.replace("T", " ").replace("Z", ""),
    jobId,
  ]);
  return {
    revision,
    key: change.key,
    person: change.person,
    madeAt,
    label: change.label,
    role: change.role,
    ofRevision: change.ofRevision,
    ops,
  };
}

/** How far back a person's own changes are looked through for one to take back. */
const UNDO_DEPTH = 1000;

async function historyTarget(
  db: PoolConnection,
  jobId: string,
  person: string,
  role: "undo" | "redo",
  of: number | null,
): Promise<number | null> {
  const [rows] = await db.query<RowDataPacket[]>(
    "SELECT revision, role, of_revision FROM (SELECT revision, role, of_revision FROM edit WHERE job_id = ? AND person = ? ORDER BY revision DESC LIMIT ?) AS latest ORDER BY revision",
    [jobId, person, UNDO_DEPTH],
  );
  const done: number[] = [];
  let undone: number[] = [];
  for (const row of rows) {
    const target = Number(row.of_revision ?? row.revision);
    if (row.role === "edit") {
      done.push(target);
      undone = [];
    } else if (row.role === "undo") {
      if (done.includes(target)) done.splice(done.lastIndexOf(target), 1);
      undone.push(target);
    } else {
      if (undone.includes(target)) undone.splice(undone.lastIndexOf(target), 1);
      done.push(target);
    }
  }
  if (role === "undo" && of !== null) return done.includes(of) ? of : null;
  return (role === "undo" ? done.at(-1) : undone.at(-1)) ?? null;
}

const EDIT_COLUMNS = ["revision", "changeKey", "person", "madeAt", "label", "role", "ofRevision", "ops", "rowSchema"]
  .map(columnOf)
  .join(", ");
const StoredOps = z.array(z.preprocess(withLaterColumns, RowOpSchema));

const headOf = (row: RowDataPacket): Omit<Edit, "ops"> => ({
  revision: Number(row.revision),
  key: String(row.change_key),
  person: String(row.person),
  madeAt: `${String(row.made_at).replace(" ", "T")}Z`,
  label: String(row.label),
  role: row.role as Edit["role"],
  ofRevision: row.of_revision === null ? null : Number(row.of_revision),
});

const toEdit = (row: RowDataPacket): Edit => ({
  ...headOf(row),
  ops: StoredOps.parse(typeof row.ops === "string" ? JSON.parse(row.ops) : row.ops),
});

async function revisionOfKey(db: PoolConnection, jobId: string, key: string): Promise<number | null> {
  const [rows] = await db.query<RowDataPacket[]>("SELECT revision FROM edit WHERE job_id = ? AND change_key = ?", [
    jobId,
    key,
  ]);
  return rows[0] === undefined ? null : Number(rows[0].revision);
}

async function findByKey(db: PoolConnection, jobId: string, key: string): Promise<Edit | null> {
  const [rows] = await db.query<RowDataPacket[]>(
    `SELECT ${EDIT_COLUMNS} FROM edit WHERE job_id = ? AND change_key = ?`,
    [jobId, key],
  );
  return rows[0] === undefined ? null : toEdit(rows[0]);
}

async function findEdit(db: PoolConnection, jobId: string, revision: number): Promise<Edit | null> {
  const [rows] = await db.query<RowDataPacket[]>(`SELECT ${EDIT_COLUMNS} FROM edit WHERE job_id = ? AND revision = ?`, [
    jobId,
    revision,
  ]);
  return rows[0] === undefined ? null : toEdit(rows[0]);
}
