import { afterEach, describe, expect, test, vi } from "vitest";
import { z } from "zod";
import type { ChangeResult } from "@/server/changes";
import { DatabaseError, type DatabaseFault } from "@/server/errors";
import { answering, changeAnswer, download, mutating, OPEN, strangerRefusal } from "./http";

const asked = (headers: Readonly<Record<string, string>>, body = "{}") =>
  new Request("http://127.0.0.1:4180/api/jobs", {
    method: "POST",
    headers: { "content-type": "application/json", host: "127.0.0.1:4180", ...headers },
    body,
  });
const OWN = { "sec-fetch-site": "same-origin" };
const told = async (response: Response | null) =>
  response === null ? null : [response.status, (await response.json()).error?.code];

describe("who may change anything", () => {
  test.each([
    ["the application's own page", OWN, null],
    ["another page of the same site", { "sec-fetch-site": "same-site" }, [403, "other-origin"]],
    ["a page elsewhere", { "sec-fetch-site": "cross-site" }, [403, "other-origin"]],
    ["an address typed by hand", { "sec-fetch-site": "none" }, [403, "other-origin"]],
    ["an older browser that names its own origin", { origin: "http://127.0.0.1:4180" }, null],
    ["one that names another host", { origin: "http://example.org" }, [403, "other-origin"]],
    ["the same name on another port", { origin: "http://127.0.0.1:9999" }, [403, "other-origin"]],
    ["an origin that is none", { origin: "null" }, [403, "other-origin"]],
    ["who does not say at all", {}, [403, "other-origin"]],
    ["a form of the own page", { ...OWN, "content-type": "text/plain" }, [415, "not-json"]],
  ] as const)("%s", async (_, headers, refusal) =>
    expect(await told(strangerRefusal(asked(headers as Readonly<Record<string, string>>)))).toEqual(refusal),
  );
  test("a stranger's body is not even read", async () => {
    const work = vi.fn();
    const request = asked({ "sec-fetch-site": "cross-site" });
    const response = await mutating(request, z.object({}), work);
    expect(response.status).toBe(403);
    expect([work.mock.calls.length, request.bodyUsed]).toEqual([0, false]);
  });
});

describe("a change's body", () => {
  const Body = z.strictObject({ name: z.string().min(1) });
  const send = (body: string) =>
    mutating(asked(OWN, body), Body, async ({ name }) => Response.json({ name: name.toUpperCase() }));
  test("that fits is worked on", async () => {
    const response = await send('{"name":"heron"}');
    expect([response.status, await response.json()]).toEqual([200, { name: "HERON" }]);
  });
  test.each([
    ["", [400, "not-json"]],
    ["{", [400, "not-json"]],
    ["[]", [422, "invalid"]],
    ['{"name":""}', [422, "invalid"]],
    ['{"name":"a","more":1}', [422, "invalid"]],
  ] as const)("%j is refused", async (body, refusal) => expect(await told(await send(body))).toEqual(refusal));
  test("what is wrong is named by its field, and the way out is told", async () => {
    const { error } = await (await send('{"name":""}')).json();
    expect(error.message).toContain("name");
    expect(error.hint).not.toBe("");
  });
});

describe("a large or broken body", () => {
  const Any = z.unknown();
  const sent = (chunk: Uint8Array, headers: Readonly<Record<string, string>> = {}) => {
    let pulled = 0;
    const body = new ReadableStream<Uint8Array>({
      pull: (controller) => {
        pulled += 1;
        controller.enqueue(chunk);
      },
    });
    const request = new Request("http://127.0.0.1:4180/api/jobs", {
      method: "POST",
      headers: { ...OWN, "content-type": "application/json", host: "127.0.0.1:4180", ...headers },
      body,
      duplex: "half",
    } as RequestInit);
    return { answer: mutating(request, Any, async () => Response.json({})), pulled: () => pulled };
  };
  test.each([
    ["lists", "[".repeat(1_500_001)],
    ["objects", `[${"{},".repeat(1_500_001)}1]`],
    ["values", `[${"1,".repeat(6_000_001)}1]`],
  ])("of more %s than any change has is not even taken apart", async (_, body) => {
    const answer = await mutating(asked(OWN, body), Any, async () => Response.json({}));
    expect((await answer.json()).error).toMatchObject({ code: "invalid", message: expect.stringContaining("parts") });
  });
  test("is read no further than its size may be, however long it goes on", async () => {
    const { answer, pulled } = sent(new Uint8Array(1_000_000).fill(32));
    expect(await told(await answer)).toEqual([413, "too-large"]);
    expect(pulled()).toBeLessThan(60);
  });
  test("that says its size is refused before any of it is read", async () => {
    const { answer, pulled } = sent(new Uint8Array(1), { "content-length": "900000000" });
    expect(await told(await answer)).toEqual([413, "too-large"]);
    expect(pulled()).toBeLessThan(3);
  });
  test.each([
    ['{"a":"\\ud800"}', false],
    ['{"a":["x",{"b":"\\udc00\\ud800"}]}', false],
    ['{"\\uDBFF":1}', false],
    ['{"a":"\\ud83d\\ude00"}', true],
    ['{"a":"\\\\ud800"}', true],
  ] as const)("half a character is none that can be kept: %.40s", async (body, isFine) => {
    const response = await mutating(asked(OWN, body), Any, async () => Response.json({}));
    expect(response.status).toBe(isFine ? 200 : 400);
  });
});

describe("a request that calls the server by another name", () => {
  test("is not answered, whatever it asks", async () => {
    const work = vi.fn();
    const request = asked({ ...OWN, host: "rebound.example.org:4180" });
    expect(await told(await answering(request, work))).toEqual([421, "other-host"]);
    expect(await told(await mutating(request, z.unknown(), work))).toEqual([421, "other-host"]);
    expect(work).not.toHaveBeenCalled();
  });
});

describe("what went wrong", () => {
  afterEach(() => vi.restoreAllMocks());
  const failing = (fault: DatabaseFault) =>
    answering(asked(OWN), async () => {
      throw new DatabaseError(fault, new Error("root@localhost: secret"));
    });
  test.each([
    ["down", [503, "database-down"]],
    ["deadlock", [503, "database-down"]],
    ["check", [500, "internal"]],
  ] as const)("a database that is %s", async (fault, answer) => {
    vi.spyOn(console, "error").mockImplementation(() => undefined);
    expect(await told(await failing(fault))).toEqual(answer);
  });
  test.each([
    ["busy", 503, "busy"],
    ["full", 507, "disk-full"],
    ["unfit", 503, "database-unfit"],
  ] as const)("a database that is %s is told as that", async (fault, status, code) => {
    vi.spyOn(console, "error").mockImplementation(() => undefined);
    const failing = () => Promise.reject(new DatabaseError(fault, new Error("x")));
    expect(await told(await answering(asked(OWN), failing))).toEqual([status, code]);
  });
  test("who needs a passphrase and has not given it is not worked for, except where all are let in", async () => {
    vi.stubEnv("HOST", "0.0.0.0");
    vi.stubEnv("PANTOGRAPH_ACCESS", "/nowhere/at-all.json");
    const work = vi.fn(async () => Response.json({}));
    expect(await told(await answering(asked(OWN), work))).toEqual([401, "no-session"]);
    expect(work).not.toHaveBeenCalled();
    expect((await answering(asked(OWN), work, OPEN)).status).toBe(200);
    vi.unstubAllEnvs();
  });
  test("a bug tells nothing of its insides", async () => {
    const printed = vi.spyOn(console, "error").mockImplementation(() => undefined);
    const response = await answering(asked(OWN), async () => {
      throw new Error("SELECT password FROM people");
    });
    expect(await response.text()).not.toMatch(/SELECT|password/);
    expect(response.status).toBe(500);
    expect(printed).toHaveBeenCalledOnce();
  });
});

describe("a change's outcome", () => {
  test.each([
    [{ ok: false, code: "no-job" }, 404],
    [{ ok: false, code: "conflict", rows: [{ table: "pin", id: "p" }], revision: 7 }, 409],
    [{ ok: false, code: "ahead", revision: 3 }, 409],
    [{ ok: false, code: "in-use" }, 409],
    [{ ok: false, code: "dangling" }, 409],
    [{ ok: false, code: "check" }, 422],
    [{ ok: false, code: "guarded", cuts: [{ wireId: "w", guard: "sensor-ground", fault: "no-reason" }] }, 422],
    [{ ok: false, code: "unsigned-loop", pinIds: ["p"] }, 422],
    [{ ok: false, code: "nothing-to-undo" }, 409],
    [{ ok: false, code: "nothing-to-redo" }, 409],
  ] as const)("$code", async (result, status) => {
    const response = changeAnswer(result as ChangeResult);
    const { error } = await response.json();
    expect([response.status, error.code]).toEqual([status, result.code]);
    expect(error.message).toMatch(/^[A-Z].*\.$/);
  });
  test("a conflict names the rows, and the revision to begin from", async () => {
    const answer = changeAnswer({ ok: false, code: "conflict", rows: [{ table: "pin", id: "p" }], revision: 7 });
    expect((await answer.json()).error).toMatchObject({ rows: [{ table: "pin", id: "p" }], revision: 7 });
  });
});

test("a file's name cannot break out of its header", async () => {
  const response = download("x", 'my "job"\r\nSet-Cookie: a=b; ü.csv', "text/csv");
  const header = response.headers.get("content-disposition") ?? "";
  expect(header).toMatch(/^attachment; filename="[\w.-]+"$/);
  expect(response.headers.get("set-cookie")).toBeNull();
  expect(response.headers.get("content-type")).toBe("text/csv; charset=utf-8");
});
