import { describe, expect, test } from "vitest";
import { heronDocument } from "@/demo/heron";
import { jobOf, read, shown } from "../../../tests/support/page";
import { JobShell } from "./job-shell";

const job = jobOf(heronDocument());
const shell = (more: Partial<typeof job>) =>
  read(
    shown(
      { ...job, ...more },
      <JobShell>
        <p>a screen</p>
      </JobShell>,
    ),
  );

describe("what stands around every screen", () => {
  test("the first blocker, how many there are, and the screen itself", () => {
    const words = shell({});
    expect(words).toContain("C1-2 has no voltage while cranking");
    expect(words).toContain(`1 of ${job.blockers.length}`);
    expect(words).toContain("a screen");
  });
  test("nothing holds the job back only once everything has been worked out", () => {
    expect(shell({ blockers: [] })).toContain("Nothing holds the job back");
    const waiting: readonly Partial<typeof job>[] = [
      { report: null },
      { stale: true },
      { power: null },
      { powerStale: true },
      { expected: null },
    ];
    for (const one of waiting) {
      const words = shell({ blockers: [], ...one });
      expect(words).toContain("Working out what holds the job back");
      expect(words).not.toContain("Nothing holds the job back");
    }
  });
  test("what is older than the job is said above the screen", () => {
    expect(shell({ connection: "lost", unsent: 2 })).toContain("2 changes are kept in this browser");
    expect(shell({ connection: "lost", unsent: 1 })).toContain("1 change is kept in this browser");
    const failure = { message: "out of memory", again: false };
    const failed = shell({ powerWatch: { failure, retry: () => undefined } });
    expect(failed).toContain("The electrical solution could not be worked out (out of memory)");
    expect(failed).toContain("Start it again");
  });
  test("stages and what stays open say how much is open, in the same words on every screen", () => {
    const words = shell({});
    for (const name of ["Scope", "Intake", "Triage", "Map", "Power", "Plan sheet", "Prove", "Guesses", "Loose ends"])
      expect(words).toContain(name);
    expect(words).toMatch(/Power the engine stops or something burns \d+/);
  });
});
