import { readdir, readFile } from "node:fs/promises";
import path from "node:path";
import type { PoolConnection, RowDataPacket } from "mysql2/promise";
import { CannotServe } from "./errors";
import { addTableWires } from "./table-wires";

/** What a step needs beyond its SQL, since a rule of the job's own decides it. It finds the newest schema. */
const THEN: Readonly<Record<string, (db: PoolConnection) => Promise<void>>> = { "005-wires.sql": addTableWires };

const FOLDER = path.join(process.cwd(), "src/server/migrations");

export const migrationNames = async (): Promise<string[]> =>
  (await readdir(FOLDER)).filter((file) => file.endsWith(".sql")).sort();

/** Those that the database has behind it. */
export async function migrationsRun(connection: PoolConnection): Promise<string[]> {
  const [rows] = await connection.query<RowDataPacket[]>("SELECT name FROM migration ORDER BY name");
  return rows.map((row) => String(row.name));
}

/** A migration's statements; each does nothing where it was done already. */
export async function statementsOf(name: string): Promise<string[]> {
  const sql = await readFile(path.join(FOLDER, name), "utf8");
  return sql
    .split(/;\s*(?:\n|$)/)
    .map((part) => part.trim())
    .filter((part) => part !== "");
}

/** What follows a migration beyond its SQL. */
export async function followUp(connection: PoolConnection, name: string): Promise<void> {
  await THEN[name]?.(connection);
}

/** One at a time changes schema or everything: others wait, and are told when that takes too long. */
export async function aloneWith<T>(connection: PoolConnection, work: () => Promise<T>): Promise<T> {
  const [locks] = await connection.query<RowDataPacket[]>(
    "SELECT GET_LOCK(CONCAT('pantograph ', DATABASE()), 60) AS got",
  );
  if (Number(locks[0]?.got) !== 1)
    throw new CannotServe([
      {
        message: "Another process has been changing this database for more than a minute.",
        cure: "Wait until it has ended, then start again.",
      },
    ]);
  try {
    return await work();
  } catch (error) {
    await connection.rollback().catch(() => undefined);
    throw error;
  } finally {
    await connection.query("SELECT RELEASE_LOCK(CONCAT('pantograph ', DATABASE()))").catch(() => undefined);
  }
}
