import { readdir, readFile } from "node:fs/promises";
import path from "node:path";
import type { Pool, PoolConnection, RowDataPacket } from "mysql2/promise";
import { addTableWires } from "./table-wires";

/** What a step needs beyond its SQL, since a rule of the job's own decides it. */
const THEN: Readonly<Record<string, (db: PoolConnection) => Promise<void>>> = { "005-wires.sql": addTableWires };

const FOLDER = path.join(process.cwd(), "src/server/migrations");

/** Brings the database to the newest schema; safe to run from several processes at once. Answers what it ran. */
export async function migrate(pool: Pool): Promise<string[]> {
  const connection = await pool.getConnection();
  try {
    await connection.query("SELECT GET_LOCK('pantograph-migrations', 60)");
    await connection.query(
      "CREATE TABLE IF NOT EXISTS migration (name VARCHAR(200) NOT NULL PRIMARY KEY, run_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3))",
    );
    const [rows] = await connection.query<RowDataPacket[]>("SELECT name FROM migration");
    const done = new Set(rows.map((row) => String(row.name)));
    const files = (await readdir(FOLDER)).filter((file) => file.endsWith(".sql") && !done.has(file)).sort();
    for (const file of files) {
      const sql = await readFile(path.join(FOLDER, file), "utf8");
      for (const statement of sql
        .split(/;\s*(?:\n|$)/)
        .map((part) => part.trim())
        .filter((part) => part !== ""))
        await connection.query(statement);
      await THEN[file]?.(connection);
      await connection.query("INSERT INTO migration (name) VALUES (?)", [file]);
    }
    return files;
  } finally {
    await connection.query("SELECT RELEASE_LOCK('pantograph-migrations')").catch(() => undefined);
    connection.release();
  }
}
