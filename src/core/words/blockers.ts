import { functionName } from "../functions";
import type { Blocker, Line } from "../plan";
import type { Step } from "../proving";
import { sameChain } from "../signals";
import type { Units } from "../units";
import { conflictCure, conflictTitle } from "./conflicts";
import { findingPlace, findingTitle, findingWhy } from "./findings";
import { quantityHead, VERDICT_WORDS } from "./forms";
import { stopText } from "./harness";
import { count, listed } from "./numbers";
import { cavityLabel, pointText } from "./points";
import { optionText } from "./signals";
import { expectedText, probeLabel, stepTitle } from "./steps";

/** Why a line is as it is: as it was told when it was decided, else as the facts have it now. */
export function lineText({ decision, options, ...ends }: Line): string {
  if (decision === null) return optionText(options[0], ends);
  // What was decided is told by the facts of today where it is still among the ways; else by the record.
  const still = options.find(
    ({ verdict, adapters }) => verdict === decision.verdict && sameChain(adapters, decision.adapters),
  );
  return still === undefined ? decision.why : optionText(still, ends);
}

/** What is proposed now for a decision whose facts have changed; null where it still stands. */
export const staleText = ({ stale, options, ...ends }: Line): string | null =>
  stale
    ? `The facts have changed since it was decided. Now: ${VERDICT_WORDS[options[0].verdict].toLowerCase()}. ${optionText(options[0], ends)}`
    : null;

/** The probes of a step: `red C1-2, black battery negative`. */
export const probesText = ({ red, black }: Step): string => `red ${probeLabel(red)}, black ${probeLabel(black)}`;

/** What holds the job back, and the reason or the next thing to look at. */
export interface BlockerWords {
  readonly text: string;
  readonly detail: string;
}

export function blockerWords(blocker: Blocker<Step>, units: Units): BlockerWords {
  switch (blocker.code) {
    case "no-table":
      return { text: `The ${blocker.side} has no pin table yet`, detail: "Import it: a file, or pasted text" };
    case "stopped-function":
      return {
        text: `Stopped by a cut: ${functionName(blocker.stop.functionKey)}. ${stopText(blocker.stop)}`,
        detail: "keep the wire, feed it from elsewhere, or drop the function",
      };
    case "power-finding":
      return {
        text: findingTitle(blocker.finding, units),
        detail: `${findingWhy(blocker.finding, units)}${blocker.finding.pinId === null ? "" : ` Probe: red at ${findingPlace(blocker.finding)}, black at battery negative.`}`,
      };
    case "loose-end":
      return {
        text: `${count(blocker.count, "loose end has", "loose ends have")} no home`,
        detail: listed(blocker.ends.map(pointText)),
      };
    case "debt":
      return { text: `${count(blocker.count, "temporary fix is", "temporary fixes are")} open`, detail: blocker.says };
    case "failed-step":
      return {
        text: `${stepTitle(blocker.step)} failed`,
        detail: `expected ${expectedText(blocker.step.expected)}; ${probesText(blocker.step)}`,
      };
    case "next-step":
      return {
        text: `Read: ${stepTitle(blocker.step)}`,
        detail: `expects ${expectedText(blocker.step.expected)}; ${probesText(blocker.step)}`,
      };
    case "unknown-pin":
      return {
        text: `${cavityLabel(blocker.at)}: what it does is not known yet`,
        detail: blocker.description ?? "no description",
      };
    case "conflict":
      return { text: conflictTitle(blocker.conflict), detail: conflictCure(blocker.conflict) };
    case "direct-lines":
      return {
        text: `${count(blocker.count, "wire-only link waits", "wire-only links wait")} for your approval`,
        detail: "wire only; no adapter needed",
      };
    default:
      return {
        text: `${quantityHead(blocker.quantity)}, ${cavityLabel(blocker.provider)} to ${cavityLabel(blocker.consumer)}: ${LINE_WORDS[blocker.code]}`,
        detail: staleText(blocker.line) ?? lineText(blocker.line),
      };
  }
}

const LINE_WORDS = {
  "stale-line": "decide again",
  "blocked-line": "no way yet",
  "open-line": "needs a decision, or a value is missing",
  "proposed-line": "accept or change the adapter",
} as const;
