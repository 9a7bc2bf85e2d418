import type { NetlistKey } from "../state";
import { type Branch, type Branches, branchesOf, type NamedBranches } from "./branches";
import { ClosedBranches, type Joined } from "./closed-branches";
import { Equations, type Start } from "./equations";
import { KnownVolts } from "./known-volts";
import type { Netlist, NetlistFault } from "./netlist";
import { NumberedMap } from "./numbered-map";
import { type Overrides, Reduction } from "./reduce";
import { inState, type SwitchSetting } from "./setting";
import {
  type BranchChange,
  type Change,
  isFault,
  type Solution,
  type SolveFinding,
  type SolveOptions,
  type SolveResult,
} from "./solution";
import { findSupernodes, idealCurrents } from "./supernodes";

/** A node counts as held by diodes that do not conduct when less than this goes through all of them, A. */
export const NO_CURRENT = 1e-8;

/**
 * While relays are on their way, volts are taken as they are after a step as small as this, V, when every coil is this
 * far from its thresholds, V.
 */
const ROUGH_VOLTS = 0.02;
const COIL_MARGIN = 0.3;

/** One solved set of closed branches. */
export interface Operating extends Joined {
  readonly volts: Float64Array;
  readonly amps: Float64Array;
  readonly energised: readonly boolean[];
}

/** Whether a relay is pulled in, by the voltage across its coil and what it was. */
export const pullsIn = (
  element: { readonly pullInVolts: number; readonly dropOutVolts: number },
  volts: number,
  was: boolean,
): boolean => (Math.abs(volts) >= element.pullInVolts ? true : Math.abs(volts) <= element.dropOutVolts ? false : was);

/**
 * A network made ready once for many solutions: its order of elimination is found once, each solution fills in values.
 */
export class Network {
  /** Of the whole netlist, and of what is left of it to be solved. */
  readonly whole: NamedBranches;
  readonly branches: Branches;
  private readonly knownVolts: KnownVolts;
  private readonly closing: ClosedBranches;
  private opened: readonly number[] = [];

  private constructor(
    readonly reduction: Reduction,
    readonly equations: Equations,
    closing: ClosedBranches,
  ) {
    this.whole = reduction.whole;
    this.branches = reduction.branches;
    this.closing = closing;
    this.knownVolts = new KnownVolts(reduction.branches, equations.supernodes);
  }

  /**
   * Makes a network ready, or says which ideal sources form a loop.
   *
   * @param whole as {@link branchesOf} has it, or {@link withValues} from the other's
   * @param like  one that was solved before and differs in little: its voltages are where solutions begin, and its order is taken over where values alone differ
   */
  static of(
    whole: NamedBranches,
    like: Network | null = null,
  ): { readonly ok: true; readonly network: Network } | { readonly ok: false; readonly fault: NetlistFault } {
    const reduction = new Reduction(whole, like?.reduction);
    const supernodes = findSupernodes(reduction.branches);
    if (isFault(supernodes)) return { ok: false, fault: supernodes };
    const closing = new ClosedBranches(reduction.branches);
    const network = new Network(
      reduction,
      new Equations(reduction.branches, supernodes, closing.closed, like?.equations),
      closing,
    );
    if (like !== null) network.knownVolts.follow(like.knownVolts);
    return { ok: true, network };
  }

  static build(netlist: Pick<Netlist, "reference" | "elements">): ReturnType<typeof Network.of> {
    return Network.of(branchesOf(netlist));
  }

  /** Unknowns that are left when what needs no equations is taken out. */
  get unknowns(): number {
    return this.equations.supernodes.groups - 1;
  }

  /**
   * Solves with the switches set. Relays start released, or as told, and are updated together until they stay as they
   * are; those that never do are held released and reported.
   */
  solve(state: NetlistKey | SwitchSetting, { changes = [], pulledIn }: SolveOptions = {}): SolveResult {
    const setting = typeof state === "string" ? inState(state) : state;
    const before = this.equations.siemens.slice();
    const overrides = this.overridesOf(changes);
    this.apply(this.branchChanges(overrides));
    try {
      const settled = this.settle(setting, pulledIn);
      return isFault(settled)
        ? { ok: false, fault: settled }
        : { ok: true, solution: this.report(setting.name, settled.operating, settled.held, overrides) };
    } finally {
      this.equations.siemens.set(before);
      this.opened = [];
    }
  }

  /** Relays brought to a stable state; `each` sees every step on the way there, and the last is the answer. */
  settle(
    setting: SwitchSetting,
    pulledIn?: ReadonlySet<string>,
    each?: (energised: readonly boolean[], joined: Joined) => void,
  ): { readonly operating: Operating; readonly held: ReadonlySet<number> } | NetlistFault {
    const { relays } = this.branches;
    const held = new Set<number>();
    this.closing.begin(setting, this.opened);
    for (;;) {
      let energised = relays.map(({ element }) => pulledIn?.has(element.id) ?? false);
      const seen = new Map<string, number>();
      const taken: boolean[][] = [];
      for (;;) {
        const name = energised.map(Number).join("");
        const again = seen.get(name);
        if (again !== undefined) {
          // The states since the first time come round for ever: those that change among them buzz.
          relays.forEach((_, which) => {
            if (taken.slice(again).some((step) => step[which] !== energised[which])) held.add(which);
          });
          break;
        }
        seen.set(name, taken.length);
        taken.push(energised);
        const step = this.knownVolts.name({ setting: setting.name, energised });
        const near = this.knownVolts.at(step);
        if (near !== undefined) this.equations.x.set(near);
        // On the way only the relays' decisions count; who wants to see each step wants it whole.
        let joined = this.operate(
          energised,
          near === undefined && taken.length === 1 ? "nothing" : "near",
          each === undefined ? ROUGH_VOLTS : 0,
        );
        if (isFault(joined)) return joined;
        each?.(energised, joined);
        const decide = () =>
          relays.map(
            ({ element, coil }, which) =>
              !held.has(which) && pullsIn(element, this.equations.across(coil), energised[which] as boolean),
          );
        const isSame = (next: readonly boolean[]) => next.every((on, which) => on === energised[which]);
        let next = decide();
        if (!this.equations.exact && (isSame(next) || !this.coilsAreClear())) {
          joined = this.operate(energised, "here", 0);
          if (isFault(joined)) return joined;
          next = decide();
        }
        this.knownVolts.keep(step, this.equations.x);
        if (isSame(next)) return { operating: this.operating(joined, energised), held };
        energised = next;
      }
    }
  }

  /** Changes by their branch of the whole. */
  overridesOf(changes: readonly Change[]): Overrides {
    const overrides = new Map<number, number>();
    for (const { id, ohms } of changes) {
      const at = this.whole.named.get(id);
      if (at === undefined) throw new Error(`no element “${id}” in the netlist`);
      overrides.set(at, ohms);
    }
    return overrides;
  }

  /** Changes as the equations have them, a branch once; of what led nowhere there are none. */
  branchChanges(overrides: Overrides): BranchChange[] {
    const made: BranchChange[] = [];
    for (const at of overrides.keys()) {
      const change = this.reduction.changed(at, overrides);
      if (change !== null && !made.some(({ branch }) => branch === change.branch)) made.push(change);
    }
    return made;
  }

  private apply(changes: readonly BranchChange[]): void {
    for (const { branch, ohms } of changes) {
      const { kind, name } = this.branches.list[branch] as Branch;
      const isOpened = ohms === Number.POSITIVE_INFINITY;
      if (isOpened && kind !== "linear" && kind !== "emf") continue;
      if (kind !== "linear" && kind !== "emf")
        throw new Error(`“${name}” has no resistance of its own that could change: open it by a wire beside it`);
      this.equations.siemens[branch] = Number.isFinite(ohms) ? 1 / ohms : 0;
    }
    this.opened = changes.flatMap(({ branch, ohms }) => (Number.isFinite(ohms) ? [] : [branch]));
  }

  /** No coil is near a voltage at which it would decide otherwise. */
  private coilsAreClear(): boolean {
    return this.branches.relays.every(({ element, coil }) => {
      const volts = Math.abs(this.equations.across(coil));
      return (
        Math.abs(volts - element.pullInVolts) > COIL_MARGIN && Math.abs(volts - element.dropOutVolts) > COIL_MARGIN
      );
    });
  }

  /** Solves with the relays as they stand, into the equations. */
  private operate(energised: readonly boolean[], from: Start, enough: number): Joined | NetlistFault {
    const { list } = this.branches;
    const joined = this.closing.step(energised);
    const { island } = joined;
    const stranded = this.branches.currents.find((at) => {
      const { a, b, element } = list[at] as Branch;
      return island[a] !== island[b] && (element as { amps: number }).amps !== 0;
    });
    if (stranded !== undefined) {
      const { name } = list[stranded] as Branch;
      return {
        code: "stranded-current",
        element: name,
      };
    }
    return this.equations.solve(joined, from, enough) ?? joined;
  }

  /** Voltages of all nodes and currents of all branches, from the solved equations. */
  private operating(joined: Joined, energised: readonly boolean[]): Operating {
    const { list, nodes } = this.branches;
    const { equations } = this;
    const { group, offset } = equations.supernodes;
    const volts = new Float64Array(nodes.length);
    for (let at = 0; at < volts.length; at++)
      volts[at] = (equations.x[group[at] as number] as number) + (offset[at] as number);
    const amps = new Float64Array(list.length);
    for (let at = 0; at < amps.length; at++) {
      const { a, b } = list[at] as Branch;
      if (equations.closed[at] === 1) amps[at] = equations.ampsAt(at, (volts[a] as number) - (volts[b] as number));
    }
    idealCurrents(this.branches, amps);
    return { ...joined, volts, amps, energised };
  }

  private report(state: string, operating: Operating, held: ReadonlySet<number>, overrides: Overrides): Solution {
    const { relays } = this.branches;
    const { whole } = this;
    const { amps, energised } = operating;
    const { volts: nodeVolts, island: nodeIsland } = this.reduction.expand(
      operating.volts,
      operating.island,
      overrides,
    );
    const delivered = this.reduction.expandAmps(amps);
    for (const at of whole.sources) if (delivered[at] !== 0) delivered[at] = -(delivered[at] as number);
    for (let at = 0; at < nodeVolts.length; at++) if (nodeIsland[at] !== 0) nodeVolts[at] = Number.NaN;
    return {
      state,
      byNumber: { volts: nodeVolts, amps: delivered },
      volts: new NumberedMap(whole.nodeOf, (at) => (Number.isNaN(nodeVolts[at]) ? null : (nodeVolts[at] as number))),
      amps: new NumberedMap(whole.named, (at) => delivered[at] as number),
      get floating() {
        return islandsOf(whole.nodes, nodeIsland);
      },
      relays: new Map(relays.map(({ element }, which) => [element.id, energised[which] ? "energised" : "released"])),
      findings: [
        ...this.overRated(amps),
        ...this.undefinedVolts(operating),
        ...[...held].map((which): SolveFinding => {
          const { element } = relays[which] as (typeof relays)[number];
          return { code: "buzzing", element: element.id, nodes: [element.coilA, element.coilB] };
        }),
      ],
    };
  }

  private overRated(amps: Float64Array): SolveFinding[] {
    return this.branches.fuses.flatMap((at) => {
      const { element } = this.branches.list[at] as Branch;
      return element.type === "fuse" && Math.abs(amps[at] as number) > element.amps
        ? [
            {
              code: "over-rating" as const,
              element: element.id,
              nodes: [element.a, element.b],
              amps: Math.abs(amps[at] as number),
              ratedAmps: element.amps,
            },
          ]
        : [];
    });
  }

  /** Nodes that diodes alone hold, while none of them conducts: their voltage is what leaks make of it. */
  private undefinedVolts({ amps, island, solid }: Operating): SolveFinding[] {
    const through = new Map<number, number>();
    for (const at of this.branches.diodes) {
      const { a, b } = this.branches.list[at] as Branch;
      if (solid[a] === solid[b]) continue;
      for (const end of [a, b])
        through.set(solid[end] as number, (through.get(solid[end] as number) ?? 0) + Math.abs(amps[at] as number));
    }
    return [...through].flatMap(([part, total]): SolveFinding[] => {
      if (part === 0 || total >= NO_CURRENT || island[part] !== 0) return [];
      const nodes = this.branches.nodes.filter((_, at) => solid[at] === part);
      return [{ code: "undefined-voltage", element: null, nodes }];
    });
  }
}

/** Nodes of each island that has no way to the reference. */
function islandsOf(nodes: readonly string[], island: Int32Array): string[][] {
  const islands = new Map<number, string[]>();
  nodes.forEach((name, at) => {
    const own = island[at] as number;
    if (own === 0) return;
    const known = islands.get(own);
    if (known === undefined) islands.set(own, [name]);
    else known.push(name);
  });
  return [...islands.values()];
}
