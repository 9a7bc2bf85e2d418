import { expect, test } from "vitest";
import { pinFrom } from "../../../tests/support/pins";
import { dummyLoad } from "./resistors";

/** By hand, at 14.4 V: R is the next E24 value from 14.4 V / I on, and the resistor is rated twice 14.4² / R. */
test.each([
  // A valve takes 0.5 A: 28.8 Ω, so 30 Ω; 6.9 W, so 25 W (the next above 13.8 W).
  ["low-side-out purge-valve", { ohms: 30, watts: 25, otherEnd: "battery" }],
  // A gearbox solenoid takes 0.9 A: 16 Ω; 13 W, so 50 W.
  ["low-side-out shift-solenoid maxAmps=2", { ohms: 16, watts: 50, otherEnd: "battery" }],
  // A driver of 1.5 A works neither a pump (7 A, 2 A): the relay's 0.15 A, 96 Ω, so 100 Ω; 2.1 W, so 5 W.
  ["low-side-out fuel-pump maxAmps=1.5", { ohms: 100, watts: 5, otherEnd: "battery" }],
  ["high-side-out fuel-pump maxAmps=1.5", { ohms: 100, watts: 5, otherEnd: "ground" }],
  // Whose limit nobody knows gets the least of what is usual.
  ["high-side-out fuel-pump", { ohms: 100, watts: 5, otherEnd: "ground" }],
  ["high-side-out fuel-pump maxAmps=10", { ohms: 2.2, watts: null, otherEnd: "ground" }],
  ["pwm-out purge-valve drive=low-side", { ohms: 30, watts: 25, otherEnd: "battery" }],
  ["pwm-out purge-valve drive=push-pull", { ohms: 30, watts: 25, otherEnd: "ground" }],
  // Which side it switches is not known; nothing usual is within a driver's limit; it is no output of a driver.
  ["pwm-out purge-valve", null],
  ["low-side-out purge-valve maxAmps=0.2", null],
  ["switch-out brake-switch", null],
])("%s", (pin, expected) => expect(dummyLoad(pinFrom(`donor C-1 ${pin}`))).toEqual(expected));
