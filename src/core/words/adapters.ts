import type { Adapter, AdapterFault, AdapterType, ContactFeed } from "../signals";
import { digits, ohms, ratedAmps, ratedVolts } from "./numbers";
import { cavityLabel } from "./points";

export const ADAPTER_WORDS: Readonly<Record<AdapterType, string>> = {
  "pull-up": "pull-up",
  "pull-down": "pull-down",
  "series-resistor": "series resistor",
  "voltage-divider": "divider",
  "level-shifter": "level shifter",
  inverter: "inverter",
  clamp: "clamp",
  "flyback-diode": "flyback diode",
  "blocking-diode": "blocking diode",
  fuse: "fuse",
  relay: "relay",
  "low-side-switch": "electronic switch to ground",
  "high-side-switch": "electronic switch from battery",
  "dc-converter": "voltage converter",
  "reluctor-conditioner": "reluctor conditioner",
  "frequency-scaler": "pulse scaler",
  "pattern-converter": "pattern converter",
  "coil-simulator": "coil simulator",
  igniter: "igniter",
  "pwm-filter": "filter",
  "analogue-scaler": "scaler",
  "resistor-network": "resistor network",
  "gauge-driver": "gauge driver",
  "second-sender": "second sender",
  "threshold-switch": "threshold switch",
  "lambda-converter": "oxygen sensor converter",
  "can-gateway": "CAN gateway",
  "can-termination": "bus terminator",
  "security-module": "security module",
  loop: "loop",
  "dummy-load": "dummy load",
  calibration: "calibration",
};

const known = (value: number | null, text: (value: number) => string, unit: string): string =>
  value === null ? `? ${unit}` : text(value);
const a = (value: number | null) => known(value, ratedAmps, "A");
const v = (value: number | null) => known(value, ratedVolts, "V");
const r = (value: number | null) => known(value, ohms, "Ω");
const plain = (value: number | null) => known(value, digits, "").trim();

export const contactFeedWords = (feed: ContactFeed | null): string =>
  feed === null ? "a feed to be chosen" : feed === "ground" ? "ground" : cavityLabel(feed);

/**
 * An adapter with its values as a technician reads them: `pull-up 2.2 kΩ to 12 V`. A value that is not known is `?`.
 */
export function adapterText(adapter: Adapter): string {
  const name = ADAPTER_WORDS[adapter.type];
  switch (adapter.type) {
    case "pull-up":
      return `${name} ${r(adapter.ohms)} to ${v(adapter.volts)}`;
    case "pull-down":
    case "series-resistor":
    case "dummy-load":
    case "can-termination":
      return `${name} ${r(adapter.ohms)}`;
    case "voltage-divider":
      return `${name} ${r(adapter.upperOhms)} / ${r(adapter.lowerOhms)}`;
    case "level-shifter":
    case "inverter":
    case "dc-converter":
      return `${name} ${v(adapter.inVolts)} → ${v(adapter.outVolts)}`;
    case "clamp":
      return `${name} ${v(adapter.volts)}`;
    case "flyback-diode":
    case "blocking-diode":
    case "fuse":
      return `${name} ${a(adapter.amps)}`;
    case "relay":
      return `${name}, coil ${r(adapter.coilOhms)}, contact ${a(adapter.contactAmps)} from ${contactFeedWords(adapter.contactFeed)}`;
    case "low-side-switch":
    case "high-side-switch":
      return `${name} ${a(adapter.maxAmps)}`;
    case "igniter":
      return `${name} ${a(adapter.maxAmps)}${adapter.dwell === null ? "" : `, dwell ${digits(adapter.dwell * 1000)} ms`}`;
    case "frequency-scaler":
      return `${name} × ${plain(adapter.ratio)}`;
    case "coil-simulator":
      return `${name} ${v(adapter.peakVolts)}`;
    case "reluctor-conditioner":
      return `${name} at ${v(adapter.thresholdVolts)}`;
    case "calibration":
      return `set ${calibrationWords(adapter.parameter)}: ${plain(adapter.from)} → ${plain(adapter.to)}`;
    case "loop":
      return `${name} ${adapter.from ?? "?"} – ${adapter.to ?? "?"}`;
    case "resistor-network":
      return `${name}${adapter.seriesOhms === null ? "" : `, ${ohms(adapter.seriesOhms)} in series`}${adapter.parallelOhms === null ? "" : `, ${ohms(adapter.parallelOhms)} across`}`;
    case "analogue-scaler":
      return `${name} × ${plain(adapter.gain)}, ${v(adapter.offsetVolts)} added`;
    case "pwm-filter":
      return `${name} ${plain(adapter.cutoffHz)} Hz`;
    case "pattern-converter":
      return `${name} ${adapter.fromPattern ?? "?"} → ${adapter.toPattern ?? "?"}`;
    case "lambda-converter":
      return `${name} ${adapter.fromBand ?? "?"} → ${adapter.toBand ?? "?"}`;
    case "can-gateway":
      return adapter.output === null ? name : `${name}, ${adapter.output} out`;
    case "security-module":
      return adapter.part === null ? name : `${name} ${adapter.part}`;
    default:
      return name;
  }
}

/** A parameter of a computer, in words where it is one of a form's. */
const calibrationWords = (parameter: string | null): string =>
  parameter === null ? "?" : (PARAMETERS[parameter] ?? parameter);
const PARAMETERS: Readonly<Record<string, string>> = {
  pulsesPerRev: "pulses per engine revolution",
  pulsesPerShaftRev: "pulses per shaft revolution",
  pulsesPerKm: "pulses per kilometre",
};

export const chainText = (adapters: readonly Adapter[]): string => adapters.map(adapterText).join(", then ");

/** A value of an adapter as its field is called, with its unit. */
export const ADAPTER_VALUE_WORDS: Readonly<Record<string, string>> = {
  ohms: "resistance, Ω",
  volts: "voltage, V",
  watts: "power, W",
  upperOhms: "upper resistor, Ω",
  lowerOhms: "lower resistor, Ω",
  ratio: "ratio, out by in",
  inVolts: "voltage in, V",
  outVolts: "voltage out, V",
  maxAmps: "rated current, A",
  amps: "rated current, A",
  coilAmps: "coil current, A",
  coilOhms: "coil, Ω",
  contactAmps: "contact rating, A",
  thresholdVolts: "threshold, V",
  fromPattern: "tooth pattern in",
  toPattern: "tooth pattern out",
  peakVolts: "peak, V",
  dwell: "dwell, s",
  hz: "frequency, Hz",
  cutoffHz: "cut-off, Hz",
  outMinVolts: "least voltage out, V",
  outMaxVolts: "most voltage out, V",
  gain: "gain",
  offsetVolts: "offset, V",
  seriesOhms: "in series, Ω",
  parallelOhms: "across, Ω",
  curve: "curve",
  thread: "thread",
  onAt: "switches on at",
  offAt: "switches off at",
  fromBand: "band in",
  toBand: "band out",
  fromBitrate: "bitrate in, bit/s",
  toBitrate: "bitrate out, bit/s",
  output: "puts out",
  part: "part",
  from: "from",
  to: "to",
  parameter: "parameter",
};

/** Why a value of an adapter cannot be, with what can. */
export function adapterFaultText(fault: AdapterFault): string {
  switch (fault.code) {
    case "no-number":
      return "Write a number";
    case "not-above-zero":
      return "It must be above 0";
    case "zero":
      return "It must not be 0: nothing would come out";
    case "same-levels":
      return "On and off must differ, or it chatters";
    case "too-hot":
      return `It would turn ${digits(fault.watts)} W into heat while the output is closed: take a higher resistance`;
  }
}
