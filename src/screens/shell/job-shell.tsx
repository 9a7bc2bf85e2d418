"use client";

import Link from "next/link";
import { useRouter } from "next/navigation";
import { type ReactNode, Suspense, useState } from "react";
import { blockerWords } from "@/core/words";
import { Button, Kbd } from "@/ui/controls";
import { CavityProvider } from "../cavity/cavity-context";
import { CavityDrawer } from "../cavity/cavity-pane";
import { CommandPalette } from "./command-palette";
import { JobHead } from "./job-head";
import { type JobContextValue, useJob } from "./job-provider";
import { useKeys } from "./keys";
import { SetAside } from "./set-aside";
import { ShortcutsSheet } from "./shortcuts-sheet";
import { StageNav, useStanding } from "./stage-nav";
import { blockerAddress } from "./stages";

/** What every screen of a job has around it: whose job, what is next, the stages, and the ways to anywhere. */
export function JobShell({ children }: { children: ReactNode }) {
  const job = useJob();
  const router = useRouter();
  const [palette, setPalette] = useState(false);
  const [shortcuts, setShortcuts] = useState(false);
  const [next] = job.blockers;
  const standing = useStanding(job);
  const go = (path: string) => router.push(`/jobs/${job.jobId}/${path}`);
  useKeys({
    n: () => next && router.push(blockerAddress(job.jobId, next)),
    h: () => go("history"),
    "0": () => router.push(`/jobs/${job.jobId}`),
    "?": () => setShortcuts(true),
    "Control+k": () => setPalette(true),
    "Control+z": () => job.step("undo"),
    "Control+y": () => job.step("redo"),
    "Control+Shift+z": () => job.step("redo"),
    ...Object.fromEntries(standing.stages.map((stage) => [stage.digit, () => go(stage.path)])),
  });

  return (
    <div className="grid h-dvh grid-cols-[172px_minmax(0,1fr)] grid-rows-[52px_auto_auto_minmax(0,1fr)] max-lg:grid-cols-[minmax(0,1fr)] max-lg:grid-rows-[52px_auto_auto_auto_minmax(0,1fr)] print:block print:h-auto">
      <JobHead onFind={() => setPalette(true)} onKeys={() => setShortcuts(true)} />
      <NextLine job={job} />
      <Warnings job={job} />
      <StageNav base={`/jobs/${job.jobId}`} standing={standing} />
      <CavityProvider>
        <main className="flex min-h-0 min-w-0 flex-col print:block">
          <Suspense>{children}</Suspense>
        </main>
        <CavityDrawer />
      </CavityProvider>
      <CommandPalette open={palette} onClose={() => setPalette(false)} />
      <ShortcutsSheet open={shortcuts} onClose={() => setShortcuts(false)} />
    </div>
  );
}

/** Not everything has been worked out yet: that nothing was found so far says nothing. */
const isWorking = ({ report, stale, power, powerStale, expected }: JobContextValue) =>
  report === null || stale || power === null || powerStale || expected === null;

/** The one thing that holds the job back now. */
function NextLine({ job }: { job: JobContextValue }) {
  const [next] = job.blockers;
  if (next === undefined)
    return (
      <p className="no-print col-span-full flex min-h-11 items-center gap-3.5 bg-ink px-4 text-bench">
        <strong className="wide">Next</strong>
        {isWorking(job)
          ? "Working out what holds the job back …"
          : "Nothing holds the job back: every link is decided and every step proven."}
      </p>
    );
  const told = blockerWords(next, job.document.job.units);
  return (
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
  );
}

/** What makes the screen older than the job, or the job older than what was typed. */
function Warnings({ job }: { job: JobContextValue }) {
  return (
    <div className="no-print col-span-full" aria-live="polite">
      {job.connection !== "ok" && (
        <p className="border-b-[1.5px] border-ink bg-warnfill px-4 py-2 text-sm">
          <strong>{TROUBLE[job.connection]}</strong> {keptWords(job)}{" "}
          {job.connection === "locked" && (
            <a href={`/enter?to=/jobs/${job.jobId}`} className="font-semibold underline">
              Enter the passphrase
            </a>
          )}
        </p>
      )}
      {job.onlyHere && job.connection === "ok" && (
        <p className="border-b-[1.5px] border-ink bg-warnfill px-4 py-2 text-sm">
          <strong>This browser keeps nothing.</strong> {keptWords(job)}
        </p>
      )}
      <SetAside />
      <WorkerFailed name="harness" watch={job.harnessWatch} />
      <WorkerFailed name="electrical solution" watch={job.powerWatch} />
    </div>
  );
}

const TROUBLE = {
  lost: "No connection to the server or its database.",
  full: "The database's disk is full: free some space there.",
  locked: "The server asks for its passphrase again.",
} as const;

/** What becomes of what is not saved yet. */
function keptWords({ unsent, onlyHere }: JobContextValue): string {
  const changes = unsent === 1 ? "1 change is" : `${unsent} changes are`;
  if (onlyHere) return `${changes} in this page alone and lost with it: leave it open until they are saved.`;
  return unsent > 0
    ? `${changes} kept in this browser, to be sent as soon as that is over.`
    : "What you change is kept in this browser, to be sent as soon as that is over.";
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
