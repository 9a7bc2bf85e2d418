export interface ChargeLamp {
  /** What the lamp passes, A. */
  readonly amps: number;
  /** The resistor across it that passes the rest, Ω, and what it turns to heat, W; null where the lamp is enough. */
  readonly parallelOhms: number | null;
  readonly watts: number | null;
}

/**
 * What excites an alternator through its charge lamp: watts ÷ volts; the rest through a resistor across it (Ohm).
 *
 * @param exciteAmps needed, A; all above 0
 */
export function chargeLamp(lampWatts: number, volts: number, exciteAmps: number): ChargeLamp {
  const amps = lampWatts / volts;
  const rest = exciteAmps - amps;
  return rest <= 0
    ? { amps, parallelOhms: null, watts: null }
    : { amps, parallelOhms: volts / rest, watts: volts * rest };
}
