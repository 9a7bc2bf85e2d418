import type { Harness } from "../../harness";
import { BLOCK, MINUS } from "../nodes";
import type { PowerFacts } from "../types";
import { type NetSpan, other, type Spans } from "./spans";

/** From this size on a wire counts as a cable that grounds a body. */
const CABLE_MM2 = 4;

/**
 * Parts that gave a host's consumer its signal before: a link brings it from the donor now, and they went with the old
 * engine.
 */
export function unpluggedParts({ harness, links }: Pick<PowerFacts, "harness" | "links">): Set<string> {
  const linked = new Map<number, ReadonlySet<string>>();
  for (const link of links) {
    const [from, to] = [harness.pinById.get(link.providerId), harness.pinById.get(link.consumerId)];
    const at = harness.nodeOfPin.get(link.consumerId);
    if (
      from === undefined ||
      to === undefined ||
      at === undefined ||
      from.form.kind === "supply-out" ||
      from.form.kind === "ground" ||
      harness.connectorById.get(to.connectorId)?.side !== "host"
    )
      continue;
    linked.set(harness.netOf[at] as number, new Set([from.id, to.id]));
  }
  return new Set(
    harness.parts
      .filter(
        (part) =>
          part.side === "host" &&
          (part.type === "switch" || part.type === "sensor") &&
          part.terminals.some(({ pinId }) => {
            const [pin, at] = [harness.pinById.get(pinId ?? ""), harness.nodeOfPin.get(pinId ?? "")];
            return (
              pin?.form.kind.endsWith("-out") === true &&
              at !== undefined &&
              linked.get(harness.netOf[at] as number)?.has(pin.id) === false
            );
          }),
      )
      .map((part) => part.id),
  );
}

/** Nodes that cables, studs and copper links join to the battery's negative, the engine block left out. */
export function reachedByCable({ at }: Spans, { partById }: Pick<Harness, "partById">): Set<string> {
  const leads = ({ a, b, planned: { element, origin } }: NetSpan): boolean => {
    if (element.type !== "resistor" || a === BLOCK || b === BLOCK) return false;
    switch (origin.type) {
      case "wire":
        return origin.sizeMm2 >= CABLE_MM2;
      case "part": {
        const type = partById.get(origin.partId)?.type;
        return type === "ground-stud" || type === "splice-pack";
      }
      case "link":
        return origin.as === "wire";
      default:
        return true;
    }
  };
  const reached = new Set([MINUS]);
  for (const node of reached) for (const span of at.get(node) ?? []) if (leads(span)) reached.add(other(span, node));
  return reached;
}
