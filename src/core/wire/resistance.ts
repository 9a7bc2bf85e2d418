/** Temperature coefficient of annealed copper at 20 °C, 1/K (IEC 60028). */
export const ALPHA_20 = 0.00393;

/**
 * The most that a stranded copper conductor of a nominal size may have at 20 °C, mΩ/m (ISO 6722-1, unplated): a wire
 * that is sold as 1 mm² has less copper than that, and its strands are longer than the wire.
 */
const MOST_MILLIOHMS_PER_M: readonly (readonly [areaMm2: number, milliohms: number])[] = [
  [0.13, 136],
  [0.22, 84.8],
  [0.35, 54.4],
  [0.5, 37.1],
  [0.75, 24.7],
  [1, 18.5],
  [1.25, 14.9],
  [1.5, 12.7],
  [2, 9.42],
  [2.5, 7.6],
  [3, 6.15],
  [4, 4.71],
  [5, 3.94],
  [6, 3.14],
  [8, 2.38],
  [10, 1.82],
  [12, 1.52],
  [16, 1.16],
  [20, 0.955],
  [25, 0.743],
  [30, 0.647],
  [35, 0.527],
  [40, 0.473],
  [50, 0.368],
  [60, 0.315],
  [70, 0.259],
  [95, 0.196],
  [120, 0.153],
];

/**
 * Resistance times nominal area at 20 °C, Ω·mm²/m: as the standard has it for a size of its list, between two of them
 * (American gauges) by the logarithm of the area, beyond the list as at its end.
 */
function mostOhmMm2PerM(areaMm2: number): number {
  const product = ([area, milliohms]: readonly [number, number]) => (area * milliohms) / 1000;
  const above = MOST_MILLIOHMS_PER_M.findIndex(([area]) => area >= areaMm2);
  const last = MOST_MILLIOHMS_PER_M.at(-1) as readonly [number, number];
  if (above === -1) return product(last);
  const high = MOST_MILLIOHMS_PER_M[above] as readonly [number, number];
  const low = MOST_MILLIOHMS_PER_M[above - 1];
  if (low === undefined) return product(high);
  const part = Math.log(areaMm2 / low[0]) / Math.log(high[0] / low[0]);
  return product(low) + part * (product(high) - product(low));
}

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
 * Resistance of a stranded copper wire, Ω: R = R₂₀ · (1 + α₂₀ · (θ − 20)) · L, R₂₀ the most that ISO 6722-1 allows for
 * its nominal size.
 *
 * @param conductor lengthM ≥ 0; areaMm2 > 0; conductorC −40 … 300, 20 where left out
 * @throws RangeError when a value is out of range, NaN included
 * @example wireOhms({ lengthM: 1.85, areaMm2: 0.5 }) // ≈ 0.0686
 */
export function wireOhms({ lengthM, areaMm2, conductorC = 20 }: Conductor): number {
  if (!(lengthM >= 0)) throw new RangeError(`lengthM must be ≥ 0 m, got ${lengthM}`);
  if (!(areaMm2 > 0)) throw new RangeError(`areaMm2 must be > 0 mm², got ${areaMm2}`);
  if (!(conductorC >= COPPER_C.low && conductorC <= COPPER_C.high))
    throw new RangeError(`conductorC must be ${COPPER_C.low} … ${COPPER_C.high} °C, got ${conductorC}`);
  return (mostOhmMm2PerM(areaMm2) * (1 + ALPHA_20 * (conductorC - 20)) * lengthM) / areaMm2;
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
