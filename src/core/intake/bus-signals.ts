import type { Quantity } from "../forms";
import { clarityOf, readConcepts } from "./concepts";
import { rankQuantity } from "./quantity-rank";

/** A value on a bus, by its name and its unit. */
export interface BusValue {
  readonly name: string;
  readonly unit: string;
}

/** What such a unit can measure, by the end of the quantity's name; a reading that another unit denies is none. */
const UNITS: readonly (readonly [unit: RegExp, quantities: RegExp])[] = [
  [/^(?:r\/?min|1\/min|rpm|u\/min|min-1)$/i, /^(?:engine-speed|transmission-(?:input|output)-speed)$/],
  [/^(?:km\/h|kph|mph|m\/s)$/i, /^(?:vehicle-speed|wheel-speed)$/],
  [/^(?:deg ?c|°c|c|degc|deg ?f|°f|degf|k)$/i, /-temperature$/],
  [/^(?:[km]?pa|hpa|m?bar|psi)$/i, /(?:pressure|vacuum)$/],
  [/^(?:l|litres?|liters?|gal)$/i, /^fuel-level$/],
  [/^(?:g\/s|kg\/h|mg\/s)$/i, /^mass-air-flow$/],
];

/** Supplies and grounds travel on no bus, and what is unnamed pairs with nothing. */
const NEVER: ReadonlySet<Quantity> = new Set<Quantity>([
  "ground",
  "sensor-ground",
  "sensor-supply",
  "relay-supply",
  "accessory-supply",
  "ignition-supply",
  "battery-supply",
  "powertrain-data",
  "body-data",
  "other",
]);
/** From here on a guess is offered as taken. */
const OFFERED_FROM = 0.7;

/**
 * What a value on a bus means, read from its name ("CoolantTemp", "eng_spd") and held against its unit; null where the
 * two disagree or neither is clear. The unit alone tells an engine's or a vehicle's speed.
 */
export function busQuantity({ name, unit }: BusValue): { readonly quantity: Quantity; readonly sure: number } | null {
  const words = name
    .replace(/([a-z0-9])([A-Z])/g, "$1 $2")
    .replace(/([A-Z]+)([A-Z][a-z])/g, "$1 $2")
    .replace(/[_.]+/g, " ");
  const reading = readConcepts(words);
  const allowed = UNITS.find(([pattern]) => pattern.test(unit.trim()))?.[1];
  const found = rankQuantity(reading.concepts);
  if (found === null || NEVER.has(found.quantity)) return null;
  if (allowed !== undefined && !allowed.test(found.quantity)) return null;
  const sure = found.sure * clarityOf(reading);
  return { quantity: found.quantity, sure: Math.round(100 * (allowed === undefined ? sure * 0.9 : sure)) / 100 };
}

/** Whether the guess is good enough to be ticked before anybody has looked. */
export const isOffered = (guess: { readonly sure: number } | null): boolean =>
  guess !== null && guess.sure >= OFFERED_FROM;
