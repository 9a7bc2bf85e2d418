import { Fragment } from "react";
import { CAUTIONS, expectedText } from "@/core/proving";
import type { JobRow } from "@/job/schema";
import { Caution } from "@/ui/states";
import type { StepView } from "../shell/derive";

/** The same checks on paper, to be carried to the vehicle; only printing shows it. */
export function FirstPowerSheet({ steps, job, revision }: { steps: readonly StepView[]; job: JobRow; revision: number }) {
  return (
    <section className="hidden print:block" aria-label="First-power sheet">
      <h1 className="text-lg">First power: {job.name}</h1>
      <p className="mb-2 text-[9pt]">{job.donor} into {job.host}. Revision {revision}. In this order; stop where the sheet says so.</p>
      {(Object.keys(CAUTIONS) as (keyof typeof CAUTIONS)[]).map((key) => <div key={key} className="mb-2"><Caution>{CAUTIONS[key]}</Caution></div>)}
      <table className="w-full border-collapse text-left text-[8.5pt]">
        <thead><tr className="border-y-[1.5px] border-ink"><th className="w-8 py-1">No.</th><th>Check</th><th>Red probe</th><th>Black probe</th><th>Meter, key</th><th>Expected</th><th className="w-20">You read</th></tr></thead>
        <tbody>
          {steps.map(({ step, latest, stale }, at) => (
            <Fragment key={step.key}>
              {step.group !== steps[at - 1]?.step.group && <tr><th colSpan={7} className="pt-3 pb-1">{step.group}</th></tr>}
              <tr className="border-b border-rule align-top">
                <td className="py-1 font-mono">{at + 1}</td><td className="pr-2">{step.title}<br />Stop for: {step.stopFor}</td><td className="pr-2 font-mono font-semibold">{step.red.label}</td><td className="pr-2 font-mono font-semibold">{step.black.label}</td><td className="pr-2">{step.meter}; {step.keyState}</td><td className="pr-2 font-mono">{expectedText(step.expected)}</td><td className="border-b border-ink font-mono">{stale ? "" : latest?.written}</td>
              </tr>
            </Fragment>
          ))}
        </tbody>
      </table>
    </section>
  );
}
