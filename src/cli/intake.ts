import { SIDES, type Side } from "@/core/forms";
import type { IntakeReason } from "@/core/intake";
import { intakeReasonText } from "@/core/words";
import { type ReadFile, UsageError } from "./errors";
import { readTableFile } from "./files";

export const INTAKE_HELP = `Usage: npm run -s pantograph -- intake FILE.csv --side donor|host

Prints {"side","connectors","pins","issues"}: every cavity of the table as it was understood, and every problem.
Example: npm run -s pantograph -- intake src/demo/heron-donor.csv --side donor`;

export function intake(args: readonly string[], read: ReadFile): unknown {
  const { file, side } = parse(args);
  const table = readTableFile(file, side, read);
  return {
    side,
    connectors: [...new Set(table.pins.map((pin) => pin.connector))],
    pins: table.pins.map(({ line: _line, index: _index, ...pin }) => ({
      ...pin,
      kind: told(pin.kind),
      quantity: told(pin.quantity),
    })),
    issues: table.issues,
  };
}

const told = (one: { value: unknown; confidence: number; source: string; why: IntakeReason }) => ({
  value: one.value,
  confidence: one.confidence,
  source: one.source,
  why: intakeReasonText(one.why),
});

function parse(args: readonly string[]): { file: string; side: Side } {
  const files: string[] = [];
  let side: string | undefined;
  for (let at = 0; at < args.length; at += 1) {
    const arg = args[at] as string;
    if (arg === "--side") {
      at += 1;
      side = args[at];
    } else if (arg.startsWith("--side=")) side = arg.slice("--side=".length);
    else if (arg.startsWith("-")) throw new UsageError(`There is no option “${arg}”.`);
    else files.push(arg);
  }
  const [file] = files;
  if (file === undefined || files.length !== 1) throw new UsageError("Name one file.");
  const known = SIDES.find((one) => one === side);
  if (known === undefined)
    throw new UsageError(
      side === undefined ? "--side is missing: donor or host." : `There is no side “${side}”: donor or host.`,
    );
  return { file, side: known };
}
