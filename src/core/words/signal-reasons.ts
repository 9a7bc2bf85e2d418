import type { CurveFault } from "../gauges";
import type { CarriedAs, Reason } from "../signals";
import { amps, capital, digits, ohms, percent, ratedAmps, volts } from "./numbers";
import { cavityLabel } from "./points";

/** Reasons of links that carry a value, a tooth pattern, an engine's drive or a bus. */
export type SignalReason = Extract<
  Reason,
  {
    readonly code:
      | "sender-read"
      | "sender-of-its-own"
      | "curve-unfit"
      | "curve-set"
      | "ratiometric"
      | "curves-apart"
      | "ranges-differ"
      | "curves-agree"
      | "value-adapted"
      | "threshold-open"
      | "pickup-shared"
      | "no-sine-made"
      | "patterns"
      | "gap-counted"
      | "drive-of-another"
      | "injector-driven"
      | "injector-limited"
      | "coil-output-shared"
      | "coil-stages"
      | "coil-too-strong"
      | "probe-shared"
      | "bands"
      | "own-partner"
      | "bus-differs"
      | "bus-same"
      | "bus-carries";
  }
>;

const AS_WORDS: Readonly<Record<CarriedAs, string>> = { ohms: "resistance", volts: "voltage", duty: "duty" };
const spanText = ({ from, to }: { readonly from: number; readonly to: number }) => `${digits(from)} to ${volts(to)}`;

export function signalReasonText(reason: SignalReason, provider: string, consumer: string): string {
  switch (reason.code) {
    case "sender-read":
      return `${cavityLabel(reason.by)} reads ${provider} already, and a second current through the sender would make both read wrong: ${reason.isOneOnly ? `a second sender, made for ${consumer}, or go without` : `a second sender, made for ${consumer}. Its thread is to be found on the engine`}`;
    case "sender-of-its-own":
      return `${reason.part === null ? "" : `The curves differ by up to ${percent(reason.part)}: `}another sender, made for ${consumer}. Its thread is to be found on the engine`;
    case "curve-unfit":
      return `The curve of ${cavityLabel(reason.at)} cannot be read both ways: ${curveFaultText(reason.fault)}`;
    case "curve-set":
      return `The curve of ${cavityLabel(reason.at)} can be set in its calibration`;
    case "ratiometric":
      return `${cavityLabel(reason.at)} follows its own 5 V supply and the other end does not: a sag of the supply would read as a change`;
    case "curves-apart":
      return `The curves of ${provider} and ${consumer} have no value in common`;
    case "ranges-differ":
      return `${provider} gives ${spanText(reason.given)} and ${consumer} expects ${spanText(reason.wanted)}`;
    case "curves-agree":
      return `Both curves agree within ${percent(reason.part)}`;
    case "value-adapted":
      return reason.from === reason.to
        ? `${reason.differs === null ? "The curves differ" : `The curves differ by up to ${percent(reason.differs)}`}; adapted, by ${percent(reason.part)}`
        : `${provider} gives ${aWord(AS_WORDS[reason.from])} and ${consumer} reads ${aWord(AS_WORDS[reason.to])}; adapted, it is off by up to ${percent(reason.part)}`;
    case "threshold-open":
      return `${provider} gives a value and ${consumer} a switched state: at which value it switches, and back, needs your decision`;
    case "pickup-shared":
      return `${cavityLabel(reason.by)} reads the pickup ${provider} already; a second input loads its coil and both may lose teeth`;
    case "no-sine-made":
      return "A Hall pickup gives no sine, and no adapter makes one for a reluctor input";
    case "patterns":
      return reason.isSame
        ? `Both have the tooth pattern ${reason.given}`
        : `Tooth pattern ${reason.given} against ${reason.wanted}: it cannot be counted into another`;
    case "gap-counted":
      return `The wheel ${reason.given} has a gap, which a counter would see as a stumble: it is made ${reason.wanted} first`;
    case "drive-of-another":
      return `A drive “${reason.drive}” is not an injector's`;
    case "injector-driven":
      return reason.drive === "peak-and-hold"
        ? `${provider} limits the injector's current itself (peak and hold)`
        : `${amps(reason.amps)} of ${ratedAmps(reason.limitAmps)}`;
    case "injector-limited":
      return `${amps(reason.amps)} is above the rated ${ratedAmps(reason.limitAmps)} of ${provider}, which is a plain switch: ${ohms(reason.ohms)} in series with each injector. It opens a little later: the dead time is to be calibrated`;
    case "coil-output-shared":
      return `Something else is connected to ${provider}, or may be, and a coil's output works one coil`;
    case "coil-stages":
      return coilText(reason, provider, consumer);
    case "coil-too-strong":
      return `The coil takes ${amps(reason.amps)} and ${provider} is rated for ${ratedAmps(reason.limitAmps)}`;
    case "probe-shared":
      return "A wide-band sensor is pumped by the computer that reads it, and cannot be shared";
    case "bands":
      return reason.given === reason.wanted
        ? `Both ${reason.given} band`
        : reason.given === "wide"
          ? `${provider} is wide band and ${consumer} reads narrow band`
          : `${provider} is narrow band: it tells rich from lean and no more, so nothing makes it wide`;
    case "own-partner":
      return "Anti-theft data are understood by the paired module alone: it comes along with its computer, set up by someone entitled to";
    case "bus-differs":
      return reason.what === "bitrate"
        ? `${digits(Number(reason.given) / 1000)} kbit/s against ${digits(Number(reason.wanted) / 1000)} kbit/s: joined, both buses stop`
        : `Messages ${reason.given} against ${reason.wanted}: each side would answer to identifiers that mean something else`;
    case "bus-same":
      return `The same messages at ${digits(reason.bitrate / 1000)} kbit/s${reason.open === 0 ? ", terminated at both ends" : `; ${reason.open === 1 ? "one end has" : "both ends have"} no termination: 60 Ω across the pair with the battery off`}`;
    case "bus-carries":
      return capital(
        `${provider} carries the value on its bus; a gateway gives it to ${consumer} ${GATEWAY_WORDS[reason.output] ?? reason.output}`,
      );
  }
}

const aWord = (word: string) => `a ${word}`;
const GATEWAY_WORDS: Readonly<Record<string, string>> = {
  pulses: "as pulses",
  duty: "as a duty",
  switched: "as a switched output",
};

function coilText(
  { given, wanted }: Extract<SignalReason, { code: "coil-stages" }>,
  provider: string,
  consumer: string,
): string {
  if (given === wanted)
    return given === "logic"
      ? `${provider} gives a trigger, and the coil at ${consumer} has a power stage of its own`
      : `${provider} carries the coil's current itself`;
  return given === "logic"
    ? `${provider} gives a trigger and ${consumer} is a plain coil: an igniter between, charging it for as long as its inductance asks`
    : `${provider} switches a coil's current, and its spikes of some hundred volts would destroy the trigger input of ${consumer}`;
}

/** What is wrong with a curve, by its point. */
export function curveFaultText(fault: CurveFault): string {
  switch (fault.code) {
    case "too-few-points":
      return "it needs two points at least";
    case "not-rising":
      return `point ${fault.at + 1} (${digits(fault.x)}) is not above the one before: sort the points, and give each value once`;
    case "not-monotone":
      return `point ${fault.at + 1} (${digits(fault.x)}: ${digits(fault.y)}) turns back: it must only rise or only fall`;
    case "not-positive":
      return `point ${fault.at + 1} has ${digits(fault.y)}, which must be above 0`;
  }
}
