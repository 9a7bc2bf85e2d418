"use client";

import type { Instrument, SenderBench } from "@/core/benches";
import { dialText, ohms } from "@/core/words";
import { Field } from "@/ui/controls";
import { Segments } from "@/ui/segments";
import { FactField } from "../facts/fact-field";
import { useJob } from "../shell/job-provider";
import { BenchField } from "./bench-field";
import { useBench } from "./use-instruments";

/** What the bench rests on, and where each value is entered. */
export function Entered({ instrument, bench }: { instrument: Instrument; bench: SenderBench }) {
  const job = useJob();
  const { units } = job.document.job;
  const { quantity, driver, pin } = instrument;
  const [given, enter] = useBench(instrument);
  const [from, to] = bench.band ?? [null, null];
  const band = (at: 0 | 1) => (value: number | undefined) => {
    if (value === undefined) enter("band as the curves have it", { band: undefined });
    else
      enter("band", {
        band: at === 0 ? [value, given.band?.[1] ?? to ?? value] : [given.band?.[0] ?? from ?? value, value],
      });
  };
  const gaugePin = job.pinById.get(pin.id);
  const driverPin = driver === null ? undefined : job.pinById.get(driver.id);
  return (
    <section
      aria-label="Entered"
      className="no-print space-y-2 border-l border-rule pl-4 max-lg:border-l-0 max-lg:pl-0"
    >
      {gaugePin !== undefined && pin.form.kind === "resistive-in" && <FactField pin={gaugePin} field="curve" named />}
      {driverPin !== undefined && <FactField pin={driverPin} field="curve" named />}
      {bench.gauge !== null && (
        <>
          <div className="grid grid-cols-2 gap-2">
            <BenchField label="Band from" quantity={quantity} value={given.band?.[0] ?? from} onSave={band(0)} />
            <BenchField label="to" quantity={quantity} value={given.band?.[1] ?? to} onSave={band(1)} />
          </div>
          <Field label="Resistors">
            <Segments
              label="Resistors"
              segments={[
                { key: "E24", label: "E24" },
                { key: "E96", label: "E96" },
                { key: "any", label: "any value" },
              ]}
              value={given.series ?? "E24"}
              onChange={(series) => enter(`resistors ${series}`, { series })}
            />
          </Field>
          <Field label="Between points">
            <Segments
              label="Between points"
              segments={[
                { key: "linear", label: "straight" },
                { key: "log", label: "straight in log Ω" },
              ]}
              value={given.interpolate ?? "linear"}
              onChange={(interpolate) => enter("curves between their points", { interpolate })}
            />
          </Field>
          <div className="grid grid-cols-2 gap-2">
            <BenchField
              label="Normal"
              quantity={quantity}
              value={given.normal ?? null}
              onSave={(normal) => enter("normal", { normal })}
            />
            <BenchField
              label="Stop now"
              quantity={quantity}
              value={given.danger ?? null}
              onSave={(danger) => enter("danger", { danger })}
            />
            <BenchField
              label="Needle's width"
              quantity={quantity}
              width
              above={0}
              value={bench.needle === null ? null : 2 * bench.needle}
              onSave={(wide) => enter("needle's width", { needle: wide === undefined ? undefined : wide / 2 })}
              {...(bench.needleAssumed ? { hint: "assumed: a thirtieth of the dial" } : {})}
            />
            <BenchField
              label="Gauge fed with"
              unit="V"
              above={0}
              value={bench.volts}
              onSave={(stabiliserVolts) => enter("fed with", { stabiliserVolts })}
              hint="a bimetal stabiliser's mean: read with an analogue meter, or usual 10 V"
            />
          </div>
        </>
      )}
      {bench.gauge !== null && (
        <p className="text-[13px] text-ink2">
          The dial spans{" "}
          {bench.dial === null
            ? ""
            : `${dialText(quantity, bench.dial[0], units)} … ${dialText(quantity, bench.dial[1], units)}`}
          , {bench.gauge.map(([, y]) => ohms(y)).join(", ")}.
        </p>
      )}
    </section>
  );
}
