import { findingsByPin, type LeftOut, type Line, leftOut } from "@/core/plan";
import type { LinkOption } from "@/core/signals";
import { cavityLabel, count, lineText, optionText, quantityWords } from "@/core/words";
import { type Choice, decideOps } from "@/job/decide";
import { useJob } from "../shell/job-provider";

/** What can be decided of lines. */
export interface Decide {
  /** Decides a line; `text` says how, at the head of the change's name. */
  readonly choose: (line: Line, text: string, choice?: Partial<Choice>) => void;
  /** As it is proposed; where nothing works by itself, the decision is the person's own. */
  readonly accept: (line: Line) => void;
  /** Lines that a wire alone joins: those that may be accepted together, and those that may not, with the reason. */
  readonly sure: readonly Line[];
  readonly alone: readonly { readonly line: Line; readonly why: LeftOut }[];
  readonly acceptSure: () => void;
}

/** Neither works by itself: whoever decides so does it against the rules, or without them. */
export const isByHand = ({ verdict }: Pick<Line, "verdict">) => verdict === "manual" || verdict === "impossible";

export function useDecide(): Decide {
  const job = useJob();
  const { lines } = job.plan;
  const opsOf = (line: Line, choice: Partial<Choice> = {}) =>
    decideOps(job.document, {
      providerId: line.provider.id,
      consumerId: line.consumer.id,
      quantity: line.quantity,
      decision: "accepted",
      verdict: line.verdict,
      adapters: line.adapters,
      why: lineText(line),
      byHand: false,
      ...choice,
    });
  const choose: Decide["choose"] = (line, text, choice) => job.change(`${text} ${nameOf(line)}`, opsOf(line, choice));
  const failing = findingsByPin(job.power?.findings ?? []);
  const direct = lines
    .filter((line) => line.state === "proposed" && line.verdict === "direct")
    .map((line) => ({ line, why: leftOut(line, (id) => job.pinById.get(id)?.row, failing) }));
  const sure = direct.flatMap(({ line, why }) => (why === null ? [line] : []));
  return {
    choose,
    accept: (line) => choose(line, "Accept", isByHand(line) ? { byHand: true } : {}),
    sure,
    alone: direct.flatMap(({ line, why }) => (why === null ? [] : [{ line, why }])),
    acceptSure: () =>
      sure.length > 0 &&
      job.change(
        `Accept ${count(sure.length, "wire-only link")}`,
        sure.flatMap((line) => opsOf(line, { adapters: [] })),
      ),
  };
}

/** Somebody has to say what becomes of it: it waits, or its decision no longer fits its facts. */
export const isToDecide = ({ state, stale }: Line): boolean => stale || (state !== "decided" && state !== "refused");

/** Decides a line as one of its ways has it; where nothing works by itself, or the solved plan is against it, by hand. */
export function decideWay(line: Line, way: LinkOption, decide: Decide, isAgainst = false): void {
  decide.choose(line, "Choose", {
    verdict: way.verdict,
    adapters: way.adapters,
    why: optionText(way, line),
    byHand: isAgainst || isByHand(way),
  });
}

/** Accepts a line as it is proposed now, whatever was decided of it before. */
export function acceptNow(line: Line, way: LinkOption, decide: Decide): void {
  if (line.stale || way !== line.options[0]) decideWay(line, way, decide);
  else decide.accept(line);
}

const nameOf = (line: Line) =>
  `${quantityWords(line.quantity)}: ${cavityLabel(line.provider)} to ${cavityLabel(line.consumer)}`;
