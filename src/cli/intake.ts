import { SIDES, type Side } from "@/core/forms";
import type { IntakeReason } from "@/core/intake";
import { intakeReasonText } from "@/core/words";
import { ALL_COLUMNS, COLUMN_UNITS, type Column, type ColumnRead, type ToldColumns } from "@/formats/pin-table";
import { type ReadFile, UsageError } from "./errors";
import { readTableFile } from "./files";

export const INTAKE_HELP = `Usage: npm run -s pantograph -- intake FILE.csv --side donor|host [--columns "HEAD=column[:unit],…"]

Prints {"side","connectors","pins","issues"}: every cavity of the table as it was understood, and every problem.
--columns says what columns are whose heads are not understood: "No.=cavity,Ga.=size:awg".
Example: npm run -s pantograph -- intake src/demo/heron-donor.csv --side donor`;

export function intake(args: readonly string[], read: ReadFile): unknown {
  const { file, side, told: columns } = parse(args);
  const table = readTableFile(file, side, read, columns);
  return {
    side,
    connectors: [...new Set(table.pins.map((pin) => pin.connector))],
    pins: table.pins.map(({ line: _line, index: _index, otherEnd: _end, part, note, grades, ...pin }) => ({
      ...pin,
      kind: told(pin.kind),
      quantity: told(pin.quantity),
      // What was only guessed stands under `alive` with its confidence.
      params: Object.fromEntries(Object.entries(pin.params).filter(([key]) => grades[key] === undefined)),
      extra: { ...pin.extra, ...named(table.columns, "part", part ?? ""), ...named(table.columns, "remarks", note) },
    })),
    issues: table.issues,
  };
}

/** A cell under its own header, as those of columns that are not known are printed. */
const named = (columns: readonly ColumnRead[], column: Column, written: string) => {
  const header = columns.find((one) => one.column === column)?.header;
  return header === undefined || written === "" ? {} : { [header]: written };
};

const told = (one: { value: unknown; confidence: number; source: string; why: IntakeReason }) => ({
  value: one.value,
  confidence: one.confidence,
  source: one.source,
  why: intakeReasonText(one.why),
});

function parse(args: readonly string[]): { file: string; side: Side; told: ToldColumns } {
  const files: string[] = [];
  let side: string | undefined;
  let columns: string | undefined;
  for (let at = 0; at < args.length; at += 1) {
    const arg = args[at] as string;
    if (arg === "--side") {
      at += 1;
      side = args[at];
    } else if (arg === "--columns") {
      at += 1;
      columns = args[at] ?? "";
    } else if (arg.startsWith("--columns=")) columns = arg.slice("--columns=".length);
    else if (arg.startsWith("--side=")) side = arg.slice("--side=".length);
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
  return { file, side: known, told: columns === undefined ? new Map() : columnsIn(columns) };
}

/** `No.=cavity,Ga.=size:awg`: heads, what they are, and the unit of cells that say none. */
function columnsIn(text: string): ToldColumns {
  return new Map(
    text.split(",").map((part) => {
      const [, head = "", name = "", unit] = /^(.+)=\s*([a-z]+)\s*(?::\s*([A-Za-z0-9]+)\s*)?$/.exec(part.trim()) ?? [];
      const column = ALL_COLUMNS.find((one) => one === name);
      if (column === undefined)
        throw new UsageError(
          `--columns: “${part.trim()}” should be HEAD=column with one of ${ALL_COLUMNS.join(", ")}.`,
        );
      const units = COLUMN_UNITS[column] ?? [];
      if (unit !== undefined && !units.includes(unit))
        throw new UsageError(
          `--columns: “${part.trim()}”: ${column} has ${units.length === 0 ? "no unit" : `the units ${units.join(", ")}`}.`,
        );
      return [head.trim().toLowerCase(), { column, unit: unit ?? null }];
    }),
  );
}
