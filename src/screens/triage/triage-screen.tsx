"use client";

import { useRouter, useSearchParams } from "next/navigation";
import { useEffect, useState } from "react";
import { functionName } from "@/core/functions";
import { copperTotal, type HarnessReport } from "@/core/slice";
import type { Units } from "@/core/units";
import { lengthText, listed, massText, sizeText, sizeUnit } from "@/core/words";
import { NumberWithOrigin } from "@/ui/origin";
import { Segments } from "@/ui/segments";
import { openEnds, openFixes } from "../shell/harness-state";
import { useJob } from "../shell/job-provider";
import { ScreenHead } from "../shell/screen-head";
import { BenchListView } from "./bench-list";
import { DecideView } from "./decide-view";
import { LooseEndsView } from "./loose-ends";

const TABS = { decide: "Decide", bench: "Bench list", loose: "Loose ends and fixes" } as const;
type Tab = keyof typeof TABS;

/** What may be cut: functions kept, each wire with its reason, the work at the bench, and the loose ends afterwards. */
export function TriageScreen() {
  const job = useJob();
  const router = useRouter();
  const query = useSearchParams();
  const asked = query.get("tab");
  const [tab, setTab] = useState<Tab>(asked === "bench" || asked === "loose" ? asked : "decide");
  useEffect(() => {
    if (asked === "decide" || asked === "bench" || asked === "loose") setTab(asked);
  }, [asked]);
  const show = (one: Tab) => {
    setTab(one);
    router.replace(`/jobs/${job.jobId}/triage?tab=${one}`);
  };
  const counts: Record<Tab, number> = {
    decide: job.report?.rows.filter((row) => row.decided === null && row.proposed !== "keep").length ?? 0,
    bench: job.document.cuts.filter((row) => row.choice !== "keep" && row.subject.startsWith("wire:") && !row.done)
      .length,
    loose: openEnds(job.document, job.report).length + openFixes(job.document).length,
  };
  return (
    <>
      <ScreenHead title="Triage">
        <Segments
          label="View"
          value={tab}
          onChange={show}
          segments={(Object.keys(TABS) as (keyof typeof TABS)[]).map((key) => ({
            key,
            label: TABS[key],
            count: counts[key],
          }))}
        />
      </ScreenHead>
      <Numbers report={job.report} units={job.document.job.units} />
      {tab === "decide" && <DecideView wantedFunction={query.get("function")} />}
      {tab === "bench" && <BenchListView />}
      {tab === "loose" && <LooseEndsView />}
    </>
  );
}

function Numbers({ report, units }: { report: HarnessReport | null; units: Units }) {
  if (report === null)
    return (
      <p
        className="no-print mx-4 mb-2.5 flex min-h-12 items-center border border-rule2 bg-sheet px-3 text-ink2"
        role="status"
      >
        Working out what each wire is needed for …
      </p>
    );
  const { numbers } = report;
  const copper = copperTotal(numbers.reclaimed);
  const cell = (name: string, value: number, title: string) => (
    <div key={name} className="border-r border-rule px-3 py-1" title={title}>
      <dd className="font-mono text-lg leading-tight font-semibold">{value}</dd>
      <dt className="text-[13px] text-ink2">{name}</dt>
    </div>
  );
  return (
    <dl className="no-print mx-4 mb-2.5 flex flex-wrap items-stretch border border-rule2 bg-sheet" aria-label="Numbers">
      {cell("wires", numbers.wires, "in both harnesses")}
      {cell("needed", numbers.needed, "by the functions kept, the shared ones among them")}
      {cell("shared", numbers.shared, "needed by two functions or more")}
      {cell("free", numbers.free, "no function kept has a path through them")}
      {cell("capped off", numbers.parked, "capped and left in the harness")}
      {cell("removed", numbers.removed, "decided to be removed, done or not")}
      {cell("done", numbers.done, "decisions ticked off at the bench")}
      <div className="border-r border-rule px-3 py-1">
        <dd className="text-lg leading-tight font-semibold">
          <NumberWithOrigin
            label="copper reclaimed"
            assumed={copper.unmeasured > 0}
            origin={<Reclaimed numbers={numbers} units={units} />}
          >
            {massText(copper.kg, units)}, {lengthText(copper.lengthM, units)}
          </NumberWithOrigin>
        </dd>
        <dt className="text-[13px] text-ink2">reclaimed</dt>
      </div>
      <div className="min-w-0 flex-1 px-3 py-1" aria-live="polite">
        <dd className={`text-lg leading-tight font-semibold ${numbers.atRisk.length > 0 ? "text-stop" : ""}`}>
          <span className="font-mono">{numbers.atRisk.length}</span>
          {numbers.atRisk.length > 0 && (
            <span className="ml-2 text-sm">{listed(numbers.atRisk.map(functionName))}</span>
          )}
        </dd>
        <dt className="text-[13px] text-ink2">
          {numbers.atRisk.length === 1 ? "function stopped by a cut" : "functions stopped by a cut"}
        </dt>
      </div>
    </dl>
  );
}

function Reclaimed({ numbers, units }: { numbers: HarnessReport["numbers"]; units: Units }) {
  const { unmeasured } = copperTotal(numbers.reclaimed);
  return (
    <>
      <p>
        mass = 8.96 g/cm³ × size × length of the copper of each wire removed.
        {unmeasured > 0 ? ` ${unmeasured} of no known length are not in it.` : ""}
      </p>
      <table className="mt-2 w-full font-mono">
        <tbody>
          {numbers.reclaimed.map((one) => (
            <tr key={one.sizeMm2}>
              <td>
                {one.sizeMm2 === null
                  ? "no size"
                  : `${sizeText(one.sizeMm2, units)} ${units === "metric" ? sizeUnit(units) : ""}`}
              </td>
              <td className="pl-3 text-right">{one.wires} ×</td>
              <td className="pl-3 text-right">{lengthText(one.lengthM, units)}</td>
              <td className="pl-3 text-right">{massText(one.kg, units)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
