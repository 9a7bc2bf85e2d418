"use client";

import { type FormEvent, useState } from "react";
import { APPROACHES } from "@/core/approaches";
import { APPROACH_WORDS } from "@/core/words";
import { JobRow } from "@/job/schema";
import { Button, Field } from "@/ui/controls";

const BLANK: JobRow = {
  name: "",
  host: "",
  donor: "",
  approach: "donor-computer",
  units: "metric",
  wishes: "",
  lengthens: null,
};

/** What a job is about. Checked with the same schema as on the server; each fault stands at its field. */
export function JobForm({
  initial = BLANK,
  submit,
  busy,
  onSubmit,
}: {
  initial?: JobRow;
  submit: string;
  busy: boolean;
  onSubmit: (job: JobRow) => void;
}) {
  const [job, setJob] = useState(initial);
  const [faults, setFaults] = useState<Record<string, string>>({});
  const set = <K extends keyof JobRow>(key: K, value: JobRow[K]) => setJob({ ...job, [key]: value });
  const send = (event: FormEvent) => {
    event.preventDefault();
    const parsed = JobRow.safeParse(job);
    setFaults(
      parsed.success
        ? {}
        : Object.fromEntries(
            parsed.error.issues.map((issue) => [
              String(issue.path[0]),
              issue.code === "too_big" ? "Shorten it" : "Fill this in",
            ]),
          ),
    );
    if (parsed.success) onSubmit(parsed.data);
  };
  const line = (key: "name" | "host" | "donor", label: string, hint: string) => (
    <Field label={label} hint={hint} error={faults[key] ?? null}>
      <input className="field" value={job[key]} onChange={(event) => set(key, event.target.value)} />
    </Field>
  );
  return (
    <form onSubmit={send} className="space-y-5" noValidate>
      <div className="grid grid-cols-3 gap-4 max-md:grid-cols-1">
        {line("name", "Job", "what you call it")}
        {line("host", "Host", "the vehicle that receives the engine: maker, model, year")}
        {line("donor", "Donor", "engine and gearbox, with the vehicle and year they come from")}
      </div>
      <fieldset>
        <legend className="mb-1 text-[13px] font-semibold">Approach</legend>
        <div className="grid grid-cols-2 border border-rule2 bg-sheet max-md:grid-cols-1">
          {APPROACHES.map((approach) => (
            <label
              key={approach}
              className={`flex cursor-pointer gap-3 border-b border-rule p-3 odd:border-r ${job.approach === approach ? "bg-fill shadow-[inset_4px_0_0_var(--ink)]" : "bg-sheet"}`}
            >
              <input
                type="radio"
                name="approach"
                className="mt-0.5 size-5 shrink-0 accent-ink"
                checked={job.approach === approach}
                onChange={() => set("approach", approach)}
              />
              <span>
                <strong className="font-semibold">{APPROACH_WORDS[approach].name}</strong>
                <span className="mt-0.5 block text-[13px] text-ink2">{APPROACH_WORDS[approach].says}</span>
              </span>
            </label>
          ))}
        </div>
      </fieldset>
      <div className="grid grid-cols-[220px_1fr] gap-4 max-md:grid-cols-1">
        <Field label="Units">
          <select
            className="field"
            value={job.units}
            onChange={(event) => set("units", event.target.value as JobRow["units"])}
          >
            <option value="metric">mm², metres</option>
            <option value="imperial">AWG, feet</option>
          </select>
        </Field>
        <Field
          label="What must work at the end"
          hint="in the owner's own words; checked when the job closes"
          error={faults.wishes ?? null}
        >
          <textarea
            className="field h-20 py-2"
            value={job.wishes}
            onChange={(event) => set("wishes", event.target.value)}
          />
        </Field>
      </div>
      <Button primary type="submit" disabled={busy}>
        {busy ? "Saving …" : submit}
      </Button>
    </form>
  );
}
