import { BranchMatrix } from "./branch-matrix";
import { type Branch, type Branches, currentAt, hasUpper, limitedVolts } from "./branches";
import type { Joined } from "./closed-branches";
import { type Factor, take } from "./ldl";
import type { NetlistFault } from "./netlist";
import { floats, integers } from "./packing";
import type { Supernodes } from "./supernodes";

/** Leak to the reference of a node that only diodes hold, S (contracts/netlist.md). */
const LEAK = 1e-12;
const MOST_ITERATIONS = 400;
/**
 * Only after a step as small as this is an answer taken, V: what is left is a hundredth of it at most, while Kirchhoff
 * alone leaves nodes that hardly conduct more.
 */
const NEAR_VOLTS = 2e-5;
/**
 * Kirchhoff's law at each node: this part of the largest branch current there, or this much, A (contracts/netlist.md).
 */
const KCL_PART = 1e-9;
const KCL_AMPS = 1e-9;
/**
 * A load of constant power before the first step: as good as not there, and yet no node is left without a path. Part of
 * its low conductance.
 */
const UNLOADED = 1e-9;
/**
 * A margin on what a load sees of the network when it is asked whether it has an upper operating point: beginning from
 * nothing once too often costs time alone.
 */
const UPPER_MARGIN = 1.1;
/** A slope that changed by less than this part need not be factored again. */
const SAME_SLOPE = 0.01;

/**
 * Where a solution begins: at 0 V; at voltages of something alike, a relay's step before or a network with little
 * changed; or at its own, to be made finer.
 */
export type Start = "nothing" | "near" | "here";

/**
 * Kirchhoff's equations of a network, solved by Newton's method: nodal analysis after Ho, Ruehli & Brennan (1975) with
 * ideal sources taken out beforehand, which keeps the matrix symmetric. Voltages are those of groups of nodes that
 * ideal sources tie together.
 */
export class Equations {
  /** Conductance of linear branches, S; of others 0. */
  readonly siemens: Float64Array;
  /** Voltage of each group, V; the reference's is 0. */
  x: Float64Array;
  /** Whether Kirchhoff's law holds there to the contract's accuracy; else it was near enough for what was asked. */
  exact = false;
  /** Groups at the ends of each branch, and what its sources add to the voltage between them, V. */
  readonly from: Int32Array;
  readonly to: Int32Array;
  readonly between: Float64Array;
  readonly nonlinear: readonly number[];
  /** 1 for branches that are a resistance, perhaps with a source: those whose resistance may change. */
  readonly isStraight: Uint8Array;
  /** 1 for branches whose current is no straight line of their voltage. */
  private readonly bent: Uint8Array;
  /**
   * Of straight branches: their source, V, and what flows whatever the voltage, A. An ideal source has no conductance
   * here, and so no current.
   */
  private readonly emf: Float64Array;
  private readonly constant: Float64Array;
  /** No two nodes can be further apart than this, V: all sources in series; without bound where a current is forced. */
  private readonly highest: number;
  private readonly matrix: BranchMatrix;
  /** Of each nonlinear branch: the voltage that it is linearised at, and there its current and conductance. */
  private readonly operating: Float64Array;
  private readonly amps: Float64Array;
  private readonly slope: Float64Array;
  /** The last one of a solution: its slopes are those at the end, or as good as these. */
  private last: Factor | null = null;
  private ties: number[] = [];
  private leaks: number[] = [];

  /**
   * @param closed 1 where the branch is there, by branch: it is looked at anew in each solution
   * @param like   of a network numbered alike: its order of elimination serves for both
   */
  constructor(
    readonly branches: Branches,
    readonly supernodes: Supernodes,
    readonly closed: Uint8Array,
    like: Equations | null = null,
  ) {
    const { list } = branches;
    this.between = floats(list, ({ a, b }) => (supernodes.offset[a] as number) - (supernodes.offset[b] as number));
    if (like !== null && like.branches.nodes === branches.nodes)
      ({ from: this.from, to: this.to, matrix: this.matrix } = like);
    else {
      this.from = integers(list, ({ a }) => supernodes.group[a] as number);
      this.to = integers(list, ({ b }) => supernodes.group[b] as number);
      this.matrix = new BranchMatrix(list, this.from, this.to, supernodes.groups);
    }
    this.siemens = floats(list, (branch) => branch.siemens);
    this.bent = new Uint8Array(list.length);
    this.isStraight = Uint8Array.from(list, ({ kind }) => (kind === "linear" || kind === "emf" ? 1 : 0));
    const nonlinear: number[] = [];
    list.forEach(({ kind }, at) => {
      if (kind === "diode" || kind === "lamp" || kind === "power") {
        this.bent[at] = 1;
        nonlinear.push(at);
      }
    });
    this.nonlinear = nonlinear;
    this.emf = floats(list, (branch) => branch.emf);
    this.constant = floats(list, ({ element }) => (element.type === "current" ? element.amps : 0));
    this.highest = branches.currents.some((at) => this.constant[at] !== 0)
      ? Number.POSITIVE_INFINITY
      : this.emf.reduce((sum, volts) => sum + Math.abs(volts), 0);
    this.x = new Float64Array(supernodes.groups);
    this.operating = new Float64Array(list.length);
    this.amps = new Float64Array(list.length);
    this.slope = new Float64Array(list.length);
  }

  /** Voltage across a branch from a to b, V. */
  across(at: number, x: Float64Array = this.x): number {
    return (x[this.from[at] as number] as number) - (x[this.to[at] as number] as number) + (this.between[at] as number);
  }

  /** Current through a branch from a to b at a voltage, A; of ideal sources 0, for it follows from the others. */
  ampsAt(at: number, volts: number): number {
    if (this.bent[at] === 1) return currentAt(this.branches.list[at] as Branch, volts)[0];
    return (this.siemens[at] as number) * (volts - (this.emf[at] as number)) + (this.constant[at] as number);
  }

  /**
   * Solves for `x` with the branches that are closed now.
   *
   * @param from where it begins; if not at nothing, at the present `x`
   * @param enough volts by which a step may still move when it is taken as the answer; 0 asks for Kirchhoff's law to the contract's accuracy
   */
  solve(joined: Joined, from: Start, enough: number): NetlistFault | null {
    this.holdDown(joined);
    const fault = this.newton(from, enough);
    return from === "near" && (fault !== null || this.missesUpper()) ? this.newton("nothing", enough) : fault;
  }

  /**
   * Whether a load of constant power rests at a lower operating point and has an upper one, which only a beginning from
   * nothing is sure to find.
   */
  private missesUpper(): boolean {
    const low = this.nonlinear.filter(
      (at) => this.closed[at] === 1 && this.mayHaveUpper(at, Math.abs(this.across(at))),
    );
    const factor = this.last;
    if (low.length === 0 || factor === null) return low.length > 0;
    const unit = new Float64Array(this.supernodes.groups - 1);
    return low.some((at) => {
      const [from, to] = [this.from[at] as number, this.to[at] as number];
      unit.fill(0);
      if (from !== 0) unit[from - 1] = 1;
      if (to !== 0) unit[to - 1] = -1;
      factor.solve(unit, unit);
      const across = (from === 0 ? 0 : (unit[from - 1] as number)) - (to === 0 ? 0 : (unit[to - 1] as number));
      // The load's own conductance is among the equations, and not behind it.
      return hasUpper(
        this.branches.list[at] as Branch,
        Math.abs(this.across(at)),
        UPPER_MARGIN / (1 / across - this.slopeOf(at)),
      );
    });
  }

  /**
   * By bounds alone: both points exist where E² ≥ 4·R·W and r = R·W / m² > 1 (see {@link hasUpper}); the lower one is v
   * = E / (1 + r), so that v ≥ m · 2√r / (1 + r). That falls with r, and r ≤ (E / 2m)², where no E is above that of all
   * sources in series.
   *
   * @param volts across the branch, V, ≥ 0
   */
  mayHaveUpper(at: number, volts: number): boolean {
    const { kind, knee: minVolts } = this.branches.list[at] as Branch;
    if (kind !== "power") return false;
    const root = this.highest / (2 * minVolts);
    return (
      root > 1 &&
      volts > 0 &&
      volts < minVolts &&
      (!Number.isFinite(root) || UPPER_MARGIN * volts >= (minVolts * 2 * root) / (1 + root ** 2))
    );
  }

  /** Newton's steps from the present `x`, or from nothing. */
  private newton(from: Start, enough: number): NetlistFault | null {
    const { list } = this.branches;
    const active = this.nonlinear.filter((at) => this.closed[at] === 1);
    this.exact = false;
    if (from === "nothing") this.x.fill(0);
    const step = new Float64Array(this.supernodes.groups - 1);
    let factor: Factor | null = null;
    // A constant-power load has a falling characteristic. Far from the solution it stands in as the resistor that takes
    // its power
    // at the present voltage, which comes down to the upper operating point from above; near it, Newton's tangent
    // finishes.
    let tangent = false;
    // A network of straight lines is solved by the first step, however far it is.
    let moved = 0;
    for (let iteration = 0; iteration < MOST_ITERATIONS; iteration++) {
      let limited = false;
      // From nothing every load has yet to come down; from a step before, most stand where they stood.
      let restless = iteration < 3 && from === "nothing";
      for (const at of active) {
        const branch = list[at] as Branch;
        const before = this.operating[at] as number;
        const wanted = this.across(at);
        const now =
          iteration === 0 || (iteration === 1 && branch.kind === "power")
            ? wanted
            : limitedVolts(branch, wanted, before);
        if (now !== wanted) limited = true;
        // What begins near its end begins on the tangents.
        if (
          branch.kind === "power" &&
          !(iteration === 0 && from === "near") &&
          !(Math.abs(now - before) <= (tangent ? 0.2 : 0.02) * Math.abs(before))
        )
          restless = true;
        this.operating[at] = now;
      }
      tangent = !restless && !limited;
      let bent = 0;
      for (const at of active) bent = Math.max(bent, this.linearise(at, list[at] as Branch, tangent, iteration === 0));
      if (iteration > 0 && !limited && (moved < NEAR_VOLTS || active.length === 0) && this.worst().excess <= 1) {
        this.exact = true;
        return null;
      }
      // From near by, the first step is as good as the second from far.
      if (iteration > (from === "near" ? 0 : 1) && tangent && moved < enough) return null;
      // Where no slope has changed by much, the last factor serves once more: the residual is that of the present ones.
      if (factor === null || bent > SAME_SLOPE) factor = this.factor(active);
      if (factor === null) return this.unsettled();
      this.last = factor;
      this.residual(step);
      factor.solve(step, step);
      moved = take(this.x, step);
      if (!Number.isFinite(moved)) return this.unsettled();
    }
    this.exact = this.worst().excess <= 1;
    return this.exact ? null : this.unsettled();
  }

  /** The factored equations at the present voltages, every branch at its own slope there. */
  factorHere(): Factor | null {
    const active = this.nonlinear.filter((at) => this.closed[at] === 1);
    for (const at of active) {
      this.operating[at] = this.across(at);
      this.linearise(at, this.branches.list[at] as Branch, true, false);
    }
    return this.factor(active);
  }

  /** Slope of a nonlinear branch where it was last linearised, S. */
  slopeOf(at: number): number {
    return this.slope[at] as number;
  }

  /** Ties that pass no current: each floating island's own zero. Leaks: nodes that only diodes hold. */
  private holdDown({ island, solid }: Joined): void {
    const [ties, leaks] = [new Set<number>(), new Set<number>()];
    island.forEach((own, at) => {
      const group = this.supernodes.group[at] as number;
      if (group === 0) return;
      if (own === at && own !== 0) ties.add(group);
      else if (solid[at] !== solid[own]) leaks.add(group);
    });
    this.ties = [...ties];
    this.leaks = [...leaks];
  }

  /** A branch as a straight line at its operating voltage. Returns by which part the line's slope has changed. */
  private linearise(at: number, branch: Branch, tangent: boolean, first: boolean): number {
    const volts = this.operating[at] as number;
    const [amps, slope] = currentAt(branch, volts);
    const before = this.slope[at] as number;
    this.amps[at] = amps;
    this.slope[at] = slope;
    if (branch.kind === "power" && !tangent) {
      if (first && Math.abs(volts) < branch.knee) {
        // Loads come in last: without them the network stands at its highest voltages.
        this.amps[at] = amps * UNLOADED;
        this.slope[at] = Math.abs(slope) * UNLOADED;
      } else if (volts !== 0) this.slope[at] = amps / volts;
    }
    return (
      Math.abs((this.slope[at] as number) - before) / (Math.abs(this.slope[at] as number) + Math.abs(before) + 1e-300)
    );
  }

  private factor(active: readonly number[]): Factor | null {
    const { matrix, closed, siemens, slope } = this;
    matrix.clear();
    for (let at = 0; at < closed.length; at++)
      if (closed[at] === 1 && siemens[at] !== 0) matrix.stamp(at, siemens[at] as number);
    for (const at of active) matrix.stamp(at, slope[at] as number);
    for (const group of this.ties) matrix.hold(group, 1);
    for (const group of this.leaks) matrix.hold(group, LEAK);
    return matrix.factor();
  }

  /** What the linearised currents sum to out of each group at the present voltages, A: 0 everywhere at the solution. */
  private residual(into: Float64Array): void {
    const { closed, from, to, x } = this;
    into.fill(0);
    for (let at = 0; at < closed.length; at++) {
      const i = from[at] as number;
      const j = to[at] as number;
      if (closed[at] === 0 || i === j) continue;
      const volts = this.across(at);
      const amps =
        this.bent[at] === 1
          ? (this.amps[at] as number) + (this.slope[at] as number) * (volts - (this.operating[at] as number))
          : (this.siemens[at] as number) * (volts - (this.emf[at] as number)) + (this.constant[at] as number);
      if (i !== 0) into[i - 1] = (into[i - 1] as number) + amps;
      if (j !== 0) into[j - 1] = (into[j - 1] as number) - amps;
    }
    for (const group of this.leaks) into[group - 1] = (into[group - 1] as number) + LEAK * (x[group] as number);
    for (const group of this.ties) into[group - 1] = (into[group - 1] as number) + (x[group] as number);
  }

  /** The group at which Kirchhoff's law is furthest from holding, in parts of what is allowed there. */
  private worst(): { readonly group: number; readonly excess: number } {
    const { closed, from, to, x } = this;
    const sum = new Float64Array(x.length);
    const largest = new Float64Array(x.length);
    for (let at = 0; at < closed.length; at++) {
      const i = from[at] as number;
      const j = to[at] as number;
      if (closed[at] === 0 || i === j) continue;
      const amps = this.ampsAt(at, this.across(at));
      sum[i] = (sum[i] as number) + amps;
      sum[j] = (sum[j] as number) - amps;
      const size = Math.abs(amps);
      if (size > (largest[i] as number)) largest[i] = size;
      if (size > (largest[j] as number)) largest[j] = size;
    }
    for (const group of this.leaks) {
      sum[group] = (sum[group] as number) + LEAK * (x[group] as number);
      sum[0] = (sum[0] as number) - LEAK * (x[group] as number);
    }
    for (const group of this.ties) sum[group] = (sum[group] as number) + (x[group] as number);
    let worst = { group: 0, excess: 0 };
    // The reference is no unknown, but what is left over at all others comes together there.
    for (let group = 0; group < x.length; group++) {
      // A tenth of what the contract allows, so that what follows from the voltages still holds it.
      const excess = Math.abs(sum[group] as number) / (0.1 * Math.max(KCL_AMPS, KCL_PART * (largest[group] as number)));
      if (!(excess <= worst.excess)) worst = { group, excess };
    }
    return worst;
  }

  private unsettled(): NetlistFault {
    const { group } = this.worst();
    const nodes = this.branches.nodes.filter((_, at) => this.supernodes.group[at] === group);
    return {
      code: "no-convergence",
      element: null,
      nodes,
    };
  }
}
