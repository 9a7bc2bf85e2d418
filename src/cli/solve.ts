import { type NetlistFault, Network, readNetlist } from "@/core/circuit";
import { NETLIST_KEYS } from "@/core/state";
import { netlistFaultText, solveFindingText } from "@/core/words";
import { InputError, type ReadFile } from "./errors";
import { readFileBytes } from "./files";
import { oneOf, readArguments } from "./options";

export const SOLVE_HELP = `Usage: npm run -s pantograph -- solve NETLIST.json [--state off|accessory|run|crank|running]

Prints {"state","volts","amps","relays","floating","findings"} of a netlist: volts to its reference, null where a node floats;
amperes from a to b, of a source out of a. --state wins over the file's own state.
Example: npm run -s pantograph -- solve tests/reference/circuit/small-vehicle-crank.json --state run`;

export function solve(args: readonly string[], read: ReadFile): unknown {
  const { options, file } = readArguments(args, ["--state"], "a netlist");
  const state = oneOf(options, "--state", NETLIST_KEYS) ?? null;
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
