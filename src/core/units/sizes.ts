import type { Units } from "./units";

/** Metric sizes that vehicle wire is sold in, mm² (ISO 6722-1). */
export const METRIC_SIZES = [
  0.35, 0.5, 0.75, 1, 1.5, 2, 2.5, 3, 4, 5, 6, 8, 10, 12, 16, 20, 25, 30, 35, 40, 50, 60, 70, 95, 120,
] as const;

/**
 * Copper area of an American wire gauge, mm²: A = π/4 · d², d = 0.127 · 92^((36 − n) / 39) mm (ASTM B258).
 * @param gauge −3 (0000) … 40
 * @throws RangeError outside of that
 * @example awgToMm2(20) // 0.5176…
 */
export function awgToMm2(gauge: number): number {
  if (!(gauge >= -3 && gauge <= 40)) throw new RangeError(`gauge must be −3 … 40, got ${gauge}`);
  const diameterMm = 0.127 * 92 ** ((36 - gauge) / 39);
  return (Math.PI / 4) * diameterMm ** 2;
}

/** The nearest American gauge of a copper area, −3 … 40; the inverse of {@link awgToMm2}. */
export function mm2ToAwg(areaMm2: number): number {
  if (!(areaMm2 > 0)) throw new RangeError(`areaMm2 must be > 0 mm², got ${areaMm2}`);
  const diameterMm = Math.sqrt((4 * areaMm2) / Math.PI);
  const gauge = 36 - (39 * Math.log(diameterMm / 0.127)) / Math.log(92);
  return Math.max(-3, Math.min(40, Math.round(gauge)));
}

/** A gauge as it is printed: `18`, `0`, `00`. */
export const awgText = (gauge: number): string => (gauge > 0 ? String(gauge) : "0".repeat(1 - gauge));

/** Even gauges from 22 to 0000, as vehicle wire is sold, mm². */
const GAUGE_SIZES: readonly number[] = [22, 20, 18, 16, 14, 12, 10, 8, 6, 4, 2, 0, -1, -2, -3].map(awgToMm2);

/** Sizes that wire is sold in, rising, mm². */
export const soldSizes = (units: Units): readonly number[] => (units === "metric" ? METRIC_SIZES : GAUGE_SIZES);

/** The next of them of at least this area, mm²; the largest where none is. */
export const soldAtLeast = (areaMm2: number, units: Units): number =>
  soldSizes(units).find((size) => size >= areaMm2 - 1e-9) ?? (soldSizes(units).at(-1) as number);

/** One foot, m. */
export const FOOT_M = 0.3048;
