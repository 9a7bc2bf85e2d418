import { type SafetyMark, safetyMarkOf } from "../functions";
import type { Harness, Wire } from "./types";

/**
 * A marked signal marks its whole net; a marked part's feed or ground only the wire on it, since others share the rest.
 */
export function safetyMarks({
  pinAt,
  netOf,
  connectorById,
}: Pick<Harness, "pinAt" | "netOf" | "connectorById">): (wire: Pick<Wire, "a" | "b">) => SafetyMark | null {
  const nets = new Map<number, SafetyMark>();
  const nodes = new Map<number, SafetyMark>();
  pinAt.forEach((pin, node) => {
    const mark =
      pin === undefined
        ? null
        : safetyMarkOf(pin.quantity, `${pin.description ?? ""} ${connectorById.get(pin.connectorId)?.label ?? ""}`);
    if (pin === undefined || mark === null) return;
    nodes.set(node, mark);
    const shared = pin.form.kind === "ground" || pin.form.kind === "supply-in" || pin.form.kind === "supply-out";
    const net = netOf[node] as number;
    if (!shared && nets.get(net) !== "airbag") nets.set(net, mark);
  });
  return ({ a, b }) => nodes.get(a) ?? nodes.get(b) ?? nets.get(netOf[a] as number) ?? null;
}
