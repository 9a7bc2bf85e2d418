import type { CavityPoint } from "../points";

/** The closed list of contracts/adapters.md with the values that each has. */
const FIELDS = {
  "pull-up": { ohms: "number", volts: "number" },
  "pull-down": { ohms: "number" },
  "series-resistor": { ohms: "number", watts: "number" },
  "voltage-divider": { upperOhms: "number", lowerOhms: "number", ratio: "number" },
  "level-shifter": { inVolts: "number", outVolts: "number" },
  inverter: { inVolts: "number", outVolts: "number", maxAmps: "number" },
  clamp: { volts: "number", watts: "number" },
  "flyback-diode": { volts: "number", amps: "number" },
  "blocking-diode": { volts: "number", amps: "number" },
  fuse: { amps: "number" },
  relay: { coilAmps: "number", coilOhms: "number", contactAmps: "number", contactFeed: "feed" },
  "low-side-switch": { maxAmps: "number", inVolts: "number" },
  "high-side-switch": { maxAmps: "number", inVolts: "number" },
  "dc-converter": { inVolts: "number", outVolts: "number", maxAmps: "number" },
  "reluctor-conditioner": { thresholdVolts: "number", outVolts: "number" },
  "frequency-scaler": { ratio: "number", outVolts: "number" },
  "pattern-converter": { fromPattern: "text", toPattern: "text" },
  "coil-simulator": { peakVolts: "number" },
  igniter: { maxAmps: "number", dwell: "number" },
  "pwm-filter": { hz: "number", cutoffHz: "number", outMinVolts: "number", outMaxVolts: "number" },
  "analogue-scaler": { gain: "number", offsetVolts: "number" },
  "resistor-network": { seriesOhms: "number", parallelOhms: "number" },
  "gauge-driver": { curve: "text" },
  "second-sender": { curve: "text", thread: "text" },
  "threshold-switch": { onAt: "number", offAt: "number", maxAmps: "number" },
  "lambda-converter": { fromBand: "text", toBand: "text" },
  "can-gateway": { fromBitrate: "number", toBitrate: "number", output: "text" },
  "can-termination": { ohms: "number" },
  "security-module": { part: "text" },
  loop: { from: "text", to: "text" },
  "dummy-load": { ohms: "number", watts: "number" },
  calibration: { parameter: "text", from: "number", to: "number" },
} as const;

export type AdapterType = keyof typeof FIELDS;
export const ADAPTER_TYPES = Object.keys(FIELDS) as [AdapterType, ...AdapterType[]];

/** Where a relay's contact takes its feed: a cavity, or the ground that it leads to. */
export type ContactFeed = CavityPoint | "ground";

interface Values {
  readonly number: number;
  readonly text: string;
  readonly feed: ContactFeed;
}

export type AdapterOf<T extends AdapterType> = { readonly type: T } & {
  readonly [F in keyof (typeof FIELDS)[T]]: Values[(typeof FIELDS)[T][F] & keyof Values] | null;
};

/** One step of a chain with its values, SI; null where the facts do not give one. */
export type Adapter = { [T in AdapterType]: AdapterOf<T> }[AdapterType];

/** An adapter as it is written in files and kept in the table. */
export type WrittenAdapter = { readonly type: AdapterType } & Readonly<Record<string, string | number | null>>;

/**
 * Reads a written adapter. Values of another type than the contract's count as not known, and keys that it does not
 * have are left out.
 *
 * @param feedAt the cavity that is printed so on the host, where a relay's contact names one
 */
export function parseAdapter(
  { type, ...written }: WrittenAdapter,
  feedAt: (label: string) => CavityPoint | null,
): Adapter {
  const values = Object.entries(FIELDS[type]).map(([key, kind]) => {
    const value = written[key] ?? null;
    if (kind === "number") return [key, typeof value === "number" ? value : null];
    if (kind === "text") return [key, value === null ? null : String(value)];
    return [key, typeof value !== "string" ? null : value === "ground" ? "ground" : feedAt(value)];
  });
  return { type, ...Object.fromEntries(values) } as Adapter;
}

/** The adapter as files have it; `labelOf` is what is printed at a cavity. */
export const writeAdapter = (adapter: Adapter, labelOf: (point: CavityPoint) => string): WrittenAdapter =>
  Object.fromEntries(
    Object.entries(adapter).map(([key, value]) => [
      key,
      typeof value === "object" && value !== null ? labelOf(value as CavityPoint) : value,
    ]),
  ) as unknown as WrittenAdapter;

const feedKey = (feed: ContactFeed | null) => (feed === null || feed === "ground" ? feed : feed.pinId);

/** Whether two chains are the same parts with the same values in the same order. */
export const sameChain = (one: readonly Adapter[], two: readonly Adapter[]): boolean =>
  one.length === two.length && one.every((adapter, at) => sameAdapter(adapter, two[at] as Adapter));

function sameAdapter(one: Adapter, two: Adapter): boolean {
  const values = two as unknown as Readonly<Record<string, unknown>>;
  return (
    one.type === two.type &&
    Object.entries(one).every(([key, value]) =>
      key === "contactFeed"
        ? feedKey(value as ContactFeed | null) === feedKey(values[key] as ContactFeed | null)
        : value === values[key],
    )
  );
}

/** A value of an adapter that a person may give: its name, and whether it is a number or a word. */
export interface AdapterField {
  readonly key: string;
  readonly type: "number" | "text";
}

/** The values of a type that are entered by hand; where a contact's feed comes from is chosen elsewhere. */
export const adapterFields = (type: AdapterType): readonly AdapterField[] =>
  Object.entries(FIELDS[type]).flatMap(([key, kind]) => (kind === "feed" ? [] : [{ key, type: kind }]));

/** What cannot be of a value that a person gave. Words: core/words/adapters.ts. */
export type AdapterFault =
  | { readonly code: "no-number" }
  | { readonly code: "not-above-zero" }
  | { readonly code: "zero" }
  /** It would switch back before it has switched on: no room between the two. */
  | { readonly code: "same-levels" }
  /** The heat in the resistor is above its rating. */
  | { readonly code: "too-hot"; readonly watts: number };

/** Signs that a value may have; every other number is above zero. */
const ANY_SIGN: ReadonlySet<string> = new Set(["offsetVolts", "gain", "onAt", "offAt", "outMinVolts", "outMaxVolts"]);
const NEVER_ZERO: ReadonlySet<string> = new Set(["gain"]);

/** What is wrong with one value of an adapter, given its others; null where it can be. */
export function adapterFault(adapter: Adapter, key: string, value: number): AdapterFault | null {
  if (!Number.isFinite(value)) return { code: "no-number" };
  if (!ANY_SIGN.has(key) && !(value > 0)) return { code: "not-above-zero" };
  if (NEVER_ZERO.has(key) && value === 0) return { code: "zero" };
  const after = { ...adapter, [key]: value } as Adapter;
  if (after.type === "threshold-switch" && after.onAt !== null && after.onAt === after.offAt)
    return { code: "same-levels" };
  // A pull-up has the whole of its supply across it while the output is closed (Ohm's law); a quarter watt is the usual part.
  if (after.type === "pull-up" && after.ohms !== null && after.volts !== null) {
    const watts = after.volts ** 2 / after.ohms;
    if (watts > PULL_UP_WATTS) return { code: "too-hot", watts };
  }
  return null;
}
/** Twice the usual quarter watt: above it nobody would call it a pull-up. */
const PULL_UP_WATTS = 0.5;
