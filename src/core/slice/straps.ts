import { cachedBy } from "../cached-by";
import type { Harness, HarnessEdge, HarnessPart } from "../harness";
import { CHASSIS, onEngine, STRAP_LEAST_MM2, spansOf } from "../parts";
import { type Blocks, findBlocks } from "./blocks";
import type { FunctionNeed } from "./slice";

/**
 * What joins the engine's block to body and battery: cables, straps and bolted rings. Thin grounds of computers and
 * contacts to the case lead from one to the other as well, and carry no starter's current: they are no strap.
 */
export interface Straps {
  /** Edges on a way from the block to the battery's negative; none where the tables show no such way. */
  readonly edges: readonly number[];
  /** Those of them without which no way is left. */
  readonly single: ReadonlySet<number>;
}

/** Parts that are bolted metal and nothing else. */
const METAL: ReadonlySet<string> = new Set(["ground-stud", "splice-pack", "battery"]);

const NONE: Straps = { edges: [], single: new Set() };

/** @param gone wires that are taken out */
export function strapsOf(harness: Harness, gone: ReadonlySet<string>): Straps {
  const { edges, a, b, blockNode } = metalOf(harness);
  const left = edges.flatMap((edge, at) => (gone.has((harness.edges[edge] as HarnessEdge).id) ? [] : [at]));
  const blocks: Blocks = findBlocks({
    nodes: harness.nodes.length + 1,
    a: left.map((at) => a[at] as number),
    b: left.map((at) => b[at] as number),
  });
  const way = blocks.between(blockNode, harness.minus);
  if (way === null || way.length === 0) return NONE;
  const onWay = way.map((block) =>
    (blocks.edgesOf[block] as readonly number[]).map((one) => edges[left[one] as number] as number),
  );
  return { edges: onWay.flat(), single: new Set(onWay.flatMap((own) => (own.length === 1 ? own : []))) };
}

/** The straps of the harness as its tables show it. */
export const shownStraps = cachedBy((harness: Harness) => strapsOf(harness, new Set()));

/** Copper and bolted joints that a starter's current can take, with the block as a node of its own. */
const metalOf = cachedBy((harness: Harness) => {
  const blockNode = harness.nodes.length;
  const partById = harness.partById;
  const thin = new Set(harness.wires.flatMap(({ edge, sizeMm2 }) => ((sizeMm2 ?? 0) < STRAP_LEAST_MM2 ? [edge] : [])));
  const [edges, a, b]: [number[], number[], number[]] = [[], [], []];
  harness.edges.forEach((edge, at) => {
    const part = edge.partId === null ? undefined : partById.get(edge.partId);
    const carries =
      edge.type === "mate" ||
      edge.type === "join" ||
      edge.type === "assumed" ||
      (edge.type === "wire" && !thin.has(at)) ||
      (edge.type === "joint" && METAL.has(part?.type ?? ""));
    if (!carries) return;
    const end = (node: number) => (node === harness.chassis && part !== undefined && onEngine(part) ? blockNode : node);
    edges.push(at);
    a.push(end(edge.a));
    b.push(end(edge.b));
  });
  return { edges, a, b, blockNode };
});

/** Whether current of a function returns through the block: through the case of a part of it, or a stud on the way. */
export function returnsByBlock(harness: Harness, { demands, edges }: Pick<FunctionNeed, "demands" | "edges">): boolean {
  return (
    demands.some(({ serves, from, to }) => [serves, from, to].some((node) => isCased(harness.partAt[node]))) ||
    edges.some((at) => {
      const { partId, a, b } = harness.edges[at] as HarnessEdge;
      return (a === harness.chassis || b === harness.chassis) && isCased(harness.partById.get(partId ?? ""));
    })
  );
}

const isCased = (part: HarnessPart | undefined): boolean => part !== undefined && cased(part);
const cased = cachedBy(
  (part: HarnessPart) =>
    onEngine(part) && part.elements.flatMap(spansOf).some(({ a, b }) => a === CHASSIS || b === CHASSIS),
);
