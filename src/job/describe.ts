import { classifyPins } from "@/core/intake";
import { intakeReasonText } from "@/core/words";
import { type RowOp, updateOp } from "./ops";
import type { JobDocument, PinRow } from "./schema";

/**
 * A cavity described anew: what was only proposed for it is proposed again from the new words, read with the other rows
 * of its connector, which alone tell what it is on; what a table gave or a person confirmed stays. Null where nothing
 * changes.
 */
export function describeOp(document: JobDocument, pinId: string, description: string | null): RowOp | null {
  const row = document.pins.find((pin) => pin.id === pinId);
  const connector = document.connectors.find(({ id }) => id === row?.connectorId);
  if (row === undefined || connector === undefined) return null;
  const members = document.pins.filter((pin) => pin.connectorId === connector.id);
  const readings = classifyPins(
    members.map((pin) => ({
      connector: connector.label,
      cavity: pin.cavity,
      description: pin.id === pinId ? description : pin.description,
    })),
    connector.side,
  );
  const reading = readings[members.indexOf(row)];
  const kind: Partial<PinRow> =
    row.kindSource === "proposed" && reading
      ? {
          kind: reading.kind.value,
          kindConfidence: reading.kind.confidence,
          kindWhy: intakeReasonText(reading.kind.why),
        }
      : {};
  const quantity: Partial<PinRow> =
    row.quantitySource === "proposed" && reading
      ? {
          quantity: reading.quantity.value,
          quantityConfidence: reading.quantity.confidence,
          quantityWhy: intakeReasonText(reading.quantity.why),
          indexLabel: row.params.index ?? reading.index,
        }
      : {};
  return updateOp("pin", pinId, row, { description, ...kind, ...quantity });
}
