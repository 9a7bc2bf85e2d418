import type { Quantity } from "../forms";
import { type Reading, readConcepts } from "./concepts";
import { PLACES, type Place } from "./data/places";
import { rankQuantity } from "./quantity-rank";

/** A connector's label in small letters, without the dots of its abbreviations. */
export const plainLabel = (connector: string) =>
  connector
    .toLowerCase()
    .replace(/(?<=[a-z])\.(?=\s|$)/g, "")
    .replace(/[_-]/g, " ");

/** What a connector's own name tells. */
export interface Label {
  readonly reading: Reading;
  readonly place: Place;
  /** What it is named after. */
  readonly quantity: Quantity | null;
}

export function readLabel(connector: string): Label {
  const plain = plainLabel(connector);
  const place = PLACES.find(([, pattern]) => pattern.test(plain))?.[0] ?? "unknown";
  // What an engine burns, and a plain "at", say nothing of a plug's cavities.
  const reading = readConcepts(connector.replace(/\b(?:diesel|petrol|gasoline|at)\b/gi, " "));
  return { reading, place, quantity: rankQuantity(reading.concepts)?.quantity ?? null };
}
