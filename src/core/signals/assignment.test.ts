import fc from "fast-check";
import solver from "javascript-lp-solver";
import { describe, expect, test } from "vitest";
import { assign, costOfAssignment } from "./assignment";

type Costs = (number | null)[][];

/**
 * The same as a linear programme, for an independent solver: its vertices are whole numbers (the matrix of an assignment
 * is totally unimodular), so that no rounding hides anything.
 */
function byLinearProgramme(costs: Costs): { served: number; cost: number } {
  const most = costs.flat().reduce<number>((sum, cost) => sum + (cost ?? 0), 1);
  const constraints: Record<string, { max: number }> = {};
  const variables: Record<string, Record<string, number>> = {};
  for (const [row, list] of costs.entries())
    for (const [column, cost] of list.entries()) {
      constraints[`row${row}`] = { max: 1 };
      constraints[`column${column}`] = { max: 1 };
      if (cost !== null)
        variables[`x${row}_${column}`] = { [`row${row}`]: 1, [`column${column}`]: 1, worth: most - cost };
    }
  const found = solver.Solve({ optimize: "worth", opType: "max", constraints, variables }) as Record<string, unknown>;
  const taken = Object.keys(variables).filter((name) => Math.abs(Number(found[name] ?? 0) - 1) < 1e-6);
  const costAt = (name: string) => {
    const [row, column] = name.slice(1).split("_").map(Number);
    return costs[row as number]?.[column as number] ?? 0;
  };
  return { served: taken.length, cost: taken.reduce((sum, name) => sum + costAt(name), 0) };
}

const tables = fc.integer({ min: 1, max: 6 }).chain((columns) =>
  fc.array(
    fc.array(fc.option(fc.integer({ min: 0, max: 90 }), { freq: 3 }), { minLength: columns, maxLength: columns }),
    {
      minLength: 1,
      maxLength: 6,
    },
  ),
);

describe("sharing out scarce outputs", () => {
  test("as many are served, at the same cost, as an independent solver of linear programmes finds", () =>
    fc.assert(
      fc.property(tables, (costs) => {
        const chosen = assign(costs);
        expect(costOfAssignment(costs, chosen)).toEqual(byLinearProgramme(costs));
      }),
      { numRuns: 400 },
    ));
  test("each output goes to one, and only where the pair can be", () =>
    fc.assert(
      fc.property(tables, (costs) => {
        const taken = assign(costs).filter((column) => column !== null);
        expect(new Set(taken).size).toBe(taken.length);
        for (const [row, column] of assign(costs).entries())
          if (column !== null) expect(costs[row]?.[column]).not.toBeNull();
      }),
    ));
  test("one that can do nothing else keeps its output, though another would have it cheaper", () =>
    expect(
      assign([
        [1, 5],
        [2, null],
      ]),
    ).toEqual([1, 0]));
  test("nobody, and nothing to share", () => {
    expect(assign([])).toEqual([]);
    expect(assign([[], []])).toEqual([null, null]);
    expect(assign([[null], [null]])).toEqual([null, null]);
  });
  test("two hundred against two hundred are shared out at once", () => {
    const costs = Array.from({ length: 200 }, (_, row) =>
      Array.from({ length: 200 }, (_unused, column) => ((row * 7919 + column * 104729) % 997) + 1),
    );
    const begin = performance.now();
    expect(costOfAssignment(costs, assign(costs)).served).toBe(200);
    expect(performance.now() - begin).toBeLessThan(2000);
  });
});
