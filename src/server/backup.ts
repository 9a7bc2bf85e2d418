import { createHash } from "node:crypto";
import { createWriteStream } from "node:fs";
import { mkdir, open, rename, rm } from "node:fs/promises";
import path from "node:path";
import { Readable } from "node:stream";
import { pipeline } from "node:stream/promises";
import { createGzip } from "node:zlib";
import type { Connection as StreamingConnection } from "mysql2";
import type { Pool, PoolConnection, RowDataPacket } from "mysql2/promise";
import { TABLES } from "@/job/schema";
import { migrationsRun } from "./migrations";

/**
 * Everything in one file, its history and bin too: gzipped lines of JSON. The first says what it is and which
 * migrations its rows have seen; a line with a table's name and columns goes before the rows of each table, each a list
 * of values as the database has them; the last carries the SHA-256 of all lines before it.
 */
export const FORMAT = "pantograph-backup/1";

/** Parents before what refers to them. */
export const KEPT_TABLES = [...Object.keys(TABLES), "edit"];

export interface Counted {
  readonly rows: number;
  readonly jobs: number;
}

/**
 * Writes everything to a file, as it stands at one moment, while people work on. The file is there only once it is
 * whole.
 */
export async function backUp(on: Pool, file: string): Promise<Counted> {
  await mkdir(path.dirname(path.resolve(file)), { recursive: true });
  const half = `${file}.part`;
  const connection = await on.getConnection();
  const counted = { rows: 0, jobs: 0 };
  try {
    await connection.query("SET SESSION max_statement_time = 0");
    await connection.query("SET TRANSACTION ISOLATION LEVEL REPEATABLE READ");
    await connection.query("START TRANSACTION WITH CONSISTENT SNAPSHOT, READ ONLY");
    await pipeline(Readable.from(linesOf(connection, counted)), createGzip(), createWriteStream(half, { mode: 0o600 }));
    const written = await open(half, "r+");
    await written.sync();
    await written.close();
    await rename(half, file);
    return counted;
  } finally {
    await rm(half, { force: true });
    // Its session settings are its own; the pool makes another.
    connection.destroy();
  }
}

async function* linesOf(connection: PoolConnection, counted: { rows: number; jobs: number }): AsyncGenerator<string> {
  const sum = createHash("sha256");
  const line = (value: unknown) => {
    const text = `${JSON.stringify(value)}\n`;
    sum.update(text);
    return text;
  };
  yield line({ format: FORMAT, migrations: await migrationsRun(connection), madeAt: new Date().toISOString() });
  for (const table of KEPT_TABLES) {
    const columns = await columnsOf(connection, table);
    if (columns.length === 0) continue;
    yield line({ table, columns });
    // Row by row, so that a large job needs no memory of its own.
    const rows = streaming(connection)
      .query({ sql: `SELECT ${columns.join(", ")} FROM ${table}`, rowsAsArray: true })
      .stream({ highWaterMark: 200 }) as AsyncIterable<unknown[]>;
    for await (const row of rows) {
      counted.rows += 1;
      if (table === "job") counted.jobs += 1;
      yield line(row);
    }
  }
  yield `${JSON.stringify({ end: true, sha256: sum.digest("hex") })}\n`;
}

/** The driver's own connection, which alone gives rows as they come; its types name another. */
const streaming = (connection: PoolConnection) => connection.connection as unknown as StreamingConnection;

/** Columns that hold values of their own; none where the table is not there yet. */
export async function columnsOf(connection: PoolConnection, table: string): Promise<string[]> {
  const [rows] = await connection.query<RowDataPacket[]>(
    `SELECT column_name AS name FROM information_schema.columns
      WHERE table_schema = DATABASE() AND table_name = ? AND is_generated = 'NEVER' ORDER BY ordinal_position`,
    [table],
  );
  return rows.map((row) => String(row.name));
}
