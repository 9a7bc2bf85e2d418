import type { NetlistKey } from "../state";
import type { NetlistFault } from "./netlist";
import { type BranchChange, type Change, isFault, type Network, pullsIn, type SolveResult } from "./network";
import { inState, type SwitchSetting } from "./setting";
import { type BranchBridge, type Bridge, isHeldByDiodes, quietly, RankUpdateSteps, type Stage } from "./updates";

/** Steps that relays may take from their start, or from where some of them are held; more are solved anew. */
const MOST_RELAY_STEPS = 24;

/** What a change makes of the network with its switches set. */
export interface Prediction {
  /** V to the reference; null where nothing that conducts leads there. */
  volts(node: string): number | null;
  /** Whether the low-rank way found it, or it had to be solved anew. */
  readonly anew: boolean;
}

/**
 * Predicts one setting of the switches under many changes from one factorisation of each relay step: a change of a
 * branch is a low-rank update
 * (Sherman & Morrison 1950, Woodbury 1950), and nonlinear branches that it moves far are updated with it; the rest
 * follow by
 * Newton steps with the factored slopes. Relays that decide otherwise toggle their contacts in the same way. A part
 * that the change leaves to diodes
 * that do not conduct is predicted without the contract's leak: millivolts from where a solution has it.
 */
export class Predictor {
  /** What opening a branch was found to do; null where it must be solved anew. */
  private readonly opened = new Map<number, Predicted | null>();

  private constructor(
    private readonly network: Network,
    readonly setting: SwitchSetting,
    /** The relay steps of the network as it is, by {@link patternOf} the relays; the last one is its answer. */
    private readonly stages: ReadonlyMap<string, Stage>,
    /** The same in the order in which they were taken. */
    private readonly path: readonly Stage[],
    private readonly last: Stage,
  ) {}

  static make(network: Network, state: NetlistKey | SwitchSetting): Predictor | NetlistFault {
    const setting = typeof state === "string" ? inState(state) : state;
    const { equations } = network;
    const stages = new Map<string, Stage>();
    const path: Stage[] = [];
    const settled = network.settle(setting, undefined, (energised, { island }) => {
      const known = stages.get(patternOf(energised));
      if (known !== undefined) {
        path.push(known);
        return;
      }
      const factor = equations.factorHere();
      if (factor === null) throw new Error("the equations were solved, and cannot be factored there");
      const active = equations.nonlinear.filter((at) => equations.closed[at] === 1);
      const stage: Stage = {
        energised,
        closed: equations.closed.slice(),
        island: island.slice(),
        x: equations.x.slice(),
        factor,
        active,
        volts: Float64Array.from(active, (at) => equations.across(at)),
        slope: Float64Array.from(active, (at) => equations.slopeOf(at)),
        directions: new Map(),
      };
      stages.set(patternOf(energised), stage);
      path.push(stage);
    });
    if (isFault(settled)) return settled;
    const last = path.at(-1);
    if (last === undefined) throw new Error("a network settles in one step at least");
    return new Predictor(network, setting, stages, path, last);
  }

  predict(changes: readonly (Change | Bridge)[]): Prediction {
    const { reduction, whole } = this.network;
    const overrides = this.network.overridesOf(changes.flatMap((change) => ("id" in change ? [change] : [])));
    const bridges = changes.flatMap((change) =>
      "a" in change ? [{ a: this.keptNode(change.a), b: this.keptNode(change.b), ohms: change.ohms }] : [],
    );
    // A bridge from the middle of what was taken out makes another network of it.
    const found = bridges.some(({ a, b }) => a < 0 || b < 0)
      ? null
      : this.lowRank([...this.network.branchChanges(overrides), ...bridges]);
    if (found !== null) {
      const known = (kept: number) => this.voltsAt(found, kept);
      return {
        anew: false,
        volts: (node) => {
          const at = whole.nodeOf.get(node);
          const volts = at === undefined ? Number.NaN : reduction.volts(at, known, overrides);
          return Number.isNaN(volts) ? null : volts;
        },
      };
    }
    const solved = this.solveAnew(changes);
    return { anew: true, volts: (node) => (solved.ok ? (solved.solution.volts.get(node) ?? null) : null) };
  }

  private keptNode(name: string): number {
    const at = this.network.whole.nodeOf.get(name);
    if (at === undefined) throw new Error(`no node “${name}” in the netlist`);
    return this.network.reduction.kept[at] as number;
  }

  /** Volts of a node of the equations; NaN where it floats. */
  private voltsAt({ x, island }: Predicted, at: number): number {
    const { group, offset } = this.network.equations.supernodes;
    return island[at] !== 0 ? Number.NaN : (x[group[at] as number] as number) + (offset[at] as number);
  }

  private solveAnew(changes: readonly (Change | Bridge)[]): SolveResult {
    const bridges = changes.flatMap((change, at) =>
      "a" in change ? [{ id: `bridge ${at}`, type: "resistor" as const, ...change }] : [],
    );
    const own = changes.flatMap((change) => ("id" in change ? [change] : []));
    if (bridges.length === 0) return this.network.solve(this.setting, { changes: own });
    const { netlist } = this.network.whole;
    const built = (this.network.constructor as typeof Network).build({
      ...netlist,
      elements: [...netlist.elements, ...bridges],
    });
    return built.ok ? built.network.solve(this.setting, { changes: own }) : { ok: false, fault: built.fault };
  }

  /**
   * Group voltages under the changes, relays followed from step to step as `Network.settle` does; null where the
   * low-rank way does not hold.
   */
  private lowRank(changes: readonly (BranchChange | BranchBridge)[]): Predicted | null {
    const [only] = changes;
    if (changes.length === 1 && only !== undefined && "branch" in only) return this.single(only);
    return this.follow(changes);
  }

  /** One change of one branch. Wires in a row are one branch here: opening another of them is the same again. */
  private single(change: BranchChange): Predicted | null {
    if (Number.isFinite(change.ohms)) return this.quiet(change) ?? this.follow([change]);
    const known = this.opened.get(change.branch);
    if (known !== undefined) return known;
    const found = this.quiet(change) ?? this.follow([change]);
    this.opened.set(change.branch, found);
    return found;
  }

  /**
   * The network's own answer, where the change does nothing at any relay step but to leave a part without volts that no
   * relay is pulled in by; else null.
   */
  private quiet(change: BranchChange): Predicted | null {
    const { relays } = this.network.branches;
    const { from, to } = this.network.equations;
    for (const [nth, stage] of this.path.entries()) {
      const told = quietly(this.network, stage, change);
      if (told === null) return null;
      if (told.type === "same") continue;
      const groups = new Set(told.groups);
      const next = this.path[nth + 1]?.energised ?? stage.energised;
      const pullsIn = (which: number, coil: number) =>
        next[which] === true && (groups.has(from[coil] as number) || groups.has(to[coil] as number));
      if (relays.some(({ coil }, which) => pullsIn(which, coil))) return null;
      if (stage !== this.last || nth < this.path.length - 1) continue;
      const x = stage.x.slice();
      for (const group of told.groups) x[group] = Number.NaN;
      return isHeldByDiodes(this.network, stage, x) ? null : { x, island: stage.island };
    }
    return { x: this.last.x, island: this.last.island };
  }

  /** Relays followed from step to step. */
  private follow(changes: readonly (BranchChange | BranchBridge)[]): Predicted | null {
    const held = new Set<number>();
    for (;;) {
      const settled = this.relaySteps(changes, held);
      if (settled === null || "x" in settled) return settled;
      for (const which of settled.buzzing) held.add(which);
    }
  }

  /**
   * The relays' steps from their start, some held released: where they stay as they are, or which of them change for
   * ever.
   */
  private relaySteps(
    changes: readonly (BranchChange | BranchBridge)[],
    held: ReadonlySet<number>,
  ): Predicted | { readonly buzzing: readonly number[] } | null {
    let energised = (this.path[0] as Stage).energised;
    const taken: (readonly boolean[])[] = [];
    while (taken.length < MOST_RELAY_STEPS) {
      const again = taken.findIndex((before) => isSame(before, energised));
      if (again >= 0) {
        const round = taken.slice(again);
        return { buzzing: energised.flatMap((on, which) => (round.some((step) => step[which] !== on) ? [which] : [])) };
      }
      taken.push(energised);
      // On the way only the relays' decisions count; the step of the network's own answer is mostly this one's too.
      const likely = isSame(energised, this.last.energised);
      let found = this.solveAt(changes, energised, likely);
      if (found === null) return null;
      let next = this.decide(found.x, energised, held);
      if (!likely && isSame(next, energised)) {
        found = this.solveAt(changes, energised, true);
        if (found === null) return null;
        next = this.decide(found.x, energised, held);
      }
      if (isSame(next, energised)) return found;
      energised = next;
    }
    return null;
  }

  /**
   * The changes at the step of these relays, or, where the network has none, at its answer with their contacts toggled.
   */
  private solveAt(
    changes: readonly (BranchChange | BranchBridge)[],
    energised: readonly boolean[],
    exact: boolean,
  ): Predicted | null {
    const own = this.stages.get(patternOf(energised));
    const stage = own ?? this.last;
    const [only] = changes;
    if (own !== undefined && changes.length === 1 && only !== undefined && "branch" in only)
      if (quietly(this.network, own, only)?.type === "same") return { x: own.x, island: own.island };
    const x = new RankUpdateSteps(this.network, stage, changes, energised).run(exact);
    return x && { x, island: stage.island };
  }

  private decide(x: Float64Array, was: readonly boolean[], held: ReadonlySet<number>): boolean[] {
    return this.network.branches.relays.map(({ element, coil }, which) => {
      if (held.has(which)) return false;
      const volts = this.network.equations.across(coil, x);
      // Both ends of a coil that is cut off float together.
      return pullsIn(element, Number.isNaN(volts) ? 0 : volts, was[which] as boolean);
    });
  }
}

/** Group voltages, and which nodes of them float. */
interface Predicted {
  readonly x: Float64Array;
  readonly island: Int32Array;
}

const patternOf = (energised: readonly boolean[]): string => energised.map(Number).join("");
const isSame = (one: readonly boolean[], two: readonly boolean[]) => one.every((on, which) => on === two[which]);
