import { continuousAmps, INSULATION_C, type Surroundings } from "./rating";
import { damageSeconds } from "./short";

/** Ratings that blade fuses are sold with, A. */
export const FUSE_RATINGS = [1, 2, 3, 5, 7.5, 10, 15, 20, 25, 30, 40, 50, 60, 70, 80, 100, 125, 150, 200] as const;
/** A fuse bears this part of its rating continuously (engines.md 5). */
export const CONTINUOUS_PART = 0.75;
/**
 * Operating times that a standard allows, s, by multiple of the rating: from, to. ISO 8820-3:2015, table of blade types
 * C (medium) and F (miniature), and of type E (high current), which bolted strips of ISO 8820-5 are near to as well.
 */
interface BlowLimits {
  readonly multiple: number;
  readonly quickest: number;
  readonly slowest: number;
}
const BLADE: readonly BlowLimits[] = [
  { multiple: 1.1, quickest: 360_000, slowest: Number.POSITIVE_INFINITY },
  { multiple: 1.35, quickest: 0.75, slowest: 600 },
  { multiple: 1.6, quickest: 0.25, slowest: 50 },
  { multiple: 2, quickest: 0.15, slowest: 5 },
  { multiple: 3.5, quickest: 0.04, slowest: 0.5 },
  { multiple: 6, quickest: 0.02, slowest: 0.1 },
];
const HIGH_CURRENT: readonly BlowLimits[] = [
  { multiple: 1.1, quickest: 360_000, slowest: Number.POSITIVE_INFINITY },
  { multiple: 1.35, quickest: 60, slowest: 1800 },
  { multiple: 2, quickest: 2, slowest: 60 },
  { multiple: 3.5, quickest: 0.2, slowest: 7 },
  { multiple: 6, quickest: 0.04, slowest: 1 },
];
/** Medium and miniature blades are sold up to this rating, A. */
const MOST_BLADE_AMPS = 40;

/** The quickest and slowest that a standard lets a fuse be. */
export type BlowLimit = "quickest" | "slowest";

/**
 * Time after which a fuse blows at the limit of its standard, s: straight lines between the table's points where both
 * scales are logarithmic, falling with the square of the current beyond the last. Below 1.1 times its rating it never
 * blows; the slowest need not below 1.35.
 *
 * @param ratedAmps > 0
 */
export function blowSeconds(amps: number, ratedAmps: number, limit: BlowLimit): number {
  if (!(ratedAmps > 0)) throw new RangeError(`ratedAmps must be > 0 A, got ${ratedAmps}`);
  const table = ratedAmps <= MOST_BLADE_AMPS ? BLADE : HIGH_CURRENT;
  const multiple = Math.abs(amps) / ratedAmps;
  const above = table.findIndex((point) => point.multiple >= multiple);
  const last = table[table.length - 1] as BlowLimits;
  if (above < 0) return last[limit] * (last.multiple / multiple) ** 2;
  const to = table[above] as BlowLimits;
  if (to.multiple === multiple) return to[limit];
  const from = table[above - 1];
  if (from === undefined || !Number.isFinite(from[limit])) return Number.POSITIVE_INFINITY;
  const part = Math.log(multiple / from.multiple) / Math.log(to.multiple / from.multiple);
  return from[limit] * (to[limit] / from[limit]) ** part;
}

/** A fused wire as it is judged. */
export interface FusedWire {
  readonly ratedAmps: number;
  /** The wire behind the fuse, mm². */
  readonly areaMm2: number;
  readonly surroundings: Surroundings;
  /** The continuous load, A. */
  readonly continuousAmps: number;
  /** What flows at the start, A, and for how long, s: a motor, a cold lamp. */
  readonly inrush?: { readonly amps: number; readonly seconds: number };
  /** What would flow into a short at the wire's far end, A. */
  readonly shortAmps: number;
}

/** One inequality of a fuse with its numbers: A, s, mm², °C. */
export type FuseCheck = { readonly holds: boolean } & (
  | { readonly code: "continuous"; readonly amps: number; readonly allowedAmps: number; readonly ratedAmps: number }
  | {
      readonly code: "wire";
      readonly ratedAmps: number;
      readonly wireAmps: number;
      readonly areaMm2: number;
      readonly ambientC: number;
    }
  | { readonly code: "inrush"; readonly amps: number; readonly seconds: number; readonly quickestSeconds: number }
  /** Null for a time without end: the short draws too little to blow the fuse, or to harm the wire. */
  | {
      readonly code: "short";
      readonly amps: number;
      readonly wireSeconds: number | null;
      readonly slowestSeconds: number | null;
    }
);

export interface FuseVerdict {
  readonly checks: readonly FuseCheck[];
  /** The wire's continuous rating in its place, A. */
  readonly wireAmps: number;
}

/** How a fuse and a wire behind it go together. */
export interface Protection {
  /** The wire's continuous rating in its place, A. */
  readonly wireAmps: number;
  /** In a short at its far end: when its insulation is damaged, and when the slowest such fuse has blown, s. */
  readonly wireSeconds: number;
  readonly slowestSeconds: number;
}

/** What a fuse is to a wire: in overload its rating against the wire's, in a short at the far end the two times. */
export function protectionOf({
  ratedAmps,
  areaMm2,
  surroundings,
  shortAmps,
}: Pick<FusedWire, "ratedAmps" | "areaMm2" | "surroundings" | "shortAmps">): Protection {
  return {
    wireAmps: continuousAmps(areaMm2, surroundings, INSULATION_C),
    wireSeconds: damageSeconds(shortAmps, areaMm2, surroundings),
    slowestSeconds: blowSeconds(shortAmps, ratedAmps, "slowest"),
  };
}

const orNull = (seconds: number) => (Number.isFinite(seconds) ? seconds : null);

/** Judges a fuse by its load, its inrush and a wire behind it; each check carries its numbers. */
export function judgeFuse(fused: FusedWire): FuseVerdict {
  const { ratedAmps, areaMm2, surroundings, continuousAmps: load, inrush, shortAmps } = fused;
  const { wireAmps, wireSeconds, slowestSeconds } = protectionOf(fused);
  const checks: FuseCheck[] = [
    {
      code: "continuous",
      holds: load <= CONTINUOUS_PART * ratedAmps,
      amps: load,
      allowedAmps: CONTINUOUS_PART * ratedAmps,
      ratedAmps,
    },
    { code: "wire", holds: ratedAmps <= wireAmps, ratedAmps, wireAmps, areaMm2, ambientC: surroundings.ambientC },
  ];
  if (inrush !== undefined) {
    const quickestSeconds = blowSeconds(inrush.amps, ratedAmps, "quickest");
    checks.push({ code: "inrush", holds: quickestSeconds > inrush.seconds, ...inrush, quickestSeconds });
  }
  checks.push({
    code: "short",
    // A wire whose own rating is above the short is not damaged, whatever the fuse does.
    holds: wireSeconds === Number.POSITIVE_INFINITY || wireSeconds > slowestSeconds,
    amps: shortAmps,
    wireSeconds: orNull(wireSeconds),
    slowestSeconds: orNull(slowestSeconds),
  });
  return { checks, wireAmps };
}

/** The smallest fuse that bears a continuous load, A; null where none does. */
export const fuseForLoad = (amps: number): number | null =>
  FUSE_RATINGS.find((rating) => CONTINUOUS_PART * rating >= amps) ?? null;
