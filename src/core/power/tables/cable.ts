import { soldSizes, type Units } from "../../units";
import { continuousAmps, wireOhms } from "../../wire";

/** One size of cable for a battery that is moved. */
export interface CableRow {
  readonly sizeMm2: number;
  /** Lost in the cable while cranking, V: to the starter alone, and with a return cable of the same size and length. */
  readonly outVolts: number;
  readonly bothVolts: number;
  /** Its continuous rating, A. */
  readonly ratedAmps: number;
  /** Within half a volt out and back. */
  readonly holds: boolean;
}

/** Cable may lose this much while cranking, out and back, V: about a twentieth of what the starter needs. */
const MOST_VOLTS = 0.5;

/**
 * Sizes of cable for a battery that is moved: ΔU = I · R, R of copper at 20 °C, for cranking is over before it warms.
 * @param lengthM from the battery to the starter, > 0
 * @param amps    while cranking, ≥ 0
 */
export function cableTable(lengthM: number, amps: number, ambientC: number, units: Units = "metric"): CableRow[] {
  return soldSizes(units)
    .filter((size) => size >= 16)
    .map((sizeMm2): CableRow => {
      const outVolts = amps * wireOhms({ lengthM, areaMm2: sizeMm2 });
      return {
        sizeMm2,
        outVolts,
        bothVolts: 2 * outVolts,
        ratedAmps: continuousAmps(sizeMm2, { ambientC }),
        holds: 2 * outVolts <= MOST_VOLTS,
      };
    });
}
