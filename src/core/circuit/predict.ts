import type { NetlistKey } from "../state";
import type { NetlistFault } from "./netlist";
import { type BranchChange, type Change, isFault, type Network, pullsIn, type SolveResult } from "./network";
import { inState, type SwitchSetting } from "./setting";
import { type BranchBridge, type Bridge, RankUpdateSteps, type Stage } from "./updates";

/** Steps that relays may take beyond those of the network as it is. */
const MOST_RELAY_STEPS = 4;

/** What a change makes of the network with its switches set. */
export interface Prediction {
  /** V to the reference; null where nothing that conducts leads there. */
  volts(node: string): number | null;
  /** Whether the low-rank way found it, or it had to be solved anew. */
  readonly anew: boolean;
}

/**
 * Predicts one setting of the switches under many changes from one factorisation of each relay step: a change of a branch is a low-rank update
 * (Sherman & Morrison 1950, Woodbury 1950), and nonlinear branches that it moves far are updated with it; the rest follow by
 * Newton steps with the factored slopes. Relays that decide otherwise toggle their contacts in the same way. A part that the change leaves to diodes
 * that do not conduct is predicted without the contract's leak: millivolts from where a solution has it.
 */
export class Predictor {
  private constructor(
    private readonly network: Network,
    readonly setting: SwitchSetting,
    private readonly stages: readonly Stage[],
    private readonly island: Int32Array,
  ) {}

  static make(network: Network, state: NetlistKey | SwitchSetting): Predictor | NetlistFault {
    const setting = typeof state === "string" ? inState(state) : state;
    const { equations } = network;
    const stages: Stage[] = [];
    const settled = network.settle(setting, undefined, (energised) => {
      const factor = equations.factorHere();
      if (factor === null) throw new Error("the equations were solved, and cannot be factored there");
      const active = equations.nonlinear.filter((at) => equations.closed[at] === 1);
      stages.push({
        energised,
        closed: equations.closed.slice(),
        x: equations.x.slice(),
        factor,
        active,
        volts: Float64Array.from(active, (at) => equations.across(at)),
        slope: Float64Array.from(active, (at) => equations.slopeOf(at)),
        directions: new Map(),
      });
    });
    if (isFault(settled)) return settled;
    // Where a relay buzzes the steps are no way to a stable state; each change is then solved anew.
    return new Predictor(network, setting, settled.held.size > 0 ? [] : stages, settled.operating.island);
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
  private voltsAt(x: Float64Array, at: number): number {
    const { group, offset } = this.network.equations.supernodes;
    return this.island[at] !== 0 ? Number.NaN : (x[group[at] as number] as number) + (offset[at] as number);
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

  /** Group voltages under the changes, relays followed from step to step as they decide; null where the low-rank way does not hold. */
  private lowRank(changes: readonly (BranchChange | BranchBridge)[]): Float64Array | null {
    let energised: readonly boolean[] = this.stages[0]?.energised ?? [];
    for (let nth = 0; nth < this.stages.length + MOST_RELAY_STEPS; nth++) {
      const stage = this.stages[Math.min(nth, this.stages.length - 1)];
      if (stage === undefined) return null;
      const exact = nth >= this.stages.length - 1;
      const x = new RankUpdateSteps(this.network, stage, changes, energised).run(exact);
      if (x === null) return null;
      const next = this.decide(x, energised);
      if (next.every((on, which) => on === energised[which]))
        return exact ? x : new RankUpdateSteps(this.network, stage, changes, energised).run(true);
      energised = next;
    }
    return null;
  }

  private decide(x: Float64Array, was: readonly boolean[]): boolean[] {
    return this.network.branches.relays.map(({ element, coil }, which) => {
      const volts = this.network.equations.across(coil, x);
      // Both ends of a coil that is cut off float together.
      return pullsIn(element, Number.isNaN(volts) ? 0 : volts, was[which] as boolean);
    });
  }
}
