import { describe, expect, test } from "vitest";
import { HarnessAnalysis } from "@/core/slice";
import { ridgewayDocument } from "@/demo/ridgeway";
import { harnessFacts } from "@/job/harness-facts";
import { inGroups, subjectOf } from "./wire-groups";

const document = ridgewayDocument();
const analysis = new HarnessAnalysis();
analysis.load(harnessFacts(document));
const { rows } = analysis.report({ functions: [], cuts: [], removedConnectors: [] });
const { connectors, branches } = document;
const items = inGroups(rows, connectors, branches);

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
    const few = inGroups(rows.slice(0, 3), connectors, branches);
    expect(few.filter((item) => item.type === "wire")).toHaveLength(3);
    expect(few.filter((item) => item.type === "connector").length).toBeLessThanOrEqual(3);
    expect(inGroups([], connectors, branches)).toEqual([]);
  });
});

const order = (all: typeof rows, id: string) => all.findIndex((row) => row.wire.id === id);
