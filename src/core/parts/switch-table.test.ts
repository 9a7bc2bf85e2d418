import { describe, expect, test } from "vitest";
import { NETLIST_KEYS } from "../state";
import { contact, lamp } from "./elements";
import { LIBRARY } from "./library";
import { KEY_COLUMNS, switchElements, switchTable, ticked } from "./switch-table";

const key = LIBRARY.find(({ type }) => type === "key-switch");

describe("a key switch as a table", () => {
  const table = switchTable(key?.elements ?? [], true);
  test("has the key's positions, and each terminal is ticked where it is joined with the battery's", () => {
    expect(table.common).toBe("30");
    expect(table.positions).toEqual(KEY_COLUMNS);
    expect(Object.fromEntries([...table.joined].map(([terminal, at]) => [terminal, [...at].join(" ")]))).toEqual({
      ACC: "accessory run",
      15: "run crank",
      IG: "run",
      50: "crank",
    });
  });
  test("is written as contacts that are closed so, run for the running engine too", () => {
    expect(switchElements(table, true).map((one) => one.type === "switch" && [one.b, one.closedIn])).toEqual([
      ["ACC", ["accessory", "run", "running"]],
      ["15", ["run", "crank", "running"]],
      ["IG", ["run", "running"]],
      ["50", ["crank"]],
    ]);
    // Read and written once more it is the same.
    const once = switchElements(table, true);
    expect(switchElements(switchTable(once, true), true)).toEqual(once);
  });
  test("one tick more or less is one position more or less, and a terminal with none has no contact", () => {
    const more = switchElements(ticked(table, "50", "run", true), true);
    expect(more.at(-1)).toMatchObject({ b: "50", closedIn: ["run", "crank", "running"] });
    const less = switchElements(ticked(table, "50", "crank", false), true);
    expect(less.some((one) => one.type === "switch" && one.b === "50")).toBe(false);
  });
});

describe("any other switch", () => {
  const elements = [contact("main", "1", "56a", NETLIST_KEYS), lamp("glow", "1", "31", 1.2)];
  test("has positions that somebody names, and keeps what is no contact", () => {
    const table = switchTable(elements, false);
    expect([table.common, table.positions, table.others]).toEqual(["1", ["on"], [elements[1]]]);
    const named = ticked(ticked(ticked(table, "56a", "on", false), "56a", "main beam", true), "56b", "dip", true);
    const written = switchElements(named, false);
    expect(written).toMatchObject([
      { id: "glow", type: "lamp" },
      { a: "1", b: "56a", closedIn: NETLIST_KEYS, positions: ["main beam"] },
      { a: "1", b: "56b", closedIn: NETLIST_KEYS, positions: ["dip"] },
    ]);
    expect(switchTable(written, false).positions).toEqual(["main beam", "dip"]);
  });
  test("without contacts is empty, and stays so until a common terminal is chosen", () => {
    expect(switchElements(ticked(switchTable([], false), "2", "on", true), false)).toEqual([]);
    expect(switchElements(ticked({ ...switchTable([], false), common: "1" }, "2", "on", true), false)).toMatchObject([
      { a: "1", b: "2", positions: ["on"] },
    ]);
  });
});
