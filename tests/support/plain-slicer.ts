import type { Harness, HarnessEdge } from "@/core/harness";
import { CONDUCTS } from "@/core/harness";
import type { Demand, Slice } from "@/core/slice";

/**
 * The slow, obvious way to tell what a wire is needed for: it has nothing in common with the fast one but the graph.
 */

/**
 * Edges on some path from `from` to `to` that meets no node twice, by walking every such path. Exponential: for small
 * graphs.
 */
export function edgesOnPaths(edges: readonly (readonly [number, number])[], from: number, to: number): Set<number> {
  const found = new Set<number>();
  const walk = (at: number, met: ReadonlySet<number>, way: readonly number[]): void => {
    if (at === to) {
      for (const one of way) found.add(one);
      return;
    }
    edges.forEach(([a, b], one) => {
      if (a === b || (a !== at && b !== at)) return;
      const next = a === at ? b : a;
      if (!met.has(next)) walk(next, new Set([...met, next]), [...way, one]);
    });
  };
  walk(from, new Set([from]), []);
  return found;
}

/** Whether current still gets from one node to the other when some edges are taken out. */
export function flows(harness: Harness, demand: Demand, out: ReadonlySet<number>): boolean {
  const met = new Set([demand.from]);
  const queue = [demand.from];
  for (let at = queue.pop(); at !== undefined; at = queue.pop()) {
    if (at === demand.to) return true;
    for (const one of harness.edgesAt[at] ?? []) {
      const edge = harness.edges[one] as HarnessEdge;
      const next = edge.a === at ? edge.b : edge.a;
      if (out.has(one) || !CONDUCTS.has(edge.type) || met.has(next)) continue;
      met.add(next);
      queue.push(next);
    }
  }
  return false;
}

/**
 * For each function and each wire: does the function stop when that wire alone is taken out? One wire at a time, each
 * anew.
 */
export function stopsOneByOne(harness: Harness, slice: Pick<Slice, "needs">): Map<string, Set<string>> {
  return new Map(
    slice.needs.map((need) => [
      need.def.key,
      new Set(
        harness.wires
          .filter((wire) => need.demands.some((demand) => !flows(harness, demand, new Set([wire.edge]))))
          .map((wire) => wire.id),
      ),
    ]),
  );
}
