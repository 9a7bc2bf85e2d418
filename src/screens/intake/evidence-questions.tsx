"use client";

import { nanoid } from "nanoid";
import { type FormEvent, useState } from "react";
import { findSubject, subjectName } from "@/job/evidence";
import { deleteOp, insertOp, updateOp } from "@/job/ops";
import type { QuestionRow } from "@/job/schema";
import { Button, Field } from "@/ui/controls";
import { StateMark } from "@/ui/marks";
import { SavedInput } from "@/ui/saved-input";
import { useJob } from "../shell/job-provider";

/** What nobody knows yet, and what would settle it. */
export function Questions() {
  const job = useJob();
  return (
    <section className="border border-rule2 bg-sheet" aria-labelledby="questions">
      <h2 id="questions" className="border-b border-rule px-3 py-2.5 text-base">
        Open questions
      </h2>
      <ul>
        {job.document.questions.map((row) => (
          <QuestionLine key={row.id} row={row} />
        ))}
      </ul>
      <AskForm />
    </section>
  );
}

function QuestionLine({ row }: { row: QuestionRow }) {
  const job = useJob();
  return (
    <li className="grid grid-cols-[26px_minmax(0,1.4fr)_minmax(0,1fr)_auto] items-center gap-3 border-b border-rule px-3 py-2">
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
  );
}

function AskForm() {
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
  );
}
