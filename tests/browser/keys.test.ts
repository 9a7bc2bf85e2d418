import { readFileSync } from "node:fs";
import { Key } from "selenium-webdriver";
import { afterAll, beforeAll, expect, test } from "vitest";
import { type App, Person, startApp } from "./support";

let app: App;
let robin: Person;

beforeAll(async () => {
  app = await startApp("keys");
  robin = await Person.named(app.address, "Robin");
});
afterAll(async () => {
  await robin?.close();
  await app?.stop();
});

test("the map is worked by keys alone: move, open, accept, refuse, undo, redo", async () => {
  robin.pictureOnFailure();
  await robin.goTo("/jobs/heron/map?view=links");
  await robin.find("button", /^Accept 15 wire only/);
  await robin.press(Key.ARROW_DOWN);
  await robin.press(Key.ENTER);
  await robin.sees("Arithmetic");
  await robin.press("y");
  await robin.sees("Decided: wire only");
  await robin.find("button", /^Accept 14 wire only/);
  await robin.press(Key.ENTER);
  await robin.press(Key.ARROW_DOWN);
  await robin.press("x");
  await robin.sees("Refused");
  await robin.chord(Key.CONTROL, "z");
  await robin.sees("Undo: Refuse");
  await robin.chord(Key.CONTROL, "z");
  await robin.find("button", /^Accept 15 wire only/);
  await robin.chord(Key.CONTROL, "y");
  await robin.find("button", /^Accept 14 wire only/);
  for (const [digit, screen] of [
    ["1", "scope"],
    ["2", "pins"],
    ["3", "triage"],
    ["5", "power"],
    ["6", "plan"],
    ["7", "security"],
    ["8", "prove"],
    ["4", "map"],
  ] as const) {
    await robin.press(digit);
    await robin.wait(`the stage ${screen}`, async () =>
      (await robin.driver.getCurrentUrl()).endsWith(`/${screen}`) ? true : null,
    );
    await robin.driver.executeScript("document.activeElement?.blur()");
  }
});

test("keys do nothing while a person types", async () => {
  robin.pictureOnFailure();
  await robin.goTo("/jobs/heron/pins");
  await robin.type("Search this table", "n4h?");
  expect(await robin.attribute("textbox", "Search this table", "value")).toBe("n4h?");
  expect(await robin.driver.getCurrentUrl()).toMatch(/\/pins$/);
  await robin.sees("Nothing fits the search");
});

test("a word typed at speed into a list that closes under the hand is no command", async () => {
  robin.pictureOnFailure();
  await robin.goTo("/jobs/heron/pins?side=host");
  await robin.type("Search this table", "purpose unclear");
  await robin.find("button", /^Kind of Spare plug-1: .*edit$/);
  await robin.driver.executeScript("document.activeElement.blur()");
  await robin.press(Key.ARROW_DOWN);
  await robin.press("k");
  // n, h, 4 and a would go to the next thing, the history, the map, and accept what is there.
  await robin.press(..."nh4a4nah");
  await robin.press(Key.ESCAPE);
  await robin.find("button", "Kind of Spare plug-1: not known; edit");
  expect(await robin.driver.getCurrentUrl()).toMatch(/\/pins\?side=host$/);
  await robin.goTo("/jobs/heron/history");
  await robin.sees("History");
  expect(await robin.text()).not.toMatch(/Accept \d+ wire-only|Kind of Spare plug-1/);
});

test("an earlier change of one's own is taken back in the history, and what came after it stays", async () => {
  robin.pictureOnFailure();
  await robin.goTo("/jobs/heron/pins?side=host");
  for (const [search, cavity, text] of [
    ["Spare plug-1", "Spare plug-1", "first note"],
    ["Spare plug-2", "Spare plug-2", "second note"],
  ] as const) {
    await robin.type("Search this table", search);
    await robin.click("button", new RegExp(`^Description of ${cavity}: .*edit$`));
    await robin.press(Key.chord(Key.CONTROL, "a"), text, Key.ENTER);
    await robin.sees(text);
  }
  await robin.goTo("/jobs/heron/history");
  await robin.click("button", /^Take back No\. \d+: Description of Spare plug-1/);
  await robin.sees(/Undo: Description of Spare plug-1/);
  await robin.goTo("/jobs/heron/pins?side=host");
  await robin.type("Search this table", "Spare plug");
  await robin.sees("second note");
  await robin.sees("Purpose unclear");
  await robin.goTo("/jobs/heron/history");
  await robin.click("button", /^Take back No\. \d+: Description of Spare plug-2/);
  await robin.sees(/Undo: Description of Spare plug-2/);
});

test("a file that is dropped is read like one that is chosen, and another counterpart can be taken", async () => {
  robin.pictureOnFailure();
  await robin.goTo("/jobs/heron/import?side=host");
  await robin.sees("or drop one here");
  await robin.driver.executeScript(
    `const data = new DataTransfer(); data.items.add(new File([arguments[0]], "dropped.csv"));
     document.querySelector("section[aria-label='Choose a table']").dispatchEvent(new DragEvent("drop", { dataTransfer: data, bubbles: true, cancelable: true }));`,
    readFileSync("src/demo/heron-host.csv", "utf8"),
  );
  await robin.sees("dropped.csv");
  await robin.sees("0 new, 0 changed, 138 the same");
  await robin.find("button", "Discard");

  await robin.goTo("/jobs/heron/map");
  await robin.find("button", /^Accept \d+ wire only/);
  await robin.chord(Key.CONTROL, "k");
  await robin.type("Find a cavity, circuit, link or step", "engine speed link");
  await robin.click("option", /C1-23 to IP-1/);
  await robin.click("button", "Other counterpart");
  await robin.type("Choose a cavity", "no such cavity");
  await robin.sees("No cavity fits");
  await robin.type("Choose a cavity", "T1-19");
  await robin.click("option", /T1-19/);
  await robin.sees("in pulses per engine revolution: teeth, final drive or tyre");
  await robin.press(Key.ESCAPE);
  const list = await robin.find("list", "Another adapter, by hand");
  await list.sendKeys("frequency", Key.NULL);
  await robin.driver.executeScript(
    "arguments[0].value = 'coil-simulator'; arguments[0].dispatchEvent(new Event('change', { bubbles: true }))",
    list,
  );
  await robin.sees("Decided by hand");
  await robin.sees("coil simulator");
});

test("a reading made before a wire was changed is stale, and says so", async () => {
  robin.pictureOnFailure();
  await robin.goTo("/jobs/heron/map");
  await robin.click("button", /^Accept \d+ wire only/);
  await robin.click("button", /^Accept \d+$/);
  await robin.sees("Accept 0 wire only");
  await robin.press("8");
  // The meter's own leads first, then the first ground with what they have.
  for (const reading of ["0.1", "0.12"]) {
    await robin.type(/^You read/, reading);
    await robin.press(Key.ENTER);
    await robin.sees(reading);
  }
  await robin.sees("2 of");
  await robin.goTo("/jobs/heron/pins");
  await robin.type("Search this table", "Security module");
  await robin.click("button", /^Size of Security module-3: .*edit$/);
  await robin.type("Size of Security module-3", "far");
  await robin.press(Key.ENTER);
  await robin.sees("A size such as 0.5 or 20 AWG");
  await robin.type("Size of Security module-3", "0.35");
  await robin.press(Key.ENTER);
  await robin.goTo("/jobs/heron/prove");
  await robin.sees("stale");
  await robin.click("button", /^Ground Security module-3 to/);
  await robin.sees("The plan has changed since it was read");
});
