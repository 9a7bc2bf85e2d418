import { cachedBy } from "../../cached-by";
import { fieldOf } from "../../forms";
import { aliveOf } from "../../signals";
import type { KeyPosition } from "../../state";
import type { NetSpan } from "../model/spans";
import { isClosed } from "../solved/flow";
import type { PowerModel, PowerSolution } from "../types";

/** Whether an element is closed only because it had to be taken somehow: no table says when its feed is live. */
function isUntold({ planned: { origin } }: NetSpan, { facts: { harness } }: PowerModel): boolean {
  if (origin.type === "assumed-feed") {
    const pin = origin.at.type === "cavity" ? harness.pinById.get(origin.at.pinId) : undefined;
    return pin !== undefined && aliveOf(pin) === null;
  }
  if (origin.type !== "part") return false;
  if (origin.role === "way-control") return true;
  const part = harness.partById.get(origin.partId);
  if (part?.type !== "key-switch") return false;
  const pinId = part.terminals.find(({ name }) => name === origin.elementId)?.pinId;
  const pin = pinId == null ? undefined : harness.pinById.get(pinId);
  return pin !== undefined && fieldOf(pin.form, "alive") === null;
}

const untoldIn = cachedBy((model: PowerModel): ReadonlySet<NetSpan> => {
  const untold = new Set<NetSpan>();
  for (const span of model.spans.all)
    if (span.planned.element.type === "switch" && isUntold(span, model)) untold.add(span);
  return untold;
});

/**
 * Nodes that a source reaches in a state over what is known to be closed then; null where nothing had to be taken: then
 * all that is live is known to be.
 */
export function toldNodes(solution: PowerSolution, state: KeyPosition): ReadonlySet<string> | null {
  const { model } = solution;
  const untold = untoldIn(model);
  if (untold.size === 0) return null;
  const { spans, net } = model;
  const reached = new Set(net.sources.map((at) => (spans.all[at] as NetSpan).a));
  for (const node of reached)
    for (const span of spans.at.get(node) ?? [])
      if (span.role === "path" && !untold.has(span) && isClosed(solution, state, span)) reached.add(span.a).add(span.b);
  return reached;
}
