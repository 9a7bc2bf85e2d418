import { deriveLines, freeGivers, type GapWay, type Line } from "@/core/plan";
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
  > &
    Parameters<typeof signalPinsIn>[0],
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

/** What each way of closing a gap is in the plan; ways that are a part of its own, or nothing, are no part of a DC solution. */
const FILLED_BY: Partial<Record<GapWay, Exclude<Fill["as"], "ground" | "own-wire">>> = {
  "new-feed": "feed",
  loop: "loop",
  "fit-switch": "switch",
  "dummy-load": "dummy-load",
};

/** What was decided to be fitted at cavities, whatever stands in the plan beside it. */
function fillsOf(document: Parameters<typeof signalPinsIn>[0] & Pick<JobDocument, "gaps">): Fill[] {
  const chosen = document.gaps.filter(({ way }) => way === "own-wire" || FILLED_BY[way] !== undefined);
  if (chosen.length === 0) return [];
  const pins = signalPinsIn(document);
  const byId = new Map(pins.map((pin) => [pin.id, pin]));
  const giverOf = freeGivers(pins);
  return chosen.flatMap(({ id: pinId, way }): Fill[] => {
    const pin = byId.get(pinId);
    if (pin === undefined) return [];
    const [from, as] = [way === "own-wire" ? giverOf(pin) : null, FILLED_BY[way]];
    if (from !== null) return [{ pinId, as: "own-wire", fromPinId: from.id }];
    return as === undefined ? [] : [{ pinId, as: as === "feed" && pin.form.kind === "ground" ? "ground" : as }];
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
