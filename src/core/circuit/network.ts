import type { KeyState } from "../harness";
import { type Branch, type Branches, branchesOf, closedBranches } from "./branches";
import { Equations, type Islands } from "./equations";
import type { Netlist, NetlistFault } from "./netlist";
import { LateMap } from "./late-map";
import { type Overrides, Reduction } from "./reduce";
import { idealCurrents, tieTogether } from "./ties";

/** A node counts as held by diodes that do not conduct when less than this goes through all of them, A. */
export const NO_CURRENT = 1e-8;

/** While relays are on their way, volts are taken as they are after a step as small as this, V, when every coil is this far from its thresholds, V. */
const ROUGH_VOLTS = 0.02;
const COIL_MARGIN = 0.3;

const NONE: ReadonlySet<string> = new Set();

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

/** A branch that differs from the network as it was built: open, or a linear one of another resistance. */
export interface Change {
  /** An element's id; of a relay's contact `id#0`. */
  readonly id: string;
  /** Ω; infinite for an open. */
  readonly ohms: number;
}

/** What a solution is asked for, beside the key state. */
export interface SolveOptions {
  readonly changes?: readonly Change[];
  /** Relays that are pulled in to begin with: those of the state from which the key is turned. None by default. */
  readonly pulledIn?: ReadonlySet<string>;
  /** Switches that are closed whatever the state: an alternator that still turns after the key is off. */
  readonly alsoClosed?: ReadonlySet<string>;
}

/** One solved set of closed branches. */
export interface Operating {
  readonly volts: Float64Array;
  readonly amps: Float64Array;
  readonly island: Islands;
  readonly energised: readonly boolean[];
}

export const isFault = (value: object): value is NetlistFault => "code" in value;

/** Whether a relay is pulled in, by the voltage across its coil and what it was. */
export const pullsIn = (element: { readonly pullInVolts: number; readonly dropOutVolts: number }, volts: number, was: boolean): boolean =>
  Math.abs(volts) >= element.pullInVolts ? true : Math.abs(volts) <= element.dropOutVolts ? false : was;

/** A network made ready once for many solutions: its order of elimination is found once, each solution fills in values. */
export class Network {
  readonly equations: Equations;
  private alsoClosed: ReadonlySet<string> = NONE;

  private constructor(readonly netlist: Pick<Netlist, "reference" | "elements">, readonly reduction: Reduction, readonly branches: Branches, equations: Equations) {
    this.equations = equations;
  }

  /** Makes a network ready, or says which ideal sources form a loop. */
  static build(netlist: Pick<Netlist, "reference" | "elements">): { readonly ok: true; readonly network: Network } | { readonly ok: false; readonly fault: NetlistFault } {
    const reduction = new Reduction(netlist);
    const branches = branchesOf(reduction.netlist);
    const tied = tieTogether(branches);
    return isFault(tied) ? { ok: false, fault: tied } : { ok: true, network: new Network(netlist, reduction, branches, new Equations(branches, tied)) };
  }

  /** Unknowns that are left when what needs no equations is taken out. */
  get unknowns(): number {
    return this.equations.tied.groups - 1;
  }

  /**
   * Solves one key state. Relays start released, or as told, and are updated together until they stay as they are; those that
   * never do are held released and reported.
   */
  solve(state: KeyState, { changes = [], pulledIn, alsoClosed }: SolveOptions = {}): SolveResult {
    const before = Float64Array.from(this.equations.siemens);
    const overrides: Overrides = new Map(changes.map((change) => [change.id, change.ohms]));
    this.apply(this.reducedChanges(changes, overrides));
    this.alsoClosed = alsoClosed ?? NONE;
    try {
      const settled = this.settle(state, pulledIn);
      return isFault(settled) ? { ok: false, fault: settled } : { ok: true, solution: this.report(state, settled.operating, settled.held, overrides) };
    } finally {
      this.equations.siemens.set(before);
      this.alsoClosed = NONE;
    }
  }

  /** Relays brought to a stable state; `each` sees every step on the way there, and the last is the answer. */
  settle(state: KeyState, pulledIn?: ReadonlySet<string>, each?: (energised: readonly boolean[]) => void): { readonly operating: Operating; readonly held: ReadonlySet<number> } | NetlistFault {
    const { relays } = this.branches;
    const held = new Set<number>();
    for (;;) {
      let energised = relays.map(({ element }) => pulledIn?.has(element.id) ?? false);
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
        trail.push(energised);
        // On the way only the relays' decisions count; who wants to see each step wants it whole.
        let island = this.operate(state, energised, trail.length === 1 ? "nothing" : "here", each === undefined ? ROUGH_VOLTS : 0);
        if (isFault(island)) return island;
        each?.(energised);
        const decide = () => relays.map(({ element, coil }, which) => !held.has(which) && pullsIn(element, this.equations.across(coil), energised[which] as boolean));
        const isSame = (next: readonly boolean[]) => next.every((on, which) => on === energised[which]);
        let next = decide();
        if (each === undefined && (isSame(next) || !this.coilsAreClear())) {
          island = this.operate(state, energised, "here", 0);
          if (isFault(island)) return island;
          next = decide();
        }
        if (isSame(next)) return { operating: this.operating(island, energised), held };
        energised = next;
      }
    }
  }

  /** Changes as they bear the reduced netlist; those of what led nowhere bear nothing in it. */
  reducedChanges(changes: readonly Change[], overrides: Overrides): Change[] {
    return changes.flatMap(({ id }) => this.reduction.changed(id, overrides) ?? []);
  }

  private apply(changes: readonly Change[]): void {
    if (changes.length === 0) return;
    const byId = new Map(changes.map((change) => [change.id, change.ohms]));
    this.branches.list.forEach(({ element, name, kind }, at) => {
      const ohms = byId.get(name) ?? (name === element.id ? undefined : byId.get(element.id));
      if (ohms === undefined) return;
      if (kind === "linear" || kind === "emf") this.equations.siemens[at] = Number.isFinite(ohms) ? 1 / ohms : 0;
      else throw new Error(`“${name}” has no resistance of its own that could change: open it by a wire beside it`);
    });
  }

  /** No coil is near a voltage at which it would decide otherwise. */
  private coilsAreClear(): boolean {
    return this.branches.relays.every(({ element, coil }) => {
      const volts = Math.abs(this.equations.across(coil));
      return Math.abs(volts - element.pullInVolts) > COIL_MARGIN && Math.abs(volts - element.dropOutVolts) > COIL_MARGIN;
    });
  }

  /** Solves with the relays as they stand, into the equations. */
  private operate(state: KeyState, energised: readonly boolean[], from: "nothing" | "here", enough: number): Islands | NetlistFault {
    const { list } = this.branches;
    const { equations } = this;
    const { closed, siemens } = equations;
    closedBranches(this.branches, state, energised, closed);
    for (const id of this.alsoClosed) { const at = this.branches.named.get(id); if (at !== undefined) closed[at] = 1; }
    // A branch that a change has opened.
    for (const at of this.branches.straight) if (siemens[at] === 0) closed[at] = 0;
    const island = this.islands(true);
    const stranded = this.branches.currents.find((at) => { const { a, b, element } = list[at] as Branch; return island[a] !== island[b] && (element as { amps: number }).amps !== 0; });
    if (stranded !== undefined) { const { name } = list[stranded] as Branch; return { code: "stranded-current", element: name, message: `The current of “${name}” has nowhere to flow: nothing that conducts joins its two ends.` }; }
    return equations.newton(island, this.islands(false), from, enough) ?? island;
  }

  /** Voltages of all nodes and currents of all branches, from the solved equations. */
  private operating(island: Islands, energised: readonly boolean[]): Operating {
    const { list, nodes } = this.branches;
    const { equations } = this;
    const { group, offset } = equations.tied;
    const volts = new Float64Array(nodes.length);
    for (let at = 0; at < volts.length; at++) volts[at] = (equations.x[group[at] as number] as number) + (offset[at] as number);
    const amps = new Float64Array(list.length);
    for (let at = 0; at < amps.length; at++) {
      const { a, b } = list[at] as Branch;
      if (equations.closed[at] === 1) amps[at] = equations.ampsAt(at, (volts[a] as number) - (volts[b] as number));
    }
    idealCurrents(this.branches, amps);
    return { volts, amps, island, energised };
  }

  /** Nodes that closed branches join; diodes do so only where they are asked to. */
  private islands(throughDiodes: boolean): Islands {
    const { nodes, list, joins } = this.branches;
    const { closed } = this.equations;
    const parent = new Int32Array(nodes.length);
    for (let at = 0; at < parent.length; at++) parent[at] = at;
    const root = (from: number): number => {
      let one = from;
      while (parent[one] !== one) one = parent[one] = parent[parent[one] as number] as number;
      return one;
    };
    for (let at = 0; at < list.length; at++) {
      if (closed[at] === 0 || joins[at] === 0 || (joins[at] === 2 && !throughDiodes)) continue;
      const branch = list[at] as Branch;
      const a = root(branch.a);
      const b = root(branch.b);
      // The lower number is kept, so that the reference's island is 0.
      if (a < b) parent[b] = a;
      else if (b < a) parent[a] = b;
    }
    for (let at = 0; at < parent.length; at++) parent[at] = root(at);
    return parent;
  }

  private report(state: KeyState, { volts, amps, island, energised }: Operating, held: ReadonlySet<number>, overrides: Overrides): Solution {
    const { list, nodes, relays } = this.branches;
    const islands = new Map<number, string[]>();
    nodes.forEach((name, at) => {
      const own = island[at] as number;
      if (own === 0) return;
      const known = islands.get(own);
      if (known === undefined) islands.set(own, [name]);
      else known.push(name);
    });
    const delivered = (at: number) => { const { kind } = list[at] as Branch; const value = amps[at] as number; return (kind === "emf" || kind === "ideal") && value !== 0 ? -value : value; };
    const voltsOf = new Map<string, number | null>();
    for (let at = 0; at < nodes.length; at++) voltsOf.set(nodes[at] as string, island[at] === 0 ? (volts[at] as number) : null);
    const ampsOf = new Map<string, number>();
    for (let at = 0; at < list.length; at++) ampsOf.set((list[at] as Branch).name, delivered(at));
    const { reduction } = this;
    const solved = [...islands.values()];
    // Most of a loom's nodes are never asked for; the islands are told once all are known.
    let all: readonly (readonly string[])[] | null = null;
    const complete = (known: Map<string, number | null>) => { all ??= reduction.expandVolts(known, solved, overrides); };
    const lateVolts = new LateMap<number | null>(voltsOf, (node) => reduction.volts(node, (one) => voltsOf.get(one), overrides), complete);
    return {
      state, volts: lateVolts, amps: new LateMap<number>(ampsOf, (id) => reduction.amps(id, (one) => ampsOf.get(one)), (known) => reduction.expandAmps(known)),
      get floating() { complete(voltsOf); return all ?? solved; },
      relays: new Map(relays.map(({ element }, which) => [element.id, energised[which] ? "energised" : "released"])),
      findings: [...this.overRated(amps), ...this.undefinedVolts(amps, island), ...[...held].map((which): SolveFinding => {
        const { element } = relays[which] as (typeof relays)[number];
        return { code: "buzzing", element: element.id, nodes: [element.coilA, element.coilB], message: `“${element.id}” never settles: pulled in it takes its own coil's feed away.` };
      })],
    };
  }

  private overRated(amps: Float64Array): SolveFinding[] {
    return this.branches.list.flatMap(({ element }, at) => (element.type === "fuse" && Math.abs(amps[at] as number) > element.amps
      ? [{ code: "over-rating" as const, element: element.id, nodes: [element.a, element.b], message: `“${element.id}” carries ${Math.abs(amps[at] as number).toPrecision(3)} A, and is rated ${element.amps} A.` }] : []));
  }

  /** Nodes that diodes alone hold, while none of them conducts: their voltage is what leaks make of it. */
  private undefinedVolts(amps: Float64Array, island: Islands): SolveFinding[] {
    const solid = this.islands(false);
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
