import { type Finding, type KeyRow, placesOf, reportPower } from "@/core/power";
import { aliveThroughout } from "@/core/state";
import { assumptionText, cureText, findingTitle, findingWhy, powerProblemWords } from "@/core/words";
import type { ReadFile } from "./errors";
import { jobFileOf, solvedPlan } from "./job-file";
import { cavityName } from "./options";

export const CHECK_HELP = `Usage: npm run -s pantograph -- check JOB.json

Prints {"findings","key","assumed","problems"}: what is wrong in the solved plan, and the volts of every feed and consumer by key position.
Decided links alone are solved. A finding's first cavity is where to put the probe.
Example: npm run -s pantograph -- check tests/reference/check/car.json`;

/** Cavities that a finding names at most (contracts/verbs.md). */
const MOST_CAVITIES = 15;

export function check(args: readonly string[], read: ReadFile): unknown {
  const document = jobFileOf(args, read);
  const { units } = document.job;
  const solution = solvedPlan(document);
  const { findings, rows, assumptions, problems } = reportPower(solution);
  const told = (finding: Finding) => {
    const { cavities, elements } = placesOf(solution.model, finding, MOST_CAVITIES);
    return {
      code: finding.code,
      severity: finding.severity,
      state: finding.state,
      cavities: cavities.map(cavityName),
      elements,
      amount: finding.amount.value,
      limit: finding.amount.limit,
      unit: finding.amount.unit,
      text: findingTitle(finding, units),
      why: findingWhy(finding, units),
      cures: finding.cures.map((cure) => cureText(cure, units)),
    };
  };
  return {
    findings: findings.map(told),
    key: Object.fromEntries(rows.map((row) => [cavityName(row.at), { must: mustOf(row), volts: voltsOf(row) }])),
    assumed: assumptions.map((assumption) => assumptionText(assumption, units)),
    problems: problems.map((problem) => ({ code: problem.code, ...powerProblemWords(problem, units) })),
  };
}

const voltsOf = ({ cells }: KeyRow) => Object.fromEntries(cells.map(({ state, volts }) => [state, volts]));

/** When a cavity must be live, as pin tables write it; null where nobody says. */
function mustOf({ cells }: KeyRow): string | null {
  const needed = cells.filter((cell) => cell.needed === true).map(({ state }) => state);
  if (cells.every((cell) => cell.needed === null)) return null;
  return aliveThroughout(needed);
}
