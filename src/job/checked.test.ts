import { beforeAll, describe, expect, test } from "vitest";
import { heronTables } from "@/demo/heron";
import { atOnce, breathing, MOST_FAULTS } from "./checked";
import { parseDocument, readDocument, writeDocument } from "./document";
import { insertOp, RowOpSchema, readChange } from "./ops";
import type { JobDocument } from "./schema";

let heron: JobDocument;
beforeAll(() => {
  heron = heronTables();
});
const change = (ops: readonly unknown[]) => ({ key: "12345678", person: "Robin", base: 0, label: "x", ops });
const rows = (count: number) => {
  const [pin] = heron.pins;
  return Array.from(
    { length: count },
    (_, at) => ({ ...pin, id: `p${at}`, cavity: `${at}` }) as JobDocument["pins"][0],
  );
};
const inserts = (count: number, more: object = {}) => rows(count).map((row) => insertOp("pin", { ...row, ...more }));
const millis = (work: () => unknown) => {
  const from = performance.now();
  work();
  return performance.now() - from;
};

describe("a change that came from outside", () => {
  test("each fault is told with its place, twenty at most", () => {
    const ops = inserts(3000, { sizeMm2: -1 });
    const read = atOnce(readChange(change(ops)));
    expect(read.ok).toBe(false);
    const faults = read.ok ? [] : read.faults;
    expect(faults).toHaveLength(MOST_FAULTS);
    expect(faults.map(({ path }) => path).slice(0, 2)).toEqual(["ops.0.row.sizeMm2", "ops.1.row.sizeMm2"]);
  });
  test("one bad row among good ones is found where it is", () => {
    const ops: unknown[] = inserts(1200);
    ops[1100] = { ...(ops[1100] as object), id: "another" };
    const read = atOnce(readChange(change(ops)));
    expect(read).toMatchObject({ ok: false, faults: [{ path: "ops.1100" }] });
  });
  test("thousands of bad rows cost less than as many good ones", () => {
    const good = inserts(3000);
    const bad = good.map((op) => ({ ...op, table: "nonsense" }));
    atOnce(readChange(change(good)));
    expect(millis(() => atOnce(readChange(change(bad))))).toBeLessThan(millis(() => atOnce(readChange(change(good)))));
  });
  test("a wrong row is held against its own table's schema alone", () => {
    const [op] = inserts(1, { kind: "nonsense" });
    const result = RowOpSchema.safeParse(op);
    expect(result.error?.issues.map(({ path }) => path.join("."))).toEqual(["row.kind"]);
  });
  test("others have a turn between the rows of a large one", async () => {
    let turns = 0;
    const read = await breathing(readChange(change(inserts(2600))), async () => {
      turns += 1;
    });
    expect(read.ok).toBe(true);
    expect(turns).toBe(5);
  });
  test("nothing, too much, and what is no list are refused", () => {
    for (const ops of [[], Array.from({ length: 60_001 }, () => null), "ops", null])
      expect(atOnce(readChange({ ...change([]), ops }))).toMatchObject({ ok: false, faults: [{ path: "ops" }] });
    expect(atOnce(readChange(null)).ok).toBe(false);
    expect(atOnce(readChange({ ...change(inserts(1)), base: 5_000_000_000 })).ok).toBe(false);
  });
});

describe("a document that came from outside", () => {
  test("in steps it is the same as at once", async () => {
    const text = writeDocument({ ...heron, pins: [...heron.pins, ...rows(700)] });
    let turns = 0;
    const read = await breathing(readDocument(text), async () => {
      turns += 1;
    });
    expect(read).toEqual(parseDocument(text));
    expect(turns).toBeGreaterThan(2);
  });
  test("its faults are told with their places over all lists, twenty at most", () => {
    const broken = {
      ...heron,
      connectors: heron.connectors.map((row, at) => (at === 2 ? { ...row, side: "neither" } : row)),
      pins: heron.pins.map((row) => ({ ...row, lengthM: -1 })),
    };
    const read = parseDocument(JSON.stringify(broken));
    const faults = read.ok ? [] : read.faults;
    expect(faults).toHaveLength(MOST_FAULTS);
    expect(faults.slice(0, 2).map(({ path }) => path)).toEqual(["connectors.2.side", "pins.0.lengthM"]);
  });
  test("two accepted providers of one consumer, which no job can hold, are told and not found out by the database", () => {
    const [link] = parseLinks();
    const other = { ...link, id: "other", providerId: heron.pins[5]?.id ?? "" };
    const read = parseDocument(JSON.stringify({ ...heron, links: [link, other] }));
    expect(read).toMatchObject({ ok: false, faults: [{ code: "repeated", path: "links.1" }] });
    const refused = parseDocument(JSON.stringify({ ...heron, links: [link, { ...other, decision: "refused" }] }));
    expect(refused.ok).toBe(true);
  });
});

const parseLinks = (): JobDocument["links"] => [
  {
    id: "one",
    providerId: heron.pins[0]?.id ?? "",
    consumerId: heron.pins[1]?.id ?? "",
    quantity: null,
    decision: "accepted",
    verdict: "direct",
    adapters: [],
    why: "",
    byHand: true,
    note: "",
  },
];
