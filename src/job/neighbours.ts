import { KNOWN_FROM, type Neighbour, withNeighbour } from "@/core/intake";
import { intakeReasonText } from "@/core/words";
import { mateOps } from "./harness-ops";
import { applyOps, type RowOp, updateOp } from "./ops";
import type { JobDocument, PinRow } from "./schema";

/**
 * What a person has just said of a cavity, told to the cavities at the other ends of its wires, and to the one that meets
 * it in line, of which nobody knows what they are: their guesses improve with it. What is known of them, however weakly, is left alone.
 *
 * @param row as it is after the change
 */
export function neighbourOps(document: JobDocument, row: PinRow): RowOp[] {
  const ends = document.wires.flatMap(({ fromPinId, toPinId }) =>
    fromPinId === row.id ? (toPinId ?? []) : toPinId === row.id ? fromPinId : [],
  );
  return toldOps(document, row, new Set([...ends, ...meeting(document, row)]));
}

/** The cavity that meets it in the other half of an in-line connector. */
function meeting(document: JobDocument, { connectorId, cavity }: PinRow): readonly string[] {
  const mateId = document.connectors.find(({ id }) => id === connectorId)?.mateId ?? null;
  if (mateId === null) return [];
  return document.pins.flatMap((pin) => (pin.connectorId === mateId && pin.cavity === cavity ? pin.id : []));
}

/** Plugs one half into the other, or parts them; what is known of a cavity then tells the one that it meets. */
export function plugOps(document: JobDocument, connectorId: string, mateId: string | null): RowOp[] {
  const ops = mateOps(document, connectorId, mateId);
  if (mateId === null) return ops;
  const plugged = applyOps(document, ops);
  const known = plugged.pins.filter(
    (row) => (row.connectorId === connectorId || row.connectorId === mateId) && row.kindConfidence >= KNOWN_FROM,
  );
  return [...ops, ...known.flatMap((row) => toldOps(plugged, row, new Set(meeting(plugged, row))))];
}

/** What one cavity tells the others of `ids`. */
function toldOps(document: JobDocument, row: PinRow, ids: ReadonlySet<string>): RowOp[] {
  const label = document.connectors.find(({ id }) => id === row.connectorId)?.label ?? "";
  const neighbour: Neighbour = {
    connector: label,
    cavity: row.cavity,
    reading: {
      kind: { value: row.kind, confidence: row.kindConfidence, why: { code: "given" } },
      quantity: { value: row.quantity, confidence: row.quantityConfidence, why: { code: "given" } },
      index: row.indexLabel,
    },
  };
  return document.pins.flatMap((other): RowOp[] => {
    if (!ids.has(other.id) || other.kindSource !== "proposed" || other.quantitySource !== "proposed") return [];
    const before = {
      kind: { value: other.kind, confidence: other.kindConfidence, why: { code: "not-read-yet" } },
      quantity: { value: other.quantity, confidence: other.quantityConfidence, why: { code: "not-read-yet" } },
      index: other.indexLabel,
    } as const;
    const after = withNeighbour(before, neighbour);
    if (after === before) return [];
    const op = updateOp("pin", other.id, other, {
      kind: after.kind.value,
      kindConfidence: after.kind.confidence,
      kindWhy: intakeReasonText(after.kind.why),
      quantity: after.quantity.value,
      quantityConfidence: after.quantity.confidence,
      quantityWhy: intakeReasonText(after.quantity.why),
      indexLabel: after.index,
    });
    return op === null ? [] : [op];
  });
}

/** An operation on a cavity with what its neighbours learn from it. */
export function withNeighbours(document: JobDocument, row: PinRow, op: RowOp | null): (RowOp | null)[] {
  if (op === null || op.op !== "update") return [op];
  return [op, ...neighbourOps(document, { ...row, ...(op.to as Partial<PinRow>) })];
}
