import type { FormField, Kind, Quantity, Span } from "../forms";
import type { CurveFault } from "../gauges";
import type { CavityPoint } from "../points";
import type { Alive, KeyPosition } from "../state";

/** A fact that nobody has given, at one end of a link. */
export interface Missing {
  readonly at: CavityPoint;
  readonly fact: FormField | "kind" | "amps-or-ohms" | { readonly given: FormField; readonly wanted: FormField };
}

/** What an output has to supply, against what it is rated for, A; null where it is not known. */
export interface Load {
  readonly totalAmps: number | null;
  readonly limitAmps: number | null;
}

type Pole = "ground" | "battery";

/**
 * Why a way across has its verdict. Provider and consumer are those of the link; other cavities are named. Words:
 * core/words/signals.ts.
 */
export type Reason =
  /** Nothing but the facts missing stands in the way. */
  | { readonly code: "facts-missing" }
  | { readonly code: "no-method"; readonly provider: Kind; readonly consumer: Kind }
  | { readonly code: "screen-one-end" }
  /** Held back by a rule of the trade, whatever the forms allow. */
  | { readonly code: "leaves"; readonly at: CavityPoint }
  | { readonly code: "reference-own-computer" }
  | { readonly code: "opposite-contact"; readonly opens: "provider" | "consumer" }
  | { readonly code: "ballast" }
  | { readonly code: "past-starter-relay"; readonly relay: CavityPoint }
  | { readonly code: "driven-already"; readonly by: CavityPoint; readonly at: CavityPoint }
  | { readonly code: "ground-of-another"; readonly at: CavityPoint }
  | { readonly code: "others-fuse"; readonly other: CavityPoint; readonly amps: number | null }
  | { readonly code: "sensor-ground-apart"; readonly at: CavityPoint }
  | { readonly code: "power-grounds" }
  | ({ readonly code: "live-as-needed"; readonly alive: Alive } & Load)
  | ({ readonly code: "relay-cuts-key-off"; readonly coil: CavityPoint | null } & Load)
  | { readonly code: "live-key-off-no-coil"; readonly wanted: Alive }
  | { readonly code: "live-beyond"; readonly keys: readonly KeyPosition[] }
  | { readonly code: "after-run"; readonly afterRun: string }
  | { readonly code: "load-unknown"; readonly limitAmps: number }
  | ({ readonly code: "volts-converted"; readonly inVolts: number; readonly outVolts: number } & Load)
  | { readonly code: "dead-in"; readonly keys: readonly KeyPosition[]; readonly cure: DeadFeedCure }
  | {
      readonly code: "feed-too-weak";
      readonly totalAmps: number;
      readonly limitAmps: number;
      readonly cure: WeakFeedCure;
    }
  | { readonly code: "relay-on-relay" }
  | { readonly code: "relay-decides" }
  | { readonly code: "computer-relay"; readonly works: boolean }
  | { readonly code: "contact-both-ends-free"; readonly needs: Pole | "either" }
  | ({ readonly code: "carries" } & Load)
  | ({ readonly code: "coil-needs-diode"; readonly driverHasPath: boolean | null } & Load)
  | {
      readonly code: "switched-step";
      readonly because: SwitchedCause;
      readonly by: "relay" | "solid-state";
      readonly loadAmps: number | null;
      readonly coilAmps: number;
      readonly contact: CavityPoint | "ground" | null;
    }
  | { readonly code: "other-drive"; readonly given: string; readonly wanted: string }
  | { readonly code: "motor-output-shared" }
  | { readonly code: "motor-too-strong"; readonly amps: number; readonly limitAmps: number }
  | { readonly code: "same-drive"; readonly drive: string; readonly amps: number; readonly limitAmps: number }
  | { readonly code: "sense-inverted"; readonly pole: Pole; readonly active: "low" | "high" }
  | { readonly code: "pull-up-too-strong"; readonly amps: number; readonly limitAmps: number }
  | { readonly code: "closes-to-ground"; readonly pullUp: { readonly ohms: number; readonly volts: number } | null }
  | { readonly code: "always-active"; readonly pull: "up" | "down"; readonly active: "low" | "high" }
  | { readonly code: "no-pull-up-fits"; readonly supplyVolts: number }
  | { readonly code: "battery-level"; readonly maxVolts: number }
  | {
      readonly code: "level-adapted";
      readonly overVolts: { readonly volts: number; readonly maxVolts: number } | null;
      readonly underVolts: { readonly volts: number; readonly highVolts: number } | null;
      readonly floats: boolean;
    }
  | { readonly code: "pulses-agree"; readonly swing: SwingReason }
  | {
      readonly code: "pulses-set";
      readonly at: CavityPoint;
      readonly field: FormField;
      readonly from: number;
      readonly to: number;
      readonly swing: SwingReason;
    }
  | { readonly code: "pulses-scaled"; readonly ratio: Ratio; readonly spikeVolts: number | null }
  | { readonly code: "pulses-differ"; readonly ratio: Ratio }
  /** A resistive sender has one reader: another's current would shift both. */
  | { readonly code: "sender-read"; readonly by: CavityPoint; readonly isOneOnly: boolean }
  | { readonly code: "sender-of-its-own"; readonly part: number | null }
  | { readonly code: "curve-unfit"; readonly at: CavityPoint; readonly fault: CurveFault }
  | { readonly code: "curve-set"; readonly at: CavityPoint }
  | { readonly code: "ratiometric"; readonly at: CavityPoint }
  | { readonly code: "curves-apart" }
  | { readonly code: "ranges-differ"; readonly given: Span; readonly wanted: Span }
  /** `part`: the largest difference, in parts of what the wanted curve spans. */
  | { readonly code: "curves-agree"; readonly part: number }
  | {
      readonly code: "value-adapted";
      readonly from: CarriedAs;
      readonly to: CarriedAs;
      /** How far the curves are apart with nothing between, where they can be compared. */
      readonly differs: number | null;
      readonly part: number;
    }
  | { readonly code: "threshold-open" }
  | { readonly code: "pickup-shared"; readonly by: CavityPoint }
  | { readonly code: "no-sine-made" }
  | { readonly code: "patterns"; readonly given: string; readonly wanted: string; readonly isSame: boolean }
  | { readonly code: "gap-counted"; readonly given: string; readonly wanted: string }
  | { readonly code: "drive-of-another"; readonly drive: string }
  | { readonly code: "injector-driven"; readonly drive: string; readonly amps: number; readonly limitAmps: number }
  | {
      readonly code: "injector-limited";
      readonly amps: number;
      readonly limitAmps: number;
      readonly ohms: number;
    }
  | { readonly code: "coil-output-shared" }
  | { readonly code: "coil-stages"; readonly given: string; readonly wanted: string }
  | { readonly code: "coil-too-strong"; readonly amps: number; readonly limitAmps: number }
  | { readonly code: "probe-shared" }
  | { readonly code: "bands"; readonly given: string; readonly wanted: string }
  | { readonly code: "own-partner" }
  | {
      readonly code: "bus-differs";
      readonly what: "bitrate" | "messages";
      readonly given: string;
      readonly wanted: string;
    }
  /** `open`: how many of the two ends have no termination. */
  | { readonly code: "bus-same"; readonly bitrate: number; readonly open: number }
  | { readonly code: "bus-carries"; readonly output: string };

/** How a wire carries a value. */
export type CarriedAs = "ohms" | "volts" | "duty";

export interface Ratio {
  readonly numerator: number;
  readonly denominator: number;
  /** What the fraction leaves, in parts of the ratio. */
  readonly error: number;
}

/** What is done where a feed is dead in a position in which its consumer must be live. */
export type DeadFeedCure =
  | { readonly type: "none-permanent" }
  | { readonly type: "take"; readonly feed: CavityPoint }
  | { readonly type: "none-live" }
  | { readonly type: "no-coil-feed"; readonly contact: CavityPoint }
  | { readonly type: "facts-missing" }
  | { readonly type: "relay"; readonly helper: CavityPoint; readonly contact: CavityPoint | null };

export type WeakFeedCure =
  | { readonly type: "fused-feed"; readonly amps: number | null }
  | { readonly type: "coil-too-strong"; readonly coilAmps: number }
  | { readonly type: "relay"; readonly contact: CavityPoint | null };

export type SwitchedCause =
  /** The load's other end lies where the output switches to. */
  | { readonly type: "same-pole"; readonly pole: Pole }
  | { readonly type: "too-much"; readonly totalAmps: number; readonly limitAmps: number };

/** How an output's swing meets an input's levels. */
export type SwingReason =
  | { readonly type: "facts-missing" }
  | { readonly type: "too-fast"; readonly hz: number; readonly limitHz: number }
  | { readonly type: "wants-spikes"; readonly volts: number; readonly drive: string }
  | { readonly type: "spikes"; readonly volts: number; readonly limitVolts: number | null; readonly cut: boolean }
  | { readonly type: "sine" }
  | { readonly type: "drive-unknown"; readonly drive: string }
  | { readonly type: "pull-unknown"; readonly drive: OpenDrive }
  | { readonly type: "pull-below-threshold"; readonly pullVolts: number; readonly highVolts: number }
  | { readonly type: "pulled-up"; readonly drive: OpenDrive; readonly cut: SpikesCut | null }
  | { readonly type: "pulled-down"; readonly drive: OpenDrive }
  | { readonly type: "no-pull-up-fits"; readonly highVolts: number | null; readonly supplyVolts: number }
  | {
      readonly type: "pull-up-added";
      readonly drive: OpenDrive;
      readonly ohms: number;
      readonly volts: number;
      readonly cut: SpikesCut | null;
    }
  | {
      readonly type: "divided";
      readonly volts: number;
      readonly maxVolts: number;
      readonly dividedVolts: number;
      readonly highVolts: number;
    }
  | { readonly type: "shifted-down"; readonly volts: number; readonly maxVolts: number; readonly highVolts: number }
  | { readonly type: "shifted-up"; readonly volts: number; readonly highVolts: number }
  | { readonly type: "within"; readonly volts: number; readonly highVolts: number; readonly maxVolts: number };

export type OpenDrive = "open-collector" | "contact";
export interface SpikesCut {
  readonly volts: number;
  readonly atVolts: number;
}

/** One line of the arithmetic behind a way: what was compared or computed, with its numbers. */
export type Arithmetic =
  | { readonly type: "roles"; readonly provider: string; readonly consumer: string }
  | { readonly type: "live-in"; readonly given: Alive | null; readonly wanted: Alive | null }
  | { readonly type: "load-unknown" }
  | { readonly type: "current"; readonly amps: number; readonly alsoAmps: number; readonly limitAmps: number }
  | { readonly type: "voltage"; readonly given: number; readonly wanted: number }
  | {
      readonly type: "contact";
      readonly amps: number;
      readonly ratingAmps: number | null;
      readonly from: CavityPoint | "ground" | null;
    }
  | { readonly type: "no-contact-feed" }
  | { readonly type: "coil-from"; readonly amps: number; readonly from: readonly CavityPoint[] }
  | { readonly type: "coil-load"; readonly amps: number; readonly alsoAmps: number; readonly limitAmps: number }
  | { readonly type: "path"; readonly pole: Pole; readonly otherEnd: string }
  | { readonly type: "flyback"; readonly inductive: string | null; readonly clamp: string | null }
  | { readonly type: "drive"; readonly given: string; readonly wanted: string }
  | { readonly type: "sink-limit"; readonly amps: number; readonly leastOhms: number }
  | { readonly type: "threshold"; readonly volts: number; readonly assumed: boolean; readonly supplyVolts: number }
  | { readonly type: "leakage"; readonly amps: number; readonly mostOhms: number }
  | { readonly type: "resistor-chosen"; readonly ohms: number; readonly volts: number; readonly watts: number | null }
  | { readonly type: "sense"; readonly pole: Pole; readonly active: "low" | "high" }
  | {
      readonly type: "level";
      readonly highestVolts: number;
      readonly maxVolts: number;
      readonly lowestVolts: number;
      readonly highVolts: number | null;
    }
  | {
      readonly type: "pulses";
      readonly field: FormField;
      readonly given: number;
      readonly wanted: number;
      readonly ratio: Ratio | null;
    }
  | { readonly type: "ranges"; readonly given: Span; readonly wanted: Span }
  | { readonly type: "curve-error"; readonly part: number; readonly limit: number }
  | { readonly type: "patterns"; readonly given: string; readonly wanted: string }
  | { readonly type: "series-least"; readonly ohms: number; readonly amps: number }
  /** How long a coil is charged; `amps` null where its resistance alone limits it. */
  | {
      readonly type: "dwell";
      readonly henries: number;
      readonly ohms: number;
      readonly amps: number | null;
      readonly volts: number;
      readonly seconds: number;
    }
  | { readonly type: "conditioner"; readonly amplitudeVolts: number | null }
  | { readonly type: "spikes"; readonly volts: number; readonly limitVolts: number }
  | { readonly type: "swing"; readonly volts: number; readonly highVolts: number; readonly maxVolts: number };

/** Why a cavity has no counterpart on the other side. */
export type UnmatchedReason =
  | { readonly code: "airbag" }
  | { readonly code: "quantity-other" }
  | { readonly code: "own-side"; readonly partner: CavityPoint }
  /** A wire that somebody laid from the other side serves it already. */
  | { readonly code: "laid-to"; readonly partner: CavityPoint }
  | { readonly code: "own-side-none-across"; readonly partner: CavityPoint; readonly quantity: Quantity }
  | { readonly code: "bus-own-side"; readonly partner: CavityPoint }
  | { readonly code: "no-bus-across"; readonly kind: Kind; readonly quantity: Quantity; readonly further: boolean }
  | { readonly code: "sensor-ground-own-computer" }
  | { readonly code: "no-ground-across" }
  | { readonly code: "ground-unused" }
  | { readonly code: "leaves" }
  | { readonly code: "grounded-at"; readonly partner: CavityPoint }
  | { readonly code: "reference-own-computer" }
  | { readonly code: "rest-worse"; readonly refused: CavityPoint }
  | { readonly code: "served-by-another"; readonly consumer: CavityPoint }
  | { readonly code: "no-consumer-across"; readonly quantity: Quantity }
  | { readonly code: "no-relay-feed" }
  | { readonly code: "no-provider-with-index"; readonly quantity: Quantity; readonly index: string | null }
  | { readonly code: "no-provider-on-circuit"; readonly quantity: Quantity }
  | { readonly code: "no-provider"; readonly quantity: Quantity }
  | { readonly code: "kind-unknown" }
  | { readonly code: "screen" }
  | { readonly code: "quantity-unknown" }
  | { readonly code: "pairs-with-nothing"; readonly kind: Kind };
