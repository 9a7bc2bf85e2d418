import { describe, expect, test } from "vitest";
import { KINDS } from "../forms";
import { counterpart, withNeighbour } from "./partners";
import type { PinReading } from "./pin-reading";

const reading = (kind: PinReading["kind"]["value"], sure: number): PinReading => ({
  kind: { value: kind, confidence: sure, why: { code: "own-words", notUnderstood: [], readAs: [] } },
  quantity: { value: "fuel-pump", confidence: sure, why: { code: "own-words", notUnderstood: [], readAs: [] } },
  index: null,
});
const open: PinReading = {
  kind: { value: "unknown", confidence: 0.2, why: { code: "no-description" } },
  quantity: { value: null, confidence: 0.2, why: { code: "no-description" } },
  index: null,
};
const from = (one: PinReading) => ({ connector: "C1", cavity: "4", reading: one });

describe("what the other end of a wire tells", () => {
  test("a wire joins an output and what takes it, two grounds, or two of one bus; never two outputs", () => {
    for (const kind of KINDS) {
      const other = counterpart(kind);
      if (other === null) continue;
      expect(
        counterpart(other) === null ||
          kind === "high-side-out" ||
          kind === "low-side-out" ||
          counterpart(other) === kind,
        kind,
      ).toBe(true);
      expect(kind.endsWith("-out") && other.endsWith("-out"), kind).toBe(false);
      expect(kind.endsWith("-in") && other.endsWith("-in"), kind).toBe(false);
    }
    // What works a load may be of several kinds.
    expect(counterpart("load-in")).toBeNull();
  });
  test("a row that nobody understands is what its neighbour needs, less surely", () => {
    expect(withNeighbour(open, from(reading("low-side-out", 0.95)))).toMatchObject({
      kind: { value: "load-in", confidence: 0.76, why: { code: "other-end", connector: "C1", cavity: "4" } },
      quantity: { value: "fuel-pump", confidence: 0.76 },
    });
  });
  test("what is understood, said to be unknown, or next to what is not sure stays as it is", () => {
    const own = reading("supply-in", 0.6);
    expect(withNeighbour(own, from(reading("supply-out", 0.99)))).toBe(own);
    const said: PinReading = { ...open, kind: { ...open.kind, why: { code: "said-unknown" } } };
    expect(withNeighbour(said, from(reading("supply-out", 0.99)))).toBe(said);
    expect(withNeighbour(open, from(reading("supply-out", 0.6)))).toBe(open);
    expect(withNeighbour(open, from(reading("spare", 0.97)))).toBe(open);
  });
});
