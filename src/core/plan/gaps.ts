import { directionOf, type Quantity } from "../forms";
import type { FunctionDef } from "../functions";
import type { SharedOutput, SignalPin, Unmatched, UnmatchedReason } from "../signals";

/** What fills a gap, with working minutes on the bench: our own estimate, for ranking only. */
export const GAP_WAYS = {
  "free-output": 12,
  "own-wire": 15,
  "own-sensor": 30,
  "second-sender": 45,
  "speed-sensor": 90,
  pulses: 60,
  "fit-switch": 40,
  loop: 10,
  "new-feed": 30,
  gateway: 90,
  "new-gauge": 90,
  "fit-part": 60,
  "cable-drive": 75,
  "speed-lockout": 70,
  "brake-lockout": 25,
  "dummy-load": 12,
  without: 0,
} as const;
export type GapWay = keyof typeof GAP_WAYS;

/** A piece that a function lacks: a consumer that nobody serves, or an output of a computer that nobody loads. */
export interface Gap {
  readonly pin: SignalPin;
  readonly reason: UnmatchedReason;
  readonly type: "unserved" | "unloaded" | "apart" | "refused";
  /** What can be done, the cheapest first; to live without it comes last. */
  readonly ways: readonly GapWay[];
  /** What a person chose; null while nobody has. */
  readonly chosen: GapWay | null;
  /** What gives the same on its own side and is free: a wire between the two would do. */
  readonly from: SignalPin | null;
  /** The free output of a programmable computer that is its share, and the way from it. */
  readonly output: SharedOutput | null;
}

/** Reasons that say that its own side serves it, or that it needs nobody. */
export const STAYING: ReadonlySet<UnmatchedReason["code"]> = new Set<UnmatchedReason["code"]>([
  "own-side",
  "laid-to",
  "own-side-none-across",
  "bus-own-side",
  "sensor-ground-own-computer",
  "reference-own-computer",
  "ground-unused",
  "grounded-at",
  "screen",
]);

const UNSERVED: ReadonlySet<UnmatchedReason["code"]> = new Set<UnmatchedReason["code"]>([
  "no-provider",
  "no-provider-with-index",
  "no-provider-on-circuit",
  "no-relay-feed",
  "no-ground-across",
]);

/** The gap of a cavity that is in no link; null where its own side serves it, or nothing is missed. */
export function gapOf(
  def: Pick<FunctionDef, "home">,
  { pin, reason }: Unmatched,
  around: Around,
): readonly [Gap] | null {
  const gap = (type: Gap["type"]): readonly [Gap] => {
    const from = type === "unserved" ? around.freeGiver(pin) : null;
    return [
      {
        pin,
        reason,
        type,
        ways: waysOf(pin, type, from),
        chosen: around.chosen.get(pin.id) ?? null,
        from,
        output: null,
      },
    ];
  };
  if (around.isWiredAtHome(pin)) return null;
  if (UNSERVED.has(reason.code) && (directionOf(pin.form.kind) === "consumer" || pin.form.kind === "ground"))
    return gap("unserved");
  if (reason.code === "rest-worse") return gap("refused");
  // Parts of the engine itself stand in no table of its computer, and come along with it.
  if (
    reason.code === "no-consumer-across" &&
    pin.side === "donor" &&
    def.home !== "engine" &&
    DRIVERS.has(pin.form.kind)
  )
    return gap("unloaded");
  if (reason.code === "no-bus-across" && pin.side === "host" && pin.index !== "low" && !around.hasOwnNetwork(pin))
    return gap("apart");
  return null;
}

/** What finds an output of a cavity's own side for the same quantity and number, of the form that it reads; null where none is. */
export function freeGivers(pins: readonly SignalPin[]): (pin: SignalPin) => SignalPin | null {
  const free = grouped(
    pins.filter(({ leaves, form }) => leaves !== true && directionOf(form.kind) === "provider"),
    ({ side, quantity, form }) => `${side} ${quantity} ${form.kind}`,
  );
  return ({ side, form, quantity, index, id }) => {
    const wanted = form.kind.replace(/-in$/, "-out");
    if (wanted === form.kind || form.kind === "supply-in") return null;
    return (
      (free.get(`${side} ${quantity} ${wanted}`) ?? []).find((one) => one.id !== id && one.index === index) ?? null
    );
  };
}

/** What a cavity has on its own side, whatever the tables call it. */
export class Around {
  private readonly givers = new Map<string, SignalPin[]>();
  private readonly buses: readonly SignalPin[];

  constructor(
    pins: readonly SignalPin[],
    readonly chosen: ReadonlyMap<string, GapWay>,
  ) {
    this.buses = pins.filter(({ form }) => directionOf(form.kind) === "shared");
    this.freeGiver = freeGivers(pins);
    for (const pin of pins) {
      if (pin.circuit === null || pin.leaves === true || directionOf(pin.form.kind) !== "provider") continue;
      const key = `${pin.side} ${pin.circuit}`;
      const group = this.givers.get(key);
      if (group === undefined) this.givers.set(key, [pin]);
      else group.push(pin);
    }
  }

  /** On one circuit with something of the body that gives: a lamp that its own switch lights stays as it is wired. */
  isWiredAtHome = ({ id, side, circuit }: SignalPin): boolean =>
    side === "host" && circuit !== null && (this.givers.get(`${side} ${circuit}`) ?? []).some((one) => one.id !== id);

  /** {@link freeGivers} */
  readonly freeGiver: (pin: SignalPin) => SignalPin | null;

  /** Another connector of its own side is on a bus of the kind, and they talk to each other. */
  hasOwnNetwork = ({ id, side, connector, form }: SignalPin): boolean =>
    this.buses.some(
      (one) => one.id !== id && one.side === side && one.connector !== connector && one.form.kind === form.kind,
    );
}

/** Outputs that a computer may watch for an open circuit; a signal that nobody reads does no harm. */
const DRIVERS: ReadonlySet<string> = new Set(["low-side-out", "high-side-out", "pwm-out"]);

function waysOf({ side, form, quantity }: SignalPin, type: Gap["type"], from: SignalPin | null): readonly GapWay[] {
  // Without a feed or a ground nothing at all works there: no one signs to live without.
  const ways = new Set<GapWay>(form.kind === "supply-in" || form.kind === "ground" ? [] : ["without"]);
  if (from !== null) ways.add("own-wire");
  if (type === "unloaded") for (const way of ["dummy-load", "fit-part"] as const) ways.add(way);
  else if (type === "apart") for (const way of ["gateway", "new-gauge"] as const) ways.add(way);
  else
    for (const way of side === "donor" ? ofTheEngine(form.kind, quantity) : ofTheBody(form.kind, quantity))
      ways.add(way);
  return [...ways].toSorted((a, b) => rankOf(a) - rankOf(b));
}
const rankOf = (way: GapWay) => (way === "without" ? Number.POSITIVE_INFINITY : GAP_WAYS[way]);

function ofTheEngine(kind: string, quantity: Quantity | null): readonly GapWay[] {
  if (kind === "supply-in" || kind === "ground") return ["new-feed"];
  if (kind === "logic-in")
    return quantity !== null && NEVER_LOOPED.has(quantity) ? ["fit-switch"] : ["fit-switch", "loop"];
  if (kind === "frequency-in") return ["speed-sensor"];
  return kind.endsWith("-in") ? ["own-sensor"] : [];
}

/** A loop there would let the engine be cranked in gear, or the brake go unseen. */
const NEVER_LOOPED: ReadonlySet<Quantity> = new Set<Quantity>([
  "park-neutral",
  "clutch-switch",
  "brake-switch",
  "starter-request",
  "gear-range",
  "airbag",
]);

function ofTheBody(kind: string, quantity: Quantity | null): readonly GapWay[] {
  if (kind === "resistive-in" || kind === "analogue-in") return ["second-sender", "new-gauge"];
  if (kind === "frequency-in")
    return quantity === "vehicle-speed" ? ["speed-sensor", "new-gauge"] : ["pulses", "new-gauge"];
  if (kind === "supply-in" || kind === "ground") return ["new-feed"];
  return kind === "load-in" || kind === "logic-in" ? ["fit-switch"] : [];
}

/** By a key of each, in the order in which keys come first; what has none is in no group. */
export function grouped<T>(list: readonly T[], keyOf: (one: T) => string | undefined): Map<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const one of list) {
    const key = keyOf(one);
    const group = key === undefined ? undefined : groups.get(key);
    if (group !== undefined) group.push(one);
    else if (key !== undefined) groups.set(key, [one]);
  }
  return groups;
}
