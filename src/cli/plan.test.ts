import { readFileSync } from "node:fs";
import { describe, expect, test } from "vitest";
import { NETLIST_KEYS } from "@/core/state";
import { heronDocument } from "@/demo/heron";
import { parseDocument } from "@/job/document";
import { solvedPlan } from "./job-file";
import { runCli } from "./run";

/** The verbs `netlist` and `crank` beside `solve` and `check`, which tell the same plan by other ways. */
const run = (job: string, ...args: readonly string[]) =>
  runCli(args, (file) => new TextEncoder().encode(file === "job.json" ? job : readFileSync(file, "utf8")));
const json = <T>(job: string, ...args: readonly string[]): T => {
  const { status, stdout } = run(job, ...args);
  expect(status).toBe(0);
  return JSON.parse(stdout) as T;
};
const solve = (netlist: object, state: string) =>
  JSON.parse(
    runCli(["solve", "n.json", "--state", state], () => new TextEncoder().encode(JSON.stringify(netlist))).stdout,
  ) as { readonly volts: Record<string, number | null>; readonly amps: Record<string, number> };

interface Netlist {
  readonly netlist: {
    readonly state: string;
    readonly elements: readonly { readonly id: string; readonly type: string }[];
  };
  readonly cavities: Readonly<Record<string, string>>;
  readonly elements: Readonly<
    Record<
      string,
      {
        readonly what: string;
        readonly text: string;
        readonly ends: readonly string[];
        readonly works?: { readonly by: string; readonly closed: readonly string[] };
      }
    >
  >;
}
interface Row {
  readonly key: string;
  readonly range: string | null;
  readonly clutch: string | null;
  readonly brake: string | null;
  readonly security: string | null;
  readonly cranks: boolean;
  readonly wanted: boolean;
  readonly path: readonly string[];
}

const car = readFileSync("tests/reference/check/car.json", "utf8");
const heron = JSON.stringify(heronDocument());
/** The clutch's contact bridged by a wire: what a check of the interlock must find. */
const bridged = (() => {
  const job = JSON.parse(car);
  const [like] = job.wires;
  job.wires.push({ ...like, id: "bridge", fromPinId: "h-clutch-switch_1", toPinId: "h-clutch-switch_2" });
  return JSON.stringify(job);
})();

describe("netlist", () => {
  test.each(NETLIST_KEYS)("solved by itself in %s gives the volts that Power shows, node by node", (state) => {
    const { netlist, cavities } = json<Netlist>(car, "netlist", "job.json", "--state", state);
    const { volts } = solve(netlist, state);
    const parsed = parseDocument(car);
    if (!parsed.ok) throw new Error("the car cannot be read");
    const solution = solvedPlan(parsed.document);
    const shown = solution.states.get(state)?.volts;
    const nodes = Object.values(cavities);
    expect(nodes.length).toBeGreaterThan(100);
    for (const node of nodes) {
      const [own, told] = [volts[node] ?? null, shown?.get(node) ?? null];
      expect([node, own === null]).toEqual([node, told === null]);
      expect(Math.abs((own ?? 0) - (told ?? 0))).toBeLessThan(1e-5);
    }
  });
  test("names every element with what it is, contacts under their relay, and who works a switch", () => {
    const { netlist, elements } = json<Netlist>(car, "netlist", "job.json");
    expect(netlist.state).toBe("run");
    for (const { id, type } of netlist.elements) {
      expect(elements[id]?.text).not.toBe("");
      if (type === "relay") expect([elements[id]?.what, elements[`${id}#0`]?.what]).toEqual(["coil", "contact"]);
    }
    const works = Object.values(elements).flatMap(({ text, works: by }) =>
      by === undefined ? [] : [`${text}: ${by.by} ${by.closed.join(" ")}`],
    );
    expect(works).toEqual(
      expect.arrayContaining([
        "KEY 50: key crank",
        "Clutch switch S: clutch pressed",
        "Brake light switch S: brake pressed",
        "Light switch S2: hand run running",
        expect.stringMatching(/^the driver at .*: computer crank running$/),
      ]),
    );
    const wire = Object.values(elements).find(({ what, ends }) => what === "wire" && ends.includes("host KEY/50"));
    expect(wire?.ends).toHaveLength(2);
  });
  test("lever and pedals stand as told", () => {
    const closed = (...args: string[]) => {
      const { netlist } = json<{ netlist: { elements: { id: string; closedIn?: string[] }[] } }>(
        car,
        "netlist",
        "job.json",
        ...args,
      );
      return netlist.elements.find(({ id }) => id === "part:part-clutch-switch/S")?.closedIn;
    };
    expect(closed()).toEqual(["crank"]);
    expect(closed("--clutch", "pressed")).toEqual(["off", "accessory", "run", "crank", "running"]);
    expect(closed("--clutch", "released")).toEqual([]);
  });
  test.each([
    [["--clutch", "half"], /one of pressed, released/],
    [["--state", "towing"], /one of off/],
    [["--range"], /no value/],
    [["--speed", "3"], /no option/],
  ])("a wrong call: %s", (args, words) => {
    const { status, stderr } = run(car, "netlist", "job.json", ...args);
    expect(status).toBe(64);
    expect(stderr).toMatch(words);
  });
});

describe("crank", () => {
  test.each([
    ["the sound car", car, 16, []],
    ["with its clutch switch bridged", bridged, 16, ["crank released pressed", "crank released released"]],
    ["the Heron, of which nothing is decided", heron, 32, undefined],
  ])("%s: every row is as the netlist of that stance, solved by itself, has it", (_, job, count, failing) => {
    const rows = json<readonly Row[]>(job, "crank", "job.json");
    expect(rows).toHaveLength(count);
    expect(rows.filter(({ key, cranks }) => key !== "crank" && cranks)).toEqual([]);
    for (const { key, range, clutch, brake, cranks } of rows.filter((row) => row.key === "crank")) {
      const stance = Object.entries({ range, clutch, brake }).flatMap(([name, value]) =>
        value === null ? [] : [`--${name}`, value],
      );
      const { netlist, elements } = json<Netlist>(job, "netlist", "job.json", "--state", key, ...stance);
      const motor = Object.entries(elements).find(([, { text }]) => text === "Starter motor")?.[0] ?? "";
      expect([key, range, clutch, brake, Math.abs(solve(netlist, key).amps[motor] ?? 0) > 10]).toEqual([
        key,
        range,
        clutch,
        brake,
        cranks,
      ]);
    }
    const wrong = rows.filter(({ cranks, wanted }) => cranks !== wanted);
    if (failing !== undefined)
      expect(
        wrong.map(({ key, range, clutch, brake }) => [key, range, clutch, brake].filter(Boolean).join(" ")),
      ).toEqual(failing);
    for (const row of wrong.filter(({ cranks }) => cranks)) expect(row.path).toContain("donor Starter/50");
  });
});
