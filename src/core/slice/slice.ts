import type { FunctionDef, SafetyMark } from "../functions";
import type { Harness, HarnessEdge, Wire } from "../harness";
import { type Blocks, findBlocks } from "./blocks";
import { conducting } from "./conducting";
import { type Demand, Demands } from "./demands";
import { returnsByBlock, type Straps, shownStraps } from "./straps";

/** What one function needs. */
export interface FunctionNeed {
  readonly def: FunctionDef;
  readonly demands: readonly Demand[];
  /** Edges that lie on a path of one of its demands. */
  readonly edges: readonly number[];
  /** Demands that the harness as it is cannot meet: nothing joins their two ends. */
  readonly unmet: readonly Demand[];
  /** Current of it returns through the engine's block, and needs its straps. */
  readonly returnsByBlock: boolean;
}

/** What a wire is to the functions kept. `dead`: no current can flow in it, whatever is kept. */
export type WireClass = "needed" | "shared" | "free" | "dead" | "unknown";

export interface WireUse {
  readonly wire: Wire;
  readonly class: WireClass;
  /** Functions kept that need it, and functions not kept that would. */
  readonly by: readonly string[];
  readonly unkept: readonly string[];
  /** Those of `by` that have no other way. */
  readonly sole: readonly string[];
  readonly mark: SafetyMark | null;
}

export interface Slice {
  readonly needs: readonly FunctionNeed[];
  readonly uses: readonly WireUse[];
  /** By edge: the functions that need it, kept or not. */
  readonly functionsOf: readonly (readonly string[])[];
  /** By edge: 1 where whoever needs it has no other way. */
  readonly single: Uint8Array;
  readonly blocks: Blocks;
  /** Keys of the functions that must work, and of those that would where nobody had said otherwise. */
  readonly kept: ReadonlySet<string>;
  readonly keptByDefault: ReadonlySet<string>;
  /** Place among the conducting edges → place in the harness's edges, and back (−1 where it does not conduct). */
  readonly conductors: Int32Array;
}

/**
 * What each wire is needed for. A wire is needed by a function when it lies on a simple path between two nodes that the
 * function must join: battery to load, load to ground, provider to consumer; and so for the coils of relays and the
 * computers whose contacts and outputs lie on those paths. One block-cut decomposition answers for every function
 * (blocks.ts).
 *
 * @param kept keys of the functions that must work; a key that the harness has nothing of is passed over
 */
export function sliceHarness(harness: Harness, kept: ReadonlySet<string>): Slice {
  return sliceBy(harness, new Demands(harness), ({ key }) => kept.has(key));
}

/**
 * The same with the functions that people chose; where nobody has, the other vehicle's functions and accessories
 * without parts are dropped, and all else is kept.
 *
 * @param chosen by key of a function: whether it is kept
 */
export function sliceByChoice(harness: Harness, chosen: ReadonlyMap<string, boolean>): Slice {
  const demands = new Demands(harness);
  return sliceBy(harness, demands, (def) => chosen.get(def.key) ?? demands.isKeptByDefault(def));
}

function sliceBy(harness: Harness, demands: Demands, isKept: (def: FunctionDef) => boolean): Slice {
  const present = demands.present();
  const kept = new Set(present.flatMap((def) => (isKept(def) ? [def.key] : [])));
  const keptByDefault = new Set(present.flatMap((def) => (demands.isKeptByDefault(def) ? [def.key] : [])));
  const conductors = conductorsOf(harness);
  const [a, b] = [new Int32Array(conductors.length), new Int32Array(conductors.length)];
  conductors.forEach((at, place) => {
    const edge = harness.edges[at] as HarnessEdge;
    a[place] = edge.a;
    b[place] = edge.b;
  });
  const blocks = findBlocks({ nodes: harness.nodes.length, a, b });
  const functionsOf: (readonly string[])[] = new Array(harness.edges.length).fill(NONE);
  const straps = shownStraps(harness);
  const needs = present.map((def): FunctionNeed => {
    const need = withStraps(harness, followNeeds(def, demands, harness, blocks, conductors), straps);
    for (const at of need.edges) {
      const known = functionsOf[at] as string[];
      if (known === NONE) functionsOf[at] = [def.key];
      else known.push(def.key);
    }
    return need;
  });
  const single = singleEdges(blocks, conductors, harness.edges.length);
  // Thin grounds are no second way for what returns through the block.
  for (const at of straps.single) single[at] = 1;
  const live = netStates(harness);
  const uses = harness.wires.map((wire): WireUse => {
    const all = functionsOf[wire.edge] as readonly string[];
    const by = all.length === 0 ? all : all.filter((key) => kept.has(key));
    const net = harness.netOf[wire.a] as number;
    return {
      wire,
      by,
      unkept: by.length === all.length ? NONE : all.filter((key) => !kept.has(key)),
      sole: single[wire.edge] === 1 ? by : NONE,
      mark: wire.mark,
      class: classOf(by.length, all.length, net, live),
    };
  });
  return { needs, uses, functionsOf, single, blocks, kept, keptByDefault, conductors };
}

function conductorsOf(harness: Harness): Int32Array {
  const through = conducting(harness);
  return Int32Array.from(through.keys()).filter((at) => through[at] === 1);
}

/**
 * Demands are followed until nothing new asks: a contact asks for its coil, an output for its computer's feeds and
 * grounds.
 */
function followNeeds(
  def: FunctionDef,
  asked: Demands,
  harness: Harness,
  blocks: Blocks,
  conductors: Int32Array,
): FunctionNeed {
  const demands: Demand[] = [];
  const unmet: Demand[] = [];
  const edges: number[] = [];
  const taken = new Set<number>();
  const known = new Set<number>();
  const followed = new Set<readonly Demand[]>();
  const queue = asked.forFunction(def);
  for (let demand = queue.pop(); demand !== undefined; demand = queue.pop()) {
    const name = demand.from * harness.nodes.length + demand.to;
    if (demand.from === demand.to || known.has(name)) continue;
    known.add(name);
    const way = blocks.between(demand.from, demand.to);
    if (way === null) {
      unmet.push(demand);
      continue;
    }
    demands.push(demand);
    for (const block of way) {
      if (taken.has(block)) continue;
      taken.add(block);
      for (const one of blocks.edgesOf[block] as readonly number[]) {
        const at = conductors[one] as number;
        edges.push(at);
        const more = asked.ofEdge(harness.edges[at] as HarnessEdge);
        if (more.length === 0 || followed.has(more)) continue;
        followed.add(more);
        queue.push(...more);
      }
    }
  }
  return { def, demands, edges, unmet, returnsByBlock: false };
}

/** What returns through the engine's block needs the straps, whatever else leads from there to the body. */
function withStraps(harness: Harness, need: FunctionNeed, straps: Straps): FunctionNeed {
  if (!returnsByBlock(harness, need)) return need;
  const own = new Set(need.edges);
  return { ...need, returnsByBlock: true, edges: [...need.edges, ...straps.edges.filter((at) => !own.has(at))] };
}

function singleEdges(blocks: Blocks, conductors: Int32Array, edges: number): Uint8Array {
  const single = new Uint8Array(edges);
  for (const own of blocks.edgesOf) if (own.length === 1) single[conductors[own[0] as number] as number] = 1;
  return single;
}

const NONE: readonly string[] = [];

type NetState = "live" | "dead" | "unknown";

/**
 * Current needs two places to go through a net: parts' elements, the plan's links, ends that the tables do not show.
 */
function netStates(harness: Harness): Map<number, NetState> {
  const places = new Int32Array(harness.nodes.length);
  const unknown = new Uint8Array(harness.nodes.length);
  const inside = new Uint8Array(harness.nodes.length);
  for (const { type, a, b } of harness.edges) if (type !== "wire" && type !== "mate") inside[a] = inside[b] = 1;
  harness.nodes.forEach((node, at) => {
    const net = harness.netOf[at] as number;
    const pin = harness.pinAt[at];
    const told = pin !== undefined && pin.form.kind !== "spare" && pin.form.kind !== "unknown";
    if (inside[at] === 1 || told || node.type === "open") places[net] = (places[net] as number) + 1;
    // What is connected at an end that no table shows is not known.
    if (node.type === "open" && !(harness.edgesAt[at] ?? []).some((one) => harness.edges[one]?.type === "join"))
      unknown[net] = 1;
    if (pin === undefined || pin.form.kind === "spare") return;
    const type = harness.partAt[at]?.type;
    if (type === "plug" || (pin.form.kind === "unknown" && type !== "in-line")) unknown[net] = 1;
  });
  return new Map(
    harness.wires.map((wire) => {
      const net = harness.netOf[wire.a] as number;
      return [net, unknown[net] === 1 ? "unknown" : (places[net] as number) >= 2 ? "live" : "dead"];
    }),
  );
}

function classOf(kept: number, all: number, net: number, life: ReadonlyMap<number, NetState>): WireClass {
  if (kept > 1) return "shared";
  if (kept === 1) return "needed";
  if (all > 0) return "free";
  const state = life.get(net);
  return state === "live" || state === undefined ? "free" : state;
}
