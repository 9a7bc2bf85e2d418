import { describe, expect, test } from "vitest";
import { heronTables } from "@/demo/heron";
import { applyOps, type RowOp, updateOp } from "./ops";
import { keepSameRows } from "./same-rows";
import type { JobDocument } from "./schema";

const before = heronTables();
const copy = (): JobDocument => structuredClone(before) as JobDocument;

describe("rows that say the same", () => {
  test("stay the very objects that they were, and so do their lists", () => {
    const kept = keepSameRows(before, copy());
    expect(kept.pins).toBe(before.pins);
    expect(kept.connectors).toBe(before.connectors);
    expect(kept.job).toBe(before.job);
  });
  test("one changed row is new, with its list; every other row stays", () => {
    const pin = before.pins[7] as JobDocument["pins"][number];
    const after = applyOps(copy(), [updateOp("pin", pin.id, pin, { sizeMm2: 9 }) as RowOp]);
    const kept = keepSameRows(before, after);
    expect(kept.pins).not.toBe(before.pins);
    expect(kept.pins.filter((row, at) => row !== before.pins[at])).toEqual([{ ...pin, sizeMm2: 9 }]);
    expect(kept.connectors).toBe(before.connectors);
  });
  test("a row that went, or moved to another place in its list, changes the list", () => {
    expect(keepSameRows(before, { ...copy(), pins: before.pins.slice(1) }).pins).toHaveLength(before.pins.length - 1);
    const turned = keepSameRows(before, { ...copy(), pins: copy().pins.toReversed() });
    expect(turned.pins[0]).toBe(before.pins.at(-1));
  });
});
