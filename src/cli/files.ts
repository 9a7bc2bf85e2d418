import type { Side } from "@/core/forms";
import { readPaper } from "@/formats/paper";
import type { PinTable, ToldColumns } from "@/formats/pin-table";
import { InputError, type ReadFile } from "./errors";

/** A file's bytes, or the end of the run with the reason why it cannot be opened. */
export function readFileBytes(file: string, read: ReadFile): Uint8Array {
  try {
    return read(file);
  } catch (error) {
    const code = (error as NodeJS.ErrnoException).code ?? "unreadable";
    throw new InputError({
      code: "cannot-open",
      message: `The file cannot be opened (${code}).`,
      file,
      hint: "Check its name and that it may be read.",
    });
  }
}

/** Reads one pin table or ends the run with the reason why it cannot be read. */
export function readTableFile(file: string, side: Side, read: ReadFile, told?: ToldColumns): PinTable {
  const result = readPaper(readFileBytes(file, read), side, { name: file, told });
  if (!result.ok) throw new InputError({ ...result.refusal, file });
  return result.table;
}
