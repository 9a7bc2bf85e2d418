import { type FormOf, fieldOf } from "../forms";
import { chargeSeconds } from "../wire";
import type { Adapter } from "./adapter";
import { OptionBuilder, SUPPLY } from "./option-builder";
import { wattsFor } from "./resistors";
import { loadAmps } from "./switched";
import type { LinkOption, SignalPin, Surroundings } from "./types";

type Out<K extends "injector" | "coil" | "lambda"> = SignalPin & { readonly form: FormOf<`${K}-out`> };
type In<K extends "injector" | "coil" | "lambda"> = SignalPin & { readonly form: FormOf<`${K}-in`> };

/**
 * From an injector output to an injector. A peak-and-hold output holds any coil within its current; a saturated one is a
 * plain switch, for which a coil of low resistance needs one in series: R ≥ V_charging / I_max − R_coil (Ohm's law).
 */
export function injectorOptions(
  provider: Out<"injector">,
  consumer: In<"injector">,
  around: Surroundings,
): LinkOption[] {
  const builder = new OptionBuilder();
  const drive = builder.need(provider, "drive");
  const limitAmps = builder.need(provider, "maxAmps");
  const amps = loadAmps(consumer);
  if (amps === null) builder.lack(consumer, "amps-or-ohms");
  if (drive === null || limitAmps === null || amps === null) return [builder.manual()];
  if (drive !== "saturated" && drive !== "peak-and-hold") return [builder.manual({ code: "drive-of-another", drive })];
  if (around.connectedAmps === null) return [builder.manual({ code: "load-unknown", limitAmps })];
  const totalAmps = amps + around.connectedAmps;
  builder.show({ type: "current", amps, alsoAmps: around.connectedAmps, limitAmps });
  if (drive === "peak-and-hold" || totalAmps <= limitAmps)
    return [builder.option("direct", [], { code: "injector-driven", drive, amps: totalAmps, limitAmps })];
  const ohms = fieldOf(consumer.form, "ohms");
  if (around.connectedAmps > 0 || ohms === null) return [builder.manual({ code: "carries", totalAmps, limitAmps })];
  const least = SUPPLY.charging / limitAmps - ohms;
  const series = Number((Math.ceil(least * 10) / 10).toPrecision(3));
  const through = SUPPLY.charging / (ohms + series);
  builder.show({ type: "series-least", ohms: least, amps: through });
  const part: Adapter = { type: "series-resistor", ohms: series, watts: wattsFor(through ** 2 * series) };
  return [builder.option("adapter", [part], { code: "injector-limited", amps: totalAmps, limitAmps, ohms: series })];
}

/**
 * From a coil output to an ignition coil. A logic output works a coil with a power stage of its own; a plain coil needs an
 * igniter between. A primary output carries the coil's current itself, and would destroy a stage's input.
 */
export function coilOptions(provider: Out<"coil">, consumer: In<"coil">, around: Surroundings): LinkOption[] {
  const builder = new OptionBuilder();
  const [given, wanted] = [builder.need(provider, "drive"), builder.need(consumer, "drive")];
  if (given === null || wanted === null) return [builder.manual()];
  builder.show({ type: "drive", given, wanted });
  if (around.connectedAmps !== 0) return [builder.manual({ code: "coil-output-shared" })];
  if (given === "logic" && wanted === "logic")
    return [builder.option("direct", [], { code: "coil-stages", given, wanted })];
  if (given === "logic" && wanted === "primary")
    return [builder.option("adapter", [igniterFor(consumer, builder)], { code: "coil-stages", given, wanted })];
  if (given === "primary" && wanted === "primary") {
    const [limitAmps, amps] = [builder.need(provider, "maxAmps"), loadAmps(consumer)];
    if (amps === null) builder.lack(consumer, "amps-or-ohms");
    if (limitAmps === null || amps === null) return [builder.manual()];
    builder.show({ type: "current", amps, alsoAmps: 0, limitAmps });
    return [
      amps <= limitAmps
        ? builder.option("direct", [], { code: "coil-stages", given, wanted })
        : builder.option("impossible", [], { code: "coil-too-strong", amps, limitAmps }),
    ];
  }
  if (given === "primary" && wanted === "logic")
    return [builder.option("impossible", [], { code: "coil-stages", given, wanted })];
  return [builder.manual({ code: "other-drive", given, wanted })];
}

/**
 * The power stage of a plain coil: rated a quarter above its current, charging it for as long as its inductance asks at
 * charging voltage.
 */
function igniterFor(coil: In<"coil">, builder: OptionBuilder): Adapter {
  const [rated, most] = [fieldOf(coil.form, "amps"), loadAmps(coil)];
  const [ohms, henries] = [builder.need(coil, "ohms"), builder.need(coil, "henries")];
  const maxAmps = most === null ? null : Math.ceil(most * 1.25);
  if (ohms === null || ohms === 0 || henries === null) return { type: "igniter", maxAmps, dwell: null };
  const volts = SUPPLY.charging;
  const seconds = chargeSeconds({ henries, ohms, amps: rated, volts });
  builder.show({ type: "dwell", henries, ohms, amps: rated, volts, seconds });
  return { type: "igniter", maxAmps, dwell: Number(seconds.toPrecision(3)) };
}

/** From an oxygen sensor to its input: of one kind wire alone; wide band is turned into narrow, never the other way. */
export function lambdaOptions(provider: Out<"lambda">, consumer: In<"lambda">, around: Surroundings): LinkOption[] {
  const builder = new OptionBuilder();
  const [given, wanted] = [builder.need(provider, "band"), builder.need(consumer, "band")];
  if (given === null || wanted === null) return [builder.manual()];
  const reason = { code: "bands", given, wanted } as const;
  if (around.readBy !== null && given === "wide") return [builder.manual({ code: "probe-shared" })];
  if (given === wanted) return [builder.option("direct", [], reason)];
  return given === "wide"
    ? [builder.option("adapter", [{ type: "lambda-converter", fromBand: given, toBand: wanted }], reason)]
    : [builder.option("impossible", [], reason)];
}
