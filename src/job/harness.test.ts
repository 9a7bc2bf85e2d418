import { beforeAll, describe, expect, test } from "vitest";
import { compareVariants } from "@/core/compare";
import { buildHarness } from "@/core/harness";
import { fuseBox, groundStud, LIBRARY } from "@/core/parts";
import { heronTables } from "@/demo/heron";
import { decideOps } from "./decide";
import { parseDocument, writeDocument } from "./document";
import { findSubject, subjectName, topicsOf } from "./evidence";
import { functionChoices, harnessFacts, movedConnectors, removedConnectors, triageFacts } from "./harness-facts";
import {
  addCavityOps,
  addWayOps,
  addWireOps,
  assumedFace,
  branchOps,
  forgetPartOps,
  freeLabel,
  joinConnectorOps,
  layFace,
  mateOps,
  placePartOps,
  renameOps,
  takeOutOps,
  tellPartOps,
} from "./harness-ops";
import { invert, type RowOp } from "./ops";
import { type FactRow, JobDocument } from "./schema";
import { carryOut } from "./table-wires";
import {
  decideCutOps,
  doneOps,
  keepOps,
  looseEndRow,
  openDebtOps,
  recordCutOps,
  reopenCutOps,
  settleDebtOps,
  settleEndOps,
} from "./triage-ops";
import { cavitiesOf, pickOps, variantOf } from "./variant-ops";

let heron: JobDocument;
beforeAll(() => {
  heron = heronTables();
});

const ids = () => {
  let count = 0;
  return () => `new-${++count}`;
};
const changed = (ops: readonly RowOp[], document = heron) => JobDocument.parse(carryOut(document, ops));
const connector = (label: string) => heron.connectors.find((row) => row.label === label)?.id ?? "";
const pin = (label: string, document = heron) => {
  const names = new Map(document.connectors.map((row) => [row.id, row.label]));
  return document.pins.find((row) => `${names.get(row.connectorId)}-${row.cavity}` === label);
};
/** What a change does is taken back whole by its inverse. */
const undone = (ops: readonly RowOp[], document = heron) =>
  writeDocument(carryOut(carryOut(document, ops), invert(ops))) === writeDocument(document);

describe("parts placed by hand", () => {
  test("a component comes with its connector, a cavity for each terminal, and its elements; the graph has them", () => {
    const ops = placePartOps(
      heron,
      fuseBox(3),
      { side: "added", label: "Swap fuses", place: "beside the battery" },
      ids(),
    );
    const document = changed(ops);
    expect(document.connectors.at(-1)).toMatchObject({
      label: "Swap fuses",
      side: "host",
      place: "beside the battery",
    });
    expect(document.parts.at(-1)).toMatchObject({
      side: "added",
      type: "fuse-box",
      terminals: [{ name: "feed" }, { name: "1" }, { name: "2" }, { name: "3" }],
    });
    const harness = buildHarness(harnessFacts(document));
    expect(harness.edges.filter((edge) => edge.partId === document.parts.at(-1)?.id)).toHaveLength(3);
    expect(undone(ops)).toBe(true);
  });
  test("every part of the library can be placed, twice, under labels of their own", () => {
    for (const part of LIBRARY) {
      const once = changed(placePartOps(heron, part, { side: "host", label: "G1", place: null }));
      expect(once.connectors.at(-1)?.label).toBe("G1 2");
      expect(freeLabel(once, "host", "G1")).toBe("G1 3");
    }
  });
  test("a placed ground stud grounds what is wired to it", () => {
    const placed = changed(placePartOps(heron, groundStud(2), { side: "host", label: "G9", place: null }, ids()));
    const lamp = pin("Brake lamp left-1");
    const document = changed(
      addWireOps(
        {
          fromPinId: pin("G9-1", placed)?.id ?? "",
          toPinId: lamp?.id ?? "",
          colour: "BK",
          sizeMm2: 1,
          lengthM: 0.5,
          stock: "new",
        },
        ids(),
      ),
      placed,
    );
    const harness = buildHarness(harnessFacts(document));
    expect(harness.wires.find((wire) => wire.added)).toMatchObject({ colourBase: "BK", sizeMm2: 1, side: "host" });
    expect(
      harness.edges.some(
        (edge) =>
          edge.type === "joint" &&
          edge.b === harness.chassis &&
          edge.a === harness.nodeOfPin.get(pin("G9-1", placed)?.id ?? ""),
      ),
    ).toBe(true);
  });
  test("a guess is confirmed, corrected, and guessed anew", () => {
    const guessed = buildHarness(harnessFacts(heron)).parts.find((part) => part.label === "Horn");
    if (guessed === undefined) throw new Error("the sample has a horn");
    const told = changed(tellPartOps(heron, guessed, { type: "lamp" }, () => "horn"));
    // It is called as it was while it was guessed, so that whoever looks at it does not lose it.
    expect(told.parts.at(-1)).toMatchObject({ id: guessed.id, type: "lamp", label: "Horn" });
    const again = buildHarness(harnessFacts(told)).parts.find((part) => part.id === guessed.id);
    expect(again?.guessed).toBe(false);
    expect(changed(tellPartOps(told, again ?? guessed, { note: "cracked" }), told).parts.at(-1)?.note).toBe("cracked");
    expect(changed(forgetPartOps(told, guessed.id), told).parts).toEqual(heron.parts);
  });
  test("a cavity that no table has", () =>
    expect(changed(addCavityOps(heron, connector("Horn"), "3", ids())).pins.at(-1)).toMatchObject({
      cavity: "3",
      connectorId: connector("Horn"),
      kind: "unknown",
    }));
  const partOf = (document: JobDocument, label: string) => {
    const found = buildHarness(harnessFacts(document)).parts.find((part) => part.label === label);
    if (found === undefined) throw new Error(`no part ${label}`);
    return found;
  };
  test("a fuse box gets a way more, with its cavity, terminal and fuse", () => {
    const placed = changed(placePartOps(heron, fuseBox(3), { side: "added", label: "Box", place: null }, ids()));
    const ops = addWayOps(placed, partOf(placed, "Box"), { way: "9", feed: "feed", amps: 7.5 }, () => "way");
    expect(undone(ops, placed)).toBe(true);
    const after = partOf(changed(ops, placed), "Box");
    expect(after.terminals.at(-1)).toMatchObject({ name: "9", pinId: "way" });
    expect(after.elements.at(-1)).toMatchObject({ type: "fuse", a: "feed", b: "9", amps: 7.5 });
  });
  test("a pin of a computer that somebody confirmed is a terminal of it", () => {
    const computer = partOf(heron, "Engine computer");
    const after = changed(addCavityOps(heron, computer.connectorIds[0] ?? "", "99", ids()));
    expect(partOf(after, "Engine computer").terminals.at(-1)).toMatchObject({ name: "99", pinId: "new-1" });
  });
  test("a part is renamed with its connector, and not to what another is called", () => {
    const horn = partOf(heron, "Horn");
    const ops = renameOps(heron, horn, "Horn, left") ?? [];
    const after = changed(ops);
    expect(partOf(after, "Horn, left").connectorIds).toEqual(horn.connectorIds);
    expect(renameOps(heron, horn, "Radio")).toBeNull();
    // A computer of several plugs is called so itself; its plugs keep their names.
    const computer = renameOps(heron, partOf(heron, "Engine computer"), "ECU") ?? [];
    expect(computer.map(({ table }) => table)).toEqual(["part"]);
  });
  test("two plugs become one part", () => {
    const ops = joinConnectorOps(heron, partOf(heron, "Horn"), connector("Radio"), ids());
    expect(undone(ops)).toBe(true);
    const after = partOf(changed(ops), "Horn");
    expect(after.connectorIds).toEqual([connector("Horn"), connector("Radio")]);
    expect(after.terminals.map(({ name }) => name)).toEqual(expect.arrayContaining(["1", "Radio-1"]));
    expect(new Set(after.terminals.map(({ name }) => name)).size).toBe(after.terminals.length);
  });
  test("what people placed is taken out whole; what a table brought, or a decision uses, is not", () => {
    const placed = changed(placePartOps(heron, groundStud(2), { side: "added", label: "G9", place: null }, ids()));
    const wired = changed(
      addWireOps(
        {
          fromPinId: pin("G9-1", placed)?.id ?? "",
          toPinId: pin("C1-8", placed)?.id ?? "",
          colour: "BK",
          sizeMm2: 1.5,
          lengthM: 1,
          stock: "new",
        },
        () => "w9",
      ),
      placed,
    );
    const ops = takeOutOps(wired, partOf(wired, "G9")) ?? [];
    expect(undone(ops, wired)).toBe(true);
    expect(writeDocument(changed(ops, wired))).toBe(writeDocument(heron));
    expect(takeOutOps(heron, partOf(heron, "Horn"))).toBeNull();
  });
  test("halves are mated both ways, and whoever was there before is let go", () => {
    const mates = (document: JobDocument) =>
      Object.fromEntries(
        document.connectors
          .filter((row) => row.mateId !== null)
          .map((row) => [row.label, document.connectors.find((one) => one.id === row.mateId)?.label]),
      );
    const first = changed(mateOps(heron, connector("Horn"), connector("Radio")));
    expect(mates(first)).toEqual({ Horn: "Radio", Radio: "Horn" });
    const second = changed(mateOps(first, connector("Horn"), connector("G1")), first);
    expect(mates(second)).toEqual({ Horn: "G1", G1: "Horn" });
    expect(mates(changed(mateOps(second, connector("Horn"), null), second))).toEqual({});
  });
  test("a branch that is taken out gives its connectors back", () => {
    const made = changed(branchOps.add(heron, "host", "Door loom", () => "door"));
    const used: JobDocument = {
      ...made,
      connectors: made.connectors.map((row) => (row.label === "Horn" ? { ...row, branchId: "door" } : row)),
    };
    const row = used.branches.find((one) => one.id === "door");
    const gone = changed(row === undefined ? [] : branchOps.remove(used, row), used);
    expect(gone.branches.some((one) => one.id === "door")).toBe(false);
    expect(gone.connectors.every((one) => one.branchId === null)).toBe(true);
  });
});

describe("faces", () => {
  const six = ["1", "2", "3", "4", "5", "6"];
  test.each([
    ["rows", ["1", "2", "3", "4", "5", "6"]],
    ["columns", ["1", "3", "5", "2", "4", "6"]],
    ["serpentine", ["1", "2", "3", "6", "5", "4"]],
  ] as const)("two by three, counted by %s", (numbering, cells) =>
    expect(layFace(six, 2, 3, numbering)).toEqual(cells),
  );
  test("cells beyond the last cavity stay empty; too many cavities are not dropped in silence by the schema", () => {
    expect(layFace(["1", "2"], 1, 3, "rows")).toEqual(["1", "2", null]);
    expect(assumedFace(six)).toMatchObject({ rows: 2, columns: 3 });
    expect(assumedFace([])).toMatchObject({ rows: 1, columns: 1, cells: [null] });
  });
});

describe("triage", () => {
  const decide = (document: JobDocument, subject: string, more: Partial<Parameters<typeof decideCutOps>[1]> = {}) =>
    changed(decideCutOps(document, { subjects: [subject], choice: "remove", person: "Robin", ...more }), document);
  test("a decision, another in its place, and none again", () => {
    const removed = decide(heron, "wire:a");
    expect(triageFacts(removed)).toEqual([
      { wireId: "wire:a", choice: "remove", override: "", done: false, unplanned: false },
    ]);
    const row = removed.cuts[0];
    if (row === undefined) throw new Error("it was decided");
    const done = changed(doneOps(row, true, "Kim"), removed);
    expect(done.cuts[0]).toMatchObject({ done: true, doneBy: "Kim" });
    const kept = decide(done, "wire:a", { choice: "keep" });
    expect(kept.cuts).toMatchObject([{ choice: "keep", done: false, doneBy: null }]);
    expect(changed(reopenCutOps(kept, ["wire:a"]), kept).cuts).toEqual([]);
  });
  test("an override opens a debt with its reason", () =>
    expect(decide(heron, "wire:a", { override: "fed by hand for now" })).toMatchObject({
      cuts: [{ override: "fed by hand for now" }],
      debts: [{ type: "override", says: "fed by hand for now", settled: null, person: "Robin" }],
    }));
  test("what was cut in fact is told from what was planned", () => {
    expect(changed(recordCutOps(heron, "wire:a", "Kim")).cuts).toMatchObject([
      { choice: "remove", done: true, unplanned: true, doneBy: "Kim" },
    ]);
    const planned = decide(heron, "wire:a");
    expect(changed(recordCutOps(planned, "wire:a", "Kim"), planned).cuts).toMatchObject([
      { done: true, unplanned: false },
    ]);
    const parked = decide(heron, "wire:a", { choice: "park" });
    expect(changed(recordCutOps(parked, "wire:a", "Kim"), parked).cuts).toMatchObject([
      { choice: "remove", done: true, unplanned: true },
    ]);
  });
  test("functions are dropped and kept again; of all others the harness has the default", () => {
    const dropped = changed(keepOps(heron, ["horn", "audio"], false));
    expect(functionChoices(heron).size).toBe(0);
    expect([...functionChoices(dropped)]).toEqual([
      ["horn", false],
      ["audio", false],
    ]);
    expect(functionChoices(changed(keepOps(dropped, ["horn"], true), dropped)).get("horn")).toBe(true);
    // What is dropped unless somebody keeps it can be kept.
    expect(functionChoices(changed(keepOps(heron, ["old-engine-running"], true))).get("old-engine-running")).toBe(true);
  });
  test("connectors taken out, loose ends settled and opened again, debts paid", () => {
    expect([...removedConnectors(decide(heron, `connector:${connector("Horn")}`))]).toEqual([connector("Horn")]);
    const branched: JobDocument = {
      ...heron,
      connectors: heron.connectors.map((row) => (row.label === "Radio" ? { ...row, branchId: "b" } : row)),
    };
    expect([
      ...removedConnectors(
        carryOut(branched, decideCutOps(branched, { subjects: ["branch:b"], choice: "remove", person: "R" })),
      ),
    ]).toEqual([connector("Radio")]);
    expect(
      movedConnectors({
        counts: [
          { id: "1", subject: "connector:c", state: "present", note: "", foundAt: "", goesTo: "shelf" },
          { id: "2", subject: "connector:d", state: "present", note: "", foundAt: "", goesTo: "" },
        ],
      }),
    ).toEqual([["c", "shelf"]]);
    const end = { pinId: "p1", name: "FB-1" };
    const capped = changed(settleEndOps(heron, end, "cap", "behind the trim", "Robin"));
    expect(looseEndRow(capped, "p1")).toMatchObject({ settled: "cap", note: "behind the trim", type: "loose-end" });
    expect(looseEndRow(changed(settleEndOps(capped, end, null, "", "Robin"), capped), "p1")?.settled).toBeNull();
    const owing = changed(openDebtOps("bypass", "Interlock bridged", null, "Robin"));
    const debt = owing.debts[0];
    expect(debt && changed(settleDebtOps(debt, "paid", "", "Kim"), owing).debts).toMatchObject([
      { settled: "paid", person: "Kim" },
    ]);
  });
});

describe("variants", () => {
  const variant = () =>
    variantOf(
      "host",
      "1989 table",
      [
        {
          connector: "Horn",
          cavity: "1",
          circuit: "88",
          colour: { written: "PU/WH", base: "VT", tracer: "WH" },
          sizeMm2: 1,
          lengthM: null,
          description: "Horn feed",
          kind: { value: "load-in", confidence: 1, source: "given", why: { code: "given" } },
          quantity: { value: "horn", confidence: 1, source: "given", why: { code: "given" } },
          index: null,
          params: {},
          extra: {},
          grades: {},
          otherEnd: null,
          part: null,
          note: "",
        },
        {
          connector: "Horn",
          cavity: "9",
          circuit: "77",
          colour: null,
          sizeMm2: 0.5,
          lengthM: null,
          description: "Second horn",
          kind: { value: "unknown", confidence: 0, source: "proposed", why: { code: "no-description" } },
          quantity: { value: null, confidence: 0, source: "proposed", why: { code: "no-description" } },
          index: null,
          params: {},
          extra: {},
          grades: {},
          otherEnd: null,
          part: null,
          note: "",
        },
      ],
      () => "v",
    );
  const rows = (document: JobDocument) =>
    compareVariants(cavitiesOf(document, "host"), variant().cavities).filter((row) => row.connector === "Horn");
  const with_ = () => ({ ...heron, variants: [variant()] });
  test("picked “here” the job stays and the pick is kept", () => {
    const document = changed(pickOps(with_(), variant(), rows(heron), "here"), with_());
    expect(document.pins).toEqual(heron.pins);
    expect(document.variants[0]?.picks).toEqual({ "Horn-1": "here", "Horn-2": "here", "Horn-9": "here" });
  });
  test("picked “there” cavities change, come and go, and one undo takes it back", () => {
    const ops = pickOps(with_(), variant(), rows(heron), "there", ids());
    const document = changed(ops, with_());
    expect(pin("Horn-1", document)).toMatchObject({ colourBase: "VT", colourTracer: "WH" });
    expect(pin("Horn-2", document)).toBeUndefined();
    expect(pin("Horn-9", document)).toMatchObject({ circuit: "77", description: "Second horn" });
    expect(rows(document).every((row) => row.difference.type === "same")).toBe(true);
    expect(undone(ops, with_())).toBe(true);
  });
  test("a cavity on which a decided link connected is not taken out", () => {
    const [one, two] = [pin("Horn-2"), pin("C1-6")];
    const linked = carryOut(
      with_(),
      decideOps(
        heron,
        {
          providerId: one?.id ?? "",
          consumerId: two?.id ?? "",
          quantity: "ground",
          decision: "accepted",
          verdict: "direct",
          adapters: [],
          why: "",
          byHand: false,
        },
        () => "l",
      ),
    );
    expect(pin("Horn-2", changed(pickOps(linked, variant(), rows(heron), "there"), linked))).toBeDefined();
  });
});

describe("evidence", () => {
  const fact = (id: string, says: string, grade: FactRow["grade"]): FactRow => ({
    id,
    subject: "connector:c",
    topic: "Year",
    says,
    grade,
    origin: "",
    person: "Robin",
  });
  test("what is best founded stands first; a conflict is shown and not settled", () => {
    expect(topicsOf([fact("a", "2010", "claimed"), fact("b", "2009", "read")])).toMatchObject([
      { conflict: true, facts: [{ says: "2009" }, { says: "2010" }] },
    ]);
    expect(topicsOf([fact("a", "2010", "claimed"), { ...fact("b", " 2010", "read"), topic: "year " }])).toMatchObject([
      { conflict: false },
    ]);
  });
  test("subjects are found and called by what is printed on them", () => {
    for (const name of ["C1-23", "Horn", "Brake light switch-2"])
      expect(subjectName(heron, findSubject(heron, name.toUpperCase()) ?? "")).toBe(name);
    expect(findSubject(heron, "Nothing-1")).toBeNull();
    expect(subjectName(heron, "pin:gone")).toBe("pin:gone");
  });
});

describe("the document", () => {
  test("with all of this it comes back the same", () => {
    const full = changed([
      ...placePartOps(heron, fuseBox(2), { side: "added", label: "Box", place: null }, ids()),
      ...decideCutOps(heron, { subjects: ["wire:a", "connector:c"], choice: "remove", override: "why", person: "R" }),
      ...keepOps(heron, ["horn"], false),
      ...branchOps.add(heron, "donor", "Loom"),
    ]);
    const whole: JobDocument = {
      ...full,
      variants: [variantOf("host", "x", [])],
      counts: [{ id: "c1", subject: "fuse:x/F1", state: "missing", note: "", foundAt: "", goesTo: "shelf" }],
      alikes: [
        { id: "a1", oneId: connector("Horn"), twoId: connector("Radio"), state: "checked", note: "", person: "R" },
      ],
      ownParts: [{ id: "o", name: "Box", type: "fuse-box", terminals: ["a", "b"], elements: [] }],
    };
    const text = writeDocument(whole);
    const read = parseDocument(text);
    expect(read.ok && writeDocument(read.document)).toBe(text);
  });
  test("one from before the harness is still read", () => {
    const old = JSON.parse(writeDocument(heron));
    for (const list of [
      "branches",
      "parts",
      "ownParts",
      "wires",
      "counts",
      "facts",
      "questions",
      "variants",
      "alikes",
      "kept",
      "cuts",
      "debts",
    ])
      delete old[list];
    for (const row of old.connectors)
      for (const key of ["branchId", "mateId", "face", "keying", "gender", "housing"]) delete row[key];
    const read = parseDocument(JSON.stringify(old));
    expect(read.ok && read.document.connectors[0]).toMatchObject({ mateId: null, face: null });
    expect(read.ok && read.document.cuts).toEqual([]);
  });
  test.each([
    [
      "a mate that is not there",
      (document: JobDocument) => ({
        ...document,
        connectors: document.connectors.map((row, at) => (at === 0 ? { ...row, mateId: "gone" } : row)),
      }),
      "connectors.0.mateId",
    ],
    [
      "a wire to nowhere",
      (document: JobDocument) => ({
        ...document,
        wires: [
          {
            id: "w",
            fromPinId: "gone",
            toPinId: document.pins[0]?.id ?? "",
            circuit: null,
            colour: null,
            colourBase: null,
            colourTracer: null,
            sizeMm2: null,
            lengthM: null,
            insulation: null,
            stock: "new" as const,
            note: "",
          },
        ],
      }),
      "wires.0.fromPinId",
    ],
    [
      "one wire decided twice",
      (document: JobDocument) => ({
        ...document,
        cuts: ["a", "b"].map((id) => ({
          id,
          subject: "wire:x",
          choice: "keep" as const,
          override: "",
          done: false,
          doneBy: null,
          unplanned: false,
          note: "",
        })),
      }),
      "cuts.1",
    ],
  ])("%s is refused with its place", (_name, spoil, path) => {
    const read = parseDocument(JSON.stringify(spoil(heron)));
    expect(!read.ok && read.faults[0]?.path).toBe(path);
  });
  test("a face must have as many cells as rows × columns", () => {
    const read = parseDocument(
      JSON.stringify({
        ...heron,
        connectors: heron.connectors.map((row, at) =>
          at === 0 ? { ...row, face: { rows: 2, columns: 2, pitchMm: 4, keyEdge: "top", cells: ["1"] } } : row,
        ),
      }),
    );
    expect(!read.ok && read.faults[0]?.message).toContain("rows × columns");
  });
});
