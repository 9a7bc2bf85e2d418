import { DRIVING, type EdgeType, reach } from "../../harness";
import type { PowerFacts } from "../types";

/** What joins a feed to the battery for the harness, as where it assumes one. */
const THROUGH: ReadonlySet<EdgeType> = new Set(["wire", "mate", "joint", "path"]);

/**
 * Nodes of the harness that links and tried wires join to the battery: a feed that was assumed there is assumed no
 * more, as the harness itself has it once they are decided. Empty where nothing but the harness's own joins is there.
 */
export function joinedFeeds({ harness, links, gone, tried }: PowerFacts): ReadonlySet<number> {
  const joined = new Set(
    harness.edges.flatMap((edge) => (edge.type === "join" ? [`${edge.a} ${edge.b}`, `${edge.b} ${edge.a}`] : [])),
  );
  const pairs = [
    ...links.map((link) => [link.providerId, link.consumerId] as const),
    ...tried.straps.map((strap) => [strap.fromPinId, strap.toPinId] as const),
  ].flatMap(([from, to]) => {
    const [a, b] = [harness.nodeOfPin.get(from), harness.nodeOfPin.get(to)];
    return a === undefined || b === undefined ? [] : [[a, b] as const];
  });
  // Nothing that the harness does not know of: it has answered this already.
  if (pairs.every(([a, b]) => joined.has(`${a} ${b}`))) return NONE;
  const beside = new Map<number, number[]>();
  const add = (a: number, b: number) => {
    const own = beside.get(a);
    if (own === undefined) beside.set(a, [b]);
    else own.push(b);
  };
  for (const [a, b] of pairs) {
    add(a, b);
    add(b, a);
  }
  const drives = (partId: string | null) => DRIVING.has(harness.partById.get(partId ?? "")?.type ?? "");
  return reach(
    harness,
    harness.plus,
    (edge) => THROUGH.has(edge.type) && !gone.has(edge.id) && !(edge.type === "path" && drives(edge.partId)),
    { not: harness.chassis, beside },
  );
}

const NONE: ReadonlySet<number> = new Set();
