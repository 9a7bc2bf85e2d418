import { cachedBy } from "@/core/cached-by";
import { type Form, parseForm } from "@/core/forms";
import { Groups } from "@/core/groups";
import { KNOWN_FROM } from "@/core/intake";
import { type SignalPin, saidOf } from "@/core/signals";
import { removedConnectors } from "./harness-facts";
import { toldEnds } from "./new-rows";
import type { JobDocument, PinRow } from "./schema";

/**
 * Cavities that go: those of a connector that is taken out whole, and those whose every wire is decided to be removed
 * while no accepted link gives them a new one. The map proposes nothing for them.
 */
export function leavingPins({
  pins,
  connectors,
  wires,
  cuts,
  links,
}: Pick<JobDocument, "pins" | "connectors" | "wires" | "cuts" | "links">): ReadonlySet<string> {
  if (!cuts.some(({ choice }) => choice === "remove")) return NONE;
  const removed = removedConnectors({ cuts, connectors });
  const gone = new Set(cuts.flatMap((cut) => (cut.choice === "remove" ? [cut.subject] : [])));
  const left = new Map<string, boolean>();
  for (const wire of wires)
    for (const pinId of [wire.fromPinId, wire.toPinId])
      if (pinId !== null) left.set(pinId, left.get(pinId) === true || !gone.has(`wire:${wire.id}`));
  const wiredAnew = new Set(
    links.flatMap((link) => (link.decision === "accepted" ? [link.providerId, link.consumerId] : [])),
  );
  const isBare = ({ id }: PinRow) => left.get(id) === false && !wiredAnew.has(id);
  return new Set(pins.flatMap((pin) => (removed.has(pin.connectorId) || isBare(pin) ? [pin.id] : [])));
}

const NONE: ReadonlySet<string> = new Set();

/**
 * Wires that people laid from cavity to cavity, and those of rows that say where they go, as far as they stay: what they
 * join is one copper, whatever circuits say. Cavities that meet at a named splice are joined one to the next.
 */
export function laidWires({
  pins,
  connectors,
  wires,
  cuts,
}: Pick<JobDocument, "pins" | "connectors" | "wires" | "cuts">): readonly LaidWire[] {
  const gone = new Set(cuts.flatMap((cut) => (cut.choice === "remove" ? [cut.subject] : [])));
  const telling = new Set(pins.flatMap((pin) => (toldEnds(pin).length > 0 ? [pin.id] : [])));
  const atSplice = new Map<string, string>();
  const harnessOf = telling.size === 0 ? () => "" : harnessesOf(pins, connectors);
  return wires.flatMap(({ id, origin, fromPinId, toPinId, splice }) => {
    if (gone.has(`wire:${id}`)) return [];
    if (toPinId !== null) return origin === "added" || telling.has(fromPinId) ? [[fromPinId, toPinId] as const] : [];
    if (splice === null) return [];
    const key = JSON.stringify([harnessOf(fromPinId), splice]);
    const before = atSplice.get(key);
    atSplice.set(key, fromPinId);
    return before === undefined ? [] : [[before, fromPinId] as const];
  });
}

/** The side and branch of each cavity: splices of one name are one within them. */
function harnessesOf(pins: JobDocument["pins"], connectors: JobDocument["connectors"]): (pinId: string) => string {
  const ofConnector = new Map(connectors.map(({ id, side, branchId }) => [id, `${side} ${branchId}`]));
  const ofPin = new Map(pins.map((pin) => [pin.id, ofConnector.get(pin.connectorId) ?? ""]));
  return (pinId) => ofPin.get(pinId) ?? "";
}

/** The ids of the two cavities that a wire joins. */
export type LaidWire = readonly [string, string];

/** The copper that each cavity is on, for those on circuits that laid wires join with others: one name for all of it. */
function joinedCircuits({ pins, connectors }: Pick<JobDocument, "pins" | "connectors">, laid: readonly LaidWire[]) {
  const sideOf = new Map(connectors.map(({ id, side }) => [id, side]));
  const numbers = new Map<string, number>();
  const name = ({ id, circuit, connectorId }: PinRow) =>
    circuit === null ? `cavity ${id}` : `${sideOf.get(connectorId)} ${circuit}`;
  const byId = laid.length === 0 ? new Map<string, PinRow>() : new Map(pins.map((pin) => [pin.id, pin]));
  const pairs = laid.flatMap(([from, to]) => {
    const ends = [byId.get(from), byId.get(to)];
    if (ends.includes(undefined)) return [];
    const [one, two] = (ends as PinRow[]).map((pin) => {
      if (!numbers.has(name(pin))) numbers.set(name(pin), numbers.size);
      return numbers.get(name(pin));
    });
    return [[one, two] as [number, number]];
  });
  const groups = new Groups(numbers.size);
  for (const [one, two] of pairs) groups.join(one, two);
  return (pin: PinRow): Pick<SignalPin, "circuit" | "isLaid"> => {
    const number = numbers.get(name(pin));
    return number === undefined ? { circuit: pin.circuit } : { circuit: `laid ${groups.of(number)}`, isLaid: true };
  };
}

/**
 * The job's cavities as the matcher takes them, in table order; a guess below the known level counts as not known.
 * @param leaving of {@link leavingPins}
 * @param laid of {@link laidWires}
 */
export function signalPins(
  document: Pick<JobDocument, "pins" | "connectors">,
  leaving: ReadonlySet<string>,
  laid: readonly LaidWire[],
): SignalPin[] {
  const circuitOf = joinedCircuits(document, laid);
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
        ...circuitOf(row),
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
  ({ kind, kindConfidence, params, grades }: PinRow): Form =>
    parseForm(kindConfidence >= KNOWN_FROM ? kind : "unknown", params, grades),
);

/** The cavities of a whole job as the matcher takes them. */
export const signalPinsIn = (document: Parameters<typeof leavingPins>[0]): SignalPin[] =>
  signalPins(document, leavingPins(document), laidWires(document));

export const knownQuantity = ({ quantity, quantityConfidence }: Pick<PinRow, "quantity" | "quantityConfidence">) =>
  quantityConfidence >= KNOWN_FROM ? quantity : null;
