import { continuousAmps, type Surroundings } from "./rating";

/** What insulation stands for the moment of a short, °C (IEC 60724 for PVC). */
export const SHORT_C = 160;
/** Circular mils in a square millimetre. */
const CMIL_PER_MM2 = 1973.5;

/**
 * Time in which a current heats a wire from one temperature to another, no heat given off, s. Onderdonk's equation as
 * printed by Stauffacher (General Electric Review 31 (1928) 326): I = A · √(log₁₀(1 + (θ₂ − θ₁)/(234 + θ₁)) / (33 ·
 * t)), A in circular mils.
 *
 * @param amps > 0; @param areaMm2 > 0; @param fromC > −234, below toC
 * @throws RangeError when a value is out of range
 * @example onderdonkSeconds(100, 1, 30, 1083) // ≈ 8.0: to melting
 */
export function onderdonkSeconds(amps: number, areaMm2: number, fromC: number, toC: number): number {
  if (!(amps > 0)) throw new RangeError(`amps must be > 0 A, got ${amps}`);
  if (!(areaMm2 > 0)) throw new RangeError(`areaMm2 must be > 0 mm², got ${areaMm2}`);
  if (!(fromC > -234 && toC > fromC))
    throw new RangeError(`toC must be above fromC, and that above −234 °C: got ${fromC} and ${toC}`);
  return (((areaMm2 * CMIL_PER_MM2) / amps) ** 2 * Math.log10(1 + (toC - fromC) / (234 + fromC))) / 33;
}

/**
 * Time after which a current damages a wire's insulation, s; infinite for one within its continuous rating. Rises as a
 * body of one time constant does, t = τ · ln(x/(x − 1)) with x = (I/I₀)², τ such that high currents give Onderdonk's
 * time.
 *
 * @param amps         ≥ 0
 * @param surroundings where the wire lies; it is taken to start at the air's temperature
 * @param ratedAmps    its rating at the short-time limit, where that has been computed before
 */
export function damageSeconds(
  amps: number,
  areaMm2: number,
  surroundings: Surroundings,
  ratedAmps = continuousAmps(areaMm2, surroundings, SHORT_C),
): number {
  const part = (amps / ratedAmps) ** 2;
  if (part <= 1) return Number.POSITIVE_INFINITY;
  return onderdonkSeconds(ratedAmps, areaMm2, surroundings.ambientC, SHORT_C) * Math.log(part / (part - 1));
}
