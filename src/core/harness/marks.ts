import { type SafetyMark, safetyMarkOf } from "../functions";
import type { Harness, Wire } from "./types";

/**
 * A marked signal marks its whole net; a marked part's feed or ground only the wire on it, since others share the rest:
 * as far as it goes on alone, through every in-line piece on its way.
 */
export function safetyMarks({
  pinAt,
  netOf,
  connectorById,
  edges,
  edgesAt,
}: Pick<Harness, "pinAt" | "netOf" | "connectorById" | "edges" | "edgesAt">): (
  wire: Pick<Wire, "a" | "b">,
) => SafetyMark | null {
  const nets = new Map<number, SafetyMark>();
  const nodes = new Map<number, SafetyMark>();
  pinAt.forEach((pin, node) => {
    const mark =
      pin === undefined
        ? null
        : safetyMarkOf(pin.quantity, `${pin.description ?? ""} ${connectorById.get(pin.connectorId)?.label ?? ""}`);
    if (pin === undefined || mark === null) return;
    nodes.set(node, mark);
    if (mark === "airbag") for (const at of alone(node, { edges, edgesAt })) nodes.set(at, mark);
    const shared = pin.form.kind === "ground" || pin.form.kind === "supply-in" || pin.form.kind === "supply-out";
    const net = netOf[node] as number;
    if (!shared && nets.get(net) !== "airbag") nets.set(net, mark);
  });
  return ({ a, b }) => nodes.get(a) ?? nodes.get(b) ?? nets.get(netOf[a] as number) ?? null;
}

/** The nodes behind one over copper that branches nowhere: a wire, the in-line piece at its end, the wire behind that. */
function alone(start: number, { edges, edgesAt }: Pick<Harness, "edges" | "edgesAt">): number[] {
  const copperAt = (node: number) =>
    (edgesAt[node] ?? []).flatMap((at) => {
      const { type, a, b } = edges[at] as Harness["edges"][number];
      return type === "wire" || type === "mate" ? [{ at, next: a === node ? b : a, type }] : [];
    });
  const found: number[] = [];
  for (const first of copperAt(start)) {
    let [came, here] = [first.at, first.next];
    for (;;) {
      const onward = copperAt(here).filter(({ at }) => at !== came);
      const [next] = onward;
      // Where wires meet others share the rest; the last wire is marked by its other end.
      if (onward.length !== 1 || next === undefined || here === start) break;
      found.push(here);
      [came, here] = [next.at, next.next];
    }
  }
  return found;
}
