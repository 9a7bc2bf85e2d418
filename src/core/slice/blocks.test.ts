import { describe, expect, test } from "vitest";
import { randoms } from "../../../tests/support/harness";
import { edgesOnPaths } from "../../../tests/support/plain-slicer";
import { findBlocks } from "./blocks";

const blocksOf = (nodes: number, edges: readonly (readonly [number, number])[]) =>
  findBlocks({ nodes, a: edges.map(([a]) => a), b: edges.map(([, b]) => b) });

describe("blocks", () => {
  test("a chain is bridges, a ring is one block, two parallel wires are one block", () => {
    expect(
      blocksOf(4, [
        [0, 1],
        [1, 2],
        [2, 3],
      ]).count,
    ).toBe(3);
    const ring = blocksOf(4, [
      [0, 1],
      [1, 2],
      [2, 0],
      [2, 3],
    ]);
    expect(ring.edgesOf.map((edges) => edges.length).toSorted()).toEqual([1, 3]);
    expect(
      blocksOf(2, [
        [0, 1],
        [0, 1],
      ]).edgesOf,
    ).toEqual([[1, 0]]);
  });
  test("an edge with both ends on one node belongs to none; an empty graph has none", () => {
    expect([
      ...blocksOf(2, [
        [0, 0],
        [0, 1],
      ]).blockOf,
    ]).toEqual([-1, 0]);
    expect(blocksOf(3, []).count).toBe(0);
  });
  test("between two nodes: null where no path joins them, empty where they are one", () => {
    const two = blocksOf(4, [
      [0, 1],
      [2, 3],
    ]);
    expect(two.between(0, 3)).toBeNull();
    expect(two.between(2, 2)).toEqual([]);
    expect(two.between(0, 1)).toHaveLength(1);
  });
  test("a ring beside the way is not on it: two blocks that share a node only", () => {
    const graph = blocksOf(5, [
      [0, 1],
      [1, 2],
      [1, 3],
      [3, 4],
      [4, 1],
    ]);
    expect((graph.between(0, 2) as number[]).flatMap((block) => graph.edgesOf[block]).toSorted()).toEqual([0, 1]);
  });
  test("a long chain needs no deep stack", () => {
    const length = 200_000;
    const chain = findBlocks({
      nodes: length + 1,
      a: Int32Array.from({ length }, (_, at) => at),
      b: Int32Array.from({ length }, (_, at) => at + 1),
    });
    expect(chain.between(0, length)).toHaveLength(length);
  });
  test.each([1, 2, 3, 4])(
    "on random graphs its edges are those of all simple paths, walked one by one (seed %i)",
    (seed) => {
      const random = randoms(seed);
      for (let run = 0; run < 60; run++) {
        const nodes = 2 + Math.floor(random() * 7);
        const edges = Array.from(
          { length: Math.floor(random() * 11) },
          () => [Math.floor(random() * nodes), Math.floor(random() * nodes)] as const,
        );
        const graph = blocksOf(nodes, edges);
        for (let s = 0; s < nodes; s++) {
          for (let t = 0; t < nodes; t++) {
            if (s === t) continue;
            const way = graph.between(s, t);
            const fast = (way ?? []).flatMap((block) => graph.edgesOf[block] as number[]).toSorted((x, y) => x - y);
            expect(fast, JSON.stringify({ nodes, edges, s, t })).toEqual(
              [...edgesOnPaths(edges, s, t)].toSorted((x, y) => x - y),
            );
          }
        }
      }
    },
  );
});
