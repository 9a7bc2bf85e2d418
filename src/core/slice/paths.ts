import type { Harness, HarnessEdge } from "../harness";
import { CONDUCTS, pointAt } from "../harness";
import type { Point } from "../points";
import type { Demand } from "./demands";
import type { Slice } from "./slice";

/** One leg of a path, in the order in which current takes it. */
export interface Leg {
  readonly edge: number;
  readonly from: number;
  readonly to: number;
}

/** A path as it is shown: battery, wires and contacts in order. */
export interface ShownPath {
  readonly functionKey: string;
  readonly purpose: Demand["purpose"];
  readonly legs: readonly Leg[];
}

/**
 * For each function that needs an edge, one path of one of its demands that goes through it; a feed is followed on
 * through the load and back to the battery, a return is shown from the battery through the load, so that the whole loop
 * is read.
 */
export function pathsThrough(harness: Harness, slice: Slice, edge: number): ShownPath[] {
  return slice.needs.flatMap((need): ShownPath[] => {
    if (!(slice.functionsOf[edge] as readonly string[]).includes(need.def.key)) return [];
    for (const demand of need.demands) {
      const legs = throughEdge(harness, demand, edge);
      if (legs !== null)
        return [{ functionKey: need.def.key, purpose: demand.purpose, legs: wholeLoop(harness, demand, legs) }];
    }
    return [];
  });
}

/** The rest of the loop beyond a load of what the demand serves; the legs alone where no load leads on. */
function wholeLoop(harness: Harness, { serves, purpose }: Demand, legs: readonly Leg[]): readonly Leg[] {
  if (purpose === "signal") return legs;
  const met = new Set(
    [legs[0]?.from, ...legs.map((leg) => leg.to)].filter((at) => at !== undefined && at !== serves) as number[],
  );
  for (const at of harness.edgesAt[serves] ?? []) {
    const edge = harness.edges[at] as HarnessEdge;
    const beyond = edge.a === serves ? edge.b : edge.a;
    if (edge.type !== "load" || met.has(beyond)) continue;
    if (purpose === "feed") {
      const back = shortest(harness, beyond, harness.minus, met);
      if (back !== null) return [...legs, { edge: at, from: serves, to: beyond }, ...back];
    } else {
      const feed = shortest(harness, harness.plus, beyond, met);
      if (feed !== null) return [...feed, { edge: at, from: beyond, to: serves }, ...legs];
    }
  }
  return legs;
}

/**
 * From one end of the demand to the edge and from the edge to the other end, meeting no node twice; null where there is
 * none.
 */
function throughEdge(harness: Harness, { from, to }: Demand, at: number): Leg[] | null {
  const { a, b } = harness.edges[at] as HarnessEdge;
  for (const [near, far] of [
    [a, b],
    [b, a],
  ] as const) {
    const first = shortest(harness, from, near, new Set([far, to].filter((node) => node !== near)));
    if (first === null) continue;
    const met = new Set([from, ...first.map((leg) => leg.to)]);
    met.delete(far);
    const second = shortest(harness, far, to, met);
    if (second !== null) return [...first, { edge: at, from: near, to: far }, ...second];
  }
  return null;
}

/** Breadth first; `avoid` are nodes not to be met. */
export function shortest(
  harness: Harness,
  from: number,
  to: number,
  avoid: ReadonlySet<number> = new Set(),
): Leg[] | null {
  if (from === to) return [];
  const came = new Map<number, Leg | null>([[from, null]]);
  const queue = [from];
  for (let next = 0; next < queue.length; next++) {
    const at = queue[next] as number;
    for (const one of harness.edgesAt[at] ?? []) {
      const edge = harness.edges[one] as HarnessEdge;
      const other = edge.a === at ? edge.b : edge.a;
      if (!CONDUCTS.has(edge.type) || came.has(other) || avoid.has(other)) continue;
      came.set(other, { edge: one, from: at, to: other });
      if (other === to) return legsBack(came, to);
      queue.push(other);
    }
  }
  return null;
}

function legsBack(came: ReadonlyMap<number, Leg | null>, to: number): Leg[] {
  const legs: Leg[] = [];
  for (let leg = came.get(to); leg; leg = came.get(leg.from)) legs.push(leg);
  return legs.reverse();
}

/** The points of a path in their order. */
export const pathPoints = (harness: Harness, legs: readonly Leg[]): Point[] =>
  [legs[0]?.from, ...legs.map((leg) => leg.to)].flatMap((at) => (at === undefined ? [] : [pointAt(harness, at)]));
