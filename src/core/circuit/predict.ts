import type { NetlistKey } from "../state";
import { effectOf, groupVolts, type Predicted, unchanged } from "./effects";
import type { NetlistFault } from "./netlist";
import { type Network, pullsIn } from "./network";
import type { Overrides } from "./reduce";
import { inState, type SwitchSetting } from "./setting";
import { SmallLu } from "./small-lu";
import { type BranchChange, type Change, isFault, type SolveResult } from "./solution";
import { Stage } from "./stage";
import { type BranchBridge, type Bridge, MOST_UPDATES, RankUpdateSteps } from "./updates";

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
 * branch is a low-rank update (Sherman & Morrison 1950, Woodbury 1950), and nonlinear branches that it moves far are
 * updated with it; the rest follow by Newton steps with the factored slopes. Relays that decide otherwise toggle their
 * contacts in the same way. A part that the change leaves to diodes that do not conduct is predicted without the
 * contract's leak: millivolts from where a solution has it.
 */
export class Predictor {
  /** What opening a branch was found to do; null where it must be solved anew. */
  private readonly opened = new Map<number, Predicted | null>();
  private readonly small = new SmallLu(MOST_UPDATES);
  private readonly sound: Predicted;

  private constructor(
    private readonly network: Network,
    readonly setting: SwitchSetting,
    /** The relay steps of the network as it is, by {@link patternOf} the relays; the last one is its answer. */
    private readonly stages: ReadonlyMap<string, Stage>,
    /** The same in the order in which they were taken. */
    private readonly path: readonly Stage[],
    private readonly last: Stage,
  ) {
    this.sound = unchanged(last);
  }

  static make(network: Network, state: NetlistKey | SwitchSetting): Predictor | NetlistFault {
    const setting = typeof state === "string" ? inState(state) : state;
    const stages = new Map<string, Stage>();
    const path: Stage[] = [];
    const settled = network.settle(setting, undefined, (energised, joined) => {
      const name = patternOf(energised);
      const stage = stages.get(name) ?? new Stage(network, energised, joined);
      stages.set(name, stage);
      path.push(stage);
    });
    if (isFault(settled)) return settled;
    const last = path.at(-1);
    if (last === undefined) throw new Error("a network settles in one step at least");
    return new Predictor(network, setting, stages, path, last);
  }

  predict(changes: readonly (Change | Bridge)[]): Prediction {
    const own: Change[] = [];
    const bridges: BranchBridge[] = [];
    for (const change of changes)
      if ("id" in change) own.push(change);
      else bridges.push({ a: this.keptNode(change.a), b: this.keptNode(change.b), ohms: change.ohms });
    const overrides = this.network.overridesOf(own);
    // A bridge from the middle of what was taken out makes another network of it.
    const found = bridges.some(({ a, b }) => a < 0 || b < 0)
      ? null
      : this.lowRank(this.network.branchChanges(overrides), bridges);
    return found === null ? new SolvedAnew(this.solveAnew(changes)) : new LowRank(this.network, found, overrides);
  }

  private keptNode(name: string): number {
    const at = this.network.whole.nodeOf.get(name);
    if (at === undefined) throw new Error(`no node “${name}” in the netlist`);
    return this.network.reduction.kept[at] as number;
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
   * What the changes make of the network, relays followed from step to step as `Network.settle` does; null where the
   * low-rank way does not hold.
   */
  private lowRank(changes: readonly BranchChange[], bridges: readonly BranchBridge[]): Predicted | null {
    const [only] = changes;
    if (bridges.length > 0 || changes.length > 1) return this.follow([...changes, ...bridges]);
    return only === undefined ? this.sound : this.single(only);
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
   * What a change does where no relay decides otherwise for it at any step, and no bent branch leaves its line; else
   * null.
   */
  private quiet(change: BranchChange): Predicted | null {
    for (let nth = 0; nth < this.path.length; nth++) {
      const stage = this.path[nth] as Stage;
      const isLast = nth === this.path.length - 1;
      const effect = effectOf(this.network, stage, change);
      if (effect === null) return null;
      if (effect.type === "line") {
        const amps = Math.abs(effect.amps);
        if (amps > stage.relayAmps(change.branch) || (isLast && amps > stage.straightAmps(change.branch))) return null;
        if (isLast) return this.along(stage, change.branch, effect.amps, true);
      } else if (effect.type === "cut" && isLast) return unchanged(stage, change.branch);
    }
    return this.sound;
  }

  private along(stage: Stage, branch: number, amps: number, isExact: boolean): Predicted {
    const { from, to } = this.network.equations;
    return { stage, currents: [{ from: from[branch] as number, to: to[branch] as number, amps }], cutOff: -1, isExact };
  }

  /** Relays followed from step to step. */
  private follow(changes: readonly (BranchChange | BranchBridge)[]): Predicted | null {
    const held = new Set<number>();
    const known = new Map<string, Predicted>();
    for (;;) {
      const settled = this.relaySteps(changes, held, known);
      if (settled === null || "stage" in settled) return settled;
      for (const which of settled.buzzing) held.add(which);
    }
  }

  /**
   * The relays' steps from their start, some held released: where they stay as they are, or which of them change for
   * ever.
   *
   * @param known what was found for a step before, by {@link patternOf} its relays
   */
  private relaySteps(
    changes: readonly (BranchChange | BranchBridge)[],
    held: ReadonlySet<number>,
    known: Map<string, Predicted>,
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
      let found = this.stepOf(changes, energised, isSame(energised, this.last.energised), known);
      if (found === null) return null;
      let next = this.decide(found, energised, held);
      if (!found.isExact && isSame(next, energised)) {
        found = this.stepOf(changes, energised, true, known);
        if (found === null) return null;
        next = this.decide(found, energised, held);
      }
      if (isSame(next, energised)) return found;
      energised = next;
    }
    return null;
  }

  /** {@link solveAt}, each step once. */
  private stepOf(
    changes: readonly (BranchChange | BranchBridge)[],
    energised: readonly boolean[],
    exact: boolean,
    known: Map<string, Predicted>,
  ): Predicted | null {
    const name = patternOf(energised);
    const before = known.get(name);
    if (before !== undefined && (before.isExact || !exact)) return before;
    const found = this.solveAt(changes, energised, exact);
    if (found !== null) known.set(name, found);
    return found;
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
    if (own !== undefined && changes.length === 1 && only !== undefined && "branch" in only) {
      const effect = effectOf(this.network, own, only);
      if (effect?.type === "same") return unchanged(own);
      if (effect?.type === "cut") return unchanged(own, only.branch);
      if (effect?.type === "line") {
        const amps = Math.abs(effect.amps);
        const isExact = amps < own.straightAmps(only.branch);
        if (isExact || (!exact && amps < own.relayAmps(only.branch)))
          return this.along(own, only.branch, effect.amps, isExact);
      }
    }
    return new RankUpdateSteps(this.network, stage, changes, energised, this.small).run(exact);
  }

  private decide(found: Predicted, was: readonly boolean[], held: ReadonlySet<number>): boolean[] {
    const { stage, currents } = found;
    return this.network.branches.relays.map(({ element }, which) => {
      if (held.has(which)) return false;
      // In a part that was cut off no voltage has changed but that of the whole part.
      let volts = stage.coilVolts(which);
      for (const { from, to, amps } of currents) volts -= amps * stage.acrossCoil(which, from, to);
      return pullsIn(element, volts, was[which] as boolean);
    });
  }
}

class SolvedAnew implements Prediction {
  readonly anew = true;

  constructor(private readonly solved: SolveResult) {}

  volts(node: string): number | null {
    return this.solved.ok ? (this.solved.solution.volts.get(node) ?? null) : null;
  }
}

class LowRank implements Prediction {
  readonly anew = false;

  constructor(
    private readonly network: Network,
    private readonly found: Predicted,
    private readonly overrides: Overrides,
  ) {}

  volts(node: string): number | null {
    const { whole, reduction } = this.network;
    const at = whole.nodeOf.get(node);
    const volts = at === undefined ? Number.NaN : reduction.volts(at, this, this.overrides);
    return Number.isNaN(volts) ? null : volts;
  }

  /** Volts of a node of the equations; NaN where it floats. */
  voltsAt(node: number): number {
    const { group, offset } = this.network.equations.supernodes;
    if (this.found.stage.island[node] !== 0) return Number.NaN;
    return groupVolts(this.found, group[node] as number) + (offset[node] as number);
  }
}

function patternOf(energised: readonly boolean[]): string {
  let pattern = "";
  for (const on of energised) pattern += on ? "1" : "0";
  return pattern;
}

const isSame = (one: readonly boolean[], two: readonly boolean[]) => one.every((on, which) => on === two[which]);
