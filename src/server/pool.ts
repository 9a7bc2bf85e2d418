import mysql, { type Pool, type PoolConnection } from "mysql2/promise";
import { asDatabaseError, DatabaseError } from "./errors";

/** A pool or one of its connections inside a transaction: whatever can run a statement. */
export type Db = Pick<Pool, "query">;

const holder = globalThis as { pantographPool?: Pool };

/**
 * The process's pool; made at first use from `DATABASE_URL`. Kept on `globalThis`, since the framework may load this
 * file twice.
 */
export function pool(): Pool {
  holder.pantographPool ??= makePool(process.env.DATABASE_URL ?? "mysql://pantograph@127.0.0.1:33306/pantograph");
  return holder.pantographPool;
}

export function makePool(url: string): Pool {
  return mysql.createPool({
    uri: url,
    connectionLimit: 8,
    maxIdle: 8,
    idleTimeout: 30_000,
    connectTimeout: 3_000,
    charset: "utf8mb4_bin",
    timezone: "Z",
    dateStrings: true,
    supportBigNumbers: true,
    enableKeepAlive: true,
  });
}

const RETRIES = 5;

/**
 * Runs `work` in one transaction at READ COMMITTED: what must not change under it, it locks itself. A deadlock is tried
 * again from the start; any other fault rolls back and is told as one of our kinds.
 */
export async function transaction<T>(on: Pool, work: (db: PoolConnection) => Promise<T>): Promise<T> {
  for (let attempt = 1; ; attempt += 1) {
    try {
      return await once(on, work);
    } catch (error) {
      const known = asDatabaseError(error);
      if (!(known instanceof DatabaseError && known.fault === "deadlock") || attempt >= RETRIES) throw known;
      // A growing, uneven pause, so that two that met once do not meet again at once.
      await new Promise((resolve) => setTimeout(resolve, attempt * 20 + Math.random() * 30));
    }
  }
}

async function once<T>(on: Pool, work: (db: PoolConnection) => Promise<T>): Promise<T> {
  const connection = await on.getConnection();
  try {
    await connection.query("SET TRANSACTION ISOLATION LEVEL READ COMMITTED");
    await connection.beginTransaction();
    const result = await work(connection);
    await connection.commit();
    connection.release();
    return result;
  } catch (error) {
    // A connection that cannot even roll back is of no more use to the pool.
    await connection.rollback().then(
      () => connection.release(),
      () => connection.destroy(),
    );
    throw error;
  }
}

/** Runs a read outside of a transaction, its driver errors told as ours. */
export async function reading<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (error) {
    throw asDatabaseError(error);
  }
}
