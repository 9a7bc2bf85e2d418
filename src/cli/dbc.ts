import { type DbcSignal, dbcIssueWords, dbcText, decodeLog, logIssueWords, readDbc } from "@/formats/dbc";
import { InputError, type ReadFile, UsageError } from "./errors";
import { readFileBytes } from "./files";

export const DBC_HELP = `Usage: npm run -s pantograph -- dbc FILE.dbc [--decode LOG]

Prints {"messages","issues"} of a DBC file: every message and signal in the file's order, and every fault with its line.
With --decode a text log of lines (seconds) channel ID#DATA is read by it: {"frames","issues"}.
Example: npm run -s pantograph -- dbc tests/reference/dbc/one.dbc --decode tests/reference/dbc/one.log`;

export function dbc(args: readonly string[], read: ReadFile): unknown {
  const { file, log } = readArguments(args);
  const found = readDbc(dbcText(readFileBytes(file, read)));
  if (found === null)
    throw new InputError({
      code: "no-dbc",
      message: "The file has no line of a DBC file.",
      file,
      hint: "Choose the file that describes the bus: its messages begin with BO_.",
    });
  if (log === null)
    return {
      messages: found.messages.map(({ signals, periodMs: _period, ...message }) => ({
        ...message,
        signals: signals.map(printed),
      })),
      issues: found.issues.map((issue) => ({ line: issue.line, ...dbcIssueWords(issue) })),
    };
  const { frames, issues } = decodeLog(found, dbcText(readFileBytes(log, read)));
  return { frames, issues: issues.map((issue) => ({ line: issue.line, ...logIssueWords(issue) })) };
}

/** The keys of contracts/verbs.md; `selector` stands only where a signal is both selected and selecting. */
const printed = ({ isNested, selectedBy: _by, isFloat: _float, choices, multiplex, ...signal }: DbcSignal) => ({
  ...signal,
  multiplex,
  ...(isNested ? { selector: true } : {}),
  choices,
});

function readArguments(args: readonly string[]): { readonly file: string; readonly log: string | null } {
  const at = args.indexOf("--decode");
  const log = at < 0 ? null : (args[at + 1] ?? "");
  if (log === "" || log?.startsWith("-")) throw new UsageError("--decode needs a log.");
  const rest = args.filter((_, nth) => at < 0 || (nth !== at && nth !== at + 1));
  const option = rest.find((arg) => arg.startsWith("-"));
  if (option !== undefined)
    throw new UsageError(option === "--decode" ? "--decode is given twice." : `There is no option “${option}”.`);
  const [file] = rest;
  if (file === undefined || rest.length !== 1) throw new UsageError("Name one file, a DBC.");
  return { file, log };
}
