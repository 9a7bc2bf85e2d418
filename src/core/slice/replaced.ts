import { cachedBy } from "../cached-by";
import { directionOf } from "../forms";
import type { Harness } from "../harness";

/** Whose engine stays in the vehicle. */
export const ENGINE_SIDE = "donor";

/**
 * By node: 1 where it is the old engine's coil, sender, switch or breaker, and a decided link brings the same to its
 * wire from the engine that stays: nothing asks for it any more, and nothing goes through it.
 */
export const replacedNodes = cachedBy((harness: Harness): Uint8Array => {
  const sideOf = (pinId: string) => harness.connectorById.get(harness.pinById.get(pinId)?.connectorId ?? "")?.side;
  const served = new Set<number>();
  for (const edge of harness.edges) {
    if (edge.type !== "join") continue;
    for (const end of [edge.a, edge.b]) {
      const node = harness.nodes[end];
      const pinId = node?.type === "cavity" || node?.type === "open" ? node.pinId : "";
      const pin = harness.pinById.get(pinId);
      // A feed of the host that goes across serves the donor, and is served by nothing.
      if (pin !== undefined && sideOf(pinId) === ENGINE_SIDE && directionOf(pin.form.kind) === "provider")
        served.add(harness.netOf[end] as number);
    }
  }
  return Uint8Array.from(harness.pinAt, (pin, at) =>
    pin !== undefined &&
    served.has(harness.netOf[at] as number) &&
    sideOf(pin.id) !== ENGINE_SIDE &&
    directionOf(pin.form.kind) === "provider"
      ? 1
      : 0,
  );
});
