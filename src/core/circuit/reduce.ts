import { type Branch, type Branches, gathered, type NamedBranches, placed } from "./branches";
import { type Run, Wires } from "./wires";

/** Resistances that differ from the netlist's, by branch of the whole, Ω; infinite where it is open. */
export type Overrides = ReadonlyMap<number, number>;
export const NO_OVERRIDES: Overrides = new Map();

/** A run of resistors with the branch of the equations that stands in its place. */
interface Chain extends Run {
  readonly branch: number;
}

/**
 * Where a node's voltage comes from: va + (vb − va) · part, by nodes of the equations. A piece that opens have cut off
 * is −1 − one of its nodes in place of a.
 */
interface Origin {
  readonly a: number;
  readonly b: number;
  readonly part: number;
}

/**
 * A network without what needs no equations: resistors that lead nowhere, and nodes where just two resistors meet.
 * Harnesses are mostly that: wire, plug, wire. What is left is solved, and the rest follows from it exactly.
 */
export class Reduction {
  /** What is left to be solved. */
  readonly branches: Branches;
  /** By node of the whole: its number in the equations; −1 for one that is gone. */
  readonly kept: Int32Array;
  /** By branch of the whole: the branch of the equations that it is, or is part of; −1 for one that leads nowhere. */
  readonly branchOf: Int32Array;
  /** By branch of the whole: 1 where its a is to the side of the other's a, else −1. */
  private readonly sense: Int8Array;
  /** Chains of several members, by branch of the equations. */
  private readonly chains: Map<number, Chain> = new Map();
  /** Of a node in the middle of a chain: the chain, and how many members lie before it. */
  private readonly inChain: Map<number, { readonly chain: Chain; readonly before: number }> = new Map();
  /** Nodes on resistors which led nowhere, in the order in which they went: where each is connected, and by what. */
  private readonly stubs: Map<number, { readonly at: number; readonly by: number }> = new Map();
  /** {@link Origin} of each node while nothing is overridden. */
  private readonly a: Int32Array;
  private readonly b: Int32Array;
  private readonly part: Float64Array;

  /**
   * @param like of a network numbered alike ({@link withValues}): what is left and what is gone is the same, and only values are looked at again
   */
  constructor(
    readonly whole: NamedBranches,
    like: Reduction | null = null,
  ) {
    if (like !== null && like.whole.nodes === whole.nodes) {
      ({
        kept: this.kept,
        branchOf: this.branchOf,
        sense: this.sense,
        chains: this.chains,
        inChain: this.inChain,
        stubs: this.stubs,
      } = like);
      this.branches = { ...like.branches, list: this.retunedList(like) };
      [this.a, this.b, this.part] = this.origins();
      return;
    }
    const size = whole.nodes.length;
    const wires = new Wires(whole);
    this.branchOf = new Int32Array(whole.list.length).fill(-1);
    this.sense = new Int8Array(whole.list.length).fill(1);
    this.kept = new Int32Array(size).fill(-1);
    for (const { node, at, by } of wires.prune()) this.stubs.set(node, { at, by });
    const runFrom = new Map(wires.runs().map((run) => [run.members[0] as number, run]));
    const nodes: string[] = [];
    for (let node = 0; node < size; node++)
      if (!wires.isGone(node)) this.kept[node] = nodes.push(whole.nodes[node] as string) - 1;
    const list: Branch[] = [];
    for (let at = 0; at < whole.list.length; at++) {
      const branch = whole.list[at] as Branch;
      const [a, b] = [this.kept[branch.a] as number, this.kept[branch.b] as number];
      const run = runFrom.get(at);
      if (run !== undefined) this.addChain(run, list);
      else if (a >= 0 && b >= 0) this.branchOf[at] = list.push(placed(branch, a, b)) - 1;
    }
    this.branches = gathered(
      nodes,
      list,
      whole.relays.map(({ element, coil, contacts }) => ({
        element,
        coil: this.branchOf[coil] as number,
        contacts: contacts.map((contact) => this.branchOf[contact] as number),
      })),
    );
    [this.a, this.b, this.part] = this.origins();
  }

  /**
   * The branch of the equations that a change of a branch changes, with its resistance then, Ω; null where it changes
   * none: it led nowhere.
   */
  changed(at: number, overrides: Overrides): { readonly branch: number; readonly ohms: number } | null {
    const branch = this.branchOf[at] as number;
    if (branch < 0) return null;
    const chain = this.chains.get(branch);
    if (chain === undefined) return { branch, ohms: this.ohms(at, overrides) };
    let ohms = 0;
    for (const member of chain.members) ohms += this.ohms(member, overrides);
    return { branch, ohms };
  }

  /**
   * Volts of a node of the whole from those of the equations; NaN where it floats.
   *
   * @param known tells those of a node of the equations
   */
  volts(node: number, known: { voltsAt(node: number): number }, overrides: Overrides): number {
    const { a, b, part } = this.origin(node, overrides);
    if (a < 0) return Number.NaN;
    const from = known.voltsAt(a);
    return part === 0 ? from : from + (known.voltsAt(b) - from) * part;
  }

  /**
   * Volts of all nodes of the whole, and the islands that they are in, from those of the equations. An island is called
   * by a number alone; the reference's is 0.
   */
  expand(
    volts: Float64Array,
    island: Int32Array,
    overrides: Overrides,
  ): { readonly volts: Float64Array; readonly island: Int32Array } {
    const size = this.kept.length;
    const all = { volts: new Float64Array(size), island: new Int32Array(size) };
    const touched = new Set([...overrides.keys()].map((at) => this.branchOf[at] as number));
    for (let node = 0; node < size; node++) {
      const origin = this.isMoved(node, overrides, touched) ? this.origin(node, overrides) : null;
      const a = origin === null ? (this.a[node] as number) : origin.a;
      const b = origin === null ? (this.b[node] as number) : origin.b;
      const part = origin === null ? (this.part[node] as number) : origin.part;
      all.island[node] = a < 0 ? a : (island[a] as number);
      all.volts[node] = a < 0 ? 0 : (volts[a] as number) + ((volts[b] as number) - (volts[a] as number)) * part;
    }
    return all;
  }

  /** Whether an override changes where a node that needs no equation takes its voltage from. */
  private isMoved(node: number, overrides: Overrides, touched: ReadonlySet<number>): boolean {
    if (overrides.size === 0 || (this.kept[node] as number) >= 0) return false;
    const stub = this.stubs.get(node);
    if (stub !== undefined) return overrides.has(stub.by) || this.isMoved(stub.at, overrides, touched);
    return touched.has(this.inChain.get(node)?.chain.branch ?? -1);
  }

  /** Currents of all branches of the whole, from a to b, from those of the equations, A. */
  expandAmps(amps: Float64Array): Float64Array {
    const { branchOf, sense } = this;
    const all = new Float64Array(branchOf.length);
    for (let at = 0; at < all.length; at++) {
      const branch = branchOf[at] as number;
      // No current is 0 whichever way it is told, not −0.
      if (branch >= 0 && amps[branch] !== 0) all[at] = (sense[at] as number) * (amps[branch] as number);
    }
    return all;
  }

  private addChain({ members, nodes }: Run, list: Branch[]): void {
    const { whole } = this;
    const branch = list.length;
    const [first, last] = [whole.list[members[0] as number] as Branch, whole.list[members.at(-1) as number] as Branch];
    const chain: Chain = { branch, members, nodes };
    this.chains.set(branch, chain);
    let from = first.a === nodes[0] ? first.b : first.a;
    members.forEach((member, nth) => {
      const { a } = whole.list[member] as Branch;
      this.branchOf[member] = branch;
      this.sense[member] = a === from ? 1 : -1;
      from = nodes[nth] as number;
    });
    nodes.forEach((node, nth) => this.inChain.set(node, { chain, before: nth + 1 }));
    const [start, end] = [first.a === nodes[0] ? first.b : first.a, last.a === nodes.at(-1) ? last.b : last.a];
    const ohms = members.reduce((sum, member) => sum + this.ohms(member, NO_OVERRIDES), 0);
    list.push({
      ...first,
      name: `${first.name}#+`,
      a: this.kept[start] as number,
      b: this.kept[end] as number,
      siemens: 1 / ohms,
    });
  }

  private retunedList(like: Reduction): Branch[] {
    const list = like.branches.list.slice();
    for (let at = 0; at < this.whole.list.length; at++) {
      const own = this.whole.list[at] as Branch;
      const branch = this.branchOf[at] as number;
      if (own === like.whole.list[at] || branch < 0) continue;
      const before = list[branch] as Branch;
      const chain = this.chains.get(branch);
      list[branch] =
        chain === undefined
          ? placed(own, before.a, before.b)
          : { ...before, siemens: 1 / sum(chain.members.map((member) => this.ohms(member, NO_OVERRIDES))) };
    }
    return list;
  }

  private ohms(at: number, overrides: Overrides): number {
    return overrides.get(at) ?? 1 / (this.whole.list[at] as Branch).siemens;
  }

  private origins(): [Int32Array, Int32Array, Float64Array] {
    const size = this.kept.length;
    const [a, b, part] = [this.kept.slice(), this.kept.slice(), new Float64Array(size)];
    for (const { branch, members, nodes } of this.chains.values()) {
      const ends = this.branches.list[branch] as Branch;
      let ohms = 0;
      nodes.forEach((node, nth) => {
        ohms += this.ohms(members[nth] as number, NO_OVERRIDES);
        a[node] = ends.a;
        b[node] = ends.b;
        part[node] = ohms * ends.siemens;
      });
    }
    // What went last is what others are connected by.
    for (const [node, { at }] of [...this.stubs].reverse()) {
      a[node] = a[at] as number;
      b[node] = b[at] as number;
      part[node] = part[at] as number;
    }
    return [a, b, part];
  }

  private origin(node: number, overrides: Overrides): Origin {
    const plain = { a: this.a[node] as number, b: this.b[node] as number, part: this.part[node] as number };
    if (overrides.size === 0 || (this.kept[node] as number) >= 0) return plain;
    const connected = this.stubs.get(node);
    if (connected !== undefined)
      return overrides.get(connected.by) === Number.POSITIVE_INFINITY
        ? { ...plain, a: -1 - node }
        : this.origin(connected.at, overrides);
    const { chain, before } = this.inChain.get(node) as { chain: Chain; before: number };
    const ohms = chain.members.map((member) => this.ohms(member, overrides));
    const isOpen = (one: number) => one === Number.POSITIVE_INFINITY;
    const [opened, closed] = [ohms.slice(0, before).findLastIndex(isOpen), ohms.slice(before).findIndex(isOpen)];
    if (opened < 0 && closed < 0) return { ...plain, part: sum(ohms.slice(0, before)) / sum(ohms) };
    if (opened < 0) return { a: plain.a, b: plain.a, part: 0 };
    if (closed < 0) return { a: plain.b, b: plain.b, part: 0 };
    return { ...plain, a: -1 - (chain.nodes[opened] as number) };
  }
}

const sum = (values: readonly number[]) => values.reduce((all, one) => all + one, 0);
