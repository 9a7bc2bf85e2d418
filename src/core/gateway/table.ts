import type { Quantity, Side } from "../forms";
import type { CavityPoint } from "../points";
import { type Conversion, type ConversionFault, conversionOf } from "./units";

/** What a gateway does where its source says nothing any more. */
export const SILENT = ["stop", "not-available", "zero", "hold"] as const;
export type Silent = (typeof SILENT)[number];

/** A value of a message on one of the two buses. */
export interface BusValueAt {
  readonly id: string;
  readonly side: Side;
  /** The cavity of its bus's high wire. */
  readonly pinId: string;
  readonly message: string;
  /** The message's identifier. */
  readonly frame: number;
  readonly extended: boolean;
  readonly name: string;
  readonly quantity: Quantity | null;
  readonly unit: string;
  /** Value = raw · factor + shift, in the unit. */
  readonly factor: number;
  readonly shift: number;
  /** Limits, in the unit; null where the file has none. */
  readonly low: number | null;
  readonly high: number | null;
  readonly periodMs: number | null;
}

/** A wire that a gateway drives: the consumer at its end, and what comes out (`pulses`, `duty`, `switched`). */
export interface WireServed {
  readonly at: CavityPoint;
  readonly quantity: Quantity;
  readonly output: string;
}

/** What a person said of one of the table's rows; the id is that of the value or the cavity that is served. */
export interface RelayChoice {
  readonly id: string;
  readonly sent: boolean;
  readonly sourceId: string | null;
  readonly rateMs: number | null;
  readonly timeoutMs: number | null;
  readonly silent: Silent;
}

export type RelayFault =
  /** Nothing on the other bus carries the quantity. */
  | { readonly code: "no-source"; readonly quantity: Quantity | null }
  | { readonly code: "several-sources"; readonly names: readonly string[] }
  | { readonly code: ConversionFault; readonly from: string; readonly to: string }
  /** The source can say more than the served value can take. */
  | { readonly code: "clipped"; readonly from: readonly [number, number]; readonly to: readonly [number, number] }
  /** It is sent less often than the host expects its message. */
  | { readonly code: "slower-than-expected"; readonly rateMs: number; readonly periodMs: number }
  /** Its source is taken for silent though it only has not had its turn. */
  | { readonly code: "timeout-too-short"; readonly timeoutMs: number; readonly periodMs: number }
  /** The value is translated back into its own source. */
  | { readonly code: "loop"; readonly through: readonly string[] }
  /** A last value that stays hides that its source is gone. */
  | { readonly code: "holds-old-value" };

/** With these what is served is false, or not sent; the others are for a person to judge. */
const STOPPING: ReadonlySet<RelayFault["code"]> = new Set<RelayFault["code"]>([
  "no-source",
  "several-sources",
  "unit-not-told",
  "units-differ",
  "loop",
]);
export const stopsRelay = ({ code }: RelayFault): boolean => STOPPING.has(code);

/** Where a number of the table comes from. */
export type RelayOrigin = "chosen" | "file" | "assumed";

export interface RelayRow {
  readonly serves: { readonly type: "value"; readonly value: BusValueAt } | ({ readonly type: "wire" } & WireServed);
  readonly id: string;
  readonly sent: boolean;
  readonly source: BusValueAt | null;
  /** Every value of the other bus that carries the quantity. */
  readonly sources: readonly BusValueAt[];
  /** In the units of source and served value; null where there is none, and of a wire. */
  readonly conversion: Conversion | null;
  readonly rateMs: number;
  readonly rateFrom: RelayOrigin;
  readonly timeoutMs: number;
  readonly timeoutFrom: RelayOrigin;
  readonly silent: Silent;
  readonly faults: readonly RelayFault[];
}

/**
 * What only the old engine, or its gearbox, sent on the host's bus: with them gone nobody does. Anything else, a road
 * speed above all, another computer of the body may send: two that send one message stop the bus, so it is asked.
 */
const CAME_WITH_ENGINE: ReadonlySet<Quantity> = new Set<Quantity>([
  "engine-speed",
  "coolant-temperature",
  "oil-temperature",
  "oil-pressure",
  "oil-pressure-warning",
  "malfunction-lamp",
  "intake-air-temperature",
  "throttle-position",
  "manifold-pressure",
  "mass-air-flow",
  "glow-plug",
  "transmission-temperature",
  "gear-range",
  "gear-display",
]);

/** Sent so often where neither file says, ms, and taken for silent after so many of its source's periods. */
const ASSUMED_RATE_MS = 100;
const SILENT_AFTER = 5;

/**
 * The table of a gateway between the donor's bus and the host's: of each value that the old engine sent on the host's
 * bus, and of each wire that a gateway drives, where it comes from and how it is made. Any other value, and one from host
 * to donor, is sent only where a person says so.
 */
export function gatewayTable(
  values: readonly BusValueAt[],
  wires: readonly WireServed[],
  choices: ReadonlyMap<string, RelayChoice> = new Map(),
): RelayRow[] {
  const carrying = new Map<string, BusValueAt[]>();
  for (const value of values)
    if (value.quantity !== null) {
      const key = `${value.side} ${value.quantity}`;
      carrying.set(key, [...(carrying.get(key) ?? []), value]);
    }
  const sourcesOf = (side: Side, quantity: Quantity | null) =>
    carrying.get(`${side === "donor" ? "host" : "donor"} ${quantity}`) ?? [];
  const rows = [
    ...values.flatMap((value): RelayRow[] => {
      const sources = sourcesOf(value.side, value.quantity);
      const choice = choices.get(value.id);
      if (choice === undefined && !isMissed(value)) return [];
      return [rowOf({ type: "value", value }, value.id, sources, choice)];
    }),
    ...wires.map((wire) =>
      rowOf(
        { type: "wire", ...wire },
        wire.at.pinId,
        sourcesOf(wire.at.side, wire.quantity),
        choices.get(wire.at.pinId),
      ),
    ),
  ];
  return withLoops(rows);
}

const isMissed = ({ side, quantity }: BusValueAt) =>
  side === "host" && quantity !== null && CAME_WITH_ENGINE.has(quantity);

function rowOf(
  serves: RelayRow["serves"],
  id: string,
  sources: readonly BusValueAt[],
  choice: RelayChoice | undefined,
): RelayRow {
  const isValue = serves.type === "value";
  const source =
    sources.find((one) => one.id === choice?.sourceId) ?? (sources.length === 1 ? (sources[0] as BusValueAt) : null);
  const period = isValue ? serves.value.periodMs : null;
  const [rateMs, rateFrom] = told(choice?.rateMs ?? null, period ?? source?.periodMs ?? null, ASSUMED_RATE_MS);
  const [timeoutMs, timeoutFrom] = told(
    choice?.timeoutMs ?? null,
    source?.periodMs == null ? null : SILENT_AFTER * source.periodMs,
    SILENT_AFTER * ASSUMED_RATE_MS,
  );
  const silent = choice?.silent ?? (isValue ? "stop" : "zero");
  const made = source === null || !isValue ? null : conversionOf(source.unit, serves.value.unit);
  const conversion = typeof made === "string" ? null : made;
  const sent = choice?.sent ?? true;
  const faults: RelayFault[] = [];
  if (sent) {
    if (source === null)
      faults.push(
        sources.length === 0
          ? { code: "no-source", quantity: isValue ? serves.value.quantity : serves.quantity }
          : { code: "several-sources", names: sources.map(({ name }) => name) },
      );
    if (typeof made === "string" && isValue && source !== null)
      faults.push({ code: made, from: source.unit, to: serves.value.unit });
    if (isValue && source !== null && conversion !== null) faults.push(...clipped(source, serves.value, conversion));
    if (period !== null && rateMs > period) faults.push({ code: "slower-than-expected", rateMs, periodMs: period });
    if (source?.periodMs != null && timeoutMs <= source.periodMs)
      faults.push({ code: "timeout-too-short", timeoutMs, periodMs: source.periodMs });
    if (silent === "hold") faults.push({ code: "holds-old-value" });
  }
  return { serves, id, sent, source, sources, conversion, rateMs, rateFrom, timeoutMs, timeoutFrom, silent, faults };
}

function told(chosen: number | null, file: number | null, assumed: number): readonly [number, RelayOrigin] {
  if (chosen !== null) return [chosen, "chosen"];
  return file === null ? [assumed, "assumed"] : [file, "file"];
}

/** The source's limits, converted, against those of the value that is served. */
function clipped(source: BusValueAt, served: BusValueAt, { gain, shift }: Conversion): RelayFault[] {
  if (source.low === null || source.high === null || served.low === null || served.high === null) return [];
  const from = [gain * source.low + shift, gain * source.high + shift] as const;
  // The last step of the coarser of the two says nothing.
  const slack = Math.max(Math.abs(gain * source.factor), Math.abs(served.factor));
  return from[0] < served.low - slack || from[1] > served.high + slack
    ? [{ code: "clipped", from, to: [served.low, served.high] }]
    : [];
}

/** A value is made from its source, which may itself be made from another: where that comes back, it is a loop. */
function withLoops(rows: readonly RelayRow[]): RelayRow[] {
  const sourceOf = new Map(
    rows.flatMap(({ id, sent, source }) => (sent && source !== null ? [[id, source] as const] : [])),
  );
  return rows.map((row) => {
    if (row.serves.type !== "value") return row;
    const through = [row.serves.value.name];
    const seen = new Set([row.id]);
    for (let at = sourceOf.get(row.id); at !== undefined; at = sourceOf.get(at.id)) {
      through.push(at.name);
      if (at.id === row.id) return { ...row, faults: [{ code: "loop", through }, ...row.faults] };
      if (seen.has(at.id)) return row;
      seen.add(at.id);
    }
    return row;
  });
}
