/** Metric sizes that vehicle wire is sold in, mm² (ISO 6722-1). */
export const METRIC_SIZES = [0.35, 0.5, 0.75, 1, 1.5, 2, 2.5, 3, 4, 5, 6, 8, 10, 12, 16, 20, 25, 30, 35, 40, 50, 60, 70, 95, 120] as const;

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

/** The next metric size of at least this area, mm²; the largest where none is. */
export const sizeAtLeast = (areaMm2: number): number => METRIC_SIZES.find((size) => size >= areaMm2 - 1e-9) ?? (METRIC_SIZES.at(-1) as number);

/** Copper fills about this part of a stranded conductor's circle. */
const STRAND_FILL = 0.77;

/** Diameter of a stranded conductor, mm. */
export const conductorMm = (areaMm2: number): number => Math.sqrt((4 * areaMm2) / (Math.PI * STRAND_FILL));

/** Diameter over the insulation, mm: thin walls of 0.22 + 0.09 · √A mm, a fit of our own to those of ISO 6722-1 (0.35 to 25 mm², within 0.1 mm). */
export const insulatedMm = (areaMm2: number): number => conductorMm(areaMm2) + 2 * (0.22 + 0.09 * Math.sqrt(areaMm2));
