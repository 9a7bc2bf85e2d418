import { fieldOf, type Quantity } from "../../forms";
import { INTERLOCKS } from "../../functions";
import type { HarnessPart } from "../../harness";
import { type CavityFacts, type ElementSpec, namedPositions } from "../../parts";
import { aliveOf } from "../../signals";
import { type ClosedWhen, KEY_POSITIONS, type KeyPosition, liveIn, neverClosed } from "../../state";

const ENGINE_ON: readonly KeyPosition[] = ["run", "crank", "running"];
const TURNING: readonly KeyPosition[] = ["crank", "running"];

/** What is always there: closed in every position of the key. */
export const ALWAYS: ClosedWhen = {};
/** With the key in run or the engine running, as lamps and wipers are on a rainy night. */
export const KEY_ON: ClosedWhen = { key: ["run", "running"] };
/** While the key has the engine turned or running: what sparks and injects. */
export const whileFiring: ClosedWhen = { key: TURNING };
export const whileCranking: ClosedWhen = { key: ["crank"] };
export const engineOn: ClosedWhen = { key: ENGINE_ON };
/** While the engine turns under its own power, whatever the key. */
export const whileTurning: ClosedWhen = { key: ["running", "coasting"] };

/**
 * In which key positions a computer works an output, once it is awake. What it works in pulses is closed all the time:
 * the current that is stated for an injector, a coil or a valve is its mean. What is not here it leaves open: what only
 * a driver's wish asks for.
 */
const DRIVEN: Partial<Record<Quantity, readonly KeyPosition[]>> = {
  "main-relay": ENGINE_ON,
  "relay-supply": ENGINE_ON,
  "fuel-pump": TURNING,
  "starter-relay": ["crank"],
  "starter-request": ["crank"],
  "cooling-fan": ["running"],
  "charge-warning": ["run", "crank"],
  "malfunction-lamp": ["run"],
  "glow-plug": ["run", "crank"],
  "oxygen-heater": ["running"],
  injector: TURNING,
  "ignition-coil": TURNING,
  "idle-control": TURNING,
  "cooling-fan-high": ["running"],
  "ac-clutch": ["running"],
  "camshaft-phaser": ["running"],
  "intake-runner": ["running"],
  "boost-control": ["running"],
  "exhaust-recirculation": ["running"],
  "purge-valve": ["running"],
  "alternator-field": ["running"],
  "shift-solenoid": ["running"],
  "pressure-solenoid": ["running"],
  "converter-clutch": ["running"],
};

/** What is worked in pulses, and counts by its mean current. */
const PULSED: ReadonlySet<Quantity> = new Set<Quantity>([
  "injector",
  "ignition-coil",
  "idle-control",
  "oxygen-heater",
  "camshaft-phaser",
  "boost-control",
  "exhaust-recirculation",
  "purge-valve",
  "alternator-field",
  "pressure-solenoid",
]);
export const isPulsed = (pin: Pick<CavityFacts, "quantity"> | undefined): boolean =>
  pin?.quantity != null && PULSED.has(pin.quantity);

/** When a computer works this output, assumed from what it carries; null where it leaves it open. */
export const drivenWhen = ({ quantity }: Pick<CavityFacts, "quantity">): ClosedWhen | null => {
  const key = quantity === null ? undefined : DRIVEN[quantity];
  return key === undefined ? null : { key };
};

/** Oil pressure holds its switch open while the engine turns. */
const NO_OIL_PRESSURE: ClosedWhen = { key: KEY_POSITIONS.filter((key) => key !== "running" && key !== "coasting") };

/** Switches that the engine, the gearbox or a pedal works, by what they carry. */
const WORKED: Partial<Record<Quantity, ClosedWhen>> = {
  "oil-pressure-warning": NO_OIL_PRESSURE,
  "oil-pressure": NO_OIL_PRESSURE,
  "park-neutral": { range: ["P", "N"] },
  "clutch-switch": { clutch: "pressed" },
  "brake-switch": { brake: "pressed" },
  "reverse-lamp": { range: ["R"] },
  "reverse-lockout": neverClosed,
  "gear-range": neverClosed,
  "starter-request": whileCranking,
  door: neverClosed,
  handbrake: neverClosed,
  "brake-fluid": neverClosed,
  hazard: neverClosed,
  // A contact breaker: closed and opened with every spark.
  "ignition-coil": whileFiring,
};

type SwitchSpec = Extract<ElementSpec, { type: "switch" }>;

/** Its own positions are those of a lever, as somebody ticked them: P, R, N, D, 3, L … */
function leverPositions(spec: SwitchSpec): readonly string[] | null {
  const positions = namedPositions(spec);
  return positions.length > 0 && positions.every((one) => /^[A-Z0-9]$/.test(one)) ? positions : null;
}

/** When a contact that lever or clutch works is closed; null where neither does. A lever's own positions count. */
export function interlockOf(spec: SwitchSpec, pins: readonly Pick<CavityFacts, "quantity">[]): ClosedWhen | null {
  const asked = pins.find(({ quantity }) => INTERLOCKS.has(quantity))?.quantity;
  if (asked == null) return null;
  const usual = WORKED[asked] as ClosedWhen;
  const ticked = usual.range === undefined ? null : leverPositions(spec);
  return ticked === null ? usual : { range: ticked };
}

/**
 * When a switch that someone or something works is closed: what it carries tells, else as the driver has it at night in
 * the rain: everything on with the engine running and with the key in run, nothing otherwise.
 *
 * @param quiet the driver has nothing on
 */
export function closedWhen(
  part: Pick<HarnessPart, "label">,
  pins: readonly Pick<CavityFacts, "quantity" | "description">[],
  quiet = false,
): ClosedWhen {
  const told = pins.flatMap(({ quantity }) => (quantity !== null && WORKED[quantity] !== undefined ? [quantity] : []));
  // One that leads the start signal through the lever or the clutch is worked by these, whatever it carries.
  const known = told.find((quantity) => INTERLOCKS.has(quantity)) ?? told[0];
  if (known != null) return quiet && known === "brake-switch" ? neverClosed : (WORKED[known] as ClosedWhen);
  // Nobody holds these, and where there are two speeds or beams the other one is on.
  if (
    /door|boot|bonnet|hazard|horn|wash|\b(main|full|high) beam|\bslow\b|\bright (indicator|turn)/i.test(
      `${part.label} ${pins.map((pin) => pin.description ?? "").join(" ")}`,
    )
  )
    return neverClosed;
  return quiet ? neverClosed : KEY_ON;
}

/** When loads that the engine cannot do without must have their feed. */
const TURNED: Partial<Record<Quantity, readonly KeyPosition[]>> = {
  "fuel-pump": TURNING,
  "starter-request": ["crank"],
  "starter-relay": ["crank"],
};

/**
 * In which positions a consumer must have its feed; what depends on a computer's relay, while the engine turns. Null
 * where nobody has said.
 */
export function neededIn(pin: Pick<CavityFacts, "form" | "quantity">): readonly KeyPosition[] | null {
  const turned = pin.quantity === null ? undefined : TURNED[pin.quantity];
  if (turned !== undefined && fieldOf(pin.form, "alive") === null) return turned;
  const alive = aliveOf(pin);
  if (alive === null) return null;
  return alive === "relay" ? ENGINE_ON : liveIn(alive);
}
