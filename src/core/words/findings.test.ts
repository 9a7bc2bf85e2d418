import { describe, expect, test } from "vitest";
import type { CavityPoint, Point } from "../points";
import type { CureFacts, Finding, FindingFacts, Origin } from "../power";
import {
  cureEffectText,
  cureText,
  findingCaution,
  findingMeter,
  findingProbe,
  findingTitle,
  findingWhy,
  itemText,
  originText,
} from "./index";

const cavity = (label: string, side: "donor" | "host" = "donor"): CavityPoint => {
  const [connector = "", at = ""] = label.split("-");
  return { type: "cavity", pinId: label, side, connector, cavity: at };
};
const wire = (from: string, to: Point, more: Partial<Extract<Origin, { type: "wire" }>> = {}) =>
  ({
    type: "wire",
    wireId: `wire:${from}`,
    from: cavity(from),
    to,
    sizeMm2: 0.5,
    lengthM: 1.5,
    copperOhms: 0.06,
    jointOhms: 0.01,
    assumed: [],
    isTried: false,
    ...more,
  }) as const satisfies Origin;
const thin = wire("C1-3", { type: "splice", side: "donor", circuit: "E03" });
const part = (label: string, elementId: string, kind: "fuse" | "switch" | "relay" | "lamp"): Origin => ({
  type: "part",
  partId: label,
  label,
  elementId,
  kind,
  role: "own",
  at: null,
});
const at = (label: string): Finding["at"] => ({ type: "point", point: cavity(label) });
const found = (facts: FindingFacts, more: Partial<Finding> = {}): Finding =>
  ({
    key: "k",
    severity: "fault",
    state: "running",
    amount: { value: 12.34, limit: null, unit: "V" },
    node: null,
    pinId: null,
    at: at("C1-2"),
    also: [],
    cures: [],
    ...facts,
    ...more,
  }) as Finding;
const title = (facts: FindingFacts, more: Partial<Finding> = {}) => findingTitle(found(facts, more), "metric");
const why = (facts: FindingFacts, more: Partial<Finding> = {}) => findingWhy(found(facts, more), "metric");

describe("what is read of a finding", () => {
  test("a consumer without voltage: where, when, and the opening behind it", () => {
    const dead: FindingFacts = {
      code: "dead-feed",
      keys: ["crank"],
      cause: { type: "switch-open", origin: part("KEY", "IG", "switch"), state: "crank", closedIn: ["run", "running"] },
    };
    expect(title(dead)).toBe("C1-2 has no voltage while cranking");
    expect(why(dead)).toBe("KEY IG is open while cranking: it closes in run, running.");
    expect(title({ ...dead, keys: ["run", "crank"] })).toBe("C1-2 has no voltage in run and while cranking");
  });
  test.each([
    [null, [], "Nothing in the pin tables or the plan feeds it."],
    [null, [at("C1-3")], "Nothing in the pin tables or the plan feeds them."],
    [{ type: "open", origin: thin }, [], "The wire C1-3 to splice E03 is open."],
    [
      { type: "way-untold", origin: part("FB", "F1", "switch") },
      [],
      "When fuse F1 of FB is live is not known yet, so it is assumed live in run only: enter it at its way.",
    ],
  ] as const)("a dead feed by its cause", (cause, also, text) =>
    expect(why({ code: "dead-feed", keys: ["run"], cause }, { also })).toBe(text),
  );
  test("a relay that stays released is told with what it lacks, down to the first cause", () => {
    const released = {
      type: "relay-released",
      origin: part("Main relay", "K", "relay"),
      coilVolts: 0.2,
      pullInVolts: 7.5,
      by: "feed",
      behind: null,
    } as const;
    const told = (cause: Extract<FindingFacts, { code: "dead-feed" }>["cause"]) =>
      why({ code: "dead-feed", keys: ["run"], cause });
    expect(told(released)).toBe("Main relay K does not pull in (0.20 V at its coil, 7.5 V needed): nothing feeds it.");
    expect(told({ ...released, by: "ground" })).toBe(
      "Main relay K does not pull in (0.20 V at its coil, 7.5 V needed).",
    );
    expect(told({ ...released, coilVolts: 10.7, by: "chatter" })).toBe(
      "Main relay K chatters: it has 10.7 V at its coil, and loses that as it pulls in.",
    );
    expect(told({ ...released, behind: { type: "open", origin: thin } })).toBe(
      "Main relay K does not pull in (0.20 V at its coil, 7.5 V needed). The wire C1-3 to splice E03 is open.",
    );
  });
  test("too little: the volts, what it needs, and where most is lost", () => {
    const low: FindingFacts = {
      code: "low-volts",
      volts: 9.62,
      neededVolts: 10.5,
      mostLost: { origin: thin, amps: 4, volts: 0.85 },
    };
    expect(title(low)).toBe("C1-2 has 9.6 V with the engine running");
    expect(why(low)).toBe("It needs 10.5 V. Most is lost in the wire C1-3 to splice E03: 850 mV at 4.0 A.");
    expect(why({ ...low, mostLost: null })).toBe("It needs 10.5 V.");
  });
  test("live where it must be dead: the way of the current, from the source on", () => {
    const path = [{ type: "pole", pole: "plus" }, cavity("IP-4"), cavity("KEY-15")] as const;
    const back = {
      code: "back-feed",
      volts: 8.1,
      through: part("IP", "I5", "lamp"),
      holdsRelay: false,
      path,
      input: null,
    } as const;
    expect(title(back, { state: "off" })).toBe("C1-2 is live with the key off");
    expect(why(back)).toBe("Current flows back through IP I5: battery positive → IP-4 → KEY-15.");
    expect(why({ ...back, holdsRelay: true })).toBe(
      "Current flows back through IP I5: battery positive → IP-4 → KEY-15. That holds the relay, and the relay holds the rest.",
    );
    expect(why({ ...back, through: null })).toBe(
      "It is connected to a permanent feed: battery positive → IP-4 → KEY-15.",
    );
    const held = { ...back, volts: 13.2, input: { limitVolts: 5, isStated: false } } as const;
    expect(title(held)).toBe("C1-2 is held at 13.2 V with the engine running, and its computer reads 5 V");
    expect(why(held)).toContain("What it stands is not known yet: the usual 5 V input is assumed.");
    expect(why({ ...held, input: { limitVolts: 5, isStated: true } })).toContain("Its pin table says what it stands.");
  });
  test.each([
    [
      { code: "shared-ground", amps: 8.41, volts: 0.344, joins: [cavity("G1-1")] },
      "C1-2, a sensor ground, carries 8.4 A with the engine running",
      "Sensors draw a few milliamperes. Its wire is also connected to G1-1, so other current flows in it and lifts it by 344 mV: every sensor on it reads wrong by that.",
    ],
    [
      { code: "ground-offset", part: "Gearbox computer", volts: -0.344, limitVolts: 0.2 },
      "Ground of Gearbox computer is 344 mV below battery negative with the engine running",
      "At C1-2: current of other loads in the same ground wires. 200 mV is the limit for sensors to read right.",
    ],
    [
      { code: "ground-missing", part: null, leastMm2: 6, volts: 4.2 },
      "The engine has no ground strap",
      "No cable of 6 mm² or more joins the engine block to battery negative. The starter's current would return through the harness; the block is 4.2 V above battery negative while cranking.",
    ],
    [
      { code: "ground-missing", part: "Engine computer", leastMm2: 2.5, volts: null },
      "Engine computer has no ground",
      "None of its grounds leads to the battery's negative.",
    ],
    [
      { code: "relay-buzz" },
      "C1-2 chatters with the engine running",
      "When it pulls in, it cuts the feed of its own coil, drops out, and pulls in again.",
    ],
    [
      { code: "driver-overload", amps: 3.2, limitAmps: 1 },
      "C1-2 supplies 3.2 A with the engine running",
      "It is rated for 1 A.",
    ],
    [
      { code: "relay-contact", amps: 22.53, ratedAmps: 30, isAssumed: true },
      "The contact of C1-2 carries 22.5 A",
      "Nobody has read what it is rated for: 30 A is assumed, as for the usual relay. Read it on the relay and enter it at its output.",
    ],
    [
      { code: "cranks-in-gear", amps: 181, passed: [] },
      "Nothing asks the lever or the clutch before C1-2 turns",
      "No switch for park, neutral or clutch is in the pin tables: with a gear in, the vehicle leaps forward at the key.",
    ],
    [
      { code: "charge", what: "idle", neededAmps: 92.5, givenAmps: 49.5 },
      "With everything on 92.5 A are needed, and the alternator supplies 49.5 A at idle",
      "At idle the battery supplies the rest; on the road it is charged again.",
    ],
    [
      { code: "charge", what: "none", amps: 31, hours: 1.4, hasAlternator: false },
      "With the engine running nothing charges the battery: it supplies 31.0 A",
      "No alternator is in the pin tables; with everything on it is empty in 84 minutes, and the engine stops.",
    ],
    [
      { code: "bus-termination", ended: 3, ohms: 40 },
      "The bus at C1-2 has 3 terminators",
      "With the battery off a meter across the pair reads 40 Ω; two of 120 Ω make 60 Ω.",
    ],
    [
      { code: "bus-termination", ended: 0, ohms: null },
      "The bus at C1-2 has no terminator",
      "With the battery off a meter across the pair reads an open circuit; two of 120 Ω make 60 Ω.",
    ],
    [
      { code: "wrong-live", volts: 12.1, switches: [cavity("C1-30")], isFuel: true },
      "C1-2 is live with the engine running though all that should switch it is open",
      "12.1 V reach it past C1-30. The pump goes on when the engine has stalled, as after a crash.",
    ],
    [
      { code: "cranking", what: "starter", volts: 8.1, lostVolts: 1.62, amps: 190, mostLost: null },
      "C1-2 has 8.1 V while cranking: 1.6 V are lost on the way",
      "190 A flow. With the way back it should lose 1.2 V at most, and keep 8.5 V.",
    ],
    [
      { code: "two-drivers", amps: 12, limitAmps: 1, against: { at: cavity("T1-5"), limitAmps: 2 } },
      "T1-5 and C1-2 short each other with the engine running: 12.0 A",
      "T1-5 is live on the wire that C1-2 switches to ground. They are rated for 2 A and 1 A.",
    ],
  ] as const)("$code", (facts, head, reason) => {
    expect(title(facts as FindingFacts)).toBe(head);
    expect(why(facts as FindingFacts)).toBe(reason);
  });
  test("a fuse: each thing that fails, the gravest first, and its thinnest wire", () => {
    const fuse: FindingFacts = {
      code: "fuse-wire",
      ratedAmps: 30,
      failing: [
        { code: "wire", ratedAmps: 30, areaMm2: 0.5, wireAmps: 6.2, ambientC: 80, holds: false },
        { code: "continuous", amps: 24, allowedAmps: 22.5, ratedAmps: 30, holds: false },
      ],
      wire: { ...thin, assumed: ["size"] },
    };
    const told = { at: { type: "element", origin: part("Main fuses", "F1", "fuse") } } as const;
    expect(title(fuse, told)).toBe(
      "Fuse F1 of Main fuses (30 A) is rated above its wire, and carries more than 0.75 of its rating",
    );
    expect(why(fuse)).toBe(
      "Fuse 30 A, but 0.5 mm² is rated for 6.2 A at 80 °C. Continuous load 24.0 A, allowed 22.5 A (0.75 × 30 A). Its thinnest wire: the wire C1-3 to splice E03, size assumed.",
    );
    expect(findingWhy(found(fuse), "imperial")).toContain("20 AWG is rated for 6.2 A at 176 °F");
  });
  test("wires by how many: one by its ends, several by their circuit", () => {
    const hot: FindingFacts = {
      code: "wire-hot",
      wires: 1,
      circuit: "E03",
      amps: 20.6,
      limitAmps: 6.2,
      weakest: thin,
      ambientC: 80,
      loaded: 4,
    };
    const told = { at: { type: "element", origin: thin } } as const;
    expect(title(hot, told)).toBe("The wire C1-3 to splice E03 carries 20.6 A with the engine running");
    expect(title({ ...hot, wires: 3 }, told)).toBe("3 wires of circuit E03 carry 20.6 A with the engine running");
    expect(why(hot)).toBe("0.5 mm² is rated for 6.2 A at 80 °C in a bundle of 4 loaded wires.");
    const bare: FindingFacts = { code: "unfused-wire", wire: thin, wires: 3, wireAmps: 6.2, ambientC: 80 };
    expect(title(bare)).toBe("The wire C1-3 to splice E03 and 2 more from there have no fuse before them");
    expect(title({ ...bare, wires: 1 })).toBe("The wire C1-3 to splice E03 has no fuse before it");
  });
});

describe("where to put the probes", () => {
  test.each([
    ["V", 12.34, "Key in run, engine running: 12.3 V"],
    ["A", 20.61, "Key in run, engine running: 20.6 A"],
    ["mA", 81, "Key in run, engine running: 81 mA"],
    ["Ω", 60, "Key in run, engine running: 60 Ω"],
    ["W", 55, "Key in run, engine running: 55 W"],
  ] as const)("%s", (unit, value, text) =>
    expect(findingMeter(found({ code: "relay-buzz" }, { amount: { value, limit: null, unit } }))).toMatch(
      new RegExp(`: ${text.split(": ")[1]}$`),
    ),
  );
  test("red at the finding, black at battery negative, and the key", () =>
    expect(findingProbe(found({ code: "relay-buzz" }, { state: "crank" }))).toMatch(
      /^Red at C1-2, black at battery negative, .*crank/,
    ));
});

describe("cautions stand at what may hurt", () => {
  const pump = { code: "wrong-live", volts: 12, switches: [], isFuel: true } as const;
  test.each([
    ["a pump that nothing cuts off", pump, {}, /extinguisher/],
    ["a fan that nothing cuts off", { ...pump, isFuel: false }, {}, null],
    ["cranking in gear", { code: "cranks-in-gear", amps: 180, passed: [] }, {}, /wheels chocked/],
    [
      "a wire without a fuse",
      { code: "unfused-wire", wire: thin, wires: 1, wireAmps: 6, ambientC: 80 },
      {},
      /negative off/,
    ],
    [
      "a fuse that lets its wire burn",
      { code: "fuse-wire", ratedAmps: 30, failing: [], wire: null },
      { severity: "danger" },
      /hot before the fuse/,
    ],
    [
      "a fuse that is a size too large",
      { code: "fuse-wire", ratedAmps: 30, failing: [], wire: null },
      { severity: "note" },
      null,
    ],
    [
      "a computer that stays live",
      { code: "back-feed", volts: 9, through: null, holdsRelay: false, path: [], input: null },
      { severity: "stop" },
      /run on with the key off/,
    ],
    [
      "what is read while cranking",
      { code: "dead-feed", keys: ["crank"], cause: null },
      { state: "crank", pinId: "p" },
      /The engine turns/,
    ],
    [
      "what is read with the key in run",
      { code: "dead-feed", keys: ["run"], cause: null },
      { state: "run", pinId: "p" },
      null,
    ],
  ] as const)("%s", (_, facts, more, text) => {
    const caution = findingCaution(found(facts as FindingFacts, more as Partial<Finding>));
    if (text === null) expect(caution).toBeNull();
    else expect(caution).toMatch(text);
  });
});

describe("ways out", () => {
  const [a, b] = [cavity("C1-2"), cavity("KEY-15", "host")];
  test.each([
    [
      { code: "other-feed", consumer: a, feed: b, keys: ["run", "crank"] },
      "Feed C1-2 from KEY-15, live in run and while cranking",
    ],
    [{ code: "relay", coil: b, contact: cavity("FB-1") }, "A relay: coil on KEY-15, contact fed from FB-1"],
    [{ code: "diode", from: b, to: a }, "A diode in the link KEY-15 to C1-2, so that it can sink and not feed"],
    [
      { code: "thicker-wire", sizeMm2: 1.5, wire: thin, lostVolts: 0.85 },
      "1.5 mm² instead of 0.5 mm² for the wire C1-3 to splice E03, where 850 mV are lost",
    ],
    [
      { code: "thicker-wire", sizeMm2: 1.5, wire: thin, lostVolts: null },
      "1.5 mm² instead of 0.5 mm² for the wire C1-3 to splice E03",
    ],
    [
      { code: "thicker-wires", sizeMm2: 6, wires: 3, behindFuse: true },
      "6 mm² for all 3 wires behind it that are rated for less",
    ],
    [{ code: "fuse-rating", amps: 7.5 }, "A fuse of 7.5 A"],
    [
      { code: "branch-fuse", amps: 5, wire: thin },
      "A fuse of its own, 5 A, where the wire C1-3 to splice E03 leaves the feed",
    ],
    [
      {
        code: "split-fuse",
        ways: [
          { what: "coils", amps: 6.4, ratedAmps: 10 },
          { what: "rest", amps: 3, ratedAmps: 5 },
        ],
      },
      "Split it over several ways: coils 6.4 A on 10 A and the rest 3.0 A on 5 A",
    ],
    [
      { code: "fuse-at", amps: 5, wires: 1, wire: thin },
      "Put a fuse of 5 A at most into the wire C1-3 to splice E03, within 20 cm of where it is fed",
    ],
    [
      { code: "fuse-at", amps: 5, wires: 2, wire: thin },
      "Put a fuse into each within 20 cm of where it is fed: 5 A at most for the thinnest",
    ],
    [{ code: "ground-at", at: cavity("G2-1", "host") }, "Ground it at G2-1 instead"],
    [
      { code: "strap", sizeMm2: 16, from: { type: "engine-block" }, to: { type: "body" } },
      "A strap of 16 mm² from engine block to body",
    ],
    [
      { code: "remove-wire", wire: thin },
      "Remove the wire C1-3 to splice E03: a sensor ground ends at its own computer alone",
    ],
    [{ code: "add-terminator", ohms: 120 }, "120 Ω across the pair at the end that has none"],
    [{ code: "bigger-battery", coldAmps: 720 }, "A battery with more cold cranking current, 720 A"],
  ] as const)("$code", (facts, text) => expect(cureText({ ...(facts as CureFacts), edit: null }, "metric")).toBe(text));
  test.each([
    [{ fixed: true, gone: 1, come: 0 }, "Clears this finding, adds none"],
    [{ fixed: true, gone: 3, come: 0 }, "Clears this finding and 2 more, adds none"],
    [{ fixed: true, gone: 1, come: 2 }, "Clears this finding, adds 2"],
    [{ fixed: false, gone: 0, come: 0 }, "Does not clear it alone"],
    [{ fixed: false, gone: 1, come: 2 }, "Makes it worse and 1 more, adds 2"],
  ] as const)("what trying one has shown: %j", (effect, text) => expect(cureEffectText(effect)).toBe(text));
});

describe("things by what one finds on the vehicle", () => {
  test.each([
    [thin, "the wire C1-3 to splice E03"],
    [{ ...thin, isTried: true }, "the new wire C1-3 to splice E03"],
    [wire("C1-3", { ...cavity("C1-3"), type: "open-end" }), "the wire at C1-3"],
    [{ type: "mate", from: cavity("X1-3"), to: cavity("X2-3") }, "X1-3 in X2-3"],
    [{ type: "link", linkId: "l", as: "wire", from: cavity("A-1"), to: cavity("B-1") }, "the link A-1 to B-1"],
    [part("Main fuses", "F1", "fuse"), "fuse F1 of Main fuses"],
    [part("KEY", "15", "switch"), "KEY 15"],
    [{ ...part("IP", "I5", "lamp"), at: cavity("IP-5") }, "the lamp at IP-5"],
    [{ ...part("Starter", "motor", "switch"), role: "starter-motor" }, "Starter motor"],
    [{ type: "assumed-feed", at: cavity("FB-1"), alive: "run" }, "the feed to FB-1, assumed"],
    [{ type: "assumed-ground" }, "battery negative to body, assumed"],
    [{ type: "tried-load", name: "Winch" }, "Winch"],
  ] as const)("%#", (origin, text) => expect(originText(origin as Origin)).toBe(text));
  test("an alternator has no cavity, and is named", () => expect(itemText({ type: "alternator" })).toBe("alternator"));
});
