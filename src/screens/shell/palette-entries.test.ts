import { describe, expect, test } from "vitest";
import { heronDocument } from "@/demo/heron";
import { jobOf } from "../../../tests/support/page";
import { findEntries, paletteEntries } from "./palette-entries";

const entries = paletteEntries(jobOf(heronDocument()));
const found = (query: string) => findEntries(entries, query);

describe("what the palette finds", () => {
  test.each([
    ["C1-23 donor cavity", /^C1-23$/, /pins\?pin=/],
    ["power", /^Power$/, /^power$/],
    ["confusable", /^Confusable connectors$/, /^look-alikes$/],
    ["gearbox computer connector", /Gearbox computer|T1/, /^faces\?connector=/],
    ["tachometer function", /^Tachometer$/, /function=/],
    ["continuity", /Continuity/, /^prove\?step=/],
  ])("“%s”: first %s", (query, title, path) => {
    const [first] = found(query);
    expect(first?.title).toMatch(title);
    expect(first?.path).toMatch(path);
  });
  test("every word must be there, in any order, whatever its case; none finds all", () => {
    expect(found("")).toHaveLength(entries.length);
    expect(found("ENGINE speed")).toEqual(found("speed engine"));
    expect(found("speed").length).toBeGreaterThan(found("engine speed").length);
    expect(found("no such thing at all")).toEqual([]);
  });
  test("a cavity is found by its circuit, its colour and its description", () => {
    const [pin] = heronDocument().pins.filter((row) => row.circuit !== null && row.colour !== null && row.description);
    for (const word of [pin?.circuit, pin?.colour, pin?.description])
      expect(found(word as string).map((one) => one.key)).toContain(`pin ${pin?.id}`);
  });
  test("what is shown of them is told apart by its key and says no identifier", () => {
    expect(new Set(entries.map((one) => one.key)).size).toBe(entries.length);
    for (const { title, detail } of entries)
      expect(`${title} ${detail}`).not.toMatch(/\b[a-z]+-(in|out)\b|undefined|null/);
  });
});
