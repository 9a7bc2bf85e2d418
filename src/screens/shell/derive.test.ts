import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { isProposed, LEADS_STEP } from "@/core/proving";
import { lineText, staleText } from "@/core/words";
import { heronTables } from "@/demo/heron";
import { decideOps } from "@/job/decide";
import { deleteOp, insertOp, type RowOp, updateOp } from "@/job/ops";
import type { JobDocument, ReadingRow } from "@/job/schema";
import { carryOut } from "@/job/table-wires";
import { readingRow } from "../../../tests/support/reading";
import { laneKind, lineState } from "../map/line-words";
import { Deriver, derive, isGuess, isUnknown } from "./derive";
import { blockerAddress, stagesOf } from "./stages";

const heron = heronTables();
let count = 0;
const acceptDirect = (document: JobDocument) =>
  carryOut(
    document,
    derive(document)
      .plan.lines.filter((line) => line.verdict === "direct")
      .flatMap((line) =>
        decideOps(
          document,
          {
            providerId: line.provider.id,
            consumerId: line.consumer.id,
            quantity: line.quantity,
            decision: "accepted",
            verdict: "direct",
            adapters: [],
            why: lineText(line),
            byHand: false,
          },
          () => `l${++count}`,
        ),
      ),
  );
const decided = acceptDirect(heron);
const read = (document: JobDocument, key: string, part: Partial<ReadingRow>) => {
  const view = derive(document).steps.find(({ step }) => step.key === key);
  return carryOut(document, [
    insertOp(
      "reading",
      readingRow(`r${++count}`, {
        stepKey: key,
        written: "0.1",
        value: 0.1,
        basis: view?.basis ?? "",
        unit: "Ω",
        takenAt: new Date(count * 1000).toISOString(),
        ordinal: count,
        ...part,
      }),
    ),
  ]);
};

test("one deriver kept over many changes shows what a fresh one does", () => {
  const kept = new Deriver();
  const pin = (document: JobDocument, at: number) =>
    document.pins[at % document.pins.length] as JobDocument["pins"][number];
  fc.assert(
    fc.property(fc.array(fc.tuple(fc.nat(5), fc.nat(400)), { minLength: 1, maxLength: 8 }), (wishes) => {
      let document = heron;
      for (const [what, at] of wishes) {
        const row = pin(document, at);
        const to =
          what === 0
            ? { position: at }
            : what === 1
              ? { connectorId: document.connectors[at % document.connectors.length]?.id ?? "" }
              : { description: `said ${at}` };
        const op = what === 5 ? deleteOp("pin", row) : updateOp("pin", row.id, row, to);
        if (op !== null) document = carryOut(document, [op]);
        const fresh = new Deriver().pins(document);
        expect(kept.pins(document).pins).toEqual(fresh.pins);
        expect([...kept.pins(document).pinById.keys()].toSorted()).toEqual([...fresh.pinById.keys()].toSorted());
        expect(kept.pins(document).pinById.get(row.id)).toEqual(fresh.pinById.get(row.id));
      }
    }),
    { numRuns: 40 },
  );
});

describe("the sample job", () => {
  test("is matched as a technician would: 27 lines, the engine's feeds direct, the rev counter by a pull-up, the pump by a relay", () => {
    const lines = new Map(
      derive(heron).plan.lines.map((line) => [
        `${line.provider.connector}-${line.provider.cavity} > ${line.consumer.connector}-${line.consumer.cavity}`,
        line,
      ]),
    );
    expect(lines.size).toBe(27);
    expect(lines.get("KEY-15 > C1-2")?.verdict).toBe("direct");
    expect(lines.get("C1-23 > IP-1")?.adapters.map((one) => one.type)).toEqual(["pull-up"]);
    expect(lines.get("C1-30 > Fuel pump-1")?.adapters.map((one) => one.type)).toEqual(["flyback-diode", "relay"]);
    // The block's strap is the one ground that needs the battery: what is bolted to the block has its ground there.
    expect(lines.get("Battery-- > Engine earth-1")?.verdict).toBe("direct");
    expect([...lines.keys()].filter((key) => key.endsWith("C1-6") || key.includes("Coil"))).toEqual([]);
    // The pump's feed has no room for a computer; the spare ways have, each with a fuse of its own.
    expect(lines.get("Main fuse box-5 > C1-1")?.verdict).toBe("direct");
    expect(lines.get("Starter relay-87 > Starter-50")?.verdict).toBe("direct");
    // The key works the starter relay's coil: the computer's driver to ground would short it.
    expect([...lines.keys()].filter((key) => key.startsWith("C1-22"))).toEqual([]);
    expect(lines.get("Brake light switch-2 > C1-16")?.verdict).toBe("manual");
    expect(lines.get("Coolant sensor-1 > IP-2")?.adapters.map((one) => one.type)).toEqual(["second-sender"]);
    expect(lines.get("Oil pressure switch-1 > IP-4")?.verdict).toBe("direct");
  });
  test("every cavity is in a line, told why not, or spare; and none is both", () => {
    const { plan, pins } = derive(heron);
    const linked = new Set(plan.lines.flatMap((line) => [line.provider.id, line.consumer.id]));
    const told = new Set(plan.unmatched.map(({ pin }) => pin.id));
    for (const { row } of pins)
      expect(Number(linked.has(row.id)) + Number(told.has(row.id)) + Number(row.kind === "spare")).toBe(1);
  });
  test("guesses and what is not known are told apart", () => {
    const { pins } = derive(heron);
    expect(pins.filter(isUnknown)).toHaveLength(3);
    expect(pins.filter(isGuess).length).toBeGreaterThan(200);
    expect(pins.filter((pin) => isGuess(pin) && isUnknown(pin))).toEqual([]);
  });
});

describe("steps and readings", () => {
  const first = derive(decided).steps.find(({ step }) => step.kind === "ground-ohms");
  const key = first?.step.key ?? "";
  test("the latest reading counts, and is judged by the step as it is now", () => {
    const failed = read(decided, key, { written: "OL", value: null, outcome: "fail" });
    expect(derive(failed).blockers[0]).toMatchObject({ code: "failed-step", target: { view: "prove", stepKey: key } });
    const passed = read(failed, key, {});
    expect(derive(passed).steps.find(({ step }) => step.key === key)).toMatchObject({
      judgement: { outcome: "pass" },
      attempts: 2,
      stale: false,
    });
    expect(derive(passed).blockers.some((blocker) => blocker.code === "failed-step")).toBe(false);
  });
  test("leads that are read later change what is expected, and make no reading stale", () => {
    const before = read(decided, key, { written: "0.3", value: 0.3 });
    const after = read(before, LEADS_STEP, { written: "0.1", value: 0.1 });
    const of = (document: JobDocument) => derive(document).steps.find(({ step }) => step.key === key);
    expect(of(before)).toMatchObject({ stale: false, judgement: { outcome: "pass" } });
    expect(of(after)).toMatchObject({ stale: false, judgement: { outcome: "fail" } });
    expect((of(before)?.step.expected.high ?? 0) - (of(after)?.step.expected.high ?? 0)).toBeCloseTo(0.15, 9);
  });
  test("a proof is stale when the wire it was made on has changed", () => {
    const passed = read(decided, key, {});
    const pin = passed.pins.find(
      (row) => first?.step.red.at.type === "cavity" && row.id === first.step.red.at.pinId,
    ) as JobDocument["pins"][number];
    const rewired = carryOut(passed, [updateOp("pin", pin.id, pin, { sizeMm2: 0.1, lengthM: 9 }) as RowOp]);
    expect(derive(rewired).steps.find(({ step }) => step.key === key)?.stale).toBe(true);
    expect(
      stagesOf({ ...derive(rewired), document: rewired, report: null, power: null, expected: [] }).find(
        (stage) => stage.key === "prove",
      )?.open,
    ).toBe(derive(rewired).steps.filter(({ step }) => !isProposed(step)).length);
  });
  test("a decision whose feed no longer lives where it must is stale and comes first", () => {
    const feedId = derive(decided).plan.lines.find(
      (line) => line.consumer.cavity === "2" && line.consumer.connector === "C1",
    )?.provider.id;
    const feed = decided.pins.find((row) => row.id === feedId) as JobDocument["pins"][number];
    const dead = carryOut(decided, [
      updateOp("pin", feed.id, feed, { params: { ...feed.params, alive: "run" } }) as RowOp,
    ]);
    const line = derive(dead).plan.lines.find((one) => one.consumer.connector === "C1" && one.consumer.cavity === "2");
    expect(line?.stale).toBe(true);
    expect(line && staleText(line)).toContain("while cranking");
    expect(line && lineState(line)).toMatchObject({ word: "Decide again", bad: true });
    expect(derive(dead).blockers[0]?.code).toBe("stale-line");
  });
});

describe("stages and marks", () => {
  const marks = (document: JobDocument) =>
    Object.fromEntries(
      stagesOf({ ...derive(document), document, report: null, power: null, expected: [] }).map((stage) => [
        stage.key,
        stage.mark,
      ]),
    );
  test("they follow the work", () => {
    expect(marks({ ...heron, connectors: [], pins: [] })).toEqual({
      scope: "decided",
      intake: "open",
      triage: "open",
      map: "open",
      power: "open",
      plan: "open",
      security: "open",
      prove: "open",
    });
    expect(marks(heron)).toMatchObject({ intake: "proposed", map: "proposed", plan: "open", prove: "proposed" });
    expect(marks(decided)).toMatchObject({ plan: "decided", prove: "proposed" });
  });
  test("a blocker leads to its place", () => {
    expect(blockerAddress("j", { target: { view: "map", lineKey: "a>b" } })).toBe("/jobs/j/map?line=a%3Eb");
    expect(blockerAddress("j", { target: { view: "import", side: "host" } })).toBe("/jobs/j/import?side=host");
  });
  test("what lies between is drawn by the verdict", () => {
    const kinds = new Set(derive(heron).plan.lines.map((line) => `${line.verdict} ${laneKind(line)}`));
    expect([...kinds].sort()).toEqual(["adapter adapter", "direct direct", "manual adapter", "manual open"]);
  });
});
