import { buildModel, factsOf, type PowerSolution, solvePower } from "@/core/power";
import { parseDocument } from "@/job/document";
import { decidedInputOf } from "@/job/power-facts";
import type { JobDocument } from "@/job/schema";
import { InputError, type ReadFile } from "./errors";
import { readFileBytes } from "./files";
import { readArguments } from "./options";

/** The one exported job document that a verb's arguments name. */
export const jobFileOf = (args: readonly string[], read: ReadFile): JobDocument =>
  readJob(readArguments(args, [], "an exported job document").file, read);

/** The job document in a file. */
export function readJob(file: string, read: ReadFile): JobDocument {
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

/** Its plan solved in every key position, decided links alone. */
export const solvedPlan = (document: JobDocument): PowerSolution =>
  solvePower(buildModel(factsOf(decidedInputOf(document))));
