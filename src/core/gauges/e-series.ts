/** Preferred values of a decade, IEC 60063. */
const E24 = [10, 11, 12, 13, 15, 16, 18, 20, 22, 24, 27, 30, 33, 36, 39, 43, 47, 51, 56, 62, 68, 75, 82, 91] as const;

export type Series = "E24" | "E96";

/** E96 follows its formula, 10^(i/96) to three figures (IEC 60063); of E24 that holds for none above 2.4. */
const decadeOf = (series: Series): readonly number[] =>
  series === "E24"
    ? E24.map((value) => value * 10)
    : Array.from({ length: 96 }, (_, at) => Math.round(100 * 10 ** (at / 96)));

/** All values of a series from 1 Ω to 1 MΩ, rising, Ω. */
export function seriesValues(series: Series): readonly number[] {
  const decade = decadeOf(series);
  const values = [0, 1, 2, 3, 4, 5].flatMap((power) => decade.map((value) => clean((value / 100) * 10 ** power)));
  return [...values, 1_000_000];
}

/**
 * The E24 resistor nearest to `ohms` by ratio.
 * @throws RangeError unless `ohms` is positive and finite
 * @example nearestE24(2113) // 2200
 */
export function nearestE24(ohms: number): number {
  if (!(ohms > 0 && ohms < Number.POSITIVE_INFINITY)) throw new RangeError(`ohms must be > 0, got ${ohms}`);
  const decade = 10 ** (Math.floor(Math.log10(ohms)) - 1);
  const candidates = [...E24.map((value) => value * decade), 100 * decade];
  return clean(candidates.reduce((best, one) => (distance(one, ohms) < distance(best, ohms) ? one : best)));
}

/**
 * The largest E24 resistor of at most `ohms`, from 1 Ω on; null where that is less.
 * @example e24AtMost(171) // 160
 */
export const e24AtMost = (ohms: number): number | null => seriesValues("E24").findLast((one) => one <= ohms) ?? null;

/**
 * The smallest E24 resistor of at least `ohms`, to 1 MΩ; null above that.
 * @example e24AtLeast(96.7) // 100
 */
export const e24AtLeast = (ohms: number): number | null => seriesValues("E24").find((one) => one >= ohms) ?? null;

/** The E24 value nearest to the geometric middle of the span, or null where the span holds none. */
export function e24Within(leastOhms: number, mostOhms: number): number | null {
  if (!(leastOhms > 0 && mostOhms >= leastOhms)) return null;
  const middle = nearestE24(Math.sqrt(leastOhms * mostOhms));
  return middle >= leastOhms && middle <= mostOhms ? middle : null;
}

const distance = (a: number, b: number) => Math.abs(Math.log(a / b));
const clean = (value: number) => Number(value.toPrecision(3));
