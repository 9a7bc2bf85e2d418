import { describe, expect, test } from "vitest";
import { isParamValue, KINDS, paramTypeOf, QUANTITIES, readTyped, thermistorCurve, usualValues } from "./index";

describe("a value as it is typed", () => {
  test.each([
    ["load-in", "amps", "0.35", "0.35"],
    ["load-in", "amps", "350 mA", "0.35"],
    ["load-in", "amps", "0,35 A", "0.35"],
    ["load-in", "ohms", "2.2k", "2200"],
    ["load-in", "ohms", "2k Ω", "2000"],
    ["load-in", "ohms", "90 ohm", "90"],
    ["supply-in", "minVolts", "6 V", "6"],
    ["frequency-out", "maxHz", "1.5 kHz", "1500"],
    ["frequency-out", "pulsesPerKm", "4000", "4000"],
    // One mile is 1.609344 km.
    ["frequency-out", "pulsesPerKm", "8000 per mile", "4970.96954"],
    ["frequency-out", "pulsesPerRev", "2 pulses per rev", "2"],
    ["analogue-in", "range", "0.5 to 4.5", "0.5..4.5"],
    ["analogue-in", "range", "0,5 - 4,5 V", "0.5..4.5"],
    ["resistive-in", "curve", "80: 330, 20: 2500", "20:2500|80:330"],
    ["resistive-in", "curve", "20 °C = 2.5k; 80 °C = 330 Ω", "20:2500|80:330"],
    ["resistive-out", "curve", "68F:2500\n212F:186", "20:2500|100:186"],
    ["resistive-out", "curve", "0 bar: 10; 5 bar: 180", "0:10|500000:180"],
    ["resistive-out", "curve", "10 psi: 60, 80 psi: 140", "68947.6:60|551581:140"],
    ["low-side-out", "clamp", "own", "own"],
    ["can", "bitrate", "500k", "500000"],
  ] as const)("%s %s: %s", (kind, field, typed, value) =>
    expect(readTyped(kind, field, typed)).toEqual({ ok: true, value }),
  );
  test.each([
    ["load-in", "amps", "5 V"],
    ["load-in", "amps", "some"],
    ["load-in", "amps", "-1"],
    ["load-in", "amps", "2000"],
    ["load-in", "amps", ""],
    ["resistive-in", "curve", "20: 2500"],
    ["resistive-in", "curve", "warm: 300, hot: 20"],
    ["low-side-out", "clamp", "perhaps"],
  ] as const)("%s %s: %s is none", (kind, field, typed) =>
    expect(readTyped(kind, field, typed)).toMatchObject({ ok: false, expected: { type: expect.any(String) } }),
  );
  test("a field that the kind does not have is none", () => expect(readTyped("ground", "amps", "5")).toBeNull());
});

describe("usual values", () => {
  test("are good values of their fields, whatever kind and quantity", () => {
    let many = 0;
    for (const kind of KINDS)
      for (const quantity of [null, ...QUANTITIES])
        for (const field of [
          "amps",
          "ohms",
          "maxAmps",
          "minVolts",
          "curve",
          "range",
          "bitrate",
          "pulsesPerRev",
          "pulsesPerKm",
          "lowVolts",
          "highVolts",
          "hz",
        ]) {
          for (const { value } of usualValues(kind, quantity, field)) {
            many += 1;
            const type = paramTypeOf(kind, field);
            expect(type !== null && isParamValue(type, value), `${kind} ${quantity} ${field} ${value}`).toBe(true);
          }
        }
    expect(many).toBeGreaterThan(500);
  });
  test("of bulbs follow from their power at 13.5 V", () => {
    const amps = Object.fromEntries(
      [...usualValues("load-in", "illumination", "amps"), ...usualValues("load-in", "lighting", "amps")].map(
        ({ of, value }) => [of, Number(value)],
      ),
    );
    expect(amps["lamp-1w2"]).toBeCloseTo(1.2 / 13.5, 2);
    expect(amps["lamp-5w"]).toBeCloseTo(5 / 13.5, 2);
    expect(amps["lamp-21w"]).toBeCloseTo(21 / 13.5, 1);
    expect(amps["lamp-55w"]).toBeCloseTo(55 / 13.5, 1);
  });
  test("of an input leave no gap between low and high, and lie below what it stands", () => {
    for (const kind of ["logic-in", "frequency-in"] as const) {
      const at = (field: string, of: string) =>
        Number(usualValues(kind, null, field).find((one) => one.of === of)?.value);
      for (const of of ["any-12v-input", "logic-level"])
        expect(at("lowVolts", of) < at("highVolts", of) && at("highVolts", of) < at("maxVolts", of)).toBe(true);
    }
  });
  test("of coils: four strokes spark every second turn, so a cylinder gives half a pulse", () => {
    for (const { of, value } of usualValues("frequency-out", "engine-speed", "pulsesPerRev"))
      expect(Number(value)).toBe(Number(of.replace("cylinders-", "")) / 2);
  });
  test("of speedometer drives: turns per km times pulses per turn, a mile being 1.609344 km", () => {
    const at = Object.fromEntries(
      usualValues("frequency-out", "vehicle-speed", "pulsesPerKm").map(({ of, value }) => [of, Number(value)]),
    );
    expect(at).toEqual({
      "turns-637-4": 637 * 4,
      "turns-637-8": 637 * 8,
      "turns-621-8": Math.round((1000 / 1.609344) * 8),
    });
  });
  test("a thermistor's curve falls, passes its nominal, and halves as its B says", () => {
    const points = new Map(
      thermistorCurve(2500, 3500, [0, 20, 40])
        .split("|")
        .map((point) => point.split(":").map(Number) as [number, number]),
    );
    expect(points.get(20)).toBe(2500);
    // ln(R0/R40) = B (1/273.15 − 1/313.15)
    expect(Math.log((points.get(0) as number) / (points.get(40) as number))).toBeCloseTo(
      3500 * (1 / 273.15 - 1 / 313.15),
      2,
    );
  });
});
