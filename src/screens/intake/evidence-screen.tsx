"use client";

import { nanoid } from "nanoid";
import { type FormEvent, useState } from "react";
import type { Side } from "@/core/forms";
import { capital, harnessProblemWords } from "@/core/words";
import { findSubject, subjectName, topicsOf } from "@/job/evidence";
import { branchOps } from "@/job/harness-ops";
import { deleteOp, insertOp, updateOp } from "@/job/ops";
import { type FactRow, GRADES } from "@/job/schema";
import { Button, Field } from "@/ui/controls";
import { Grade } from "@/ui/grade";
import { StateMark } from "@/ui/marks";
import { SavedInput } from "@/ui/saved-input";
import { useJob } from "../shell/job-provider";
import { ScreenHead } from "../shell/screen-head";
import { SideSelect } from "./side-select";

/** Where each loom comes from, what is known of what and on which ground, and what is still to be asked. */
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

function Branches() {
  const job = useJob();
  const [label, setLabel] = useState("");
  const [side, setSide] = useState<Side>("donor");
  const count = (id: string) => job.document.connectors.filter((row) => row.branchId === id).length;
  return (
    <section className="border border-rule2 bg-sheet" aria-labelledby="branches">
      <h2 id="branches" className="border-b border-rule px-3 py-2.5 text-base">
        Branches and their origin
      </h2>
      <ul>
        {job.document.branches.map((row) => (
          <li
            key={row.id}
            className="grid grid-cols-[minmax(140px,0.8fr)_1fr_1fr_1fr_auto] items-end gap-3 border-b border-rule px-3 py-2 max-lg:grid-cols-2"
          >
            <p className="self-center">
              <strong className="block">{row.label}</strong>
              <span className="text-[13px] text-ink2">
                {row.side}, {count(row.id)} connectors
              </span>
            </p>
            {(["origin", "diagram", "note"] as const).map((key) => (
              <Field
                key={key}
                label={
                  { origin: "Vehicle, year, trim, gearbox", diagram: "The one diagram that fits", note: "Note" }[key]
                }
              >
                <SavedInput
                  label={`${capital(key)} of ${row.label}`}
                  value={row[key]}
                  onSave={(text) =>
                    job.change(`${capital(key)} of ${row.label}`, branchOps.change(row, { [key]: text }), {
                      quiet: true,
                    })
                  }
                />
              </Field>
            ))}
            <Button onClick={() => job.change(`Remove the branch ${row.label}`, branchOps.remove(job.document, row))}>
              Remove
            </Button>
          </li>
        ))}
      </ul>
      <form
        className="flex flex-wrap items-end gap-3 p-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (label.trim() === "") return;
          job.change(`Branch ${label.trim()}`, branchOps.add(job.document, side, label.trim()));
          setLabel("");
        }}
      >
        <Field label="A branch of its own" hint="connectors are put into it on their part's page">
          <input
            className="field w-56"
            value={label}
            placeholder="Gearbox harness"
            onChange={(event) => setLabel(event.target.value)}
          />
        </Field>
        <SideSelect label="Side of the branch" side={side} onChange={setSide} className="mb-6" />
        <Button type="submit" className="mb-6" disabled={label.trim() === ""}>
          Add it
        </Button>
      </form>
    </section>
  );
}

function Facts() {
  const job = useJob();
  const topics = topicsOf(job.document.facts);
  const conflicts = (job.report?.problems ?? [])
    .filter((problem) => problem.code === "conflict")
    .map((problem) => harnessProblemWords(problem, job.document.job.units));
  const raise = (fact: FactRow, grade: FactRow["grade"]) =>
    job.change(
      `${fact.topic} of ${subjectName(job.document, fact.subject)} is ${grade}`,
      (person) => [updateOp("fact", fact.id, fact, { grade, person })],
      { quiet: true },
    );
  return (
    <section className="border border-rule2 bg-sheet" aria-labelledby="facts">
      <h2 id="facts" className="border-b border-rule px-3 py-2.5 text-base">
        What is said of what
      </h2>
      <ul>
        {topics.map((topic) => (
          <li
            key={`${topic.subject} ${topic.topic}`}
            className="grid grid-cols-[minmax(150px,0.7fr)_minmax(0,2fr)] gap-3 border-b border-rule px-3 py-2"
          >
            <p>
              <strong className="block font-mono text-[13px]">{subjectName(job.document, topic.subject)}</strong>
              {topic.topic}
              {topic.conflict && (
                <strong className="block text-[13px] text-stop">In conflict: not everyone says the same</strong>
              )}
            </p>
            <ul className="space-y-1">
              {topic.facts.map((fact) => (
                <li key={fact.id} className="flex flex-wrap items-center gap-3">
                  <Grade grade={fact.grade} />
                  <strong className="min-w-24">{fact.says}</strong>
                  <span className="min-w-0 flex-1 text-[13px] text-ink2">
                    {fact.origin === "" ? "no origin told" : fact.origin}; {fact.person}
                  </span>
                  <select
                    aria-label={`Grade of “${fact.says}”`}
                    className="field w-32"
                    value={fact.grade}
                    onChange={(event) => raise(fact, GRADES.find((one) => one === event.target.value) ?? fact.grade)}
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
              ))}
            </ul>
          </li>
        ))}
        {conflicts.slice(0, 40).map((problem) => (
          <li
            key={`${problem.where} ${problem.message}`}
            className="grid grid-cols-[minmax(150px,0.7fr)_minmax(0,2fr)] gap-3 border-b border-rule px-3 py-2"
          >
            <p>
              <strong className="block font-mono text-[13px]">{problem.where}</strong>
              <strong className="text-[13px] text-stop">In conflict, by the pin tables</strong>
            </p>
            <p>
              {problem.message}
              <span className="block text-[13px] text-ink2">{problem.cure}</span>
            </p>
          </li>
        ))}
        {conflicts.length > 40 && (
          <li className="px-3 py-2 text-ink2">{conflicts.length - 40} more on the harness's list of problems</li>
        )}
      </ul>
      <FactForm />
    </section>
  );
}

function FactForm() {
  const job = useJob();
  const [form, setForm] = useState({
    about: "",
    topic: "",
    says: "",
    origin: "",
    grade: "claimed" as FactRow["grade"],
  });
  const [fault, setFault] = useState<string | null>(null);
  const set = (key: keyof typeof form) => (event: { target: { value: string } }) =>
    setForm({ ...form, [key]: event.target.value });
  const send = (event: FormEvent) => {
    event.preventDefault();
    const subject = findSubject(job.document, form.about);
    if (subject === null) return setFault("Nothing is called so: a cavity as C1-23, a connector or a branch");
    if (form.topic.trim() === "" || form.says.trim() === "") return setFault("Say of what, and what");
    setFault(null);
    job.change(`${form.topic.trim()} of ${form.about.trim()}: ${form.says.trim()}`, (person) => [
      insertOp("fact", {
        id: nanoid(),
        subject,
        topic: form.topic.trim(),
        says: form.says.trim(),
        grade: form.grade,
        origin: form.origin.trim(),
        person,
      }),
    ]);
    setForm({ ...form, says: "", origin: "" });
  };
  return (
    <form
      onSubmit={send}
      className="grid grid-cols-[1fr_1fr_1fr_1fr_130px_auto] items-end gap-3 p-3 max-lg:grid-cols-2"
    >
      <Field label="Of">
        <input className="field" list="subjects" value={form.about} placeholder="C1-23" onChange={set("about")} />
      </Field>
      <Field label="What">
        <input className="field" value={form.topic} placeholder="colour, place, use" onChange={set("topic")} />
      </Field>
      <Field label="Says">
        <input className="field" value={form.says} placeholder="yellow with a black tracer" onChange={set("says")} />
      </Field>
      <Field label="From">
        <input className="field" value={form.origin} placeholder="diagram, meter, seller" onChange={set("origin")} />
      </Field>
      <Field label="Grade">
        <select className="field" value={form.grade} onChange={set("grade")}>
          {GRADES.map((one) => (
            <option key={one}>{one}</option>
          ))}
        </select>
      </Field>
      <Button type="submit">Add it</Button>
      {fault !== null && (
        <p role="alert" className="col-span-full text-[13px] font-semibold text-stop">
          {fault}
        </p>
      )}
    </form>
  );
}

function Questions() {
  const job = useJob();
  const [form, setForm] = useState({ asks: "", settledBy: "", about: "" });
  const send = (event: FormEvent) => {
    event.preventDefault();
    if (form.asks.trim() === "") return;
    job.change(`Question: ${form.asks.trim().slice(0, 200)}`, [
      insertOp("question", {
        id: nanoid(),
        subject: findSubject(job.document, form.about),
        asks: form.asks.trim(),
        settledBy: form.settledBy.trim(),
        answer: "",
      }),
    ]);
    setForm({ asks: "", settledBy: "", about: "" });
  };
  return (
    <section className="border border-rule2 bg-sheet" aria-labelledby="questions">
      <h2 id="questions" className="border-b border-rule px-3 py-2.5 text-base">
        Open questions
      </h2>
      <ul>
        {job.document.questions.map((row) => (
          <li
            key={row.id}
            className="grid grid-cols-[26px_minmax(0,1.4fr)_minmax(0,1fr)_auto] items-center gap-3 border-b border-rule px-3 py-2"
          >
            <StateMark mark={row.answer === "" ? "open" : "proven"} />
            <p className="min-w-0 break-words">
              <strong>{row.asks}</strong>
              {row.subject !== null && (
                <span className="font-mono text-[13px]"> {subjectName(job.document, row.subject)}</span>
              )}
              <span className="block text-[13px] text-ink2">
                {row.settledBy === "" ? "what would settle it is not known yet" : `settled by: ${row.settledBy}`}
              </span>
            </p>
            <SavedInput
              label={`Answer to “${row.asks}”`}
              placeholder="the answer"
              value={row.answer}
              onSave={(text) =>
                job.change(`Answer: ${row.asks.slice(0, 200)}`, [updateOp("question", row.id, row, { answer: text })], {
                  quiet: true,
                })
              }
            />
            <Button
              aria-label={`Remove “${row.asks}”`}
              onClick={() => job.change("Remove a question", [deleteOp("question", row)])}
            >
              Remove
            </Button>
          </li>
        ))}
      </ul>
      <form onSubmit={send} className="grid grid-cols-[2fr_2fr_1fr_auto] items-end gap-3 p-3 max-lg:grid-cols-2">
        <Field label="What is not known">
          <input
            className="field"
            value={form.asks}
            placeholder="Which of the two grey plugs is the fan's?"
            onChange={(event) => setForm({ ...form, asks: event.target.value })}
          />
        </Field>
        <Field label="What would settle it">
          <input
            className="field"
            value={form.settledBy}
            placeholder="continuity from fuse 7"
            onChange={(event) => setForm({ ...form, settledBy: event.target.value })}
          />
        </Field>
        <Field label="About">
          <input
            className="field"
            list="subjects"
            value={form.about}
            onChange={(event) => setForm({ ...form, about: event.target.value })}
          />
        </Field>
        <Button type="submit" disabled={form.asks.trim() === ""}>
          Ask it
        </Button>
      </form>
    </section>
  );
}
