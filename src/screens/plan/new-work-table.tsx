"use client";

import { readColour } from "@/core/intake";
import type { NewWork } from "@/core/plan";
import { cavityLabel, lengthText, newWorkRows, sizeWords } from "@/core/words";
import { Plate } from "@/ui/plate";
import { Wire } from "@/ui/wire";
import { useJob } from "../shell/job-provider";

/** What is made new beside the links: wires that people added, and the terminals, fuses and splices of what the links bring. */
export function NewWorkTable({ work }: { work: NewWork }) {
  const { units } = useJob().document.job;
  const rows = newWorkRows(work);
  if (rows.length + work.wires.length === 0) return null;
  return (
    <table className="mt-4 w-full min-w-[980px] border-collapse text-left print:min-w-0 print:text-[9pt]">
      <caption className="px-3 pt-3 pb-2 text-left">
        <strong className="wide text-base">
          Also made new: wires, relay terminals, fuses, splices, parts to fit, and what is done without
        </strong>
      </caption>
      <thead className="text-[13px] [&_th]:pr-3">
        <tr className="border-y-[1.5px] border-ink">
          <th className="px-3 py-2 font-semibold">What</th>
          <th className="font-semibold">From</th>
          <th className="font-semibold">To</th>
          <th className="font-semibold">With</th>
        </tr>
      </thead>
      <tbody>
        {work.wires.map((wire) => (
          <tr key={wire.id} className="border-b border-rule align-middle">
            <td className="px-3 py-1.5 font-semibold">Added wire, {wire.stock}</td>
            <td className="pr-2">
              <Plate side={wire.from.side} label={cavityLabel(wire.from)} />
            </td>
            <td className="pr-2">
              <Plate side={wire.to.side} label={cavityLabel(wire.to)} />
            </td>
            <td className="flex items-center gap-3 py-1.5 pr-3">
              {wire.colour !== null && <Wire {...readColour(wire.colour)} colour={wire.colour} />}
              <span className="font-mono text-[13px]">
                {[wire.sizeMm2 === null ? "" : sizeWords(wire.sizeMm2, units), lengthText(wire.lengthM, units)]
                  .filter((part) => part !== "")
                  .join(", ")}
              </span>
            </td>
          </tr>
        ))}
        {rows.map((row) => (
          <tr key={`${row.what} ${row.from} ${row.to}`} className="border-b border-rule">
            <td className="px-3 py-1.5 font-semibold">{row.what}</td>
            <td className="pr-3 font-mono text-[13px]">{row.from}</td>
            <td className="pr-3 font-mono text-[13px]">{row.to}</td>
            <td className="pr-3 text-[13px]">{row.with}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
