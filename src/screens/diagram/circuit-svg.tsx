"use client";

import type { Ref } from "react";
import { amps, volts } from "@/core/words";
import { INSULATION } from "@/ui/wire";
import { useCavity } from "../cavity/cavity-context";
import type { Drawn, DrawnBox, DrawnLine } from "./layout";
import type { Sheet } from "./sheets";
import type { DrawnSolution } from "./use-diagram";

interface SvgProps {
  readonly drawn: Drawn;
  readonly name: string;
  readonly drawing?: Ref<SVGSVGElement>;
  readonly solved: DrawnSolution | null;
  /** The part of it that stands on one paper, and how large; the whole of it where none is said. */
  readonly sheet?: Sheet;
  readonly scale?: number;
}

export function CircuitSvg({ drawn, name, drawing, solved, sheet, scale = 1 }: SvgProps) {
  const { boxes, lines } = drawn;
  const { x, y, width, height } = sheet ?? { x: 0, y: 0, width: drawn.width, height: drawn.height };
  return (
    <svg
      ref={drawing}
      // A group, not a picture: its cavities open.
      role="group"
      aria-label={`Circuit of ${name}: ${boxes.filter(({ type }) => type === "part").length} parts`}
      width={width * scale}
      height={height * scale}
      viewBox={`${x} ${y} ${width} ${height}`}
      className="mx-auto block max-w-none [print-color-adjust:exact]"
    >
      {lines.map((line) => (
        <Run key={line.id} line={line} amps={solved?.amps.get(line.id) ?? null} />
      ))}
      {boxes.map((box) => (
        <Box key={box.id} box={box} />
      ))}
      {solved !== null &&
        boxes.flatMap(({ ports }) =>
          ports.map((port) => (
            <Volts key={`${port.pinId} ${port.isTop}`} port={port} at={solved.volts.get(port.pinId)} />
          )),
        )}
      {sheet?.marks.map((mark) => (
        <GoesOn key={mark.letter} sheet={sheet} mark={mark} />
      ))}
    </svg>
  );
}

const clamp = (value: number, low: number, high: number) => Math.max(low, Math.min(high, value));

/** Where a wire goes on elsewhere: its letter, and the number of that sheet. */
function GoesOn({ sheet, mark }: { sheet: Sheet; mark: Sheet["marks"][number] }) {
  const text = `${mark.letter} → ${mark.to}`;
  const width = text.length * 8 + 8;
  // Within the sheet, whichever of its edges the wire crosses; along the wire where another stands at the edge.
  const isDown = mark.y === sheet.y || mark.y === sheet.y + sheet.height;
  const inward = 22 * mark.row * ((isDown ? mark.y === sheet.y : mark.x === sheet.x) ? 1 : -1);
  const x = clamp(mark.x - width / 2, sheet.x, sheet.x + sheet.width - width) + (isDown ? 0 : 3 * inward);
  const y = clamp(mark.y - 10, sheet.y, sheet.y + sheet.height - 20) + (isDown ? inward : 0);
  return (
    <g>
      <rect x={x} y={y} width={width} height="20" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.5" />
      <text
        x={x + width / 2}
        y={y + 15}
        textAnchor="middle"
        fill="var(--ink)"
        style={{ fontFamily: "var(--font-mono, monospace)", fontSize: 13, fontWeight: 700 }}
      >
        {text}
      </text>
    </g>
  );
}

const pathOf = (points: DrawnLine["points"]) => points.map(([x, y], at) => `${at === 0 ? "M" : "L"}${x} ${y}`).join("");

/** Less says nothing of a wire, A. */
const LEAST_AMPS = 0.0005;

/** A wire in its real colour with its tracer, and the current in it; what is new is dashed. */
function Run({ line, amps: through }: { line: DrawnLine; amps: number | null }) {
  const d = pathOf(line.points);
  const wire = line.run?.wire ?? null;
  // Links of other functions lie on the way as well: they are new copper like its own.
  const isLink = line.run?.type === "join" && !line.run.id.startsWith("case:");
  const isNew = line.link !== null || wire?.added === true || isLink;
  const base = wire?.colourBase ?? null;
  return (
    <g fill="none" strokeLinejoin="round">
      {isNew ? (
        <path
          d={d}
          stroke="var(--ink)"
          strokeWidth={line.link?.isDecided === false ? 2 : 2.6}
          strokeDasharray={line.link?.isDecided === false ? "3 5" : "8 4"}
        />
      ) : base === null ? (
        <path d={d} stroke="var(--ink)" strokeWidth="2" />
      ) : (
        <>
          <path d={d} stroke="var(--ink)" strokeWidth="7" />
          <path d={d} stroke={INSULATION[base]} strokeWidth="5" />
          {wire?.colourTracer != null && <path d={d} stroke={INSULATION[wire.colourTracer]} strokeWidth="2" />}
        </>
      )}
      {line.label !== null && (
        <text
          x={line.label.x + 3}
          y={line.label.y + 13}
          fill="var(--ink2)"
          className="font-mono text-[13px]"
          style={{ fontFamily: "var(--font-mono, monospace)", fontSize: 13 }}
        >
          {line.label.text}
          {through !== null && through >= LEAST_AMPS && (
            <tspan x={line.label.x + 3} dy="18" fill="var(--ink)" style={{ fontWeight: 700 }}>
              {amps(through)}
            </tspan>
          )}
        </text>
      )}
    </g>
  );
}

function Box({ box }: { box: DrawnBox }) {
  switch (box.type) {
    case "splice":
      return <circle cx={box.x + 5} cy={box.y + 5} r="7" fill="var(--ink)" />;
    case "joint":
      return <rect x={box.x + 1} y={box.y + 1} width="10" height="10" fill="var(--ink)" />;
    case "open":
      return (
        <circle
          cx={box.x + 6}
          cy={box.y + 6}
          r="5"
          fill="none"
          stroke="var(--ink)"
          strokeWidth="2"
          strokeDasharray="2 2"
        />
      );
    case "adapter":
      return (
        <g>
          <rect
            x={box.x}
            y={box.y}
            width={box.width}
            height={box.height}
            fill="var(--sheet)"
            stroke="var(--ink)"
            strokeWidth="2"
            strokeDasharray="8 4"
          />
          <Lines box={box} top={box.y + 20} />
        </g>
      );
    case "ground":
      return <GroundBox box={box} />;
    case "part":
      return <PartBox box={box} />;
  }
}

/** A ground's bars below where its wire arrives; a stud has its name beside them. */
function GroundBox({ box }: { box: DrawnBox }) {
  const x = box.ports[0]?.x ?? box.x + box.width / 2;
  const y = box.y + 4;
  return (
    <g stroke="var(--ink)" strokeWidth="2.2">
      <path
        d={`M${x} ${y - 4}V${y + 6}M${x - 14} ${y + 6}h28M${x - 9} ${y + 12}h18M${x - 4} ${y + 18}h8`}
        fill="none"
      />
      {box.part !== null && (
        <text
          x={x + 20}
          y={y + 17}
          fill="var(--ink)"
          stroke="none"
          style={{ fontFamily: "var(--font-mono, monospace)", fontSize: 13, fontWeight: 600 }}
        >
          {box.text.join(" ")}
        </text>
      )}
      {box.ports.map((port) => (
        <Port key={`${port.pinId} ${port.isTop}`} port={port} isSilent />
      ))}
    </g>
  );
}

/** A part with its cavities at its edge: donor round at its outer end, host square with a heavy outer edge. */
function PartBox({ box }: { box: DrawnBox }) {
  const isHost = box.part?.side === "host";
  return (
    <g data-part={box.id}>
      <rect
        x={box.x}
        y={box.y}
        width={box.width}
        height={box.height}
        rx={box.part?.side === "donor" ? 12 : 0}
        fill="var(--fill)"
        stroke="var(--ink)"
        strokeWidth="2"
        strokeDasharray={box.part?.side === "added" ? "8 4" : undefined}
      />
      {isHost && <path d={`M${box.x + box.width} ${box.y}v${box.height}`} stroke="var(--ink)" strokeWidth="6" />}
      <Lines box={box} top={box.y + box.height / 2 + 5 - 9 * (box.text.length - 1)} isBold />
      {box.ports.map((port) => (
        <Port key={`${port.pinId} ${port.isTop}`} port={port} />
      ))}
    </g>
  );
}

function Lines({ box, top, isBold = false }: { box: DrawnBox; top: number; isBold?: boolean }) {
  return box.text.map((text, at) => (
    <text
      // biome-ignore lint/suspicious/noArrayIndexKey: lines of one text keep their order
      key={at}
      x={box.x + box.width / 2}
      y={top + 18 * at}
      textAnchor="middle"
      fill="var(--ink)"
      style={{ fontFamily: "var(--font-sans, sans-serif)", fontSize: 13, fontWeight: isBold ? 650 : 450 }}
    >
      {text}
    </text>
  ));
}

function Port({ port, isSilent = false }: { port: DrawnBox["ports"][number]; isSilent?: boolean }) {
  const { open } = useCavity();
  const mark = <circle cx={port.x} cy={port.y} r="4" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="2" />;
  if (isSilent) return mark;
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={`All that is known of cavity ${port.cavity}`}
      className="cursor-pointer"
      onClick={() => open(port.pinId)}
      onKeyDown={(event) => {
        if (event.key === "Enter") open(port.pinId);
      }}
    >
      <rect x={port.x - 16} y={port.y - 20} width="32" height="40" fill="transparent" />
      {mark}
      <text
        x={port.x}
        y={port.isTop ? port.y + 20 : port.y - 10}
        textAnchor="middle"
        fill="var(--ink)"
        style={{ fontFamily: "var(--font-mono, monospace)", fontSize: 13, fontWeight: 600 }}
      >
        {port.cavity}
      </text>
    </g>
  );
}

/** What a meter shows at a cavity; nothing where it floats. */
function Volts({ port, at }: { port: DrawnBox["ports"][number]; at: number | null | undefined }) {
  if (at == null) return null;
  const text = volts(at);
  const out = port.isFurther ? 17 : 0;
  return (
    <g>
      <rect
        x={port.x + 6}
        y={port.isTop ? port.y - 21 - out : port.y + 5 + out}
        width={text.length * 7.9 + 4}
        height="16"
        fill="var(--sheet)"
      />
      <text
        x={port.x + 8}
        y={port.isTop ? port.y - 8 - out : port.y + 18 + out}
        fill="var(--ink)"
        style={{ fontFamily: "var(--font-mono, monospace)", fontSize: 13, fontWeight: 700 }}
      >
        {text}
      </text>
    </g>
  );
}
