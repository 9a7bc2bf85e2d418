import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { acceptedLink, pinsFrom } from "../../../tests/support/pins";
import { conflictsOf } from "./conflicts";
import type { GapWay } from "./gaps";
import { type Decision, deriveLines } from "./lines";

const conflicts = (text: string, decisions: readonly Decision[], chosen: readonly [string, GapWay][] = []) =>
  conflictsOf(deriveLines(pinsFrom(text), decisions).lines, new Map(chosen));
const link = (from: string, to: string, more: Partial<Decision> = {}) =>
  acceptedLink(from, to, { byHand: true, ...more });

describe("two sources on one input", () => {
  const TEXT = `
    donor C1-25 pwm-out coolant-temperature hz=100;drive=open-collector;curve=20:10|120:90
    donor S-1 resistive-out coolant-temperature curve=20:300|120:20
    host IP-2 resistive-in coolant-temperature curve=20:300|120:20
    host SW-1 switch-out brake-switch to=battery;maxAmps=5
    host SW-2 switch-out brake-switch to=battery;maxAmps=5
    donor C1-15 logic-in brake-switch active=high`;

  test("are named, and the one that takes the least to make stays, in whichever order they were decided", () => {
    // From a duty a gauge driver must be made; what a sender gives is a wire.
    const both = [link("donor C1-25", "host IP-2"), link("donor S-1", "host IP-2")];
    for (const decisions of [both, both.toReversed()]) {
      const [told] = conflicts(TEXT, decisions);
      expect(told).toMatchObject({ type: "served-twice", consumer: { id: "host IP-2" } });
      expect(told?.type === "served-twice" && [told.keep, ...told.refuse].map(({ provider }) => provider.id)).toEqual([
        "donor S-1",
        "donor C1-25",
      ]);
    }
  });

  test("contacts may stand side by side; a refused link is none", () => {
    expect(conflicts(TEXT, [link("host SW-1", "donor C1-15"), link("host SW-2", "donor C1-15")])).toEqual([]);
    const refused = link("donor S-1", "host IP-2", { decision: "refused" });
    expect(conflicts(TEXT, [link("donor C1-25", "host IP-2"), refused])).toEqual([]);
  });
});

describe("an output beyond its limit", () => {
  const text = (loads: readonly number[], limit: number) =>
    [
      `donor C1-30 low-side-out fuel-pump maxAmps=${limit};clamp=own`,
      ...loads.map((amps, at) => `host L-${at} load-in fuel-pump amps=${amps};otherEnd=battery`),
    ].join("\n");
  const decisions = (many: number) => Array.from({ length: many }, (_, at) => link("donor C1-30", `host L-${at}`));

  test("200 links on one output: the fewest that must go are named, not all", () => {
    const loads = [...Array.from({ length: 198 }, () => 0.001), 0.4, 0.3];
    const [told] = conflicts(text(loads, 0.5), decisions(200));
    expect(told).toMatchObject({ type: "overloaded", limitAmps: 0.5, amps: expect.closeTo(0.898, 9) });
    expect(told?.type === "overloaded" && told.refuse.map(({ consumer }) => consumer.id)).toEqual(["host L-198"]);
  });

  test("within its limit, without a limit, or with one load alone nothing contradicts anything", () => {
    expect(conflicts(text([0.2, 0.3], 0.5), decisions(2))).toEqual([]);
    expect(conflicts(text([0.2, 0.4], 0.5).replace("maxAmps=0.5;", ""), decisions(2))).toEqual([]);
    expect(conflicts(text([5], 0.5), decisions(1))).toEqual([]);
  });

  test("a relay takes its coil's current, and a switch of its own none", () => {
    const relay = {
      adapters: [{ type: "relay", coilAmps: 0.15, coilOhms: 85, contactAmps: 20, contactFeed: null }],
    } as const;
    const own = { adapters: [{ type: "low-side-switch", maxAmps: 10, inVolts: 5 }] } as const;
    const [one, two, three] = decisions(3) as [Decision, Decision, Decision];
    expect(conflicts(text([5, 5, 0.2], 0.5), [{ ...one, ...relay }, { ...two, ...own }, three])).toEqual([]);
    expect(conflicts(text([5, 5, 0.4], 0.5), [{ ...one, ...relay }, { ...two, ...own }, three])).toMatchObject([
      { amps: expect.closeTo(0.55, 9) },
    ]);
  });

  test("no fewer links could bring it down: every smaller set is tried", () =>
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 20 }), { minLength: 2, maxLength: 7 }),
        fc.integer({ min: 1, max: 60 }),
        (loads, limit) => {
          const [told] = conflicts(text(loads, limit), decisions(loads.length));
          const total = loads.reduce((sum, one) => sum + one, 0);
          const fewest = Array.from({ length: 2 ** loads.length }, (_, set) =>
            loads.filter((_load, at) => set & (1 << at)),
          )
            .filter((gone) => total - gone.reduce((sum, one) => sum + one, 0) <= limit)
            .reduce((least, gone) => Math.min(least, gone.length), Number.POSITIVE_INFINITY);
          expect(told?.type === "overloaded" ? told.refuse.length : 0).toBe(fewest);
        },
      ),
      { numRuns: 60 },
    ));
});

test("a part that would be fitted beside a wire is named; who lives without may still have the wire", () => {
  const text = `
    donor C1-23 frequency-out engine-speed pulsesPerRev=2;drive=open-collector
    host IP-1 frequency-in engine-speed pulsesPerRev=2;pull=up`;
  const decided = [link("donor C1-23", "host IP-1")];
  expect(conflicts(text, decided, [["host IP-1", "pulses"]])).toMatchObject([
    { type: "filled-and-linked", way: "pulses", pin: { id: "host IP-1" } },
  ]);
  expect(conflicts(text, decided, [["host IP-1", "without"]])).toEqual([]);
  expect(conflicts(text, [], [["host IP-1", "pulses"]])).toEqual([]);
});
