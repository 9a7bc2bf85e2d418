import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { pinsFrom } from "../../../tests/support/pins";
import { fieldOf } from "../forms";
import { type Decision, deriveLines } from "../plan";
import type { SignalPin } from "../signals";
import { wireOhms } from "../wire";
import {
  CAUTIONS,
  causeWords,
  expectedText,
  lineText,
  meterText,
  probeLabel,
  standingText,
  stepStop,
  stepTitle,
  stepWhy,
} from "../words";
import { dialStep } from "./dial-steps";
import {
  basisOf,
  gatesOf,
  isProposed,
  judge,
  LEADS_STEP,
  likelyCauses,
  makeSteps,
  type PlannedPin,
  parseReading,
  readingUncertainty,
  type SolvedVolts,
  type Step,
  type StepSources,
  withLeads,
} from "./index";

const pins = pinsFrom(`
  host KEY-15~2.5 supply-out ignition-supply maxAmps=15;alive=run-crank
  host FB-1~2.5 supply-out battery-supply maxAmps=20;alive=permanent
  host G3-1~10 ground ground role=power
  host FP-1 load-in fuel-pump amps=7;otherEnd=ground;inductive=yes
  host IP-4~0.75 load-in malfunction-lamp amps=0.2;otherEnd=battery
  donor C1-1~1 supply-in battery-supply amps=3;alive=permanent
  donor C1-2~0.75 supply-in ignition-supply amps=4;alive=run-crank;minVolts=9
  donor T1-2~0.75 supply-in ignition-supply amps=2;alive=run-crank
  donor C1-6~1.5 ground ground role=power
  donor C1-30 low-side-out fuel-pump maxAmps=0.5;clamp=own
  donor C1-24~0.5 low-side-out malfunction-lamp maxAmps=0.4;clamp=own`);
const decisions = deriveLines(pins, []).lines.map(
  (line, at): Decision => ({
    id: `d${at}`,
    providerId: line.provider.id,
    consumerId: line.consumer.id,
    quantity: line.quantity,
    decision: "accepted",
    verdict: line.verdict,
    adapters: line.adapters,
    why: lineText(line),
    byHand: false,
    note: "",
  }),
);
const { lines } = deriveLines(pins, decisions);
const planned = new Map(
  pins.map((pin): [string, PlannedPin] => [pin.id, { ...pin, lengthM: 2, place: null, description: "text" }]),
);
/** Of a sound plan: feeds of the ignition live with it, grounds lie low. */
const solved: SolvedVolts = (id, position) => {
  if (pins.find((pin) => pin.id === id)?.form.kind === "ground") return { volts: 0.04, low: -0.1, high: 0.15 };
  const volts = { off: 12.6, accessory: 12.4, run: 12.2, crank: 10.6, running: 13.8, coasting: 12.4 }[position];
  const own = planned.get(id);
  const alive =
    position === "run" || position === "crank" || (own !== undefined && fieldOf(own.form, "alive") === "permanent");
  return alive ? { volts, low: volts - 0.8, high: volts + 0.5 } : { volts: 0.01, low: -0.1, high: 0.1 };
};
const sources: StepSources = { lines, pinOf: (id) => planned.get(id), solved, standing: null };
const steps = makeSteps(sources);
const step = (key: string) => steps.find((one) => one.key.startsWith(key) && one.key.includes("C1-2")) as Step;

describe("the sheet's order", () => {
  test("no check depends on one not yet made: grounds, shorts, continuity; battery; key forward; grounds under load", () => {
    const kinds = steps.map((one) => (one.kind === "coil" || one.kind === "wire-short" ? "continuity" : one.kind));
    expect(kinds.filter((kind, at) => kind !== kinds[at - 1])).toEqual([
      "leads",
      "ground-ohms",
      "feed-short",
      "continuity",
      "battery",
      "feed-volts",
      "ground-drop",
    ]);
    const key = ["battery-off", "off", "accessory", "run", "crank"];
    const positions = steps.filter((one) => one.kind !== "ground-drop").map((one) => key.indexOf(one.keyState));
    expect(positions).toEqual(positions.toSorted((a, b) => a - b));
  });
  test("an airbag circuit that someone paired by hand is not probed", () => {
    const two = pinsFrom("host A-1 load-in airbag otherEnd=free\ndonor B-1 high-side-out airbag maxAmps=2");
    const [host, donor] = two as [(typeof two)[number], (typeof two)[number]];
    const forced = deriveLines(two, [
      {
        id: "x",
        providerId: donor.id,
        consumerId: host.id,
        quantity: "airbag",
        decision: "accepted",
        verdict: "manual",
        adapters: [],
        why: "",
        byHand: true,
        note: "",
      },
    ]);
    expect(forced.lines).toHaveLength(1);
    expect(
      makeSteps({
        ...sources,
        lines: forced.lines,
        pinOf: (id) => {
          const pin = two.find((one) => one.id === id);
          return pin && { ...pin, lengthM: 1, place: null, description: "" };
        },
      }),
    ).toEqual([]);
  });
  test("nothing with voltage before all is measured without", () => {
    const firstPower = steps.findIndex((one) => one.keyState !== "battery-off");
    expect(steps.slice(firstPower).every((one) => one.keyState !== "battery-off")).toBe(true);
  });
  test("a feed is proved alive in every position it must live in, and dead with the key off", () => {
    const feed = steps.filter((one) => one.kind === "feed-volts" && stepTitle(one).includes("C1-2"));
    expect(feed.map((one) => [one.keyState, one.expected.nominal === 0 ? "dead" : "alive"])).toEqual([
      ["off", "dead"],
      ["accessory", "dead"],
      ["run", "alive"],
      ["crank", "alive"],
    ]);
  });
  test("each step says both probes, meter, why, what to stop for, and its caution", () => {
    for (const one of steps)
      for (const text of [
        probeLabel(one.red),
        probeLabel(one.black),
        meterText(one),
        stepWhy(one, "metric"),
        stepStop(one),
        CAUTIONS[one.caution],
      ])
        expect(text.length).toBeGreaterThan(3);
    expect(steps.filter((one) => one.keyState === "crank").every((one) => one.caution === "crank")).toBe(true);
  });
  test("no decided link, no step; keys are unique", () => {
    expect(makeSteps({ ...sources, lines: [] })).toEqual([]);
    expect(new Set(steps.map((one) => one.key)).size).toBe(steps.length);
  });
  test("a resistance expected is the copper's own (ρ·L/A) with the leads", () => {
    const ground = steps.find((one) => one.kind === "ground-ohms") as Step;
    const copper = wireOhms({ lengthM: 2, areaMm2: 10 }) + wireOhms({ lengthM: 2, areaMm2: 1.5 });
    expect(ground.expected.nominal).toBeCloseTo(copper, 3);
    expect(ground.expected.high).toBeCloseTo(copper + 0.3, 1);
  });
});

test("a signal wire of copper alone is measured against ground with its plugs apart; a feed with its load", () => {
  expect(steps.filter((one) => one.kind === "wire-short").map(stepTitle)).toEqual([
    "Wire C1-24 to IP-4 is not shorted to ground",
  ]);
  const wire = steps.find((one) => one.kind === "wire-short") as Step;
  expect([null, 50_000, 120].map((value) => judge(wire, value).outcome)).toEqual(["pass", "pass", "fail"]);
});

describe("readings", () => {
  test.each([
    ["12.4", 12.4],
    ["12,4", 12.4],
    ["0.02 V", 0.02],
    ["340 mV", 0.34],
    ["-0.1", -0.1],
    ["OL", null],
    ["ol", null],
    ["∞", null],
  ])("%s in volts", (written, value) => {
    const read = parseReading(written, "V");
    expect(read.ok).toBe(true);
    if (read.ok && value !== null) expect(read.value).toBeCloseTo(value, 9);
    if (read.ok && value === null) expect(read.value).toBeNull();
  });
  test.each([
    ["1.2k", 1200],
    ["85 Ω", 85],
    ["85 ohms", 85],
    ["2 MΩ", 2e6],
    ["3K", 3000],
  ])("%s in ohms", (written, value) => expect(parseReading(written, "Ω")).toEqual({ ok: true, value }));
  test.each(["", "twelve", "12.4.5", "12 V 3", "<b>", "NaN", "1e999x", "x".repeat(10_000)])(
    "%j is no reading, and says so",
    (written) => expect(parseReading(written, "V").ok).toBe(false),
  );
  test("volts typed at a step in ohms are told apart", () =>
    expect(parseReading("12 V", "Ω")).toMatchObject({ ok: false, fault: { code: "other-unit", unit: "Ω" } }));

  test.each([
    ["feed-crank", 10.4, "pass"],
    ["feed-crank", 0.02, "stop"],
    // Its table states 9 V: what a good battery would leave there does not count against it.
    ["feed-crank", 9.2, "pass"],
    ["feed-crank", 8.9, "stop"],
    ["feed-run", 12.3, "pass"],
    ["feed-run", 0.02, "fail"],
    ["feed-run", 18, "stop"],
    ["feed-off", 0.05, "pass"],
    ["feed-off", 12.4, "fail"],
    ["feed-short", null, "pass"],
    // 4 A: unplugged, nothing may lead to ground.
    ["feed-short", 0.4, "stop"],
    ["feed-short", 900, "stop"],
    ["feed-short", 10_000, "pass"],
    ["continuity", null, "fail"],
    ["continuity", 0.2, "pass"],
    ["continuity", 8, "fail"],
  ])("%s reading %s: %s", (key, value, outcome) => expect(judge(step(key), value).outcome).toBe(outcome));
  test("a reading passes exactly between its limits", () => {
    const crank = step("feed-crank");
    fc.assert(
      fc.property(fc.double({ min: -5, max: 20, noNaN: true }), (value) => {
        expect(judge(crank, value).outcome === "pass").toBe(
          value >= (crank.expected.low ?? -99) && value <= (crank.expected.high ?? 99),
        );
      }),
    );
  });
  test("the expectation in words, and the basis that a proof is bound to", () => {
    expect(expectedText(step("feed-crank").expected)).toBe("9.0 to 11.1 V");
    expect(expectedText(step("feed-short").expected)).toBe("OL, or above 10 kΩ");
    expect(basisOf(step("feed-crank"))).not.toBe(basisOf(step("feed-run")));
  });
});

describe("beside the links", () => {
  const coil = { key: "main:K", part: "Main relay", coilA: "a", coilB: "b", coilOhms: null };
  const more = new Map(
    pinsFrom("donor E1-1~16 ground ground role=power\ndonor MR-86 load-in\ndonor MR-85 load-in").map((pin, at) => {
      const id = ["earth", "a", "b"][at] as string;
      return [id, { ...pin, id, lengthM: 1, place: null, description: "text" }] as const;
    }),
  );
  const pinOf = (id: string) => planned.get(id) ?? more.get(id);
  const drop = { volts: 0.03, low: 0, high: 0.3 };
  const withTables = (standing: StepSources["standing"], lines: StepSources["lines"] = []) =>
    makeSteps({ lines, pinOf, solved: (id, key) => (id === "earth" ? drop : solved(id, key)), standing });
  const titles = (made: readonly Step[]) => made.map(stepTitle);

  test("a ground and a relay of the tables are in the sheet without any link, in its order, marked", () => {
    const made = withTables({ groundIds: ["earth"], relays: [coil] });
    expect(titles(made)).toEqual([
      "The meter's own leads",
      "Ground E1-1 to battery negative",
      "Relay coil for Main relay",
      "Battery at rest",
      "Ground E1-1 in run",
      "Ground E1-1 while cranking",
    ]);
    expect(made.map(standingText)).toEqual([
      null,
      ...Array(2).fill("no link of the plan"),
      null,
      ...Array(2).fill("no link of the plan"),
    ]);
    // 1 m of 16 mm²: 1.16 mΩ (ISO 6722-1), to two digits.
    expect(made[1]?.expected.nominal).toBeCloseTo(0.0012, 6);
  });
  test("a relay that nobody has stated passes from 40 to 160 Ω; a stated one within 15 %", () => {
    const read = (coilOhms: number | null, value: number) =>
      judge(
        withTables({ groundIds: [], relays: [{ ...coil, coilOhms }] }).find(({ kind }) => kind === "coil") as Step,
        value,
      ).outcome;
    expect([15, 30, 40, 85, 160, 170].map((value) => read(null, value))).toEqual([
      "stop",
      "fail",
      "pass",
      "pass",
      "pass",
      "fail",
    ]);
    // 90 Ω ± 15 %: 77 to 100 Ω to two digits; below 45 Ω the driver carries twice its current.
    expect([44, 60, 76, 80, 100, 105].map((value) => read(90, value))).toEqual([
      "stop",
      "fail",
      "fail",
      "pass",
      "pass",
      "fail",
    ]);
  });
  test("what goes is not read, and a ground that a link proves is not read twice", () => {
    more.set("gone", { ...(more.get("earth") as NonNullable<ReturnType<typeof more.get>>), id: "gone", leaves: true });
    expect(withTables({ groundIds: ["gone"], relays: [{ ...coil, coilA: "gone" }] })).toEqual([]);
    const linked = lines.find((line) => line.consumer.form.kind === "ground")?.consumer.id as string;
    expect(withTables({ groundIds: [linked], relays: [] }, lines)).toEqual(withTables(null, lines));
  });
  test("a poor ground of the tables has its stud, its wire and the strap as causes; an open coil the coil", () => {
    const made = withTables({ groundIds: ["earth"], relays: [coil] });
    const causes = (kind: Step["kind"], value: number | null) => {
      const one = made.find((step) => step.kind === kind) as Step;
      return likelyCauses(one, judge(one, value), { lines: [], steps: made, outcomes: new Map(), faults: [] }).map(
        ({ code }) => code,
      );
    };
    expect(causes("ground-drop", 0.9)).toEqual(["stud", "ground-wire", "strap"]);
    expect(causes("coil", null)[0]).toBe("coil-open");
  });
  test("what is only proposed is in the sheet, marked, and keeps nothing waiting", () => {
    const proposed = makeSteps({ ...sources, lines: deriveLines(pins, decisions.slice(1)).lines });
    const only = proposed.filter(isProposed);
    expect(titles(proposed).toSorted()).toEqual(titles(steps).toSorted());
    expect(new Set(only.map(({ lineKey }) => lineKey))).toEqual(
      new Set([lines.find(({ decision }) => decision?.id === "d0")?.key]),
    );
    expect(new Set(only.map(standingText))).toEqual(new Set(["proposed only"]));
    const gates = gatesOf(proposed.map((step) => ({ step, proven: !isProposed(step) })));
    expect(new Set(gates.values())).toEqual(new Set([null]));
  });
  test("a relay's feed is read where the plan pulls it in, and dead with the key off", () => {
    const fed = pinsFrom(
      "host MR-87~2.5 supply-out relay-supply maxAmps=30;alive=relay\ndonor C1-9~1 supply-in relay-supply amps=5;alive=relay",
    );
    const line = {
      ...(lines[0] as (typeof lines)[number]),
      provider: fed[0] as (typeof fed)[0],
      consumer: fed[1] as (typeof fed)[0],
    };
    const feeds = (pulledIn: boolean) =>
      makeSteps({
        lines: [line],
        pinOf: (id) => ({
          ...(fed.find((pin) => pin.id === id) as (typeof fed)[0]),
          lengthM: 1,
          place: null,
          description: null,
        }),
        solved: (_, key) =>
          pulledIn && (key === "run" || key === "crank")
            ? { volts: 12, low: 11, high: 12.5 }
            : { volts: 0, low: 0, high: 0 },
        standing: null,
      })
        .filter(({ kind }) => kind === "feed-volts")
        .map(({ keyState, basis }) => `${keyState} ${basis.type}`);
    expect(feeds(true)).toEqual(["off dead", "run live", "crank live"]);
    expect(feeds(false)).toEqual(["off dead"]);
  });
});

describe("isolation", () => {
  const feedShort = (amps: string) => {
    const two = pinsFrom(
      `host FB-1~25 supply-out battery-supply maxAmps=300;alive=permanent
donor ST-30~25 supply-in battery-supply ${amps}alive=permanent`,
    );
    const made = deriveLines(two, []).lines.map(
      (line): Decision => ({
        ...(decisions[0] as Decision),
        providerId: line.provider.id,
        consumerId: line.consumer.id,
      }),
    );
    return makeSteps({
      ...sources,
      lines: deriveLines(two, made).lines,
      pinOf: (id) => {
        const pin = two.find((one) => one.id === id);
        return pin && { ...pin, lengthM: 1, place: null, description: "" };
      },
    }).find((one) => one.kind === "feed-short") as Step;
  };
  test("a starter's cable of 180 A does not pass at 0.3 Ω: it is read unplugged, on the highest range", () => {
    const cable = feedShort("amps=180;");
    expect(cable.meter).toBe("highest-ohms-unplugged");
    expect([0.3, 9_999, 10_000, null].map((value) => judge(cable, value).outcome)).toEqual([
      "stop",
      "stop",
      "pass",
      "pass",
    ]);
    expect(feedShort("").meter).toBe("highest-ohms-unplugged");
  });
  test("a load of 0.5 A has 24 Ω, a tenth of that as a cold lamp, and is shorted below", () => {
    const lamp = feedShort("amps=0.5;");
    expect(lamp).toMatchObject({ meter: "middle-ohms-plugged", expected: { nominal: 24, low: 2.4 } });
    expect([2.5, 2.3, null].map((value) => judge(lamp, value).outcome)).toEqual(["pass", "stop", "pass"]);
  });
  test("negative ohms mean that something is live: stop, before anything is taken off", () => {
    for (const one of steps.filter(({ expected }) => expected.unit === "Ω"))
      expect(judge(withLeads(one, 0.2), -3)).toMatchObject({ outcome: "stop", verdict: "live-ohms" });
    expect(judge(step("continuity"), -0.02).outcome).toBe("pass");
  });
});

describe("the meter's own leads", () => {
  const ground = steps.find((one) => one.kind === "ground-ohms") as Step;
  // 2 m of 10 mm² and 2 m of 1.5 mm²: 3.6 + 25.4 = 29 mΩ (ISO 6722-1), and 50 mΩ for the joints.
  test.each([
    ["0.22 Ω with leads of 0.2 Ω is 0.02 Ω of wire", 0.22, 0.2, "pass"],
    ["0.3 Ω with leads of 0.2 Ω is 0.1 Ω: too much", 0.3, 0.2, "fail"],
    ["while nobody has read them they are allowed for", 0.3, null, "pass"],
    ["and no more than that", 0.36, null, "fail"],
  ] as const)("%s", (_, value, leads, outcome) => expect(judge(withLeads(ground, leads), value).outcome).toBe(outcome));
  test("what is expected is what the meter will show", () => {
    // The leads in series with the copper, to two digits: 29 mΩ + 200 mΩ, and 50 mΩ more at most.
    expect(withLeads(ground, 0.2).expected).toMatchObject({ nominal: 0.23, high: 0.28 });
    expect(withLeads(ground, 0.2).basis).toMatchObject({ leads: { ohms: 0.2, read: true } });
    expect(ground.basis).toMatchObject({ leads: { ohms: 0.3, read: false } });
  });
  test("no other step knows of them", () => {
    for (const one of steps.filter(({ basis }) => basis.type !== "wires")) expect(withLeads(one, 0.2)).toBe(one);
  });
  test("they are read first, and 0.3 Ω is the most", () => {
    expect(steps[0]).toMatchObject({ key: LEADS_STEP, kind: "leads" });
    expect([0.3, 0.4].map((value) => judge(steps[0] as Step, value).outcome)).toEqual(["pass", "fail"]);
  });
});

describe("what must be proven first", () => {
  const proven = (test: (one: Step) => boolean) => gatesOf(steps.map((one) => ({ step: one, proven: test(one) })));
  const gateOf = (gates: ReturnType<typeof gatesOf>, test: (one: Step) => boolean) =>
    new Set(steps.filter(test).map((one) => gates.get(one.key)?.key ?? null));
  const [cold, crank] = [(one: Step) => one.group === "before-power", (one: Step) => one.keyState === "crank"];
  test("nothing with power before all without is proven: the first that is not stands in the way, by name", () => {
    const gates = proven((one) => cold(one) && one.kind !== "feed-short");
    const first = steps.find((one) => one.kind === "feed-short")?.key;
    expect(gateOf(gates, cold)).toEqual(new Set([null]));
    expect(gateOf(gates, (one) => !cold(one))).toEqual(new Set([first]));
  });
  test("with those proven the feeds may be read, and cranking waits for them", () => {
    const gates = proven(cold);
    expect(gateOf(gates, (one) => !cold(one) && !crank(one))).toEqual(new Set([null]));
    expect(gateOf(gates, crank)).toEqual(new Set(["battery"]));
    expect(
      gateOf(
        proven((one) => !crank(one)),
        crank,
      ),
    ).toEqual(new Set([null]));
  });
});

describe("expected volts come from the solved plan", () => {
  const first = (made: readonly Step[], key: string) =>
    made.find((one) => one.key.startsWith(key) && one.key.includes("C1-2")) as Step;
  test("its range is the step's, and the reason tells it", () => {
    // A feed on which loads sleep stands nearer to the battery than solved; while cranking the battery itself is down.
    expect(step("feed-run").expected).toMatchObject({ low: 11.4, high: 12.9, nominal: 12.2 });
    expect(step("feed-crank").expected).toMatchObject({ high: 11.1, nominal: 10.6 });
    expect(stepWhy(step("feed-run"), "metric")).toContain("the solved plan gives 12.2 V, 11.4 to 12.7 V");
  });
  test("where the plan leaves dead what must live, the proof asks for what it must have, and says that the plan is wrong", () => {
    const dead = first(
      makeSteps({
        ...sources,
        solved: (id, position) => (position === "crank" ? { volts: 0.1, low: 0, high: 0.2 } : solved(id, position)),
      }),
      "feed-crank",
    );
    expect(dead.expected).toMatchObject({ low: 9, stopBelow: 9 });
    expect(stepWhy(dead, "metric")).toContain("the plan itself is wrong here");
  });
  test("nothing is expected before it is known", () => {
    expect(
      makeSteps({ ...sources, solved: () => null }).filter(
        (one) => one.kind === "feed-volts" || one.kind === "ground-drop",
      ),
    ).toEqual([]);
  });
});

describe("likely causes", () => {
  const causes = (key: string, value: number | null, read: Record<string, "pass" | "fail"> = {}) => {
    const one = step(key);
    return likelyCauses(one, judge(one, value), {
      lines,
      steps,
      outcomes: new Map(Object.entries(read)),
      faults: [],
    }).map((cause) => ({ ...cause, ...causeWords(cause, one) }));
  };
  const stepKey = (key: string, pin: string) =>
    steps.find((one) => one.key.startsWith(key) && stepTitle(one).includes(pin))?.key ?? "";

  test("a few, the likeliest first, their shares one in all, each with the next place for the probe", () => {
    for (const one of steps) {
      const found = likelyCauses(
        one,
        { value: 99, outcome: "fail", verdict: "too-high" },
        { lines, steps, outcomes: new Map(), faults: [] },
      );
      expect(found.length).toBeGreaterThanOrEqual(2);
      expect(found.length).toBeLessThanOrEqual(5);
      expect(found.reduce((sum, cause) => sum + cause.share, 0)).toBeCloseTo(1, 9);
      expect(found.map((cause) => cause.share)).toEqual(found.map((cause) => cause.share).toSorted((a, b) => b - a));
      for (const cause of found) expect(causeWords(cause, one).next.length).toBeGreaterThan(5);
    }
  });
  test("a dead feed whose neighbour on the same feed lives is an open wire; whose neighbour is dead too, the fuse", () => {
    expect(causes("feed-run", 0.02, { [stepKey("feed-run", "T1-2")]: "pass" })[0]?.text).toContain("wire or a joint");
    expect(causes("feed-run", 0.02, { [stepKey("feed-run", "T1-2")]: "fail" })[0]?.text).toContain("fuse");
  });
  test("a feed that lived in run and is dead in crank opens in crank", () =>
    expect(causes("feed-crank", 0.02, { [stepKey("feed-run", "C1-2")]: "pass" })[0]?.text).toContain(
      "opens while cranking",
    ));
  test("an element whose single fault gives the reading stands among them, by its name, with where to probe", () => {
    const one = step("feed-run");
    const fault = {
      origin: { type: "part", partId: "key", label: "KEY", elementId: "15", kind: "switch", role: "own", at: null },
      fault: "stuck-open",
      ohms: null,
      volts: 0.01,
    } as const;
    const found = likelyCauses(one, judge(one, 0.02), { lines, steps, outcomes: new Map(), faults: [fault] });
    const words = found.map((cause) => causeWords(cause, one));
    expect(words.map((cause) => cause.text)).toContain("KEY 15 does not close");
    expect(words.find((cause) => cause.text.startsWith("KEY"))).toMatchObject({
      because: "the solved plan would read 0.01 V with it",
      next: "Read on both sides of KEY 15",
    });
    expect(found.reduce((sum, cause) => sum + cause.share, 0)).toBeCloseTo(1, 9);
  });
  test("a pass has no causes", () => expect(causes("feed-run", 12.3)).toEqual([]));
});

test("1 m of 1 mm² at 20 °C is what the standard allows, 18.5 mΩ; 39.3 % more at 120 °C", () => {
  expect(wireOhms({ lengthM: 1, areaMm2: 1 })).toBeCloseTo(0.0185, 9);
  expect(wireOhms({ lengthM: 1, areaMm2: 1, conductorC: 120 }) / wireOhms({ lengthM: 1, areaMm2: 1 })).toBeCloseTo(
    1.393,
    6,
  );
  for (const bad of [
    { lengthM: -1, areaMm2: 1 },
    { lengthM: 1, areaMm2: 0 },
    { lengthM: Number.NaN, areaMm2: 1 },
    { lengthM: 1, areaMm2: 1, conductorC: 900 },
  ])
    expect(() => wireOhms(bad)).toThrow(RangeError);
});

describe("how sure a reading is", () => {
  // By hand for a 3½-digit meter: volts ±(0.5 % + 2 counts), ohms ±(0.8 % + 3 counts), a count being the last digit as
  // typed.
  test.each([
    ["12.40", "V", 0.005 * 12.4 + 0.02],
    ["12.4", "V", 0.005 * 12.4 + 0.2],
    ["340 mV", "V", 0.005 * 0.34 + 0.002],
    ["0.00", "V", 0.02],
    ["85", "Ω", 0.008 * 85 + 3],
    ["1.2k", "Ω", 0.008 * 1200 + 300],
    ["-0,05", "V", 0.005 * 0.05 + 0.02],
  ] as const)("%s %s is ± %s", (written, unit, uncertainty) =>
    expect(readingUncertainty(written, unit)).toBeCloseTo(uncertainty, 9),
  );
  test("an open circuit and what is no reading have none", () =>
    expect([readingUncertainty("OL", "Ω"), readingUncertainty("?", "V")]).toEqual([null, null]));
});

describe("a dial that is to be read", () => {
  const [driver, dial] = pinsFrom(`
    donor S-1 resistive-out coolant-temperature curve=20:900|120:100
    host G-1 resistive-in coolant-temperature curve=20:1000|120:200`) as [SignalPin, SignalPin];
  const plannedPin = (pin: SignalPin): PlannedPin => ({ ...pin, lengthM: null, place: null, description: null });
  const check = {
    instrument: dial,
    driver,
    quantity: "coolant-temperature",
    x: 45,
    low: 40,
    high: 50,
    by: "resistor",
    ohms: 700,
  } as const;
  const step = dialStep(check, plannedPin(dial), plannedPin(driver), "metric");
  test("is told with what is put in place of its sender, in the job's unit", () => {
    expect(step).toMatchObject({ group: "dials", expected: { unit: "°C", low: 40, high: 50, nominal: 45 } });
    expect(stepWhy(step, "metric")).toMatch(/700 Ω .* 45 °C/);
    const imperial = dialStep(check, plannedPin(dial), plannedPin(driver), "imperial");
    expect(imperial.expected).toMatchObject({ unit: "°F", low: 104, high: 122, nominal: 113 });
  });
  test("waits for all that is read before the engine runs, and keeps nobody from cranking", () => {
    const others = makeSteps(sources);
    const standing = (proven: boolean) => [...others, step].map((one) => ({ step: one, proven }));
    expect(gatesOf(standing(false)).get(step.key)?.key).toBe(others[0]?.key);
    const proven = [...others.map((one) => ({ step: one, proven: one.keyState !== "crank" })), { step, proven: false }];
    const crank = others.find(({ keyState }) => keyState === "crank");
    expect(gatesOf(proven).get(crank?.key ?? "")).toBeNull();
    expect(gatesOf(proven).get(step.key)?.keyState).toBe("crank");
    expect(gatesOf(standing(true)).get(step.key)).toBeNull();
  });
  test.each([
    ["45", "pass"],
    ["40 °C", "pass"],
    ["39", "fail"],
    ["50,5", "fail"],
  ])("%s: %s", (typed, outcome) => {
    const read = parseReading(typed, step.expected.unit);
    expect(read.ok && judge(step, read.value).outcome).toBe(outcome);
  });
  test.each(["hot", "45 V", "OL"])("%s is no reading of a dial", (typed) =>
    expect(parseReading(typed, step.expected.unit).ok).toBe(false),
  );
});
