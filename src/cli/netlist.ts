import { describedNetlist } from "@/core/power";
import { NETLIST_KEYS } from "@/core/state";
import { originText } from "@/core/words";
import type { ReadFile } from "./errors";
import { readJob, solvedPlan } from "./job-file";
import { cavityName, oneOf, readArguments } from "./options";

export const NETLIST_HELP = `Usage: npm run -s pantograph -- netlist JOB.json [--state crank] [--range N] [--clutch pressed] [--brake released]

Prints {"netlist","cavities","elements"}: the plan as it is solved, the node of every cavity, and what every element is.
solve on that netlist gives the volts that the Power stage shows. Without --state it is run; lever and pedals are as they
usually are then, in Park.
Example: npm run -s pantograph -- netlist tests/reference/check/car.json --state crank --clutch released`;

const PEDAL = ["pressed", "released"] as const;

export function netlist(args: readonly string[], read: ReadFile): unknown {
  const { options, file } = readArguments(
    args,
    ["--state", "--range", "--clutch", "--brake"],
    "an exported job document",
  );
  const state = oneOf(options, "--state", NETLIST_KEYS) ?? "run";
  const [clutch, brake] = [oneOf(options, "--clutch", PEDAL), oneOf(options, "--brake", PEDAL)];
  const range = options.get("--range");
  const solution = solvedPlan(readJob(file, read));
  const plan = describedNetlist(solution, state, {
    ...(range === undefined ? {} : { range }),
    ...(clutch === undefined ? {} : { clutch }),
    ...(brake === undefined ? {} : { brake }),
  });
  return {
    netlist: plan.netlist,
    cavities: Object.fromEntries(plan.cavities.map(({ at, node }) => [cavityName(at), node])),
    elements: Object.fromEntries(
      plan.elements.map(({ id, use, origin, ends, works }) => [
        id,
        { what: use, text: originText(origin), ends: ends.map(cavityName), ...(works === null ? {} : { works }) },
      ]),
    ),
  };
}
