import { CONDUCTS, type Harness, type HarnessEdge, letThrough } from "../harness";
import { replacedNodes } from "./replaced";

/**
 * By edge: 1 where current goes on through it. What a link replaces is not gone through. A diode across a coil carries the coil's own current when it is let go,
 * and joins nothing: what is connected to the two ends of a dropped relay's coil shares nothing through it.
 */
export function conducting(harness: Harness): Uint8Array {
  const through = letThrough(harness.edges, CONDUCTS);
  const net = (node: number) => harness.netOf[node] as number;
  const across = ({ a, b }: HarnessEdge) => `${Math.min(net(a), net(b))} ${Math.max(net(a), net(b))}`;
  const loads = new Set(harness.edges.flatMap((edge) => (edge.type === "load" ? [across(edge)] : [])));
  const diodes = new Set(
    harness.parts.flatMap(({ id, elements }) =>
      elements.flatMap((one) => (one.type === "diode" ? [`${id} ${one.id}`] : [])),
    ),
  );
  if (diodes.size > 0)
    harness.edges.forEach((edge, at) => {
      if (diodes.has(`${edge.partId} ${edge.elementId}`) && loads.has(across(edge))) through[at] = 0;
    });
  const replaced = replacedNodes(harness);
  harness.edges.forEach(({ type, a, b }, at) => {
    if (type === "path" && (replaced[a] === 1 || replaced[b] === 1)) through[at] = 0;
  });
  return through;
}
