import type { Kind, Quantity } from "./kinds";

/** What a usual value is usual of. Words: core/words/asked.ts. */
export type UsualOf =
  | "lamp-1w2"
  | "lamp-5w"
  | "lamp-21w"
  | "lamp-55w"
  | "led"
  | "small-relay"
  | "fuel-pump"
  | "carburettor-pump"
  | "fan"
  | "large-fan"
  | "horn"
  | "valve"
  | "oil-control-valve"
  | "oxygen-heater"
  | "glow-plug"
  | "starter-solenoid"
  | "blower"
  | "wiper"
  | "rear-window"
  | "compressor-clutch"
  | "gearbox-solenoid"
  | "memory-feed"
  | "small-computer"
  | "engine-computer"
  | "instruments"
  | "lamp-driver"
  | "valve-driver"
  | "heater-driver"
  | "signal-contact"
  | "small-switch"
  | "lighting-switch"
  | "fuse"
  | "cylinders-3"
  | "cylinders-4"
  | "cylinders-6"
  | "cylinders-8"
  | "turns-637-4"
  | "turns-637-8"
  | "turns-621-8"
  | "battery-level"
  | "logic-level"
  | "any-12v-input"
  | "weak-pull"
  | "strong-pull"
  | "ntc-2500"
  | "fuel-10-180"
  | "fuel-240-33"
  | "fuel-0-90"
  | "sensor-span"
  | "whole-span"
  | "injector-high"
  | "injector-low"
  | "coil-electronic"
  | "coil-ballast"
  | "coil-points"
  | "fast-bus"
  | "middle-bus"
  | "slow-bus"
  | "works-to"
  | "cranks-to"
  | "stabilised"
  | "pump-frequency"
  | "lamp-frequency";

/** A textbook value that may stand in for one nobody knows: as it is written in `params`, with what it is usual of. */
export interface UsualValue {
  readonly value: string;
  readonly of: UsualOf;
}

interface Usual {
  readonly kinds: readonly Kind[];
  /** Null for every one. */
  readonly quantities: readonly Quantity[] | null;
  readonly field: string;
  readonly values: readonly (readonly [value: string, of: UsualOf])[];
}

const LAMPS: readonly Quantity[] = [
  "illumination",
  "malfunction-lamp",
  "security-lamp",
  "charge-warning",
  "oil-pressure-warning",
  "gear-display",
  "cruise-active",
];
const OUTSIDE: readonly Quantity[] = ["lighting", "turn-signal", "hazard", "reverse-lamp", "brake-switch", "trailer"];
const VALVES: readonly Quantity[] = [
  "purge-valve",
  "intake-runner",
  "boost-control",
  "exhaust-recirculation",
  "idle-control",
  "reverse-lockout",
];
const GEARBOX: readonly Quantity[] = ["shift-solenoid", "pressure-solenoid", "converter-clutch"];
const PULSED: readonly Kind[] = ["frequency-out", "frequency-in", "hall-out", "hall-in", "reluctor-out", "reluctor-in"];
const LEVELS: readonly Kind[] = ["logic-in", "frequency-in", "hall-in", "reluctor-in"];
const TEMPERATURES: readonly Quantity[] = [
  "coolant-temperature",
  "oil-temperature",
  "intake-air-temperature",
  "transmission-temperature",
  "ambient-temperature",
];

const load = (quantities: readonly Quantity[], ...values: readonly (readonly [string, UsualOf])[]): Usual => ({
  kinds: ["load-in"],
  quantities,
  field: "amps",
  values,
});
const of = (kinds: readonly Kind[], field: string, ...values: readonly (readonly [string, UsualOf])[]): Usual => ({
  kinds,
  quantities: null,
  field,
  values,
});

/**
 * A thermistor's curve by the two-parameter equation R = R₂₀·exp(B·(1/T − 1/293.15 K)), which holds to some per cent over
 * the working band of a sender (Steinhart & Hart 1968 is the exact form): `°C:Ω` points.
 */
export function thermistorCurve(ohmsAt20: number, beta: number, temperatures: readonly number[]): string {
  const at = (celsius: number) => ohmsAt20 * Math.exp(beta * (1 / (celsius + 273.15) - 1 / 293.15));
  return temperatures.map((celsius) => `${celsius}:${Number(at(celsius).toPrecision(3))}`).join("|");
}
/** Most engine temperature sensors have 2 to 3 kΩ at 20 °C and a B of about 3,500 K. */
const USUAL_NTC = thermistorCurve(2500, 3500, [-20, 0, 20, 40, 60, 80, 100, 120]);

/**
 * Usual values by kind of part: bulb powers at 13.5 V (ECE categories W1.2W, R5W, P21W, H7), relay coils of 80 to 100 Ω, the ranges that textbooks of
 * vehicle electrics give for the rest. The first that fits a cavity's kind, quantity and field is taken.
 */
const USUAL: readonly Usual[] = [
  load(LAMPS, ["0.09", "lamp-1w2"], ["0.37", "lamp-5w"], ["0.02", "led"]),
  load(OUTSIDE, ["0.37", "lamp-5w"], ["1.6", "lamp-21w"], ["4.1", "lamp-55w"]),
  load(["main-relay", "starter-relay", "relay-supply"], ["0.15", "small-relay"]),
  load(["fuel-pump"], ["7", "fuel-pump"], ["2", "carburettor-pump"], ["0.15", "small-relay"]),
  load(["cooling-fan", "cooling-fan-high"], ["15", "fan"], ["25", "large-fan"], ["0.15", "small-relay"]),
  load(["horn"], ["5", "horn"], ["0.15", "small-relay"]),
  load(VALVES, ["0.5", "valve"]),
  load(["camshaft-phaser"], ["1", "oil-control-valve"]),
  load(["oxygen-heater"], ["1", "oxygen-heater"]),
  load(["glow-plug"], ["12", "glow-plug"]),
  load(["starter-request"], ["15", "starter-solenoid"], ["0.15", "small-relay"]),
  load(["heater-blower"], ["12", "blower"]),
  load(["wiper", "washer"], ["5", "wiper"]),
  load(["demister"], ["15", "rear-window"]),
  load(["ac-clutch"], ["4", "compressor-clutch"], ["0.15", "small-relay"]),
  load(GEARBOX, ["0.9", "gearbox-solenoid"]),
  of(["load-in"], "amps", ["0.15", "small-relay"], ["0.37", "lamp-5w"], ["0.5", "valve"]),
  of(["load-in"], "ohms", ["90", "small-relay"]),
  of(
    ["supply-in"],
    "amps",
    ["0.02", "memory-feed"],
    ["0.3", "instruments"],
    ["1", "small-computer"],
    ["3", "engine-computer"],
  ),
  of(["supply-in"], "minVolts", ["6", "cranks-to"], ["9", "works-to"]),
  of(["supply-out"], "maxAmps", ["10", "fuse"], ["15", "fuse"], ["20", "fuse"], ["30", "fuse"]),
  of(
    ["low-side-out", "high-side-out"],
    "maxAmps",
    ["0.5", "lamp-driver"],
    ["1.5", "valve-driver"],
    ["3", "heater-driver"],
  ),
  of(["switch-out"], "maxAmps", ["0.5", "signal-contact"], ["5", "small-switch"], ["10", "lighting-switch"]),
  {
    kinds: PULSED,
    quantities: ["engine-speed"],
    field: "pulsesPerRev",
    values: [
      ["2", "cylinders-4"],
      ["3", "cylinders-6"],
      ["4", "cylinders-8"],
      ["1.5", "cylinders-3"],
    ],
  },
  {
    kinds: PULSED,
    quantities: ["vehicle-speed"],
    field: "pulsesPerKm",
    values: [
      ["2548", "turns-637-4"],
      ["5096", "turns-637-8"],
      ["4971", "turns-621-8"],
    ],
  },
  of(["frequency-out", "hall-out"], "amplitude", ["12", "battery-level"], ["5", "logic-level"]),
  of(LEVELS, "lowVolts", ["1.5", "any-12v-input"], ["0.8", "logic-level"]),
  of(LEVELS, "highVolts", ["6", "any-12v-input"], ["2", "logic-level"]),
  of(LEVELS, "maxVolts", ["16", "any-12v-input"], ["5.5", "logic-level"]),
  of(LEVELS, "pullOhms", ["10000", "weak-pull"], ["1000", "strong-pull"]),
  of(LEVELS, "pullVolts", ["12", "battery-level"], ["5", "logic-level"]),
  {
    kinds: ["resistive-out", "resistive-in"],
    quantities: TEMPERATURES,
    field: "curve",
    values: [[USUAL_NTC, "ntc-2500"]],
  },
  {
    kinds: ["resistive-out", "resistive-in"],
    quantities: ["fuel-level"],
    field: "curve",
    values: [
      ["0:10|100:180", "fuel-10-180"],
      ["0:240|100:33", "fuel-240-33"],
      ["0:0|100:90", "fuel-0-90"],
    ],
  },
  of(["resistive-in"], "feedVolts", ["5", "logic-level"], ["10", "stabilised"], ["12", "battery-level"]),
  of(["analogue-out", "analogue-in"], "range", ["0.5..4.5", "sensor-span"], ["0..5", "whole-span"]),
  of(["pwm-out", "pwm-in"], "hz", ["100", "pump-frequency"], ["200", "lamp-frequency"]),
  of(["injector-in"], "ohms", ["14", "injector-high"], ["2.5", "injector-low"]),
  of(["coil-in"], "ohms", ["0.5", "coil-electronic"], ["1.5", "coil-ballast"], ["3", "coil-points"]),
  of(["coil-in"], "henries", ["0.003", "coil-electronic"], ["0.006", "coil-ballast"], ["0.01", "coil-points"]),
  of(["can"], "bitrate", ["500000", "fast-bus"], ["250000", "middle-bus"], ["125000", "slow-bus"]),
  of(["lin", "serial"], "bitrate", ["19200", "middle-bus"], ["10400", "slow-bus"]),
];

/** Usual values for one field of a cavity, the commonest first; none where nothing is usual. */
export function usualValues(kind: Kind, quantity: Quantity | null, field: string): readonly UsualValue[] {
  const found = USUAL.find(
    (one) =>
      one.field === field &&
      one.kinds.includes(kind) &&
      (one.quantities === null || (quantity !== null && one.quantities.includes(quantity))),
  );
  return (found?.values ?? []).map(([value, usualOf]) => ({ value, of: usualOf }));
}
