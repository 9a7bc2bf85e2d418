import { describe, expect, test } from "vitest";
import { deriveLines } from "@/core/plan";
import { heronTables } from "@/demo/heron";
import { pinOf, withWire } from "@/demo/sample-job";
import { decideOps } from "./decide";
import type { JobDocument } from "./schema";
import { laidWires, signalPinsIn } from "./signal-pins";

const tables = heronTables();
const laid = (from: string, to: string) =>
  withWire(tables, from, to, { colour: "RD", sizeMm2: 4, lengthM: 1 }, () => "laid");
const circuitIn = (document: typeof tables, label: string) =>
  signalPinsIn(document).find(({ id }) => id === pinOf(document, label).id)?.circuit;

test("a cavity whose wire goes is no more offered, unless an accepted link is its new wire", () => {
  const pump = pinOf(tables, "Fuel pump-1").id;
  const wire = tables.wires.find(({ fromPinId, toPinId }) => fromPinId === pump || toPinId === pump);
  const cut = { ...tables, cuts: [{ ...CUT, id: "c1", subject: `wire:${wire?.id}` }] };
  const leaves = (document: JobDocument) => signalPinsIn(document).find(({ id }) => id === pump)?.leaves === true;
  expect(leaves(tables)).toBe(false);
  expect(leaves(cut)).toBe(true);
  const link = (decision: "accepted" | "refused") => ({
    ...cut,
    links: decideOps(cut, {
      providerId: pinOf(tables, "C1-30").id,
      consumerId: pump,
      quantity: "fuel-pump",
      decision,
      verdict: "adapter",
      adapters: [],
      why: "",
      byHand: true,
    }).flatMap((op) => (op.op === "insert" ? [op.row as JobDocument["links"][number]] : [])),
  });
  expect(leaves(link("accepted"))).toBe(false);
  expect(leaves(link("refused"))).toBe(true);
});

describe("copper that a person laid", () => {
  const joined = laid("FB-2", "Spare plug-1");
  test("is one circuit for the map with all that is on its two ends", () => {
    expect(circuitIn(tables, "FB-2")).not.toBe(circuitIn(tables, "Spare plug-1"));
    expect(circuitIn(joined, "FB-2")).toBe(circuitIn(joined, "Spare plug-1"));
    const moved = signalPinsIn(joined).filter(({ circuit }) => circuit === circuitIn(joined, "FB-2"));
    const before = signalPinsIn(tables).filter(({ id }) => moved.some((pin) => pin.id === id));
    // Nothing else came along, and nothing of the two circuits was left behind.
    expect(new Set(before.map(({ circuit }) => circuit)).size).toBe(2);
    for (const pin of signalPinsIn(tables))
      expect(moved.some(({ id }) => id === pin.id)).toBe(before.some(({ circuit }) => circuit === pin.circuit));
  });
  test("is none once it is decided to be cut", () => {
    const [one] = joined.wires.filter(({ origin }) => origin === "added");
    const cut = { ...joined, cuts: [{ ...CUT, id: "c1", subject: `wire:${one?.id}` }] };
    expect(laidWires(joined)).toHaveLength(1);
    expect(laidWires(cut)).toEqual([]);
    expect(circuitIn(cut, "FB-2")).toBe(circuitIn(tables, "FB-2"));
  });
  test("serves a consumer of its own side: the map proposes no other feed for it", () => {
    const consumer = pinOf(tables, "FB-10").id;
    const apart = {
      ...tables,
      pins: tables.pins.map((pin) => (pin.id === consumer ? { ...pin, circuit: "99" } : pin)),
    };
    const fed = { ...apart, wires: laid("Main fuse box-5", "FB-10").wires };
    const reasonIn = (document: typeof tables) =>
      deriveLines(signalPinsIn(document), []).unmatched.find(({ pin }) => pin.id === consumer)?.reason;
    expect(reasonIn(apart)).not.toMatchObject({ code: "own-side" });
    expect(reasonIn(fed)).toMatchObject({ code: "own-side", partner: { connector: "Main fuse box", cavity: "5" } });
  });
  test("serves a consumer of the other side too, whatever both are called: it is no gap, and gets no link", () => {
    const reasonIn = (document: typeof tables, label: string) => {
      const { id } = pinOf(document, label);
      const { unmatched, lines } = deriveLines(signalPinsIn(document), []);
      return {
        code: unmatched.find(({ pin }) => pin.id === id)?.reason.code,
        linked: lines.some(({ consumer }) => consumer.id === id),
      };
    };
    expect(reasonIn(tables, "Starter-30").code).not.toBe("laid-to");
    const cable = { ...tables, wires: laid("Battery-+", "Starter-30").wires };
    expect(reasonIn(cable, "Starter-30")).toEqual({ code: "laid-to", linked: false });
    // The same circuit number on both sides is chance.
    const pins = tables.pins.map((pin) =>
      pin.id === pinOf(tables, "Starter-30").id || pin.id === pinOf(tables, "Battery-+").id
        ? { ...pin, circuit: "777" }
        : pin,
    );
    expect(reasonIn({ ...tables, pins }, "Starter-30").code).not.toBe("laid-to");
  });
});

const CUT: Omit<JobDocument["cuts"][number], "id" | "subject"> = {
  choice: "remove",
  override: "",
  done: false,
  doneBy: null,
  unplanned: false,
  note: "",
};
