import type { CavityPoint, Point, WireEnds } from "../points";
import type { Harness, Wire } from "./types";

type Named = Pick<Harness, "nodes" | "pinById" | "connectorById"> & { readonly partById?: Harness["partById"] };

/** A node of the harness as facts name it. */
export function pointAt(harness: Named, at: number): Point {
  const node = harness.nodes[at];
  switch (node?.type) {
    case "cavity":
      return cavityPoint(harness, node.pinId);
    case "open":
      return { ...cavityPoint(harness, node.pinId), type: "open-end" };
    case "splice":
      return { type: "splice", side: node.side, circuit: node.label };
    case "terminal":
      return { type: "terminal", part: harness.partById?.get(node.partId)?.label ?? "", terminal: node.terminal };
    case "pole":
      return { type: "pole", pole: node.pole };
    default:
      return { type: "body" };
  }
}

/** A cavity as facts name it. One that is not in the harness has empty names. */
export function cavityPoint(
  { pinById, connectorById }: Pick<Harness, "pinById" | "connectorById">,
  pinId: string,
): CavityPoint {
  const pin = pinById.get(pinId);
  const connector = connectorById.get(pin?.connectorId ?? "");
  return {
    type: "cavity",
    pinId,
    side: connector?.side ?? "host",
    connector: connector?.label ?? "",
    cavity: pin?.cavity ?? "",
  };
}

export const endsOf = (harness: Named, { a, b }: Pick<Wire, "a" | "b">): WireEnds => ({
  from: pointAt(harness, a),
  to: pointAt(harness, b),
});
