import { beforeAll, describe, expect, test } from "vitest";
import { buildHarness, type Harness } from "@/core/harness";
import { buildModel, factsOf, type PowerReport, type PowerSolution, reportPower, solvePower } from "@/core/power";
import { starterMotors } from "@/core/power/findings/interlock";
import { solveIn } from "@/core/power/solved/solve";
import { sliceByChoice } from "@/core/slice";
import { type KeyPosition, usualState } from "@/core/state";
import { findingTitle } from "@/core/words";
import { parseDocument, writeDocument } from "@/job/document";
import { functionChoices, harnessFacts } from "@/job/harness-facts";
import { powerInputOf } from "@/job/power-facts";
import type { JobDocument } from "@/job/schema";
import { inStep } from "@/job/table-wires";
import { heronDocument, heronTables } from "./heron";
import { ridgewayDocument } from "./ridgeway";
import { pinOf } from "./sample-job";

let document: JobDocument;
let harness: Harness;
beforeAll(() => {
  document = ridgewayDocument();
  harness = buildHarness(harnessFacts(document));
});

describe("the large sample", () => {
  test("is as large as promised, and made the same each time", () => {
    expect(document.pins.length).toBeGreaterThan(1200);
    expect(harness.wires.length).toBeGreaterThanOrEqual(2000);
    expect(writeDocument(ridgewayDocument())).toBe(writeDocument(document));
  });
  test("has what real harnesses have", () => {
    const count = (type: string) => harness.parts.filter((part) => part.type === type).length;
    expect(count("ground-stud")).toBeGreaterThan(10);
    expect(count("splice-pack")).toBeGreaterThan(1);
    expect(count("in-line")).toBeGreaterThan(10);
    expect(harness.nodes.filter((node) => node.type === "splice").length).toBeGreaterThan(50);
    expect(new Set(document.connectors.map((row) => row.branchId)).size).toBeGreaterThan(8);
  });
  test("is a valid document, and every function it has can work", () => {
    expect(parseDocument(writeDocument(document)).ok).toBe(true);
    const slice = sliceByChoice(harness, functionChoices(document));
    expect(slice.needs.length).toBeGreaterThan(25);
    expect(slice.needs.flatMap((need) => need.unmet)).toEqual([]);
  });
  describe("its plan, as the map proposes it", () => {
    let report: PowerReport;
    let solution: PowerSolution;
    let pinId: (label: string) => string;
    beforeAll(() => {
      solution = solvePower(buildModel(factsOf(powerInputOf(document))));
      report = reportPower(solution);
      pinId = (label) => pinOf(document, label).id;
    });
    const volts = (label: string, state: KeyPosition) =>
      report.rows.find(({ pin }) => pin.id === pinId(label))?.cells.find((cell) => cell.state === state)?.volts;
    const link = (consumer: string) => solution.model.facts.links.find((one) => one.consumerId === pinId(consumer));

    test("is sound: no danger, nothing that stops it, no fault", () =>
      expect(
        report.findings.filter(({ severity }) => severity !== "note").map((finding) => findingTitle(finding, "metric")),
      ).toEqual([]));
    test("the ignition wakes the first computer of each vehicle, which pulls the relay of its other feeds in", () => {
      for (const box of ["Ignition fuse box", "Engine fuse box"]) {
        expect(volts(`${box}-in`, "off"), box).toBeLessThan(0.3);
        expect(volts(`${box}-in`, "run"), box).toBeGreaterThan(10.5);
        expect(volts(`${box}-in`, "running"), box).toBeGreaterThan(12.5);
      }
      const wake = document.pins.find(({ description }) => description === "Ignition, wakes Engine computer");
      const woken = solution.model.facts.links.find((one) => one.consumerId === wake?.id);
      expect(woken?.providerId).toBe(pinId("Ignition switch-15"));
    });
    test("its starter turns on the button in P, and in no gear", () => {
      const turning = (range: "P" | "D") => {
        const solved = solveIn(solution, usualState("crank", { range }));
        const motor = starterMotors(solution.model)[0];
        return solved?.ok === true && motor !== undefined
          ? Math.abs(solved.solution.byNumber.amps[motor.at] ?? 0)
          : null;
      };
      expect(turning("P")).toBeGreaterThan(150);
      expect(turning("D")).toBeLessThan(1);
    });
    test("feeds come from the battery behind a fuse; no switch of the body is read by what the engine brought", () => {
      expect(link("Battery fuse box-in")).toMatchObject({
        providerId: pinId("Battery-+"),
        adapters: [{ type: "fuse" }],
      });
      for (const own of ["Body computer 2-24", "Ignition fuse box relay-85", "Main fuse box-in"])
        expect(link(own), own).toBeUndefined();
    });
  });
  test("its wires, and the small sample's, are those of their tables", () => {
    for (const made of [document, heronTables(), heronDocument()])
      expect(new Map(made.wires.map((row) => [row.id, row]))).toEqual(
        new Map(inStep(made).wires.map((row) => [row.id, row])),
      );
  });
  test("its problems are conflicts of size at steps between harnesses, and one feed that nobody shows", () =>
    expect(new Set(harness.problems.map((problem) => problem.code))).toEqual(new Set(["conflict", "no-feed"])));
});
