import type { Line } from "@/core/plan";
import { VERDICT_WORDS } from "@/core/words";
import type { LaneKind, Mark } from "@/ui/marks";

/** The mark and the word of a line's state; a decision that no longer fits says so first. */
export function lineState(line: Line): { mark: Mark; word: string; bad: boolean } {
  if (line.stale) return { mark: "blocked", word: "Decide again", bad: true };
  switch (line.state) {
    case "decided":
      return {
        mark: "decided",
        word: line.decision?.byHand ? "Decided by hand" : `Decided: ${VERDICT_WORDS[line.verdict].toLowerCase()}`,
        bad: false,
      };
    case "refused":
      return { mark: "refused", word: "Refused", bad: false };
    case "blocked":
      return { mark: "blocked", word: VERDICT_WORDS[line.verdict], bad: true };
    case "open":
      return { mark: "open", word: VERDICT_WORDS[line.verdict], bad: false };
    case "proposed":
      return { mark: "proposed", word: VERDICT_WORDS[line.verdict], bad: false };
  }
}

export function laneKind(line: Line): LaneKind {
  if (line.state === "refused") return "open";
  if (line.verdict === "manual") return line.adapters.length > 0 || line.state === "decided" ? "adapter" : "open";
  if (line.verdict === "adapter")
    return line.adapters.some((adapter) => adapter.type === "can-gateway") ? "gateway" : "adapter";
  return line.verdict;
}
