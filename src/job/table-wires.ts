import { dequal } from "dequal/lite";
import { type ToldCavity, tableWires, type WireFacts } from "@/core/harness";
import { applyOps, deleteOp, insertOp, type RowOp } from "./ops";
import type { ConnectorRow, JobDocument, PinRow, WireRow } from "./schema";
import { formOf } from "./signal-pins";

/** The rows from which the wires of the tables follow. */
export type WireTables = Pick<JobDocument, "pins" | "connectors" | "wires">;

/** What people say of a wire; all else of a table's wire follows from the table. */
type Said = Pick<WireRow, "insulation" | "stock" | "note">;
const UNSAID: Said = { insulation: null, stock: "original", note: "" };

/**
 * Whether an operation only keeps a wire in step with the tables: such are made anew, never sent, undone or found in
 * conflict.
 */
export const followsTables = (op: RowOp): boolean =>
  op.table === "wire" && op.op !== "update" && op.row.origin === "table";

/**
 * The operations with those on the tables' wires that follow from them: what a cavity loses is taken out before it
 * goes, what it gains is put in once it is there. What people said of a wire stays with it; where a change takes one
 * back that is gone, `ops` may carry it (`followsTables`), and its words are kept.
 *
 * @param tables all rows of the job, or at least those of the circuits that `touchedBy` names
 */
export function withWires(tables: WireTables, ops: readonly RowOp[]): RowOp[] {
  const own = ops.filter((op) => !followsTables(op));
  const touched = touchedBy(own);
  if (touched === null) return own;
  const part = partOf(tables, touched);
  const after = applyOps<WireTables>(part, own);
  const before = new Map(part.wires.filter((row) => row.origin === "table").map((row) => [row.id, row]));
  const said = new Map<string, WireRow>([
    ...ops.flatMap((op) => (op.op === "insert" && followsTables(op) ? [[op.id, op.row as WireRow] as const] : [])),
    ...after.wires.map((row) => [row.id, row] as const),
  ]);
  const wanted = new Map(wiresOf(after, said).map((row) => [row.id, row]));
  // As the operations by themselves would leave them.
  const left = new Map(after.wires.map((row) => [row.id, row]));
  const stands = (id: string) => dequal(left.get(id), wanted.get(id));
  return [
    ...[...before.values()].filter((row) => !stands(row.id)).map((row) => deleteOp("wire", row)),
    ...own,
    ...[...wanted.values()].filter((row) => !stands(row.id)).map((row) => insertOp("wire", row)),
  ];
}

/** The document after the operations, its wires in step. */
export const carryOut = (document: JobDocument, ops: readonly RowOp[]): JobDocument =>
  applyOps(document, withWires(document, ops));

/**
 * A document whose wires follow its tables, as every job's do: one of another time, or of another hand, may have none.
 */
export function inStep<T extends WireTables>(document: T): T {
  const said = new Map(document.wires.map((row) => [row.id, row]));
  return {
    ...document,
    wires: [...wiresOf(document, said), ...document.wires.filter((row) => row.origin === "added")],
  };
}

function wiresOf({ pins, connectors }: WireTables, said: ReadonlyMap<string, Said>): WireRow[] {
  const ordered = pins.toSorted((a, b) => a.position - b.position || (a.id < b.id ? -1 : 1));
  return tableWires(ordered.map(toldOf), connectors).map((wire) => rowOf(wire, said.get(wire.id) ?? UNSAID));
}

const toldOf = (row: PinRow): ToldCavity => ({ ...row, carries: formOf(row).kind !== "spare" });

/** In the schema's order of columns. */
const rowOf = (wire: WireFacts, { insulation, stock, note }: Said): WireRow => ({
  id: wire.id,
  fromPinId: wire.fromPinId,
  endsAt: wire.endsAt,
  toPinId: wire.toPinId,
  origin: wire.origin,
  circuit: wire.circuit,
  colour: wire.colour,
  colourBase: wire.colourBase,
  colourTracer: wire.colourTracer,
  sizeMm2: wire.sizeMm2,
  lengthM: wire.lengthM,
  insulation,
  stock,
  note,
});

/**
 * Cavities, and connectors with all of theirs, whose wires may be others after the operations; circuits by the names
 * that these bring.
 */
export interface Touched {
  readonly pinIds: ReadonlySet<string>;
  readonly connectorIds: ReadonlySet<string>;
  readonly circuits: ReadonlySet<string>;
}

const PIN_COLUMNS: readonly (keyof PinRow)[] = [
  "connectorId",
  "circuit",
  "colour",
  "colourBase",
  "colourTracer",
  "sizeMm2",
  "lengthM",
  "kind",
  "kindConfidence",
  "position",
];
const CONNECTOR_COLUMNS: readonly (keyof ConnectorRow)[] = ["side", "branchId"];

/** Null where no wire can differ for the operations. */
export function touchedBy(ops: readonly RowOp[]): Touched | null {
  const [pinIds, connectorIds, circuits] = [new Set<string>(), new Set<string>(), new Set<string>()];
  const name = (circuit: unknown) => typeof circuit === "string" && circuits.add(circuit);
  for (const op of ops) {
    if (op.table === "pin" && (op.op !== "update" || PIN_COLUMNS.some((column) => column in op.to))) {
      pinIds.add(op.id);
      for (const side of op.op === "update" ? [op.from, op.to] : [op.row]) name(side.circuit);
    } else if (op.table === "connector" && (op.op !== "update" || CONNECTOR_COLUMNS.some((column) => column in op.to)))
      connectorIds.add(op.id);
    // The wire of a table is called by the cavity that it starts at.
    else if (op.table === "wire" && op.op === "update") pinIds.add(op.id);
  }
  return pinIds.size + connectorIds.size === 0 ? null : { pinIds, connectorIds, circuits };
}

/** The rows of the circuits touched, and no others. */
function partOf(tables: WireTables, { pinIds, connectorIds, circuits: named }: Touched): WireTables {
  const touched = (row: PinRow) => pinIds.has(row.id) || connectorIds.has(row.connectorId);
  const circuits = new Set(named);
  for (const row of tables.pins) if (row.circuit !== null && touched(row)) circuits.add(row.circuit);
  const pins = tables.pins.filter((row) => touched(row) || (row.circuit !== null && circuits.has(row.circuit)));
  const ids = new Set([...pins.map((row) => row.id), ...pinIds]);
  const wires = tables.wires.filter((row) => ids.has(row.fromPinId));
  return { connectors: tables.connectors, pins, wires };
}
