import type { PoolConnection, RowDataPacket } from "mysql2/promise";
import type { RowOp } from "@/job/ops";
import type { ConnectorRow, PinRow, WireRow } from "@/job/schema";
import { inStep, type Joining, sharing, type Touched, touchedBy, type WireTables, withWires } from "@/job/table-wires";
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
  const pins = await sharedCopper(rows, touched);
  const wires = await rows.among<WireRow>("wire", "from_pin_id", [
    ...new Set([...pins.map((row) => row.id), ...pinIds]),
  ]);
  const connectors = await rows.among<ConnectorRow>("connector", "id", [
    ...new Set([...pins.map((row) => row.connectorId), ...connectorIds, ...namedConnectors(ops)]),
  ]);
  return withWires({ pins, connectors, wires }, ops);
}

/**
 * Rows of the cavities that share copper with those touched. Rows that say where their wires go are few, or many of a
 * small table: of those all are looked at, of the others those of the circuits in question.
 */
async function sharedCopper(rows: Rows, touched: Touched): Promise<PinRow[]> {
  const telling = await rows.telling();
  const found = new Map<string, PinRow>();
  const take = (more: readonly PinRow[]) => {
    for (const row of more) found.set(row.id, row);
  };
  take(await rows.among<PinRow>("pin", "connector_id", [...touched.connectorIds]));
  const [asked, askedCircuits] = [new Set<string>(), new Set<string>()];
  for (;;) {
    const known: readonly Joining[] = telling.length === 0 ? [...found.values()] : [...telling, ...found.values()];
    const ids = [...sharing(known, touched)].filter((id) => !asked.has(id) && !found.has(id));
    for (const id of ids) asked.add(id);
    take(await rows.among<PinRow>("pin", "id", ids));
    const circuits = new Set([...touched.circuits, ...[...found.values()].flatMap((row) => row.circuit ?? [])]);
    const more = [...circuits].filter((circuit) => !askedCircuits.has(circuit));
    for (const circuit of more) askedCircuits.add(circuit);
    take(await rows.among<PinRow>("pin", "circuit", more));
    if (more.length === 0 && ids.length === 0) return [...found.values()];
  }
}

/** Connectors that cavities are put on, or moved to. */
const namedConnectors = (ops: readonly RowOp[]): string[] =>
  ops.flatMap((op) => {
    const id = op.table !== "pin" ? undefined : op.op === "update" ? op.to.connectorId : op.row.connectorId;
    return typeof id === "string" ? [id] : [];
  });

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

  /** Rows that say where their wires go, as far as copper is concerned. */
  async telling(): Promise<Joining[]> {
    const [rows] = await this.db.query<RowDataPacket[]>(
      "SELECT id, connector_id, circuit, ends FROM pin WHERE job_id = ? AND other_end IS NOT NULL",
      [this.jobId],
    );
    return rows.map((row) => ({
      id: String(row.id),
      connectorId: String(row.connector_id),
      circuit: row.circuit === null ? null : String(row.circuit),
      ends: JSON.parse(String(row.ends)),
    }));
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
