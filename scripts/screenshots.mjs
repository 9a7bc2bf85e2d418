// `npm run screenshots`: one current picture of each main view, from the demo data, into docs/screenshots.
import { mkdirSync, rmSync, writeFileSync } from "node:fs";
import path from "node:path";
import { ensureDebian, ensureModules, ROOT } from "./lib/machine.mjs";

ensureDebian("mariadb", "chromium", "chromedriver");
ensureModules();
const { startDatabase, freePort } = await import("./lib/database.mjs");
const { ensureBuild, runTsx, startServer } = await import("./lib/build.mjs");
const { openBrowser } = await import("./lib/browser.mjs");

const out = path.join(ROOT, "docs/screenshots");
mkdirSync(out, { recursive: true });
const database = await startDatabase(`pictures-${process.pid}`, 36306);
runTsx("scripts/migrate.ts", [], { DATABASE_URL: database.url });
runTsx("scripts/seed.ts", [], { DATABASE_URL: database.url });
ensureBuild();
const server = await startServer({ host: "127.0.0.1", port: await freePort(4500), databaseUrl: database.url });

/** Opens a view, does what a person would, and keeps the picture. `act` runs in the page. */
async function picture(name, where, { night = false, tablet = false, act = "", wait = 900 } = {}) {
  const driver = await openBrowser(tablet ? { width: 820, height: 1180 } : {});
  try {
    await driver.get(server.address);
    await driver.manage().addCookie({ name: "theme", value: night ? "night" : "day" });
    await driver.executeScript("localStorage.setItem('pantograph.person', 'Robin')");
    await driver.get(server.address + where);
    await driver.sleep(wait);
    if (act !== "") {
      await driver.executeAsyncScript(`
        const done = arguments[0];
        const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
        const press = (key, more = {}) => dispatchEvent(new KeyboardEvent("keydown", { key, bubbles: true, ...more }));
        const click = (text) => [...document.querySelectorAll("button, a")].find((one) => one.innerText.replace(/\\s+/g, " ").includes(text)).click();
        const type = (field, text) => { Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set.call(field, text); field.dispatchEvent(new Event("input", { bubbles: true })); };
        (async () => { ${act} })().then(() => done(), (error) => done(String(error)));`);
      await driver.sleep(wait);
    }
    writeFileSync(path.join(out, `${name}.png`), await driver.takeScreenshot(), "base64");
    console.log(name);
  } finally {
    await driver.quit();
  }
}

const HOST_TABLE = `const text = await (await fetch("/api/jobs/heron/pins?side=host")).text();
  const data = new DataTransfer(); data.items.add(new File(["Dash side, copied from the workshop book of 1988\\nchecked twice\\n\\n" + text.replace("IP,1,20,WH/BK,0.75", "IP,1,20,WH/BK,thick")], "host.csv"));
  const input = document.querySelector("input[type=file]"); input.files = data.files; input.dispatchEvent(new Event("change", { bubbles: true }));`;

try {
  await picture("jobs", "/");
  await picture("import", "/jobs/heron/import?side=host", { act: HOST_TABLE, wait: 1500 });
  await picture("pin-tables", "/jobs/heron/pins?pin=donor-36", { wait: 1500 });
  await picture("harness", "/jobs/ridgeway/harness", {
    act: 'await pause(2500); click("Host"); await pause(400);',
    wait: 1500,
  });
  await picture("faces", "/jobs/heron/faces", {
    act: 'click("Mating side"); press("ArrowRight"); press("ArrowDown");',
  });
  await picture("triage-refused", "/jobs/heron/triage", {
    act: 'await pause(600); type(document.querySelector("input[type=search]"), "brake light switch-2"); await pause(600); document.querySelector("[data-wire]").click(); await pause(900); press("r"); await pause(900);',
  });
  await picture("approaches", "/jobs/heron/scope?view=approaches", {
    act: 'await pause(2500); [...document.querySelectorAll("td button")].find((one) => one.getAttribute("aria-label").startsWith("can be whole")).click();',
    wait: 1500,
  });
  await picture("overview", "/jobs/heron", { wait: 2500 });
  await picture("functions", "/jobs/heron/map?function=speedometer", { wait: 2500 });
  await picture("function-diagram-night", "/jobs/heron/map?function=charging", {
    night: true,
    act: 'await pause(3500); click("Whole width"); await pause(400); document.querySelector("figure").scrollIntoView(); await pause(600);',
    wait: 1500,
  });
  await picture("inventory-tablet", "/jobs/heron/inventory", { tablet: true, act: 'press("o"); await pause(600);' });
  await picture("map-open-line", "/jobs/heron/map?view=links", {
    act: 'press("a"); await pause(600); document.querySelector("[role=dialog] button").click(); await pause(900); click("To decide"); await pause(300); click("Engine speed"); await pause(5000);',
  });
  await picture("power-findings", "/jobs/heron/power", {
    act: 'await pause(2500); click("C1-2 has no voltage"); await pause(2500);',
    wait: 1500,
  });
  await picture("plan-sheet", "/jobs/heron/plan");
  await picture("prove-failed", "/jobs/heron/prove", {
    night: true,
    act: 'for (const reading of ["0.2", "OL"]) { await pause(1500); const field = document.querySelector("form input"); type(field, reading); field.form.requestSubmit(); } await pause(600);',
  });
  await picture("gauges", "/jobs/linnet/gauges", {
    act: 'await pause(1500); [...document.querySelectorAll("button")].find((one) => /Coolant temperature gauge/.test(one.textContent)).click();',
    wait: 2500,
  });
  await picture("gearbox", "/jobs/heron/gearbox", { wait: 4000 });
  await picture("security", "/jobs/heron/security", { wait: 1500 });
  await picture("map-tablet-night", "/jobs/heron/map?view=links", { night: true, tablet: true });
} finally {
  await server.stop();
  await database.stop();
  rmSync(database.folder, { recursive: true, force: true });
}
