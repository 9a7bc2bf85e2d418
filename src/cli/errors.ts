/** A call that cannot be carried out as written: exit status 64, with the usage. */
export class UsageError extends Error {}

/** Input that cannot be read: exit status 2. */
export class InputError extends Error {
  constructor(
    readonly facts: {
      readonly code: string;
      readonly message: string;
      readonly file: string;
      readonly line?: number;
      readonly column?: string;
      readonly hint?: string;
      readonly element?: string | null;
      readonly nodes?: readonly string[];
    },
  ) {
    super(facts.message);
  }
}

/** Reads a file's bytes; throws as `fs.readFileSync` does. Handed in, so that a run can be repeated without a disk. */
export type ReadFile = (file: string) => Uint8Array;
