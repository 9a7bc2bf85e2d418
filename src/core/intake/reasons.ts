import type { Quantity, Side } from "../forms";
import type { Device } from "./data/devices";
import type { Place } from "./data/places";
import type { ReadAs } from "./misspelt";

/** Why a quantity has a form at a place. */
export const FORM_REASONS = [
  "a-contact",
  "a-key-position-output",
  "a-lamp",
  "a-lamp-drive",
  "a-lamp-in-the-instruments",
  "a-lamp-or-display",
  "a-return-to-ground",
  "a-single-wire-line",
  "a-tool-line",
  "a-way-of-the-fuse-box",
  "an-odd-place-for-it",
  "contact-on-this-side",
  "driven-from-this-side",
  "drives-a-lamp",
  "drives-the-lamps",
  "feeds-the-tool-that-is-plugged-in",
  "it-gives-the-supply",
  "it-is-fed-here",
  "its-position-is-read-back",
  "made-by-the-engine-computer-from-its-pickup",
  "made-on-this-side",
  "most-likely-fed-here",
  "most-often-read-which-way-it-goes-is-not-said",
  "named-as-can",
  "named-as-lin",
  "read-by-the-instruments",
  "read-on-this-side",
  "read-on-this-side",
  "said-to-be-an-output",
  "said-to-come-in",
  "said-to-go-out",
  "switched-on-by-it",
  "the-box-own-feed",
  "the-computer-drives-it",
  "the-computer-feeds-it",
  "the-computer-gives-the-reference",
  "the-computer-reads-a-contact",
  "the-computer-reads-it",
  "the-contact-feed",
  "the-engine-harness-takes-the-feeds",
  "the-instrument-reads-it",
  "the-key-works-the-starter",
  "the-lamp-drive",
  "the-part-is-fed",
  "the-part-is-worked",
  "the-part-reports-it",
  "the-regulator-input",
  "the-regulator-sinks-the-lamp",
  "the-relay-coil",
  "the-relay-coil-in-the-box",
  "the-relay-switched-contact",
  "the-sensor-takes-the-reference",
  "the-solenoid-coil",
  "the-starter-cable",
  "the-switch-feed",
  "the-switch-own-feed",
  "the-usual-form-of-such-data",
  "the-vehicle-gives-the-feeds",
  "which-way-it-goes-is-not-said",
  "worked-on-this-side",
  "works-a-relay",
] as const;
export type FormReason = (typeof FORM_REASONS)[number];

/** Words of a description that nobody could read, and those that were taken for others. */
interface HowRead {
  readonly notUnderstood: readonly string[];
  readonly readAs: readonly ReadAs[];
}

/** Why a cavity is taken for what it is. Words: core/words/intake.ts. */
export type IntakeReason =
  /** The table says so. */
  | { readonly code: "given" }
  | { readonly code: "not-read-yet" }
  /** The description says that it is not known. */
  | { readonly code: "said-unknown" }
  /** A dash alone: a sign, or nothing. */
  | { readonly code: "dash-alone" }
  /** The terminal's own label says it: 30, D, FLD. */
  | { readonly code: "moulded-terminal"; readonly terminal: string }
  /** Nothing but the cavity at its wire's other end tells it. */
  | { readonly code: "other-end"; readonly connector: string; readonly cavity: string }
  /** A feed beside a pickup's signal, or none beside its two wires. */
  | { readonly code: "pickup-fed" | "pickup-unfed" }
  /** What it is for is not known; the noun that names the device tells its form. */
  | ({ readonly code: "device"; readonly device: Device; readonly place: Place } & HowRead)
  | { readonly code: "said-not-connected" }
  | { readonly code: "spare-carries-nothing" }
  | { readonly code: "no-description" }
  | { readonly code: "no-known-word"; readonly description: string }
  | { readonly code: "no-quantity-named"; readonly description: string }
  | { readonly code: "named-screen" }
  | { readonly code: "screened-signal" }
  | { readonly code: "battery-negative" }
  | { readonly code: "relay-coil" }
  | { readonly code: "relay-contact" }
  | { readonly code: "relay-feed" }
  | { readonly code: "relay-purpose-untold" }
  | { readonly code: "key-switch-feed" | "switch-feed" | "fuse-box-way" | "load-negative" | "worked-in-ground" }
  | ({ readonly code: QuantityReason } & HowRead)
  | ({
      readonly code: "form";
      readonly quantity: Quantity;
      readonly place: Place;
      readonly side: Side;
      readonly form: FormReason;
    } & HowRead);

/** Where a quantity was read from. */
export type QuantityReason =
  | "own-words"
  | "with-label"
  | "ground-point"
  | "sensor-return"
  | "sensor-feed"
  | "sensor-reference"
  | "part-feed";
