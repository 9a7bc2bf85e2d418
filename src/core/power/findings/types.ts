import type { PowerState } from "../states";
import type { PowerEdit } from "../tried";

/**
 * The one rule of severity: what happens if nothing is done.
 * - `danger`: something gets hotter than it bears, or current takes a way that was not made for it.
 * - `stop`: the engine does not start, does not run, or does not stop.
 * - `fault`: another consumer, signal or gauge is outside its limits.
 * - `note`: all is within limits, with less to spare than one wants.
 */
export const SEVERITIES = ["danger", "stop", "fault", "note"] as const;
export type Severity = (typeof SEVERITIES)[number];

export const FINDING_CODES = [
  "dead-feed", "low-volts", "back-feed", "shared-ground", "ground-offset", "ground-missing", "fuse-load", "fuse-wire", "fuse-inrush", "fuse-short", "wire-hot", "relay-contact", "relay-coil", "driver-overload", "relay-buzz",
  "drain", "charge", "bus-termination", "cranking",
] as const;
export type FindingCode = (typeof FINDING_CODES)[number];

/** `both`, `all 7`. */
export const allOf = (count: number): string => (count === 2 ? "both" : `all ${count}`);

/** A way out, with what it would change; null where it cannot be tried here. */
export interface Cure {
  readonly text: string;
  readonly edit: PowerEdit | null;
}

/** What is wrong in the solved plan: where, how much, why, and the ways out. */
export interface Finding {
  /** The same for the same trouble in the next solution. */
  readonly key: string;
  readonly code: FindingCode;
  readonly severity: Severity;
  readonly title: string;
  readonly why: string;
  readonly state: PowerState;
  readonly amount: { readonly value: number; readonly limit: number | null; readonly unit: "V" | "A" | "mA" | "Ω" | "W" };
  /** Node of the netlist at which the path is to be shown. */
  readonly node: string | null;
  readonly pinId: string | null;
  /** By what is printed on it, where a probe goes. */
  readonly where: string;
  /** Other places that the same cause brings down. */
  readonly also: readonly string[];
  readonly cures: readonly Cure[];
}
