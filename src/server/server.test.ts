import { spawn } from "node:child_process";
import { readdirSync, readFileSync } from "node:fs";
import { gunzipSync } from "node:zlib";
import type { Pool, RowDataPacket } from "mysql2/promise";
import { nanoid } from "nanoid";
import { afterAll, beforeAll, beforeEach, describe, expect, test, vi } from "vitest";
import { heronTables } from "@/demo/heron";
import { decideOps } from "@/job/decide";
import { writeDocument } from "@/job/document";
import { type Edit, standing } from "@/job/edit";
import { gapOps } from "@/job/gap-ops";
import { loopInterlockOps, openInterlockOps } from "@/job/gearbox-ops";
import { addWireOps } from "@/job/harness-ops";
import { newConnector } from "@/job/new-rows";
import { type Change, deleteOp, insertOp, type RowOp, updateOp } from "@/job/ops";
import { type PackedJob, unpackedJob } from "@/job/packed";
import type { ConnectorRow, JobDocument, PartRow, PinRow } from "@/job/schema";
import { inStep } from "@/job/table-wires";
import { decideCutOps } from "@/job/triage-ops";
import { EMPTY } from "../../tests/support/empty";
import { randoms } from "../../tests/support/harness";
import { readingRow } from "../../tests/support/reading";
import { deleteForGood, removeJob } from "./bin";
import { applyChange, history, newsSince, stepHistory } from "./changes";
import { asDatabaseError, DatabaseError } from "./errors";
import { createJob, jobPacked, listJobs, loadJob } from "./jobs";
import { migrate } from "./migrate";
import { answers as answering, makePool, transaction } from "./pool";
import { addTableWires } from "./table-wires";

const url = process.env.DATABASE_URL ?? "";
let pool: Pool;
let jobId: string;
const heron = heronTables();

beforeAll(async () => {
  pool = makePool(url);
  await migrate(pool);
});
afterAll(async () => pool.end());
beforeEach(async () => {
  jobId = await createJob(pool, EMPTY);
});
const deleteJob = async (id: string) => (await removeJob(pool, id)) && deleteForGood(pool, id);
const load = async () => (await loadJob(pool, jobId))?.document as JobDocument;
/** What a page that stands at a revision is told. */
const news = async (since: number): Promise<{ revision: number; epoch: string; edits: Edit[]; reload?: boolean }> =>
  JSON.parse((await newsSince(pool, jobId, since)) ?? "null");
const editsSince = async (since: number) => (await news(since)).edits;
const revision = async () => (await loadJob(pool, jobId))?.revision ?? -1;
const change = async (ops: readonly RowOp[], part: Partial<Change> = {}) =>
  applyChange(pool, jobId, {
    key: nanoid(),
    person: "Robin",
    base: await revision(),
    label: "change",
    ops: [...ops],
    ...part,
  });
const connector = (id: string, label = id): ConnectorRow => newConnector(id, "donor", label, 0);
const pin = (id: string, cavity: string, part: Partial<PinRow> = {}): PinRow => ({
  ...(heron.pins[0] as PinRow),
  id,
  connectorId: "c",
  cavity,
  description: "text",
  ...part,
});
const withPins = (...pins: PinRow[]) =>
  change([insertOp("connector", connector("c")), ...pins.map((row) => insertOp("pin", row))]);
const byId = <T extends { readonly id: string }>(rows: readonly T[]) => rows.toSorted((a, b) => (a.id < b.id ? -1 : 1));
const rename = (document: JobDocument, name: string) => updateOp("job", "job", document.job, { name }) as RowOp;

describe("keeping a job", () => {
  test("the sample job is loaded as it was written, to the byte of its document", async () => {
    const id = await createJob(pool, heron);
    expect(writeDocument((await loadJob(pool, id))?.document as JobDocument)).toBe(writeDocument(heron));
    expect((await listJobs(pool)).find((job) => job.id === id)).toMatchObject({
      name: "Heron",
      donorPins: 209,
      hostPins: 138,
    });
    expect(await removeJob(pool, id)).toBe(true);
    expect(await loadJob(pool, id)).toBeNull();
    expect(await removeJob(pool, id)).toBe(false);
  });
  test("texts of every script, the longest allowed, and numbers to their last digit come back", async () => {
    const long = "é𝕏漢".repeat(2500);
    await withPins(
      pin("p", "α", { description: long, sizeMm2: 0.1 + 0.2, params: { "a=b": "c;d" }, extra: { "Kopf (mm)": "'=1" } }),
    );
    expect((await load()).pins[0]).toMatchObject({
      cavity: "α",
      description: long,
      sizeMm2: 0.1 + 0.2,
      params: { "a=b": "c;d" },
      extra: { "Kopf (mm)": "'=1" },
    });
  });
  test("migrating again runs nothing", async () => expect(await migrate(pool)).toEqual([]));
});

describe("two people at one cavity", () => {
  test("who give it different values, or correct different columns, both stand, and each takes back their own", async () => {
    const row = pin("p1", "1", { params: { volts: "12" }, grades: {}, entered: [], colour: "RD" });
    await withPins(row);
    const base = await revision();
    const robin = updateOp("pin", "p1", row, {
      params: { volts: "12", amps: "3" },
      grades: { amps: "measured" },
      colour: "BK",
      entered: ["colour"],
    });
    const kim = updateOp("pin", "p1", row, {
      params: { volts: "12", ohms: "4" },
      grades: { ohms: "claimed" },
      circuit: "99",
      entered: ["circuit"],
    });
    expect(await change([robin as RowOp], { base, person: "Robin" })).toMatchObject({ ok: true });
    expect(await change([kim as RowOp], { base, person: "Kim" })).toMatchObject({ ok: true });
    expect((await load()).pins[0]).toMatchObject({
      params: { volts: "12", amps: "3", ohms: "4" },
      grades: { amps: "measured", ohms: "claimed" },
      entered: ["colour", "circuit"],
    });
    expect(await stepHistory(pool, jobId, "undo", "Robin", nanoid())).toMatchObject({ ok: true });
    expect((await load()).pins[0]).toMatchObject({
      params: { volts: "12", ohms: "4" },
      grades: { ohms: "claimed" },
      entered: ["circuit"],
      colour: "RD",
      circuit: "99",
    });
    // The same value of it is one thing: the second is told.
    const again = updateOp("pin", "p1", row, { params: { volts: "12", ohms: "7" } });
    expect(await change([again as RowOp], { base, person: "Robin" })).toMatchObject({ ok: false, code: "conflict" });
  });
});

describe("wires of the tables", () => {
  const ends = async () =>
    (await load()).wires.map((row) => `${row.fromPinId} ${row.endsAt} ${row.toPinId ?? "-"}`).toSorted();
  const circuit = (row: PinRow, to: string) => updateOp("pin", row.id, row, { circuit: to }) as RowOp;
  test("two people who each bring one end of a circuit make one wire of it", async () => {
    const [one, two] = [pin("p1", "1", { circuit: "1" }), pin("p2", "2", { circuit: "2" })];
    await withPins(one, two);
    expect(await ends()).toEqual(["p1 open -", "p2 open -"]);
    const base = await revision();
    expect(await change([circuit(one, "7")], { base, person: "Robin" })).toMatchObject({ ok: true });
    expect(await change([circuit(two, "7")], { base, person: "Kim" })).toMatchObject({ ok: true });
    expect(await ends()).toEqual(["p1 cavity p2"]);
    expect(await stepHistory(pool, jobId, "undo", "Robin", nanoid())).toMatchObject({ ok: true });
    expect(await ends()).toEqual(["p1 open -", "p2 open -"]);
  });
  test("a cavity taken away takes its end along, and an undo brings back what was noted of the wire", async () => {
    const [one, two] = [pin("p1", "1", { circuit: "7" }), pin("p2", "2", { circuit: "7" })];
    await withPins(one, two);
    const [wire] = (await load()).wires;
    await change([updateOp("wire", "p1", wire ?? {}, { note: "under the seat" }) as RowOp], { person: "Kim" });
    await change([deleteOp("pin", one)]);
    expect(await ends()).toEqual(["p2 open -"]);
    await stepHistory(pool, jobId, "undo", "Robin", nanoid());
    expect((await load()).wires).toMatchObject([{ id: "p1", toPinId: "p2", note: "under the seat" }]);
  });
  test("a connector that is laid to a branch parts its circuits from the loom", async () => {
    await withPins(pin("p1", "1", { circuit: "7" }));
    await change([
      insertOp("connector", connector("d")),
      insertOp("pin", pin("p2", "1", { connectorId: "d", circuit: "7" })),
    ]);
    expect(await ends()).toEqual(["p1 cavity p2"]);
    await change([
      insertOp("branch", { id: "b", side: "donor", label: "B", origin: "", diagram: "", note: "", position: 0 }),
      updateOp("connector", "d", connector("d"), { branchId: "b" }) as RowOp,
    ]);
    expect(await ends()).toEqual(["p1 open -", "p2 open -"]);
  });
  test("rows that say where their wires go keep in step, whoever changes what", async () => {
    const random = randoms(7);
    const any = <T>(list: readonly T[]) => list[Math.floor(random() * list.length)] as T;
    await withPins(...Array.from({ length: 7 }, (_, at) => pin(`p${at}`, `${at}`, { circuit: at < 4 ? "7" : null })));
    for (let step = 0; step < 40; step++) {
      const row = any((await load()).pins);
      const names = [any(["p1", "p2", "p3", "S1", "S2"]), any(["p0", "p5", "S1"])].slice(
        0,
        1 + Math.floor(random() * 2),
      );
      const told = names.map((name) => (name.startsWith("S") ? { splice: name } : { pinId: name }));
      const op = any([
        updateOp("pin", row.id, row, { otherEnd: names.join(), ends: told }),
        updateOp("pin", row.id, row, { otherEnd: null, ends: [] }),
        updateOp("pin", row.id, row, { circuit: any(["7", "8", null]) }),
        deleteOp("pin", row),
      ]);
      if (op === null) continue;
      expect(await change([op])).toMatchObject({ ok: true });
      const after = await load();
      expect(byId(after.wires)).toEqual(byId(inStep(after).wires));
      if (op.op !== "delete" && random() < 0.6) continue;
      expect(await stepHistory(pool, jobId, "undo", "Robin", nanoid())).toMatchObject({ ok: true });
      const undone = await load();
      expect(byId(undone.wires)).toEqual(byId(inStep(undone).wires));
    }
    expect((await load()).wires.some(({ splice }) => splice !== null)).toBe(true);
  });
  test("a job from before wires were rows is given them, and an edit of that time is still read and undone", async () => {
    const id = await createJob(pool, heron);
    const whole = (await loadJob(pool, id))?.document.wires;
    await pool.query("DELETE FROM wire WHERE job_id = ?", [id]);
    await addTableWires(pool);
    expect((await loadJob(pool, id))?.document.wires).toEqual(whole);
    await withPins(pin("p1", "1", { circuit: "1" }), pin("p2", "2", { circuit: "2" }));
    await change(addWireOps({ ...ADDED, fromPinId: "p1", toPinId: "p2" }, () => "w"));
    await pool.query(
      "UPDATE edit SET row_schema = 4, ops = JSON_REMOVE(ops, '$[0].row.endsAt', '$[0].row.origin') WHERE job_id = ? ORDER BY revision DESC LIMIT 1",
      [jobId],
    );
    expect((await editsSince(0)).at(-1)?.ops).toMatchObject([{ row: { endsAt: "cavity", origin: "added" } }]);
    expect(await stepHistory(pool, jobId, "undo", "Robin", nanoid())).toMatchObject({ ok: true });
    expect(await ends()).toEqual(["p1 open -", "p2 open -"]);
  });
});
const ADDED = { colour: "BK", sizeMm2: 1, lengthM: 1, stock: "new" } as const;

describe("rules that a bug cannot pass", () => {
  beforeEach(async () => {
    await withPins(pin("p1", "1"), pin("p2", "2"));
  });
  test.each<[string, string, RowOp[]]>([
    ["the same cavity twice", "conflict", [insertOp("pin", pin("p3", "1"))]],
    ["a cavity of no connector", "dangling", [insertOp("pin", pin("p3", "3", { connectorId: "none" }))]],
    ["a connector with cavities taken away", "in-use", [deleteOp("connector", connector("c"))]],
    [
      "a link to a cavity that is not there",
      "dangling",
      [
        insertOp("link", {
          id: "l",
          providerId: "p1",
          consumerId: "gone",
          quantity: null,
          decision: "accepted",
          verdict: "direct",
          adapters: [],
          why: "",
          byHand: false,
          note: "",
        }),
      ],
    ],
    [
      "a link from a cavity to itself",
      "check",
      [
        insertOp("link", {
          id: "l",
          providerId: "p1",
          consumerId: "p1",
          quantity: null,
          decision: "accepted",
          verdict: "direct",
          adapters: [],
          why: "",
          byHand: false,
          note: "",
        }),
      ],
    ],
    ["a wire thinner than nothing", "check", [updateOp("pin", "p1", pin("p1", "1"), { sizeMm2: -1 }) as RowOp]],
  ])("%s: %s, and nothing of the change is kept", async (_name, code, ops) => {
    const before = await load();
    expect(
      await change([updateOp("pin", "p2", pin("p2", "2"), { description: "half" }) as RowOp, ...ops]),
    ).toMatchObject({ ok: false, code });
    expect(await load()).toEqual(before);
  });
  test("`A1` and `a1` are two cavities", async () =>
    expect(await change([insertOp("pin", pin("p3", "A1")), insertOp("pin", pin("p4", "a1"))])).toMatchObject({
      ok: true,
    }));
  test("a consumer has one accepted provider", async () => {
    await change([insertOp("pin", pin("p3", "3"))]);
    const accept = (id: string, providerId: string) =>
      insertOp("link", {
        id,
        providerId,
        consumerId: "p3",
        quantity: null,
        decision: "accepted",
        verdict: "direct",
        adapters: [],
        why: "",
        byHand: false,
        note: "",
      });
    expect(await change([accept("l1", "p1")])).toMatchObject({ ok: true });
    expect(await change([accept("l2", "p2")])).toMatchObject({ ok: false, code: "conflict" });
  });
  test("two jobs may hold the same ids", async () => {
    const other = await createJob(pool, await load());
    await applyChange(pool, other, {
      key: nanoid(),
      person: "Kim",
      base: 0,
      label: "x",
      ops: [updateOp("pin", "p1", pin("p1", "1"), { description: "other" }) as RowOp],
    });
    expect((await load()).pins.find((row) => row.id === "p1")?.description).toBe("text");
  });
});

test("a guarded wire is not removed with others or without a reason, whoever asks; with one it is, and undo brings it back", async () => {
  const ground = (cavity: string): Partial<PinRow> => ({
    circuit: "S1",
    kind: "ground",
    kindConfidence: 1,
    quantity: "sensor-ground",
    quantityConfidence: 1,
    params: { role: "sensor-return" },
    indexLabel: cavity,
  });
  await withPins(
    pin("p1", "1", ground("1")),
    pin("p2", "2", ground("2")),
    pin("p3", "3", { circuit: "X" }),
    pin("p4", "4", { circuit: "X" }),
  );
  const ids = (await load()).wires.map((row) => `wire:${row.id}`);
  const remove = async (subjects: readonly string[], override = "") =>
    change(decideCutOps(await load(), { subjects, choice: "remove", override, person: "Robin" }));
  const guarded = { ok: false, code: "guarded", cuts: [{ wireId: "wire:p1", guard: "sensor-ground" }] };
  expect(ids).toContain("wire:p1");
  expect(await remove(ids, "all of it")).toMatchObject(guarded);
  expect(await remove(["wire:p1"])).toMatchObject(guarded);
  expect((await load()).cuts).toEqual([]);
  expect(await remove(["wire:p1"], "a new one is in")).toMatchObject({ ok: true });
  expect(await stepHistory(pool, jobId, "undo", "Robin", nanoid())).toMatchObject({ ok: true });
  expect((await load()).cuts).toEqual([]);
  expect(await stepHistory(pool, jobId, "redo", "Robin", nanoid())).toMatchObject({ ok: true });
  expect((await load()).cuts).toMatchObject([{ subject: "wire:p1", choice: "remove", override: "a new one is in" }]);
});

test("an interlock is not looped for good unsigned, whoever asks; as a temporary fix or signed it is", async () => {
  await withPins(
    pin("p1", "1", { kind: "logic-in", quantity: "park-neutral" }),
    pin("p2", "2", { kind: "logic-in", quantity: "cruise-request" }),
  );
  const own = { id: "p1", label: "C1-1" };
  expect(await change(gapOps(await load(), ["p1"], "loop", "Robin"))).toMatchObject({
    ok: false,
    code: "unsigned-loop",
    pinIds: ["p1"],
  });
  expect(await change(gapOps(await load(), ["p2"], "loop", "Robin"))).toMatchObject({ ok: true });
  expect(await change(loopInterlockOps(await load(), own, "", "Robin"))).toMatchObject({ ok: true });
  expect(await change(loopInterlockOps(await load(), own, "a clutch switch", "Robin"))).toMatchObject({ ok: true });
  expect((await load()).debts).toMatchObject([{ settled: "signed-off" }]);
  expect(await change(openInterlockOps(await load(), "p1", "Robin"))).toMatchObject({ ok: true });
  expect(await change(loopInterlockOps(await load(), own, "a neutral switch", "Robin"))).toMatchObject({ ok: true });
});

describe("revisions", () => {
  test("a change is refused only where it touches a row that has changed since", async () => {
    await withPins(pin("p1", "1"), pin("p2", "2"));
    const base = await revision();
    expect(
      await change([updateOp("pin", "p1", pin("p1", "1"), { description: "a" }) as RowOp], { base }),
    ).toMatchObject({ ok: true });
    expect(
      await change([updateOp("pin", "p2", pin("p2", "2"), { description: "b" }) as RowOp], { base }),
    ).toMatchObject({ ok: true });
    expect(
      await change([updateOp("pin", "p1", pin("p1", "1"), { description: "c" }) as RowOp], { base }),
    ).toMatchObject({ ok: false, code: "conflict", rows: [{ table: "pin", id: "p1" }] });
    expect(await change([deleteOp("pin", pin("gone", "9"))])).toMatchObject({ ok: false, code: "conflict" });
  });
  test("what it saw is held against what stands, column by column and by structure", async () => {
    await withPins(pin("p1", "1", { params: { a: "1", b: "2" } }));
    const base = await revision();
    const update = (from: Record<string, unknown>, to: Record<string, unknown>) =>
      change([{ op: "update", table: "pin", id: "p1", from, to }], { base });
    // Another column of the same row is another matter, and the order of a map's keys is none.
    expect(await update({ description: "text" }, { description: "a" })).toMatchObject({ ok: true });
    expect(await update({ params: { b: "2", a: "1" } }, { params: { a: "1" } })).toMatchObject({ ok: true });
    expect(await update({ description: "text" }, { description: "b" })).toMatchObject({ ok: false, code: "conflict" });
    // Whoever has seen the latest value may change it, however old the revision is that they name.
    expect(await update({ description: "a" }, { description: "c" })).toMatchObject({ ok: true });
    expect((await load()).pins[0]).toMatchObject({ description: "c", params: { a: "1" } });
  });
  test("a row that someone changed since is not deleted with what they wrote", async () => {
    await withPins(pin("p1", "1"));
    const seen = (await load()).pins[0] as PinRow;
    const base = await revision();
    expect(await change([updateOp("pin", "p1", seen, { description: "theirs" }) as RowOp], { base })).toMatchObject({
      ok: true,
    });
    expect(await change([deleteOp("pin", seen)], { base })).toMatchObject({
      ok: false,
      code: "conflict",
      rows: [{ table: "pin", id: "p1" }],
    });
    expect(await change([deleteOp("pin", (await load()).pins[0] as PinRow)])).toMatchObject({ ok: true });
  });
  test("a part placed and edited at once is no conflict with itself", async () => {
    await withPins(pin("p1", "1"));
    const part: PartRow = {
      id: "part1",
      side: "donor",
      type: "computer",
      label: "Computer",
      terminals: [{ name: "1", pinId: "p1" }],
      elements: [],
      origin: "",
      diagram: "",
      note: "",
    };
    expect(await change([insertOp("part", part)])).toMatchObject({ ok: true });
    const kept = (await load()).parts[0] as PartRow;
    const terminals = kept.terminals.map(({ name, pinId }) => ({ pinId, name }));
    expect(
      await change([{ op: "update", table: "part", id: "part1", from: { terminals }, to: { terminals: [] } }]),
    ).toMatchObject({ ok: true });
  });
  test("a change from a history that is not here is refused, and told as that", async () => {
    await withPins(pin("p1", "1"));
    const now = await revision();
    expect(await change([rename(await load(), "Later")], { base: now + 5 })).toEqual({
      ok: false,
      code: "ahead",
      revision: now,
    });
  });
  test("the same key a second time answers what was done the first", async () => {
    const key = nanoid();
    const ops = [rename(await load(), "Once")];
    const first = await change(ops, { key });
    expect(await change(ops, { key })).toEqual(first);
    expect(await revision()).toBe(1);
  });
  test("many at once on different rows are all kept, each with its own revision", async () => {
    await withPins(...Array.from({ length: 12 }, (_, at) => pin(`p${at}`, String(at))));
    const base = await revision();
    const results = await Promise.all(
      Array.from({ length: 12 }, (_, at) =>
        change([updateOp("pin", `p${at}`, pin(`p${at}`, String(at)), { description: `by ${at}` }) as RowOp], { base }),
      ),
    );
    expect(results.every((result) => result.ok)).toBe(true);
    expect((await load()).pins.map((row) => row.description).sort()).toEqual(
      Array.from({ length: 12 }, (_, at) => `by ${at}`).sort(),
    );
    expect(new Set((await editsSince(base)).map((edit) => edit.revision)).size).toBe(12);
  });
  test("two imports of one table at once: one is taken, the other told", async () => {
    const ops = (suffix: string) => [
      insertOp("connector", connector(`c${suffix}`, "C1")),
      ...Array.from({ length: 50 }, (_, at) =>
        insertOp("pin", pin(`${suffix}${at}`, String(at), { connectorId: `c${suffix}` })),
      ),
    ];
    const results = await Promise.all([change(ops("a"), { base: 0 }), change(ops("b"), { base: 0 })]);
    expect(results.filter((result) => result.ok)).toHaveLength(1);
    expect(results.find((result) => !result.ok)).toMatchObject({ code: "conflict" });
    expect((await load()).pins).toHaveLength(50);
  });
  test("a job that is not there", async () =>
    expect(
      await applyChange(pool, "none", {
        key: nanoid(),
        person: "x",
        base: 0,
        label: "x",
        ops: [rename(await load(), "x")],
      }),
    ).toEqual({ ok: false, code: "no-job" }));
});

describe("readings", () => {
  const reading = (id: string, takenAt: string): RowOp => insertOp("reading", readingRow(id, { takenAt }));
  test("are numbered as they come in, whatever the clocks of those who took them say", async () => {
    await change([reading("ahead", "2031-01-01T00:00:00.000Z")]);
    await change([reading("b", "2026-01-02T00:00:00.000Z"), reading("a", "2026-01-01T00:00:00.000Z")]);
    const order = async () => (await load()).readings.map(({ id, ordinal }) => `${id} ${ordinal}`);
    expect(await order()).toEqual(["ahead 1", "b 2", "a 3"]);
    // Others are told of the same numbers, and one that is taken back and done again keeps its own.
    expect((await editsSince(0)).flatMap(({ ops }) => ops.map((op) => "row" in op && op.row.ordinal))).toEqual([
      1, 2, 3,
    ]);
    await stepHistory(pool, jobId, "undo", "Robin", nanoid());
    await change([reading("kims", "2020-01-01T00:00:00.000Z")], { person: "Kim" });
    await stepHistory(pool, jobId, "redo", "Robin", nanoid());
    expect(await order()).toEqual(["ahead 1", "kims 2", "b 2", "a 3"]);
  });
  test("of a document keep their order, and new ones come after them", async () => {
    const readings = [7, 9, null].map((ordinal, at) => readingRow(`d${at}`, { ordinal }));
    jobId = await createJob(pool, { ...EMPTY, readings });
    await change([reading("new", "2001-01-01T00:00:00.000Z")]);
    expect((await load()).readings.map(({ id }) => id)).toEqual(["d2", "d0", "d1", "new"]);
  });
});

describe("news", () => {
  test("is every edit since, as it was made", async () => {
    await withPins(pin("p1", "1", { params: { a: "1" } }), pin("p2", "ä “2”"));
    const made = await change([updateOp("pin", "p1", pin("p1", "1"), { description: 'new\n"text"' }) as RowOp]);
    const { edits, revision: now } = await news(0);
    expect(edits.map((edit) => edit.revision)).toEqual(Array.from({ length: now }, (_, at) => at + 1));
    expect(edits.at(-1)).toEqual(made.ok && made.edit);
    expect(await news(now)).toMatchObject({ revision: now, edits: [] });
    expect(await newsSince(pool, "none", 0)).toBeNull();
  });
  test("of many edits, or of many bytes, is to load the job anew", async () => {
    await withPins(pin("p1", "1"));
    const from = await revision();
    for (let at = 0; at < 101; at += 1) await change([rename(await load(), `Name ${at}`)]);
    expect(await news(from)).toMatchObject({ revision: from + 101, reload: true, edits: [] });
    expect((await news(from + 1)).edits).toHaveLength(100);
    const wide = Array.from({ length: 260 }, (_, at) => pin(`w${at}`, `w${at}`, { description: "x".repeat(9_000) }));
    const before = await revision();
    expect(await change(wide.map((row) => insertOp("pin", row)))).toMatchObject({ ok: true });
    expect(await news(before)).toMatchObject({ revision: before + 1, reload: true, edits: [] });
  });
  test("for a page that has seen another history is to load the job anew, however far it is", async () => {
    await withPins(pin("p1", "1"));
    const { epoch } = await news(0);
    expect(JSON.parse((await newsSince(pool, jobId, 0, epoch)) ?? "").edits).toHaveLength(1);
    for (const since of [0, 1, 5])
      expect(JSON.parse((await newsSince(pool, jobId, since, "another")) ?? "")).toMatchObject({
        epoch,
        reload: true,
        edits: [],
      });
    const rename1 = rename(await load(), "N");
    expect(await change([rename1], { epoch: "another" })).toMatchObject({ ok: false, code: "ahead" });
    expect(await change([rename1], { epoch })).toMatchObject({ ok: true });
  });
  test("passes operations on as they are stored", async () => {
    await withPins(pin("p1", "1"));
    // Nothing would ever write this: whoever read it in between would refuse it.
    await pool.query(`UPDATE edit SET ops = '[{"op":"odd"}]' WHERE job_id = ?`, [jobId]);
    expect((await news(0)).edits[0]?.ops).toEqual([{ op: "odd" }]);
  });
});

describe("a job as the body of an answer", () => {
  const read = (body: Buffer | null) =>
    unpackedJob(JSON.parse(gunzipSync(body ?? Buffer.of()).toString()) as PackedJob);
  const text = async () => read(await jobPacked(pool, jobId));
  test("is the job as it stands, read once for all who ask between two changes", async () => {
    await withPins(pin("p1", "1"));
    const [one, two] = await Promise.all([jobPacked(pool, jobId), jobPacked(pool, jobId)]);
    expect(one).toBe(two);
    expect(await text()).toEqual(await loadJob(pool, jobId));
    await change([rename(await load(), "Changed")]);
    expect((await text()).document.job.name).toBe("Changed");
    expect((await text()).revision).toBe(await revision());
  });
  test("of many jobs each is its own, and of one that is gone there is none", async () => {
    const others = await Promise.all(Array.from({ length: 6 }, () => createJob(pool, EMPTY)));
    for (const id of [jobId, ...others, jobId]) expect(read(await jobPacked(pool, id)).id).toBe(id);
    for (const id of others) await deleteJob(id);
    for (const id of others) expect(await jobPacked(pool, id)).toBeNull();
  });
});

describe("undo and redo", () => {
  const step = (role: "undo" | "redo", person = "Robin") => stepHistory(pool, jobId, role, person, nanoid());
  test("one's own changes, newest first, and forward again; a new change ends the way forward", async () => {
    for (const name of ["A", "B"]) await change([rename(await load(), name)], { label: `to ${name}` });
    await step("undo");
    await step("undo");
    expect((await load()).job.name).toBe("Job");
    expect(await step("undo")).toMatchObject({ ok: false, code: "nothing-to-undo" });
    await step("redo");
    expect((await load()).job.name).toBe("A");
    await change([rename(await load(), "C")]);
    expect(await step("redo")).toMatchObject({ ok: false, code: "nothing-to-redo" });
    await step("undo");
    expect((await load()).job.name).toBe("A");
    expect(
      (await history(pool, jobId)).map((edit) => `${edit.role} ${edit.ofRevision ?? ""}`.trim()).reverse(),
    ).toEqual(["edit", "edit", "undo 2", "undo 1", "redo 1", "edit", "undo 6"]);
  });
  test("an earlier change of one's own is taken back by its number where nothing has built on it", async () => {
    await withPins(pin("p1", "1"), pin("p2", "2"));
    const describe = async (id: string, description: string) => {
      const row = (await load()).pins.find((one) => one.id === id);
      const done = await change([updateOp("pin", id, row ?? {}, { description }) as RowOp]);
      return done.ok ? done.edit.revision : 0;
    };
    const [first, second] = [await describe("p1", "one"), await describe("p2", "two")];
    const takeBack = (of: number, person = "Robin") => stepHistory(pool, jobId, "undo", person, nanoid(), of);
    expect(await takeBack(first, "Kim")).toMatchObject({ ok: false, code: "nothing-to-undo" });
    expect(await takeBack(first)).toMatchObject({ ok: true, edit: { role: "undo", ofRevision: first } });
    expect((await load()).pins.map((row) => row.description)).toEqual(["text", "two"]);
    expect([...standing(await history(pool, jobId))]).toContain(second);
    expect([...standing(await history(pool, jobId))]).not.toContain(first);
    // Taken back once, it cannot be again; and what someone wrote over it stands.
    expect(await takeBack(first)).toMatchObject({ ok: false, code: "nothing-to-undo" });
    await describe("p2", "three");
    expect(await takeBack(second)).toMatchObject({ ok: false, code: "conflict" });
    expect((await load()).pins.map((row) => row.description)).toEqual(["text", "three"]);
  });
  test("a change is named by the key that it was sent with; another's key names nothing", async () => {
    const [first, second] = [nanoid(), nanoid()];
    await change([rename(await load(), "First")], { key: first });
    await change([updateOp("job", "job", (await load()).job, { host: "Second" }) as RowOp], { key: second });
    expect(await stepHistory(pool, jobId, "undo", "Robin", nanoid(), first)).toMatchObject({ ok: true });
    expect((await load()).job).toMatchObject({ host: "Second" });
    expect((await load()).job.name).not.toBe("First");
    // Once is enough, and a key that nobody sent, or that someone else did, is none of one's own.
    for (const [person, key] of [
      ["Robin", first],
      ["Robin", nanoid()],
      ["Kim", second],
    ] as const)
      expect(await stepHistory(pool, jobId, "undo", person, nanoid(), key)).toEqual({
        ok: false,
        code: "nothing-to-undo",
      });
  });
  test("another's change is not undone, nor one that others have built on", async () => {
    await withPins(pin("p1", "1"));
    await change([updateOp("pin", "p1", pin("p1", "1"), { description: "Kim's" }) as RowOp], { person: "Kim" });
    expect(await step("undo")).toMatchObject({ ok: false, code: "conflict" });
    expect((await load()).pins[0]?.description).toBe("Kim's");
    expect(await step("undo", "Kim")).toMatchObject({ ok: true });
    expect(await step("undo")).toMatchObject({ ok: true });
    expect((await load()).pins).toEqual([]);
  });
  test("an import of the whole sample is one step, back and forth", async () => {
    const ops = [
      ...heron.connectors.map((row) => insertOp("connector", row)),
      ...heron.pins.map((row) => insertOp("pin", row)),
    ];
    expect(await change(ops)).toMatchObject({ ok: true });
    const imported = await load();
    await step("undo");
    expect((await load()).pins).toEqual([]);
    await step("redo");
    expect(await load()).toEqual(imported);
    const decided = decideOps(imported, {
      providerId: imported.pins[250]?.id ?? "",
      consumerId: imported.pins[0]?.id ?? "",
      quantity: null,
      decision: "accepted",
      verdict: "direct",
      adapters: [],
      why: "",
      byHand: false,
    });
    await change(decided, { person: "Kim" });
    expect(await step("undo")).toMatchObject({ ok: false, code: "in-use" });
  });
});

test("undo and redo follow a model of two people's stacks, whatever they do", async () => {
  const script = [..."aRbKuRuRrRaKuKuRcRuKrKuRuRuRrRbRuKcKuRrR"];
  const model = {
    job: { name: "Job", host: "Host", donor: "Donor" } as Record<string, string>,
    stacks: {
      Robin: { done: [] as string[][], undone: [] as string[][] },
      Kim: { done: [] as string[][], undone: [] as string[][] },
    },
  };
  const column = { a: "name", b: "host", c: "donor" } as const;
  for (let at = 0; at < script.length; at += 2) {
    const [what, person] = [script[at] as string, script[at + 1] === "R" ? "Robin" : "Kim"] as [
      string,
      "Robin" | "Kim",
    ];
    const stack = model.stacks[person];
    if (what in column) {
      const field = column[what as keyof typeof column];
      const [from, to] = [model.job[field] as string, `${field} ${at}`];
      expect(
        await change([updateOp("job", "job", (await load()).job, { [field]: to }) as RowOp], { person }),
      ).toMatchObject({ ok: true });
      stack.done.push([field, from, to]);
      stack.undone = [];
      model.job[field] = to;
    } else {
      const [pile, other] = what === "u" ? [stack.done, stack.undone] : [stack.undone, stack.done];
      const top = pile.at(-1) as [string, string, string] | undefined;
      const [expected, next] = what === "u" ? [top?.[2], top?.[1]] : [top?.[1], top?.[2]];
      const result = await stepHistory(pool, jobId, what === "u" ? "undo" : "redo", person, nanoid());
      if (top === undefined)
        expect(result).toMatchObject({ ok: false, code: what === "u" ? "nothing-to-undo" : "nothing-to-redo" });
      else if (model.job[top[0]] !== expected) expect(result).toMatchObject({ ok: false, code: "conflict" });
      else {
        expect(result).toMatchObject({ ok: true });
        pile.pop();
        other.push(top);
        model.job[top[0]] = next as string;
      }
    }
    expect((await load()).job).toMatchObject(model.job);
  }
});

const threadStates = (pid: number): string[] =>
  readdirSync(`/proc/${pid}/task`).map(
    (thread) => /\) (\S)/.exec(readFileSync(`/proc/${pid}/task/${thread}/stat`, "utf8"))?.[1] ?? "",
  );

describe("when things break", () => {
  test("a process killed in the middle of imports leaves whole tables or none", async () => {
    // In one process: the loader's command would be killed, and what it started would go on.
    const child = spawn(process.execPath, ["--import", "tsx", "tests/support/import-forever.ts", jobId], {
      env: { ...process.env, DATABASE_URL: url },
      stdio: ["ignore", "pipe", "inherit"],
    });
    await new Promise<void>((resolve) => {
      let lines = 0;
      child.stdout.on("data", (data: Buffer) => {
        lines += data.toString().split("\n").length - 1;
        if (lines >= 2) resolve();
      });
    });
    child.kill("SIGKILL");
    await new Promise((resolve) => child.once("exit", resolve));
    const counts = new Map<string, number>();
    for (const row of (await load()).pins) counts.set(row.connectorId, (counts.get(row.connectorId) ?? 0) + 1);
    expect(counts.size).toBeGreaterThan(0);
    expect([...counts.values()].every((count) => count === 300)).toBe(true);
    expect(await revision()).toBe((await history(pool, jobId)).length);
  });
  test("a deadlock is tried again and both are done", async () => {
    await withPins(pin("p1", "1"), pin("p2", "2"));
    let attempts = 0;
    const cross = (first: string, second: string) =>
      transaction(pool, jobId, async (db) => {
        attempts += 1;
        await db.query("UPDATE pin SET row_revision = row_revision + 1 WHERE job_id = ? AND id = ?", [jobId, first]);
        if (attempts <= 2) await new Promise((resolve) => setTimeout(resolve, 150));
        await db.query("UPDATE pin SET row_revision = row_revision + 1 WHERE job_id = ? AND id = ?", [jobId, second]);
      });
    await Promise.all([cross("p1", "p2"), cross("p2", "p1")]);
    expect(attempts).toBeGreaterThan(2);
    const [rows] = await pool.query<RowDataPacket[]>("SELECT row_revision FROM pin WHERE job_id = ?", [jobId]);
    expect(rows.map((row) => row.row_revision)).toEqual([3, 3]);
  });
  test("a connection killed in the middle rolls back and is told as down; the pool goes on", async () => {
    const before = await load();
    const killed = transaction(pool, jobId, async (db) => {
      await db.query("UPDATE job SET name = 'half' WHERE id = ?", [jobId]);
      const [[row]] = await db.query<RowDataPacket[]>("SELECT CONNECTION_ID() AS id");
      await pool.query(`KILL ${Number(row?.id)}`);
      await db.query("UPDATE job SET name = 'more' WHERE id = ?", [jobId]);
    });
    await expect(killed).rejects.toMatchObject({ fault: "down" });
    expect(await load()).toEqual(before);
  });
  test("a lock on one job stops nobody else", async () => {
    const other = await createJob(pool, EMPTY);
    const held = await pool.getConnection();
    await held.beginTransaction();
    await held.query("SELECT id FROM job WHERE id = ? FOR UPDATE", [jobId]);
    const waiting = Array.from({ length: 12 }, (_, at) => change([rename(EMPTY, `Name ${at}`)], { base: 0 }));
    await new Promise((resolve) => setTimeout(resolve, 200));
    const from = performance.now();
    const renamed = { key: nanoid(), person: "Kim", base: 0, label: "x", ops: [rename(EMPTY, "Other")] };
    expect(await applyChange(pool, other, renamed)).toMatchObject({ ok: true });
    expect(performance.now() - from).toBeLessThan(1_000);
    await held.rollback();
    held.release();
    // They saw the same name: one of them is taken, and none is lost untold.
    const results = await Promise.all(waiting);
    expect(results.filter(({ ok }) => ok)).toHaveLength(1);
    expect(results.filter((result) => !result.ok && result.code === "conflict")).toHaveLength(11);
    await deleteJob(other);
  });
  test("who waits for a job that another holds is told so in time, and it goes on afterwards", async () => {
    const held = await pool.getConnection();
    await held.beginTransaction();
    await held.query("SELECT id FROM job WHERE id = ? FOR UPDATE", [jobId]);
    const from = performance.now();
    const renamed = (at: number) => ({
      key: nanoid(),
      person: "R",
      base: 0,
      label: "x",
      ops: [rename(EMPTY, `${at}`)],
    });
    const waiting = Array.from({ length: 4 }, (_, at) =>
      applyChange(pool, jobId, renamed(at)).catch((error: unknown) => error),
    );
    for (const answer of await Promise.all(waiting)) expect(answer).toMatchObject({ fault: "busy" });
    expect(performance.now() - from).toBeLessThan(10_000);
    await held.rollback();
    held.release();
    expect(await change([rename(EMPTY, "After")], { base: 0 })).toMatchObject({ ok: true });
  });
  test("a database that stands still is told as one that is away, within ten seconds, and serves again when it goes on", async () => {
    const pid = Number(process.env.TEST_DB_PID);
    expect(pid).toBeGreaterThan(1);
    const before = await load();
    process.kill(pid, "SIGSTOP");
    // It takes a moment until all of its threads stand still.
    while (!threadStates(pid).every((state) => state === "T")) await new Promise((resolve) => setTimeout(resolve, 1));
    const from = performance.now();
    try {
      const answers = await Promise.allSettled([
        loadJob(pool, jobId),
        listJobs(pool),
        newsSince(pool, jobId, 0),
        change([rename(before, "Not now")], { base: 0 }),
        answering(),
      ]);
      expect(performance.now() - from).toBeLessThan(10_000);
      for (const answer of answers)
        expect(answer.status === "rejected" && answer.reason).toMatchObject({ fault: "down" });
    } finally {
      process.kill(pid, "SIGCONT");
    }
    expect(await load()).toEqual(before);
    await answering();
    expect(await change([rename(before, "Now")], { base: 0 })).toMatchObject({ ok: true });
  });
  test("a database that stands still in the middle of large work is told as that, long before the work's own deadline", async () => {
    const pid = Number(process.env.TEST_DB_PID);
    vi.useFakeTimers({ toFake: ["setTimeout", "clearTimeout"] });
    try {
      let hasBegun: () => void = () => undefined;
      const begun = new Promise<void>((resolve) => {
        hasBegun = resolve;
      });
      const work = transaction(
        pool,
        jobId,
        async (db) => {
          await db.query("SELECT 1");
          process.kill(pid, "SIGSTOP");
          hasBegun();
          return db.query("SELECT SLEEP(0.05)");
        },
        "large",
      ).catch((error: unknown) => error);
      await begun;
      await vi.advanceTimersByTimeAsync(19_000);
      expect(await Promise.race([work, "waits"])).toBe("waits");
      await vi.advanceTimersByTimeAsync(2_000);
      expect(await work).toMatchObject({ fault: "down" });
    } finally {
      process.kill(pid, "SIGCONT");
      vi.useRealTimers();
    }
    expect(await change([rename(await load(), "Now")])).toMatchObject({ ok: true });
  });
  test("a database that is not there is told as down", async () => {
    const nowhere = makePool("mysql://x:y@127.0.0.1:1/none");
    await expect(listJobs(nowhere)).rejects.toBeInstanceOf(DatabaseError);
    await nowhere.end();
  });
  test("what is no driver error stays what it is", () => {
    const error = new TypeError("bug");
    expect(asDatabaseError(error)).toBe(error);
  });
});
