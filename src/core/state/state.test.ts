import fc from "fast-check";
import { describe, expect, test } from "vitest";
import {
  ALIVE,
  type ClosedWhen,
  closedIn,
  closedInShorthand,
  isClosedWhen,
  KEY_POSITIONS,
  liveIn,
  NETLIST_KEYS,
  shorthandOf,
  usualState,
  withCoasting,
} from "./index";

describe("when feeds are live", () => {
  test.each([
    ["permanent", "off accessory run crank running coasting"],
    ["accessory", "accessory run running"],
    ["run", "run running"],
    ["run-crank", "run crank running"],
    ["crank", "crank"],
    ["relay", ""],
  ] as const)("%s: %s", (alive, keys) => expect(liveIn(alive).join(" ")).toBe(keys));
  test("what nobody has said is live nowhere", () => expect([liveIn(null), liveIn(undefined)]).toEqual([[], []]));
  test("only a permanent feed is live with the key off, and it is so while the engine coasts", () => {
    for (const alive of ALIVE) {
      expect(liveIn(alive).includes("off")).toBe(alive === "permanent");
      expect(liveIn(alive).includes("coasting")).toBe(liveIn(alive).includes("off"));
    }
  });
});

describe("the vehicle's state", () => {
  test("what is not asked does not matter, and what is asked must agree", () => {
    const crank = usualState("crank");
    expect(isClosedWhen({}, crank)).toBe(true);
    expect(isClosedWhen({ range: ["P", "N"] }, crank)).toBe(true);
    expect(isClosedWhen({ range: ["P", "N"] }, { ...crank, range: "D" })).toBe(false);
    expect(isClosedWhen({ range: ["P", "N"], key: ["run"] }, crank)).toBe(false);
    expect(isClosedWhen({ clutch: "pressed" }, { ...crank, clutch: "released" })).toBe(false);
    expect(isClosedWhen({ brake: "pressed" }, { ...crank, brake: "pressed" })).toBe(true);
  });
  test("a vehicle without the lever or pedal closes nothing that asks for it", () => {
    const bare = usualState("crank", { range: null, clutch: null, brake: null });
    for (const when of [
      { range: ["P"] },
      { clutch: "pressed" },
      { clutch: "released" },
      { brake: "released" },
    ] as ClosedWhen[])
      expect(isClosedWhen(when, bare)).toBe(false);
  });
  test("a switch that the plan names is open until the state says that it is closed", () => {
    expect(isClosedWhen({ named: "winter" }, usualState("run"))).toBe(false);
    expect(isClosedWhen({ named: "winter" }, usualState("run", { named: { winter: true } }))).toBe(true);
  });
  test("one starts in Park with the clutch down", () =>
    expect(usualState("crank")).toMatchObject({ range: "P", clutch: "pressed", brake: "released" }));
  test("positions and the contract's shorthands go over into each other", () => {
    expect(KEY_POSITIONS.map(shorthandOf)).toEqual([...NETLIST_KEYS, "off"]);
    fc.assert(
      fc.property(fc.subarray([...NETLIST_KEYS]), (keys) => {
        const when = { key: withCoasting(keys) };
        expect(closedInShorthand(when)).toEqual(keys);
        expect(closedIn(when)).toEqual(KEY_POSITIONS.filter((key) => keys.includes(shorthandOf(key))));
      }),
    );
  });
});
