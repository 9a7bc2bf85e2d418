"use client";

import { topicsOf } from "@/job/evidence";
import { GRADES } from "@/job/schema";
import { Grade } from "@/ui/grade";
import { useJob } from "../shell/job-provider";
import { ScreenHead } from "../shell/screen-head";
import { Branches } from "./evidence-branches";
import { Facts } from "./evidence-facts";
import { Questions } from "./evidence-questions";

/** Where each harness comes from, what is known of what and on which ground, and what is still to be asked. */
export function EvidenceScreen() {
  const job = useJob();
  const conflicts =
    topicsOf(job.document.facts).filter((topic) => topic.conflict).length +
    (job.report?.problems.filter((problem) => problem.code === "conflict").length ?? 0);
  const open = job.document.questions.filter((row) => row.answer === "").length;
  return (
    <>
      <ScreenHead title="Evidence">
        <span className="text-ink2">
          <strong className={`font-mono ${conflicts > 0 ? "text-stop" : "text-ink"}`}>{conflicts}</strong>{" "}
          {conflicts === 1 ? "conflict" : "conflicts"}, <strong className="font-mono text-ink">{open}</strong> open{" "}
          {open === 1 ? "question" : "questions"}
        </span>
        <span className="flex-1" />
        <span className="flex flex-wrap items-center gap-3">
          {GRADES.map((grade) => (
            <Grade key={grade} grade={grade} />
          ))}
        </span>
      </ScreenHead>
      <datalist id="subjects">
        {[
          ...new Set([
            ...job.document.branches.map((row) => row.label),
            ...job.document.connectors.map((row) => row.label),
            ...job.pins.map((pin) => pin.label),
          ]),
        ].map((name) => (
          <option key={name} value={name} />
        ))}
      </datalist>
      <div className="min-h-0 flex-1 space-y-4 overflow-auto px-4 pb-4">
        <Branches />
        <Facts />
        <Questions />
      </div>
    </>
  );
}
