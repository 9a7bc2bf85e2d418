"use client";

import Link from "next/link";
import { Fragment, useState } from "react";
import type { ReportRow } from "@/core/slice";
import type { Units } from "@/core/units";
import { CHOICE_WORDS, capital, sizeText, taskText, triageText, wireText } from "@/core/words";
import type { CutRow, JobDocument } from "@/job/schema";
import { doneOps } from "@/job/triage-ops";
import { buttonLook } from "@/ui/controls";
import { Empty } from "@/ui/states";
import { Wire } from "@/ui/wire";
import { useJob } from "../shell/job-provider";
import { PrintButton } from "../shell/print-button";
import { MARK_WORDS } from "./wire-row";

interface Line {
  readonly row: ReportRow;
  readonly cut: CutRow;
  readonly connector: string;
  readonly text: string;
}

/** What was decided, in the order in which it is done; ticked off as the cutting goes on. */
export function BenchListView() {
  const job = useJob();
  const [printing, setPrinting] = useState<"list" | "flags">("list");
  const lines = useLines();
  if (lines.length === 0) return <NothingDecided jobId={job.jobId} />;
  return (
    <>
      <div className="no-print mx-4 mb-2 flex flex-wrap items-center gap-2">
        <span>
          <strong className="font-mono">{lines.filter((line) => line.cut.done).length}</strong> of{" "}
          <span className="font-mono">{lines.length}</span> done
        </span>
        <span className="flex-1" />
        <PrintButton onPrint={() => setPrinting("list")}>Print list</PrintButton>
        <PrintButton onPrint={() => setPrinting("flags")}>{`Print ${lines.length} flags`}</PrintButton>
      </div>
      <section
        aria-label="Bench list"
        tabIndex={0}
        className={`mx-4 mb-4 min-h-0 flex-1 overflow-auto border border-rule2 bg-sheet print:m-0 print:overflow-visible print:border-0 ${printing === "flags" ? "print:hidden" : ""}`}
      >
        <BenchTable lines={lines} />
      </section>
      {printing === "flags" && <Flags lines={lines} units={job.document.job.units} />}
    </>
  );
}

function useLines(): Line[] {
  const { report, document } = useJob();
  const rows = new Map((report?.rows ?? []).map((row) => [row.wire.id, row]));
  const cuts = new Map(document.cuts.map((cut) => [cut.subject, cut]));
  return (report?.bench ?? []).flatMap(({ wireId, connector, task }) => {
    const [row, cut] = [rows.get(wireId), cuts.get(wireId)];
    return row === undefined || cut === undefined ? [] : [{ row, cut, connector, text: taskText(task) }];
  });
}

const NothingDecided = ({ jobId }: { jobId: string }) => (
  <div className="mx-4 border border-rule2 bg-sheet">
    <Empty title="Nothing is decided for the bench">
      <p>
        What you decide to remove, cap off, lengthen or move is listed here connector by connector, with flags to print.
      </p>
      <Link href={`/jobs/${jobId}/triage?tab=decide`} className={buttonLook(true)}>
        Decide
      </Link>
    </Empty>
  </div>
);

function BenchTable({ lines }: { lines: readonly Line[] }) {
  const { document } = useJob();
  return (
    <table className="w-full border-collapse text-left">
      <caption className="px-3 pt-3 pb-2 text-left">
        <strong className="wide text-base">Bench list: {document.job.name}</strong>
        <span className="block text-[13px] text-ink2">
          Battery disconnected before anything is cut. Cut only what carries a flag; leave airbag circuits alone.
        </span>
      </caption>
      <thead className="text-[13px]">
        <tr className="border-y-[1.5px] border-ink">
          <th className="w-16 px-3 py-2 font-semibold">Done</th>
          <th className="font-semibold">Work</th>
          <th className="font-semibold">Wire</th>
          <th className="pr-3 text-right font-semibold">Size</th>
          <th className="font-semibold max-lg:hidden print:table-cell">Reason</th>
        </tr>
      </thead>
      <tbody>
        {lines.map((line, at) => (
          <Fragment key={line.row.wire.id}>
            {line.connector !== lines[at - 1]?.connector && (
              <tr>
                <th colSpan={5} scope="colgroup" className="border-b border-rule px-3 pt-3 pb-1 text-[13px] font-bold">
                  {line.connector}
                  {placeOf(document, line.row.connectorId)}
                </th>
              </tr>
            )}
            <BenchLine line={line} />
          </Fragment>
        ))}
      </tbody>
    </table>
  );
}

function BenchLine({ line: { row, cut, text } }: { line: Line }) {
  const job = useJob();
  const { wire, mark } = row;
  const tick = (on: boolean) =>
    job.change(
      `${on ? "Done" : "Not done"}: ${CHOICE_WORDS[cut.choice]} ${wireText(row.ends)}`,
      (person) => doneOps(cut, on, person),
      { quiet: true },
    );
  return (
    <tr className={`border-b border-rule ${cut.done ? "text-ink2" : ""}`}>
      <td className="px-3">
        <label className="flex size-10 cursor-pointer items-center justify-center">
          <span className="hidden-text">{text}</span>
          <input
            type="checkbox"
            className="size-5 accent-ink"
            checked={cut.done}
            onChange={(event) => tick(event.target.checked)}
          />
        </label>
      </td>
      <td className="py-1 pr-3">
        <strong>{text}</strong>
        {cut.unplanned ? " (cut unplanned)" : ""}
        {mark !== null && (
          <span className="block text-[13px] text-warn">{MARK_WORDS[mark]}: follow the maker's procedure.</span>
        )}
        {cut.note !== "" && <span className="block text-[13px]">{cut.note}</span>}
        {cut.doneBy !== null && <span className="block text-[13px]">done by {cut.doneBy}</span>}
      </td>
      <td className="pr-3">
        <Wire colour={wire.colour} base={wire.colourBase} tracer={wire.colourTracer} />
      </td>
      <td className="pr-3 text-right font-mono text-[13px] whitespace-nowrap">
        {sizeText(wire.sizeMm2, job.document.job.units)}
      </td>
      <td className="max-w-80 py-1 pr-3 text-[13px] max-lg:hidden print:table-cell">
        {cut.override === "" ? triageText(row.reason) : `Against need: ${cut.override}`}
      </td>
    </tr>
  );
}

const placeOf = (document: JobDocument, connectorId: string) => {
  const place = document.connectors.find((row) => row.id === connectorId)?.place;
  return place == null ? "" : `; ${place}`;
};

/** One flag for each wire, to be folded around it: what to do, which wire, both ends. */
function Flags({ lines, units }: { lines: readonly Line[]; units: Units }) {
  return (
    <div className="hidden grid-cols-3 gap-0 print:grid">
      {lines.map(({ row, cut }) => (
        <div key={row.wire.id} className="keep border border-dashed border-ink p-2 text-[9pt]">
          <p className="wide text-[13pt]">{capital(CHOICE_WORDS[cut.choice])}</p>
          <p className="font-mono font-semibold">{wireText(row.ends)}</p>
          <p className="flex items-center gap-2">
            <Wire colour={row.wire.colour} base={row.wire.colourBase} tracer={row.wire.colourTracer} />
            <span className="font-mono">
              {sizeText(row.wire.sizeMm2, units)} {row.wire.circuit ?? ""}
            </span>
          </p>
        </div>
      ))}
    </div>
  );
}
