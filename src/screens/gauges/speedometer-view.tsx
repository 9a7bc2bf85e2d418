"use client";

import { useState } from "react";
import { type Instrument, SPEEDS, shownSpeed, speedometerBench } from "@/core/benches";
import { cavityLabel, dialText, digits, fixed, speedFaultText, speedometerText } from "@/core/words";
import { acceptBenchOps, benchOps } from "@/job/bench-ops";
import { Button, Field } from "@/ui/controls";
import { SavedInput } from "@/ui/saved-input";
import { FactField } from "../facts/fact-field";
import { useJob } from "../shell/job-provider";
import { BenchField } from "./bench-field";
import { DraggedDial } from "./dragged-dial";
import { useBench } from "./use-instruments";

const DIAL = [0, 180] as const;

/** A speedometer, by pulses or by a cable: from tyre and teeth to the ratio by which it never shows too little. */
export function SpeedometerView({ instrument }: { instrument: Instrument }) {
  const job = useJob();
  const { units } = job.document.job;
  const { pin, driver, quantity, byCable } = instrument;
  const [given, enter] = useBench(instrument);
  const bench = speedometerBench(instrument, given);
  const [at, setAt] = useState(80);
  const { safe, ratio } = bench;
  const plain = ratio === null ? null : at / ratio.value;
  const driverPin = driver === null ? undefined : job.pinById.get(driver.id);
  const isDecided =
    given.way !== undefined || (instrument.line?.state === "decided" && instrument.line.provider.id === driver?.id);
  const use = () => {
    if (safe === null || driver === null) return;
    const why = speedometerText(bench, units) ?? "";
    if (byCable)
      job.change(
        `${cavityLabel(pin)}: a cable drive`,
        benchOps(job.document, pin.id, { way: "cable-drive", driverId: driver.id }),
      );
    else
      job.change(
        `${cavityLabel(pin)}: ratio ${safe.num} : ${safe.den}`,
        acceptBenchOps(job.document, instrument, {
          adapters:
            safe.num === safe.den ? [] : [{ type: "frequency-scaler", ratio: safe.num / safe.den, outVolts: null }],
          why,
        }),
      );
  };
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_264px] gap-x-5 max-lg:grid-cols-1">
      <div className="min-w-0">
        {bench.faults.map((fault) => (
          <p key={fault} role="alert" className="mt-2 font-semibold text-stop">
            {speedFaultText(fault)}
          </p>
        ))}
        {safe !== null && <p className="mt-2 text-lg font-semibold">{speedometerText(bench, units)}</p>}
        {byCable && (
          <p className="text-[13px]">
            A wire cannot turn a cable. A cable drive (a small motor that follows the pulses) turns it; or another
            speedometer takes the pulses themselves.
          </p>
        )}
        <div className="mt-2 flex flex-wrap gap-3">
          {safe !== null && driver !== null && !isDecided && (
            <Button primary onClick={use}>
              {byCable ? `Use a cable drive, ${safe.num} : ${safe.den}` : `Use ratio ${safe.num} : ${safe.den}`}
            </Button>
          )}
          {!isDecided && (
            <Button
              onClick={() =>
                job.change(
                  `${cavityLabel(pin)}: another speedometer`,
                  benchOps(job.document, pin.id, { way: "new-gauge" }),
                )
              }
            >
              Another speedometer
            </Button>
          )}
          {given.way !== undefined && (
            <p>
              <strong>
                {given.way === "cable-drive" ? "A cable drive is decided." : "Another speedometer is decided."}
              </strong>{" "}
              <Button
                onClick={() =>
                  job.change(`${cavityLabel(pin)}: decide anew`, benchOps(job.document, pin.id, { way: undefined }))
                }
              >
                Decide anew
              </Button>
            </p>
          )}
        </div>
        {safe !== null && (
          <div className="mt-2 grid grid-cols-[minmax(0,1fr)_200px] items-start gap-3 max-lg:grid-cols-1">
            <table className="w-full text-left font-mono tabular-nums">
              <caption className="text-left font-sans text-[13px] font-bold">
                Correction table, with the rule of UN Regulation No. 39: never below the true speed, at most a tenth and
                4 km/h above
              </caption>
              <thead className="font-sans text-[13px] text-ink2">
                <tr>
                  <th className="py-1 font-semibold">True</th>
                  <th className="text-right font-semibold">Shown</th>
                  <th className="text-right font-semibold">Error</th>
                  <th className="pl-4 font-semibold">Rule</th>
                </tr>
              </thead>
              <tbody>
                {SPEEDS.map((kmh) => {
                  const { shown, allowed } = shownSpeed(kmh, safe.errorPercent);
                  return (
                    <tr key={kmh} className="border-t border-rule">
                      <td className="py-0.5">{dialText(quantity, kmh, units)}</td>
                      <td className="text-right font-semibold">{dialText(quantity, shown, units)}</td>
                      <td className="text-right">{fixed(safe.errorPercent, 2)} %</td>
                      <td className={`pl-4 font-sans ${allowed ? "" : "font-semibold text-stop"}`}>
                        {allowed ? "kept" : "broken"}
                      </td>
                    </tr>
                  );
                })}
              </tbody>
            </table>
            <DraggedDial
              label="True speed"
              step={1}
              value={at}
              onChange={setAt}
              dial={DIAL}
              quantity={quantity}
              units={units}
              needles={[
                ...(byCable ? [] : [{ name: "wire alone", value: plain, dash: "4 3" }]),
                { name: "as planned", value: at * (1 + safe.errorPercent / 100) },
              ]}
            />
          </div>
        )}
      </div>
      <section
        aria-label="Entered"
        className="no-print space-y-2 border-l border-rule pl-4 max-lg:border-l-0 max-lg:pl-0"
      >
        {byCable ? (
          <BenchField
            label="Cable's turns"
            perDistance
            value={given.revsPerKm ?? null}
            above={0}
            hint="printed on many dials; else turn it by hand for ten turns and read the odometer"
            onSave={(revsPerKm) => enter("cable's turns per km", { revsPerKm })}
          />
        ) : (
          <BenchField
            label="Pulses that it wants"
            perDistance
            value={given.gaugePulsesPerKm ?? (bench.wanted?.from === "given" ? bench.wanted.value : null)}
            above={0}
            onSave={(gaugePulsesPerKm) => enter("pulses that it wants", { gaugePulsesPerKm })}
          />
        )}
        {driverPin !== undefined && <FactField pin={driverPin} field="pulsesPerKm" named />}
        <h3 className="pt-1 text-[13px] font-bold">or from the wheels</h3>
        <Field label="Tyre" hint="as on its side: 235/70R16 or 7.00-16">
          <SavedInput
            value={given.tyre ?? ""}
            onSave={(text) => enter("tyre", { tyre: text === "" ? undefined : text })}
          />
        </Field>
        <div className="grid grid-cols-2 gap-2">
          <BenchField
            label="Final drive"
            value={given.finalDrive ?? null}
            above={0}
            onSave={(finalDrive) => enter("final drive", { finalDrive })}
          />
          <BenchField
            label="Pulses per shaft turn"
            value={given.pulsesPerShaftRev ?? null}
            above={0}
            onSave={(pulsesPerShaftRev) => enter("pulses per shaft turn", { pulsesPerShaftRev })}
          />
        </div>
        {bench.rollingM !== null && (
          <p className="text-[13px] text-ink2">It rolls {digits(bench.rollingM, 4)} m in one turn (ETRTO).</p>
        )}
      </section>
    </div>
  );
}
