import { incidence } from "../groups";

/**
 * Nodes reached from some others through edges that are let through; 1 where reached. `stop` are nodes not to be
 * entered.
 */
export function flood(
  graph: PackedGraph,
  from: readonly number[],
  through: Uint8Array,
  stop: Uint8Array | null = null,
): Uint8Array {
  const { a, b, first, edgeAt } = graph;
  const seen = new Uint8Array(first.length - 1);
  const queue = [...from];
  for (const at of from) seen[at] = 1;
  for (let at = queue.pop(); at !== undefined; at = queue.pop()) {
    for (let place = first[at] as number; place < (first[at + 1] as number); place++) {
      const edge = edgeAt[place] as number;
      if (through[edge] === 0) continue;
      const next = (a[edge] === at ? b[edge] : a[edge]) as number;
      if (seen[next] === 1 || stop?.[next] === 1) continue;
      seen[next] = 1;
      queue.push(next);
    }
  }
  return seen;
}

/** Parts of a graph that some of its edges hold together: the same number for nodes that are joined. */
export function components({ a, b, first, edgeAt }: PackedGraph, through: Uint8Array): Int32Array {
  const part = new Int32Array(first.length - 1).fill(-1);
  const queue: number[] = [];
  for (let start = 0; start < part.length; start++) {
    if (part[start] !== -1) continue;
    part[start] = start;
    queue.push(start);
    for (let at = queue.pop(); at !== undefined; at = queue.pop()) {
      for (let place = first[at] as number; place < (first[at + 1] as number); place++) {
        const edge = edgeAt[place] as number;
        const next = (a[edge] === at ? b[edge] : a[edge]) as number;
        if (through[edge] === 0 || part[next] !== -1) continue;
        part[next] = start;
        queue.push(next);
      }
    }
  }
  return part;
}

/** A graph in packed lists: the ends of each edge, and the edges at each node (see `incidence`). */
export interface PackedGraph {
  readonly a: Int32Array;
  readonly b: Int32Array;
  readonly first: Int32Array;
  readonly edgeAt: Int32Array;
}

export function packGraph(nodes: number, edges: readonly { readonly a: number; readonly b: number }[]): PackedGraph {
  const [a, b] = [Int32Array.from(edges, (edge) => edge.a), Int32Array.from(edges, (edge) => edge.b)];
  return { a, b, ...incidence(nodes, a, b) };
}
