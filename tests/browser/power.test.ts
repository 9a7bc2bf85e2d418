import { Key } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, test } from "vitest";
import { heronDocument } from "@/demo/heron";
import { ridgewayDocument } from "@/demo/ridgeway";
import { createJob } from "@/server/jobs";
import { withProven } from "../support/proven";
import { type App, Person, startApp } from "./support";

let app: App;
let robin: Person;

beforeAll(async () => {
  app = await startApp("power");
  robin = await Person.named(app.address, "Robin");
});
afterAll(async () => {
  await robin?.close();
  await app?.stop();
});

/** What a drawn path says to those who do not see it: every point with its volts. */
const pathText = () =>
  robin.driver.executeScript<string>(
    "return document.querySelector('svg[aria-label^=\"Current path\"]')?.getAttribute('aria-label') ?? ''",
  );
const findings = async () =>
  (
    await robin.driver.executeScript<string[]>(
      "return [...document.querySelectorAll('section[aria-label=Findings] li button')].map((one) => one.innerText)",
    )
  ).join("\n");
const tryCure = async (words: string | RegExp) =>
  robin.click("button", new RegExp(`^Try: .*${typeof words === "string" ? words : words.source}`));

describe("the planted trouble of the sample job is found, cured by what-if, and gone", () => {
  test("one key leads to the one thing that stops the engine, with its reason and where the probe goes", async () => {
    robin.pictureOnFailure();
    await robin.goTo("/jobs/heron-planned/scope");
    await robin.sees("C1-2 has no voltage while cranking", 20_000);
    await robin.press("n");
    await robin.sees("KEY IG is open while cranking: it closes in run, running.");
    await robin.sees(/red at C1-2, black at battery negative, cranking/i);
    await robin.wait("the path to be drawn", async () => ((await pathText()).includes("KEY-IG") ? true : null));
    await robin.sees(/With it:.*C1-3/);
  });

  test("the computer on a key terminal that drops out: tried, compared in the key table, accepted, undone and redone", async () => {
    robin.pictureOnFailure();
    await robin.sees("Clears this finding, adds none");
    await tryCure("Feed C1-2 from Ignition relay-87");
    // Its contact then carries nearly what its output is rated for: a note.
    await robin.sees(/1 finding goes, 1 comes/);
    expect(await findings()).toMatch(/C1-2 has no voltage while cranking[^\n]*(\n[^\n]*)?\ngoes/);
    // The loop names its first node twice; of the path before nothing is left standing under it.
    await robin.sees("as it would be");
    const [named, drawn] = await robin.driver.executeScript<[number, number]>(
      "const path = document.querySelector('section[aria-label=Finding] svg[role=img]'); return [path.getAttribute('aria-label').split(' V').length - 1, path.querySelectorAll('[data-point]').length]",
    );
    expect(named).toBeGreaterThan(5);
    expect(drawn).toBe(named);
    await robin.click("button", /^Key table/);
    await robin.type("Find", "C1-2");
    const crank = () =>
      robin.driver.executeScript<string>(
        "return [...document.querySelectorAll('[role=row]')].find((one) => one.innerText.startsWith('donor cavity C1-2') || one.innerText.includes('C1-2\\n'))?.querySelectorAll('[role=cell] button')[3]?.innerText ?? ''",
      );
    await robin.wait("before and after beside each other", async () =>
      /^0\.\d\d\s*(9|1[01])\.\d\d\s+live/.test((await crank()).replace(/\n/g, " ")) ? true : null,
    );
    await robin.click("button", /^Accept/);
    await robin.sees("C1-2 from Ignition relay-87");
    await robin.click("button", /^Findings/);
    await robin.wait("the finding to go", async () =>
      (await findings()).includes("C1-2 has no voltage") ? null : true,
    );
    await robin.chord(Key.CONTROL, "z");
    await robin.wait("the finding to come back", async () =>
      (await findings()).includes("C1-2 has no voltage") ? true : null,
    );
    await robin.chord(Key.CONTROL, "y");
    await robin.wait("the finding to go again", async () =>
      (await findings()).includes("C1-2 has no voltage") ? null : true,
    );
    expect(await robin.fetchText("/api/jobs/heron-planned/document")).toContain("Tried in Power and accepted");
  });

  test("the charge lamp that feeds the ignition back: a diode in its link", async () => {
    robin.pictureOnFailure();
    await robin.click("button", /^IP-10 is live with the key off, engine coasting/);
    await robin.sees(/Current flows back through the lamp at IP-5: Alternator-D\+ → IP-5 → IP-10/);
    await robin.wait("the path to be drawn", async () => (/IP-10 [3-9]\.\d\d V/.test(await pathText()) ? true : null));
    await tryCure("A diode in the link Alternator-D\\+ to IP-5");
    await robin.sees(/1 finding goes, 0 come/);
    await robin.press("y");
    await robin.wait("the finding to go", async () => ((await findings()).includes("IP-10 is live") ? null : true));
  });

  test("a sensor's return on the starter's ground: the wire taken out", async () => {
    robin.pictureOnFailure();
    await robin.click("button", /^C2-2, a sensor ground, carries/);
    await robin.sees("Engine earth-1");
    await tryCure("Remove the wire C2-2 to Engine earth-1");
    await robin.sees(/\d findings? goe?s?, \d comes?/);
    await robin.press("y");
    await robin.wait("the finding to go", async () =>
      (await findings()).includes("a sensor ground, carries") ? null : true,
    );
    await robin.goTo("/jobs/heron-planned/history");
    await robin.sees("Without the wire C2-2 to Engine earth-1");
  });
});

describe("something of one's own", () => {
  test("a colder battery is compared and discarded; absurd values are refused with their range", async () => {
    robin.pictureOnFailure();
    await robin.goTo("/jobs/heron-planned/power?tab=starting");
    await robin.sees("current while cranking", 20_000);
    await robin.click("button", "Try −18 °C");
    await robin.sees(/What if\s+Battery temperature −18 °C/);
    await robin.wait("before and after", async () => (/\d+ A\s*\d+ A/.test(await robin.text()) ? true : null));
    await robin.press(Key.ESCAPE);
    await robin.seesNot("What if");
    await robin.click("button", /^Findings/);
    await robin.click("button", "Try something of your own");
    const what = await robin.find("list", /^What/);
    await what.sendKeys("A thicker");
    await robin.type("Wire", "Alternator-B+ to Starter-30");
    await robin.type("Length, m", "5000");
    await robin.click("button", "Try it");
    await robin.sees("Length: give 0.01 m to 50 m, not 5000 m.");
    await robin.type("Length, m", "6");
    await robin.click("button", "Try it");
    await robin.sees(/What if\s+6 m/);
    await robin.press(Key.ESCAPE);
    await robin.type("Wire", "no such wire");
    await robin.click("button", "Try it");
    await robin.sees("There is no wire called “no such wire”.");
  });

  test("what is given is kept, and what lies out of its range is refused at its field", async () => {
    robin.pictureOnFailure();
    await robin.goTo("/jobs/heron-planned/power?tab=given");
    await robin.sees("A value that nobody gave is assumed", 20_000);
    await robin.type("Battery temperature", "-300");
    await robin.press(Key.TAB);
    await robin.sees("Give a number from −40 to 70 °C.");
    await robin.type("Battery temperature", "-5");
    await robin.press(Key.TAB);
    await robin.wait("the value to be kept", async () =>
      JSON.parse(await robin.fetchText("/api/jobs/heron-planned/document")).settings[0]?.value === -5 ? true : null,
    );
    await robin.sees("Links that wait for your approval are solved as proposed.");
  });

  test("a reading that disagrees points to the elements that would explain it", async () => {
    robin.pictureOnFailure();
    await robin.goTo("/jobs/heron-planned/prove");
    // Nothing is read with power before all that can be read without it: as the screen says that it should be.
    await robin.click("button", /^Feed C1-2 is live in run/);
    await robin.sees("Before it:");
    await robin.click("button", "Go to it");
    for (let nth = 0; nth < 120; nth++) {
      const step = await robin.driver.executeScript<{ title: string; nominal: string }>(
        "const step = document.querySelector('section[aria-label=Step]'); return { title: step.querySelector('h2').innerText, nominal: step.innerText.match(/Expected\\n+([^\\n]+)/)?.[1] ?? '' }",
      );
      if (step.title === "Battery at rest") break;
      const [, value = "", milli = ""] = /^([\d.]+)\s*(m?)/.exec(step.nominal) ?? [];
      const ohms = Number(value) * (milli === "m" ? 0.001 : 1);
      await robin.type(/^You read/, step.nominal === "OL" ? "OL" : String(ohms));
      await robin.press(Key.ENTER);
      await robin.wait("the next step", async () =>
        (await robin.text()).includes(step.title) &&
        (await robin.driver.executeScript("return document.querySelector('section[aria-label=Step] h2').innerText")) !==
          step.title
          ? true
          : null,
      );
    }
    await robin.click("button", /^Feed C1-2 is live in run/);
    await robin.sees("the solved plan gives");
    await robin.type(/^You read/, "0.02");
    await robin.press(Key.ENTER);
    await robin.sees("Likely causes");
    await robin.sees(/by the solved plan|the solved plan would read/);
  });
});

describe("one crank", () => {
  test("reads the least of all feeds and the most of all grounds at once; one undo takes it back", async () => {
    robin.pictureOnFailure();
    await createJob(
      app.pool,
      withProven(heronDocument(), (step) => step.keyState !== "crank"),
      "cranked",
    );
    await robin.goTo("/jobs/cranked/prove");
    await robin.click("button", /^Ground C1-6 while cranking/);
    await robin.click("button", /^Read \d+ in one crank/);
    await robin.sees("No fuel and no spark");
    // Enter goes from place to place; a slip is told at its place, and nothing that was typed is lost.
    await robin.type(/^C1-2 feed/, "9.9");
    await robin.press(Key.ENTER);
    await robin.type(/^C1-6 ground/, "0,3,");
    await robin.click("button", "Keep 2 readings");
    await robin.sees("“0,3,” is no reading");
    await robin.type(/^C1-6 ground/, "0.01");
    await robin.click("button", "Keep 2 readings");
    const readings = async () =>
      JSON.parse(await robin.fetchText("/api/jobs/cranked/document")).readings.filter(
        ({ written }: { written: string }) => written === "9.9" || written === "0.01",
      ).length;
    await robin.wait("both readings to be kept", async () => ((await readings()) === 2 ? true : null));
    await robin.sees(/Feed C1-2 is live while cranking\s*, proven\s*9\.9/);
    await robin.chord(Key.CONTROL, "z");
    await robin.wait("both to be taken back", async () => ((await readings()) === 0 ? true : null));
  });
  test("a link that is only proposed is in the sheet, marked, and leads to the map instead of a reading", async () => {
    robin.pictureOnFailure();
    await robin.goTo("/jobs/cranked/prove");
    await robin.sees(/\d+ proposed only/);
    await robin.click("button", /not made yet/);
    await robin.sees("it is not made, and cannot be read");
    await robin.click("link", "To its link");
    await robin.wait("the map", async () =>
      (await robin.driver.getCurrentUrl()).includes("/map?line=") ? true : null,
    );
  });
});

describe("a job in gauges and feet", () => {
  test("is asked and told in them", async () => {
    robin.pictureOnFailure();
    const heron = heronDocument();
    await createJob(app.pool, { ...heron, job: { ...heron.job, name: "Gauges", units: "imperial" } }, "gauges");
    await robin.goTo("/jobs/gauges/power?tab=fuses");
    await robin.sees(/wires are rated for less than the fuse/, 20_000);
    await robin.sees(/\d+ AWG/);
    expect(await robin.text()).not.toMatch(/mm²|°C/);
    await robin.click("button", /^Findings/);
    await robin.click("button", "Try something of your own");
    await (await robin.find("list", /^What/)).sendKeys("A thicker");
    await robin.type("Wire", "Alternator-B+ to Starter-30");
    await robin.type("Size, AWG", "thick");
    await robin.click("button", "Try it");
    await robin.sees("Size: give 24 AWG to 296 kcmil.");
    await robin.type("Size, AWG", "2");
    await robin.type("Length, ft", "5");
    await robin.click("button", "Try it");
    await robin.sees(/What if\s+2 AWG, 5 ft for the wire Alternator/);
  });
});

describe("the large sample", () => {
  test("it is solved in every key state, and a what-if is answered", async () => {
    robin.pictureOnFailure();
    await createJob(app.pool, ridgewayDocument(), "ridgeway");
    await robin.goTo("/jobs/ridgeway/power?tab=starting");
    await robin.sees("current while cranking", 60_000);
    await robin.sees("When it is colder");
    await robin.wait(
      "the curve",
      async () =>
        robin.driver.executeScript(
          "return document.querySelector('svg[aria-label^=\"Volts while cranking\"]') === null ? null : true",
        ),
      60_000,
    );
    await robin.click("button", "Try 0 °C");
    await robin.sees(/\d+ findings? goe?s?, \d+ comes?/);
    // A tenth of a second is what the bench holds it to; here the machine is shared with everything else.
    const took = Number(
      /volts after (\d+) ms/.exec(
        await robin.driver.executeScript<string>(
          "return document.querySelector('section[aria-label=\"Tried\"]').title",
        ),
      )?.[1],
    );
    expect(took).toBeLessThan(1000);
  });
});
