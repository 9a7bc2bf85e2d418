"use client";

import { useState } from "react";
import { type Instrument, tachometerBench, trueAt } from "@/core/benches";
import { optionsBetween } from "@/core/signals";
import { cavityLabel, chainText, dialText, optionText, tachometerText } from "@/core/words";
import { acceptBenchOps } from "@/job/bench-ops";
import { signalPinsIn } from "@/job/signal-pins";
import { Button } from "@/ui/controls";
import { FactField } from "../facts/fact-field";
import { useJob } from "../shell/job-provider";
import { DialChart } from "./charts";
import { DraggedDial } from "./dragged-dial";
import { PointsField } from "./points-field";
import { useBench } from "./use-instruments";

const DIAL = [0, 8000] as const;

/** A tachometer: pulses of both sides, the way across with its values, and what is true where it shows wrong. */
export function TachometerView({ instrument }: { instrument: Instrument }) {
  const job = useJob();
  const { units } = job.document.job;
  const { pin, driver, quantity } = instrument;
  const [given, enter] = useBench(instrument);
  const bench = tachometerBench(instrument, given);
  const [at, setAt] = useState(3000);
  const off = bench.ratio === null ? null : 1 / bench.ratio.value;
  const corrected = bench.points === null ? null : trueAt(bench.points, at);
  const pins = [pin, driver]
    .flatMap((one) => (one === null ? [] : [job.pinById.get(one.id)].flat()))
    .filter((one) => one !== undefined);
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_264px] gap-x-5 max-lg:grid-cols-1">
      <div className="min-w-0">
        <p className={`mt-2 text-lg font-semibold ${bench.fault === null ? "" : "text-stop"}`}>
          {tachometerText(bench)}
        </p>
        <Across instrument={instrument} />
        <div className="mt-2 grid grid-cols-[minmax(0,1fr)_200px] items-start gap-3 max-lg:grid-cols-1">
          {bench.points === null ? (
            <p className="text-[13px] text-ink2">
              Read it beside the computer&rsquo;s own speed at four or five places, then enter what it shows and what is
              true: a table of corrections comes of it.
            </p>
          ) : (
            <DialChart
              label="What is true where it shows each speed"
              quantity={quantity}
              units={units}
              at={corrected === null ? null : at}
              yText={(value) => dialText(quantity, value, units)}
              curves={[
                {
                  name: "shown",
                  points: bench.points.map(([shown]) => [shown, shown] as const),
                  dash: "5 4",
                  width: 1.5,
                },
                { name: "true", points: bench.table.length > 1 ? bench.table : bench.points, width: 3 },
              ]}
            />
          )}
          <DraggedDial
            label="True speed"
            step={100}
            value={at}
            onChange={setAt}
            dial={DIAL}
            quantity={quantity}
            units={units}
            needles={[
              { name: "wire alone", value: off === null ? null : at * off, dash: "4 3" },
              { name: "as planned", value: at },
            ]}
          />
        </div>
        {bench.table.length > 0 && (
          <table className="mt-2 text-left font-mono tabular-nums">
            <caption className="text-left font-sans text-[13px] font-bold">Correction table, rpm</caption>
            <tbody>
              <tr className="border-b border-rule">
                <th className="py-1 pr-3 font-sans text-[13px]">Shown</th>
                {bench.table.map(([shown]) => (
                  <td key={shown} className="px-2 text-right">
                    {shown}
                  </td>
                ))}
              </tr>
              <tr>
                <th className="py-1 pr-3 font-sans text-[13px]">True</th>
                {bench.table.map(([shown, real]) => (
                  <td key={shown} className="px-2 text-right font-semibold">
                    {Math.round(real)}
                  </td>
                ))}
              </tr>
            </tbody>
          </table>
        )}
      </div>
      <section
        aria-label="Entered"
        className="no-print space-y-2 border-l border-rule pl-4 max-lg:border-l-0 max-lg:pl-0"
      >
        {pins.map((one) => (
          <FactField key={one.row.id} pin={one} field="pulsesPerRev" named />
        ))}
        <PointsField
          points={given.points ?? []}
          onSave={(points) => enter("measured points", { points: points as [number, number][] | undefined })}
        />
      </section>
    </div>
  );
}

/** The best way from what drives it, with its values; used as one change. */
export function Across({ instrument }: { instrument: Instrument }) {
  const job = useJob();
  const { pin, driver, line } = instrument;
  if (driver === null || driver.side === pin.side || instrument.byCable) return null;
  const isDecided = line?.state === "decided" && line.provider.id === driver.id;
  const joined = job.plan.lines.filter(({ state }) => state === "decided");
  const [option] = optionsBetween(driver, pin, signalPinsIn(job.document), joined);
  const adapters = isDecided ? line.adapters : option.adapters;
  const text = optionText(option, { provider: driver, consumer: pin });
  return (
    <div className="mt-1 flex items-center gap-3">
      <p className="min-w-0 flex-1">
        <strong>{adapters.length === 0 ? "Wire only" : chainText(adapters)}</strong>{" "}
        <span className="text-[13px] text-ink2">{isDecided ? line.decision?.why : text}</span>
      </p>
      {!isDecided && option.verdict !== "impossible" && option.verdict !== "manual" && (
        <Button
          primary
          onClick={() =>
            job.change(
              `${cavityLabel(pin)}: ${adapters.length === 0 ? "wire only" : chainText(adapters)}`,
              acceptBenchOps(job.document, instrument, { adapters, why: text }),
            )
          }
        >
          Use
        </Button>
      )}
    </div>
  );
}
