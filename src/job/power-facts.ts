import { deriveLines, type Line } from "@/core/plan";
import type { Fill, PowerInput, PowerLink } from "@/core/power";
import { goneWires } from "@/core/slice";
import { harnessFacts, triageFacts } from "./harness-facts";
import { decisionsOf } from "./links";
import type { JobDocument } from "./schema";
import { signalPinsIn } from "./signal-pins";

/** A line's link by its decision, or by its pair where nobody has decided. */
const linkId = (line: Line) => line.decision?.id ?? `${line.provider.id}-${line.consumer.id}`;

/** Links as the solution takes them: what was decided, and what is proposed and would work. */
export const powerLinks = (lines: readonly Line[]): PowerLink[] =>
  lines.flatMap((line): PowerLink[] =>
    line.state === "decided" || line.state === "proposed"
      ? [
          {
            id: linkId(line),
            providerId: line.provider.id,
            consumerId: line.consumer.id,
            adapters: line.adapters,
            proposed: line.state === "proposed",
          },
        ]
      : [],
  );

/** What the solution is made from, as plain data for a worker. */
export function powerInput(
  document: { readonly job: Pick<JobDocument["job"], "units"> } & Pick<
    JobDocument,
    "pins" | "connectors" | "branches" | "parts" | "wires" | "links" | "cuts" | "settings" | "gaps"
  >,
  lines: readonly Line[],
): PowerInput {
  const links = powerLinks(lines);
  return {
    harness: {
      ...harnessFacts(document),
      joins: links.map((link) => ({ id: link.id, fromPinId: link.providerId, toPinId: link.consumerId })),
    },
    links,
    fills: fillsOf(document),
    gone: [...goneWires(triageFacts(document))],
    units: document.job.units,
    settings: document.settings.map(({ id: key, value, origin }) => ({ key, value, origin })),
  };
}

/** Cavities that were decided to have a feed or ground of their own. */
function fillsOf({ gaps, pins }: Pick<JobDocument, "gaps" | "pins">): Fill[] {
  const chosen = gaps.filter(({ way }) => way === "new-feed");
  if (chosen.length === 0) return [];
  const kinds = new Map(pins.map(({ id, kind }) => [id, kind]));
  return chosen.flatMap(({ id }): Fill[] => {
    const kind = kinds.get(id);
    return kind === undefined ? [] : [{ pinId: id, as: kind === "ground" ? "ground" : "feed" }];
  });
}

/** The same from the document alone, with nothing but what was decided. */
export const decidedInputOf = (document: JobDocument): PowerInput =>
  powerInput(
    document,
    deriveLines(signalPinsIn(document), decisionsOf(document)).lines.filter(({ state }) => state === "decided"),
  );

/** The same with what is proposed. */
export const powerInputOf = (document: JobDocument): PowerInput =>
  powerInput(document, deriveLines(signalPinsIn(document), decisionsOf(document)).lines);
