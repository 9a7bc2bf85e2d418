import type { Kind, Params, Quantity, Side } from "../forms";

/** One cavity as the matcher needs it. */
export interface SignalPin {
  readonly id: string;
  readonly side: Side;
  readonly connector: string;
  readonly cavity: string;
  /** Pins of one side with the same circuit are joined by copper; null where it is not known. */
  readonly circuit: string | null;
  readonly kind: Kind;
  readonly quantity: Quantity | null;
  /** Cylinder, bank or bus-wire number, for pairing like with like. */
  readonly index: string | null;
  readonly params: Params;
  /** Copper cross-section, mm²; null where the table does not say. */
  readonly sizeMm2: number | null;
}

/** The closed list of contracts/adapters.md. */
export const ADAPTER_TYPES = [
  "pull-up", "pull-down", "series-resistor", "voltage-divider", "level-shifter", "inverter", "clamp", "flyback-diode", "blocking-diode",
  "fuse", "relay", "low-side-switch", "high-side-switch", "dc-converter", "reluctor-conditioner", "frequency-scaler", "pattern-converter",
  "coil-simulator", "igniter", "pwm-filter", "analogue-scaler", "resistor-network", "gauge-driver", "second-sender", "threshold-switch",
  "lambda-converter", "can-gateway", "can-termination", "security-module", "loop", "dummy-load", "calibration",
] as const;
export type AdapterType = (typeof ADAPTER_TYPES)[number];

/** One step of a chain with its values, SI; null where the facts do not give one. */
export interface Adapter {
  readonly type: AdapterType;
  readonly [value: string]: string | number | null;
}

export const VERDICTS = ["direct", "adapter", "calibration", "manual", "impossible"] as const;
export type Verdict = (typeof VERDICTS)[number];

/** One line of the arithmetic behind a way: what was compared or computed, with its numbers. */
export interface Reckoning {
  readonly label: string;
  readonly text: string;
}

/** One way from a provider to a consumer. `missing` names the facts without which nobody can say more. */
export interface Way {
  readonly verdict: Verdict;
  readonly adapters: readonly Adapter[];
  readonly why: string;
  readonly missing: readonly string[];
  readonly reckoning: readonly Reckoning[];
  /** Working time on the bench, minutes; the price by which ways of one verdict are ranked. */
  readonly minutes: number;
}

export interface FreeFeed {
  readonly pin: SignalPin;
  readonly freeAmps: number | null;
}

/** What surrounds a link on its vehicle: needed to tell whether an output bears one consumer more, and what else is live. */
export interface Surroundings {
  /** Amperes that already hang on the provider, this consumer left out; null where one of them is not known. */
  readonly hangingAmps: number | null;
  /** Feeds of the host that a relay's contact or coil could take, each with what it still bears, A; null where that is not known. */
  readonly feeds: readonly FreeFeed[];
}

export const label = (pin: Pick<SignalPin, "connector" | "cavity">) => `${pin.connector}-${pin.cavity}`;
