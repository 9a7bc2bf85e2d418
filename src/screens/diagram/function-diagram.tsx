"use client";

import { type RefObject, useEffect, useRef, useState } from "react";
import type { FunctionLine } from "@/core/plan";
import type { KeyPosition } from "@/core/state";
import { amps, mapFunctionName, STATE_HEADS, stateWords, volts } from "@/core/words";
import { Button } from "@/ui/controls";
import { Segments } from "@/ui/segments";
import { INSULATION } from "@/ui/wire";
import { useCavity } from "../cavity/cavity-context";
import { useJob } from "../shell/job-provider";
import type { Drawn, DrawnBox, DrawnLine } from "./layout";
import { type DrawnSolution, useDiagram, useDrawnSolution } from "./use-diagram";

const KEYS = ["off", "accessory", "run", "crank", "running"] as const;

interface Props {
  readonly told: FunctionLine;
  /** It has the whole of the map's width. */
  readonly isWide: boolean;
  readonly onWide: (isWide: boolean) => void;
}

/** A function drawn as a circuit across both harnesses as they will be: battery on top, grounds below. */
export function FunctionDiagram({ told, isWide, onWide }: Props) {
  const name = mapFunctionName(told.key);
  const { job } = useJob().document;
  const drawing = useRef<SVGSVGElement>(null);
  const frame = useRef<HTMLDivElement>(null);
  const [key, setKey] = useState<KeyPosition | "none">("none");
  const diagram = useDiagram(told, key !== "none");
  const solved = useDrawnSolution(diagram.state === "drawn" ? diagram.drawn : null, key === "none" ? null : key);
  const battery =
    diagram.state === "drawn" ? diagram.drawn.boxes.find(({ part }) => part?.type === "battery") : undefined;
  // One begins to read at the battery, wherever it lies in a wide drawing.
  useEffect(() => {
    const { current } = frame;
    if (current !== null && battery !== undefined)
      current.scrollLeft = battery.x + battery.width / 2 - current.clientWidth / 2;
  }, [battery]);
  if (diagram.state === "drawing") return <p className="p-3 text-[13px] text-ink2">Drawing the circuit …</p>;
  if (diagram.state === "failed")
    return (
      <p role="alert" className="p-3 text-[13px] text-stop">
        The circuit could not be drawn ({diagram.why}). Load the page again.
      </p>
    );
  if (diagram.state === "empty")
    return (
      <p className="p-3 text-[13px] text-ink2">Nothing of it is wired in the pin tables: there is nothing to draw.</p>
    );
  if (diagram.state === "large")
    return (
      <p className="p-3 text-[13px] text-ink2">
        {diagram.parts} parts are in it, too many for one drawing. The path of one cavity&rsquo;s feed stands in Power,
        that of one wire in Triage.
      </p>
    );
  const { drawn } = diagram;
  return (
    <figure aria-label={`Circuit of ${name}`} className="print-alone border border-rule bg-sheet">
      <p className="hidden px-2 pb-2 font-semibold print:block">
        {job.name}: {name}
        {key !== "none" && `, volts and amps ${stateWords[key]}`}
      </p>
      <div
        ref={frame}
        className={`overflow-auto p-2 print:max-h-none print:overflow-visible ${isWide ? "" : "max-h-[560px]"}`}
        tabIndex={0}
        role="group"
        aria-label={`Drawing of ${name}`}
      >
        <CircuitSvg drawn={drawn} name={name} drawing={drawing} solved={solved} />
      </div>
      <div className="no-print flex flex-wrap items-center gap-3 border-t border-rule px-3 py-2 text-[13px]">
        <Segments
          label="Volts and amps with the key in"
          value={key}
          onChange={setKey}
          segments={[
            { key: "none" as const, label: "As wired" },
            ...KEYS.map((one) => ({ key: one, label: STATE_HEADS[one] })),
          ]}
        />
        {key !== "none" && (
          <span className="text-ink2">
            {solved === null
              ? "The plan is being solved …"
              : "Volts against battery negative, amps in each wire, as solved with the links decided so far."}
          </span>
        )}
      </div>
      <figcaption className="no-print flex flex-wrap items-center gap-2 border-t border-rule px-3 text-[13px] text-ink2">
        <span className="flex-1 py-2">
          Donor round, host with a heavy outer edge; dashed is new. Click a cavity for all that is known of it.
        </span>
        <Button onClick={() => onWide(!isWide)}>{isWide ? "Beside the list" : "Whole width"}</Button>
        <Button onClick={printAlone}>Print</Button>
        <Button onClick={() => drawing.current !== null && saveSvg(drawing.current, name)}>Save as SVG</Button>
      </figcaption>
    </figure>
  );
}

interface SvgProps {
  readonly drawn: Drawn;
  readonly name: string;
  readonly drawing: RefObject<SVGSVGElement | null>;
  readonly solved: DrawnSolution | null;
}

function CircuitSvg({ drawn, name, drawing, solved }: SvgProps) {
  const { width, height, boxes, lines } = drawn;
  return (
    <svg
      ref={drawing}
      role="img"
      aria-label={`Circuit of ${name}: ${boxes.filter(({ type }) => type === "part").length} parts`}
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      className="mx-auto block max-w-none [print-color-adjust:exact] print:h-auto print:max-w-full"
    >
      {lines.map((line) => (
        <Run key={line.id} line={line} amps={solved?.amps.get(line.id) ?? null} />
      ))}
      {boxes.map((box) => (
        <Box key={box.id} box={box} />
      ))}
      {solved !== null &&
        boxes.flatMap(({ ports }) =>
          ports.map((port) => <Volts key={port.pinId} port={port} at={solved.volts.get(port.pinId)} />),
        )}
    </svg>
  );
}

/** Prints the drawing and nothing of the page around it; paper and its size are chosen in the print dialog. */
function printAlone(): void {
  document.documentElement.dataset.print = "alone";
  window.print();
  delete document.documentElement.dataset.print;
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
        <Port key={port.pinId} port={port} isSilent />
      ))}
    </g>
  );
}

/** A part with its cavities at its edge: donor round at its outer end, host square with a heavy outer edge. */
function PartBox({ box }: { box: DrawnBox }) {
  const isHost = box.part?.side === "host";
  return (
    <g>
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
        <Port key={port.pinId} port={port} />
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
  return (
    <g>
      <rect
        x={port.x + 6}
        y={port.isTop ? port.y - 21 : port.y + 5}
        width={text.length * 7.9 + 4}
        height="16"
        fill="var(--sheet)"
      />
      <text
        x={port.x + 8}
        y={port.isTop ? port.y - 8 : port.y + 18}
        fill="var(--ink)"
        style={{ fontFamily: "var(--font-mono, monospace)", fontSize: 13, fontWeight: 700 }}
      >
        {text}
      </text>
    </g>
  );
}

/** The drawing as a file of its own: colours of the theme are written out, since nothing else carries them. */
function saveSvg(svg: SVGSVGElement, name: string): void {
  const styles = getComputedStyle(svg);
  const text = new XMLSerializer()
    .serializeToString(svg)
    .replace(/var\((--[\w-]+)(?:, ([^)]*))?\)/g, (_, variable: string, other: string | undefined) => {
      const value = styles.getPropertyValue(variable).trim();
      return (value === "" ? (other ?? "#000") : value).replaceAll('"', "'");
    });
  const link = document.createElement("a");
  link.href = URL.createObjectURL(new Blob([text], { type: "image/svg+xml" }));
  link.download = `${name.toLowerCase().replace(/[^a-z0-9]+/g, "-")}.svg`;
  link.click();
  URL.revokeObjectURL(link.href);
}
