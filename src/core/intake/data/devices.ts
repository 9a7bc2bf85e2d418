import type { Kind, Side } from "../../forms";
import type { Place } from "./places";

/** The kind of thing that a row is about, whatever it is for: named by a noun ("PTO lamp", "intake heater relay"). */
export const DEVICES = [
  "relay",
  "solenoid",
  "motor",
  "lamp",
  "switch",
  "thermistor",
  "gauge",
  "level",
  "sensor",
] as const;
export type Device = (typeof DEVICES)[number];

/** The concepts that name a device. The first line that has one of the row's concepts counts: "solenoid relay" is a relay. */
export const DEVICE_CONCEPTS: readonly (readonly [Device, readonly string[]])[] = [
  ["relay", ["relay"]],
  ["lamp", ["lamp", "warning", "buzzer"]],
  ["solenoid", ["solenoid", "valve"]],
  ["switch", ["switch", "request", "enable"]],
  ["thermistor", ["temperature"]],
  ["gauge", ["gauge", "sender"]],
  ["level", ["level"]],
  ["motor", ["motor"]],
  ["sensor", ["sensor", "pressure", "position"]],
];

type FormOf = readonly [kind: Kind, sure: number];

const READ_AS: Readonly<Partial<Record<Device, FormOf>>> = {
  relay: ["low-side-out", 0.7],
  solenoid: ["low-side-out", 0.68],
  switch: ["logic-in", 0.7],
  thermistor: ["resistive-in", 0.72],
  motor: ["motor-out", 0.6],
  level: ["logic-in", 0.55],
  sensor: ["analogue-in", 0.62],
};

/**
 * How a device is met at a place, where its purpose is not known: trade practice, so none is sure. What is not listed is
 * asked: at an in-line connector nobody can tell which way a wire goes.
 */
export const DEVICE_FORMS: Readonly<Partial<Record<Place, Readonly<Partial<Record<Device, FormOf>>>>>> = {
  computer: READ_AS,
  instruments: {
    lamp: ["load-in", 0.72],
    gauge: ["resistive-in", 0.62],
    thermistor: ["resistive-in", 0.62],
    switch: ["logic-in", 0.55],
  },
  lamp: { lamp: ["load-in", 0.7] },
  actuator: { solenoid: ["load-in", 0.65], motor: ["load-in", 0.6], lamp: ["load-in", 0.65] },
  switch: { switch: ["switch-out", 0.65], lamp: ["switch-out", 0.6] },
  sensor: {
    thermistor: ["resistive-out", 0.65],
    gauge: ["resistive-out", 0.62],
    switch: ["switch-out", 0.65],
    lamp: ["switch-out", 0.6],
  },
  "fuse-box": { motor: ["supply-out", 0.65], lamp: ["supply-out", 0.65], solenoid: ["supply-out", 0.6] },
};

/** Warning lamps of an engine's computer are sunk by it; a body's computer may feed its lamps. */
export const COMPUTER_LAMP: Readonly<Record<Side, FormOf | null>> = { donor: ["low-side-out", 0.65], host: null };
