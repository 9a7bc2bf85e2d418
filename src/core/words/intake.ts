import type { FormField } from "../forms";
import type { CavityChange } from "../intake";
import type { Units } from "../units";
import { FIELD_WORDS, KIND_WORDS, quantityWords } from "./forms";
import { lengthText, sizeWords } from "./measures";

/** What a newer table changes of a cavity: `size: 0.5 mm² → 0.75 mm²`. */
export function cavityChangeText(change: CavityChange, units: Units): string {
  switch (change.column) {
    case "circuit":
    case "colour":
    case "description":
      return became(change.column, change.from, change.to);
    case "sizeMm2":
      return became("size", change.from && sizeWords(change.from, units), change.to && sizeWords(change.to, units));
    case "lengthM":
      return became("length", lengthText(change.from, units), lengthText(change.to, units));
    case "kind":
      return became("what it is", KIND_WORDS[change.from], KIND_WORDS[change.to]);
    case "quantity":
      return became("what it carries", quantityWords(change.from), quantityWords(change.to));
    case "params":
      return eachValue(change.from, change.to, (key) => FIELD_WORDS[key as FormField] ?? key);
    case "extra":
      return eachValue(change.from, change.to, (header) => header);
  }
}

const became = (name: string, from: string | 0 | null, to: string | 0 | null) =>
  `${name}: ${from || "nothing"} → ${to || "nothing"}`;

function eachValue(
  from: Readonly<Record<string, string | undefined>>,
  to: Readonly<Record<string, string | undefined>>,
  nameOf: (key: string) => string,
): string {
  return [...new Set([...Object.keys(from), ...Object.keys(to)])]
    .filter((key) => from[key] !== to[key])
    .map((key) => became(nameOf(key), from[key] ?? null, to[key] ?? null))
    .join("; ");
}
