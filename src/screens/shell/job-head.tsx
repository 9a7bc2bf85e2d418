"use client";

import Link from "next/link";
import { Kbd } from "@/ui/controls";
import { Logo } from "@/ui/marks";
import { useJob } from "./job-provider";
import { SaveState } from "./save-state";
import { ThemeToggle } from "./theme-toggle";

/** Whose job it is, who works on it, and the ways to everything. */
export function JobHead({ onFind, onKeys }: { onFind: () => void; onKeys: () => void }) {
  const job = useJob();
  const { name, host, donor } = job.document.job;
  return (
    <header className="no-print col-span-full flex items-center gap-3 border-b border-rule2 px-4">
      <Link href="/" className="wide flex h-10 items-center gap-2" title="All jobs">
        <Logo />
        Pantograph
      </Link>
      <Link
        href={`/jobs/${job.jobId}`}
        className="flex h-10 min-w-0 flex-1 items-center"
        title={`${name}: ${host} takes the ${donor}. Where it stands (0)`}
      >
        <span className="truncate">
          <strong className="font-semibold">{name}</strong> <span className="text-ink2">takes the {donor}</span>
        </span>
      </Link>
      <SaveState />
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
        onClick={onFind}
        className="flex h-10 w-56 items-center justify-between gap-2 rounded-[3px] border border-rule2 bg-sheet px-2.5 text-[13px] text-ink2 max-lg:w-auto"
      >
        <span className="truncate">Find cavity, circuit, step</span> <Kbd>Ctrl K</Kbd>
      </button>
      <ThemeToggle />
      <button
        type="button"
        onClick={onKeys}
        aria-label="Keyboard shortcuts"
        className="grid size-10 place-items-center"
      >
        <span className="rounded-[3px] border border-b-2 border-rule2 px-1.5 font-mono text-[13px]">?</span>
      </button>
    </header>
  );
}
