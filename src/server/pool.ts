import mysql, { type Pool, type PoolConnection } from "mysql2/promise";
import { asDatabaseError, DatabaseError, type DatabaseFault } from "./errors";
import { needRoom } from "./room";

/** A pool or one of its connections inside a transaction: whatever can run a statement. */
export type Db = Pick<Pool, "query">;

const holder = globalThis as { pantographPool?: Pool; pantographHealth?: Pool };
const databaseUrl = () => process.env.DATABASE_URL ?? "mysql://pantograph@127.0.0.1:33306/pantograph";

/**
 * The process's pool; made at first use from `DATABASE_URL`. Kept on `globalThis`, since the framework may load this
 * file twice.
 */
export function pool(): Pool {
  holder.pantographPool ??= makePool(databaseUrl());
  return holder.pantographPool;
}

/** Whether the database answers, asked on a connection that no work ever holds; throws where it does not. */
export async function answers(): Promise<void> {
  holder.pantographHealth ??= makePool(databaseUrl(), 1);
  const { pantographHealth: own } = holder;
  try {
    await within(HEALTH_MS, own.query("SELECT 1"));
  } catch (error) {
    // One that stands still would be waited for by whoever asks next.
    holder.pantographHealth = undefined;
    own.pool.end(() => undefined);
    throw asDatabaseError(error);
  }
}
const HEALTH_MS = 2_000;

/** So many may wait for a connection; more are told at once that the database is busy, and ask again. */
const MOST_WAITING = 200;
/** What the database itself gives up after, s: a lock that another holds, and one statement. */
const LOCK_SECONDS = 3;
const STATEMENT_SECONDS = 60;

export function makePool(url: string, connections = 8): Pool {
  const made = mysql.createPool({
    uri: url,
    connectionLimit: connections,
    queueLimit: MOST_WAITING,
    maxIdle: connections,
    idleTimeout: 30_000,
    connectTimeout: 3_000,
    charset: "utf8mb4_bin",
    timezone: "Z",
    dateStrings: true,
    // As they are stored: what is only passed on is not read in between.
    jsonStrings: true,
    supportBigNumbers: true,
    enableKeepAlive: true,
  });
  made.pool.on("connection", (connection) =>
    connection.query(
      `SET SESSION innodb_lock_wait_timeout = ${LOCK_SECONDS}, max_statement_time = ${STATEMENT_SECONDS}`,
      // A connection that cannot take this cannot take what follows, which then tells it.
      () => undefined,
    ),
  );
  return made;
}

/** How long a database that says nothing is waited for, ms: in all for small work, and for work of many rows. */
const DEADLINE_MS = { small: 7_000, large: 120_000 } as const;
/** The same for one statement of large work: a batch of rows, or the reading of one table. */
const STATEMENT_MS = 20_000;
export type Size = keyof typeof DEADLINE_MS;

/** Gives up on a database that stands still: it is told as one that is away. */
async function within<T>(
  ms: number,
  work: Promise<T>,
  late: () => void = () => undefined,
  fault: DatabaseFault = "down",
): Promise<T> {
  let timer: NodeJS.Timeout | undefined;
  const deadline = new Promise<never>((_, reject) => {
    timer = setTimeout(() => {
      late();
      reject(new DatabaseError(fault, new Error(`no answer within ${ms / 1000} s`)));
    }, ms);
  });
  try {
    return await Promise.race([work, deadline]);
  } finally {
    clearTimeout(timer);
  }
}

/** Of one job so much is done at once: who waits for its lock must not take every connection from all others. */
const PER_JOB = 3;
const busy = new Map<string, { running: number; readonly waiting: (() => void)[] }>();

async function inTurn<T>(jobId: string, work: () => Promise<T>): Promise<T> {
  const turn = busy.get(jobId) ?? { running: 0, waiting: [] };
  busy.set(jobId, turn);
  if (turn.running < PER_JOB) turn.running += 1;
  // Whoever ends hands its place on.
  else await itsTurn(turn.waiting);
  try {
    return await work();
  } finally {
    const next = turn.waiting.shift();
    if (next !== undefined) next();
    else turn.running -= 1;
    if (turn.running === 0) busy.delete(jobId);
  }
}

/** Waits among others; who is told that it takes too long waits no more, and asks again. */
async function itsTurn(waiting: (() => void)[]): Promise<void> {
  let mine: () => void = () => undefined;
  const turn = new Promise<void>((resolve) => {
    mine = resolve;
  });
  waiting.push(mine);
  await within(
    DEADLINE_MS.small,
    turn,
    () => {
      const at = waiting.indexOf(mine);
      if (at >= 0) waiting.splice(at, 1);
    },
    "busy",
  );
}

const RETRIES = 5;

/**
 * Runs `work` on one job in one transaction at READ COMMITTED: what must not change under it, it locks itself. A
 * deadlock is tried again from the start; any other fault rolls back and is told as one of our kinds.
 */
export const transaction = <T>(
  on: Pool,
  jobId: string,
  work: (db: PoolConnection) => Promise<T>,
  size: Size = "small",
): Promise<T> =>
  inTurn(jobId, async () => {
    await within(DEADLINE_MS.small, needRoom(on, size));
    return tried(on, work, size);
  });

/** The same for what only reads, which a full disk does not stop. */
export const readTransaction = <T>(on: Pool, jobId: string, work: (db: PoolConnection) => Promise<T>): Promise<T> =>
  inTurn(jobId, () => tried(on, work, "large"));

async function tried<T>(on: Pool, work: (db: PoolConnection) => Promise<T>, size: Size): Promise<T> {
  for (let attempt = 1; ; attempt += 1) {
    try {
      return await once(on, work, size);
    } catch (error) {
      const known = asDatabaseError(error);
      if (!(known instanceof DatabaseError && known.fault === "deadlock") || attempt >= RETRIES) throw known;
      // A growing, uneven pause, so that two that met once do not meet again at once.
      await new Promise((resolve) => setTimeout(resolve, attempt * 20 + Math.random() * 30));
    }
  }
}

async function once<T>(on: Pool, work: (db: PoolConnection) => Promise<T>, size: Size): Promise<T> {
  const connection = await connected(on);
  let isLate = false;
  const late = () => {
    isLate = true;
    connection.destroy();
  };
  const begin = async () => {
    await connection.query("SET TRANSACTION ISOLATION LEVEL READ COMMITTED");
    await connection.beginTransaction();
  };
  const finish = async () => {
    const result = await work(eachInTime(connection, late));
    await connection.commit();
    return result;
  };
  try {
    // However much there is to do, a database that stands still is known by not even beginning.
    await within(DEADLINE_MS.small, begin(), late);
    const result = await within(DEADLINE_MS[size], finish(), late);
    connection.release();
    return result;
  } catch (error) {
    if (isLate) throw error;
    // A connection that cannot even roll back is of no more use to the pool.
    await connection.rollback().then(
      () => connection.release(),
      () => connection.destroy(),
    );
    throw error;
  }
}

/** The same connection, whose every statement has a deadline: a database may stand still in the middle of large work. */
function eachInTime(connection: PoolConnection, late: () => void): PoolConnection {
  const query = (...asked: Parameters<PoolConnection["query"]>) =>
    within(STATEMENT_MS, connection.query(...asked), late);
  return Object.assign(Object.create(connection) as PoolConnection, { query });
}

/** A connection of the pool; one that comes too late for who asked goes back to it. */
function connected(on: Pool): Promise<PoolConnection> {
  let isLate = false;
  const asked = on.getConnection();
  asked.then(
    (connection) => {
      if (isLate) connection.release();
    },
    () => undefined,
  );
  return within(DEADLINE_MS.small, asked, () => {
    isLate = true;
  });
}

/** Runs a read outside of a transaction, its driver errors told as ours. */
export async function reading<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await within(DEADLINE_MS.small, work());
  } catch (error) {
    throw asDatabaseError(error);
  }
}
