import { dequal } from "dequal/lite";
import { type ToldCavity, tableWires, type WireFacts } from "@/core/harness";
import { toldEnds } from "./new-rows";
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

const toldOf = (row: PinRow): ToldCavity => ({
  ...row,
  carries: formOf(row).kind !== "spare",
  ends: toldEnds(row),
  saysWhere: row.otherEnd !== null,
});

/** In the schema's order of columns. */
const rowOf = (wire: WireFacts, { insulation, stock, note }: Said): WireRow => ({
  id: wire.id,
  fromPinId: wire.fromPinId,
  endsAt: wire.endsAt,
  toPinId: wire.toPinId,
  splice: wire.splice,
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
  readonly splices: ReadonlySet<string>;
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
  "otherEnd",
  "ends",
  "position",
];
const CONNECTOR_COLUMNS: readonly (keyof ConnectorRow)[] = ["side", "branchId"];

const endsIn = (ends: unknown): PinRow["ends"] => (Array.isArray(ends) ? (ends as PinRow["ends"]) : []);

/** Null where no wire can differ for the operations. */
export function touchedBy(ops: readonly RowOp[]): Touched | null {
  const [pinIds, connectorIds, circuits, splices] = [
    new Set<string>(),
    new Set<string>(),
    new Set<string>(),
    new Set<string>(),
  ];
  const name = (circuit: unknown) => typeof circuit === "string" && circuits.add(circuit);
  for (const op of ops) {
    if (op.table === "pin" && (op.op !== "update" || PIN_COLUMNS.some((column) => column in op.to))) {
      pinIds.add(op.id);
      for (const side of op.op === "update" ? [op.from, op.to] : [op.row]) {
        name(side.circuit);
        for (const end of endsIn(side.ends))
          if ("splice" in end) splices.add(end.splice);
          else pinIds.add(end.pinId);
      }
    } else if (op.table === "connector" && (op.op !== "update" || CONNECTOR_COLUMNS.some((column) => column in op.to)))
      connectorIds.add(op.id);
    // The wire of a table is called by the cavity that it starts at.
    else if (op.table === "wire" && op.op === "update") pinIds.add(op.id).add(op.id.replace(/-\d+$/, ""));
  }
  return pinIds.size + connectorIds.size === 0 ? null : { pinIds, connectorIds, circuits, splices };
}

/** What of a cavity tells with which others it shares copper. */
export type Joining = Pick<PinRow, "id" | "connectorId" | "circuit" | "ends">;

/**
 * The ids of the cavities that share copper with those touched, as rows say it: those of one circuit, and those that one row
 * sends its wire to, or that meet at a splice that has a name; and so on from each of them.
 */
export function sharing(pins: readonly Joining[], { pinIds, connectorIds, circuits, splices }: Touched): Set<string> {
  const found = new Set(pinIds);
  const [onCircuits, atSplices] = [new Set(circuits), new Set(splices)];
  const isOf = (row: Joining) =>
    found.has(row.id) ||
    connectorIds.has(row.connectorId) ||
    (row.circuit !== null && onCircuits.has(row.circuit)) ||
    row.ends.some((end) => ("splice" in end ? atSplices.has(end.splice) : found.has(end.pinId)));
  let [before, waiting] = [-1, pins];
  while (found.size + onCircuits.size + atSplices.size > before) {
    before = found.size + onCircuits.size + atSplices.size;
    const left: Joining[] = [];
    for (const row of waiting) {
      if (!isOf(row)) {
        left.push(row);
        continue;
      }
      found.add(row.id);
      if (row.circuit !== null) onCircuits.add(row.circuit);
      for (const end of row.ends)
        if ("splice" in end) atSplices.add(end.splice);
        else found.add(end.pinId);
    }
    waiting = left;
  }
  return found;
}

/** The rows of the copper touched, and no others. */
function partOf(tables: WireTables, touched: Touched): WireTables {
  const ids = sharing(tables.pins, touched);
  const pins = tables.pins.filter((row) => ids.has(row.id));
  const wires = tables.wires.filter((row) => ids.has(row.fromPinId));
  return { connectors: tables.connectors, pins, wires };
}
