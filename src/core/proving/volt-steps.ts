import { fieldOf } from "../forms";
import { aliveOf } from "../signals";
import { DEAD_VOLTS, type KeyPosition, liveIn } from "../state";
import {
  atMost,
  BATTERY_NEGATIVE,
  type Ground,
  hundredth,
  type Joint,
  linkSubject,
  poleProbe,
  probeAt,
  type SolvedVolts,
  subjectFields,
  tenth,
} from "./step-parts";
import type { Step, StepState } from "./types";

/** Key positions in the order in which the feeds are read. */
export const READ_IN = ["off", "accessory", "run", "crank"] as const satisfies readonly KeyPosition[];
export type ReadPosition = (typeof READ_IN)[number];

/** A lead-acid battery at rest: half charged and full, and what is no 12 V battery at all, V. */
const REST = { low: 12.2, high: 12.9, nominal: 12.6, stopBelow: 11.8, stopAbove: 15 } as const;

export function batteryAtRest(): Step {
  return {
    key: "battery",
    kind: "battery",
    group: "first-power",
    about: { type: "job" },
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

/** When a relay's feed is looked at: where the plan pulls it in. Of other positions no table says anything. */
const RELAY_POSITIONS: readonly KeyPosition[] = ["run", "crank"];

/** A feed in one key position: live where it must be, dead with the key off where it must be dead. */
export function feedVolts(joint: Joint, position: ReadPosition, solved: SolvedVolts): Step[] {
  const { provider, consumer, line } = joint;
  const wanted = aliveOf(consumer) ?? aliveOf(provider);
  const volts = solved(consumer.id, position);
  if (wanted === null || volts === null) return [];
  const byRelay = wanted === "relay";
  const live = byRelay
    ? RELAY_POSITIONS.includes(position) && volts.volts > DEAD_VOLTS
    : liveIn(wanted).includes(position);
  // What the feed supplies beyond the need was weighed when the link was judged; only the need and key-off are proved.
  if (!live && position !== "off" && (byRelay || liveIn(aliveOf(provider)).includes(position))) return [];
  const step = {
    ...subjectFields(linkSubject(joint)),
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

/** What is lost on a ground while current flows, with the key in run or while cranking. */
export function groundDrop(
  { subject, pin }: Ground,
  key: Extract<StepState, "run" | "crank">,
  solved: SolvedVolts,
): Step[] {
  const volts = solved(pin.id, key);
  if (volts === null) return [];
  const { most, least, stop } = GROUND_VOLTS[key];
  const high = Math.min(most, Math.max(least, hundredth(Math.abs(volts.high))));
  return [
    {
      ...subjectFields(subject),
      key: `ground-drop-${key}:${subject.name}`,
      kind: "ground-drop",
      group: "grounds-under-load",
      red: probeAt(pin),
      black: BATTERY_NEGATIVE,
      meter: "dc-2v",
      keyState: key,
      caution: key === "crank" ? "crank" : "first-power",
      expected: atMost(high, hundredth(volts.volts), "V", stop),
      basis: { type: "drop", volts: volts.volts, mostVolts: high },
    },
  ];
}
