import { describe, expect, it } from "vitest";
import { readAlive, readAliveCell } from "./alive";
import { readAmount } from "./amounts";

describe("when a feed is live, from words", () => {
  it.each([
    ["HOT AT ALL TIMES", "permanent"],
    ["permanent live 30 A", "permanent"],
    ["KAM", "permanent"],
    ["B+ FROM FUSE 4", "permanent"],
    ["BATT FEED", "permanent"],
    ["30", "permanent"],
    ["Kl. 30", "permanent"],
    ["hot in run only", "run"],
    ["live in run", "run"],
    ["HOT IN RUN AND START", "run-crank"],
    ["HOT IN START/RUN", "run-crank"],
    ["start and run", "run-crank"],
    ["IGN/START FEED", "run-crank"],
    ["run-crank supply", "run-crank"],
    // DIN 72552: 15 is kept while cranking, 75 and 50 are the accessories and the starter.
    ["15", "run-crank"],
    ["terminal 15", "run-crank"],
    ["kl 75", "accessory"],
    ["hot in acc and run", "accessory"],
    ["live in accessory", "accessory"],
    ["radio feed", "accessory"],
    ["term 50", "crank"],
    ["hot in start", "crank"],
    ["cranking only", "crank"],
    ["feed from main relay", "relay"],
    ["87", "relay"],
  ])("%s: %s", (text, value) => expect(readAlive(text)?.value).toBe(value));

  it.each([
    "12V SUPPLY",
    "IGNITION COIL 1",
    "start relay coil",
    "crank sensor",
    "fuse 15 A",
    "injector 3",
    "run light",
    "",
  ])("%s says nothing of it", (text) => expect(readAlive(text)).toBeNull());

  it.each([
    ["ign", "run"],
    ["BATT", "permanent"],
    ["start and run", "run-crank"],
    ["hot in run", "run"],
    ["ACC", "accessory"],
    ["ST", "crank"],
    ["relay", "relay"],
    ["sometimes", null],
    ["", null],
  ])("a cell %s under such a head: %s", (text, value) => expect(readAliveCell(text)).toBe(value));
});

describe("amounts", () => {
  it.each([
    ["10A", 10, "A"],
    ["10 amps", 10, "A"],
    ["350 mA", 0.35, "A"],
    ["5 W", 5, "W"],
    ["2.4 Ω", 2.4, "Ω"],
    ["2k2", 2200, "Ω"],
    ["4R7", 4.7, "Ω"],
    ["1.5 kohm", 1500, "Ω"],
    ["12", 12, null],
    ["12 V", 12, "V"],
    [".5", 0.5, null],
  ])("%s", (text, value, unit) => expect(readAmount(text, false)).toEqual({ value, unit }));
  it("reads a decimal comma only where the table has one", () => {
    expect(readAmount("2,5 A", true)).toEqual({ value: 2.5, unit: "A" });
    expect(readAmount("2,5 A", false)).toBeNull();
  });
  it.each(["10-15 A", "~3", "5 apples", "", "A", "1.2.3"])("%s is none", (text) =>
    expect(readAmount(text, true)).toBeNull(),
  );
});
