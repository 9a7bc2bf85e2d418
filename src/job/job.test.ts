import { readFileSync } from "node:fs";
import fc from "fast-check";
import { beforeAll, describe, expect, test } from "vitest";
import type { Decision } from "@/core/plan";
import { heronTables } from "@/demo/heron";
import { atOnce } from "./checked";
import { decideOps, noteOps, reopenOps } from "./decide";
import { describeOp } from "./describe";
import { documentJsonSchema, parseDocument, writeDocument } from "./document";
import { type ImportedPin, planImport } from "./import-table";
import { decisionsOf } from "./links";
import { applyOps, deleteOp, insertOp, invert, type RowOp, RowOpSchema, readChange, updateOp } from "./ops";
import type { JobDocument } from "./schema";

let heron: JobDocument;
beforeAll(() => {
  heron = heronTables();
});

const importedPin = (cavity: string, part: Partial<ImportedPin> = {}): ImportedPin => ({
  connector: "C1",
  cavity,
  circuit: null,
  colour: null,
  sizeMm2: 0.5,
  lengthM: null,
  description: "text",
  index: null,
  params: {},
  extra: {},
  kind: { value: "ground", confidence: 0.9, source: "proposed", why: { code: "own-words", notUnderstood: [] } },
  quantity: { value: "ground", confidence: 0.9, source: "proposed", why: { code: "own-words", notUnderstood: [] } },
  ...part,
});
const ids = () => {
  let count = 0;
  return () => `new-${++count}`;
};
const accept = (document: JobDocument, provider: number, consumer: number, id = "l1") =>
  decideOps(
    document,
    {
      providerId: document.pins[provider]?.id ?? "",
      consumerId: document.pins[consumer]?.id ?? "",
      quantity: "ground",
      decision: "accepted",
      verdict: "direct",
      adapters: [],
      why: "so",
      byHand: false,
    },
    () => id,
  );

describe("row operations", () => {
  const someOps = fc
    .array(fc.nat({ max: 300 }), { minLength: 1, maxLength: 12 })
    .map((picks) => (document: JobDocument): RowOp[] => {
      const ops: RowOp[] = [];
      let so = document;
      for (const [at, pick] of picks.entries()) {
        const row = so.pins[pick % so.pins.length];
        if (row === undefined) continue;
        const op =
          pick % 3 === 0
            ? deleteOp("pin", row)
            : pick % 3 === 1
              ? updateOp("pin", row.id, row, { description: `changed ${at}`, sizeMm2: pick + 1 })
              : insertOp("pin", { ...row, id: `copy-${at}`, cavity: `copy ${at}` });
        if (op === null) continue;
        ops.push(op);
        so = applyOps(so, [op]);
      }
      return ops;
    });
  const sorted = (document: JobDocument) => ({
    ...document,
    pins: document.pins.toSorted((a, b) => a.id.localeCompare(b.id)),
  });
  test("undoing gives back what was, and redoing what became", () => {
    fc.assert(
      fc.property(someOps, (make) => {
        const ops = make(heron);
        const after = applyOps(heron, ops);
        expect(sorted(applyOps(after, invert(ops)))).toEqual(sorted(heron));
        expect(invert(invert(ops))).toEqual(ops);
      }),
      { numRuns: 60 },
    );
  });
  test("a list that nothing touched stays the same object", () => {
    const after = applyOps(heron, [updateOp("job", "job", heron.job, { name: "Other" }) as RowOp]);
    expect(after.pins).toBe(heron.pins);
    expect(after.job.name).toBe("Other");
  });
  test("an update that changes nothing is none", () =>
    expect(updateOp("job", "job", heron.job, { name: heron.job.name })).toBeNull());
  test.each([
    ["an unknown column", { op: "update", table: "pin", id: "a", from: { nonsense: 1 }, to: { nonsense: 2 } }],
    ["columns that differ", { op: "update", table: "pin", id: "a", from: { cavity: "1" }, to: { circuit: "2" } }],
    ["a changed id", { op: "update", table: "pin", id: "a", from: { id: "a" }, to: { id: "b" } }],
    ["an unknown table", { op: "insert", table: "edit", id: "a", row: {} }],
    ["nothing to change", { op: "update", table: "pin", id: "a", from: {}, to: {} }],
    [
      "a row of another id",
      {
        op: "insert",
        table: "connector",
        id: "a",
        row: { id: "b", side: "donor", label: "C", place: null, position: 0 },
      },
    ],
    [
      "a text too long",
      { op: "update", table: "pin", id: "a", from: { description: null }, to: { description: "x".repeat(10_001) } },
    ],
  ])("%s is refused", (_name, op) => expect(RowOpSchema.safeParse(op).success).toBe(false));
  test("a change needs a name", () =>
    expect(atOnce(readChange({ key: "12345678", person: " ", base: 0, label: "x", ops: [] }))).toMatchObject({
      ok: false,
      faults: [{ path: "person" }, { path: "ops" }],
    }));
});

describe("importing a table", () => {
  test("new cavities are added under their connector, in the table's order", () => {
    const plan = planImport(
      { ...heron, connectors: [], pins: [] },
      "donor",
      [importedPin("1"), importedPin("2"), { ...importedPin("1"), connector: "C2" }],
      false,
      ids(),
    );
    expect(plan).toMatchObject({ added: 3, same: 0, changed: [], absent: [] });
    expect(plan.ops.map((op) => op.table)).toEqual(["connector", "connector", "pin", "pin", "pin"]);
  });
  test("the same table again changes nothing; another size shows as a difference", () => {
    const first = applyOps(
      { ...heron, connectors: [], pins: [], links: [] },
      planImport({ ...heron, connectors: [], pins: [] }, "donor", [importedPin("1"), importedPin("2")], false, ids())
        .ops,
    );
    expect(planImport(first, "donor", [importedPin("1"), importedPin("2")], false).ops).toEqual([]);
    const plan = planImport(first, "donor", [importedPin("1", { sizeMm2: 0.75 })], false);
    expect(plan.changed).toEqual([
      { connector: "C1", cavity: "1", columns: [{ column: "sizeMm2", from: 0.5, to: 0.75 }] },
    ]);
    expect(plan.absent).toEqual([{ connector: "C1", cavity: "2", linked: false }]);
  });
  test("what a person confirmed stands against a proposal, and yields to what a table states", () => {
    const first = applyOps(
      { ...heron, connectors: [], pins: [], links: [] },
      planImport({ ...heron, connectors: [], pins: [] }, "donor", [importedPin("1")], false, ids()).ops,
    );
    const row = first.pins[0] as JobDocument["pins"][number];
    const confirmed = applyOps(first, [
      updateOp("pin", row.id, row, { kind: "shield", kindSource: "confirmed", kindConfidence: 1 }) as RowOp,
    ]);
    expect(applyOps(confirmed, planImport(confirmed, "donor", [importedPin("1")], false).ops).pins[0]?.kind).toBe(
      "shield",
    );
    const given = importedPin("1", {
      kind: { value: "spare", confidence: 1, source: "given", why: { code: "given" } },
    });
    expect(applyOps(confirmed, planImport(confirmed, "donor", [given], false).ops).pins[0]?.kind).toBe("spare");
  });
  test("a cavity that a decision uses is never removed by an import", () => {
    const linked = applyOps(heron, accept(heron, 250, 0));
    const plan = planImport(linked, "donor", [], true);
    expect(plan.absent.filter((pin) => pin.linked)).toHaveLength(1);
    expect(plan.ops.every((op) => op.op === "delete" && op.id !== linked.pins[0]?.id)).toBe(true);
  });
});

describe("describing a cavity anew", () => {
  const row = () => heron.pins.find((pin) => pin.description === "Purpose unclear") as JobDocument["pins"][number];
  test("what was proposed is proposed again from the new words", () => {
    expect(
      applyOps(heron, [describeOp(heron, row().id, "fuel pump relay, coil") as RowOp]).pins.find(
        (pin) => pin.id === row().id,
      ),
    ).toMatchObject({ description: "fuel pump relay, coil", quantity: "fuel-pump", kindSource: "proposed" });
  });
  test("what a person confirmed stays", () => {
    const confirmed = applyOps(heron, [
      updateOp("pin", row().id, row(), { kind: "spare", kindSource: "confirmed" }) as RowOp,
    ]);
    expect(
      applyOps(confirmed, [describeOp(confirmed, row().id, "fuel pump") as RowOp]).pins.find(
        (pin) => pin.id === row().id,
      )?.kind,
    ).toBe("spare");
  });
  test("the same words change nothing", () => expect(describeOp(heron, row().id, row().description)).toBeNull());
});

describe("decisions", () => {
  test("a consumer keeps one accepted provider", () => {
    const first = applyOps(heron, accept(heron, 250, 0, "a"));
    const second = applyOps(first, accept(first, 251, 0, "b"));
    expect(second.links.map((link) => link.id)).toEqual(["b"]);
  });
  test("a pair keeps one row through refusing, accepting, noting and opening again", () => {
    const first = applyOps(heron, accept(heron, 250, 0, "a"));
    const noted = applyOps(first, noteOps(first, "a", "checked"));
    const again = applyOps(noted, decideOps(noted, { ...(decisionsOf(noted)[0] as Decision), decision: "refused" }));
    expect(again.links).toMatchObject([{ id: "a", decision: "refused", note: "checked" }]);
    expect(applyOps(again, reopenOps(again, "a")).links).toEqual([]);
  });
});

describe("the job document", () => {
  test("export → import → export is identical", () => {
    const text = writeDocument(applyOps(heron, accept(heron, 250, 0)));
    const read = parseDocument(text);
    expect(read.ok && writeDocument(read.document)).toBe(text);
  });
  const spoil = (change: (json: Record<string, never>) => void) => {
    const json = JSON.parse(writeDocument(applyOps(heron, accept(heron, 250, 0))));
    change(json);
    const read = parseDocument(JSON.stringify(json));
    return read.ok ? null : read.faults[0];
  };
  type Any = { links: Record<string, unknown>[]; pins: Record<string, unknown>[] } & Record<string, unknown>;
  test.each<[string, string, (json: Any) => void]>([
    [
      "of a later version",
      "later-version",
      (json) => {
        json.format = "pantograph-job/2" as never;
      },
    ],
    [
      "no job document",
      "not-a-job",
      (json) => {
        json.format = "something" as never;
      },
    ],
    [
      "refers to a pin that is not there",
      "dangling",
      (json) => {
        (json.links[0] as Record<string, unknown>).providerId = "gone";
      },
    ],
    [
      "refers to a connector that is not there",
      "dangling",
      (json) => {
        (json.pins[0] as Record<string, unknown>).connectorId = "gone";
      },
    ],
    [
      "a cavity twice",
      "repeated",
      (json) => {
        Object.assign(json.pins[1] as object, { connectorId: json.pins[0]?.connectorId, cavity: json.pins[0]?.cavity });
      },
    ],
    [
      "a field of the wrong kind",
      "bad-field",
      (json) => {
        (json.pins[0] as Record<string, unknown>).sizeMm2 = "thick";
      },
    ],
    [
      "a field too many",
      "bad-field",
      (json) => {
        json.surprise = [] as never;
      },
    ],
  ])("%s: %s, with place and cure", (_name, code, change) => {
    const fault = spoil(change as never);
    expect(fault?.code).toBe(code);
    expect(fault?.hint.length).toBeGreaterThan(10);
  });
  test("text that is no JSON", () =>
    expect(parseDocument("hello")).toMatchObject({ ok: false, faults: [{ code: "not-json" }] }));
  test("its published JSON Schema is generated from the same description (npm run schema)", () => {
    expect(JSON.parse(readFileSync("docs/pantograph-job-1.schema.json", "utf8"))).toEqual(
      JSON.parse(JSON.stringify(documentJsonSchema())),
    );
    expect(documentJsonSchema()).toMatchObject({
      type: "object",
      required: expect.arrayContaining(["format", "pins"]),
    });
  });
});

test("the sample job is of a believable size and wholly understood but for what says nothing", () => {
  const of = (side: string) =>
    heron.pins.filter((pin) => heron.connectors.find((row) => row.id === pin.connectorId)?.side === side);
  expect(of("donor").length).toBeGreaterThanOrEqual(140);
  expect(of("host").length).toBeGreaterThanOrEqual(110);
  expect(heron.pins.filter((pin) => pin.kind === "unknown").map((pin) => pin.description)).toEqual([
    "See calibration sheet",
    "Purpose unclear",
    "Goes under the seat?",
  ]);
});
