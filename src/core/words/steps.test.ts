import { describe, expect, test } from "vitest";
import type { CavityPoint } from "../points";
import type { Expected, Step, StepBasis, StepKind, StepSubject } from "../proving";
import { KEY_POSITIONS } from "../state";
import {
  CAUTIONS,
  crankExtremeText,
  crankPlaceText,
  expectedText,
  meterText,
  probeLabel,
  probeWhere,
  standingText,
  stepStop,
  stepTitle,
  stepWhy,
  uncertaintyText,
  verdictText,
} from "./index";

const cavity = (connector: string, at: string): CavityPoint => ({
  type: "cavity",
  pinId: `${connector}-${at}`,
  side: "donor",
  connector,
  cavity: at,
});
const volts = (low: number | null, high: number | null): Expected => ({
  unit: "V",
  low,
  high,
  nominal: null,
  openIsRight: false,
  stopBelow: 11.8,
  stopAbove: 15,
});
const link: StepSubject = { type: "link", provider: cavity("KEY", "15"), consumer: cavity("C1", "2"), proposed: false };
const step = (kind: StepKind, basis: StepBasis, more: Partial<Step> = {}): Step => ({
  key: "k",
  kind,
  group: "first-power",
  about: link,
  red: { at: cavity("C1", "2"), place: "left of the glove box", description: "Ignition feed" },
  black: { at: { type: "pole", pole: "minus" }, place: null, description: null },
  meter: "dc-20v",
  keyState: "run",
  expected: volts(11, 12.9),
  basis,
  caution: "first-power",
  lineKey: "l",
  ...more,
});
const battery: StepBasis = { type: "battery" };
const live: StepBasis = {
  type: "live",
  alive: "run-crank",
  volts: 12.2,
  low: 11.4,
  high: 12.7,
  planFails: false,
  batteryVolts: 12.9,
};

describe("what a step is called", () => {
  test.each([
    ["ground-ohms", "Ground C1-2 to battery negative"],
    ["feed-short", "Feed C1-2 is not shorted to ground"],
    ["continuity", "Continuity KEY-15 to C1-2"],
    ["wire-short", "Wire KEY-15 to C1-2 is not shorted to ground"],
    ["coil", "Relay coil for C1-2"],
    ["feed-volts", "Feed C1-2 is live in run"],
    ["ground-drop", "Ground C1-2 in run"],
    ["battery", "Battery at rest"],
    ["leads", "The meter's own leads"],
  ] as const)("%s", (kind, title) => expect(stepTitle(step(kind, live))).toBe(title));
  test("a ground or relay of the tables has no link, and says so; a proposed link is marked", () => {
    const ground = step("ground-drop", battery, {
      about: { type: "ground", at: cavity("G1", "1") },
      keyState: "crank",
    });
    const relay = step("coil", battery, { about: { type: "relay", part: "Main relay" } });
    expect([stepTitle(ground), standingText(ground)]).toEqual(["Ground G1-1 while cranking", "no link of the plan"]);
    expect([stepTitle(relay), standingText(relay)]).toEqual(["Relay coil for Main relay", "no link of the plan"]);
    expect(standingText(step("coil", battery))).toBeNull();
    expect(standingText(step("coil", battery, { about: { ...link, proposed: true } }))).toBe("proposed only");
  });
});

describe("where the probes go", () => {
  test("a cavity by its label, its plug's place and its use; never spread its terminal", () => {
    const { red, black } = step("feed-volts", live);
    expect(probeLabel(red)).toBe("C1-2");
    expect(probeWhere(red)).toBe(
      "C1, cavity 2, left of the glove box: Ignition feed. Back-probe, do not spread the terminal",
    );
    expect(probeLabel(black)).toBe("Battery negative");
    expect(probeWhere({ ...red, place: null, description: null })).toContain("no description");
  });
  test.each([
    ["feed", "its feed side"],
    ["driver", "its driver side"],
    ["ground", "its ground side"],
    ["coil", "one end of its coil"],
  ] as const)("a relay's socket at %s", (other, words) =>
    expect(probeWhere({ at: { type: "relay-terminal", terminal: "86", other }, place: null, description: null })).toBe(
      `The relay's socket, terminal 86: ${words}`,
    ),
  );
});

describe("what to expect, and why", () => {
  test.each([
    [volts(11, 12.9), "11.0 to 12.9 V"],
    [volts(null, 0.3), "at most 0.3 V"],
    [volts(null, 0.36), "at most 0.36 V"],
    [{ ...volts(2.4, null), unit: "Ω", openIsRight: true }, "OL, or above 2.4 Ω"],
    [{ ...volts(null, 0.34), unit: "Ω" }, "at most 340 mΩ"],
    [{ ...volts(72, 98), unit: "Ω" }, "72 to 98 Ω"],
    [volts(6, null), "at least 6 V"],
  ] as const)("%#: %s", (expected, text) => expect(expectedText(expected as Expected)).toBe(text));
  test.each([
    [
      { type: "usual-coil", lowOhms: 40, highOhms: 160 },
      "Its coil is not known yet: usual 12 V relays have 40 to 160 Ω (assumed)",
    ],
    [{ type: "coil", ohms: 85, tolerance: 0.15 }, "The coil planned is 85 Ω; ±15 % covers parts and temperature"],
    [
      { type: "leads", mostOhms: 0.3 },
      "Good leads have 100 mΩ to 300 mΩ; what they read is allowed for in every reading on the lowest range after this",
    ],
    [
      { type: "dead", alive: "run", volts: 0.01, mostVolts: 0.3 },
      "It must be dead here (an ignition feed (run)): the solved plan gives 0.01 V; up to 0.3 V may leak",
    ],
    [
      { ...live, planFails: true, volts: 0.1 },
      "It must be live here (an ignition feed (run and crank)), and the solved plan gives 0.10 V: the plan itself is wrong here, see Power",
    ],
  ] as const)("%#", (basis, text) => expect(stepWhy(step("feed-volts", basis as StepBasis), "metric")).toBe(text));
  test("what a range rests on is named with its numbers, in the job's units", () => {
    expect(stepWhy(step("feed-volts", live), "metric")).toMatch(/60 to 100 % charged at 5 °C to 30 °C/);
    expect(stepWhy(step("feed-volts", live), "imperial")).toMatch(/41 °F to 86 °F/);
  });
  test("copper: its wires, the leads read or allowed for, and what is assumed", () => {
    const wires = (read: boolean, assumed: boolean): StepBasis => ({
      type: "wires",
      ohms: 0.035,
      leads: { ohms: read ? 0.2 : 0.3, read },
      assumed,
    });
    expect(stepWhy(step("continuity", wires(false, false)), "metric")).toBe(
      "Wire only: 35 mΩ by length and size, and leads that have not been read may add 300 mΩ",
    );
    expect(stepWhy(step("continuity", wires(true, false)), "metric")).toContain("the meter's own leads 200 mΩ");
    expect(stepWhy(step("continuity", wires(true, true)), "metric")).toMatch(/is not known yet, so .* is assumed/);
    expect(stepWhy(step("ground-ohms", wires(true, false)), "metric")).toContain("Ohms only find an open here");
  });
});

describe("when to stop", () => {
  test.each([
    ["battery", "run", /^Below 11.8 V: charge it first. Above 15 V/],
    ["feed-short", "battery-off", /do not connect the battery until the short is found/],
    ["feed-volts", "crank", /do not crank on/],
    ["ground-drop", "crank", /the starter's current returns through the harness/],
  ] as const)("%s %s", (kind, keyState, text) => expect(stepStop(step(kind, live, { keyState }))).toMatch(text));
  test("cranking: no fuel and no spark, with pump, injectors and coils named", () =>
    expect(CAUTIONS.crank).toMatch(/fuel pump's fuse out, injectors and ignition coils unplugged/));
  test("no caution leaves out whose procedures count", () => {
    for (const text of Object.values(CAUTIONS)) expect(text).toContain("Follow the makers' procedures.");
  });
});

describe("readings", () => {
  test.each([
    ["pass", "within", "Within its limits"],
    ["fail", "low-volts", "too low in run"],
    ["fail", "live", "live in run, where it must be dead"],
    ["stop", "live-ohms", "Stop: negative ohms: something on this wire is live. Find it before you go on"],
  ] as const)("%s %s", (outcome, verdict, text) =>
    expect(verdictText({ outcome, verdict }, step("feed-volts", live))).toBe(text),
  );
  test("how sure they are", () =>
    expect([uncertaintyText(0.082, "V"), uncertaintyText(null, "V"), uncertaintyText(0.1, null)]).toEqual([
      "± 0.08 V",
      "",
      "",
    ]));
  test("of one crank: the least of a feed, the most of a ground", () => {
    const [feed, ground] = [step("feed-volts", live), step("ground-drop", live)];
    expect([crankExtremeText(feed), crankExtremeText(ground)]).toEqual(["least", "most"]);
    expect([crankPlaceText(feed), crankPlaceText({ ...ground, red: { ...ground.red, description: null } })]).toEqual([
      "feed, Ignition feed",
      "ground",
    ]);
  });
  test("each meter setting says range and what is plugged; each key position has words", () => {
    expect(meterText(step("feed-short", live, { meter: "highest-ohms-unplugged" }))).toBe(
      "Ohms, highest range; both ends unplugged",
    );
    for (const keyState of KEY_POSITIONS.filter((one) => one !== "running" && one !== "coasting"))
      expect(stepTitle(step("feed-volts", live, { keyState }))).toMatch(/^Feed C1-2 is live (in|with|while) /);
  });
});
