import type { Quantity } from "../../forms";
import { type CavityFacts, type HarnessPart, KEY_STATES, type KeyState } from "../../harness";

const ENGINE_ON: readonly KeyState[] = ["run", "crank", "running"];
const TURNING: readonly KeyState[] = ["crank", "running"];
const KEY_ON: readonly KeyState[] = ["run", "running"];

/** In which key states a computer works an output, once it is alive. What is not here it leaves open: pulses, and what only a driver's wish asks for. */
const DRIVEN: Partial<Record<Quantity, readonly KeyState[]>> = {
  "main-relay": ENGINE_ON, "relay-supply": ENGINE_ON, "fuel-pump": TURNING, "starter-relay": ["crank"], "cooling-fan": ["running"], "charge-warning": ["run", "crank"],
  "malfunction-lamp": ["run"], "glow-plug": ["run", "crank"], "oxygen-heater": ["running"],
};

/** When a computer works this output, assumed from what it carries. */
export const drivenIn = ({ quantity }: Pick<CavityFacts, "quantity">): readonly KeyState[] => (quantity === null ? [] : (DRIVEN[quantity] ?? []));

/** Switches that the engine or the gearbox works, by what they carry. The gearbox stands in Park. */
const WORKED: Partial<Record<Quantity, readonly KeyState[]>> = {
  "oil-pressure-warning": ["off", "accessory", "run", "crank"], "oil-pressure": ["off", "accessory", "run", "crank"], "park-neutral": KEY_STATES, "clutch-switch": ["crank"],
  "reverse-lamp": [], "reverse-lockout": [], "gear-range": [], "starter-request": ["crank"], door: [], handbrake: [], "brake-fluid": [], hazard: [], "ignition-coil": [],
};

/**
 * When a switch that someone or something works is closed: what it carries tells, else as the driver has it at night in the rain:
 * everything on with the engine running and with the key in run, nothing otherwise.
 *
 * @param quiet the driver has nothing on
 */
export function closedIn(part: Pick<HarnessPart, "label">, pins: readonly Pick<CavityFacts, "quantity" | "description">[], quiet = false): readonly KeyState[] {
  const known = pins.map((pin) => (pin.quantity === null ? undefined : WORKED[pin.quantity])).find((states) => states !== undefined);
  if (known !== undefined) return known;
  if (/door|boot|bonnet|hazard|horn|wash/i.test(`${part.label} ${pins.map((pin) => pin.description ?? "").join(" ")}`)) return [];
  return quiet ? [] : KEY_ON;
}

/** When a feed is alive, by its `alive`; null where only its relay knows. */
export const FEED_STATES: Readonly<Record<string, readonly KeyState[]>> = {
  permanent: KEY_STATES, accessory: ["accessory", "run", "running"], run: KEY_ON, "run-crank": ENGINE_ON, crank: ["crank"],
};

/** When loads that the engine cannot do without must have their feed. */
const TURNED: Partial<Record<Quantity, readonly KeyState[]>> = { "fuel-pump": TURNING, "starter-request": ["crank"], "starter-relay": ["crank"] };

/** In which states a consumer must have its feed; what hangs on a computer's relay, while the engine turns. */
export function neededIn(pin: Pick<CavityFacts, "params" | "quantity">): readonly KeyState[] | null {
  if (pin.quantity !== null && pin.params.alive === undefined && Object.hasOwn(TURNED, pin.quantity)) return TURNED[pin.quantity] ?? null;
  const alive = pin.params.alive ?? (pin.quantity === null ? undefined : ({ "battery-supply": "permanent", "accessory-supply": "accessory", "start-supply": "crank", "relay-supply": "relay" } as Partial<Record<Quantity, string>>)[pin.quantity]);
  if (alive === undefined) return null;
  return alive === "relay" ? ENGINE_ON : (FEED_STATES[alive] ?? null);
}
