import { statfs } from "node:fs/promises";
import type { Pool, RowDataPacket } from "mysql2/promise";
import { DatabaseError } from "./errors";

/**
 * What must be free on the database's disk before anything is written, bytes. MariaDB does not get over a disk that
 * fills up in the middle of a change: it ends, and does not start again before there is room. An import of 60,000 rows
 * takes some 200 MB, its history and the database's own log among them.
 */
const LEAST_ROOM = { small: 32_000_000, large: 256_000_000 } as const;

/** How long what was seen of the disk holds, ms. */
const SEEN_FOR_MS = 1_000;
const seen = new WeakMap<Pool, { readonly at: number; readonly free: Promise<number> }>();

/** Throws `full` where the database's disk has too little room left. Of a disk of another machine nothing is known. */
export async function needRoom(on: Pool, size: keyof typeof LEAST_ROOM): Promise<void> {
  const now = Date.now();
  let last = seen.get(on);
  if (last === undefined || now - last.at > SEEN_FOR_MS) {
    last = { at: now, free: freeBytes(on) };
    seen.set(on, last);
  }
  const free = await last.free;
  if (free < LEAST_ROOM[size]) throw new DatabaseError("full", new Error(`${Math.round(free / 1e6)} MB are left`));
}

async function freeBytes(on: Pool): Promise<number> {
  const unknown = Number.POSITIVE_INFINITY;
  try {
    const [rows] = await on.query<RowDataPacket[]>(
      "SELECT @@datadir AS folder, SUBSTRING_INDEX(USER(), '@', -1) AS peer",
    );
    const [row] = rows;
    // The folder is on this machine where the database sees us come from it.
    if (!/^(127\.|::1$|localhost$)/.test(String(row?.peer))) return unknown;
    const { bavail, bsize } = await statfs(String(row?.folder));
    return bavail * bsize;
  } catch {
    // What is wrong with the database is told by the work itself.
    return unknown;
  }
}
