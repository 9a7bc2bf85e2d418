import { describe, expect, test } from "vitest";
import { CHASSIS, spansOf, terminalsOf, USUAL_COIL_OHMS } from "./elements";
import { onEngine } from "./engine";
import { fuseBox, groundStud, LIBRARY, PART_TYPES, type Part, partProblems, splicePack } from "./index";

const part = (name: string): Part => {
  const found = LIBRARY.find((one) => one.name === name);
  if (found === undefined) throw new Error(`no part ${name}`);
  return found;
};

describe("the library that every job starts with", () => {
  test.each(LIBRARY.map((one) => [one.name, one] as const))("%s is sound, and of a known type", (_, one) => {
    expect(partProblems(one)).toEqual([]);
    expect(PART_TYPES).toContain(one.type);
    expect(new Set(one.terminals).size).toBe(one.terminals.length);
    // A case that bolts to the vehicle is no terminal that one could wire.
    expect(one.terminals).not.toContain(CHASSIS);
  });
  test("no name is there twice", () => expect(new Set(LIBRARY.map(({ name }) => name)).size).toBe(LIBRARY.length));
  test("a relay's terminals are numbered as DIN 72552 has them", () => {
    expect(part("Relay, 4 pins").terminals.toSorted()).toEqual(["30", "85", "86", "87"]);
    expect(part("Relay, 5 pins").terminals.toSorted()).toEqual(["30", "85", "86", "87", "87a"]);
    const [coil, ...contacts] = part("Relay, 5 pins").elements.flatMap(spansOf);
    expect(coil).toMatchObject({ a: "86", b: "85", role: "load" });
    expect(contacts.map(({ a, b, role }) => `${a} ${b} ${role}`)).toEqual(["30 87 path", "30 87a path"]);
    expect(part("Relay, 4 pins").elements[0]).toMatchObject({ coilOhms: USUAL_COIL_OHMS });
  });
  test("a key's ways are closed in the positions that one turns it to", () => {
    const ways = Object.fromEntries(
      part("Key switch, four positions").elements.map((one) => [
        one.type === "switch" ? one.b : "",
        one.type === "switch" ? one.closedIn.join(" ") : "",
      ]),
    );
    expect(ways).toEqual({ ACC: "accessory run running", 15: "run crank running", IG: "run running", 50: "crank" });
  });
  test.each([
    ["Main beam of a two-filament bulb", "Bulb with two filaments", 60],
    ["a wiper's slow speed", "Wiper motor with park switch", 45],
  ])("%s takes what such a part takes", (_, name, watts) => {
    const [first] = part(name).elements;
    expect(first?.type === "lamp" ? first.ratedWatts : first?.type === "power" ? first.watts : null).toBe(watts);
  });
});

describe("parts made to measure", () => {
  test("a fuse box has one feed and its ways, each behind a fuse of its own", () => {
    const box = fuseBox(3, 15);
    expect(box.terminals.toSorted()).toEqual(["1", "2", "3", "feed"]);
    expect(box.elements.map((one) => (one.type === "fuse" ? [one.a, one.b, one.amps] : []))).toEqual([
      ["feed", "1", 15],
      ["feed", "2", 15],
      ["feed", "3", 15],
    ]);
    // About 0.1 V is lost in a blade fuse at its rated current, whatever its size.
    expect(box.elements.map((one) => (one.type === "fuse" ? one.ohms * one.amps : 0))).toEqual(
      Array(3).fill(expect.closeTo(0.1, 9)),
    );
  });
  test("a splice pack is one piece of metal, a stud is bolted at each ring", () => {
    expect(splicePack(4).elements).toHaveLength(3);
    expect(new Set(splicePack(4).elements.flatMap(terminalsOf))).toEqual(new Set(["1", "2", "3", "4"]));
    expect(groundStud(2).elements.map((one) => ("b" in one ? one.b : ""))).toEqual([CHASSIS, CHASSIS]);
    expect(groundStud(2).terminals).toEqual(["1", "2"]);
  });
  test.each([
    [() => fuseBox(0)],
    [() => fuseBox(49)],
    [() => fuseBox(2.5)],
    [() => splicePack(1)],
    [() => groundStud(Number.NaN)],
  ])("out of range is a caller's mistake: %#", (make) => expect(make).toThrow(RangeError));
});

describe("a part as someone wrote it", () => {
  const coil = { id: "w", type: "resistor", a: "1", b: "2", ohms: 10, joint: false } as const;
  test("a terminal that it does not have, named with those that it has", () =>
    expect(partProblems({ terminals: ["1"], elements: [coil] })).toEqual([
      { code: "unknown-terminal", element: "w", terminal: "2", known: ["1", CHASSIS] },
    ]));
  test("two elements of one name, and one that is shorted by its own case", () => {
    expect(partProblems({ terminals: ["1", "2"], elements: [coil, coil] })).toEqual([
      { code: "repeated-element", element: "w" },
    ]);
    expect(partProblems({ terminals: ["1"], elements: [{ ...coil, b: "1" }] })).toEqual([
      { code: "shorted-element", element: "w" },
    ]);
  });
  test("the case is a terminal of every part", () =>
    expect(partProblems({ terminals: ["1"], elements: [{ ...coil, b: CHASSIS }] })).toEqual([]));
});

test.each([
  ["starter", "host", true],
  ["alternator", "donor", true],
  ["sensor", "donor", true],
  ["ground-stud", "donor", true],
  ["ground-stud", "host", false],
  ["lamp", "donor", false],
  ["computer", "donor", false],
  ["sensor", "host", false],
] as const)("a %s of the %s is bolted to the engine: %s", (type, side, on) =>
  expect(onEngine({ type, side })).toBe(on),
);
