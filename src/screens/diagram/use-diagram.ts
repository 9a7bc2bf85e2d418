"use client";

import { useEffect, useMemo, useState } from "react";
import type { Line } from "@/core/plan";
import type { CircuitOf, CircuitPart, CircuitRun } from "@/core/slice";
import type { KeyPosition } from "@/core/state";
import { chainText, lengthText, sizeText } from "@/core/words";
import { layOut } from "@/workers/layout-worker";
import { useJob } from "../shell/job-provider";
import { circuitGraph, type Drawn, type DrawnLink, drawnCircuit, MOST_PARTS } from "./layout";

export type Diagram =
  | { readonly state: "drawing" }
  | { readonly state: "failed"; readonly why: string }
  | { readonly state: "empty" }
  | { readonly state: "large"; readonly parts: number }
  | { readonly state: "drawn"; readonly drawn: Drawn };

/** What is drawn, and the links of the map that belong to it. It stays the same object as long as it is the same. */
export interface DrawnThing {
  readonly of: CircuitOf;
  readonly name: string;
  readonly lines: readonly Line[];
}

/** What a drawing is to show beside the circuit itself. */
export interface DrawnHow {
  /** There is room for a current at each wire. */
  readonly hasAmps: boolean;
  /** However many parts it has: it may take some seconds. */
  readonly anyway: boolean;
  /** How often a person has asked for it again after it failed. */
  readonly attempt: number;
}

/**
 * A circuit, drawn off the page's thread and again whenever what it is made of changes.
 */
export function useDiagram({ of, lines }: DrawnThing, { hasAmps, anyway, attempt }: DrawnHow): Diagram {
  const { askCircuit, report, document } = useJob();
  const { units } = document.job;
  const [diagram, setDiagram] = useState<Diagram>({ state: "drawing" });
  const links = useMemo(
    () =>
      lines.flatMap((line): DrawnLink[] =>
        line.state === "refused"
          ? []
          : [
              {
                id: line.key,
                from: line.provider.id,
                to: line.consumer.id,
                chain: chainText(line.adapters),
                isDecided: line.state === "decided",
              },
            ],
      ),
    [lines],
  );
  useEffect(() => {
    if (report === null) return;
    let isCurrent = true;
    const show = (next: Diagram) => {
      if (isCurrent) setDiagram(next);
    };
    const draw = async () => {
      const circuit = await askCircuit(
        of,
        links.flatMap(({ from, to }) => [from, to]),
      );
      if (circuit.parts.length === 0) return show({ state: "empty" });
      if (circuit.parts.length > MOST_PARTS && !anyway) return show({ state: "large", parts: circuit.parts.length });
      if (circuit.parts.length > MOST_PARTS) show({ state: "drawing" });
      const runText = (run: CircuitRun) =>
        run.wire === null ? "" : runWords(run, sizeText(run.wire.sizeMm2, units), lengthText(run.wire.lengthM, units));
      const laid = await layOut(circuitGraph(circuit, links, runText, partWords, hasAmps));
      show({ state: "drawn", drawn: drawnCircuit(laid, circuit, links, partWords) });
    };
    draw().catch((error: unknown) =>
      show({ state: "failed", why: error instanceof Error ? error.message : String(error) }),
    );
    return () => {
      isCurrent = false;
    };
  }, [of, links, report, askCircuit, units, hasAmps, anyway, attempt]);
  return diagram;
}

function runWords({ wire }: CircuitRun, size: string, length: string | null): string {
  if (wire === null) return "";
  const { colour, colourBase, colourTracer, added } = wire;
  const code =
    colourBase === null ? (colour ?? "") : colourTracer === null ? colourBase : `${colourBase}/${colourTracer}`;
  return [code, size, length ?? "", added ? "new" : ""].filter((one) => one !== "").join(" ");
}

/** A part's name, a line of at most 22 signs each. */
const partWords = ({ label }: CircuitPart): readonly string[] => {
  const lines = label.match(/.{1,22}(?:\s|$)|\S{22}/g) ?? [label];
  return lines.map((line) => line.trim()).slice(0, 3);
};

/** What the plan's solution says of a drawing in one state. */
export interface DrawnSolution {
  /** By cavity, V against battery negative; null where one floats. */
  readonly volts: ReadonlyMap<string, number | null>;
  /** By wire, A. */
  readonly amps: ReadonlyMap<string, number | null>;
}

/** Volts at the drawing's cavities and amperes in its wires in one state; null while that is being worked out. */
export function useDrawnSolution(drawn: Drawn | null, state: KeyPosition | null): DrawnSolution | null {
  const { askVolts, askWireAmps, power } = useJob();
  const [solution, setSolution] = useState<DrawnSolution | null>(null);
  useEffect(() => {
    setSolution(null);
    if (drawn === null || state === null || power === null) return;
    let isCurrent = true;
    const pins = drawn.boxes.flatMap(({ ports }) => ports.map(({ pinId }) => pinId));
    const wires = drawn.lines.flatMap(({ run }) => (run?.wire == null ? [] : [run.id]));
    Promise.all([askVolts(state, pins), askWireAmps(state, wires)])
      .then(([volts, amps]) => {
        if (isCurrent) setSolution({ volts, amps });
      })
      // The stage of Power says what is wrong with the solution; here there are no volts then.
      .catch(() => undefined);
    return () => {
      isCurrent = false;
    };
  }, [drawn, state, power, askVolts, askWireAmps]);
  return solution;
}
