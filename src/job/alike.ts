import type { Quantity } from "@/core/forms";
import { KNOWN_FROM } from "@/core/intake";
import type { PinRow } from "./schema";

/** What is never confirmed together with others: who is wrong there hurts somebody, or a sensor's ground. */
const ONE_BY_ONE: ReadonlySet<Quantity> = new Set<Quantity>([
  "airbag",
  "seat-belt",
  "brake-switch",
  "brake-fluid",
  "anti-lock",
  "clutch-switch",
  "park-neutral",
  "sensor-ground",
  "main-relay",
  "fuel-pump",
  "starter-relay",
  "starter-request",
  "accelerator-position",
  "throttle-motor",
]);

/**
 * Cavities of which the same is guessed as of one, on the same side: all six injectors. They may be confirmed together; where
 * one of the kind must be looked at alone, it is alone.
 *
 * @param pins those that wait for a person, itself among them
 */
export function alikePins(pin: PinRow, pins: readonly PinRow[]): readonly PinRow[] {
  if (pin.quantity === null || ONE_BY_ONE.has(pin.quantity) || pin.kindConfidence < KNOWN_FROM) return [pin];
  return pins.filter(
    (one) =>
      one.kind === pin.kind &&
      one.quantity === pin.quantity &&
      one.kindConfidence >= KNOWN_FROM &&
      one.quantityConfidence >= KNOWN_FROM,
  );
}

/** The name that things of one sort share: `Injector 3` and `Injector 4` are injectors. */
export const sortOf = (name: string): string =>
  name
    .toLowerCase()
    .replace(/\b(left|right|front|rear|inlet|exhaust|upper|lower|lh|rh)\b/g, "")
    .replace(/[\d#.:,()-]+/g, " ")
    .replace(/\s+/g, " ")
    .trim();
