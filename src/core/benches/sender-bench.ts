import { type Curve, fieldOf, type Quantity } from "../forms";
import {
  type CurveFault,
  commonBand,
  curveFault,
  type Interpolation,
  inverseAt,
  type NetworkForm,
  networkErrors,
  networkOhms,
  networkWatts,
  type SenderNetwork,
  type SenderSpec,
  type Series,
  valueAt,
} from "../gauges";
import type { Instrument } from "./instruments";

/** What somebody entered on a sender's bench. */
export interface SenderGiven {
  readonly band?: readonly [number, number] | undefined;
  readonly interpolate?: Interpolation | undefined;
  readonly series?: Series | "any" | undefined;
  readonly normal?: number | undefined;
  readonly danger?: number | undefined;
  readonly needle?: number | undefined;
  readonly stabiliserVolts?: number | undefined;
  readonly way?: "cable-drive" | "new-gauge" | "second-sender" | undefined;
}

/** What hinders the bench, and at which field. */
export type SenderFault =
  | { readonly code: "no-gauge-curve" | "no-sender-curve" | "no-driver"; readonly at: "gauge" | "sender" | "line" }
  | { readonly code: "curve"; readonly at: "gauge" | "sender"; readonly fault: CurveFault }
  | {
      readonly code: "no-common-band";
      readonly at: "band";
      readonly gauge: readonly [number, number];
      readonly sender: readonly [number, number];
    }
  | { readonly code: "band-outside"; readonly at: "band"; readonly within: readonly [number, number] };

/** How a needle can be brought to the truth. */
export type SenderWayCode = "wire" | "network" | "gauge-driver" | "second-sender" | "own-sender" | "new-gauge";

/** One of the ways with what it gives: the worst error over the band, in the quantity's unit; null where not known. */
export interface SenderWay {
  readonly code: SenderWayCode;
  readonly worstError: number | null;
  readonly minutes: number;
  /** Why it cannot be taken; null where it can. */
  readonly hinders: "read-by-computer" | "error-too-large" | "no-wire" | null;
}

/** What the needle shows at one true value, by wire alone and with the network. */
export interface NeedleAt {
  readonly at: "normal" | "hot" | "danger";
  readonly x: number;
  readonly plain: number | null;
  readonly shown: number | null;
}

/**
 * What drives the needle: a resistor that varies, a computer's output, or a value on a bus. `own`: the host's own sender
 * stays.
 */
export type DrivenBy = "sender" | "own" | "output" | "nothing";

export interface SenderBench {
  readonly drivenBy: DrivenBy;
  readonly gauge: Curve | null;
  readonly sender: Curve | null;
  readonly interpolate: Interpolation;
  readonly band: readonly [number, number] | null;
  /** Nobody has entered it: it is what both curves have in common. */
  readonly bandAssumed: boolean;
  /** What the search is made from; null while a fault stands. */
  readonly spec: SenderSpec | null;
  readonly faults: readonly SenderFault[];
  /** Half the needle's width, in the quantity's unit: a sixtieth of the dial where nobody has measured it. */
  readonly needle: number | null;
  readonly needleAssumed: boolean;
  /** The dial's values, from end to end. */
  readonly dial: readonly [number, number] | null;
  readonly volts: number;
}

/** Usual values that a driver knows a needle by: normal, hot, and where one must stop. In the quantity's unit. */
const KNOWN_POINTS: Partial<Record<Quantity, readonly [normal: number, hot: number, danger: number]>> = {
  "coolant-temperature": [90, 105, 115],
  "oil-temperature": [100, 125, 140],
  "transmission-temperature": [90, 115, 130],
  "oil-pressure": [300_000, 150_000, 60_000],
};
/** A needle is about a thirtieth of its dial wide: our estimate, until somebody lays a ruler on it. */
const NEEDLE_SHARE = 1 / 60;
/** A bimetal stabiliser's mean volts where nobody has measured it, and the vehicle's where there is none. */
const VEHICLE_VOLTS = 13.5;
/**
 * More than this share of the band is more than a driver takes for true: a needle a twentieth of its dial off reads as
 * another mark.
 */
export const MOST_SHARE = 0.05;
/** Working minutes on the bench, for ranking only: our own estimate. */
const MINUTES: Readonly<Record<SenderWayCode, number>> = {
  wire: 5,
  "own-sender": 0,
  network: 25,
  "second-sender": 45,
  "gauge-driver": 40,
  "new-gauge": 90,
};

const curveOf = (pin: { readonly form: Parameters<typeof fieldOf>[0] } | null): Curve | null =>
  pin === null ? null : (fieldOf(pin.form, "curve") as Curve | null);

const ends = (curve: Curve): readonly [number, number] => [
  curve[0]?.[0] ?? Number.NaN,
  curve.at(-1)?.[0] ?? Number.NaN,
];

/** The bench of a needle: both curves, the band, and what hinders it. */
export function senderBench(instrument: Instrument, given: SenderGiven): SenderBench {
  const driver = instrument.driver;
  const drivenBy: DrivenBy =
    driver === null
      ? "nothing"
      : driver.side === instrument.pin.side
        ? "own"
        : driver.form.kind === "resistive-out"
          ? "sender"
          : "output";
  const gauge = instrument.pin.form.kind === "resistive-in" ? curveOf(instrument.pin) : null;
  const sender = drivenBy === "sender" || drivenBy === "own" ? curveOf(driver) : null;
  const interpolate = given.interpolate ?? "linear";
  const faults: SenderFault[] = [];
  const sound = (at: "gauge" | "sender", curve: Curve | null): Curve | null => {
    const fault = curve === null ? null : curveFault(curve, interpolate);
    if (fault !== null) faults.push({ code: "curve", at, fault });
    return fault === null ? curve : null;
  };
  const [fitGauge, fitSender] = [sound("gauge", gauge), sound("sender", sender)];
  if (drivenBy === "nothing") faults.push({ code: "no-driver", at: "line" });
  // What stays as it is needs no curve to stay so.
  if (gauge === null && drivenBy !== "own") faults.push({ code: "no-gauge-curve", at: "gauge" });
  if (drivenBy === "sender" && sender === null) faults.push({ code: "no-sender-curve", at: "sender" });
  const common = fitGauge !== null && fitSender !== null ? commonBand(fitGauge, fitSender) : null;
  if (fitGauge !== null && fitSender !== null && common === null)
    faults.push({ code: "no-common-band", at: "band", gauge: ends(fitGauge), sender: ends(fitSender) });
  const within = common ?? (fitGauge === null ? null : ends(fitGauge));
  const isInside = (band: readonly [number, number]) =>
    within !== null && band[0] >= within[0] && band[1] <= within[1] && band[1] > band[0];
  const entered = given.band;
  if (entered !== undefined && within !== null && !isInside(entered))
    faults.push({ code: "band-outside", at: "band", within });
  const band = entered !== undefined && isInside(entered) ? entered : within;
  const dial = fitGauge === null ? null : ends(fitGauge);
  const series = given.series ?? "E24";
  return {
    drivenBy,
    gauge,
    sender,
    interpolate,
    band,
    bandAssumed: entered === undefined || !isInside(entered),
    spec:
      fitGauge !== null && fitSender !== null && common !== null && band !== null
        ? { gauge: fitGauge, sender: fitSender, interpolate, band, series: series === "any" ? null : series }
        : null,
    faults,
    needle: given.needle ?? (dial === null ? null : (dial[1] - dial[0]) * NEEDLE_SHARE),
    needleAssumed: given.needle === undefined,
    dial,
    volts: given.stabiliserVolts ?? fieldOf(instrument.pin.form, "feedVolts") ?? VEHICLE_VOLTS,
  };
}

/** What the needle shows at a true value: through a network, or by wire alone where that is null; null outside of the sender's curve. */
export function shownAt(
  { gauge, sender, interpolate }: Pick<SenderSpec, "gauge" | "sender" | "interpolate">,
  network: Pick<SenderNetwork, "form" | "seriesOhms" | "parallelOhms"> | null,
  x: number,
): number | null {
  const ohms = valueAt(sender, x, interpolate);
  if (ohms === null) return null;
  const { form = "none" as NetworkForm, seriesOhms = null, parallelOhms = null } = network ?? {};
  return inverseAt(gauge, networkOhms(form, ohms, seriesOhms, parallelOhms), interpolate);
}

/** The values that a driver goes by, entered or usual, as far as the band reaches, and what the needle shows there. */
export function needlePoints(
  quantity: Quantity,
  { normal, danger }: SenderGiven,
  spec: SenderSpec | null,
  network: SenderNetwork | null,
): NeedleAt[] {
  const usual = KNOWN_POINTS[quantity];
  const all = [
    { at: "normal" as const, x: normal ?? usual?.[0] },
    { at: "hot" as const, x: usual?.[1] },
    { at: "danger" as const, x: danger ?? usual?.[2] },
  ];
  return all.flatMap(({ at, x }): NeedleAt[] => {
    if (x === undefined) return [];
    return [
      {
        at,
        x,
        plain: spec === null ? null : shownAt(spec, null, x),
        shown: spec === null || network === null ? null : shownAt(spec, network, x),
      },
    ];
  });
}

/**
 * Ways to bring the needle to the truth, those that can be taken first, the quickest of them before the others. A sender
 * that a computer reads is never bent: the computer would read wrong with the gauge.
 *
 * @param networks as `senderNetworks` found them, the best first; empty where no search could be made
 */
export function senderWays(
  { drivenBy, band }: Pick<SenderBench, "drivenBy" | "band">,
  networks: readonly SenderNetwork[],
  isRead: boolean,
): SenderWay[] {
  const span = band === null ? null : band[1] - band[0];
  const tooLarge = (error: number): SenderWay["hinders"] =>
    span !== null && error > MOST_SHARE * span ? "error-too-large" : null;
  const way = (code: SenderWayCode, worstError: number | null, hinders: SenderWay["hinders"]): SenderWay => ({
    code,
    worstError,
    minutes: MINUTES[code],
    hinders,
  });
  const [best, plain] = [networks[0], networks.find(({ form }) => form === "none")];
  const ways: SenderWay[] = [];
  if (drivenBy === "own")
    ways.push(way("own-sender", plain?.worstError ?? 0, plain === undefined ? null : tooLarge(plain.worstError)));
  if (drivenBy === "sender") {
    if (plain !== undefined)
      ways.push(way("wire", plain.worstError, isRead ? "read-by-computer" : tooLarge(plain.worstError)));
    if (best !== undefined && best.form !== "none")
      ways.push(way("network", best.worstError, isRead ? "read-by-computer" : tooLarge(best.worstError)));
  }
  if (drivenBy === "output") ways.push(way("gauge-driver", 0, null));
  // The gauge's own sender, screwed into the engine, makes it read as it always did.
  if (drivenBy !== "own") ways.push(way("second-sender", 0, null));
  ways.push(way("new-gauge", null, null));
  return ways.toSorted((a, b) => Number(a.hinders !== null) - Number(b.hinders !== null) || a.minutes - b.minutes);
}

/** Errors over the band, by wire alone and with a network, and the hotter resistor's watts with what feeds the gauge. */
export const errorCurves = (spec: SenderSpec, network: SenderNetwork | null) => ({
  plain: networkErrors(spec, { form: "none", seriesOhms: null, parallelOhms: null }),
  with: network === null ? null : networkErrors(spec, network),
});

/** Ω over the band: what the gauge wants, what the sender has, and what the gauge sees of it through a network. */
export function ohmsCurves(
  { gauge, sender, band, interpolate }: SenderSpec,
  network: Pick<SenderNetwork, "form" | "seriesOhms" | "parallelOhms"> | null,
): { readonly x: number; readonly wanted: number; readonly given: number; readonly seen: number | null }[] {
  return Array.from({ length: 41 }, (_, at) => {
    const x = at === 40 ? band[1] : band[0] + ((band[1] - band[0]) * at) / 40;
    const given = valueAt(sender, x, interpolate) ?? Number.NaN;
    const seen = network === null ? null : networkOhms(network.form, given, network.seriesOhms, network.parallelOhms);
    return { x, wanted: valueAt(gauge, x, interpolate) ?? Number.NaN, given, seen };
  });
}

/** W in the hotter added resistor, the gauge's own resistance left out, which errs on the hot side. */
export const networkHeat = (spec: SenderSpec, network: SenderNetwork, volts: number): number =>
  networkWatts(spec, network, { volts, gaugeOhms: 0 });

/** Ω that a gauge driver must sink at each value so that the needle shows it: the gauge's own curve, at ten steps. */
export function driverTable(gauge: Curve, band: readonly [number, number], interpolate: Interpolation) {
  return Array.from({ length: 11 }, (_, at) => {
    const x = band[0] + ((band[1] - band[0]) * at) / 10;
    return [x, valueAt(gauge, x, interpolate)] as const;
  });
}
