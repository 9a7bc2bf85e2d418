import { type Branch, currentAt } from "./branches";
import type { Joined } from "./closed-branches";
import type { Factor } from "./ldl";
import type { Network } from "./network";
import { floats } from "./packing";
import { SolePaths } from "./sole-paths";

/** Volts of which nothing takes notice; the contract asks for 1e-6 V. */
const SAME_VOLTS = 2e-8;
/**
 * A bent branch's current may be off the straight line that stands for it by as much as moves its own place by this, V.
 * It moves no other place further; all of them together stay within the 1e-6 V of the contract, for the most part of
 * each lies in wires that it shares with few.
 */
export const STRAIGHT_VOLTS = 2e-8;
/** However straight a branch is, its line is not followed further than this unlooked at, V. */
const LINE_VOLTS = 0.01;
/** Columns of {@link Responses} that are written together. */
const AT_A_TIME = 8;
/** A load of constant power below its least voltage may have another operating point: it is looked at sooner, V. */
const LOW_LOAD_VOLTS = 1e-3;
/**
 * While relays are on their way only their decision counts: a coil decides as it did while it has not moved by this
 * much, V, and was still this far from its thresholds.
 */
const COIL_MARGIN = 0.3;

/**
 * One step of the relays on their way to a stable state, with its factored equations A·x = b. A change between two
 * groups is a current in at one and out at the other; what that does anywhere follows from A⁻¹, which is symmetric: it
 * is worked out once for the few branches that steer a solution, and looked up for every change.
 */
export class Stage {
  readonly closed: Uint8Array;
  /** By node: 0 where it leads to the reference. */
  readonly island: Int32Array;
  readonly x: Float64Array;
  /** Branches that are no straight line and are closed. */
  readonly active: readonly number[];
  /** What steers a solution: the active branches, then the relays' coils, then their contacts. */
  readonly watched: readonly number[];
  /** Voltage across each watched branch, V. */
  readonly volts: Float64Array;
  /** Current of each active branch there, A, and its slope, S. */
  readonly amps: Float64Array;
  readonly slope: Float64Array;
  /** What each active branch sees of the network, itself as its line, Ω. */
  readonly behind: Float64Array;
  /** How far each active branch may move and still be on its line, V. */
  readonly straight: Float64Array;
  /** How far each coil may move and its relay surely stays as it is, V. */
  readonly coilRoom: Float64Array;
  /** What drives a current through each branch that is a straight line: its volts without its source's. */
  readonly drive: Float64Array;
  private readonly factor: Factor;
  private readonly from: Int32Array;
  private readonly to: Int32Array;
  /** By branch, where asked for: Ω between its ends, and the currents of {@link straightAmps}, {@link relayAmps}. */
  private readonly ohms: Float64Array;
  private readonly straightUpTo: Float64Array;
  private readonly relaysUpTo: Float64Array;
  /** A⁻¹ of some groups, where asked for. */
  private readonly columns = new Map<number, Float64Array>();
  /** {@link across} of watched branches, where asked for. */
  private readonly ofWatched: Float64Array[] = [];
  private table: Responses | null = null;
  private coilTable: Responses | null = null;
  private paths: SolePaths | null = null;
  private readonly placeOf: ReadonlyMap<number, number>;

  /** The stage at which the network's equations stand solved. */
  constructor(
    { equations, branches }: Network,
    readonly energised: readonly boolean[],
    { island }: Joined,
  ) {
    const factor = equations.factorHere();
    if (factor === null) throw new Error("the equations were solved, and cannot be factored there");
    this.factor = factor;
    this.from = equations.from;
    this.to = equations.to;
    this.closed = equations.closed.slice();
    this.island = island.slice();
    this.x = equations.x.slice();
    const { relays, list } = branches;
    [this.ohms, this.straightUpTo, this.relaysUpTo] = [0, 1, 2].map(() =>
      new Float64Array(list.length).fill(Number.NaN),
    ) as [Float64Array, Float64Array, Float64Array];
    this.active = equations.nonlinear.filter((at) => equations.closed[at] === 1);
    this.watched = [...this.active, ...relays.map(({ coil }) => coil), ...relays.flatMap(({ contacts }) => contacts)];
    this.placeOf = new Map(this.watched.map((at, nth) => [at, nth]));
    this.volts = floats(this.watched, (at) => equations.across(at));
    const bent = this.active.map((at) => list[at] as Branch);
    this.amps = floats(bent, (branch, nth) => currentAt(branch, this.volts[nth] as number)[0]);
    this.slope = floats(this.active, (at) => equations.slopeOf(at));
    this.behind = floats(this.active, (at) => this.ohmsAcross(at));
    this.straight = floats(bent, (branch, nth) =>
      straightFor(branch, this.volts[nth] as number, this.behind[nth] as number),
    );
    this.coilRoom = floats(relays, ({ element }, which) => coilRoom(element, Math.abs(this.coilVolts(which))));
    this.drive = floats(list, ({ emf }, at) => equations.across(at) - emf);
  }

  /** Volts across a relay's coil. */
  coilVolts(which: number): number {
    return this.volts[this.active.length + which] as number;
  }

  /** A branch's place among the watched ones; −1 where it is none. */
  watchedAt(branch: number): number {
    return this.placeOf.get(branch) ?? -1;
  }

  /** Ω between a branch's ends, itself among them. */
  ohmsAcross(branch: number): number {
    const known = this.ohms[branch] as number;
    if (!Number.isNaN(known)) return known;
    const made = this.ohmsBetween(this.from[branch] as number, this.to[branch] as number);
    this.ohms[branch] = made;
    return made;
  }

  /** Ω between two groups. */
  ohmsBetween(i: number, j: number): number {
    return this.factor.between(i - 1, j - 1);
  }

  /** V across each watched branch for a unit current in at one group and out at another. */
  across(i: number, j: number): Float64Array {
    this.table ??= this.responses(this.watched);
    return this.table.across(i, j);
  }

  /** {@link across} of a watched branch's ends. */
  acrossWatched(nth: number): Float64Array {
    const known = this.ofWatched[nth];
    if (known !== undefined) return known;
    const at = this.watched[nth] as number;
    const made = this.across(this.from[at] as number, this.to[at] as number);
    this.ofWatched[nth] = made;
    return made;
  }

  /** By group without the reference: V there for a unit current in at a group. */
  column(group: number): Float64Array {
    const known = this.columns.get(group);
    if (known !== undefined) return known;
    const made = this.solved(group, 0);
    this.columns.set(group, made);
    return made;
  }

  /** V by group, the reference left out, for a unit current in at one group and out at another. */
  solved(i: number, j: number): Float64Array {
    const volts = new Float64Array(this.x.length - 1);
    this.factor.solveUnit(i - 1, j - 1, volts);
    return volts;
  }

  private responses(branches: readonly number[]): Responses {
    const width = branches.length;
    const rows = new Float64Array(this.x.length * width);
    // Some at a time: a row is far from the next, and written to by all of them while it is at hand.
    for (let start = 0; start < width; start += AT_A_TIME) {
      // A⁻¹ is symmetric: what a current here does there is what one there does here.
      const solved = branches
        .slice(start, start + AT_A_TIME)
        .map((at) => this.solved(this.from[at] as number, this.to[at] as number));
      for (let group = 1; group < this.x.length; group++)
        for (let nth = 0; nth < solved.length; nth++)
          rows[group * width + start + nth] = (solved[nth] as Float64Array)[group - 1] as number;
    }
    return new Responses(rows, width);
  }

  /** Current from one end of a branch to the other up to which no bent branch leaves its line, A. */
  straightAmps(branch: number): number {
    const known = this.straightUpTo[branch] as number;
    if (!Number.isNaN(known)) return known;
    this.table ??= this.responses(this.watched);
    const made = this.table.upTo(this.straight, this.from[branch] as number, this.to[branch] as number);
    this.straightUpTo[branch] = made;
    return made;
  }

  /** Current from one end of a branch to the other up to which every relay surely stays as it is, A. */
  relayAmps(branch: number): number {
    const known = this.relaysUpTo[branch] as number;
    if (!Number.isNaN(known)) return known;
    const made = this.coils.upTo(this.coilRoom, this.from[branch] as number, this.to[branch] as number);
    this.relaysUpTo[branch] = made;
    return made;
  }

  /** V across a relay's coil for a unit current in at one group and out at another. */
  acrossCoil(which: number, i: number, j: number): number {
    return this.coils.at(which, i, j);
  }

  private get coils(): Responses {
    const { length } = this.active;
    this.coilTable ??= this.responses(this.watched.slice(length, length + this.coilRoom.length));
    return this.coilTable;
  }

  /** The branches that are the only path to a part, all that may conduct among them. */
  get solePaths(): SolePaths {
    this.paths ??= new SolePaths(this.x.length, this.from, this.to, this.closed);
    return this.paths;
  }
}

/** What a unit current in at any group, and out at the reference, does across some branches: a row for each group. */
class Responses {
  constructor(
    private readonly rows: Float64Array,
    private readonly width: number,
  ) {}

  at(nth: number, i: number, j: number): number {
    const { rows, width } = this;
    return (rows[i * width + nth] as number) - (rows[j * width + nth] as number);
  }

  across(i: number, j: number): Float64Array {
    const { rows, width } = this;
    const made = new Float64Array(width);
    for (let nth = 0, a = i * width, b = j * width; nth < width; nth++, a++, b++)
      made[nth] = (rows[a] as number) - (rows[b] as number);
    return made;
  }

  /** The current that moves the first of the branches by all that it may move, A. */
  upTo(room: Float64Array, i: number, j: number): number {
    const { rows, width } = this;
    const [a, b] = [i * width, j * width];
    let least = Number.POSITIVE_INFINITY;
    for (let nth = 0; nth < room.length; nth++) {
      const moved = Math.abs((rows[a + nth] as number) - (rows[b + nth] as number));
      if (moved * least > (room[nth] as number)) least = (room[nth] as number) / moved;
    }
    return least;
  }
}

/**
 * From Taylor's remainder: a line that leaves a curve at v is off by f″·Δ² / 2 at v + Δ.
 *
 * @param behind what the branch sees of the network, itself as its line, Ω
 */
function straightFor(branch: Branch, volts: number, behind: number): number {
  const slopeAt = (v: number) => currentAt(branch, v)[1];
  const bend = Math.max(
    Math.abs(slopeAt(volts + LINE_VOLTS) - slopeAt(volts)),
    Math.abs(slopeAt(volts) - slopeAt(volts - LINE_VOLTS)),
  );
  const isLow = branch.kind === "power" && Math.abs(volts) < branch.knee;
  const curvature = bend / LINE_VOLTS;
  return Math.min(
    isLow ? LOW_LOAD_VOLTS : LINE_VOLTS,
    Math.sqrt((2 * STRAIGHT_VOLTS) / (curvature * Math.abs(behind))),
  );
}

function coilRoom({ pullInVolts, dropOutVolts }: { pullInVolts: number; dropOutVolts: number }, volts: number): number {
  const clear = Math.min(Math.abs(volts - pullInVolts), Math.abs(volts - dropOutVolts)) - COIL_MARGIN;
  return Math.max(SAME_VOLTS, Math.min(COIL_MARGIN, clear));
}
