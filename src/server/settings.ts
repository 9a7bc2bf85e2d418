import type { RowDataPacket } from "mysql2/promise";
import type { ServeFault } from "./errors";
import type { Db } from "./pool";

/** From this MariaDB on a change of a table is made whole or not at all, also where it is killed in its middle. */
const LEAST_VERSION = [10, 6] as const;
/** A change of as many rows as we take, written as one statement of ours, with room, bytes. */
const LEAST_PACKET = 64_000_000;

/** What of a database's settings would lose or bend values without a word, each with its cure. */
export async function databaseFaults(db: Db): Promise<ServeFault[]> {
  const [rows] = await db.query<RowDataPacket[]>(
    `SELECT VERSION() AS version, @@SESSION.sql_mode AS mode, @@SESSION.foreign_key_checks AS keysHeld,
            @@SESSION.check_constraint_checks AS checksHeld, @@SESSION.unique_checks AS uniqueHeld,
            @@GLOBAL.innodb_flush_log_at_trx_commit AS flush, @@GLOBAL.max_allowed_packet AS packet`,
  );
  return faultsOf((rows[0] ?? {}) as Settings);
}

export interface Settings {
  readonly version: string;
  readonly mode: string;
  readonly keysHeld: number;
  readonly checksHeld: number;
  readonly uniqueHeld: number;
  readonly flush: number;
  readonly packet: number;
}

export function faultsOf(settings: Settings): ServeFault[] {
  const faults: ServeFault[] = [];
  const modes = settings.mode.split(",");
  if (!isLate(settings.version))
    faults.push({
      message: `The database is “${settings.version}”; a change of schema that is killed there stays half.`,
      cure: `Use MariaDB ${LEAST_VERSION.join(".")} or newer.`,
    });
  if (!modes.includes("STRICT_TRANS_TABLES") && !modes.includes("STRICT_ALL_TABLES"))
    faults.push({
      message: "The database is not strict: it would cut off or bend values that do not fit, without a word.",
      cure: "Set sql_mode to include STRICT_TRANS_TABLES (its default) in the database's configuration.",
    });
  for (const [setting, held] of [
    ["foreign_key_checks", settings.keysHeld],
    ["check_constraint_checks", settings.checksHeld],
    ["unique_checks", settings.uniqueHeld],
  ] as const)
    if (Number(held) !== 1)
      faults.push({
        message: `The database does not hold the rules of its tables (${setting} is off).`,
        cure: `Set ${setting} to 1 (its default) in the database's configuration.`,
      });
  if (Number(settings.flush) !== 1)
    faults.push({
      message: "The database says that a change is written before it is: a power cut would lose it.",
      cure: "Set innodb_flush_log_at_trx_commit to 1 (its default) in the database's configuration.",
    });
  if (Number(settings.packet) < LEAST_PACKET)
    faults.push({
      message: `The database takes statements of ${Math.floor(Number(settings.packet) / 1e6)} MB at most; a large table would be refused.`,
      cure: "Set max_allowed_packet to 128M in the database's configuration.",
    });
  return faults;
}

function isLate(version: string): boolean {
  const [, major = "0", minor = "0"] = /^(\d+)\.(\d+)/.exec(version.replace(/^5\.5\.5-/, "")) ?? [];
  return (
    /mariadb/i.test(version) &&
    (Number(major) > LEAST_VERSION[0] || (Number(major) === LEAST_VERSION[0] && Number(minor) >= LEAST_VERSION[1]))
  );
}
