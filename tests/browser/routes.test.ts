import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { afterAll, beforeAll, describe, expect, test } from "vitest";
import { type App, Person, startApp } from "./support";

/** Every screen, as an address. */
const ROUTES = [
  "/",
  "/jobs/heron/scope",
  "/jobs/heron/import",
  "/jobs/heron/pins",
  "/jobs/heron/map",
  "/jobs/heron/plan",
  "/jobs/heron/prove",
  "/jobs/heron/history",
  "/jobs/heron/harness",
  "/jobs/heron/faces",
  "/jobs/heron/variants",
  "/jobs/heron/inventory",
  "/jobs/heron/look-alikes",
  "/jobs/heron/evidence",
  "/jobs/heron/triage",
  "/jobs/heron/triage?tab=bench",
  "/jobs/heron/triage?tab=loose",
  "/jobs/heron-planned/power",
  "/jobs/heron-planned/power?tab=keys",
  "/jobs/heron-planned/power?tab=loads",
  "/jobs/heron-planned/power?tab=grounds",
  "/jobs/heron-planned/power?tab=fuses",
  "/jobs/heron-planned/power?tab=starting",
  "/jobs/heron-planned/power?tab=given",
];

let app: App;
let wide: Person;
let tablet: Person;

beforeAll(async () => {
  app = await startApp("routes");
  [wide, tablet] = await Promise.all([
    Person.named(app.address, "Robin"),
    Person.named(app.address, "Kim", { width: 820, height: 1180 }),
  ]);
});
afterAll(async () => {
  await Promise.all([wide?.close(), tablet?.close()]);
  await app?.stop();
});

describe("for everyone", () => {
  beforeAll(async () => {
    await wide.goTo("/jobs/heron/map");
    await wide.click("button", /^Accept \d+ wire only/);
    await wide.click("button", /^Accept \d+$/);
    await wide.sees("Accept 0 wire only");
  });
  const axe = readFileSync(createRequire(import.meta.url).resolve("axe-core/axe.min.js"), "utf8");
  /** The page's own scroll, beside what its panes scroll, and the filled actions in sight. */
  const still = (person: Person) =>
    person.driver.executeScript<[high: number, wide: number, filled: string[]]>(`
      const page = document.scrollingElement;
      const filled = [...document.querySelectorAll(".filled")].filter((one) => one.getClientRects().length > 0);
      return [page.scrollHeight - page.clientHeight, page.scrollWidth - page.clientWidth, filled.map((one) => one.innerText)];`);
  const isStill = async (person: Person) => {
    const [high, wide, filled] = await still(person);
    expect([high, wide]).toEqual([0, 0]);
    expect(filled.length, filled.join(", ")).toBeLessThanOrEqual(1);
  };
  test.each(ROUTES)(
    "%s: the page keeps still beside its panes, one action at most is filled, and axe finds nothing serious by day and by night",
    async (where) => {
      await wide.goTo(where);
      await wide.find("button", "Change between day and night");
      await wide.settles();
      await isStill(wide);
      // What differs between day and night is contrast.
      for (const options of [{}, { runOnly: ["color-contrast"] }]) {
        await wide.click("button", "Change between day and night");
        await wide.driver.executeScript(axe);
        const found = await wide.driver.executeAsyncScript<{ id: string; impact: string; nodes: { html: string }[] }[]>(
          "const [options, done] = arguments; axe.run(options).then((result) => done(result.violations))",
          options,
        );
        expect(
          found
            .filter((one) => one.impact === "serious" || one.impact === "critical")
            .map(
              ({ id, nodes }) =>
                `${id}: ${nodes
                  .slice(0, 3)
                  .map((node) => node.html.slice(0, 200))
                  .join(" | ")}`,
            ),
        ).toEqual([]);
      }
    },
  );
  test.each(ROUTES)("%s on a tablet: still as well, and its targets are thumb-sized", async (where) => {
    await tablet.goTo(where);
    await tablet.find("button", "Change between day and night");
    await tablet.settles();
    await isStill(tablet);
    const small = await tablet.driver.executeScript<string[]>(`
      const targets = [...document.querySelectorAll("button, a[href], select, input:not([type=file])")];
      return targets.filter((one) => {
        const box = one.getBoundingClientRect();
        return box.width > 0 && box.height > 0 && box.height < 39.5 && one.getAttribute("tabindex") !== "-1" && one.type !== "radio" && one.type !== "checkbox" && one.closest("td, dd, p, li") === null;
      }).map((one) => one.outerHTML.slice(0, 120));`);
    expect(small).toEqual([]);
  });
});
