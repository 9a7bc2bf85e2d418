import type { HarnessEdge } from "./types";

interface Edges {
  readonly edges: readonly HarnessEdge[];
  readonly edgesAt: readonly (readonly number[])[];
}

interface Beyond {
  /** A node that is not entered; −1 for none. */
  readonly not?: number;
  /** Nodes that something joins beside the graph's own edges. */
  readonly beside?: ReadonlyMap<number, readonly number[]>;
}

/** Nodes that are reached from one over the edges that `passes` lets through, itself among them. */
export function reach(
  { edges, edgesAt }: Edges,
  from: number,
  passes: (edge: HarnessEdge) => boolean,
  { not = -1, beside }: Beyond = {},
): Set<number> {
  const seen = new Set([from]);
  const enter = (next: number) => {
    if (next !== not) seen.add(next);
  };
  // What a walk adds to a set it still comes to.
  for (const at of seen) {
    for (const next of beside?.get(at) ?? []) enter(next);
    for (const nth of edgesAt[at] ?? []) {
      const edge = edges[nth] as HarnessEdge;
      if (passes(edge)) enter(edge.a === at ? edge.b : edge.a);
    }
  }
  return seen;
}
