import { useMemo } from "react";
import { FEEDS_KEY, type FunctionLine, functionLines, type Gap, type GapWay } from "@/core/plan";
import { acceptWayOps } from "@/job/decide";
import { gapChoices, gapOps } from "@/job/gap-ops";
import { functionChoices } from "@/job/harness-facts";
import type { RowOp } from "@/job/ops";
import type { JobDocument } from "@/job/schema";
import { useJob } from "../shell/job-provider";
import { useGateway } from "./use-gateway";

/** Whether a function is kept, by its key: as a person said, else by default. */
export function useKept(): (key: string) => boolean {
  const { document, report } = useJob();
  const { kept } = document;
  return useMemo(() => {
    const choices = functionChoices({ kept });
    // What is kept where nobody has said follows from the harness; until that is there, everything is.
    const defaults = new Map((report?.functions ?? []).map((one) => [one.key, one.keptByDefault]));
    return (key) => choices.get(key) ?? defaults.get(key) ?? true;
  }, [kept, report?.functions]);
}

/** The functions of the job with where each stands. */
export function useFunctions(): readonly FunctionLine[] {
  const { document, plan, power } = useJob();
  const { gaps } = document;
  const isKept = useKept();
  const relays = useGateway()?.rows;
  return useMemo(() => {
    const pins = [
      ...new Map(
        [
          ...plan.lines.flatMap(({ provider, consumer }) => [provider, consumer]),
          ...plan.unmatched.map(({ pin }) => pin),
        ].map((pin) => [pin.id, pin]),
      ).values(),
    ];
    return functionLines(plan, pins, isKept, gapChoices({ gaps }), power?.findings, relays);
  }, [plan, gaps, isKept, power?.findings, relays]);
}

/** What still holds a function up. */
export const isOpen = ({ state }: Pick<FunctionLine, "state">): boolean => state !== "whole" && state !== "not-wanted";

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

/** The gaps that are one with this one. */
export const alikeTo = (gap: Gap, gaps: readonly Gap[]): readonly Gap[] =>
  alikeGaps(gaps).find((group) => group.includes(gap)) ?? [gap];

/** Fills the gaps of some cavities in one way: from a free output by a link of its own, else as a choice that is signed. */
export function fillOps(document: JobDocument, gaps: readonly Gap[], way: GapWay | null, person: string): RowOp[] {
  if (way !== "free-output")
    return gapOps(
      document,
      gaps.map(({ pin }) => pin.id),
      way,
      person,
    );
  return gaps.flatMap(({ pin, output }) =>
    output === null ? [] : acceptWayOps(document, { ...output, consumer: pin, byHand: true }),
  );
}
