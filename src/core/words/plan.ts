import type { GroupKey, LeftOut, SheetRow } from "../plan";
import { chainText } from "./adapters";

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
};
