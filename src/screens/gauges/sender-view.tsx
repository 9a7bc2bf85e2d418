"use client";

import { type Instrument, type SenderBench, type SenderWay, senderBench, senderWays } from "@/core/benches";
import { curveText, type SenderNetwork } from "@/core/gauges";
import type { Adapter } from "@/core/signals";
import { cavityLabel, SENDER_WAY_WORDS, senderFaultText, senderWayText } from "@/core/words";
import { acceptBenchOps, benchOps } from "@/job/bench-ops";
import { Button } from "@/ui/controls";
import { useJob } from "../shell/job-provider";
import { Entered } from "./sender-entered";
import { DriverTable, Fit } from "./sender-fit";
import { useBench, useNetworks } from "./use-instruments";

/** A needle: both curves, the error over the band, the network that bends one to the other, and the ways beside it. */
export function SenderView({ instrument }: { instrument: Instrument }) {
  const job = useJob();
  const { units } = job.document.job;
  const { quantity, readBy } = instrument;
  const [given] = useBench(instrument);
  const bench = senderBench(instrument, given);
  const networks = useNetworks(bench);
  const best = networks?.[0] ?? null;
  const ways = senderWays(bench, networks ?? [], readBy !== null && bench.drivenBy === "sender");
  const [first] = ways;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_264px] gap-x-5 max-lg:grid-cols-1">
      <div className="min-w-0">
        {bench.faults.map((fault) => (
          <p key={`${fault.code} ${fault.at}`} role="alert" className="mt-2 font-semibold text-stop">
            {senderFaultText(fault, quantity, units)}
          </p>
        ))}
        <section aria-label="Ways" className="mt-2">
          <h3 className="text-[13px] font-bold">Ways</h3>
          {ways.map((way) => (
            <Way key={way.code} way={way} instrument={instrument} bench={bench} best={best} isFirst={way === first} />
          ))}
        </section>
        {networks === null && (
          <p role="status" className="mt-2 text-ink2">
            Searching every pair of resistors …
          </p>
        )}
        {bench.spec !== null && best !== null && (
          <Fit
            bench={bench}
            spec={bench.spec}
            best={best}
            instrument={instrument}
            isOpen={ways.some(({ code, hinders }) => (code === "network" || code === "wire") && hinders === null)}
          />
        )}
        {bench.drivenBy === "output" && bench.gauge !== null && bench.band !== null && (
          <DriverTable bench={bench} instrument={instrument} />
        )}
      </div>
      <Entered instrument={instrument} bench={bench} />
    </div>
  );
}

interface WayProps {
  readonly way: SenderWay;
  readonly instrument: Instrument;
  readonly bench: SenderBench;
  readonly best: SenderNetwork | null;
  readonly isFirst: boolean;
}

/** The adapters of a way; null for one that is no link. */
function adaptersOf(way: SenderWay["code"], bench: SenderBench, best: SenderNetwork | null): readonly Adapter[] | null {
  const curve = bench.gauge === null ? null : curveText(bench.gauge);
  switch (way) {
    case "wire":
      return [];
    case "network":
      return best === null
        ? null
        : [{ type: "resistor-network", seriesOhms: best.seriesOhms, parallelOhms: best.parallelOhms }];
    case "gauge-driver":
      return [{ type: "gauge-driver", curve }];
    case "second-sender":
      return [{ type: "second-sender", curve, thread: null }];
    default:
      return null;
  }
}

function Way({ way, instrument, bench, best, isFirst }: WayProps) {
  const job = useJob();
  const { units } = job.document.job;
  const { pin, quantity, readBy, driver } = instrument;
  const text = senderWayText(way, quantity, units, readBy);
  const name = SENDER_WAY_WORDS[way.code];
  const adapters = adaptersOf(way.code, bench, best);
  const use = () => {
    const why = `${name}: ${text}`;
    if (adapters !== null && driver !== null)
      job.change(`${cavityLabel(pin)}: ${name}`, acceptBenchOps(job.document, instrument, { adapters, why }));
    else if (way.code === "new-gauge")
      job.change(`${cavityLabel(pin)}: ${name}`, benchOps(job.document, pin.id, { way: "new-gauge" }));
  };
  const canUse =
    way.code !== "own-sender" &&
    way.hinders === null &&
    (adapters === null ? way.code === "new-gauge" : driver !== null);
  return (
    <div className="flex items-center gap-3 border-t border-rule py-1">
      <p className={`min-w-0 flex-1 ${way.hinders === null ? "" : "text-ink2"}`}>
        <strong>{name}</strong> <span className="text-[13px]">{text}</span>
      </p>
      <span className="font-mono text-[13px] text-ink2">{way.minutes === 0 ? "" : `${way.minutes} min`}</span>
      {canUse && (
        <Button primary={isFirst} onClick={use}>
          Use
        </Button>
      )}
    </div>
  );
}
