import fc from "fast-check";
import { beforeEach, describe, expect, test } from "vitest";
import { heronTables } from "@/demo/heron";
import { emptyDocument } from "@/job/document";
import type { Edit } from "@/job/edit";
import { applyOps, type RowOp, updateOp } from "@/job/ops";
import type { JobDocument } from "@/job/schema";
import { JobSync, type Notice } from "./sync";

const START = emptyDocument({
  name: "Job",
  host: "Host",
  donor: "Donor",
  approach: "merged",
  units: "metric",
  wishes: "",
});

/** A server of one job in memory, with the same answers as the real one; `down` cuts it off. */
class FakeServer {
  document: JobDocument = START;
  edits: Edit[] = [];
  keys = new Map<string, Edit>();
  down = false;
  /** Takes the change and loses the answer. */
  loseAnswer = false;

  commit(person: string, label: string, ops: readonly RowOp[], key = `k${this.edits.length}`): Edit {
    const edit: Edit = {
      revision: this.edits.length + 1,
      key,
      person,
      madeAt: new Date(0).toISOString(),
      label,
      role: "edit",
      ofRevision: null,
      ops,
    };
    this.edits.push(edit);
    this.document = applyOps(this.document, ops);
    return edit;
  }

  readonly fetch = async (url: string, init?: RequestInit): Promise<Response> => {
    if (this.down) throw new TypeError("no connection");
    if (init?.method !== "POST") {
      const since = Number(new URL(url, "http://x").searchParams.get("since") ?? 0);
      return Response.json({ revision: this.edits.length, edits: this.edits.filter((edit) => edit.revision > since) });
    }
    const change = JSON.parse(String(init.body)) as {
      key: string;
      person: string;
      label: string;
      base: number;
      ops: RowOp[];
    };
    const known = this.keys.get(change.key);
    if (known !== undefined) return Response.json({ edit: known });
    if (change.label === "refuse me")
      return Response.json({ error: { code: "invalid", message: "no", hint: "do" } }, { status: 422 });
    const touched = this.edits.some(
      (edit) =>
        edit.revision > change.base &&
        edit.ops.some((op) => change.ops.some((own) => own.table === op.table && own.id === op.id)),
    );
    if (touched) return Response.json({ error: { code: "conflict" } }, { status: 409 });
    const edit = this.commit(change.person, change.label, change.ops, change.key);
    this.keys.set(change.key, edit);
    if (this.loseAnswer) {
      this.loseAnswer = false;
      throw new TypeError("cut off");
    }
    return Response.json({ edit });
  };
}

let server: FakeServer;
let notices: Notice[];
let stored: Map<string, string>;
beforeEach(() => {
  server = new FakeServer();
  notices = [];
  stored = new Map();
});

const open = (person = "Robin") =>
  new JobSync(
    "j",
    { id: "j", revision: server.edits.length, document: server.document },
    {
      fetch: server.fetch,
      notify: (notice) => notices.push(notice),
      person: () => person,
      reload: () => undefined,
      storage: {
        getItem: (key) => stored.get(key) ?? null,
        setItem: (key, value) => void stored.set(key, value),
        removeItem: (key) => void stored.delete(key),
      },
    },
  );
const rename = (sync: JobSync, to: Partial<JobDocument["job"]>, label = "change") =>
  sync.change(label, [updateOp("job", "job", sync.current().document.job, to) as RowOp]);
/** Works until nothing waits or the line is cut. */
const settle = async (sync: JobSync) => {
  for (let round = 0; round < 5; round += 1) await sync.work();
};

describe("in step with the server", () => {
  test("a change shows at once and is sent", async () => {
    const sync = open();
    rename(sync, { name: "New" });
    expect(sync.current().document.job.name).toBe("New");
    await settle(sync);
    expect(server.document.job.name).toBe("New");
    expect(sync.current()).toMatchObject({ revision: 1, unsent: 0, connection: "ok" });
  });
  test("changes made in a row on one row are all sent, in order", async () => {
    const sync = open();
    for (const name of ["A", "B", "C"]) rename(sync, { name });
    await settle(sync);
    expect(server.edits.map((edit) => (edit.ops[0] as unknown as { to: { name: string } }).to.name)).toEqual([
      "A",
      "B",
      "C",
    ]);
    expect(notices).toEqual([]);
  });
  test("once confirmed it is the same document: nothing that was derived from it is derived again", async () => {
    server.document = heronTables();
    const sync = open();
    const pin = server.document.pins[3] as JobDocument["pins"][number];
    sync.change("thicker", [updateOp("pin", pin.id, pin, { sizeMm2: 6 }) as RowOp]);
    const { pins, connectors } = sync.current().document;
    await settle(sync);
    expect(sync.current()).toMatchObject({ unsent: 0, revision: 1 });
    expect(sync.current().document.pins).toBe(pins);
    expect(sync.current().document.connectors).toBe(connectors);
  });
  test("what others did is taken in and told", async () => {
    const sync = open();
    server.commit("Kim", "other", [updateOp("job", "job", server.document.job, { host: "Elsewhere" }) as RowOp]);
    await settle(sync);
    expect(sync.current().document.job.host).toBe("Elsewhere");
    expect(notices).toMatchObject([{ type: "others" }]);
  });
  test("two people on different columns of one row: neither loses an edit", async () => {
    const sync = open();
    rename(sync, { name: "Mine" });
    server.commit("Kim", "other", [updateOp("job", "job", server.document.job, { host: "Theirs" }) as RowOp]);
    await settle(sync);
    expect(server.document.job).toMatchObject({ name: "Mine", host: "Theirs" });
    expect(notices.filter((notice) => notice.type === "conflict")).toEqual([]);
  });
  test("two people on the same column: the later is told and keeps its text", async () => {
    const sync = open();
    rename(sync, { name: "Mine" });
    server.commit("Kim", "other", [updateOp("job", "job", server.document.job, { name: "Theirs" }) as RowOp]);
    await settle(sync);
    expect(server.document.job.name).toBe("Theirs");
    expect(sync.current().document.job.name).toBe("Theirs");
    expect(notices.find((notice) => notice.type === "conflict")).toMatchObject({ mine: [{ to: { name: "Mine" } }] });
  });
  test("what the server refuses is taken back and told", async () => {
    const sync = open();
    rename(sync, { name: "New" }, "refuse me");
    await settle(sync);
    expect(sync.current()).toMatchObject({ unsent: 0, document: { job: { name: "Job" } } });
    expect(notices).toMatchObject([{ type: "refused", message: "no" }]);
  });
});

describe("when the line is cut", () => {
  test("changes wait, survive a reload, and are sent when it is back", async () => {
    server.down = true;
    const before = open();
    rename(before, { name: "Offline" });
    await settle(before);
    expect(before.current()).toMatchObject({ unsent: 1, connection: "lost", document: { job: { name: "Offline" } } });
    const after = open();
    after.restore();
    expect(after.current().document.job.name).toBe("Offline");
    server.down = false;
    await settle(after);
    expect(server.document.job.name).toBe("Offline");
    expect(after.current()).toMatchObject({ unsent: 0, connection: "ok" });
    expect(stored.size).toBe(0);
  });
  test("what an earlier visit has sent is not told as another's when it comes back", async () => {
    server.down = true;
    const before = open();
    rename(before, { name: "Kept" });
    await settle(before);
    server.down = false;
    const after = open();
    after.restore();
    await settle(after);
    expect(server.document.job.name).toBe("Kept");
    expect(notices).toEqual([]);
  });
  test("what was sent as the page was left is no conflict when it is opened again", async () => {
    server.loseAnswer = true;
    const before = open();
    rename(before, { name: "Left" });
    await settle(before);
    // The page went before it heard: its change stays in the outbox, and the new page loads it as made.
    const kept = JSON.stringify([
      { key: [...server.keys.keys()][0], person: "Robin", label: "change", ops: server.edits[0]?.ops },
    ]);
    stored.set("pantograph.unsent.j", kept);
    const after = open();
    after.restore();
    await settle(after);
    expect(after.current()).toMatchObject({ unsent: 0, document: { job: { name: "Left" } } });
    expect(server.edits).toHaveLength(1);
    expect(notices).toEqual([]);
  });
  test("an answer lost on its way does not make the change twice", async () => {
    const sync = open();
    server.loseAnswer = true;
    rename(sync, { name: "Once" });
    await settle(sync);
    expect(server.edits).toHaveLength(1);
    expect(sync.current()).toMatchObject({ unsent: 0, revision: 1, document: { job: { name: "Once" } } });
    expect(notices.filter((notice) => notice.type === "conflict")).toEqual([]);
  });
});

test("two people, any order of typing, sending and cutting off: both end with what the server has, and no edit vanishes untold", async () => {
  type Move = { readonly who: 0 | 1; readonly what: "name" | "host" | "donor" | "work" | "cut" };
  const moves = fc.array(
    fc.record({
      who: fc.constantFrom(0, 1),
      what: fc.constantFrom("name", "host", "donor", "work", "work", "cut"),
    }) as fc.Arbitrary<Move>,
    { maxLength: 24 },
  );
  await fc.assert(
    fc.asyncProperty(moves, async (script) => {
      server = new FakeServer();
      const told: Notice[][] = [[], []];
      const stores = [new Map<string, string>(), new Map<string, string>()];
      const cut = [false, false];
      const people = [0, 1].map(
        (who) =>
          new JobSync(
            "j",
            { id: "j", revision: 0, document: START },
            {
              fetch: (url, init) => (cut[who] ? Promise.reject(new TypeError("cut")) : server.fetch(url, init)),
              notify: (notice) => told[who]?.push(notice),
              person: () => `P${who}`,
              reload: () => undefined,
              storage: {
                getItem: (key) => stores[who]?.get(key) ?? null,
                setItem: (key, value) => void stores[who]?.set(key, value),
                removeItem: (key) => void stores[who]?.delete(key),
              },
            },
          ),
      ) as [JobSync, JobSync];
      const typed: [number, string][] = [];
      for (const [at, move] of script.entries()) {
        const sync = people[move.who];
        if (move.what === "work") await sync.work();
        else if (move.what === "cut") cut[move.who] = !cut[move.who];
        else {
          rename(sync, { [move.what]: `${move.what} ${at}` });
          typed.push([move.who, `${move.what} ${at}`]);
        }
      }
      cut.fill(false);
      for (let round = 0; round < 4; round += 1) for (const sync of people) await settle(sync);

      for (const sync of people)
        expect(sync.current()).toMatchObject({ document: server.document, unsent: 0, connection: "ok" });
      const taken = JSON.stringify(server.edits);
      for (const [who, text] of typed) {
        const kept =
          taken.includes(`"${text}"`) ||
          (told[who] ?? []).some(
            (notice) => notice.type === "conflict" && JSON.stringify(notice.mine).includes(`"${text}"`),
          );
        expect(kept, text).toBe(true);
      }
      expect(new Set(server.edits.map((edit) => edit.key)).size).toBe(server.edits.length);
    }),
    { numRuns: 120 },
  );
});
