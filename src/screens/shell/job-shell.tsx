"use client";

import { Moon, Sun } from "lucide-react";
import Link from "next/link";
import { usePathname, useRouter } from "next/navigation";
import { type ReactNode, Suspense, useState } from "react";
import { blockerWords } from "@/core/words";
import { Button, Kbd } from "@/ui/controls";
import { Logo, StateMark } from "@/ui/marks";
import { CommandPalette } from "./command-palette";
import { isGuess } from "./derive";
import { openEnds, openFixes } from "./harness-state";
import { type JobContextValue, useJob } from "./job-provider";
import { useKeys } from "./keys";
import { ShortcutsSheet } from "./shortcuts-sheet";
import { blockerAddress, stageAt, stagesOf } from "./stages";

/** What every screen of a job has around it: whose job, what is next, the stages, and the ways to anywhere. */
export function JobShell({ children }: { children: ReactNode }) {
  const job = useJob();
  const router = useRouter();
  const [palette, setPalette] = useState(false);
  const [shortcuts, setShortcuts] = useState(false);
  const [next] = job.blockers;
  const told = next && blockerWords(next, job.document.job.units);
  const stages = stagesOf(job);
  const go = (path: string) => router.push(`/jobs/${job.jobId}/${path}`);
  useKeys({
    n: () => next && router.push(blockerAddress(job.jobId, next)),
    h: () => go("history"),
    "?": () => setShortcuts(true),
    "Control+k": () => setPalette(true),
    "Control+z": () => job.step("undo"),
    "Control+y": () => job.step("redo"),
    "Control+Shift+z": () => job.step("redo"),
    ...Object.fromEntries(stages.map((stage) => [stage.digit, () => go(stage.path)])),
  });

  return (
    <div className="grid h-dvh grid-cols-[172px_minmax(0,1fr)] grid-rows-[52px_auto_auto_minmax(0,1fr)] max-lg:grid-cols-[minmax(0,1fr)] max-lg:grid-rows-[52px_auto_auto_auto_minmax(0,1fr)] print:block print:h-auto">
      <header className="no-print col-span-full flex items-center gap-3 border-b border-rule2 px-4">
        <Link href="/" className="wide flex h-10 items-center gap-2" title="All jobs">
          <Logo />
          Pantograph
        </Link>
        <p
          className="min-w-0 flex-1 truncate"
          title={`${job.document.job.name}: ${job.document.job.host} takes the ${job.document.job.donor}`}
        >
          <strong className="font-semibold">{job.document.job.name}</strong>{" "}
          <span className="text-ink2">takes the {job.document.job.donor}</span>
        </p>
        <button
          type="button"
          onClick={job.rename}
          className="h-10 max-w-36 truncate px-2 text-[13px]"
          title="Whose name stands beside changes"
        >
          {job.person === "" ? "Who is working?" : job.person}
        </button>
        <button
          type="button"
          onClick={() => setPalette(true)}
          className="flex h-10 w-56 items-center justify-between gap-2 rounded-[3px] border border-rule2 bg-sheet px-2.5 text-[13px] text-ink2 max-lg:w-auto"
        >
          <span className="truncate">Find cavity, circuit, step</span> <Kbd>Ctrl K</Kbd>
        </button>
        <ThemeToggle />
        <button
          type="button"
          onClick={() => setShortcuts(true)}
          aria-label="Keyboard shortcuts"
          className="grid size-10 place-items-center"
        >
          <span className="rounded-[3px] border border-b-2 border-rule2 px-1.5 font-mono text-[13px]">?</span>
        </button>
      </header>
      {next !== undefined && told !== undefined ? (
        <Link
          href={blockerAddress(job.jobId, next)}
          className="no-print col-span-full flex min-h-11 items-center gap-3.5 bg-ink px-4 py-1.5 text-bench"
        >
          <strong className="wide">Next</strong>
          <span className="min-w-0 font-medium">{told.text}</span>
          <span className="min-w-0 flex-1 truncate opacity-80 max-md:hidden">{told.detail}</span>
          <span className="whitespace-nowrap opacity-80">1 of {job.blockers.length}</span>
          <Kbd>N</Kbd>
        </Link>
      ) : (
        <p className="no-print col-span-full flex min-h-11 items-center gap-3.5 bg-ink px-4 text-bench">
          <strong className="wide">Next</strong>Nothing holds the job back: every link is decided and every step proven.
        </p>
      )}
      <div className="no-print col-span-full" aria-live="polite">
        {job.connection === "lost" && (
          <p className="border-b-[1.5px] border-ink bg-warnfill px-4 py-2 text-sm">
            <strong>No connection to the server or its database.</strong>{" "}
            {job.unsent > 0
              ? `${job.unsent} ${job.unsent === 1 ? "change is" : "changes are"} kept in this browser and sent by themselves when it is back.`
              : "What you change is kept in this browser and sent when it is back."}
          </p>
        )}
        <WorkerFailed name="harness" watch={job.harnessWatch} />
        <WorkerFailed name="electrical solution" watch={job.powerWatch} />
      </div>
      <StageNav />
      <main className="flex min-h-0 min-w-0 flex-col print:block">
        <Suspense>{children}</Suspense>
      </main>
      <CommandPalette open={palette} onClose={() => setPalette(false)} />
      <ShortcutsSheet open={shortcuts} onClose={() => setShortcuts(false)} />
    </div>
  );
}

/** What is shown of it is older than the job: nobody may act on it unwarned. */
function WorkerFailed({ name, watch: { failure, retry } }: { name: string; watch: JobContextValue["powerWatch"] }) {
  if (failure === null) return null;
  return (
    <p role="alert" className="flex items-center gap-3 border-b-[1.5px] border-ink bg-warnfill px-4 py-2 text-sm">
      <span className="flex-1">
        <strong>The {name} could not be worked out</strong> ({failure.message}). What is shown of it is from before your
        last change. {failure.again ? "It is started again by itself." : ""}
      </span>
      {!failure.again && <Button onClick={retry}>Start it again</Button>}
    </p>
  );
}

function StageNav() {
  const job = useJob();
  const base = `/jobs/${job.jobId}`;
  const view = usePathname().slice(base.length + 1);
  const here = stageAt(view);
  return (
    <nav
      aria-label="Stages"
      className="no-print flex flex-col overflow-y-auto border-r border-rule pt-3 max-lg:flex-row max-lg:overflow-visible max-lg:border-r-0 max-lg:border-b max-lg:pt-0"
    >
      <ol className="max-lg:flex">
        {stagesOf(job).map((stage) => (
          <li key={stage.key}>
            <Link
              href={`${base}/${stage.path}`}
              aria-current={stage.key === here ? "page" : undefined}
              className={`grid h-[42px] grid-cols-[28px_1fr_auto] items-center px-3.5 max-lg:grid-cols-[22px_auto_auto] max-lg:gap-1 max-lg:px-2 ${navLook(stage.key === here)}`}
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
        <AlwaysOpen base={base} view={view} />
      </div>
      <details className="relative ml-auto hidden max-lg:block">
        <summary className="flex h-[42px] cursor-pointer items-center px-3.5 text-[13px] font-semibold">More</summary>
        <div className="absolute top-full right-0 z-30 w-48 border-[1.5px] border-ink bg-sheet py-1">
          <AlwaysOpen base={base} view={view} />
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
function AlwaysOpen({ base, view }: { base: string; view: string }) {
  const job = useJob();
  const item = "flex min-h-10 items-center justify-between gap-2 px-3.5 text-[13px] whitespace-nowrap";
  return (
    <>
      <Link href={`${base}/pins?show=guesses`} className={item}>
        Guesses <b className="font-mono">{job.pins.filter(isGuess).length}</b>
      </Link>
      <Link href={`${base}/triage?tab=loose`} className={item}>
        Loose ends <b className="font-mono">{openEnds(job.document, job.report).length}</b>
      </Link>
      <Link href={`${base}/triage?tab=loose`} className={item}>
        Temporary fixes <b className="font-mono">{openFixes(job.document).length}</b>
      </Link>
      <Link href={`${base}/history`} className={`${item} ${navLook(view === "history")}`}>
        History <Kbd>H</Kbd>
      </Link>
    </>
  );
}

/** Day, night, or as the system has it; kept in a cookie, so that the first picture of a page is right already. */
export function ThemeToggle() {
  const toggle = () => {
    const root = document.documentElement;
    const dark =
      root.dataset.theme === "night" ||
      (root.dataset.theme === undefined && matchMedia("(prefers-color-scheme: dark)").matches);
    root.dataset.theme = dark ? "day" : "night";
    // biome-ignore lint/suspicious/noDocumentCookie: the server reads it for the first picture; the Cookie Store is not in every browser
    document.cookie = `theme=${root.dataset.theme}; path=/; max-age=31536000; samesite=strict`;
  };
  return (
    <button
      type="button"
      onClick={toggle}
      aria-label="Change between day and night"
      className="relative grid size-10 place-items-center"
    >
      <Sun size={18} className="in-data-[theme=night]:hidden" />
      <Moon size={18} className="hidden in-data-[theme=night]:block" />
    </button>
  );
}
