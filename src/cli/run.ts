import { CHECK_HELP, check } from "./check";
import { CRANK_HELP, crank } from "./crank";
import { DBC_HELP, dbc } from "./dbc";
import { InputError, type ReadFile, UsageError } from "./errors";
import { GAUGE_HELP, gauge } from "./gauge";
import { INTAKE_HELP, intake } from "./intake";
import { MATCH_HELP, match } from "./match";
import { NETLIST_HELP, netlist } from "./netlist";
import { SLICE_HELP, slice } from "./slice";
import { SOLVE_HELP, solve } from "./solve";

/**
 * What a run prints and how it ends. Nothing but one JSON document, or the usage that was asked for, goes to `stdout`.
 */
export interface CliResult {
  readonly status: 0 | 2 | 64;
  readonly stdout: string;
  readonly stderr: string;
}

interface Verb {
  readonly run: (args: readonly string[], read: ReadFile) => unknown;
  readonly help: string;
}

const VERBS: Readonly<Record<string, Verb>> = {
  check: { run: check, help: CHECK_HELP },
  crank: { run: crank, help: CRANK_HELP },
  dbc: { run: dbc, help: DBC_HELP },
  gauge: { run: gauge, help: GAUGE_HELP },
  intake: { run: intake, help: INTAKE_HELP },
  match: { run: match, help: MATCH_HELP },
  netlist: { run: netlist, help: NETLIST_HELP },
  slice: { run: slice, help: SLICE_HELP },
  solve: { run: solve, help: SOLVE_HELP },
};

const USAGE = `Usage: npm run -s pantograph -- <verb> [files] [options]

Verbs
  intake FILE.csv --side donor|host   reads a pin table: every cavity with its colour, size, form and quantity
  match DONOR.csv HOST.csv            how each signal reaches its counterpart, with the adapters' values
  check JOB.json                      what is wrong in the solved plan, and the volts of every feed and consumer
  crank JOB.json                      who may crank when: every key position, range and pedal, solved
  dbc FILE.dbc [--decode LOG]         messages and signals of a bus; a log of frames read by them
  gauge SPEC.json                     what makes a gauge show the truth: resistors, ratios, a lamp's resistor
  netlist JOB.json [--state crank]    the plan as it is solved, and what each of its elements is
  slice JOB.json                      what each wire is needed for, and which may go
  solve NETLIST.json [--state run]    voltages, currents and relays of a netlist in one key state

Each verb has --help.`;

/** The whole command line as a function of its arguments and files (contracts/cli.md). */
export function runCli(args: readonly string[], read: ReadFile): CliResult {
  const [name, ...rest] = args;
  if (name === "--help" || name === "-h" || name === "help") return { status: 0, stdout: USAGE, stderr: "" };
  const verb = name === undefined || !Object.hasOwn(VERBS, name) ? undefined : VERBS[name];
  if (verb === undefined)
    return {
      status: 64,
      stdout: "",
      stderr: `${name === undefined ? "A verb is missing." : `There is no verb “${name}”.`}\n\n${USAGE}`,
    };
  if (rest.includes("--help") || rest.includes("-h")) return { status: 0, stdout: verb.help, stderr: "" };
  try {
    return { status: 0, stdout: JSON.stringify(verb.run(rest, read), null, 2), stderr: "" };
  } catch (error) {
    if (error instanceof UsageError) return { status: 64, stdout: "", stderr: `${error.message}\n\n${verb.help}` };
    if (error instanceof InputError)
      return {
        status: 2,
        stdout: JSON.stringify({ error: error.facts }, null, 2),
        stderr: `${error.facts.file}: ${error.message}`,
      };
    throw error;
  }
}
