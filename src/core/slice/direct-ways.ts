import type { Harness, HarnessEdge } from "../harness";
import { conducting } from "./conducting";
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
  const steps = stepsWithin(harness, need.edges);
  const kept = new Set<number>(need.returnsByBlock && through === null ? shownStraps(harness).edges : []);
  for (const { from, to } of need.demands) {
    const [there, back] = [steps(from), steps(to)];
    const shortest = there[to] as number;
    if (shortest >= FAR) continue;
    const isOn = (node: number) => (there[node] as number) + (back[node] as number) <= shortest + DETOUR;
    if (through !== null && ![...through].some(isOn)) continue;
    for (const one of need.edges) {
      if (kept.has(one)) continue;
      const { a, b } = harness.edges[one] as HarnessEdge;
      const over = (near: number, far: number) => (there[near] as number) + 1 + (back[far] as number);
      if (Math.min(over(a, b), over(b, a)) <= shortest + DETOUR) kept.add(one);
    }
  }
  return need.edges.filter((one) => kept.has(one));
}

/** More steps than any way has: what is not reached. */
const FAR = 1 << 24;

/** How many of these edges each node lies from one, found once for each start. */
function stepsWithin(harness: Harness, edges: readonly number[]): (start: number) => Int32Array {
  const at = new Map<number, number[]>();
  const join = (node: number, other: number) => {
    const known = at.get(node);
    if (known === undefined) at.set(node, [other]);
    else known.push(other);
  };
  for (const one of edges) {
    const { a, b } = harness.edges[one] as HarnessEdge;
    join(a, b);
    join(b, a);
  }
  const found = new Map<number, Int32Array>();
  return (start) => {
    const known = found.get(start);
    if (known !== undefined) return known;
    const steps = new Int32Array(harness.nodes.length).fill(FAR);
    steps[start] = 0;
    const queue = [start];
    for (const node of queue)
      for (const other of at.get(node) ?? []) {
        if (steps[other] !== FAR) continue;
        steps[other] = (steps[node] as number) + 1;
        queue.push(other);
      }
    found.set(start, steps);
    return steps;
  };
}

/**
 * The shortest way of a current from the battery to each node, and from there back, as far as copper, contacts and fuses
 * reach: what no function goes through, as a fuse way that is still free, has its feed all the same.
 */
export function waysToPoles(harness: Harness, nodes: ReadonlySet<number>): number[] {
  const through = conducting(harness);
  const edges = new Set<number>();
  for (const pole of [harness.plus, harness.minus]) {
    /** By node: the edge by which it was reached. */
    const by = new Map<number, number>();
    const queue = [pole];
    for (const node of queue)
      for (const one of harness.edgesAt[node] ?? []) {
        const { a, b } = harness.edges[one] as HarnessEdge;
        const other = a === node ? b : a;
        if (through[one] !== 1 || other === pole || by.has(other)) continue;
        by.set(other, one);
        queue.push(other);
      }
    for (const start of nodes)
      for (let node = start; by.has(node); ) {
        const one = by.get(node) as number;
        edges.add(one);
        const { a, b } = harness.edges[one] as HarnessEdge;
        node = a === node ? b : a;
      }
  }
  return [...edges];
}
