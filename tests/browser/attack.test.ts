import { mkdtempSync, rmSync } from "node:fs";
import { request } from "node:http";
import { tmpdir } from "node:os";
import path from "node:path";
import { afterAll, beforeAll, describe, expect, test, vi } from "vitest";
import { setPassphrase } from "@/app/access";
import { type PackedJob, unpackedJob } from "@/job/packed";
import { migrate } from "@/server/migrate";
import { makePool } from "@/server/pool";
import { startServer } from "../../scripts/lib/build.mjs";
import { freePort } from "../../scripts/lib/database.mjs";
import { type Answered, fuzz } from "../support/fuzz";
import { soundOps } from "../torture/fuzzing";
import { besideAnImport } from "../torture/imports";
import { type App, Person, startApp } from "./support";

let app: App;
beforeAll(async () => {
  app = await startApp("attack");
});
afterAll(async () => app?.stop());

const OWN = { "Content-Type": "application/json", "Sec-Fetch-Site": "same-origin" };
const jobOf = async (id: string) =>
  unpackedJob((await (await fetch(`${app.address}/api/jobs/${id}`)).json()) as PackedJob);
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
  test("whatever is sent, none is answered by a fault of the server's own, and the job stands", async () => {
    const { text } = { text: await (await fetch(`${app.address}/api/jobs/heron-planned/document`)).text() };
    const { id } = (await (await post("/api/documents", { text })).json()) as { id: string };
    const answers = await fuzz(app.address, id, soundOps(await jobOf("heron-planned")), 400, 11);
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
  const { healthMs, changeMs } = await besideAnImport(app.address, 20_000);
  // 100 and 500 ms are to be reached where nothing else runs; here four processes and other tests share two cores, and
  // what is held against them is that nobody waits for the import to end.
  console.log(
    `while 20,000 rows came in, worst ms: health ${healthMs.toFixed(0)}, a change of another job ${changeMs.toFixed(0)}`,
  );
  expect(Math.max(healthMs, changeMs)).toBeLessThan(5_000);
});

describe("a server that other machines reach", () => {
  const PASSPHRASE = "copper loom under the sill";
  let server: Awaited<ReturnType<typeof startServer>>;
  let folder: string;
  beforeAll(async () => {
    folder = mkdtempSync(path.join(tmpdir(), "pantograph-attack-"));
    vi.stubEnv("PANTOGRAPH_ACCESS", path.join(folder, "access.json"));
    await setPassphrase(PASSPHRASE);
    const pool = makePool(process.env.DATABASE_URL ?? "");
    await migrate(pool);
    await pool.end();
    const port = await freePort(4900, "0.0.0.0");
    server = await startServer({ host: "0.0.0.0", port, databaseUrl: process.env.DATABASE_URL ?? "" });
  });
  afterAll(async () => {
    await server?.stop();
    vi.unstubAllEnvs();
    rmSync(folder, { recursive: true, force: true });
  });
  const at = (path_: string) => `http://127.0.0.1:${new URL(server.address).port}${path_}`;
  const enter = (passphrase: string, more: Readonly<Record<string, string>> = {}) =>
    fetch(at("/api/enter"), { method: "POST", headers: { ...OWN, ...more }, body: JSON.stringify({ passphrase }) });

  test("tells nothing to who has not given the passphrase, whatever is asked", async () => {
    for (const where of ["/api/jobs", "/api/jobs/x", "/api/jobs/x/changes?since=0", "/api/jobs/x/document"])
      expect((await fetch(at(where))).status, where).toBe(401);
    const body = JSON.stringify({ job: {} });
    expect((await fetch(at("/api/jobs"), { method: "POST", headers: OWN, body })).status).toBe(401);
    for (const where of ["/", "/jobs/x/map", "/jobs/x/map?_rsc=1", "/enter"]) {
      const page = await (await fetch(at(where), { headers: { RSC: where.includes("_rsc") ? "1" : "" } })).text();
      expect(page, where).not.toContain("New job");
    }
    // What a proxy before it might say of itself opens nothing.
    const told = { "x-middleware-subrequest": "src/proxy:src/proxy:src/proxy:src/proxy:src/proxy" };
    expect(await (await fetch(at("/"), { headers: told })).text()).not.toContain("New job");
  });

  test("lets in a person who types it, to where the person wanted to be, and out again", async () => {
    const person = await Person.open(server.address);
    try {
      await person.goTo("/?to=elsewhere");
      await person.type(/^Passphrase/, "not this one, I think");
      await person.click("button", "Enter");
      await person.sees("That is not the passphrase.");
      await person.type(/^Passphrase/, PASSPHRASE);
      await person.click("button", "Enter");
      await person.sees("New job");
      await person.click("button", "Lock this browser out");
      await person.sees("The shop's passphrase");
    } finally {
      await person.close();
    }
  });

  test("takes no change from another site's page with a person's cookie, and no longer tries after five", async () => {
    const cookie = (await enter(PASSPHRASE)).headers.get("set-cookie")?.split(";")[0] ?? "";
    expect((await fetch(at("/api/jobs"), { headers: { Cookie: cookie } })).status).toBe(200);
    const body = JSON.stringify({ job: {} });
    const foreign = { ...OWN, Cookie: cookie, "Sec-Fetch-Site": "cross-site" };
    expect((await fetch(at("/api/jobs"), { method: "POST", headers: foreign, body })).status).toBe(403);
    const statuses = [];
    // Whoever says of itself that it is another is not believed.
    for (let nth = 0; nth < 7; nth += 1)
      statuses.push((await enter(`wrong, number ${nth}`, { "X-Pantograph-Peer": `192.0.2.${nth}` })).status);
    expect(statuses).toEqual([403, 403, 403, 403, 403, 429, 429]);
    expect((await enter(PASSPHRASE)).status).toBe(429);
    expect((await fetch(at("/api/jobs"), { headers: { Cookie: cookie } })).status).toBe(200);
  });
});
