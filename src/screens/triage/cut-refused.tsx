"use client";

import { useState } from "react";
import { functionName } from "@/core/functions";
import type { CutReport, Guard, ReportRow, TriageChoice } from "@/core/slice";
import { capital, cavityLabel, guardName, lengthText, listed, sizeWords, stopText, wireText } from "@/core/words";
import { feedElsewhereOps, keepOps } from "@/job/triage-ops";
import { Button } from "@/ui/controls";
import { useJob } from "../shell/job-provider";
import { byFunction } from "./cut-effects";

interface Props {
  readonly told: CutReport;
  readonly wireIds: readonly string[];
  readonly onDecide: (choice: TriageChoice, override?: string) => void;
}

/** The removal is not made; these are the ways out. */
export function Refused({ told, guard, wireIds, onDecide }: Props & { guard: Guard | null }) {
  const job = useJob();
  const stopped = byFunction(told).map(([key]) => key);
  const inText = stopped.map((key) => functionName(key).toLowerCase());
  return (
    <div role="alert" className="mt-3 border-[1.5px] border-stop p-3">
      <p className="font-semibold text-stop">Refused: {listed(stopped.map(functionName))} would stop.</p>
      <p className="mt-1">
        {guard === null ? "" : `${capital(guardName(guard))}. `}
        {listed(told.stops.map(stopText))}. What you can do:
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button onClick={() => onDecide("keep")}>Keep it</Button>
        <Button
          className="h-auto! min-h-10 shrink! justify-start! py-1 text-left whitespace-normal!"
          onClick={() => job.change(`Drop ${listed(inText)}`, keepOps(job.document, stopped, false))}
        >
          Drop {listed(inText, 2)}
        </Button>
      </div>
      <FeedElsewhere told={told} wireId={wireIds[0]} />
      <Override onOverride={(why) => onDecide("remove", why)} />
    </div>
  );
}

/** What is guarded goes only by itself, and with a reason. */
export function GuardRefused({ guard, onDecide }: { guard: Guard } & Pick<Props, "onDecide">) {
  return (
    <div role="alert" className="mt-3 border-[1.5px] border-stop p-3">
      <p className="font-semibold text-stop">Refused: {guardName(guard)}.</p>
      <p className="mt-1">It goes only by itself, with a reason that stays in the job.</p>
      <div className="mt-2">
        <Button onClick={() => onDecide("keep")}>Keep it</Button>
      </div>
      <Override onOverride={(why) => onDecide("remove", why)} />
    </div>
  );
}

/** A new wire from where the same can be had. */
function FeedElsewhere({ told, wireId }: { told: CutReport; wireId: string | undefined }) {
  const job = useJob();
  const [feed, setFeed] = useState(told.feeds[0]?.at.pinId ?? "");
  const [first] = told.stops;
  if (told.feeds.length === 0 || first?.at.type !== "cavity") return null;
  const target = first.at.pinId;
  const add = () => {
    const from = told.feeds.find((one) => one.at.pinId === feed);
    if (from === undefined) return;
    const like = job.report?.rows.find((row) => row.wire.id === wireId)?.wire;
    job.change(
      `Feed ${job.pinById.get(target)?.label ?? "it"} from ${cavityLabel(from.at)}`,
      feedElsewhereOps(from.at.pinId, target, like),
    );
  };
  return (
    <div className="mt-2 flex items-end gap-2">
      <label className="min-w-0 flex-1 text-[13px] font-semibold">
        {first.purpose === "return" ? "Ground it elsewhere" : "Feed it from elsewhere"}
        <select className="field mt-1" value={feed} onChange={(event) => setFeed(event.target.value)}>
          {told.feeds.map((one) => (
            <option key={one.at.pinId} value={one.at.pinId}>
              {cavityLabel(one.at)}
              {one.spare ? " (free)" : ""}
            </option>
          ))}
        </select>
      </label>
      <Button onClick={add}>Add the wire</Button>
    </div>
  );
}

function Override({ onOverride }: { onOverride: (why: string) => void }) {
  const [why, setWhy] = useState("");
  return (
    <form
      className="mt-2 flex items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (why.trim() !== "") onOverride(why.trim());
      }}
    >
      <label className="min-w-0 flex-1 text-[13px] font-semibold">
        Or remove it all the same, because
        <input className="field mt-1" value={why} onChange={(event) => setWhy(event.target.value)} />
      </label>
      <Button type="submit" disabled={why.trim() === ""}>
        Override
      </Button>
    </form>
  );
}

/** A wrong cut: what mends it. */
export function Repair({ row, told }: { row: ReportRow | undefined; told: CutReport }) {
  const { units } = useJob().document.job;
  if (row === undefined) return null;
  const { wire } = row;
  return (
    <div role="alert" className="mt-3 border-[1.5px] border-stop p-3">
      <p className="font-semibold text-stop">
        This cut stopped {listed(byFunction(told).map(([key]) => functionName(key)))}.
      </p>
      <p className="mt-1">
        Mend it: join the two ends of <span className="font-mono">{wireText(row.ends)}</span> with a crimped and sealed
        butt joint for {wire.sizeMm2 === null ? "its size (measure it)" : `${sizeWords(wire.sizeMm2, units)}`}, or lay a
        new wire of that size{wire.lengthM === null ? "" : `, ${lengthText(wire.lengthM, units)} long`}. Keep the joint
        away from bends, clips and heat, and prove it by its resistance. Then choose Keep.
      </p>
    </div>
  );
}
