import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { afterAll, beforeAll, describe, expect, test } from "vitest";
import { type App, Person, startApp } from "./support";

/** Every screen, as an address. */
const ROUTES = [
  "/",
  "/jobs/heron/scope",
  "/jobs/heron/scope?view=wishes",
  "/jobs/heron/scope?view=approaches",
  "/jobs/heron/scope?view=prices",
  "/jobs/heron/import",
  "/jobs/heron/type-in",
  "/jobs/heron/pins",
  "/jobs/heron",
  "/jobs/heron/map",
  "/jobs/heron/map?view=links",
  "/jobs/heron/map?function=speedometer",
  "/jobs/heron/map?view=gateway",
  "/jobs/heron/gauges",
  "/jobs/heron/gearbox",
  "/jobs/heron/gearbox?view=wiring",
  "/jobs/heron/gearbox?view=lockout",
  "/jobs/heron/gearbox?view=another",
  "/jobs/heron/moves",
  "/jobs/heron/security",
  "/jobs/heron/calibration",
  "/jobs/heron/circuit?pin=donor-36",
  "/jobs/heron/plan",
  "/jobs/heron/prove",
  "/jobs/heron/prove?view=acceptance",
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
let robin: Person;

beforeAll(async () => {
  app = await startApp("routes");
  robin = await Person.named(app.address, "Robin");
});
afterAll(async () => {
  await robin?.close();
  await app?.stop();
});

describe("for everyone", () => {
  beforeAll(async () => {
    await robin.goTo("/jobs/heron/map");
    await robin.click("button", /^Accept \d+ wire only/);
    await robin.click("button", /^Accept \d+$/);
    await robin.sees("Accept 0 wire only");
  });
  const axe = readFileSync(createRequire(import.meta.url).resolve("axe-core/axe.min.js"), "utf8");
  /** The page's own scroll, beside what its panes scroll, and the filled actions in sight. */
  const still = () =>
    robin.driver.executeScript<[high: number, wide: number, filled: string[]]>(`
      const page = document.scrollingElement;
      const filled = [...document.querySelectorAll(".filled")].filter((one) => one.getClientRects().length > 0);
      return [page.scrollHeight - page.clientHeight, page.scrollWidth - page.clientWidth, filled.map((one) => one.innerText)];`);
  const isStill = async () => {
    const [high, wide, filled] = await still();
    expect([high, wide]).toEqual([0, 0]);
    expect(filled.length, filled.join(", ")).toBeLessThanOrEqual(1);
  };
  const tooSmall = () =>
    robin.driver.executeScript<string[]>(`
      const targets = [...document.querySelectorAll("button, a[href], select, input:not([type=file])")];
      return targets.filter((one) => {
        const box = one.getBoundingClientRect();
        return box.width > 0 && box.height > 0 && box.height < 39.5 && one.getAttribute("tabindex") !== "-1" && one.type !== "radio" && one.type !== "checkbox" && one.closest("td, dd, p, li") === null;
      }).map((one) => one.outerHTML.slice(0, 120));`);
  test.each(ROUTES)(
    "%s: the page keeps still beside its panes, one action at most is filled, axe finds nothing serious by day and by night, and on a tablet its targets are thumb-sized",
    async (where) => {
      await robin.resize(1280, 800);
      await robin.follow(where);
      await robin.find("button", "Change between day and night");
      await robin.settles();
      await isStill();
      // What differs between day and night is contrast.
      for (const only of [{}, { runOnly: ["color-contrast"] }]) {
        const options = { ...only, resultTypes: ["violations"] };
        await robin.click("button", "Change between day and night");
        await robin.driver.executeScript(axe);
        const found = await robin.driver.executeAsyncScript<
          { id: string; impact: string; nodes: { html: string }[] }[]
        >("const [options, done] = arguments; axe.run(options).then((result) => done(result.violations))", options);
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
      // A tablet's width is the same page: loading it anew for each would take most of the time.
      await robin.resize(820, 1180);
      await robin.settles();
      await isStill();
      expect(await tooSmall()).toEqual([]);
    },
  );
});
