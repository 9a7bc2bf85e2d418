import { describe, expect, it } from "vitest";
import { KnownPlaces, readOtherEnds } from "./other-end";

const PLACES = new KnownPlaces(
  [
    ["C2", ["12", "14", "A7", "a7"]],
    ["C20", ["1"]],
    ["Fuse box", ["F3", "F12", "feed"]],
    ["Battery", ["+", "-"]],
    ["Fuel pump relay", ["30", "85", "86", "87"]],
    ["Horn", ["1"]],
    ["G7", ["1"]],
    ["S4", ["1", "2"]],
  ].flatMap(([connector, cavities]) =>
    (cavities as string[]).map((cavity) => ({ connector: connector as string, cavity })),
  ),
);

describe("where a wire's other end is", () => {
  it.each([
    // Cavities that are known, as people write them.
    ["C2-14", "C2 14"],
    ["C2/14", "C2 14"],
    ["C2 14", "C2 14"],
    ["C2.14", "C2 14"],
    ["C2:14", "C2 14"],
    ["c2 pin 14", "C2 14"],
    ["14 of C2", "C2 14"],
    ["pin 14, connector C2", "C2 14"],
    ["C2 (14)", "C2 14"],
    ["to C2-14 (engine side)", "C2 14"],
    ["→ C2-14", "C2 14"],
    ["C20-1", "C20 1"],
    ["Fuel pump relay 87", "Fuel pump relay 87"],
    ["87 fuel pump relay", "Fuel pump relay 87"],
    ["fuel pump relay, terminal 86", "Fuel pump relay 86"],
    // A connector with one cavity needs no more.
    ["horn", "Horn 1"],
    // Parts' own ways of speaking.
    ["F12", "Fuse box F12"],
    ["fuse 3", "Fuse box F3"],
    ["BAT +", "Battery +"],
    ["battery negative", "Battery -"],
    ["batt. pos.", "Battery +"],
    // Joints.
    ["S12", "splice S12"],
    ["splice 12", "splice S12"],
    ["Splice S12", "splice S12"],
    ["SP3", "splice SP3"],
    ["G101", "ground G101"],
    ["ground G101", "ground G101"],
    ["earth point 3", "ground G3"],
    ["earth E3", "ground E3"],
    // Of connectors whose table is still to come.
    ["C101-5", "C101 5"],
    ["X3/B2", "X3 B2"],
    ["J1 A", "J1 A"],
    ["5 of C101", "C101 5"],
    // Several.
    ["C2-14; S12", "C2 14 | splice S12"],
    ["C2-12 and C2-14", "C2 12 | C2 14"],
    ["C2-14, C2-14", "C2 14"],
    // A known connector goes before what its letters would mean.
    ["G7", "G7 1"],
    ["S4-2", "S4 2"],
  ])("%s is %s", (written, expected) => {
    const said = readOtherEnds(written, PLACES).map((end) =>
      "splice" in end
        ? `splice ${end.splice}`
        : "ground" in end
          ? `ground ${end.ground}`
          : `${end.connector} ${end.cavity}`,
    );
    expect(said.join(" | ")).toBe(expected);
  });

  it.each([
    "fuel pump",
    "to dash somewhere",
    "ground",
    "chassis",
    "C2",
    "C2 pin A7 or 12",
    "see sheet 4",
    "F99",
    "S12 or C2-14",
    "?",
    "-",
    "",
    // Two cavities of one name but for case: words in small letters name neither.
    "pin a7 c2",
  ])("%s names no place", (written) => expect(readOtherEnds(written, PLACES)).toEqual([]));

  it("names no post where no battery is known, and none where there are two", () => {
    expect(readOtherEnds("BAT +", new KnownPlaces([]))).toEqual([]);
    const two = ["Battery left", "Battery right"].map((connector) => ({ connector, cavity: "+" }));
    expect(readOtherEnds("BAT +", new KnownPlaces(two))).toEqual([]);
  });

  it("tells whether a cavity is there", () => {
    expect(PLACES.has({ connector: "Fuel pump relay", cavity: "87" })).toBe(true);
    expect(PLACES.has({ connector: "C2", cavity: "99" })).toBe(false);
    expect(PLACES.has({ connector: "C99", cavity: "1" })).toBe(false);
  });
});
