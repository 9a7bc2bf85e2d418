import { describe, expect, test } from "vitest";
import { cavityChangeText, celsiusOf, lengthText, massText, sizeText, sizeWords, temperatureText } from "./index";

describe("as they are printed", () => {
  test.each([
    [0.5, "metric", "0.5"],
    [0.5176, "imperial", "20 AWG"],
    [2.0809, "imperial", "14 AWG"],
    [null, "metric", ""],
  ] as const)("%s mm² in %s: %s", (area, units, text) => expect(sizeText(area, units)).toBe(text));
  test.each([
    [1.85, "metric", "1.85 m"],
    [1.8288, "imperial", "6 ft"],
    [null, "imperial", ""],
  ] as const)("%s m in %s: %s", (length, units, text) => expect(lengthText(length, units)).toBe(text));
  test.each([
    [0.5, "metric", "0.5 mm²"],
    [0.5176, "imperial", "20 AWG"],
    [0.123456, "metric", "0.123 mm²"],
    [107.2, "imperial", "0000 AWG"],
    [150, "imperial", "296 kcmil"],
  ] as const)("%s mm² with its unit in %s: %s", (area, system, text) => expect(sizeWords(area, system)).toBe(text));
  test.each([
    [20, "metric", "20 °C"],
    [20, "imperial", "68 °F"],
    [-40, "imperial", "−40 °F"],
    [85.4, "metric", "85 °C"],
  ] as const)("%s °C in %s: %s", (celsius, system, text) => expect(temperatureText(celsius, system)).toBe(text));
  test("Fahrenheit and back", () => expect([-40, 32, 212].map(celsiusOf)).toEqual([-40, 0, 100]));
  test.each([
    [1.236, "metric", "1.24 kg"],
    [0.34, "metric", "340 g"],
    [1, "imperial", "2.2 lb"],
    [0.1, "imperial", "3.5 oz"],
  ] as const)("%s kg in %s: %s", (kg, system, text) => expect(massText(kg, system)).toBe(text));
});

describe("what a newer table changes", () => {
  test.each([
    [{ column: "sizeMm2", from: 0.5, to: 0.75 }, "metric", "size: 0.5 mm² → 0.75 mm²"],
    [{ column: "sizeMm2", from: null, to: 2.0809 }, "imperial", "size: nothing → 14 AWG"],
    [{ column: "lengthM", from: 1.8288, to: null }, "imperial", "length: 6 ft → nothing"],
    [{ column: "circuit", from: "87", to: "78" }, "metric", "circuit: 87 → 78"],
    [{ column: "kind", from: "supply-in", to: "ground" }, "metric", "what it is: feed needed → ground"],
    [{ column: "quantity", from: null, to: "engine-speed" }, "metric", "what it carries: nothing → engine speed"],
    [
      { column: "params", from: { amps: "2", volts: "12" }, to: { amps: "3", volts: "12" } },
      "metric",
      "current: 2 → 3",
    ],
    [{ column: "extra", from: { Seal: "blue" }, to: {} }, "metric", "Seal: blue → nothing"],
  ] as const)("%o in %s: %s", (change, units, text) => expect(cavityChangeText(change, units)).toBe(text));
});
