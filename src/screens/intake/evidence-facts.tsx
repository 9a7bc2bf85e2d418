"use client";

import { harnessProblemWords, type ProblemWords } from "@/core/words";
import { type GradedValue, gradedValues, subjectName, type Topic, topicsOf } from "@/job/evidence";
import { deleteOp, updateOp } from "@/job/ops";
import { type FactRow, GRADES } from "@/job/schema";
import { Button } from "@/ui/controls";
import { Grade } from "@/ui/grade";
import { CavityPlate } from "../cavity/cavity-plate";
import { useJob } from "../shell/job-provider";
import { FactForm } from "./fact-form";

const MOST_CONFLICTS = 40;
const LINE = "grid grid-cols-[minmax(150px,0.7fr)_minmax(0,2fr)] gap-3 border-b border-rule px-3 py-2";

/** What is said of what, by whom and on which ground; where they do not say the same, that is told. */
export function Facts() {
  const job = useJob();
  const conflicts = (job.report?.problems ?? [])
    .filter((problem) => problem.code === "conflict")
    .map((problem) => harnessProblemWords(problem, job.document.job.units));
  return (
    <section className="border border-rule2 bg-sheet" aria-labelledby="facts">
      <h2 id="facts" className="border-b border-rule px-3 py-2.5 text-base">
        What is said of what
      </h2>
      <ul>
        {topicsOf(job.document.facts).map((topic) => (
          <TopicLine key={`${topic.subject} ${topic.topic}`} topic={topic} />
        ))}
        {gradedValues(job.document).map((value) => (
          <ValueLine key={`${value.pinId} ${value.topic}`} value={value} />
        ))}
        {conflicts.slice(0, MOST_CONFLICTS).map((problem) => (
          <ConflictLine key={`${problem.where} ${problem.message}`} problem={problem} />
        ))}
        {conflicts.length > MOST_CONFLICTS && (
          <li className="px-3 py-2 text-ink2">
            {conflicts.length - MOST_CONFLICTS} more on the harness's list of problems
          </li>
        )}
      </ul>
      <FactForm />
    </section>
  );
}

function TopicLine({ topic: { subject, topic, facts, conflict } }: { topic: Topic }) {
  const job = useJob();
  return (
    <li className={LINE}>
      <p>
        <strong className="block font-mono text-[13px]">{subjectName(job.document, subject)}</strong>
        {topic}
        {conflict && <strong className="block text-[13px] text-stop">In conflict: not everyone says the same</strong>}
      </p>
      <ul className="space-y-1">
        {facts.map((fact) => (
          <FactLine key={fact.id} fact={fact} />
        ))}
      </ul>
    </li>
  );
}

/** A value that was given where it was asked for: the same as one that is said here. */
function ValueLine({ value: { pinId, topic, says, grade } }: { value: GradedValue }) {
  const { pinById } = useJob();
  const pin = pinById.get(pinId);
  if (pin === undefined) return null;
  return (
    <li className={LINE}>
      <p>
        <CavityPlate pin={pin} />
        <span className="block">{topic}</span>
      </p>
      <p className="flex items-center gap-3">
        {grade === "usual" ? <span className="text-[13px]">usual value, assumed</span> : <Grade grade={grade} />}
        <strong className="break-words">{says}</strong>
      </p>
    </li>
  );
}

function FactLine({ fact }: { fact: FactRow }) {
  const job = useJob();
  const raise = (grade: FactRow["grade"]) =>
    job.change(
      `${fact.topic} of ${subjectName(job.document, fact.subject)} is ${grade}`,
      (person) => [updateOp("fact", fact.id, fact, { grade, person })],
      { quiet: true },
    );
  return (
    <li className="grid grid-cols-[104px_minmax(72px,160px)_minmax(0,1fr)_128px_auto] items-center gap-3 max-lg:grid-cols-2">
      <Grade grade={fact.grade} />
      <strong className="break-words">{fact.says}</strong>
      <span className="text-[13px] text-ink2">
        {fact.origin === "" ? "no origin told" : fact.origin}; {fact.person}
      </span>
      <select
        aria-label={`Grade of “${fact.says}”`}
        className="field w-32"
        value={fact.grade}
        onChange={(event) => raise(GRADES.find((one) => one === event.target.value) ?? fact.grade)}
      >
        {GRADES.map((one) => (
          <option key={one}>{one}</option>
        ))}
      </select>
      <Button
        aria-label={`Remove “${fact.says}”`}
        onClick={() => job.change(`Remove “${fact.says}”`, [deleteOp("fact", fact)])}
      >
        Remove
      </Button>
    </li>
  );
}

function ConflictLine({ problem }: { problem: ProblemWords }) {
  return (
    <li className={LINE}>
      <p>
        <strong className="block font-mono text-[13px]">{problem.where}</strong>
        <strong className="text-[13px] text-stop">In conflict, by the pin tables</strong>
      </p>
      <p>
        {problem.message}
        <span className="block text-[13px] text-ink2">{problem.cure}</span>
      </p>
    </li>
  );
}
