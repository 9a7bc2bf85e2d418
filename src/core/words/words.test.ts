import { describe, expect, test } from "vitest";
import { heronTables } from "@/demo/heron";
import { ridgewayDocument } from "@/demo/ridgeway";
import { KINDS, QUANTITIES } from "../forms";
import { FORM_REASONS, type FormReason, type Place } from "../intake";
import {
  cavityChangeText,
  celsiusOf,
  intakeReasonText,
  lengthText,
  massText,
  sizeText,
  sizeWords,
  temperatureText,
} from "./index";

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

describe("why a cavity is taken for what it is", () => {
  const form = (place: Place, why: FormReason, notUnderstood: readonly string[] = []) =>
    intakeReasonText({
      code: "form",
      quantity: "engine-speed",
      place,
      side: "donor",
      form: why,
      notUnderstood,
      readAs: [],
    });
  test.each([
    [
      form("computer", "made-by-the-engine-computer-from-its-pickup"),
      "Engine speed at a computer: made by the engine computer from its pickup",
    ],
    [
      form("in-line", "made-on-this-side", ["xyzzy", "plugh"]),
      "Engine speed at an in-line connector: made on the donor's side; not understood: xyzzy, plugh",
    ],
    [intakeReasonText({ code: "given" }), "Written in the table"],
    [
      intakeReasonText({ code: "no-known-word", description: "x".repeat(60) }),
      `No word of “${"x".repeat(39)}…” is known`,
    ],
    [
      intakeReasonText({
        code: "own-words",
        notUnderstood: ["seat"],
        readAs: [
          { written: "coolent", word: "coolant" },
          { written: "senser", word: "sensor" },
        ],
      }),
      "Read from its description; “coolent” read as coolant, “senser” as sensor; not understood: seat",
    ],
    [
      intakeReasonText({ code: "own-words", notUnderstood: ["a", "b", "c", "d"], readAs: [] }),
      "Read from its description; not understood: a, b, c",
    ],
  ])("%s", (found, text) => expect(found).toBe(text));
  test("every reason for a form has words, and none is a name of code", () => {
    for (const reason of FORM_REASONS) {
      const text = form("sensor", reason);
      expect(text).toMatch(/^Engine speed at a sensor: [a-z]/);
      expect(text.slice("Engine speed at a sensor: ".length)).not.toMatch(/[a-z]-[a-z]+-[a-z]|[a-z][A-Z]/);
    }
  });
  test("what the samples' rows are read from says no kind or quantity by its name in files", () => {
    const identifiers = [...KINDS, ...QUANTITIES].filter(
      (one) => one.includes("-") && !/^(wake-up|anti-lock|four-wheel-drive)$/.test(one),
    );
    const pattern = new RegExp(`(?<![\\w-])(${identifiers.join("|")})(?![\\w-])`);
    const whys = [heronTables(), ridgewayDocument()].flatMap(({ pins }) =>
      pins.flatMap((pin) => [pin.kindWhy, pin.quantityWhy]),
    );
    expect(whys.length).toBeGreaterThan(5_000);
    expect([...new Set(whys)].filter((why) => pattern.test(why))).toEqual([]);
  });
});
