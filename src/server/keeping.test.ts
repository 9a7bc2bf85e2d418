import { execFileSync } from "node:child_process";
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { gunzipSync, gzipSync } from "node:zlib";
import type { Pool, RowDataPacket } from "mysql2/promise";
import { nanoid } from "nanoid";
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, test } from "vitest";
import { heronDocument } from "@/demo/heron";
import { newConnector } from "@/job/new-rows";
import { insertOp, type RowOp, updateOp } from "@/job/ops";
import { BEFORE, type ConnectorRow, type JobDocument, type PinRow, TABLES, type WireRow } from "@/job/schema";
import { inStep } from "@/job/table-wires";
import { EMPTY } from "../../tests/support/empty";
import { readingRow } from "../../tests/support/reading";
import { backUp } from "./backup";
import { deleteForGood, isKept, listBin, putBack, removeJob } from "./bin";
import { applyChange, newsSince, stepHistory } from "./changes";
import { createJob, listJobs, loadJob } from "./jobs";
import { migrate } from "./migrate";
import { migrationNames, statementsOf } from "./migrations";
import { makePool } from "./pool";
import { restore } from "./restore";
import { columnOf, toSql } from "./row-codec";
import { faultsOf } from "./settings";

const url = process.env.DATABASE_URL ?? "";
let folder: string;
const file = (name: string) => path.join(folder, name);
const opened: Pool[] = [];

/** A database of its own, with nothing in it. */
async function emptyDatabase(name: string): Promise<Pool> {
  const address = new URL(url);
  const root = makePool(url);
  await root.query(`DROP DATABASE IF EXISTS pantograph_${name}`);
  await root.query(`CREATE DATABASE pantograph_${name} CHARACTER SET utf8mb4`);
  await root.end();
  address.pathname = `/pantograph_${name}`;
  const pool = makePool(address.href);
  opened.push(pool);
  return pool;
}

beforeAll(() => {
  folder = mkdtempSync(path.join(tmpdir(), "pantograph-keeping-"));
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));
afterEach(async () => {
  for (const pool of opened.splice(0)) await pool.end();
});

/** All that is kept, row by row, as the database has it; epochs apart, which a restore changes. */
async function everything(pool: Pool): Promise<Record<string, unknown[]>> {
  const all: Record<string, unknown[]> = {};
  for (const table of [...Object.keys(TABLES), "edit"]) {
    const [rows] = await pool.query<RowDataPacket[]>(`SELECT * FROM ${table}`);
    all[table] = rows.map(({ epoch: _epoch, ...row }) => JSON.stringify(row)).toSorted();
  }
  return all;
}

async function schemaOf(pool: Pool): Promise<string[]> {
  const [tables] = await pool.query<RowDataPacket[]>("SHOW TABLES");
  const made: string[] = [];
  for (const table of tables.map((row) => String(Object.values(row)[0]))) {
    const [rows] = await pool.query<RowDataPacket[]>(`SHOW CREATE TABLE ${table}`);
    made.push(String(rows[0]?.["Create Table"]));
  }
  return made;
}

const change = async (pool: Pool, id: string, ops: readonly RowOp[], label = "change") => {
  const { revision = 0 } = (await loadJob(pool, id)) ?? {};
  const made = await applyChange(pool, id, { key: nanoid(), person: "Robin", base: revision, label, ops });
  expect(made).toMatchObject({ ok: true });
};
const connector = (id: string) => newConnector(id, "donor", id, 0);
const rename = (document: JobDocument, name: string) => updateOp("job", "job", document.job, { name }) as RowOp;

describe("migrations", () => {
  test("stopped before any statement, and started again, end with the same schema and data", async () => {
    const whole = await emptyDatabase("whole");
    await migrate(whole);
    const expected = await schemaOf(whole);
    const names = await migrationNames();
    const statements = (await Promise.all(names.map(statementsOf))).flat().length + names.length;
    const stopped = (pool: Pool, stopAt: number) => {
      let at = 0;
      const before = () => {
        if (at === stopAt) throw new Error("stopped");
        at += 1;
      };
      return expect(migrate(pool, { backups: null, before })).rejects.toThrow("stopped");
    };
    // One database, stopped before each statement in turn: each start does again what was done, and one statement more. What
    // follows the statements notes a migration as done, so that the statements to come are fewer from there on.
    const pool = await emptyDatabase("stopped");
    for (let stopAt = 0; stopAt <= statements - names.length; stopAt += 1) await stopped(pool, stopAt);
    await migrate(pool);
    expect(await schemaOf(pool)).toEqual(expected);
    // And some alone, started again from there to the end, each note of a migration among them.
    const alone = [...Array(statements).keys()].filter((at) => at % 16 === 0 || at >= statements - names.length);
    for (const stopAt of alone) {
      const anew = await emptyDatabase("stopped_alone");
      await stopped(anew, stopAt);
      await migrate(anew);
      expect(await schemaOf(anew), `stopped at ${stopAt}`).toEqual(expected);
      await anew.end();
      opened.splice(opened.indexOf(anew), 1);
    }
    // Databases are made anew: a busy machine takes its time.
  }, 240_000);

  test("a database of a newer version is refused with the cure, and left as it is", async () => {
    const pool = await emptyDatabase("newer");
    await migrate(pool);
    await pool.query("INSERT INTO migration (name) VALUES ('999-later.sql')");
    await expect(migrate(pool)).rejects.toThrow(/newer version.*999-later\.sql[\s\S]*Start that version/);
  });

  test("what people work with is backed up before it is changed; an empty database is not", async () => {
    const pool = await emptyDatabase("before");
    const backups = mkdtempSync(path.join(folder, "before-"));
    await migrate(pool, { backups, upTo: "005-wires.sql" });
    expect(readdirSync(backups)).toEqual([]);
    await pool.query("INSERT INTO job (id, name, host, donor, approach, units, wishes) VALUES (?)", [
      ["j", "J", "H", "D", "donor-computer", "metric", ""],
    ]);
    await migrate(pool, { backups });
    expect(readdirSync(backups)).toMatchObject([expect.stringMatching(/^before-011-bit-places-.*\.jsonl\.gz$/)]);
    const [name = ""] = readdirSync(backups);
    await change(pool, "j", [rename((await loadJob(pool, "j"))?.document as JobDocument, "Changed")]);
    await restore(pool, path.join(backups, name));
    expect((await loadJob(pool, "j"))?.document.job.name).toBe("J");
  });
});

describe("a database from each earlier migration, with data and history in it", () => {
  const pin = (id: string, cavity: string): PinRow => ({
    ...(heronDocument().pins[0] as PinRow),
    id,
    connectorId: "c",
    cavity,
    circuit: "7",
  });
  const reading = { ...readingRow("r"), ...BEFORE.reading };
  const rows = {
    connector: [{ ...connector("c"), ...BEFORE.connector }],
    pin: [pin("p1", "1"), pin("p2", "2")],
    reading: [reading],
    wire: [
      {
        ...BEFORE.wire,
        id: "w",
        fromPinId: "p1",
        toPinId: "p2",
        circuit: null,
        colour: null,
        colourBase: null,
        colourTracer: null,
        sizeMm2: 1,
        lengthM: 2,
        insulation: null,
        stock: "new",
        note: "",
      },
    ],
  };

  /** A row as that schema had it: the columns of later ones are not there. */
  async function columnsThen(pool: Pool, table: string): Promise<Set<string>> {
    const [columns] = await pool.query<RowDataPacket[]>(
      "SELECT column_name AS name FROM information_schema.columns WHERE table_schema = DATABASE() AND table_name = ?",
      [table],
    );
    return new Set(columns.map((row) => String(row.name)));
  }
  const earlier = [
    "001-job.sql",
    "002-harness.sql",
    "003-power.sql",
    "004-reading.sql",
    "005-wires.sql",
    "006-keeping.sql",
    "007-papers.sql",
    "008-gaps.sql",
    "009-scope.sql",
    "010-benches.sql",
  ];
  test("is each that there is but the newest", async () =>
    expect((await migrationNames()).slice(0, -1)).toEqual(earlier));

  test.each(earlier)("%s: is brought up, its history read, and its changes taken back and done again", async (upTo) => {
    const pool = await emptyDatabase("earlier");
    await migrate(pool, { backups: null, upTo });
    await pool.query("INSERT INTO job (id, revision, name, host, donor, approach, units, wishes) VALUES (?)", [
      ["j", 0, "J", "H", "D", "donor-computer", "metric", ""],
    ]);
    const ops: unknown[] = [];
    // From then on wires of the tables are rows, and stand in the edit that made their cavities.
    const isOfRows = upTo >= "005-wires.sql";
    const wire = isOfRows
      ? inStep({ pins: rows.pin, connectors: rows.connector as ConnectorRow[], wires: rows.wire as WireRow[] }).wires
      : rows.wire;
    for (const [table, list] of Object.entries({ ...rows, wire })) {
      const there = await columnsThen(pool, table);
      if (there.size === 0) continue;
      for (const row of list) {
        const kept = Object.entries(row).filter(([key]) => there.has(columnOf(key)));
        await pool.query(
          `INSERT INTO ${table} (job_id, row_revision, ${kept.map(([key]) => columnOf(key)).join(", ")}) VALUES (?)`,
          [["j", 1, ...kept.map(([key, value]) => toSql(key, value))]],
        );
        ops.push({ op: "insert", table, id: row.id, row: Object.fromEntries(kept) });
      }
    }
    await pool.query("INSERT INTO edit (job_id, revision, change_key, person, label, role, ops) VALUES (?)", [
      ["j", 1, "key-of-then", "Robin", "all of it", "edit", JSON.stringify(ops)],
    ]);
    // From then on an edit says of which schema its rows are.
    if (upTo >= "006-keeping.sql") await pool.query("UPDATE edit SET row_schema = ?", [Number(upTo.slice(0, 3))]);
    await pool.query("UPDATE job SET revision = 1");

    const backups = mkdtempSync(path.join(folder, "earlier-"));
    await migrate(pool, { backups });
    const before = await loadJob(pool, "j");
    expect(before?.document.pins.map(({ id }) => id)).toEqual(["p1", "p2"]);
    expect(before?.document.readings).toEqual([reading]);
    // The wire of the table, and where there was one already the one that was laid.
    expect(before?.document.wires.map(({ id }) => id)).toEqual(upTo === "001-job.sql" ? ["p1"] : ["p1", "w"]);
    const news = JSON.parse((await newsSince(pool, "j", 0)) ?? "") as { edits: { ops: { row: object }[] }[] };
    expect(news.edits[0]?.ops[0]?.row).toEqual(rows.connector[0]);

    expect(await stepHistory(pool, "j", "undo", "Robin", nanoid())).toMatchObject({ ok: true });
    const undone = (await loadJob(pool, "j"))?.document;
    expect([undone?.connectors, undone?.pins, undone?.readings, undone?.wires]).toEqual([[], [], [], []]);
    expect(await stepHistory(pool, "j", "redo", "Robin", nanoid())).toMatchObject({ ok: true });
    expect((await loadJob(pool, "j"))?.document).toEqual(before?.document);

    // What was backed up before it was brought up is brought up as it is restored.
    const [backup = ""] = readdirSync(backups);
    await restore(pool, path.join(backups, backup));
    expect((await loadJob(pool, "j"))?.document).toEqual(before?.document);
    expect(await stepHistory(pool, "j", "undo", "Robin", nanoid())).toMatchObject({ ok: true });
  });
});

describe("a backup", () => {
  let pool: Pool;
  beforeEach(async () => {
    pool = await emptyDatabase("backup");
    await migrate(pool);
    await createJob(pool, heronDocument(), "heron");
    await createJob(pool, EMPTY, "other");
    const { document } = (await loadJob(pool, "heron")) ?? {};
    const [first] = document?.pins ?? [];
    // What a line of text could trip over.
    const odd = "\u2028 \u2029 \n \r\n \\ \" ' é 𝕏 \0".repeat(3);
    await change(pool, "heron", [updateOp("pin", first?.id ?? "", first ?? {}, { description: odd }) as RowOp], odd);
    await change(pool, "heron", [insertOp("connector", connector("new"))]);
    await stepHistory(pool, "heron", "undo", "Robin", nanoid());
    await removeJob(pool, "other");
  });

  test("brings back every row of every table, history and bin too, and begins another epoch", async () => {
    const before = await everything(pool);
    const epoch = (await loadJob(pool, "heron"))?.epoch;
    const counted = await backUp(pool, file("all.gz"));
    expect(counted).toEqual({ jobs: 2, rows: Object.values(before).flat().length });
    const document = (await loadJob(pool, "heron"))?.document as JobDocument;
    await change(pool, "heron", [rename(document, "Changed since")]);
    await createJob(pool, EMPTY, "since");
    await deleteForGood(pool, "other");

    expect(await restore(pool, file("all.gz"))).toEqual(counted);
    expect(await everything(pool)).toEqual(before);
    expect((await loadJob(pool, "heron"))?.document).toEqual(document);
    expect((await loadJob(pool, "heron"))?.epoch).not.toBe(epoch);
    // Its history goes on from there.
    expect(await stepHistory(pool, "heron", "redo", "Robin", nanoid())).toMatchObject({ ok: true });
  });

  test("holds one moment, while people work: each of its jobs is of one revision", async () => {
    let isOver = false;
    let made = 0;
    const working = (async () => {
      for (; !isOver; made += 1) {
        const { document } = (await loadJob(pool, "heron")) as { document: JobDocument };
        await change(pool, "heron", [rename(document, `Name ${made}`)], `${made}`);
      }
    })();
    const files = [];
    for (let at = 0; at < 8; at += 1) {
      files.push(file(`moment-${at}.gz`));
      await backUp(pool, files.at(-1) ?? "");
    }
    isOver = true;
    await working;
    expect(made).toBeGreaterThan(8);
    for (const one of files) {
      await restore(pool, one);
      const [found] = await pool.query<RowDataPacket[]>(
        `SELECT job.name, job.revision, edit.label, edit.revision AS latest FROM job JOIN edit ON edit.job_id = job.id
          WHERE job.id = 'heron' ORDER BY edit.revision DESC LIMIT 1`,
      );
      const [job] = found;
      expect(job?.revision).toBe(job?.latest);
      if (/^\d+$/.test(job?.label)) expect(job?.name).toBe(`Name ${job?.label}`);
    }
  });

  test("that is cut off, changed, packed otherwise, or none is refused with the cure, and nothing is touched", async () => {
    await backUp(pool, file("good.gz"));
    const before = await everything(pool);
    const good = readFileSync(file("good.gz"));
    const lines = gunzipSync(good).toString().split("\n");
    const packed = (part: readonly string[]) => gzipSync(part.join("\n"));
    const wrong: Record<string, Buffer> = {
      "cut.gz": good.subarray(0, good.length / 2),
      "no end.gz": packed(lines.slice(0, -2)),
      "a row less.gz": packed(lines.toSpliced(3, 1)),
      "another value.gz": packed(lines.map((line) => line.replace("Heron", "Crane"))),
      "another table.gz": packed(lines.map((line) => line.replace('"table":"pin"', '"table":"mysql.user"'))),
      "more after it.gz": packed([...lines.slice(0, -1), "[1]", ""]),
      "plain.gz": Buffer.from(lines.join("\n")),
      "nothing.gz": gzipSync(""),
      "another thing.gz": gzipSync('{"format":"something"}\n'),
    };
    for (const [name, content] of Object.entries(wrong)) {
      writeFileSync(file(name), content);
      await expect(restore(pool, file(name)), name).rejects.toThrow(/cannot be restored[\s\S]*npm run backup/);
    }
    await expect(restore(pool, file("not there.gz"))).rejects.toThrow(/cannot be restored/);
    const newer = lines.toSpliced(0, 1, (lines[0] ?? "").replace('"006-keeping.sql"', '"006-keeping.sql","999-x.sql"'));
    const body = newer.slice(0, -2);
    const sum = execFileSync("sha256sum", { input: `${body.join("\n")}\n` })
      .toString()
      .slice(0, 64);
    writeFileSync(file("newer.gz"), packed([...body, (lines.at(-2) ?? "").replace(/[0-9a-f]{64}/, sum), ""]));
    await expect(restore(pool, file("newer.gz"))).rejects.toThrow(/newer version/);
    expect(await everything(pool)).toEqual(before);
  });

  test("that names columns that are not there touches nothing", async () => {
    await backUp(pool, file("columns.gz"));
    const before = await everything(pool);
    const lines = gunzipSync(readFileSync(file("columns.gz")))
      .toString()
      .split("\n");
    const body = lines.slice(0, -2).map((line) => line.replace('"row_schema"', '"row_schema) SELECT 1 -- "'));
    const sum = execFileSync("sha256sum", { input: `${body.join("\n")}\n` })
      .toString()
      .slice(0, 64);
    writeFileSync(file("columns.gz"), gzipSync([...body, lines.at(-2)?.replace(/[0-9a-f]{64}/, sum), ""].join("\n")));
    await expect(restore(pool, file("columns.gz"))).rejects.toThrow(/has no column/);
    expect(await everything(pool)).toEqual(before);
  });

  test("is not there before it is whole", async () => {
    await pool.query("DROP TABLE edit");
    const broken = makePool("mysql://nobody:x@127.0.0.1:1/none");
    await expect(backUp(broken, file("half.gz"))).rejects.toThrow();
    await broken.end();
    expect(readdirSync(folder).filter((name) => name.startsWith("half"))).toEqual([]);
  });
});

describe("the bin", () => {
  let pool: Pool;
  beforeEach(async () => {
    pool = await emptyDatabase("bin");
    await migrate(pool);
    await createJob(pool, heronDocument(), "heron");
  });
  test("takes a removed job with all of it, and gives it back as it was", async () => {
    const document = (await loadJob(pool, "heron"))?.document as JobDocument;
    await change(pool, "heron", [rename(document, "Changed")]);
    const before = await loadJob(pool, "heron");
    expect(await removeJob(pool, "heron")).toBe(true);
    expect(await removeJob(pool, "heron")).toBe(false);
    expect([await loadJob(pool, "heron"), await listJobs(pool), await newsSince(pool, "heron", 0)]).toEqual([
      null,
      [],
      null,
    ]);
    const refused = await applyChange(pool, "heron", {
      key: nanoid(),
      person: "Kim",
      base: 1,
      label: "into the bin",
      ops: [rename(document, "No")],
    });
    expect(refused).toEqual({ ok: false, code: "no-job" });
    expect(await stepHistory(pool, "heron", "undo", "Robin", nanoid())).toEqual({ ok: false, code: "no-job" });

    const [binned] = await listBin(pool);
    expect(binned).toMatchObject({ id: "heron", name: "Changed" });
    expect(Date.parse(binned?.keptUntil ?? "") - Date.parse(binned?.removedAt ?? "")).toBe(30 * 86_400_000);
    expect(Math.abs(Date.parse(binned?.removedAt ?? "") - Date.now())).toBeLessThan(60_000);
    expect(await isKept(pool, "heron")).toBe(true);
    expect(await putBack(pool, "heron")).toBe(true);
    expect(await putBack(pool, "heron")).toBe(false);
    expect(await loadJob(pool, "heron")).toEqual(before);
    expect(await stepHistory(pool, "heron", "undo", "Robin", nanoid())).toMatchObject({ ok: true });
  });
  test("only what lies in it can be deleted for good", async () => {
    expect(await deleteForGood(pool, "heron")).toBe(false);
    expect(await loadJob(pool, "heron")).not.toBeNull();
    await removeJob(pool, "heron");
    expect(await deleteForGood(pool, "heron")).toBe(true);
    expect(await isKept(pool, "heron")).toBe(false);
    expect(Object.values(await everything(pool)).flat()).toEqual([]);
  });
  test("keeps a job for thirty days, and no longer", async () => {
    await createJob(pool, EMPTY, "other");
    await removeJob(pool, "heron");
    await removeJob(pool, "other");
    await pool.query("UPDATE job SET removed_at = removed_at - INTERVAL 29 DAY WHERE id = 'other'");
    await pool.query("UPDATE job SET removed_at = removed_at - INTERVAL 31 DAY WHERE id = 'heron'");
    expect((await listBin(pool)).map(({ id }) => id)).toEqual(["other"]);
    expect([await isKept(pool, "heron"), await isKept(pool, "other")]).toEqual([false, true]);
  });
});

describe("a database that cannot be used as it is", () => {
  test("one of another version, one that is set to take no changes, and one that lets us not in are told as that", async () => {
    const pool = await emptyDatabase("unfit");
    await expect(loadJob(pool, "x")).rejects.toMatchObject({ fault: "unfit" });
    await migrate(pool);
    await pool.query("ALTER TABLE job DROP COLUMN epoch");
    await expect(createJob(pool, EMPTY)).rejects.toMatchObject({ fault: "unfit" });
    const stranger = new URL(url);
    stranger.password = "wrong";
    const locked = makePool(stranger.href);
    opened.push(locked);
    await expect(createJob(locked, EMPTY)).rejects.toMatchObject({ fault: "unfit" });
    await migrate(await emptyDatabase("unchanging"));
    const unchanging = makePool(new URL("/pantograph_unchanging", url).href);
    opened.push(unchanging);
    unchanging.pool.on("connection", (connection) => connection.query("SET SESSION TRANSACTION READ ONLY"));
    await expect(createJob(unchanging, EMPTY)).rejects.toMatchObject({ fault: "unfit" });
  });
});

describe("settings that would lose or bend something without a word", () => {
  const good = {
    version: "10.11.6-MariaDB-0+deb12u1",
    mode: "STRICT_TRANS_TABLES,ERROR_FOR_DIVISION_BY_ZERO",
    keysHeld: 1,
    checksHeld: 1,
    uniqueHeld: 1,
    flush: 1,
    packet: 134_217_728,
  };
  test("none are found in good ones", () => {
    for (const version of [good.version, "10.6.0-MariaDB", "5.5.5-11.4.2-MariaDB", "12.0.1-MariaDB-log"])
      expect(faultsOf({ ...good, version }), version).toEqual([]);
    expect(faultsOf({ ...good, mode: "STRICT_ALL_TABLES" })).toEqual([]);
  });
  test.each([
    [{ mode: "" }, /sql_mode/],
    [{ mode: "NO_ENGINE_SUBSTITUTION" }, /sql_mode/],
    [{ keysHeld: 0 }, /foreign_key_checks/],
    [{ checksHeld: 0 }, /check_constraint_checks/],
    [{ uniqueHeld: 0 }, /unique_checks/],
    [{ flush: 2 }, /innodb_flush_log_at_trx_commit/],
    [{ packet: 16_777_216 }, /max_allowed_packet/],
    [{ version: "10.5.23-MariaDB" }, /MariaDB 10\.6/],
    [{ version: "8.0.36" }, /MariaDB 10\.6/],
  ])("%o is told with its cure", (part, cure) => {
    const faults = faultsOf({ ...good, ...part });
    expect(faults).toHaveLength(1);
    expect(faults[0]?.cure).toMatch(cure);
  });
  test("a database that is set so is refused before anything is made in it", async () => {
    const pool = await emptyDatabase("loose");
    pool.pool.on("connection", (connection) => connection.query("SET SESSION sql_mode = ''"));
    await expect(migrate(pool)).rejects.toThrow(/not strict[\s\S]*STRICT_TRANS_TABLES/);
    const [tables] = await pool.query<RowDataPacket[]>("SHOW TABLES");
    expect(tables).toEqual([]);
  });
});
