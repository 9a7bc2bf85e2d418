import { buildHarness, goneWires } from "@/core/harness";
import { deriveLines, type Line } from "@/core/plan";
import { NOTHING_TRIED, type PowerFacts, type PowerLink, settingsOf } from "@/core/power";
import { harnessFacts, triageFacts } from "./harness-facts";
import type { JobDocument } from "./schema";
import { signalPins } from "./signal-pins";

/** Links as the solution takes them: what was decided, and what is proposed and would work. */
export const powerLinks = (lines: readonly Line[]): PowerLink[] => lines.flatMap((line): PowerLink[] => {
  if (line.state !== "decided" && line.state !== "proposed") return [];
  return [{ id: line.decision?.id ?? `${line.provider.id}-${line.consumer.id}`, providerId: line.provider.id, consumerId: line.consumer.id, adapters: line.adapters, proposed: line.state === "proposed" }];
});

/** The job as the solution takes it. */
export function powerFacts(document: JobDocument): PowerFacts {
  const links = powerLinks(deriveLines(signalPins(document), document.links).lines);
  const joins = links.map((link) => ({ id: link.id, fromPinId: link.providerId, toPinId: link.consumerId }));
  return { harness: buildHarness({ ...harnessFacts(document), joins }), links, gone: new Set(goneWires(triageFacts(document))), settings: settingsOf([]), tried: NOTHING_TRIED };
}
