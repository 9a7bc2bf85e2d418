import { parseDocument } from "@/job/document";
import type { JobDocument } from "@/job/schema";
import { InputError, type ReadFile, UsageError } from "./errors";
import { readFileBytes } from "./files";

/** The one exported job document that a verb's arguments name. */
export function jobFileOf(args: readonly string[], read: ReadFile): JobDocument {
  const option = args.find((arg) => arg.startsWith("-"));
  if (option !== undefined) throw new UsageError(`There is no option “${option}”.`);
  const [file] = args;
  if (file === undefined || args.length !== 1) throw new UsageError("Name one file, an exported job document.");
  const result = parseDocument(new TextDecoder().decode(readFileBytes(file, read)));
  if (result.ok) return result.document;
  const [fault] = result.faults;
  throw new InputError({
    code: fault?.code ?? "bad-field",
    message: fault?.message ?? "The document cannot be read.",
    file,
    hint: fault?.hint ?? "Export the job again.",
  });
}
