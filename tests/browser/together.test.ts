import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { Key } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, test } from "vitest";
import { type App, Person, startApp } from "./support";

let app: App;
let robin: Person;
let kim: Person;

beforeAll(async () => {
  app = await startApp("together");
  [robin, kim] = await Promise.all([
    Person.named(app.address, "Robin"),
    Person.named(app.address, "Kim", { width: 820, height: 1180 }),
  ]);
});
afterAll(async () => {
  await Promise.all([robin?.close(), kim?.close()]);
  await app?.stop();
});

async function edit(person: Person, what: string, text: string): Promise<void> {
  await person.click("button", new RegExp(`^${what}: .*edit$`));
  await person.type(what, text);
  await person.press(Key.ENTER);
}

describe("two browsers on one job", () => {
  // How long it takes is timed where nothing else runs (reach.test.ts).
  test("each sees the other's change, and neither loses one", async () => {
    robin.pictureOnFailure();
    await Promise.all([robin.goTo("/jobs/heron/pins"), kim.goTo("/jobs/heron/pins")]);
    await Promise.all([robin, kim].map((person) => person.sees("the engine stops or something burns", 20_000)));
    await edit(robin, "Description of C1-1", "feed seen by Robin");
    await kim.sees("feed seen by Robin");
    await Promise.all([edit(robin, "Description of C1-2", "from Robin"), edit(kim, "Size of C1-2", "0.66")]);
    await robin.sees("0.66");
    await kim.sees("from Robin");
  });
  test("the same cell while one is typing: what came meanwhile is not written over unasked", async () => {
    robin.pictureOnFailure();
    await robin.click("button", /^Description of C1-5: .*edit$/);
    await robin.type("Description of C1-5", "as Robin has it");
    await edit(kim, "Description of C1-5", "as Kim has it");
    await robin.sees("Kim: Description of C1-5");
    await robin.press(Key.ENTER);
    await robin.sees("Meanwhile it became “as Kim has it”");
    await robin.press(Key.ENTER);
    await kim.sees("as Robin has it");
  });
  test("the same cell while one is cut off: one stands, the other is kept for its writer to apply", async () => {
    robin.pictureOnFailure();
    await robin.offline(true);
    await robin.sees("No connection to the server");
    await edit(robin, "Description of C1-9", "written apart by Robin");
    await edit(kim, "Description of C1-9", "written by Kim");
    await kim.wait("the change to be taken", async () =>
      (await kim.fetchText("/api/jobs/heron")).includes("written by Kim") ? true : null,
    );
    await robin.offline(false);
    await robin.sees("Someone else changed it first");
    await robin.sees("written by Kim");
    await robin.click("button", "Apply mine");
    await kim.sees("written apart by Robin");
  });
  test("one's own change is undone, the other's stays", async () => {
    robin.pictureOnFailure();
    await edit(robin, "Colour of C1-6", "BK/RD");
    await edit(kim, "Colour of C1-7", "BK/YE");
    await robin.sees("BK/YE");
    await robin.chord(Key.CONTROL, "z");
    // In the cells: the message that tells of the undo names what was undone, for as long as it stands.
    await kim.find("button", /^Colour of C1-6: (?!BK\/RD)/);
    await kim.find("button", /^Colour of C1-7: BK\/YE/);
  });
});

describe("the database lost", () => {
  test("in the middle: the page says so, keeps what is typed, and sends it when it is back", async () => {
    robin.pictureOnFailure();
    await robin.goTo("/jobs/heron/pins");
    await robin.find("button", /^Description of C1-8/);
    app.cutDatabase();
    await robin.sees("No connection to the server or its database");
    await edit(robin, "Description of C1-8", "typed while it was away");
    await robin.sees("1 change is kept in this browser");
    await app.joinDatabase();
    await robin.seesNot("No connection to the server");
    await kim.goTo("/jobs/heron/pins");
    await kim.sees("typed while it was away");
  });
  test("at the start: a clear page that goes on by itself", async () => {
    app.cutDatabase();
    await robin.goTo("/");
    await robin.sees("The database does not answer");
    await app.joinDatabase();
    await robin.find("link", "Heron");
  });
});

describe("bad input", () => {
  test("a job and a page that are not there", async () => {
    await robin.goTo("/jobs/none/map");
    await robin.sees("There is no such job or page");
    expect(JSON.parse(await robin.fetchText("/api/jobs/none/changes?since=0")).error.code).toBe("no-job");
  });
  test("documents that are none, of a later version, or that refer to what is not there", async () => {
    const folder = mkdtempSync(path.join(tmpdir(), "pantograph-documents-"));
    const document = JSON.parse(await robin.fetchText("/api/jobs/heron/document"));
    const cases: [string, unknown][] = [
      ["is not JSON", "hello"],
      ["no job document", { a: 1 }],
      ["of version", { ...document, format: "pantograph-job/9" }],
      ["not in the document", { ...document, connectors: [] }],
    ];
    await robin.goTo("/");
    for (const [at, [says, content]] of cases.entries()) {
      const file = path.join(folder, `${at}.json`);
      writeFileSync(file, typeof content === "string" ? content : JSON.stringify(content));
      await robin.chooseFile("Job document", file);
      await robin.sees(says);
    }
  });
  test("changes from elsewhere, of another shape, or too long are refused; answers carry their headers", async () => {
    const post = (body: string, headers: Record<string, string>) =>
      fetch(`${app.address}/api/jobs/heron/changes`, { method: "POST", body, headers });
    const json = { "Content-Type": "application/json" };
    const own = { ...json, Origin: app.address };
    const change = (description: string) =>
      JSON.stringify({
        key: "12345678",
        person: "x",
        base: 0,
        label: "x",
        ops: [{ op: "update", table: "pin", id: "donor-2", from: { description: null }, to: { description } }],
      });
    expect((await post(change("x"), json)).status).toBe(403);
    expect((await post(change("x"), { ...json, Origin: "http://elsewhere.example" })).status).toBe(403);
    expect((await post(change("x"), { ...own, "Content-Type": "text/plain" })).status).toBe(415);
    expect((await post("{", own)).status).toBe(400);
    expect((await post(change("x".repeat(10_001)), own)).status).toBe(422);
    expect((await post(JSON.stringify({ ops: [] }), own)).status).toBe(422);
    const page = await fetch(`${app.address}/jobs/heron/map`);
    expect(page.headers.get("content-security-policy")).toMatch(/script-src 'self' 'nonce-[^']+' 'strict-dynamic'/);
    expect(page.headers.get("x-content-type-options")).toBe("nosniff");
    expect(page.headers.get("x-powered-by")).toBeNull();
  });
  test("a file of 10 MB and a file that is no text are refused in words, and the job is as it was", async () => {
    const folder = mkdtempSync(path.join(tmpdir(), "pantograph-files-"));
    await robin.goTo("/jobs/heron/import?side=donor");
    for (const [name, content, says] of [
      ["large.csv", Buffer.alloc(10_000_001, "a"), "larger than 10 MB"],
      ["picture.csv", Buffer.from([0x89, 0x50, 0x4e, 0x47, 0, 1, 2, 3]), "The file is no table"],
    ] as const) {
      writeFileSync(path.join(folder, name), content);
      await robin.chooseFile("Pin table file", path.join(folder, name));
      await robin.sees(says);
    }
    await robin.sees("was not taken; the job is as it was");
  });
});
