import { type FormOf, fieldOf, hasForm } from "../forms";
import type { Adapter } from "./adapter";
import { conditioner, frequencyOptions } from "./frequency";
import { OptionBuilder, SUPPLY } from "./option-builder";
import { pullUp } from "./switched";
import { type LinkOption, pointOf, type SignalPin, type Surroundings } from "./types";

type Pickup = SignalPin & { readonly form: FormOf<"reluctor-out" | "hall-out"> };
type Reader = SignalPin & { readonly form: FormOf<"reluctor-in" | "hall-in" | "frequency-in"> };

/**
 * From a pickup at a toothed wheel to what reads it. A crank or cam signal is its tooth pattern: another one is made by a
 * converter, never by counting. The coil of a reluctor that a computer reads already is not shared, since each input
 * loads and biases it.
 */
export function pickupOptions(provider: Pickup, consumer: Reader, around: Surroundings): LinkOption[] {
  const builder = new OptionBuilder();
  if (provider.form.kind === "reluctor-out" && around.readBy !== null)
    return [builder.manual({ code: "pickup-shared", by: pointOf(around.readBy) })];
  if (hasForm(consumer, "frequency-in")) return countedOptions(provider, consumer);
  const isSine = provider.form.kind === "reluctor-out";
  if (!isSine && consumer.form.kind === "reluctor-in")
    return [builder.option("impossible", [], { code: "no-sine-made" })];
  const [given, wanted] = [builder.need(provider, "pattern"), builder.need(consumer, "pattern")];
  if (given === null || wanted === null) return [builder.manual()];
  builder.show({ type: "patterns", given, wanted });
  const converter: readonly Adapter[] = samePattern(given, wanted)
    ? []
    : [{ type: "pattern-converter", fromPattern: given, toPattern: wanted }];
  const reason = { code: "patterns", given, wanted, isSame: converter.length === 0 } as const;
  if (consumer.form.kind === "reluctor-in")
    return [
      converter.length === 0 ? builder.option("direct", [], reason) : builder.option("adapter", converter, reason),
    ];
  if (isSine) return [builder.option("adapter", [conditioner(provider, consumer), ...converter], reason)];
  return [openHall(consumer, converter, reason, builder)];
}

/** A Hall pickup is an open collector: something must pull it up. A converter's input has its own pull-up. */
function openHall(
  consumer: Reader,
  converter: readonly Adapter[],
  reason: { readonly code: "patterns"; readonly given: string; readonly wanted: string; readonly isSame: boolean },
  builder: OptionBuilder,
): LinkOption {
  if (converter.length > 0) return builder.option("adapter", converter, reason);
  const pull = builder.need(consumer, "pull");
  if (pull === null) return builder.manual(reason);
  if (pull === "up") return builder.option("direct", [], reason);
  if (pull === "down") return builder.manual({ code: "always-active", pull, active: "low" });
  const resistor = pullUp(consumer, SUPPLY.running, builder);
  return resistor === null
    ? builder.manual({ code: "no-pull-up-fits", supplyVolts: SUPPLY.running })
    : builder.option("adapter", [resistor], reason);
}

/** Pulses that are only counted: a wheel without a gap is a frequency output; one with a gap has to lose it first. */
function countedOptions(
  provider: Pickup,
  consumer: SignalPin & { readonly form: FormOf<"frequency-in"> },
): LinkOption[] {
  const pattern = fieldOf(provider.form, "pattern");
  const builder = new OptionBuilder();
  if (pattern !== null && hasGap(pattern)) {
    const wanted = builder.need(consumer, "pulsesPerRev");
    if (wanted === null) return [builder.manual()];
    const even = `${wanted} even`;
    builder.show({ type: "patterns", given: pattern, wanted: even });
    const converter: Adapter = { type: "pattern-converter", fromPattern: pattern, toPattern: even };
    const isSine = provider.form.kind === "reluctor-out";
    return [
      builder.option("adapter", isSine ? [conditioner(provider, consumer), converter] : [converter], {
        code: "gap-counted",
        given: pattern,
        wanted: even,
      }),
    ];
  }
  const drive = provider.form.kind === "reluctor-out" ? "sine" : "open-collector";
  const form = {
    ...provider.form,
    kind: "frequency-out",
    drive: provider.form.drive ?? { value: drive, source: "assumed" },
  } as FormOf<"frequency-out">;
  return frequencyOptions({ ...provider, form }, consumer);
}

/** `36-1`, `60 - 2`, `36-1-1`: so many teeth, of which some are missing. */
const hasGap = (pattern: string) => /^\s*\d+\s*(?:[-−]\s*[1-9]\d*\s*)+$/.test(pattern);
const plain = (pattern: string) => pattern.toLowerCase().replace(/\s+/g, "").replaceAll("−", "-");
const samePattern = (one: string, other: string) => plain(one) === plain(other);
