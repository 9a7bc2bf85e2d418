import { numberParam, type Quantity } from "../forms";
import { e24Within } from "./e-series";
import { contactFor, feedLabel, flyback, permanentFeed, RELAY_COIL_AMPS, relay } from "./parts";
import { plain, plainOhms, Reckoner, SUPPLY, wordParam } from "./reckon";
import { type Adapter, label, type SignalPin, type Surroundings, type Way } from "./types";

/** Anything that makes or breaks a path: a driver, a contact, a switched feed. `pole` is where its path leads. */
interface Switched {
  readonly pole: "ground" | "battery" | "free" | null;
  readonly semiconductor: boolean;
}

function switchedBy(pin: SignalPin): Switched {
  switch (pin.kind) {
    case "low-side-out": return { pole: "ground", semiconductor: true };
    case "high-side-out": return { pole: "battery", semiconductor: true };
    case "supply-out": return { pole: "battery", semiconductor: false };
    default: return { pole: wordParam(pin.params, "to") as Switched["pole"], semiconductor: false };
  }
}

/** Lamps have a filament or a diode, no coil: for these a missing `inductive` is no doubt. */
const LAMPS: ReadonlySet<Quantity> = new Set([
  "oil-pressure-warning", "charge-warning", "malfunction-lamp", "security-lamp", "cruise-active", "reverse-lamp", "illumination", "lighting",
  "turn-signal", "hazard", "handbrake", "brake-fluid", "seat-belt", "gear-display",
]);

/** Current of a load, A: as written, or charging voltage over its resistance. Null where neither is given. */
export function loadAmps(pin: SignalPin): number | null {
  const amps = numberParam(pin.params, "amps");
  if (amps !== null) return amps;
  const ohms = numberParam(pin.params, "ohms");
  return ohms === null || ohms === 0 ? null : SUPPLY.charging / ohms;
}

/** From a driver, contact or switched feed to a lamp, motor, coil or other load. */
export function loadWays(provider: SignalPin, consumer: SignalPin, around: Surroundings): Way[] {
  const reckon = new Reckoner();
  const by = switchedBy(provider);
  const otherEnd = reckon.needWord(consumer, "otherEnd");
  const amps = loadAmps(consumer);
  const limit = reckon.need(provider, "maxAmps");
  if (by.pole === null) reckon.lack(provider, "to");
  if (amps === null) reckon.lack(consumer, "amps or ohms");
  if (by.pole === null || otherEnd === null || limit === null) return [reckon.manual()];
  if (by.pole === "free") return [reckon.manual(`${label(provider)} is a contact between two cavities; choose whether its other end goes to ground or to a feed`)];

  const polesAgree = otherEnd === "free" || otherEnd !== by.pole;
  reckon.show("path", `switches to ${by.pole}; load's other end at ${otherEnd}`);
  if (!polesAgree) return bySwitchedStep(provider, consumer, amps, limit, around, reckon, `${label(provider)} switches to ${by.pole}, and so lies the other end of ${label(consumer)}`);
  if (amps === null) return [reckon.manual()];
  if (around.hangingAmps === null) return [reckon.manual(`What else hangs on ${label(provider)} is not known, so its limit of ${plain(limit)} A cannot be checked`)];
  const total = amps + around.hangingAmps;
  reckon.show("current", `${plain(amps)} A${around.hangingAmps > 0 ? ` + ${plain(around.hangingAmps)} A` : ""} against ${plain(limit)} A`);
  if (total > limit) return bySwitchedStep(provider, consumer, amps, limit, around, reckon, `${plain(total)} A is more than the ${plain(limit)} A of ${label(provider)}`);

  const fits = `${plain(total)} A of ${plain(limit)} A`;
  if (!by.semiconductor) return [reckon.way("direct", [], `${label(provider)} carries ${label(consumer)}: ${fits}`)];
  return [driverWay(provider, consumer, amps, fits, reckon)];
}

/** A coil's current must go somewhere when a driver opens: its own clamp, or a diode. */
function driverWay(provider: SignalPin, consumer: SignalPin, amps: number, fits: string, reckon: Reckoner): Way {
  const clamp = wordParam(provider.params, "clamp");
  const inductive = wordParam(consumer.params, "inductive") ?? (consumer.quantity !== null && LAMPS.has(consumer.quantity) ? "no" : null);
  reckon.show("flyback", `load inductive: ${inductive ?? "not known"}; driver's clamp: ${clamp ?? "not known"}`);
  if (inductive === "no" || clamp === "own") return reckon.way("direct", [], `${label(provider)} carries ${label(consumer)}: ${fits}`);
  if (inductive === "yes") {
    return reckon.way("adapter", [flyback(amps)], `${fits}; ${clamp === "none" ? "the driver has no path" : "whether the driver has a path is not known, and a diode does no harm"} for the coil's current when it opens`);
  }
  reckon.lack(consumer, "inductive");
  return reckon.manual();
}

function bySwitchedStep(provider: SignalPin, consumer: SignalPin, amps: number | null, limit: number, around: Surroundings, reckon: Reckoner, says: string): Way[] {
  const toGround = consumer.params.otherEnd === "battery";
  const feed = toGround ? null : permanentFeed(around, amps);
  const contactFeed = toGround ? "ground" : feedLabel(feed);
  const solid: Adapter = { type: toGround ? "low-side-switch" : "high-side-switch", maxAmps: amps === null ? null : Number((amps * 1.5).toPrecision(3)), inVolts: SUPPLY.nominal };
  const coilTotal = RELAY_COIL_AMPS + (around.hangingAmps ?? 0);
  reckon.show("coil", `${RELAY_COIL_AMPS} A${around.hangingAmps ? ` + ${plain(around.hangingAmps)} A` : ""} against ${plain(limit)} A`);
  if (amps !== null) reckon.show("contact", `${plain(amps)} A ≤ 0.75 × ${contactFor(amps) ?? "more than any"} A${contactFeed === null ? "" : `, from ${contactFeed}`}`);
  const missing = [amps === null ? "the load's current" : "", contactFeed === null ? "a feed for the contact" : ""].filter((part) => part !== "").join(" and ");
  const tail = missing === "" ? "" : `; missing: ${missing}`;
  const solidWay = reckon.way("adapter", [solid], `${says}; a solid-state switch takes almost nothing from ${label(provider)} and carries ${plain(amps ?? 0)} A${tail}`);
  if (coilTotal > limit) return [solidWay];
  const needsDiode = switchedBy(provider).semiconductor && wordParam(provider.params, "clamp") === "none";
  const chain = [...(needsDiode ? [flyback(RELAY_COIL_AMPS)] : []), relay(amps, contactFeed)];
  const relayWay = reckon.way("adapter", chain, `${says}; a relay's coil takes ${RELAY_COIL_AMPS} A, and its contact carries the load from ${contactFeed ?? "a feed still to be chosen"}${tail}`);
  return [relayWay, solidWay];
}

/** From a bridge or stepper output to its motor: the same kind of drive, and current within the output's limit. */
export function motorWays(provider: SignalPin, consumer: SignalPin, around: Surroundings): Way[] {
  const reckon = new Reckoner();
  const [given, wanted] = [reckon.needWord(provider, "drive"), reckon.needWord(consumer, "drive")];
  const limit = reckon.need(provider, "maxAmps");
  const amps = loadAmps(consumer);
  if (amps === null) reckon.lack(consumer, "amps or ohms");
  if (given === null || wanted === null || limit === null || amps === null) return [reckon.manual()];
  reckon.show("drive", `${given} → ${wanted}`);
  reckon.show("current", `${plain(amps)} A against ${plain(limit)} A`);
  if (given !== wanted) return [reckon.manual(`${label(provider)} drives a ${given} and ${label(consumer)} is for a ${wanted}`)];
  if (around.hangingAmps !== 0) return [reckon.manual(`Something else hangs on ${label(provider)}, and a motor's output serves one motor`)];
  if (amps > limit) return [reckon.manual(`${plain(amps)} A is more than the ${plain(limit)} A of ${label(provider)}, and no step of the table carries a motor's bridge`)];
  return [reckon.way("direct", [], `Both ${given}; ${plain(amps)} A of ${plain(limit)} A`)];
}

/** Sink of a contact or driver below which a pull-up may not fall, A: what the usual output bears without being asked. */
const ASSUMED_SINK_AMPS = 0.02;
/** Leakage of an open output with the input's own current, A: what a pull-up must still overcome. */
const ASSUMED_LEAK_AMPS = 0.0004;

/**
 * A pull-up that lets an open output be seen as high and still be pulled low.
 * R ≥ V_highest / I_sink, so that the output bears it; R ≤ (V_lowest − V_high) / I_leak, so that the level is reached (Ohm's law).
 */
export function pullUp(input: SignalPin, leastSupplyVolts: number, reckon: Reckoner): Adapter | null {
  const maxVolts = numberParam(input.params, "maxVolts");
  const high = numberParam(input.params, "highVolts");
  const volts = maxVolts !== null && maxVolts < SUPPLY.highest ? 5 : SUPPLY.nominal;
  const [lowest, highest] = volts === 5 ? [4.75, 5.25] : [leastSupplyVolts, SUPPLY.highest];
  const threshold = high ?? 0.7 * lowest;
  const least = highest / ASSUMED_SINK_AMPS;
  const most = (lowest - threshold) / ASSUMED_LEAK_AMPS;
  reckon.show("sink limit", `${plain(ASSUMED_SINK_AMPS * 1000)} mA (assumed) → R ≥ ${plainOhms(least)}`);
  reckon.show("threshold", `${plain(threshold)} V${high === null ? " (assumed)" : ""} at ${plain(lowest)} V supply`);
  if (most <= 0) return null;
  reckon.show("leakage", `${plain(ASSUMED_LEAK_AMPS * 1000)} mA (assumed) → R ≤ ${plainOhms(most)}`);
  const ohms = e24Within(least, most);
  if (ohms === null) return null;
  const watts = SUPPLY.charging ** 2 / ohms;
  reckon.show("chosen", `${plainOhms(ohms)} E24 to ${volts} V${volts === 5 ? "" : `, ${plain(watts)} W at ${SUPPLY.charging} V`}`);
  return { type: "pull-up", ohms, volts };
}

/** From a driver, contact or switched feed to an input that reads a level. */
export function levelWays(provider: SignalPin, consumer: SignalPin): Way[] {
  const reckon = new Reckoner();
  const { pole } = switchedBy(provider);
  const active = reckon.needWord(consumer, "active");
  const pull = reckon.needWord(consumer, "pull");
  if (pole === null) reckon.lack(provider, "to");
  if (pole === null || active === null) return [reckon.manual()];
  if (pole === "free") return [reckon.manual(`${label(provider)} is a contact between two cavities; tie its other end to ${active === "low" ? "ground" : "a feed"} and pair again`)];
  reckon.show("sense", `closed gives ${pole === "ground" ? "0 V" : "battery"}; input is active ${active}`);
  if ((pole === "ground") !== (active === "low")) {
    const maxVolts = numberParam(consumer.params, "maxVolts");
    const outVolts = maxVolts !== null && maxVolts < SUPPLY.highest ? 5 : SUPPLY.nominal;
    return [reckon.way("adapter", [{ type: "inverter", inVolts: SUPPLY.nominal, outVolts, maxAmps: 0.1 }], `Closed, ${label(provider)} leads to ${pole}, and ${label(consumer)} is active ${active}: the sense must be turned round`)];
  }
  if (pull === null) return [reckon.manual()];
  return [pole === "ground" ? lowLevel(provider, consumer, pull, reckon) : highLevel(provider, consumer, pull, reckon)];
}

function lowLevel(provider: SignalPin, consumer: SignalPin, pull: string, reckon: Reckoner): Way {
  const [pullVolts, pullOhms, limit] = ["pullVolts", "pullOhms"].map((key) => numberParam(consumer.params, key)).concat(numberParam(provider.params, "maxAmps")) as [number | null, number | null, number | null];
  if (pull === "up" && pullVolts !== null && pullOhms !== null && limit !== null && pullOhms > 0 && pullVolts / pullOhms > limit) {
    return reckon.manual(`The pull-up of ${label(consumer)} gives ${plain(pullVolts / pullOhms)} A and ${label(provider)} bears ${plain(limit)} A`);
  }
  if (pull === "up") return reckon.way("direct", [], `${label(provider)} closes to ground, and ${label(consumer)} pulls up by itself`);
  if (pull === "down") return reckon.manual(`${label(consumer)} pulls down and is active low, so that it would always be active: check its pull`);
  const resistor = pullUp(consumer, SUPPLY.cranking, reckon);
  if (resistor === null) return reckon.manual(`No pull-up reaches the threshold of ${label(consumer)} at ${SUPPLY.cranking} V supply`);
  return reckon.way("adapter", [resistor], `${label(provider)} closes to ground, and ${label(consumer)} has no pull-up: ${plainOhms(Number(resistor.ohms))} to ${resistor.volts} V`);
}

function highLevel(provider: SignalPin, consumer: SignalPin, pull: string, reckon: Reckoner): Way {
  const maxVolts = reckon.need(consumer, "maxVolts");
  const high = numberParam(consumer.params, "highVolts");
  if (maxVolts === null) return reckon.manual();
  if (pull === "up") return reckon.manual(`${label(consumer)} pulls up and is active high, so that it would always be active: check its pull`);
  reckon.show("level", `up to ${SUPPLY.highest} V against ${plain(maxVolts)} V; at least ${SUPPLY.cranking} V against ${high === null ? "no stated threshold" : `${plain(high)} V`}`);
  const adapters: Adapter[] = [];
  if (pull === "none") adapters.push({ type: "pull-down", ohms: 4700 });
  if (maxVolts < SUPPLY.highest) adapters.unshift(dividerFor(SUPPLY.highest, maxVolts));
  else if (high !== null && high > SUPPLY.cranking) adapters.unshift({ type: "level-shifter", inVolts: SUPPLY.cranking, outVolts: SUPPLY.nominal });
  if (adapters.length === 0) return reckon.way("direct", [], `${label(provider)} gives battery voltage, ${label(consumer)} stands ${plain(maxVolts)} V and pulls down by itself`);
  const floats = pull === "none" ? `${label(consumer)} floats when ${label(provider)} is open; 4.7 kΩ draws it to ground` : "";
  const level = maxVolts < SUPPLY.highest ? `${SUPPLY.highest} V is more than the ${plain(maxVolts)} V of ${label(consumer)}` : adapters[0]?.type === "level-shifter" ? `${SUPPLY.cranking} V while cranking is below its ${plain(high ?? 0)} V` : "";
  return reckon.way("adapter", adapters, [level, floats].filter((part) => part !== "").join("; "));
}

/** A divider that brings `fromVolts` to 0.9 of what the input stands; 10 kΩ below, so that it loads little. */
export function dividerFor(fromVolts: number, maxVolts: number): Adapter {
  const lowerOhms = 10_000;
  const target = 0.9 * maxVolts;
  const exact = lowerOhms * (fromVolts / target - 1);
  const upperOhms = e24Within(exact, exact * 1.25) ?? Math.ceil(exact);
  return { type: "voltage-divider", upperOhms, lowerOhms, ratio: Number((lowerOhms / (upperOhms + lowerOhms)).toPrecision(4)) };
}
