import type { Kind } from "../forms";
import { KNOWN_FROM, type PinReading } from "./pin-reading";

/** What stands at the other end of a wire, where only one thing is usual. */
const COUNTERPARTS: Partial<Record<Kind, Kind>> = {
  "supply-out": "supply-in",
  "supply-in": "supply-out",
  ground: "ground",
  "low-side-out": "load-in",
  "high-side-out": "load-in",
  "switch-out": "logic-in",
  "logic-in": "switch-out",
  can: "can",
  lin: "lin",
  serial: "serial",
};

/** The form at the other end of a wire; null where several are usual. */
export function counterpart(kind: Kind): Kind | null {
  const told = COUNTERPARTS[kind];
  if (told !== undefined) return told;
  if (kind.endsWith("-out") && kind !== "supply-out") return kind.replace(/-out$/, "-in") as Kind;
  return kind.endsWith("-in") && kind !== "load-in" ? (kind.replace(/-in$/, "-out") as Kind) : null;
}

/** How far what is known of one end holds for the other. */
const ACROSS = 0.8;
/** Below this nothing is said of the other end. */
const SURE_ENOUGH = 0.7;

/** A cavity and its label, for the reason. */
export interface Neighbour {
  readonly connector: string;
  readonly cavity: string;
  readonly reading: Pick<PinReading, "kind" | "quantity" | "index">;
}

/**
 * What nobody can tell from a row's own words, told by the cavity at its wire's other end; as it is where the row is
 * understood, or its neighbour is not.
 */
export function withNeighbour(reading: PinReading, neighbour: Neighbour): PinReading {
  const { kind, quantity } = neighbour.reading;
  const isOpen = reading.kind.confidence < KNOWN_FROM || reading.kind.value === "unknown";
  const other = kind.value === "unknown" || kind.value === "spare" ? null : counterpart(kind.value);
  if (!isOpen || isSaidUnknown(reading) || other === null || kind.confidence < SURE_ENOUGH) return reading;
  const why = { code: "other-end", connector: neighbour.connector, cavity: neighbour.cavity } as const;
  return {
    kind: { value: other, confidence: round(kind.confidence * ACROSS), why },
    quantity: { value: quantity.value, confidence: round(quantity.confidence * ACROSS), why },
    index: reading.index ?? neighbour.reading.index,
  };
}

/** A row that says itself that it is not known stays so. */
const isSaidUnknown = ({ kind: { why } }: PinReading) => why.code === "said-unknown";
const round = (value: number) => Math.round(value * 100) / 100;
