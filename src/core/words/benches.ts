import type {
  InstrumentType,
  NeedleAt,
  SenderBench,
  SenderFault,
  SenderWay,
  SenderWayCode,
  SpeedFault,
  SpeedometerBench,
  TachometerBench,
  Taken,
} from "../benches";
import type { Quantity } from "../forms";
import type { SenderNetwork } from "../gauges";
import type { SignalPin } from "../signals";
import type { Units } from "../units";
import { dialError, dialText } from "./dials";
import { curveFaultWords } from "./gauges";
import { digits, fixed, ohms, percent, watts } from "./numbers";
import { cavityLabel } from "./points";

export const INSTRUMENT_WORDS: Readonly<Record<InstrumentType, string>> = {
  sender: "gauge",
  tachometer: "tachometer",
  speedometer: "speedometer",
  "charge-lamp": "charge lamp",
  "warning-lamp": "warning lamp",
};

export const SENDER_WAY_WORDS: Readonly<Record<SenderWayCode, string>> = {
  wire: "Wire only",
  network: "Resistors at the gauge",
  "gauge-driver": "Gauge driver",
  "second-sender": "The gauge's own sender in the engine",
  "own-sender": "Its own sender stays",
  "new-gauge": "Another gauge that fits the donor",
};

/** Why a way can be taken or not, with what it gives. */
export function senderWayText(
  { code, worstError, hinders }: SenderWay,
  quantity: Quantity,
  units: Units,
  reader: Pick<SignalPin, "side" | "connector" | "cavity"> | null,
): string {
  const error = worstError === null ? "" : `worst error ${dialError(quantity, worstError, units)}`;
  if (hinders === "read-by-computer")
    return `${reader === null ? "A computer" : cavityLabel(reader)} reads this sender: joined to the gauge it would read wrong too${error === "" ? "" : ` (${error})`}`;
  if (hinders === "error-too-large") return `${error}: more than a twentieth of the band`;
  switch (code) {
    case "gauge-driver":
      return "sinks at every value what the gauge's own sender would: exact to its steps";
    case "second-sender":
      return "reads as it always did; needs a hole of its thread in the engine";
    case "new-gauge":
      return "reads the donor's sender; looks unlike the others";
    case "own-sender":
      return worstError === null || worstError === 0 ? "nothing changes" : error;
    default:
      return error;
  }
}

const FAULT_NAME = { gauge: "The gauge's curve", sender: "The sender's curve" } as const;

/** What hinders the bench, and what to do. */
export function senderFaultText(fault: SenderFault, quantity: Quantity, units: Units): string {
  const span = ([from, to]: readonly [number, number]) =>
    `${dialText(quantity, from, units)} … ${dialText(quantity, to, units)}`;
  switch (fault.code) {
    case "no-driver":
      return "Nothing drives it yet: choose what will, or keep its own sender.";
    case "no-gauge-curve":
      return "The gauge's curve is not known: put known resistances in place of its sender, and enter what it shows.";
    case "no-sender-curve":
      return "The sender's curve is not known: measure it cold and hot, in water beside a thermometer.";
    case "curve": {
      const { message, hint } = curveFaultWords(FAULT_NAME[fault.at], fault.fault);
      return `${message} ${hint}`;
    }
    case "no-common-band":
      return `The curves have no value in common: the gauge's spans ${span(fault.gauge)}, the sender's ${span(fault.sender)}. Measure more points.`;
    case "band-outside":
      return `The band must rise and lie within ${span(fault.within)}, where both curves are known; nothing is extrapolated.`;
  }
}

/** The verdict of a needle at a glance. */
export function networkText(
  { worstError, at }: Pick<SenderNetwork, "worstError" | "at">,
  { needle }: Pick<SenderBench, "needle">,
  quantity: Quantity,
  units: Units,
): string {
  const wide = needle === null || needle === 0 ? "" : `, ${digits(worstError / (2 * needle), 2)} × the needle's width`;
  return `Worst error ${dialError(quantity, worstError, units)} at ${dialText(quantity, at, units)}${wide}`;
}

const FORM_WORDS: Readonly<Record<SenderNetwork["form"], string>> = {
  none: "no resistor",
  series: "in series",
  parallel: "across the sender",
  "series-then-parallel": "in series with the sender, the other across both",
  "parallel-then-series": "in series, the other across the sender",
};

/** What to solder where. */
export function networkPartsText({ form, seriesOhms, parallelOhms }: SenderNetwork, heat: number | null): string {
  const hot = heat === null ? "" : `; the hotter one takes ${watts(heat)}, so use at least ${ratedWatts(heat)}`;
  if (form === "none") return "No resistor is needed";
  if (seriesOhms !== null && parallelOhms !== null) {
    const [first, second] = [ohms(seriesOhms), ohms(parallelOhms)];
    return `${first} ${FORM_WORDS[form].replace("the other", second)}${hot}`;
  }
  return `${ohms((seriesOhms ?? parallelOhms) as number)} ${FORM_WORDS[form]}${hot.replace("the hotter one", "it")}`;
}

/** Resistors as they are sold, at twice the heat that they take. */
function ratedWatts(heat: number): string {
  const sold = [0.25, 0.5, 1, 2, 5, 10, 25].find((one) => one >= 2 * heat);
  return sold === undefined ? `${digits(2 * heat, 2)} W, on metal` : `${digits(sold, 2)} W`;
}

export const NEEDLE_POINT_WORDS: Readonly<Record<NeedleAt["at"], string>> = {
  normal: "Normal",
  hot: "Hot",
  danger: "Stop now",
};

export function takenText({ from }: Taken): string {
  return from === "entered" ? "entered" : from === "given" ? "from its cavity" : `${from}`;
}

/** What makes a tachometer true. */
export function tachometerText({ given, wanted, ratio, coilVolts, fault }: TachometerBench): string {
  if (fault !== null && fault.code === "falls")
    return "Measured points: what is true falls while more is shown. Give shown and true, both rising.";
  if (fault !== null) {
    const { message, hint } = curveFaultWords("Measured points", fault);
    return `${message} ${hint}`;
  }
  if (given === null) return "How many pulses come per engine revolution is not known.";
  if (wanted === null || ratio === null)
    return "How many pulses the tachometer wants per engine revolution is not known.";
  const spikes =
    coilVolts === null
      ? ""
      : ` It is built for an ignition coil's negative terminal: a coil simulator makes its spikes.`;
  if (ratio.num === ratio.den)
    return `${digits(given.value)} pulses per revolution on both sides: it shows true.${spikes}`;
  const off = given.value / wanted.value;
  return `${digits(given.value)} pulses come and ${digits(wanted.value)} are wanted: without a scaler it shows ${percent(off)} of the true speed. Ratio ${ratio.num} : ${ratio.den}.${spikes}`;
}

const SPEED_FAULTS: Readonly<Record<SpeedFault, string>> = {
  "no-tyre": "The tyre's code is not known: write it as on its side, 235/70R16 or 7.00-16.",
  "bad-tyre": "That is no tyre's code: write it as on its side, 235/70R16 or 7.00-16.",
  "no-final-drive": "The final drive is not known: count the turns of the shaft for one of the wheels.",
  "no-pulses": "How many pulses the sensor gives per turn of its shaft is not known: count its teeth.",
  "no-gauge":
    "What the instrument wants per kilometre is not known: it is printed on many dials, else drive a measured kilometre.",
};
export const speedFaultText = (fault: SpeedFault): string => SPEED_FAULTS[fault];

const MILE_KM = 1.609344;

/** What makes a speedometer true, counted by km or by mile. */
export function speedometerText(
  { ratio, safe, byCable, given, wanted }: SpeedometerBench,
  units: Units,
): string | null {
  if (ratio === null || safe === null || given === null || wanted === null) return null;
  const [each, scale] = units === "imperial" ? ["mile", MILE_KM] : ["km", 1];
  const [come, asked] = [digits(given.value * scale, 4), digits(wanted.value * scale, 4)];
  const what = byCable
    ? `The cable must turn ${asked} times per ${each}, and ${come} pulses come: one turn for every ${digits(given.value / wanted.value, 4)} pulses.`
    : `${come} pulses come per ${each} and ${asked} are wanted.`;
  const error =
    Math.abs(safe.errorPercent) < 0.005
      ? "exact"
      : `it shows ${fixed(safe.errorPercent, 2)} % too much, never too little`;
  return `${what} Ratio ${safe.num} : ${safe.den}, ${error}.`;
}
