import { type Reading, readConcepts } from "./concepts";
import { PLACES, type Place } from "./data/places";

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
}

export function readLabel(connector: string): Label {
  const plain = plainLabel(connector);
  const place = PLACES.find(([, pattern]) => pattern.test(plain))?.[0] ?? "unknown";
  // What an engine burns, and a plain "at", say nothing of a plug's cavities.
  return { reading: readConcepts(connector.replace(/\b(?:diesel|petrol|gasoline|at)\b/gi, " ")), place };
}
