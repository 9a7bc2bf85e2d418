import type { ReactElement } from "react";
import { renderToStaticMarkup } from "react-dom/server";
import { PowerAnalysis } from "@/core/power";
import { HarnessAnalysis } from "@/core/slice";
import { functionChoices, harnessFacts, movedConnectors, removedConnectors, triageFacts } from "@/job/harness-facts";
import { powerInput } from "@/job/power-facts";
import type { JobDocument } from "@/job/schema";
import { Deriver } from "@/screens/shell/derive";
import { JobContext, type JobContextValue } from "@/screens/shell/job-provider";
import { blockersOf } from "@/screens/shell/next";

const idle = async (): Promise<never> => new Promise(() => undefined);

/** A job as its screens see it, worked out here and now instead of in workers. */
export function jobOf(document: JobDocument, more: Partial<JobContextValue> = {}): JobContextValue {
  const deriver = new Deriver();
  const { lines } = deriver.plan(document);
  const desk = new PowerAnalysis();
  const power = desk.load(powerInput(document, lines));
  const expected = desk.expected();
  const derived = deriver.derive(document, expected);
  const harness = new HarnessAnalysis();
  harness.load(harnessFacts(document));
  const report = harness.report({
    functions: [...functionChoices(document)],
    cuts: triageFacts(document),
    removedConnectors: [...removedConnectors(document)],
    moved: movedConnectors(document),
  });
  return {
    document,
    revision: 1,
    unsent: 0,
    unsentRows: 0,
    unsentSince: null,
    onlyHere: false,
    aside: [],
    again: () => undefined,
    discard: () => undefined,
    connection: "ok",
    ...derived,
    report,
    stale: false,
    power,
    expected,
    powerStale: false,
    jobId: "job",
    person: "Robin",
    blockers: blockersOf(document, derived.blockers, power, report),
    askCut: idle,
    askCircuit: idle,
    askConfusablePairs: idle,
    askTryRows: idle,
    askProofs: async () => [],
    askCrank: idle,
    askCrankCures: async () => [],
    askTry: idle,
    askPath: async (...asked) => desk.path(...asked),
    askFaults: async (...asked) => desk.elementFaults(...asked),
    askNetlist: async () => desk.netlist(),
    askWireAmps: async (...asked) => new Map(desk.wireAmps(...asked)),
    askVolts: async (...asked) => new Map(desk.volts(...asked)),
    harnessWatch: { failure: null, retry: () => undefined },
    powerWatch: { failure: null, retry: () => undefined },
    change: () => undefined,
    step: () => undefined,
    rename: () => undefined,
    ...more,
  };
}

/** What a screen shows at first, as markup. */
export const shown = (job: JobContextValue, screen: ReactElement): string =>
  renderToStaticMarkup(<JobContext.Provider value={job}>{screen}</JobContext.Provider>);

/** The same as a person reads it: words alone. */
export const read = (html: string): string =>
  html
    .replace(/<style[\s\S]*?<\/style>/g, " ")
    .replace(/<[^>]+>/g, " ")
    .replace(/&#x27;/g, "'")
    .replace(/&quot;/g, "“")
    .replace(/&amp;/g, "&")
    .replace(/&gt;/g, ">")
    .replace(/&lt;/g, "<")
    .replace(/\s+/g, " ")
    .trim();
