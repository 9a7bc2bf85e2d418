import { readFileSync } from "node:fs";
import { describe, expect, test } from "vitest";
import { runCli } from "./run";

const files: Record<string, string> = {
  "donor.csv":
    "connector,cavity,kind,quantity,params\nC1,23,frequency-out,engine-speed,pulsesPerRev=2;drive=open-collector\nC1,24,low-side-out,malfunction-lamp,maxAmps=0.5;clamp=own\nC1,30,low-side-out,purge-valve,\n",
  "host.csv":
    "connector,cavity,kind,quantity,params\nIP,1,frequency-in,engine-speed,pulsesPerRev=2;pull=none;highVolts=6.5;maxVolts=18\nIP,2,load-in,malfunction-lamp,amps=0.1;otherEnd=battery\n",
  "bad.csv": "connector,colour\nC1,RD\n",
  "papers/C12.csv": "Copied from the wall\nNo.,Ga.,What it does\n1,18,Fuel pump feed\n",
  "odd.csv": "Heft 3\nWo,Loch,Draht,Farbton\nC1,7,18,lila\n",
  "rows.csv": "connector,cavity,size\nC1,1,thick\nC1,2,0.5\n",
};
const read = (file: string) => {
  const text = files[file];
  if (text === undefined) throw Object.assign(new Error("gone"), { code: "ENOENT" });
  return new TextEncoder().encode(text);
};
const run = (...args: string[]) => runCli(args, read);
const json = (...args: string[]) => JSON.parse(run(...args).stdout);

describe("intake", () => {
  test("prints side, connectors, pins with value, confidence, source and why, and issues; status 0 though rows are bad", () => {
    expect(run("intake", "rows.csv", "--side", "donor").status).toBe(0);
    const out = json("intake", "rows.csv", "--side", "donor");
    expect(Object.keys(out)).toEqual(["side", "connectors", "pins", "issues"]);
    expect(out.issues).toMatchObject([
      { level: "error", code: "unreadable-size", line: 2, column: "size", found: "thick" },
    ]);
    expect(Object.keys(out.pins[0])).toEqual(
      [
        "connector",
        "cavity",
        "circuit",
        "colour",
        "sizeMm2",
        "lengthM",
        "description",
        "kind",
        "quantity",
        "params",
        "extra",
        "alive",
        "to",
      ].toSorted((a, b) => Object.keys(out.pins[0]).indexOf(a) - Object.keys(out.pins[0]).indexOf(b)),
    );
    expect(Object.keys(out.pins[0].kind)).toEqual(["value", "confidence", "source", "why"]);
  });
  test("a paper with lines above its header is read, and its connector taken from the file's name", () => {
    const out = json("intake", "papers/C12.csv", "--side", "donor");
    expect(out.connectors).toEqual(["C12"]);
    expect(out.issues).toMatchObject([
      { level: "warning", code: "preamble", line: 1, found: "Copied from the wall" },
      { level: "warning", code: "connector-from-file", found: "C12" },
    ]);
  });
  test("--columns says what heads are that are not understood, and in which unit", () => {
    expect(json("intake", "odd.csv", "--side", "donor").error.code).toBe("no-header");
    const out = json("intake", "odd.csv", "--side", "donor", "--columns", "Wo=connector, Loch = cavity,Draht=size:awg");
    expect(out.pins).toMatchObject([{ connector: "C1", cavity: "7", sizeMm2: 0.823, extra: { Farbton: "lila" } }]);
    for (const [columns, told] of [
      ["Wo=plug", /HEAD=column with one of connector/],
      ["Wo", /HEAD=column/],
      ["Draht=size:feet", /units mm2, awg/],
      ["Wo=connector:m", /no unit/],
    ] as const) {
      const { status, stderr } = run("intake", "odd.csv", "--side", "donor", "--columns", columns);
      expect(status).not.toBe(0);
      expect(stderr).toMatch(told);
    }
  });
  test("what cannot be read ends with 2, an error document and one human line", () => {
    expect(run("intake", "bad.csv", "--side=host")).toMatchObject({
      status: 2,
      stderr: expect.stringMatching(/^bad\.csv: .+$/),
    });
    expect(json("intake", "bad.csv", "--side=host").error).toMatchObject({
      code: "missing-column",
      file: "bad.csv",
      line: 1,
      column: "cavity",
    });
    expect(json("intake", "none.csv", "--side", "host").error.code).toBe("cannot-open");
  });
});

describe("match", () => {
  test("links with donor and host in their places, adapters with values, and what is unmatched", () => {
    const out = json("match", "donor.csv", "host.csv");
    expect(out.links).toMatchObject([
      {
        quantity: "engine-speed",
        donor: { connector: "C1", cavity: "23" },
        host: { connector: "IP", cavity: "1" },
        verdict: "adapter",
        adapters: [{ type: "pull-up", ohms: 2200, volts: 12 }],
      },
      { quantity: "malfunction-lamp", verdict: "direct", adapters: [] },
    ]);
    expect(out.unmatchedDonor).toMatchObject([
      { connector: "C1", cavity: "30", quantity: "purge-valve", why: expect.any(String) },
    ]);
    expect(out.unmatchedHost).toEqual([]);
  });
  test("the example of each help works on files of the repository", () => {
    for (const verb of ["check", "crank", "dbc", "gauge", "intake", "match", "netlist", "slice", "solve"]) {
      const example = /Example: npm run -s pantograph -- (.+)$/m.exec(run(verb, "--help").stdout)?.[1] ?? "";
      expect(runCli(example.split(" "), (file) => readFileSync(file)).status).toBe(0);
    }
  });
});

describe("slice", () => {
  const out = JSON.parse(
    runCli(["slice", "tests/reference/slice/horn-and-brake-lamps.json"], (file) => readFileSync(file)).stdout,
  );
  test("with the horn kept, its relay, coil, push, feed and ground stay; the brake lamps' wires may go, and the dead one", () => {
    expect(out.remove.toSorted()).toEqual([
      "host Brake lamp left-2 to splice 20",
      "host Brake light switch-1 to splice 10",
      "host Brake light switch-2 to Brake lamp left-1",
      "host Old loom-4 to Old loom-5",
    ]);
    expect(out.keep).toEqual(
      expect.arrayContaining([
        "host Horn relay-30 to splice 10",
        "host Horn relay-86 to splice 10",
        "host Horn relay-85 to Horn push-1",
        "host Horn-2 to splice 20",
        "host Battery-+ to Fuse box-feed",
      ]),
    );
    expect(out.why["host Old loom-4 to Old loom-5"]).toContain("Dead");
    // Nobody knows where it leads: it is capped off, and not offered for removal.
    expect(out.wires["host Cigar lighter-1 to an open end"].proposed).toBe("park");
  });
  test("per function: what it needs, and what it has no other way for", () => {
    expect(out.functions.horn.kept).toBe(true);
    expect(out.functions["brake-lamps"].kept).toBe(false);
    expect(out.functions["brake-lamps"].needs).toContain("host Brake light switch-1 to splice 10");
    expect(out.functions.horn.sole).toEqual(out.functions.horn.needs);
    expect(new Set([...out.keep, ...out.remove])).toEqual(new Set(Object.keys(out.wires)));
  });
  test("what is no job document ends with 2 and the place", () => {
    const fault = runCli(["slice", "x.json"], () => new TextEncoder().encode('{"format":"pantograph-job/1"}'));
    expect(fault.status).toBe(2);
    expect(JSON.parse(fault.stdout).error).toMatchObject({ file: "x.json", code: "bad-field" });
    expect(runCli(["slice", "x.json"], () => new TextEncoder().encode("nonsense")).status).toBe(2);
    expect(runCli(["slice"], () => new Uint8Array()).status).toBe(64);
    expect(runCli(["slice", "a", "--deep"], () => new Uint8Array()).status).toBe(64);
  });
});

describe("solve", () => {
  const solve = (netlist: unknown, ...options: string[]) =>
    runCli(["solve", "x.json", ...options], () =>
      new TextEncoder().encode(typeof netlist === "string" ? netlist : JSON.stringify(netlist)),
    );
  const switched = {
    format: "pantograph-netlist/1",
    reference: "0",
    state: "off",
    elements: [
      { id: "B", type: "source", a: "+", b: "0", volts: 12, ohms: 1 },
      { id: "key", type: "switch", a: "+", b: "load", closedIn: ["run"], ohms: 1 },
      { id: "R", type: "resistor", a: "load", b: "0", ohms: 4 },
    ],
  };
  test("the file's state is solved, and --state wins over it", () => {
    expect(JSON.parse(solve(switched).stdout)).toMatchObject({
      state: "off",
      volts: { "0": 0, "+": 12, load: 0 },
      amps: { R: 0 },
      floating: [],
    });
    expect(JSON.parse(solve(switched, "--state", "run").stdout)).toMatchObject({
      state: "run",
      volts: { "+": 10, load: 8 },
      amps: { B: 2, key: 2, R: 2 },
    });
    expect(JSON.parse(solve({ ...switched, state: undefined }, "--state", "run").stdout).state).toBe("run");
  });
  test.each([
    ["not JSON", "{", "not-json", undefined],
    ["no netlist", {}, "not-a-netlist", null],
    ["an unknown state", { ...switched, state: "towing" }, "unknown-state", null],
    [
      "a source loop",
      {
        ...switched,
        elements: [
          ...switched.elements,
          { id: "A", type: "source", a: "+", b: "0", volts: 12, ohms: 0 },
          { id: "C", type: "source", a: "+", b: "0", volts: 14, ohms: 0 },
        ],
      },
      "source-loop",
      "C",
    ],
    [
      "a current with nowhere to flow",
      { ...switched, elements: [...switched.elements, { id: "I", type: "current", a: "x", b: "0", amps: 1 }] },
      "stranded-current",
      "I",
    ],
  ])("%s ends with 2 and the element", (_, netlist, code, element) => {
    const fault = solve(netlist);
    expect(fault.status).toBe(2);
    expect(JSON.parse(fault.stdout).error).toMatchObject({
      code,
      file: "x.json",
      ...(element === undefined ? {} : { element }),
    });
    expect(fault.stderr).toContain("x.json");
  });
  test.each([
    [["--state"]],
    [["--state", "towing"]],
    [["--fast"]],
    [["y.json"]],
    [["--state", "run", "--state", "off"]],
  ])("a wrong call %j ends with 64", (options) => expect(solve(switched, ...options).status).toBe(64));
});

test.each([
  [[]],
  [["fly"]],
  [["constructor"]],
  [["intake"]],
  [["intake", "donor.csv"]],
  [["intake", "donor.csv", "--side", "left"]],
  [["match", "donor.csv"]],
  [["match", "donor.csv", "host.csv", "--fast"]],
])("a wrong call %j ends with 64 and the usage", (args) => {
  expect(run(...args)).toMatchObject({ status: 64, stdout: "", stderr: expect.stringContaining("Usage:") });
});
test("--help lists the verbs", () =>
  expect(run("--help")).toMatchObject({ status: 0, stdout: expect.stringContaining("match DONOR.csv HOST.csv") }));

describe("gauge", () => {
  const reference = JSON.parse(readFileSync("tests/reference/gauge/expected.json", "utf8"));
  const printed = (name: string) =>
    JSON.parse(runCli(["gauge", `tests/reference/gauge/${name}.json`], readFileSync).stdout);

  test("the reference's specifications are answered as it has them", () => {
    const sender = printed("01");
    for (const [form, [worst, series, parallel]] of Object.entries<[number, number | null, number | null]>(
      reference["01"].forms,
    ))
      expect(sender.networks.find((one: { form: string }) => one.form === form)).toMatchObject({
        worstError: expect.closeTo(worst, 8),
        seriesOhms: series,
        parallelOhms: parallel,
        watts: null,
      });
    expect(sender.networks[0].form).toBe(reference["01"].form);
    expect(sender.errors).toHaveLength(101);
    expect(printed("21").ratio).toMatchObject(reference["21"]);
    const { rollingM, pulsesPerKm, value, num, den, errorPercent, legal } = reference["31"];
    const speed = printed("31");
    expect(speed).toMatchObject({ ratio: { num, den }, legal });
    expect([speed.rollingM, speed.pulsesPerKm, speed.ratio.value, speed.errorPercent]).toEqual(
      [rollingM, pulsesPerKm, value, errorPercent].map((one) => expect.closeTo(one, 8)),
    );
    expect(printed("41")).toEqual(reference["41"]);
  });

  test.each([
    ["a sender that turns back", readFileSync("tests/reference/gauge/51.json", "utf8"), "sender", "not-monotone"],
    ["no JSON", "{", "", "not-json"],
    ["an unknown kind", '{"kind":"clock"}', "kind", "bad-field"],
    [
      "a ratio of zero",
      '{"kind":"tachometer","provider":{"pulsesPerRev":0},"gauge":{"pulsesPerRev":2}}',
      "provider.pulsesPerRev",
      "bad-field",
    ],
    [
      "a band outside",
      '{"kind":"sender","sender":[[0,9],[9,1]],"gauge":[[0,9],[9,1]],"band":[0,10]}',
      "band",
      "band-outside",
    ],
    [
      "a band that ends before it begins",
      '{"kind":"sender","sender":[[0,9],[9,1]],"gauge":[[0,9],[9,1]],"band":[9,1]}',
      "band",
      "band-empty",
    ],
    [
      "two points with one x",
      '{"kind":"sender","sender":[[0,9],[0,1]],"gauge":[[0,9],[9,1]],"band":[0,9]}',
      "sender",
      "not-rising",
    ],
    [
      "a tyre that is none",
      '{"kind":"speedometer","tyre":"round","pulsesPerKm":9,"gauge":{"pulsesPerKm":9}}',
      "tyre",
      "no-tyre",
    ],
    [
      "pulses that nobody told",
      '{"kind":"speedometer","tyre":"155R13","gauge":{"revsPerKm":600}}',
      "pulsesPerKm",
      "pulses-missing",
    ],
    [
      "points that fall",
      '{"kind":"tachometer","provider":{"pulsesPerRev":2},"gauge":{"pulsesPerRev":2},"points":[[1,9],[2,8]]}',
      "points",
      "not-monotone",
    ],
  ])("%s is refused with its place and the cure", (_, text, column, code) => {
    const { status, stdout, stderr } = runCli(["gauge", "spec.json"], () => new TextEncoder().encode(text));
    expect(status).toBe(2);
    expect(JSON.parse(stdout).error).toMatchObject({ code, column, hint: expect.stringMatching(/\w{4}/) });
    expect(stderr).toContain("spec.json");
  });

  test("a cable's turns count as pulses, a fed gauge tells its watts, and one file is asked for", () => {
    const run = (spec: object) =>
      JSON.parse(runCli(["gauge", "s.json"], () => new TextEncoder().encode(JSON.stringify(spec))).stdout);
    expect(run({ kind: "speedometer", pulsesPerKm: 4000, gauge: { revsPerKm: 1000 } })).toMatchObject({
      rollingM: null,
      ratio: { num: 1, den: 4 },
      legal: true,
    });
    const curve = [
      [0, 200],
      [100, 50],
    ];
    const fed = run({
      kind: "sender",
      sender: curve,
      gauge: curve,
      band: [0, 100],
      series: "E24",
      volts: 10,
      gaugeOhms: 50,
    });
    expect(fed.networks.every(({ watts }: { watts: number | null }) => watts !== null)).toBe(true);
    expect(runCli(["gauge"], readFileSync).status).toBe(64);
    expect(runCli(["gauge", "--help"], readFileSync).stdout).toContain("tachometer");
  });
});
