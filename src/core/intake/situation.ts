import type { Kind, Quantity, Side } from "../forms";
import type { Place } from "./data/places";
import type { FormReason } from "./reasons";

/** What is known of a row when its electrical form is to be told. */
export interface Situation {
  readonly quantity: Quantity;
  readonly place: Place;
  readonly concepts: ReadonlySet<string>;
  /** What the connector's own name speaks of. */
  readonly label: ReadonlySet<string>;
  readonly side: Side;
}

export interface KindGuess {
  readonly kind: Kind;
  /** How sure, 0 … 1, given that the quantity is right. */
  readonly sure: number;
  readonly why: FormReason;
}

export const guess = (kind: Kind, sure: number, why: FormReason): KindGuess => ({ kind, sure, why });

/** Whether the row's words speak of any of these. */
export const says = (at: Situation, ...words: string[]) => words.some((word) => at.concepts.has(word));
/** A pair of forms at an in-line plug: what leaves the table's own side is `-out`. */
export const leaving = (at: Situation, madeAt: "engine" | "body") => (madeAt === "engine") === (at.side === "donor");
export const isOutput = (at: Situation) => says(at, "out") || (says(at, "to") && !says(at, "in", "from"));
export const isInput = (at: Situation) => says(at, "in", "input", "from") && !says(at, "out");
