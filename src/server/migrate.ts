import path from "node:path";
import type { Pool, PoolConnection, RowDataPacket } from "mysql2/promise";
import { backUp } from "./backup";
import { CannotServe } from "./errors";
import { aloneWith, followUp, migrationNames, migrationsRun, statementsOf } from "./migrations";
import { databaseFaults } from "./settings";

interface Migrating {
  /** Where to a backup goes before anything is changed that somebody works with; null takes none. */
  readonly backups: string | null;
  /** The last migration to run; the newest where left out. */
  readonly upTo?: string;
  /** Called before each statement: what it throws stops everything there. */
  readonly before?: (statement: string) => void;
}

/**
 * Brings the database to the newest schema; answers what it ran. Safe to run from several processes at once, and after
 * having been stopped anywhere: each statement does nothing where it was done already, and a migration is noted when all
 * of it is. Throws `CannotServe` for a database that this version must not work on.
 */
export async function migrate(pool: Pool, options: Migrating = { backups: null }): Promise<string[]> {
  const connection = await pool.getConnection();
  try {
    return await aloneWith(connection, () => bringUpToDate(pool, connection, options));
  } finally {
    connection.release();
  }
}

async function bringUpToDate(pool: Pool, connection: PoolConnection, options: Migrating): Promise<string[]> {
  const faults = await databaseFaults(connection);
  if (faults.length > 0) throw new CannotServe(faults);
  await connection.query(
    "CREATE TABLE IF NOT EXISTS migration (name VARCHAR(200) NOT NULL PRIMARY KEY, run_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3))",
  );
  const names = await migrationNames();
  const done = await migrationsRun(connection);
  const later = done.filter((name) => !names.includes(name));
  if (later.length > 0)
    throw new CannotServe([
      {
        message: `The database was made by a newer version of this application (${later.join(", ")}).`,
        cure: "Start that version; or name another database and restore a backup there that this version made.",
      },
    ]);
  const wanted = names.filter((name) => !done.includes(name) && name <= (options.upTo ?? name));
  const [newest] = wanted.toReversed();
  if (newest === undefined) return [];
  if (options.backups !== null && (await hasJobs(connection)))
    await backUp(pool, path.join(options.backups, `before-${newest.replace(".sql", "")}-${fileTime()}.jsonl.gz`));
  // A large table may be long in changing.
  await connection.query("SET SESSION max_statement_time = 0");
  for (const name of wanted)
    for (const statement of await statementsOf(name)) {
      options.before?.(statement);
      await connection.query(statement);
    }
  for (const name of wanted) {
    options.before?.(`what follows ${name}`);
    await connection.beginTransaction();
    await followUp(connection, name);
    await connection.query("INSERT INTO migration (name) VALUES (?)", [name]);
    await connection.commit();
  }
  return wanted;
}

async function hasJobs(connection: PoolConnection): Promise<boolean> {
  const [tables] = await connection.query<RowDataPacket[]>("SHOW TABLES LIKE 'job'");
  if (tables.length === 0) return false;
  const [rows] = await connection.query<RowDataPacket[]>("SELECT 1 FROM job LIMIT 1");
  return rows.length > 0;
}

/** A time that can stand in a file's name. */
export const fileTime = () => new Date().toISOString().replace(/[:.]/g, "-");
