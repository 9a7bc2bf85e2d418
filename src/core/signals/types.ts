import { type Form, fieldOf, type Quantity, type Side } from "../forms";
import type { CavityPoint } from "../points";
import type { Adapter } from "./adapter";
import type { Arithmetic, Missing, Reason } from "./reasons";

/** One cavity as the matcher needs it. */
export interface SignalPin {
  readonly id: string;
  readonly side: Side;
  readonly connector: string;
  readonly cavity: string;
  /** Pins of one side with the same circuit are joined by copper; null where it is not known. */
  readonly circuit: string | null;
  readonly form: Form;
  readonly quantity: Quantity | null;
  /** Its circuit reaches past its side: a wire that somebody laid joins it with others of the same circuit's name. */
  readonly isLaid?: boolean;
  /** Cylinder, bank or bus-wire number, for pairing like with like. */
  readonly index: string | null;
  /** Copper cross-section, mm²; null where the table does not say. */
  readonly sizeMm2: number | null;
  /** It goes: its wire or its connector is to be removed. */
  readonly leaves?: boolean;
  /** A contact, or an input that watches one, that is closed at rest and opens when it is worked. */
  readonly opensWhenWorked?: boolean;
  /** Its wire drops the voltage for an old ignition coil. */
  readonly isBallast?: boolean;
}

/** What the words of a pin table say beside form and quantity. */
export const saidOf = (description: string | null, form: Form): Pick<SignalPin, "opensWhenWorked" | "isBallast"> => ({
  ...(/\bopens (when|if|on)\b|normally closed|closed at rest|closed when released/i.test(
    `${description ?? ""} ${fieldOf(form, "closedWhen") === "released" ? "closed when released" : ""}`,
  )
    ? { opensWhenWorked: true }
    : {}),
  ...(/\bballast\b|resist(or|ive|ance) wire/i.test(description ?? "") ? { isBallast: true } : {}),
});

export const VERDICTS = ["direct", "adapter", "calibration", "manual", "impossible"] as const;
export type Verdict = (typeof VERDICTS)[number];

/** One way from a provider to a consumer. `missing` names the facts without which nobody can say more. */
export interface LinkOption {
  readonly verdict: Verdict;
  readonly adapters: readonly Adapter[];
  readonly reason: Reason;
  readonly missing: readonly Missing[];
  readonly arithmetic: readonly Arithmetic[];
  /** Working time on the bench, minutes; the price by which ways of one verdict are ranked. */
  readonly minutes: number;
}

export interface FreeFeed {
  readonly pin: SignalPin;
  readonly freeAmps: number | null;
}

/**
 * What surrounds a link on its vehicle: needed to tell whether an output can supply one consumer more, and what else is
 * live.
 */
export interface Surroundings {
  /**
   * Amperes that are connected to the provider already, this consumer left out; null where one of them is not known.
   */
  readonly connectedAmps: number | null;
  /**
   * Feeds of the host that a relay's contact or coil could take, each with what is left of its continuous rating, A;
   * null where that is not known.
   */
  readonly feeds: readonly FreeFeed[];
  /** What reads the provider on its own side already; null where nothing does, as far as circuits tell. */
  readonly readBy: SignalPin | null;
}

export const pointOf = ({
  id,
  side,
  connector,
  cavity,
}: Pick<SignalPin, "id" | "side" | "connector" | "cavity">): CavityPoint => ({
  type: "cavity",
  pinId: id,
  side,
  connector,
  cavity,
});

/** A proposed link with every way that is known for it, the best first. */
export interface ProposedLink {
  readonly quantity: Quantity;
  readonly provider: SignalPin;
  readonly consumer: SignalPin;
  readonly options: readonly [LinkOption, ...LinkOption[]];
}
