import { ALPHA_20 } from "./resistance";

/** What relays are rated at, °C. */
const RATED_C = 23;
/** What its own heat adds to a coil, K (our estimate: 1.6 W through some 20 K/W). */
const OWN_HEAT_K = 30;

/**
 * Volts that pull a relay in when its coil is warm. It pulls by its current, and copper's resistance has risen: U(θ) =
 * U(23 °C) · (1 + α₂₀ · (θ − 20)) / (1 + α₂₀ · (23 − 20)), θ the air and the coil's own heat.
 *
 * @param pullInVolts cold, as its sheet has it, > 0
 * @param ambientC    the air around it, °C, −40 … 150
 * @throws RangeError when a value is out of range
 * @example warmPullInVolts(7.5, 40) // ≈ 8.87
 */
export function warmPullInVolts(pullInVolts: number, ambientC: number): number {
  if (!(pullInVolts > 0)) throw new RangeError(`pullInVolts must be > 0 V, got ${pullInVolts}`);
  if (!(ambientC >= -40 && ambientC <= 150)) throw new RangeError(`ambientC must be −40 … 150 °C, got ${ambientC}`);
  const ratio = (celsius: number) => 1 + ALPHA_20 * (celsius - 20);
  return (pullInVolts * ratio(ambientC + OWN_HEAT_K)) / ratio(RATED_C);
}
