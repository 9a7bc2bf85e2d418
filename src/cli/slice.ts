import { buildHarness, sliceHarness, triage, wireName } from "@/core/harness";
import { parseDocument } from "@/job/document";
import { harnessFacts, keptFunctions, triageFacts } from "@/job/harness-facts";
import { InputError, type ReadFile, UsageError } from "./errors";
import { readFileBytes } from "./files";

export const SLICE_HELP = `Usage: npm run -s pantograph -- slice JOB.json

Prints {"keep","remove","shared","why","functions","wires"}: what each wire of both harnesses is needed for by the functions kept.
Wires are named \`wire:\` and the cavity that they start at; "wires" says what that is, "functions" what each function needs.
Example: npm run -s pantograph -- slice tests/reference/slice/horn-and-brake-lamps.json`;

export function slice(args: readonly string[], read: ReadFile): unknown {
  const option = args.find((arg) => arg.startsWith("-"));
  if (option !== undefined) throw new UsageError(`There is no option “${option}”.`);
  const [file] = args;
  if (file === undefined || args.length !== 1) throw new UsageError("Name one file, an exported job document.");
  const result = parseDocument(new TextDecoder().decode(readFileBytes(file, read)));
  if (!result.ok) {
    const [fault] = result.faults;
    throw new InputError({ code: fault?.code ?? "bad-field", message: fault?.message ?? "The document cannot be read.", file, hint: fault?.hint ?? "Export the job again." });
  }
  const { document } = result;
  const harness = buildHarness(harnessFacts(document));
  const kept = keptFunctions(document);
  const done = sliceHarness(harness, kept);
  const { rows } = triage(harness, done, triageFacts(document), kept);
  const wireAt = new Map(harness.wires.map((wire) => [wire.edge, wire.id]));
  const idsWhere = (test: (row: (typeof rows)[number]) => boolean) => rows.filter(test).map((row) => row.wire.id);
  return {
    keep: idsWhere((row) => row.by.length > 0 || row.proposed === "keep" || row.proposed === "park"),
    remove: idsWhere((row) => row.proposed === "remove"),
    shared: idsWhere((row) => row.by.length > 1),
    why: Object.fromEntries(rows.map((row) => [row.wire.id, row.why])),
    functions: Object.fromEntries(done.needs.map((need) => [need.def.key, {
      kept: kept.has(need.def.key),
      needs: need.edges.flatMap((edge) => wireAt.get(edge) ?? []).toSorted(),
      sole: rows.filter((row) => row.sole.includes(need.def.key)).map((row) => row.wire.id).toSorted(),
    }])),
    wires: Object.fromEntries(harness.wires.map((wire) => [wire.id, { name: wireName(harness, wire), side: wire.side, circuit: wire.circuit, sizeMm2: wire.sizeMm2, lengthM: wire.lengthM }])),
    problems: harness.problems.map(({ code, where, message, cure }) => ({ code, where, message, cure })),
  };
}
