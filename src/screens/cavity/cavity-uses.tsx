"use client";

import Link from "next/link";
import { functionName } from "@/core/functions";
import { cavityLabel, findingTitle, listed, stepTitle, VERDICT_WORDS } from "@/core/words";
import { Grade } from "@/ui/grade";
import { Caution } from "@/ui/states";
import type { PinView } from "../shell/derive";
import { useJob } from "../shell/job-provider";
import { Group } from "./cavity-pane";

/** Whether facts of any shape speak of a cavity. */
function speaksOf(value: unknown, pinId: string): boolean {
  if (typeof value !== "object" || value === null) return false;
  if ("pinId" in value && value.pinId === pinId) return true;
  return Object.values(value).some((one) => speaksOf(one, pinId));
}

/** What needs a cavity, what joins it across, what is wrong there, and what was said and read of it. */
export function CavityUses({ pin: { row } }: { pin: PinView }) {
  const job = useJob();
  const { units } = job.document.job;
  const uses = (job.report?.rows ?? []).filter(({ wire }) => wire.pinIds.includes(row.id));
  const functions = [...new Set(uses.flatMap(({ by }) => by))];
  const links = job.plan.lines.filter(({ provider, consumer }) => provider.id === row.id || consumer.id === row.id);
  const findings = (job.power?.findings ?? []).filter((finding) => speaksOf(finding, row.id));
  const steps = job.steps.filter(({ step }) => speaksOf(step, row.id));
  const facts = job.document.facts.filter(({ subject }) => subject === `pin:${row.id}`);
  const address = (path: string) => `/jobs/${job.jobId}/${path}`;
  return (
    <>
      {uses.some(({ mark }) => mark === "airbag") && (
        <div className="mt-3">
          <Caution>
            Airbag or pretensioner circuit: do not probe it, not even with a meter. Leave it to those licensed for it.
          </Caution>
        </div>
      )}
      <Group title="Needed by">
        <p>
          {listed(functions.map(functionName)) || <span className="text-ink2">nothing kept</span>}{" "}
          <Link className="inline-flex min-h-10 items-center underline" href={address(`circuit?pin=${row.id}`)}>
            Circuit
          </Link>
        </p>
      </Group>
      {links.length > 0 && (
        <Group title="Links">
          {links.map((line) => (
            <Link
              key={line.key}
              className="flex min-h-10 items-center gap-2 underline"
              href={address(`map?line=${encodeURIComponent(line.key)}`)}
            >
              {cavityLabel(line.provider.id === row.id ? line.consumer : line.provider)}: {VERDICT_WORDS[line.verdict]},{" "}
              {line.state}
            </Link>
          ))}
        </Group>
      )}
      {findings.length > 0 && (
        <Group title="Findings">
          {findings.slice(0, MOST).map((finding) => (
            <Link
              key={finding.key}
              className="block py-1.5 underline"
              href={address(`power?finding=${encodeURIComponent(finding.key)}`)}
            >
              {findingTitle(finding, units)}
            </Link>
          ))}
        </Group>
      )}
      {steps.some(({ latest }) => latest !== null) && (
        <Group title="Readings">
          {steps.map(({ step, latest, stale }) =>
            latest === null ? null : (
              <Link
                key={step.key}
                className="block py-1.5 underline"
                href={address(`prove?step=${encodeURIComponent(step.key)}`)}
              >
                <strong className="font-mono">
                  {latest.written} {latest.unit}
                </strong>{" "}
                {latest.outcome}
                {stale ? ", stale" : ""}; {latest.person}: {stepTitle(step)}
              </Link>
            ),
          )}
        </Group>
      )}
      {facts.length > 0 && (
        <Group title="Evidence">
          {facts.map((fact) => (
            <p key={fact.id} className="py-1 text-[13px]">
              {fact.topic}: <strong>{fact.says}</strong> <Grade grade={fact.grade} /> {fact.origin || "no origin told"};{" "}
              {fact.person}
            </p>
          ))}
        </Group>
      )}
    </>
  );
}
const MOST = 8;
