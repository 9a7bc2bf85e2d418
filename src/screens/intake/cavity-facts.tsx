"use client";

import Link from "next/link";
import { functionName } from "@/core/functions";
import { colourWords, KIND_WORDS, lengthText, listed, quantityWords, sizeWords } from "@/core/words";
import { buttonLook } from "@/ui/controls";
import { Plate } from "@/ui/plate";
import { Caution } from "@/ui/states";
import { Wire } from "@/ui/wire";
import type { PinView } from "../shell/derive";
import { useJob } from "../shell/job-provider";
import { EndList } from "./end-list";

/** All that is known of one cavity, and where its wires lead. */
export function CavityFacts({ pin, place, onOpen }: { pin: PinView; place: string; onOpen: (pinId: string) => void }) {
  const job = useJob();
  const { units } = job.document.job;
  const { row, connector, label } = pin;
  const uses = (job.report?.rows ?? []).filter((one) => one.wire.pinIds.includes(row.id));
  const by = [...new Set(uses.flatMap((one) => one.by))];
  const airbag = uses.some((one) => one.mark === "airbag");
  const fact = (name: string, value: string) =>
    value !== "" && (
      <div key={name} className="contents">
        <dt className="text-ink2">{name}</dt>
        <dd className="break-words">{value}</dd>
      </div>
    );
  return (
    <>
      <p>
        <Plate side={connector.side} label={label} />
      </p>
      <p className="mt-2 font-mono text-xl font-semibold">
        {row.colour === null ? "no wire" : <Wire colour={row.colour} base={row.colourBase} tracer={row.colourTracer} />}
      </p>
      <dl className="mt-2 grid grid-cols-[84px_1fr] gap-x-2 gap-y-1">
        {fact("Colour", colourWords(row.colourBase, row.colourTracer))}
        {fact("Seen at", place)}
        {fact("Size", row.sizeMm2 === null ? "" : `${sizeWords(row.sizeMm2, units)}`)}
        {fact("Length", lengthText(row.lengthM, units))}
        {fact("Circuit", row.circuit ?? "")}
        {fact("Does", row.description ?? "not described")}
        {fact("Form", `${KIND_WORDS[row.kind]}${row.quantity === null ? "" : `, ${quantityWords(row.quantity)}`}`)}
        {fact("Needed by", listed(by.map(functionName)) || "nothing kept")}
      </dl>
      <h3 className="mt-4 mb-1 text-[13px] font-bold">Its wire leads to</h3>
      <EndList ends={job.report?.ends.get(row.id) ?? []} self={row.id} onOpen={onOpen} />
      {airbag && (
        <div className="mt-3">
          <Caution>
            Airbag or pretensioner circuit: do not probe it, not even with a meter. Leave it to those licensed for it.
          </Caution>
        </div>
      )}
      <p className="mt-4 flex flex-wrap gap-2">
        <Link className={buttonLook()} href={`/jobs/${job.jobId}/pins?pin=${row.id}`}>
          In the pin table
        </Link>
      </p>
    </>
  );
}
