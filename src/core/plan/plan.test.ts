import { describe, expect, test } from "vitest";
import { pinsFrom } from "../../../tests/support/pins";
import type { Finding } from "../power";
import { ADAPTER_TYPES, parseAdapter } from "../signals";
import { adapterText, chainText, MAP_GROUP_WORDS, restsOnText, sheetAdapter, sheetNote } from "../words";
import {
  type Blocker,
  type Decision,
  deriveLines,
  findBlockers,
  groupOf,
  type Line,
  leftOut,
  notGiven,
  type PlanFacts,
  sheetRows,
  withFindings,
} from "./index";

const pins = pinsFrom(`
  host KEY-15 supply-out ignition-supply maxAmps=15;alive=run-crank
  donor C1-2~0.75 supply-in ignition-supply amps=5;alive=run-crank
  host IP-1 frequency-in engine-speed pulsesPerRev=2;pull=none;highVolts=6.5;maxVolts=18
  donor C1-23 frequency-out engine-speed pulsesPerRev=2;drive=open-collector
  donor C1-25 resistive-out coolant-temperature
  host IP-2 resistive-in coolant-temperature`);
const decision = (part: Partial<Decision>): Decision => ({
  id: "d1",
  providerId: "host KEY-15",
  consumerId: "donor C1-2",
  quantity: "ignition-supply",
  decision: "accepted",
  verdict: "direct",
  adapters: [],
  why: "as proposed",
  byHand: false,
  note: "",
  ...part,
});
const states = (decisions: readonly Decision[]) =>
  deriveLines(pins, decisions).lines.map((line) => `${line.quantity} ${line.state}${line.stale ? " stale" : ""}`);
const facts = (decisions: readonly Decision[], more: Partial<PlanFacts<string>> = {}): PlanFacts<string> => ({
  sides: { donor: 3, host: 3 },
  plan: deriveLines(pins, decisions),
  unknownPins: [],
  steps: [],
  ...more,
});

describe("lines", () => {
  test("proposals stand by their verdict; the groups are in the order of work", () => {
    expect(states([])).toEqual(["ignition-supply proposed", "engine-speed proposed", "coolant-temperature open"]);
  });
  test("a decision takes its proposal's place, a refusal stays visible", () => {
    expect(states([decision({})])).toEqual([
      "ignition-supply decided",
      "engine-speed proposed",
      "coolant-temperature open",
    ]);
    expect(states([decision({ decision: "refused" })])[0]).toBe("ignition-supply refused");
  });
  test("a decision that the facts no longer bear is stale; one by hand is the person's own", () => {
    const other = { verdict: "adapter", adapters: [{ type: "fuse", amps: 10 }] } as const;
    expect(states([decision(other)])[0]).toBe("ignition-supply decided stale");
    expect(states([decision({ ...other, byHand: true })])[0]).toBe("ignition-supply decided");
  });
  test("a decision whose cavity is gone makes no line", () =>
    expect(states([decision({ consumerId: "donor gone" })])).toHaveLength(3));
});

describe("what may be accepted together", () => {
  const line = (text: string) => {
    const { lines } = deriveLines(pinsFrom(text), []);
    return lines[0] as Line;
  };
  const LAMP =
    "donor C1-24 low-side-out malfunction-lamp maxAmps=0.4;clamp=own\nhost IP-13 load-in malfunction-lamp amps=0.1;otherEnd=battery;inductive=no";
  const sure =
    (kindConfidence: number, quantityConfidence = kindConfidence) =>
    () => ({ kindConfidence, quantityConfidence });
  test("what is sure, given and harmless; a guess from 0.9 on counts as sure", () => {
    expect(leftOut(line(LAMP), sure(1))).toBeNull();
    expect(leftOut(line(LAMP), sure(0.9))).toBeNull();
    const consumer = line(LAMP).consumer.id;
    expect(leftOut(line(LAMP), sure(1), new Set([consumer]))).toBe("fails");
    expect(leftOut(line(LAMP), sure(1), new Set(["elsewhere"]))).toBeNull();
    expect(leftOut(line(LAMP), sure(0.89))).toBe("guess");
    expect(leftOut(line(LAMP), sure(1, 0.8))).toBe("guess");
    expect(leftOut(line(LAMP), () => undefined)).toBe("guess");
  });
  test.each(["fuel-pump", "starter-relay", "brake-switch"])("never %s, however sure", (quantity) => {
    const text = `donor C1-1 low-side-out ${quantity} maxAmps=9;clamp=own
host X-1 load-in ${quantity} amps=1;otherEnd=battery;inductive=no`;
    expect(leftOut(line(text), sure(1))).toBe("caution");
  });
  test("nor what rests on a value that nobody gave", () => {
    const given = line(LAMP);
    const field = { value: 0.1, source: "assumed" } as const;
    const assumed = {
      ...given,
      consumer: { ...given.consumer, form: { ...given.consumer.form, amps: field } },
    } as Line;
    expect(leftOut(assumed, sure(1))).toBe("assumed");
    expect(notGiven(given)).toEqual([]);
    expect(restsOnText(notGiven(given))).toBeNull();
    expect(notGiven(assumed)).toMatchObject([{ at: { cavity: "13" }, field: "amps", source: "assumed" }]);
    expect(restsOnText(notGiven(assumed))).toMatch(/^Rests on current of IP-13 \(assumed\)/);
  });
});

describe("what holds the job back", () => {
  test("a missing table comes before all else", () => {
    expect(findBlockers(facts([], { sides: { donor: 0, host: 3 } }))).toMatchObject([
      { code: "no-table", target: { view: "import", side: "donor" } },
    ]);
  });
  test("then what needs a choice, then cavities not known, then what waits for a yes", () => {
    const blockers = findBlockers(
      facts([], {
        unknownPins: [
          { at: { type: "cavity", pinId: "p", side: "donor", connector: "C1", cavity: "40" }, description: null },
        ],
      }),
    );
    expect(blockers.map((blocker) => blocker.code)).toEqual([
      "open-line",
      "unknown-pin",
      "proposed-line",
      "direct-lines",
    ]);
    expect(blockers[0]?.target).toEqual({ view: "map", lineKey: "donor C1-25>host IP-2" });
  });
  test("a failed step outranks all but a missing table; a stale one is to be read again", () => {
    const step = { key: "s", step: "Feed is live", outcome: "fail", stale: false } as const;
    expect(findBlockers(facts([], { steps: [step] }))[0]).toMatchObject({
      code: "failed-step",
      step: "Feed is live",
      target: { view: "prove", stepKey: "s" },
    });
    expect(findBlockers(facts([], { steps: [{ ...step, stale: true }] })).at(-1)?.code).toBe("next-step");
  });
  describe("with what Power finds", () => {
    const found = (key: string, severity: Finding["severity"], pinId: string | null = null) =>
      ({ key, severity, pinId }) as Finding;
    const codes = (blockers: readonly Blocker<string>[]) =>
      blockers.map((one) => (one.code === "power-finding" ? one.finding.key : one.code));
    const findings = [
      found("hot", "danger"),
      found("dark", "stop", "a"),
      found("slack", "fault"),
      found("tip", "note"),
    ];
    const step = { key: "s", step: "Feed is live", outcome: null, stale: false } as const;
    const ofPlan = findBlockers(facts([], { steps: [step] }));
    const open = codes(ofPlan).slice(0, -1);

    test("a danger stands before the first step, after what may still be decided", () => {
      expect(codes(withFindings(ofPlan, findings, new Set()))).toEqual([...open, "hot", "dark", "next-step"]);
    });
    test("what stops the engine as it was decided comes first of all", () => {
      expect(codes(withFindings(ofPlan, findings, new Set(["a"])))).toEqual(["dark", ...open, "hot", "next-step"]);
    });
    test("a job with nothing else open still names its danger, and no fault or note", () => {
      expect(codes(withFindings([], findings, new Set()))).toEqual(["hot", "dark"]);
    });
  });
  test("nothing is left when all is decided and proven", () => {
    const only = deriveLines(pins.slice(0, 2), [decision({})]);
    expect(
      findBlockers(facts([], { plan: only, steps: [{ key: "s", step: "t", outcome: "pass", stale: false }] })),
    ).toEqual([]);
  });
});

describe("in words", () => {
  test("an adapter with its values; a missing value is a question mark", () => {
    expect(adapterText({ type: "pull-up", ohms: 2200, volts: 12 })).toBe("pull-up 2.2 kΩ to 12 V");
    expect(adapterText({ type: "relay", coilAmps: 0.17, coilOhms: 85, contactAmps: null, contactFeed: null })).toBe(
      "relay, coil 85 Ω, contact ? A from a feed to be chosen",
    );
    expect(
      chainText([
        { type: "blocking-diode", volts: 50, amps: 1 },
        { type: "frequency-scaler", ratio: 1.5, outVolts: 12 },
      ]),
    ).toBe("blocking diode 1 A, then pulse scaler × 1.5");
  });
  test("every type of the closed list has words", () => {
    for (const type of ADAPTER_TYPES) expect(adapterText(parseAdapter({ type }, () => null))).toMatch(/[a-z]{3}/);
  });
  test("the sheet holds decided links alone, donor left", () => {
    const { lines } = deriveLines(pins, [decision({ note: "checked" })]);
    const rows = sheetRows(lines, () => ({ colour: "RD", sizeMm2: 1 }));
    expect(rows).toMatchObject([
      {
        group: "power",
        quantity: "ignition-supply",
        donor: { at: { connector: "C1", cavity: "2" }, colour: "RD", sizeMm2: 1 },
        host: { at: { connector: "KEY" } },
        adapters: [],
        isDirect: true,
      },
    ]);
    expect(rows.map((row) => [sheetAdapter(row), sheetNote(row), MAP_GROUP_WORDS[row.group]])).toEqual([
      ["wire only", "checked", "Power and ground"],
    ]);
  });
  test("a quantity of no group is everything else", () => expect(groupOf("horn")).toBe("else"));
});
