import { beforeAll, describe, expect, test } from "vitest";
import { heronDocument } from "@/demo/heron";
import { harnessFacts } from "@/job/harness-facts";
import { decisionsOf } from "@/job/links";
import { powerInput } from "@/job/power-facts";
import { signalPinsIn } from "@/job/signal-pins";
import { findConfusablePairs } from "../compare";
import { KINDS, parseForm, QUANTITIES } from "../forms";
import { buildHarness } from "../harness";
import { deriveLines, type PlanLines } from "../plan";
import { PowerAnalysis, type PowerReport } from "../power";
import { judge, likelyCauses, makeSteps, type Step } from "../proving";
import { HarnessAnalysis, type HarnessReport } from "../slice";
import type { Units } from "../units";
import {
  assumptionText,
  capital,
  carriedText,
  causeWords,
  crossingText,
  cureText,
  expectedText,
  findingPlace,
  findingTitle,
  findingWhy,
  formFacts,
  harnessProblemWords,
  inventoryName,
  KIND_WORDS,
  lineText,
  meterText,
  originText,
  powerProblemWords,
  probeWhere,
  quantityHead,
  stepStop,
  stepTitle,
  stepWhy,
  triageText,
  unmatchedText,
  verdictText,
} from "./index";

/** Everything that the planned sample job makes a person read, in both systems of units. */
const document = heronDocument();
let lines: PlanLines;
let power: PowerReport;
let harness: HarnessReport;
let steps: readonly Step[];
beforeAll(() => {
  const pins = signalPinsIn(document);
  lines = deriveLines(pins, decisionsOf(document));
  const analysis = new PowerAnalysis();
  power = analysis.load(powerInput(document, lines.lines));
  const slices = new HarnessAnalysis();
  slices.load(harnessFacts(document));
  harness = slices.report({ functions: [], cuts: [], removedConnectors: [] });
  const expected = analysis.expected();
  const volts = new Map(expected.volts.map((one) => [`${one.pinId} ${one.state}`, one]));
  const byId = new Map(pins.map((pin) => [pin.id, pin]));
  steps = makeSteps({
    lines: lines.lines,
    pinOf: (id) => {
      const pin = byId.get(id);
      return pin && { ...pin, lengthM: 1, place: null, description: "a wire" };
    },
    solved: (pinId, state) => volts.get(`${pinId} ${state}`) ?? null,
    standing: expected.standing,
  });
});

/** What no sentence may hold: a value that is none, an identifier of the code, a slip of the pen. */
const SLIPS =
  /undefined|null|NaN|\[object|\b(?:supply|low-side|high-side|logic|load|frequency|analogue|resistive|pwm|reference)-(?:in|out)\b|[a-z][A-Z][a-z]|\.\.| {2}|\(\)| ,/;
const sound = (texts: readonly string[]) => {
  expect(texts.length).toBeGreaterThan(0);
  expect(texts.filter((text) => text.trim() === "" || SLIPS.test(text))).toEqual([]);
};
const ofUnits = (units: Units, text: string) => (units === "metric" ? /\bAWG\b|°F|\bft\b/ : /mm²|°C/).test(text);

describe.each(["metric", "imperial"] as const)("in %s", (units) => {
  test("findings and cures name thing and trouble, in the job's units alone", () => {
    const texts = power.findings.flatMap((finding) => [
      findingTitle(finding, units),
      findingWhy(finding, units),
      capital(findingPlace(finding)),
      ...finding.cures.map((cure) => cureText(cure, units)),
    ]);
    sound(texts);
    expect(texts.filter((text) => ofUnits(units, text))).toEqual([]);
    for (const finding of power.findings) expect(findingTitle(finding, units)).not.toMatch(/\.$/);
  });
  test("assumptions and problems", () => {
    sound(power.assumptions.map((one) => assumptionText(one, units)));
    for (const problem of [
      ...power.problems.map((one) => powerProblemWords(one, units)),
      ...harness.problems.map((one) => harnessProblemWords(one, units)),
    ])
      sound([problem.where, problem.message, problem.cure]);
  });
  test("steps say what to do, what to expect and why; their reasons end where the screen ends them", () => {
    const whys = steps.map((step) => stepWhy(step, units));
    sound([
      ...whys,
      ...steps.flatMap((step) => [
        stepTitle(step),
        stepStop(step),
        meterText(step),
        expectedText(step.expected),
        probeWhere(step.red),
      ]),
    ]);
    expect(whys.filter((why) => why.endsWith("."))).toEqual([]);
  });
});

test("whatever a meter may show, its verdict and its likely causes are told", () => {
  for (const step of steps)
    for (const value of [null, -5, 0, 0.3, 7, 12.6, 1e6]) {
      const judgement = judge(step, value);
      const outcomes = new Map([[step.key, judgement.outcome] as const]);
      const causes = likelyCauses(step, judgement, { lines: lines.lines, steps, outcomes, faults: [] });
      sound([
        verdictText(judgement, step),
        ...causes.flatMap((cause) => {
          const { text, next } = causeWords(cause, step);
          return [text, next];
        }),
      ]);
      expect(causes.length > 0).toBe(judgement.outcome !== "pass");
    }
});

test("links, reasons without a counterpart, triage, inventory and confusable pairs", () => {
  sound(lines.lines.map(lineText));
  sound(lines.unmatched.map((one) => unmatchedText(one.reason, one.pin)));
  sound(harness.rows.map((row) => triageText(row.reason)));
  sound(harness.inventory.map((item) => inventoryName(item.what)));
  const pairs = findConfusablePairs(buildHarness(harnessFacts(document)), new Map());
  sound(pairs.flatMap((pair) => pair.crossings.flatMap((one) => [crossingText(one), carriedText(one.one)])));
});

test("every element of the netlist has its name on the vehicle", () =>
  sound(power.fuses.flatMap((row) => [originText(row.origin), ...row.loads.map(originText)])));

test("each kind and quantity has words of its own", () => {
  const kinds = KINDS.map((kind) => KIND_WORDS[kind]);
  expect(new Set(kinds).size).toBe(kinds.length);
  sound(kinds);
  const quantities = QUANTITIES.map((quantity) => quantityHead(quantity));
  expect(new Set(quantities).size).toBe(quantities.length);
  sound(quantities);
});

test("a form's values are read as words and numbers with their units", () => {
  const told = (kind: Parameters<typeof parseForm>[0], params: Readonly<Record<string, string>>) =>
    formFacts(parseForm(kind, params)).map(({ name, text }) => `${name}: ${text}`);
  expect(told("supply-in", { amps: "2.5", alive: "run-crank" })).toEqual([
    "current: 2.5 A",
    "when it is live: ignition (run and crank)",
  ]);
  expect(told("frequency-out", { pulsesPerRev: "2", drive: "open-collector" })).toEqual([
    "pulses per engine revolution: 2",
    "kind of output stage: open collector",
  ]);
  expect(told("resistive-out", { curve: "40:240|100:26", range: "0..5" })).toEqual([
    "curve: 40: 240, 100: 26",
    "voltage range: 0 to 5",
  ]);
  expect(told("spare", {})).toEqual([]);
});
