import { execFileSync } from "node:child_process";
import { Key } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, test } from "vitest";
import { ridgewayDocument } from "@/demo/ridgeway";
import { createJob } from "@/server/jobs";
import { type App, Person, startApp } from "./support";

/**
 * Speed as a person feels it, on the large sample and on one ten times as large (engines.md, the last rows of its
 * table). Every figure is printed.
 */
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

/**
 * The figures to reach are those of engines.md's table and are printed beside what was found. The test fails where a
 * figure is three times what it should be after allowing for the machine: shared ones differ by more than that from
 * minute to minute, and a red build for their sake helps nobody. What creeps is found by the figures that are printed,
 * and by the bench.
 */
const GUARD = 3;

/** What the piece of work of {@link pace} takes on a machine as the figures are meant for, ms. */
const QUIET_MS = 60;

/**
 * How many times as long this machine takes at this moment, at least 1; the best of three, in a page as the screens
 * are.
 */
async function pace(): Promise<number> {
  await robin.goTo("/api/health");
  const took = await robin.driver.executeScript<number>(`
    const once = () => {
      const start = performance.now();
      const rows = Array.from({ length: 4000 }, (_, at) => ({ id: "row" + at, at, text: "circuit " + (at % 97), values: [at, at / 7, -at] }));
      for (let turn = 0; turn < 6; turn += 1) new Map(JSON.parse(JSON.stringify(rows)).map((row) => [row.id, row.values.reduce((sum, one) => sum + one, 0)]));
      return performance.now() - start;
    };
    return Math.min(once(), once(), once(), once());`);
  return Math.max(1, took / QUIET_MS);
}

/** Prints a figure with the machine's pace, and holds it to three times what it should be. */
async function holds(what: string, figures: Readonly<Record<string, readonly [found: number, reach: number]>>) {
  const times = await pace();
  print(
    `${what} (this machine's pace ${times.toFixed(1)})`,
    Object.fromEntries(Object.entries(figures).map(([name, [found, reach]]) => [`${name} (to reach ${reach})`, found])),
  );
  for (const [name, [found, reach]] of Object.entries(figures)) expect(found, name).toBeLessThan(GUARD * reach * times);
}

/**
 * Shared machines stand still for tenths of a second at a time: the best of a few attempts is what the program itself
 * takes.
 */
async function best<T>(
  attempts: number,
  goal: (found: T) => boolean,
  attempt: () => Promise<T>,
  cost: (found: T) => number,
) {
  let found = await attempt();
  for (let more = 1; more < attempts && !goal(found); more++) {
    const next = await attempt();
    if (cost(next) < cost(found)) found = next;
  }
  return found;
}

interface Drawing {
  readonly ms: number;
  readonly parts: number;
  /** The longest that the page itself was busy, ms. */
  readonly longest: number;
}

/** From the click on a function in the map's list to its drawing. */
const drawn = (key: string): Promise<Drawing> =>
  robin.driver.executeAsyncScript<Drawing>(
    `const [key, done] = arguments;
    const row = document.querySelector('[data-function="' + key + '"]');
    let longest = 0;
    const watch = new PerformanceObserver((list) => { for (const task of list.getEntries()) longest = Math.max(longest, task.duration); });
    watch.observe({ type: "longtask" });
    const before = document.querySelector("main figure svg");
    const start = performance.now();
    row.click();
    const look = () => {
      const button = [...document.querySelectorAll("main button")].find((one) => one.innerText === "Draw the circuit");
      if (button !== undefined) button.click();
      const now = document.querySelector("main figure svg");
      if (now === null || now === before) return requestAnimationFrame(look);
      const ms = performance.now() - start;
      setTimeout(() => { watch.disconnect(); done({ ms, longest, parts: now.querySelectorAll("[data-part]").length }); }, 300);
    };
    requestAnimationFrame(look);`,
    key,
  );

describe("Ridgeway", () => {
  test.each(["pins", "power", "prove"])("%s: first view within 1 s, settled within 2 s", async (screen) => {
    const { first, settled } = await best<Opened>(
      4,
      (one) => one.first < 1_000 && one.settled < 2_000,
      () => opened(`/jobs/ridgeway/${screen}`),
      (one) => one.first + one.settled,
    );
    await holds(`/jobs/ridgeway/${screen}`, { "first view ms": [first, 1_000], "settled ms": [settled, 2_000] });
  });
  test("a key typed into the search of its pin table costs less than 50 ms of script", async () => {
    await opened("/jobs/ridgeway/pins", 7_000);
    const field = await robin.find("textbox", "Search this table");
    await field.sendKeys("e", Key.BACK_SPACE);
    const typeWord = async () => {
      const word = "engine";
      const before = await robin.scriptSeconds();
      for (const letter of word) {
        await field.sendKeys(letter);
        await robin.driver.sleep(150);
      }
      const each = ((await robin.scriptSeconds()) - before) * (1000 / word.length);
      await field.sendKeys(...Array.from(word, () => Key.BACK_SPACE));
      await robin.driver.sleep(400);
      return each;
    };
    const each = await best(
      6,
      (ms) => ms < 50,
      typeWord,
      (ms) => ms,
    );
    await holds("a key in the pin table's search", { "script ms": [each, 50] });
  });
  test("on the large sample an edit is seen within a tenth of a second, and the slice follows", async () => {
    await robin.goTo("/jobs/ridgeway/triage");
    await robin.sees(/2[, ]?0\d\d\s+wires/, 30_000);
    // From the click to the next picture, with the new state in it: the median of several, as a person would feel it.
    const times = await robin.driver.executeAsyncScript<number[]>(`
      const done = arguments[0];
      const box = () => [...document.querySelectorAll("label")].find((one) => one.innerText.includes("Mirrors")).querySelector("input");
      const times = [];
      const once = () => {
        const before = box().checked;
        const start = performance.now();
        box().click();
        const look = () => (box().checked !== before ? requestAnimationFrame(() => { times.push(performance.now() - start); times.length < 7 ? setTimeout(once, 700) : done(times); }) : requestAnimationFrame(look));
        requestAnimationFrame(look);
      };
      once();`);
    const median = times.toSorted((a, b) => a - b)[3] as number;
    await robin.sees(/Drop mirrors|Keep mirrors/);
    await holds("a function dropped on the large sample", { "seen after ms": [median, 100] });
  });
  test("a function of some 30 parts is laid out and drawn within half a second, and the page goes on meanwhile", async () => {
    await robin.goTo("/jobs/ridgeway/map?function=charging");
    await robin.driver.wait(
      () => robin.driver.executeScript("return document.querySelector('main figure svg') !== null"),
      30_000,
    );
    await robin.driver.sleep(2_000);
    const drawings = new Map<string, Drawing>();
    for (const key of ["heating", "starting", "cooling-fan", "wipers", "turn-signals"])
      drawings.set(
        key,
        await best<Drawing>(
          3,
          ({ ms }) => ms < 500,
          async () => {
            await drawn("fuel-pump");
            return drawn(key);
          },
          ({ ms }) => ms,
        ),
      );
    for (const [key, { parts, ms, longest }] of drawings) {
      expect(parts).toBeGreaterThanOrEqual(20);
      await holds(`circuit of ${key}, ${parts} parts`, {
        "drawn after ms": [ms, 500],
        "longest task ms": [longest, 100],
      });
    }
  });
  test("its page carries nothing of the job", async () => {
    const html = await (await fetch(`${app.address}/jobs/ridgeway/pins`)).text();
    print("HTML of a page", { kB: html.length / 1000 });
    expect(html.length).toBeLessThan(60_000);
    expect(html).not.toContain("donor-1");
  });
});

describe("two browsers on one job", () => {
  test("one sees the other's change within two seconds", async () => {
    const kim = await Person.named(app.address, "Kim");
    try {
      await Promise.all([robin.goTo("/jobs/heron/pins"), kim.goTo("/jobs/heron/pins")]);
      // Measured is how news travels, not how a page starts: both have solved the plan.
      await Promise.all([robin, kim].map((person) => person.sees("the engine stops or something burns", 20_000)));
      let turn = 0;
      const tell = async () => {
        turn += 1;
        const text = `told ${turn} times`;
        await Promise.all([robin.note(text), kim.note(text)]);
        await robin.click("button", /^Description of C1-1: .*edit$/);
        await robin.press(Key.chord(Key.CONTROL, "a"), text, Key.ENTER);
        await kim.sees(text);
        const [{ entered }, { seen }] = [await robin.noted(), await kim.noted()];
        return (seen ?? Number.POSITIVE_INFINITY) - (entered ?? 0);
      };
      const travelled = await best(
        3,
        (ms) => ms < 2_000,
        tell,
        (ms) => ms,
      );
      await holds("a change of one cell in another's browser", { "seen after ms": [travelled, 2_000] });
    } finally {
      await kim.close();
    }
  });
});

describe("ten times Ridgeway", () => {
  test("it opens, can be worked on, and keeps within its memory", async () => {
    // In a browser of its own: what pages before it left behind is not this one's.
    await robin.close();
    robin = await Person.named(app.address, "Robin");
    await robin.onEveryPage(WATCH);
    const { first } = await best<Opened>(
      1,
      (one) => one.first < 4_000,
      () => opened("/jobs/ridgeway-ten/pins?side=host", 14_000),
      (one) => one.first,
    );
    let turn = 0;
    const describeOne = async () => {
      turn += 1;
      await robin.click("button", /^Description of .*edit$/);
      await robin.note(`seen at once ${turn}`);
      await robin.press(Key.chord(Key.CONTROL, "a"), `seen at once ${turn}`, Key.ENTER);
      await robin.driver.sleep(3_000);
      const { entered, seen } = await robin.noted();
      return (seen ?? Number.POSITIVE_INFINITY) - (entered ?? 0);
    };
    const choice = await best(
      6,
      (ms) => ms < 100,
      describeOne,
      (ms) => ms,
    );
    const asItStands = rendererMegabytes();
    await robin.collectGarbage();
    const kept = rendererMegabytes();
    print("36,000 cavities, before the browser has collected its garbage", { "page MB": asItStands });
    await holds("36,000 cavities", {
      "opening ms": [first, 4_000],
      "a choice ms": [choice, 100],
      "page MB": [kept, 600],
    });
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
