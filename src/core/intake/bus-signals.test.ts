import { expect, test } from "vitest";
import { busQuantity, isOffered } from "./bus-signals";

test.each([
  ["EngineSpeed", "rpm", "engine-speed"],
  ["eng_spd", "1/min", "engine-speed"],
  ["VehicleSpeed", "km/h", "vehicle-speed"],
  ["CoolantTemp", "degC", "coolant-temperature"],
  ["OilPressure", "kPa", "oil-pressure"],
  ["FuelLevel", "l", "fuel-level"],
  ["IntakePressure", "kPa", null],
  ["OutsideTemp", "degC", "ambient-temperature"],
  ["PedalPosition", "%", "accelerator-position"],
  ["TransOilTemp", "°C", "transmission-temperature"],
  ["MAF_Rate", "g/s", "mass-air-flow"],
])("%s in %s is %s", (name, unit, quantity) => expect(busQuantity({ name, unit })?.quantity ?? null).toBe(quantity));

test.each([
  ["CoolantTemp", "rpm"],
  ["EngineSpeed", "degC"],
  ["OilPressure", "km/h"],
])("%s in %s contradicts itself, and is nothing", (name, unit) => expect(busQuantity({ name, unit })).toBeNull());

test.each(["AliveCount", "Checksum", "BatteryVolts", "GroundFault", "CanBusLoad"])(
  "%s is no value for a wire",
  (name) => expect(isOffered(busQuantity({ name, unit: "" }))).toBe(false),
);
