import { PowerAnalysis } from "@/core/power";
import { isProposed, type Step } from "@/core/proving";
import { powerInput } from "@/job/power-facts";
import type { JobDocument } from "@/job/schema";
import { Deriver } from "@/screens/shell/derive";

/** The job with each of its steps that `wanted` names read as it should be: proven. */
export function withProven(document: JobDocument, wanted: (step: Step) => boolean): JobDocument {
  const deriver = new Deriver();
  const power = new PowerAnalysis();
  power.load(powerInput(document, deriver.plan(document).lines));
  const { steps } = deriver.derive(document, power.expected());
  const readings = steps.flatMap(({ step, basis }, at): JobDocument["readings"] => {
    if (isProposed(step) || !wanted(step)) return [];
    const { unit, low, high, nominal, openIsRight } = step.expected;
    const value = openIsRight ? null : (nominal ?? low ?? high ?? 0);
    return [
      {
        id: `proven-${at}`,
        stepKey: step.key,
        written: value === null ? "OL" : String(value),
        value,
        outcome: "pass",
        verdict: "Within its limits",
        basis,
        unit,
        meter: null,
        source: "typed",
        uncertainty: null,
        person: "Robin",
        takenAt: "2026-11-02T08:00:00.000Z",
        ordinal: 0,
      },
    ];
  });
  return { ...document, readings: [...document.readings, ...readings] };
}
