import { incidence } from "../groups";

/** A graph as two lists: edge i joins `a[i]` and `b[i]`, numbers below `nodes`. */
export interface EdgeList {
  readonly nodes: number;
  readonly a: ArrayLike<number>;
  readonly b: ArrayLike<number>;
}

/**
 * Blocks (maximal parts that no single node's removal splits) and the forest that they form with the nodes between
 * them. An edge lies on some simple path from s to t exactly when its block lies on the way from s to t in that forest;
 * that is what makes one decomposition serve every question of the kind.
 */
export interface Blocks {
  readonly count: number;
  /** The block of each edge; −1 for one whose two ends are one node. */
  readonly blockOf: Int32Array;
  /** Edges of each block. A block of one edge is a bridge: nothing gets across without it. */
  readonly edgesOf: readonly (readonly number[])[];
  /** Blocks between two nodes, both ends' included; null where no path joins them, empty where they are one. */
  readonly between: (s: number, t: number) => readonly number[] | null;
}

/**
 * Block-cut decomposition, O(nodes + edges): Hopcroft & Tarjan, “Algorithm 447: efficient algorithms for graph
 * manipulation”, Communications of the ACM 16 (1973), without recursion. Two edges between the same nodes form one
 * block.
 */
export function findBlocks({ nodes, a, b }: EdgeList): Blocks {
  const edges = a.length;
  const { first, edgeAt } = incidence(nodes, a, b);
  const found = new Int32Array(nodes).fill(-1);
  const low = new Int32Array(nodes);
  const cursor = Int32Array.from(first.subarray(0, nodes));
  const entry = new Int32Array(nodes).fill(-1);
  const used = new Uint8Array(edges);
  const blockOf = new Int32Array(edges).fill(-1);
  const edgesOf: number[][] = [];
  // The forest: a node's parent is the block through which it was found; a block's, the node at its top.
  const blockAbove = new Int32Array(nodes).fill(-1);
  const nodeAbove: number[] = [];
  const root = new Int32Array(nodes).fill(-1);
  const waiting: number[] = [];
  const stack: number[] = [];
  let time = 0;

  for (let start = 0; start < nodes; start++) {
    if (found[start] !== -1) continue;
    stack.push(start);
    found[start] = low[start] = time++;
    root[start] = start;
    while (stack.length > 0) {
      const at = stack[stack.length - 1] as number;
      const next = cursor[at] as number;
      if (next < (first[at + 1] as number)) {
        cursor[at] = next + 1;
        const edge = edgeAt[next] as number;
        if (used[edge] === 1) continue;
        used[edge] = 1;
        const to = (a[edge] === at ? b[edge] : a[edge]) as number;
        if (to === at) continue;
        waiting.push(edge);
        if (found[to] === -1) {
          found[to] = low[to] = time++;
          entry[to] = edge;
          root[to] = start;
          stack.push(to);
        } else low[at] = Math.min(low[at] as number, found[to] as number);
        continue;
      }
      stack.pop();
      const above = stack[stack.length - 1];
      if (above === undefined) continue;
      low[above] = Math.min(low[above] as number, low[at] as number);
      if ((low[at] as number) < (found[above] as number)) continue;
      const block = edgesOf.length;
      const own: number[] = [];
      for (let edge = waiting.pop() as number; ; edge = waiting.pop() as number) {
        own.push(edge);
        blockOf[edge] = block;
        for (const end of [a[edge] as number, b[edge] as number])
          if (end !== above && blockAbove[end] === -1) blockAbove[end] = block;
        if (edge === entry[at]) break;
      }
      edgesOf.push(own);
      nodeAbove.push(above);
    }
  }

  const depth = depths(nodes, blockAbove, nodeAbove);
  const between = (s: number, t: number): readonly number[] | null => {
    if (root[s] !== root[t] || root[s] === -1) return null;
    const path: number[] = [];
    let [x, y] = [s, t];
    while (x !== y) {
      const [bx, by] = [blockAbove[x] as number, blockAbove[y] as number];
      if (bx !== -1 && bx === by) {
        path.push(bx);
        break;
      }
      if ((depth[x] as number) >= (depth[y] as number)) {
        path.push(bx);
        x = nodeAbove[bx] as number;
      } else {
        path.push(by);
        y = nodeAbove[by] as number;
      }
    }
    return path;
  };
  return { count: edgesOf.length, blockOf, edgesOf, between };
}

/** Blocks above each node up to the root. */
function depths(nodes: number, blockAbove: Int32Array, nodeAbove: readonly number[]): Int32Array {
  const depth = new Int32Array(nodes).fill(-1);
  const way: number[] = [];
  for (let node = 0; node < nodes; node++) {
    let at = node;
    while (depth[at] === -1 && blockAbove[at] !== -1) {
      way.push(at);
      at = nodeAbove[blockAbove[at] as number] as number;
    }
    if (depth[at] === -1) depth[at] = 0;
    let level = depth[at] as number;
    for (let one = way.pop(); one !== undefined; one = way.pop()) depth[one] = ++level;
  }
  return depth;
}
