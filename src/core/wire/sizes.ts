/** Metric sizes that vehicle wire is sold in, mm² (ISO 6722-1). */
export const METRIC_SIZES = [0.35, 0.5, 0.75, 1, 1.5, 2, 2.5, 3, 4, 5, 6, 8, 10, 12, 16, 20, 25, 30, 35, 40, 50, 60, 70, 95, 120] as const;

/**
 * Copper area of an American wire gauge, mm²: π/4 · d², d = 0.127 · 92^((36 − n)/39) mm (ASTM B258).
 * @param gauge 40 … 0, and −1, −2, −3 for 00, 000, 0000
 * @throws RangeError beyond that
 * @example awgAreaMm2(18) // ≈ 0.823
 */
export function awgAreaMm2(gauge: number): number {
  if (!(gauge >= -3 && gauge <= 40)) throw new RangeError(`a gauge lies between 40 and −3 (0000), got ${gauge}`);
  return (Math.PI / 4) * (0.127 * 92 ** ((36 - gauge) / 39)) ** 2;
}

/** The gauge whose area is nearest by ratio, as printed: `18`, `0`, `00`. areaMm2 > 0. */
export function nearestAwg(areaMm2: number): string {
  if (!(areaMm2 > 0)) throw new RangeError(`areaMm2 must be > 0 mm², got ${areaMm2}`);
  const gauge = Math.round(36 - (39 * Math.log(Math.sqrt((4 * areaMm2) / Math.PI) / 0.127)) / Math.log(92));
  const held = Math.max(-3, Math.min(40, gauge));
  return held > 0 ? String(held) : "0".repeat(1 - held);
}

/** The next metric size of at least this area, mm²; the largest where none is. */
export const sizeAtLeast = (areaMm2: number): number => METRIC_SIZES.find((size) => size >= areaMm2 - 1e-9) ?? (METRIC_SIZES.at(-1) as number);

/** Copper fills about this part of a stranded conductor's circle. */
const STRAND_FILL = 0.77;

/** Diameter of a stranded conductor, mm. */
export const conductorMm = (areaMm2: number): number => Math.sqrt((4 * areaMm2) / (Math.PI * STRAND_FILL));

/** Diameter over the insulation, mm: thin walls of 0.22 + 0.09 · √A mm, a fit of our own to those of ISO 6722-1 (0.35 to 25 mm², within 0.1 mm). */
export const insulatedMm = (areaMm2: number): number => conductorMm(areaMm2) + 2 * (0.22 + 0.09 * Math.sqrt(areaMm2));
