import { type ScaleLogarithmic, scaleLog } from "d3-scale";
import { line } from "d3-shape";
import type { FuseRow } from "@/core/power";
import type { Units } from "@/core/units";
import { blowSeconds, damageSeconds } from "@/core/wire";
import { fuseCheckText, ratedAmps, sizeWords } from "@/core/words";

const [WIDTH, HEIGHT] = [440, 300];
const MARGIN = { left: 58, right: 14, top: 14, bottom: 42 } as const;
const [FAST, SLOW] = [0.01, 1000];

/**
 * When the fuse blows and when its wire is damaged, over the current: where the wire's line lies above the fuse's, the
 * fuse saves it.
 */
export function FuseChart({ row, units }: { row: FuseRow; units: Units }) {
  if (row.wire === null) return <p className="text-ink2">No wire is known behind this fuse.</p>;
  const { sizeMm2 } = row.wire.origin;
  const short = row.verdict?.checks.find((check) => check.code === "short");
  const most = Math.max(row.ratedAmps * 12, Math.min(row.shortAmps * 1.1, row.ratedAmps * 40));
  const x = scaleLog([row.ratedAmps * 0.8, most], [MARGIN.left, WIDTH - MARGIN.right]);
  const y = scaleLog([FAST, SLOW], [HEIGHT - MARGIN.bottom, MARGIN.top]).clamp(true);
  const amps = Array.from(
    { length: 120 },
    (_, at) => row.ratedAmps * 0.8 * (most / (row.ratedAmps * 0.8)) ** (at / 119),
  );
  const curve = (seconds: (at: number) => number) =>
    line<number>()
      .defined((at) => seconds(at) < SLOW * 1.5)
      .x((at) => x(at))
      .y((at) => y(seconds(at)))(amps) ?? undefined;
  const wire = (at: number) => damageSeconds(at, sizeMm2, { ambientC: row.ambientC });
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={`Time over current: fuse of ${ratedAmps(row.ratedAmps)} and wire of ${sizeWords(sizeMm2, units)}. ${short === undefined ? "" : fuseCheckText(short, units)}`}
      className="w-full max-w-[560px] font-mono"
      fill="none"
      stroke="var(--ink)"
    >
      <Axes x={x} y={y} />
      <path d={curve((at) => blowSeconds(at, row.ratedAmps, "quickest"))} strokeWidth="2" />
      <path d={curve((at) => blowSeconds(at, row.ratedAmps, "slowest"))} strokeWidth="2" strokeDasharray="6 4" />
      <path d={curve(wire)} strokeWidth="3.5" />
      {row.shortAmps < most && (
        <path
          d={`M${x(row.shortAmps)} ${MARGIN.top}V${HEIGHT - MARGIN.bottom}`}
          stroke="var(--stop)"
          strokeWidth="1.5"
          strokeDasharray="2 3"
        />
      )}
      <Legend shortAmps={row.shortAmps < most ? row.shortAmps : null} />
    </svg>
  );
}

type Scale = ScaleLogarithmic<number, number>;

function Axes({ x, y }: { x: Scale; y: Scale }) {
  const ticks = x.ticks(5).filter((tick) => /^[125]/.test(String(tick)));
  return (
    <>
      {[0.01, 0.1, 1, 10, 100, 1000].map((tick) => (
        <g key={tick}>
          <path d={`M${MARGIN.left} ${y(tick)}H${WIDTH - MARGIN.right}`} stroke="var(--rule)" />
          <text x={MARGIN.left - 6} y={y(tick) + 4} textAnchor="end" stroke="none" fill="var(--ink2)" fontSize="13">
            {tick} s
          </text>
        </g>
      ))}
      {ticks.map((tick) => (
        <g key={tick}>
          <path d={`M${x(tick)} ${MARGIN.top}V${HEIGHT - MARGIN.bottom}`} stroke="var(--rule)" />
          <text
            x={x(tick)}
            y={HEIGHT - MARGIN.bottom + 18}
            textAnchor="middle"
            stroke="none"
            fill="var(--ink2)"
            fontSize="13"
          >
            {tick}
          </text>
        </g>
      ))}
      <text x={WIDTH - MARGIN.right} y={HEIGHT - 4} textAnchor="end" stroke="none" fill="var(--ink2)" fontSize="13">
        current, A
      </text>
    </>
  );
}

/** What the lines are; the short's only where it lies within the drawing. */
function Legend({ shortAmps }: { shortAmps: number | null }) {
  return (
    <>
      <rect
        x={WIDTH - 206}
        y="12"
        width="192"
        height={shortAmps === null ? 64 : 84}
        fill="var(--sheet)"
        stroke="none"
      />
      <g stroke="none" fill="var(--ink)" fontSize="13" fontWeight="600">
        <path d={`M${WIDTH - 200} 24h26`} stroke="var(--ink)" strokeWidth="3.5" />
        <text x={WIDTH - 168} y="28">
          wire is damaged
        </text>
        <path d={`M${WIDTH - 200} 44h26`} stroke="var(--ink)" strokeWidth="2" />
        <text x={WIDTH - 168} y="48">
          fuse blows
        </text>
        <path d={`M${WIDTH - 200} 64h26`} stroke="var(--ink)" strokeWidth="2" strokeDasharray="6 4" />
        <text x={WIDTH - 168} y="68">
          slowest allowed
        </text>
        {shortAmps !== null && (
          <>
            <path d={`M${WIDTH - 200} 84h26`} stroke="var(--stop)" strokeWidth="1.5" strokeDasharray="2 3" />
            <text x={WIDTH - 168} y="88">
              a short: {shortAmps.toFixed(0)} A
            </text>
          </>
        )}
      </g>
    </>
  );
}
