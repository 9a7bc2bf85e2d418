import { describe, expect, test } from "vitest";
import { HarnessAnalysis } from "@/core/slice";
import { heronDocument } from "@/demo/heron";
import { ridgewayDocument } from "@/demo/ridgeway";
import { functionChoices, harnessFacts } from "@/job/harness-facts";
import { goingFunctions, inGroups, subjectOf } from "./wire-groups";

const document = ridgewayDocument();
const analysis = new HarnessAnalysis();
analysis.load(harnessFacts(document));
const report = analysis.report({ functions: [], cuts: [], removedConnectors: [] });
const { rows } = report;
const { connectors, branches } = document;
const NONE: ReadonlySet<string> = new Set();
const items = inGroups(rows, connectors, branches, NONE);

describe("wires in their groups", () => {
  test("each wire stands once, under the connector that it starts at", () => {
    const wires = items.flatMap((item) => (item.type === "wire" ? [item.row.wire.id] : []));
    expect(wires.toSorted()).toEqual(rows.map((row) => row.wire.id).toSorted());
    let connector = "";
    for (const item of items) {
      if (item.type === "connector") connector = item.connector.id;
      if (item.type === "wire") expect(item.row.connectorId).toBe(connector);
    }
  });
  test("a branch's head counts the wires of its connectors, and stands over all of them", () => {
    for (const [at, item] of items.entries()) {
      if (item.type !== "branch") continue;
      const own = connectors.filter((row) => row.branchId === item.branch.id).map((row) => row.id);
      expect(item.rows.map((row) => row.wire.id)).toEqual(
        rows
          .filter((row) => own.includes(row.connectorId))
          .map((row) => row.wire.id)
          .toSorted((a, b) => order(item.rows, a) - order(item.rows, b)),
      );
      expect(items[at + 1]?.type).toBe("connector");
    }
    expect(items.filter((item) => item.type === "branch").length).toBeGreaterThan(5);
  });
  test("lines are told apart by what they are about", () =>
    expect(new Set(items.map(subjectOf)).size).toBe(items.length));
  test("a connector of which no wire is shown has no head, nor has its branch", () => {
    const few = inGroups(rows.slice(0, 3), connectors, branches, NONE);
    expect(few.filter((item) => item.type === "wire")).toHaveLength(3);
    expect(few.filter((item) => item.type === "connector").length).toBeLessThanOrEqual(3);
    expect(inGroups([], connectors, branches, NONE)).toEqual([]);
  });
});

describe("what goes stands first", () => {
  test("then what it has in common with what stays; each wire still stands once", () => {
    const old = heronDocument();
    const triage = new HarnessAnalysis();
    triage.load(harnessFacts(old));
    const { rows: wires, functions } = triage.report({
      functions: [...functionChoices(old)],
      cuts: [],
      removedConnectors: [],
    });
    const leaving = goingFunctions(functions);
    const grouped = inGroups(wires, old.connectors, old.branches, leaving);
    const shown = grouped.flatMap((item) => (item.type === "wire" ? [item.row.wire.id] : []));
    expect(shown.toSorted()).toEqual(wires.map((row) => row.wire.id).toSorted());
    const [goes, between, ...more] = grouped.flatMap((item) => (item.type === "section" ? [item] : []));
    expect(grouped[0]).toBe(goes);
    expect([goes?.section, between?.section, more]).toEqual(["goes", "between", []]);
    expect(goes?.rows.length).toBeGreaterThan(0);
    for (const row of goes?.rows ?? []) expect(row.by).toEqual([]);
    expect(between?.rows.length).toBeGreaterThan(0);
    for (const row of between?.rows ?? []) {
      expect(row.by.length).toBeGreaterThan(0);
      expect(row.unkept.some((key) => leaving.has(key))).toBe(true);
    }
    // A connector is still there to be decided on as a whole, with all of its wires counted.
    const heads = (list: typeof grouped) =>
      list.flatMap((item) => (item.type === "connector" ? [[item.connector.id, item.rows.length]] : []));
    expect(heads(grouped)).toEqual(heads(inGroups(wires, old.connectors, old.branches, NONE)));
  });
  test("a function that somebody drops goes, with the wires that it alone needs; an accessory that nobody has does not", () => {
    const dropped = analysis.report({ functions: [["wipers", false]], cuts: [], removedConnectors: [] });
    const without = goingFunctions(dropped.functions);
    expect(without.has("wipers")).toBe(true);
    expect(goingFunctions(report.functions)).toEqual(NONE);
    const [first] = inGroups(dropped.rows, connectors, branches, without);
    expect(first).toMatchObject({ type: "section", section: "goes" });
    expect(first?.type === "section" && first.rows.every((row) => row.by.length === 0)).toBe(true);
    const told = (key: string, keptByDefault: boolean) => ({
      key,
      kept: false,
      keptByDefault,
      name: "",
      set: "",
      wires: 0,
      unmet: [],
    });
    expect(goingFunctions([told("cruise", false), told("old-engine-running", false), told("horn", true)])).toEqual(
      new Set(["old-engine-running", "horn"]),
    );
  });
});

const order = (all: typeof rows, id: string) => all.findIndex((row) => row.wire.id === id);
