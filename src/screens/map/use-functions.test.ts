import { describe, expect, test } from "vitest";
import { functionLines, type Gap } from "@/core/plan";
import { linnetDocument } from "@/demo/linnet";
import { gapChoices } from "@/job/gap-ops";
import type { JobDocument } from "@/job/schema";
import { carryOut } from "@/job/table-wires";
import { derive } from "../shell/derive";
import { alikeGaps, alikeTo, fillOps, isOpen } from "./use-functions";

const functionsOf = (document: JobDocument) => {
  const { plan } = derive(document);
  const pins = [
    ...plan.lines.flatMap(({ provider, consumer }) => [provider, consumer]),
    ...plan.unmatched.map(({ pin }) => pin),
  ];
  return functionLines(plan, [...new Map(pins.map((pin) => [pin.id, pin])).values()], () => true, gapChoices(document));
};
const at = (document: JobDocument, key: string) => {
  const found = functionsOf(document).find((one) => one.key === key);
  if (found === undefined) throw new Error(`no function ${key}`);
  return found;
};
const first = (gaps: readonly Gap[]): Gap => {
  const [gap] = gaps;
  if (gap === undefined) throw new Error("no gap");
  return gap;
};

describe("a gap filled", () => {
  const linnet = linnetDocument();
  test("from a free output becomes a link of one's own, and that output is free no more", () => {
    const pump = at(linnet, "fuel-pump");
    expect(isOpen(pump)).toBe(true);
    const gap = first(pump.gaps);
    const filled = carryOut(linnet, fillOps(linnet, [gap], "free-output", "Robin"));
    expect(filled.links).toMatchObject([
      { providerId: gap.output?.provider.id, consumerId: gap.pin.id, quantity: "fuel-pump", byHand: true },
    ]);
    expect(at(filled, "fuel-pump")).toMatchObject({ state: "whole", gaps: [] });
    const others = functionsOf(filled).flatMap(({ gaps }) => gaps.map(({ output }) => output?.provider.id));
    expect(others).not.toContain(gap.output?.provider.id);
  });
  test("by a choice is signed, stays with the cavity, and can be opened again", () => {
    const gap = first(at(linnet, "cooling-fan").gaps);
    const signed = carryOut(linnet, fillOps(linnet, [gap], "without", "Robin"));
    expect(signed.gaps).toEqual([{ id: gap.pin.id, way: "without", note: "", person: "Robin" }]);
    expect(isOpen(at(signed, "cooling-fan"))).toBe(false);
    const again = carryOut(signed, fillOps(signed, [gap], null, "Robin"));
    expect(again.gaps).toEqual([]);
    expect(isOpen(at(again, "cooling-fan"))).toBe(true);
  });
});

test("gaps of one reason and the same ways are one; filled together, all of them are", () => {
  const linnet = linnetDocument();
  const { gaps } = at(linnet, "feeds-and-grounds");
  const groups = alikeGaps(gaps);
  expect(groups.length).toBeLessThan(gaps.length);
  const group = alikeTo(first(gaps), gaps);
  expect(group.length).toBeGreaterThan(1);
  const filled = carryOut(linnet, fillOps(linnet, group, "new-feed", "Robin"));
  expect(filled.gaps.map(({ id }) => id).toSorted()).toEqual(group.map(({ pin }) => pin.id).toSorted());
});
