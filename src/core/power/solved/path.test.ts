import { describe, expect, test } from "vitest";
import { input, SOUND, solved, VAN } from "../../../../tests/support/van";
import { sideOf } from "../../points";
import { drawnName, drawnValue, originText, pointText } from "../../words";
import { drawnPath, PowerAnalysis } from "../index";
import { MINUS } from "../nodes";
import { opening, type PathStep, pathDown, pathThrough } from "./path";

const sound = solved();
const at = (pinId: string) => `cavity ${pinId}`;
const nameOf = (step: PathStep | undefined) => (step === undefined ? "" : originText(step.span.planned.origin));
const dropped = solved({ links: [["KEY-IG", "ECU-1"], ...SOUND.slice(1)] });

describe("the way of a current", () => {
  const { steps } = pathThrough(sound, "run", at("ECU-1"));
  test("it begins in a source, ends at the source's other pole, and every step begins where the last ended", () => {
    expect(steps[0]?.span.role).toBe("source");
    expect(steps.at(-1)?.to).toBe(steps[0]?.from);
    for (const [nth, step] of steps.entries()) if (nth > 0) expect(step.from).toBe(steps[nth - 1]?.to);
    expect(steps.some((step) => step.open)).toBe(false);
  });
  test("current goes the way that is told, and voltage falls along it outside of the source", () => {
    const volts = sound.states.get("run")?.volts;
    for (const step of steps.slice(1)) {
      expect(step.amps, step.span.name).toBeGreaterThan(0);
      expect((volts?.get(step.from) ?? 0) - (volts?.get(step.to) ?? 0), step.span.name).toBeGreaterThan(-1e-9);
    }
  });
  test("no step is taken twice", () => expect(new Set(steps.map((step) => step.span.name)).size).toBe(steps.length));
  test("it passes the key by the contact that feeds the place, and the computer by its own load", () => {
    const names = steps.map((step) => originText(step.span.planned.origin));
    expect(names).toContain("KEY 15");
    expect(
      steps.some((step) => step.span.planned.origin.type === "part" && step.span.planned.origin.partId === "ecu"),
    ).toBe(true);
  });
});

describe("a live stub that nothing is taken from", () => {
  const lamp = {
    id: "Panel",
    side: "host",
    type: "assembly",
    label: "Panel",
    terminals: [
      { name: "1", pinId: "Panel-1" },
      { name: "2", pinId: "Panel-2" },
    ],
    elements: [{ id: "L1", type: "lamp", a: "1", b: "2", ratedVolts: 12, ratedWatts: 60 }],
  } as const;
  const fedBack = solved({
    van: `${VAN}  host Panel-1 1 supply-in battery-supply RD 0.75mm 1m alive=permanent amps=5 "Lamp feed"
  host Panel-2 3 load-in charge-warning BU 0.75mm 1m amps=5 otherEnd=battery "Lamp"
  host Stub-1 3 unknown - WH 1mm 1m "Spare end"
`,
    parts: [lamp],
  });
  test("has its way from where current arrives on its copper, and not through an open key", () => {
    const { steps } = pathThrough(fedBack, "off", at("Stub-1"));
    expect(steps[0]?.span.role).toBe("source");
    expect(steps.some((step) => step.open)).toBe(false);
    expect(
      steps.some((step) => step.span.planned.origin.type === "part" && step.span.planned.origin.partId === "Panel"),
    ).toBe(true);
    for (const [nth, step] of steps.entries()) if (nth > 0) expect(step.from).toBe(steps[nth - 1]?.to);
    expect(steps.some((step) => step.to === at("Stub-1"))).toBe(true);
  });
});

describe("the way to a dead feed", () => {
  test("it is the shortest from a source, with what is open on it", () => {
    const { steps } = pathThrough(dropped, "crank", at("ECU-1"));
    expect(steps[0]?.span.role).toBe("source");
    expect(steps.filter((step) => step.open).map((step) => originText(step.span.planned.origin))).toEqual(["KEY IG"]);
    for (const [nth, step] of steps.entries()) if (nth > 0) expect(step.from).toBe(steps[nth - 1]?.to);
  });
  test("the opening is told from the source on, and there is none on a live way", () => {
    expect(nameOf(opening(dropped, "crank", at("ECU-1")))).toBe("KEY IG");
    expect(opening(sound, "run", at("ECU-1"))).toBeUndefined();
  });
  test("with the key off everything that the key feeds opens at the key", () => {
    for (const node of [at("ECU-1"), at("Wiper-1")])
      expect(nameOf(opening(sound, "off", node))).toMatch(/^KEY (15|IG)$/);
  });
  test("a place that nothing leads to has no way", () => {
    const alone = solved({
      van: `${VAN}  host Alone-1 99 supply-in ignition-supply RD 1mm 1m amps=1 alive=run "Alone"\n`,
    });
    expect(pathThrough(alone, "run", at("Alone-1")).steps.filter((step) => step.span.role === "source")).toEqual([]);
    expect(opening(alone, "run", at("Alone-1"))).toBeUndefined();
  });
});

describe("the way back", () => {
  test("from a consumer's ground it goes down to the battery's negative, and not past the place that it came from", () => {
    const steps = pathDown(sound, "run", at("Wiper-2"), at("Wiper-1"));
    expect(steps.at(-1)?.to).toBe(MINUS);
    expect(steps.some((step) => step.from === at("Wiper-1") || step.to === at("Wiper-1"))).toBe(false);
    expect(pathDown(sound, "run", at("Wiper-2"), at("Wiper-1"))).toBe(steps);
  });
});

describe("as it is drawn", () => {
  test("losses around the loop add up to the source's own (Kirchhoff), in every state in which current flows", () => {
    for (const state of ["run", "running", "crank"] as const) {
      const { elements } = drawnPath(sound, state, at("ECU-1"));
      expect(
        elements.reduce((sum, element) => sum + (element.drop ?? 0), 0),
        state,
      ).toBeCloseTo(0, 6);
    }
  });
  test("a loop has its first node last, and no two of its points share a key", () => {
    const { points } = drawnPath(sound, "run", at("ECU-1"));
    expect(points.at(-1)?.point).toEqual(points[0]?.point);
    expect(new Set(points.map((point) => point.key)).size).toBe(points.length);
  });
  test("points are named as they are printed, the asked one is marked, and a wire has its colour, size and length", () => {
    const { points, elements } = drawnPath(sound, "run", at("ECU-1"));
    expect(points.filter((point) => point.asked).map((point) => [pointText(point.point), sideOf(point.point)])).toEqual(
      [["ECU-1", "donor"]],
    );
    const wire = elements.find((element) => drawnName(element) === "wire at ECU-1");
    expect(wire).toMatchObject({
      symbol: "wire",
      colour: { base: "RD" },
      origin: { sizeMm2: 1, lengthM: 2, assumed: [] },
    });
    expect(wire && drawnValue(wire, "metric")).toBe("1 mm², 2 m");
  });
  test("of a tried plan the path is the tried one's, and of the plan as it is its own", () => {
    const desk = new PowerAnalysis();
    desk.load(input());
    const edit = { type: "wire", wireId: "wire:ECU-1", sizeMm2: 6 } as const;
    desk.tryEdits([edit]);
    const value = (edits: Parameters<PowerAnalysis["path"]>[2]) =>
      desk
        .path("run", at("ECU-1"), edits)
        .elements.filter((element) => drawnName(element) === "wire at ECU-1")
        .map((element) => drawnValue(element, "metric"))[0];
    expect([value([edit]), value([])]).toEqual(["6 mm², 2 m", "1 mm², 2 m"]);
  });
});
