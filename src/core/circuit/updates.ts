import { type Branch, currentAt, hasUpper } from "./branches";
import { type Factor, take } from "./ldl";
import type { BranchChange, Network } from "./network";

/** Volts by which a step may still move when it is taken as the answer; the contract asks for 1e-6 V. */
const SETTLED_VOLTS = 2e-8;
/**
 * While relays are on their way only their decision counts: volts are taken as they are when every coil is this far
 * from its thresholds, V.
 */
const COIL_MARGIN = 0.3;
const MOST_ROUNDS = 25;
/** Branches whose slope may differ from the factored one at the same time; more are solved anew. */
const MOST_UPDATES = 80;
/**
 * Slopes that differ by more than this part are updated: Newton with a slightly stale slope still converges, one with a
 * wrong one does not.
 */
const STALE_PART = 0.05;
const SAME_VOLTS = 1e-3;
/** A branch that moved by less is still on its straight line: what that leaves out is of second order. */
const SAME_VOLTS_ACROSS = 1e-6;
/** Current that may be left over at a node when an answer is taken, A. */
const SETTLED_AMPS = 1e-9;
/** The pivot of an update, in parts of what it was, below which the change has cut something off. */
const CUT_OFF = 1e-12;
/** And below which it may have, and is looked at closely. */
const NEARLY_CUT = 1e-6;

/** A path that is not in the netlist: a short, or a wire to another node. */
export interface Bridge {
  readonly a: string;
  readonly b: string;
  /** Ω */
  readonly ohms: number;
}

/** A {@link Bridge} between nodes of the equations. */
export interface BranchBridge {
  readonly a: number;
  readonly b: number;
  /** Ω */
  readonly ohms: number;
}

/** One step of the relays on their way to a stable state, with its factored equations. */
export interface Stage {
  readonly energised: readonly boolean[];
  readonly closed: Uint8Array;
  /** By node: 0 where it leads to the reference. */
  readonly island: Int32Array;
  readonly x: Float64Array;
  readonly factor: Factor;
  readonly active: readonly number[];
  /** Voltage across each active branch, and its slope there. */
  readonly volts: Float64Array;
  readonly slope: Float64Array;
  /** By both groups as one number. */
  readonly directions: Map<number, Direction>;
}

/** The factored equations solved for a unit current in at one group and out at another. */
export interface Direction {
  readonly volts: Float64Array;
  /** The largest of them, without its sign. */
  readonly most: number;
}

/** Found once for a stage: many changes are of the same two groups. */
export function directionOf(stage: Stage, i: number, j: number): Direction {
  const key = i * stage.x.length + j;
  const known = stage.directions.get(key);
  if (known !== undefined) return known;
  const volts = new Float64Array(stage.x.length - 1);
  if (i !== 0) volts[i - 1] = 1;
  if (j !== 0) volts[j - 1] = -1;
  stage.factor.solve(volts, volts);
  let most = 0;
  for (let at = 0; at < volts.length; at++) {
    const size = Math.abs(volts[at] as number);
    if (size > most) most = size;
  }
  const made = { volts, most };
  stage.directions.set(key, made);
  return made;
}

/** Where a change by itself leaves one relay step. */
export type Quiet =
  /** As it was. */
  | { readonly type: "same" }
  /** As it was, but for a part that is cut off: its groups. */
  | { readonly type: "cut"; readonly groups: readonly number[] };

/**
 * What a change does where it does next to nothing, found without a copy of anything: most faults are of wires that
 * carry nothing. Null where it does more.
 */
export function quietly(network: Network, stage: Stage, { branch: at, ohms }: BranchChange): Quiet | null {
  const { equations, branches } = network;
  if (stage.closed[at] === 0) return { type: "same" };
  const { kind, emf } = branches.list[at] as Branch;
  if (kind !== "linear" && kind !== "emf") return null;
  const [i, j] = [equations.from[at] as number, equations.to[at] as number];
  const rise = (Number.isFinite(ohms) ? 1 / ohms : 0) - (equations.siemens[at] as number);
  if (i === j || rise === 0) return { type: "same" };
  const { volts, most } = directionOf(stage, i, j);
  const across = between(volts, { from: i, to: j });
  const pivot = 1 + rise * across;
  const amps = rise * (equations.across(at, stage.x) - emf);
  if (Math.abs(pivot) > NEARLY_CUT) return Math.abs(amps / pivot) * most < SETTLED_VOLTS ? { type: "same" } : null;
  if (Number.isFinite(ohms) || Math.abs(amps) * most > SETTLED_VOLTS) return null;
  const lift = -1 / rise;
  if (Math.abs(across / lift - 1) > CUT_OFF) return null;
  return { type: "cut", groups: liftedBy(volts, lift) };
}

/** Groups that a unit current through the one way to their part lifts as a whole. */
function liftedBy(volts: Float64Array, lift: number): number[] {
  const groups: number[] = [];
  for (let at = 0; at < volts.length; at++)
    if (Math.abs(Math.abs(volts[at] as number) / lift - 1) < 1e-6) groups.push(at + 1);
  return groups;
}

/**
 * Whether a diode that hardly conducts joins what was cut off to the rest: it takes the rest's voltage there, through
 * the leak.
 */
export function isHeldByDiodes({ equations }: Network, { active }: Stage, x: Float64Array): boolean {
  return active.some(
    (at) =>
      equations.from[at] !== equations.to[at] &&
      Number.isNaN(x[equations.from[at] as number]) !== Number.isNaN(x[equations.to[at] as number]),
  );
}

interface Update {
  readonly from: number;
  readonly to: number;
  /** What the conductance has risen by, S. */
  siemens: number;
  /** The factored equations solved for a unit current in at one end and out at the other. */
  readonly direction: Float64Array;
}

/** The Newton steps of one change at one relay step. */
export class RankUpdateSteps {
  private readonly updates: Update[] = [];
  private readonly slope: Float64Array;
  private readonly x: Float64Array;
  private readonly residual: Float64Array;
  /** Row by row. */
  private inverse: Float64Array | null = null;

  constructor(
    private readonly network: Network,
    private readonly stage: Stage,
    private readonly changes: readonly (BranchChange | BranchBridge)[],
    private readonly energised: readonly boolean[],
  ) {
    this.slope = stage.slope.slice();
    this.x = stage.x.slice();
    this.residual = new Float64Array(stage.x.length - 1);
  }

  /**
   * @param last whether this is the answer's step; of those before it only the relays' decisions count
   */
  run(last: boolean): Float64Array | null {
    const { equations, branches } = this.network;
    const { active } = this.stage;
    for (const change of this.changes) if (!this.apply(change)) return null;
    this.toggleContacts();
    if (this.updates.length === 0) return this.x;
    if (this.cutsOff()) return isHeldByDiodes(this.network, this.stage, this.x) ? null : this.x;
    const before = this.stage.volts.slice();
    const step = new Float64Array(this.residual.length);
    for (let round = 0; round < MOST_ROUNDS; round++) {
      if (!(round === 0 ? this.firstStep(step) : this.solve(step))) return null;
      const moved = take(this.x, step);
      if (!Number.isFinite(moved)) return null;
      if (!last && this.coilsAreClear()) return this.x;
      if (moved < SETTLED_VOLTS) return this.upper(before) ? this.x : null;
      this.residual.fill(0);
      let left = 0;
      for (let nth = 0; nth < active.length; nth++) {
        const at = active[nth] as number;
        const was = before[nth] as number;
        const now = equations.across(at, this.x);
        if (Math.abs(now - was) < SAME_VOLTS_ACROSS) continue;
        const branch = branches.list[at] as Branch;
        // A diode that begins to conduct bends too sharply for slopes from before.
        if (branch.kind === "diode" && now - was > 0.05 && now > 0.3) return null;
        const [amps, tangent] = currentAt(branch, now);
        const [ampsBefore] = currentAt(branch, was);
        const off = amps - ampsBefore - (this.slope[nth] as number) * (now - was);
        this.add(at, off);
        left = Math.max(left, Math.abs(off));
        const far =
          branch.kind === "diode"
            ? amps > 0 && amps < 0.7 * ampsBefore
            : Math.abs(now - was) > 0.3 * Math.max(Math.abs(now), Math.abs(was));
        // Far away the line through the origin leads nearer than the tangent: what loses its feed comes to rest at 0 in
        // one step.
        const slope = far && now !== 0 ? amps / now : tangent;
        before[nth] = now;
        if (
          Math.abs(slope - (this.slope[nth] as number)) > STALE_PART * Math.abs(this.slope[nth] as number) &&
          moved > 1e-4 &&
          !this.update(nth, slope)
        )
          return null;
      }
      if (left < SETTLED_AMPS) return this.upper(before) ? this.x : null;
    }
    return null;
  }

  private add(at: number, amps: number): void {
    const { from, to } = this.network.equations;
    const i = from[at] as number;
    const j = to[at] as number;
    if (i === j) return;
    if (i !== 0) this.residual[i - 1] = (this.residual[i - 1] as number) + amps;
    if (j !== 0) this.residual[j - 1] = (this.residual[j - 1] as number) - amps;
  }

  private apply(change: BranchChange | BranchBridge): boolean {
    const { equations, branches } = this.network;
    const { group, offset } = equations.supernodes;
    if ("a" in change) {
      const { a, b } = change;
      const [i, j] = [group[a] as number, group[b] as number];
      if (i === j) return true;
      const volts = (this.x[i] as number) + (offset[a] as number) - (this.x[j] as number) - (offset[b] as number);
      this.place(i, j, 1 / change.ohms, volts / change.ohms);
      return true;
    }
    const at = change.branch;
    if (this.stage.closed[at] === 0) return true;
    const { kind, emf } = branches.list[at] as Branch;
    if (kind !== "linear" && kind !== "emf") return false;
    const siemens = (Number.isFinite(change.ohms) ? 1 / change.ohms : 0) - (equations.siemens[at] as number);
    this.place(
      equations.from[at] as number,
      equations.to[at] as number,
      siemens,
      siemens * (equations.across(at, this.x) - emf),
    );
    return true;
  }

  /** The residual of one change lies along its own direction: no solution is needed for the first step. */
  private firstStep(step: Float64Array): boolean {
    const [one] = this.updates;
    if (one === undefined || this.updates.length > 1) return this.solve(step);
    const { direction, siemens } = one;
    const amps = one.from === 0 ? -(this.residual[one.to - 1] as number) : (this.residual[one.from - 1] as number);
    const pivot = 1 + siemens * between(direction, one);
    if (!(Math.abs(pivot) > CUT_OFF)) return false;
    const weight = amps / pivot;
    step.fill(0);
    addTo(step, direction, weight);
    return true;
  }

  /** Contacts of relays that stand otherwise than when the equations were factored. */
  private toggleContacts(): void {
    const { equations, branches } = this.network;
    branches.relays.forEach(({ contacts }, which) => {
      if (this.energised[which] === this.stage.energised[which]) return;
      for (const at of contacts) {
        const siemens = (this.stage.closed[at] === 1 ? -1 : 1) * (equations.siemens[at] as number);
        this.place(
          equations.from[at] as number,
          equations.to[at] as number,
          siemens,
          siemens * equations.across(at, this.x),
        );
      }
    });
  }

  private place(i: number, j: number, siemens: number, amps: number): void {
    if (i === j || siemens === 0) return;
    if (i !== 0) this.residual[i - 1] = (this.residual[i - 1] as number) + amps;
    if (j !== 0) this.residual[j - 1] = (this.residual[j - 1] as number) - amps;
    this.updates.push({ from: i, to: j, siemens, direction: directionOf(this.stage, i, j).volts });
    this.inverse = null;
  }

  private update(nth: number, slope: number): boolean {
    const at = this.stage.active[nth] as number;
    const { from, to } = this.network.equations;
    const [i, j] = [from[at] as number, to[at] as number];
    const rise = slope - (this.slope[nth] as number);
    this.slope[nth] = slope;
    const known = this.updates.find((one) => one.from === i && one.to === j);
    if (known !== undefined) known.siemens += rise;
    else if (this.updates.length >= MOST_UPDATES) return false;
    else this.updates.push({ from: i, to: j, siemens: rise, direction: directionOf(this.stage, i, j).volts });
    this.inverse = null;
    return true;
  }

  /** Solves the updated equations for the residual: (A + U·G·Uᵀ)⁻¹ = A⁻¹ − A⁻¹U·(I + G·UᵀA⁻¹U)⁻¹·G·UᵀA⁻¹. */
  private solve(step: Float64Array): boolean {
    const { updates } = this;
    this.stage.factor.solve(this.residual, step);
    this.inverse ??= smallInverse(updates);
    const { inverse } = this;
    if (inverse === null) return false;
    const size = updates.length;
    const along = new Float64Array(size);
    for (let at = 0; at < size; at++) {
      const one = updates[at] as Update;
      along[at] = one.siemens * between(step, one);
    }
    for (let row = 0; row < size; row++) {
      let weight = 0;
      for (let column = 0; column < size; column++)
        weight += (inverse[row * size + column] as number) * (along[column] as number);
      if (weight !== 0) addTo(step, (updates[row] as Update).direction, -weight);
    }
    return true;
  }

  /**
   * Whether the one change opens the one way to a part: it carried nothing then, and the rest stays as it is. What it
   * led to floats;
   * it is what a unit current through the branch lifts as a whole.
   */
  private cutsOff(): boolean {
    const [one] = this.updates;
    const [change] = this.changes;
    if (one === undefined || this.updates.length > 1 || change === undefined || Number.isFinite(change.ohms))
      return false;
    const lift = -1 / one.siemens;
    if (Math.abs(between(one.direction, one) / lift - 1) > CUT_OFF) return false;
    for (const group of liftedBy(one.direction, lift)) this.x[group] = Number.NaN;
    return true;
  }

  /** No coil has moved by much, and none is near a voltage at which it would decide otherwise. */
  private coilsAreClear(): boolean {
    const { equations, branches } = this.network;
    return branches.relays.every(({ element, coil }) => {
      const volts = Math.abs(equations.across(coil, this.x));
      const moved = Math.abs(volts - Math.abs(equations.across(coil, this.stage.x)));
      return (
        moved < COIL_MARGIN &&
        Math.abs(volts - element.pullInVolts) > COIL_MARGIN &&
        Math.abs(volts - element.dropOutVolts) > COIL_MARGIN
      );
    });
  }

  /**
   * Ω between a branch's ends in the updated equations, itself among them, by the formula of {@link solve} for these
   * two ends alone; null where it is singular.
   */
  private ohmsBetween(branch: number): number | null {
    const { updates } = this;
    const { from, to } = this.network.equations;
    const ends = { from: from[branch] as number, to: to[branch] as number };
    this.inverse ??= smallInverse(updates);
    const { inverse } = this;
    if (inverse === null) return null;
    const { volts } = directionOf(this.stage, ends.from, ends.to);
    const size = updates.length;
    let ohms = between(volts, ends);
    for (let row = 0; row < size; row++) {
      let weight = 0;
      for (let column = 0; column < size; column++) {
        const one = updates[column] as Update;
        weight += (inverse[row * size + column] as number) * one.siemens * between(volts, one);
      }
      ohms -= weight * between((updates[row] as Update).direction, ends);
    }
    return ohms;
  }

  /**
   * Of a constant-power load's two operating points the upper counts: one that fell below its least voltage must have
   * no other.
   */
  private upper(volts: Float64Array): boolean {
    return this.stage.active.every((at, nth) => {
      const branch = this.network.branches.list[at] as Branch;
      if (branch.kind !== "power") return true;
      const own = Math.abs(volts[nth] as number);
      // Where hardly anything has changed, what was found for the network as it is still holds.
      if (own >= branch.knee || Math.abs(own - Math.abs(this.stage.volts[nth] as number)) < SAME_VOLTS) return true;
      // Seen from the load, the rest of the network is a source behind a resistance.
      const seen = this.ohmsBetween(at);
      if (seen === null) return false;
      const behind = 1 / (1 / seen - (this.slope[nth] as number));
      if (!(behind > 0 && behind < 1e6)) return own < SAME_VOLTS;
      return !hasUpper(branch, own, behind);
    });
  }
}

function addTo(sum: Float64Array, values: Float64Array, weight: number): void {
  for (let at = 0; at < sum.length; at++) sum[at] = (sum[at] as number) + weight * (values[at] as number);
}

const between = (x: Float64Array, { from, to }: { readonly from: number; readonly to: number }) =>
  (from === 0 ? 0 : (x[from - 1] as number)) - (to === 0 ? 0 : (x[to - 1] as number));

/**
 * (I + G·UᵀA⁻¹U)⁻¹ of a few updates, row by row, by Gauss & Jordan with pivots; null where it is singular: something is
 * cut off.
 */
function smallInverse(updates: readonly Update[]): Float64Array | null {
  const size = updates.length;
  const left = new Float64Array(size * size);
  const right = new Float64Array(size * size);
  for (let row = 0; row < size; row++) {
    const one = updates[row] as Update;
    for (let column = 0; column < size; column++)
      left[row * size + column] = one.siemens * between((updates[column] as Update).direction, one);
    left[row * size + row] = (left[row * size + row] as number) + 1;
    right[row * size + row] = 1;
  }
  for (let column = 0; column < size; column++) {
    let best = column;
    for (let row = column + 1; row < size; row++)
      if (Math.abs(left[row * size + column] as number) > Math.abs(left[best * size + column] as number)) best = row;
    const pivot = left[best * size + column] as number;
    if (!(Math.abs(pivot) > CUT_OFF)) return null;
    for (const side of [left, right]) {
      for (let at = 0; at < size; at++) {
        const moved = side[best * size + at] as number;
        side[best * size + at] = side[column * size + at] as number;
        side[column * size + at] = moved / pivot;
      }
    }
    for (let row = 0; row < size; row++) {
      const factor = left[row * size + column] as number;
      if (row === column || factor === 0) continue;
      for (const side of [left, right])
        for (let at = 0; at < size; at++)
          side[row * size + at] = (side[row * size + at] as number) - factor * (side[column * size + at] as number);
    }
  }
  return right;
}
