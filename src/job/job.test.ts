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
import { standsFor } from "./merging";
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
  grades: {},
  otherEnd: null,
  part: null,
  note: "",
  kind: {
    value: "ground",
    confidence: 0.9,
    source: "proposed",
    why: { code: "own-words", notUnderstood: [], readAs: [] },
  },
  quantity: {
    value: "ground",
    confidence: 0.9,
    source: "proposed",
    why: { code: "own-words", notUnderstood: [], readAs: [] },
  },
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

/** Whether each operation finds what it has seen, as the server asks. */
function meets(document: JobDocument, ops: readonly RowOp[]): boolean {
  let now = document;
  return ops.every((op) => {
    const rows = [...now.pins, ...now.connectors];
    const row = rows.find(({ id }) => id === op.id) as Record<string, unknown> | undefined;
    const stands =
      op.op === "insert"
        ? row === undefined
        : op.op === "update"
          ? row !== undefined && standsFor(row, op)
          : row !== undefined;
    now = applyOps(now, [op]);
    return stands;
  });
}

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
      { makeId: ids() },
    );
    expect(plan).toMatchObject({ added: 3, same: 0, changed: [], absent: [] });
    expect(plan.ops.map((op) => op.table)).toEqual(["connector", "connector", "pin", "pin", "pin"]);
  });
  test("the same table again changes nothing; another size shows as a difference", () => {
    const first = applyOps(
      { ...heron, connectors: [], pins: [], links: [] },
      planImport({ ...heron, connectors: [], pins: [] }, "donor", [importedPin("1"), importedPin("2")], {
        makeId: ids(),
      }).ops,
    );
    expect(planImport(first, "donor", [importedPin("1"), importedPin("2")]).ops).toEqual([]);
    const plan = planImport(first, "donor", [importedPin("1", { sizeMm2: 0.75 })]);
    expect(plan.changed).toEqual([
      { connector: "C1", cavity: "1", columns: [{ column: "sizeMm2", from: 0.5, to: 0.75 }] },
    ]);
    expect(plan.absent).toEqual([{ connector: "C1", cavity: "2", linked: false }]);
  });
  const imported = (...pins: ImportedPin[]) => {
    const bare = { ...heron, connectors: [], pins: [], links: [] };
    return applyOps(bare, planImport(bare, "donor", pins, { makeId: ids() }).ops);
  };
  const pinIn = (document: JobDocument) => document.pins[0] as JobDocument["pins"][number];
  const deciding = (document: JobDocument, to: Partial<JobDocument["pins"][number]>) =>
    applyOps(document, [updateOp("pin", pinIn(document).id, pinIn(document), to) as RowOp]);
  test("what a person decided since is kept and told, and goes by the table once that is agreed to", () => {
    const decided = deciding(imported(importedPin("1", { params: { amps: "3" } })), {
      kind: "shield",
      kindSource: "confirmed",
      kindConfidence: 1,
      sizeMm2: 2.5,
      entered: ["sizeMm2"],
      params: { amps: "4", ohms: "5" },
      grades: { amps: "measured" },
    });
    // A mere proposal is not even told against it.
    expect(
      planImport(decided, "donor", [importedPin("1", { sizeMm2: 2.5, params: { amps: "4", ohms: "5" } })]).ops,
    ).toEqual([]);
    const told = importedPin("1", {
      kind: { value: "spare", confidence: 1, source: "given", why: { code: "given" } },
      sizeMm2: 1,
      params: { amps: "9" },
    });
    const plan = planImport(decided, "donor", [told]);
    const kept = pinIn(applyOps(decided, plan.ops));
    expect(kept).toMatchObject({ kind: "shield", sizeMm2: 2.5, params: { amps: "4" }, grades: { amps: "measured" } });
    // What no person decided follows the table: it has lost its ohms.
    expect(kept.params).not.toHaveProperty("ohms");
    expect(plan.kept).toMatchObject([
      {
        connector: "C1",
        cavity: "1",
        columns: [
          { column: "sizeMm2", from: 2.5, to: 1 },
          { column: "kind", from: "shield", to: "spare" },
          { column: "params", to: { amps: "9" } },
        ],
      },
    ]);
    const agreed = planImport(decided, "donor", [told], { agreed: new Set(plan.kept.map(({ place }) => place)) });
    expect(agreed.kept).toEqual([]);
    expect(pinIn(applyOps(decided, agreed.ops))).toMatchObject({
      kind: "spare",
      sizeMm2: 1,
      params: { amps: "9" },
      grades: {},
      entered: [],
    });
  });
  test("a table without a column leaves what is there of it", () => {
    const full = imported(
      importedPin("1", { circuit: "87", lengthM: 2, params: { role: "power" }, otherEnd: "S4", note: "bolted" }),
    );
    const lengths = importedPin("1", { sizeMm2: null, description: null, lengthM: 3 });
    const plan = planImport(full, "donor", [lengths], { columns: new Set(["length"]) });
    expect(pinIn(applyOps(full, plan.ops))).toEqual({ ...pinIn(full), lengthM: 3 });
    expect(plan.changed).toEqual([{ connector: "C1", cavity: "1", columns: [{ column: "lengthM", from: 2, to: 3 }] }]);
  });
  test("a description that a person wrote keeps what was proposed from it", () => {
    const own = deciding(imported(importedPin("1")), { description: "mine", kind: "spare", entered: ["description"] });
    const other = importedPin("1", { description: "theirs" });
    expect(planImport(own, "donor", [other])).toMatchObject({
      ops: [],
      kept: [{ columns: [{ column: "description", from: "mine", to: "theirs" }] }],
    });
  });
  test("a guessed value goes by the newer guess, and before nothing else", () => {
    const guessed = { params: { alive: "run" }, grades: { alive: "guessed" } } as const;
    const first = imported(importedPin("1", guessed));
    const newer = importedPin("1", { ...guessed, params: { alive: "crank" } });
    const told = (document: JobDocument, columns: "all" | "none") =>
      pinIn(
        applyOps(document, planImport(document, "donor", [newer], columns === "all" ? {} : { columns: new Set() }).ops),
      );
    expect(told(first, "all")).toMatchObject({ params: { alive: "crank" }, grades: { alive: "guessed" } });
    const entered = deciding(first, { params: { alive: "permanent" }, grades: { alive: "claimed" } });
    expect(told(entered, "all")).toMatchObject({ params: { alive: "permanent" }, grades: { alive: "claimed" } });
    const read = deciding(first, { params: { alive: "permanent" }, grades: {} });
    expect(told(read, "none")).toMatchObject({ params: { alive: "permanent" }, grades: {} });
  });
  test("ends that rows name are found, in this table, in an earlier one, and once a later one brings them", () => {
    const at = (document: JobDocument, label: string) => {
      const labels = new Map(document.connectors.map((row) => [row.id, row.label]));
      const row = document.pins.find((pin) => `${labels.get(pin.connectorId)}-${pin.cavity}` === label);
      return row as JobDocument["pins"][number];
    };
    const to = (cavity: string, otherEnd: string, more: Partial<ImportedPin> = {}) =>
      importedPin(cavity, { otherEnd, ...more });
    const empty = { ...heron, connectors: [], pins: [], links: [], parts: [], wires: [] };
    const tables = [
      to("1", "C1-2"),
      to("2", "14 of C9"),
      to("3", "S4"),
      to("4", "G101"),
      to("5", "G101"),
      to("6", "dash"),
    ];
    const plan = planImport(empty, "donor", tables, { makeId: ids() });
    expect(plan.ends).toEqual({
      found: 4,
      open: [
        { connector: "C1", cavity: "2", written: "14 of C9" },
        { connector: "C1", cavity: "6", written: "dash" },
      ],
    });
    const first = applyOps(empty, plan.ops);
    const stud = at(first, "G101-1");
    expect(stud).toMatchObject({ kind: "ground", quantity: "ground", kindSource: "proposed" });
    expect([1, 2, 3, 4, 5].map((cavity) => at(first, `C1-${cavity}`).ends)).toEqual([
      [{ pinId: at(first, "C1-2").id }],
      [],
      [{ splice: "S4" }],
      [{ pinId: stud.id }],
      [{ pinId: stud.id }],
    ]);
    // A new row is written once, with its ends: an update of it would not find what it has seen.
    const made = new Set(plan.ops.flatMap((op) => (op.op === "insert" ? [op.id] : [])));
    expect(plan.ops.filter((op) => op.op !== "insert" && made.has(op.id))).toEqual([]);
    expect(meets(empty, plan.ops)).toBe(true);
    // The same again changes nothing; another table closes the end that was left open, and makes no second stud.
    expect(planImport(first, "donor", tables).ops).toEqual([]);
    const later = planImport(first, "donor", [importedPin("14", { connector: "C9", otherEnd: "G101" })]);
    expect(meets(first, later.ops)).toBe(true);
    const second = applyOps(first, later.ops);
    expect(at(second, "C1-2").ends).toEqual([{ pinId: at(second, "C9-14").id }]);
    expect(at(second, "C9-14").ends).toEqual([{ pinId: stud.id }]);
    expect(second.connectors.filter(({ label }) => label === "G101")).toHaveLength(1);
    // An end whose cavity is taken out is looked for again, and is open until there is one.
    const gone = applyOps(second, [deleteOp("pin", at(second, "C9-14"))]);
    const again = applyOps(gone, planImport(gone, "donor", [importedPin("14", { connector: "C9" })]).ops);
    expect(at(again, "C1-2").ends).toEqual([{ pinId: at(again, "C9-14").id }]);
  });
  test("a cavity that a decision uses is never removed by an import", () => {
    const linked = applyOps(heron, accept(heron, 250, 0));
    const plan = planImport(linked, "donor", [], { removeAbsent: true });
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
