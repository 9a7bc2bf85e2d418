import type { Kind, Quantity } from "../../forms";

/**
 * How a quantity travels. `sensor`: a device reports it, a controller or gauge reads it. `actuator`: a controller works
 * it, a device is worked. `contact`: a switch closes, a controller or lamp sees it. The kinds are those of model.md.
 */
export type Family =
  | { readonly type: "sensor"; readonly out: Kind; readonly in: Kind; readonly made: "engine" | "body" }
  | { readonly type: "actuator"; readonly out: Kind; readonly in: Kind; readonly used: "engine" | "body" }
  | { readonly type: "contact"; readonly made: "engine" | "body" }
  | { readonly type: "supply" }
  | { readonly type: "bus"; readonly kind: Kind }
  | { readonly type: "ground" }
  | { readonly type: "reference" }
  | { readonly type: "body" };

const sensor = (form: string, made: "engine" | "body" = "engine"): Family =>
  ({ type: "sensor", out: `${form}-out` as Kind, in: `${form}-in` as Kind, made });
const driven = (used: "engine" | "body", out: Kind = "low-side-out", into: Kind = "load-in"): Family => ({ type: "actuator", out, in: into, used });
const contact = (made: "engine" | "body"): Family => ({ type: "contact", made });

export const FAMILIES: Readonly<Record<Quantity, Family>> = {
  "battery-supply": { type: "supply" }, "ignition-supply": { type: "supply" }, "accessory-supply": { type: "supply" },
  "start-supply": { type: "supply" }, "relay-supply": { type: "supply" }, "sensor-supply": { type: "reference" },
  ground: { type: "ground" }, "sensor-ground": { type: "ground" },
  "engine-speed": sensor("frequency"), "vehicle-speed": sensor("frequency"), "transmission-input-speed": sensor("reluctor"),
  "transmission-output-speed": sensor("reluctor"), "wheel-speed": sensor("reluctor", "body"), "crankshaft-position": sensor("reluctor"),
  "camshaft-position": sensor("hall"), "coolant-temperature": sensor("resistive"), "oil-temperature": sensor("resistive"),
  "intake-air-temperature": sensor("resistive"), "transmission-temperature": sensor("resistive"), "ambient-temperature": sensor("resistive", "body"),
  "exhaust-temperature": sensor("resistive"), "oil-pressure": sensor("analogue"), "oil-pressure-warning": contact("engine"),
  "manifold-pressure": sensor("analogue"), "fuel-pressure": sensor("analogue"), "refrigerant-pressure": sensor("analogue", "body"),
  "brake-vacuum": sensor("analogue", "body"), "mass-air-flow": sensor("analogue"), "throttle-position": sensor("analogue"),
  "accelerator-position": sensor("analogue", "body"), "throttle-motor": driven("engine", "motor-out", "motor-in"),
  "idle-control": driven("engine", "motor-out", "motor-in"), "fuel-level": sensor("resistive", "body"), "fuel-pump": driven("body"),
  injector: driven("engine", "injector-out", "injector-in"), "ignition-coil": driven("engine", "coil-out", "coil-in"), knock: sensor("knock"),
  oxygen: sensor("lambda"), "oxygen-heater": driven("engine"), "camshaft-phaser": driven("engine"), "intake-runner": driven("engine"),
  "boost-control": driven("engine"), "exhaust-recirculation": driven("engine"), "purge-valve": driven("engine"), "cooling-fan": driven("body"),
  "cooling-fan-high": driven("body"), "ac-request": contact("body"), "ac-clutch": driven("body"), "alternator-field": driven("engine", "pwm-out", "pwm-in"),
  "charge-warning": driven("body"), "starter-request": contact("body"), "starter-relay": driven("body"), "park-neutral": contact("engine"),
  "clutch-switch": contact("body"), "brake-switch": contact("body"), "reverse-lamp": contact("engine"), "reverse-lockout": driven("engine"),
  "shift-solenoid": driven("engine"), "pressure-solenoid": driven("engine"), "converter-clutch": driven("engine"), "gear-range": contact("engine"),
  "gear-display": driven("body"), "shift-mode": contact("body"), "four-wheel-drive": contact("body"), "cruise-request": contact("body"),
  "cruise-active": driven("body"), "malfunction-lamp": driven("body"), "security-lamp": driven("body"), "security-data": { type: "bus", kind: "serial" },
  "key-reader": { type: "bus", kind: "serial" }, "wake-up": contact("body"), "main-relay": driven("body"), "power-steering-pressure": contact("engine"),
  "glow-plug": driven("engine"), "diagnostic-data": { type: "bus", kind: "serial" }, "body-data": { type: "bus", kind: "can" },
  "powertrain-data": { type: "bus", kind: "can" }, illumination: { type: "body" }, lighting: { type: "body" }, "turn-signal": { type: "body" },
  hazard: { type: "body" }, horn: { type: "body" }, wiper: { type: "body" }, washer: { type: "body" }, door: contact("body"), lock: { type: "body" },
  window: { type: "body" }, mirror: { type: "body" }, "seat-heater": { type: "body" }, "seat-belt": contact("body"), airbag: { type: "body" },
  handbrake: contact("body"), "brake-fluid": contact("body"), "anti-lock": { type: "body" }, audio: { type: "body" }, "heater-blower": { type: "body" },
  "heater-control": { type: "body" }, demister: { type: "body" }, trailer: { type: "body" }, aerial: { type: "body" }, other: { type: "body" },
};
