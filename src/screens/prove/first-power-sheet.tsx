import { Fragment } from "react";
import type { Probe } from "@/core/proving";
import {
  CAUTIONS,
  expectedText,
  GROUP_WORDS,
  meterText,
  probeLabel,
  standingText,
  stepKey,
  stepStop,
  stepTitle,
} from "@/core/words";
import type { JobRow } from "@/job/schema";
import { Caution } from "@/ui/states";
import type { StepView } from "../shell/derive";
import { useJob } from "../shell/job-provider";

/** The same checks on paper, to be carried to the vehicle; only printing shows it. */
export function FirstPowerSheet({
  steps,
  job,
  revision,
}: {
  steps: readonly StepView[];
  job: JobRow;
  revision: number;
}) {
  return (
    <section className="hidden print:block" aria-label="First-power sheet">
      <h1 className="text-lg">First power: {job.name}</h1>
      <p className="mb-2 text-[9pt]">
        {job.donor} into {job.host}. Revision {revision}. In this order; stop where the sheet says so.
      </p>
      {(Object.keys(CAUTIONS) as (keyof typeof CAUTIONS)[]).map((key) => (
        <div key={key} className="mb-2">
          <Caution>{CAUTIONS[key]}</Caution>
        </div>
      ))}
      <table className="w-full table-fixed border-collapse text-left text-[8.5pt]">
        <thead>
          <tr className="border-y-[1.5px] border-ink">
            <th className="w-[5%] py-1">No.</th>
            <th className="w-[30%]">Check</th>
            <th className="w-[14%]">Red probe</th>
            <th className="w-[12%]">Black probe</th>
            <th className="w-[18%]">Meter, key</th>
            <th className="w-[11%]">Expected</th>
            <th className="w-[10%]">You read</th>
          </tr>
        </thead>
        <tbody>
          {steps.map(({ step, latest, stale }, at) => (
            <Fragment key={step.key}>
              {step.group !== steps[at - 1]?.step.group && (
                <tr>
                  <th colSpan={7} className="pt-3 pb-1">
                    {GROUP_WORDS[step.group]}
                  </th>
                </tr>
              )}
              <tr className="border-b border-rule align-top">
                <td className="py-1 font-mono">{at + 1}</td>
                <td className="pr-2">
                  <strong>{stepTitle(step)}</strong>
                  {standingText(step) !== null && <em> {standingText(step)}</em>}
                  <br />
                  {stepStop(step)}
                </td>
                <td className="pr-2">
                  <ProbeAt probe={step.red} />
                </td>
                <td className="pr-2">
                  <ProbeAt probe={step.black} />
                </td>
                <td className="pr-2">
                  {meterText(step)}; {stepKey(step).toLowerCase()}
                </td>
                <td className="pr-2 font-mono">{expectedText(step.expected)}</td>
                <td className="border-b border-ink font-mono">{stale ? "" : latest?.written}</td>
              </tr>
            </Fragment>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** A probe's place on paper: cavity, wire colour, and where the plug sits. */
function ProbeAt({ probe }: { probe: Probe }) {
  const view = useJob().pinById.get(probe.at.type === "cavity" ? probe.at.pinId : "");
  return (
    <>
      <span className="font-mono font-semibold">{probeLabel(probe)}</span>
      {view !== undefined && (
        <>
          {" "}
          <span className="font-mono">{view.row.colour ?? "no colour"}</span>
          {view.connector.place !== null && (
            <>
              <br />
              {view.connector.place}
            </>
          )}
        </>
      )}
    </>
  );
}
