import { describe, expect, test } from "vitest";
import { facts } from "../../../tests/support/harness";
import { pointText, stopText, wireText } from "../words";
import { type Decisions, HarnessAnalysis } from "./index";

const TABLE =
  "host Battery-+ 1 supply-out battery-supply\nhost FB-9 1 supply-in battery-supply alive=permanent\nhost FB-1 10 supply-out battery-supply alive=permanent\nhost Horn-1 10 load-in horn\nhost Horn-2 20 ground ground\nhost Lamp-1 10 load-in lighting\nhost Lamp-2 20 ground ground\nhost G1-1 20 ground ground\nhost X-1 30 unknown -";
const decisions = (more: Partial<Decisions> = {}): Decisions => ({
  functions: [],
  cuts: [],
  removedConnectors: [],
  ...more,
});
const desk = () => {
  const one = new HarnessAnalysis();
  one.load(facts(TABLE));
  return one;
};

describe("the desk keeps a harness between questions", () => {
  test("rows with names, functions with their wires, ends at each cavity, inventory", () => {
    const report = desk().report(decisions());
    expect(report.rows.map((row) => wireText(row.ends))).toContain("Horn-1 to splice 10");
    expect(report.functions.find((one) => one.key === "horn")).toMatchObject({
      kept: true,
      keptByDefault: true,
      unmet: [],
    });
    expect(report.ends.get("Horn-1")).toEqual([
      { by: "wire", to: { type: "splice", side: "host", circuit: "10" }, pinIds: ["FB-1", "Horn-1", "Lamp-1"] },
    ]);
    expect(report.ends.get("X-1")).toMatchObject([{ to: { type: "open-end", pinId: "X-1" }, pinIds: [] }]);
    expect(report.inventory.map((item) => item.kind)).toContain("fuse");
    expect(structuredClone(report)).toEqual(report);
  });
  test("dropping a function is answered anew, so is loading another harness", () => {
    const one = desk();
    one.report(decisions());
    expect(
      one
        .report(decisions({ functions: [["lights", false]] }))
        .rows.find((row) => wireText(row.ends) === "Lamp-1 to splice 10")?.proposed,
    ).toBe("remove");
    one.load(facts("host A-1 1\nhost B-1 1"));
    expect(one.report(decisions()).rows.map((row) => wireText(row.ends))).toEqual(["A-1 to B-1"]);
  });
  test("what a cut would do, with paths and other feeds; of a cut already made it tells what it does", () => {
    const told = desk().consequences(
      decisions({ cuts: [{ wireId: "wire:Horn-1", choice: "remove", override: "", done: true, unplanned: true }] }),
      ["wire:Horn-1"],
    );
    expect(told.stops.map((stop) => stopText(stop))).toEqual(["Horn-1 has no feed"]);
    expect(told.feeds.map((feed) => pointText(feed.at))).toEqual(expect.arrayContaining(["FB-1", "Battery positive"]));
    expect(told.paths[0]?.steps.map(pointText)).toEqual([
      "battery positive",
      "Battery positive",
      "FB-9",
      "FB-1",
      "splice 10",
      "Horn-1",
      "Horn-2",
      "splice 20",
      "G1-1",
      "body",
      "battery negative",
    ]);
  });
  test("loose ends of a connector taken out, and a question before any harness", () => {
    expect(
      desk()
        .report(decisions({ removedConnectors: ["host:FB"] }))
        .looseEnds.map((end) => pointText(end.at)),
    ).toEqual(["FB-9", "FB-1"]);
    expect(() => new HarnessAnalysis().report(decisions())).toThrow("load the harness");
    expect(new HarnessAnalysis().confusablePairs([])).toEqual([]);
  });
});
