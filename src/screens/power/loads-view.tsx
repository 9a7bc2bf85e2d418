import type { ReactNode } from "react";
import { originKey, type PowerReport } from "@/core/power";
import type { Units } from "@/core/units";
import { amps, capital, fixed, originText, ratedAmps, sizeWords, volts, watts, wireText } from "@/core/words";
import { NumberWithOrigin } from "@/ui/origin";

/** Loads are sums of usual values: no digit after the ampere deserves to be read. */
const whole = (value: number) => `${fixed(value, 0)} A`;

/** Alternator against loads, what is parked, and the loads themselves. */
export function LoadsView({
  report,
  before,
  units,
}: {
  report: PowerReport;
  before: PowerReport | null;
  units: Units;
}) {
  const { charge } = report;
  const was = before?.charge;
  return (
    <div className="p-4">
      <dl className="flex flex-wrap border border-rule2">
        <Figure
          name="needed with everything on"
          value={whole(charge.neededAmps)}
          was={was && whole(was.neededAmps)}
          why="The sum of all loads that the plan and both harnesses show, at the voltages that they have with the engine running."
        />
        <Figure
          name="alternator at idle"
          value={whole(charge.idleAmps)}
          was={was && whole(was.idleAmps)}
          bad={charge.neededAmps > charge.idleAmps}
          why="Its rated current times the part of it that it supplies at idle; both can be set under Given and assumed."
        />
        <Figure
          name="alternator on the road"
          value={whole(charge.roadAmps)}
          was={was && whole(was.roadAmps)}
          bad={charge.neededAmps > charge.roadAmps}
          why="Its rated current: as set, else as its cavity states, else a usual one."
        />
        <Figure
          name={charge.batteryAmps < 0 ? "out of the battery, running" : "into the battery, running"}
          value={amps(Math.abs(charge.batteryAmps))}
          was={was && amps(Math.abs(was.batteryAmps))}
          bad={charge.batteryAmps < 0 ? "drained" : false}
          why={`What is left of ${amps(charge.givenAmps)} at ${volts(charge.regulatedVolts)} when everything on has taken its part; the battery takes little more than a tenth of its capacity an hour.`}
        />
        <Figure
          name="parked"
          value={amps(charge.parkedAmps)}
          was={was && amps(was.parkedAmps)}
          why="What the battery supplies with the key off: computers asleep, and what the plan connects to a permanent feed."
        />
        <Figure
          name="days to half the battery"
          value={
            charge.daysToHalf === null
              ? "—"
              : charge.daysToHalf > 365
                ? "over a year"
                : charge.daysToHalf.toFixed(charge.daysToHalf < 10 ? 1 : 0)
          }
          was={was?.daysToHalf == null ? undefined : was.daysToHalf.toFixed(0)}
          bad={charge.daysToHalf !== null && charge.daysToHalf < 21}
          why="Half of the battery's capacity over the parked current; a vehicle should stand three weeks and start."
        />
      </dl>
      <Boxes rows={report.boxes} units={units} />
      <div className="mt-5 grid grid-cols-2 gap-6 max-lg:grid-cols-1">
        <Loads title="With the engine running" rows={charge.loads} />
        <Loads title="Parked" rows={charge.parkedLoads} />
      </div>
    </div>
  );
}

/** Each fuse box against the wire that feeds it. */
function Boxes({ rows, units }: { rows: PowerReport["boxes"]; units: Units }) {
  if (rows.length === 0) return null;
  return (
    <table className="mt-5 w-full max-w-4xl">
      <caption className="mb-1 text-left text-sm font-bold">Fuse boxes against their feeds</caption>
      <thead>
        <tr className="border-b border-rule2 text-left text-[13px]">
          <th className="py-1">Box</th>
          <th className="px-2 py-1 text-right">Its fuses</th>
          <th className="px-2 py-1 text-right">Its loads</th>
          <th className="px-2 py-1">Feed</th>
          <th className="px-2 py-1 text-right">Carries</th>
          <th className="px-2 py-1 text-right">Rated for</th>
          <th className="py-1 pl-3">Verdict</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={row.key} className="border-b border-rule">
            <td className="py-1.5 font-semibold">{row.label}</td>
            <td className="px-2 text-right font-mono">{ratedAmps(row.fuseAmps)}</td>
            <td className="px-2 text-right font-mono">{amps(row.loadAmps)}</td>
            {row.feed === null ? (
              <td colSpan={3} className="px-2 text-ink2">
                no feed wire known
              </td>
            ) : (
              <>
                <td className="px-2">
                  {sizeWords(row.feed.origin.sizeMm2, units)}, {wireText(row.feed.origin)}
                </td>
                <td className="px-2 text-right font-mono">{amps(row.feed.amps)}</td>
                <td className="px-2 text-right font-mono">{ratedAmps(row.feed.ratedAmps)}</td>
              </>
            )}
            <td className={`pl-3 text-[13px] ${row.holds ? "" : "font-bold text-stop"}`}>
              {row.holds ? "in order" : "too thin"}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

export function Figure({
  name,
  value,
  was,
  bad = false,
  why,
}: {
  name: string;
  value: string;
  was?: string | undefined;
  bad?: boolean | string;
  why: ReactNode;
}) {
  return (
    <div className="min-w-32 flex-1 border-r border-rule px-3 py-1.5 last:border-r-0">
      <dd className={`text-xl leading-tight font-semibold ${bad !== false ? "text-stop" : ""}`}>
        {was !== undefined && was !== value && (
          <span className="mr-1.5 font-mono text-sm font-normal text-ink2 line-through">{was}</span>
        )}
        <NumberWithOrigin label={name} assumed={false} origin={<p>{why}</p>}>
          {value}
        </NumberWithOrigin>
      </dd>
      <dt className="text-[13px] text-ink2">
        {name}
        {bad !== false && <strong className="text-stop"> {bad === true ? "too little" : bad}</strong>}
      </dt>
    </div>
  );
}

function Loads({ title, rows }: { title: string; rows: PowerReport["charge"]["loads"] }) {
  const most = Math.max(0.001, ...rows.map((row) => row.amps));
  return (
    <section>
      <h2 className="mb-1 text-sm">{title}</h2>
      {rows.length === 0 ? (
        <p className="text-ink2">Nothing flows.</p>
      ) : (
        <table className="w-full">
          <thead>
            <tr className="border-b border-rule2 text-left text-[13px]">
              <th className="py-1">Load</th>
              <th className="w-1/3 py-1">
                <span className="hidden-text">Share</span>
              </th>
              <th className="py-1 text-right">Current</th>
              <th className="py-1 text-right">Power</th>
            </tr>
          </thead>
          <tbody>
            {rows.slice(0, 40).map((row) => (
              <tr key={originKey(row.origin)} className="border-b border-rule">
                <td className="py-1 pr-2">{capital(originText(row.origin))}</td>
                <td className="pr-3">
                  <span
                    className="block h-2.5 bg-ink [print-color-adjust:exact]"
                    style={{ width: `${Math.max(1, (100 * row.amps) / most)}%` }}
                  />
                </td>
                <td className="py-1 text-right font-mono whitespace-nowrap">{amps(row.amps)}</td>
                <td className="py-1 pl-2 text-right font-mono whitespace-nowrap">{watts(row.watts)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {rows.length > 40 && <p className="mt-1 text-[13px] text-ink2">{rows.length - 40} smaller ones</p>}
    </section>
  );
}
