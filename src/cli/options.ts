import type { CavityPoint } from "@/core/points";
import { UsageError } from "./errors";

/** A cavity as contracts/verbs.md writes it. */
export const cavityName = ({ side, connector, cavity }: Omit<CavityPoint, "type" | "pinId">): string =>
  `${side} ${connector}/${cavity}`;

/**
 * The one file that a verb reads, and the options with a value that it knows.
 *
 * @param what the file is, for whoever forgot it
 * @throws {UsageError} where an option is unknown, given twice or without its value, or there is not one file
 */
export function readArguments(
  args: readonly string[],
  names: readonly string[],
  what: string,
): { readonly options: ReadonlyMap<string, string>; readonly file: string } {
  const options = new Map<string, string>();
  const files: string[] = [];
  for (let at = 0; at < args.length; at++) {
    const arg = args[at] as string;
    if (!arg.startsWith("-")) {
      files.push(arg);
      continue;
    }
    if (!names.includes(arg)) throw new UsageError(`There is no option “${arg}”.`);
    if (options.has(arg)) throw new UsageError(`${arg} is given twice.`);
    at += 1;
    const value = args[at];
    if (value === undefined || value.startsWith("-")) throw new UsageError(`${arg} has no value behind it.`);
    options.set(arg, value);
  }
  const [file] = files;
  if (file === undefined || files.length !== 1) throw new UsageError(`Name one file, ${what}.`);
  return { options, file };
}

/** An option that is one of a closed list; undefined where it is not given. */
export function oneOf<T extends string>(
  options: ReadonlyMap<string, string>,
  name: string,
  of: readonly T[],
): T | undefined {
  const given = options.get(name);
  const known = of.find((value) => value === given);
  if (given !== undefined && known === undefined) throw new UsageError(`${name} is one of ${of.join(", ")}.`);
  return known;
}
