import { describe, expect, test } from "vitest";
import { type Finding, factsOf, PowerAnalysis, type PowerEdit } from "@/core/power";
import { assumptionText, cavityLabel, drawnValue, editFaultText, fuseCheckText, powerProblemWords } from "@/core/words";
import { heronDocument } from "@/demo/heron";
import { toldFindings } from "../../tests/support/told";
import { powerInputOf } from "./power-facts";
import { editsOps } from "./power-ops";
import type { JobDocument } from "./schema";
import { carryOut } from "./table-wires";

const heron = heronDocument();
const deskOf = (document: JobDocument) => {
  const desk = new PowerAnalysis();
  return { desk, report: desk.load(powerInputOf(document)) };
};
const { desk, report } = deskOf(heron);
let count = 0;
const makeId = () => {
  count += 1;
  return `made-${count}`;
};
const { harness, links } = factsOf(powerInputOf(heron));
const added = heron.wires.filter((row) => row.origin === "added");
const carriedOut = (edits: readonly PowerEdit[]) =>
  carryOut(heron, editsOps(heron, edits, { ...harness, links }, makeId));
const finding = (code: string, where: string) => {
  const all = toldFindings(report);
  const found = all.find((one) => one.code === code && one.where === where);
  if (found === undefined)
    throw new Error(`no finding ${code} at ${where}: ${all.map((one) => `${one.code} ${one.where}`).join("; ")}`);
  return found;
};
const pinId = (label: string) => {
  const row = heron.pins.find(
    (pin) => `${heron.connectors.find((one) => one.id === pin.connectorId)?.label}-${pin.cavity}` === label,
  );
  if (row === undefined) throw new Error(label);
  return row.id;
};

describe("the Heron's planted trouble", () => {
  test("is what people make, each once, and nothing else in it is a danger or stops the engine", () => {
    const grave = toldFindings(report).filter(({ severity }) => severity === "danger" || severity === "stop");
    expect(grave.map((one) => `${one.severity} ${one.code} ${one.where}`).toSorted()).toEqual([
      "danger cranks-in-gear Starter motor",
      "danger fuse-wire fuse F1 of Main fuses",
      "danger fuse-wire fuse F2 of Main fuse box",
      "danger shared-ground C2-2",
      "danger wire-hot the wire C1-3 to splice E03",
      "danger wrong-live Fuel pump-1",
      "stop back-feed IP-10",
      "stop dead-feed C1-2",
    ]);
  });
  test("the main relay's fuse: split over several ways first, sized by what each takes; thicker wire last", () => {
    const { key } = finding("fuse-wire", "fuse F1 of Main fuses");
    const fuse = report.findings.find((one) => one.key === key) as Finding;
    const codes = fuse.cures.map((cure) => cure.code);
    expect(codes[0]).toBe("split-fuse");
    expect(codes.at(-1)).toMatch(/^thicker/);
    const [split] = fuse.cures;
    if (split?.code !== "split-fuse") throw new Error("no split");
    // By hand from the pin tables: coils 4 × 2.5 A, injectors 4 × 1.2 A with valves 0.5 + 1 A, heaters 2 × 2 A, the computer
    // 2 × 2 A, the air mass meter 0.5 A; all at 13.5 V, and 12.3 V reach them.
    const tables = { coils: 10, "injectors-valves": 6.3, heaters: 4, computer: 4, rest: 0.5 };
    for (const { what, amps, ratedAmps } of split.ways) {
      expect(amps / tables[what], what).toBeGreaterThan(0.85);
      expect(amps / tables[what], what).toBeLessThan(1);
      expect(amps, what).toBeLessThanOrEqual(0.75 * ratedAmps);
    }
    expect(split.ways.map(({ what }) => what)).toEqual(["coils", "injectors-valves", "computer", "heaters", "rest"]);
  });
  test("the engine computer's key terminal is dead while cranking, and takes all that connected on it along", () => {
    const dead = finding("dead-feed", "C1-2");
    expect(dead).toMatchObject({ severity: "stop", state: "crank", title: "C1-2 has no voltage while cranking" });
    expect(dead.why).toContain("KEY IG is open while cranking");
    expect(dead.also).toEqual(expect.arrayContaining(["C1-3", "Injector 1-1", "Fuel pump-1"]));
  });
  test("the charge lamp holds the ignition relay when the key is turned off", () => {
    const back = finding("back-feed", "IP-10");
    expect(back).toMatchObject({ severity: "stop", state: "coasting" });
    expect(back.why).toContain("lamp at IP-5");
    expect(back.also).toEqual(expect.arrayContaining(["KEY-15", "T1-2", "Ignition relay-87"]));
  });
  test("a sensor ground carries what the engine computer's power grounds should", () => {
    const shared = finding("shared-ground", "C2-2");
    expect(shared).toMatchObject({ state: "running", severity: "danger" });
    expect(shared.amount.value).toBeGreaterThan(1);
    expect(shared.why).toContain("Engine earth-1");
  });
  test.each([
    // The relay's contact then carries both computers: 18 A of the 20 A that its output states.
    ["dead-feed", "C1-2", "Ignition relay-87", ["relay-contact"]],
    ["back-feed", "IP-10", "diode", []],
    // Its two power grounds then carry all of it alone, and lose more.
    ["shared-ground", "C2-2", "Remove the wire", ["ground-offset"]],
  ])("%s at %s goes with the cure (%s), and what comes is %j", (code, where, words, comes) => {
    const found = finding(code, where);
    const cure = found.cures.find((one) => one.text.includes(words));
    if (cure?.edit == null) throw new Error(`no cure: ${found.cures.map((one) => one.text).join("; ")}`);
    const effect = desk.tryEdits([cure.edit]);
    expect(effect.gone).toContain(found.key);
    expect(effect.come.map((one) => one.code)).toEqual(comes);
    expect(effect.come.some((one) => one.severity === "danger" || one.severity === "stop")).toBe(false);
  });
});

describe("what is tried is what is carried out", () => {
  const host = (label: string) => pinId(label);
  const edits: readonly (readonly [string, readonly PowerEdit[]])[] = [
    ["a thicker wire of the tables", [{ type: "wire", wireId: `wire:${host("T1-3")}`, sizeMm2: 4 }]],
    [
      "a longer added cable",
      [
        {
          type: "wire",
          wireId: `wire:${added.find((row) => row.fromPinId === host("Alternator-B+"))?.id}`,
          lengthM: 6,
        },
      ],
    ],
    ["another feed", [{ type: "relink", consumerId: host("C1-2"), providerId: host("KEY-15") }]],
    ["a relay", [{ type: "relay", consumerId: host("C1-2"), providerId: host("KEY-15"), contactFeedId: host("FB-1") }]],
    [
      "a fuse",
      [
        {
          type: "fuse",
          partId: heron.connectors.find((row) => row.label === "FB" && row.side === "host")?.id ?? "",
          elementId: "F9",
          amps: 5,
        },
      ],
    ],
    [
      "a strap",
      [{ type: "strap", fromPinId: host("Engine earth-1"), toPinId: host("G3-1"), sizeMm2: 16, lengthM: 0.5 }],
    ],
    [
      "a wire taken out",
      [{ type: "unwire", wireId: `wire:${added.find((row) => row.fromPinId === host("C2-2"))?.id}` }],
    ],
    ["one more load", [{ type: "load", pinId: host("FB-1"), watts: 100, name: "Fridge", sizeMm2: 2.5, lengthM: 3 }]],
    ["a colder battery", [{ type: "setting", key: "battery-c", value: -18 }]],
    [
      "two at once",
      [
        { type: "setting", key: "battery-c", value: 0 },
        { type: "relink", consumerId: host("C1-2"), providerId: host("Ignition relay-87") },
      ],
    ],
  ];
  test.each(edits)("%s", (_, list) => {
    const tried = desk.tryEdits(list);
    const done = deskOf(carriedOut(list)).report;
    expect(tried.fault).toBeNull();
    expect(done.findings.map((one) => nameless(one.key)).toSorted()).toEqual(
      tried.report?.findings.map((one) => nameless(one.key)).toSorted(),
    );
    for (const row of tried.report?.rows ?? []) {
      const same = done.rows.find((one) => one.pin.id === row.pin.id);
      row.cells.forEach((cell, at) => {
        const theirs = same?.cells[at]?.volts;
        if (cell.volts === null || theirs == null) expect(theirs, cavityLabel(row.at)).toBe(cell.volts);
        else expect(Math.abs(theirs - cell.volts), `${cavityLabel(row.at)} ${cell.state}`).toBeLessThan(1e-6);
      });
    }
    expect(done.findings).not.toEqual(report.findings);
  });
  test("a cure of every link kind can be tried and undone by doing nothing", () => {
    const link = finding("back-feed", "IP-10").cures[0]?.edit;
    if (link?.type !== "diode") throw new Error("the first cure is a diode");
    desk.tryEdits([link]);
    expect(desk.load(powerInputOf(heron)).findings).toEqual(report.findings);
  });
  test("absurd values are refused before they are tried, with the range", () => {
    const refused = (edit: PowerEdit) => {
      const { fault } = desk.tryEdits([edit]);
      return fault === null ? null : editFaultText(fault, "metric");
    };
    expect(refused({ type: "wire", wireId: "x", lengthM: 5000 })).toBe("Length: give 0.01 m to 50 m, not 5000 m.");
    expect(refused({ type: "fuse", partId: "x", elementId: "y", amps: 900 })).toBe(
      "Rating: give 0.5 A to 300 A, not 900 A.",
    );
    expect(refused({ type: "setting", key: "battery-c", value: -300 })).toContain("Battery temperature");
  });
});

describe("a job that is read in gauges and feet", () => {
  const american = new PowerAnalysis();
  const told = (units: "metric" | "imperial") => {
    const loaded = american.load(powerInputOf({ ...heron, job: { ...heron.job, units } }));
    const path = american.path(
      "run",
      american.load(powerInputOf({ ...heron, job: { ...heron.job, units } })).rows[0]?.node ?? "",
    );
    return [
      ...toldFindings(loaded, units).flatMap((one) => [one.title, one.why, ...one.cures.map((cure) => cure.text)]),
      ...loaded.assumptions.map((one) => assumptionText(one, units)),
      ...loaded.problems.map((one) => powerProblemWords(one, units).message),
      ...loaded.fuses.flatMap((row) => row.verdict?.checks.map((check) => fuseCheckText(check, units)) ?? []),
      ...path.elements.map((element) => drawnValue(element, units)),
    ].join("\n");
  };
  const imperial = told("imperial");
  test("finds the same, and tells it so throughout", () => {
    expect(imperial.split("\n").filter((line) => /mm²|°C|\d m(?![\wΩ])/.test(line))).toEqual([]);
    for (const unit of [/\d AWG/, /\d °F/, /\d ft/]) expect(imperial).toMatch(unit);
    const metric = told("metric");
    expect(metric).not.toMatch(/AWG|°F|\d ft/);
    expect(imperial.split("\n").length).toBe(metric.split("\n").length);
  });
  test("refuses with its ranges in them", () => {
    american.load(powerInputOf({ ...heron, job: { ...heron.job, units: "imperial" } }));
    const refused = (edit: PowerEdit) => {
      const { fault } = american.tryEdits([edit]);
      return fault === null ? "" : editFaultText(fault, "imperial");
    };
    expect(refused({ type: "wire", wireId: "x", sizeMm2: 500 })).toBe("Size: give 24 AWG to 296 kcmil, not 987 kcmil.");
    expect(refused({ type: "wire", wireId: "x", lengthM: 5000 })).toMatch(
      /^Length: give 0\.0328 ft to 164 ft, not 16400 ft\.$/,
    );
  });
});

/** Ids of links differ between a try and the rows that it becomes. */
const nameless = (key: string) =>
  key
    .replace(/(link |tried-)[\w-]+/g, "link")
    .replace(/wire:[\w-]+|tried wire \d+|tried load \d+( wire)?/g, "wire")
    .replace(/part:[\w-]+/g, "part");

test("what was decided for gaps is in the plan: each way as what it fits, a wire of its own side to what gives the same there", () => {
  const donor = heron.pins.filter(
    ({ connectorId }) => heron.connectors.find(({ id }) => id === connectorId)?.side === "donor",
  );
  const ofKind = (kind: string) => donor.find((pin) => pin.kind === kind)?.id as string;
  const [feed, ground, input, output] = ["supply-in", "ground", "logic-in", "low-side-out"].map(ofKind);
  const gauge = heron.pins.find(({ kind, quantity }) => kind === "resistive-in" && quantity === "coolant-temperature");
  const giver = heron.pins.find((pin) => pin.kind === "resistive-out" && pin.quantity === "coolant-temperature");
  const chosen = [
    [feed, "new-feed"],
    [ground, "new-feed"],
    [input, "loop"],
    [output, "dummy-load"],
    [gauge?.id, "second-sender"],
    ["gone", "loop"],
  ] as const;
  const fillsWith = (rows: readonly (readonly [string | undefined, JobDocument["gaps"][number]["way"]])[]) =>
    powerInputOf({ ...heron, gaps: rows.map(([id, way]) => ({ id: id as string, way, note: "", person: "P" })) }).fills;
  expect(fillsWith(chosen)).toEqual([
    { pinId: feed, as: "feed" },
    { pinId: ground, as: "ground" },
    { pinId: input, as: "loop" },
    { pinId: output, as: "dummy-load" },
  ]);
  expect(fillsWith([[input, "fit-switch"]])).toEqual([{ pinId: input, as: "switch" }]);
  expect(giver).toBeDefined();
  const [own] = fillsWith([[gauge?.id, "own-wire"]]) ?? [];
  const sideOf = (pinId: string) =>
    heron.connectors.find(({ id }) => id === heron.pins.find((pin) => pin.id === pinId)?.connectorId)?.side;
  if (own?.as !== "own-wire") throw new Error("no wire of its own side");
  expect(sideOf(own.fromPinId)).toBe(sideOf(own.pinId));
  expect(heron.pins.find(({ id }) => id === own.fromPinId)).toMatchObject({
    kind: "resistive-out",
    quantity: "coolant-temperature",
  });
});
