import { cachedBy } from "@/core/cached-by";
import { type Form, parseForm } from "@/core/forms";
import { KNOWN_FROM } from "@/core/intake";
import { type SignalPin, saidOf } from "@/core/signals";
import { removedConnectors } from "./harness-facts";
import type { JobDocument, PinRow } from "./schema";

/**
 * Cavities that go: those of a connector that is taken out whole, and those whose every wire is decided to be removed.
 * The map proposes nothing for them.
 */
export function leavingPins({
  pins,
  connectors,
  wires,
  cuts,
}: Pick<JobDocument, "pins" | "connectors" | "wires" | "cuts">): ReadonlySet<string> {
  if (!cuts.some(({ choice }) => choice === "remove")) return NONE;
  const removed = removedConnectors({ cuts, connectors });
  const gone = new Set(cuts.flatMap((cut) => (cut.choice === "remove" ? [cut.subject] : [])));
  const left = new Map<string, boolean>();
  for (const wire of wires)
    for (const pinId of [wire.fromPinId, wire.toPinId])
      if (pinId !== null) left.set(pinId, left.get(pinId) === true || !gone.has(`wire:${wire.id}`));
  return new Set(pins.flatMap((pin) => (removed.has(pin.connectorId) || left.get(pin.id) === false ? [pin.id] : [])));
}

const NONE: ReadonlySet<string> = new Set();

/**
 * The job's cavities as the matcher takes them, in table order; a guess below the known level counts as not known.
 * @param leaving of {@link leavingPins}
 */
export function signalPins(
  document: Pick<JobDocument, "pins" | "connectors">,
  leaving: ReadonlySet<string>,
): SignalPin[] {
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
        ...saidOf(row.description, formOf(row)),
        ...(leaving.has(row.id) ? { leaves: true } : {}),
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
