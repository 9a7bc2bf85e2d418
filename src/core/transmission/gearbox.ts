import { fieldOf, type Quantity } from "../forms";
import type { Line } from "../plan";
import type { SignalPin } from "../signals";

/** What is asked of a gearbox's wiring, one topic after the other. */
export const GEARBOX_TOPICS = [
  "range",
  "reverse-lamp",
  "display",
  "shift-mode",
  "converter-brake",
  "speed",
  "solenoid",
  "temperature",
  "cooler",
] as const;
export type GearboxTopic = (typeof GEARBOX_TOPICS)[number];

const TOPIC_OF: Partial<Record<Quantity, GearboxTopic>> = {
  "gear-range": "range",
  "park-neutral": "range",
  "reverse-lamp": "reverse-lamp",
  "gear-display": "display",
  "shift-mode": "shift-mode",
  "converter-clutch": "solenoid",
  "shift-solenoid": "solenoid",
  "pressure-solenoid": "solenoid",
  "transmission-input-speed": "speed",
  "transmission-output-speed": "speed",
  "vehicle-speed": "speed",
  "transmission-temperature": "temperature",
};

/** Quantities that an automatic alone has: what falls away where a manual gearbox takes its place. */
export const AUTOMATIC: ReadonlySet<Quantity | null> = new Set<Quantity>([
  "park-neutral",
  "gear-range",
  "gear-display",
  "shift-mode",
  "shift-solenoid",
  "pressure-solenoid",
  "converter-clutch",
  "transmission-input-speed",
  "transmission-temperature",
]);

/** What a cavity of the gearbox's wiring comes to. */
export type GearboxState =
  /** Its own side serves it. */
  | "own-side"
  | "decided"
  | "proposed"
  /** Nothing gives it, or nothing reads it. */
  | "missing";

/** A driver's rating against what it works; null where one of them is not known. */
export interface DriverCheck {
  readonly loadAmps: number | null;
  readonly maxAmps: number | null;
  readonly fits: boolean | null;
}

export interface GearboxItem {
  readonly topic: GearboxTopic;
  /** What consumes; of a contact that nothing reads, the contact. */
  readonly pin: SignalPin;
  readonly from: SignalPin | null;
  readonly line: Line | null;
  readonly state: GearboxState;
  readonly driver: DriverCheck | null;
  /** What gives is of another kind than what reads it: a pickup's sine at a level input, say. */
  readonly otherKind: boolean;
  /** A pickup that more than one input reads: their load takes from what it gives. */
  readonly tappedBy: readonly SignalPin[];
}

const gives = ({ form: { kind } }: SignalPin) => kind.endsWith("-out");
const VOLTS = 13.5;

function driverCheck(load: SignalPin, driver: SignalPin): DriverCheck | null {
  if (driver.form.kind !== "low-side-out" && driver.form.kind !== "high-side-out" && driver.form.kind !== "pwm-out")
    return null;
  const ohms = fieldOf(load.form, "ohms");
  const loadAmps = fieldOf(load.form, "amps") ?? (ohms === null ? null : VOLTS / ohms);
  const maxAmps = fieldOf(driver.form, "maxAmps");
  return { loadAmps, maxAmps, fits: loadAmps === null || maxAmps === null ? null : loadAmps <= maxAmps };
}

/**
 * The gearbox's wiring by topic: who serves what, whether drivers are strong enough for their solenoids, and which
 * pickups are read twice.
 *
 * @param saysCooler whether a cavity's table speaks of a gearbox's cooler or heater
 */
export function gearboxItems(
  pins: readonly SignalPin[],
  lines: readonly Line[],
  saysCooler: (pin: SignalPin) => boolean,
): GearboxItem[] {
  const staying = pins.filter(({ leaves, form }) => leaves !== true && form.kind !== "spare");
  const topicOf = (pin: SignalPin): GearboxTopic | null =>
    saysCooler(pin) ? "cooler" : pin.quantity === null ? null : (TOPIC_OF[pin.quantity] ?? null);
  const byCircuit = new Map<string, SignalPin[]>();
  for (const pin of staying)
    if (pin.circuit !== null) {
      const key = `${pin.side} ${pin.circuit}`;
      byCircuit.set(key, [...(byCircuit.get(key) ?? []), pin]);
    }
  const besides = (pin: SignalPin) =>
    pin.circuit === null ? [] : (byCircuit.get(`${pin.side} ${pin.circuit}`) ?? []).filter((one) => one.id !== pin.id);
  const isBrakeOfGearbox = (pin: SignalPin) =>
    pin.quantity === "brake-switch" &&
    pin.form.kind === "logic-in" &&
    staying.some((one) => one.connector === pin.connector && one.quantity === "converter-clutch");
  return staying.flatMap((pin): GearboxItem[] => {
    const topic = isBrakeOfGearbox(pin) ? "converter-brake" : topicOf(pin);
    if (topic === null) return [];
    const own = besides(pin);
    const line =
      lines.find(({ consumer, state }) => consumer.id === pin.id && state !== "refused") ??
      (gives(pin) ? lines.find(({ provider, state }) => provider.id === pin.id && state !== "refused") : undefined) ??
      null;
    if (gives(pin)) {
      // Told at what it gives to; only what gives to nobody stands for itself.
      if (line !== null || own.some((one) => !gives(one))) return [];
      return [{ topic, pin, from: null, line: null, state: "missing", driver: null, otherKind: false, tappedBy: [] }];
    }
    const from = own.find(gives) ?? (line === null ? null : line.provider);
    const readers = from === null ? [] : [...besides(from).filter((one) => !gives(one)), ...readersAcross(from, lines)];
    return [
      {
        topic,
        pin,
        from,
        line,
        state: own.some(gives)
          ? "own-side"
          : line === null
            ? "missing"
            : line.state === "decided"
              ? "decided"
              : "proposed",
        driver: from === null || topic !== "solenoid" ? null : driverCheck(pin, from),
        otherKind: topic === "speed" && from !== null && kindOf(from) !== kindOf(pin),
        tappedBy: from?.form.kind === "reluctor-out" && readers.length > 1 ? readers : [],
      },
    ];
  });
}

/** A form without its direction; a hall pickup gives what a pulse input reads. */
const kindOf = ({ form }: SignalPin): string => form.kind.replace(/-(out|in)$/, "").replace("hall", "frequency");

const readersAcross = (pin: SignalPin, lines: readonly Line[]): readonly SignalPin[] =>
  lines.flatMap(({ provider, consumer, state }) =>
    provider.id === pin.id && (state === "decided" || state === "proposed") ? [consumer] : [],
  );

/** One gear position with which of the range switch's contacts are closed in it. */
export interface RangeCode {
  readonly range: string;
  /** In the order of the contacts. */
  readonly closed: readonly boolean[];
  /** The same as another range's. */
  readonly twice: boolean;
  /** As the computer expects it, entered by a person; null where nobody has. */
  readonly expected: readonly boolean[] | null;
  readonly differs: boolean;
}

/**
 * The code that a range switch gives in each range, against what its computer expects.
 *
 * @param contacts positions in which each contact is closed
 * @param expected by range, a bit for each contact, the first contact's the lowest
 */
export function rangeCodes(
  contacts: readonly (readonly string[])[],
  expected: Readonly<Record<string, number>> = {},
): RangeCode[] {
  const ranges = [...new Set(["P", "R", "N", "D", ...contacts.flat()])];
  const codes = ranges.map((range) => contacts.map((positions) => positions.includes(range)));
  return ranges.map((range, at): RangeCode => {
    const closed = codes[at] as readonly boolean[];
    const bits = expected[range];
    const wanted = bits === undefined ? null : contacts.map((_, nth) => (bits & (1 << nth)) !== 0);
    return {
      range,
      closed,
      twice: codes.some((other, nth) => nth !== at && other.every((bit, place) => bit === closed[place])),
      expected: wanted,
      differs: wanted?.some((bit, nth) => bit !== closed[nth]) === true,
    };
  });
}

/** Reverse is let in by speed, or by the brake pedal. */
export type LockoutWay = "by-speed" | "by-brake";

export interface Lockout {
  readonly way: LockoutWay;
  /** Pulses a second at which reverse is barred, and at which it is let in again; null where it asks no speed. */
  readonly onHz: number | null;
  readonly offHz: number | null;
  readonly joints: number;
  readonly minutes: number;
  readonly parts: readonly ("threshold-switch" | "relay" | "fuse")[];
}

/** Below the lower of these reverse is let in, from the upper on it is barred, km/h: our usual, to be set. */
export const LOCKOUT_KMH = { on: 8, off: 5 } as const;

/** What makes levels of a lockout senseless. */
export type LockoutFault = "not-above-zero" | "no-hysteresis";

export const lockoutFault = (onKmh: number, offKmh: number): LockoutFault | null =>
  !(onKmh > 0 && offKmh > 0) ? "not-above-zero" : onKmh <= offKmh ? "no-hysteresis" : null;

/**
 * Both ways to bar reverse while the vehicle rolls forward: Hz = km/h ÷ 3,600 × pulses per km. Minutes are our own
 * estimate, for ranking only.
 */
export function lockouts(pulsesPerKm: number | null, onKmh: number, offKmh: number): readonly [Lockout, Lockout] {
  const hertz = (kmh: number) => (pulsesPerKm === null ? null : (kmh / 3600) * pulsesPerKm);
  return [
    {
      way: "by-speed",
      onHz: hertz(onKmh),
      offHz: hertz(offKmh),
      joints: 5,
      minutes: 70,
      parts: ["threshold-switch", "fuse"],
    },
    { way: "by-brake", onHz: null, offHz: null, joints: 3, minutes: 25, parts: ["relay"] },
  ];
}

export const GEARBOX_SWAPS = ["kept", "manual-for-automatic", "automatic-for-manual", "another-automatic"] as const;
export type GearboxSwap = (typeof GEARBOX_SWAPS)[number];

/** What another gearbox leaves open, and what can be done. */
export interface SwapItem {
  readonly topic:
    | "interlock"
    | "idle-up"
    | "cruise"
    | "display"
    | "codes"
    | "reverse-lamp"
    | "speed"
    | "solenoid"
    | "range";
  readonly pin: SignalPin;
  readonly ways: readonly ("link" | "loop-signed" | "dummy-load" | "calibration" | "without")[];
}

/** What each kind of exchange leaves open, by the cavities that a computer or lever has. */
export function swapItems(swap: GearboxSwap, pins: readonly SignalPin[]): SwapItem[] {
  if (swap === "kept") return [];
  const staying = pins.filter(({ leaves, form }) => leaves !== true && form.kind !== "spare");
  return staying.flatMap((pin): SwapItem[] => {
    const { quantity, form } = pin;
    const reads = form.kind.endsWith("-in") && form.kind !== "load-in";
    const drives = form.kind === "low-side-out" || form.kind === "high-side-out" || form.kind === "pwm-out";
    if (swap === "manual-for-automatic") {
      if (quantity === "park-neutral" && reads)
        return [{ topic: "interlock", pin, ways: ["link", "loop-signed", "calibration"] }];
      if (quantity === "clutch-switch" && reads) return [{ topic: "cruise", pin, ways: ["link", "without"] }];
      if (quantity === "gear-range" && reads) return [{ topic: "range", pin, ways: ["calibration"] }];
      if (
        (quantity === "shift-solenoid" || quantity === "pressure-solenoid" || quantity === "converter-clutch") &&
        drives
      )
        return [{ topic: "solenoid", pin, ways: ["calibration", "dummy-load"] }];
      if (quantity === "transmission-input-speed" && reads) return [{ topic: "codes", pin, ways: ["calibration"] }];
      if ((quantity === "transmission-output-speed" || quantity === "vehicle-speed") && reads)
        return [{ topic: "speed", pin, ways: ["link"] }];
      if (quantity === "reverse-lamp" && form.kind === "load-in")
        return [{ topic: "reverse-lamp", pin, ways: ["link"] }];
      if (quantity === "gear-display") return [{ topic: "display", pin, ways: ["without"] }];
      return [];
    }
    if (swap === "automatic-for-manual") {
      if (quantity === "clutch-switch" && reads)
        return [{ topic: "interlock", pin, ways: ["link", "loop-signed", "calibration"] }];
      if (quantity === "gear-range" && reads) return [{ topic: "range", pin, ways: ["link"] }];
      if (quantity === "cruise-request" && reads) return [{ topic: "cruise", pin, ways: ["link"] }];
      if (quantity === "gear-display" && drives) return [{ topic: "display", pin, ways: ["link", "without"] }];
      if (quantity === "idle-control") return [{ topic: "idle-up", pin, ways: ["calibration"] }];
      if (quantity === "reverse-lamp" && form.kind === "load-in")
        return [{ topic: "reverse-lamp", pin, ways: ["link"] }];
      return [];
    }
    if (quantity === "gear-range" && reads) return [{ topic: "range", pin, ways: ["link", "calibration"] }];
    if (
      (quantity === "shift-solenoid" || quantity === "pressure-solenoid" || quantity === "converter-clutch") &&
      drives
    )
      return [{ topic: "solenoid", pin, ways: ["link", "dummy-load", "calibration"] }];
    if ((quantity === "transmission-input-speed" || quantity === "transmission-output-speed") && reads)
      return [{ topic: "speed", pin, ways: ["link", "calibration"] }];
    if (quantity === "park-neutral" && reads) return [{ topic: "interlock", pin, ways: ["link"] }];
    return [];
  });
}
