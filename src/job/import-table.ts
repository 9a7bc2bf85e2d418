import { nanoid } from "nanoid";
import type { Kind, Params, Quantity, Side } from "@/core/forms";
import type { CavityChange, Guess, WireColour } from "@/core/intake";
import { intakeReasonText } from "@/core/words";
import { deleteOp, insertOp, type RowOp, updateOp } from "./ops";
import type { ConnectorRow, JobDocument, PinRow } from "./schema";

/** A value with where it comes from: written in a table, or proposed from the description. */
export interface Told<T> extends Guess<T> {
  readonly source: "given" | "proposed";
}

/** A cavity as a table told it; SI units, null for what is not known. */
export interface ImportedPin {
  readonly connector: string;
  readonly cavity: string;
  readonly circuit: string | null;
  readonly colour: WireColour | null;
  readonly sizeMm2: number | null;
  readonly lengthM: number | null;
  readonly description: string | null;
  readonly kind: Told<Kind>;
  readonly quantity: Told<Quantity | null>;
  /** Cylinder, bank or line number that the row names, for pairing. */
  readonly index: string | null;
  readonly params: Params;
  readonly extra: Readonly<Record<string, string>>;
}

export interface PinDifference {
  readonly connector: string;
  readonly cavity: string;
  readonly columns: readonly CavityChange[];
}

export interface ImportPlan {
  readonly ops: readonly RowOp[];
  readonly added: number;
  readonly same: number;
  readonly changed: readonly PinDifference[];
  /** In the job and not in the table: kept, unless the person removes them. */
  readonly absent: readonly { readonly connector: string; readonly cavity: string; readonly linked: boolean }[];
}

/**
 * What importing a table would change, cavity by cavity, and the operations that do it. A kind or quantity that a
 * person confirmed is kept against a mere proposal. Rows that the table no longer has are removed only on request, and
 * never while a decided link uses them.
 *
 * @param makeId gives ids for new rows; handed in so that a test can repeat a run
 */
export function planImport(
  document: JobDocument,
  side: Side,
  pins: readonly ImportedPin[],
  removeAbsent: boolean,
  makeId: () => string = nanoid,
): ImportPlan {
  const connectors = new Map(document.connectors.filter((row) => row.side === side).map((row) => [row.label, row]));
  const known = pinsByPlace(document, connectors);
  // Connectors first, so that no cavity is ever without its own.
  const connectorOps: RowOp[] = [];
  const ops: RowOp[] = [];
  const changed: PinDifference[] = [];
  const seen = new Set<string>();
  let [added, same] = [0, 0];
  let position = Math.max(-1, ...[...known.values()].map((row) => row.position)) + 1;

  for (const pin of pins) {
    let connector = connectors.get(pin.connector);
    if (connector === undefined) {
      connector = newConnector(makeId(), side, pin.connector, connectors.size);
      connectors.set(pin.connector, connector);
      connectorOps.push(insertOp("connector", connector));
    }
    const place = placeKey(connector.id, pin.cavity);
    seen.add(place);
    const facts = factsOf(pin);
    const row = known.get(place);
    if (row === undefined) {
      ops.push(insertOp("pin", { id: makeId(), connectorId: connector.id, cavity: pin.cavity, ...facts, position }));
      position += 1;
      added += 1;
      continue;
    }
    const op = updateOp("pin", row.id, row, keepConfirmed(row, facts));
    if (op === null) same += 1;
    else {
      ops.push(op);
      changed.push({ connector: pin.connector, cavity: pin.cavity, columns: differences(op) });
    }
  }

  const linked = new Set([
    ...document.links.flatMap((link) => [link.providerId, link.consumerId]),
    ...addedWireEnds(document),
  ]);
  const gone = [...known].filter(([place]) => !seen.has(place)).map(([, row]) => row);
  if (removeAbsent) for (const row of gone) if (!linked.has(row.id)) ops.push(deleteOp("pin", row));
  const labels = new Map(document.connectors.map((row) => [row.id, row.label]));
  return {
    ops: [...connectorOps, ...ops],
    added,
    same,
    changed,
    absent: gone.map((row) => ({
      connector: labels.get(row.connectorId) ?? "",
      cavity: row.cavity,
      linked: linked.has(row.id),
    })),
  };
}

/** Cavities that people's own wires end at. */
export const addedWireEnds = ({ wires }: Pick<JobDocument, "wires">): string[] =>
  wires.flatMap((wire) => (wire.origin === "added" ? [wire.fromPinId, wire.toPinId ?? wire.fromPinId] : []));

/** A connector of which nobody knows more than its name. */
export const newConnector = (id: string, side: Side, label: string, position: number): ConnectorRow => ({
  id,
  side,
  label,
  place: null,
  position,
  branchId: null,
  mateId: null,
  face: null,
  keying: null,
  gender: null,
  housing: null,
});

const placeKey = (connectorId: string, cavity: string) => JSON.stringify([connectorId, cavity]);

function pinsByPlace(document: JobDocument, connectors: ReadonlyMap<string, ConnectorRow>): Map<string, PinRow> {
  const ids = new Set([...connectors.values()].map((row) => row.id));
  return new Map(
    document.pins.filter((row) => ids.has(row.connectorId)).map((row) => [placeKey(row.connectorId, row.cavity), row]),
  );
}

type Facts = Omit<PinRow, "id" | "connectorId" | "cavity" | "position">;

function factsOf(pin: ImportedPin): Facts {
  return {
    circuit: pin.circuit,
    colour: pin.colour?.written ?? null,
    colourBase: pin.colour?.base ?? null,
    colourTracer: pin.colour?.tracer ?? null,
    sizeMm2: pin.sizeMm2,
    lengthM: pin.lengthM,
    description: pin.description,
    kind: pin.kind.value,
    kindConfidence: pin.kind.confidence,
    kindSource: pin.kind.source,
    kindWhy: intakeReasonText(pin.kind.why),
    quantity: pin.quantity.value,
    quantityConfidence: pin.quantity.confidence,
    quantitySource: pin.quantity.source,
    quantityWhy: intakeReasonText(pin.quantity.why),
    indexLabel: pin.index,
    params: { ...pin.params },
    extra: { ...pin.extra },
  };
}

function keepConfirmed(row: PinRow, facts: Facts): Facts {
  const kind =
    row.kindSource === "confirmed" && facts.kindSource === "proposed"
      ? { kind: row.kind, kindConfidence: row.kindConfidence, kindSource: row.kindSource, kindWhy: row.kindWhy }
      : {};
  const quantity =
    row.quantitySource === "confirmed" && facts.quantitySource === "proposed"
      ? {
          quantity: row.quantity,
          quantityConfidence: row.quantityConfidence,
          quantitySource: row.quantitySource,
          quantityWhy: row.quantityWhy,
        }
      : {};
  return { ...facts, ...kind, ...quantity };
}

/** Columns that a person reads; confidence and reason go along unseen. */
const SHOWN: readonly CavityChange["column"][] = [
  "circuit",
  "colour",
  "sizeMm2",
  "lengthM",
  "description",
  "kind",
  "quantity",
  "params",
  "extra",
];

const differences = (op: RowOp): CavityChange[] =>
  op.op !== "update"
    ? []
    : SHOWN.flatMap((column) =>
        column in op.to ? [{ column, from: op.from[column], to: op.to[column] } as CavityChange] : [],
      );
