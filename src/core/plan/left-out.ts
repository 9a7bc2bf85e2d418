import type { FormField, Quantity } from "../forms";
import type { SignalPin } from "../signals";
import type { Line } from "./lines";

/** What is never taken with others: a mistake there hurts someone, or stops the engine. */
const CAUTIONED: ReadonlySet<Quantity> = new Set<Quantity>([
  "airbag",
  "seat-belt",
  "anti-lock",
  "wheel-speed",
  "brake-switch",
  "fuel-pump",
  "starter-request",
  "starter-relay",
  "start-supply",
  "park-neutral",
  "clutch-switch",
  "main-relay",
  "security-data",
  "sensor-ground",
]);
/** A guess below this is looked at by a person first. */
const SURE_FROM = 0.9;

/** How sure a cavity's reading is, 0 … 1. */
export interface Guess {
  readonly kindConfidence: number;
  readonly quantityConfidence: number;
}

/** Why a proposal that a wire alone makes is not taken with others. */
export type LeftOut = "caution" | "guess" | "assumed" | "fails";

/**
 * Why a line is decided on by itself; null where it may be accepted together with others: its kind and quantity are
 * sure, no fact of it is assumed, it needs no caution, and the solved plan finds nothing at its ends.
 *
 * @param failing cavities at which the solved plan finds something graver than a note
 */
export function leftOut(
  line: Line,
  guessOf: (pinId: string) => Guess | undefined,
  failing: Pick<ReadonlyMap<string, unknown>, "has"> = new Map(),
): LeftOut | null {
  if (line.quantity === null || CAUTIONED.has(line.quantity)) return "caution";
  const ends = [line.provider, line.consumer];
  if (ends.some(({ id }) => failing.has(id))) return "fails";
  const isSure = ({ id }: SignalPin) => {
    const guess = guessOf(id);
    return guess !== undefined && guess.kindConfidence >= SURE_FROM && guess.quantityConfidence >= SURE_FROM;
  };
  if (!ends.every(isSure)) return "guess";
  return notGiven(line).length === 0 && line.options[0].missing.length === 0 ? null : "assumed";
}

/** A value at one end of a line that nobody gave: it was taken as usual, or guessed. */
export interface NotGiven {
  readonly at: SignalPin;
  readonly field: FormField;
  readonly source: "usual" | "assumed";
}

/** The values on which a line's verdict rests though nobody gave or measured them. */
export const notGiven = ({ provider, consumer }: Pick<Line, "provider" | "consumer">): NotGiven[] =>
  [provider, consumer].flatMap((at) =>
    Object.entries(at.form).flatMap(([field, known]): NotGiven[] =>
      typeof known !== "object" || known.source === "given"
        ? []
        : [{ at, field: field as FormField, source: known.source }],
    ),
  );
