import { numberParam } from "../forms";
import type { Line } from "../plan";
import { aliveOf, KEY_POSITIONS, type KeyPosition, label, livesIn, plain, plainOhms } from "../signals";
import { lengthText, sizeWords, temperatureText, type Units } from "../units";
import { wireOhms } from "../wire";
import type { Expected, KeyState, PlannedPin, Probe, Step } from "./types";

/** Lead and contact resistance of a meter's probes that a reading of a joint may hold, Ω. */
const LEADS_OHMS = 0.3;
/** Assumed where a wire's length or size is not in the tables: 3 m of 0.5 mm². */
const ASSUMED_WIRE = { lengthM: 3, areaMm2: 0.5 } as const;

const BATTERY_NEGATIVE: Probe = { pinId: null, label: "BAT −", side: "battery", where: "The battery's negative post, or its lead while the battery is off" };
const BATTERY_POSITIVE: Probe = { pinId: null, label: "BAT +", side: "battery", where: "The battery's positive post" };

const OHMS_METER = "Ohms, lowest range; touch the leads first and note their own reading";
const VOLTS_METER = "Volts DC, 20 V range";

/** Adapters through which copper runs from end to end, so that continuity can be measured across the link. */
const COPPER_THROUGH = new Set(["pull-up", "pull-down", "flyback-diode", "calibration"]);

/**
 * The first-power sheet of a plan: every check that its decided links need, in an order in which no check leans on one
 * not yet made: grounds, then shorts, then continuity, all without a battery; then the battery, then each feed with the
 * key going forward; last the grounds while current flows.
 *
 * Airbag circuits are never probed: a line of theirs makes no step.
 *
 * @param lines the map's lines; only decided ones make steps
 * @param pinOf the cavity behind a line's end, with its wire
 * @param units  in which lengths, sizes and temperatures are told
 * @param solved what the solved plan gives at a cavity; a step with voltage waits until it is known
 */
export function makeSteps(lines: readonly Line[], pinOf: (id: string) => PlannedPin | undefined, solved: SolvedVolts, units: Units = "metric"): Step[] {
  const decided = lines.filter((line) => line.state === "decided" && ![line.quantity, line.provider.quantity, line.consumer.quantity].includes("airbag")).flatMap((line) => {
    const [provider, consumer] = [pinOf(line.provider.id), pinOf(line.consumer.id)];
    return provider && consumer ? [{ line, provider, consumer }] : [];
  });
  if (decided.length === 0) return [];
  const grounds = decided.filter(({ line }) => line.consumer.kind === "ground");
  const feeds = decided.filter(({ line }) => line.consumer.kind === "supply-in");
  const signals = decided.filter(({ line }) => line.consumer.kind !== "ground");

  return [
    ...grounds.map((joint) => groundOhms(joint, units)),
    ...feeds.map(feedShort),
    ...signals.flatMap((joint) => [...continuity(joint, units), ...wireShort(joint), ...coil(joint)]),
    batteryAtRest(units),
    ...KEY_POSITIONS.flatMap((position) => feeds.flatMap((joint) => feedVolts(joint, position, solved, units))),
    ...grounds.flatMap((joint) => groundDrop(joint, "run", solved)),
    ...grounds.flatMap((joint) => groundDrop(joint, "crank", solved)),
  ];
}

/** Volts at a cavity in a key position, with their range; null where the plan has not been solved, or the cavity floats. */
export type SolvedVolts = (pinId: string, position: KeyPosition) => { readonly volts: number; readonly low: number; readonly high: number } | null;

interface Joint {
  readonly line: Line;
  readonly provider: PlannedPin;
  readonly consumer: PlannedPin;
}

export function probeAt(pin: PlannedPin): Probe {
  const place = pin.place === null || pin.place === "" ? "" : `, ${pin.place}`;
  return { pinId: pin.id, label: label(pin), side: pin.side, where: `${pin.connector}, cavity ${pin.cavity}${place}: ${pin.description ?? "no description"}. Back-probe, do not spread the terminal` };
}

/** Both ends' own wires in series, Ω; says whether a length or size had to be assumed. */
function pathOhms({ provider, consumer }: Joint): { ohms: number; assumed: boolean } {
  let assumed = false;
  const ohms = [provider, consumer].reduce((sum, pin) => {
    if (pin.lengthM === null || pin.sizeMm2 === null) assumed = true;
    return sum + wireOhms({ lengthM: pin.lengthM ?? ASSUMED_WIRE.lengthM, areaMm2: pin.sizeMm2 ?? ASSUMED_WIRE.areaMm2 });
  }, 0);
  return { ohms, assumed };
}

const assumption = (assumed: boolean, units: Units) => (assumed ? `; a length or size is not in the tables, so ${lengthText(ASSUMED_WIRE.lengthM, units)} of ${sizeWords(ASSUMED_WIRE.areaMm2, units)} is assumed for it` : "");

const atMost = (high: number, nominal: number, unit: "Ω" | "V", stopAbove: number | null = null): Expected =>
  ({ unit, low: null, high, nominal, openIsRight: false, stopBelow: null, stopAbove });

function groundOhms(joint: Joint, units: Units): Step {
  const { ohms, assumed } = pathOhms(joint);
  return {
    key: `ground-ohms:${joint.line.key}`, kind: "ground-ohms", group: "Before power", title: `Ground ${label(joint.consumer)} to the battery's negative`,
    red: probeAt(joint.consumer), black: BATTERY_NEGATIVE, meter: OHMS_METER, keyState: "battery off", caution: "battery-off", lineKey: joint.line.key,
    expected: atMost(round(ohms + LEADS_OHMS), round(ohms), "Ω"),
    why: `Its wires are ${plainOhms(ohms)} by length and size, and the leads may add ${LEADS_OHMS} Ω${assumption(assumed, units)}. Everything after this leans on it.`,
    stopFor: "An open ground: the computer would look for another way back, through a sensor.",
  };
}

function feedShort(joint: Joint): Step {
  const amps = numberParam(joint.consumer.params, "amps");
  const least = amps === null || amps === 0 ? 5 : round(6 / amps);
  return {
    key: `feed-short:${joint.line.key}`, kind: "feed-short", group: "Before power", title: `Feed ${label(joint.consumer)} is not shorted to ground`,
    red: probeAt(joint.consumer), black: BATTERY_NEGATIVE, meter: "Ohms, middle range; its plug joined, its fuse out", keyState: "battery off", caution: "battery-off", lineKey: joint.line.key,
    expected: { unit: "Ω", low: least, high: null, nominal: null, openIsRight: true, stopBelow: 1, stopAbove: null },
    why: amps === null ? "Its current is not in the tables, so 5 Ω is assumed as the least" : `Half of 12 V over its ${plain(amps)} A: a lower reading would draw more than twice what it may`,
    stopFor: "Below 1 Ω: do not connect the battery until the short is found.",
  };
}

function continuity(joint: Joint, units: Units): Step[] {
  if (!joint.line.adapters.every((adapter) => COPPER_THROUGH.has(adapter.type))) return [];
  const { ohms, assumed } = pathOhms(joint);
  return [{
    key: `continuity:${joint.line.key}`, kind: "continuity", group: "Before power", title: `Continuity ${label(joint.provider)} to ${label(joint.consumer)}`,
    red: probeAt(joint.provider), black: probeAt(joint.consumer), meter: OHMS_METER, keyState: "battery off", caution: "battery-off", lineKey: joint.line.key,
    expected: atMost(round(ohms + LEADS_OHMS), round(ohms), "Ω"),
    why: `Copper alone: ${plainOhms(ohms)} by length and size, and ${LEADS_OHMS} Ω for the leads${assumption(assumed, units)}`,
    stopFor: "A reading that changes when the harness is moved.",
  }];
}

/** A signal wire against ground, its plugs apart at both ends; a feed has been measured already, with its load. */
function wireShort(joint: Joint): Step[] {
  if (joint.line.consumer.kind === "supply-in" || joint.line.adapters.some((adapter) => adapter.type !== "calibration")) return [];
  return [{
    key: `wire-short:${joint.line.key}`, kind: "wire-short", group: "Before power", title: `Wire ${label(joint.provider)} to ${label(joint.consumer)} is not shorted to ground`,
    red: probeAt(joint.consumer), black: BATTERY_NEGATIVE, meter: "Ohms, highest range; the plugs apart at both ends", keyState: "battery off", caution: "battery-off", lineKey: joint.line.key,
    expected: { unit: "Ω", low: 10_000, high: null, nominal: null, openIsRight: true, stopBelow: null, stopAbove: null },
    why: "With both plugs apart nothing leads to ground; damp may read some tens of kΩ (10 kΩ is assumed as the least)",
    stopFor: "A low reading: a wire that is chafed through, or in a wrong cavity.",
  }];
}

function coil(joint: Joint): Step[] {
  const step = joint.line.adapters.find((adapter) => adapter.type === "relay");
  if (step === undefined || typeof step.coilOhms !== "number") return [];
  const ohms = step.coilOhms;
  const driver = joint.line.consumer.kind === "supply-in" && joint.line.adapters.length === 1 ? joint.consumer : joint.provider;
  const across = driver === joint.provider && joint.provider.kind !== "low-side-out" ? "86 at the provider, 85 at ground" : "85 at the driver, 86 at the feed";
  return [{
    key: `coil:${joint.line.key}`, kind: "coil", group: "Before power", title: `Relay coil for ${label(joint.consumer)}`,
    red: { ...probeAt(joint.provider), label: "Coil 86", where: `The relay's socket, terminal 86 (${across})` }, black: { ...probeAt(joint.provider), label: "Coil 85", where: "The relay's socket, terminal 85" },
    meter: "Ohms, 200 Ω range; the relay fitted", keyState: "battery off", caution: "battery-off", lineKey: joint.line.key,
    expected: { unit: "Ω", low: round(ohms * 0.85), high: round(ohms * 1.15), nominal: ohms, openIsRight: false, stopBelow: round(ohms * 0.5), stopAbove: null },
    why: `The coil planned is ${plainOhms(ohms)}; ±15 % covers parts and temperature`,
    stopFor: `Below ${plain(ohms * 0.5)} Ω: the driver would carry more than it may.`,
  }];
}

function batteryAtRest(units: Units): Step {
  return {
    key: "battery", kind: "battery", group: "First power", title: "Battery at rest", red: BATTERY_POSITIVE, black: BATTERY_NEGATIVE, meter: `${VOLTS_METER}; only the computer's fuse fitted, the fuel pump's out`, keyState: "off", caution: "first-power", lineKey: null,
    expected: { unit: "V", low: 12.2, high: 12.9, nominal: 12.6, openIsRight: false, stopBelow: 11.8, stopAbove: 15 },
    why: `A lead-acid battery at rest reads 12.6 V charged and 12.2 V half charged (assumed: ${temperatureText(20, units)}); every reading after this is told from it`,
    stopFor: "Below 11.8 V: charge it first. Above 15 V: not a 12 V battery.",
  };
}

/** A dead feed may show what leaks through a lamp or a coil, V. */
const DEAD_VOLTS = 0.3;
/** What the uncertain inputs are, over which the solved plan's range is taken (core/power/tables/expected.ts). */
const range = (units: Units) => `battery 60 to 100 % charged at ${temperatureText(5, units)} to ${temperatureText(30, units)}, joints of 0.5 to 4 mΩ, everything on or nothing`;

function feedVolts(joint: Joint, position: KeyPosition, solved: SolvedVolts, units: Units): Step[] {
  const wanted = aliveOf(joint.consumer) ?? aliveOf(joint.provider);
  const volts = solved(joint.consumer.id, position);
  if (wanted === null || wanted === "relay" || volts === null) return [];
  const alive = livesIn(wanted).includes(position);
  // What the feed gives beyond the need was weighed when the link was judged; only the need and key-off are proved.
  if (!alive && position !== "off" && livesIn(aliveOf(joint.provider)).includes(position)) return [];
  const least = numberParam(joint.consumer.params, "minVolts") ?? 0;
  const name = position === "crank" ? "while cranking" : position === "off" ? "with the key off" : `in ${position}`;
  // Where the plan itself would leave it dead, the proof asks for what it must have.
  const fails = alive && volts.volts < Math.max(least, DEAD_VOLTS);
  const low = fails ? Math.max(least, LEAST_LIVE[position]) : Math.max(least, volts.low);
  // Loads are solved at what their tables state; one that sleeps takes less, and the feed stands nearer to the battery. While cranking the battery itself is down.
  const high = fails || position !== "crank" ? Math.max(volts.high, BATTERY_VOLTS) : volts.high;
  const solvedText = `the solved plan gives ${volts.volts.toFixed(1)} V`;
  return [{
    key: `feed-${position}:${joint.line.key}`, kind: "feed-volts", group: "First power", title: `Feed ${label(joint.consumer)} ${alive ? "lives" : "is dead"} ${name}`,
    red: probeAt(joint.consumer), black: BATTERY_NEGATIVE, meter: VOLTS_METER, keyState: position, caution: position === "crank" ? "crank" : "first-power", lineKey: joint.line.key,
    expected: alive
      ? { unit: "V", low: tenth(low), high: tenth(high), nominal: tenth(fails ? BATTERY_VOLTS : volts.volts), openIsRight: false, stopBelow: position === "crank" ? Math.max(8, least) : null, stopAbove: 15 }
      : { unit: "V", low: null, high: DEAD_VOLTS, nominal: 0, openIsRight: false, stopBelow: null, stopAbove: null },
    why: alive
      ? (fails ? `It must live here (${wanted}), and ${solvedText}: the plan itself is wrong here, see Power` : `It must live here (${wanted}): ${solvedText}, ${volts.low.toFixed(1)} to ${volts.high.toFixed(1)} V with a ${range(units)}${position === "crank" ? "" : `; nearer to the battery's ${BATTERY_VOLTS} V while loads sleep`}`)
      : `It must be dead here (${wanted}): ${solvedText}; up to ${DEAD_VOLTS} V may leak`,
    stopFor: alive ? (position === "crank" ? `Below ${plain(Math.max(8, least))} V: the computer resets; do not crank on.` : "Smoke, heat or a fuse that blows: battery off.") : "Battery voltage here: something feeds back; find the path first.",
  }];
}

/** A full battery at rest, V, and what a live feed has at least in each position. */
const BATTERY_VOLTS = 12.9;
const LEAST_LIVE: Readonly<Record<KeyPosition, number>> = { off: 12, accessory: 11.5, run: 11, crank: 9 };

/** More than this on a ground shifts sensors, V; below the least, a meter's own noise is as large. */
const GROUND_VOLTS = { run: { most: 0.2, least: 0.05 }, crank: { most: 0.5, least: 0.1 } } as const;

function groundDrop(joint: Joint, key: "run" | "crank", solved: SolvedVolts): Step[] {
  const volts = solved(joint.consumer.id, key);
  if (volts === null) return [];
  const { most, least } = GROUND_VOLTS[key];
  const high = Math.min(most, Math.max(least, hundredth(Math.abs(volts.high))));
  return [{
    key: `ground-drop-${key}:${joint.line.key}`, kind: "ground-drop", group: "Grounds under load", title: `Ground ${label(joint.consumer)} ${key === "run" ? "in run" : "while cranking"}`,
    red: probeAt(joint.consumer), black: BATTERY_NEGATIVE, meter: "Volts DC, 2 V range", keyState: key as KeyState, caution: key === "crank" ? "crank" : "first-power", lineKey: joint.line.key,
    expected: atMost(high, hundredth(volts.volts), "V", key === "crank" ? 1 : 0.5),
    why: `The solved plan gives ${(1000 * volts.volts).toFixed(0)} mV with everything on${key === "crank" ? " and the starter turning" : ""}; more than ${(1000 * high).toFixed(0)} mV is a poor joint or somebody else's current`,
    stopFor: key === "crank" ? "Above 1 V: the starter's current returns through the harness. Stop." : "Above 0.5 V: a ground is open.",
  }];
}

const round = (value: number) => Number(value.toPrecision(2));
const tenth = (value: number) => Number(value.toFixed(1));
const hundredth = (value: number) => Number(value.toFixed(2));
