/** E24 preferred values of a decade, IEC 60063. */
const E24 = [10, 11, 12, 13, 15, 16, 18, 20, 22, 24, 27, 30, 33, 36, 39, 43, 47, 51, 56, 62, 68, 75, 82, 91] as const;

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

/** The E24 value nearest to the geometric middle of the span, or null where the span holds none. */
export function e24Within(leastOhms: number, mostOhms: number): number | null {
  if (!(leastOhms > 0 && mostOhms >= leastOhms)) return null;
  const middle = nearestE24(Math.sqrt(leastOhms * mostOhms));
  return middle >= leastOhms && middle <= mostOhms ? middle : null;
}

const distance = (a: number, b: number) => Math.abs(Math.log(a / b));
const clean = (value: number) => Number(value.toPrecision(3));
