import { type DbcSignal, dbcIssueWords, dbcText, decodeLog, logIssueWords, readDbc } from "@/formats/dbc";
import { InputError, type ReadFile } from "./errors";
import { readFileBytes } from "./files";
import { readArguments } from "./options";

export const DBC_HELP = `Usage: npm run -s pantograph -- dbc FILE.dbc [--decode LOG]

Prints {"messages","issues"} of a DBC file: every message and signal in the file's order, and every fault with its line.
With --decode a text log of lines (seconds) channel ID#DATA is read by it: {"frames","issues"}.
Example: npm run -s pantograph -- dbc tests/reference/dbc/one.dbc --decode tests/reference/dbc/one.log`;

export function dbc(args: readonly string[], read: ReadFile): unknown {
  const { options, file } = readArguments(args, ["--decode"], "a DBC");
  const log = options.get("--decode") ?? null;
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
