"use client";

import type { Instrument } from "@/core/benches";
import type { SignalPin } from "@/core/signals";
import { cavityLabel, KIND_WORDS } from "@/core/words";
import { Plate } from "@/ui/plate";
import { useBench } from "./use-instruments";

/** What drives the instrument now, and what will. */
export function DrivenBy({ instrument }: { instrument: Instrument }) {
  const { now, driver, candidates, line, pin } = instrument;
  const [, enter] = useBench(instrument);
  const others = candidates.filter((one) => one !== driver);
  return (
    <dl className="mt-1 grid grid-cols-[auto_1fr] items-center gap-x-3 gap-y-1 border-b border-rule pb-2">
      <dt className="text-[13px] text-ink2">Now</dt>
      <dd>
        {now === null ? instrument.byCable ? "a turning cable" : "nothing that the tables show" : <Driver pin={now} />}
      </dd>
      <dt className="text-[13px] text-ink2">To be</dt>
      <dd className="flex flex-wrap items-center gap-2">
        {driver === null ? "nothing yet" : <Driver pin={driver} />}
        {line !== null && line.state === "decided" && (line.provider === driver || line.consumer === driver) && (
          <strong className="text-[13px]">decided</strong>
        )}
        {others.length > 0 && (
          <select
            aria-label={`What drives ${cavityLabel(pin)}`}
            className="field no-print w-auto"
            value=""
            onChange={(event) => enter("driven by another", { driverId: event.target.value })}
          >
            <option value="">another …</option>
            {others.map((one) => (
              <option key={one.id} value={one.id}>
                {cavityLabel(one)}, {KIND_WORDS[one.form.kind]}
              </option>
            ))}
          </select>
        )}
      </dd>
    </dl>
  );
}

const Driver = ({ pin }: { pin: SignalPin }) => (
  <span className="inline-flex items-center gap-2">
    <Plate side={pin.side} label={cavityLabel(pin)} />
    <span className="text-[13px]">{KIND_WORDS[pin.form.kind]}</span>
  </span>
);
