import { describe, expect, test } from "vitest";
import type { FunctionLine, FunctionState } from "./functions";
import { functionsNamed, offeredWishes, wishBasis, wishLines } from "./wishes";

const told = (key: string, state: FunctionState): FunctionLine => ({
  key,
  set: "Engine",
  state,
  lines: [],
  gaps: [],
  conflicts: [],
  relays: [],
  staying: 0,
  lack: null,
});
const functions = [
  told("tachometer", "whole"),
  told("cruise", "to-decide"),
  told("fuel-gauge", "fact-missing"),
  told("starting", "cannot"),
  told("audio", "not-wanted"),
];
const stateOf = (...keys: string[]) => {
  const [line] = wishLines([{ id: "w", says: "It works", functions: keys }], functions);
  return [line?.state, line?.lack?.type ?? null];
};

describe("a wish", () => {
  test.each([
    [["tachometer"], "whole", null],
    [["tachometer", "cruise"], "to-decide", "function"],
    [["cruise", "fuel-gauge"], "fact-missing", "function"],
    [["fuel-gauge", "starting", "tachometer"], "cannot", "function"],
    // What was given up keeps no wish, nor does what is not there; what is open goes before both.
    [["tachometer", "audio"], "to-decide", "given-up"],
    [["tachometer", "boat"], "to-decide", "gone"],
    [["audio", "starting"], "cannot", "function"],
    [[], "to-decide", "unnamed"],
  ])("that rests on %j is %s", (keys, state, lack) => expect(stateOf(...keys)).toEqual([state, lack]));

  test("seen to work is seen anew once its words or its functions are others", () => {
    const basis = (says: string, keys: string[]) =>
      wishLines([{ id: "w", says, functions: keys }], functions).map(wishBasis)[0];
    expect(basis("a", ["cruise"])).toBe(basis("a", ["cruise"]));
    expect(basis("a", ["cruise"])).not.toBe(basis("b", ["cruise"]));
    expect(basis("a", ["cruise"])).not.toBe(basis("a", ["cruise", "tachometer"]));
  });
});

describe("what the owner wrote", () => {
  test.each([
    ["The dash keeps its gauges. It must start in rain.", ["The dash keeps its gauges", "It must start in rain"]],
    ["- tow bar\n- 2.0 bar of boost\n\n3) radio", ["tow bar", "2.0 bar of boost", "radio"]],
    ["Cruise; both tanks; cruise.", ["Cruise", "both tanks"]],
    ["Starts on the key, 2,4 bar of boost, no lamp on", ["Starts on the key", "2,4 bar of boost", "no lamp on"]],
    ["", []],
    ["...", []],
  ])("%j is offered wish by wish", (written, wanted) =>
    expect(offeredWishes(written, []).map((one) => one.toLowerCase())).toEqual(wanted.map((one) => one.toLowerCase())),
  );

  test("what is listed already is not offered again", () =>
    expect(offeredWishes("Cruise. Radio.", [{ says: "cruise" }])).toEqual(["Radio"]));
});

test.each([
  ["Cruise, both fuel tanks and the axle locks must work", ["cruise", "fuel-gauge"]],
  ["It must start in rain", ["starting"]],
  ["the tacho counts right", ["tachometer"]],
  ["No warning lamp left on", []],
])("%j names %j", (says, wanted) => expect(functionsNamed(says, functions)).toEqual(wanted));
