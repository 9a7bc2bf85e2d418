"use client";

import { useState } from "react";
import {
  driverTable,
  errorCurves,
  type Instrument,
  needlePoints,
  networkHeat,
  ohmsCurves,
  type SenderBench,
  shownAt,
} from "@/core/benches";
import type { SenderNetwork, SenderSpec } from "@/core/gauges";
import {
  cavityLabel,
  dialError,
  dialText,
  digits,
  NEEDLE_POINT_WORDS,
  networkPartsText,
  networkText,
  ohms,
} from "@/core/words";
import { useJob } from "../shell/job-provider";
import { DialChart } from "./charts";
import { DraggedDial } from "./dragged-dial";
import { NetworkDrawing } from "./network-drawing";
import { useBench } from "./use-instruments";

interface FitProps {
  readonly bench: SenderBench;
  readonly spec: SenderSpec;
  readonly best: SenderNetwork;
  readonly instrument: Instrument;
  /** The network may be used; else it is shown for what it would give. */
  readonly isOpen: boolean;
}

/** The best network with its curves, the needle at a value that one drags, and what is printed. */
export function Fit({ bench, spec, best, instrument, isOpen }: FitProps) {
  const { units } = useJob().document.job;
  const { quantity } = instrument;
  const [given] = useBench(instrument);
  const [from, to] = spec.band;
  const [looked, setLooked] = useState<number | null>(null);
  const x = Math.min(to, Math.max(from, looked ?? given.normal ?? (from + to) / 2));
  const { plain, with: bent } = errorCurves(spec, best);
  const heat = best.form === "none" ? null : networkHeat(spec, best, bench.volts);
  const points = needlePoints(quantity, given, spec, best);
  const curves = ohmsCurves(spec, best);
  const shownText = (value: number | null) => (value === null ? "–" : dialText(quantity, value, units));
  return (
    <>
      <h3 className={`mt-3 font-bold ${isOpen ? "" : "text-ink2"}`}>
        {isOpen ? "" : "Not to be used here, but nearest: "}
        {networkPartsText(best, heat)}
      </h3>
      <p>{networkText(best, bench, quantity, units)}.</p>
      <div className="mt-2 grid grid-cols-[minmax(0,1fr)_200px] items-start gap-x-4 max-lg:grid-cols-1">
        <div>
          <h4 className="text-[13px] font-bold">Error over the band</h4>
          <DialChart
            label={`Shown less true: by wire alone up to ${dialError(quantity, Math.max(...plain.map(([, error]) => Math.abs(error))), units)}, with the resistors ${dialError(quantity, best.worstError, units)}`}
            quantity={quantity}
            units={units}
            at={x}
            yText={(value) => dialError(quantity, value, units)}
            curves={[
              { name: "wire alone", points: plain, dash: "5 4", width: 1.5 },
              ...(bent === null || best.form === "none" ? [] : [{ name: "resistors", points: bent, width: 3 }]),
            ]}
          />
        </div>
        {bench.dial !== null && (
          <DraggedDial
            label="True value"
            band={[from, to]}
            step={(to - from) / 100}
            value={x}
            onChange={setLooked}
            dial={bench.dial}
            quantity={quantity}
            units={units}
            needles={[
              { name: "wire alone", value: shownAt(spec, null, x), dash: "4 3" },
              { name: "with resistors", value: shownAt(spec, best, x) },
            ]}
          />
        )}
      </div>
      <div className="grid grid-cols-2 items-start gap-x-4 max-lg:grid-cols-1">
        <div>
          <h4 className="text-[13px] font-bold">Both curves</h4>
          <DialChart
            label="Resistance over the band: what the gauge wants, what the sender has, and what the gauge sees"
            quantity={quantity}
            units={units}
            at={x}
            yText={(value) => ohms(value)}
            curves={[
              { name: "gauge", points: curves.map((one) => [one.x, one.wanted] as const), width: 1.5 },
              { name: "sender", points: curves.map((one) => [one.x, one.given] as const), dash: "5 4", width: 1.5 },
              ...(best.form === "none"
                ? []
                : [{ name: "resistors", points: curves.map((one) => [one.x, one.seen ?? 0] as const), width: 3 }]),
            ]}
          />
        </div>
        <NetworkDrawing network={best} />
        <table className="col-span-2 mt-2 w-full text-left max-lg:col-span-1">
          <thead className="text-[13px] text-ink2">
            <tr>
              <th className="py-1 font-semibold">True</th>
              <th className="text-right font-semibold">Wire alone</th>
              <th className="text-right font-semibold">With resistors</th>
            </tr>
          </thead>
          <tbody className="font-mono tabular-nums">
            {points.map((point) => (
              <tr key={point.at} className="border-t border-rule">
                <td className="py-1 whitespace-nowrap">
                  <span className="font-sans">{NEEDLE_POINT_WORDS[point.at]}</span> {dialText(quantity, point.x, units)}
                </td>
                {point.plain === null && point.shown === null ? (
                  <td colSpan={2} className="text-right font-sans text-ink2">
                    beyond the curves
                  </td>
                ) : (
                  <>
                    <td className="text-right">{shownText(point.plain)}</td>
                    <td className="text-right font-semibold">{shownText(point.shown)}</td>
                  </>
                )}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <Corrections spec={spec} best={best} instrument={instrument} />
    </>
  );
}

/** What one prints: what the needle shows where it is true. */
function Corrections({ spec, best, instrument }: Omit<FitProps, "bench" | "isOpen">) {
  const { units } = useJob().document.job;
  const { quantity } = instrument;
  const [from, to] = spec.band;
  const values = Array.from({ length: 11 }, (_, at) => from + ((to - from) * at) / 10);
  return (
    <table className="hidden w-full text-left print:table">
      <caption className="text-left font-bold">
        Correction table, {cavityLabel(instrument.pin)}: {networkPartsText(best, null)}
      </caption>
      <thead>
        <tr>
          <th>True</th>
          <th>Shown</th>
          <th>Error</th>
        </tr>
      </thead>
      <tbody>
        {values.map((x) => {
          const shown = shownAt(spec, best, x);
          return (
            <tr key={x}>
              <td>{dialText(quantity, x, units)}</td>
              <td>{shown === null ? "–" : dialText(quantity, shown, units)}</td>
              <td>{shown === null ? "–" : dialError(quantity, shown - x, units)}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

/** What a gauge driver must sink at each value. */
export function DriverTable({ bench, instrument }: { bench: SenderBench; instrument: Instrument }) {
  const { units } = useJob().document.job;
  const { quantity } = instrument;
  if (bench.gauge === null || bench.band === null) return null;
  const rows = driverTable(bench.gauge, bench.band, bench.interpolate);
  return (
    <section aria-label="Gauge driver" className="mt-2">
      <h3 className="text-[13px] font-bold">What the gauge driver must sink</h3>
      <table className="text-left font-mono tabular-nums">
        <tbody>
          <tr className="border-b border-rule">
            <th className="py-1 pr-3 font-sans text-[13px]">True</th>
            {rows.map(([x]) => (
              <td key={x} className="px-2 text-right">
                {dialText(quantity, x, units).replace(/ .*/, "")}
              </td>
            ))}
          </tr>
          <tr>
            <th className="py-1 pr-3 font-sans text-[13px]">Ω</th>
            {rows.map(([x, value]) => (
              <td key={x} className="px-2 text-right">
                {value === null ? "–" : digits(value, 3)}
              </td>
            ))}
          </tr>
        </tbody>
      </table>
    </section>
  );
}
