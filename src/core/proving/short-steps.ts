import { fieldOf } from "../forms";
import {
  BATTERY_NEGATIVE,
  beforePower,
  type Joint,
  linkSubject,
  probeAt,
  subjectFields,
  twoDigits,
} from "./step-parts";
import type { Expected, Step } from "./types";

/** Damp may read some tens of kΩ: less than this is a short, Ω (our assumption). */
const LEAST_OPEN_OHMS = 10_000;

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
export function feedShort(joint: Joint): Step {
  const amps = fieldOf(joint.consumer.form, "amps");
  const step = {
    ...subjectFields(linkSubject(joint)),
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
  const leastOhms = twoDigits(LEAST_PART * ohms);
  return {
    ...step,
    meter: "middle-ohms-plugged",
    expected: {
      unit: "Ω",
      low: leastOhms,
      high: null,
      nominal: twoDigits(ohms),
      openIsRight: true,
      stopBelow: leastOhms,
      stopAbove: null,
    },
    basis: { type: "load", amps, ohms, leastOhms },
  };
}

/** A signal wire against ground, unplugged at both ends; a feed has been measured already, with its load. */
export function wireShort(joint: Joint): Step[] {
  if (
    joint.line.consumer.form.kind === "supply-in" ||
    joint.line.adapters.some((adapter) => adapter.type !== "calibration")
  )
    return [];
  return [
    {
      ...subjectFields(linkSubject(joint)),
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
