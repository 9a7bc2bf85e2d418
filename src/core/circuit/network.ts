import type { KeyState } from "../harness";
import { type Branch, type Branches, branchesOf, closedBranches, currentAt, limitedVolts } from "./branches";
import { SparseLdl } from "./ldl";
import type { Netlist, NetlistFault } from "./netlist";

/** Leak to the reference of a node that only diodes hold, S (contracts/netlist.md). */
const LEAK = 1e-12;
/** A node counts as held by diodes that do not conduct when less than this goes through all of them, A. */
const NO_CURRENT = 1e-8;
const MOST_ITERATIONS = 400;
/** Kirchhoff's law at each node: this part of the largest branch current there, or this much, A (contracts/netlist.md). */
const KCL_PART = 1e-9;
const KCL_AMPS = 1e-9;

export type RelayState = "energised" | "released";

/** What is worth a word in a solution. */
export interface SolveFinding {
  readonly code: "over-rating" | "undefined-voltage" | "buzzing";
  readonly element: string | null;
  readonly nodes: readonly string[];
  readonly message: string;
}

export interface Solution {
  readonly state: KeyState;
  /** By node, V to the reference; null where nothing that conducts leads there. */
  readonly volts: ReadonlyMap<string, number | null>;
  /** By element (contacts as `id#0`), A, from a to b; of a source, out of a. */
  readonly amps: ReadonlyMap<string, number>;
  readonly relays: ReadonlyMap<string, RelayState>;
  /** Islands without a way to the reference, each a list of its nodes. */
  readonly floating: readonly (readonly string[])[];
  readonly findings: readonly SolveFinding[];
}

export type SolveResult = { readonly ok: true; readonly solution: Solution } | { readonly ok: false; readonly fault: NetlistFault };

/** What differs from the network as it was built: a branch open, or a linear one of another conductance. */
export interface Change {
  readonly id: string;
  /** Ω; infinite for an open. */
  readonly ohms: number;
}

/** One solved set of closed branches: voltages of nodes and currents of branches. */
interface Operating {
  readonly volts: Float64Array;
  readonly amps: Float64Array;
  readonly island: Int32Array;
}

/**
 * A network made ready once for many solutions: its order of elimination is found once, each solution fills in values.
 * Nodal analysis after Ho, Ruehli & Brennan (1975), with ideal sources taken out beforehand: nodes that they tie together
 * move as one, each at its offset, which keeps the matrix symmetric. Newton's method for diodes, lamps and constant-power loads.
 */
export class Network {
  private readonly branches: Branches;
  /** By node: the group of nodes that ideal sources tie together, and the node's voltage above the group's, V. */
  private readonly group: Int32Array;
  private readonly offset: Float64Array;
  private readonly groups: number;
  /** Branches whose ends lie in different groups, with their place among the matrix's pairs; −1 where an end is the reference. */
  private readonly pairOf: Int32Array;
  private readonly ldl: SparseLdl;
  private readonly closed: Uint8Array;
  private readonly siemens: Float64Array;
  /** Operating voltages of nonlinear branches, carried from one solution to the next. */
  private readonly nonlinear: readonly number[];

  private constructor(netlist: Pick<Netlist, "reference" | "elements">, branches: Branches, tied: Tied) {
    this.branches = branches;
    ({ group: this.group, offset: this.offset, groups: this.groups } = tied);
    const pairs: [number, number][] = [];
    this.pairOf = Int32Array.from(branches.list, ({ a, b, kind }) => {
      const [i, j] = [this.group[a] as number, this.group[b] as number];
      // The reference's group is 0 and is no unknown.
      if (kind === "current" || kind === "ideal" || i === j || i === 0 || j === 0) return -1;
      return pairs.push([i - 1, j - 1]) - 1;
    });
    this.ldl = new SparseLdl(this.groups - 1, pairs);
    this.closed = new Uint8Array(branches.list.length);
    this.siemens = Float64Array.from(branches.list, (branch) => branch.siemens);
    this.nonlinear = branches.list.flatMap(({ kind }, at) => (kind === "diode" || kind === "lamp" || kind === "power" ? [at] : []));
    void netlist;
  }

  /** Makes a network ready, or says which ideal sources form a loop. */
  static build(netlist: Pick<Netlist, "reference" | "elements">): { readonly ok: true; readonly network: Network } | { readonly ok: false; readonly fault: NetlistFault } {
    const branches = branchesOf(netlist);
    const tied = tieTogether(branches);
    return "code" in tied ? { ok: false, fault: tied } : { ok: true, network: new Network(netlist, branches, tied) };
  }

  get unknowns(): number {
    return this.groups - 1;
  }

  /**
   * Solves one key state. Relays start released and are updated together until they stay as they are; those that never do are
   * held released and reported.
   *
   * @param changes differences from the netlist, for faults and what-ifs; the network itself stays as it was
   */
  solve(state: KeyState, changes: readonly Change[] = []): SolveResult {
    const restore = this.apply(changes);
    try {
      return this.settle(state, new Set(changes.filter((change) => !Number.isFinite(change.ohms)).map((change) => change.id)));
    } finally {
      restore();
    }
  }

  private apply(changes: readonly Change[]): () => void {
    if (changes.length === 0) return () => undefined;
    const before = Float64Array.from(this.siemens);
    const byId = new Map(changes.map((change) => [change.id, change.ohms]));
    this.branches.list.forEach(({ element, name, kind }, at) => {
      const ohms = byId.get(name) ?? (name === element.id ? undefined : byId.get(element.id));
      if (ohms !== undefined && (kind === "linear" || kind === "emf")) this.siemens[at] = Number.isFinite(ohms) ? 1 / ohms : 0;
    });
    return () => this.siemens.set(before);
  }

  private settle(state: KeyState, opened: ReadonlySet<string>): SolveResult {
    const { relays } = this.branches;
    const held = new Set<number>();
    for (;;) {
      const energised = relays.map(() => false);
      const seen = new Map<string, number>();
      const trail: boolean[][] = [];
      for (;;) {
        const name = energised.map(Number).join("");
        const again = seen.get(name);
        if (again !== undefined) {
          // The states since the first time come round for ever: those that change among them buzz.
          relays.forEach((_, which) => { if (trail.slice(again).some((step) => step[which] !== energised[which])) held.add(which); });
          break;
        }
        seen.set(name, trail.length);
        trail.push([...energised]);
        const operating = this.operate(state, energised, opened);
        if ("code" in operating) return { ok: false, fault: operating };
        let changed = false;
        relays.forEach(({ element, coil }, which) => {
          const branch = this.branches.list[coil] as Branch;
          const across = Math.abs((operating.volts[branch.a] as number) - (operating.volts[branch.b] as number));
          const on = held.has(which) ? false : across >= element.pullInVolts ? true : across <= element.dropOutVolts ? false : (energised[which] as boolean);
          if (on !== energised[which]) { energised[which] = on; changed = true; }
        });
        if (!changed) return { ok: true, solution: this.report(state, operating, energised, held) };
      }
    }
  }

  /** Voltages and currents with the relays as they stand. */
  private operate(state: KeyState, energised: readonly boolean[], opened: ReadonlySet<string>): Operating | NetlistFault {
    const { list, nodes } = this.branches;
    closedBranches(this.branches, state, energised, this.closed);
    list.forEach(({ name, element }, at) => { if (opened.has(name) || opened.has(element.id) || (this.siemens[at] === 0 && (list[at] as Branch).siemens > 0)) this.closed[at] = 0; });
    const island = this.islands(() => true);
    const stranded = list.find(({ kind, a, b, element }) => kind === "current" && island[a] !== island[b] && (element as { amps: number }).amps !== 0);
    if (stranded !== undefined) return { code: "stranded-current", element: stranded.name, message: `The current of “${stranded.name}” has nowhere to flow: nothing that conducts joins its two ends.` };
    const solid = this.islands((branch) => branch.kind !== "diode");
    const x = new Float64Array(this.groups);
    const fault = this.newton(x, island, solid);
    if (fault !== null) return fault;
    const volts = new Float64Array(nodes.length);
    for (let at = 0; at < nodes.length; at++) volts[at] = (x[this.group[at] as number] as number) + (this.offset[at] as number);
    return { volts, amps: this.currents(volts), island };
  }

  /** Nodes joined by closed branches that conduct and pass the test: the same number, 0 for those with the reference. */
  private islands(test: (branch: Branch) => boolean): Int32Array {
    const group = Int32Array.from(this.branches.nodes, (_, at) => at);
    const root = (at: number): number => {
      let one = at;
      while (group[one] !== one) one = group[one] = group[group[one] as number] as number;
      return one;
    };
    this.branches.list.forEach((branch, at) => {
      if (this.closed[at] === 0 || branch.kind === "current" || !test(branch)) return;
      const [a, b] = [root(branch.a), root(branch.b)];
      // The lower number is kept, so that the reference's island is 0.
      if (a !== b) group[Math.max(a, b)] = Math.min(a, b);
    });
    return group.map((_, at) => root(at));
  }

  private newton(x: Float64Array, island: Int32Array, solid: Int32Array): NetlistFault | null {
    const { list } = this.branches;
    const active = this.nonlinear.filter((at) => this.closed[at] === 1);
    // Ties that pass no current: each floating island's own zero. Leaks: nodes that only diodes hold.
    const ties = new Set<number>();
    const leaks = new Set<number>();
    this.branches.nodes.forEach((_, at) => {
      const group = this.group[at] as number;
      if (group === 0) return;
      if (island[at] === at && island[at] !== 0) ties.add(group);
      else if (solid[at] !== solid[island[at] as number]) leaks.add(group);
    });
    const operating = new Map(active.map((at) => [at, Number.NaN]));
    const right = new Float64Array(this.groups);
    const solved = new Float64Array(this.groups - 1);
    const across = (at: number) => { const { a, b } = list[at] as Branch; return (x[this.group[a] as number] as number) + (this.offset[a] as number) - (x[this.group[b] as number] as number) - (this.offset[b] as number); };
    // A constant-power load has a falling characteristic. Far from the solution it stands in as the resistor that takes its power
    // at the present voltage, which comes down to the upper operating point from above; near it, Newton's tangent finishes.
    let tangent = false;
    for (let iteration = 0; iteration < MOST_ITERATIONS; iteration++) {
      let limited = false;
      let restless = iteration < 3;
      for (const at of active) {
        const branch = list[at] as Branch;
        const before = operating.get(at) as number;
        // Loads of constant power come in last: without them the network stands at its highest voltages.
        const wanted = iteration === 0 ? (branch.kind === "power" ? Number.POSITIVE_INFINITY : 0) : across(at);
        const now = Number.isNaN(before) || before === Number.POSITIVE_INFINITY ? wanted : limitedVolts(branch, wanted, before);
        if (now !== wanted) limited = true;
        if (branch.kind === "power" && !(Math.abs(now - before) <= (tangent ? 0.2 : 0.02) * Math.abs(before))) restless = true;
        operating.set(at, now);
      }
      tangent = !restless && !limited;
      if (iteration > 0 && !limited && this.balanced(x, ties, leaks)) return null;
      this.ldl.clear();
      right.fill(0);
      for (let at = 0; at < list.length; at++) if (this.closed[at] === 1) this.stamp(at, right, operating, tangent);
      for (const group of ties) this.ldl.addDiagonal(group - 1, 1);
      for (const group of leaks) this.ldl.addDiagonal(group - 1, LEAK);
      if (!this.ldl.factor()) return this.unsettled(x, ties, leaks);
      this.ldl.solve(right.subarray(1), solved);
      // Once more on what is left of the equations: takes the rounding of stiff networks away.
      this.refine(right, solved, operating, tangent, ties, leaks);
      for (let group = 1; group < this.groups; group++) x[group] = solved[group - 1] as number;
      if (!x.every(Number.isFinite)) return this.unsettled(x, ties, leaks);
    }
    return this.balanced(x, ties, leaks) ? null : this.unsettled(x, ties, leaks);
  }

  /** A branch as conductance and current at its operating point: g·(va − vb) + i. */
  private linearised(at: number, operating: ReadonlyMap<number, number>, tangent: boolean): readonly [g: number, i: number] {
    const branch = this.branches.list[at] as Branch;
    switch (branch.kind) {
      case "linear": return [this.siemens[at] as number, 0];
      case "emf": return [this.siemens[at] as number, -(this.siemens[at] as number) * branch.emf];
      case "current": return [0, (branch.element as { amps: number }).amps];
      case "ideal": return [0, 0];
      default: {
        const volts = operating.get(at) as number;
        if (volts === Number.POSITIVE_INFINITY) return [0, 0];
        const [amps, siemens] = currentAt(branch, volts);
        if (branch.kind === "power" && !tangent) return [volts === 0 ? siemens : amps / volts, 0];
        return [siemens, amps - siemens * volts];
      }
    }
  }

  private stamp(at: number, right: Float64Array, operating: ReadonlyMap<number, number>, tangent: boolean): void {
    const { a, b } = this.branches.list[at] as Branch;
    const [i, j] = [this.group[a] as number, this.group[b] as number];
    if (i === j) return;
    const [g, constant] = this.linearised(at, operating, tangent);
    const amps = constant + g * ((this.offset[a] as number) - (this.offset[b] as number));
    if (i !== 0) { this.ldl.addDiagonal(i - 1, g); right[i] = (right[i] as number) - amps; }
    if (j !== 0) { this.ldl.addDiagonal(j - 1, g); right[j] = (right[j] as number) + amps; }
    const pair = this.pairOf[at] as number;
    if (pair >= 0) this.ldl.addPair(pair, -g);
  }

  private refine(right: Float64Array, solved: Float64Array, operating: ReadonlyMap<number, number>, tangent: boolean, ties: ReadonlySet<number>, leaks: ReadonlySet<number>): void {
    const { list } = this.branches;
    const residual = Float64Array.from(right);
    const value = (group: number) => (group === 0 ? 0 : (solved[group - 1] as number));
    for (let at = 0; at < list.length; at++) {
      if (this.closed[at] === 0) continue;
      const { a, b } = list[at] as Branch;
      const [i, j] = [this.group[a] as number, this.group[b] as number];
      if (i === j) continue;
      const amps = this.linearised(at, operating, tangent)[0] * (value(i) - value(j));
      residual[i] = (residual[i] as number) - amps;
      residual[j] = (residual[j] as number) + amps;
    }
    for (const group of ties) residual[group] = (residual[group] as number) - value(group);
    for (const group of leaks) residual[group] = (residual[group] as number) - LEAK * value(group);
    const more = new Float64Array(solved.length);
    this.ldl.solve(residual.subarray(1), more);
    for (let at = 0; at < solved.length; at++) solved[at] = (solved[at] as number) + (more[at] as number);
  }

  private balanced(x: Float64Array, ties: ReadonlySet<number>, leaks: ReadonlySet<number>): boolean {
    return this.worstGroup(x, ties, leaks).excess <= 1;
  }

  /** The group at which Kirchhoff's law is furthest from holding, in parts of what is allowed there. */
  private worstGroup(x: Float64Array, ties: ReadonlySet<number>, leaks: ReadonlySet<number>): { group: number; excess: number } {
    const { list } = this.branches;
    const sum = new Float64Array(this.groups);
    const largest = new Float64Array(this.groups);
    for (let at = 0; at < list.length; at++) {
      if (this.closed[at] === 0) continue;
      const branch = list[at] as Branch;
      const [i, j] = [this.group[branch.a] as number, this.group[branch.b] as number];
      if (i === j) continue;
      const volts = (x[i] as number) + (this.offset[branch.a] as number) - (x[j] as number) - (this.offset[branch.b] as number);
      const amps = this.branchAmps(at, volts);
      sum[i] = (sum[i] as number) + amps;
      sum[j] = (sum[j] as number) - amps;
      const size = Math.abs(amps);
      if (size > (largest[i] as number)) largest[i] = size;
      if (size > (largest[j] as number)) largest[j] = size;
    }
    for (const group of leaks) sum[group] = (sum[group] as number) + LEAK * (x[group] as number);
    for (const group of ties) sum[group] = (sum[group] as number) + (x[group] as number);
    let worst = { group: 0, excess: 0 };
    for (let group = 1; group < this.groups; group++) {
      // A tenth of what the contract allows, so that what follows from the voltages still holds it.
      const excess = Math.abs(sum[group] as number) / (0.1 * Math.max(KCL_AMPS, KCL_PART * (largest[group] as number)));
      if (!(excess <= worst.excess)) worst = { group, excess };
    }
    return worst;
  }

  private branchAmps(at: number, volts: number): number {
    const branch = this.branches.list[at] as Branch;
    switch (branch.kind) {
      case "linear": return (this.siemens[at] as number) * volts;
      case "emf": return (this.siemens[at] as number) * (volts - branch.emf);
      case "current": return (branch.element as { amps: number }).amps;
      case "ideal": return 0;
      default: return currentAt(branch, volts)[0];
    }
  }

  private unsettled(x: Float64Array, ties: ReadonlySet<number>, leaks: ReadonlySet<number>): NetlistFault {
    const { group } = this.worstGroup(x, ties, leaks);
    const nodes = this.branches.nodes.filter((_, at) => this.group[at] === group);
    return { code: "no-convergence", element: null, nodes, message: `No solution was found: the voltage of ${nodes.slice(0, 4).join(", ") || "a node"} would not settle. A load may ask for more power than its wires can carry.` };
  }

  /** Currents of all branches; those of ideal sources from what their nodes still lack, leaf by leaf. */
  private currents(volts: Float64Array): Float64Array {
    const { list, nodes } = this.branches;
    const amps = Float64Array.from(list, (branch, at) => (this.closed[at] === 1 ? this.branchAmps(at, (volts[branch.a] as number) - (volts[branch.b] as number)) : 0));
    const ideal = list.flatMap(({ kind }, at) => (kind === "ideal" ? [at] : []));
    if (ideal.length === 0) return amps;
    const lack = new Float64Array(nodes.length);
    list.forEach(({ a, b }, at) => { lack[a] = (lack[a] as number) + (amps[at] as number); lack[b] = (lack[b] as number) - (amps[at] as number); });
    const at = new Map<number, Set<number>>();
    for (const one of ideal) for (const end of [(list[one] as Branch).a, (list[one] as Branch).b]) at.set(end, (at.get(end) ?? new Set()).add(one));
    const leaves = [...at].filter(([, own]) => own.size === 1).map(([node]) => node);
    for (let node = leaves.pop(); node !== undefined; node = leaves.pop()) {
      const [one] = at.get(node) ?? [];
      // The reference closes every sum; it is left for last.
      if (one === undefined || (node === 0 && ideal.length > 1 && (at.get((list[one] as Branch).a === 0 ? (list[one] as Branch).b : (list[one] as Branch).a)?.size ?? 0) === 1)) continue;
      const { a, b } = list[one] as Branch;
      const through = node === a ? -(lack[a] as number) : (lack[b] as number);
      amps[one] = through;
      lack[a] = (lack[a] as number) + through;
      lack[b] = (lack[b] as number) - through;
      const other = node === a ? b : a;
      at.get(node)?.delete(one);
      at.get(other)?.delete(one);
      if (at.get(other)?.size === 1) leaves.push(other);
    }
    return amps;
  }

  private report(state: KeyState, { volts, amps, island }: Operating, energised: readonly boolean[], held: ReadonlySet<number>): Solution {
    const { list, nodes, relays } = this.branches;
    const islands = new Map<number, string[]>();
    nodes.forEach((name, at) => { if (island[at] !== 0) islands.set(island[at] as number, [...(islands.get(island[at] as number) ?? []), name]); });
    const current = (at: number) => { const { kind } = list[at] as Branch; const value = amps[at] as number; return (kind === "emf" || kind === "ideal") && value !== 0 ? -value : value; };
    return {
      state,
      volts: new Map(nodes.map((name, at) => [name, island[at] === 0 ? (volts[at] as number) : null])),
      amps: new Map(list.map(({ name }, at) => [name, current(at)])),
      relays: new Map(relays.map(({ element }, which) => [element.id, energised[which] ? "energised" : "released"])),
      floating: [...islands.values()],
      findings: [...this.overRated(amps), ...this.undefinedVolts(amps, island), ...[...held].map((which): SolveFinding => {
        const { element } = relays[which] as (typeof relays)[number];
        return { code: "buzzing", element: element.id, nodes: [element.coilA, element.coilB], message: `“${element.id}” never settles: pulled in it takes its own coil's feed away.` };
      })],
    };
  }

  private overRated(amps: Float64Array): SolveFinding[] {
    return this.branches.list.flatMap(({ element }, at) => (element.type === "fuse" && this.closed[at] === 1 && Math.abs(amps[at] as number) > element.amps
      ? [{ code: "over-rating" as const, element: element.id, nodes: [element.a, element.b], message: `“${element.id}” carries ${Math.abs(amps[at] as number).toPrecision(3)} A, and is rated ${element.amps} A.` }] : []));
  }

  /** Nodes that diodes alone hold, while none of them conducts: their voltage is what leaks make of it. */
  private undefinedVolts(amps: Float64Array, island: Int32Array): SolveFinding[] {
    const solid = this.islands((branch) => branch.kind !== "diode");
    const through = new Map<number, number>();
    this.branches.list.forEach(({ kind, a, b }, at) => {
      if (kind !== "diode" || solid[a] === solid[b]) return;
      for (const end of [a, b]) through.set(solid[end] as number, (through.get(solid[end] as number) ?? 0) + Math.abs(amps[at] as number));
    });
    return [...through].flatMap(([part, total]): SolveFinding[] => {
      if (part === 0 || total >= NO_CURRENT || island[part] !== 0) return [];
      const nodes = this.branches.nodes.filter((_, at) => solid[at] === part);
      return [{ code: "undefined-voltage", element: null, nodes, message: `Only diodes that do not conduct hold ${nodes.slice(0, 4).join(", ")}: the voltage there is not settled.` }];
    });
  }
}

interface Tied {
  readonly group: Int32Array;
  readonly offset: Float64Array;
  readonly groups: number;
}

/** Nodes that ideal sources tie together move as one; a loop of them has no solution, or any. */
function tieTogether({ nodes, list }: Branches): Tied | NetlistFault {
  const ideal = list.filter((branch) => branch.kind === "ideal");
  const group = new Int32Array(nodes.length).fill(-1);
  const offset = new Float64Array(nodes.length);
  const at = new Map<number, Branch[]>();
  for (const branch of ideal) for (const end of [branch.a, branch.b]) at.set(end, [...(at.get(end) ?? []), branch]);
  let groups = 0;
  for (let start = 0; start < nodes.length; start++) {
    if (group[start] !== -1) continue;
    group[start] = groups;
    const queue = [start];
    const used = new Set<Branch>();
    for (let one = queue.pop(); one !== undefined; one = queue.pop()) {
      for (const branch of at.get(one) ?? []) {
        if (used.has(branch)) continue;
        used.add(branch);
        const other = branch.a === one ? branch.b : branch.a;
        if (group[other] !== -1) return { code: "source-loop", element: branch.name, message: `“${branch.name}” closes a loop of sources without resistance: give one of them its resistance.` };
        group[other] = groups;
        offset[other] = (offset[one] as number) + (branch.a === one ? -branch.emf : branch.emf);
        queue.push(other);
      }
    }
    groups += 1;
  }
  return { group, offset, groups };
}
