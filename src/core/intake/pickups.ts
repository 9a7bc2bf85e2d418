import type { Kind } from "../forms";
import type { DescribedPin, PinReading } from "./pin-reading";

/** What a signal's row alone leaves open, told by the rows beside it in the same plug. */
export interface PlugRow {
  readonly pin: Pick<DescribedPin, "connector">;
  readonly reading: PinReading;
  /** Its words, or its connector's, name the kind of pickup. */
  readonly isSaid: boolean;
}

/** A feed beside the signal: electronics inside need one. */
const FED_SURE = 0.88;
/** Two wires and no feed: a coil makes its own voltage; few two-wire pickups with electronics exist (wheel speed). */
const UNFED_SURE = 0.85;
const FEEDS: ReadonlySet<Kind> = new Set<Kind>(["supply-in", "reference-in"]);

/**
 * Readings with each pickup told by its plug: one with a feed beside it has electronics inside (a Hall pickup), one of
 * two wires without a feed is a coil on a magnet (a reluctor). What its own words say stays, as does a pickup whose
 * other rows are not known: a missing feed cannot be told from an unread one.
 *
 * @param rows of one side's table, in its order
 * @param knownFrom the confidence from which a neighbour counts as known
 */
export function pickupsByPlug(rows: readonly PlugRow[], knownFrom: number): PinReading[] {
  const plugs = new Map<string, PlugRow[]>();
  for (const row of rows) {
    const plug = plugs.get(row.pin.connector);
    if (plug === undefined) plugs.set(row.pin.connector, [row]);
    else plug.push(row);
  }
  return rows.map((row) => {
    const { kind } = row.reading;
    if (row.isSaid || (kind.value !== "reluctor-out" && kind.value !== "hall-out")) return row.reading;
    const others = (plugs.get(row.pin.connector) ?? []).filter((other) => other !== row);
    const isFed = others.some(({ reading }) => FEEDS.has(reading.kind.value) && reading.kind.confidence >= knownFrom);
    if (isFed && kind.value === "reluctor-out") return told(row.reading, "hall-out", FED_SURE, "pickup-fed");
    const used = others.filter(({ reading }) => reading.kind.value !== "spare" && reading.kind.value !== "shield");
    const [other] = used;
    const isAlone = !isFed && other !== undefined && used.length === 1 && other.reading.kind.confidence >= knownFrom;
    return isAlone && isItsReturn(other.reading, row.reading) && kind.value === "hall-out"
      ? told(row.reading, "reluctor-out", UNFED_SURE, "pickup-unfed")
      : row.reading;
  });
}

/** The other wire of a coil: a sensor's return, or the same signal's second wire. */
const isItsReturn = (other: PinReading, signal: PinReading) =>
  other.kind.value === "ground" || other.quantity.value === signal.quantity.value;

const told = (reading: PinReading, value: Kind, sure: number, code: "pickup-fed" | "pickup-unfed"): PinReading => ({
  ...reading,
  kind: { value, confidence: Math.min(sure, reading.kind.confidence), why: { code } },
});
