import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { Key } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, test } from "vitest";
import { ridgewayDocument } from "@/demo/ridgeway";
import { createJob } from "@/server/jobs";
import { type App, Person, startApp } from "./support";

let app: App;
let robin: Person;
const folder = mkdtempSync(path.join(tmpdir(), "pantograph-harness-"));

beforeAll(async () => {
  app = await startApp("harness");
  await createJob(app.pool, ridgewayDocument(), "ridgeway");
  robin = await Person.named(app.address, "Robin");
});
afterAll(async () => {
  await robin?.close();
  await app?.stop();
});

const choose = async (list: string | RegExp, option: string) => {
  const select = await robin.find("list", list);
  await robin.driver.executeScript(
    "const [select, wanted] = arguments; const option = [...select.options].find((one) => one.text.startsWith(wanted) || one.value === wanted); Object.getOwnPropertyDescriptor(HTMLSelectElement.prototype, 'value').set.call(select, option.value); select.dispatchEvent(new Event('change', { bubbles: true }));",
    select,
    option,
  );
};
const out = () => robin.driver.executeScript("document.activeElement?.blur()");

describe("intake", () => {
  test("the harness is built from the tables and completed by hand: a part, a wire, a wrong wire named", async () => {
    robin.pictureOnFailure();
    await robin.goTo("/jobs/heron/harness");
    await robin.sees("Engine computer");
    await robin.sees("Confirmed.");

    // A ready component, called as it is printed, on the vehicle.
    await out();
    await robin.press("a");
    await robin.type("Search the library", "stud");
    await robin.click("button", "Ground stud, 4 rings");
    await robin.type(/^Called/, "G7");
    await robin.click("button", "Add it");
    await robin.sees("What is connected to it");
    await robin.sees("G7-4");

    // A wire to it, with what a person gets wrong first.
    await out();
    await robin.press("w");
    await robin.type(/^From cavity/, "G7-1");
    await robin.type(/^To cavity/, "G7-1");
    await robin.type(/^Size/, "thick");
    await robin.click("button", "Add the wire");
    await robin.sees("both ends are in this one");
    await robin.sees("A size such as 0.5");
    await robin.type(/^To cavity/, "C1-8");
    await robin.type(/^Size/, "1.5");
    await robin.type(/^Colour/, "BK");
    await robin.click("button", "Add the wire");
    await robin.sees("Wire G7-1 to C1-8");
    await robin.sees("C1-8");

    // A guess confirmed, and taken into the library.
    await robin.click("button", /^Host/);
    await robin.type("Search parts", "horn");
    await robin.click("button", /^Horn horn, guessed/);
    await robin.click("button", "Confirm");
    await robin.find("button", "Guess it anew");
    await robin.click("button", "Into my library");
    await out();
    await robin.press("a");
    await robin.find("button", "Export my 1");
    await robin.press(Key.ESCAPE);

    // A mate that does not fit is named where all problems are.
    await choose(/^Plugs into, in line/, "Radio");
    await robin.sees("2 cavities meet 3");
    await robin.click("button", /^Problems/);
    await robin.sees(/2 cavities meet 3/);
    await robin.sees("Check whether they are two halves of one connector");
    await out();
    await robin.chord(Key.CONTROL, "z");
    await robin.seesNot("2 cavities meet 3");
  });

  test("a face is turned over, walked by arrow keys, and laid out as it is moulded", async () => {
    robin.pictureOnFailure();
    await robin.goTo("/jobs/heron/faces");
    await robin.sees("Wire side: you look at where the wires go in");
    await robin.sees("row 1, 1 from the left");
    await robin.press(Key.ARROW_RIGHT);
    await robin.press(Key.ARROW_DOWN);
    await robin.sees("row 2, 2 from the left");
    await robin.sees("C1-12");
    await robin.press("s");
    await robin.sees("Mating side: you look into the connector");
    // Mirrored: the second from the left is now the second from the right, and right is left.
    await robin.sees("row 2, 9 from the left");
    await robin.press(Key.ARROW_RIGHT);
    await robin.sees("C1-11");
    await robin.sees("row 2, 10 from the left");
    await robin.click("button", "Pedal-3");
    await robin.sees("white with a black tracer");
    await robin.type("Rows", "2");
    await robin.type("Columns", "2");
    await robin.click("button", "Keep the face");
    await robin.sees("2 × 2 is 4, and the connector has 6 cavities");
    await robin.type("Columns", "3");
    await robin.click("button", "Keep the face");
    await robin.sees("Face of Pedal");
    await robin.sees("row 1, 1 from the left");
  });

  test("two tables of one harness are compared; one wire is as in the other, the rest as in the job", async () => {
    robin.pictureOnFailure();
    const table = readFileSync("src/demo/heron-host.csv", "utf8")
      .replace("Horn,2,88,PU/BK", "Horn,2,88,PU/WH")
      .replace("Washer pump,1,92,LG/BK,0.75", "Washer pump,1,92,LG/BK,1.0")
      .replace("Radio,3,29,BK,0.75,0.4,Earth,,,\n", "");
    const file = path.join(folder, "heron-1990.csv");
    writeFileSync(file, table);
    await robin.goTo("/jobs/heron/variants");
    await choose("Side of the table", "host");
    await robin.chooseFile("Table to compare", file);
    // Three of the table, and the four cavities of the stud that was added above.
    await robin.sees(/Different\s+7/);
    await robin.sees("the same base, another tracer");
    await robin.sees("0.75 mm² here, 1 mm² there");
    await robin.driver.executeScript(
      "[...document.querySelectorAll('[aria-label=\"On the bench at Horn-2\"] button')][1].click()",
    );
    await robin.sees("Horn-2 is as in heron-1990");
    await robin.sees(/Different\s+6/);
    await robin.click("button", /^All 6 as in the job/);
    await robin.sees(/All 0 as in the job/);
    await robin.goTo("/jobs/heron/pins?side=host");
    await robin.type("Search this table", "Horn to its push");
    await robin.sees("VT/WH");
  });

  test("the inventory counts what is needed, what is missing and what is to be sourced", async () => {
    robin.pictureOnFailure();
    await robin.goTo("/jobs/heron/inventory");
    await robin.sees(/needed and not looked at/);
    await robin.type("Search the inventory", "starter relay");
    await robin.click("button", /^Starter relay was found: .*edit$/);
    await robin.press("missing", Key.ENTER);
    await robin.sees(/1 to source/);
    await robin.click("button", /^Where Starter relay goes: .*edit$/);
    await robin.type("Where Starter relay goes", "left inner wing");
    await robin.press(Key.ENTER);
    await robin.click("button", /^To source/);
    await robin.sees("Starter relay");
    await robin.driver.navigate().refresh();
    await robin.click("button", /^To source/);
    await robin.find("button", "Where Starter relay goes: left inner wing; edit");
  });

  test("confusable connectors say what would be crossed, and are checked; evidence shows a conflict and takes an answer", async () => {
    robin.pictureOnFailure();
    await robin.goTo("/jobs/heron/look-alikes");
    await robin.sees("May destroy electronics");
    await robin.sees("If they change places");
    await robin.click("button", /^Checked at installation/);
    await robin.sees("1 checked");
    await robin.goTo("/jobs/heron/evidence");
    await robin.sees("In conflict: not everyone says the same");
    await robin.type(/^Of/, "C1-99");
    await robin.type("What", "colour");
    await robin.type("Says", "red");
    await robin.click("button", "Add it");
    await robin.sees("Nothing is called so");
    await robin.type(/^Answer to/, "the old fog lamp switch");
    await robin.press(Key.ENTER);
    await robin.sees("0 open questions");
  });
});

describe("triage", () => {
  const wire = async (search: string) => {
    await robin.type("Search wires", search);
    await robin.wait(`the wire ${search}`, async () => {
      const [first, ...more] = await robin.driver.findElements({ css: "[data-wire]" });
      if (first === undefined || more.length > 3) return null;
      await first.click();
      return true;
    });
    await out();
  };

  test("functions are kept or dropped; a needed wire is refused, with ways out; an override is a debt", async () => {
    robin.pictureOnFailure();
    await robin.goTo("/jobs/heron/triage");
    await robin.sees("Functions to keep");
    await robin.sees(/(26[0-3])\s+wires/);
    await wire("brake light switch-2");
    await robin.sees(/functions that are kept stop:[\s\S]*Brake lamps/);
    await robin.press("r");
    await robin.sees(/Refused:/);
    await robin.type(/^Or remove it all the same/, "replaced by a new switch loom");
    await robin.click("button", "Override");
    await robin.sees(/Stopped by a cut: Head, side and tail lamps\. Brake l/);
    await robin.sees(/2\s+functions stopped|functions? stopped by a cut/);
    await robin.click("button", /^Loose ends and fixes/);
    await robin.sees("Removed against need");
    await out();
    await robin.chord(Key.CONTROL, "z");
    await robin.sees("0 open of 0");
    await robin.click("button", /^Decide/);
    await robin.sees(/0\s+functions stopped by a cut/);
  });

  test("fed from elsewhere, the same wire may go; dropped functions set their wires free in one stroke", async () => {
    robin.pictureOnFailure();
    await wire("fan switch-1");
    await robin.press("r");
    await robin.sees(/Refused: Cooling fan/);
    await robin.click("button", "Add the wire");
    await robin.sees(/Feed Fan switch-1 from/);
    await robin.sees(/Nothing that is kept stops|there is a second way/);
    await robin.type("Search wires", "fan switch-1");
    await robin.wait("the first way", async () => {
      const [first] = await robin.driver.findElements({ css: "[data-wire]" });
      await first?.click();
      return first === undefined ? null : true;
    });
    await out();
    await robin.press("r");
    await robin.sees(/decided/);
    await robin.type("Search wires", " ");
    await robin.driver.executeScript(
      "[...document.querySelectorAll('label')].find((one) => one.innerText.includes('Audio')).querySelector('input').click()",
    );
    await robin.sees(/Drop audio/);
    await robin.click("button", /^Remove [1-9]\d* free/);
    // It asks once, with the list of what goes.
    await robin.sees(/Remove \d+ free wires?\?/);
    await robin.sees("Only Audio needs it, and it is not kept.");
    await robin.click("button", /^Remove \d+$/);
    await robin.sees(/Remove \d+ wires that nothing kept needs/);
    await robin.find("button", /^Bench list\s*[1-9]/);
  });

  test("at the bench the work is ticked off, and a wrong cut says at once what it broke and the repair", async () => {
    robin.pictureOnFailure();
    await robin.click("button", /^Bench list/);
    await robin.sees(/0 of \d+ done/);
    await robin.driver.executeScript(
      "document.querySelector('section[aria-label=\"Bench list\"] input[type=checkbox]').click()",
    );
    await robin.sees(/1 of \d+ done/);
    await robin.sees("done by Robin");
    await robin.click("button", /^Decide/);
    await wire("horn-1");
    await robin.click("button", "It was cut already");
    await robin.sees("This cut stopped Horn.");
    await robin.sees("crimped and sealed butt joint");
    await robin.sees(/Horn-1 has no feed/);
    await robin.click("button", /^Keep/);
    await robin.sees(/0\s+functions stopped by a cut/);
  });

  test("a box that is taken out leaves its ends by name until each has a home", async () => {
    robin.pictureOnFailure();
    await robin.type("Search wires", "flasher");
    await robin.click("button", /^Flasher relay host/);
    await robin.sees("Flasher relay, the whole connector");
    await out();
    await robin.press("r");
    await robin.sees(/Refused: Turn signals/);
    await robin.click("button", /^Drop turn signals/);
    await robin.sees(/Nothing that is kept stops/);
    await out();
    await robin.press("r");
    await robin.sees(/to be removed/);
    await robin.click("button", /^Loose ends and fixes/);
    await robin.sees("2 open of 2");
    await robin.sees(/Flasher relay-49a carried a feed; still connected to it: Indicator switch-1 and Hazard switch-2/);
    await choose("What became of Flasher relay-49a", "cap");
    await robin.sees("1 open of 2");
    await robin.sees("capped, Robin");
    await robin.goTo("/jobs/heron/map");
    await robin.find("link", /^Loose ends 1$/);
  });

  test("a sensor ground goes by itself alone, with a reason; the old engine and the donor's body go unless kept", async () => {
    robin.pictureOnFailure();
    await robin.goTo("/jobs/heron/triage");
    await robin.sees("Engine running (old engine's)");
    await wire("coolant sensor earth");
    await robin.press("r");
    await robin.sees(/Refused: Engine running[\s\S]*Sensor ground\./);
    await robin.type(/^Or remove it all the same/, "the sensor has gone with its housing");
    await robin.click("button", "Override");
    await robin.sees("against need");
    await out();
    await robin.chord(Key.CONTROL, "z");
    await robin.sees("Undo: Remove");
  });

  test("one key on the large sample asks first, and takes no sensor ground and no airbag circuit along", async () => {
    robin.pictureOnFailure();
    await robin.goTo("/jobs/ridgeway/triage");
    await robin.sees(/2[, ]?0\d\d\s+wires/, 30_000);
    await robin.press("a");
    await robin.sees(/Remove \d+ free wires?\?/);
    const list = await robin.driver.executeScript<string>(
      "return document.querySelector('[aria-label=\"To be removed\"]')?.innerText ?? ''",
    );
    expect(list).not.toMatch(/airbag|tensioner|sensor earth|crash sensor/i);
    await robin.click("button", "Cancel");
    await robin.seesNot("free wires?");
  });

  test("an airbag circuit is never offered for cutting", async () => {
    robin.pictureOnFailure();
    await robin.goTo("/jobs/ridgeway/triage");
    await robin.sees(/2[, ]?0\d\d\s+wires/, 30_000);
    await wire("belt tensioner left-1");
    await robin.sees("Airbag and pretensioner circuits are never cut or probed here");
    expect(
      await robin.driver.executeScript(
        "return [...document.querySelectorAll('section[aria-label=Consequences] button')].some((one) => one.innerText.startsWith('Remove'))",
      ),
    ).toBe(false);
  });
});
