import type { ReactNode } from "react";
import type { ColourCode } from "@/core/intake";
import type { DrawnElement } from "@/core/power";
import { INSULATION } from "@/ui/wire";

interface Props {
  readonly drawn: DrawnElement;
  readonly x: number;
  readonly y: number;
}

/**
 * Our own signs: what an element does to the current, not how a norm draws it. 26 px high, on a rail that runs down
 * through `x`.
 */
export const ElementSign = ({ drawn, x, y }: Props): ReactNode => SIGNS[drawn.symbol]({ drawn, x, y });

/** Half of a sign's height. */
const HALF = 13;

const SIGNS: Readonly<Record<DrawnElement["symbol"], (props: Props) => ReactNode>> = {
  wire: WireSign,
  source: ({ x, y }) => (
    <>
      <path d={`M${x} ${y - HALF}V${y - 5}M${x} ${y + 5}V${y + HALF}M${x - 14} ${y - 5}h28`} />
      <path d={`M${x - 8} ${y + 5}h16`} strokeWidth="4" />
    </>
  ),
  fuse: ({ x, y }) => (
    <>
      <rect x={x - 7} y={y - HALF} width="14" height="26" fill="var(--sheet)" />
      <path d={`M${x} ${y - HALF}V${y + HALF}`} strokeWidth="1.2" />
    </>
  ),
  switch: ContactSign,
  contact: ContactSign,
  diode: ({ x, y }) => (
    <path
      d={`M${x - 9} ${y - 8}h18l-9 15zM${x - 9} ${y + 8}h18M${x} ${y - HALF}V${y - 8}M${x} ${y + 8}V${y + HALF}`}
      fill="var(--sheet)"
    />
  ),
  lamp: ({ x, y }) => (
    <>
      <circle cx={x} cy={y} r="11" fill="var(--sheet)" />
      <path d={`M${x - 8} ${y - 8}l16 16M${x + 8} ${y - 8}l-16 16`} />
    </>
  ),
  coil: ({ x, y }) => (
    <>
      <rect x={x - 11} y={y - 9} width="22" height="18" fill="var(--sheet)" />
      <path d={`M${x - 11} ${y + 9}l22 -18`} />
      <path d={`M${x} ${y - HALF}V${y - 9}M${x} ${y + 9}V${y + HALF}`} />
    </>
  ),
  load: ({ x, y }) => (
    <>
      <rect x={x - 13} y={y - 10} width="26" height="20" fill="var(--sheet)" />
      <path d={`M${x - 6} ${y}h12`} />
      <path d={`M${x} ${y - HALF}V${y - 10}M${x} ${y + 10}V${y + HALF}`} />
    </>
  ),
  joint: ({ x, y }) => (
    <>
      <path d={`M${x} ${y - HALF}V${y + HALF}`} />
      <path d={`M${x - 5} ${y}h10`} strokeWidth="5" />
    </>
  ),
};

/** As thick as it is, in the colours of its insulation. */
function WireSign({ drawn: { origin, colour }, x, y }: Props) {
  const base = (colour?.base ?? null) as ColourCode | null;
  const tracer = (colour?.tracer ?? null) as ColourCode | null;
  const wide = Math.min(12, 4 + 2 * Math.sqrt(origin.type === "wire" ? origin.sizeMm2 : 1));
  const [top, bottom] = [y - HALF, y + HALF];
  return (
    <g className="[print-color-adjust:exact]">
      <path d={`M${x} ${top - 4}V${bottom + 4}`} stroke="var(--ink2)" strokeWidth={wide + 2} />
      <path
        d={`M${x} ${top - 3}V${bottom + 3}`}
        stroke={base === null ? "var(--fill)" : INSULATION[base]}
        strokeWidth={wide}
      />
      {tracer !== null && (
        <path d={`M${x} ${top - 3}V${bottom + 3}`} stroke={INSULATION[tracer]} strokeWidth={Math.max(2, wide / 3)} />
      )}
    </g>
  );
}

function ContactSign({ drawn: { open }, x, y }: Props) {
  return (
    <path
      d={
        open
          ? `M${x} ${y + HALF}L${x + 13} ${y - HALF + 3}`
          : `M${x} ${y + HALF}L${x + 3} ${y - HALF}M${x} ${y - HALF}V${y - HALF}`
      }
    />
  );
}
