import { buildHarness, endsOf, type Harness, type Wire } from "@/core/harness";
import type { Point, WireEnds } from "@/core/points";
import { sliceByChoice, triage } from "@/core/slice";
import { cavityKey, harnessProblemWords, pointText, triageText } from "@/core/words";
import { functionChoices, harnessFacts, triageFacts } from "@/job/harness-facts";
import type { ReadFile } from "./errors";
import { jobFileOf } from "./job-file";

export const SLICE_HELP = `Usage: npm run -s pantograph -- slice JOB.json

Prints {"keep","remove","shared","why","functions","wires"}: what each wire of both harnesses is needed for by the functions kept.
Wires are called by their side and both ends; "wires" says more of each, "functions" what each function needs and has no other way for.
Example: npm run -s pantograph -- slice tests/reference/slice/horn-and-brake-lamps.json`;

export function slice(args: readonly string[], read: ReadFile): unknown {
  const document = jobFileOf(args, read);
  const harness = buildHarness(harnessFacts(document));
  const done = sliceByChoice(harness, functionChoices(document));
  const { kept } = done;
  const { rows } = triage(harness, done, triageFacts(document), kept);
  const names = wireNames(harness);
  const name = (wire: Wire) => names.get(wire.id) ?? wire.id;
  const nameAt = new Map(harness.wires.map((wire) => [wire.edge, name(wire)]));
  const namesWhere = (test: (row: (typeof rows)[number]) => boolean) => rows.filter(test).map((row) => name(row.wire));
  return {
    keep: namesWhere((row) => row.proposed !== "remove"),
    remove: namesWhere((row) => row.proposed === "remove"),
    shared: namesWhere((row) => row.by.length > 1),
    why: Object.fromEntries(rows.map((row) => [name(row.wire), triageText(row.reason)])),
    functions: Object.fromEntries(
      done.needs.map((need) => [
        need.def.key,
        {
          kept: kept.has(need.def.key),
          needs: need.edges.flatMap((edge) => nameAt.get(edge) ?? []).toSorted(),
          sole: need.edges
            .filter((edge) => done.single[edge] === 1)
            .flatMap((edge) => nameAt.get(edge) ?? [])
            .toSorted(),
        },
      ]),
    ),
    wires: Object.fromEntries(
      rows.map(({ wire, class: what, proposed }) => [
        name(wire),
        {
          id: wire.id,
          side: wire.side,
          circuit: wire.circuit,
          class: what,
          proposed,
          sizeMm2: wire.sizeMm2,
          lengthM: wire.lengthM,
          cavities: wire.pinIds.map((id) => ({
            connector: harness.connectorById.get(harness.pinById.get(id)?.connectorId ?? "")?.label,
            cavity: harness.pinById.get(id)?.cavity,
          })),
        },
      ]),
    ),
    problems: harness.problems.map((problem) => ({
      code: problem.code,
      ...harnessProblemWords(problem, document.job.units),
    })),
  };
}

/** `host Horn-1 to splice 12`; a second wire between the same ends is told apart by its number. */
function wireNames(harness: Harness): Map<string, string> {
  const taken = new Map<string, number>();
  return new Map(
    harness.wires.map((wire) => {
      const name = `${wire.side} ${wireKey(endsOf(harness, wire))}`;
      const count = (taken.get(name) ?? 0) + 1;
      taken.set(name, count);
      return [wire.id, count === 1 ? name : `${name} (${count})`];
    }),
  );
}

/** A wire as files name it: the same text for the same wire in every version. */
const wireKey = ({ from, to }: WireEnds) => `${pointKey(from)} to ${pointKey(to)}`;

function pointKey(point: Point): string {
  if (point.type === "open-end") return "an open end";
  return point.type === "cavity" ? cavityKey(point) : pointText(point);
}
