import { expect, test } from "vitest";
import { LIBRARY } from "@/core/parts";
import { readOwnParts, writeOwnParts } from "./own-parts";

const own = LIBRARY.slice(0, 6)
  .filter((part) => part.terminals.length > 0)
  .map((part, at) => ({
    id: `p${at}`,
    name: part.name,
    type: part.type,
    terminals: [...part.terminals],
    elements: part.elements.map((element) => structuredClone(element)) as never[],
  }));

test("written and read again they are the same, without ids and in order of name", () => {
  const text = writeOwnParts(own);
  const read = readOwnParts(text);
  expect(read.ok && read.parts.map((part) => part.name)).toEqual(own.map((part) => part.name).toSorted());
  expect(read.ok && writeOwnParts(read.parts.map((part, at) => ({ id: `q${at}`, ...part })))).toBe(text);
});
test.each([
  ["no JSON", "x", "not JSON"],
  ["another format", '{"format":"pantograph-job/1","parts":[]}', "format"],
  [
    "an element without its terminal",
    JSON.stringify({
      format: "pantograph-parts/1",
      parts: [
        {
          name: "Lamp",
          type: "lamp",
          terminals: ["1"],
          elements: [{ id: "L", type: "lamp", a: "1", b: "2", ratedVolts: 12, ratedWatts: 5 }],
        },
      ],
    }),
    "Lamp: L names the terminal “2”",
  ],
  [
    "a value out of range",
    JSON.stringify({
      format: "pantograph-parts/1",
      parts: [
        {
          name: "Lamp",
          type: "lamp",
          terminals: ["1", "2"],
          elements: [{ id: "F", type: "fuse", a: "1", b: "2", amps: -5, ohms: 1 }],
        },
      ],
    }),
    "amps",
  ],
])("%s is refused with the reason", (_name, text, reason) => {
  const read = readOwnParts(text);
  expect(!read.ok && `${read.message} ${read.hint}`).toContain(reason);
});
