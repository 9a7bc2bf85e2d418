import { cachedBy } from "@/core/cached-by";
import { KIND_WORDS, quantityWords } from "@/core/words";
import { isGuess, isUnknown, type PinView } from "../shell/derive";

export type Show = "all" | "unknown" | "guesses";

const SHOWN: Readonly<Record<Show, (pin: PinView) => boolean>> = {
  all: () => true,
  unknown: isUnknown,
  guesses: isGuess,
};

/** All that a cavity is searched by, as it is read on the screen; made once for each row. */
const textOf = cachedBy(({ row, label }: PinView): string => {
  const parts = [
    label,
    row.circuit,
    row.colour,
    row.colourBase,
    row.description,
    KIND_WORDS[row.kind],
    quantityWords(row.quantity),
    row.otherEnd,
    row.part,
    row.note,
    ...Object.values(row.extra),
  ];
  return parts.join(" ").toLowerCase();
});

/** The cavities that are shown and have every word. */
export function findPins(pins: readonly PinView[], show: Show, search: string): PinView[] {
  const terms = search
    .toLowerCase()
    .split(/\s+/)
    .filter((term) => term !== "");
  const shown = pins.filter(SHOWN[show]);
  return terms.length === 0 ? shown : shown.filter((pin) => terms.every((term) => textOf(pin).includes(term)));
}
