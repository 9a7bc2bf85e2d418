import { type NetlistFault, Network, readNetlist } from "@/core/circuit";
import { NETLIST_KEYS } from "@/core/state";
import { netlistFaultText, solveFindingText } from "@/core/words";
import { InputError, type ReadFile, UsageError } from "./errors";
import { readFileBytes } from "./files";

export const SOLVE_HELP = `Usage: npm run -s pantograph -- solve NETLIST.json [--state off|accessory|run|crank|running]

Prints {"state","volts","amps","relays","floating","findings"} of a netlist: volts to its reference, null where a node floats;
amperes from a to b, of a source out of a. --state wins over the file's own state.
Example: npm run -s pantograph -- solve tests/reference/circuit/small-vehicle-crank.json --state run`;

export function solve(args: readonly string[], read: ReadFile): unknown {
  const { file, state } = readArguments(args);
  const fail = (fault: NetlistFault): never => {
    const { code, element, nodes } = fault;
    throw new InputError({
      code,
      message: netlistFaultText(fault),
      file,
      element,
      ...(nodes === undefined ? {} : { nodes }),
    });
  };
  const json = parseJson(file, read);
  const netlist = readNetlist(state !== null && typeof json === "object" && json !== null ? { ...json, state } : json);
  if (!netlist.ok) return fail(netlist.fault);
  const built = Network.build(netlist.netlist);
  if (!built.ok) return fail(built.fault);
  const result = built.network.solve(netlist.netlist.state);
  if (!result.ok) return fail(result.fault);
  const { volts, amps, relays, ...rest } = result.solution;
  return {
    state: rest.state,
    volts: Object.fromEntries(volts),
    amps: Object.fromEntries(amps),
    relays: Object.fromEntries(relays),
    floating: rest.floating,
    findings: rest.findings.map((finding) => ({
      code: finding.code,
      element: finding.element,
      nodes: finding.nodes,
      message: solveFindingText(finding),
    })),
  };
}

function readArguments(args: readonly string[]): { readonly file: string; readonly state: string | null } {
  const at = args.indexOf("--state");
  const state = at < 0 ? null : (args[at + 1] ?? "");
  if (state !== null && !NETLIST_KEYS.some((one) => one === state))
    throw new UsageError(`--state is one of ${NETLIST_KEYS.join(", ")}.`);
  const rest = args.filter((_, nth) => at < 0 || (nth !== at && nth !== at + 1));
  const option = rest.find((arg) => arg.startsWith("-"));
  if (option !== undefined)
    throw new UsageError(option === "--state" ? "--state is given twice." : `There is no option “${option}”.`);
  const [file] = rest;
  if (file === undefined || rest.length !== 1) throw new UsageError("Name one file, a netlist.");
  return { file, state };
}

function parseJson(file: string, read: ReadFile): unknown {
  const text = new TextDecoder().decode(readFileBytes(file, read));
  try {
    return JSON.parse(text);
  } catch (error) {
    throw new InputError({
      code: "not-json",
      message: `The file is not JSON: ${(error as Error).message}`,
      file,
      hint: "A netlist is one JSON object (contracts/netlist.md).",
    });
  }
}
