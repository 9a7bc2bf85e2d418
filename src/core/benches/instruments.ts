import { fieldOf, type Quantity } from "../forms";
import type { Line } from "../plan";
import type { SignalPin } from "../signals";

/** Kinds of instruments, each with a bench of its own. */
export type InstrumentType = "sender" | "tachometer" | "speedometer" | "charge-lamp" | "warning-lamp";

/** One instrument of the host: what drives it now, and what will. */
export interface Instrument {
  readonly pin: SignalPin;
  readonly type: InstrumentType;
  readonly quantity: Quantity;
  /** Driven by a turning cable, with no wire. */
  readonly byCable: boolean;
  /** On the host's own side. */
  readonly now: SignalPin | null;
  /** The line that is decided, else the one that is proposed; null where nothing is on offer. */
  readonly line: Line | null;
  /** What of the other side could drive it: everything that gives its quantity. */
  readonly candidates: readonly SignalPin[];
  /** What will drive it: as chosen, as its line has it, else the host's own, else the first that could. */
  readonly driver: SignalPin | null;
  /** What else reads the driver; null where nothing does, as far as circuits tell. */
  readonly readBy: SignalPin | null;
}

const NEEDLES: ReadonlySet<Quantity | null> = new Set<Quantity>([
  "coolant-temperature",
  "oil-temperature",
  "transmission-temperature",
  "oil-pressure",
  "fuel-level",
  "manifold-pressure",
]);
const LAMPS: ReadonlySet<Quantity | null> = new Set<Quantity>([
  "oil-pressure-warning",
  "malfunction-lamp",
  "security-lamp",
  "coolant-temperature",
]);

function typeOf({ form, quantity }: SignalPin): InstrumentType | null {
  switch (form.kind) {
    case "resistive-in":
    case "analogue-in":
    case "pwm-in":
      return NEEDLES.has(quantity) ? "sender" : null;
    case "frequency-in":
      return quantity === "engine-speed" ? "tachometer" : quantity === "vehicle-speed" ? "speedometer" : null;
    // A cable turns the needle: there is no wire.
    case "spare":
      return quantity === "vehicle-speed" ? "speedometer" : null;
    case "load-in":
      return quantity === "charge-warning" ? "charge-lamp" : LAMPS.has(quantity) ? "warning-lamp" : null;
    default:
      return null;
  }
}

const RANK: Readonly<Record<Line["state"], number>> = { decided: 0, proposed: 1, open: 2, blocked: 3, refused: 4 };

/**
 * The host's instruments with what drives them, in the order of the tables. One that shares its copper with another is
 * told once.
 *
 * @param chosen by the instrument's cavity, the cavity that somebody chose to drive it
 */
export function instrumentsOf(
  pins: readonly SignalPin[],
  lines: readonly Line[],
  chosen: ReadonlyMap<string, string | undefined> = new Map(),
): Instrument[] {
  const copper = new Set<string>();
  return pins.flatMap((pin): Instrument[] => {
    const type = pin.side === "host" && pin.leaves !== true ? typeOf(pin) : null;
    if (type === null || pin.quantity === null) return [];
    const key = `${pin.circuit ?? pin.id} ${type}`;
    if (copper.has(key)) return [];
    copper.add(key);
    const own = lines.filter(({ consumer, provider }) => consumer.id === pin.id || provider.id === pin.id);
    const [line = null] = own
      .filter(({ state }) => state !== "refused")
      .toSorted((a, b) => RANK[a.state] - RANK[b.state]);
    const candidates = pins.filter(
      (one) =>
        one.side !== pin.side && one.leaves !== true && one.quantity === pin.quantity && DRIVES.has(one.form.kind),
    );
    const now = nowDriving(pin, pins);
    const across = line === null ? null : line.consumer.id === pin.id ? line.provider : line.consumer;
    const driver = candidates.find(({ id }) => id === chosen.get(pin.id)) ?? across ?? now ?? candidates[0] ?? null;
    return [
      {
        pin,
        type,
        quantity: pin.quantity,
        byCable: pin.form.kind === "spare",
        now,
        line,
        candidates,
        driver,
        readBy: driver === null ? null : readerOf(driver, pins),
      },
    ];
  });
}

/** What can drive an instrument; a feed or a reference cannot. */
const DRIVES: ReadonlySet<string> = new Set([
  "resistive-out",
  "analogue-out",
  "pwm-out",
  "frequency-out",
  "reluctor-out",
  "hall-out",
  "low-side-out",
  "high-side-out",
  "switch-out",
]);

/** What drives it on the host's own copper; else what carries the same there and is joined to nothing that is told. */
const nowDriving = (pin: SignalPin, pins: readonly SignalPin[]): SignalPin | null =>
  pins.find(
    (one) =>
      one.side === "host" &&
      one.id !== pin.id &&
      DRIVES.has(one.form.kind) &&
      pin.circuit !== null &&
      one.circuit === pin.circuit,
  ) ?? null;

const readerOf = ({ id, side, circuit }: SignalPin, pins: readonly SignalPin[]): SignalPin | null =>
  circuit === null
    ? null
    : (pins.find(
        (one) => one.id !== id && one.side === side && one.circuit === circuit && one.form.kind.endsWith("-in"),
      ) ?? null);

/** Pulses per engine revolution or km of a cavity; null where nobody has said. */
export const pulsesOf = (pin: SignalPin | null, field: "pulsesPerRev" | "pulsesPerKm" | "pulsesPerShaftRev") =>
  pin === null ? null : fieldOf(pin.form, field);
