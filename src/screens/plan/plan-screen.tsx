"use client";

import { Download } from "lucide-react";
import Link from "next/link";
import { Fragment, useMemo } from "react";
import { readColour } from "@/core/intake";
import { newWork, type SheetRow, sheetRows } from "@/core/plan";
import { cavityLabel, MAP_GROUP_WORDS, quantityHead, sheetAdapter, sheetNote, sizeText, sizeUnit } from "@/core/words";
import { addedWires } from "@/job/added-wires";
import { fillingsOf } from "@/job/gap-ops";
import { signalPinsIn } from "@/job/signal-pins";
import { buttonLook } from "@/ui/controls";
import { Plate } from "@/ui/plate";
import { Empty } from "@/ui/states";
import { Wire } from "@/ui/wire";
import { useJob } from "../shell/job-provider";
import { PrintButton } from "../shell/print-button";
import { ScreenHead } from "../shell/screen-head";
import { NewWorkTable } from "./new-work-table";

/** The pin-to-pin table of all decided links, for the screen and for paper. */
export function PlanScreen() {
  const job = useJob();
  const rows = useMemo(() => sheetRows(job.plan.lines, (id) => job.pinById.get(id)?.row), [job.plan, job.pinById]);
  const work = useMemo(() => {
    const { lines } = job.plan;
    const fillings = fillingsOf(job.document, signalPinsIn(job.document));
    return newWork(lines, addedWires(job.document), fillings);
  }, [job.plan, job.document]);
  const isEmpty = rows.length + work.wires.length + work.fillings.length === 0;
  const open = job.plan.lines.filter(
    (line) => line.state === "proposed" || line.state === "open" || line.state === "blocked",
  ).length;
  return (
    <>
      <ScreenHead title="Plan sheet">
        <span className="text-ink2">
          {rows.length} decided{open > 0 ? `, ${open} still to decide and not on this sheet` : ""}
        </span>
        <span className="flex-1" />
        <a className={buttonLook()} href={`/api/jobs/${job.jobId}/plan`} download>
          <Download size={16} aria-hidden="true" />
          CSV
        </a>
        <a className={buttonLook()} href={`/api/jobs/${job.jobId}/document`} download>
          <Download size={16} aria-hidden="true" />
          Job document
        </a>
        <PrintButton primary landscape disabled={isEmpty}>
          Print
        </PrintButton>
      </ScreenHead>
      <section
        aria-label="Pin-to-pin sheet"
        tabIndex={0}
        className="mx-4 mb-4 min-h-0 flex-1 overflow-auto border border-rule2 bg-sheet print:m-0 print:overflow-visible print:border-0"
      >
        {isEmpty ? (
          <Empty title="Nothing is decided yet">
            <p>The sheet lists every link that you accept on the map.</p>
            <Link href={`/jobs/${job.jobId}/map`} className={buttonLook(true)}>
              To the map
            </Link>
          </Empty>
        ) : (
          <>
            <SheetTable rows={rows} />
            <NewWorkTable work={work} />
          </>
        )}
      </section>
    </>
  );
}

function SheetTable({ rows }: { rows: readonly SheetRow[] }) {
  const job = useJob();
  const { name, host, donor, units } = job.document.job;
  return (
    <table className="w-full min-w-[980px] border-collapse text-left print:min-w-0 print:text-[9pt]">
      <caption className="px-3 pt-3 pb-2 text-left">
        <strong className="wide text-base">Pin to pin: {name}</strong>
        <span className="block text-[13px] text-ink2">
          {donor} into {host}. Revision {job.revision}. Measure before you rely on it; follow the makers' procedures.
        </span>
      </caption>
      <thead className="text-[13px] [&_th]:pr-3">
        <tr className="border-y-[1.5px] border-ink">
          <th className="px-3 py-2 font-semibold">Quantity</th>
          <th className="font-semibold">Donor cavity</th>
          <th className="font-semibold">Colour</th>
          <th className="text-right font-semibold">{sizeUnit(units)}</th>
          <th className="font-semibold">Adapter and values</th>
          <th className="font-semibold">Host cavity</th>
          <th className="font-semibold">Colour</th>
          <th className="text-right font-semibold">{sizeUnit(units)}</th>
          <th className="font-semibold">Note</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row, at) => (
          <Fragment key={`${row.donor.at.pinId} ${row.host.at.pinId}`}>
            {row.group !== rows[at - 1]?.group && (
              <tr>
                <th colSpan={9} scope="colgroup" className="border-b border-rule px-3 pt-3 pb-1 text-[13px] font-bold">
                  {MAP_GROUP_WORDS[row.group]}
                </th>
              </tr>
            )}
            <SheetLine row={row} />
          </Fragment>
        ))}
      </tbody>
    </table>
  );
}

function SheetLine({ row }: { row: SheetRow }) {
  const { units } = useJob().document.job;
  const wire = (colour: string | null) => (colour === null ? null : <Wire {...readColour(colour)} colour={colour} />);
  return (
    <tr className="border-b border-rule align-middle">
      <td className="px-3 py-1.5 font-semibold">{quantityHead(row.quantity)}</td>
      <td className="pr-2">
        <Plate side="donor" label={cavityLabel(row.donor.at)} />
      </td>
      <td className="pr-2">{wire(row.donor.colour)}</td>
      <td className="pr-3 text-right font-mono text-[13px] whitespace-nowrap">{sizeText(row.donor.sizeMm2, units)}</td>
      <td className="max-w-72 pr-3">{sheetAdapter(row)}</td>
      <td className="pr-2">
        <Plate side="host" label={cavityLabel(row.host.at)} />
      </td>
      <td className="pr-2">{wire(row.host.colour)}</td>
      <td className="pr-3 text-right font-mono text-[13px] whitespace-nowrap">{sizeText(row.host.sizeMm2, units)}</td>
      <td className="max-w-56 pr-3 text-[13px] break-words">{sheetNote(row)}</td>
    </tr>
  );
}
