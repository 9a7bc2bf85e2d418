import { describe, expect, test } from "vitest";
import { KINDS, PARAMS_OF, QUANTITIES } from "@/core/forms";
import { heronDocument, heronTables } from "@/demo/heron";
import { ridgewayDocument } from "@/demo/ridgeway";
import { emptyDocument } from "@/job/document";
import type { JobSummary } from "@/job/edit";
import type { JobDocument } from "@/job/schema";
import { address } from "../../tests/support/address";
import { jobOf, read, shown } from "../../tests/support/page";
import { GaugesScreen } from "./gauges/gauges-screen";
import { GearboxScreen } from "./gearbox/gearbox-screen";
import { HistoryScreen } from "./history/history-screen";
import { ImportScreen } from "./import/import-screen";
import { ConfusableScreen } from "./intake/confusable-screen";
import { EvidenceScreen } from "./intake/evidence-screen";
import { FacesScreen } from "./intake/faces-screen";
import { HarnessScreen } from "./intake/harness-screen";
import { InventoryScreen } from "./intake/inventory-screen";
import { VariantsScreen } from "./intake/variants-screen";
import { JobList } from "./jobs/job-list";
import { MapScreen } from "./map/map-screen";
import { MovesScreen } from "./moves/moves-screen";
import { PinsScreen } from "./pins/pins-screen";
import { PlanScreen } from "./plan/plan-screen";
import { PowerScreen } from "./power/power-screen";
import { ProveScreen } from "./prove/prove-screen";
import { ScopeScreen } from "./scope/scope-screen";
import { CalibrationScreen } from "./security/calibration-screen";
import { SecurityScreen } from "./security/security-screen";
import { TriageScreen } from "./triage/triage-screen";

const empty = emptyDocument({
  name: "Blank",
  host: "1988 Brannock Heron",
  donor: "2010 Orvane Pelican",
  approach: "donor-computer",
  units: "metric",
  wishes: "",
});
const imperial = (document: JobDocument): JobDocument => ({ ...document, job: { ...document.job, units: "imperial" } });
const JOBS = {
  empty: jobOf(empty),
  heron: jobOf(heronDocument()),
  tables: jobOf(heronTables()),
  gauges: jobOf(imperial(heronDocument())),
  large: jobOf(ridgewayDocument()),
};
const withSide = (document: JobDocument, side: "donor" | "host"): JobDocument => {
  const ids = new Set(document.connectors.filter((row) => row.side === side).map((row) => row.id));
  return {
    ...document,
    connectors: document.connectors.filter((row) => ids.has(row.id)),
    pins: document.pins.filter((row) => ids.has(row.connectorId)),
  };
};
type Name = keyof typeof JOBS;

const SCREENS = {
  scope: <ScopeScreen />,
  import: <ImportScreen />,
  pins: <PinsScreen />,
  harness: <HarnessScreen />,
  faces: <FacesScreen />,
  variants: <VariantsScreen />,
  inventory: <InventoryScreen />,
  "look-alikes": <ConfusableScreen />,
  evidence: <EvidenceScreen />,
  triage: <TriageScreen />,
  map: <MapScreen />,
  gauges: <GaugesScreen />,
  gearbox: <GearboxScreen />,
  moves: <MovesScreen />,
  security: <SecurityScreen />,
  calibration: <CalibrationScreen />,
  power: <PowerScreen />,
  plan: <PlanScreen />,
  prove: <ProveScreen />,
  history: <HistoryScreen />,
} as const;
const VIEWS: readonly (readonly [screen: keyof typeof SCREENS, query: string])[] = [
  ...(Object.keys(SCREENS) as (keyof typeof SCREENS)[]).map((screen) => [screen, ""] as const),
  ["import", "side=host"],
  ["triage", "tab=bench"],
  ["triage", "tab=loose"],
  ...["keys", "loads", "grounds", "fuses", "starting", "given"].map((tab) => ["power", `tab=${tab}`] as const),
];
const view = (job: Name, screen: keyof typeof SCREENS, query = "") => {
  address.query = query;
  return shown(JOBS[job], SCREENS[screen]);
};

describe("what no screen may say", () => {
  describe.each(Object.keys(JOBS) as Name[])("of the job “%s”", (job) => {
    test.each(VIEWS)("%s %s", (screen, query) => {
      const html = view(job, screen, query);
      const words = read(html);
      expect(words.length).toBeGreaterThan(10);
      // A value that was not there, told as if it were one.
      expect(words.match(/.{0,30}\b(undefined|NaN|Infinity|null)\b.{0,20}/g) ?? []).toEqual([]);
      expect(words).not.toContain("[object ");
      expect(html).not.toMatch(/style="[^"]*NaN|d="[^"]*NaN/);
    });
    test.each(VIEWS)("%s %s: every field and button has a name", (screen, query) => {
      const html = view(job, screen, query);
      for (const [button, inner] of html.matchAll(/<button[^>]*>([\s\S]*?)<\/button>/g))
        expect(/aria-label=|title=/.test(button) || read(inner as string) !== "", button).toBe(true);
      const labels = new Set([...html.matchAll(/<label[^>]*for="([^"]+)"/g)].map((match) => match[1]));
      for (const [field] of html.matchAll(/<(?:input|select|textarea)[^>]*>/g)) {
        const id = /\bid="([^"]+)"/.exec(field)?.[1];
        const before = html.slice(0, html.indexOf(field));
        const inLabel = before.lastIndexOf("<label") > before.lastIndexOf("</label>");
        expect(/aria-label=|type="file"/.test(field) || inLabel || (id !== undefined && labels.has(id)), field).toBe(
          true,
        );
      }
    });
  });
});

/** Those are words as they stand. */
const WORDS_WITH_HYPHENS: ReadonlySet<string> = new Set(["wake-up", "four-wheel-drive", "anti-lock"]);
/** Names that files and code have for what people call otherwise. */
const IDENTIFIERS = [
  ...KINDS.filter((kind) => kind.includes("-")),
  ...QUANTITIES.filter((quantity) => quantity.includes("-") && !WORDS_WITH_HYPHENS.has(quantity)),
  ...Object.values(PARAMS_OF)
    .flatMap((params) => Object.keys(params))
    .filter((name) => /[a-z][A-Z]/.test(name)),
];

describe("no identifier reaches a person", () => {
  const pattern = new RegExp(`(?<![\\w-])(${IDENTIFIERS.join("|")})(?![\\w-])`);
  test("the pattern finds what it is for", () => {
    expect("a supply-in of battery-supply").toMatch(pattern);
    expect("its pulsesPerRev").toMatch(pattern);
    expect("a supply-inlet").not.toMatch(pattern);
  });
  test.each(Object.keys(JOBS) as Name[])("of the job “%s”, on no screen", (job) => {
    const found = VIEWS.flatMap(([screen, query]) => {
      const html = view(job, screen, query);
      const titles = [...html.matchAll(/ (?:title|aria-label|placeholder)="([^"]*)"/g)].map((match) => match[1]);
      return [read(html), ...titles].flatMap((text) => {
        const match = pattern.exec(text ?? "");
        return match === null
          ? []
          : [`${screen} ${query}: ${text?.slice(Math.max(0, match.index - 40), match.index + 40)}`];
      });
    });
    expect(found).toEqual([]);
  });
});

describe("an empty job says what to do first", () => {
  test.each([
    ["pins", /import|table/i],
    ["map", /import|tables|nothing/i],
    ["power", /import|table|nothing/i],
    ["prove", /decide|nothing|no step/i],
    ["plan", /decide|nothing|no link/i],
    ["triage", /import|table|nothing/i],
    ["harness", /import|table|nothing/i],
  ] as const)("%s", (screen, words) => {
    expect(read(view("empty", screen))).toMatch(words);
  });
});

describe("units", () => {
  test.each(VIEWS.filter(([screen]) => screen !== "scope" && screen !== "import"))(
    "a job in gauges is told in gauges: %s %s",
    (screen, query) => {
      expect(read(view("gauges", screen, query)).match(/.{0,30}(\d ?mm²|\d m\b(?!Ω)).{0,10}/g) ?? []).toEqual([]);
    },
  );
  test.each(VIEWS.filter(([screen]) => screen !== "scope" && screen !== "import"))(
    "a metric one in square millimetres: %s %s",
    (screen, query) => {
      expect(read(view("heron", screen, query)).match(/.{0,30}(\d AWG|\d ft\b|°F).{0,10}/g) ?? []).toEqual([]);
    },
  );
});

describe("the power views of the sample", () => {
  const power = (tab: string) => read(view("heron", "power", `tab=${tab}`));
  test("findings stand in groups, the gravest first, each with its count", () => {
    const words = power("findings");
    const at = ["Danger 6", "Engine 2", "Fault 3", "Note 9"].map((group) => words.indexOf(group));
    expect(at.every((place) => place >= 0)).toBe(true);
    expect(at).toEqual(at.toSorted((a, b) => a - b));
  });
  test("grounds: what carries other current and what lies too far off stand first, each with its number and limit", () => {
    const words = power("grounds");
    expect(words).toContain("No strap is missing");
    expect(words).toMatch(/Carries 8\.4 A with the engine running, limit 50\.?0? mA: shared with other loads/);
    expect(words).toMatch(/344 mV in run, limit 200 mV: ground offset/);
    expect(words.indexOf("shared with other loads")).toBeLessThan(words.search(/Carries [\d.]+ m?A, limit/));
  });
  test("fuses: each with its load, margin, thinnest wire and verdict; the wires that are rated for less are named", () => {
    const words = power("fuses");
    // A pump of 7.5 A at 13.5 V takes 6.0 A of what reaches it, and no more than it states.
    expect(words).toMatch(/Fuse F9 of FB 10 A 18 6\.0 A 6\.0 A 1\.5 A 2 mm² .*in order/);
    expect(words).toMatch(/15 wires are rated for less than the fuse: Purge valve-1 to splice E03 \(0\.5 mm²\)/);
    expect(words).toMatch(/Main relay K .* run, running/);
  });
  test("starting: current, volts at the posts and at the starter, what each computer keeps, and the cable of a moved battery", () => {
    const words = power("starting");
    for (const part of [
      "current while cranking",
      "battery, at its posts",
      "at the starter",
      "C1-2 0.0 V 6 V too little",
      "A battery that is moved",
      "16 mm²",
    ])
      expect(words).toContain(part);
  });
  test("loads: the alternator is told at idle and on the road, and the battery takes what is left", () => {
    const words = power("loads");
    expect(words).toMatch(/50 A.*alternator at idle too little/);
    expect(words).toMatch(/into the battery, running/);
    expect(words).not.toContain("drained");
  });
  test("given: what a cavity states stands before the usual, and all that is assumed is counted", () => {
    const words = power("given");
    expect(words).toMatch(/Alternator's rated current as its cavity states/);
    expect(words).toMatch(/Alternator's regulated voltage as its cavity states/);
    expect(words).toMatch(/draw what is usual: bulbs by category, motors and heaters by name\. \d+×/);
  });
  test("with one side's table alone it says which is missing, and what to do", () => {
    address.query = "";
    const told = (side: "donor" | "host") => read(shown(jobOf(withSide(heronTables(), side)), <PowerScreen />));
    expect(told("donor")).toMatch(/One side is missing The host's pin table is not here yet.*To the import/);
    expect(told("host")).toMatch(/The donor's pin table is not here yet: the host is solved as it stands.*Danger/);
  });
  test("before the answer is there it says so", () => {
    address.query = "tab=keys";
    expect(read(shown({ ...JOBS.heron, power: null, expected: null, powerStale: true }, <PowerScreen />))).toMatch(
      /Solving|…/,
    );
  });
});

describe("the list of jobs", () => {
  const summary = (id: string, name: string): JobSummary => ({
    id,
    name,
    host: "1988 Brannock Heron",
    donor: "2010 Orvane Pelican",
    revision: 3,
    changedAt: "2026-11-25T10:00:00.000Z",
    donorPins: 206,
    hostPins: 138,
    decidedLinks: 4,
    readings: 0,
  });
  test("each is a link with its host and donor", () => {
    const html = shown(JOBS.empty, <JobList jobs={[summary("a", "First"), summary("b", "Second")]} bin={[]} />);
    expect(html).toMatch(/href="\/jobs\/a[^"]*"/);
    expect(read(html)).toMatch(/First.*1988 Brannock Heron.*2010 Orvane Pelican.*Second/);
  });
  test("without one it offers to start one", () =>
    expect(read(shown(JOBS.empty, <JobList jobs={[]} bin={[]} />))).toMatch(/new job|start|first/i));
  test("what was removed lies below it, with the day until which it can be put back", () => {
    const html = shown(
      JOBS.empty,
      <JobList
        jobs={[]}
        bin={[{ id: "a", name: "Old", removedAt: "2026-11-25T10:00:00.000Z", keptUntil: "2026-12-25T10:00:00.000Z" }]}
      />,
    );
    expect(read(html)).toMatch(/Bin.*Old.*removed 25 Nov 2026 ?, kept until 25 Dec 2026.*Put back.*Delete/);
  });
});
