import { crankTable } from "@/core/transmission";
import type { ReadFile } from "./errors";
import { jobFileOf, solvedPlan } from "./job-file";
import { cavityName } from "./options";

export const CRANK_HELP = `Usage: npm run -s pantograph -- crank JOB.json

Prints a list: for every key position, range, clutch, brake and state of the anti-theft parts that the job has, whether the
starter turns in the solved plan, whether it should, and the way of the start signal. Decided links alone are solved.
Example: npm run -s pantograph -- crank tests/reference/check/car.json`;

export const crank = (args: readonly string[], read: ReadFile): unknown =>
  crankTable(solvedPlan(jobFileOf(args, read))).rows.map(
    ({ key, range, clutch, brake, security, cranks, wanted, path }) => ({
      key,
      range,
      clutch,
      brake,
      security,
      cranks,
      wanted,
      path: path.map(cavityName),
    }),
  );
