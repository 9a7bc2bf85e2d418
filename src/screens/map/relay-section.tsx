"use client";

import Link from "next/link";
import { useMemo } from "react";
import { type RelayRow, stopsRelay } from "@/core/gateway";
import type { FunctionLine } from "@/core/plan";
import { optionsBetween } from "@/core/signals";
import { cavityLabel, conversionText, optionText, relayFaultText, relayName, SILENT_WORDS } from "@/core/words";
import { acceptWayOps } from "@/job/decide";
import { signalPinsIn } from "@/job/signal-pins";
import { Button, buttonLook } from "@/ui/controls";
import { MissingFacts } from "../facts/missing-facts";
import { useJob } from "../shell/job-provider";

/** The values of the host's messages that this function needs, each with where a gateway takes it from. */
export function RelaySection({ told }: { told: FunctionLine }) {
  const { jobId } = useJob();
  return (
    <section aria-label="By gateway" className="border-b border-rule px-4 py-3">
      <div className="flex items-baseline gap-3">
        <strong className="flex-1">By gateway</strong>
        <Link href={`/jobs/${jobId}/map?view=gateway`} className={buttonLook()}>
          Gateway table
        </Link>
      </div>
      <ul>
        {told.relays.map((row) => (
          <li key={row.id} className="border-t border-rule py-1.5 text-[13px]">
            <span className="font-mono">{row.source?.name ?? "?"}</span>
            {row.conversion === null ? "" : ` (${conversionText(row.conversion)})`} →{" "}
            <span className="font-mono font-semibold">{relayName(row)}</span>
            <span className="text-ink2">
              {" "}
              each {row.rateMs} ms; silent after {row.timeoutMs} ms, then {SILENT_WORDS[row.silent]}
            </span>
            {row.faults.map((fault) => (
              <span key={fault.code} className={`block ${stopsRelay(fault) ? "font-semibold text-stop" : ""}`}>
                {relayFaultText(fault)}
              </span>
            ))}
          </li>
        ))}
      </ul>
      {told.lack?.type === "no-gateway" && <JoinBuses row={told.lack.row} />}
    </section>
  );
}

/** No gateway is decided between the two buses: it is taken here, or what is missing for it is asked. */
function JoinBuses({ row }: { row: RelayRow }) {
  const job = useJob();
  const { serves, source } = row;
  const way = useMemo(() => {
    if (serves.type !== "value" || source === null) return null;
    const pins = signalPinsIn(job.document);
    const [provider, consumer] = [source.pinId, serves.value.pinId].map((id) => pins.find((pin) => pin.id === id));
    if (provider === undefined || consumer === undefined) return null;
    const [option] = optionsBetween(provider, consumer, pins, []);
    return { provider, consumer, option };
  }, [serves, source, job.document]);
  if (way === null) return null;
  const { provider, consumer, option } = way;
  const name = `${cavityLabel(provider)} and ${cavityLabel(consumer)}`;
  const isGateway = option.adapters.some(({ type }) => type === "can-gateway");
  return (
    <div className="mt-2">
      <p className="text-[13px] text-ink2">{optionText(option, { provider, consumer })}</p>
      {isGateway ? (
        <Button
          onClick={() =>
            job.change(
              `Gateway between ${name}`,
              acceptWayOps(job.document, { provider, consumer, option, byHand: false }),
            )
          }
        >
          Gateway between {name}
        </Button>
      ) : (
        <MissingFacts missing={option.missing} />
      )}
    </div>
  );
}
