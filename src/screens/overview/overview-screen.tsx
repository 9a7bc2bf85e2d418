"use client";

import Link from "next/link";
import { type ReactNode, useMemo } from "react";
import { FUNCTION_STATES, type FunctionLine, glanceOf } from "@/core/plan";
import { blockerWords, count, FUNCTION_STATE_WORDS, mapFunctionName } from "@/core/words";
import { buttonLook } from "@/ui/controls";
import { StateMark } from "@/ui/marks";
import { Empty } from "@/ui/states";
import { FUNCTION_MARKS } from "../map/function-marks";
import { useAcceptances } from "../map/use-acceptance";
import { useFunctions } from "../map/use-functions";
import { isGuess } from "../shell/derive";
import { openEnds, openFixes } from "../shell/harness-state";
import { useJob } from "../shell/job-provider";
import { ScreenHead } from "../shell/screen-head";
import { blockerAddress } from "../shell/stages";
import { GlanceDrawing } from "./glance-drawing";
import { useSince } from "./use-since";

/** Where the job stands: read in ten seconds after months away. */
export function OverviewScreen() {
  const { document, plan, jobId, pins } = useJob();
  const functions = useFunctions();
  const glance = useMemo(() => glanceOf(plan.lines), [plan.lines]);
  const { host, donor, wishes } = document.job;
  return (
    <>
      <ScreenHead title="Overview" />
      <div className="min-h-0 overflow-auto px-4 pb-6" tabIndex={0} role="group" aria-label="Where the job stands">
        <p className="pb-3">
          {host} takes the {donor}.{wishes.trim() === "" ? "" : ` “${wishes.trim()}”`}
        </p>
        {pins.length === 0 ? (
          <div className="border border-rule2 bg-sheet">
            <Empty title="No pin tables yet">
              <p>Import both tables: then what must work stands here, with what is next.</p>
              <Link href={`/jobs/${jobId}/import`} className={buttonLook(true)}>
                To the import
              </Link>
            </Empty>
          </div>
        ) : (
          <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1.15fr)] gap-4 max-lg:grid-cols-1">
            <div className="space-y-4">
              <NextThree />
              <Standing functions={functions} />
              <OpenItems />
            </div>
            <div className="space-y-4">
              <Panel title="The map at a glance">
                <GlanceDrawing glance={glance} />
              </Panel>
              <SinceLast />
            </div>
          </div>
        )}
      </div>
    </>
  );
}

function Panel({ title, children, aside }: { title: string; children: ReactNode; aside?: ReactNode }) {
  return (
    <section aria-label={title} className="border border-rule2 bg-sheet">
      <h2 className="flex items-baseline gap-2 border-b border-rule px-3 py-2 text-sm font-bold">
        {title}
        {aside !== undefined && <span className="font-normal text-ink2">{aside}</span>}
      </h2>
      {children}
    </section>
  );
}

/** The next three things, each with the way to it. */
function NextThree() {
  const { blockers, document, jobId } = useJob();
  return (
    <Panel title="Next" aside={blockers.length > 3 ? `the first 3 of ${blockers.length}` : undefined}>
      {blockers.length === 0 ? (
        <p className="p-3">Nothing holds the job back.</p>
      ) : (
        <ol>
          {blockers.slice(0, 3).map((blocker, at) => {
            const { text, detail } = blockerWords(blocker, document.job.units);
            return (
              <li key={`${text} ${detail}`} className="border-b border-rule last:border-b-0">
                <Link
                  href={blockerAddress(jobId, blocker)}
                  className="grid grid-cols-[24px_1fr] gap-x-1 px-3 py-2 hover:bg-fill"
                >
                  <span className="font-mono">{at + 1}</span>
                  <span className="font-semibold">{text}</span>
                  <span className="col-start-2 line-clamp-2 text-[13px] text-ink2">{detail}</span>
                </Link>
              </li>
            );
          })}
        </ol>
      )}
    </Panel>
  );
}

/** What must work, by how it stands; the open ones by name. */
function Standing({ functions }: { functions: readonly FunctionLine[] }) {
  const { jobId } = useJob();
  const whole = functions.filter(({ state }) => state === "whole").length;
  const wanted = functions.filter(({ state }) => state !== "not-wanted").length;
  const seen = useAcceptances(functions);
  const works = functions.filter(({ key, state }) => {
    const told = seen.get(key);
    return state === "whole" && told?.works === true && !told.stale;
  }).length;
  return (
    <Panel
      title="What must work"
      aside={`${whole} of ${wanted} whole${works === 0 ? "" : `, ${works} seen to work on the vehicle`}`}
    >
      <ul>
        {FUNCTION_STATES.map((state) => {
          const own = functions.filter((one) => one.state === state);
          if (own.length === 0) return null;
          return (
            <li
              key={state}
              className="grid grid-cols-[24px_170px_1fr] items-start gap-x-1 border-b border-rule px-3 py-2 last:border-b-0"
            >
              <span className="pt-0.5">
                <StateMark mark={FUNCTION_MARKS[state]} />
              </span>
              <span className={`font-semibold ${state === "cannot" ? "text-stop" : ""}`}>
                <span className="font-mono">{own.length}</span> {FUNCTION_STATE_WORDS[state]}
              </span>
              <span className="text-[13px] text-ink2">
                {own.slice(0, MOST_NAMES).map(({ key }, at) => (
                  <span key={key}>
                    {at > 0 && ", "}
                    <Link
                      href={`/jobs/${jobId}/map?function=${key}`}
                      className="underline decoration-rule2 underline-offset-4"
                    >
                      {mapFunctionName(key)}
                    </Link>
                  </span>
                ))}
                {own.length > MOST_NAMES && ` and ${own.length - MOST_NAMES} more`}
              </span>
            </li>
          );
        })}
      </ul>
    </Panel>
  );
}
const MOST_NAMES = 5;

/** What stays open beside the stages, and what has become stale. */
function OpenItems() {
  const { document, report, pins, plan, steps, jobId } = useJob();
  const items = [
    ["Guesses that nobody has looked at", pins.filter(isGuess).length, "pins?show=guesses"],
    ["Loose ends", openEnds(document, report).length, "triage?tab=loose"],
    ["Temporary fixes", openFixes(document).length, "triage?tab=loose"],
    ["Decisions that no longer fit their facts", plan.lines.filter(({ stale }) => stale).length, "map?view=trouble"],
    ["Readings that are stale", steps.filter(({ stale }) => stale).length, "prove"],
    ["Gaps that somebody signed to live with", document.gaps.filter(({ way }) => way === "without").length, "map"],
  ] as const;
  return (
    <Panel title="Open and stale">
      <ul className="grid grid-cols-2 max-sm:grid-cols-1">
        {items.map(([name, many, path]) => (
          <li key={name} className="border-b border-rule">
            <Link
              href={`/jobs/${jobId}/${path}`}
              className="flex min-h-10 items-center gap-2 px-3 text-[13px] hover:bg-fill"
            >
              <b className="w-10 text-right font-mono">{many}</b>
              {name}
            </Link>
          </li>
        ))}
      </ul>
    </Panel>
  );
}

/** What changed since this person was last here, and by whom. */
function SinceLast() {
  const { jobId, person } = useJob();
  const { edits, isFirst, failed } = useSince();
  const others = new Set(edits?.map((edit) => edit.person).filter((one) => one !== person));
  return (
    <Panel
      title={isFirst ? "Last changes" : "Since you were last here"}
      aside={
        edits === null
          ? undefined
          : `${count(edits.length, "change")}${others.size === 0 ? "" : `, ${[...others].join(", ")}`}`
      }
    >
      {failed ? (
        <p className="p-3 text-[13px] text-ink2">The history cannot be read just now; it is asked for again.</p>
      ) : edits === null ? (
        <p className="p-3 text-[13px] text-ink2" role="status">
          Reading the history …
        </p>
      ) : edits.length === 0 ? (
        <p className="p-3 text-[13px] text-ink2">Nothing.</p>
      ) : (
        <ul>
          {edits.slice(0, MOST_EDITS).map((edit) => (
            <li
              key={edit.revision}
              className="grid grid-cols-[110px_1fr] gap-2 border-b border-rule px-3 py-1.5 text-[13px] last:border-b-0"
            >
              <span className="truncate text-ink2">{edit.person}</span>
              <span className="truncate" title={edit.label}>
                {edit.label}
              </span>
            </li>
          ))}
          <li>
            <Link href={`/jobs/${jobId}/history`} className={buttonLook()}>
              The whole history
            </Link>
          </li>
        </ul>
      )}
    </Panel>
  );
}
const MOST_EDITS = 6;
