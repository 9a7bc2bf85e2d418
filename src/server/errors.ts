/** The few kinds that driver errors become. Everything else is a bug and stays as it is. */
export type DatabaseFault =
  | "down"
  | "deadlock"
  | "duplicate"
  | "in-use"
  | "dangling"
  | "check"
  | "full"
  | "busy"
  | "unfit";

export class DatabaseError extends Error {
  constructor(
    readonly fault: DatabaseFault,
    cause: unknown,
  ) {
    super(`database: ${fault}: ${(cause as Error)?.message ?? ""}`, { cause });
  }
}

const BY_CODE: Readonly<Record<string, DatabaseFault>> = {
  ECONNREFUSED: "down",
  ECONNRESET: "down",
  ENOENT: "down",
  ETIMEDOUT: "down",
  EPIPE: "down",
  PROTOCOL_CONNECTION_LOST: "down",
  ER_CON_COUNT_ERROR: "down",
  ER_SERVER_SHUTDOWN: "down",
  ER_NEW_ABORTING_CONNECTION: "down",
  ER_CONNECTION_KILLED: "down",
  ER_QUERY_INTERRUPTED: "down",
  ER_STATEMENT_TIMEOUT: "down",
  POOL_CLOSED: "down",
  ER_LOCK_DEADLOCK: "deadlock",
  // Another holds it for long: to wait as long once more helps nobody.
  ER_LOCK_WAIT_TIMEOUT: "busy",
  ER_CHECKREAD: "deadlock",
  ER_DUP_ENTRY: "duplicate",
  ER_ROW_IS_REFERENCED_2: "in-use",
  ER_ROW_IS_REFERENCED: "in-use",
  ER_NO_REFERENCED_ROW_2: "dangling",
  ER_NO_REFERENCED_ROW: "dangling",
  ER_DATA_TOO_LONG: "check",
  ER_TRUNCATED_WRONG_VALUE_FOR_FIELD: "check",
};

/**
 * It is there, and cannot be used as it is: it takes no changes, lets us not in, or its tables are those of another
 * version. By number: read-only, access denied, no such database, table, column, no such right.
 */
const UNFIT: ReadonlySet<number> = new Set([1290, 1792, 1836, 1044, 1045, 1698, 1049, 1146, 1054, 1142, 1143, 1227]);

/** MariaDB's own number for a broken CHECK, which the driver names after another server's table of errors. */
const CHECK_FAILED = 4025;
/** No more room for a table, a record, a temporary file or a write, by number: the driver names some otherwise. */
const FULL: ReadonlySet<number> = new Set([1021, 1026, 1114]);
/** The operating system's own number of it, as the database tells it. */
const NO_SPACE = /err(no|code): 28\b|No space left/i;

const byNumber = (errno = 0): DatabaseFault | undefined =>
  errno === CHECK_FAILED ? "check" : UNFIT.has(errno) ? "unfit" : undefined;

/** The error as one of our kinds; unchanged where it is none. */
export function asDatabaseError(error: unknown): unknown {
  if (error instanceof DatabaseError) return error;
  const { code, errno, fatal, message } = (error ?? {}) as {
    code?: string;
    errno?: number;
    fatal?: boolean;
    message?: string;
  };
  const isFull = FULL.has(errno ?? 0) || NO_SPACE.test(message ?? "");
  const fault = isFull ? "full" : (byNumber(errno) ?? (code === undefined ? undefined : BY_CODE[code]));
  if (fault !== undefined) return new DatabaseError(fault, error);
  return fatal === true ||
    message === "Queue limit reached." ||
    message === "Can't add new command when connection is in closed state"
    ? new DatabaseError("down", error)
    : error;
}

/** Why this version must not work on a database, or with a file, and what to do. */
export interface ServeFault {
  readonly message: string;
  readonly cure: string;
}

export class CannotServe extends Error {
  constructor(readonly faults: readonly ServeFault[]) {
    super(faults.map(({ message, cure }) => `${message}\n${cure}`).join("\n"));
  }
}
