import { describe, expect, test } from "vitest";
import { isProposed } from "@/core/proving";
import { expectedText, standingText, stepTitle } from "@/core/words";
import { heronDocument } from "@/demo/heron";
import type { JobDocument } from "@/job/schema";
import { address } from "../../../tests/support/address";
import { jobOf, read, shown } from "../../../tests/support/page";
import { withProven } from "../../../tests/support/proven";
import type { StepView } from "../shell/derive";
import { markOf, ProveScreen } from "./prove-screen";
import { takeReading } from "./reading-row";

const heron = heronDocument();
const job = jobOf(heron);
const stepOf = (wanted: (view: StepView) => boolean, of = job): StepView => {
  const found = of.steps.find(wanted);
  if (found === undefined) throw new Error("no such step");
  return found;
};
const screen = (of: JobDocument | typeof job, view?: StepView) => {
  address.query = view === undefined ? "" : `step=${encodeURIComponent(view.step.key)}`;
  return read(shown("steps" in of ? of : jobOf(of), <ProveScreen />));
};
/** The panel without the list beside it and the sheet that only printing shows. */
const panelOf = (text: string) => /(Caution\..*?)First power: /s.exec(text)?.[1] ?? "";

describe("the sheet beside the vehicle", () => {
  test("grounds and relays of the tables are in it, and links that are only proposed, each marked", () => {
    const marks = new Map<string | null, number>();
    for (const { step } of job.steps) marks.set(standingText(step), (marks.get(standingText(step)) ?? 0) + 1);
    expect(marks.get("proposed only")).toBeGreaterThan(10);
    expect(marks.get("no link of the plan")).toBeGreaterThan(5);
    const titles = job.steps.map(({ step }) => stepTitle(step));
    expect(titles).toContain("Relay coil for Main relay");
    expect(titles.filter((title) => /^Ground C1-6 /.test(title))).toHaveLength(3);
    expect(new Set(job.steps.map(({ step }) => step.key)).size).toBe(job.steps.length);
  });
  test("the count is of what is made; proposed ones are counted beside it", () => {
    const made = job.steps.filter(({ step }) => !isProposed(step)).length;
    expect(screen(job)).toContain(`0 of ${made} proven, ${job.steps.length - made} proposed only`);
  });
  test("an airbag's cavity is probed nowhere", () => {
    const airbag = new Set(heron.pins.filter(({ quantity }) => quantity === "airbag").map(({ id }) => id));
    for (const { step } of job.steps)
      for (const { at } of [step.red, step.black])
        expect(at.type === "cavity" && airbag.has(at.pinId), stepTitle(step)).toBe(false);
  });
});

describe("one step", () => {
  test("says the caution, both probes, the meter, what to expect and why, before anything is typed", () => {
    const view = stepOf(({ step }) => step.kind === "ground-ohms" && !isProposed(step));
    const text = panelOf(screen(job, view));
    for (const words of [
      "Both battery leads off",
      "Red probe",
      "Battery negative post",
      "Ohms, lowest range",
      "Battery off",
      "You read",
      "Why.",
      "Stop.",
      expectedText(view.step.expected),
    ])
      expect(text).toContain(words);
  });
  test("a link that nobody has accepted takes no reading, and leads to the map", () => {
    const text = panelOf(
      screen(
        job,
        stepOf(({ step }) => isProposed(step)),
      ),
    );
    expect(text).toContain("it is not made, and cannot be read");
    expect(text).toContain("To its link");
    expect(text).not.toContain("You read");
  });
  test("with power only after all without is proven: what stands in the way is named", () => {
    const text = panelOf(
      screen(
        job,
        stepOf(({ step }) => step.kind === "battery"),
      ),
    );
    expect(text).toContain("Not yet Before it: The meter's own leads");
    expect(text).not.toContain("You read");
  });
  test("a crank step offers all places of one crank, once it may be read", () => {
    const proven = jobOf(withProven(heron, (step) => step.keyState !== "crank"));
    const cranked = proven.steps.filter(({ step }) => step.keyState === "crank" && !isProposed(step));
    const text = panelOf(screen(proven, cranked[0]));
    expect(text).toContain(`Read ${cranked.length} in one crank`);
    expect(text).toContain("No fuel and no spark");
    expect(
      panelOf(
        screen(
          job,
          stepOf(({ step }) => step.key === cranked[0]?.step.key),
        ),
      ),
    ).not.toContain("in one crank");
  });
  test("a reading that fails says so, and what may be behind it", () => {
    const first = stepOf(({ step }) => step.kind === "ground-ohms" && !isProposed(step));
    const taken = takeReading(first, "OL");
    if (!taken.ok) throw new Error("a reading");
    const op = taken.op("Robin");
    if (op.op !== "insert") throw new Error("an insert");
    const failed = { ...heron, readings: [op.row as JobDocument["readings"][number]] };
    const text = panelOf(screen(failed, first));
    expect(text).toContain("Fails: open: the path is broken".replace("open", "Open"));
    expect(text).toContain("Likely causes");
    expect(markOf(stepOf(({ step }) => step.key === first.step.key, jobOf(failed)))).toBe("blocked");
  });
});

describe("what is typed", () => {
  const volts = stepOf(({ step }) => step.kind === "battery");
  test.each([
    ["12.6", "pass", 12.6],
    [" 12,6 V ", "pass", 12.6],
    ["11.9", "fail", 11.9],
    ["2", "stop", 2],
  ] as const)("%j is kept as typed, with its value, its judgement and how sure it is", (typed, outcome, value) => {
    const taken = takeReading(volts, typed);
    expect(taken).toMatchObject({ ok: true, passes: outcome === "pass" });
    const op = taken.ok ? taken.op("Kim") : null;
    expect(op).toMatchObject({
      op: "insert",
      table: "reading",
      row: { written: typed.trim(), value, outcome, unit: "V", person: "Kim", stepKey: "battery", basis: volts.basis },
    });
    expect(op?.op === "insert" && op.row.uncertainty).toBeGreaterThan(0);
  });
  test.each([
    ["twelve", "no-reading"],
    ["12 Ω", "other-unit"],
    ["", "no-reading"],
  ])("%j is not taken", (typed, code) =>
    expect(takeReading(volts, typed)).toMatchObject({ ok: false, fault: { code } }),
  );
});
