import type { Curve } from "../forms";
import { type Interpolation, inverseAt, stepsOver, valueAt } from "./curve";
import { type Series, seriesValues } from "./e-series";

/** Where added resistors stand: none, one in series, one across, and both in either order. */
export const NETWORK_FORMS = ["none", "series", "parallel", "series-then-parallel", "parallel-then-series"] as const;
export type NetworkForm = (typeof NETWORK_FORMS)[number];

export interface SenderNetwork {
  readonly form: NetworkForm;
  /** Ω; null where the form has none. */
  readonly seriesOhms: number | null;
  readonly parallelOhms: number | null;
  /** The largest |shown − true| over the band, in the quantity's unit, and where it is. */
  readonly worstError: number;
  readonly at: number;
}

export interface SenderSpec {
  /** x in the quantity's unit, y in Ω; strictly monotone, and both with points on either side of the band. */
  readonly sender: Curve;
  readonly gauge: Curve;
  readonly interpolate: Interpolation;
  readonly band: readonly [from: number, to: number];
  /** The values that may be taken; null: any from 1 Ω to 1 MΩ. */
  readonly series: Series | null;
}

/** Ω of the sender with its network, as the gauge sees it. */
export function networkOhms(
  form: NetworkForm,
  senderOhms: number,
  seriesOhms: number | null,
  parallelOhms: number | null,
): number {
  const [rs, rp] = [seriesOhms ?? 0, parallelOhms ?? Number.POSITIVE_INFINITY];
  const across = (ohms: number) => (rp === Number.POSITIVE_INFINITY ? ohms : (ohms * rp) / (ohms + rp));
  switch (form) {
    case "none":
      return senderOhms;
    case "series":
      return senderOhms + rs;
    case "parallel":
      return across(senderOhms);
    case "series-then-parallel":
      return across(senderOhms + rs);
    case "parallel-then-series":
      return across(senderOhms) + rs;
  }
}

/**
 * For each form the network by which the gauge shows this sender's value with the least worst error (minimax over 101
 * even steps of the band, ends included); the best form first. Every pair of the series' values is weighed, and one is
 * given up at the first step that is worse than the best so far. Of equal errors the smaller values stand.
 */
export function senderNetworks(spec: SenderSpec): SenderNetwork[] {
  const search = new Search(spec);
  return NETWORK_FORMS.map((form) => search.best(form)).toSorted((one, other) => one.worstError - other.worstError);
}

/** shown − true at each step of the band. */
export function networkErrors(
  spec: SenderSpec,
  { form, seriesOhms, parallelOhms }: Pick<SenderNetwork, "form" | "seriesOhms" | "parallelOhms">,
): (readonly [x: number, error: number])[] {
  return stepsOver(spec.band).map((x) => {
    const ohms = networkOhms(form, valueAt(spec.sender, x, spec.interpolate) ?? Number.NaN, seriesOhms, parallelOhms);
    return [x, inverseAt(spec.gauge, ohms, spec.interpolate) - x] as const;
  });
}

/** What feeds a gauge: volts, and the gauge's own resistance in series with the network, Ω. */
export interface GaugeFeed {
  readonly volts: number;
  readonly gaugeOhms: number;
}

/**
 * The most that the hotter of the added resistors turns to heat over the band, W: the current volts ÷ (gauge + network)
 * as it divides between them (Ohm and Kirchhoff). 0 where none is added.
 */
export function networkWatts(
  spec: SenderSpec,
  { form, seriesOhms, parallelOhms }: Pick<SenderNetwork, "form" | "seriesOhms" | "parallelOhms">,
  { volts, gaugeOhms }: GaugeFeed,
): number {
  const [rs, rp] = [seriesOhms ?? 0, parallelOhms ?? Number.POSITIVE_INFINITY];
  return stepsOver(spec.band).reduce((most, x) => {
    const sender = valueAt(spec.sender, x, spec.interpolate) ?? Number.NaN;
    const amps = volts / (gaugeOhms + networkOhms(form, sender, seriesOhms, parallelOhms));
    // What stands beside the parallel resistor, and what of the current goes through it.
    const beside = form === "series-then-parallel" ? sender + rs : sender;
    const inParallel = rp === Number.POSITIVE_INFINITY ? 0 : (amps * beside) / (beside + rp);
    const inSeries = form === "series-then-parallel" ? amps - inParallel : amps;
    const heat = [inSeries ** 2 * rs, rp === Number.POSITIVE_INFINITY ? 0 : inParallel ** 2 * rp];
    return Math.max(most, ...heat);
  }, 0);
}

interface Tried {
  readonly seriesOhms: number | null;
  readonly parallelOhms: number | null;
  readonly worstError: number;
  readonly at: number;
}

class Search {
  private readonly steps: readonly (readonly [x: number, ohms: number])[];

  constructor(private readonly spec: SenderSpec) {
    // From the ends inwards: errors are largest there, so that a bad pair is given up early.
    this.steps = stepsOver(spec.band)
      .map((x) => [x, valueAt(spec.sender, x, spec.interpolate) ?? Number.NaN] as const)
      .toSorted(([one], [other]) => this.fromMiddle(other) - this.fromMiddle(one));
  }

  private fromMiddle = (x: number) => Math.abs(x - (this.spec.band[0] + this.spec.band[1]) / 2);

  best(form: NetworkForm): SenderNetwork {
    const [some, none]: [readonly (number | null)[], readonly null[]] = [this.values(), [null]];
    const series = form === "none" || form === "parallel" ? none : some;
    const parallel = form === "none" || form === "series" ? none : some;
    const best = this.over(form, series, parallel, null);
    return { form, ...(this.spec.series === null ? this.refined(form, best) : best) };
  }

  private values(): readonly number[] {
    return this.spec.series === null ? seriesValues("E24") : seriesValues(this.spec.series);
  }

  private over(
    form: NetworkForm,
    series: readonly (number | null)[],
    parallel: readonly (number | null)[],
    start: Tried | null,
  ): Tried {
    let best = start;
    for (const seriesOhms of series)
      for (const parallelOhms of parallel) best = this.try(form, seriesOhms, parallelOhms, best) ?? best;
    return best as Tried;
  }

  /** Null where it is no better than `best`. */
  private try(
    form: NetworkForm,
    seriesOhms: number | null,
    parallelOhms: number | null,
    best: Tried | null,
  ): Tried | null {
    let [worst, at] = [-1, 0];
    for (const [x, senderOhms] of this.steps) {
      const ohms = networkOhms(form, senderOhms, seriesOhms, parallelOhms);
      const error = Math.abs(inverseAt(this.spec.gauge, ohms, this.spec.interpolate) - x);
      if (error > worst) {
        if (best !== null && error >= best.worstError) return null;
        [worst, at] = [error, x];
      }
    }
    return { seriesOhms, parallelOhms, worstError: worst, at };
  }

  /** Where any value may be taken: around the best E24 values, ever finer, to a thousandth of a value. */
  private refined(form: NetworkForm, coarse: Tried): Tried {
    let best = coarse;
    for (let width = 1.1; width > 1.0001; width = Math.sqrt(width)) {
      for (let again = true; again; ) {
        const around = (ohms: number | null) =>
          ohms === null
            ? [null]
            : Array.from({ length: 21 }, (_, at) => Math.min(1e6, Math.max(1, ohms * width ** ((at - 10) / 5))));
        const finer = this.over(form, around(best.seriesOhms), around(best.parallelOhms), best);
        again = finer.worstError < best.worstError * (1 - 1e-6);
        best = finer;
      }
    }
    return best;
  }
}
