import { useEffect, useMemo, useState } from "react";
import { type Instrument, instrumentsOf, type SenderBench } from "@/core/benches";
import { type SenderNetwork, type SenderSpec, senderNetworks } from "@/core/gauges";
import { cavityLabel } from "@/core/words";
import { type BenchGiven, benchOf, benchOps } from "@/job/bench-ops";
import { signalPinsIn } from "@/job/signal-pins";
import { benchWorker } from "@/workers/bench-worker";
import { useJob } from "../shell/job-provider";

/** The host's instruments as the job has them. */
export function useInstruments(): readonly Instrument[] {
  const { document, plan } = useJob();
  const pins = useMemo(() => signalPinsIn(document), [document]);
  return useMemo(
    () => instrumentsOf(pins, plan.lines, new Map(document.benches.map(({ id, given }) => [id, given.driverId]))),
    [pins, plan.lines, document.benches],
  );
}

/** What was entered on a bench, and how something else is entered there. */
export function useBench({ pin }: Instrument): readonly [BenchGiven, (what: string, to: Partial<BenchGiven>) => void] {
  const job = useJob();
  return [
    benchOf(job.document, pin.id),
    (what, to) => job.change(`${cavityLabel(pin)}: ${what}`, benchOps(job.document, pin.id, to), { quiet: true }),
  ];
}

/** Networks are searched for at once where that is quick, else by a worker; null while it searches. */
export function useNetworks({ spec }: SenderBench): readonly SenderNetwork[] | null {
  const key = spec === null ? "" : JSON.stringify(spec);
  const [found, setFound] = useState<{ readonly key: string; readonly networks: readonly SenderNetwork[] } | null>(
    null,
  );
  useEffect(() => {
    if (key === "") return;
    let current = true;
    const asked = JSON.parse(key) as SenderSpec;
    void benchWorker
      .ask((worker) => worker.senderNetworks(asked))
      // Without a worker the page waits a moment, and has its answer.
      .catch(() => senderNetworks(asked))
      .then((networks) => current && setFound({ key, networks }));
    return () => {
      current = false;
    };
  }, [key]);
  if (key === "") return [];
  return found?.key === key ? found.networks : null;
}
