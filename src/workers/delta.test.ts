import { dequal } from "dequal/lite";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { byContent, byIdentity, deltaOf, withDelta } from "./delta";

interface Data {
  readonly rows: readonly { readonly id: number }[];
  readonly ends: ReadonlyMap<string, readonly number[]>;
  readonly units: string;
}
const row = (id: number) => ({ id });
const data = (part: Partial<Data> = {}): Data => ({ rows: [], ends: new Map(), units: "metric", ...part });

describe("what differs", () => {
  const anyData: fc.Arbitrary<Data> = fc.record({
    rows: fc.array(fc.record({ id: fc.nat({ max: 5 }) }), { maxLength: 12 }),
    ends: fc.dictionary(fc.constantFrom("a", "b", "c"), fc.array(fc.nat(3))).map((one) => new Map(Object.entries(one))),
    units: fc.constantFrom("metric", "imperial"),
  });
  test("put to what was there makes what is, whatever the two are, across a worker's copy", () => {
    fc.assert(
      fc.property(fc.array(anyData, { minLength: 1, maxLength: 6 }), (all) => {
        let [sent, received] = [null as Data | null, null as Data | null];
        for (const next of all) {
          received = withDelta(received, structuredClone(deltaOf(sent, next, byContent)));
          sent = next;
          expect(received).toEqual(next);
        }
      }),
      { numRuns: 300 },
    );
  });
  test("is one row of many where one changed, put in or taken out", () => {
    const rows = Array.from({ length: 1000 }, (_, id) => row(id));
    const changed = rows.map((one) => (one.id === 7 || one.id === 900 ? row(-one.id) : one));
    expect(deltaOf(data({ rows }), data({ rows: changed }), byIdentity)).toEqual({
      rows: { type: "rows", at: [7, 900], rows: [row(-7), row(-900)] },
    });
    expect(deltaOf(data({ rows }), data({ rows: rows.toSpliced(7, 1) }), byIdentity)).toEqual({
      rows: { type: "between", start: 7, end: 992, rows: [] },
    });
    expect(deltaOf(data({ rows }), data({ rows: rows.toSpliced(7, 0, row(-1)) }), byIdentity)).toEqual({
      rows: { type: "between", start: 7, end: 993, rows: [row(-1)] },
    });
  });
  test("is nothing where all is as before; the rows that stay are the very same", () => {
    const before = data({ rows: [row(1), row(2)], ends: new Map([["a", [1]]]) });
    expect(deltaOf(before, structuredClone(before), byContent)).toEqual({});
    const after = withDelta(before, deltaOf(before, data({ ...before, rows: [row(1), row(3)] }), byContent));
    expect(after.rows[0]).toBe(before.rows[0]);
    expect(after.ends).toBe(before.ends);
    expect(dequal(after.rows[1], row(3))).toBe(true);
  });
});
