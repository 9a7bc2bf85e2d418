import { functionName } from "../functions";
import type { RelayRow } from "../gateway";
import { FEEDS_KEY, type FunctionState, GAP_WAYS, type Gap, type GapWay, type Lack, type WishLack } from "../plan";
import { dummyLoad } from "../signals";
import type { Units } from "../units";
import { chainText } from "./adapters";
import { conflictTitle } from "./conflicts";
import { findingTitle } from "./findings";
import { quantityHead } from "./forms";
import { relayFaultText, relayName } from "./gateway";
import { capital, listed, ohms, watts } from "./numbers";
import { cavityLabel } from "./points";
import { type LinkNames, missingText } from "./signals";
import { unmatchedText } from "./unmatched";

/** A function of the map, feeds and grounds among them, by its key. */
export const mapFunctionName = (key: string): string => (key === FEEDS_KEY ? "Feeds and grounds" : functionName(key));

export const FUNCTION_STATE_WORDS: Readonly<Record<FunctionState, string>> = {
  cannot: "cannot be had as it is",
  "fact-missing": "a fact is missing",
  "to-decide": "to decide",
  whole: "whole",
  "not-wanted": "not wanted",
};

/** The one thing that a function lacks, in a few words. */
export function lackText(lack: Lack, units: Units): string {
  switch (lack.type) {
    case "blocked":
      return `no way from ${cavityLabel(lack.line.provider)} to ${cavityLabel(lack.line.consumer)}`;
    case "gap":
      return gapShort(lack.gap);
    case "fact":
      return missingText(lack.missing);
    case "stale":
      return `the facts of ${cavityLabel(lack.line.consumer)} have changed since it was decided`;
    case "finding":
      return findingTitle(lack.finding, units);
    case "conflict":
      return conflictTitle(lack.conflict);
    case "relay":
      return `${relayName(lack.row)}: ${relayFaultText(lack.fault)}`;
    case "no-gateway":
      return `no gateway joins the two buses yet: it would send ${relayName(lack.row)}`;
    case "decision": {
      const { provider, consumer, adapters } = lack.line;
      const chain = chainText(adapters);
      return `${cavityLabel(provider)} to ${cavityLabel(consumer)}${chain === "" ? "" : `: ${chain}`}`;
    }
  }
}

/** What a wish lacks, in a few words. */
export function wishLackText(lack: WishLack, units: Units): string {
  switch (lack.type) {
    case "unnamed":
      return "say which functions carry it";
    case "given-up":
      return `${mapFunctionName(lack.key)} was given up`;
    case "gone":
      return `nothing of ${mapFunctionName(lack.key)} is in the pin tables`;
    case "function":
      return `${mapFunctionName(lack.told.key)}: ${lack.told.lack === null ? FUNCTION_STATE_WORDS[lack.told.state] : lackText(lack.told.lack, units)}`;
  }
}

/** What a gap is, in a few words. */
export function gapShort({ pin, type }: Gap): string {
  const at = cavityLabel(pin);
  switch (type) {
    case "unserved":
      return pin.form.kind === "ground" ? `${at} has no ground` : `nothing serves ${at}`;
    case "unloaded":
      return `nothing is connected to ${at}`;
    case "apart":
      return `the donor is not on the bus of ${at}`;
    case "refused":
      return `what would serve ${at} was refused`;
  }
}

/** Why it is a gap, with what follows where nothing is done. */
export function gapText(gap: Gap): string {
  const { pin, reason, type } = gap;
  const seen =
    type === "unloaded"
      ? "A computer that watches this output sees an open circuit: it stores a code, and may light its lamp"
      : pin.side === "donor"
        ? "The engine's computer misses it: it stores a code, and may run in a limp mode"
        : pin.form.kind === "load-in"
          ? "It does not work"
          : "It shows nothing";
  return `${capital(unmatchedText(reason, pin))}. ${seen}.`;
}

/** What is done, as a technician says it. */
export function gapWayText(way: GapWay, { pin, from, output }: Pick<Gap, "pin" | "from" | "output">): string {
  const at = cavityLabel(pin);
  switch (way) {
    case "free-output": {
      if (output === null) return "A free output of the programmable computer";
      const chain = chainText(output.option.adapters);
      return `Free output ${cavityLabel(output.provider)}, set to it in the calibration${chain === "" ? "" : `: ${chain}`}`;
    }
    case "own-wire":
      return from === null ? "Wire from its own side" : `Wire to ${cavityLabel(from)}, which gives it on the same side`;
    case "own-sensor":
      return `Fit the sensor that ${at} was made for`;
    case "second-sender":
      return `Second sender in the engine, made for ${at}`;
    case "speed-sensor":
      return "Speed sensor on the output shaft or a wheel";
    case "pulses":
      return "Take pulses from a coil or the alternator's W";
    case "fit-switch":
      return pin.form.kind === "load-in" ? `Wire ${at} to a switch or output of its own` : "Fit a switch";
    case "loop":
      return "Loop the input closed; it then no longer says anything";
    case "new-feed":
      return pin.form.kind === "ground"
        ? "Ground wire of its own to a stud"
        : "Feed of its own, fused, through a relay where its computer works one";
    case "gateway":
      return "Gateway between the two buses";
    case "new-gauge":
      return "New gauge with its own sender";
    case "cable-drive":
      return `Cable drive that turns ${at} by the pulses of the donor`;
    case "speed-lockout":
      return "Frequency switch at the speed signal that bars reverse, with feed, ground and fuse";
    case "brake-lockout":
      return "Relay worked by the brake switch that lets reverse in";
    case "fit-part":
      return "Fit the part that it works";
    case "dummy-load": {
      const load = dummyLoad(pin);
      if (load === null) return "Dummy load, as many ohms as the part has";
      const rated = load.watts === null ? "of several resistors" : `rated ${watts(load.watts)}`;
      const pole = load.otherEnd === "battery" ? "an ignition feed" : "ground";
      return `Dummy load ${ohms(load.ohms)} ${rated}, from ${at} to ${pole}; ohms as is usual of the part`;
    }
    case "without":
      return "Live without it";
  }
}

export const gapWayMinutes = (way: GapWay): number => GAP_WAYS[way];

/** A function in one sentence: who serves whom. */
export function functionSentence(
  lines: readonly LinkNames[],
  gaps: number,
  staying: number,
  relays: readonly RelayRow[] = [],
): string {
  if (lines.length === 0 && gaps === 0 && relays.length > 0)
    return `By gateway: ${listed(
      relays.map((row) => `${row.source?.name ?? "?"} to ${relayName(row)}`),
      3,
    )}`;
  if (lines.length === 0 && gaps > 0) return "No link carries it yet";
  if (lines.length === 0)
    return staying === 0
      ? "Nothing of it is in the pin tables"
      : `Untouched: ${staying} ${staying === 1 ? "cavity stays with its" : "cavities stay with their"} own side`;
  const pairs = [
    ...new Set(lines.map(({ provider, consumer }) => `${cavityLabel(provider)} to ${cavityLabel(consumer)}`)),
  ];
  return listed(pairs, 3);
}

/** What gaps have in common when they are shown as one. */
export const gapHead = ({ pin }: Pick<Gap, "pin">): string => quantityHead(pin.quantity);
