import { expect, test } from "vitest";
import { EMPTY } from "../../tests/support/empty";
import { heronDocument } from "../demo/heron";
import { chooseOps, comparedOf, priceOps } from "./approach-facts";
import { applyOps, invert } from "./ops";

test("a figure of the shop stands in the book, is changed, and goes when it is as stated again", () => {
  const first = applyOps(EMPTY, priceOps(EMPTY, "joint", "minutes", 9));
  expect(first.prices).toEqual([{ id: "joint", minutes: 9, money: null, amount: null }]);
  const second = applyOps(first, priceOps(first, "joint", "money", 2));
  expect(comparedOf(second, () => true).book.joint).toMatchObject({ minutes: 9, money: 2 });
  const third = applyOps(second, priceOps(second, "joint", "minutes", 4));
  expect(third.prices).toEqual([{ id: "joint", minutes: null, money: 2, amount: null }]);
  expect(applyOps(third, priceOps(third, "joint", "money", 0.5)).prices).toEqual([]);
  expect(priceOps(EMPTY, "joint", "minutes", 4)).toEqual([]);
});

test("choosing is one change that is taken back as one", () => {
  const ops = chooseOps(EMPTY, { approach: "programmable", lengthens: "body" });
  const chosen = applyOps(EMPTY, ops);
  expect(chosen.job).toMatchObject({ approach: "programmable", lengthens: "body" });
  expect(applyOps(chosen, invert(ops))).toEqual(EMPTY);
  expect(chooseOps(chosen, { approach: "programmable", lengthens: "body" })).toEqual([]);
});

test("both plugs of the Heron's engine computer are one", () => {
  const { computers, lengthOf, pins } = comparedOf(heronDocument(), () => true);
  expect(computers).toContainEqual({ side: "donor", connectors: ["C1", "C2"] });
  expect(pins.some(({ id }) => lengthOf(id) !== null)).toBe(true);
});
