import type { HarnessPart } from "../harness";
import { BLOCK, MINUS, type Piece, type PowerFacts } from "./types";

/** From this size on a wire counts as a cable that grounds a body. */
const CABLE_MM2 = 4;

/** Parts that gave a host's consumer its signal before: a link brings it from the donor now, and they went with the old engine. */
export function unpluggedParts({ harness, links }: Pick<PowerFacts, "harness" | "links">): Set<string> {
  const linked = new Map<number, ReadonlySet<string>>();
  for (const link of links) {
    const [from, to] = [harness.pinById.get(link.providerId), harness.pinById.get(link.consumerId)];
    const at = harness.nodeOfPin.get(link.consumerId);
    if (from === undefined || to === undefined || at === undefined || from.kind === "supply-out" || from.kind === "ground" || harness.connectorById.get(to.connectorId)?.side !== "host") continue;
    linked.set(harness.netOf[at] as number, new Set([from.id, to.id]));
  }
  return new Set(harness.parts.filter((part) => part.side === "host" && (part.type === "switch" || part.type === "sensor") && part.terminals.some(({ pinId }) => {
    const [pin, at] = [harness.pinById.get(pinId ?? ""), harness.nodeOfPin.get(pinId ?? "")];
    return pin?.kind.endsWith("-out") === true && at !== undefined && linked.get(harness.netOf[at] as number)?.has(pin.id) === false;
  })).map((part) => part.id));
}

/** Nodes that cables, studs and copper links join to the battery's negative, the engine block left out. */
export function reachedByCable(pieces: readonly Piece[], parts: readonly HarnessPart[]): Set<string> {
  const studs = new Set(parts.filter((part) => part.type === "ground-stud" || part.type === "splice-pack").map((part) => part.id));
  const joined = new Map<string, string[]>();
  const join = (a: string, b: string) => { const known = joined.get(a); if (known === undefined) joined.set(a, [b]); else known.push(b); };
  for (const { element, place } of pieces) {
    if (element.type !== "resistor" || element.a === BLOCK || element.b === BLOCK) continue;
    if ((place.type === "wire" && place.sizeMm2 < CABLE_MM2) || (place.type === "part" && !studs.has(place.partId)) || (place.type === "link" && place.role !== "wire")) continue;
    join(element.a, element.b);
    join(element.b, element.a);
  }
  const reached = new Set([MINUS]);
  for (const node of reached) for (const next of joined.get(node) ?? []) reached.add(next);
  return reached;
}
