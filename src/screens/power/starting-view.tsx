"use client";

import { useState } from "react";
import { type CrankingReport, cableTable, type PowerEdit, type PowerReport } from "@/core/power";
import { FOOT_M } from "@/core/units";
import { cavityLabel, fixed, lengthText, ratedAmps, ratedVolts, sizeWords, temperatureText } from "@/core/words";
import { Button, Field } from "@/ui/controls";
import { Caution } from "@/ui/states";
import { useJob } from "../shell/job-provider";
import { ColdChart, type ColdPoint, useColdPoints, weakest } from "./cold-chart";
import { Figure } from "./loads-view";

/** Cranking: the battery, the cable, the starter, and what the computers keep; then the same when it is colder. */
export function StartingView({
  report,
  before,
  onTry,
}: {
  report: PowerReport;
  before: PowerReport | null;
  onTry: (edit: PowerEdit) => void;
}) {
  const job = useJob();
  const { units } = job.document.job;
  const { crank } = report;
  const points = useColdPoints();
  return (
    <div className="p-4">
      <Figures crank={crank} was={before?.crank} />
      <Computers crank={crank} />
      <h2 className="mt-6 mb-1 text-sm">When it is colder</h2>
      <ColdTable crank={crank} cold={points?.find(({ celsius }) => celsius === COLD_C) ?? null} />
      <ColdChart points={points} />
      <div className="no-print mt-3 flex flex-wrap gap-2">
        {[-18, 0].map((celsius) => (
          <Button key={celsius} onClick={() => onTry({ type: "setting", key: "battery-c", value: celsius })}>
            Try {temperatureText(celsius, units)}
          </Button>
        ))}
      </div>
      <MovedBattery starter={crank.starter} />
      <div className="mt-4 max-w-2xl">
        <Caution>
          Cranking turns the engine: nobody near belts and fan, gearbox in Park or neutral, wheels chocked. A battery
          gives off gas that burns; no sparks near it, and follow the makers' procedures.
        </Caution>
      </div>
    </div>
  );
}

const volts = (value: number | null | undefined) =>
  value === null || value === undefined ? "—" : `${Math.abs(value) < 0.05 ? "0.0" : value.toFixed(1)} V`;

/** The way of the current while cranking, from the battery to the starter and back. */
function Figures({ crank, was }: { crank: CrankingReport; was: CrankingReport | undefined }) {
  const { units } = useJob().document.job;
  return (
    <dl className="flex flex-wrap border border-rule2">
      <Figure
        name="current while cranking"
        value={`${crank.amps.toFixed(0)} A`}
        was={was && `${was.amps.toFixed(0)} A`}
        why="What the battery gives with the starter turning: its own resistance, the cables, the starter's current from its cavity, stiffer when it is cold."
      />
      <Figure
        name="battery, at its posts"
        value={volts(crank.batteryVolts)}
        was={was && volts(was.batteryVolts)}
        bad={crank.batteryVolts < 9.6}
        why={`${crank.openVolts.toFixed(2)} V open, less ${crank.amps.toFixed(0)} A × ${(1000 * crank.batteryOhms).toFixed(1)} mΩ of its own at ${temperatureText(crank.batteryC, units)}.`}
      />
      <Figure
        name="lost in the cable"
        value={volts(crank.cableVolts)}
        was={was && volts(was.cableVolts)}
        bad={crank.cableVolts > 0.8}
        why="From the battery's post to the starter's terminal."
      />
      <Figure
        name="lost in the return"
        value={volts(crank.returnVolts)}
        was={was && volts(was.returnVolts)}
        bad={crank.returnVolts > 0.5}
        why="From the starter's case over the engine block and its strap to the battery's negative."
      />
      <Figure
        name="at the starter"
        value={volts(crank.starterVolts)}
        was={was && volts(was.starterVolts)}
        bad={crank.starterVolts !== null && crank.starterVolts < 8 && (crank.starterVolts < 1 ? "does not turn" : true)}
        why="What is left for the motor."
      />
    </dl>
  );
}

/** A frosty morning, °C: the swap must start then as well. */
const COLD_C = -10;

/** Starting as the settings have it beside a frosty morning, in figures. */
function ColdTable({ crank, cold }: { crank: CrankingReport; cold: ColdPoint | null }) {
  const { units } = useJob().document.job;
  const rows: readonly (readonly [name: string, of: (one: CrankingReport) => string])[] = [
    ["Current while cranking", (one) => `${one.amps.toFixed(0)} A`],
    ["Battery, at its posts", (one) => volts(one.batteryVolts)],
    ["At the starter", (one) => volts(one.starterVolts)],
    ["Across the weakest computer", (one) => (Number.isFinite(weakest(one)) ? volts(weakest(one)) : "—")],
  ];
  return (
    <table className="mb-3 w-full max-w-2xl">
      <thead>
        <tr className="border-b border-rule2 text-left text-[13px]">
          <th className="py-1">While cranking</th>
          <th className="px-2 py-1 text-right">at {temperatureText(crank.batteryC, units)}</th>
          <th className="px-2 py-1 text-right">at {temperatureText(COLD_C, units)}</th>
        </tr>
      </thead>
      <tbody>
        {rows.map(([name, of]) => (
          <tr key={name} className="border-b border-rule">
            <td className="py-1.5">{name}</td>
            <td className="px-2 text-right font-mono font-semibold">{of(crank)}</td>
            <td className="px-2 text-right font-mono font-semibold">{cold === null ? "…" : of(cold)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Computers({ crank }: { crank: CrankingReport }) {
  return (
    <table className="mt-5 w-full max-w-2xl">
      <caption className="mb-1 text-left text-sm font-bold">Computers' supplies while cranking</caption>
      <thead>
        <tr className="border-b border-rule2 text-left text-[13px]">
          <th className="py-1">Cavity</th>
          <th className="px-2 py-1 text-right">Across it</th>
          <th className="px-2 py-1 text-right">Needs</th>
          <th className="px-2 py-1 text-right">To spare</th>
        </tr>
      </thead>
      <tbody>
        {crank.computers.map((one) => {
          const spare = one.volts === null ? null : one.volts - one.leastVolts;
          return (
            <tr key={one.at.pinId} className="border-b border-rule">
              <td className="py-1.5 font-mono font-semibold">{cavityLabel(one.at)}</td>
              <td className="px-2 text-right font-mono">{volts(one.volts)}</td>
              <td className="px-2 text-right font-mono">{ratedVolts(one.leastVolts)}</td>
              <td
                className={`px-2 text-right font-mono font-semibold ${spare === null || spare < 0 ? "text-stop" : ""}`}
              >
                {spare === null || spare < 0 ? "too little" : volts(spare)}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

const STARTER_FROM: Readonly<Record<CrankingReport["starter"]["from"], (amps: string) => string>> = {
  solved: (amps) => `For ${amps}, what the starter takes in this plan.`,
  stated: (amps) => `For ${amps}, what the starter would take: in this plan it does not turn.`,
  power: (amps) => `For ${amps}, by the starter's rated power under Given values: no starter stands in the plan.`,
};

/** The cable for a battery that is moved: each size with what it loses while cranking. */
function MovedBattery({ starter: { amps, from } }: { starter: CrankingReport["starter"] }) {
  const { units } = useJob().document.job;
  const [written, setWritten] = useState("4");
  const metres = Number(written.replace(",", ".")) * (units === "metric" ? 1 : FOOT_M);
  const sane = metres >= 0.2 && metres <= 15;
  return (
    <section className="mt-6">
      <h2 className="mb-1 text-sm">A battery that is moved</h2>
      <p className="mb-2 max-w-2xl text-[13px] text-ink2">{STARTER_FROM[from](`${amps.toFixed(0)} A`)}</p>
      <div className="max-w-60">
        <Field
          label={`Cable from battery to starter, ${units === "metric" ? "m" : "ft"}`}
          error={sane ? null : `Give a length from ${lengthText(0.2, units)} to ${lengthText(15, units)}.`}
        >
          <input
            className="field"
            inputMode="decimal"
            value={written}
            onChange={(event) => setWritten(event.target.value)}
          />
        </Field>
      </div>
      {sane && (
        <table className="mt-2 w-full max-w-2xl">
          <thead>
            <tr className="border-b border-rule2 text-left text-[13px]">
              <th className="py-1">Size</th>
              <th className="px-2 py-1 text-right">Lost at {amps.toFixed(0)} A, out</th>
              <th className="px-2 py-1 text-right">and back in a cable</th>
              <th className="px-2 py-1 text-right">Rated for</th>
              <th className="px-2 py-1">Out and back</th>
            </tr>
          </thead>
          <tbody>
            {cableTable(metres, amps, 40, units).map((row) => (
              <tr key={row.sizeMm2} className="border-b border-rule">
                <td className="py-1 font-mono font-semibold">{sizeWords(row.sizeMm2, units)}</td>
                <td className="px-2 text-right font-mono">{fixed(row.outVolts, 2)} V</td>
                <td className="px-2 text-right font-mono">{fixed(row.bothVolts, 2)} V</td>
                <td className="px-2 text-right font-mono">{ratedAmps(row.ratedAmps)}</td>
                <td className={`px-2 text-[13px] ${row.holds ? "" : "text-stop"}`}>
                  {row.holds ? "under half a volt" : "too much"}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
