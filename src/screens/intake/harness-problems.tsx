"use client";

import { TriangleAlert } from "lucide-react";
import type { HarnessProblem } from "@/core/harness";
import { harnessProblemWords } from "@/core/words";
import { Button } from "@/ui/controls";
import { Empty } from "@/ui/states";
import { useJob } from "../shell/job-provider";

/** What contradicts itself in the tables, each with its place, its cure and the way to it. */
export function HarnessProblems({ onOpen }: { onOpen: (connectorId: string) => void }) {
  const problems = useJob().report?.problems ?? [];
  return (
    <section
      aria-label="Problems in the harness"
      tabIndex={0}
      className="mx-4 mb-4 min-h-0 flex-1 overflow-auto border border-rule2 bg-sheet"
    >
      {problems.length === 0 ? (
        <Empty title="No problem found">
          <p>Every circuit, mate and part of both harnesses fits together.</p>
        </Empty>
      ) : (
        <ul>
          {problems.map((problem) => (
            <ProblemLine key={JSON.stringify(problem)} problem={problem} onOpen={onOpen} />
          ))}
        </ul>
      )}
    </section>
  );
}

function ProblemLine({ problem, onOpen }: { problem: HarnessProblem; onOpen: (connectorId: string) => void }) {
  const { where, message, cure } = harnessProblemWords(problem, useJob().document.job.units);
  const { connectorId } = problem;
  return (
    <li className="flex items-start gap-3 border-b border-rule px-3 py-2.5">
      <TriangleAlert size={18} className="mt-0.5 shrink-0 text-stop" aria-hidden="true" />
      <p className="min-w-0 flex-1">
        <strong className="font-mono text-[13px]">{where}</strong>
        <span className="block">{message}</span>
        <span className="block text-[13px] text-ink2">{cure}</span>
      </p>
      {connectorId !== null && <Button onClick={() => onOpen(connectorId)}>Open</Button>}
    </li>
  );
}
