import type { GroupKey, LeftOut, NewWork, NotGiven, RelayEnd, SheetRow } from "../plan";
import { chainText } from "./adapters";
import { FIELD_WORDS, quantityHead } from "./forms";
import { gapWayText } from "./functions";
import { listed, ratedAmps } from "./numbers";
import { cavityLabel } from "./points";

export const MAP_GROUP_WORDS: Readonly<Record<GroupKey, string>> = {
  power: "Power and ground",
  starting: "Starting and charging",
  instruments: "Instruments",
  "fuel-cooling": "Fuel, cooling, air conditioning",
  controls: "Driver's controls",
  transmission: "Transmission",
  "security-data": "Security and data",
  else: "Everything else",
};

/** Heads of the plan sheet as CSV. */
export const SHEET_HEADS = [
  "quantity",
  "donor cavity",
  "donor colour",
  "donor size mm2",
  "adapter and values",
  "host cavity",
  "host colour",
  "host size mm2",
  "note",
] as const;

export const sheetAdapter = ({ adapters, isDirect }: SheetRow): string =>
  adapters.length > 0 ? chainText(adapters) : isDirect ? "wire only" : "by hand";
export const sheetNote = ({ note, byHand, stale }: SheetRow): string =>
  [note, byHand ? "chosen by hand" : "", stale ? "decide again" : ""].filter((part) => part !== "").join("; ");

/** Why a link is not accepted together with others. */
export const LEFT_OUT_WORDS: Readonly<Record<LeftOut, string>> = {
  caution: "what it carries may hurt someone or stop the engine",
  guess: "what one of its cavities does is a guess below 90 %",
  assumed: "rests on a value that is assumed",
  fails: "the solved plan finds something wrong at one of its cavities",
};

/** On which values a verdict rests that nobody measured; null where it rests on none. */
export const restsOnText = (values: readonly NotGiven[]): string | null =>
  values.length === 0
    ? null
    : `Rests on ${listed(
        values.map(({ at, field, source }) => `${FIELD_WORDS[field]} of ${cavityLabel(at)} (${source})`),
        4,
      )}: measure before you rely on it.`;

/** Where a relay's terminal or a fuse goes. */
export const relayEndText = (end: RelayEnd): string =>
  end === "ground" ? "ground" : end === "feed-to-choose" ? "a feed to be chosen" : cavityLabel(end);

/** One piece of new work: what is made, from where to where, and with what. */
export interface NewWorkRow {
  readonly what: string;
  readonly from: string;
  readonly to: string;
  readonly with: string;
}

/** New work beside the links, piece by piece: for the sheet and its CSV. Sizes and lengths are printed by whoever shows them. */
export function newWorkRows({ relays, fuses, splices, fillings }: NewWork): NewWorkRow[] {
  return [
    ...relays.flatMap(({ consumer, pins, contactAmps }) =>
      pins.map(({ terminal, to }) => ({
        what: `relay for ${cavityLabel(consumer)}, terminal ${terminal}`,
        from: `relay ${terminal}`,
        to: relayEndText(to),
        with: terminal === "30" && contactAmps !== null ? `contact ${ratedAmps(contactAmps)}` : "",
      })),
    ),
    ...fuses.map(({ amps, from, to }) => ({
      what: "fuse",
      from: relayEndText(from),
      to: cavityLabel(to),
      with: amps === null ? "rating to be chosen" : ratedAmps(amps),
    })),
    ...splices.map(({ at, ends }) => ({
      what: "splice",
      from: cavityLabel(at),
      to: ends.map(cavityLabel).join(", "),
      with: `${ends.length + 1} wires`,
    })),
    ...fillings.map(({ pin, way, person }) => ({
      what: gapWayText(way, { pin, from: null, output: null }),
      from: cavityLabel(pin),
      to: "",
      with: `${quantityHead(pin.quantity)}${person === "" ? "; decided on its bench" : `; decided by ${person}`}`,
    })),
  ];
}
