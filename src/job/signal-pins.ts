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
    return [{
      id: row.id, side: connector.side, connector: connector.label, cavity: row.cavity, circuit: row.circuit, params: row.params, sizeMm2: row.sizeMm2,
      index: row.params.index ?? row.indexLabel,
      ...knownForm(row),
    }];
  });
}

/** A row's form and quantity, as far as they are known. */
export const knownForm = (row: Pick<PinRow, "kind" | "kindConfidence" | "quantity" | "quantityConfidence">) => ({
  kind: row.kindConfidence >= KNOWN_FROM ? row.kind : "unknown" as const,
  quantity: row.quantityConfidence >= KNOWN_FROM ? row.quantity : null,
});
