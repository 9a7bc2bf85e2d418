import type { Line } from "../plan";
import { pointOf } from "../signals";
import type { KeyPosition } from "../state";
import { USUAL_WIRE, wireOhms } from "../wire";
import type { Expected, PlannedPin, Probe, Step, StepSubject } from "./types";

/** A line of the map with both of its cavities. */
export interface Joint {
  readonly line: Line;
  readonly provider: PlannedPin;
  readonly consumer: PlannedPin;
}

/**
 * Volts at a cavity in a key position, with their range; null where the plan has not been solved, or the cavity floats.
 */
export type SolvedVolts = (
  pinId: string,
  position: KeyPosition,
) => { readonly volts: number; readonly low: number; readonly high: number } | null;

/** What every step about one thing has: its subject, and the line that it proves. */
export interface Subject {
  /** Names it in the keys of its steps. */
  readonly name: string;
  readonly about: StepSubject;
  readonly lineKey: string | null;
}

export const linkSubject = ({ line, provider, consumer }: Joint): Subject => ({
  name: line.key,
  about: {
    type: "link",
    provider: pointOf(provider),
    consumer: pointOf(consumer),
    proposed: line.state === "proposed",
  },
  lineKey: line.key,
});

/** A ground with its own copper, linked or not. */
export interface Ground {
  readonly subject: Subject;
  readonly pin: PlannedPin;
  /** The cavities whose wires lie between it and the battery, as far as they are known. */
  readonly way: readonly PlannedPin[];
}

export const subjectFields = ({ about, lineKey }: Subject) => ({ about, lineKey });
export const beforePower = { group: "before-power", keyState: "battery-off", caution: "battery-off" } as const;

export const probeAt = (pin: PlannedPin): Probe => ({
  at: pointOf(pin),
  place: pin.place === "" ? null : pin.place,
  description: pin.description,
});
export const poleProbe = (pole: "plus" | "minus"): Probe => ({
  at: { type: "pole", pole },
  place: null,
  description: null,
});
export const BATTERY_NEGATIVE = poleProbe("minus");

export const atMost = (high: number, nominal: number, unit: "Ω" | "V", stopAbove: number | null = null): Expected => ({
  unit,
  low: null,
  high,
  nominal,
  openIsRight: false,
  stopBelow: null,
  stopAbove,
});

/** What the meter's leads have at most, Ω: more is a poor plug or probe. */
export const LEADS_OHMS = 0.3;

/** Copper between two points: what the wires of the cavities on the way have, and what the leads may add. */
export function copper(way: readonly PlannedPin[]): Pick<Step, "expected" | "basis" | "meter"> {
  const ohms = way.reduce(
    (sum, pin) =>
      sum + wireOhms({ lengthM: pin.lengthM ?? USUAL_WIRE.lengthM, areaMm2: pin.sizeMm2 ?? USUAL_WIRE.areaMm2 }),
    0,
  );
  return {
    meter: "lowest-ohms",
    expected: atMost(twoDigits(ohms + LEADS_OHMS), twoDigits(ohms), "Ω"),
    basis: {
      type: "wires",
      ohms,
      leads: { ohms: LEADS_OHMS, read: false },
      assumed: way.some((pin) => pin.lengthM === null || pin.sizeMm2 === null),
    },
  };
}

export const twoDigits = (value: number) => Number(value.toPrecision(2));
export const tenth = (value: number) => Math.round(value * 10) / 10;
export const hundredth = (value: number) => Math.round(value * 100) / 100;
