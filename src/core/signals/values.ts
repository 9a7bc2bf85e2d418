import { type Curve, type FormOf, fieldOf } from "../forms";
import {
  commonBand,
  curveFault,
  curveText,
  inverseAt,
  networkOhms,
  senderNetworks,
  stepsOver,
  valueAt,
} from "../gauges";
import type { Adapter } from "./adapter";
import { cheapestChains } from "./cheapest-chain";
import { costOf, OptionBuilder, SUPPLY } from "./option-builder";
import { type LinkOption, pointOf, type SignalPin, type Surroundings } from "./types";

type Kinds = "resistive" | "analogue" | "pwm";
type Giver = SignalPin & { readonly form: FormOf<`${Kinds}-out`> };
type Taker = SignalPin & { readonly form: FormOf<`${Kinds}-in`> };
type Switched = SignalPin & { readonly form: FormOf<"load-in" | "logic-in"> };

/** What a wire carries of a quantity at one place of a chain: Ω, V or % duty over the quantity. */
type Carried =
  | { readonly as: "ohms" | "volts"; readonly curve: Curve }
  | {
      readonly as: "duty";
      readonly curve: Curve;
      readonly hz: number | null;
      /** The volts that it swings to; null where nothing pulls it up yet. */
      readonly volts: number | null;
    };

/** Of what the consumer's curve spans, how far the curve that arrives may be off and still count as the same. */
const SAME_PART = { ohms: 0.02, volts: 0.01, duty: 0.02 } as const;
/** How far a resistor network or a scaler may leave a reading off, in parts of the band: what a pointer shows no better. */
const ADAPTED_PART = 0.05;
/** What two pulse rates may differ by, in parts. */
const SAME_HZ_PART = 0.1;
/** Ripple that a filter leaves, in parts of the swing. */
const RIPPLE_PART = 0.02;

/**
 * From a sender, sensor or duty output to what reads such a value: the cheapest chains of adapters that bring the
 * consumer the curve that it expects. Both curves must be known; without them there is nothing to compare. A resistive
 * sender that something reads already has that one's current in it, and is never shared: where a second one can be
 * screwed in, that is the way; a tank has room for one.
 */
export function valueOptions(provider: Giver, consumer: Taker, around: Surroundings): LinkOption[] {
  if (provider.form.kind === "resistive-out" && around.readBy !== null) {
    const builder = new OptionBuilder();
    const isOneOnly = provider.quantity === "fuel-level";
    const reason = { code: "sender-read", by: pointOf(around.readBy), isOneOnly } as const;
    return [builder.option(isOneOnly ? "manual" : "adapter", [secondSender(consumer)], reason)];
  }
  const builder = new OptionBuilder();
  const [given, wanted] = [fieldOf(provider.form, "curve"), fieldOf(consumer.form, "curve")];
  if (given === null && wanted === null && isAnalogue(provider, consumer)) {
    const ranged = byRange(provider, consumer);
    if (ranged !== null) return [ranged];
  }
  builder.need(provider, "curve");
  builder.need(consumer, "curve");
  needDuty(provider, consumer, builder);
  if (given === null || wanted === null || builder.lacks) return [builder.manual()];
  for (const [pin, curve] of [
    [provider, given],
    [consumer, wanted],
  ] as const) {
    const fault = curveFault(curve);
    if (fault !== null) return [builder.manual({ code: "curve-unfit", at: pointOf(pin), fault })];
  }
  if (isAnalogue(provider, consumer) && isRatiometric(provider) !== isRatiometric(consumer))
    return [builder.manual({ code: "ratiometric", at: pointOf(isRatiometric(provider) ? provider : consumer) })];
  const band = commonBand(given, wanted);
  if (band === null) return [builder.manual({ code: "curves-apart" })];
  return new ValueChains(provider, consumer, given, wanted, band, builder).options();
}

/** A duty is more than its curve: how often, how high, and what drives it. */
function needDuty(provider: Giver, consumer: Taker, builder: OptionBuilder): void {
  if (provider.form.kind === "pwm-out") {
    builder.need(provider, "hz");
    const drive = builder.need(provider, "drive");
    if (drive !== null && !isOpen(drive)) builder.need(provider, "amplitude");
  }
  if (consumer.form.kind === "pwm-in") {
    builder.need(consumer, "hz");
    builder.need(consumer, "amplitude");
  }
}
const isOpen = (drive: string | null) => drive === "open-collector" || drive === "low-side";

const isAnalogue = (provider: Giver, consumer: Taker) =>
  provider.form.kind === "analogue-out" && consumer.form.kind === "analogue-in";
const isRatiometric = ({ form }: Giver | Taker) => fieldOf(form, "ratiometric")?.toLowerCase() === "yes";

/** Two ranges of volts that differ, where no curve is known: the whole of one onto the whole of the other. */
function byRange(provider: Giver, consumer: Taker): LinkOption | null {
  const [given, wanted] = [fieldOf(provider.form, "range"), fieldOf(consumer.form, "range")];
  if (given === null || wanted === null || given.to === given.from) return null;
  if (given.from === wanted.from && given.to === wanted.to) return null;
  const gain = (wanted.to - wanted.from) / (given.to - given.from);
  const builder = new OptionBuilder();
  builder.show({ type: "ranges", given, wanted });
  const scaler: Adapter = {
    type: "analogue-scaler",
    gain: rounded(gain),
    offsetVolts: rounded(wanted.from - gain * given.from),
  };
  return builder.option("adapter", [scaler], { code: "ranges-differ", given, wanted });
}

/** The sender that the reader was made for. Its thread is found on the engine, not in a table. */
const secondSender = (consumer: Taker): Adapter => {
  const curve = fieldOf(consumer.form, "curve");
  return { type: "second-sender", curve: curve === null ? null : curveText(curve), thread: null };
};
const rounded = (value: number) => Number(value.toPrecision(4));

/** The search over the chains of one pair. */
class ValueChains {
  private readonly as: Carried["as"];
  private readonly steps: readonly number[];

  constructor(
    private readonly provider: Giver,
    private readonly consumer: Taker,
    given: Curve,
    private readonly wanted: Curve,
    private readonly band: readonly [number, number],
    private readonly builder: OptionBuilder,
  ) {
    this.as = asOf(consumer);
    this.steps = stepsOver(band);
    this.start = carriedBy(provider, given);
  }
  private readonly start: Carried;

  options(): LinkOption[] {
    const isSettable = [this.provider, this.consumer].find(({ form }) => fieldOf(form, "settable") === "yes");
    const worst = this.isComparable(this.start) ? this.worstOff(this.start.curve) : null;
    if (worst !== null) this.builder.show({ type: "curve-error", part: worst, limit: SAME_PART[this.as] });
    const chains = cheapestChains<Carried, Adapter>({
      start: this.start,
      stepsFrom: (carried, before) => this.stepsFrom(carried, before),
      isAccepted: (carried) => this.isAccepted(carried),
      keyOf: (carried) => JSON.stringify(carried),
      mostParts: 4,
      wanted: 3,
    });
    const made = chains.map(({ parts, carried }) => {
      const left = this.worstOff(carried.curve);
      return parts.length === 0
        ? this.builder.option("direct", [], { code: "curves-agree", part: left })
        : this.builder.option("adapter", parts, {
            code: "value-adapted",
            from: this.start.as,
            to: this.as,
            differs: worst,
            part: left,
          });
    });
    const isMade = chains[0]?.parts.length === 0;
    return [
      ...made,
      ...(isSettable === undefined || isMade || worst === null
        ? []
        : [
            this.builder.option("calibration", [{ type: "calibration", parameter: "curve", from: null, to: null }], {
              code: "curve-set",
              at: pointOf(isSettable),
            }),
          ]),
      ...(isMade || this.as === "duty" || this.start.as === "duty" ? [] : [this.anotherSender(worst)]),
      ...(made.length === 0 && (this.as === "duty" || this.start.as === "duty")
        ? [this.builder.manual(this.noWay())]
        : []),
    ];
  }

  private noWay() {
    return { code: "no-method", provider: this.provider.form.kind, consumer: this.consumer.form.kind } as const;
  }

  private anotherSender(worst: number | null): LinkOption {
    return this.builder.option("adapter", [secondSender(this.consumer)], { code: "sender-of-its-own", part: worst });
  }

  private isComparable = (carried: Carried) => carried.as === this.as;

  /** The largest difference over the band, in parts of what the wanted curve spans. */
  private worstOff(curve: Curve): number {
    const ys = this.wanted.map(([, y]) => y);
    const span = Math.max(...ys) - Math.min(...ys);
    return (
      Math.max(
        ...this.steps.map((x) => Math.abs((valueAt(curve, x) ?? Number.NaN) - (valueAt(this.wanted, x) ?? Number.NaN))),
      ) / span
    );
  }

  /** What is read from what arrives, against the true value, in parts of the band. */
  private worstRead(curve: Curve): number {
    const [from, to] = this.band;
    return (
      Math.max(...this.steps.map((x) => Math.abs(inverseAt(this.wanted, valueAt(curve, x) ?? Number.NaN) - x))) /
      (to - from)
    );
  }

  private isAccepted(carried: Carried): boolean {
    if (carried.as !== this.as) return false;
    if (carried.as === "duty") {
      const [hz, volts] = [fieldOf(this.consumer.form, "hz"), fieldOf(this.consumer.form, "amplitude")];
      if (carried.volts === null || hz === null || carried.hz === null) return false;
      if (Math.abs(carried.hz - hz) > SAME_HZ_PART * hz) return false;
      if (volts !== null && Math.abs(carried.volts - volts) > SAME_HZ_PART * volts) return false;
      return this.worstOff(carried.curve) <= SAME_PART.duty;
    }
    return this.worstOff(carried.curve) <= SAME_PART[carried.as] || this.isBent(carried);
  }

  /** Brought as near as resistors or a scaler can, and near enough for a pointer. */
  private isBent = (carried: Carried) =>
    this.adapted.has(carried.curve) && this.worstRead(carried.curve) <= ADAPTED_PART;
  private readonly adapted = new Set<Curve>();

  private stepsFrom(carried: Carried, before: readonly Adapter[]) {
    return this.partsFor(carried).flatMap(({ part, carried: after }) =>
      before.some(({ type }) => type === part.type) ? [] : [{ part, cost: costOf(part.type), carried: after }],
    );
  }

  private partsFor(carried: Carried): { readonly part: Adapter; readonly carried: Carried }[] {
    switch (carried.as) {
      case "ohms":
        return this.as === "ohms" ? this.network(carried.curve) : [];
      case "volts":
        return [...(this.as === "volts" ? this.scaler(carried.curve) : []), ...this.driver()];
      case "duty":
        return carried.volts === null
          ? this.pulledUp(carried)
          : [...this.level(carried), ...this.filter(carried), ...this.driver()];
    }
  }

  private network(curve: Curve) {
    const [from, to] = this.band;
    const [best] = senderNetworks({
      sender: curve,
      gauge: this.wanted,
      interpolate: "linear",
      band: [from, to],
      series: "E24",
    }).filter(({ form }) => form !== "none");
    if (best === undefined) return [];
    const { form, seriesOhms, parallelOhms } = best;
    const bent = this.over((x) => networkOhms(form, valueAt(curve, x) ?? Number.NaN, seriesOhms, parallelOhms));
    return [
      { part: { type: "resistor-network", seriesOhms, parallelOhms } as const, carried: this.bent("ohms", bent) },
    ];
  }

  /** Gain and offset by least squares over the band; exact where one curve is a straight image of the other. */
  private scaler(curve: Curve) {
    const pairs = this.steps.map(
      (x) => [valueAt(curve, x) ?? Number.NaN, valueAt(this.wanted, x) ?? Number.NaN] as const,
    );
    const mean = (at: 0 | 1) => pairs.reduce((sum, pair) => sum + pair[at], 0) / pairs.length;
    const [meanIn, meanOut] = [mean(0), mean(1)];
    const square = pairs.reduce((sum, [a]) => sum + (a - meanIn) ** 2, 0);
    const gain = rounded(pairs.reduce((sum, [a, b]) => sum + (a - meanIn) * (b - meanOut), 0) / square);
    const offsetVolts = rounded(meanOut - gain * meanIn);
    const scaled = this.over((x) => gain * (valueAt(curve, x) ?? Number.NaN) + offsetVolts);
    return [{ part: { type: "analogue-scaler", gain, offsetVolts } as const, carried: this.bent("volts", scaled) }];
  }

  private bent(as: "ohms" | "volts", curve: Curve): Carried {
    this.adapted.add(curve);
    return { as, curve };
  }

  /** Whatever it is fed, a driver sinks what the gauge's own sender would. */
  private driver() {
    const carried: Carried = { as: "ohms", curve: this.wanted };
    return this.as === "ohms"
      ? [{ part: { type: "gauge-driver", curve: curveText(this.wanted) } as const, carried }]
      : [];
  }

  private pulledUp(carried: Extract<Carried, { as: "duty" }>) {
    const volts = this.wantedVolts();
    // 1 kΩ: 12 mA to sink, and edges of a microsecond on the wire's few nanofarads.
    return [{ part: { type: "pull-up", ohms: 1000, volts } as const, carried: { ...carried, volts } }];
  }

  private wantedVolts = () =>
    (fieldOf(this.consumer.form, "amplitude") ?? SUPPLY.nominal) < SUPPLY.nominal ? 5 : SUPPLY.nominal;

  private level(carried: Extract<Carried, { as: "duty" }>) {
    const volts = fieldOf(this.consumer.form, "amplitude");
    if (this.as !== "duty" || volts === null || carried.volts === null) return [];
    const part = { type: "level-shifter", inVolts: carried.volts, outVolts: volts } as const;
    return [{ part, carried: { ...carried, volts } }];
  }

  /** One resistor and capacitor: at half duty the ripple is swing · π/2 · cut-off ÷ frequency. */
  private filter({ curve, hz, volts }: Extract<Carried, { as: "duty" }>) {
    if (hz === null || volts === null) return [];
    const cutoffHz = rounded((hz * RIPPLE_PART) / (Math.PI / 2));
    const steady = curve.map(([x, duty]) => [x, (duty / 100) * volts] as const);
    const out = steady.map(([, y]) => y);
    const part = {
      type: "pwm-filter",
      hz,
      cutoffHz,
      outMinVolts: rounded(Math.min(...out)),
      outMaxVolts: rounded(Math.max(...out)),
    } as const;
    return this.as === "volts" ? [{ part, carried: { as: "volts", curve: steady } as const }] : [];
  }

  private over = (y: (x: number) => number): Curve => this.steps.map((x) => [x, y(x)] as const);
}

const asOf = ({ form }: Giver | Taker): Carried["as"] =>
  form.kind.startsWith("resistive") ? "ohms" : form.kind.startsWith("analogue") ? "volts" : "duty";

function carriedBy(provider: Giver, curve: Curve): Carried {
  const as = asOf(provider);
  if (as !== "duty") return { as, curve };
  const volts = isOpen(fieldOf(provider.form, "drive")) ? null : fieldOf(provider.form, "amplitude");
  return { as, curve, hz: fieldOf(provider.form, "hz"), volts };
}

/** From a value to a lamp or a switch's input: somebody must say at which value it switches. */
export function thresholdOptions(consumer: Switched): LinkOption[] {
  const maxAmps = consumer.form.kind === "load-in" ? fieldOf(consumer.form, "amps") : null;
  return [
    new OptionBuilder().manual({ code: "threshold-open" }, [
      { type: "threshold-switch", onAt: null, offAt: null, maxAmps },
    ]),
  ];
}
