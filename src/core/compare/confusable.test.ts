import { describe, expect, test } from "vitest";
import { harness } from "../../../tests/support/harness";
import { findConfusablePairs, HARMS, type Shape } from "./index";

/** Two plugs of two cavities, A and B: what each carries, written `kind quantity params "words"`. */
const plugs = (a: readonly [string, string], b: readonly [string, string], lead = ["1m", "1m"]) =>
  harness(`
host A-1 1 ${a[0].replace("LEAD", lead[0] as string)}
host A-2 2 ${a[1].replace("LEAD", lead[0] as string)}
host B-1 3 ${b[0].replace("LEAD", lead[1] as string)}
host B-2 4 ${b[1].replace("LEAD", lead[1] as string)}`);
const pairs = (...args: Parameters<typeof plugs>) => findConfusablePairs(plugs(...args), new Map());

const WAYS = {
  feed: "supply-in battery-supply RD 1mm LEAD",
  ground: "ground ground BK 1mm LEAD",
  reference: "reference-in sensor-supply GY 0.5mm LEAD",
  drive: "load-in fuel-pump GN 1mm LEAD otherEnd=ground",
  signal: "analogue-in manifold-pressure GN 0.5mm LEAD",
  bus: "can body-data YE 0.5mm LEAD",
  empty: "spare -",
} as const;
type Way = keyof typeof WAYS;

describe("what a crossing does", () => {
  // Written down before the code was read: what a technician would expect to find on the bench.
  test.each([
    ["feed", "ground", "short"],
    ["feed", "signal", "destroys"],
    ["feed", "bus", "destroys"],
    ["feed", "reference", "destroys"],
    ["reference", "ground", "destroys"],
    ["drive", "signal", "destroys"],
    ["drive", "bus", "destroys"],
    ["feed", "drive", "no-function"],
    ["ground", "signal", "no-function"],
    ["signal", "bus", "no-function"],
    ["feed", "empty", "no-function"],
    ["ground", "empty", "no-function"],
  ] as const)("%s where %s belongs: %s, whichever of the two is looked at", (one, two, harm) => {
    const crossed = (a: Way, b: Way) => pairs([WAYS[a], WAYS.feed], [WAYS[b], WAYS.feed])[0]?.crossings[0]?.harm;
    expect(crossed(one, two)).toBe(harm);
    expect(crossed(two, one)).toBe(harm);
  });
  test("the same on both is no trouble, and such a pair is not told", () => {
    for (const way of ["feed", "ground", "reference"] as const)
      expect(pairs([WAYS[way], WAYS.ground], [WAYS[way], WAYS.ground])).toEqual([]);
    expect(pairs([WAYS.empty, WAYS.ground], [WAYS.empty, WAYS.ground])).toEqual([]);
  });
  test("two of one part by their numbers, and parts of another kind, work the wrong thing", () => {
    const injector = (index: number) => `injector-in injector GN 1mm LEAD "Injector ${index}"`;
    const [numbered] = pairs([injector(1), WAYS.feed], [injector(2), WAYS.feed]);
    expect(numbered).toMatchObject({ harm: "wrong-function" });
    const [other] = pairs([WAYS.signal, WAYS.ground], ["analogue-in throttle-position GN 0.5mm LEAD", WAYS.ground]);
    expect(other?.crossings[0]).toMatchObject({ harm: "wrong-function", reason: { code: "other-value" } });
  });
});

describe("which plugs fit each other's place", () => {
  const [a, b] = [
    [WAYS.feed, WAYS.ground],
    [WAYS.ground, WAYS.feed],
  ] as const;
  const shape = (connectorId: string, more: Partial<Shape>): [string, Shape] => [
    connectorId,
    { connectorId, rows: null, columns: null, keying: null, gender: null, ...more },
  ];
  const fits = (one: Partial<Shape>, two: Partial<Shape>) =>
    findConfusablePairs(plugs(a, b), new Map([shape("host:A", one), shape("host:B", two)]));
  test("a known difference of face, keying or gender rules the pair out; what is not known is named", () => {
    expect(fits({}, {})[0]?.unsure).toEqual(["rows", "columns", "keying", "gender"]);
    expect(fits({ keying: "A" }, { keying: "B" })).toEqual([]);
    expect(fits({ gender: "male" }, { gender: "female" })).toEqual([]);
    expect(fits({ rows: 1, columns: 2 }, { rows: 2, columns: 1 })).toEqual([]);
    expect(
      fits({ rows: 1, columns: 2, keying: "A", gender: "male" }, { rows: 1, columns: 2, keying: "A" })[0]?.unsure,
    ).toEqual(["gender"]);
  });
  test("leads that differ by more than half a metre do not reach; unknown ones may", () => {
    expect(pairs(a, b, ["1m", "1.5m"])).toHaveLength(1);
    expect(pairs(a, b, ["1m", "1.6m"])).toEqual([]);
    expect(pairs(a, b, ["", ""])[0]?.unsure).toContain("lead-length");
  });
  test("other cavities, one cavity alone and what is bolted fit nothing", () => {
    expect(
      findConfusablePairs(
        harness(`
host A-1 1 ${WAYS.feed.replace("LEAD", "1m")}
host A-2 2 ${WAYS.ground.replace("LEAD", "1m")}
host B-1 3 ${WAYS.ground.replace("LEAD", "1m")}
host B-3 4 ${WAYS.feed.replace("LEAD", "1m")}
host C-1 5 ${WAYS.feed.replace("LEAD", "1m")}
host D-1 6 ${WAYS.ground.replace("LEAD", "1m")}`),
        new Map(),
      ),
    ).toEqual([]);
  });
  test("plugs of two vehicles never meet at one place", () =>
    expect(
      findConfusablePairs(
        harness(`
host A-1 1 ${WAYS.feed.replace("LEAD", "1m")}
host A-2 2 ${WAYS.ground.replace("LEAD", "1m")}
donor B-1 3 ${WAYS.ground.replace("LEAD", "1m")}
donor B-2 4 ${WAYS.feed.replace("LEAD", "1m")}`),
        new Map(),
      ),
    ).toEqual([]));
  test("the worst stands first", () => {
    const built = harness(`
host A-1 1 supply-in battery-supply RD 1mm 1m
host A-2 2 load-in horn GN 1mm 1m otherEnd=ground
host B-1 3 ground ground BK 1mm 1m
host B-2 4 load-in horn GN 1mm 1m otherEnd=ground
host C-1 5 analogue-in manifold-pressure GN 0.5mm 1m
host C-2 6 load-in horn GN 1mm 1m otherEnd=ground`);
    const harms = findConfusablePairs(built, new Map()).map(({ harm }) => HARMS.indexOf(harm));
    expect(harms.length).toBe(3);
    expect(harms).toEqual(harms.toSorted((x, y) => y - x));
  });
});
