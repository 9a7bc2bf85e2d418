/** Electrical forms a cavity can have. Closed list: the pin-table contract refuses any other word. */
export const KINDS = [
  "supply-out", "supply-in", "ground", "low-side-out", "high-side-out", "switch-out", "logic-in", "load-in",
  "frequency-out", "frequency-in", "analogue-out", "analogue-in", "resistive-out", "resistive-in",
  "pwm-out", "pwm-in", "reference-out", "reference-in", "reluctor-out", "reluctor-in", "hall-out", "hall-in",
  "knock-out", "knock-in", "lambda-out", "lambda-in", "injector-out", "injector-in", "coil-out", "coil-in",
  "motor-out", "motor-in", "can", "lin", "serial", "shield", "spare", "unknown",
] as const;
export type Kind = (typeof KINDS)[number];

/** What a cavity carries, whatever its electrical form. Closed list. */
export const QUANTITIES = [
  "battery-supply", "ignition-supply", "accessory-supply", "start-supply", "sensor-supply", "relay-supply", "ground",
  "sensor-ground", "engine-speed", "vehicle-speed", "transmission-input-speed", "transmission-output-speed", "wheel-speed",
  "crankshaft-position", "camshaft-position", "coolant-temperature", "oil-temperature", "intake-air-temperature",
  "transmission-temperature", "ambient-temperature", "exhaust-temperature", "oil-pressure", "oil-pressure-warning",
  "manifold-pressure", "fuel-pressure", "refrigerant-pressure", "brake-vacuum", "mass-air-flow", "throttle-position",
  "accelerator-position", "throttle-motor", "idle-control", "fuel-level", "fuel-pump", "injector", "ignition-coil", "knock",
  "oxygen", "oxygen-heater", "camshaft-phaser", "intake-runner", "boost-control", "exhaust-recirculation", "purge-valve",
  "cooling-fan", "cooling-fan-high", "ac-request", "ac-clutch", "alternator-field", "charge-warning", "starter-request",
  "starter-relay", "park-neutral", "clutch-switch", "brake-switch", "reverse-lamp", "reverse-lockout", "shift-solenoid",
  "pressure-solenoid", "converter-clutch", "gear-range", "gear-display", "shift-mode", "four-wheel-drive", "cruise-request",
  "cruise-active", "malfunction-lamp", "security-lamp", "security-data", "key-reader", "wake-up", "main-relay",
  "power-steering-pressure", "glow-plug", "diagnostic-data", "body-data", "powertrain-data", "illumination",
  "lighting", "turn-signal", "hazard", "horn", "wiper", "washer", "door", "lock", "window", "mirror", "seat-heater",
  "seat-belt", "airbag", "handbrake", "brake-fluid", "anti-lock", "audio", "heater-blower", "heater-control", "demister",
  "trailer", "aerial", "other",
] as const;
export type Quantity = (typeof QUANTITIES)[number];

export const SIDES = ["donor", "host"] as const;
export type Side = (typeof SIDES)[number];

const KIND_SET: ReadonlySet<string> = new Set(KINDS);
const QUANTITY_SET: ReadonlySet<string> = new Set(QUANTITIES);

export const isKind = (text: string): text is Kind => KIND_SET.has(text);
export const isQuantity = (text: string): text is Quantity => QUANTITY_SET.has(text);

/** Which way a form works: it gives, it takes, or it is shared (buses, grounds). */
export function directionOf(kind: Kind): "provider" | "consumer" | "shared" | "none" {
  if (kind.endsWith("-out")) return "provider";
  if (kind.endsWith("-in")) return "consumer";
  if (kind === "ground" || kind === "can" || kind === "lin" || kind === "serial") return "shared";
  return "none";
}
