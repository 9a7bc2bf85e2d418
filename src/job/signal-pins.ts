import { cachedBy } from "@/core/cached-by";
import { type Form, parseForm } from "@/core/forms";
import { KNOWN_FROM } from "@/core/intake";
import type { SignalPin } from "@/core/signals";
import type { JobDocument, PinRow } from "./schema";

/** The job's cavities as the matcher takes them, in table order; a guess below the known level counts as not known. */
export function signalPins(document: Pick<JobDocument, "pins" | "connectors">): SignalPin[] {
  const connectors = new Map(document.connectors.map((row) => [row.id, row]));
  const ordered = document.pins.toSorted((a, b) => a.position - b.position);
  return ordered.flatMap((row) => {
    const connector = connectors.get(row.connectorId);
    // A cavity of an in-line connector hands on what others give and take.
    if (connector === undefined || connector.mateId !== null) return [];
    return [
      {
        id: row.id,
        side: connector.side,
        connector: connector.label,
        cavity: row.cavity,
        circuit: row.circuit,
        sizeMm2: row.sizeMm2,
        index: row.params.index ?? row.indexLabel,
        form: formOf(row),
        quantity: knownQuantity(row),
      },
    ];
  });
}

/** A row's form, its `params` parsed once; a kind below the known level counts as not known. */
export const formOf = cachedBy(
  ({ kind, kindConfidence, params }: PinRow): Form =>
    parseForm(kindConfidence >= KNOWN_FROM ? kind : "unknown", params),
);

export const knownQuantity = ({ quantity, quantityConfidence }: Pick<PinRow, "quantity" | "quantityConfidence">) =>
  quantityConfidence >= KNOWN_FROM ? quantity : null;
