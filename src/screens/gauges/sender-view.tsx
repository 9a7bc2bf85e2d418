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
  type SenderWay,
  senderBench,
  senderWays,
  shownAt,
} from "@/core/benches";
import { curveText, type SenderNetwork, type SenderSpec } from "@/core/gauges";
import type { Adapter } from "@/core/signals";
import {
  cavityLabel,
  dialError,
  dialText,
  digits,
  NEEDLE_POINT_WORDS,
  networkPartsText,
  networkText,
  ohms,
  SENDER_WAY_WORDS,
  senderFaultText,
  senderWayText,
} from "@/core/words";
import { acceptBenchOps, benchOps } from "@/job/bench-ops";
import { Button, Field } from "@/ui/controls";
import { Segments } from "@/ui/segments";
import { FactField } from "../facts/fact-field";
import { useJob } from "../shell/job-provider";
import { BenchField } from "./bench-field";
import { Dial, DialChart } from "./charts";
import { NetworkDrawing } from "./network-drawing";
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
          <Fit bench={bench} spec={bench.spec} best={best} instrument={instrument} />
        )}
        {bench.drivenBy === "output" && bench.gauge !== null && bench.band !== null && (
          <DriverTable bench={bench} instrument={instrument} />
        )}
      </div>
      <Entered instrument={instrument} bench={bench} />
    </div>
  );
}

interface FitProps {
  readonly bench: SenderBench;
  readonly spec: SenderSpec;
  readonly best: SenderNetwork;
  readonly instrument: Instrument;
}

function Fit({ bench, spec, best, instrument }: FitProps) {
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
  return (
    <>
      <h3 className="mt-3 font-bold">{networkPartsText(best, heat)}</h3>
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
        <div>
          <h4 className="text-[13px] font-bold">The needle at {dialText(quantity, x, units)}</h4>
          {bench.dial !== null && (
            <Dial
              dial={bench.dial}
              quantity={quantity}
              units={units}
              needles={[
                { name: "wire alone", value: shownAt(spec, null, x), dash: "4 3" },
                { name: "with resistors", value: shownAt(spec, best, x) },
              ]}
            />
          )}
          <input
            type="range"
            aria-label="True value"
            className="h-10 w-full accent-[var(--ink)]"
            min={from}
            max={to}
            step={(to - from) / 100}
            value={x}
            onChange={(event) => setLooked(Number(event.target.value))}
          />
        </div>
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
                <td className="text-right">
                  {point.plain === null ? "beyond" : dialText(quantity, point.plain, units)}
                </td>
                <td className="text-right font-semibold">
                  {point.shown === null ? "–" : dialText(quantity, point.shown, units)}
                </td>
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
function Corrections({ spec, best, instrument }: Omit<FitProps, "bench">) {
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

function DriverTable({ bench, instrument }: { bench: SenderBench; instrument: Instrument }) {
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

/** What the bench rests on, and where each value is entered. */
function Entered({ instrument, bench }: { instrument: Instrument; bench: SenderBench }) {
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
