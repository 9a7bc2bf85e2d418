import type { Harness, HarnessEdge } from "../harness";
import type { FunctionNeed } from "./slice";
import { shownStraps } from "./straps";

/** A way of so many pieces more than the shortest is drawn too: one of two feeds is often that much longer. */
const DETOUR = 1;

/**
 * Of the edges that a function needs, those on its short ways. What lies on any simple path at all must not be cut unasked
 * (slice.ts), but to draw it all hides the circuit: current gets from a fuse to a lamp by its switch, and also by way of
 * the hazard switch and everybody else's feeds.
 *
 * @param through where it is given, only ways that go through one of these nodes
 */
export function directEdges(
  harness: Harness,
  need: FunctionNeed,
  through: ReadonlySet<number> | null = null,
): number[] {
  const at = new Map<number, number[]>();
  const edgeAt = (one: number) => harness.edges[one] as HarnessEdge;
  for (const one of need.edges)
    for (const node of [edgeAt(one).a, edgeAt(one).b]) at.set(node, [...(at.get(node) ?? []), one]);
  const found = new Map<number, ReadonlyMap<number, number>>();
  const stepsFrom = (start: number): ReadonlyMap<number, number> => {
    const known = found.get(start);
    if (known !== undefined) return known;
    const steps = new Map([[start, 0]]);
    const queue = [start];
    for (const node of queue) {
      for (const one of at.get(node) ?? []) {
        const { a, b } = edgeAt(one);
        const other = a === node ? b : a;
        if (steps.has(other)) continue;
        steps.set(other, (steps.get(node) as number) + 1);
        queue.push(other);
      }
    }
    found.set(start, steps);
    return steps;
  };
  const kept = new Set<number>(need.returnsByBlock && through === null ? shownStraps(harness).edges : []);
  for (const { from, to } of need.demands) {
    const [there, back] = [stepsFrom(from), stepsFrom(to)];
    const shortest = there.get(to);
    if (shortest === undefined) continue;
    const isOn = (node: number) =>
      (there.get(node) ?? Number.POSITIVE_INFINITY) + (back.get(node) ?? Number.POSITIVE_INFINITY) <= shortest + DETOUR;
    if (through !== null && ![...through].some(isOn)) continue;
    for (const one of need.edges) {
      if (kept.has(one)) continue;
      const { a, b } = edgeAt(one);
      const over = (near: number, far: number) =>
        (there.get(near) ?? Number.POSITIVE_INFINITY) + 1 + (back.get(far) ?? Number.POSITIVE_INFINITY);
      if (Math.min(over(a, b), over(b, a)) <= shortest + DETOUR) kept.add(one);
    }
  }
  return need.edges.filter((one) => kept.has(one));
}
