"use client";

import { type FormEvent, useEffect, useRef, useState } from "react";
import { readFaultText, stepTitle, uncertaintyText, verdictText } from "@/core/words";
import type { ReadingRow } from "@/job/schema";
import { Button } from "@/ui/controls";
import type { StepView } from "../shell/derive";
import { useJob } from "../shell/job-provider";
import { takeReading } from "./reading-row";

/** What the meter showed: typed, judged and kept. */
export function ReadingForm({ view, onPass }: { view: StepView; onPass: () => void }) {
  const { latest, stale, judgement } = view;
  const { typed, setTyped, fault, keep } = useReading(view, onPass);
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => input.current?.focus(), []);
  const failed = !stale && judgement !== null && judgement.outcome !== "pass";
  return (
    <form onSubmit={keep} noValidate>
      <label className="text-[13px] font-semibold text-ink2">
        You read
        <span className="mt-2 flex items-center gap-2">
          <input
            ref={input}
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
            inputMode="text"
            autoComplete="off"
            aria-invalid={fault !== null}
            aria-describedby="reading-state"
            placeholder={latest?.written ?? "…"}
            className={`h-12 w-full min-w-0 border-b-2 border-ink bg-transparent font-mono text-[32px] text-ink ${failed ? "placeholder:text-stop" : "placeholder:text-ink2"}`}
          />
          <Button type="submit" primary disabled={typed.trim() === ""}>
            Keep
          </Button>
        </span>
      </label>
      <p
        id="reading-state"
        role="status"
        className={`mt-2 min-h-5 font-semibold ${fault !== null || failed ? "text-stop" : ""}`}
      >
        {fault ?? stateText(view)}
      </p>
      {latest !== null && <Latest latest={latest} attempts={view.attempts} />}
    </form>
  );
}

/** What is typed, until it is kept as a reading. */
function useReading(view: StepView, onPass: () => void) {
  const job = useJob();
  const [typed, setTyped] = useState("");
  const [fault, setFault] = useState<string | null>(null);
  const keep = (event: FormEvent) => {
    event.preventDefault();
    const reading = takeReading(view, typed);
    setFault(reading.ok ? null : readFaultText(reading.fault));
    if (!reading.ok) return;
    job.change(`Read ${typed.trim()} at ${stepTitle(view.step)}`, (person) => [reading.op(person)], { quiet: true });
    setTyped("");
    if (reading.passes) onPass();
  };
  return { typed, setTyped, fault, keep };
}

const OUTCOME_WORDS = { pass: "Passes", fail: "Fails", stop: "Stop" } as const;

function stateText({ stale, judgement, step }: StepView): string {
  if (stale) return "The plan has changed since it was read: read it again";
  if (judgement === null) return "";
  return `${OUTCOME_WORDS[judgement.outcome]}: ${verdictText({ ...judgement, outcome: "fail" }, step)}`;
}

function Latest({ latest, attempts }: { latest: ReadingRow; attempts: number }) {
  return (
    <p className="text-[13px] text-ink2">
      {latest.written} {uncertaintyText(latest.uncertainty, latest.unit)} by {latest.person},{" "}
      <time dateTime={latest.takenAt} suppressHydrationWarning>
        {new Date(latest.takenAt).toLocaleString("en-GB", { dateStyle: "medium", timeStyle: "short" })}
      </time>
      {attempts > 1 ? `, attempt ${attempts}` : ""}
    </p>
  );
}
