import { readFileSync, rmSync } from "node:fs";
import { setTimeout as pause } from "node:timers/promises";
import type { Pool, RowDataPacket } from "mysql2/promise";
import type { LoadedJob } from "@/job/edit";
import { newConnector } from "@/job/new-rows";
import { insertOp, invert, type RowOp } from "@/job/ops";
import { type PackedJob, unpackedJob } from "@/job/packed";
import type { JobDocument } from "@/job/schema";
import type { OutboxStore } from "@/screens/shell/outbox";
import { JobSync, type Notice } from "@/screens/shell/sync";
import { createJob } from "@/server/jobs";
import { migrate } from "@/server/migrate";
import { makePool } from "@/server/pool";
import { ensureBuild, keepServer } from "../../scripts/lib/build.mjs";
import { freePort, keepDatabase } from "../../scripts/lib/database.mjs";
import { EMPTY } from "../support/empty";

/** What an attack found: what must be nothing, and what it is worth knowing. */
export interface Outcome {
  readonly attack: string;
  /** Changes that were made and are neither in the history nor told of. */
  readonly lost: number;
  /** Changes of which a part is there. */
  readonly half: number;
  /** Changes that are there more than once. */
  readonly twice: number;
  /** Undos that took back another change than was meant, or not all of it. */
  readonly wrongUndo: number;
  /** Pages, or servers, that show another job than the database has. */
  readonly apart: number;
  /** Answers that are a fault of the server's own. */
  readonly faults: number;
  /** Promises that were not kept, in words. */
  readonly broken: readonly string[];
  /** Promises of time that were not kept, in words: they are made for a machine that is quiet. */
  readonly late: readonly string[];
  readonly figures: Readonly<Record<string, number | string>>;
}

export const clean: Omit<Outcome, "attack" | "figures"> = {
  lost: 0,
  half: 0,
  twice: 0,
  wrongUndo: 0,
  apart: 0,
  faults: 0,
  broken: [],
  late: [],
};

export const isClean = (outcome: Outcome) =>
  outcome.lost + outcome.half + outcome.twice + outcome.wrongUndo + outcome.apart + outcome.faults === 0 &&
  outcome.broken.length + outcome.late.length === 0;

type Database = Awaited<ReturnType<typeof keepDatabase>>;
type Server = Awaited<ReturnType<typeof keepServer>>;

/** A database and servers of its own, that may be killed: they are begun anew as `npm run demo` and `npm start` do. */
export class World {
  /** The job that is worked on. */
  job = "";
  private constructor(
    private readonly database: Database,
    readonly servers: readonly Server[],
    readonly pool: Pool,
  ) {}

  static async make(name: string, servers = 1): Promise<World> {
    const database = await keepDatabase(`${name}-${process.pid}`, 37306);
    const pool = makePool(database.url);
    await migrate(pool);
    ensureBuild();
    const kept: Server[] = [];
    for (let at = 0; at < servers; at += 1)
      kept.push(
        await keepServer({ host: "127.0.0.1", port: await freePort(4700), databaseUrl: database.url, dev: false }),
      );
    return new World(database, kept, pool);
  }

  /** Begins a job that nobody has worked on. */
  async newJob(document: JobDocument = EMPTY): Promise<string> {
    this.job = await createJob(this.pool, document);
    return this.job;
  }

  address(server = 0): string {
    return this.servers[server % this.servers.length]?.address ?? "";
  }

  /** The processes of a server, the first before the second; of the database. */
  processes(of: "server" | "database", server = 0): number[] {
    return of === "database" ? [this.database.pid()] : [this.servers[server]?.child().pid ?? 0];
  }

  /** How long until all is well again, ms. */
  async untilWell(server = 0): Promise<number> {
    const from = performance.now();
    for (;;) {
      const answer = await fetch(`${this.address(server)}/api/health`, { signal: AbortSignal.timeout(1_000) }).catch(
        () => null,
      );
      if (answer?.ok) return performance.now() - from;
      await pause(25);
    }
  }

  /** The most memory that a server's processes have taken at once, each for itself, MB. */
  mostMemory(server = 0): number {
    const first = this.processes("server", server)[0] ?? 0;
    const second = readFileSync(`/proc/${first}/task/${first}/children`, "utf8").trim().split(" ").map(Number);
    const peak = (pid: number) => Number(/VmHWM:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, "utf8"))?.[1] ?? 0);
    return Math.round(Math.max(...[first, ...second].filter((pid) => pid > 0).map(peak)) / 1024);
  }

  async loaded(job = this.job): Promise<LoadedJob> {
    return unpackedJob((await (await fetch(`${this.address()}/api/jobs/${job}`)).json()) as PackedJob);
  }

  async document(): Promise<JobDocument> {
    return (await this.loaded()).document;
  }

  async stop(): Promise<void> {
    for (const server of this.servers) await server.stop();
    await this.pool.end();
    await this.database.stop();
    rmSync(this.database.folder, { recursive: true, force: true });
  }
}

/** What a browser keeps for its pages. */
export class Kept implements OutboxStore {
  readonly entries = new Map<string, unknown>();
  isFull = false;
  readonly all = async () => (this.isFull ? Promise.reject(new Error("full")) : [...this.entries.values()]);
  readonly put = async (entry: { key: string }) => {
    if (this.isFull) throw new DOMException("full", "QuotaExceededError");
    this.entries.set(entry.key, entry);
  };
  readonly remove = async (key: string) => void this.entries.delete(key);
}

/** A page that somebody works on, with the very code that a browser runs. */
export class Page {
  readonly notices: Notice[] = [];
  /** Answers that were a fault of the server's own. */
  faults = 0;
  readonly sync: JobSync;
  private readonly timer: NodeJS.Timeout;

  private constructor(
    readonly person: string,
    loaded: LoadedJob,
    address: () => string,
    store: OutboxStore,
    now: () => number,
  ) {
    this.sync = new JobSync(loaded.id, loaded, {
      fetch: async (input, init) => {
        const answer = await fetch(address() + input, {
          ...init,
          headers: { ...(init?.headers as object), "Sec-Fetch-Site": "same-origin" },
        });
        if (answer.status === 500) this.faults += 1;
        return answer;
      },
      outbox: store,
      notify: (notice) => this.notices.push(notice),
      person: () => person,
      reload: () => undefined,
      now,
    });
    this.timer = setInterval(() => void this.sync.work(), 100);
  }

  static async open(
    world: World,
    person: string,
    {
      server = 0,
      store = new Kept(),
      now = Date.now,
    }: { server?: number; store?: OutboxStore; now?: () => number } = {},
  ): Promise<Page> {
    const page = new Page(person, await world.loaded(), () => world.address(server), store, now);
    await page.sync.restore();
    return page;
  }

  /** Closed as a browser closes it: what is on its way may or may not arrive. */
  close(): void {
    clearInterval(this.timer);
  }

  /** Until all is saved; answers how long that took, ms. */
  async untilSaved(mostMs = 60_000): Promise<number> {
    const from = performance.now();
    while (this.sync.current().unsent > 0 || this.sync.current().connection !== "ok") {
      if (performance.now() - from > mostMs) throw new Error(`${this.person}: not saved after ${mostMs / 1000} s`);
      await pause(20);
    }
    await this.sync.work();
    return performance.now() - from;
  }
}

let count = 0;
/** Rows that belong together: a connector with so many cavities on it. */
const PINS = 5;
export function loomOps(pattern: JobDocument["pins"][number]): RowOp[] {
  const id = `c${process.pid}-${++count}`;
  return [
    insertOp("connector", newConnector(id, "donor", id, count)),
    ...Array.from({ length: PINS }, (_, at) =>
      insertOp("pin", { ...pattern, id: `${id}-${at}`, connectorId: id, cavity: String(at), circuit: null }),
    ),
  ];
}

interface Made {
  readonly key: string;
  readonly ops: readonly RowOp[];
}

/** What people have done, to be held against what the database has. */
export class Account {
  readonly made: Made[] = [];
  /** The keys of changes that were taken back. */
  readonly takenBack: string[] = [];

  change(page: Page, label: string, ops: readonly RowOp[]): string {
    const key = page.sync.change(label, ops);
    if (key === null) throw new Error(`${label} was not taken`);
    this.made.push({ key, ops });
    return key;
  }

  undo(page: Page, key: string): void {
    this.takenBack.push(key);
    void page.sync.step("undo", key);
  }

  /** The pages must have nothing under way any more. */
  async judge(world: World, pages: readonly Page[]): Promise<Omit<Outcome, "attack" | "figures">> {
    const [rows] = await world.pool.query<RowDataPacket[]>(
      "SELECT revision, change_key, role, of_revision, ops FROM edit WHERE job_id = ? ORDER BY revision",
      [world.job],
    );
    const times = new Map<string, number>();
    for (const { change_key: key } of rows) times.set(key, (times.get(key) ?? 0) + 1);
    const aside = new Set(pages.flatMap(({ sync }) => sync.current().aside.map(({ key }) => key)));
    const told = new Set(
      pages.flatMap(({ notices }) => notices.flatMap((one) => ("entry" in one ? one.entry.key : []))),
    );
    const of = new Map(rows.map((row) => [Number(row.revision), row]));
    const undos = rows.filter(({ role }) => role === "undo");
    const meant = new Map<string, number>();
    for (const key of this.takenBack) meant.set(key, (meant.get(key) ?? 0) + 1);
    const notDone = pages.flatMap(({ notices }) => notices).filter(({ type }) => type === "not-done").length;
    let wrongUndo = Math.max(0, this.takenBack.length - undos.length - notDone);
    for (const undo of undos) {
      const target = of.get(Number(undo.of_revision));
      const isMeant = (meant.get(target?.change_key) ?? 0) > 0;
      meant.set(target?.change_key, (meant.get(target?.change_key) ?? 0) - 1);
      const isWhole =
        JSON.stringify(keysOf(invert(JSON.parse(target?.ops ?? "[]")))) ===
        JSON.stringify(keysOf(JSON.parse(undo.ops)));
      if (!isMeant || !isWhole) wrongUndo += 1;
    }
    const document = await world.document();
    const pins = new Map<string, number>();
    for (const { connectorId } of document.pins) pins.set(connectorId, (pins.get(connectorId) ?? 0) + 1);
    return {
      lost: this.made.filter(({ key }) => !times.has(key) && !aside.has(key) && !told.has(key)).length,
      half: document.connectors.filter(({ id }) => id.startsWith("c") && pins.get(id) !== PINS).length,
      twice: [...times.values()].filter((one) => one > 1).length,
      wrongUndo,
      apart: pages.filter(({ sync }) => !sameJob(sync.current().document, document)).length,
      faults: pages.reduce((sum, page) => sum + page.faults, 0),
      broken: [],
      late: [],
    };
  }
}

/** Which rows operations touch and how, wires that follow apart. */
const keysOf = (ops: readonly RowOp[]) =>
  ops
    .filter(({ table }) => table !== "wire")
    .map(({ op, table, id }) => `${op} ${table} ${id}`)
    .toSorted();

/** The same rows with the same values, in whatever order: a page has them in the order in which it was told of them. */
export function sameJob(a: JobDocument, b: JobDocument): boolean {
  const text = (document: JobDocument) =>
    JSON.stringify(
      Object.entries(document).map(([name, list]) =>
        Array.isArray(list) ? [name, list.map((row) => JSON.stringify(sorted(row))).toSorted()] : [name, sorted(list)],
      ),
    );
  return text(a) === text(b);
}
const sorted = (row: unknown) =>
  typeof row === "object" && row !== null ? Object.entries(row).toSorted(([x], [y]) => (x < y ? -1 : 1)) : row;
