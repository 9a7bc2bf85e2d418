"use client";

import { nanoid } from "nanoid";
import { type FormEvent, useState } from "react";
import { findSubject, sayOps, topicsOfPin } from "@/job/evidence";
import { type FactRow, GRADES } from "@/job/schema";
import { Button, Field } from "@/ui/controls";
import { useJob } from "../shell/job-provider";

/** One thing more that someone says of something. */
export function FactForm() {
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
    const ops = (person: string) =>
      sayOps(
        job.document,
        {
          id: nanoid(),
          subject,
          topic: form.topic.trim(),
          says: form.says.trim(),
          grade: form.grade,
          origin: form.origin.trim(),
          person,
        },
        nanoid,
      );
    const tried = ops("?");
    if (!tried.ok) return setFault(tried.fault);
    setFault(null);
    job.change(`${form.topic.trim()} of ${form.about.trim()}: ${form.says.trim()}`, (person) => {
      const said = ops(person);
      return said.ok ? said.ops : [];
    });
    setForm({ ...form, says: "", origin: "" });
  };
  const about = findSubject(job.document, form.about);
  const pin = job.pinById.get(about?.startsWith("pin:") ? about.slice("pin:".length) : "");
  const text = (label: string, key: "about" | "topic" | "says" | "origin", placeholder: string, list?: string) => (
    <Field label={label}>
      <input className="field" list={list} value={form[key]} placeholder={placeholder} onChange={set(key)} />
    </Field>
  );
  return (
    <form
      onSubmit={send}
      className="grid grid-cols-[1fr_1fr_1fr_1fr_130px_auto] items-end gap-3 p-3 max-lg:grid-cols-2"
    >
      {text("Of", "about", "C1-23", "subjects")}
      {text("What", "topic", "colour, place, use", "fact-topics")}
      <datalist id="fact-topics">
        {(pin === undefined ? [] : topicsOfPin(pin.row)).map((topic) => (
          <option key={topic} value={topic} />
        ))}
      </datalist>
      {text("Says", "says", "yellow with a black tracer")}
      {text("From", "origin", "diagram, meter, seller")}
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
