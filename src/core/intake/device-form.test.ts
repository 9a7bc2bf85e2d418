import { describe, expect, test } from "vitest";
import { intakeReasonText } from "../words";
import { classifyPins, KNOWN_FROM } from "./index";

const read = (connector: string, description: string, side: "donor" | "host" = "donor") => {
  const [reading] = classifyPins([{ connector, cavity: "1", description }], side);
  if (reading === undefined) throw new Error("one row gives one reading");
  return reading;
};

describe("a device whose purpose no list knows", () => {
  test.each([
    ["ECM", "PTO enable", "logic-in"],
    ["ECM", "Quickshift relay", "low-side-out"],
    ["ECM", "Winch sol", "low-side-out"],
    ["ECM", "Differential temp", "resistive-in"],
    ["Instruments", "PTO lamp", "load-in"],
    ["Instruments", "Bilge alarm", "load-in"],
    ["Instruments", "Trim gauge", "resistive-in"],
  ])("%s: %s is %s, never sure, and carries something of no name", (connector, description, kind) => {
    const { kind: guess, quantity } = read(connector, description);
    expect(guess.value).toBe(kind);
    expect(guess.confidence).toBeGreaterThanOrEqual(KNOWN_FROM);
    expect(guess.confidence).toBeLessThan(0.8);
    expect(quantity.value).toBe("other");
    expect(intakeReasonText(guess.why)).toContain("what it is for is not known");
  });

  test.each([
    ["ECM", "Relay"],
    ["ECM", "Sensor signal 2"],
    ["In-line plug", "PTO lamp"],
    ["ECM", "Winch sol position"],
    ["ECM", "Winch relay output in"],
    ["ECM", "Winch relay ground"],
  ])("%s: %s is asked: the noun alone, or its place, leaves it open", (connector, description) => {
    const { kind } = read(connector, description);
    expect(kind.value === "unknown" || kind.value === "ground" || kind.confidence < KNOWN_FROM, kind.value).toBe(true);
  });
});

test("a solenoid is no pedal's switch and no tank's sender, whatever else its words speak of", () => {
  expect(read("ECM", "Brake sol").kind.value).toBe("low-side-out");
  expect(read("ECM", "Brake sw").kind.value).toBe("logic-in");
  expect(read("ECM", "Fuel sensor").quantity.value).toBe("fuel-level");
  expect(read("ECM", "Fuel sensor valve").quantity.value).not.toBe("fuel-level");
});

test("a colour in the words is not read as a lamp, and a lamp before a colour stays one", () => {
  expect(read("Instruments", "Oil press sender lt blue", "host").kind.value).toBe("resistive-in");
  expect(read("Instruments", "Oil light red", "host").quantity.value).toBe("oil-pressure-warning");
  expect(read("Rear lamp", "Brake light green", "host").quantity.value).toBe("brake-switch");
});
