import { type Neighbour, withNeighbour } from "@/core/intake";
import { intakeReasonText } from "@/core/words";
import { type RowOp, updateOp } from "./ops";
import type { JobDocument, PinRow } from "./schema";

/**
 * What a person has just said of a cavity, told to the cavities at the other ends of its wires of which nobody knows
 * what they are: their guesses improve with it. What is known of them, however weakly, is left alone.
 *
 * @param row as it is after the change
 */
export function neighbourOps(document: JobDocument, row: PinRow): RowOp[] {
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
  const ids = new Set(
    document.wires.flatMap(({ fromPinId, toPinId }) =>
      fromPinId === row.id ? (toPinId ?? []) : toPinId === row.id ? fromPinId : [],
    ),
  );
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
