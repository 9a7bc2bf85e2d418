import { createHash } from "node:crypto";
import { createReadStream } from "node:fs";
import { createGunzip } from "node:zlib";
import type { Pool, PoolConnection } from "mysql2/promise";
import { nanoid } from "nanoid";
import { z } from "zod";
import { type Counted, columnsOf, FORMAT, KEPT_TABLES } from "./backup";
import { CannotServe } from "./errors";
import { aloneWith, followUp, migrationNames } from "./migrations";

const Head = z.object({ format: z.literal(FORMAT), migrations: z.array(z.string()), madeAt: z.string() });
const TableLine = z.object({
  table: z.enum(KEPT_TABLES as [string, ...string[]]),
  columns: z.array(z.string()).min(1),
});
const Row = z.array(z.union([z.string(), z.number(), z.null()]));
const End = z.object({ end: z.literal(true), sha256: z.string() });

/**
 * Replaces everything by what a file holds, in one transaction: stopped anywhere, all is as it was. Every job gets
 * another epoch, so that pages that have seen more of it load it anew.
 */
export async function restore(on: Pool, file: string): Promise<Counted> {
  const head = await checked(file);
  const names = await migrationNames();
  const later = head.migrations.filter((name) => !names.includes(name));
  if (later.length > 0)
    throw new CannotServe([
      {
        message: `${file} was made by a newer version of this application (${later.join(", ")}).`,
        cure: "Restore it with that version, or update this one.",
      },
    ]);
  const connection = await on.getConnection();
  try {
    return await aloneWith(connection, async () => {
      await connection.query("SET SESSION max_statement_time = 0, innodb_lock_wait_timeout = 60");
      await connection.beginTransaction();
      await connection.query("SELECT id FROM job FOR UPDATE");
      for (const table of KEPT_TABLES.toReversed()) await connection.query(`DELETE FROM ${table}`);
      const counted = await insertAll(connection, file);
      // What the rows have not seen yet.
      for (const name of names) if (!head.migrations.includes(name)) await followUp(connection, name);
      await connection.query("UPDATE job SET epoch = ?", [nanoid(12)]);
      await connection.commit();
      return counted;
    });
  } finally {
    connection.destroy();
  }
}

/** Rows, and bytes of them, that one INSERT takes at most. */
const BATCH_ROWS = 400;
const BATCH_BYTES = 4_000_000;

async function insertAll(connection: PoolConnection, file: string): Promise<Counted> {
  const counted = { rows: 0, jobs: 0 };
  let into: z.infer<typeof TableLine> | null = null;
  let known: ReadonlySet<string> = new Set();
  let batch: unknown[][] = [];
  let bytes = 0;
  const flush = async () => {
    if (into !== null && batch.length > 0)
      await connection.query(`INSERT INTO ${into.table} (${into.columns.join(", ")}) VALUES ?`, [batch]);
    batch = [];
    bytes = 0;
  };
  for await (const line of textLines(file)) {
    const value: unknown = JSON.parse(line);
    if (Array.isArray(value)) {
      batch.push(value);
      bytes += line.length;
      counted.rows += 1;
      if (into?.table === "job") counted.jobs += 1;
      if (batch.length >= BATCH_ROWS || bytes >= BATCH_BYTES) await flush();
      continue;
    }
    await flush();
    const table = TableLine.safeParse(value);
    if (!table.success) continue;
    into = table.data;
    known = new Set(await columnsOf(connection, into.table));
    // Names of columns come from a file: only those that are there are ever part of a statement.
    const unknown = into.columns.filter((column) => !known.has(column));
    if (unknown.length > 0) throw unreadable(file, `${into.table} has no column ${unknown.join(", ")}`);
  }
  return counted;
}

/** Reads a backup to its end before anything is touched; answers its head. */
async function checked(file: string): Promise<z.infer<typeof Head>> {
  const sum = createHash("sha256");
  let head: z.infer<typeof Head> | null = null;
  let end: z.infer<typeof End> | null = null;
  try {
    for await (const line of textLines(file)) {
      const value: unknown = JSON.parse(line);
      if (end !== null) throw new Error("more follows its end");
      if (head === null) head = Head.parse(value);
      else if (Array.isArray(value)) Row.parse(value);
      else if (End.safeParse(value).success) end = End.parse(value);
      else TableLine.parse(value);
      if (end === null) sum.update(`${line}\n`);
    }
  } catch (error) {
    throw unreadable(file, (error as Error).message.split("\n")[0] ?? "");
  }
  if (head === null) throw unreadable(file, "it is empty");
  if (end === null) throw unreadable(file, "its end is missing");
  if (end.sha256 !== sum.digest("hex")) throw unreadable(file, "it was changed since it was made");
  return head;
}

const unreadable = (file: string, why: string) =>
  new CannotServe([
    {
      message: `${file} cannot be restored: ${why}. Nothing was changed.`,
      cure: "Choose a file that `npm run backup` wrote, whole; copy it again where it was copied.",
    },
  ]);

async function* textLines(file: string): AsyncGenerator<string> {
  const packed = createReadStream(file);
  const text = packed.pipe(createGunzip()).setEncoding("utf8");
  // A pipe does not hand on what goes wrong before it.
  packed.on("error", (error) => text.destroy(error));
  let line: string[] = [];
  for await (const part of text as AsyncIterable<string>) {
    const [rest = "", ...more] = part.split("\n");
    line.push(rest);
    for (const next of more) {
      yield line.join("");
      line = [next];
    }
  }
  if (line.some((rest) => rest !== "")) yield line.join("");
}
