import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { Key } from "selenium-webdriver";
import { afterAll, beforeAll, expect, test } from "vitest";
import { readPinTable } from "@/formats/pin-table";
import { type App, Person, startApp } from "./support";

let app: App;
let robin: Person;
const folder = mkdtempSync(path.join(tmpdir(), "pantograph-walk-"));

beforeAll(async () => {
  app = await startApp("walk");
  robin = await Person.open(app.address);
});
afterAll(async () => {
  await robin?.close();
  await app?.stop();
});

/** The same table with what real ones have: a size that is none, and a text that is no markup. */
function spoiltHostTable(): string {
  const file = path.join(folder, "host.csv");
  const text = readFileSync("src/demo/heron-host.csv", "utf8")
    .replace("IP,1,20,WH/BK,0.75", "IP,1,20,WH/BK,thick")
    .replace("Rev counter, coil negative", "Rev counter <img src=x onerror=alert(1)>");
  writeFileSync(file, text);
  return file;
}

test("two pin tables become a plan, are carried to the vehicle, and everything is kept", async () => {
  robin.pictureOnFailure();

  // 1. The list of jobs, and a job of one's own.
  await robin.goTo("/");
  await robin.find("link", "Heron");
  await robin.click("button", "New job");
  await robin.click("button", "Create job");
  await robin.sees("Fill this in");
  await robin.type(/^Job/, "Walk");
  await robin.type(/^Host/, "1988 Brannock Heron camper");
  await robin.type(/^Donor/, "2010 Orvane Pelican 2.4");
  await robin.click("radio", /^Donor's computer with its paired security module/);
  await robin.click("button", "Create job");

  // 2. Import: the donor by file, the host first with faults, then mended; nothing is taken before the person agrees.
  await robin.sees("The donor's pin table");
  await robin.chooseFile("Pin table file", "src/demo/heron-donor.csv");
  await robin.sees("209 rows");
  await robin.sees("209 new");
  await robin.click("button", "Import 209 rows");
  await robin.find("dialog", /.*/);
  await robin.type("Name", "Robin");
  await robin.click("button", "Save name");
  await robin.sees("The host's pin table");
  await robin.chooseFile("Pin table file", spoiltHostTable());
  await robin.sees(/Line 26, size: found “thick”/);
  await robin.click("button", "Import 137 rows, leave the faulty one out");
  await robin.sees("Pin tables");
  await robin.press("2");
  await robin.click("link", "Import");
  await robin.click("button", /^Host's table/);
  await robin.click("button", "Paste into a field instead");
  const field = await robin.find("textbox", "Table as text");
  await robin.driver.executeScript(
    "arguments[0].value = arguments[1]",
    field,
    readFileSync(spoiltHostTable(), "utf8").replace("thick", "0.75"),
  );
  await robin.click("button", "Read it");
  await robin.sees("1 new, 0 changed, 137 the same");
  await robin.click("button", "Import 138 rows");

  // 3. The pin tables: search, see what is no markup, correct a guess by keys.
  await robin.find("link", /^Pin tables/);
  await robin.type("Search this table", "rev counter");
  await robin.sees("<img src=x onerror=alert(1)>");
  await robin.type("Search this table", "purpose unclear");
  await robin.find("button", /^Kind of Spare plug-1: .*edit$/);
  await robin.driver.executeScript("document.activeElement.blur()");
  await robin.press(Key.ARROW_DOWN);
  await robin.press("k");
  await robin.press("spare", Key.ENTER);
  await robin.find("button", "Kind of Spare plug-1: spare; edit");
  await robin.sees("set by you");

  // 4. The map: one key goes to what holds the job back; accept, refuse, pair by hand, note.
  await robin.press("4");
  await robin.find("button", /^Accept \d+ wire only/);
  await robin.press("n");
  await robin.sees("reads Tank sender-1 already");
  await robin.driver.executeScript("document.activeElement.blur()");
  await robin.press("a");
  await robin.sees(/Accept \d+ wire-only links\?/);
  await robin.sees("Left for you, one by one");
  await robin.sees("what it carries may hurt someone or stop the engine");
  await robin.click("button", /^Accept \d+$/);
  await robin.sees(/Accept 0 wire only/);
  await robin.chord(Key.CONTROL, "k");
  await robin.type("Find a cavity, circuit, link or step", "engine speed link");
  await robin.click("option", /C1-23 to IP-1/);
  await robin.sees("pull-up 2.2 kΩ");
  await robin.sees("20 mA (assumed) → R ≥ 800 Ω");
  await robin.click("button", /^Accept( Y)?$/);
  await robin.sees("Decided: adapter");
  await robin.type("Reason or note", "scope showed no pull-up");
  await robin.press(Key.ENTER);
  await robin.click("button", /^Pair by hand( P)?$/);
  await robin.type("Choose a cavity", "C1-3");
  await robin.click("option", /C1-3.*Main relay supply/);
  await robin.type("Choose a cavity", "FB-2");
  await robin.click("option", /FB-2/);
  await robin.sees(/fed through a relay that the computer works/);
  await robin.click("button", "Pair");
  await robin.sees(/C1-3/);
  await robin.click("button", /^No counterpart/);
  await robin.sees(/\d+ stay with their own side/);
  await robin.click("button", "Show them");
  await robin.sees("A sensor ground ends at its own computer");

  // 5. The sheet: on the screen, as CSV, as paper, as a document that comes back the same.
  await robin.press("6");
  await robin.sees("scope showed no pull-up");
  const jobPath = new URL(await robin.driver.getCurrentUrl()).pathname.replace(/\/plan$/, "");
  const csv = await robin.fetchText(`/api${jobPath}/plan`);
  expect(csv).toMatch(
    /engine speed,C1-23,YE\/BK,0\.5,pull-up 2\.2 kΩ to 12 V,IP-1,WH\/BK,0\.75,scope showed no pull-up/,
  );
  const pdf = (
    await (
      robin.driver as unknown as { sendAndGetDevToolsCommand(name: string, params: object): Promise<{ data: string }> }
    ).sendAndGetDevToolsCommand("Page.printToPDF", { preferCSSPageSize: true })
  ).data;
  const pages =
    Buffer.from(pdf, "base64")
      .toString("latin1")
      .match(/\/Type\s*\/Page\b/g)?.length ?? 0;
  expect(pages).toBeGreaterThanOrEqual(2);
  const exported = await robin.fetchText(`/api${jobPath}/document`);
  const again = await robin.driver.executeAsyncScript<string>(
    "const done = arguments[1]; fetch('/api/documents', { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify({ text: arguments[0] }) }).then((answer) => answer.json()).then((body) => done(body.id))",
    exported,
  );
  expect(await robin.fetchText(`/api/jobs/${again}/document`)).toBe(exported);
  const donorCsv = await robin.fetchText(`/api${jobPath}/pins?side=donor`);
  const back = readPinTable(new TextEncoder().encode(donorCsv), "donor");
  expect(back.ok && back.table.pins.length).toBe(209);

  // 6. First power: a reading that is none, one that fails with its causes, one that passes and goes on.
  await robin.press("8");
  await robin.sees("Both battery leads off");
  const reading = /^You read/;
  await robin.type(reading, "twelve");
  await robin.click("button", "Keep");
  await robin.sees("is no reading");
  await robin.type(reading, "0.2");
  await robin.press(Key.ENTER);
  await robin.sees("Ground Security module-3 to battery negative");
  // A step with power waits for those without it, by name.
  await robin.click("button", /^Battery at rest/);
  await robin.sees("Before it: Ground Security module-3 to battery negative");
  await robin.click("button", "Go to it");
  await robin.type(reading, "OL");
  await robin.press(Key.ENTER);
  await robin.sees("Fails: Open: the path is broken");
  await robin.sees("Likely causes");
  await robin.sees("is not bolted to clean metal");
  await robin.sees(/Next\s+Ground Security module-3/);
  await robin.type(reading, "0.21");
  await robin.press(Key.ENTER);
  await robin.sees("2 of");
  await robin.sees(/Ground (Diagnostic socket-4|Engine earth-1) to battery negative/);

  // 7. Everything kept: after a reload, with undo, redo and history across it.
  await robin.driver.navigate().refresh();
  await robin.sees("0.21");
  await robin.driver.executeScript("document.activeElement.blur()");
  await robin.chord(Key.CONTROL, "z");
  await robin.sees("Undo: Read 0.21");
  await robin.press("h");
  await robin.sees(/Undo: Read 0\.21/);
  await robin.sees("Import 209 donor cavities from heron-donor.csv");
  await robin.chord(Key.CONTROL, "y");
  await robin.sees("Redo: Read 0.21");
  expect(await robin.text()).toContain("Robin");
});

test("the palette finds by what is printed, and the sheet of keys opens", async () => {
  robin.pictureOnFailure();
  await robin.goTo("/jobs/heron/map");
  await robin.find("button", /^Accept \d+ wire only/);
  await robin.chord(Key.CONTROL, "k");
  await robin.type("Find a cavity, circuit, link or step", "E23");
  await robin.click("option", /C1-23/);
  await robin.find("button", /^Kind of C1-23: .*edit$/);
  await robin.press("?");
  await robin.sees("go to what holds the job back");
  await robin.press(Key.ESCAPE);
});
