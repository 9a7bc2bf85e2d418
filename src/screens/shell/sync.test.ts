import fc from "fast-check";
import { beforeEach, describe, expect, test, vi } from "vitest";
import { heronTables } from "@/demo/heron";
import type { Edit } from "@/job/edit";
import { applyOps, insertOp, invert, type RowOp, updateOp } from "@/job/ops";
import type { JobDocument } from "@/job/schema";
import { EMPTY as START } from "../../../tests/support/empty";
import { packedJob } from "../../../tests/support/packed";
import type { OutboxStore } from "./outbox";
import { JobSync, type Notice } from "./sync";

/** A server of one job in memory, with the same answers as the real one; `down` cuts it off. */
class FakeServer {
  document: JobDocument = START;
  epoch = "first";
  edits: Edit[] = [];
  keys = new Map<string, Edit>();
  down = false;
  /** Takes the change and loses the answer. */
  loseAnswer = false;
  /** Never answers: a server that stands still, and is not gone. */
  frozen = false;
  /** Answers every change with this, and still tells what there is. */
  refusing: { readonly status: number; readonly code: string } | null = null;
  /** Undo and redo as they were asked for. */
  steps: { readonly role: string; readonly key: string; readonly ofKey?: string }[] = [];

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
    if (this.frozen)
      return new Promise((_, reject) => init?.signal?.addEventListener("abort", () => reject(init.signal?.reason)));
    if (this.refusing !== null && init?.method === "POST")
      return Response.json({ error: { code: this.refusing.code, message: "no" } }, { status: this.refusing.status });
    const role = /\/(undo|redo)$/.exec(url)?.[1];
    if (role !== undefined) return this.step(role, JSON.parse(String(init?.body)));
    if (init?.method !== "POST") {
      const { pathname, searchParams } = new URL(url, "http://x");
      const { epoch, document } = this;
      if (!pathname.endsWith("/changes"))
        return Response.json(packedJob({ id: "j", epoch, revision: this.edits.length, document }));
      if ((searchParams.get("epoch") ?? epoch) !== epoch) return Response.json({ epoch, reload: true, edits: [] });
      const since = Number(searchParams.get("since") ?? 0);
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
    if (change.label === "break")
      return Response.json({ error: { code: "internal", message: "fault" } }, { status: 500 });
    if (change.label === "refuse me")
      return Response.json({ error: { code: "invalid", message: "no", hint: "do" } }, { status: 422 });
    const touched = this.edits.some(
      (edit) =>
        edit.revision > change.base &&
        edit.ops.some((op) => change.ops.some((own) => own.table === op.table && own.id === op.id)),
    );
    if (touched) return Response.json({ error: { code: "conflict", message: "Someone else." } }, { status: 409 });
    return this.answer(change.key, this.commit(change.person, change.label, change.ops, change.key));
  };

  /** Goes back to how it was, in a history of its own. */
  restore(revision: number): void {
    const kept = this.edits.slice(0, revision);
    this.edits = kept;
    this.document = kept.reduce((so, { ops }) => applyOps(so, ops), START);
    this.keys = new Map();
    this.epoch = "second";
  }

  private answer(key: string, edit: Edit): Response {
    this.keys.set(key, edit);
    if (this.loseAnswer) {
      this.loseAnswer = false;
      throw new TypeError("cut off");
    }
    return Response.json({ edit });
  }

  private step(
    role: string,
    asked: { readonly key: string; readonly person: string; readonly ofKey?: string },
  ): Response {
    this.steps.push({ role, ...asked });
    const known = this.keys.get(asked.key);
    if (known !== undefined) return Response.json({ edit: known });
    const meant =
      role === "redo"
        ? this.edits.findLast(({ role: did }) => did === "undo")
        : this.edits.find(({ key }) => key === asked.ofKey);
    if (meant === undefined) return Response.json({ error: { code: "nothing", message: "none" } }, { status: 409 });
    const label = `${role === "undo" ? "Undo" : "Redo"}: ${meant.label}`;
    const edit = this.commit(asked.person, label, invert(meant.ops), asked.key);
    this.edits[this.edits.length - 1] = { ...edit, role: role as "undo" };
    return this.answer(asked.key, this.edits.at(-1) as Edit);
  }
}

let server: FakeServer;
let notices: Notice[];
let stored: Map<string, unknown>;
let clock: number;
beforeEach(() => {
  server = new FakeServer();
  notices = [];
  stored = new Map();
  clock = 1_000;
});

/** What a browser keeps, in a map. */
const keeping = (kept: Map<string, unknown>): OutboxStore => ({
  all: async () => [...kept.values()],
  put: async (entry) => void kept.set(entry.key, structuredClone(entry)),
  remove: async (key) => void kept.delete(key),
});
const FULL: OutboxStore = {
  all: async () => [],
  put: () => Promise.reject(new DOMException("full", "QuotaExceededError")),
  remove: () => Promise.reject(new DOMException("full", "QuotaExceededError")),
};

const open = (person = "Robin", outbox = keeping(stored)) =>
  new JobSync(
    "j",
    { id: "j", epoch: server.epoch, revision: server.edits.length, document: server.document },
    {
      fetch: server.fetch,
      notify: (notice) => notices.push(notice),
      person: () => person,
      reload: () => undefined,
      outbox,
      now: () => clock++,
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
    expect(notices.find((notice) => notice.type === "conflict")).toMatchObject({
      entry: { ops: [{ to: { name: "Mine" } }] },
    });
  });
  test.each([
    ["refuse me", "no"],
    ["break", "fault"],
  ])(
    "what can never be taken is set aside with its reason, and holds up nothing behind it: %s",
    async (label, message) => {
      const sync = open();
      rename(sync, { name: "New" }, label);
      rename(sync, { host: "After" });
      await settle(sync);
      expect(server.document.job).toMatchObject({ name: "Job", host: "After" });
      expect(sync.current()).toMatchObject({ unsent: 0, document: { job: { name: "Job" } }, connection: "ok" });
      expect(sync.current().aside).toMatchObject([{ label, aside: { message }, ops: [{ to: { name: "New" } }] }]);
      expect(notices).toMatchObject([{ type: "refused" }]);
      // It is still there on the next visit, and is not sent by itself.
      const later = open();
      await later.restore();
      await settle(later);
      expect(later.current().aside).toHaveLength(1);
      expect(server.edits).toHaveLength(1);
      later.discard(later.current().aside[0]?.key ?? "");
      await settle(later);
      expect([later.current().aside.length, stored.size]).toEqual([0, 0]);
    },
  );
  test("what was set aside can be made over what is there now", async () => {
    const sync = open();
    rename(sync, { name: "Mine" });
    server.commit("Kim", "other", [updateOp("job", "job", server.document.job, { name: "Theirs" }) as RowOp]);
    await settle(sync);
    const [entry] = sync.current().aside;
    sync.again(entry?.key ?? "");
    await settle(sync);
    expect(server.document.job.name).toBe("Mine");
    expect([sync.current().aside.length, stored.size]).toEqual([0, 0]);
  });
  test("what the server would refuse is told before it is shown, with the place", () => {
    const sync = open();
    const row = { ...(heronTables().pins[0] as JobDocument["pins"][number]), sizeMm2: -1 };
    expect(sync.change("bad", [insertOp("pin", row)])).toBeNull();
    expect(sync.current()).toMatchObject({ unsent: 0 });
    expect(notices).toMatchObject([{ type: "not-done", label: "bad", message: expect.stringContaining("sizeMm2") }]);
  });
});

describe("when a backup was restored behind a page", () => {
  const rename2 = (to: Partial<JobDocument["job"]>) =>
    server.commit("Kim", "other", [updateOp("job", "job", server.document.job, to) as RowOp]);
  test("it shows what is there, though the revisions have caught up, tells it, and makes what still can be", async () => {
    for (const host of ["A", "B", "C"]) rename2({ host });
    const sync = open();
    server.down = true;
    rename(sync, { name: "Mine" });
    await settle(sync);
    server.restore(1);
    for (const wishes of ["a", "b", "c", "d"]) rename2({ wishes });
    server.down = false;
    await settle(sync);
    expect(server.document.job).toMatchObject({ host: "A", wishes: "d", name: "Mine" });
    expect(sync.current().document).toEqual(server.document);
    expect(sync.current()).toMatchObject({ unsent: 0, aside: [] });
    expect(notices.map(({ type }) => type)).toContain("restored");
    // From now on it follows the other history.
    rename2({ host: "Z" });
    await settle(sync);
    expect(sync.current().document.job.host).toBe("Z");
    expect(notices.filter(({ type }) => type === "restored")).toHaveLength(1);
  });
  test("what was made on rows that are no longer so is set aside with its reason", async () => {
    rename2({ name: "Before" });
    const sync = open();
    server.down = true;
    rename(sync, { name: "Mine" });
    server.restore(0);
    server.down = false;
    await settle(sync);
    expect(server.document.job.name).toBe(START.job.name);
    expect(sync.current().aside).toMatchObject([{ label: "change" }]);
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
    await after.restore();
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
    await after.restore();
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
    const [key = ""] = server.keys.keys();
    const ops = server.edits[0]?.ops;
    stored.set(key, { key, jobId: "j", madeAt: 1, person: "Robin", label: "change", ops, aside: null });
    const after = open();
    await after.restore();
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

test.each([
  ["full", 507, "disk-full"],
  ["locked", 401, "no-session"],
  ["lost", 503, "busy"],
] as const)(
  "a server that can save nothing for now (%s) is told as that until it has saved, and nothing is set aside",
  async (connection, status, code) => {
    const sync = open();
    const seen: string[] = [];
    sync.subscribe(() => seen.push(sync.current().connection));
    server.refusing = { status, code };
    rename(sync, { name: "Mine" });
    void sync.step("undo");
    await settle(sync);
    await settle(sync);
    expect(sync.current()).toMatchObject({ connection, unsent: 1, aside: [] });
    // With a disk that is full the job can still be read: the page does not say by turns that all is well.
    if (connection === "full") expect(seen.slice(seen.indexOf("full"))).not.toContain("ok");
    server.refusing = null;
    await settle(sync);
    expect(sync.current()).toMatchObject({ connection: "ok", unsent: 0, aside: [] });
    expect(server.edits).toHaveLength(2);
  },
);

describe("what the browser keeps", () => {
  test("each tab takes out its own alone, and what one left another sends once", async () => {
    server.down = true;
    const [one, two] = [open(), open()];
    rename(one, { name: "One" });
    rename(two, { host: "Two" });
    await settle(one);
    await settle(two);
    expect(stored.size).toBe(2);
    server.down = false;
    await settle(one);
    expect(stored.size).toBe(1);
    // A third takes up what the second has not sent yet; both send it, and it is made once.
    const three = open();
    await three.restore();
    await Promise.all([settle(two), settle(three)]);
    await settle(three);
    expect(server.edits).toHaveLength(2);
    expect(server.document.job).toMatchObject({ name: "One", host: "Two" });
    expect(stored.size).toBe(0);
  });
  test("a browser that keeps nothing is told as that; the work goes on", async () => {
    server.down = true;
    const sync = open("Robin", FULL);
    rename(sync, { name: "Held" });
    await settle(sync);
    expect(sync.current()).toMatchObject({ unsent: 1, onlyHere: true, document: { job: { name: "Held" } } });
    server.down = false;
    await settle(sync);
    expect(server.document.job.name).toBe("Held");
    expect(sync.current()).toMatchObject({ unsent: 0, onlyHere: false });
  });
  test("rubbish is not sent, and what is missing is told; the rest is", async () => {
    stored.set("a", "rubbish").set("b", { key: "bbbbbbbb", jobId: "j", ops: [{ op: "update" }] });
    const ops = [updateOp("job", "job", START.job, { name: "Kept" })];
    stored.set("cccccccc", { key: "cccccccc", jobId: "j", madeAt: 1, person: "R", label: "good", ops, aside: null });
    const sync = open();
    await sync.restore();
    await settle(sync);
    expect(server.document.job.name).toBe("Kept");
    expect(notices).toMatchObject([{ type: "not-done", message: expect.stringContaining("2 of its changes") }]);
  });
  test("they are sent in the order in which they were made, whatever the order in which they were kept", async () => {
    const entry = (key: string, madeAt: number, from: string, name: string) =>
      stored.set(key, {
        key,
        jobId: "j",
        madeAt,
        person: "R",
        label: name,
        ops: [{ op: "update", table: "job", id: "job", from: { name: from }, to: { name } }],
        aside: null,
      });
    entry("secondddd", 2, "First", "Second");
    entry("firsttttt", 1, "Job", "First");
    const sync = open();
    await sync.restore();
    expect(sync.current()).toMatchObject({ unsent: 2, unsentSince: 1, document: { job: { name: "Second" } } });
    await settle(sync);
    expect(server.edits.map(({ label }) => label)).toEqual(["First", "Second"]);
    expect(sync.current()).toMatchObject({ unsent: 0, unsentSince: null });
  });
});

describe("undo", () => {
  test("names the change that was made last here, and is done after what waits before it", async () => {
    const sync = open();
    server.down = true;
    const key = sync.change("first", [updateOp("job", "job", START.job, { name: "A" }) as RowOp]);
    const undone = sync.step("undo");
    rename(sync, { host: "B" }, "second");
    await undone;
    expect(server.steps).toEqual([]);
    server.down = false;
    await settle(sync);
    expect(server.steps).toMatchObject([{ role: "undo", ofKey: key }]);
    expect(server.edits.map(({ label }) => label)).toEqual(["first", "Undo: first", "second"]);
    expect(sync.current().document.job).toMatchObject({ name: "Job", host: "B" });
  });
  test("of a note is of that note's change, whatever was made since", async () => {
    const sync = open();
    const key = sync.change("first", [updateOp("job", "job", START.job, { name: "A" }) as RowOp]);
    rename(sync, { host: "B" }, "second");
    await sync.step("undo", key);
    await settle(sync);
    expect(sync.current().document.job).toMatchObject({ name: "Job", host: "B" });
    // The next one takes back what is still standing.
    await sync.step("undo");
    await settle(sync);
    expect(sync.current().document.job).toMatchObject({ name: "Job", host: "Host" });
  });
  test("keeps its key when its answer is lost, so that it takes nothing more back", async () => {
    const sync = open();
    rename(sync, { name: "A" }, "first");
    rename(sync, { name: "B" }, "second");
    await settle(sync);
    server.loseAnswer = true;
    await sync.step("undo");
    await settle(sync);
    expect(new Set(server.steps.map(({ key }) => key)).size).toBe(1);
    expect(sync.current().document.job.name).toBe("A");
    await sync.step("redo");
    await settle(sync);
    expect(sync.current().document.job.name).toBe("B");
    await sync.step("undo");
    await settle(sync);
    expect(sync.current().document.job.name).toBe("A");
  });
  test("that cannot be done is told, and holds up nothing", async () => {
    const sync = open();
    await sync.step("undo");
    rename(sync, { name: "After" });
    await settle(sync);
    expect(notices).toMatchObject([{ type: "not-done", label: "Undo" }]);
    expect(server.document.job.name).toBe("After");
  });
});

test("a server that stands still is told as one that is gone, within ten seconds", async () => {
  vi.useFakeTimers();
  try {
    const sync = open();
    server.frozen = true;
    rename(sync, { name: "Waits" });
    await vi.advanceTimersByTimeAsync(9_900);
    expect(sync.current()).toMatchObject({ unsent: 1, connection: "lost" });
    server.frozen = false;
    await settle(sync);
    expect(server.document.job.name).toBe("Waits");
    expect(sync.current()).toMatchObject({ unsent: 0, connection: "ok" });
  } finally {
    vi.useRealTimers();
  }
});

test("a server that answers news with a fault of its own is asked again at the next turn, and not in a circle", async () => {
  const sync = open();
  const { fetch: real } = server;
  let asked = 0;
  (server as { fetch: typeof real }).fetch = async () => {
    asked += 1;
    return Response.json({ error: { code: "internal" } }, { status: 500 });
  };
  const broken = open();
  rename(broken, { name: "Waits" });
  await new Promise((resolve) => setTimeout(resolve, 50));
  expect(asked).toBe(1);
  expect(broken.current()).toMatchObject({ unsent: 1, connection: "lost" });
  rename(sync, { host: "Fine" });
  await settle(sync);
  expect(server.document.job.host).toBe("Fine");
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
      const stores = [new Map<string, unknown>(), new Map<string, unknown>()];
      const cut = [false, false];
      const people = [0, 1].map(
        (who) =>
          new JobSync(
            "j",
            { id: "j", epoch: server.epoch, revision: 0, document: START },
            {
              fetch: (url, init) => (cut[who] ? Promise.reject(new TypeError("cut")) : server.fetch(url, init)),
              notify: (notice) => told[who]?.push(notice),
              person: () => `P${who}`,
              reload: () => undefined,
              outbox: keeping(stores[who] as Map<string, unknown>),
              now: () => 0,
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
            (notice) => notice.type === "conflict" && JSON.stringify(notice.entry.ops).includes(`"${text}"`),
          );
        expect(kept, text).toBe(true);
      }
      expect(new Set(server.edits.map((edit) => edit.key)).size).toBe(server.edits.length);
    }),
    { numRuns: 120 },
  );
});
