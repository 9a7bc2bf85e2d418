import { type Form, fieldOf, isKind, type Kind, type Quantity, type Side } from "../forms";
import { ELSEWHERE, FUNCTIONS } from "../functions";
import type { SignalPin } from "../signals";
import { type Approach, runsBy } from "./types";

/** Connectors that one computer has; both are names as they are printed. */
export interface Computer {
  readonly side: Side;
  readonly connectors: readonly string[];
}

/** What only the computer of an engine drives or reads. */
const ENGINE_ONLY: ReadonlySet<Quantity> = new Set<Quantity>([
  "injector",
  "ignition-coil",
  "crankshaft-position",
  "camshaft-position",
  "throttle-motor",
  "mass-air-flow",
]);
/** The computer's end of it, not the part's. */
const AT_COMPUTER: ReadonlySet<Kind> = new Set<Kind>([
  "injector-out",
  "coil-out",
  "reluctor-in",
  "hall-in",
  "motor-out",
  "analogue-in",
  "frequency-in",
  "low-side-out",
]);
const SECURITY: ReadonlySet<Quantity> = new Set<Quantity>(["security-data", "key-reader", "security-lamp"]);

/** Outputs by which a computer works something of its own; a sensor or a socket on the bus has none. */
const WORKS: ReadonlySet<Kind> = new Set<Kind>(["low-side-out", "high-side-out", "pwm-out", "motor-out"]);

const BUSES: ReadonlySet<Kind> = new Set<Kind>(["can", "lin", "serial"]);

/** Fewer belong to a part of the engine itself, as a coil pack or a throttle body with its own driver. */
const FEW = 3;

/** The connectors of each part of the swap that an approach keeps, replaces or leaves behind. */
export interface Harnesses {
  /** Connectors of the engine's computer, by side; none where the tables have no such computer. */
  readonly engineComputer: Readonly<Record<Side, ReadonlySet<string>>>;
  /** Connectors of the donor that belong to anti-theft parts alone. */
  readonly security: ReadonlySet<string>;
  /** Connectors of another computer of the donor that works something and talks to the engine's: the gearbox's above all. */
  readonly partner: ReadonlySet<string>;
  /** The donor's table is that of a programmable computer already. */
  readonly isProgrammable: boolean;
}

/** @param computers parts of the job that are computers: the connectors of one belong together */
export function harnessesOf(pins: readonly SignalPin[], computers: readonly Computer[]): Harnesses {
  const of = (side: Side): ReadonlySet<string> => {
    const counts = new Map<string, number>();
    for (const { side: at, connector, quantity, form } of pins)
      if (at === side && quantity !== null && ENGINE_ONLY.has(quantity) && AT_COMPUTER.has(form.kind))
        counts.set(connector, (counts.get(connector) ?? 0) + 1);
    const own = new Set([...counts].flatMap(([connector, count]) => (count >= FEW ? [connector] : [])));
    for (const { side: at, connectors } of computers)
      if (at === side && connectors.some((one) => own.has(one))) for (const one of connectors) own.add(one);
    return own;
  };
  const engineComputer = { donor: of("donor"), host: of("host") };
  const others = (has: (pin: SignalPin) => boolean) =>
    new Set(
      pins.flatMap((pin) =>
        pin.side === "donor" && !engineComputer.donor.has(pin.connector) && has(pin) ? [pin.connector] : [],
      ),
    );
  const works = new Set(
    pins.flatMap((pin) => (pin.side === "donor" && WORKS.has(pin.form.kind) ? [pin.connector] : [])),
  );
  const talks = others(
    ({ form, quantity }) =>
      BUSES.has(form.kind) && quantity !== "diagnostic-data" && !(quantity && SECURITY.has(quantity)),
  );
  return {
    engineComputer,
    security: others(({ quantity }) => quantity !== null && SECURITY.has(quantity)),
    partner: new Set([...talks].filter((name) => works.has(name))),
    isProgrammable: pins.some(
      ({ side, connector, form }) =>
        side === "donor" &&
        engineComputer.donor.has(connector) &&
        form.kind.endsWith("-out") &&
        fieldOf(form, "settable") === "yes",
    ),
  };
}

/** The cavities as they would be under an approach; those that stay the same are the very same objects. */
export function pinsUnder(approach: Approach, pins: readonly SignalPin[], harnesses: Harnesses): readonly SignalPin[] {
  const { engineComputer, security, isProgrammable } = harnesses;
  if (approach === "programmable" && isProgrammable) return pins;
  if (approach === "donor-computer")
    // Calibrated out by someone entitled: module, reader and their line stay behind.
    return pins.filter(
      ({ side, connector, quantity }) =>
        side === "host" || !(security.has(connector) || (quantity !== null && SECURITY.has(quantity))),
    );
  if (runsBy(approach) === "donor") return pins;
  return pins.flatMap((pin) => {
    if (pin.side === "host") return [pin];
    if (security.has(pin.connector)) return [];
    if (!engineComputer.donor.has(pin.connector)) return [pin];
    return approach === "programmable" ? (freed(pin) ?? []) : (partAt(pin) ?? []);
  });
}

/** A cavity's wire at a programmable computer: no line of the maker's own, and what it puts out can be set. */
function freed(pin: SignalPin): SignalPin | null {
  const { form, quantity } = pin;
  if (BUSES.has(form.kind)) return null;
  if (quantity !== null && SECURITY.has(quantity)) return null;
  return form.kind.endsWith("-out") ? { ...pin, form: { ...form, settable: SET } as Form } : pin;
}
const SET = { value: "yes", source: "assumed" } as const;

const OF_ENGINE: ReadonlySet<Quantity> = new Set(
  FUNCTIONS.filter(({ key }) => ELSEWHERE.get(key)?.home === "engine").flatMap(({ quantities }) => quantities),
);
const KEPT_VALUES: readonly string[] = ["curve", "range", "pattern", "ohms", "amps", "index"];

/** The engine's own part at the other end of a computer's wire, as the host's computer finds it; null where there is none. */
function partAt(pin: SignalPin): SignalPin | null {
  const { form, quantity } = pin;
  if (quantity === null || !OF_ENGINE.has(quantity)) return null;
  const kind = otherEnd(form.kind);
  if (kind === null) return null;
  const kept = Object.fromEntries(Object.entries(form).filter(([field]) => KEPT_VALUES.includes(field)));
  return { ...pin, form: { ...kept, kind } as Form };
}

/** What stands at the other end of a computer's wire. */
function otherEnd(kind: Kind): Kind | null {
  if (kind === "low-side-out" || kind === "high-side-out") return "load-in";
  if (kind === "logic-in") return "switch-out";
  const other = kind.endsWith("-in") ? kind.replace(/-in$/, "-out") : kind.replace(/-out$/, "-in");
  return other !== kind && !kind.startsWith("supply") && !kind.startsWith("reference") && isKind(other) ? other : null;
}
