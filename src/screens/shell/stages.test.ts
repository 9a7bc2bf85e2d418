import { describe, expect, test } from "vitest";
import { isProposed } from "@/core/proving";
import { heronDocument, heronTables } from "@/demo/heron";
import { emptyDocument } from "@/job/document";
import type { JobDocument } from "@/job/schema";
import { jobOf } from "../../../tests/support/page";
import { blockerAddress, INTAKE_VIEWS, stageAt, stagesOf } from "./stages";

const stages = (document: JobDocument) =>
  Object.fromEntries(stagesOf(jobOf(document)).map((stage) => [stage.key, stage]));
const oneSide = (side: "donor" | "host"): JobDocument => {
  const tables = heronTables();
  const ids = new Set(tables.connectors.filter((row) => row.side === side).map((row) => row.id));
  return {
    ...tables,
    connectors: tables.connectors.filter((row) => ids.has(row.id)),
    pins: tables.pins.filter((row) => ids.has(row.connectorId)),
  };
};

describe("the state of each stage", () => {
  test("a new job begins with the import, and claims nothing", () => {
    const { intake, power, prove } = stages(
      emptyDocument({ name: "New", host: "Heron", donor: "Pelican", approach: "merged", units: "metric", wishes: "" }),
    );
    expect(intake).toMatchObject({ path: "import", mark: "open", open: 2 });
    expect([power?.mark, prove?.mark]).toEqual(["open", "open"]);
  });
  test("with one side alone one table is open, and the plan is not called sound", () => {
    const { intake, power } = stages(oneSide("donor"));
    expect(intake).toMatchObject({ mark: "open", open: 1 });
    expect(power).toMatchObject({ mark: "open", state: "one side is missing" });
  });
  test("the planned sample is blocked in Power, with what is open counted without its notes", () => {
    const job = jobOf(heronDocument());
    const { power, map, prove } = Object.fromEntries(stagesOf(job).map((stage) => [stage.key, stage]));
    expect(power).toMatchObject({
      mark: "blocked",
      open: job.power?.findings.filter((finding) => finding.severity !== "note").length,
    });
    expect(map?.open).toBe(
      job.plan.lines.filter((line) => ["proposed", "open", "blocked"].includes(line.state)).length,
    );
    expect(prove?.open).toBe(job.steps.filter(({ step }) => !isProposed(step)).length);
    expect(prove?.open).toBeLessThan(job.steps.length);
  });
  test("before the plan is solved Power says so, and counts nothing", () =>
    expect(stagesOf({ ...jobOf(heronDocument()), power: null }).find((stage) => stage.key === "power")).toMatchObject({
      mark: "open",
      state: "solving",
      open: null,
    }));
  test("steps that need the solved plan are not counted before it is there", () =>
    expect(
      stagesOf({ ...jobOf(heronDocument()), expected: null }).find((stage) => stage.key === "prove")?.open,
    ).toBeNull());
  test("the digits count them in the order of work", () =>
    expect(stagesOf(jobOf(heronDocument())).map((stage) => stage.digit)).toEqual([
      "1",
      "2",
      "3",
      "4",
      "5",
      "6",
      "7",
      "8",
    ]));
});

describe("addresses", () => {
  test("every view of intake belongs to it, other views to their own stage, and none to what is none", () => {
    for (const { path } of INTAKE_VIEWS) expect(stageAt(path)).toBe("intake");
    expect([stageAt("power"), stageAt("prove"), stageAt("history")]).toEqual(["power", "prove", null]);
  });
  test.each([
    [{ view: "power", findingKey: "dead a/b" }, "/jobs/j/power?finding=dead%20a%2Fb"],
    [{ view: "import", side: "host" }, "/jobs/j/import?side=host"],
    [{ view: "pins", pinId: "p 1" }, "/jobs/j/pins?pin=p%201"],
    [{ view: "triage", tab: "loose" }, "/jobs/j/triage?tab=loose"],
    [{ view: "triage", tab: "decide", functionKey: "horn" }, "/jobs/j/triage?tab=decide&function=horn"],
    [{ view: "map", lineKey: "a>b" }, "/jobs/j/map?line=a%3Eb"],
    [{ view: "prove", stepKey: "s" }, "/jobs/j/prove?step=s"],
  ] as const)("what blocks the job is mended at %j", (target, address) =>
    expect(blockerAddress("j", { target })).toBe(address),
  );
});
