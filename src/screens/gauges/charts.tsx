import { scaleLinear } from "d3-scale";
import { line } from "d3-shape";
import type { Quantity } from "@/core/forms";
import type { Units } from "@/core/units";
import { dialText } from "@/core/words";

const [WIDTH, HEIGHT] = [380, 170];
const [LEFT, RIGHT, TOP, BOTTOM] = [58, 84, 8, 28];

export interface Curve {
  readonly name: string;
  readonly points: readonly (readonly [x: number, y: number])[];
  readonly dash?: string;
  readonly width?: number;
}

interface Props {
  readonly label: string;
  readonly quantity: Quantity;
  readonly units: Units;
  readonly curves: readonly Curve[];
  /** What is being looked at on the x axis. */
  readonly at: number | null;
  /** Also y is a value of the dial; else a difference of two. */
  readonly yText: (value: number) => string;
}

/** Curves over a dial's values: what is shown against what is true, or the error. */
export function DialChart({ label, quantity, units, curves, at, yText }: Props) {
  const all = curves.flatMap(({ points }) => points);
  if (all.length === 0) return null;
  const [xs, ys] = [all.map(([x]) => x), all.map(([, y]) => y)];
  const x = scaleLinear([Math.min(...xs), Math.max(...xs)], [LEFT, WIDTH - RIGHT]);
  const y = scaleLinear([Math.min(...ys), Math.max(...ys)], [HEIGHT - BOTTOM, TOP]).nice(4);
  const path = line<readonly [number, number]>()
    .x((point) => x(point[0]))
    .y((point) => y(point[1]));
  // Names at the curves' ends keep a line's height between them.
  const ends = curves
    .flatMap((curve) => {
      const last = curve.points.at(-1);
      return last === undefined ? [] : [{ name: curve.name, y: y(last[1]) }];
    })
    .toSorted((a, b) => a.y - b.y);
  ends.forEach((end, nth) => {
    const before = ends[nth - 1];
    if (before !== undefined && end.y < before.y + 15) end.y = before.y + 15;
  });
  const over = Math.max(0, (ends.at(-1)?.y ?? 0) - (HEIGHT - BOTTOM));
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={label}
      className="w-full max-w-[420px] font-mono"
      fill="none"
      stroke="var(--ink)"
    >
      {y.ticks(4).map((tick) => (
        <g key={tick}>
          <path d={`M${LEFT} ${y(tick)}H${WIDTH - RIGHT}`} stroke={tick === 0 ? "var(--rule2)" : "var(--rule)"} />
          <text x={LEFT - 6} y={y(tick) + 4} textAnchor="end" stroke="none" fill="var(--ink2)" fontSize="13">
            {yText(tick)}
          </text>
        </g>
      ))}
      {x.ticks(4).map((tick) => (
        <text key={tick} x={x(tick)} y={HEIGHT - 10} textAnchor="middle" stroke="none" fill="var(--ink2)" fontSize="13">
          {dialText(quantity, tick, units)}
        </text>
      ))}
      {at !== null && <path d={`M${x(at)} ${TOP}V${HEIGHT - BOTTOM}`} stroke="var(--rule2)" strokeWidth="2" />}
      {curves.map((curve) => (
        <path
          key={curve.name}
          d={path(curve.points) ?? undefined}
          strokeWidth={curve.width ?? 2}
          strokeDasharray={curve.dash}
        />
      ))}
      {ends.map((end) => (
        <text key={end.name} x={WIDTH - RIGHT + 6} y={end.y + 4 - over} stroke="none" fill="var(--ink)" fontSize="13">
          {end.name}
        </text>
      ))}
    </svg>
  );
}

interface DialProps {
  readonly dial: readonly [number, number];
  readonly quantity: Quantity;
  readonly units: Units;
  readonly needles: readonly { readonly name: string; readonly value: number | null; readonly dash?: string }[];
}

const SWEEP = 100;
const [CX, CY, R] = [130, 132, 104];
const placeAt = (share: number, radius: number) => {
  const angle = ((-SWEEP / 2 + SWEEP * Math.min(1, Math.max(0, share)) - 90) * Math.PI) / 180;
  return [CX + radius * Math.cos(angle), CY + radius * Math.sin(angle)] as const;
};

/** The dial with its needles, as the driver sees it. */
export function Dial({ dial: [from, to], quantity, units, needles }: DialProps) {
  const share = (value: number) => (value - from) / (to - from);
  const ticks = scaleLinear([from, to], [0, 1]).ticks(5);
  return (
    <svg
      viewBox="0 0 260 150"
      role="img"
      aria-label={needles
        .map(({ name, value }) => `${name}: ${value === null ? "not known" : dialText(quantity, value, units)}`)
        .join("; ")}
      className="w-full max-w-[230px] font-mono"
      fill="none"
      stroke="var(--ink)"
    >
      <path d={`M${placeAt(0, R).join(" ")}A${R} ${R} 0 0 1 ${placeAt(1, R).join(" ")}`} strokeWidth="2" />
      {ticks.map((tick) => (
        <g key={tick}>
          <path d={`M${placeAt(share(tick), R).join(" ")}L${placeAt(share(tick), R - 9).join(" ")}`} strokeWidth="2" />
          <text
            x={placeAt(share(tick), R + 12)[0]}
            y={placeAt(share(tick), R + 10)[1]}
            textAnchor="middle"
            stroke="none"
            fill="var(--ink2)"
            fontSize="13"
          >
            {dialText(quantity, tick, units).replace(/ .*/, "")}
          </text>
        </g>
      ))}
      {needles.map(({ name, value, dash }) =>
        value === null ? null : (
          <path
            key={name}
            d={`M${CX} ${CY}L${placeAt(share(value), R - 12).join(" ")}`}
            strokeWidth={dash === undefined ? 4 : 2}
            strokeDasharray={dash}
          />
        ),
      )}
      <circle cx={CX} cy={CY} r="7" fill="var(--ink)" />
    </svg>
  );
}
