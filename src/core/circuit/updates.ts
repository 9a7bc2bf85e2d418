import { type Branch, currentAt, hasUpper } from "./branches";
import { between, type Predicted, unchanged } from "./effects";
import type { Network } from "./network";
import type { SmallLu } from "./small-lu";
import type { BranchChange } from "./solution";
import { STRAIGHT_VOLTS, type Stage } from "./stage";

/** Volts by which a step may still move when it is taken as the answer; the contract asks for 1e-6 V. */
const SETTLED_VOLTS = 2e-8;
/**
 * The steps after a small one lead less far than so many of it: a coil that is further from its thresholds than that has
 * decided.
 */
const ROUGH_VOLTS = 0.02;
const STEPS_TO_COME = 15;
/** The pivot of a change, in parts of what it was, below which it has cut something off. */
const CUT_OFF = 1e-12;
const MOST_ROUNDS = 25;
/** Changes, and branches whose slope differs from the factored one, at the same time; more are solved anew. */
export const MOST_UPDATES = 80;
/**
 * Slopes that differ by more than this part are updated: Newton with a slightly stale slope still converges, one with a
 * wrong one does not.
 */
const STALE_PART = 0.05;
/** After a step as small as this, V, a stale slope leads there all the same. */
const SMALL_STEP = 1e-4;
const SAME_VOLTS = 1e-3;
/** A branch that moved by less since it was looked at is still on that line. */
const SAME_VOLTS_ACROSS = 1e-8;

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

/** A current that has changed with the voltage: by `offset` + `siemens` · what that has moved by, A. */
interface Update {
  readonly from: number;
  readonly to: number;
  /** Its place among the watched branches; −1 for one of no branch, or of another. */
  readonly watched: number;
  /** V across each watched branch for a unit current along it. */
  readonly across: Float64Array;
  offset: number;
  siemens: number;
  amps: number;
  /** V by group for a unit current along it, where it was asked for. */
  volts?: Float64Array;
}

/**
 * The Newton steps of one change at one stage. They are taken among the watched branches alone: all else is a straight
 * line of the currents found there, and is worked out where someone asks.
 */
export class RankUpdateSteps {
  private readonly updates: Update[] = [];
  /** By active branch: its update, or −1; how far it had moved when its line was laid, V. */
  private readonly updateOf: Int32Array;
  private readonly laidAt: Float64Array;
  /** By active branch without an update: how far its current is off the factored line, A; and which these are. */
  private readonly loose: Float64Array;
  private readonly looseOnes = new Set<number>();
  /** How far those move each watched branch, V. */
  private readonly looseMoves: Float64Array;
  /** By watched branch: how far its voltage has moved, V. */
  private moved: Float64Array;
  /** Whether the small system is other than it was factored, and whether it could be. */
  private isStale = true;
  private isSolvable = false;

  constructor(
    private readonly network: Network,
    private readonly stage: Stage,
    private readonly changes: readonly (BranchChange | BranchBridge)[],
    private readonly energised: readonly boolean[],
    private readonly small: SmallLu,
  ) {
    const { active, watched } = stage;
    this.updateOf = new Int32Array(active.length).fill(-1);
    this.laidAt = new Float64Array(active.length);
    this.loose = new Float64Array(active.length);
    this.looseMoves = new Float64Array(watched.length);
    this.moved = new Float64Array(watched.length);
  }

  /**
   * @param last whether this is the answer's stage; of those before it only the relays' decisions count
   */
  run(last: boolean): Predicted | null {
    for (const change of this.changes) if (!this.apply(change)) return null;
    this.toggleContacts();
    if (this.updates.length === 0) return unchanged(this.stage);
    for (let round = 0; round < MOST_ROUNDS; round++) {
      const step = this.step();
      if (!Number.isFinite(step)) return null;
      if (!last && this.relaysAreSure(step)) return this.found(false);
      const left = this.layLines(step);
      if (left === null) return null;
      if (left < STRAIGHT_VOLTS || step < SETTLED_VOLTS) return this.isUpper() ? this.found(true) : null;
    }
    return null;
  }

  private found(isExact: boolean): Predicted {
    const { stage, updates, looseOnes } = this;
    const { from, to } = this.network.equations;
    const loose = [...looseOnes].map((nth) => {
      const at = stage.active[nth] as number;
      return { from: from[at] as number, to: to[at] as number, amps: this.loose[nth] as number };
    });
    return { stage, currents: [...updates, ...loose], cutOff: -1, isExact };
  }

  private apply(change: BranchChange | BranchBridge): boolean {
    const { equations } = this.network;
    const { x, closed, drive } = this.stage;
    if ("a" in change) {
      const { group, offset } = equations.supernodes;
      const { a, b } = change;
      const [i, j] = [group[a] as number, group[b] as number];
      const volts = (x[i] as number) + (offset[a] as number) - (x[j] as number) - (offset[b] as number);
      this.place(i, j, 1 / change.ohms, volts / change.ohms);
      return true;
    }
    const at = change.branch;
    if (closed[at] === 0) return true;
    if (equations.isStraight[at] === 0) return false;
    const siemens = (Number.isFinite(change.ohms) ? 1 / change.ohms : 0) - (equations.siemens[at] as number);
    this.placeBranch(at, siemens, siemens * (drive[at] as number));
    return true;
  }

  /** Contacts of relays that stand otherwise than when the equations were factored. */
  private toggleContacts(): void {
    const { equations, branches } = this.network;
    const { energised, closed, drive } = this.stage;
    branches.relays.forEach(({ contacts }, which) => {
      if (this.energised[which] === energised[which]) return;
      for (const at of contacts) {
        const siemens = (closed[at] === 1 ? -1 : 1) * (equations.siemens[at] as number);
        this.placeBranch(at, siemens, siemens * (drive[at] as number));
      }
    });
  }

  private placeBranch(at: number, siemens: number, amps: number): void {
    const { from, to } = this.network.equations;
    this.place(from[at] as number, to[at] as number, siemens, amps, this.stage.watchedAt(at));
  }

  private place(from: number, to: number, siemens: number, offset: number, watched = -1): void {
    if (from === to || siemens === 0) return;
    const across = watched < 0 ? this.stage.across(from, to) : this.stage.acrossWatched(watched);
    this.updates.push({ from, to, watched, across, siemens, offset, amps: 0 });
  }

  /**
   * The currents that fit all lines, and what they make of the watched branches. With d the directions and M what each
   * has across each update, (I + G·M)·amps = offset − G·(what the loose ones move it by): Sherman & Morrison (1950),
   * Woodbury (1950).
   *
   * @returns the furthest that a watched branch moved, V; NaN where the equations are singular
   */
  private step(): number {
    const { updates, looseMoves } = this;
    if (!this.factorSmall()) return Number.NaN;
    const side = new Float64Array(updates.length);
    for (let row = 0; row < side.length; row++) {
      const { offset, siemens, across, watched } = updates[row] as Update;
      side[row] = offset + siemens * (watched < 0 ? -this.looseAlong(across) : (looseMoves[watched] as number));
    }
    this.small.solve(side);
    const now = looseMoves.slice();
    for (let nth = 0; nth < side.length; nth++) {
      const update = updates[nth] as Update;
      update.amps = side[nth] as number;
      takeFrom(now, update.across, update.amps);
    }
    const before = this.moved;
    this.moved = now;
    return furthest(before, now);
  }

  /** What the loose ones make of an update that is not watched, V, the other way round. */
  private looseAlong(across: Float64Array): number {
    let volts = 0;
    for (const nth of this.looseOnes) volts += (this.loose[nth] as number) * (across[nth] as number);
    return volts;
  }

  /** Sets what an active branch's current is off the factored line without an update, A. */
  private setLoose(nth: number, amps: number): void {
    const by = amps - (this.loose[nth] as number);
    if (by !== 0) takeFrom(this.looseMoves, this.stage.acrossWatched(nth), by);
    this.loose[nth] = amps;
    if (amps === 0) this.looseOnes.delete(nth);
    else this.looseOnes.add(nth);
  }

  private factorSmall(): boolean {
    const { updates, small } = this;
    if (!this.isStale) return this.isSolvable;
    this.isStale = false;
    small.begin(updates.length);
    for (let row = 0; row < updates.length; row++) {
      const one = updates[row] as Update;
      for (let column = 0; column < updates.length; column++)
        small.put(row, column, one.siemens * this.mutual(one, updates[column] as Update) + (row === column ? 1 : 0));
    }
    this.isSolvable = small.factor(CUT_OFF);
    return this.isSolvable;
  }

  /** V across one update for a unit current along another; the same the other way round. */
  private mutual(one: Update, other: Update): number {
    if (other.watched >= 0) return one.across[other.watched] as number;
    if (one.watched >= 0) return other.across[one.watched] as number;
    if (one === other) return this.stage.ohmsBetween(one.from, one.to);
    other.volts ??= this.stage.solved(other.from, other.to);
    return between(other.volts, one.from, one.to);
  }

  /**
   * Lays a line anew for each bent branch that has left its own.
   *
   * @returns the most that a current off its line makes of its own place, V; null where the change is better solved anew
   */
  private layLines(step: number): number | null {
    const { stage, moved, laidAt } = this;
    const { list } = this.network.branches;
    let left = 0;
    for (let nth = 0; nth < stage.active.length; nth++) {
      const move = moved[nth] as number;
      const before = laidAt[nth] as number;
      if (this.isOnItsLine(nth, move, before)) continue;
      const branch = list[stage.active[nth] as number] as Branch;
      const [was, now] = [(stage.volts[nth] as number) + before, (stage.volts[nth] as number) + move];
      // A diode that begins to conduct bends too sharply for slopes from before.
      if (branch.kind === "diode" && now - was > 0.05 && now > 0.3) return null;
      const [amps, tangent] = currentAt(branch, now);
      left = Math.max(left, Math.abs(amps - this.lineAmps(nth, move)) * (stage.behind[nth] as number));
      const slope = now !== 0 && isFar(branch, was, now, amps) ? amps / now : tangent;
      laidAt[nth] = move;
      const factored = stage.slope[nth] as number;
      const rise = this.updateOfActive(nth)?.siemens ?? 0;
      const isBent = step > SMALL_STEP && Math.abs(slope - factored - rise) > STALE_PART * Math.abs(factored + rise);
      if (!this.lay(nth, amps, isBent ? slope - factored : rise)) return null;
    }
    return left;
  }

  /**
   * Whether an active branch that has moved so far, V, and lay on its line at `before`, still does. On the factored line
   * by as much as it is off it, f″·|Δ² − before²| / 2, where `straight` is the Δ that is too much by itself.
   */
  private isOnItsLine(nth: number, move: number, before: number): boolean {
    const by = Math.abs(move - before);
    if ((this.updateOf[nth] as number) >= 0) return by < SAME_VOLTS_ACROSS;
    return by * (Math.abs(move) + Math.abs(before)) < (this.stage.straight[nth] as number) ** 2;
  }

  private updateOfActive(nth: number): Update | undefined {
    const at = this.updateOf[nth] as number;
    return at < 0 ? undefined : this.updates[at];
  }

  /** Current of an active branch by the line that it was solved with, A. */
  private lineAmps(nth: number, move: number): number {
    const { amps, slope } = this.stage;
    const update = this.updateOfActive(nth);
    const beside = update === undefined ? (this.loose[nth] as number) : update.offset + update.siemens * move;
    return (amps[nth] as number) + (slope[nth] as number) * move + beside;
  }

  /**
   * A line through an active branch's present point; false where there are too many.
   *
   * @param siemens what its slope is above the factored one, S
   */
  private lay(nth: number, amps: number, siemens: number): boolean {
    const { stage, updates } = this;
    const offset =
      amps - (stage.amps[nth] as number) - ((stage.slope[nth] as number) + siemens) * (this.moved[nth] as number);
    const known = this.updateOfActive(nth);
    if (known !== undefined) {
      known.offset = offset;
      if (known.siemens !== siemens) this.isStale = true;
      known.siemens = siemens;
      return true;
    }
    if (siemens === 0) {
      this.setLoose(nth, offset);
      return true;
    }
    if (updates.length >= MOST_UPDATES) return false;
    this.setLoose(nth, 0);
    this.isStale = true;
    const at = stage.active[nth] as number;
    const { from, to } = this.network.equations;
    const [i, j, across] = [from[at] as number, to[at] as number, stage.acrossWatched(nth)];
    this.updateOf[nth] = updates.push({ from: i, to: j, watched: nth, across, siemens, offset, amps: 0 }) - 1;
    return true;
  }

  /** Whether every relay's decision is plain, though the volts are not yet found to the last digit. */
  private relaysAreSure(step: number): boolean {
    const { stage, moved } = this;
    return this.network.branches.relays.every(({ element: { pullInVolts, dropOutVolts } }, which) => {
      const by = moved[stage.active.length + which] as number;
      const volts = Math.abs(stage.coilVolts(which) + by);
      const clear = Math.min(Math.abs(volts - pullInVolts), Math.abs(volts - dropOutVolts));
      return Math.abs(by) < (stage.coilRoom[which] as number) || (step < ROUGH_VOLTS && clear > STEPS_TO_COME * step);
    });
  }

  /**
   * Of a constant-power load's two operating points the upper counts: one that fell below its least voltage must have
   * no other.
   */
  private isUpper(): boolean {
    const { active, volts } = this.stage;
    return active.every((at, nth) => {
      const branch = this.network.branches.list[at] as Branch;
      if (branch.kind !== "power") return true;
      const before = Math.abs(volts[nth] as number);
      const own = Math.abs((volts[nth] as number) + (this.moved[nth] as number));
      // Where hardly anything has changed, what was found for the network as it is still holds.
      if (own >= branch.knee || Math.abs(own - before) < SAME_VOLTS) return true;
      if (!this.network.equations.mayHaveUpper(at, own)) return true;
      // Seen from the load, the rest of the network is a source behind a resistance.
      if (!this.factorSmall()) return false;
      const slope = (this.stage.slope[nth] as number) + (this.updateOfActive(nth)?.siemens ?? 0);
      const behind = 1 / (1 / this.ohmsBetween(nth) - slope);
      if (!(behind > 0 && behind < 1e6)) return own < SAME_VOLTS;
      return !hasUpper(branch, own, behind);
    });
  }

  /** Ω between a watched branch's ends in the updated equations, itself among them: {@link step} of a unit current. */
  private ohmsBetween(nth: number): number {
    const { updates } = this;
    const side = Float64Array.from(updates, ({ siemens, across }) => siemens * (across[nth] as number));
    this.small.solve(side);
    let ohms = this.stage.acrossWatched(nth)[nth] as number;
    for (let at = 0; at < side.length; at++)
      ohms -= (side[at] as number) * ((updates[at] as Update).across[nth] as number);
    return ohms;
  }
}

/**
 * Far away the line through the origin leads nearer than the tangent: what loses its feed comes to rest at 0 in one
 * step.
 */
function isFar(branch: Branch, was: number, now: number, amps: number): boolean {
  if (branch.kind === "diode") return amps > 0 && amps < 0.7 * currentAt(branch, was)[0];
  return Math.abs(now - was) > 0.3 * Math.max(Math.abs(now), Math.abs(was));
}

function takeFrom(sum: Float64Array, values: Float64Array, weight: number): void {
  for (let at = 0; at < sum.length; at++) sum[at] = (sum[at] as number) - weight * (values[at] as number);
}

/** The largest difference; NaN where one is no number. */
function furthest(before: Float64Array, now: Float64Array): number {
  let most = 0;
  let sum = 0;
  for (let nth = 0; nth < now.length; nth++) {
    const by = Math.abs((now[nth] as number) - (before[nth] as number));
    if (by > most) most = by;
    sum += by;
  }
  return Number.isNaN(sum) ? sum : most;
}
