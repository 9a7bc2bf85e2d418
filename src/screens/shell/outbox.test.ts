import { describe, expect, test } from "vitest";
import { earlierEntries, readEntry } from "./outbox";

const ops = [{ op: "update", table: "job", id: "job", from: { name: "A" }, to: { name: "B" } }];
const entry = { key: "12345678", jobId: "j", madeAt: 7, person: "Robin", label: "Rename", ops, aside: null };

describe("what a browser kept", () => {
  test("is read as it was written", () => {
    expect(readEntry(entry)).toEqual(entry);
    const aside = { ...entry, aside: { message: "no", hint: "do" } };
    expect(readEntry(aside)).toEqual(aside);
  });
  test.each([
    ["nothing", null],
    ["text", "rubbish"],
    ["no key", { ...entry, key: undefined }],
    ["a key that the server would not take", { ...entry, key: "é" }],
    ["no operation", { ...entry, ops: [] }],
    ["an operation of another time", { ...entry, ops: [{ op: "move", table: "pin" }] }],
    ["nobody's", { ...entry, person: " " }],
  ])("%s is no change that could be sent", (_, kept) => expect(readEntry(kept)).toBeNull());
  test("of an earlier version is taken over in its order, what cannot be sent left out", () => {
    const { key, person, label } = entry;
    const kept = [{ key, person, label, ops }, "rubbish", { key: "87654321", person, label: "Second", ops }];
    expect(earlierEntries("j", JSON.stringify(kept)).map((one) => [one.key, one.jobId, one.madeAt, one.label])).toEqual(
      [
        ["12345678", "j", 0, "Rename"],
        ["87654321", "j", 2, "Second"],
      ],
    );
    for (const broken of ["{", "null", "{}", "7"]) expect(earlierEntries("j", broken)).toEqual([]);
  });
});
