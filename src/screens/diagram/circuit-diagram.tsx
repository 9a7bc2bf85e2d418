"use client";

import { useEffect, useMemo, useRef, useState } from "react";
import type { KeyPosition } from "@/core/state";
import { STATE_HEADS, stateWords } from "@/core/words";
import { Button } from "@/ui/controls";
import { saveFile } from "@/ui/save-file";
import { Segments } from "@/ui/segments";
import { useJob } from "../shell/job-provider";
import type { Paper } from "../shell/paper";
import { PrintButton } from "../shell/print-button";
import { CircuitSvg } from "./circuit-svg";
import type { Drawn } from "./layout";
import { sheetsOf } from "./sheets";
import { type DrawnSolution, type DrawnThing, useDiagram, useDrawnSolution } from "./use-diagram";

const KEYS = ["off", "accessory", "run", "crank", "running"] as const;

interface Props {
  readonly drawn: DrawnThing;
  /** It has the whole of the map's width. */
  readonly isWide: boolean;
  /** None where it has it for good. */
  readonly onWide?: (isWide: boolean) => void;
}

/** A circuit drawn across both harnesses as they will be: battery on top, grounds below. */
export function CircuitDiagram({ drawn: thing, isWide, onWide }: Props) {
  const { name } = thing;
  const { job } = useJob().document;
  const drawing = useRef<SVGSVGElement>(null);
  const frame = useRef<HTMLDivElement>(null);
  const [key, setKey] = useState<KeyPosition | "none">("none");
  const [anyway, setAnyway] = useState(false);
  const [attempt, setAttempt] = useState(0);
  const diagram = useDiagram(thing, { hasAmps: key !== "none", anyway, attempt });
  const solved = useDrawnSolution(diagram.state === "drawn" ? diagram.drawn : null, key === "none" ? null : key);
  const [paper, setPaper] = useState<Paper>("A4");
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
      <p role="alert" className="flex flex-wrap items-center gap-x-3 p-3 text-[13px]">
        <span className="min-w-0 flex-1 basis-80">
          <strong className="text-stop">The circuit could not be drawn: {diagram.why}.</strong> Nothing else is touched
          by that. The drawing of one cavity, part or connector is smaller, and stands beside each.
        </span>
        <Button onClick={() => setAttempt(attempt + 1)}>Draw it again</Button>
      </p>
    );
  if (diagram.state === "empty")
    return (
      <p className="p-3 text-[13px] text-ink2">Nothing of it is wired in the pin tables: there is nothing to draw.</p>
    );
  if (diagram.state === "large")
    return (
      <p className="flex flex-wrap items-center gap-x-3 p-3 text-[13px] text-ink2">
        <span className="min-w-0 flex-1 basis-80">
          {diagram.parts} parts are in it: a drawing over many sheets, which takes some seconds. That of one cavity,
          part or connector is smaller, and stands beside each.
        </span>
        <Button onClick={() => setAnyway(true)}>Draw it all the same</Button>
      </p>
    );
  const { drawn } = diagram;
  return (
    <figure aria-label={`Circuit of ${name}`} className="print-alone border border-rule bg-sheet">
      <div
        ref={frame}
        className={`no-print overflow-auto p-2 ${isWide ? "" : "max-h-[560px]"}`}
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
        {onWide !== undefined && (
          <Button onClick={() => onWide(!isWide)}>{isWide ? "Beside the list" : "Whole width"}</Button>
        )}
        <PrintButton
          landscape={(one) => sheetsOf(drawn, one).isLandscape}
          onPrint={(one) => {
            setPaper(one);
            printAlone();
          }}
        >
          Print
        </PrintButton>
        <Button onClick={() => drawing.current !== null && saveSvg(drawing.current, name)}>Save as SVG</Button>
      </figcaption>
      <OnPaper
        drawn={drawn}
        paper={paper}
        name={name}
        title={`${job.name}: ${name}${key === "none" ? "" : `, volts and amps ${stateWords[key]}`}`}
        solved={solved}
      />
    </figure>
  );
}

interface PaperProps {
  readonly drawn: Drawn;
  readonly paper: Paper;
  readonly name: string;
  readonly title: string;
  readonly solved: DrawnSolution | null;
}

/** The drawing as it is printed: on one paper, or on several with marks where wires go on. */
function OnPaper({ drawn, paper, name, title, solved }: PaperProps) {
  const { scale, sheets } = useMemo(() => sheetsOf(drawn, paper), [drawn, paper]);
  return sheets.map((sheet) => (
    <section key={sheet.number} className="hidden break-after-page last:break-after-auto print:block">
      <p className="pb-2 font-semibold">
        {title}
        {sheets.length > 1 && `. Sheet ${sheet.number} of ${sheets.length}`}
      </p>
      <CircuitSvg drawn={drawn} name={name} solved={solved} sheet={sheet} scale={scale} />
    </section>
  ));
}

/** Prints the drawing and nothing of the page around it. */
function printAlone(): void {
  document.documentElement.dataset.print = "alone";
  addEventListener("afterprint", () => delete document.documentElement.dataset.print, { once: true });
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
  saveFile(`${name.toLowerCase().replace(/[^a-z0-9]+/g, "-")}.svg`, text, "image/svg+xml");
}
