import { wireOhms } from "./resistance";
import { conductorMm, insulatedMm } from "./sizes";

/** Absolute zero, °C; Stefan's constant, W/(m²·K⁴); gravity, m/s². */
const KELVIN = 273.15;
const STEFAN = 5.670374e-8;
const GRAVITY = 9.80665;
/**
 * Of plastic insulation: emissivity and conductivity, W/(m·K) (usual values for PVC and cross-linked polyethylene, 0.17
 * to 0.3).
 */
const EMISSIVITY = 0.9;
const INSULATION_W_PER_MK = 0.19;
/** Of a taped bundle as a whole, across it, W/(m·K): plastic, copper and air; our estimate, on the cautious side. */
const BUNDLE_W_PER_MK = 0.3;
/** Insulated wires fill about this part of a bundle's circle. */
const BUNDLE_FILL = 0.75;

/** What usual vehicle insulation stands continuously, °C (class B of ISO 6722-1). */
export const INSULATION_C = 100;
/** Air around a harness in the engine bay, °C: our assumption where nobody said otherwise. */
export const ENGINE_BAY_C = 60;
/** Air around a harness in the cabin, °C: likewise. */
export const CABIN_C = 40;

/**
 * Properties of air at a temperature and 1 atm: ν m²/s, k W/(m·K), Pr. Sutherland's law and conductivity as in the U.S.
 * Standard Atmosphere 1976.
 */
export function airAt(celsius: number): {
  readonly viscosity: number;
  readonly conductivity: number;
  readonly prandtl: number;
} {
  const kelvin = celsius + KELVIN;
  const dynamic = (1.458e-6 * kelvin ** 1.5) / (kelvin + 110.4);
  const density = 101_325 / (287.05 * kelvin);
  const conductivity = (2.64638e-3 * kelvin ** 1.5) / (kelvin + 245.4 * 10 ** (-12 / kelvin));
  return { viscosity: dynamic / density, conductivity, prandtl: (dynamic * 1006) / conductivity };
}

/**
 * Nusselt number of natural convection on a horizontal cylinder, Ra ≤ 10¹² (Churchill & Chu, Int. J. Heat Mass Transfer
 * 18 (1975) 1049).
 */
export function nusselt(rayleigh: number, prandtl: number): number {
  return (0.6 + (0.387 * rayleigh ** (1 / 6)) / (1 + (0.559 / prandtl) ** (9 / 16)) ** (8 / 27)) ** 2;
}

/**
 * Heat that a horizontal cylinder gives off to still air by convection and radiation, W/m.
 * @param diameterMm > 0
 * @param surfaceC ≥ ambientC
 */
export function heatWPerM(diameterMm: number, surfaceC: number, ambientC: number): number {
  const rise = surfaceC - ambientC;
  if (rise <= 0) return 0;
  const metres = diameterMm / 1000;
  const film = (surfaceC + ambientC) / 2;
  const air = airAt(film);
  const rayleigh = (GRAVITY * rise * metres ** 3 * air.prandtl) / ((film + KELVIN) * air.viscosity ** 2);
  const convection = (nusselt(rayleigh, air.prandtl) * air.conductivity * rise) / metres;
  const radiation = EMISSIVITY * STEFAN * ((surfaceC + KELVIN) ** 4 - (ambientC + KELVIN) ** 4);
  return Math.PI * metres * (convection + radiation);
}

/** Where a wire lies. */
export interface Surroundings {
  /** Still air around it, °C. */
  readonly ambientC: number;
  /** Wires in its bundle that carry as much as it does, itself among them; 1 for a wire alone. */
  readonly loaded?: number;
  /** Wires in its bundle in all; as many as `loaded` where left out. */
  readonly wires?: number;
}

/**
 * Temperature of the conductor that gives off so much heat per metre, °C: surface by bisection, then bundle and
 * insulation by conduction (Fourier).
 */
function conductorAt(
  areaMm2: number,
  wattsPerM: number,
  { ambientC, loaded = 1, wires = loaded }: Surroundings,
): number {
  const outer = insulatedMm(areaMm2);
  const bundled = wires > 1;
  const diameter = bundled ? outer * Math.sqrt(wires / BUNDLE_FILL) : outer;
  const all = wattsPerM * loaded;
  let [low, high] = [ambientC, ambientC + 3000];
  for (let step = 0; step < 60; step++) {
    const middle = (low + high) / 2;
    if (heatWPerM(diameter, middle, ambientC) < all) low = middle;
    else high = middle;
  }
  // A cylinder heated evenly is hotter at its middle by q/(4πk) (Carslaw & Jaeger 1959); the wire in the middle counts.
  const core = bundled ? all / (4 * Math.PI * BUNDLE_W_PER_MK) : 0;
  const wall = (wattsPerM * Math.log(outer / conductorMm(areaMm2))) / (2 * Math.PI * INSULATION_W_PER_MK);
  const found = (low + high) / 2 + core + wall;
  // A wide bundle of mostly idle wires would cool the few better than air does: not counted on, for they may lie at its
  // edge together.
  return bundled ? Math.max(found, conductorAt(areaMm2, wattsPerM, { ambientC })) : found;
}

function check(areaMm2: number, { ambientC, loaded = 1, wires = loaded }: Surroundings): void {
  if (!(areaMm2 > 0)) throw new RangeError(`areaMm2 must be > 0 mm², got ${areaMm2}`);
  if (!(ambientC >= -40 && ambientC <= 150)) throw new RangeError(`ambientC must be −40 … 150 °C, got ${ambientC}`);
  if (!(loaded >= 1 && wires >= loaded))
    throw new RangeError(
      `a bundle has at least as many wires as carry current, and one at least: got ${wires} and ${loaded}`,
    );
}

/**
 * Current that a wire carries continuously, A: the steady balance I²·R(θ) = heat given off, with the conductor at the
 * insulation's limit.
 *
 * @param areaMm2     > 0
 * @param surroundings ambientC −40 … 150; a bundle's surface and packing count where `wires` > 1
 * @param limitC      of the insulation, above ambientC; 100 where left out
 * @returns 0 where the air is as hot as the limit
 * @throws RangeError when a value is out of range
 */
export function continuousAmps(areaMm2: number, surroundings: Surroundings, limitC = INSULATION_C): number {
  check(areaMm2, surroundings);
  if (surroundings.ambientC >= limitC) return 0;
  const { ambientC, loaded = 1, wires = loaded } = surroundings;
  const key = `${areaMm2} ${ambientC} ${loaded} ${wires} ${limitC}`;
  const known = KNOWN.get(key);
  if (known !== undefined) return known;
  let [low, high] = [0, 1e4];
  for (let step = 0; step < 60; step++) {
    const middle = (low + high) / 2;
    if (conductorAt(areaMm2, middle, surroundings) < limitC) low = middle;
    else high = middle;
  }
  const amps = Math.sqrt((low + high) / 2 / wireOhms({ lengthM: 1, areaMm2, conductorC: limitC }));
  if (KNOWN.size > 5000) KNOWN.clear();
  KNOWN.set(key, amps);
  return amps;
}

/** Ratings reckoned before: a job asks for the same few sizes thousands of times. */
const KNOWN = new Map<string, number>();

/**
 * Temperature that a wire reaches with a current, °C; 300 where it would be hotter still.
 * @param amps ≥ 0
 * @throws RangeError when a value is out of range
 */
export function conductorC(areaMm2: number, amps: number, surroundings: Surroundings): number {
  check(areaMm2, surroundings);
  if (!(amps >= 0)) throw new RangeError(`amps must be ≥ 0 A, got ${amps}`);
  let [low, high] = [surroundings.ambientC, 300];
  for (let step = 0; step < 50; step++) {
    const middle = (low + high) / 2;
    if (conductorAt(areaMm2, amps ** 2 * wireOhms({ lengthM: 1, areaMm2, conductorC: middle }), surroundings) > middle)
      low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
