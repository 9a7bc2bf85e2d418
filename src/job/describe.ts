import { classifyPins } from "@/core/intake";
import { intakeReasonText } from "@/core/words";
import type { RowOp } from "./ops";
import { enterOp } from "./pin-ops";
import type { JobDocument, PinRow } from "./schema";

/**
 * A cavity described anew: what was only proposed for it is proposed again from the new words. Null where nothing
 * changes.
 */
export function describeOp(document: JobDocument, pinId: string, description: string | null): RowOp | null {
  const row = document.pins.find((pin) => pin.id === pinId);
  const guess = guessesOf(document, new Map([[pinId, description]])).get(pinId);
  return row === undefined || guess === undefined ? null : enterOp(row, { description, ...guess });
}

/**
 * What is proposed of cavities from new words, each read with the other rows of its connector, which alone tell what it
 * is on; what a table gave or a person confirmed stays.
 *
 * @param described new descriptions by the cavities' ids
 */
export function guessesOf(
  document: Pick<JobDocument, "pins" | "connectors">,
  described: ReadonlyMap<string, string | null>,
): Map<string, Partial<PinRow>> {
  const touched = new Set(document.pins.flatMap((pin) => (described.has(pin.id) ? [pin.connectorId] : [])));
  const guesses = new Map<string, Partial<PinRow>>();
  for (const connector of document.connectors) {
    if (!touched.has(connector.id)) continue;
    const members = document.pins.filter((pin) => pin.connectorId === connector.id);
    const readings = classifyPins(
      members.map((pin) => ({
        connector: connector.label,
        cavity: pin.cavity,
        description: described.has(pin.id) ? (described.get(pin.id) ?? null) : pin.description,
      })),
      connector.side,
    );
    members.forEach((row, at) => {
      const reading = readings[at];
      if (reading === undefined || !described.has(row.id)) return;
      guesses.set(row.id, {
        ...(row.kindSource !== "proposed"
          ? {}
          : {
              kind: reading.kind.value,
              kindConfidence: reading.kind.confidence,
              kindWhy: intakeReasonText(reading.kind.why),
            }),
        ...(row.quantitySource !== "proposed"
          ? {}
          : {
              quantity: reading.quantity.value,
              quantityConfidence: reading.quantity.confidence,
              quantityWhy: intakeReasonText(reading.quantity.why),
              indexLabel: row.params.index ?? reading.index,
            }),
      });
    });
  }
  return guesses;
}
