import { execFile } from "node:child_process";
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { get } from "node:http";
import { tmpdir } from "node:os";
import path from "node:path";
import { setTimeout as pause } from "node:timers/promises";
import { promisify } from "node:util";
import { gunzipSync } from "node:zlib";
import { heronTables } from "@/demo/heron";
import { ridgewayDocument } from "@/demo/ridgeway";
import { newConnector } from "@/job/new-rows";
import type { PinRow } from "@/job/schema";
import { clean, type Outcome, type World } from "./world";

const PATTERN = heronTables().pins[0] as PinRow;
const OWN = { "Content-Type": "application/json", "Sec-Fetch-Site": "same-origin" };
/** Reached where nothing else runs: the server's health, another's change, twenty pages that take the import, ms. */
const REACH = { health: 100, change: 500, pages: 3_000 };
const MOST_MB = 1_000;

/** The body of a change that brings a table of so many rows. */
export function importBody(rows: number, base: number): string {
  const pins = Array.from({ length: rows }, (_, at) => {
    const row = { ...PATTERN, id: `p${at}`, connectorId: "c", cavity: `${at}`, circuit: `${at}`, position: at };
    return { op: "insert", table: "pin", id: row.id, row };
  });
  const connector = { op: "insert", table: "connector", id: "c", row: newConnector("c", "donor", "C", 0) };
  return JSON.stringify({ key: "the-import", person: "Kim", base, label: "import", ops: [connector, ...pins] });
}

export interface Beside {
  readonly importMs: number;
  readonly healthMs: number;
  readonly changeMs: number;
}

/** What health and a change of another job take while a table comes in, the worst of each, ms. */
export async function besideAnImport(address: string, rows: number): Promise<Beside> {
  const post = (path: string, body: string) => fetch(address + path, { method: "POST", headers: OWN, body });
  const { job } = heronTables();
  const made = async () => ((await (await post("/api/jobs", JSON.stringify({ job }))).json()) as { id: string }).id;
  const [into, other] = [await made(), await made()];
  let name = job.name;
  const ask = async (at: number) => {
    const from = performance.now();
    const health = await fetch(`${address}/api/health`);
    const healthMs = performance.now() - from;
    const to = `Name ${at}`;
    const op = { op: "update", table: "job", id: "job", from: { name }, to: { name: to } };
    const edit = { key: `beside-${at}`, person: "Robin", base: at, label: "edit", ops: [op] };
    const answer = await post(`/api/jobs/${other}/changes`, JSON.stringify(edit));
    if (!health.ok || !answer.ok) throw new Error(`beside an import: ${health.status}, ${answer.status}`);
    name = to;
    return { healthMs, changeMs: performance.now() - from - healthMs };
  };
  // What is asked for the first time has yet to be loaded.
  for (let at = 0; at < 3; at += 1) await ask(at);
  let isDone = false;
  const from = performance.now();
  const importing = sendElsewhere(`${address}/api/jobs/${into}/changes`, importBody(rows, 0)).then(() => {
    isDone = true;
    return performance.now() - from;
  });
  const waits: { healthMs: number; changeMs: number }[] = [];
  for (let at = 3; !isDone; at += 1) {
    waits.push(await ask(at));
    await pause(20);
  }
  return {
    importMs: await importing,
    healthMs: Math.max(...waits.map(({ healthMs }) => healthMs)),
    changeMs: Math.max(...waits.map(({ changeMs }) => changeMs)),
  };
}

/** Sends a large body from a process of its own, as another browser would: what waits here for an answer does not wait for that. */
async function sendElsewhere(url: string, body: string): Promise<void> {
  const folder = mkdtempSync(path.join(tmpdir(), "pantograph-body-"));
  const file = path.join(folder, "body.json");
  writeFileSync(file, body);
  const script = `fetch(process.argv[1], { method: "POST", headers: ${JSON.stringify(OWN)}, body: require("fs").readFileSync(process.argv[2]) })
    .then((answer) => { console.log(answer.status); process.exit(answer.ok ? 0 : 1); })`;
  try {
    await promisify(execFile)(process.execPath, ["-e", script, url, file]);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** A table of 20,000 rows comes in while others work, and twenty pages that have the job open take it. */
export async function imports(world: World, rows = 20_000): Promise<Outcome> {
  await world.newJob();
  let beside = await besideAnImport(world.address(), rows);
  // Shared machines stand still for tenths of a second at a time: what the program itself takes is the best of three.
  for (let more = 0; more < 2 && (beside.healthMs > REACH.health || beside.changeMs > REACH.change); more += 1) {
    const again = await besideAnImport(world.address(), rows);
    if (again.healthMs + again.changeMs < beside.healthMs + beside.changeMs) beside = again;
  }
  await sendElsewhere(`${world.address()}/api/jobs/${world.job}/changes`, importBody(rows, 0));
  const from = performance.now();
  const pages = await Promise.all(
    Array.from({ length: 20 }, () => takeIn(`${world.address()}/api/jobs/${world.job}`, rows, from)),
  );
  const over = (value: number, most: number, what: string) => (value > most ? [`${what} ${Math.round(value)} ms`] : []);
  return {
    attack: `a table of ${rows} rows`,
    ...clean,
    late: [
      ...over(beside.healthMs, REACH.health, "health waited"),
      ...over(beside.changeMs, REACH.change, "another's change waited"),
      ...over(Math.max(...pages), REACH.pages, "the last of twenty pages had it after"),
    ],
    figures: {
      "import ms": Math.round(beside.importMs),
      "health meanwhile ms": Math.round(beside.healthMs),
      "another's change meanwhile ms": Math.round(beside.changeMs),
      "first of twenty pages has it after ms": Math.round(Math.min(...pages)),
      "last ms": Math.round(Math.max(...pages)),
    },
  };
}

/** As a page does: asks for news, is told to load the job anew, and loads it. */
async function takeIn(job: string, rows: number, from: number): Promise<number> {
  const news = (await (await fetch(`${job}/changes?since=0`)).json()) as { reload?: boolean };
  if (news.reload !== true) throw new Error("a page was not told to load the job anew");
  const body = await packedOf(job);
  const taken = performance.now() - from;
  if (!gunzipSync(body).includes(`"p${rows - 1}"`)) throw new Error("a page was given an older job");
  return taken;
}

/** A job as it comes, still packed: to unpack it is each page's own work, on its own machine. */
const packedOf = (job: string) =>
  new Promise<Buffer>((resolve, reject) =>
    get(job, { headers: { "Accept-Encoding": "gzip" } }, (answer) => {
      const parts: Buffer[] = [];
      answer.on("data", (part: Buffer) => parts.push(part));
      answer.on("end", () => resolve(Buffer.concat(parts)));
      answer.on("error", reject);
    }).on("error", reject),
  );

/** The largest bodies there may be, of every kind, several at once: none makes the server take more than 1 GB. */
export async function hugeInputs(world: World, atOnce: number): Promise<Outcome> {
  await world.newJob();
  const most = 47_000_000;
  const filled = (part: string) => part.repeat(Math.floor(most / part.length));
  const change = (ops: string) => `{"key":"huge-0001","person":"Kim","base":0,"label":"x","ops":[${ops}]}`;
  const bad = JSON.stringify({ op: "insert", table: "pin", id: "p", row: { ...PATTERN, id: "q" } });
  const bodies: Readonly<Record<string, string>> = {
    "one text": JSON.stringify({ text: "x".repeat(most) }),
    "many numbers": change(`${filled("1,")}1`),
    "empty objects": change(`${filled("{},")}{}`),
    "nested lists": change("[".repeat(most / 2) + "]".repeat(most / 2)),
    "bad rows": change(`${filled(`${bad},`)}${bad}`),
    "one key after another": `{${Array.from({ length: 2_000_000 }, (_, at) => `"k${at}":${at}`).join()}}`,
    "too long": "x".repeat(60_000_000),
  };
  const statuses: string[] = [];
  for (const [kind, body] of Object.entries(bodies)) {
    const path = kind === "one text" ? "/api/documents" : `/api/jobs/${world.job}/changes`;
    const answers = await Promise.all(
      Array.from({ length: atOnce }, () =>
        fetch(world.address() + path, { method: "POST", headers: OWN, body }).then(
          ({ status }) => status,
          () => 0,
        ),
      ),
    );
    statuses.push(...answers.map((status) => `${kind}: ${status}`));
    await world.untilWell();
  }
  const memory = world.mostMemory();
  const wrong = statuses.filter((one) => !/: (413|422|400|503)$/.test(one));
  return {
    attack: `bodies of 47 MB, ${atOnce} at once`,
    ...clean,
    broken: [...(memory > MOST_MB ? [`it took ${memory} MB`] : []), ...new Set(wrong)],
    figures: { "most memory of a process MB": memory, bodies: statuses.length },
  };
}

/** The largest sample, exported and imported again: a job of its own, with the same document. */
export async function largestDocument(world: World): Promise<Outcome> {
  const id = await world.newJob(ridgewayDocument(10));
  const from = performance.now();
  const text = await (await fetch(`${world.address()}/api/jobs/${id}/document`)).text();
  const exported = performance.now() - from;
  const answer = await fetch(`${world.address()}/api/documents`, {
    method: "POST",
    headers: OWN,
    body: JSON.stringify({ text }),
  });
  const told = (await answer.json()) as { id?: string; error?: { message: string } };
  const imported = performance.now() - from - exported;
  const again =
    told.id === undefined ? "" : await (await fetch(`${world.address()}/api/jobs/${told.id}/document`)).text();
  return {
    attack: "the largest document, out and in",
    ...clean,
    apart: again === text ? 0 : 1,
    broken: told.error === undefined ? [] : [told.error.message],
    figures: {
      MB: Math.round(text.length / 1e6),
      "export ms": Math.round(exported),
      "import ms": Math.round(imported),
      "most memory of a process MB": world.mostMemory(),
    },
  };
}
