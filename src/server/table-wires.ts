import type { PoolConnection, RowDataPacket } from "mysql2/promise";
import type { RowOp } from "@/job/ops";
import type { ConnectorRow, PinRow, WireRow } from "@/job/schema";
import { inStep, touchedBy, type WireTables, withWires } from "@/job/table-wires";
import { insertRows } from "./apply";
import type { Db } from "./pool";
import { fromSql, selectList } from "./row-codec";

/**
 * The operations with those on wires that follow, by the rows as they stand under the job's lock: two people may each
 * have changed one end of a circuit.
 */
export async function withFollowingWires(db: PoolConnection, jobId: string, ops: readonly RowOp[]): Promise<RowOp[]> {
  const touched = touchedBy(ops);
  if (touched === null) return withWires({ pins: [], connectors: [], wires: [] }, ops);
  const { pinIds, connectorIds } = touched;
  const rows = new Rows(db, jobId);
  const own = [
    ...(await rows.among<PinRow>("pin", "id", [...pinIds])),
    ...(await rows.among<PinRow>("pin", "connector_id", [...connectorIds])),
  ];
  const circuits = new Set([...touched.circuits, ...own.flatMap((row) => row.circuit ?? [])]);
  const pins = distinct([...own, ...(await rows.among<PinRow>("pin", "circuit", [...circuits]))]);
  const wires = await rows.among<WireRow>("wire", "from_pin_id", [
    ...new Set([...pins.map((row) => row.id), ...pinIds]),
  ]);
  const connectors = await rows.among<ConnectorRow>("connector", "id", [
    ...new Set([...pins.map((row) => row.connectorId), ...connectorIds, ...namedConnectors(ops)]),
  ]);
  return withWires({ pins, connectors, wires }, ops);
}

/** Connectors that cavities are put on, or moved to. */
const namedConnectors = (ops: readonly RowOp[]): string[] =>
  ops.flatMap((op) => {
    const id = op.table !== "pin" ? undefined : op.op === "update" ? op.to.connectorId : op.row.connectorId;
    return typeof id === "string" ? [id] : [];
  });

const distinct = <T extends { readonly id: string }>(rows: readonly T[]): T[] => [
  ...new Map(rows.map((row) => [row.id, row])).values(),
];

const MOST_AT_ONCE = 1000;

class Rows {
  constructor(
    private readonly db: Db,
    private readonly jobId: string,
  ) {}

  /** Rows of which a column holds one of the values. */
  async among<T>(table: keyof WireColumns, column: WireColumns[typeof table], values: readonly string[]): Promise<T[]> {
    const found: T[] = [];
    for (let at = 0; at < values.length; at += MOST_AT_ONCE) {
      const [rows] = await this.db.query<RowDataPacket[]>(
        `SELECT ${selectList(table)} FROM ${table} WHERE job_id = ? AND ${column} IN (?)`,
        [this.jobId, values.slice(at, at + MOST_AT_ONCE)],
      );
      found.push(...rows.map((row) => fromSql<T>(table, row)));
    }
    return found;
  }

  async all<T>(table: keyof WireColumns): Promise<T[]> {
    const [rows] = await this.db.query<RowDataPacket[]>(`SELECT ${selectList(table)} FROM ${table} WHERE job_id = ?`, [
      this.jobId,
    ]);
    return rows.map((row) => fromSql<T>(table, row));
  }
}

interface WireColumns {
  readonly pin: "id" | "connector_id" | "circuit";
  readonly wire: "from_pin_id";
  readonly connector: "id";
}

/** Wires for the tables of every job that was made before wires were rows. */
export async function addTableWires(db: Db): Promise<void> {
  const [jobs] = await db.query<RowDataPacket[]>("SELECT id FROM job");
  for (const { id } of jobs) {
    const rows = new Rows(db, String(id));
    const tables: WireTables = {
      pins: await rows.all<PinRow>("pin"),
      connectors: await rows.all<ConnectorRow>("connector"),
      wires: await rows.all<WireRow>("wire"),
    };
    const there = new Set(tables.wires.map((row) => row.id));
    const missing = inStep(tables).wires.filter((row) => !there.has(row.id));
    await insertRows(db, String(id), "wire", missing, 0);
  }
}
