import type { SignalPin } from "../signals";

/** A place for a probe: a cavity, or the battery's own post. */
export interface Probe {
  readonly pinId: string | null;
  readonly label: string;
  readonly side: "donor" | "host" | "battery";
  readonly where: string;
}

export type KeyState = "battery off" | "off" | "accessory" | "run" | "crank";

export interface Expected {
  readonly unit: "Ω" | "V";
  /** Null: no lower or no upper limit. */
  readonly low: number | null;
  readonly high: number | null;
  /** What a sound circuit reads most likely; null where only a limit makes sense. */
  readonly nominal: number | null;
  /** An open circuit (OL) is right. */
  readonly openIsRight: boolean;
  /** Beyond this: stop, do not go on. */
  readonly stopBelow: number | null;
  readonly stopAbove: number | null;
}

export type StepGroup = "Before power" | "First power" | "Grounds under load";

/** One check: where both probes go, what to set, what to expect and why, and what to stop for. */
export interface Step {
  readonly key: string;
  readonly group: StepGroup;
  readonly title: string;
  readonly red: Probe;
  readonly black: Probe;
  readonly meter: string;
  readonly keyState: KeyState;
  readonly expected: Expected;
  readonly why: string;
  readonly stopFor: string;
  /** Keys of {@link CAUTIONS}. */
  readonly caution: CautionKey;
  /** Line that the step proves, for finding what it shares with others. */
  readonly lineKey: string | null;
  readonly kind: "battery" | "ground-ohms" | "feed-short" | "continuity" | "wire-short" | "coil" | "feed-volts" | "ground-drop";
}

export type CautionKey = "battery-off" | "first-power" | "crank";

/** In plain words; they defer to makers' procedures, local law and licensed practice. */
export const CAUTIONS: Readonly<Record<CautionKey, string>> = {
  "battery-off": "Both battery leads off, the negative first, and kept away from the posts. Never put a meter on airbag or pretensioner circuits. Follow the makers' procedures.",
  "first-power": "Only the computer's fuse is fitted and the fuel pump's is out. A hand on the battery's isolator; no fuel vapour, no rings or bracelets near the posts, extinguisher in reach. Follow the makers' procedures.",
  crank: "The engine turns. Hands, hair and leads clear of belts and fan, gearbox in Park or neutral, wheels chocked, nobody under the vehicle, fuel pump's fuse out. Follow the makers' procedures.",
};

export interface Judgement {
  readonly value: number | null;
  readonly outcome: "pass" | "fail" | "stop";
  readonly verdict: string;
}

/** A likely cause of a failed step, the likeliest first, and where to put the probe next. */
export interface Cause {
  readonly text: string;
  readonly because: string;
  readonly next: string;
  /** Share of the belief among those listed, 0 … 1. */
  readonly share: number;
}

export interface PlannedPin extends SignalPin {
  readonly lengthM: number | null;
  readonly place: string | null;
  readonly description: string | null;
}
