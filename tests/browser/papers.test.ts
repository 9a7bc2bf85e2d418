import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { Key } from "selenium-webdriver";
import { afterAll, beforeAll, expect, test } from "vitest";
import { utils, write } from "xlsx";
import { emptyDocument } from "@/job/document";
import { createJob, loadJob } from "@/server/jobs";
import { EMPTY } from "../support/empty";
import { type App, Person, startApp } from "./support";

let app: App;
let robin: Person;
const folder = mkdtempSync(path.join(tmpdir(), "pantograph-papers-"));
const file = (name: string, content: string | Uint8Array) => {
  const at = path.join(folder, name);
  writeFileSync(at, content);
  return at;
};

beforeAll(async () => {
  app = await startApp("papers");
  for (const id of ["untidy", "typed", "told"])
    await createJob(app.pool, emptyDocument({ ...EMPTY.job, name: id }), id);
  robin = await Person.named(app.address, "Robin");
});
afterAll(async () => {
  await robin?.close();
  await app?.stop();
});

const LONG = { timeout: 10_000 };
const blur = () => robin.driver.executeScript("document.activeElement?.blur()");
const kept = async (id: string) => {
  const job = await loadJob(app.pool, id);
  if (job === null) throw new Error(`no job ${id}`);
  return job.document;
};
const pinIn = async (id: string, label: string) => {
  const { pins, connectors } = await kept(id);
  const labels = new Map(connectors.map((row) => [row.id, row.label]));
  return pins.find((row) => `${labels.get(row.connectorId)}-${row.cavity}` === label);
};

const DONOR = `Engine loom of the yard car
copied by hand on Tuesday; check twice

No.,Col,Ga.,What it does,Runs to,Amps,Hot,Seen
C40 (body side)
1,RED,16,BATT FEED ECU,,5,all times,y
2,PNK/BLK,18,IGN FEED,C41-7,2,run+start,y
3,BLK,14,ENGINE GROUND,G101,,,y
4,PPL,20,TACH OUT,,,,
5,BLK/WHT,20,SENSOR GROUND,S12,,,
C41
7,PNK,18,IGN 1 TO ECU,,,,
8,YEL,20,COOLANT TEMP SENSOR RETURN,S12,,,
`;
const HOST = `Van, dash side. From the 1988 book.
Plug;Pin;Colour;mm2;Use;Goes to;Fuse;Hot
Fuse box;F3;rd;2,5;Permanent feed, spare way;;15 A;battery
Fuse box;F4;gn/rd;1,5;Ignition feed, spare way;;10 A;start and run
Instruments;4;vi;0,5;Rev counter signal;;;
Instruments;9;br;0,5;Earth;G2;;
`;

test("two untidy papers become links, without a file being edited", async () => {
  robin.pictureOnFailure();
  await robin.goTo("/jobs/untidy/import?side=donor");
  await robin.chooseFile("Pin table file", file("donor.csv", DONOR));
  // What stands above the header and between the rows is told, each column by its own head, and where wires run.
  await robin.sees("7 rows good");
  await robin.sees(/These lines are taken for no rows/);
  await robin.sees(/The rows below it are taken to be of that connector/);
  await robin.sees(/Other ends: 4 found, 0 not/);
  await robin.click("button", "Import 7 rows");
  await robin.sees("The host's pin table");
  await robin.chooseFile("Pin table file", file("host.csv", HOST));
  await robin.sees("4 rows good");
  await robin.click("button", "Import 4 rows");
  await robin.sees("Pin tables");

  await expect.poll(() => pinIn("untidy", "C40-1"), LONG).toMatchObject({ params: { amps: "5", alive: "permanent" } });
  // The host's rows are a change of their own, sent after the donor's.
  await expect
    .poll(() => pinIn("untidy", "Fuse box-F4"), LONG)
    .toMatchObject({ params: { maxAmps: "10", alive: "run-crank" } });
  const { wires, connectors } = await kept("untidy");
  expect(connectors.map(({ label }) => label)).toEqual(expect.arrayContaining(["C40", "C41", "G101", "G2"]));
  const [from, to] = [await pinIn("untidy", "C40-2"), await pinIn("untidy", "C41-7")];
  expect(wires.find(({ fromPinId }) => fromPinId === from?.id)).toMatchObject({ toPinId: to?.id, endsAt: "cavity" });
  expect(wires.filter(({ splice }) => splice === "S12")).toHaveLength(2);

  // The column that nobody has told stands in the table and is told there.
  await robin.goTo("/jobs/untidy/pins?side=donor");
  await robin.find("list", "“Seen” is");
  await robin.type("Search this table", "S12");
  await robin.sees("C41-8");
  await robin.seesNot("C40-4");

  // The feeds are accepted with the arithmetic that the papers' amps give.
  await robin.goTo("/jobs/untidy/map?view=links");
  await robin.click("button", /^Permanent feed .*C40-1/);
  await robin.sees(/5\.0 A of 15 A/);
  await robin.click("button", /^(Accept|Decide by hand)( Y)?$/);
  await robin.sees("Decided");
  await robin.goTo("/jobs/untidy/plan");
  await robin.sees("Fuse box-F3");
  await robin.sees("1 decided");
});

test("a table whose head nobody understands is told once, and known again as a workbook", async () => {
  robin.pictureOnFailure();
  const rows = [["a list of mine"], ["a", "b", "c"], ["1", "RD", "Horn feed"], ["2", "BK", "Earth"]];
  await robin.goTo("/jobs/told/import?side=host");
  await robin.chooseFile("Pin table file", file("list.csv", rows.map((row) => row.join(",")).join("\n")));
  await robin.sees("Which line heads the table");
  await robin.sees("Still to say: which column is the cavity");
  const choose = async (list: string, option: string) => {
    const select = await robin.find("list", list);
    await select.findElement({ xpath: `./option[normalize-space()='${option}']` }).click();
  };
  await choose("a is", "cavity");
  await choose("b is", "colour");
  await choose("c is", "what it does");
  await robin.type("All rows are of connector", "H7");
  await robin.click("button", "Read it so");
  await robin.sees("2 rows good");
  await robin.sees("horn, feed");
  await robin.click("button", "Import 2 rows");
  await expect.poll(() => pinIn("told", "H7-1"), LONG).toMatchObject({ colourBase: "RD", description: "Horn feed" });

  // The next file with these heads is read by itself; its name tells the connector.
  const sheet = utils.aoa_to_sheet([...rows.slice(0, 2), ["1", "GN", "Wiper feed"]]);
  const book = write({ SheetNames: ["Mine"], Sheets: { Mine: sheet } }, { type: "array", bookType: "xlsx" });
  await robin.goTo("/jobs/told/import?side=host");
  await robin.chooseFile("Pin table file", file("H8.xlsx", new Uint8Array(book)));
  await robin.sees("sheet “Mine”");
  await robin.sees("1 row good");
  await robin.click("button", "Import 1 rows");
  await expect.poll(() => pinIn("told", "H8-1"), LONG).toMatchObject({ description: "Wiper feed" });

  // A part of a table leaves the rest as it is; what a person corrected since is kept, and asked about.
  await robin.goTo("/jobs/told/pins?side=host");
  await robin.click("button", /^Colour of H7-1/);
  await robin.type("Colour of H7-1", "YE");
  await robin.press(Key.ENTER);
  await expect.poll(() => pinIn("told", "H7-1"), LONG).toMatchObject({ colour: "YE", entered: ["colour"] });
  await robin.goTo("/jobs/told/import?side=host");
  await robin.chooseFile(
    "Pin table file",
    file("colours.csv", "connector,pin,colour,length\nH7,1,RD,2.5\nH7,2,BK,1\n"),
  );
  await robin.click("button", /^Kept against it/);
  await robin.sees(/H7-1.*colour: YE → RD/);
  await robin.click("button", "Import 2 rows");
  await expect
    .poll(() => pinIn("told", "H7-1"), LONG)
    .toMatchObject({ colour: "YE", lengthM: 2.5, description: "Horn feed" });
  await robin.click("link", /^Import/);
});

test("what is no table is refused with what to do", async () => {
  robin.pictureOnFailure();
  await robin.goTo("/jobs/told/import?side=host");
  await robin.chooseFile("Pin table file", file("page.pdf", "%PDF-1.7 and so on"));
  await robin.sees("The file is no table");
  await robin.sees("It is a PDF");
  await robin.chooseFile("Pin table file", file("dates.csv", "connector,pin\nC1,5-Jan\nC1,2\n"));
  await robin.sees(/a spreadsheet has made a date of it/);
  await robin.find("button", "Import 1 rows, leave the faulty one out");
});

test("what a link misses is filled in where it stands, by keyboard, and then it has a way", async () => {
  robin.pictureOnFailure();
  // The gauge is to be driven by the computer's own output instead of a second sender.
  const line = [await pinIn("heron", "Coolant sensor-1"), await pinIn("heron", "IP-2")].map((pin) => pin?.id).join(">");
  await robin.goTo(`/jobs/heron/map?line=${encodeURIComponent(line)}`);
  await robin.click("button", "Other counterpart");
  await robin.type("Choose a cavity", "C1-25");
  await robin.click("option", /C1-25/);
  await robin.click("button", "Pair by hand");
  await robin.sees("Decided by hand");
  for (const [label, asks, typed, value] of [
    ["C1-25", "Which duty does it give", "40: 20, 110: 80", "40:20|110:80"],
  ] as const) {
    const paired = [await pinIn("heron", "C1-25"), await pinIn("heron", "IP-2")].map((pin) => pin?.id).join(">");
    await robin.goTo(`/jobs/heron/map?line=${encodeURIComponent(paired)}`);
    await robin.sees("Missing");
    await blur();
    // The field is reached by Tab alone from the opened line.
    const field = await robin.find("textbox", new RegExp(`^${asks}.*${label}$`));
    await robin.driver.executeScript("arguments[0].closest('section').querySelector('button, input').focus()", field);
    for (let step = 0; step < 40; step++) {
      const here = await robin.driver.switchTo().activeElement();
      if ((await here.getId()) === (await field.getId())) break;
      await robin.press(Key.TAB);
    }
    await robin.press("warm", Key.ENTER);
    await robin.sees("Give two points or more");
    await robin.chord(Key.CONTROL, "a");
    await robin.press(typed, Key.ENTER);
    await expect
      .poll(() => pinIn("heron", label), LONG)
      .toMatchObject({ params: { curve: value }, grades: { curve: "claimed" } });
    // The same value stands in the cavity's pane, opened by one key, and in Evidence.
    await blur();
    await robin.goTo(`/jobs/heron/pins?pin=${(await pinIn("heron", label))?.id}`);
    await robin.find("textbox", new RegExp(`^${asks}.*${label}$`));
    await robin.goTo("/jobs/heron/evidence");
    await robin.sees(typed);
  }
  // With its output stage known as well, a gauge driver makes of the duty what the gauge's own sender would.
  const paired = [await pinIn("heron", "C1-25"), await pinIn("heron", "IP-2")].map((pin) => pin?.id).join(">");
  await robin.goTo(`/jobs/heron/map?line=${encodeURIComponent(paired)}`);
  await robin.click("button", "open collector");
  await robin.sees(/pull-up .*gauge driver/);
});

test("at a part's terminal a usual value is taken as usual, measured later, and seen in the cavity's pane", async () => {
  robin.pictureOnFailure();
  const at = "Injector 1-2";
  await robin.goTo("/jobs/heron/harness");
  await robin.type("Search parts", "injector 1");
  await robin.click("button", /^Injector 1/);
  await robin.click("button", /not known yet$/);
  await robin.click("button", /^14 Ω/);
  await expect
    .poll(() => pinIn("heron", at), LONG)
    .toMatchObject({ params: { ohms: "14" }, grades: { ohms: "usual" } });
  await robin.sees("nothing is lacking now");
  const field = await robin.find("textbox", new RegExp(`${at}$`));
  await field.click();
  await robin.chord(Key.CONTROL, "a");
  await robin.press("13.8", Key.ENTER);
  await expect
    .poll(() => pinIn("heron", at), LONG)
    .toMatchObject({ params: { ohms: "13.8" }, grades: { ohms: "claimed" } });
  await (await robin.find("list", new RegExp(`How it is known.*${at}$`))).sendKeys("measured");
  await expect.poll(() => pinIn("heron", at), LONG).toMatchObject({ grades: { ohms: "measured" } });
  // Its pane has the same value, below the connector's face.
  await robin.goTo(`/jobs/heron/pins?pin=${(await pinIn("heron", at))?.id}`);
  const pane = await robin.find("textbox", new RegExp(`${at}$`));
  expect(await pane.getAttribute("value")).toBe("13.8");
});

test("a key switch is entered as a table of ticks, and its type changed without losing one's place", async () => {
  robin.pictureOnFailure();
  await robin.goTo("/jobs/typed/harness");
  await robin.find("button", /^Add a part/);
  await robin.press("a");
  await robin.type("Search the library", "key");
  await robin.click("button", /^Key switch/);
  await robin.type(/^Called/, "KEY");
  await robin.click("button", "Add it");
  await robin.sees("Positions: tick where");
  await robin.click("checkbox", "50 joined with 30 in in run");
  const closed = async () =>
    (await kept("typed")).parts[0]?.elements.flatMap((one) =>
      one.type === "switch" && one.b === "50" ? [one.closedIn] : [],
    );
  await expect.poll(closed, LONG).toEqual([["run", "crank", "running"]]);
  await robin.click("checkbox", "50 joined with 30 in in run");
  await expect.poll(closed, LONG).toEqual([["crank"]]);
  const type = await robin.find("list", /^It is a/);
  await type.findElement({ css: "option[value=switch]" }).click();
  await robin.type("Another position", "side");
  await robin.press(Key.ENTER);
  await robin.find("checkbox", "ACC joined with 30 in side");
  await robin.type("Name", "LIGHTS");
  await robin.press(Key.TAB);
  await expect.poll(async () => (await kept("typed")).connectors.map(({ label }) => label), LONG).toEqual(["LIGHTS"]);
  await robin.click("button", "Remove");
  await expect.poll(async () => (await kept("typed")).pins.length, LONG).toBe(0);
});

test("a paper is typed in at the pace of a hand, beside its picture, and survives a reload", async () => {
  robin.pictureOnFailure();
  await robin.goTo("/jobs/typed/type-in?side=host");
  const png = Buffer.from(
    "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==",
    "base64",
  );
  await robin.chooseFile("Photograph or scan of the paper", file("label.png", png));
  await robin.find("button", "Turn");
  await robin.type("Connector, row 1", "C7");
  await robin.type("Colour, row 1", "RD");
  await robin.type("What it does, row 1", "Horn feed");
  await robin.press(Key.ENTER);
  // The next cavity is there, and the hand is where colours are; a ditto mark is what stands above.
  await robin.press('"', Key.TAB, Key.TAB, Key.TAB, "Earth", Key.ENTER);
  await robin.press("GN", Key.TAB, Key.TAB, Key.TAB, "Wiper feed");
  await robin.sees("3 typed, not in the job yet");
  await robin.driver.navigate().refresh();
  await robin.sees("3 typed, not in the job yet");
  await robin.chooseFile("Photograph or scan of the paper", file("label.png", png));
  await robin.find("button", "Turn");
  await robin.click("button", "Add 3 cavities");
  await expect.poll(() => pinIn("typed", "C7-3"), LONG).toMatchObject({ description: "Wiper feed" });
  expect(await pinIn("typed", "C7-2")).toMatchObject({ colour: "RD", description: "Earth" });
  expect((await kept("typed")).pictures).toMatchObject([
    { subject: expect.stringMatching(/^connector:/), type: "image/jpeg" },
  ]);
  await robin.sees("Kept in this browser as you type.");
});

test("on a tablet the inventory is tapped through, and what is alike at once", async () => {
  robin.pictureOnFailure();
  const tablet = await Person.named(app.address, "Kim", { width: 820, height: 1180 });
  try {
    await tablet.goTo("/jobs/heron/inventory");
    await tablet.click("button", "One at a time");
    await tablet.sees(/1 of \d+/);
    await tablet.click("button", /^Present/);
    await tablet.sees(/2 of \d+/);
    await tablet.click("button", /^Missing/);
    await tablet.sees(/3 of \d+/);
    await expect
      .poll(async () => (await kept("heron")).counts.map(({ state }) => state).toSorted(), LONG)
      .toEqual(["missing", "present"]);
    // Answers are as large as a thumb.
    const { height, width } = await (await tablet.find("button", /^Damaged/)).getRect();
    expect(Math.min(height, width)).toBeGreaterThanOrEqual(60);
    // All injectors at once.
    await tablet.click("button", "Table");
    await tablet.type("Search the inventory", "injector");
    await tablet.click("button", "One at a time");
    await tablet.click("button", /^All 4 present/);
    await expect
      .poll(async () => (await kept("heron")).counts.filter(({ state }) => state === "present").length, LONG)
      .toBe(5);
  } finally {
    await tablet.close();
  }
});
