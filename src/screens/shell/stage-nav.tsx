"use client";

import Link from "next/link";
import { usePathname } from "next/navigation";
import { useDeferredValue, useMemo } from "react";
import { Kbd } from "@/ui/controls";
import { StateMark } from "@/ui/marks";
import { isGuess } from "./derive";
import { openEnds, openFixes } from "./harness-state";
import type { JobContextValue } from "./job-provider";
import { type Stage, stageAt, stagesOf } from "./stages";

/** How much of the job is open, stage by stage and beside them. */
interface Standing {
  readonly stages: readonly Stage[];
  readonly guesses: number;
  readonly looseEnds: number;
  readonly fixes: number;
}

/** What was typed is shown first; what is open by it follows. */
export function useStanding(job: JobContextValue): Standing {
  const facts = useDeferredValue(job);
  return useMemo(
    () => ({
      stages: stagesOf(facts),
      guesses: facts.pins.filter(isGuess).length,
      looseEnds: openEnds(facts.document, facts.report).length,
      fixes: openFixes(facts.document).length,
    }),
    [facts],
  );
}

/** The stages of the job with what is open in each, and what stays open beside them. */
export function StageNav({ base, standing }: { base: string; standing: Standing }) {
  const view = usePathname().slice(base.length + 1);
  const here = stageAt(view);
  return (
    <nav
      aria-label="Stages"
      className="no-print flex flex-col overflow-y-auto border-r border-rule pt-3 max-lg:flex-row max-lg:overflow-visible max-lg:border-r-0 max-lg:border-b max-lg:pt-0"
    >
      <Link
        href={base}
        aria-current={view === "" ? "page" : undefined}
        className={`flex h-[42px] items-center px-3.5 max-lg:hidden ${navLook(view === "")}`}
      >
        <span className="flex-1">Overview</span>
        <Kbd>0</Kbd>
      </Link>
      <ol className="max-lg:flex">
        {standing.stages.map((stage) => (
          <li key={stage.key}>
            <Link
              href={`${base}/${stage.path}`}
              aria-current={stage.key === here ? "page" : undefined}
              className={`grid h-[42px] grid-cols-[28px_1fr_auto] items-center px-3.5 max-lg:grid-cols-[20px_auto_auto] max-lg:gap-0.5 max-lg:px-1.5 ${navLook(stage.key === here)}`}
            >
              <StateMark mark={stage.mark} />
              <span className="whitespace-nowrap">
                {stage.name}
                <span className="hidden-text"> {stage.state}</span>
              </span>
              {stage.open !== null && stage.open > 0 && (
                <span className="font-mono text-[13px] font-medium" title={`${stage.open} open`}>
                  {stage.open}
                </span>
              )}
            </Link>
          </li>
        ))}
      </ol>
      <div className="mt-3 border-t border-rule pt-3 max-lg:hidden">
        <p className="px-3.5 pb-1 text-[13px] font-semibold text-ink2">Always open</p>
        <AlwaysOpen base={base} view={view} standing={standing} />
      </div>
      <details className="relative ml-auto hidden max-lg:block">
        <summary className="flex h-[42px] cursor-pointer items-center px-3.5 text-[13px] font-semibold">More</summary>
        <div className="absolute top-full right-0 z-30 w-48 border-[1.5px] border-ink bg-sheet py-1">
          <AlwaysOpen base={base} view={view} standing={standing} />
        </div>
      </details>
    </nav>
  );
}

const navLook = (on: boolean) =>
  on
    ? "bg-sheet font-bold text-ink shadow-[inset_4px_0_0_var(--ink)] max-lg:shadow-[inset_0_-4px_0_var(--ink)]"
    : "text-ink2";

/** What stays open beside the stages, and the way back. */
function AlwaysOpen({ base, view, standing }: { base: string; view: string; standing: Standing }) {
  const item = "flex min-h-10 items-center justify-between gap-2 px-3.5 text-[13px] whitespace-nowrap";
  return (
    <>
      <Link href={`${base}/pins?show=guesses`} className={item}>
        Guesses <b className="font-mono">{standing.guesses}</b>
      </Link>
      <Link href={`${base}/triage?tab=loose`} className={item}>
        Loose ends <b className="font-mono">{standing.looseEnds}</b>
      </Link>
      <Link href={`${base}/triage?tab=loose`} className={item}>
        Temporary fixes <b className="font-mono">{standing.fixes}</b>
      </Link>
      <Link href={`${base}/history`} className={`${item} ${navLook(view === "history")}`}>
        History <Kbd>H</Kbd>
      </Link>
    </>
  );
}
