import type { ColourCode } from "@/core/intake";
import { INSULATION } from "./wire";

/** Which way one looks at a connector: where its wires go in, or where the other half comes. */
export type FaceSide = "wire" | "mating";

export interface FaceCell {
  readonly cavity: string;
  readonly pinId: string | null;
  readonly base: ColourCode | null;
  readonly tracer: ColourCode | null;
  /** `empty`: no wire; `plugged`: told as spare; `missing`: on the face, but in no table. */
  readonly state: "wired" | "empty" | "plugged" | "missing";
}

export interface FaceShape {
  readonly rows: number;
  readonly columns: number;
  readonly pitchMm: number;
  readonly keyEdge: "top" | "bottom" | "left" | "right";
}

/**
 * The place at which a cell of the wire side is seen: from the mating side left and right change places, up and down do
 * not.
 */
export const seenColumn = (column: number, columns: number, side: FaceSide) =>
  side === "wire" ? column : columns - 1 - column;
const seenEdge = (edge: FaceShape["keyEdge"], side: FaceSide) =>
  side === "wire" || edge === "top" || edge === "bottom" ? edge : edge === "left" ? "right" : "left";

const MARGIN_MM = 4;

/**
 * A connector's face to scale, one unit a millimetre: cavities with their labels and real wire colours, and the edge
 * with the key.
 */
export function FaceDrawing({
  shape,
  cells,
  side,
  selected,
  pxPerMm,
  onSelect,
  title,
}: {
  shape: FaceShape;
  cells: readonly (FaceCell | null)[];
  side: FaceSide;
  selected: string | null;
  pxPerMm: number;
  onSelect: (cell: FaceCell) => void;
  title: string;
}) {
  const { rows, columns, pitchMm } = shape;
  const [width, height] = [columns * pitchMm + 2 * MARGIN_MM, rows * pitchMm + 2 * MARGIN_MM];
  const edge = seenEdge(shape.keyEdge, side);
  const r = pitchMm * 0.44;
  return (
    <svg
      role="group"
      aria-label={title}
      viewBox={`0 0 ${width} ${height}`}
      style={{
        width: width * pxPerMm,
        height: height * pxPerMm,
        ["--true-width" as string]: `${width}mm`,
        ["--true-height" as string]: `${height}mm`,
      }}
      className="true-scale max-w-none shrink-0 [print-color-adjust:exact]"
    >
      <rect
        x="1.2"
        y="1.2"
        width={width - 2.4}
        height={height - 2.4}
        rx="1.6"
        fill="var(--fill)"
        stroke="var(--ink)"
        strokeWidth="0.5"
      />
      <Key edge={edge} width={width} height={height} />
      {cells.map((cell, at) => {
        if (cell === null) return null;
        const [row, column] = [Math.floor(at / columns), seenColumn(at % columns, columns, side)];
        const [x, y] = [MARGIN_MM + (column + 0.5) * pitchMm, MARGIN_MM + (row + 0.5) * pitchMm];
        const on = cell.cavity === selected;
        return (
          <g
            key={cell.cavity}
            role="button"
            tabIndex={-1}
            aria-pressed={on}
            aria-label={`Cavity ${cell.cavity}, ${cell.state}`}
            onClick={() => onSelect(cell)}
            className="cursor-pointer"
          >
            <rect
              x={x - r}
              y={y - r}
              width={2 * r}
              height={2 * r}
              rx={pitchMm * 0.08}
              fill={cell.base === null ? "var(--sheet)" : INSULATION[cell.base]}
              stroke={on ? "var(--ink)" : "var(--rule2)"}
              strokeWidth={on ? 0.7 : 0.25}
              strokeDasharray={cell.state === "empty" || cell.state === "missing" ? "0.8 0.5" : undefined}
            />
            {cell.tracer !== null && (
              <rect x={x - r} y={y + r * 0.4} width={2 * r} height={r * 0.38} fill={INSULATION[cell.tracer]} />
            )}
            {cell.state === "plugged" && (
              <path
                d={`M${x - r * 0.7} ${y - r * 0.7}L${x + r * 0.7} ${y + r * 0.7}M${x + r * 0.7} ${y - r * 0.7}L${x - r * 0.7} ${y + r * 0.7}`}
                stroke="var(--ink2)"
                strokeWidth="0.3"
              />
            )}
            {on && (
              <rect
                x={x - r - 0.3}
                y={y - r - 0.3}
                width={2 * r + 0.6}
                height={2 * r + 0.6}
                rx={pitchMm * 0.1}
                fill="none"
                stroke="var(--ink)"
                strokeWidth="0.5"
              />
            )}
            <rect
              x={x - labelWidth(cell.cavity, pitchMm) / 2}
              y={y - pitchMm * 0.2}
              width={labelWidth(cell.cavity, pitchMm)}
              height={pitchMm * 0.36}
              rx="0.2"
              fill="var(--sheet)"
            />
            <text
              x={x}
              y={y + pitchMm * 0.09}
              textAnchor="middle"
              fontSize={labelSize(cell.cavity, pitchMm)}
              fontWeight="600"
              fill="var(--ink)"
              className="font-mono"
            >
              {cell.cavity}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

/** Long labels are set smaller, so that they stay inside of their cavity. */
const labelSize = (label: string, pitchMm: number) => Math.min(pitchMm * 0.32, (pitchMm * 0.8) / (0.62 * label.length));
const labelWidth = (label: string, pitchMm: number) =>
  Math.min(pitchMm * 0.86, label.length * 0.64 * labelSize(label, pitchMm) + pitchMm * 0.08);

/** The edge that carries the key: a lug outside of the housing. */
function Key({ edge, width, height }: { edge: FaceShape["keyEdge"]; width: number; height: number }) {
  const box = {
    top: { x: width / 2 - 3, y: 0, w: 6, h: 1.8 },
    bottom: { x: width / 2 - 3, y: height - 1.8, w: 6, h: 1.8 },
    left: { x: 0, y: height / 2 - 3, w: 1.8, h: 6 },
    right: { x: width - 1.8, y: height / 2 - 3, w: 1.8, h: 6 },
  }[edge];
  return (
    <rect x={box.x} y={box.y} width={box.w} height={box.h} fill="var(--ink)">
      <title>{`key at the ${edge}`}</title>
    </rect>
  );
}
