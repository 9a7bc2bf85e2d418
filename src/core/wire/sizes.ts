/** Copper fills about this part of a stranded conductor's circle. */
const STRAND_FILL = 0.77;

/** Diameter of a stranded conductor, mm. */
export const conductorMm = (areaMm2: number): number => Math.sqrt((4 * areaMm2) / (Math.PI * STRAND_FILL));

/**
 * Diameter over the insulation, mm: thin walls of 0.22 + 0.09 · √A mm, a fit of our own to those of ISO 6722-1 (0.35 to
 * 25 mm², within 0.1 mm).
 */
export const insulatedMm = (areaMm2: number): number => conductorMm(areaMm2) + 2 * (0.22 + 0.09 * Math.sqrt(areaMm2));
