"use client";

import { type Instrument, lampBench } from "@/core/benches";
import { e24AtMost } from "@/core/gauges";
import { amps, cavityLabel, ohms, takenText, watts } from "@/core/words";
import { acceptBenchOps } from "@/job/bench-ops";
import { Button } from "@/ui/controls";
import { useJob } from "../shell/job-provider";
import { BenchField } from "./bench-field";
import { Across } from "./tachometer-view";
import { useBench } from "./use-instruments";

const SWITCHED_BY = {
  alternator: "The alternator's own lamp terminal switches it, and is excited through it.",
  computer: "A computer switches it: nothing is excited through it.",
  switch: "A contact switches it.",
  nothing: "Nothing switches it yet.",
} as const;

/** A lamp: who switches it and to which pole, and whether it passes what an alternator wants. */
export function LampView({ instrument }: { instrument: Instrument }) {
  const job = useJob();
  const [given, enter] = useBench(instrument);
  const bench = lampBench(instrument, given);
  const { lamp, lampWatts, exciteAmps } = bench;
  const beside = lamp?.parallelOhms ?? null;
  // The next smaller value of the series passes at least what is wanted.
  const fitted = beside === null ? null : e24AtMost(beside);
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_264px] gap-x-5 max-lg:grid-cols-1">
      <div className="min-w-0">
        <p className="mt-2 text-lg font-semibold">
          {lamp === null
            ? SWITCHED_BY[bench.drivenBy]
            : fitted === null
              ? `The lamp passes ${amps(lamp.amps)}: enough to excite the alternator`
              : `The lamp passes ${amps(lamp.amps)} of ${amps(exciteAmps.value)}: put ${ohms(fitted)} across it`}
        </p>
        {lamp !== null && (
          <p className="text-[13px]">
            {SWITCHED_BY.alternator}
            {lamp.watts !== null && beside !== null && fitted !== null && (
              <>
                {" "}
                {ohms(beside)} would just do; {ohms(fitted)} takes {watts(12 ** 2 / fitted)} while the lamp is lit. It
                is soldered between the lamp&rsquo;s feed and its wire, at the instrument.
              </>
            )}
          </p>
        )}
        {bench.drives !== null && bench.amps !== null && (
          <p>
            It is switched {bench.drives === "to-ground" ? "to ground" : "to battery"} and takes {amps(bench.amps)}{" "}
            while lit.
          </p>
        )}
        {fitted !== null &&
        instrument.driver !== null &&
        instrument.line?.adapters.every(({ type }) => type !== "pull-up") === true ? (
          <Button
            primary
            onClick={() =>
              job.change(
                `${cavityLabel(instrument.pin)}: ${ohms(fitted)} across the lamp`,
                acceptBenchOps(job.document, instrument, {
                  adapters: [{ type: "pull-up", ohms: fitted, volts: 12 }],
                  why: `Excites the alternator: the lamp passes ${amps(lamp?.amps ?? 0)} of ${amps(exciteAmps.value)}, and ${ohms(fitted)} across it the rest`,
                }),
              )
            }
          >
            Use
          </Button>
        ) : (
          <Across instrument={instrument} />
        )}
      </div>
      <section
        aria-label="Entered"
        className="no-print space-y-2 border-l border-rule pl-4 max-lg:border-l-0 max-lg:pl-0"
      >
        <BenchField
          label="Lamp"
          unit="W"
          above={0}
          value={lampWatts?.value ?? null}
          onSave={(value) => enter("lamp's watts", { lampWatts: value })}
          {...(lampWatts === null ? { hint: "printed on its bulb; usual 1.2 or 2 W" } : { hint: takenText(lampWatts) })}
        />
        {bench.drivenBy === "alternator" && (
          <BenchField
            label="Needed to excite"
            unit="A"
            above={0}
            value={exciteAmps.value}
            onSave={(value) => enter("exciting current", { exciteAmps: value })}
            hint={takenText(exciteAmps)}
          />
        )}
      </section>
    </div>
  );
}
