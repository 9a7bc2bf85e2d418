import fc from "fast-check";
import { describe, expect, test } from "vitest";
import {
  directionOf,
  fieldOf,
  formatParams,
  isKind,
  isQuantity,
  KINDS,
  paramKeys,
  paramProblem,
  parseForm,
  parseParams,
  QUANTITIES,
} from "./index";

describe("closed lists", () => {
  test("no word stands twice, and none is inherited", () => {
    expect(new Set(KINDS).size).toBe(KINDS.length);
    expect(new Set(QUANTITIES).size).toBe(QUANTITIES.length);
    for (const word of ["toString", "constructor", "__proto__", ""])
      expect(isKind(word) || isQuantity(word)).toBe(false);
  });
  test("every -out form has its -in", () => {
    for (const kind of KINDS.filter(
      (one) => one.endsWith("-out") && one !== "low-side-out" && one !== "high-side-out" && one !== "switch-out",
    ))
      expect(isKind(kind.replace(/-out$/, "-in"))).toBe(true);
  });
  test.each([
    ["supply-out", "provider"],
    ["load-in", "consumer"],
    ["can", "shared"],
    ["ground", "shared"],
    ["spare", "none"],
    ["unknown", "none"],
  ] as const)("%s is a %s", (kind, direction) => expect(directionOf(kind)).toBe(direction));
});

describe("parameters", () => {
  test.each([
    ["supply-in", "amps", "5", null],
    ["supply-in", "amps", "-1", "param-out-of-range"],
    ["supply-in", "amps", "five", "param-out-of-range"],
    ["supply-in", "amps", "", "param-out-of-range"],
    ["supply-in", "amps", "1e999", "param-out-of-range"],
    ["supply-in", "alive", "run-crank", null],
    ["supply-in", "alive", "always", "param-out-of-range"],
    ["supply-in", "pull", "up", "unknown-param"],
    ["supply-in", "toString", "1", "unknown-param"],
    ["frequency-in", "pull", "none", null],
    ["frequency-in", "highVolts", "60", null],
    ["resistive-in", "curve", "40:240|100:26", null],
    ["resistive-in", "curve", "40;240", "param-out-of-range"],
    ["analogue-in", "range", "0.5..4.5", null],
    ["analogue-in", "range", "4.5..0.5", null],
    ["analogue-in", "range", "0.5-4.5", "param-out-of-range"],
    ["coil-out", "drive", "logic", null],
    ["coil-out", "drive", "open-collector", "param-out-of-range"],
    ["ground", "settable", "yes", null],
    ["ground", "index", "bank1", null],
  ] as const)("%s %s=%s: %s", (kind, key, value, code) =>
    expect(paramProblem(kind, key, value)?.code ?? null).toBe(code),
  );
  test("while the kind is not known, what any kind takes is taken", () => {
    expect(paramProblem(null, "drive", "open-collector")).toBeNull();
    expect(paramProblem(null, "drive", "primary")).toBeNull();
    expect(paramProblem("unknown", "drive", "sideways")?.code).toBe("param-out-of-range");
    expect(paramProblem(null, "nonsense", "1")).toMatchObject({ code: "unknown-param" });
  });
  test("every key that a kind offers can be filled", () => {
    for (const kind of KINDS)
      for (const key of paramKeys(kind))
        expect(
          [
            "1",
            "own",
            "low",
            "run",
            "power",
            "ground",
            "none",
            "yes",
            "narrow",
            "saturated",
            "open-collector",
            "0..5",
            "1:2",
          ].some((value) => paramProblem(kind, key, value) === null),
          `${kind} ${key}`,
        ).toBe(true);
  });
  test("written and read they are the same", () => {
    const name = fc.stringMatching(/^[a-zA-Z]{1,8}$/);
    fc.assert(
      fc.property(
        fc.dictionary(name, fc.stringMatching(/^[a-z0-9.:|=-]{1,8}$/), { noNullPrototype: true, maxKeys: 5 }),
        (params) => {
          expect(parseParams(formatParams(params))).toEqual(params);
        },
      ),
    );
    expect(parseParams(" amps = 5 ; ;alive=run; bare ")).toEqual({ amps: "5", alive: "run", bare: "" });
  });
  test("a form has what its kind may have, each value with its type and where it comes from", () => {
    expect(parseForm("supply-in", { amps: "5", alive: "run-crank" })).toEqual({
      kind: "supply-in",
      amps: { value: 5, source: "given" },
      alive: { value: "run-crank", source: "given" },
    });
    expect(parseForm("resistive-out", { curve: "40:240|100:26.5" })).toMatchObject({
      curve: {
        value: [
          [40, 240],
          [100, 26.5],
        ],
      },
    });
    expect(parseForm("analogue-in", { range: "0.5..4.5", ratiometric: "5 V" })).toMatchObject({
      range: { value: { from: 0.5, to: 4.5 } },
      ratiometric: { value: "5 V" },
    });
  });
  test("what cannot be read, or what another kind has, is not known", () => {
    const form = parseForm("supply-in", { amps: "five", pull: "up", alive: "always", volts: "1e99", toString: "1" });
    expect(form).toEqual({ kind: "supply-in" });
    expect([
      fieldOf(form, "amps"),
      fieldOf(form, "pull"),
      fieldOf(parseForm("logic-in", { pull: "up" }), "pull"),
    ]).toEqual([null, null, "up"]);
  });
  test("of a form that nobody knows, what is of use all the same is read", () =>
    expect(parseForm("unknown", { amps: "4", drive: "sine" })).toEqual({
      kind: "unknown",
      amps: { value: 4, source: "given" },
    }));
  test("every number that is let in is read as that number", () =>
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1000, noNaN: true }), (amps) => {
        expect(fieldOf(parseForm("load-in", { amps: String(amps) }), "amps")).toBe(amps);
      }),
    ));
});
