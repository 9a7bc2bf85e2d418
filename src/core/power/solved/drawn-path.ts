import { lengthText, sizeWords, type Units } from "../../units";
import type { NetSpan } from "../model/spans";
import type { PowerState } from "../states";
import type { PowerSolution } from "../types";
import { voltsAt } from "./flow";
import { pathThrough } from "./path";
import { chargedIn } from "./solve";

/** One thing on a drawn path, between two points with voltages. */
export interface DrawnPiece {
  readonly key: string;
  readonly symbol: "source" | "fuse" | "switch" | "contact" | "wire" | "joint" | "diode" | "lamp" | "load" | "coil";
  readonly name: string;
  /** What it is worth: `0.75 mm², 1.2 m`, `25 A`, `85 Ω`. */
  readonly value: string;
  readonly from: string;
  readonly to: string;
  /** A, along the path. */
  readonly amps: number;
  /** Lost across it along the path, V; null where one end floats. */
  readonly drop: number | null;
  readonly open: boolean;
  /** The wire's colour as its table writes it, for its stripe; null for what is no wire. */
  readonly wire: { readonly colourBase: string | null; readonly colourTracer: string | null; readonly sizeMm2: number; readonly lengthM: number; readonly assumed: readonly string[] } | null;
}

export interface DrawnPoint {
  /** A loop has its first node last as well. */
  readonly key: string;
  readonly node: string;
  /** As it is printed: `C1-2`, `splice E03`, `body`. */
  readonly label: string;
  readonly volts: number | null;
  readonly asked: boolean;
  readonly side: "donor" | "host" | null;
}

/** The schematic of one path: points in order, with a piece between each and the next. */
export interface DrawnPath {
  readonly state: PowerState;
  readonly points: readonly DrawnPoint[];
  readonly pieces: readonly DrawnPiece[];
}

export function drawnPath(solution: PowerSolution, state: PowerState, node: string): DrawnPath {
  const { steps } = pathThrough(solution, state, node);
  const nodes = steps.length === 0 ? [node] : [(steps[0] as (typeof steps)[number]).from, ...steps.map((step) => step.to)];
  const volts = (at: string) => voltsAt(solution, state, at) ?? null;
  return {
    state,
    points: nodes.map((at, nth): DrawnPoint => {
      const side = /^(donor|host) /.exec(at)?.[1] as "donor" | "host" | undefined;
      return { key: `${nth} ${at}`, node: at, label: pointLabel(at), volts: volts(at), asked: at === node, side: side ?? null };
    }),
    pieces: steps.map(({ span, from, to, amps, open }, at): DrawnPiece => {
      const [a, b] = [volts(from), volts(to)];
      const { place } = span.piece;
      const wire = place.type === "wire" ? solution.model.facts.harness.wireById.get(place.wireId) : undefined;
      return {
        key: `${at} ${span.name}`, symbol: symbolOf(span), name: nameOf(span), value: valueText(span, solution.model.facts.units, chargedIn(solution, state).find(({ id }) => id === span.name)?.ohms), from, to, amps, drop: a === null || b === null ? null : a - b, open,
        wire: place.type === "wire" ? { colourBase: wire?.colourBase ?? null, colourTracer: wire?.colourTracer ?? null, sizeMm2: place.sizeMm2, lengthM: place.lengthM, assumed: place.assumed } : null,
      };
    }),
  };
}

/** A wire's far end that the tables leave out is where the plan joins it; what lies inside of a part is one place to whoever stands before it; a battery's poles are told as one says them. */
export const pointLabel = (node: string) => node.replace(/^(donor|host) /, "").replace(/^inside ([^,]*), .*$/, "inside $1").replace(/^the end of (.*)'s wire that the tables do not show$/, "end of $1's wire").replace(/-([+-])$/, (_, pole: string) => (pole === "-" ? " −" : " +"));

function symbolOf(span: NetSpan): DrawnPiece["symbol"] {
  const { element, place } = span.piece;
  switch (element.type) {
    case "source": return "source";
    case "fuse": case "switch": case "diode": case "lamp": return element.type;
    case "relay": return span.name === element.id ? "coil" : "contact";
    case "resistor": return place.type === "wire" ? "wire" : span.role === "path" ? "joint" : "load";
    default: return "load";
  }
}

/** An assumed feed is told as such: what it rests on stands as its value. */
function nameOf({ piece: { name, place, element } }: NetSpan): string {
  if (place.type === "assumed" && element.type === "switch") return "feed, assumed";
  return name.replace(/ alive$/, " awake").replace(/ (stator|exciter) turning$/, " turns");
}

/** @param charged the resistance that it has while the engine turns, where that is another one */
function valueText({ piece: { element, place } }: NetSpan, units: Units, charged?: number): string {
  if (place.type === "wire") return `${sizeWords(place.sizeMm2, units)}, ${lengthText(place.lengthM, units)}${place.assumed.length > 0 ? ` (${place.assumed.join(" and ")} assumed)` : ""}`;
  if (place.type === "assumed" && element.type === "switch") return `${/\((.*)\)$/.exec(place.says)?.[1] ?? "as stated"}, as its table says`;
  if (place.type === "part" && place.elementId.endsWith(" turning")) return "while the engine turns";
  switch (element.type) {
    case "resistor": return element.ohms < 1 ? `${Number((element.ohms * 1000).toPrecision(2))} mΩ` : `${Number(element.ohms.toPrecision(3))} Ω`;
    case "source": return `${Number(element.volts.toFixed(2))} V behind ${Number(((charged ?? element.ohms) * 1000).toPrecision(2))} mΩ`;
    case "fuse": return `${element.amps} A`;
    case "switch": return `closes in ${element.closedIn.join(", ") || "no position"}`;
    case "power": return `${Number(element.watts.toPrecision(3))} W`;
    case "lamp": return `${Number(element.ratedWatts.toPrecision(2))} W`;
    case "relay": return element.coilOhms > 1e5 ? "while it has its supply" : `coil ${element.coilOhms} Ω`;
    case "diode": return "diode";
    case "current": return `${element.amps} A`;
  }
}

