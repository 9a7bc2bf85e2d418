import { readFileSync } from "node:fs";
import { describe, expect, test } from "vitest";
import { runCli } from "./run";

const REFERENCE = "tests/reference/check";

interface Told {
  readonly findings: readonly {
    readonly code: string;
    readonly severity: "danger" | "stop" | "fault" | "note";
    readonly cavities: readonly string[];
    readonly elements: readonly string[];
    readonly text: string;
    readonly why: string;
    readonly cures: readonly string[];
  }[];
  readonly key: Readonly<
    Record<string, { readonly must: string | null; readonly volts: Readonly<Record<string, number | null>> }>
  >;
  readonly assumed: readonly string[];
  readonly problems: readonly unknown[];
}

type Row = Readonly<Record<string, unknown>> & { readonly id: string };
type Job = Readonly<Record<string, unknown>>;

interface Trouble {
  readonly id: string;
  readonly title: string;
  readonly codes: readonly string[];
  readonly severity: keyof typeof GRAVITY;
  readonly cavities: readonly string[];
  readonly consequences: readonly string[];
  readonly change: {
    readonly put?: Readonly<Record<string, readonly Row[]>>;
    readonly out?: Readonly<Record<string, readonly string[]>>;
  };
}

const GRAVITY = { note: 0, fault: 1, stop: 2, danger: 3 } as const;
const json = <T>(file: string): T => JSON.parse(readFileSync(`${REFERENCE}/${file}`, "utf8")) as T;
const car = json<Job>("car.json");

function check(job: unknown): Told {
  const { status, stdout } = runCli(["check", "job.json"], () => new TextEncoder().encode(JSON.stringify(job)));
  expect(status).toBe(0);
  return JSON.parse(stdout) as Told;
}

/** The job with rows put in and taken out by their ids. */
function changed(job: Job, { put = {}, out = {} }: Trouble["change"]): Job {
  const lists = new Map<string, readonly Row[]>();
  const rows = (list: string) => lists.get(list) ?? (job[list] as readonly Row[]);
  for (const [list, own] of Object.entries(put)) {
    const ids = new Set(own.map(({ id }) => id));
    lists.set(list, [...rows(list).filter(({ id }) => !ids.has(id)), ...own]);
  }
  for (const [list, ids] of Object.entries(out))
    lists.set(
      list,
      rows(list).filter(({ id }) => !ids.includes(id)),
    );
  return { ...job, ...Object.fromEntries(lists) };
}

describe("what the Power stage says of a job, on the command line", () => {
  test("a car that a careful engineer calls sound has no danger, no stop, and one fault at most", () => {
    const { findings, problems } = check(car);
    const faults = findings.filter(({ severity }) => severity !== "note");
    expect(faults.filter(({ severity }) => severity !== "fault")).toEqual([]);
    expect(faults.length).toBeLessThanOrEqual(1);
    expect(problems).toEqual([]);
  });
  test.each(json<Trouble[]>("troubles.json").map((trouble) => [trouble.title, trouble] as const))(
    "one trouble planted: %s",
    (_, { change, codes, severity, cavities, consequences }) => {
      const { findings } = check(changed(car, change));
      const names = findings.filter(
        (finding) =>
          codes.includes(finding.code) &&
          GRAVITY[finding.severity] >= GRAVITY[severity] &&
          finding.cavities.some((cavity) => cavities.includes(cavity)),
      );
      expect(names.length).toBeGreaterThan(0);
      for (const { text, why, cavities: places } of names) {
        expect(places.length).toBeLessThanOrEqual(15);
        expect(text).not.toBe("");
        expect(why).not.toBe("");
      }
      const others = findings.filter(
        (finding) =>
          (finding.severity === "danger" || finding.severity === "stop") &&
          !names.includes(finding) &&
          !consequences.includes(finding.code),
      );
      expect(others.map(({ text }) => text)).toEqual([]);
    },
  );
  test("every feed and consumer is told with its volts in every key position", () => {
    const { key } = check(car);
    expect(key["donor C1/2"]?.must).toBe("run-crank");
    expect(Object.keys(key["donor C1/2"]?.volts ?? {})).toEqual([
      "off",
      "accessory",
      "run",
      "crank",
      "running",
      "coasting",
    ]);
    expect(key["donor C1/2"]?.volts.off).toBeCloseTo(0, 1);
    expect(key["donor C1/2"]?.volts.run).toBeGreaterThan(11.5);
  });
  test("a document that is none is an error with its cure, and two files are a wrong call", () => {
    const { status, stdout } = runCli(["check", "job.json"], () => new TextEncoder().encode("{"));
    expect(status).toBe(2);
    expect(JSON.parse(stdout)).toMatchObject({ error: { file: "job.json" } });
    expect(runCli(["check", "a.json", "b.json"], () => new Uint8Array()).status).toBe(64);
  });
});
