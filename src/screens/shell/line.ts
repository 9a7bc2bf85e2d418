/** For the whole of an answer: one that stops in its middle is given up as one that never began. */
export function abortedAfter(deadlineMs: number): AbortController {
  const controller = new AbortController();
  setTimeout(() => controller.abort(), deadlineMs);
  return controller;
}

/** Why nothing can be saved at the moment, though it will be: `ok` where it can. */
export type Connection = "ok" | "lost" | "full" | "locked";

/** Answers of who stands before a server that does not answer, or of one that has lost its database. */
const AWAY: ReadonlySet<number> = new Set([502, 503, 504]);
const DISK_FULL = 507;
const NO_SESSION = 401;

/** What an answer, or none, says of the connection; whatever is not `ok` says nothing of what was asked. */
function connectionOf(answer: Response | null): Connection {
  if (answer === null || AWAY.has(answer.status)) return "lost";
  return answer.status === NO_SESSION ? "locked" : answer.status === DISK_FULL ? "full" : "ok";
}

/** How long an answer is waited for, ms: to a question or a small change, for each row of a large one, for a whole job. */
const DEADLINE_MS = 8_000;
const DEADLINE_MS_PER_ROW = 3;
export const WHOLE_JOB_MS = 60_000;

/** A page's line to the server for one job: every call has a deadline, and how the line stands is known. */
export class JobLine {
  connection: Connection = "ok";

  constructor(
    private readonly jobId: string,
    private readonly fetch: (input: string, init?: RequestInit) => Promise<Response>,
    private readonly onChange: () => void,
  ) {}

  /** Null where nobody answered in time, or only a server that can do nothing at the moment. "" asks for the whole job. */
  ask(what: string): Promise<Response | null> {
    const whole = what === "";
    return this.reach(`/api/jobs/${this.jobId}${whole ? "" : `/${what}`}`, {}, whole ? WHOLE_JOB_MS : DEADLINE_MS);
  }

  /** The same for what changes something. */
  post(what: string, body: unknown, rows = 0): Promise<Response | null> {
    return this.reach(
      `/api/jobs/${this.jobId}/${what}`,
      { method: "POST", headers: { "Content-Type": "application/json" }, body: JSON.stringify(body) },
      DEADLINE_MS + rows * DEADLINE_MS_PER_ROW,
    );
  }

  /** An answer has come that is of no use. */
  isLost(): void {
    this.set("lost");
  }

  private async reach(url: string, init: RequestInit, deadlineMs: number): Promise<Response | null> {
    const { signal } = abortedAfter(deadlineMs);
    const answer = await this.fetch(url, { ...init, cache: "no-store", signal }).catch(() => null);
    const connection = connectionOf(answer);
    // A full disk can still be read: only what it has written says that it has room again.
    if (connection !== "ok" || this.connection !== "full" || init.method === "POST") this.set(connection);
    return connection === "ok" ? answer : null;
  }

  private set(connection: Connection): void {
    if (connection === this.connection) return;
    this.connection = connection;
    this.onChange();
  }
}
