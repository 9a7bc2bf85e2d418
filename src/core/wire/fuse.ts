import { continuousAmps, INSULATION_C, type Surroundings } from "./rating";
import { damageSeconds, SHORT_C } from "./short";

/** Ratings that blade fuses are sold with, A. */
export const FUSE_RATINGS = [1, 2, 3, 5, 7.5, 10, 15, 20, 25, 30, 40, 50, 60, 70, 80, 100, 125, 150, 200] as const;
/** A fuse bears this part of its rating for good (engines.md 5). */
export const CONTINUOUS_PART = 0.75;
/** Below this multiple of its rating a fuse need never blow (ISO 8820-3: 110 % for 100 hours). */
const NEVER = 1.15;
/**
 * Time constant of a blade fuse's strip, s: our fit to the middle of ISO 8820-3's limits (135 %: 0.75 to 600 s, 200 %:
 * 0.15 to 5 s, 350 %: 0.04 to 0.5 s, 600 %: 0.02 to 0.1 s).
 */
const STRIP_SECONDS = 2.2;
/** The slowest fuse that the standard lets pass, beside the middle one. */
const SLOWEST = 5;

/**
 * Time after which a blade fuse blows, s; infinite below 1.15 times its rating: t = τ · ln(m²/(m² − 1.15²)), the
 * heating of
 * a strip by m = I/Iₙ.
 * @param slowest the latest that the standard allows, instead of the middle
 */
export function blowSeconds(amps: number, ratedAmps: number, slowest = false): number {
  if (!(ratedAmps > 0)) throw new RangeError(`ratedAmps must be > 0 A, got ${ratedAmps}`);
  const multiple = Math.abs(amps) / ratedAmps;
  if (multiple <= NEVER) return Number.POSITIVE_INFINITY;
  return STRIP_SECONDS * Math.log(multiple ** 2 / (multiple ** 2 - NEVER ** 2)) * (slowest ? SLOWEST : 1);
}

/** A fused wire as it is judged. */
export interface FusedWire {
  readonly ratedAmps: number;
  /** The thinnest wire behind the fuse, mm². */
  readonly areaMm2: number;
  readonly surroundings: Surroundings;
  /** What flows for good, A. */
  readonly continuousAmps: number;
  /** What flows at the start, A, and for how long, s: a motor, a cold lamp. */
  readonly inrush?: { readonly amps: number; readonly seconds: number };
  /** What would flow into a short at the far end, A; infinite where it is not known. */
  readonly shortAmps?: number;
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
  /** `slowestSeconds` null: the short draws too little for the fuse to blow at all. */
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
  /**
   * Lowest ratio of the wire's time to the fuse's, over the currents that can flow; below 1 the wire is damaged first.
   */
  readonly margin: number;
}

/** Judges a fuse by its load, its inrush and its wire; each check carries its numbers. */
export function judgeFuse({
  ratedAmps,
  areaMm2,
  surroundings,
  continuousAmps: load,
  inrush,
  shortAmps = Number.POSITIVE_INFINITY,
}: FusedWire): FuseVerdict {
  const wireAmps = continuousAmps(areaMm2, surroundings, INSULATION_C);
  const { margin, amps: worst } = protection(ratedAmps, areaMm2, surroundings, shortAmps);
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
    const quickestSeconds = blowSeconds(inrush.amps, ratedAmps) / SLOWEST;
    checks.push({ code: "inrush", holds: quickestSeconds > inrush.seconds, ...inrush, quickestSeconds });
  }
  checks.push(
    margin === null
      ? { code: "short", holds: false, amps: shortAmps, wireSeconds: null, slowestSeconds: null }
      : {
          code: "short",
          holds: margin >= 1,
          amps: worst,
          wireSeconds: damageSeconds(worst, areaMm2, surroundings),
          slowestSeconds: blowSeconds(worst, ratedAmps, true),
        },
  );
  return { checks, wireAmps, margin: margin ?? 0 };
}

/** Where, of all currents up to that of a short, the wire comes nearest to being damaged before the fuse blows. */
function protection(
  ratedAmps: number,
  areaMm2: number,
  surroundings: Surroundings,
  shortAmps: number,
): { readonly margin: number | null; readonly amps: number } {
  const [from, to] = [1.35 * ratedAmps, Math.min(shortAmps, 40 * ratedAmps)];
  // Too little flows to blow it, and yet it is a short.
  if (to < from) return { margin: null, amps: to };
  const rated = continuousAmps(areaMm2, surroundings, SHORT_C);
  let worst = { margin: Number.POSITIVE_INFINITY, amps: from };
  for (let step = 0; step <= 40; step++) {
    const amps = from * (to / from) ** (step / 40);
    const margin = damageSeconds(amps, areaMm2, surroundings, rated) / blowSeconds(amps, ratedAmps, true);
    if (margin < worst.margin) worst = { margin, amps };
  }
  return worst;
}

/** The smallest fuse that bears a load for good, A; null where none does. */
export const fuseForLoad = (amps: number): number | null =>
  FUSE_RATINGS.find((rating) => CONTINUOUS_PART * rating >= amps) ?? null;
