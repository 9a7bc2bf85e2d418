import { nanoid } from "nanoid";
import { judge, parseReading, type ReadFault, readingUncertainty } from "@/core/proving";
import { meterText, verdictText } from "@/core/words";
import { insertOp, type RowOp } from "@/job/ops";
import type { StepView } from "../shell/derive";

/** A typed reading judged and ready to be kept, or why it cannot be taken. */
export type TakenReading =
  | { readonly ok: true; readonly passes: boolean; readonly op: (person: string) => RowOp }
  | { readonly ok: false; readonly fault: ReadFault };

/** What the meter showed at a step, as typed: parsed, judged by the step as it is now, with what it rests on. */
export function takeReading({ step, basis }: StepView, typed: string): TakenReading {
  const { unit } = step.expected;
  const read = parseReading(typed, unit);
  if (!read.ok) return read;
  const judgement = judge(step, read.value);
  const row = {
    id: nanoid(),
    stepKey: step.key,
    written: typed.trim().slice(0, 40),
    value: read.value,
    outcome: judgement.outcome,
    verdict: verdictText(judgement, step),
    basis,
    unit,
    meter: meterText(step),
    source: "typed",
    uncertainty: readingUncertainty(typed, unit),
  } as const;
  return {
    ok: true,
    passes: judgement.outcome === "pass",
    op: (person) => insertOp("reading", { ...row, person, takenAt: new Date().toISOString(), ordinal: null }),
  };
}
