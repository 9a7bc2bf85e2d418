import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { pinFrom } from "../../../tests/support/pins";
import type { Form } from "../forms";
import { e24Within, nearestE24 } from "../gauges";
import { missingText } from "../words";
import type { AdapterOf } from "./adapter";
import { bestFraction } from "./fractions";
import { linkOptions } from "./link-options";
import type { SignalPin, Surroundings } from "./types";

const alone: Surroundings = { connectedAmps: 0, feeds: [], readBy: null };
const best = (provider: string, consumer: string, around: Surroundings = alone) =>
  linkOptions(pinFrom(`donor P-1 ${provider}`), pinFrom(`host C-1 ${consumer}`), around)[0];
const types = (provider: string, consumer: string, around?: Surroundings) => {
  const option = best(provider, consumer, around);
  return [option.verdict, ...option.adapters.map((adapter) => adapter.type)].join(" ");
};
const feed = (line: string, freeAmps: number | null = 30) => ({ pin: pinFrom(`host ${line}`), freeAmps });

describe("feeds", () => {
  const supply = (params: string) => `supply-out ignition-supply ${params}`;
  const needs = (params: string) => `supply-in ignition-supply ${params}`;
  test.each([
    ["maxAmps=15;alive=run-crank", "amps=5;alive=run-crank", "direct"],
    ["maxAmps=15;alive=run-crank", "amps=5;alive=run", "direct"],
    ["maxAmps=15;alive=run-crank", "amps=5", "direct"],
    ["maxAmps=15;alive=run", "amps=5", "manual"],
    ["maxAmps=15", "amps=5;alive=run", "manual"],
    ["alive=run", "amps=5;alive=run", "manual"],
    ["maxAmps=15;alive=run", "alive=run", "manual"],
    ["maxAmps=15;alive=accessory", "amps=5;alive=run", "manual"],
    ["maxAmps=15;alive=run-crank;volts=24", "amps=5;alive=run-crank;volts=12", "adapter dc-converter"],
    ["maxAmps=15;alive=run-crank;volts=13.8", "amps=5;alive=run-crank;volts=12", "direct"],
    ["maxAmps=3;alive=run-crank", "amps=5;alive=run-crank", "adapter relay"],
    ["maxAmps=0.1;alive=run-crank", "amps=5;alive=run-crank", "manual"],
  ])("%s into %s: %s", (given, wanted, expected) => expect(types(supply(given), needs(wanted))).toBe(expected));

  test("a feed that is dead while cranking is held by a relay, with a diode to the crank feed", () => {
    const around = {
      connectedAmps: 0,
      readBy: null,
      feeds: [
        feed("FB-1 supply-out battery-supply maxAmps=30;alive=permanent"),
        feed("KEY-50 supply-out start-supply maxAmps=10;alive=crank"),
      ],
    };
    const option = best(supply("maxAmps=15;alive=run"), needs("amps=5;alive=run-crank"), around);
    expect(option.adapters.map((adapter) => adapter.type)).toEqual(["blocking-diode", "relay"]);
    expect(option.adapters[1]).toMatchObject({
      contactFeed: { connector: "FB", cavity: "1" },
      coilOhms: 85,
      contactAmps: 20,
    });
    expect(option.reason).toMatchObject({
      code: "dead-in",
      keys: ["crank"],
      cure: { type: "relay", helper: { connector: "KEY" } },
    });
  });
  test("without anything that lives in crank it is impossible, with a permanent feed alone a person must choose", () => {
    expect(types(supply("maxAmps=15;alive=run"), needs("amps=5;alive=run-crank"))).toBe("impossible");
    expect(
      types(supply("maxAmps=15;alive=run"), needs("amps=5;alive=run-crank"), {
        connectedAmps: 0,
        readBy: null,
        feeds: [feed("FB-1 supply-out battery-supply maxAmps=30;alive=permanent")],
      }),
    ).toBe("manual relay");
  });
  test("a permanent feed for a switched consumer is switched by a relay", () => {
    const around = {
      connectedAmps: 0,
      readBy: null,
      feeds: [feed("KEY-15 supply-out ignition-supply maxAmps=10;alive=run-crank")],
    };
    expect(types(supply("maxAmps=15;alive=permanent"), needs("amps=5;alive=run-crank"), around)).toBe("adapter relay");
  });
  test("a permanent consumer on too weak a feed takes a new fused one: load at most 0.75 of the fuse", () => {
    const option = best(
      "supply-out battery-supply maxAmps=3;alive=permanent",
      "supply-in battery-supply amps=5;alive=permanent",
    );
    expect(option.adapters).toEqual([{ type: "fuse", amps: 7.5 }]);
  });
  test("what already connected on the feed counts; unknown, it is doubt", () => {
    expect(
      types(supply("maxAmps=15;alive=run"), needs("amps=5;alive=run"), { connectedAmps: 9, feeds: [], readBy: null }),
    ).toBe("direct");
    expect(
      types(supply("maxAmps=15;alive=run"), needs("amps=5;alive=run"), { connectedAmps: 11, feeds: [], readBy: null }),
    ).toBe("adapter relay");
    expect(
      types(supply("maxAmps=15;alive=run"), needs("amps=5;alive=run"), {
        connectedAmps: null,
        feeds: [],
        readBy: null,
      }),
    ).toBe("manual");
  });
});

describe("grounds", () => {
  test.each([
    ["ground ground role=chassis", "ground ground role=power", "direct"],
    ["ground ground", "ground ground", "direct"],
    ["ground ground role=chassis", "ground sensor-ground", "manual"],
    ["ground ground role=chassis", "ground ground role=shield", "manual"],
  ])("%s and %s: %s", (a, b, expected) => expect(types(a, b)).toBe(expected));
});

describe("drivers, contacts, lamps, motors", () => {
  test.each([
    [
      "low-side-out malfunction-lamp maxAmps=0.5;clamp=own",
      "load-in malfunction-lamp amps=0.18;otherEnd=battery",
      "direct",
    ],
    ["low-side-out malfunction-lamp maxAmps=0.5", "load-in malfunction-lamp amps=0.18;otherEnd=battery", "direct"],
    ["high-side-out reverse-lamp maxAmps=5;clamp=own", "load-in reverse-lamp amps=3.5;otherEnd=ground", "direct"],
    [
      "switch-out oil-pressure-warning to=ground;maxAmps=0.5",
      "load-in oil-pressure-warning amps=0.18;otherEnd=battery",
      "direct",
    ],
    ["switch-out brake-switch to=battery;maxAmps=8", "load-in brake-switch ohms=4;otherEnd=ground", "direct"],
    [
      "low-side-out fuel-pump maxAmps=0.5;clamp=own",
      "load-in fuel-pump ohms=85;otherEnd=battery;inductive=yes",
      "direct",
    ],
    [
      "low-side-out fuel-pump maxAmps=0.5;clamp=none",
      "load-in fuel-pump ohms=85;otherEnd=battery;inductive=yes",
      "adapter flyback-diode",
    ],
    ["low-side-out fuel-pump maxAmps=0.5;clamp=none", "load-in fuel-pump ohms=85;otherEnd=battery", "manual"],
    [
      "low-side-out fuel-pump maxAmps=0.5;clamp=own",
      "load-in fuel-pump amps=7;otherEnd=battery;inductive=yes",
      "adapter relay",
    ],
    [
      "low-side-out fuel-pump maxAmps=0.5;clamp=none",
      "load-in fuel-pump amps=7;otherEnd=ground;inductive=yes",
      "adapter flyback-diode relay",
    ],
    [
      "low-side-out fuel-pump maxAmps=0.05;clamp=own",
      "load-in fuel-pump amps=7;otherEnd=ground",
      "adapter fuse high-side-switch",
    ],
    [
      "high-side-out cooling-fan maxAmps=0.05;clamp=own",
      "load-in cooling-fan amps=7;otherEnd=battery",
      "adapter low-side-switch",
    ],
    ["low-side-out fuel-pump clamp=own", "load-in fuel-pump amps=0.1;otherEnd=battery", "manual"],
    ["low-side-out fuel-pump maxAmps=1;clamp=own", "load-in fuel-pump otherEnd=battery", "manual"],
    ["low-side-out fuel-pump maxAmps=1;clamp=own", "load-in fuel-pump amps=0.1", "manual"],
    ["motor-out throttle-motor drive=bridge;maxAmps=5", "motor-in throttle-motor drive=bridge;amps=3", "direct"],
    ["motor-out throttle-motor drive=bridge;maxAmps=2", "motor-in throttle-motor drive=bridge;amps=3", "manual"],
    ["motor-out idle-control drive=stepper;maxAmps=2", "motor-in idle-control drive=bridge;amps=1", "manual"],
    ["motor-out throttle-motor maxAmps=5", "motor-in throttle-motor drive=bridge;amps=3", "manual"],
    ["switch-out reverse-lamp maxAmps=5", "load-in reverse-lamp amps=3;otherEnd=ground", "manual"],
    ["switch-out reverse-lamp to=free;maxAmps=5", "load-in reverse-lamp amps=3;otherEnd=ground", "manual"],
  ])("%s into %s: %s", (a, b, expected) => expect(types(a, b)).toBe(expected));
  test("a relay's contact carries its load at 0.75 of its rating, its coil fits the driver", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 70, noNaN: true }),
        fc.double({ min: 0.17, max: 0.9, noNaN: true }),
        (amps, limit) => {
          const option = best(
            `low-side-out fuel-pump maxAmps=${limit};clamp=own`,
            `load-in fuel-pump amps=${amps};otherEnd=ground`,
          );
          const relay = option.adapters.find((adapter) => adapter.type === "relay") as AdapterOf<"relay">;
          expect(Number(relay.coilAmps)).toBeLessThanOrEqual(limit);
          expect(Number(relay.contactAmps) * 0.75).toBeGreaterThanOrEqual(amps);
          expect(Number(relay.coilAmps)).toBeCloseTo(14.4 / Number(relay.coilOhms), 2);
        },
      ),
    );
  });
  test("what the facts do not give is null, and the reason says so", () => {
    const option = best("low-side-out fuel-pump maxAmps=0.5;clamp=own", "load-in fuel-pump amps=7;otherEnd=ground");
    expect(option.adapters[0]).toMatchObject({ contactFeed: null });
    expect(option.reason).toMatchObject({ code: "switched-step", contact: null });
  });
});

describe("levels", () => {
  test.each([
    ["switch-out brake-switch to=ground", "logic-in brake-switch active=low;pull=up", "direct"],
    ["switch-out brake-switch to=ground", "logic-in brake-switch active=low;pull=none", "adapter pull-up"],
    ["low-side-out ac-request maxAmps=0.5", "logic-in ac-request active=low;pull=up", "direct"],
    [
      "switch-out brake-switch to=ground;maxAmps=0.01",
      "logic-in brake-switch active=low;pull=up;pullOhms=1000;pullVolts=12",
      "manual",
    ],
    ["switch-out brake-switch to=battery", "logic-in brake-switch active=high;pull=down;maxVolts=18", "direct"],
    [
      "switch-out brake-switch to=battery",
      "logic-in brake-switch active=high;pull=none;maxVolts=18",
      "adapter pull-down",
    ],
    [
      "high-side-out brake-switch maxAmps=1",
      "logic-in brake-switch active=high;pull=none;maxVolts=18",
      "adapter pull-down",
    ],
    [
      "switch-out brake-switch to=battery",
      "logic-in brake-switch active=high;pull=down;maxVolts=5",
      "adapter voltage-divider",
    ],
    ["switch-out brake-switch to=battery", "logic-in brake-switch active=high;pull=down", "manual"],
    [
      "switch-out brake-switch to=ground",
      "logic-in brake-switch active=high;pull=down;maxVolts=18",
      "adapter inverter",
    ],
    ["switch-out brake-switch to=battery", "logic-in brake-switch active=low;pull=up", "adapter inverter"],
    ["switch-out brake-switch to=ground", "logic-in brake-switch active=low", "manual"],
    ["switch-out brake-switch to=ground", "logic-in brake-switch pull=up", "manual"],
    ["switch-out brake-switch", "logic-in brake-switch active=low;pull=up", "manual"],
    ["switch-out brake-switch to=free", "logic-in brake-switch active=low;pull=up", "manual"],
  ])("%s into %s: %s", (a, b, expected) => expect(types(a, b)).toBe(expected));
  test("a divider brings the highest supply below what the input stands, and not far below", () => {
    fc.assert(
      fc.property(fc.double({ min: 3, max: 15.5, noNaN: true }), (maxVolts) => {
        const divider = best(
          "switch-out brake-switch to=battery",
          `logic-in brake-switch active=high;pull=down;maxVolts=${maxVolts}`,
        ).adapters[0] as AdapterOf<"voltage-divider">;
        expect(16 * Number(divider.ratio)).toBeLessThanOrEqual(maxVolts);
        expect(16 * Number(divider.ratio)).toBeGreaterThan(0.6 * maxVolts);
        expect(Number(divider.ratio)).toBeCloseTo(
          Number(divider.lowerOhms) / (Number(divider.lowerOhms) + Number(divider.upperOhms)),
          3,
        );
      }),
    );
  });
});

describe("frequency", () => {
  const out = (params: string) => `frequency-out engine-speed ${params}`;
  const into = (params: string) => `frequency-in engine-speed ${params}`;
  test.each([
    ["pulsesPerRev=2;drive=open-collector", "pulsesPerRev=2;pull=up;highVolts=4;maxVolts=16", "direct"],
    ["pulsesPerRev=2;drive=open-collector", "pulsesPerRev=2;pull=up;pullVolts=3;highVolts=4", "manual"],
    ["pulsesPerRev=2;drive=open-collector", "pulsesPerRev=2;pull=none;highVolts=6.5;maxVolts=18", "adapter pull-up"],
    ["pulsesPerRev=2;drive=open-collector", "pulsesPerRev=2", "manual"],
    ["pulsesPerRev=2;drive=push-pull;amplitude=12", "pulsesPerRev=2;highVolts=6;maxVolts=16", "direct"],
    ["pulsesPerRev=2;drive=push-pull;amplitude=5", "pulsesPerRev=2;highVolts=6;maxVolts=16", "adapter level-shifter"],
    ["pulsesPerRev=2;drive=push-pull;amplitude=12", "pulsesPerRev=2;highVolts=2;maxVolts=5", "adapter voltage-divider"],
    ["pulsesPerRev=2;drive=push-pull;amplitude=12", "pulsesPerRev=2;highVolts=4.8;maxVolts=5", "adapter level-shifter"],
    ["pulsesPerRev=2;drive=push-pull", "pulsesPerRev=2;highVolts=6;maxVolts=16", "manual"],
    ["pulsesPerRev=2;drive=sine;amplitude=2", "pulsesPerRev=2;pull=none", "adapter reluctor-conditioner"],
    ["pulsesPerRev=2;drive=open-collector", "pulsesPerRev=2;pull=none;highVolts=60", "adapter coil-simulator"],
    ["pulsesPerRev=2;drive=contact;amplitude=300", "pulsesPerRev=2;highVolts=60;maxVolts=400", "direct"],
    ["pulsesPerRev=2;drive=contact;amplitude=300", "pulsesPerRev=2;highVolts=60;maxVolts=200", "adapter clamp"],
    ["pulsesPerRev=2;drive=contact;amplitude=300", "pulsesPerRev=2;highVolts=60", "manual"],
    ["pulsesPerRev=2;drive=contact;amplitude=300", "pulsesPerRev=2;pull=up;highVolts=4;maxVolts=16", "adapter clamp"],
    ["pulsesPerRev=2;drive=open-collector", "pulsesPerRev=3;pull=up", "adapter frequency-scaler"],
    [
      "pulsesPerRev=2;drive=sine;amplitude=3",
      "pulsesPerRev=3;pull=up",
      "adapter reluctor-conditioner frequency-scaler",
    ],
    ["pulsesPerRev=2;drive=open-collector;settable=yes", "pulsesPerRev=3;pull=up", "calibration calibration"],
    ["pulsesPerRev=2;drive=open-collector", "pulsesPerRev=3;pull=up;settable=yes", "calibration calibration"],
    ["drive=open-collector", "pulsesPerRev=2;pull=up", "manual"],
    ["pulsesPerRev=2", "pulsesPerRev=2;pull=up", "manual"],
    ["pulsesPerKm=4000;drive=open-collector", "pulsesPerShaftRev=8;pull=up", "manual"],
    ["pulsesPerRev=2;drive=open-collector;maxHz=900", "pulsesPerRev=2;pull=up;maxHz=300", "manual"],
  ])("%s into %s: %s", (a, b, expected) => expect(types(out(a), into(b))).toBe(expected));
  test("a scaler's ratio is out over in; a calibration names its numbers from the pin that can be set", () => {
    expect(best(out("pulsesPerRev=2;drive=open-collector"), into("pulsesPerRev=3;pull=up")).adapters[0]).toMatchObject({
      ratio: 1.5,
    });
    expect(
      best(out("pulsesPerRev=2;drive=open-collector"), into("pulsesPerRev=3;pull=up;settable=yes")).adapters,
    ).toEqual([{ type: "calibration", parameter: "pulsesPerRev", from: 3, to: 2 }]);
  });
  test("a pull-up lets 20 mA at most through and reaches the threshold over the leakage", () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 8, noNaN: true }), (high) => {
        const option = best(
          out("pulsesPerRev=2;drive=open-collector"),
          into(`pulsesPerRev=2;pull=none;highVolts=${high};maxVolts=18`),
        );
        const ohms = Number((option.adapters[0] as AdapterOf<"pull-up">).ohms);
        expect(16 / ohms).toBeLessThanOrEqual(0.02);
        expect(9 - 0.0004 * ohms).toBeGreaterThanOrEqual(high);
      }),
    );
  });
});

test("doubt never gives direct: take any deciding fact from a direct link, and it is direct no more", () => {
  const links: [string, string, string][] = [
    [
      "supply-out battery-supply maxAmps=15;alive=permanent",
      "supply-in battery-supply amps=5;alive=permanent",
      "maxAmps amps",
    ],
    [
      "supply-out ignition-supply maxAmps=15;alive=run",
      "supply-in ignition-supply amps=5;alive=run",
      "maxAmps amps alive",
    ],
    [
      "low-side-out fuel-pump maxAmps=0.5;clamp=own",
      "load-in fuel-pump amps=0.2;otherEnd=battery",
      "maxAmps amps otherEnd clamp",
    ],
    [
      "switch-out brake-switch to=battery",
      "logic-in brake-switch active=high;pull=down;maxVolts=18",
      "to active pull maxVolts",
    ],
    [
      "frequency-out engine-speed pulsesPerRev=2;drive=push-pull;amplitude=12",
      "frequency-in engine-speed pulsesPerRev=2;highVolts=6;maxVolts=16",
      "pulsesPerRev drive amplitude highVolts maxVolts",
    ],
  ];
  const without = (pin: SignalPin, key: string): SignalPin => ({
    ...pin,
    form: Object.fromEntries(Object.entries(pin.form).filter(([name]) => name !== key)) as unknown as Form,
  });
  const size = (...pins: readonly SignalPin[]) => pins.reduce((sum, pin) => sum + Object.keys(pin.form).length, 0);
  for (const [a, b, keys] of links) {
    const [provider, consumer] = [pinFrom(`donor P-1 ${a}`), pinFrom(`host C-1 ${b}`)];
    expect(linkOptions(provider, consumer, alone)[0].verdict).toBe("direct");
    for (const key of keys.split(" "))
      for (const [one, other] of [
        [without(provider, key), consumer],
        [provider, without(consumer, key)],
      ] as const) {
        if (size(one, other) === size(provider, consumer)) continue;
        expect(linkOptions(one, other, alone)[0].verdict, `${a} | ${b} without ${key}`).not.toBe("direct");
      }
  }
});

test("forms of later stages come back as manual, with what is missing", () => {
  const option = best("resistive-out coolant-temperature", "resistive-in coolant-temperature");
  expect(option).toMatchObject({
    verdict: "manual",
    missing: [
      { fact: "curve", at: { connector: "P" } },
      { fact: "curve", at: { connector: "C" } },
    ],
  });
  expect(option.missing.map(missingText)).toEqual(["curve of P-1", "curve of C-1"]);
  expect(best("unknown none", "load-in horn").missing).toMatchObject([{ fact: "kind", at: { connector: "P" } }]);
});

describe("arithmetic", () => {
  test("E24 (IEC 60063): the nearest by ratio, over all decades", () => {
    expect([2113, 1, 9.7, 990, 4.7e6].map(nearestE24)).toEqual([2200, 1, 10, 1000, 4.7e6]);
    expect(e24Within(1300, 1350)).toBe(1300);
    expect(e24Within(1310, 1350)).toBeNull();
    expect(() => nearestE24(0)).toThrow(RangeError);
  });
  test("fractions: no denominator within the limit comes nearer", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 400 }), fc.integer({ min: 1, max: 400 }), (a, b) => {
        const value = a / b;
        const fraction = bestFraction(value, 64);
        const got = Math.abs(fraction.numerator / fraction.denominator - value);
        // Convergents beat every fraction whose denominator is no larger than their own.
        for (let d = 1; d <= fraction.denominator; d += 1)
          expect(got).toBeLessThanOrEqual(Math.abs(Math.max(1, Math.round(value * d)) / d - value) + 1e-9);
        if (b / gcd(a, b) <= 64)
          expect(fraction).toEqual({ numerator: a / gcd(a, b), denominator: b / gcd(a, b), error: 0 });
      }),
    );
  });
});

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));
