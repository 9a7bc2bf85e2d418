import { type FormOf, fieldOf, type Quantity } from "../forms";
import { e24Within } from "../gauges";
import type { Adapter, AdapterOf } from "./adapter";
import { OptionBuilder, SUPPLY } from "./option-builder";
import { contactFor, feedPoint, flyback, fuseFor, permanentFeed, RELAY_COIL_AMPS, relayWithFuse } from "./parts";
import type { Load, SwitchedCause } from "./reasons";
import type { LinkOption, SignalPin, Surroundings } from "./types";

/** Anything that makes or breaks a path: a driver, a contact, a switched feed. */
export type Switching = SignalPin & {
  readonly form: FormOf<"low-side-out" | "high-side-out" | "switch-out" | "supply-out">;
};
type LoadPin = SignalPin & { readonly form: FormOf<"load-in"> };
type LogicPin = SignalPin & { readonly form: FormOf<"logic-in"> };

interface Switched {
  /** Where its path leads. */
  readonly pole: "ground" | "battery" | "free" | null;
  readonly semiconductor: boolean;
}

function switchedBy({ form }: Switching): Switched {
  switch (form.kind) {
    case "low-side-out":
      return { pole: "ground", semiconductor: true };
    case "high-side-out":
      return { pole: "battery", semiconductor: true };
    case "supply-out":
      return { pole: "battery", semiconductor: false };
    case "switch-out":
      return { pole: fieldOf(form, "to"), semiconductor: false };
  }
}

/** Lamps have a filament or a diode, no coil: for these a missing `inductive` is no doubt. */
const LAMPS: ReadonlySet<Quantity> = new Set([
  "oil-pressure-warning",
  "charge-warning",
  "malfunction-lamp",
  "security-lamp",
  "cruise-active",
  "reverse-lamp",
  "illumination",
  "lighting",
  "turn-signal",
  "hazard",
  "handbrake",
  "brake-fluid",
  "seat-belt",
  "gear-display",
]);

/** Current of a load, A: as written, or charging voltage over its resistance. Null where neither is given. */
export function loadAmps({ form }: Pick<SignalPin, "form">): number | null {
  const amps = fieldOf(form, "amps");
  if (amps !== null) return amps;
  const ohms = fieldOf(form, "ohms");
  return ohms === null || ohms === 0 ? null : SUPPLY.charging / ohms;
}

/** From a driver, contact or switched feed to a lamp, motor, coil or other load. */
export function loadOptions(provider: Switching, consumer: LoadPin, around: Surroundings): LinkOption[] {
  const builder = new OptionBuilder();
  const by = switchedBy(provider);
  const otherEnd = builder.need(consumer, "otherEnd");
  const amps = loadAmps(consumer);
  const limitAmps = builder.need(provider, "maxAmps");
  if (by.pole === null) builder.lack(provider, "to");
  if (amps === null) builder.lack(consumer, "amps-or-ohms");
  if (by.pole === null || otherEnd === null || limitAmps === null) return [builder.manual()];
  if (by.pole === "free") return [builder.manual({ code: "contact-both-ends-free", needs: "either" })];

  const step = { provider, consumer, amps, limitAmps, around, builder };
  builder.show({ type: "path", pole: by.pole, otherEnd });
  if (otherEnd === by.pole) return bySwitchedStep(step, { type: "same-pole", pole: by.pole });
  if (amps === null) return [builder.manual()];
  if (around.connectedAmps === null) return [builder.manual({ code: "load-unknown", limitAmps })];
  const totalAmps = amps + around.connectedAmps;
  builder.show({ type: "current", amps, alsoAmps: around.connectedAmps, limitAmps });
  if (totalAmps > limitAmps) return bySwitchedStep(step, { type: "too-much", totalAmps, limitAmps });
  const load: Load = { totalAmps, limitAmps };
  return [
    by.semiconductor
      ? driverOption(provider, consumer, amps, load, builder)
      : builder.option("direct", [], { code: "carries", ...load }),
  ];
}

/** A coil's current must go somewhere when a driver opens: its own clamp, or a diode. */
function driverOption(
  provider: Switching,
  consumer: LoadPin,
  amps: number,
  load: Load,
  builder: OptionBuilder,
): LinkOption {
  const clamp = fieldOf(provider.form, "clamp");
  const inductive =
    fieldOf(consumer.form, "inductive") ?? (consumer.quantity !== null && LAMPS.has(consumer.quantity) ? "no" : null);
  builder.show({ type: "flyback", inductive, clamp });
  if (inductive === "no" || clamp === "own") return builder.option("direct", [], { code: "carries", ...load });
  if (inductive === "yes")
    return builder.option("adapter", [flyback(amps)], {
      code: "coil-needs-diode",
      driverHasPath: clamp === "none" ? false : null,
      ...load,
    });
  builder.lack(consumer, "inductive");
  return builder.manual();
}

interface SwitchedStep {
  readonly provider: Switching;
  readonly consumer: LoadPin;
  readonly amps: number | null;
  readonly limitAmps: number;
  readonly around: Surroundings;
  readonly builder: OptionBuilder;
}

function bySwitchedStep(
  { provider, consumer, amps, limitAmps, around, builder }: SwitchedStep,
  because: SwitchedCause,
): LinkOption[] {
  const toGround = fieldOf(consumer.form, "otherEnd") === "battery";
  const feed = toGround ? "ground" : permanentFeed(around, amps);
  const contact = feed === "ground" ? feed : feedPoint(feed);
  const alsoAmps = around.connectedAmps ?? 0;
  builder.show({ type: "coil-load", amps: RELAY_COIL_AMPS, alsoAmps, limitAmps });
  if (amps !== null) builder.show({ type: "contact", amps, ratingAmps: contactFor(amps), from: contact });
  const reason = (by: "relay" | "solid-state") =>
    ({ code: "switched-step", because, by, loadAmps: amps, coilAmps: RELAY_COIL_AMPS, contact }) as const;
  const solid: Adapter = {
    type: toGround ? "low-side-switch" : "high-side-switch",
    maxAmps: amps === null ? null : Number((amps * 1.5).toPrecision(3)),
    inVolts: SUPPLY.nominal,
  };
  // It takes what it switches from the battery: behind a fuse of its own.
  const solidOption = builder.option(
    "adapter",
    toGround ? [solid] : [{ type: "fuse", amps: fuseFor(amps) }, solid],
    reason("solid-state"),
  );
  if (RELAY_COIL_AMPS + alsoAmps > limitAmps) return [solidOption];
  const needsDiode = switchedBy(provider).semiconductor && fieldOf(provider.form, "clamp") === "none";
  const relayOption = builder.option(
    "adapter",
    [...(needsDiode ? [flyback(RELAY_COIL_AMPS)] : []), ...relayWithFuse(amps, feed)],
    reason("relay"),
  );
  return [relayOption, solidOption];
}

/** From a bridge or stepper output to its motor: the same kind of drive, and current within the output's limit. */
export function motorOptions(
  provider: SignalPin & { readonly form: FormOf<"motor-out"> },
  consumer: SignalPin & { readonly form: FormOf<"motor-in"> },
  around: Surroundings,
): LinkOption[] {
  const builder = new OptionBuilder();
  const [given, wanted] = [builder.need(provider, "drive"), builder.need(consumer, "drive")];
  const limitAmps = builder.need(provider, "maxAmps");
  const amps = loadAmps(consumer);
  if (amps === null) builder.lack(consumer, "amps-or-ohms");
  if (given === null || wanted === null || limitAmps === null || amps === null) return [builder.manual()];
  builder.show({ type: "drive", given, wanted });
  builder.show({ type: "current", amps, alsoAmps: 0, limitAmps });
  if (given !== wanted) return [builder.manual({ code: "other-drive", given, wanted })];
  if (around.connectedAmps !== 0) return [builder.manual({ code: "motor-output-shared" })];
  if (amps > limitAmps) return [builder.manual({ code: "motor-too-strong", amps, limitAmps })];
  return [builder.option("direct", [], { code: "same-drive", drive: given, amps, limitAmps })];
}

/**
 * Sink of a contact or driver below which a pull-up may not fall, A: what the usual output sinks without being asked.
 */
const ASSUMED_SINK_AMPS = 0.02;
/** Leakage of an open output with the input's own current, A: what a pull-up must still overcome. */
const ASSUMED_LEAK_AMPS = 0.0004;

/**
 * A pull-up that lets an open output be seen as high and still be pulled low. R ≥ V_highest / I_sink, so that the
 * output can sink it; R ≤ (V_lowest − V_high) / I_leak, so that the level is reached (Ohm's law).
 */
export function pullUp(
  input: SignalPin,
  leastSupplyVolts: number,
  builder: OptionBuilder,
): (AdapterOf<"pull-up"> & { readonly ohms: number; readonly volts: number }) | null {
  const maxVolts = fieldOf(input.form, "maxVolts");
  const high = fieldOf(input.form, "highVolts");
  const volts = maxVolts !== null && maxVolts < SUPPLY.highest ? 5 : SUPPLY.nominal;
  const [lowest, highest] = volts === 5 ? [4.75, 5.25] : [leastSupplyVolts, SUPPLY.highest];
  const threshold = high ?? 0.7 * lowest;
  const leastOhms = highest / ASSUMED_SINK_AMPS;
  const mostOhms = (lowest - threshold) / ASSUMED_LEAK_AMPS;
  builder.show({ type: "sink-limit", amps: ASSUMED_SINK_AMPS, leastOhms });
  builder.show({ type: "threshold", volts: threshold, assumed: high === null, supplyVolts: lowest });
  if (mostOhms <= 0) return null;
  builder.show({ type: "leakage", amps: ASSUMED_LEAK_AMPS, mostOhms });
  const ohms = e24Within(leastOhms, mostOhms);
  if (ohms === null) return null;
  builder.show({ type: "resistor-chosen", ohms, volts, watts: volts === 5 ? null : SUPPLY.charging ** 2 / ohms });
  return { type: "pull-up", ohms, volts };
}

/** From a driver, contact or switched feed to an input that reads a level. */
export function levelOptions(provider: Switching, consumer: LogicPin): LinkOption[] {
  const builder = new OptionBuilder();
  const { pole } = switchedBy(provider);
  const active = builder.need(consumer, "active");
  const pull = builder.need(consumer, "pull");
  if (pole === null) builder.lack(provider, "to");
  if (pole === null || active === null) return [builder.manual()];
  if (pole === "free")
    return [builder.manual({ code: "contact-both-ends-free", needs: active === "low" ? "ground" : "battery" })];
  builder.show({ type: "sense", pole, active });
  if ((pole === "ground") !== (active === "low")) {
    const maxVolts = fieldOf(consumer.form, "maxVolts");
    const outVolts = maxVolts !== null && maxVolts < SUPPLY.highest ? 5 : SUPPLY.nominal;
    return [
      builder.option("adapter", [{ type: "inverter", inVolts: SUPPLY.nominal, outVolts, maxAmps: 0.1 }], {
        code: "sense-inverted",
        pole,
        active,
      }),
    ];
  }
  if (pull === null) return [builder.manual()];
  return [pole === "ground" ? lowLevel(provider, consumer, pull, builder) : highLevel(consumer, pull, builder)];
}

type Pull = "none" | "up" | "down";

function lowLevel(provider: Switching, consumer: LogicPin, pull: Pull, builder: OptionBuilder): LinkOption {
  const [pullVolts, pullOhms, limitAmps] = [
    fieldOf(consumer.form, "pullVolts"),
    fieldOf(consumer.form, "pullOhms"),
    fieldOf(provider.form, "maxAmps"),
  ];
  if (
    pull === "up" &&
    pullVolts !== null &&
    pullOhms !== null &&
    limitAmps !== null &&
    pullOhms > 0 &&
    pullVolts / pullOhms > limitAmps
  ) {
    return builder.manual({ code: "pull-up-too-strong", amps: pullVolts / pullOhms, limitAmps });
  }
  if (pull === "up") return builder.option("direct", [], { code: "closes-to-ground", pullUp: null });
  if (pull === "down") return builder.manual({ code: "always-active", pull, active: "low" });
  const resistor = pullUp(consumer, SUPPLY.cranking, builder);
  if (resistor === null) return builder.manual({ code: "no-pull-up-fits", supplyVolts: SUPPLY.cranking });
  return builder.option("adapter", [resistor], {
    code: "closes-to-ground",
    pullUp: { ohms: resistor.ohms, volts: resistor.volts },
  });
}

function highLevel(consumer: LogicPin, pull: Pull, builder: OptionBuilder): LinkOption {
  const maxVolts = builder.need(consumer, "maxVolts");
  const highVolts = fieldOf(consumer.form, "highVolts");
  if (maxVolts === null) return builder.manual();
  if (pull === "up") return builder.manual({ code: "always-active", pull, active: "high" });
  builder.show({ type: "level", highestVolts: SUPPLY.highest, maxVolts, lowestVolts: SUPPLY.cranking, highVolts });
  const over = maxVolts < SUPPLY.highest;
  const under = !over && highVolts !== null && highVolts > SUPPLY.cranking;
  const floats = pull === "none";
  const adapters: Adapter[] = [
    ...(over
      ? [dividerFor(SUPPLY.highest, maxVolts)]
      : under
        ? [{ type: "level-shifter", inVolts: SUPPLY.cranking, outVolts: SUPPLY.nominal } as const]
        : []),
    ...(floats ? [{ type: "pull-down", ohms: PULL_DOWN_OHMS } as const] : []),
  ];
  if (adapters.length === 0) return builder.option("direct", [], { code: "battery-level", maxVolts });
  return builder.option("adapter", adapters, {
    code: "level-adapted",
    overVolts: over ? { volts: SUPPLY.highest, maxVolts } : null,
    underVolts: under && highVolts !== null ? { volts: SUPPLY.cranking, highVolts } : null,
    floats,
  });
}

/** What draws an input to ground that would float, Ω. */
export const PULL_DOWN_OHMS = 4700;

/** A divider that brings `fromVolts` to 0.9 of what the input is rated for; 10 kΩ below, so that it loads little. */
export function dividerFor(
  fromVolts: number,
  maxVolts: number,
): AdapterOf<"voltage-divider"> & { readonly ratio: number } {
  const lowerOhms = 10_000;
  const target = 0.9 * maxVolts;
  const exact = lowerOhms * (fromVolts / target - 1);
  const upperOhms = e24Within(exact, exact * 1.25) ?? Math.ceil(exact);
  return {
    type: "voltage-divider",
    upperOhms,
    lowerOhms,
    ratio: Number((lowerOhms / (upperOhms + lowerOhms)).toPrecision(4)),
  };
}
