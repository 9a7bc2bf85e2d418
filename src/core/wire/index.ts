/** Resistivity of annealed copper at 20 °C, Ω·mm²/m (International Annealed Copper Standard), its temperature coefficient, 1/K. */
const RHO_20 = 0.017241;
const ALPHA_20 = 0.00393;
/** A stranded conductor's wires are longer than the cable; 2 % is the usual lay. */
const STRANDING = 1.02;

export interface Conductor {
  /** One way, m. */
  readonly lengthM: number;
  /** Copper cross-section, mm². */
  readonly areaMm2: number;
  /** The conductor's own temperature, °C. */
  readonly conductorC?: number;
}

/**
 * Resistance of a stranded copper wire, Ω: R = ρ₂₀ · (1 + α₂₀ · (θ − 20)) · 1.02 · L / A.
 *
 * @param conductor lengthM ≥ 0; areaMm2 > 0; conductorC −40 … 150, 20 where left out
 * @throws RangeError when a value is out of range, NaN included
 * @example wireOhms({ lengthM: 1.85, areaMm2: 0.5 }) // ≈ 0.0651
 */
export function wireOhms({ lengthM, areaMm2, conductorC = 20 }: Conductor): number {
  if (!(lengthM >= 0)) throw new RangeError(`lengthM must be ≥ 0 m, got ${lengthM}`);
  if (!(areaMm2 > 0)) throw new RangeError(`areaMm2 must be > 0 mm², got ${areaMm2}`);
  if (!(conductorC >= -40 && conductorC <= 150)) throw new RangeError(`conductorC must be −40 … 150 °C, got ${conductorC}`);
  return (RHO_20 * (1 + ALPHA_20 * (conductorC - 20)) * STRANDING * lengthM) / areaMm2;
}
