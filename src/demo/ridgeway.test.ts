import { beforeAll, describe, expect, test } from "vitest";
import { buildHarness, type Harness } from "@/core/harness";
import { sliceByChoice } from "@/core/slice";
import { parseDocument, writeDocument } from "@/job/document";
import { functionChoices, harnessFacts } from "@/job/harness-facts";
import type { JobDocument } from "@/job/schema";
import { inStep } from "@/job/table-wires";
import { heronDocument, heronTables } from "./heron";
import { ridgewayDocument } from "./ridgeway";

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
  test("its wires, and the small sample's, are those of their tables", () => {
    for (const made of [document, heronTables(), heronDocument()])
      expect(new Map(made.wires.map((row) => [row.id, row]))).toEqual(
        new Map(inStep(made).wires.map((row) => [row.id, row])),
      );
  });
  test("its problems are conflicts of size at steps between harnesses, and one feed that nobody shows", () =>
    expect(new Set(harness.problems.map((problem) => problem.code))).toEqual(new Set(["conflict", "no-feed"])));
});
