import { useMemo } from "react";
import { FEEDS_KEY, type FunctionLine, functionLines, type Gap } from "@/core/plan";
import { gapChoices } from "@/job/gap-ops";
import { functionChoices } from "@/job/harness-facts";
import { useJob } from "../shell/job-provider";

/** The functions of the job with where each stands. */
export function useFunctions(): readonly FunctionLine[] {
  const { document, plan, report } = useJob();
  const { kept, gaps } = document;
  // What is kept where nobody has said follows from the harness; until that is there, everything is.
  const defaults = useMemo(
    () => new Map((report?.functions ?? []).map((one) => [one.key, one.keptByDefault])),
    [report?.functions],
  );
  return useMemo(() => {
    const choices = functionChoices({ kept });
    const pins = [
      ...new Map(
        [
          ...plan.lines.flatMap(({ provider, consumer }) => [provider, consumer]),
          ...plan.unmatched.map(({ pin }) => pin),
        ].map((pin) => [pin.id, pin]),
      ).values(),
    ];
    return functionLines(plan, pins, (key) => choices.get(key) ?? defaults.get(key) ?? true, gapChoices({ gaps }));
  }, [plan, kept, gaps, defaults]);
}

/** What still holds a function up. */
export const isOpen = ({ state }: FunctionLine): boolean => state !== "whole" && state !== "not-wanted";

/** A person may do without it; nothing works without feeds and grounds. */
export const canBeDropped = ({ key }: FunctionLine): boolean => key !== FEEDS_KEY;

/** Gaps that have the same reason and the same ways are one to whoever reads them. */
export function alikeGaps(gaps: readonly Gap[]): readonly (readonly [Gap, ...Gap[]])[] {
  const groups = new Map<string, [Gap, ...Gap[]]>();
  for (const gap of gaps) {
    const key = JSON.stringify([gap.type, gap.pin.side, gap.pin.quantity, gap.reason.code, gap.ways, gap.chosen]);
    const group = groups.get(key);
    if (group === undefined) groups.set(key, [gap]);
    else group.push(gap);
  }
  return [...groups.values()];
}

/** Ids of the cavities whose gaps are one with this one's. */
export const alikeTo = (gap: Gap, gaps: readonly Gap[]): readonly string[] =>
  (alikeGaps(gaps).find((group) => group.includes(gap)) ?? [gap]).map(({ pin }) => pin.id);
