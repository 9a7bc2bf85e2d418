import { describe, expect, test } from "vitest";
import { buildHarness } from "@/core/harness";
import { type Guard, guardsOf } from "@/core/slice";
import { guardedCutsText } from "@/core/words";
import { ridgewayDocument } from "@/demo/ridgeway";
import { guardedCuts } from "./guarded-cuts";
import { harnessFacts } from "./harness-facts";
import { invert, type RowOp } from "./ops";
import { decideCutOps, doneOps, recordCutOps, reopenCutOps } from "./triage-ops";

const job = ridgewayDocument();
const harness = buildHarness(harnessFacts(job));
const guardOf = guardsOf(harness);
/** The first wire of the large sample that a guard keeps. */
const guardedBy = (guard: Guard | null): string => {
  const wire = harness.wires.find((one) => guardOf(one) === guard);
  if (wire === undefined) throw new Error(`no wire of the sample is guarded as ${guard}`);
  return wire.id;
};
const free = harness.wires.filter((wire) => guardOf(wire) === null).map(({ id }) => id);
const remove = (subjects: readonly string[], override = "") =>
  decideCutOps(job, { subjects, choice: "remove", override, person: "Robin" });
const faults = (ops: readonly RowOp[]) => guardedCuts(job, ops).map(({ wireId, fault }) => [wireId, fault]);
const [ground, airbag] = [guardedBy("sensor-ground"), guardedBy("airbag")];

describe("removals that the guards forbid", () => {
  test("what is free goes, one or many", () => {
    expect(faults(remove(free.slice(0, 1)))).toEqual([]);
    expect(faults(remove(free.slice(0, 50)))).toEqual([]);
  });
  test("a sensor ground goes by itself and with a reason: not without one, and not with others", () => {
    expect(faults(remove([ground], "a new one is in"))).toEqual([]);
    expect(faults(remove([ground]))).toEqual([[ground, "no-reason"]]);
    expect(faults(remove([ground], "  "))).toEqual([[ground, "no-reason"]]);
    expect(faults(remove([...free.slice(0, 2), ground], "all of it"))).toEqual([[ground, "with-others"]]);
  });
  test("an airbag circuit never, whatever is said", () =>
    expect(faults(remove([airbag], "it is disconnected"))).toEqual([[airbag, "never"]]));
  test("a connector takes its guarded wires along, and is refused for them", () => {
    const pinId = harness.wires.find(({ id }) => id === ground)?.pinIds[0] ?? "";
    const connectorId = harness.pinById.get(pinId)?.connectorId;
    const taken = faults(remove([`connector:${connectorId}`], "not wanted"));
    expect(taken).toContainEqual([ground, "with-others"]);
  });
  test("keeping, ticking off, what was cut already, and taking decisions back are no removals", () => {
    const ops = remove([ground], "a new one is in");
    const cut = ops.find((op) => op.table === "cut");
    if (cut?.op !== "insert") throw new Error("no cut");
    const decided = { ...job, cuts: [cut.row as (typeof job.cuts)[number]] };
    const on = (more: readonly RowOp[]) => guardedCuts(decided, more);
    expect(on(doneOps(decided.cuts[0] as (typeof job.cuts)[number], true, "Robin"))).toEqual([]);
    expect(on(reopenCutOps(decided, [ground]))).toEqual([]);
    expect(on(decideCutOps(decided, { subjects: [ground], choice: "keep", person: "Robin" }))).toEqual([]);
    expect(guardedCuts(job, recordCutOps(job, ground, "Robin"))).toEqual([]);
    expect(guardedCuts(job, invert(invert(ops)))).toEqual([]);
  });
  test("a decision that is changed to a removal, or whose reason is taken away, counts as one", () => {
    const [parked] = decideCutOps(job, { subjects: [ground], choice: "park", person: "Robin" });
    if (parked?.op !== "insert") throw new Error("no cut");
    const row = parked.row as (typeof job.cuts)[number];
    const now = { ...job, cuts: [row] };
    const change = decideCutOps(now, { subjects: [ground], choice: "remove", person: "Robin" });
    expect(change[0]?.op).toBe("update");
    expect(guardedCuts(now, change)).toMatchObject([{ wireId: ground, fault: "no-reason" }]);
    const removed = { ...job, cuts: [{ ...row, choice: "remove" as const, override: "why" }] };
    const silent: RowOp = { op: "update", table: "cut", id: row.id, from: { override: "why" }, to: { override: "" } };
    expect(guardedCuts(removed, [silent])).toMatchObject([{ fault: "no-reason" }]);
  });
  test("the refusal names what it is, and the way", () => {
    expect(guardedCutsText(guardedCuts(job, remove([ground])))).toEqual({
      message: "Not removed: sensor ground.",
      hint: "Each goes only by itself, with a reason that stays in the job.",
    });
    expect(guardedCutsText(guardedCuts(job, remove([airbag], "x"))).hint).toContain("licensed");
  });
});
