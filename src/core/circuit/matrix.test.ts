import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { randoms } from "../../../tests/support/harness";
import { randomNetlist } from "../../../tests/support/networks";
import { NETLIST_KEYS } from "../state";
import { type Branch, type Branches, branchesOf, currentAt, hasUpper, limitedVolts } from "./branches";
import { ClosedBranches } from "./closed-branches";
import { SparseLdl, take } from "./ldl";
import { inState } from "./setting";
import { SmallLu } from "./small-lu";
import { SolePaths } from "./sole-paths";
import { Wires } from "./wires";

const seeds = fc.integer({ min: 1, max: 1_000_000 });

/**
 * A symmetric matrix of a random network: conductances between unknowns and to the reference, so that it has an
 * inverse.
 */
function conductances(random: () => number) {
  const size = 2 + Math.floor(30 * random());
  const pairs = Array.from(
    { length: Math.floor(2 * size * random()) },
    () => [Math.floor(size * random()), Math.floor(size * random())] as const,
  ).filter(([i, j]) => i !== j);
  const values = pairs.map(() => 0.1 + 10 * random());
  const toReference = Array.from({ length: size }, () => 0.01 + random());
  const dense = Array.from({ length: size }, (_, i) =>
    Array.from({ length: size }, (_, j) => (i === j ? (toReference[i] as number) : 0)),
  );
  pairs.forEach(([i, j], nth) => {
    const g = values[nth] as number;
    const add = (row: number, column: number, value: number) => {
      (dense[row] as number[])[column] = ((dense[row] as number[])[column] as number) + value;
    };
    add(i, i, g);
    add(j, j, g);
    add(i, j, -g);
    add(j, i, -g);
  });
  return { size, pairs, values, toReference, dense };
}

function filled({ size, pairs, values, toReference }: ReturnType<typeof conductances>): SparseLdl {
  const ldl = new SparseLdl(
    size,
    Int32Array.from(pairs, ([i]) => i),
    Int32Array.from(pairs, ([, j]) => j),
  );
  toReference.forEach((g, i) => ldl.add(ldl.diagonal(i), g));
  pairs.forEach(([i, j], nth) => {
    const g = values[nth] as number;
    ldl.add(ldl.diagonal(i), g);
    ldl.add(ldl.diagonal(j), g);
    ldl.add(ldl.pairSlots[nth] as number, -g);
  });
  return ldl;
}

/** Gauss & Jordan on a copy, the plainest way. */
function plainlySolved(matrix: readonly (readonly number[])[], side: readonly number[]): number[] {
  const rows = matrix.map((row, at) => [...row, side[at] as number]);
  for (let column = 0; column < rows.length; column++) {
    const best = rows
      .slice(column)
      .reduce((most, row) => (Math.abs(row[column] as number) > Math.abs(most[column] as number) ? row : most));
    rows.splice(rows.indexOf(best), 1);
    rows.splice(column, 0, best);
    for (const row of rows) {
      if (row === best) continue;
      const part = (row[column] as number) / (best[column] as number);
      best.forEach((value, at) => {
        row[at] = (row[at] as number) - part * value;
      });
    }
  }
  return rows.map((row, at) => (row[rows.length] as number) / (row[at] as number));
}

describe("a small system of equations", () => {
  test("is solved, whatever stood in its room before", () => {
    const small = new SmallLu(12);
    fc.assert(
      fc.property(seeds, (seed) => {
        const random = randoms(seed);
        const size = 1 + Math.floor(12 * random());
        const matrix = Array.from({ length: size }, () => Array.from({ length: size }, () => 2 * random() - 1));
        const side = matrix.map(() => 10 * random());
        small.begin(size);
        matrix.forEach((row, i) => row.forEach((value, j) => small.put(i, j, value)));
        expect(small.factor(1e-9)).toBe(true);
        const x = Float64Array.from(side);
        small.solve(x);
        plainlySolved(matrix, side).forEach((value, at) =>
          expect(x[at]).toBeCloseTo(value, Math.max(0, 9 - Math.ceil(Math.log10(1 + Math.abs(value))))),
        );
      }),
      { numRuns: 60 },
    );
  });
  test("needs its rows in another order where a pivot is 0, and is told to be singular where no order helps", () => {
    const small = new SmallLu(2);
    const put = ([a, b, c, d]: readonly [number, number, number, number]) => {
      small.begin(2);
      [a, b, c, d].forEach((value, at) => small.put(Math.floor(at / 2), at % 2, value));
      return small.factor(1e-12);
    };
    expect(put([0, 2, 4, 0])).toBe(true);
    const x = Float64Array.of(6, 20);
    small.solve(x);
    expect([...x]).toEqual([5, 3]);
    expect(put([1, 2, 2, 4])).toBe(false);
  });
});

describe("the only paths to parts of a network", () => {
  /** Groups that lead to the first of those joined with them when a branch is left out: walked anew each time. */
  const reachedWithout = (groups: number, ends: readonly (readonly [number, number])[], without: number) => {
    const reached = new Set([0]);
    for (let before = -1; before !== reached.size; ) {
      before = reached.size;
      ends.forEach(([a, b], at) => {
        if (at === without) return;
        if (reached.has(a)) reached.add(b);
        if (reached.has(b)) reached.add(a);
      });
    }
    return Array.from({ length: groups }, (_, group) => reached.has(group));
  };
  test("are those without which a walk from the reference does not arrive", () =>
    fc.assert(
      fc.property(seeds, (seed) => {
        const random = randoms(seed);
        const groups = 2 + Math.floor(14 * random());
        const node = () => Math.floor(groups * random());
        const ends = Array.from({ length: groups + Math.floor(6 * random()) }, () => [node(), node()] as const);
        const closed = Uint8Array.from(ends, () => (random() < 0.85 ? 1 : 0));
        const [from, to] = [Int32Array.from(ends, ([a]) => a), Int32Array.from(ends, ([, b]) => b)];
        const paths = new SolePaths(groups, from, to, closed);
        const there = ends.map((pair, at) => (closed[at] === 1 ? pair : ([0, 0] as const)));
        const whole = reachedWithout(groups, there, -1);
        ends.forEach((_, at) => {
          const left = reachedWithout(groups, there, at);
          const lost = whole.map((was, group) => was && !left[group]);
          // What leads nowhere from the first is floating already, and of no interest here.
          const seen = whole.map((was, group) => was && paths.leadsTo(at, group));
          expect(seen).toEqual(lost);
          if (lost.some(Boolean)) expect(paths.has(at)).toBe(true);
        });
      }),
      { numRuns: 200 },
    ));
});

describe("sparse LDLᵀ", () => {
  test("what a unit current between two unknowns sees is what solving for it gives", () =>
    fc.assert(
      fc.property(seeds, (seed) => {
        const random = randoms(seed);
        const made = conductances(random);
        const factor = filled(made).factor();
        const [i, j] = [Math.floor(made.size * random()), Math.floor((made.size + 1) * random()) - 1];
        const b = new Float64Array(made.size);
        b[i] = 1;
        if (j >= 0) b[j] = (b[j] as number) - 1;
        factor?.solve(b, b);
        const seen = i === j ? 0 : (b[i] as number) - (j < 0 ? 0 : (b[j] as number));
        if (i !== j) expect(factor?.between(i, j)).toBeCloseTo(seen, 9);
      }),
      { numRuns: 100 },
    ));
  test("what it solves satisfies the matrix written out in full", () =>
    fc.assert(
      fc.property(seeds, (seed) => {
        const random = randoms(seed);
        const matrix = conductances(random);
        const b = Float64Array.from({ length: matrix.size }, () => 2 * random() - 1);
        const x = new Float64Array(matrix.size);
        filled(matrix).factor()?.solve(b, x);
        matrix.dense.forEach((row, i) =>
          expect(
            Math.abs(row.reduce((sum, value, j) => sum + value * (x[j] as number), 0) - (b[i] as number)),
          ).toBeLessThan(1e-10),
        );
      }),
      { numRuns: 150 },
    ));
  test("values can be cleared and filled again; a factor keeps those that it was made of", () => {
    const matrix = conductances(randoms(5));
    const ldl = filled(matrix);
    const [b, before, after] = [
      new Float64Array(matrix.size).fill(1),
      new Float64Array(matrix.size),
      new Float64Array(matrix.size),
    ];
    const factor = ldl.factor();
    factor?.solve(b, before);
    ldl.clear();
    expect(ldl.factor()).toBeNull();
    factor?.solve(b, after);
    expect(after).toEqual(before);
  });
  test("the answer may take the question's place", () => {
    const matrix = conductances(randoms(9));
    const factor = filled(matrix).factor();
    const [b, x] = [new Float64Array(matrix.size).fill(1), new Float64Array(matrix.size)];
    factor?.solve(b, x);
    factor?.solve(b, b);
    expect(b).toEqual(x);
  });
  test("a chain of unknowns is eliminated without filling anything in", () => {
    const size = 200;
    const i = Int32Array.from({ length: size - 1 }, (_, at) => at);
    expect(
      new SparseLdl(
        size,
        i,
        i.map((at) => at + 1),
      ).entries,
    ).toBe(size - 1);
  });
  test("a step is taken off, and its largest part told", () => {
    const x = Float64Array.of(0, 5, 5, 5);
    expect(take(x, Float64Array.of(1, -3, 2))).toBe(3);
    expect([...x]).toEqual([0, 4, 8, 3]);
    expect(take(x, Float64Array.of(1, Number.NaN, 2))).toBeNaN();
  });
});

/** Nodes joined by some branches, found the plain way. */
function joinedBy({ nodes, list }: Branches, uses: (at: number) => boolean): number[] {
  const lowest = nodes.map((_, at) => at);
  for (let changed = true; changed; ) {
    changed = false;
    list.forEach(({ a, b }, at) => {
      if (!uses(at)) return;
      const low = Math.min(lowest[a] as number, lowest[b] as number);
      if (lowest[a] !== low || lowest[b] !== low) {
        lowest[a] = low;
        lowest[b] = low;
        changed = true;
      }
    });
  }
  return lowest;
}

describe("what is closed, and what it joins", () => {
  test("as found the plain way, in every state and with relays in any position", () =>
    fc.assert(
      fc.property(seeds, fc.constantFrom(...NETLIST_KEYS), fc.boolean(), (seed, state, on) => {
        const branches = branchesOf(randomNetlist(randoms(seed)));
        const closing = new ClosedBranches(branches);
        closing.begin(inState(state), []);
        const { island, solid } = closing.step(branches.relays.map(() => on));
        expect([...island]).toEqual(joinedBy(branches, (at) => closing.closed[at] === 1 && branches.joins[at] !== 0));
        expect([...solid]).toEqual(joinedBy(branches, (at) => closing.closed[at] === 1 && branches.joins[at] === 1));
        branches.list.forEach(({ element, contact }, at) => {
          const closed =
            element.type === "switch"
              ? element.closedIn.includes(state)
              : element.type === "relay" && contact >= 0
                ? (element.contacts[contact]?.when === "energised") === on
                : true;
          expect(closing.closed[at], element.id).toBe(closed ? 1 : 0);
        });
      }),
      { numRuns: 80 },
    ));
  test("what another setting closes and what a change has opened", () => {
    const branches = branchesOf({
      reference: "0",
      elements: [
        { id: "K", type: "switch", a: "0", b: "x", closedIn: ["run"], ohms: 1 },
        { id: "R", type: "resistor", a: "x", b: "y", ohms: 1 },
        { id: "F", type: "fuse", a: "y", b: "0", amps: 5, ohms: 1, blown: true },
      ],
    });
    const closing = new ClosedBranches(branches);
    const closed = (always: boolean, opened: number[]) => {
      closing.begin({ name: "x", isClosed: () => always }, opened);
      closing.step([]);
      return [...closing.closed];
    };
    expect([closed(false, []), closed(true, []), closed(true, [1])]).toEqual([
      [0, 1, 0],
      [1, 1, 0],
      [1, 0, 0],
    ]);
  });
});

describe("runs of resistors", () => {
  test("every resistor connected, is in one run, or stands alone, and no node in the middle of a run has a third", () =>
    fc.assert(
      fc.property(seeds, (seed) => {
        const branches = branchesOf(randomNetlist(randoms(seed)));
        const wires = new Wires(branches);
        const stubs = wires.prune();
        const runs = wires.runs();
        const used = [...stubs.map(({ by }) => by), ...runs.flatMap((run) => run.members)];
        expect(new Set(used).size).toBe(used.length);
        for (const at of used) expect((branches.list[at] as Branch).element.type).toBe("resistor");
        const gone = new Set(stubs.map(({ by }) => by));
        for (const { members, nodes } of runs) {
          expect(nodes).toHaveLength(members.length - 1);
          for (const node of nodes) {
            expect(wires.isGone(node)).toBe(true);
            expect(
              branches.list
                .flatMap(({ a, b }, at) => ((a === node || b === node) && !gone.has(at) ? [at] : []))
                .every((at) => members.includes(at)),
            ).toBe(true);
          }
        }
      }),
      { numRuns: 100 },
    ));
});

describe("branches that are no straight lines", () => {
  const bent = branchesOf({
    reference: "0",
    elements: [
      { id: "D", type: "diode", a: "a", b: "0", saturationAmps: 1e-9, emission: 1.8 },
      { id: "L", type: "lamp", a: "a", b: "0", ratedVolts: 12, ratedWatts: 21 },
      { id: "P", type: "power", a: "a", b: "0", watts: 50, minVolts: 7 },
    ],
  }).list;
  test("the slope is the derivative of the current", () =>
    fc.assert(
      fc.property(fc.constantFrom(...bent), fc.double({ min: -14, max: 14, noNaN: true }), (branch, at) => {
        const volts = branch.kind === "diode" ? at / 20 : at;
        // The bends themselves have two slopes.
        if (branch.kind === "power" && Math.abs(Math.abs(volts) - 7) < 1e-3) return;
        if (branch.kind === "lamp" && Math.abs(volts) < 0.1) return;
        const h = 1e-6;
        const numeric = (currentAt(branch, volts + h)[0] - currentAt(branch, volts - h)[0]) / (2 * h);
        expect(Math.abs(numeric - currentAt(branch, volts)[1])).toBeLessThan(1e-4 * Math.max(1e-3, Math.abs(numeric)));
      }),
      { numRuns: 200 },
    ));
  test("lamps and loads are odd in voltage", () => {
    for (const branch of bent.slice(1)) expect(currentAt(branch, -9)[0]).toBe(-currentAt(branch, 9)[0]);
  });
  test("a diode is let to rise a little at a time, and a load to fall by half", () => {
    const [diode, , load] = bent as [Branch, Branch, Branch];
    expect(limitedVolts(diode, 12, 0)).toBeLessThan(0.5);
    expect(limitedVolts(diode, -12, 0.6)).toBe(-12);
    expect(limitedVolts(load, 1, 12)).toBe(6);
    expect(limitedVolts(load, 9, 12)).toBe(9);
  });
  test("of a load below its least voltage: whether there is a higher point, by its own quadratic", () => {
    const load = bent[2] as Branch;
    for (const [open, ohms] of [
      [12, 0.3],
      [16, 1.2],
      [18, 1.5],
      [13, 1],
      [15, 2],
    ] as const) {
      const low = 49 / 50;
      const lower = (open * low) / (low + ohms);
      const root = open ** 2 - 4 * ohms * 50;
      const upper = root < 0 ? Number.NaN : (open + Math.sqrt(root)) / 2;
      if (lower < 7) expect(hasUpper(load, lower, ohms), `${open} V behind ${ohms} Ω`).toBe(upper >= 7);
    }
  });
});
