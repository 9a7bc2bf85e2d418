import { DRIVING, type EdgeType } from "../../harness";
import type { PowerFacts } from "../types";

/** What the harness takes a feed to be brought up by, as it does where it assumes one. */
const THROUGH: ReadonlySet<EdgeType> = new Set(["wire", "mate", "joint", "path"]);

/**
 * Nodes of the harness that links and tried wires bring up to the battery: a feed that was assumed there is assumed no more, as the
 * harness itself has it once they are decided. Empty where nothing but the harness's own joins is there.
 */
export function broughtUp({ harness, links, gone, tried }: PowerFacts): ReadonlySet<number> {
  const joined = new Set(harness.edges.flatMap((edge) => (edge.type === "join" ? [`${edge.a} ${edge.b}`, `${edge.b} ${edge.a}`] : [])));
  const pairs = [...links.map((link) => [link.providerId, link.consumerId] as const), ...tried.straps.map((strap) => [strap.fromPinId, strap.toPinId] as const)]
    .flatMap(([from, to]) => { const [a, b] = [harness.nodeOfPin.get(from), harness.nodeOfPin.get(to)]; return a === undefined || b === undefined ? [] : [[a, b] as const]; });
  // Nothing that the harness does not know of: it has answered this already.
  if (pairs.every(([a, b]) => joined.has(`${a} ${b}`))) return NONE;
  const beside = new Map<number, number[]>();
  const add = (a: number, b: number) => { const own = beside.get(a); if (own === undefined) beside.set(a, [b]); else own.push(b); };
  for (const [a, b] of pairs) { add(a, b); add(b, a); }
  const seen = new Set([harness.plus]);
  for (const at of seen) {
    const reach = (next: number) => { if (next !== harness.chassis) seen.add(next); };
    for (const next of beside.get(at) ?? []) reach(next);
    for (const nth of harness.edgesAt[at] ?? []) {
      const edge = harness.edges[nth];
      if (edge === undefined || !THROUGH.has(edge.type) || (edge.type === "wire" && gone.has(edge.id))) continue;
      if (edge.type === "path" && DRIVING.has(harness.partById.get(edge.partId ?? "")?.type ?? "")) continue;
      reach(edge.a === at ? edge.b : edge.a);
    }
  }
  return seen;
}

const NONE: ReadonlySet<number> = new Set();
