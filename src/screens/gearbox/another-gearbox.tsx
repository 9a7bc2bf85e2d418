"use client";

import Link from "next/link";
import { useMemo } from "react";
import type { PowerEdit } from "@/core/power";
import { AUTOMATIC, GEARBOX_SWAPS, type GearboxSwap, type SwapItem, swapItems } from "@/core/transmission";
import {
  cavityLabel,
  crankSummary,
  GEARBOX_SWAP_WORDS,
  gapWayText,
  SWAP_TOPIC_WORDS,
  SWAP_WAY_WORDS,
} from "@/core/words";
import { gapOps } from "@/job/gap-ops";
import { choiceOps } from "@/job/gearbox-ops";
import { signalPinsIn } from "@/job/signal-pins";
import { Button } from "@/ui/controls";
import { Plate } from "@/ui/plate";
import { useJob } from "../shell/job-provider";
import { CrankTable } from "./crank-table";
import { useCrank } from "./use-crank";

/** What another gearbox in place of this one leaves open, and who may crank then. */
export function AnotherGearbox() {
  const job = useJob();
  const { document } = job;
  const choice = document.choices.find(({ id }) => id === "gearbox");
  const swap = GEARBOX_SWAPS.find((one) => one === choice?.way) ?? "kept";
  const items = useMemo(() => swapItems(swap, signalPinsIn(document)), [swap, document]);
  const choose = (way: GearboxSwap) =>
    job.change(`Gearbox: ${GEARBOX_SWAP_WORDS[way]}`, (person) =>
      choiceOps(document, "gearbox", { way, given: choice?.given ?? {}, note: choice?.note ?? "" }, person),
    );
  return (
    <div className="space-y-3">
      <fieldset className="flex flex-wrap gap-x-6">
        <legend className="text-[13px] font-semibold">Which gearbox stands in the vehicle</legend>
        {GEARBOX_SWAPS.map((one) => (
          <label key={one} className="inline-flex min-h-10 items-center gap-2">
            <input type="radio" name="gearbox" checked={one === swap} onChange={() => choose(one)} />
            {GEARBOX_SWAP_WORDS[one]}
          </label>
        ))}
      </fieldset>
      {swap === "kept" ? (
        <p className="text-ink2">Nothing is left open by the gearbox itself: its wiring stands under Gearbox wiring.</p>
      ) : (
        <>
          <section aria-label="Left open">
            <h2 className="font-bold">
              Left open <span className="font-mono font-normal text-ink2">{items.length}</span>
            </h2>
            {items.length === 0 && (
              <p className="text-[13px]">No cavity of either table belongs to the gearbox that is exchanged.</p>
            )}
            <table className="w-full text-left">
              <tbody>
                {items.map((item) => (
                  <Open key={item.pin.id} item={item} />
                ))}
              </tbody>
            </table>
          </section>
          {swap === "manual-for-automatic" && <WithoutAutomatic />}
        </>
      )}
    </div>
  );
}

/** One cavity that is left open: what was decided of it, else the ways that it has. */
function Open({ item: { pin, topic, ways } }: { item: SwapItem }) {
  const job = useJob();
  const label = cavityLabel(pin);
  const gap = job.document.gaps.find(({ id }) => id === pin.id);
  const line = job.plan.lines.find(
    ({ provider, consumer, state }) => state === "decided" && (provider.id === pin.id || consumer.id === pin.id),
  );
  const fill = (way: "dummy-load" | "without" | null) =>
    job.change(`${label}: ${way === null ? "open again" : SWAP_WAY_WORDS[way]}`, (person) =>
      gapOps(job.document, [pin.id], way, person),
    );
  return (
    <tr className="border-t border-rule align-middle">
      <td className="w-56 py-1">
        <Plate side={pin.side} label={label} />
      </td>
      <td className="w-60 pr-3">{SWAP_TOPIC_WORDS[topic]}</td>
      <td>
        {line !== undefined ? (
          <strong>Decided: linked to {cavityLabel(line.provider.id === pin.id ? line.consumer : line.provider)}</strong>
        ) : gap !== undefined ? (
          <strong>
            Decided: {gapWayText(gap.way, { pin, from: null, output: null })}, by {gap.person}
          </strong>
        ) : (
          ways.map((way) => SWAP_WAY_WORDS[way]).join(", or ")
        )}
        {ways.includes("calibration") && (
          <span className="block text-[13px] text-ink2">
            Its change stands in the <Link href={`/jobs/${job.jobId}/calibration`}>calibration list</Link>.
          </span>
        )}
      </td>
      <td className="no-print text-right">
        {gap === undefined &&
          line === undefined &&
          ways.map((way) =>
            way === "dummy-load" || way === "without" ? (
              <Button key={way} onClick={() => fill(way)}>
                {way === "without" ? "Live without" : "Dummy load"}
                <span className="hidden-text">: {label}</span>
              </Button>
            ) : null,
          )}
        {gap !== undefined && gap.way !== "loop" && <Button onClick={() => fill(null)}>Open again</Button>}
      </td>
    </tr>
  );
}

/** The crank table with all that is the automatic's unplugged. */
function WithoutAutomatic() {
  const job = useJob();
  const edits = useMemo(
    () =>
      (job.report?.rows ?? []).flatMap(({ wire }): PowerEdit[] =>
        wire.pinIds.some((id) => AUTOMATIC.has(job.pinById.get(id)?.row.quantity ?? null))
          ? [{ type: "unwire", wireId: wire.id }]
          : [],
      ),
    [job.report, job.pinById],
  );
  const table = useCrank(edits);
  return (
    <section aria-label="Who may crank with the manual gearbox">
      <h2 className="font-bold">Who may crank with the manual gearbox</h2>
      {table === null ? (
        <p role="status" className="text-ink2">
          Solving …
        </p>
      ) : (
        <>
          <p className="mb-2 font-semibold" role="status">
            {crankSummary(table)}
          </p>
          <CrankTable table={table} />
        </>
      )}
    </section>
  );
}
