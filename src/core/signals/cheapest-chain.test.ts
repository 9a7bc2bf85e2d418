import fc from "fast-check";
import { expect, test } from "vitest";
import { type Chain, cheapestChains } from "./cheapest-chain";

/** Steps between ten states, as from, to and price; the same pair may have several. */
type Steps = readonly (readonly [from: number, to: number, cost: number])[];

/** Every chain there is, one after the other: slow and obvious. */
function everyChain(steps: Steps, accepted: ReadonlySet<number>, mostParts: number): Chain<number, number>[] {
  const found: Chain<number, number>[] = [];
  const walk = (state: number, parts: readonly number[], cost: number, been: readonly number[]) => {
    if (accepted.has(state)) {
      found.push({ parts, cost, carried: state });
      return;
    }
    if (parts.length === mostParts) return;
    for (const [at, [from, to, price]] of steps.entries())
      if (from === state && !been.includes(to)) walk(to, [...parts, at], cost + price, [...been, to]);
  };
  walk(0, [], 0, [0]);
  return found.toSorted((one, other) => one.cost - other.cost);
}

const state = fc.integer({ min: 0, max: 6 });
const jobs = fc.record({
  steps: fc.array(fc.tuple(state, state, fc.integer({ min: 1, max: 60 })), { minLength: 6, maxLength: 16 }),
  accepted: fc.uniqueArray(state, { minLength: 1, maxLength: 2 }),
  mostParts: fc.integer({ min: 0, max: 4 }),
});

test("the cheapest chains cost what plain enumeration of every chain finds, the first, second and third", () => {
  let several = 0;
  fc.assert(
    fc.property(jobs, ({ steps, accepted, mostParts }) => {
      const found = cheapestChains<number, number>({
        start: 0,
        stepsFrom: (at) =>
          steps.flatMap(([from, to, cost], part) => (from === at ? [{ part, cost, carried: to }] : [])),
        isAccepted: (at) => accepted.includes(at),
        keyOf: String,
        mostParts,
        wanted: 3,
      });
      const every = everyChain(steps, new Set(accepted), mostParts);
      expect(found.map(({ cost }) => cost)).toEqual(every.slice(0, 3).map(({ cost }) => cost));
      for (const { parts, cost } of found)
        expect(parts.reduce((sum, part) => sum + (steps[part]?.[2] ?? Number.NaN), 0)).toBe(cost);
      several += found.length > 1 ? 1 : 0;
    }),
    { numRuns: 3000 },
  );
  expect(several).toBeGreaterThan(60);
});
