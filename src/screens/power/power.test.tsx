import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, test } from "vitest";
import { parseForm } from "@/core/forms";
import { type KeyCell, PowerAnalysis, type PowerEdit, SEVERITIES, TROUBLE } from "@/core/power";
import {
  cavityLabel,
  cellText,
  cureText,
  type EditNames,
  editText,
  findingTitle,
  fixed,
  KEY_VERDICT_WORDS,
  originText,
  pointText,
  SEVERITY_WORDS,
} from "@/core/words";
import { heronDocument } from "@/demo/heron";
import { powerInputOf } from "@/job/power-facts";
import { FindingsList } from "./findings-list";
import { FuseChart } from "./fuse-chart";
import { LoadsView } from "./loads-view";
import { SEVERITY_MARKS, VERDICT_MARKS } from "./marks";
import { clip, PathDrawing } from "./path-drawing";

const desk = new PowerAnalysis();
const report = desk.load(powerInputOf(heronDocument()));
const row = (label: string) => {
  const found = report.rows.find((one) => cavityLabel(one.at) === label);
  if (found === undefined) throw new Error(`no row ${label}`);
  return found;
};
const drawn = (label: string, state: "run" | "crank") => desk.path(state, row(label).node);

describe("the current path as it is drawn", () => {
  test("from the battery's plus to its minus, with volts at every point and the loss of every wire", () => {
    const path = drawn("C1-1", "run");
    expect(path.points[0]?.point).toMatchObject({ type: "cavity", cavity: "-" });
    expect(path.elements[0]?.symbol).toBe("source");
    expect(path.points.filter((one) => one.asked).map((one) => pointText(one.point))).toEqual(["C1-1"]);
    const html = renderToStaticMarkup(<PathDrawing path={path} units="metric" />);
    for (const words of ["Main fuse box-5", "fuse F5 of Main fuse box", "20 A", "C1-1", "wire RD", "1 mm², 2.1 m"])
      expect(html).toContain(words);
    for (const point of path.points.filter((one) => one.volts !== null && one.point.type !== "open-end"))
      expect(html).toContain(`${fixed(point.volts ?? 0, 2)} V`);
  });
  test("losses along it add up to the battery's own voltage (Kirchhoff)", () => {
    const { points, elements } = drawn("C1-1", "run");
    const [source, ...rest] = elements;
    const around =
      rest.reduce((sum, one) => sum + (one.drop ?? 0), 0) + (points.at(-1)?.volts ?? 0) - (points[0]?.volts ?? 0);
    expect(around).toBeCloseTo(-(source?.drop ?? 0), 6);
  });
  test("stands in one line, each point below the one before with room for what is between, as a layout package placed it", () => {
    const html = renderToStaticMarkup(<PathDrawing path={drawn("C1-1", "run")} units="metric" />);
    const places = [...html.matchAll(/<circle cx="88" cy="([\d.]+)"/g)].map(([, y]) => Number(y));
    expect(places.length).toBeGreaterThan(3);
    // The first at 25 and one every 76: so it came from a package for layered graphs with the same sizes and gaps.
    expect(places).toEqual(places.map((_, at) => 25 + at * 76));
    expect(html).toContain(`viewBox="0 0 400 ${25 + (places.length - 1) * 76 + 37}"`);
  });
  test("a dead feed is drawn to where it opens, and says so", () => {
    const html = renderToStaticMarkup(<PathDrawing path={drawn("C1-2", "crank")} units="metric" />);
    expect(html).toContain("open here: KEY IG");
    expect(html).toContain("closes in run, running");
  });
  test("a long name is cut before its cavity", () => {
    expect(
      ["C1-2", "X Wing/Front 1 Front half-12", "a switch with a very long name indeed"].map((name) => clip(name, 20)),
    ).toEqual(["C1-2", "X Wing/Front 1 F…-12", "a switch with a ver…"]);
  });
  test("beside what it was, where something is tried", () => {
    const before = drawn("C1-2", "run");
    const edit: PowerEdit = { type: "setting", key: "battery-c", value: -20 };
    desk.tryEdits([edit]);
    const html = renderToStaticMarkup(
      <PathDrawing path={desk.path("run", row("C1-2").node, [edit])} before={before} units="metric" />,
    );
    expect(html).toMatch(/was \d+\.\d\d/);
  });
  test("imperial jobs read gauges and feet", () =>
    expect(renderToStaticMarkup(<PathDrawing path={drawn("C1-1", "run")} units="imperial" />)).toMatch(
      /17 AWG, 6\.89 ft/,
    ));
});

describe("words and signs", () => {
  test("trouble differs by word from what is sound, and never by colour alone", () => {
    const words = Object.values(KEY_VERDICT_WORDS);
    expect(new Set(words).size).toBe(words.length);
    expect(
      Object.entries(VERDICT_MARKS)
        .filter(([, mark]) => mark === "blocked")
        .map(([verdict]) => verdict)
        .toSorted(),
    ).toEqual([...TROUBLE].toSorted());
    expect(SEVERITY_MARKS.danger).not.toBe(SEVERITY_MARKS.note);
    expect(SEVERITIES.map((severity) => SEVERITY_WORDS[severity].word)).toEqual(["Danger", "Engine", "Fault", "Note"]);
  });
  test("each verdict has its reason, with the volts that it rests on", () => {
    const cell = { state: "run", volts: 7.24, across: 7.14, needed: true, idle: false } as const;
    const pin = { ...row("C1-2").pin, form: parseForm("supply-in", { minVolts: "8" }) };
    const why = (more: Partial<KeyCell> & Pick<KeyCell, "verdict">) => cellText({ pin }, { ...cell, ...more });
    expect(why({ verdict: "low" })).toBe("7.1 V across it, 8 V needed");
    expect(why({ verdict: "missing" })).toBe("Must be live in run, and is dead");
    expect([why({ verdict: "alive" }), why({ verdict: "alive", idle: true })]).toEqual([
      "Live, as it must be",
      "Fed; its other side is open now, or live as well",
    ]);
    expect(why({ verdict: "back-fed", state: "coasting" })).toBe(
      "7.1 V with the key off, engine coasting, and it must be dead",
    );
    expect([why({ verdict: "dead", needed: false }), why({ verdict: "dead", needed: null })]).toEqual([
      "Dead, as it must be",
      "Dead",
    ]);
    expect([why({ verdict: "also", needed: false }), why({ verdict: "also", needed: null })]).toEqual([
      "Also live in run",
      "Live here; when it must be live is not known yet",
    ]);
    expect(why({ verdict: "floating", volts: null, across: null })).toBe("Nothing feeds it");
  });
});

describe("lists and charts", () => {
  test("while something is tried, what goes and what comes is said at its row", () => {
    const dead = report.findings.find(
      (finding) => findingTitle(finding, "metric") === "C1-2 has no voltage while cranking",
    );
    const edit = dead?.cures.find((cure) => cureText(cure, "metric").includes("KEY-15"))?.edit;
    if (edit == null) throw new Error("no cure by KEY-15");
    // A battery that is frozen and flat cannot crank: that comes.
    const { report: after, come } = desk.tryEdits([edit, { type: "setting", key: "battery-c", value: -18 }]);
    if (after === null) throw new Error("not solved");
    expect(come.length).toBeGreaterThan(0);
    const html = renderToStaticMarkup(
      <FindingsList
        jobId="heron"
        units="metric"
        report={after}
        before={report}
        selected={null}
        onSelect={() => undefined}
      />,
    );
    expect(html).toMatch(/C1-2 has no voltage while cranking.*?>goes<\/b>/);
    expect(html.match(/>comes<\/b>/g)).toHaveLength(come.length);
  });
  test("a sound plan has words of its own", () =>
    expect(
      renderToStaticMarkup(
        <FindingsList
          jobId="heron"
          units="metric"
          report={{ ...report, findings: [] }}
          before={null}
          selected={null}
          onSelect={() => undefined}
        />,
      ),
    ).toContain("Nothing is wrong"));
  test("a fuse is drawn with its wire, its slowest curve, and the short that its wires allow", () => {
    const fuse = report.fuses.find((one) => originText(one.origin) === "fuse F9 of FB");
    if (fuse === undefined) throw new Error("no fuse F9");
    const html = renderToStaticMarkup(<FuseChart row={fuse} units="metric" />);
    for (const words of ["wire is damaged", "fuse blows", "slowest allowed", "current, A"])
      expect(html).toContain(words);
    expect((html.match(/ d="M/g) ?? []).length).toBeGreaterThan(8);
    expect(renderToStaticMarkup(<FuseChart row={{ ...fuse, wire: null }} units="metric" />)).toContain(
      "No wire is known",
    );
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
  expect(told({ type: "wire", wireId: "A to B", sizeMm2: 4, lengthM: 2 })).toBe("4 mm², 2 m for the wire A to B");
  expect(told({ type: "relink", consumerId: "C1-2", providerId: "KEY-15" })).toBe("C1-2 from KEY-15");
  expect(told({ type: "relay", consumerId: "C1-2", providerId: "KEY-15", contactFeedId: "FB-1" })).toBe(
    "C1-2 through a relay: coil on KEY-15, contact fed from FB-1",
  );
  expect(told({ type: "setting", key: "battery-c", value: -18 })).toBe("Battery temperature −18 °C");
  expect(
    editText(
      { type: "strap", fromPinId: "A", toPinId: "B", sizeMm2: 16, lengthM: 0.5 },
      { ...names, units: "imperial" },
    ),
  ).toBe("Wire of 5 AWG, 1.64 ft, from A to B");
});
