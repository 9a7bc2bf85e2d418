import { fieldOf } from "../forms";
import {
  type ChargeLamp,
  type CurveFault,
  chargeLamp,
  correctionTable,
  curveFault,
  monotoneAt,
  type Point,
  pulsesPerKm,
  type Ratio,
  ratioOf,
  rollingMetres,
  type SpeedometerRatio,
  speedometerRatio,
} from "../gauges";
import { type Instrument, pulsesOf } from "./instruments";

export interface DialGiven {
  readonly points?: readonly Point[] | undefined;
  readonly pulsesPerRev?: number | undefined;
  readonly gaugePulsesPerRev?: number | undefined;
  readonly tyre?: string | undefined;
  readonly finalDrive?: number | undefined;
  readonly pulsesPerShaftRev?: number | undefined;
  readonly pulsesPerKm?: number | undefined;
  readonly gaugePulsesPerKm?: number | undefined;
  readonly revsPerKm?: number | undefined;
  readonly lampWatts?: number | undefined;
  readonly exciteAmps?: number | undefined;
}

/** A value that the bench needs, with where it came from. */
export interface Taken {
  readonly value: number;
  readonly from: "entered" | "given" | "usual" | "assumed";
}

const known = (entered: number | undefined, given: number | null): Taken | null =>
  entered !== undefined ? { value: entered, from: "entered" } : given === null ? null : { value: given, from: "given" };

export interface TachometerBench {
  readonly given: Taken | null;
  readonly wanted: Taken | null;
  /** Pulses that the gauge wants over those that come; null while one of them is not known. */
  readonly ratio: Ratio | null;
  /** Measured points that rise; null while they are none or at fault. */
  readonly points: readonly Point[] | null;
  readonly fault: CurveFault | { readonly code: "falls" } | null;
  /** What is true at every 500 rpm shown. */
  readonly table: readonly (readonly [shown: number, true_: number])[];
  /** Built for an ignition coil's negative terminal: it wants spikes of this many volts; null where it does not. */
  readonly coilVolts: number | null;
}

/** What wants more than the vehicle's volts to count a pulse is made for a coil's spikes, V. */
const COIL_VOLTS = 12;

/** The bench of a tachometer: pulses on both sides, and what is true where it shows wrong. */
export function tachometerBench(instrument: Instrument, entered: DialGiven): TachometerBench {
  const given = known(entered.pulsesPerRev, pulsesOf(instrument.driver, "pulsesPerRev"));
  const wanted = known(entered.gaugePulsesPerRev, pulsesOf(instrument.pin, "pulsesPerRev"));
  const points = entered.points === undefined || entered.points.length === 0 ? null : entered.points;
  const fault = points === null ? null : pointsFault(points);
  const counts = fieldOf(instrument.pin.form, "highVolts");
  return {
    given,
    wanted,
    ratio: given === null || wanted === null ? null : ratioOf(wanted.value, given.value),
    points: fault === null ? points : null,
    fault,
    table: points !== null && fault === null ? correctionTable(points) : [],
    coilVolts: counts !== null && counts > COIL_VOLTS ? counts : null,
  };
}

const pointsFault = (points: readonly Point[]): CurveFault | { readonly code: "falls" } | null =>
  curveFault(points) ?? ((points[1]?.[1] ?? 0) < (points[0]?.[1] ?? 0) ? { code: "falls" } : null);

/** What is true where a dial shows x, by measured points; null outside of them. */
export const trueAt = (points: readonly Point[], x: number): number | null =>
  points.length < 2 || x < (points[0]?.[0] ?? 0) || x > (points.at(-1)?.[0] ?? 0) ? null : monotoneAt(points, x);

export type SpeedFault = "no-tyre" | "bad-tyre" | "no-final-drive" | "no-pulses" | "no-gauge";

export interface SpeedometerBench {
  readonly rollingM: number | null;
  /** Pulses that come, by km. */
  readonly given: Taken | null;
  /** Pulses or turns of the cable that the instrument wants, by km. */
  readonly wanted: Taken | null;
  readonly byCable: boolean;
  readonly ratio: SpeedometerRatio | null;
  /** The nearest fraction by which it never shows less than the true speed; the same as the ratio where that does. */
  readonly safe: { readonly num: number; readonly den: number; readonly errorPercent: number } | null;
  readonly faults: readonly SpeedFault[];
}

/** The bench of a speedometer: from tyre, final drive and sensor, or from stated pulses, to the ratio that it needs. */
export function speedometerBench(instrument: Instrument, entered: DialGiven): SpeedometerBench {
  const driver = instrument.driver;
  const rollingM = entered.tyre === undefined ? null : rollingMetres(entered.tyre);
  const faults: SpeedFault[] = [];
  if (entered.tyre !== undefined && rollingM === null) faults.push("bad-tyre");
  const perShaft = entered.pulsesPerShaftRev ?? pulsesOf(driver, "pulsesPerShaftRev") ?? undefined;
  const computed =
    rollingM !== null && entered.finalDrive !== undefined && perShaft !== undefined
      ? pulsesPerKm(rollingM, entered.finalDrive, perShaft)
      : undefined;
  const given = known(entered.pulsesPerKm ?? computed, pulsesOf(driver, "pulsesPerKm"));
  if (given === null) {
    if (entered.tyre === undefined) faults.push("no-tyre");
    if (entered.finalDrive === undefined) faults.push("no-final-drive");
    if (perShaft === undefined) faults.push("no-pulses");
  }
  const byCable = instrument.byCable;
  const wanted = byCable
    ? known(entered.revsPerKm, null)
    : known(entered.gaugePulsesPerKm, pulsesOf(instrument.pin, "pulsesPerKm"));
  if (wanted === null) faults.push("no-gauge");
  const ratio = given === null || wanted === null ? null : speedometerRatio(wanted.value, given.value);
  return { rollingM, given, wanted, byCable, ratio, safe: ratio === null ? null : safeFraction(ratio), faults };
}

const MOST_TERM = 99;

/** The smallest fraction with both terms up to 99 that is not below the ratio wanted: it never shows too little. */
export function safeFraction({ value, num, den, errorPercent, legal }: SpeedometerRatio) {
  if (legal) return { num, den, errorPercent };
  let best: { num: number; den: number; off: number } | null = null;
  for (let d = 1; d <= MOST_TERM; d++) {
    const n = Math.ceil(value * d - 1e-12);
    if (n < 1 || n > MOST_TERM) continue;
    const off = n / d - value;
    if (best === null || off < best.off - 1e-15) best = { num: n, den: d, off };
  }
  return best === null ? null : { num: best.num, den: best.den, errorPercent: (best.num / best.den / value - 1) * 100 };
}

/** Speeds at which a speedometer is looked at, km/h. */
export const SPEEDS = [20, 30, 50, 80, 100, 120, 130] as const;

/**
 * Shown speed, and whether UN Regulation No. 39 allows it: never below the true speed, and at most a tenth of it and
 * 4 km/h above.
 *
 * @param trueKmh km/h @param errorPercent of shown over true
 */
export function shownSpeed(
  trueKmh: number,
  errorPercent: number,
): { readonly shown: number; readonly allowed: boolean } {
  const shown = trueKmh * (1 + errorPercent / 100);
  return { shown, allowed: shown >= trueKmh - 1e-9 && shown - trueKmh <= trueKmh / 10 + 4 + 1e-9 };
}

export interface LampBench {
  readonly lampWatts: Taken | null;
  readonly exciteAmps: Taken;
  readonly lamp: ChargeLamp | null;
  /** Who switches it: the alternator itself, or a computer. */
  readonly drivenBy: "alternator" | "computer" | "switch" | "nothing";
  /** The lamp lies between the feed and what drives it, or between what drives it and ground. */
  readonly drives: "to-ground" | "to-battery" | null;
  /** What flows while it is lit, A. */
  readonly amps: number | null;
}

/** Exciting current of a usual alternator, A: a textbook value, until its own is known. */
const USUAL_EXCITE_AMPS = 0.25;
/** What lamps and alternators are rated at, V. */
const LAMP_VOLTS = 12;

/** The bench of a lamp: who switches it, and whether it passes what an alternator wants to be excited. */
export function lampBench(instrument: Instrument, entered: DialGiven): LampBench {
  const driver = instrument.driver;
  const stated = fieldOf(instrument.pin.form, "amps");
  const lampWatts = known(entered.lampWatts, stated === null ? null : stated * LAMP_VOLTS);
  const exciteAmps: Taken =
    entered.exciteAmps !== undefined
      ? { value: entered.exciteAmps, from: "entered" }
      : { value: USUAL_EXCITE_AMPS, from: "usual" };
  const excites =
    instrument.type === "charge-lamp" && driver !== null && /alternator|generator|dynamo/i.test(driver.connector);
  return {
    lampWatts,
    exciteAmps,
    lamp: excites && lampWatts !== null ? chargeLamp(lampWatts.value, LAMP_VOLTS, exciteAmps.value) : null,
    drivenBy:
      driver === null ? "nothing" : excites ? "alternator" : driver.form.kind === "switch-out" ? "switch" : "computer",
    drives:
      driver === null
        ? null
        : driver.form.kind === "high-side-out" ||
            (driver.form.kind === "switch-out" && fieldOf(driver.form, "to") === "battery")
          ? "to-battery"
          : "to-ground",
    amps: lampWatts === null ? null : lampWatts.value / LAMP_VOLTS,
  };
}
