import { type Blocks, findBlocks } from "./blocks";
import { CONDUCTS, type Demand, Demands } from "./demands";
import { type FunctionDef, safetyMarkOf, type SafetyMark } from "./functions";
import type { Harness, HarnessEdge, Wire } from "./types";

/** What one function needs. */
export interface FunctionNeed {
  readonly def: FunctionDef;
  readonly demands: readonly Demand[];
  /** Edges that lie on a path of one of its demands. */
  readonly edges: readonly number[];
  /** Demands that the harness as it is cannot meet: nothing joins their two ends. */
  readonly unmet: readonly Demand[];
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
  readonly blocks: Blocks;
  /** Place among the conducting edges → place in the harness's edges, and back (−1 where it does not conduct). */
  readonly conductors: Int32Array;
}

/**
 * What each wire is needed for. A wire is needed by a function when it lies on a simple path between two nodes that the
 * function must join: battery to load, load to ground, provider to consumer; and so for the coils of relays and the computers
 * whose contacts and outputs lie on those paths. One block-cut decomposition answers for every function (blocks.ts).
 *
 * @param kept keys of the functions that must work; a key that the harness has nothing of is passed over
 * @param engineSide whose engine stays in the vehicle
 */
export function sliceHarness(harness: Harness, kept: ReadonlySet<string>, engineSide: "donor" | "host" = "donor"): Slice {
  const conductors = Int32Array.from(harness.edges.flatMap((edge, at) => (CONDUCTS.has(edge.type) ? [at] : [])));
  const ends = (end: "a" | "b") => Int32Array.from(conductors, (at) => (harness.edges[at] as HarnessEdge)[end]);
  const blocks = findBlocks({ nodes: harness.nodes.length, a: ends("a"), b: ends("b") });
  const demands = new Demands(harness, engineSide);
  const functionsOf: string[][] = harness.edges.map(() => []);
  const needs = demands.present().map((def): FunctionNeed => {
    const need = followNeeds(def, demands, harness, blocks, conductors);
    for (const at of need.edges) (functionsOf[at] as string[]).push(def.key);
    return need;
  });
  const single = singleEdges(blocks, conductors, harness.edges.length);
  const live = liveNets(harness, demands);
  const markOf = safetyMarks(harness, demands);
  const uses = harness.wires.map((wire): WireUse => {
    const all = functionsOf[wire.edge] as string[];
    const by = all.filter((key) => kept.has(key));
    const net = demands.netOf(wire.a);
    return { wire, by, unkept: all.filter((key) => !kept.has(key)), sole: single[wire.edge] === 1 ? by : [], mark: markOf(wire), class: classOf(by.length, all.length, net, live) };
  });
  return { needs, uses, functionsOf, blocks, conductors };
}

/** Demands are followed until nothing new asks: a contact asks for its coil, an output for its computer's feeds and grounds. */
function followNeeds(def: FunctionDef, asked: Demands, harness: Harness, blocks: Blocks, conductors: Int32Array): FunctionNeed {
  const demands: Demand[] = [];
  const unmet: Demand[] = [];
  const edges: number[] = [];
  const taken = new Set<number>();
  const known = new Set<string>();
  const queue = asked.forFunction(def);
  for (let demand = queue.pop(); demand !== undefined; demand = queue.pop()) {
    const name = `${demand.from} ${demand.to}`;
    if (demand.from === demand.to || known.has(name)) continue;
    known.add(name);
    const way = blocks.between(demand.from, demand.to);
    if (way === null) { unmet.push(demand); continue; }
    demands.push(demand);
    for (const block of way) {
      if (taken.has(block)) continue;
      taken.add(block);
      for (const one of blocks.edgesOf[block] as readonly number[]) {
        const at = conductors[one] as number;
        edges.push(at);
        queue.push(...asked.ofEdge(harness.edges[at] as HarnessEdge));
      }
    }
  }
  return { def, demands, edges, unmet };
}

function singleEdges(blocks: Blocks, conductors: Int32Array, edges: number): Uint8Array {
  const single = new Uint8Array(edges);
  for (const own of blocks.edgesOf) if (own.length === 1) single[conductors[own[0] as number] as number] = 1;
  return single;
}

type NetLife = "live" | "dead" | "unknown";

/** Current needs two places to go through a net: parts' elements, the plan's links, ends that the tables do not show. */
function liveNets(harness: Harness, demands: Demands): Map<number, NetLife> {
  const places = new Map<number, number>();
  const unknown = new Set<number>();
  const typeOf = new Map(harness.parts.flatMap((part) => part.terminals.flatMap(({ pinId }) => (pinId === null ? [] : [[pinId, part.type] as const]))));
  harness.nodes.forEach((node, at) => {
    const net = demands.netOf(at);
    const pin = node.type === "cavity" ? harness.pinById.get(node.pinId) : undefined;
    if (pin?.kind === "unknown" || (pin !== undefined && pin.kind !== "spare" && typeOf.get(pin.id) === "plug")) unknown.add(net);
    const inside = (harness.edgesAt[at] ?? []).some((one) => { const { type } = harness.edges[one] as HarnessEdge; return type !== "wire" && type !== "mate"; });
    const told = pin !== undefined && pin.kind !== "spare" && pin.kind !== "unknown";
    if (inside || told || node.type === "open") places.set(net, (places.get(net) ?? 0) + 1);
  });
  const life = new Map<number, NetLife>();
  for (const wire of harness.wires) {
    const net = demands.netOf(wire.a);
    life.set(net, unknown.has(net) ? "unknown" : (places.get(net) ?? 0) >= 2 ? "live" : "dead");
  }
  return life;
}

function classOf(kept: number, all: number, net: number, life: ReadonlyMap<number, NetLife>): WireClass {
  if (kept > 1) return "shared";
  if (kept === 1) return "needed";
  if (all > 0) return "free";
  const state = life.get(net);
  return state === "live" || state === undefined ? "free" : state;
}

/** A marked signal marks its whole net; a marked part's feed or ground only the wire on it, since others share the rest. */
function safetyMarks(harness: Harness, demands: Demands): (wire: Wire) => SafetyMark | null {
  const nets = new Map<number, SafetyMark>();
  const nodes = new Map<number, SafetyMark>();
  for (const [pinId, node] of harness.nodeOfPin) {
    const pin = harness.pinById.get(pinId);
    const mark = pin === undefined ? null : safetyMarkOf(pin.quantity, `${pin.description ?? ""} ${harness.connectorById.get(pin.connectorId)?.label ?? ""}`);
    if (pin === undefined || mark === null) continue;
    nodes.set(node, mark);
    const shared = pin.kind === "ground" || pin.kind === "supply-in" || pin.kind === "supply-out";
    if (!shared && nets.get(demands.netOf(node)) !== "airbag") nets.set(demands.netOf(node), mark);
  }
  return (wire) => nodes.get(wire.a) ?? nodes.get(wire.b) ?? nets.get(demands.netOf(wire.a)) ?? null;
}
