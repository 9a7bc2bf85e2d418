import { memo } from "react";
import { sideOf } from "@/core/points";
import type { DrawnElement, DrawnPath, DrawnPoint } from "@/core/power";
import type { Units } from "@/core/units";
import { amps, drawnName, drawnValue, fixed, pointText, smallVolts, stateWords } from "@/core/words";
import { ElementSign } from "./element-sign";

const WIDTH = 400;
/** Where the rail runs; volts stand left of it, names right of it, currents at the right edge. */
const RAIL = 88;
const POINT_HEIGHT = 26;
const ELEMENT_HEIGHT = 46;
const GAP = 2;
const MARGIN = 12;

/**
 * The schematic of one current path, from the battery down to its other pole: what current meets in its order, with the
 * voltage at every point and the loss across every element.
 */
export const PathDrawing = memo(function PathDrawing({
  path,
  units,
  before,
}: {
  path: DrawnPath;
  units: Units;
  before?: DrawnPath | null;
}) {
  const { points, elements } = shown(path);
  const { places, height } = layout(points, elements);
  const voltsBefore = new Map((before?.points ?? []).map((one) => [pointText(one.point), one.volts]));
  if (elements.length === 0) return <p className="text-ink2">Nothing in the pin tables or the plan leads here.</p>;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      role="img"
      aria-label={`Current path ${stateWords[path.state]}: ${points.map((one) => `${pointText(one.point)} ${voltsThere(one.volts)}`).join(", ")}`}
      className="w-full max-w-[520px] min-w-[400px] font-mono"
      fill="none"
      stroke="var(--ink)"
      strokeWidth="2"
    >
      {elements.map((one, at) => (
        <Element
          key={one.key}
          drawn={one}
          top={places.points[at] ?? 0}
          bottom={places.points[at + 1] ?? 0}
          units={units}
        />
      ))}
      {points.map((one, at) => (
        <Point key={one.key} drawn={one} y={places.points[at] ?? 0} was={voltsBefore.get(pointText(one.point))} />
      ))}
    </svg>
  );
});

/** Ends that the tables leave out are the joint itself: the two sides of one crimp need no line each. */
function shown({ points, elements }: DrawnPath): { points: DrawnPoint[]; elements: DrawnElement[] } {
  const kept: DrawnPoint[] = points.slice(0, 1);
  const left: DrawnElement[] = [];
  elements.forEach((one, at) => {
    const next = points[at + 1] as DrawnPoint;
    if (
      one.symbol === "joint" &&
      !one.open &&
      next.point.type === "open-end" &&
      !next.asked &&
      at + 1 < elements.length
    )
      return;
    left.push(one);
    kept.push(next);
  });
  return { points: kept, elements: left };
}

/** A path is one line from pole to pole: each thing stands below the one before, with a gap between. */
function layout(points: readonly DrawnPoint[], elements: readonly DrawnElement[]) {
  const pitch = POINT_HEIGHT + GAP + ELEMENT_HEIGHT + GAP;
  const first = MARGIN + POINT_HEIGHT / 2;
  return {
    places: { points: points.map((_, at) => first + at * pitch) },
    height: first + elements.length * pitch + POINT_HEIGHT / 2 + 2 * MARGIN,
  };
}

function Point({
  drawn: { point, volts, asked },
  y,
  was,
}: {
  drawn: DrawnPoint;
  y: number;
  was: number | null | undefined;
}) {
  const changed =
    (was !== undefined && (was === null) !== (volts === null)) ||
    (typeof was === "number" && volts !== null && Math.abs(was - volts) >= 0.005);
  const label = pointText(point);
  const side = sideOf(point);
  return (
    <g data-point={label}>
      <circle cx={RAIL} cy={y} r={asked ? 6 : 4} fill={asked ? "var(--ink)" : "var(--sheet)"} />
      <text
        x={RAIL - 16}
        y={y + 5}
        textAnchor="end"
        stroke="none"
        fill="var(--ink)"
        fontSize={asked ? 17 : 15}
        fontWeight="700"
      >
        {voltsThere(volts)}
      </text>
      <text x={RAIL + 18} y={y + 5} stroke="none" fill="var(--ink)" fontSize="14" fontWeight={asked ? 700 : 600}>
        {clip(label, 24)}
        <title>{label}</title>
        {side === null ? "" : <tspan fill="var(--ink2)" fontWeight="400" fontSize="13">{`  ${side}`}</tspan>}
      </text>
      {changed && (
        <text x={RAIL - 16} y={y + 21} textAnchor="end" stroke="none" fill="var(--ink2)" fontSize="13">
          was {voltsThere(was ?? null)}
        </text>
      )}
    </g>
  );
}

function Element({ drawn, top, bottom, units }: { drawn: DrawnElement; top: number; bottom: number; units: Units }) {
  const middle = (top + bottom) / 2;
  const name = drawnName(drawn);
  const { open, drop } = drawn;
  const tooMuch = drop !== null && Math.abs(drop) > 0.5 && drawn.symbol === "wire";
  return (
    <g>
      <path
        d={`M${RAIL} ${top}V${middle - 13}M${RAIL} ${middle + 13}V${bottom}`}
        strokeDasharray={open ? "3 4" : undefined}
      />
      <ElementSign drawn={drawn} x={RAIL} y={middle} />
      <g stroke="none" fontSize="13">
        <text x={RAIL + 26} y={middle - 2} fill={open ? "var(--stop)" : "var(--ink)"} fontWeight={open ? 700 : 500}>
          {open ? `open here: ${clip(name, 14)}` : clip(drawn.symbol === "wire" ? wireColour(drawn) : name, 25)}
          <title>{name}</title>
        </text>
        <text x={RAIL + 26} y={middle + 14} fill="var(--ink2)">
          {clip(drawnValue(drawn, units), 27)}
        </text>
        <text x={WIDTH - 4} y={middle - 2} textAnchor="end" fill="var(--ink)" fontWeight="600">
          {open ? "" : amps(Math.abs(drawn.amps))}
        </text>
        <text x={WIDTH - 4} y={middle + 14} textAnchor="end" fill={tooMuch ? "var(--stop)" : "var(--ink2)"}>
          {drop === null || drawn.symbol === "source" || Math.abs(drop) < 0.0005 ? "" : smallVolts(-Math.abs(drop))}
        </text>
      </g>
    </g>
  );
}

/** Its ends stand above and below it: the colour is what one looks for. */
const wireColour = ({ colour }: DrawnElement) =>
  colour?.base == null ? "wire" : `wire ${colour.base}${colour.tracer === null ? "" : `/${colour.tracer}`}`;
/** Two decimals everywhere, so that the points are read down. */
const voltsThere = (volts: number | null) => (volts === null ? "—" : `${fixed(volts, 2)} V`);
/** A cavity's own label stands last, and tells it from its neighbours: a name is cut before it, not after. */
export function clip(text: string, most: number): string {
  if (text.length <= most) return text;
  const tail = /-[^-\s]{1,6}$/.exec(text)?.[0] ?? "";
  return `${text.slice(0, most - 1 - tail.length).trimEnd()}…${tail}`;
}
