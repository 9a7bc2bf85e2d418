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
export function connectionOf(answer: Response | null): Connection {
  if (answer === null || AWAY.has(answer.status)) return "lost";
  return answer.status === NO_SESSION ? "locked" : answer.status === DISK_FULL ? "full" : "ok";
}

export interface Refused {
  readonly message: string;
  readonly hint: string;
}
export const CHANGED_FIRST: Refused = {
  message: "Someone else changed the same row meanwhile.",
  hint: "It is shown as they left it; decide whether yours is to be made over it.",
};

export async function errorOf(answer: Response): Promise<Refused & { readonly code: string }> {
  const { error } = (await answer.json().catch(() => ({ error: {} }))) as {
    error?: Partial<Refused & { code: string }>;
  };
  return {
    code: error?.code ?? "",
    message: error?.message ?? `The server refused it (${answer.status}).`,
    hint: error?.hint ?? "",
  };
}
