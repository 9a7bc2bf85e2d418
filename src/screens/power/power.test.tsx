import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, test } from "vitest";
import { type KeyCell, PowerDesk, type PowerEdit, SEVERITIES } from "@/core/power";
import { heronDocument } from "@/demo/heron";
import { powerInputOf } from "@/job/power-facts";
import { type EditNames, editText } from "./edit-text";
import { FindingsList } from "./findings-list";
import { FuseChart } from "./fuse-chart";
import { LoadsView } from "./loads-view";
import { clip, PathDrawing } from "./path-drawing";
import { ampsText, cellWhy, dropText, SEVERITY_WORDS, VERDICTS, voltsText } from "./words";

const desk = new PowerDesk();
const report = desk.load(powerInputOf(heronDocument()));
const row = (label: string) => {
  const found = report.rows.find((one) => one.label === label);
  if (found === undefined) throw new Error(`no row ${label}`);
  return found;
};
const drawn = (label: string, state: "run" | "crank") => desk.path(state, row(label).node);

describe("the current path as it is drawn", () => {
  test("from the battery's plus to its minus, with volts at every point and the loss of every wire", () => {
    const path = drawn("C1-1", "run");
    expect(path.points[0]?.label).toBe("Battery −");
    expect(path.pieces[0]?.symbol).toBe("source");
    expect(path.points.find((point) => point.asked)?.label).toBe("C1-1");
    const html = renderToStaticMarkup(<PathDrawing path={path} units="metric" />);
    for (const words of ["FB-10", "FB F2", "25 A", "C1-1", "wire RD", "1 mm², 2.1 m"]) expect(html).toContain(words);
    for (const point of path.points.filter((one) => one.volts !== null && !one.label.startsWith("end of"))) expect(html).toContain(`${voltsText(point.volts)} V`);
  });
  test("losses along it add up to the battery's own voltage (Kirchhoff)", () => {
    const { points, pieces } = drawn("C1-1", "run");
    const [source, ...rest] = pieces;
    const around = rest.reduce((sum, piece) => sum + (piece.drop ?? 0), 0) + (points.at(-1)?.volts ?? 0) - (points[0]?.volts ?? 0);
    expect(around).toBeCloseTo(-(source?.drop ?? 0), 6);
  });
  test("a dead feed is drawn to where it opens, and says so", () => {
    const html = renderToStaticMarkup(<PathDrawing path={drawn("C1-2", "crank")} units="metric" />);
    expect(html).toContain("opens here: KEY IG");
    expect(html).toContain("closes in run, running");
  });
  test("a long name is cut before its cavity", () => {
    expect(["C1-2", "X Wing/Front 1 Front half-12", "a switch with a very long name indeed"].map((name) => clip(name, 20))).toEqual(["C1-2", "X Wing/Front 1 F…-12", "a switch with a ver…"]);
  });
  test("beside what it was, where something is tried", () => {
    const before = drawn("C1-2", "run");
    const edit: PowerEdit = { type: "setting", key: "battery-c", value: -20 };
    desk.tryEdits([edit]);
    const html = renderToStaticMarkup(<PathDrawing path={desk.path("run", row("C1-2").node, [edit])} before={before} units="metric" />);
    expect(html).toMatch(/was \d+\.\d\d/);
  });
  test("imperial jobs read gauges and feet", () => expect(renderToStaticMarkup(<PathDrawing path={drawn("C1-1", "run")} units="imperial" />)).toMatch(/17 AWG, 6\.89 ft/));
});

describe("words and signs", () => {
  test("trouble differs by word from what is sound, and never by colour alone", () => {
    const all = Object.values(VERDICTS);
    expect(new Set(all.map((one) => one.word)).size).toBe(all.length);
    expect(all.filter((one) => one.bad).every((one) => one.mark === "blocked")).toBe(true);
    expect(all.filter((one) => !one.bad).some((one) => one.mark === "blocked")).toBe(false);
    expect(SEVERITIES.map((severity) => SEVERITY_WORDS[severity].word)).toEqual(["Danger", "Engine", "Fault", "Note"]);
  });
  test("each verdict has its reason, with the volts that it rests on", () => {
    const cell = { state: "run", volts: 7.24, across: 7.14, needed: true, idle: false } as const;
    const pin = { ...row("C1-2").pin, params: { minVolts: "8" } };
    const why = (more: Partial<KeyCell> & Pick<KeyCell, "verdict">) => cellWhy({ pin }, { ...cell, ...more });
    expect(why({ verdict: "low" })).toBe("7.1 V across it, 8 V needed");
    expect(why({ verdict: "missing" })).toBe("Must live in run, and is dead");
    expect([why({ verdict: "alive" }), why({ verdict: "alive", idle: true })]).toEqual(["Lives, as it must", "Fed; its other side is open now, or live as well"]);
    expect(why({ verdict: "back-fed", state: "run-on" })).toBe("7.1 V with the key off, and it must be dead");
    expect([why({ verdict: "dead", needed: false }), why({ verdict: "dead", needed: null })]).toEqual(["Dead, as it must be", "Dead"]);
    expect([why({ verdict: "also", needed: false }), why({ verdict: "also", needed: null })]).toEqual(["Lives in run as well", "Lives here; nobody said when it must"]);
    expect(why({ verdict: "floating", volts: null, across: null })).toBe("Nothing leads here");
  });
  test.each([[0.0001, "0 A"], [0.0052, "5.2 mA"], [0.147, "147 mA"], [8.24, "8.2 A"], [186.2, "186 A"]])("%s A reads %s", (amps, text) => expect(ampsText(amps)).toBe(text));
  test.each([[0.067, "67 mV"], [1.234, "1.23 V"]])("%s V lost reads %s", (volts, text) => expect(dropText(volts)).toBe(text));
  test("what floats has no number", () => expect([voltsText(null), voltsText(-0.0001), voltsText(12.345)]).toEqual(["—", "0.00", "12.35"]));
});

describe("lists and charts", () => {
  test("while something is tried, what goes and what comes is said at its row", () => {
    const dead = report.findings.find((finding) => finding.title === "C1-2 is dead while cranking");
    const edit = dead?.cures.find((cure) => cure.text.includes("KEY-15"))?.edit;
    if (edit == null) throw new Error("no cure by KEY-15");
    const { report: after } = desk.tryEdits([edit]);
    if (after === null) throw new Error("not solved");
    const html = renderToStaticMarkup(<FindingsList jobId="heron" report={after} before={report} selected={null} onSelect={() => undefined} />);
    expect(html).toMatch(/C1-2 is dead while cranking.*?goes/);
    expect(html).toContain("comes");
  });
  test("a sound plan has words of its own", () => expect(renderToStaticMarkup(<FindingsList jobId="heron" report={{ ...report, findings: [] }} before={null} selected={null} onSelect={() => undefined} />)).toContain("Nothing is wrong"));
  test("a fuse is drawn with its wire, its slowest curve, and the short that its wires allow", () => {
    const fuse = report.fuses.find((one) => one.name === "FB F6");
    if (fuse === undefined) throw new Error("no fuse F6");
    const html = renderToStaticMarkup(<FuseChart row={fuse} />);
    for (const words of ["wire is harmed", "fuse melts", "slowest allowed", "current, A"]) expect(html).toContain(words);
    expect((html.match(/ d="M/g) ?? []).length).toBeGreaterThan(8);
    expect(renderToStaticMarkup(<FuseChart row={{ ...fuse, wire: null }} />)).toContain("No wire is known");
  });
  test("loads are told with current and power, the strongest first, and what is too little by word", () => {
    const html = renderToStaticMarkup(<LoadsView report={report} before={null} units="metric" />);
    expect(html).toContain("too little");
    expect(html.indexOf("Cooling fan 1")).toBeLessThan(html.indexOf("Wiper motor case"));
  });
});

test("an edit is told as one says it", () => {
  const names: EditNames = { pin: (id) => id, wire: (id) => id, link: (id) => id, part: (id) => id, units: "metric" };
  const told = (edit: PowerEdit) => editText(edit, names);
  expect(told({ type: "wire", wireId: "A to B", sizeMm2: 4, lengthM: 2 })).toBe("4 mm², 2 m from A to B");
  expect(told({ type: "relink", consumerId: "C1-2", providerId: "KEY-15" })).toBe("C1-2 from KEY-15");
  expect(told({ type: "relay", consumerId: "C1-2", providerId: "KEY-15", contactFeed: "FB-1" })).toBe("C1-2 through a relay: coil on KEY-15, contact from FB-1");
  expect(told({ type: "setting", key: "battery-c", value: -18 })).toBe("Battery temperature -18 °C");
  expect(editText({ type: "strap", fromPinId: "A", toPinId: "B", sizeMm2: 16, lengthM: 0.5 }, { ...names, units: "imperial" })).toBe("Wire of 5 AWG, 1.64 ft, from A to B");
});
