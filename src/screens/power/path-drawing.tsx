import dagre from "@dagrejs/dagre";
import { memo } from "react";
import type { ColourCode } from "@/core/intake";
import type { DrawnPath, DrawnPiece, DrawnPoint } from "@/core/power";
import { lengthText, sizeWords, type Units } from "@/core/units";
import { INSULATION } from "@/ui/wire";
import { ampsText, dropText, STATE_HEADS, voltsText } from "./words";

const WIDTH = 400;
/** Where the rail runs; volts stand left of it, names right of it, currents at the right edge. */
const RAIL = 88;
const POINT_HEIGHT = 26;
const PIECE_HEIGHT = 46;

/**
 * The schematic of one current path, from the battery down to its other pole: what current meets in its order, with the voltage at
 * every point and the loss across every piece. Places come from the layout package; nothing is drawn by hand.
 */
export const PathDrawing = memo(function PathDrawing({ path, units, before }: { path: DrawnPath; units: Units; before?: DrawnPath | null }) {
  const { points, pieces } = shown(path);
  const { places, height } = layout(points, pieces);
  const voltsBefore = new Map((before?.points ?? []).map((point) => [point.node, point.volts]));
  if (pieces.length === 0) return <p className="text-ink2">Nothing that the tables or the plan show leads here.</p>;
  return (
    <svg viewBox={`0 0 ${WIDTH} ${height}`} role="img" aria-label={`Current path ${STATE_HEADS[path.state].toLowerCase()}: ${points.map((point) => `${point.label} ${voltsText(point.volts)} V`).join(", ")}`} className="w-full max-w-[520px] min-w-[400px] font-mono" fill="none" stroke="var(--ink)" strokeWidth="2">
      {pieces.map((piece, at) => <Piece key={piece.key} piece={piece} top={places.points[at] ?? 0} bottom={places.points[at + 1] ?? 0} units={units} />)}
      {points.map((point, at) => <Point key={point.key} point={point} y={places.points[at] ?? 0} was={voltsBefore.get(point.node)} />)}
    </svg>
  );
});

/** Ends that the tables leave out are the joint itself: the two sides of one crimp need no line each. */
function shown({ points, pieces }: DrawnPath): { points: DrawnPoint[]; pieces: DrawnPiece[] } {
  const kept: DrawnPoint[] = points.slice(0, 1);
  const left: DrawnPiece[] = [];
  pieces.forEach((piece, at) => {
    const next = points[at + 1] as DrawnPoint;
    if (piece.symbol === "joint" && !piece.open && /^end of /.test(next.label) && !next.asked && at + 1 < pieces.length) return;
    left.push(piece);
    kept.push(next);
  });
  return { points: kept, pieces: left };
}

function layout(points: readonly DrawnPoint[], pieces: readonly DrawnPiece[]) {
  const graph = new dagre.graphlib.Graph({ multigraph: true });
  graph.setGraph({ rankdir: "TB", ranksep: 2, nodesep: 10, marginy: 12 });
  graph.setDefaultEdgeLabel(() => ({}));
  points.forEach((_, at) => graph.setNode(`point ${at}`, { width: WIDTH, height: POINT_HEIGHT }));
  pieces.forEach((piece, at) => {
    graph.setNode(piece.key, { width: WIDTH, height: PIECE_HEIGHT });
    graph.setEdge(`point ${at}`, piece.key);
    graph.setEdge(piece.key, `point ${at + 1}`);
  });
  dagre.layout(graph);
  const y = (name: string) => Number(graph.node(name)?.y ?? 0);
  return { places: { points: points.map((_, at) => y(`point ${at}`)) }, height: Number(graph.graph().height ?? 100) + 12 };
}

function Point({ point, y, was }: { point: DrawnPoint; y: number; was: number | null | undefined }) {
  const changed = was !== undefined && (was === null) !== (point.volts === null) || (typeof was === "number" && point.volts !== null && Math.abs(was - point.volts) >= 0.005);
  return (
    <g data-point={point.node}>
      <circle cx={RAIL} cy={y} r={point.asked ? 6 : 4} fill={point.asked ? "var(--ink)" : "var(--sheet)"} />
      <text x={RAIL - 16} y={y + 5} textAnchor="end" stroke="none" fill="var(--ink)" fontSize={point.asked ? 17 : 15} fontWeight="700">{voltsText(point.volts)}{point.volts === null ? "" : " V"}</text>
      <text x={RAIL + 18} y={y + 5} stroke="none" fill="var(--ink)" fontSize="14" fontWeight={point.asked ? 700 : 600}>{clip(point.label, 24)}<title>{point.label}</title>{point.side === null ? "" : <tspan fill="var(--ink2)" fontWeight="400" fontSize="13">{`  ${point.side}`}</tspan>}</text>
      {changed && <text x={RAIL - 16} y={y + 21} textAnchor="end" stroke="none" fill="var(--ink2)" fontSize="13">was {voltsText(was ?? null)}</text>}
    </g>
  );
}

function Piece({ piece, top, bottom, units }: { piece: DrawnPiece; top: number; bottom: number; units: Units }) {
  const middle = (top + bottom) / 2;
  const value = piece.wire === null ? piece.value : `${sizeWords(piece.wire.sizeMm2, units)}, ${lengthText(piece.wire.lengthM, units)}${piece.wire.assumed.length > 0 ? " assumed" : ""}`;
  return (
    <g>
      <path d={`M${RAIL} ${top}V${middle - 13}M${RAIL} ${middle + 13}V${bottom}`} strokeDasharray={piece.open ? "3 4" : undefined} />
      <Sign piece={piece} y={middle} />
      <g stroke="none" fontSize="13">
        <text x={RAIL + 26} y={middle - 2} fill={piece.open ? "var(--stop)" : "var(--ink)"} fontWeight={piece.open ? 700 : 500}>{piece.open ? `opens here: ${clip(piece.name, 13)}` : clip(piece.symbol === "wire" ? wireName(piece) : piece.name, 25)}<title>{piece.name}</title></text>
        <text x={RAIL + 26} y={middle + 14} fill="var(--ink2)">{clip(value, 27)}</text>
        <text x={WIDTH - 4} y={middle - 2} textAnchor="end" fill="var(--ink)" fontWeight="600">{piece.open ? "" : ampsText(Math.abs(piece.amps))}</text>
        <text x={WIDTH - 4} y={middle + 14} textAnchor="end" fill={piece.drop !== null && Math.abs(piece.drop) > 0.5 && piece.symbol === "wire" ? "var(--stop)" : "var(--ink2)"}>{piece.drop === null || piece.symbol === "source" || Math.abs(piece.drop) < 0.0005 ? "" : `−${dropText(Math.abs(piece.drop))}`}</text>
      </g>
    </g>
  );
}

const wireName = ({ wire }: DrawnPiece) => (wire?.colourBase == null ? "wire" : `wire ${wire.colourBase}${wire.colourTracer === null ? "" : `/${wire.colourTracer}`}`);
/** A cavity's own label stands last, and tells it from its neighbours: a name is cut before it, not after. */
export function clip(text: string, most: number): string {
  if (text.length <= most) return text;
  const tail = /-[^-\s]{1,6}$/.exec(text)?.[0] ?? "";
  return `${text.slice(0, most - 1 - tail.length).trimEnd()}…${tail}`;
}

/** Our own signs: what a piece does to the current, not how a norm draws it. */
function Sign({ piece, y }: { piece: DrawnPiece; y: number }) {
  const [x, top, bottom] = [RAIL, y - 13, y + 13];
  switch (piece.symbol) {
    case "wire": {
      const base = piece.wire?.colourBase as ColourCode | null;
      const tracer = piece.wire?.colourTracer as ColourCode | null;
      const wide = Math.min(12, 4 + 2 * Math.sqrt(piece.wire?.sizeMm2 ?? 1));
      return (
        <g className="[print-color-adjust:exact]">
          <path d={`M${x} ${top - 4}V${bottom + 4}`} stroke="var(--ink2)" strokeWidth={wide + 2} />
          <path d={`M${x} ${top - 3}V${bottom + 3}`} stroke={base === null ? "var(--fill)" : INSULATION[base]} strokeWidth={wide} />
          {tracer !== null && <path d={`M${x} ${top - 3}V${bottom + 3}`} stroke={INSULATION[tracer]} strokeWidth={Math.max(2, wide / 3)} />}
        </g>
      );
    }
    case "source": return <><path d={`M${x} ${top}V${y - 5}M${x} ${y + 5}V${bottom}M${x - 14} ${y - 5}h28`} /><path d={`M${x - 8} ${y + 5}h16`} strokeWidth="4" /></>;
    case "fuse": return <><rect x={x - 7} y={top} width="14" height="26" fill="var(--sheet)" /><path d={`M${x} ${top}V${bottom}`} strokeWidth="1.2" /></>;
    case "switch": case "contact": return piece.open ? <path d={`M${x} ${bottom}L${x + 13} ${top + 3}`} /> : <path d={`M${x} ${bottom}L${x + 3} ${top}M${x} ${top}V${top}`} />;
    case "diode": return <path d={`M${x - 9} ${y - 8}h18l-9 15zM${x - 9} ${y + 8}h18M${x} ${top}V${y - 8}M${x} ${y + 8}V${bottom}`} fill="var(--sheet)" />;
    case "lamp": return <><circle cx={x} cy={y} r="11" fill="var(--sheet)" /><path d={`M${x - 8} ${y - 8}l16 16M${x + 8} ${y - 8}l-16 16`} /></>;
    case "coil": return <><rect x={x - 11} y={y - 9} width="22" height="18" fill="var(--sheet)" /><path d={`M${x - 11} ${y + 9}l22 -18`} /><path d={`M${x} ${top}V${y - 9}M${x} ${y + 9}V${bottom}`} /></>;
    case "load": return <><rect x={x - 13} y={y - 10} width="26" height="20" fill="var(--sheet)" /><path d={`M${x - 6} ${y}h12`} /><path d={`M${x} ${top}V${y - 10}M${x} ${y + 10}V${bottom}`} /></>;
    case "joint": return <><path d={`M${x} ${top}V${bottom}`} /><path d={`M${x - 5} ${y}h10`} strokeWidth="5" /></>;
  }
}
