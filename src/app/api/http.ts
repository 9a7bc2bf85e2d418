import type { z } from "zod";
import { mayEnter } from "@/app/access";
import { isOwnHost } from "@/app/own-hosts";
import { guardedCutsText } from "@/core/words";
import { breathing, type Fault, faultsOf, type Steps } from "@/job/checked";
import { MOST_BODY_BYTES } from "@/job/ops";
import { id } from "@/job/rows/fields";
import type { ChangeResult } from "@/server/changes";
import { DatabaseError } from "@/server/errors";

/** What every refused request answers: a code for the program, a sentence and the way out for the person. */
export interface Refusal {
  readonly code: string;
  readonly message: string;
  readonly hint?: string;
  readonly [fact: string]: unknown;
}

export const refuse = (status: number, refusal: Refusal) => Response.json({ error: refusal }, { status });

/** For what must be answered before anybody has come in. */
export const OPEN = { open: true } as const;

/**
 * Runs a handler for a request that names this server and may come in; a database that is away becomes 503, one whose
 * disk is full 507, a bug 500 with nothing of its insides.
 */
export async function answering(
  request: Request,
  work: () => Promise<Response>,
  { open }: { readonly open: boolean } = { open: false },
): Promise<Response> {
  try {
    if (!isOwnHost(request.headers.get("host")))
      return refuse(421, {
        code: "other-host",
        message: "This server does not go by that name.",
        hint: "Open it by the address that it printed when it started.",
      });
    if (!open && !mayEnter(request.headers.get("cookie")))
      return refuse(401, {
        code: "no-session",
        message: "This server asks for its passphrase first.",
        hint: "Open the list of jobs and enter it.",
      });
    return await work();
  } catch (error) {
    if (error instanceof DatabaseError && error.fault === "full")
      return refuse(507, {
        code: "disk-full",
        message: "The database's disk is full: nothing more can be written.",
        hint: "Free some space there. What you wrote waits, and is sent again by itself.",
      });
    if (error instanceof DatabaseError && error.fault === "unfit") {
      console.error(error);
      return refuse(503, {
        code: "database-unfit",
        message: "The database is there, but cannot be used as it is.",
        hint: "Whoever started the server reads there what the database says; starting it again says the cure.",
      });
    }
    if (error instanceof DatabaseError && error.fault === "busy")
      return refuse(503, {
        code: "busy",
        message: "Another large change holds this job.",
        hint: "Nothing is lost here; it is tried again by itself.",
      });
    if (error instanceof DatabaseError && (error.fault === "down" || error.fault === "deadlock")) {
      return refuse(503, {
        code: "database-down",
        message: "The database does not answer.",
        hint: "Nothing is lost here; it is tried again by itself.",
      });
    }
    console.error(error);
    return refuse(500, {
      code: "internal",
      message: "The server met a fault of its own.",
      hint: "Try again; if it stays, restart the application and look at what it printed.",
    });
  }
}

/** A change of data: same origin only, JSON only, of bounded size, and of the schema's shape. */
export function mutating<T>(
  request: Request,
  schema: z.ZodType<T>,
  work: (body: T) => Promise<Response>,
  access?: typeof OPEN,
): Promise<Response> {
  return mutatingBy(
    request,
    // biome-ignore lint/correctness/useYield: a small body is read in one step
    function* (json) {
      const parsed = schema.safeParse(json);
      return parsed.success ? { ok: true, value: parsed.data } : { ok: false, faults: faultsOf(parsed.error) };
    },
    work,
    access,
  );
}

export type Read<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly faults: readonly Fault[] };

/** The same for what is large: it is read in steps, between which other requests have their turn. */
export function mutatingBy<T>(
  request: Request,
  read: (json: unknown) => Steps<Read<T>>,
  work: (body: T) => Promise<Response>,
  access?: typeof OPEN,
): Promise<Response> {
  const answer = async () => {
    const stranger = strangerRefusal(request);
    if (stranger !== null) return stranger;
    const text = await bodyOf(request, MOST_BODY_BYTES);
    if (text === null)
      return refuse(413, {
        code: "too-large",
        message: "The change is larger than this server takes.",
        hint: "Import the table in parts.",
      });
    if (hasTooMany(text)) return invalid([{ path: "", message: "more parts than any change has" }]);
    const json = jsonOf(text);
    if (json === NOT_JSON) return refuse(400, { code: "not-json", message: "The request's body is not JSON." });
    const result = await breathing(read(json), breathe);
    return result.ok ? work(result.value) : invalid(result.faults);
  };
  return answering(request, answer, access);
}

/** Lets whatever else waits for the thread have its turn. */
export const breathe = () => new Promise<void>((resolve) => setImmediate(resolve));

const invalid = (faults: readonly Fault[]) =>
  refuse(422, {
    code: "invalid",
    message: faults
      .map(({ path, message }) => `${path || "body"}: ${message}`)
      .join("\n")
      .slice(0, 2000),
    hint: "Correct the field and send it again.",
  });

/** The body as text, its size watched while it comes in; null where it is larger than may be, the rest then unread. */
async function bodyOf(request: Request, mostBytes: number): Promise<string | null> {
  if (Number(request.headers.get("content-length") ?? 0) > mostBytes) return null;
  if (request.body === null) return "";
  const decoder = new TextDecoder();
  const reader = request.body.getReader();
  let bytes = 0;
  let text = "";
  for (;;) {
    const { done, value } = await reader.read();
    if (done) return text + decoder.decode();
    bytes += value.byteLength;
    if (bytes > mostBytes) {
      await reader.cancel();
      return null;
    }
    text += decoder.decode(value, { stream: true });
  }
}

const NOT_JSON = Symbol("not JSON");

/** Half of a character that is written with two is none that the database could keep. */
const HALF_CHARACTER = /\\u[dD][89a-fA-F]/;

/** So many parts a body may have: written with a sign or two each takes many times the room of them. */
const MOST_PARTS = 6_000_000;

function hasTooMany(text: string): boolean {
  let count = 0;
  for (const sign of ["{", "[", ","])
    for (let at = text.indexOf(sign); at >= 0; at = text.indexOf(sign, at + 1)) {
      count += sign === "," ? 1 : CONTAINER_PARTS;
      if (count > MOST_PARTS) return true;
    }
  return false;
}
/** A list or an object takes as much room as so many plain values. */
const CONTAINER_PARTS = 4;

function jsonOf(text: string): unknown {
  try {
    const json: unknown = JSON.parse(text);
    return HALF_CHARACTER.test(text) && !isWhole(json) ? NOT_JSON : json;
  } catch {
    return NOT_JSON;
  }
}

function isWhole(value: unknown): boolean {
  if (typeof value === "string") return !/\p{Surrogate}/u.test(value);
  if (Array.isArray(value)) return value.every(isWhole);
  if (typeof value !== "object" || value === null) return true;
  return Object.entries(value).every(([key, one]) => isWhole(key) && isWhole(one));
}

/** A browser names where a request comes from; what comes from elsewhere, or will not say, changes nothing here. */
export function strangerRefusal(request: Request): Response | null {
  const site = request.headers.get("sec-fetch-site");
  const origin = request.headers.get("origin");
  const own =
    site !== null ? site === "same-origin" : origin !== null && hostOf(origin) === request.headers.get("host");
  if (!own)
    return refuse(403, { code: "other-origin", message: "Changes are taken from this application's own pages only." });
  if (!(request.headers.get("content-type") ?? "").startsWith("application/json"))
    return refuse(415, { code: "not-json", message: "Send application/json." });
  return null;
}

function hostOf(origin: string): string | null {
  try {
    return new URL(origin).host;
  } catch {
    return null;
  }
}

/** A change's outcome as an answer. */
export function changeAnswer(result: ChangeResult): Response {
  if (result.ok) return Response.json({ edit: result.edit });
  switch (result.code) {
    case "no-job":
      return noJob();
    case "conflict":
      return refuse(409, {
        code: "conflict",
        message: "Someone else changed the same row meanwhile.",
        hint: "Look at it as it is now, then decide again.",
        rows: result.rows,
        revision: result.revision,
      });
    case "ahead":
      return refuse(409, {
        code: "ahead",
        message: "This page has seen more of the job than is here: a backup was restored meanwhile.",
        hint: "Reload the page, look at what is there, and make the change again.",
        revision: result.revision,
      });
    case "in-use":
      return refuse(409, {
        code: "in-use",
        message: "Something decided later still uses what this would take away.",
        hint: "Undo that first.",
      });
    case "dangling":
      return refuse(409, {
        code: "dangling",
        message: "What this refers to is no longer there.",
        hint: "Someone removed it meanwhile; look at the job as it is now.",
      });
    case "check":
      return refuse(422, {
        code: "check",
        message: "A value is outside of what the database takes.",
        hint: "Correct it and try again.",
      });
    case "guarded":
      return refuse(422, { code: "guarded", ...guardedCutsText(result.cuts) });
    case "unsigned-loop":
      return refuse(422, {
        code: "unsigned-loop",
        message: "A loop in place of an interlock is not made permanent while nobody has signed it.",
        hint: "On the Gearbox page, sign what keeps the driver safe instead, or close it for now as a temporary fix.",
      });
    case "nothing-to-undo":
      return refuse(409, { code: result.code, message: "There is nothing of yours to undo." });
    case "nothing-to-redo":
      return refuse(409, { code: result.code, message: "There is nothing of yours to redo." });
  }
}

export const noJob = () =>
  refuse(404, {
    code: "no-job",
    message: "There is no such job.",
    hint: "It may have been removed; go back to the list of jobs.",
  });
export type JobContext = { params: Promise<{ jobId: string }> };

/** The job that the address names; one that no job can be called by is "", which none is. */
export async function jobIdOf(params: JobContext["params"]): Promise<string> {
  const { jobId } = await params;
  return id.safeParse(jobId).success ? jobId : "";
}

/** A file to be saved by the browser. */
export function download(text: string, name: string, type: string): Response {
  const plain = name.replace(/[^\w.-]+/g, "-");
  return new Response(text, {
    headers: {
      "Content-Type": `${type}; charset=utf-8`,
      "Content-Disposition": `attachment; filename="${plain}"`,
      "Cache-Control": "no-store",
    },
  });
}
