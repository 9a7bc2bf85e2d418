import { fieldOf } from "../forms";
import type { Line } from "../plan";
import { aliveOf, pointOf } from "../signals";
import { DEAD_VOLTS, type KeyPosition, liveIn } from "../state";
import { USUAL_WIRE, wireOhms } from "../wire";
import type { Expected, PlannedPin, Probe, Step, StepState } from "./types";

/** What a meter's leads have at most, Ω: more is a poor plug or probe. */
const LEADS_OHMS = 0.3;

const poleProbe = (pole: "plus" | "minus"): Probe => ({ at: { type: "pole", pole }, place: null, description: null });
const BATTERY_NEGATIVE = poleProbe("minus");

/** Adapters through which copper runs from end to end, so that continuity can be measured across the link. */
const COPPER_THROUGH: ReadonlySet<string> = new Set(["pull-up", "pull-down", "flyback-diode", "calibration"]);

/** Key positions in the order in which the feeds are read. */
const READ_IN = ["off", "accessory", "run", "crank"] as const satisfies readonly KeyPosition[];
type ReadPosition = (typeof READ_IN)[number];

/**
 * Volts at a cavity in a key position, with their range; null where the plan has not been solved, or the cavity floats.
 */
export type SolvedVolts = (
  pinId: string,
  position: KeyPosition,
) => { readonly volts: number; readonly low: number; readonly high: number } | null;

interface Joint {
  readonly line: Line;
  readonly provider: PlannedPin;
  readonly consumer: PlannedPin;
}

/**
 * The first-power sheet of a plan: every check that its decided links need, in an order in which no check depends on
 * one
 * not yet made: grounds, then shorts, then continuity, all without a battery; then the battery, then each feed with the
 * key going forward; last the grounds while current flows.
 *
 * Airbag circuits are never probed: a line of theirs makes no step.
 *
 * @param lines  the map's lines; only decided ones make steps
 * @param pinOf  the cavity behind a line's end, with its wire
 * @param solved what the solved plan gives at a cavity; a step with voltage waits until it is known
 */
export function makeSteps(
  lines: readonly Line[],
  pinOf: (id: string) => PlannedPin | undefined,
  solved: SolvedVolts,
): Step[] {
  const decided = lines
    .filter(
      (line) =>
        line.state === "decided" && ![line.quantity, line.provider.quantity, line.consumer.quantity].includes("airbag"),
    )
    .flatMap((line): Joint[] => {
      const [provider, consumer] = [pinOf(line.provider.id), pinOf(line.consumer.id)];
      return provider && consumer ? [{ line, provider, consumer }] : [];
    });
  if (decided.length === 0) return [];
  // What is measured first is the meter itself.
  const ofKind = (kind: string) => decided.filter(({ line }) => line.consumer.form.kind === kind);
  const [grounds, feeds] = [ofKind("ground"), ofKind("supply-in")];
  const signals = decided.filter(({ line }) => line.consumer.form.kind !== "ground");
  return [
    leads(),
    ...grounds.map(groundOhms),
    ...feeds.map(feedShort),
    ...signals.flatMap((joint) => [...continuity(joint), ...wireShort(joint), ...coil(joint)]),
    batteryAtRest(),
    ...READ_IN.flatMap((position) => feeds.flatMap((joint) => feedVolts(joint, position, solved))),
    ...grounds.flatMap((joint) => groundDrop(joint, "run", solved)),
    ...grounds.flatMap((joint) => groundDrop(joint, "crank", solved)),
  ];
}

const probeAt = (pin: PlannedPin): Probe => ({
  at: pointOf(pin),
  place: pin.place === "" ? null : pin.place,
  description: pin.description,
});

/** What every step of a link has. */
const ofJoint = ({ line, provider, consumer }: Joint) => ({
  link: { provider: pointOf(provider), consumer: pointOf(consumer) },
  lineKey: line.key,
});
const beforePower = { group: "before-power", keyState: "battery-off", caution: "battery-off" } as const;

/** Both ends' own wires in series, Ω; says whether a length or size had to be assumed. */
function pathOhms({ provider, consumer }: Joint): { readonly ohms: number; readonly assumed: boolean } {
  const ends = [provider, consumer];
  const ohms = ends.reduce(
    (sum, pin) =>
      sum + wireOhms({ lengthM: pin.lengthM ?? USUAL_WIRE.lengthM, areaMm2: pin.sizeMm2 ?? USUAL_WIRE.areaMm2 }),
    0,
  );
  return { ohms, assumed: ends.some((pin) => pin.lengthM === null || pin.sizeMm2 === null) };
}

const atMost = (high: number, nominal: number, unit: "Ω" | "V", stopAbove: number | null = null): Expected => ({
  unit,
  low: null,
  high,
  nominal,
  openIsRight: false,
  stopBelow: null,
  stopAbove,
});

/** Copper between two points: what its wires have, and what the leads may add. */
function copper(joint: Joint): Pick<Step, "expected" | "basis" | "meter"> {
  const { ohms, assumed } = pathOhms(joint);
  return {
    meter: "lowest-ohms",
    expected: atMost(round(ohms + LEADS_OHMS), round(ohms), "Ω"),
    basis: { type: "wires", ohms, leads: { ohms: LEADS_OHMS, read: false }, assumed },
  };
}

const groundOhms = (joint: Joint): Step => ({
  ...ofJoint(joint),
  ...beforePower,
  ...copper(joint),
  key: `ground-ohms:${joint.line.key}`,
  kind: "ground-ohms",
  red: probeAt(joint.consumer),
  black: BATTERY_NEGATIVE,
});

function leads(): Step {
  return {
    ...beforePower,
    key: LEADS_STEP,
    kind: "leads",
    link: null,
    lineKey: null,
    red: { at: { type: "other-probe" }, place: null, description: null },
    black: { at: { type: "other-probe" }, place: null, description: null },
    meter: "lowest-ohms",
    expected: atMost(LEADS_OHMS, 0.2, "Ω"),
    basis: { type: "leads", mostOhms: LEADS_OHMS },
  };
}
/** What crimps and terminals on the way may add once the leads are known, Ω. */
const JOINTS_OHMS = 0.05;

/**
 * The step as the meter will show it with its leads known: copper reads its wires and the leads, and little more.
 * Other steps are as they were.
 * @param leadsOhms what the leads themselves read, Ω; null while nobody has, and {@link LEADS_OHMS} is allowed for
 */
export function withLeads(step: Step, leadsOhms: number | null): Step {
  const { basis } = step;
  if (leadsOhms === null || basis.type !== "wires") return step;
  return {
    ...step,
    expected: atMost(round(basis.ohms + leadsOhms + JOINTS_OHMS), round(basis.ohms + leadsOhms), "Ω"),
    basis: { ...basis, leads: { ohms: leadsOhms, read: true } },
  };
}

/** The step at which the leads themselves are read. */
export const LEADS_STEP = "leads";

/** Of more than this nothing is left between what is connected and a short that ohms could tell, A. */
const TELLING_AMPS = 2;
/** A cold lamp has a tenth of what it has at its current; what is less than that is shorted. */
const LEAST_PART = 0.1;
const RATED_VOLTS = 12;

/**
 * A feed against ground. With a small load it is read as connected: the load's own ohms, at the least a tenth of them.
 * What takes more, or nobody knows how much, is read unplugged on the highest range: a starter's cable would pass at
 * 0.3 Ω with a dead short behind it.
 */
function feedShort(joint: Joint): Step {
  const amps = fieldOf(joint.consumer.form, "amps");
  const step = {
    ...ofJoint(joint),
    ...beforePower,
    key: `feed-short:${joint.line.key}`,
    kind: "feed-short",
    red: probeAt(joint.consumer),
    black: BATTERY_NEGATIVE,
  } as const;
  if (amps === null || amps === 0 || amps > TELLING_AMPS)
    return {
      ...step,
      meter: "highest-ohms-unplugged",
      expected: isolated(),
      basis: { type: "unplugged-feed", amps, leastOhms: LEAST_OPEN_OHMS },
    };
  const ohms = RATED_VOLTS / amps;
  const leastOhms = round(LEAST_PART * ohms);
  return {
    ...step,
    meter: "middle-ohms-plugged",
    expected: {
      unit: "Ω",
      low: leastOhms,
      high: null,
      nominal: round(ohms),
      openIsRight: true,
      stopBelow: leastOhms,
      stopAbove: null,
    },
    basis: { type: "load", amps, ohms, leastOhms },
  };
}

/** Nothing leads to ground: an open circuit, or as many ohms as damp leaves. */
const isolated = (): Expected => ({
  unit: "Ω",
  low: LEAST_OPEN_OHMS,
  high: null,
  nominal: null,
  openIsRight: true,
  stopBelow: LEAST_OPEN_OHMS,
  stopAbove: null,
});

function continuity(joint: Joint): Step[] {
  if (!joint.line.adapters.every((adapter) => COPPER_THROUGH.has(adapter.type))) return [];
  return [
    {
      ...ofJoint(joint),
      ...beforePower,
      ...copper(joint),
      key: `continuity:${joint.line.key}`,
      kind: "continuity",
      red: probeAt(joint.provider),
      black: probeAt(joint.consumer),
    },
  ];
}

/** Damp may read some tens of kΩ: less than this is a short, Ω (our assumption). */
const LEAST_OPEN_OHMS = 10_000;

/** A signal wire against ground, unplugged at both ends; a feed has been measured already, with its load. */
function wireShort(joint: Joint): Step[] {
  if (
    joint.line.consumer.form.kind === "supply-in" ||
    joint.line.adapters.some((adapter) => adapter.type !== "calibration")
  )
    return [];
  return [
    {
      ...ofJoint(joint),
      ...beforePower,
      key: `wire-short:${joint.line.key}`,
      kind: "wire-short",
      red: probeAt(joint.consumer),
      black: BATTERY_NEGATIVE,
      meter: "highest-ohms-unplugged",
      expected: { ...isolated(), stopBelow: null },
      basis: { type: "unplugged", leastOhms: LEAST_OPEN_OHMS },
    },
  ];
}

/** By how much a coil may differ from its rated resistance: parts and temperature. */
const COIL_TOLERANCE = 0.15;

function coil(joint: Joint): Step[] {
  const { line, provider, consumer } = joint;
  const relay = line.adapters.find((adapter) => adapter.type === "relay");
  if (relay?.type !== "relay" || relay.coilOhms === null) return [];
  const ohms = relay.coilOhms;
  const byConsumer = line.consumer.form.kind === "supply-in" && line.adapters.length === 1;
  const toGround = !byConsumer && provider.form.kind !== "low-side-out";
  const terminal = (name: "85" | "86", other: "ground" | "driver" | "feed"): Probe => ({
    ...probeAt(byConsumer ? consumer : provider),
    at: { type: "relay-terminal", terminal: name, other },
  });
  return [
    {
      ...ofJoint(joint),
      ...beforePower,
      key: `coil:${line.key}`,
      kind: "coil",
      red: terminal("86", "feed"),
      black: terminal("85", toGround ? "ground" : "driver"),
      meter: "coil-ohms",
      expected: {
        unit: "Ω",
        low: round(ohms * (1 - COIL_TOLERANCE)),
        high: round(ohms * (1 + COIL_TOLERANCE)),
        nominal: ohms,
        openIsRight: false,
        stopBelow: round(ohms * 0.5),
        stopAbove: null,
      },
      basis: { type: "coil", ohms, tolerance: COIL_TOLERANCE },
    },
  ];
}

/** A lead-acid battery at rest: half charged and full, and what is no 12 V battery at all, V. */
const REST = { low: 12.2, high: 12.9, nominal: 12.6, stopBelow: 11.8, stopAbove: 15 } as const;

function batteryAtRest(): Step {
  return {
    key: "battery",
    kind: "battery",
    group: "first-power",
    link: null,
    lineKey: null,
    red: poleProbe("plus"),
    black: BATTERY_NEGATIVE,
    meter: "dc-20v-first-power",
    keyState: "off",
    caution: "first-power",
    expected: { unit: "V", openIsRight: false, ...REST },
    basis: { type: "battery" },
  };
}

/** What a live feed has at least in each position, V, where the plan itself would leave it dead. */
const LEAST_LIVE: Readonly<Record<ReadPosition, number>> = { off: 12, accessory: 11.5, run: 11, crank: 9 };
/** What a computer works down to while cranking, V, where its table does not say it. */
const USUAL_CRANK_VOLTS = 6;

function feedVolts(joint: Joint, position: ReadPosition, solved: SolvedVolts): Step[] {
  const { provider, consumer, line } = joint;
  const wanted = aliveOf(consumer) ?? aliveOf(provider);
  const volts = solved(consumer.id, position);
  if (wanted === null || wanted === "relay" || volts === null) return [];
  const live = liveIn(wanted).includes(position);
  // What the feed supplies beyond the need was weighed when the link was judged; only the need and key-off are proved.
  if (!live && position !== "off" && liveIn(aliveOf(provider)).includes(position)) return [];
  const step = {
    ...ofJoint(joint),
    key: `feed-${position}:${line.key}`,
    kind: "feed-volts",
    group: "first-power",
    red: probeAt(consumer),
    black: BATTERY_NEGATIVE,
    meter: "dc-20v",
    keyState: position,
    caution: position === "crank" ? "crank" : "first-power",
  } as const;
  if (!live) {
    return [
      {
        ...step,
        expected: {
          unit: "V",
          low: null,
          high: DEAD_VOLTS,
          nominal: 0,
          openIsRight: false,
          stopBelow: null,
          stopAbove: null,
        },
        basis: { type: "dead", alive: wanted, volts: volts.volts, mostVolts: DEAD_VOLTS },
      },
    ];
  }
  const least = fieldOf(consumer.form, "minVolts") ?? 0;
  // Where the plan itself would leave it dead, the proof asks for what it must have.
  const planFails = volts.volts < Math.max(least, DEAD_VOLTS);
  // While cranking a computer's own least counts, and not what the plan makes of a good battery.
  const low =
    position === "crank"
      ? least || USUAL_CRANK_VOLTS
      : planFails
        ? Math.max(least, LEAST_LIVE[position])
        : Math.max(least, volts.low);
  // Loads are solved at what their tables state; one that sleeps takes less, and the feed stands nearer to the battery.
  // While cranking the battery itself is down.
  const high = planFails || position !== "crank" ? Math.max(volts.high, REST.high) : volts.high;
  return [
    {
      ...step,
      expected: {
        unit: "V",
        low: tenth(low),
        high: tenth(high),
        nominal: tenth(planFails ? REST.high : volts.volts),
        openIsRight: false,
        stopBelow: position === "crank" && least > 0 ? least : null,
        stopAbove: REST.stopAbove,
      },
      basis: { type: "live", alive: wanted, ...volts, planFails, batteryVolts: REST.high },
    },
  ];
}

/**
 * More than `most` on a ground shifts sensors, V; below `least` a meter's own noise is as large; above `stop` a ground
 * is open.
 */
const GROUND_VOLTS = { run: { most: 0.2, least: 0.05, stop: 0.5 }, crank: { most: 0.5, least: 0.1, stop: 1 } } as const;

function groundDrop(joint: Joint, key: Extract<StepState, "run" | "crank">, solved: SolvedVolts): Step[] {
  const volts = solved(joint.consumer.id, key);
  if (volts === null) return [];
  const { most, least, stop } = GROUND_VOLTS[key];
  const high = Math.min(most, Math.max(least, hundredth(Math.abs(volts.high))));
  return [
    {
      ...ofJoint(joint),
      key: `ground-drop-${key}:${joint.line.key}`,
      kind: "ground-drop",
      group: "grounds-under-load",
      red: probeAt(joint.consumer),
      black: BATTERY_NEGATIVE,
      meter: "dc-2v",
      keyState: key,
      caution: key === "crank" ? "crank" : "first-power",
      expected: atMost(high, hundredth(volts.volts), "V", stop),
      basis: { type: "drop", volts: volts.volts, mostVolts: high },
    },
  ];
}

const round = (value: number) => Number(value.toPrecision(2));
const tenth = (value: number) => Math.round(value * 10) / 10;
const hundredth = (value: number) => Math.round(value * 100) / 100;
