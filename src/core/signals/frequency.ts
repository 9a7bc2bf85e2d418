import { type FormOf, fieldOf } from "../forms";
import type { Adapter, AdapterOf } from "./adapter";
import { bestFraction } from "./fractions";
import { OptionBuilder, SUPPLY } from "./option-builder";
import type { OpenDrive, Ratio, SpikesCut, SwingReason } from "./reasons";
import { dividerFor, pullUp } from "./switched";
import { type LinkOption, pointOf, type SignalPin } from "./types";

type Source = SignalPin & { readonly form: FormOf<"frequency-out"> };
type Reader = SignalPin & { readonly form: FormOf<"frequency-in"> };

const PULSE_FIELDS = ["pulsesPerRev", "pulsesPerShaftRev", "pulsesPerKm"] as const;
/** Largest denominator that a scaler of the trade can be set to. */
const MAX_DENOMINATOR = 255;

/** From a pulse output to a pulse input: how often it pulses, then how high it swings. */
export function frequencyOptions(provider: Source, consumer: Reader): LinkOption[] {
  const builder = new OptionBuilder();
  const count = comparePulses(provider, consumer, builder);
  if (count === null) return [builder.manual()];
  if (count.ratio === null) return [asItIs(matchSwing(provider, consumer, builder), builder)];
  const settable = [provider, consumer].find((pin) => fieldOf(pin.form, "settable") === "yes");
  const options: LinkOption[] = [];
  if (settable !== undefined) {
    const swing = matchSwing(provider, consumer, builder);
    const [from, to] = settable === provider ? [count.given, count.wanted] : [count.wanted, count.given];
    const reason = {
      code: "pulses-set",
      at: pointOf(settable),
      field: count.field,
      from,
      to,
      swing: swing.reason,
    } as const;
    if (swing.adapters === null) options.push(builder.manual(reason));
    else
      options.push(
        builder.option(
          swing.adapters.length === 0 ? "calibration" : "adapter",
          [{ type: "calibration", parameter: count.field, from, to }, ...swing.adapters],
          reason,
        ),
      );
  }
  return [...options, scaled(provider, consumer, count.ratio, builder)];
}

interface PulseCount {
  readonly field: (typeof PULSE_FIELDS)[number];
  readonly given: number;
  readonly wanted: number;
  /** Pulses wanted by pulses given; null where they are the same. */
  readonly ratio: Ratio | null;
}

function comparePulses(provider: Source, consumer: Reader, builder: OptionBuilder): PulseCount | null {
  const told = (pin: Source | Reader) => PULSE_FIELDS.filter((field) => fieldOf(pin.form, field) !== null);
  const [givenFields, wantedFields] = [told(provider), told(consumer)];
  const field = givenFields.find((one) => wantedFields.includes(one));
  if (field === undefined) {
    const [oneGiven, oneWanted] = [givenFields[0], wantedFields[0]];
    if (oneGiven === undefined) builder.lack(provider, oneWanted ?? "pulsesPerRev");
    if (oneWanted === undefined) builder.lack(consumer, oneGiven ?? "pulsesPerRev");
    if (oneGiven !== undefined && oneWanted !== undefined)
      builder.lack(provider, { given: oneGiven, wanted: oneWanted });
    return null;
  }
  const [given, wanted] = [fieldOf(provider.form, field) as number, fieldOf(consumer.form, field) as number];
  const ratio = wanted === given ? null : bestFraction(wanted / given, MAX_DENOMINATOR);
  builder.show({ type: "pulses", field, given, wanted, ratio });
  return { field, given, wanted, ratio };
}

/** How the swing is matched; no adapters at all where a person must choose. */
interface Swing {
  readonly adapters: readonly Adapter[] | null;
  readonly reason: SwingReason;
}

const manual = (reason: SwingReason): Swing => ({ adapters: null, reason });
const fits = (adapters: readonly Adapter[], reason: SwingReason): Swing => ({ adapters, reason });

/** Above the supply's highest no level can be meant: such an input waits for the spikes of an ignition coil. */
const spikeVolts = ({ form }: Reader) => Math.max(fieldOf(form, "highVolts") ?? 0, fieldOf(form, "amplitude") ?? 0);
const wantsCoilSpikes = (consumer: Reader) => spikeVolts(consumer) > SUPPLY.highest;
const coilSimulator = (consumer: Reader): Adapter => ({
  type: "coil-simulator",
  peakVolts: Math.ceil(1.5 * spikeVolts(consumer)),
});
/** Half a watt is the usual part; a spike's energy is small, and it comes some hundred times a second at most. */
const clampAt = (volts: number): Adapter => ({ type: "clamp", volts, watts: 0.5 });

function matchSwing(provider: Source, consumer: Reader, builder: OptionBuilder): Swing {
  const drive = builder.need(provider, "drive");
  if (drive === null) return manual({ type: "facts-missing" });
  const [hz, limitHz] = [fieldOf(provider.form, "maxHz"), fieldOf(consumer.form, "maxHz")];
  if (hz !== null && limitHz !== null && hz > limitHz) return manual({ type: "too-fast", hz, limitHz });
  const spikes = fieldOf(provider.form, "amplitude");
  if (wantsCoilSpikes(consumer) && spikes !== null && spikes >= spikeVolts(consumer))
    return spikesAsTheyAre(consumer, spikes, builder);
  if (wantsCoilSpikes(consumer))
    return fits([coilSimulator(consumer)], { type: "wants-spikes", volts: spikeVolts(consumer), drive });
  switch (drive) {
    case "open-collector":
    case "contact":
      return openSwing(provider, consumer, drive, builder);
    case "push-pull":
      return drivenSwing(provider, consumer, builder);
    case "sine":
      builder.show({ type: "conditioner", amplitudeVolts: fieldOf(provider.form, "amplitude") });
      return fits([conditioner(provider, consumer)], { type: "sine" });
    default:
      return manual({ type: "drive-unknown", drive });
  }
}

/**
 * A coil's own terminal into an instrument made for one: right as it is, unless its spikes are beyond what the input is
 * rated for.
 */
function spikesAsTheyAre(consumer: Reader, volts: number, builder: OptionBuilder): Swing {
  const limitVolts = builder.need(consumer, "maxVolts");
  if (limitVolts === null) return manual({ type: "spikes", volts, limitVolts, cut: false });
  builder.show({ type: "spikes", volts, limitVolts });
  const cut = volts > limitVolts;
  return fits(cut ? [clampAt(limitVolts)] : [], { type: "spikes", volts, limitVolts, cut });
}

/** A quarter of the amplitude stays clear of noise and is still crossed at a fraction of full speed. */
export function conditioner(provider: SignalPin, consumer: SignalPin): Adapter {
  const amplitude = fieldOf(provider.form, "amplitude");
  return {
    type: "reluctor-conditioner",
    thresholdVolts: amplitude === null ? null : Number((amplitude / 4).toPrecision(3)),
    outVolts: outVoltsFor(consumer),
  };
}

/** A made output swings to 12 V unless the input is rated for less. */
function outVoltsFor({ form }: SignalPin): number {
  const maxVolts = fieldOf(form, "maxVolts");
  return maxVolts !== null && maxVolts < SUPPLY.nominal ? 5 : SUPPLY.nominal;
}

function openSwing(provider: Source, consumer: Reader, drive: OpenDrive, builder: OptionBuilder): Swing {
  const pull = builder.need(consumer, "pull");
  if (pull === null) return manual({ type: "pull-unknown", drive });
  const [pullVolts, highVolts] = [fieldOf(consumer.form, "pullVolts"), fieldOf(consumer.form, "highVolts")];
  if (pull === "up" && pullVolts !== null && highVolts !== null && pullVolts < highVolts)
    return manual({ type: "pull-below-threshold", pullVolts, highVolts });
  const [spikes, maxVolts] = [fieldOf(provider.form, "amplitude"), fieldOf(consumer.form, "maxVolts")];
  const cut: SpikesCut | null =
    spikes !== null && maxVolts !== null && spikes > maxVolts ? { volts: spikes, atVolts: maxVolts } : null;
  const clamps = cut === null ? [] : [clampAt(cut.atVolts)];
  if (pull === "up") return fits(clamps, { type: "pulled-up", drive, cut });
  if (pull === "down") return manual({ type: "pulled-down", drive });
  const resistor = pullUp(consumer, SUPPLY.running, builder);
  if (resistor === null) return manual({ type: "no-pull-up-fits", highVolts, supplyVolts: SUPPLY.running });
  return fits([...clamps, resistor], { type: "pull-up-added", drive, ohms: resistor.ohms, volts: resistor.volts, cut });
}

function drivenSwing(provider: Source, consumer: Reader, builder: OptionBuilder): Swing {
  const volts = builder.need(provider, "amplitude");
  const highVolts = builder.need(consumer, "highVolts");
  const maxVolts = builder.need(consumer, "maxVolts");
  if (volts === null || highVolts === null || maxVolts === null) return manual({ type: "facts-missing" });
  builder.show({ type: "swing", volts, highVolts, maxVolts });
  if (volts > maxVolts) {
    const divider = dividerFor(volts, maxVolts);
    const dividedVolts = volts * divider.ratio;
    if (dividedVolts >= highVolts)
      return fits([divider], { type: "divided", volts, maxVolts, dividedVolts, highVolts });
    return fits([{ type: "level-shifter", inVolts: volts, outVolts: maxVolts }], {
      type: "shifted-down",
      volts,
      maxVolts,
      highVolts,
    });
  }
  if (volts < highVolts)
    return fits([{ type: "level-shifter", inVolts: volts, outVolts: Math.min(maxVolts, SUPPLY.nominal) }], {
      type: "shifted-up",
      volts,
      highVolts,
    });
  return fits([], { type: "within", volts, highVolts, maxVolts });
}

/** Pulses agree: only the swing counts. */
function asItIs({ adapters, reason }: Swing, builder: OptionBuilder): LinkOption {
  const told = { code: "pulses-agree", swing: reason } as const;
  return adapters === null
    ? builder.manual(told)
    : builder.option(adapters.length === 0 ? "direct" : "adapter", adapters, told);
}

/**
 * A scaler's input takes open collectors and squares, and its output swings as the consumer needs: no other step beside
 * it.
 */
function scaled(provider: Source, consumer: Reader, ratio: Ratio, builder: OptionBuilder): LinkOption {
  const drive = fieldOf(provider.form, "drive");
  if (drive === null) {
    if (!builder.lacks) builder.lack(provider, "drive");
    return builder.manual({ code: "pulses-differ", ratio });
  }
  const spikes = wantsCoilSpikes(consumer);
  const scaler: AdapterOf<"frequency-scaler"> = {
    type: "frequency-scaler",
    ratio: ratio.numerator / ratio.denominator,
    outVolts: outVoltsFor(consumer),
  };
  const chain: Adapter[] = [
    ...(drive === "sine" ? [conditioner(provider, consumer)] : []),
    scaler,
    ...(spikes ? [coilSimulator(consumer)] : []),
  ];
  return builder.option("adapter", chain, {
    code: "pulses-scaled",
    ratio,
    spikeVolts: spikes ? spikeVolts(consumer) : null,
  });
}
