import { cachedBy } from "../cached-by";
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
  const found = pins.flatMap((pin) => {
    const type = pin.side === "host" && pin.leaves !== true ? typeOf(pin) : null;
    return type === null || pin.quantity === null ? [] : [{ pin, type, quantity: pin.quantity }];
  });
  if (found.length === 0) return [];
  const around = new Around(pins, lines);
  const copper = new Set<string>();
  return found.flatMap(({ pin, type, quantity }): Instrument[] => {
    const key = `${pin.circuit ?? pin.id} ${type}`;
    if (copper.has(key)) return [];
    copper.add(key);
    const line = around.lineOf(pin);
    const candidates = around.candidates(pin);
    const now = around.nowDriving(pin);
    const across = line === null ? null : line.consumer.id === pin.id ? line.provider : line.consumer;
    const driver = candidates.find(({ id }) => id === chosen.get(pin.id)) ?? across ?? now ?? candidates[0] ?? null;
    return [
      {
        pin,
        type,
        quantity,
        byCable: pin.form.kind === "spare",
        now,
        line,
        candidates,
        driver,
        readBy: driver === null ? null : around.readerOf(driver),
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

/** A choice changes lines and no cavity: these are grouped once. */
const groupedPins = cachedBy((pins: readonly SignalPin[]) => {
  const byCircuit = new Map<string, SignalPin[]>();
  const byQuantity = new Map<Quantity, SignalPin[]>();
  for (const pin of pins) {
    if (pin.circuit !== null) put(byCircuit, `${pin.side} ${pin.circuit}`, pin);
    if (pin.quantity !== null && pin.leaves !== true && DRIVES.has(pin.form.kind)) put(byQuantity, pin.quantity, pin);
  }
  return { byCircuit, byQuantity };
});

/** What is beside an instrument, found in one pass over a job of any size. */
class Around {
  private readonly byCircuit: ReadonlyMap<string, readonly SignalPin[]>;
  private readonly byQuantity: ReadonlyMap<Quantity, readonly SignalPin[]>;
  private readonly byEnd = new Map<string, Line[]>();

  constructor(pins: readonly SignalPin[], lines: readonly Line[]) {
    ({ byCircuit: this.byCircuit, byQuantity: this.byQuantity } = groupedPins(pins));
    for (const line of lines) for (const { id } of [line.provider, line.consumer]) put(this.byEnd, id, line);
  }

  /** The line that is decided, else the one that is furthest. */
  lineOf = ({ id }: SignalPin): Line | null =>
    (this.byEnd.get(id) ?? [])
      .filter(({ state }) => state !== "refused")
      .toSorted((a, b) => RANK[a.state] - RANK[b.state])[0] ?? null;

  candidates = ({ side, quantity }: SignalPin): readonly SignalPin[] =>
    quantity === null ? [] : (this.byQuantity.get(quantity) ?? []).filter((one) => one.side !== side);

  private besides = ({ id, side, circuit }: SignalPin): readonly SignalPin[] =>
    circuit === null ? [] : (this.byCircuit.get(`${side} ${circuit}`) ?? []).filter((one) => one.id !== id);

  /** What drives it on the host's own copper. */
  nowDriving = (pin: SignalPin): SignalPin | null =>
    this.besides(pin).find(({ form }) => DRIVES.has(form.kind)) ?? null;
  readerOf = (pin: SignalPin): SignalPin | null =>
    this.besides(pin).find(({ form }) => form.kind.endsWith("-in")) ?? null;
}

function put<K, V>(groups: Map<K, V[]>, key: K, value: V): void {
  const group = groups.get(key);
  if (group === undefined) groups.set(key, [value]);
  else group.push(value);
}

/** Pulses per engine revolution or km of a cavity; null where nobody has said. */
export const pulsesOf = (pin: SignalPin | null, field: "pulsesPerRev" | "pulsesPerKm" | "pulsesPerShaftRev") =>
  pin === null ? null : fieldOf(pin.form, field);
