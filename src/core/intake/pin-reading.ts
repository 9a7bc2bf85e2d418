import type { Kind, Quantity } from "../forms";
import type { Reading } from "./concepts";
import type { IntakeReason } from "./reasons";

/** The part of a pin-table row that its meaning is read from. */
export interface DescribedPin {
  readonly connector: string;
  readonly cavity: string;
  readonly description: string | null;
}

/** A reading with how far to trust it. Of the guesses at ≥ 0.9 at least 95 % are meant to be right. */
export interface Guess<T> {
  readonly value: T;
  /** 0 … 1. From 0.5 a guess counts as known; below, people see `unknown`. */
  readonly confidence: number;
  readonly why: IntakeReason;
}

export interface PinReading {
  readonly kind: Guess<Kind>;
  readonly quantity: Guess<Quantity | null>;
  /** Cylinder, bank or bus-wire number read from the words, or null. */
  readonly index: string | null;
}

/** From this confidence a guess is taken as known (contracts/pin-table.md). */
export const KNOWN_FROM = 0.5;

/** A confidence as it is told: to hundredths, and never certain. */
export const round = (value: number) => Math.round(Math.min(0.99, value) * 100) / 100;

/** What the place alone tells of a row. */
export const told = (value: Kind, quantity: Quantity | null, why: IntakeReason): PinReading => ({
  kind: { value, confidence: 0.75, why },
  quantity: { value: quantity, confidence: quantity === null ? 0.3 : 0.55, why },
  index: null,
});

export function nothing(why: IntakeReason, reading: Reading): PinReading {
  return {
    kind: { value: "unknown", confidence: 0.2, why },
    quantity: { value: null, confidence: 0.2, why },
    index: reading.index,
  };
}
