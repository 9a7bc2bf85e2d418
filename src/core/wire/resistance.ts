/**
 * Resistivity of annealed copper at 20 °C, Ω·mm²/m (International Annealed Copper Standard), its temperature
 * coefficient, 1/K.
 */
const RHO_20 = 0.017241;
export const ALPHA_20 = 0.00393;
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

/** Conductor temperatures for which the linear law is used, °C: beyond, copper no longer follows it well. */
const COPPER_C = { low: -40, high: 300 } as const;

/**
 * Resistance of a stranded copper wire, Ω: R = ρ₂₀ · (1 + α₂₀ · (θ − 20)) · 1.02 · L / A.
 *
 * @param conductor lengthM ≥ 0; areaMm2 > 0; conductorC −40 … 300, 20 where left out
 * @throws RangeError when a value is out of range, NaN included
 * @example wireOhms({ lengthM: 1.85, areaMm2: 0.5 }) // ≈ 0.0651
 */
export function wireOhms({ lengthM, areaMm2, conductorC = 20 }: Conductor): number {
  if (!(lengthM >= 0)) throw new RangeError(`lengthM must be ≥ 0 m, got ${lengthM}`);
  if (!(areaMm2 > 0)) throw new RangeError(`areaMm2 must be > 0 mm², got ${areaMm2}`);
  if (!(conductorC >= COPPER_C.low && conductorC <= COPPER_C.high))
    throw new RangeError(`conductorC must be ${COPPER_C.low} … ${COPPER_C.high} °C, got ${conductorC}`);
  return (RHO_20 * (1 + ALPHA_20 * (conductorC - 20)) * STRANDING * lengthM) / areaMm2;
}

/** One way of a path: its wires by length, size and temperature. */
export interface Path {
  readonly wires: readonly Conductor[];
  /** Joints, cavities, fuses and contacts in it, Ω. */
  readonly jointOhms?: number;
}

const pathOhms = ({ wires, jointOhms = 0 }: Path) => wires.reduce((sum, wire) => sum + wireOhms(wire), jointOhms);

/**
 * Voltage lost on the way to a consumer and back, V: ΔU = I · (R out + R back), by Ohm's law.
 * @param amps ≥ 0
 * @throws RangeError when a value is out of range
 */
export function dropVolts(
  amps: number,
  out: Path,
  back: Path,
): { readonly out: number; readonly back: number; readonly total: number } {
  if (!(amps >= 0)) throw new RangeError(`amps must be ≥ 0 A, got ${amps}`);
  const [there, home] = [amps * pathOhms(out), amps * pathOhms(back)];
  return { out: there, back: home, total: there + home };
}

/**
 * What is assumed of a wire of which nobody knows size or length: signal wire, and from one end of a van to the middle.
 */
export const USUAL_WIRE = { areaMm2: 0.75, lengthM: 1.5 } as const;
