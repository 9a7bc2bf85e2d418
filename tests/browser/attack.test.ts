import { request } from "node:http";
import { afterAll, beforeAll, describe, expect, test } from "vitest";
import type { LoadedJob } from "@/job/edit";
import { LISTS } from "@/job/schema";
import { type Answered, fuzz } from "../support/fuzz";
import { type App, startApp } from "./support";

let app: App;
beforeAll(async () => {
  app = await startApp("attack");
});
afterAll(async () => app?.stop());

const OWN = { "Content-Type": "application/json", "Sec-Fetch-Site": "same-origin" };
const jobOf = async (id: string) => (await (await fetch(`${app.address}/api/jobs/${id}`)).json()) as LoadedJob;
const post = (path: string, body: unknown) =>
  fetch(`${app.address}${path}`, { method: "POST", headers: OWN, body: JSON.stringify(body) });

/** A request as somebody sends it who is no browser. */
const raw = (method: string, path: string, headers: Readonly<Record<string, string>> = {}) =>
  new Promise<{ status: number; headers: Readonly<Record<string, unknown>> }>((resolve, reject) =>
    request(`${app.address}${path}`, { method, headers }, (answer) => {
      answer.resume();
      answer.on("end", () => resolve({ status: answer.statusCode ?? 0, headers: answer.headers }));
    })
      .on("error", reject)
      .end(),
  );

describe("wrong requests", () => {
  const examples = ({ document }: LoadedJob) =>
    Object.entries(LISTS).flatMap(([table, list]) =>
      (document[list] as { id: string }[]).slice(0, 6).flatMap((row) => {
        const [key = "", value] = Object.entries(row).find(([name]) => name !== "id") ?? [];
        return [
          { op: "insert", table, id: `${row.id}x`, row: { ...row, id: `${row.id}x` } },
          { op: "delete", table, id: row.id, row },
          { op: "update", table, id: row.id, from: { [key]: value }, to: { [key]: value } },
        ];
      }),
    );
  test("whatever is sent, none is answered by a fault of the server's own, and the job stands", async () => {
    const { text } = { text: await (await fetch(`${app.address}/api/jobs/heron-planned/document`)).text() };
    const { id } = (await (await post("/api/documents", { text })).json()) as { id: string };
    const answers = await fuzz(app.address, id, examples(await jobOf("heron-planned")), 400, 11);
    const told = ({ method, path, status, body }: Answered) => `${status} ${method} ${path} ${body.slice(0, 300)}`;
    expect(answers.filter(({ status }) => status >= 500).map(told)).toEqual([]);
    // They were no strangers: some were taken, and most refused for what was in them.
    expect(answers.filter(({ status }) => status === 422).length).toBeGreaterThan(100);
    const after = await fetch(`${app.address}/api/jobs/${id}`);
    expect([200, 404]).toContain(after.status);
    expect((await jobOf("heron-planned")).document.pins.length).toBeGreaterThan(300);
  });
  test("methods that nobody uses here are turned away", async () => {
    for (const method of ["TRACE", "PATCH"]) expect((await raw(method, "/api/jobs")).status, method).toBe(405);
  });
});

describe("whoever calls the server by another name", () => {
  test.each(["/", "/jobs/heron-planned/map", "/api/jobs", "/api/jobs/heron-planned", "/api/health"])(
    "has no answer: %s",
    async (path) => {
      const port = new URL(app.address).port;
      expect((await raw("GET", path, { Host: `rebound.example.org:${port}` })).status).toBe(421);
      expect((await raw("GET", path, { Host: `localhost:${port}` })).status).toBe(200);
    },
  );
});

test.each([
  ["a page", "/jobs/heron-planned/map", {}],
  ["a page that is not there", "/nothing", {}],
  ["a redirect", "/jobs/heron-planned", {}],
  ["an answer", "/api/jobs", {}],
  ["an error", "/api/jobs/none", {}],
  ["an answer to another name", "/api/jobs", { Host: "rebound.example.org" }],
] as const)("%s has the headers that keep others out", async (_, path, more) => {
  const { headers } = await raw("GET", path, more);
  expect(headers).toMatchObject({ "x-content-type-options": "nosniff", "x-frame-options": "DENY" });
  expect(headers["content-security-policy"]).toContain("default-src");
  if (path.startsWith("/api")) expect(headers["cache-control"]).toContain("no-store");
});

test("while a table of 20,000 rows comes in, the server is well and another's change is made", async () => {
  const { document } = await jobOf("heron-planned");
  const { id } = (await (await post("/api/jobs", { job: document.job })).json()) as { id: string };
  const { id: other } = (await (await post("/api/jobs", { job: document.job })).json()) as { id: string };
  const connector = { ...document.connectors[0], id: "c", label: "C", branchId: null, mateId: null };
  const rows = Array.from({ length: 20_000 }, (_, at) => {
    const row = {
      ...document.pins[0],
      id: `p${at}`,
      connectorId: "c",
      cavity: `${at}`,
      circuit: `${at}`,
      position: at,
    };
    return { op: "insert", table: "pin", id: row.id, row };
  });
  const ops = [{ op: "insert", table: "connector", id: "c", row: connector }, ...rows];
  const change = (base: number, label: string, more: object) => ({
    key: `attack-${label}`,
    person: "Kim",
    base,
    label,
    ...more,
  });
  const body = JSON.stringify(change(0, "import", { ops }));
  let isDone = false;
  const waits: number[] = [];
  const ask = async (at: number) => {
    const from = performance.now();
    expect((await fetch(`${app.address}/api/health`)).status).toBe(200);
    const was = { name: at === 0 ? document.job.name : `Name ${at - 1}` };
    const edit = { op: "update", table: "job", id: "job", from: was, to: { name: `Name ${at}` } };
    expect((await post(`/api/jobs/${other}/changes`, change(at, `edit-${at}`, { ops: [edit] }))).status).toBe(200);
    return performance.now() - from;
  };
  // What is asked for the first time has yet to be loaded.
  await ask(0);
  const asking = (async () => {
    for (let at = 1; !isDone; at += 1) {
      waits.push(await ask(at));
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
  })();
  const answer = await fetch(`${app.address}/api/jobs/${id}/changes`, { method: "POST", headers: OWN, body });
  isDone = true;
  await asking;
  expect(answer.status).toBe(200);
  expect(waits.length).toBeGreaterThan(5);
  // 100 and 500 ms are to be reached where nothing else runs; here four processes and other tests share two cores, and
  // what is held against them is that nobody waits for the import to end.
  console.log(
    `while 20,000 rows came in: health and a change of another job, worst ms ${Math.max(...waits).toFixed(0)}`,
  );
  expect(Math.max(...waits)).toBeLessThan(5_000);
});
