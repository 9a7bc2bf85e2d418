import { execFileSync } from "node:child_process";
import { Key } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, test } from "vitest";
import { ridgewayDocument } from "@/demo/ridgeway";
import { createJob } from "@/server/jobs";
import { type App, Person, startApp } from "./support";

/** Speed as a person feels it, on the large sample and on one ten times as large (engines.md, the last rows of its table). Every figure is printed. */
let app: App;
let robin: Person;
beforeAll(async () => {
  app = await startApp("reach");
  await createJob(app.pool, ridgewayDocument(), "ridgeway");
  await createJob(app.pool, ridgewayDocument(10), "ridgeway-ten");
  robin = await Person.named(app.address, "Robin");
  await robin.onEveryPage(WATCH);
}, 180_000);
afterAll(async () => {
  await robin?.close();
  await app?.stop();
});

/** Notes in every page when its screen first stands there, and when its last long task ended. */
const WATCH = `
  window.reach = { first: null, settled: 0 };
  new MutationObserver(() => { if (window.reach.first === null && document.querySelector("main h1")) window.reach.first = performance.now(); })
    .observe(document, { subtree: true, childList: true });
  new PerformanceObserver((list) => { for (const task of list.getEntries()) window.reach.settled = Math.max(window.reach.settled, task.startTime + task.duration); })
    .observe({ type: "longtask", buffered: true });`;

interface Opened {
  readonly first: number;
  readonly settled: number;
}

async function opened(where: string, watchFor = 4_000): Promise<Opened> {
  await robin.goTo(where);
  await robin.driver.sleep(watchFor);
  const seen = await robin.driver.executeScript<{ first: number | null; settled: number }>("return window.reach");
  return { first: seen.first ?? Number.POSITIVE_INFINITY, settled: Math.max(seen.first ?? 0, seen.settled) };
}

const print = (what: string, figures: Readonly<Record<string, number>>) =>
  console.log(
    `reach: ${what}: ${Object.entries(figures)
      .map(([name, value]) => `${name} ${value.toFixed(0)}`)
      .join(", ")}`,
  );

describe("Ridgeway", () => {
  test.each(["pins", "map", "power", "triage", "prove"])(
    "%s: first view within 1 s, settled within 2 s",
    async (screen) => {
      await opened(`/jobs/ridgeway/${screen}`, 1_000);
      const { first, settled } = await opened(`/jobs/ridgeway/${screen}`);
      print(`/jobs/ridgeway/${screen}`, { "first view ms": first, "settled ms": settled });
      expect(first).toBeLessThan(1_000);
      expect(settled).toBeLessThan(2_000);
    },
  );
  test("a key typed into the search of its pin table costs less than 50 ms of script", async () => {
    await opened("/jobs/ridgeway/pins", 6_000);
    const field = await robin.find("textbox", "Search this table");
    await field.sendKeys("e", Key.BACK_SPACE);
    const word = "engine";
    const before = await robin.scriptSeconds();
    for (const letter of word) {
      await field.sendKeys(letter);
      await robin.driver.sleep(150);
    }
    const each = ((await robin.scriptSeconds()) - before) * (1000 / word.length);
    print("a key in the pin table's search", { "script ms": each });
    expect(each).toBeLessThan(50);
  });
  test("its page carries nothing of the job", async () => {
    const html = await (await fetch(`${app.address}/jobs/ridgeway/pins`)).text();
    print("HTML of a page", { kB: html.length / 1000 });
    expect(html.length).toBeLessThan(60_000);
    expect(html).not.toContain("donor-1");
  });
});

describe("ten times Ridgeway", () => {
  test("it opens within 4 s, a choice is seen within 0.1 s, and the page stays under 600 MB", async () => {
    const { first } = await opened("/jobs/ridgeway-ten/pins?side=host", 15_000);
    await robin.click("button", /^Description of .*edit$/);
    await robin.note("seen at once");
    await robin.press("seen at once", Key.ENTER);
    await robin.driver.sleep(3_000);
    const { entered, seen } = await robin.noted();
    const choice = (seen ?? Number.POSITIVE_INFINITY) - (entered ?? 0);
    const megabytes = rendererMegabytes();
    print("36,000 cavities", {
      "opening ms": first,
      "a choice ms": choice,
      "page MB": megabytes,
    });
    expect(first).toBeLessThan(4_000);
    expect(choice).toBeLessThan(100);
    expect(megabytes).toBeLessThan(600);
  });
});

/** Resident memory of the largest page process with its workers, MB. */
function rendererMegabytes(): number {
  const lines = execFileSync("ps", ["-eo", "rss,args"], { encoding: "utf8", maxBuffer: 1e7 }).split("\n");
  const sizes = lines
    .filter((line) => line.includes("--type=renderer"))
    .map((line) => Number.parseInt(line.trim(), 10));
  return Math.max(0, ...sizes) / 1024;
}
