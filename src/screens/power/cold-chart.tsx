"use client";

import { type ScaleLinear, scaleLinear } from "d3-scale";
import { line } from "d3-shape";
import { useEffect, useState } from "react";
import type { CrankingReport } from "@/core/power";
import { temperatureText } from "@/core/words";
import { useJob } from "../shell/job-provider";

const COLD = [-20, -10, 0, 10, 20, 30] as const;
const [WIDTH, HEIGHT] = [560, 240];

/** Cranking at one temperature of the battery. */
export interface ColdPoint extends CrankingReport {
  readonly celsius: number;
}

export const weakest = (report: CrankingReport) =>
  Math.min(...report.computers.flatMap((one) => (one.volts === null || one.volts < 1 ? [] : [one.volts])));

interface CurveOf {
  readonly name: string;
  readonly width: number;
  readonly dash?: string;
  /** V */
  readonly of: (report: CrankingReport) => number;
}
const CURVES: readonly CurveOf[] = [
  { name: "battery", width: 3.5, of: (one) => one.batteryVolts },
  { name: "weakest computer", width: 2, of: weakest },
  { name: "starter", width: 2, dash: "6 4", of: (one) => one.starterVolts ?? 0 },
];

/** Battery and the weakest computer's supply over the temperature, each point solved anew. */
export function ColdChart({ points }: { points: readonly ColdPoint[] | null }) {
  const { units } = useJob().document.job;
  if (points === null)
    return (
      <p role="status" className="text-ink2">
        Solving six temperatures …
      </p>
    );
  const x = scaleLinear([COLD[0], COLD[COLD.length - 1] as number], [46, WIDTH - 150]);
  const y = scaleLinear([6, 13], [HEIGHT - 34, 10]);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={`Volts while cranking over temperature: ${points.map((one) => `${one.celsius} °C battery ${one.batteryVolts.toFixed(1)} V`).join(", ")}`}
      className="w-full max-w-[640px] font-mono"
      fill="none"
      stroke="var(--ink)"
    >
      {[6, 8, 10, 12].map((tick) => (
        <g key={tick}>
          <path d={`M46 ${y(tick)}H${WIDTH - 150}`} stroke="var(--rule)" />
          <text x="40" y={y(tick) + 4} textAnchor="end" stroke="none" fill="var(--ink2)" fontSize="13">
            {tick} V
          </text>
        </g>
      ))}
      {COLD.map((tick) => (
        <text key={tick} x={x(tick)} y={HEIGHT - 12} textAnchor="middle" stroke="none" fill="var(--ink2)" fontSize="13">
          {temperatureText(tick, units)}
        </text>
      ))}
      {CURVES.map((curve) => (
        <Curve key={curve.name} curve={curve} points={points} scales={{ x, y }} />
      ))}
    </svg>
  );
}

/** The temperatures, solved one after the other; null until all are. */
export function useColdPoints(): readonly ColdPoint[] | null {
  const job = useJob();
  const [points, setPoints] = useState<readonly ColdPoint[] | null>(null);
  useEffect(() => {
    let current = true;
    void (async () => {
      const found: ColdPoint[] = [];
      for (const celsius of COLD) {
        const { report } = await job.askTry([{ type: "setting", key: "battery-c", value: celsius }]);
        if (!current) return;
        if (report !== null) found.push({ ...report.crank, celsius });
      }
      setPoints(found);
    })();
    return () => {
      current = false;
    };
  }, [job.power]);
  return points;
}

interface Scales {
  readonly x: ScaleLinear<number, number>;
  readonly y: ScaleLinear<number, number>;
}

function Curve({ curve, points, scales: { x, y } }: { curve: CurveOf; points: readonly ColdPoint[]; scales: Scales }) {
  const last = points.at(-1);
  // Labels keep a line's height between them where the curves end close together.
  const rank =
    last === undefined
      ? 0
      : CURVES.filter(
          (other) => other !== curve && curve.of(last) < other.of(last) && other.of(last) - curve.of(last) < 0.5,
        ).length;
  return (
    <g>
      <path
        d={
          line<ColdPoint>()
            .x((one) => x(one.celsius))
            .y((one) => y(curve.of(one)))(points) ?? undefined
        }
        strokeWidth={curve.width}
        strokeDasharray={curve.dash}
      />
      {last !== undefined && (
        <text
          x={WIDTH - 142}
          y={y(curve.of(last)) + 4 + 15 * rank}
          stroke="none"
          fill="var(--ink)"
          fontSize="13"
          fontWeight="600"
        >
          {curve.name}
        </text>
      )}
    </g>
  );
}
