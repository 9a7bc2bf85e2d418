import { cachedBy } from "../../cached-by";
import { fieldOf } from "../../forms";
import { cavityPoint, type Harness } from "../../harness";
import type { CavityFacts } from "../../parts";
import type { CavityPoint } from "../../points";
import type { KeyPosition } from "../../state";
import { nodeNamesOf } from "../model/node-names";
import { voltsAt } from "../solved/flow";
import { ampsAtPin } from "../tables/computer-grounds";
import { atPoint, type PowerFacts, type PowerSolution } from "../types";
import type { Finding } from "./types";

/** Outputs and feeds of which a table says what they are rated for. */
const limitedOf = cachedBy((harness: Harness) =>
  [...harness.pinById.values()].flatMap((pin) => {
    const limitAmps = fieldOf(pin.form, "maxAmps") ?? 0;
    const at = harness.nodeOfPin.get(pin.id);
    const type = at === undefined ? undefined : harness.partAt[at]?.type;
    return limitAmps > 0 &&
      pin.form.kind.endsWith("-out") &&
      at !== undefined &&
      type !== "alternator" &&
      type !== "battery" &&
      // A relay's output is its contact's: judged there.
      type !== "relay"
      ? [{ pin, limitAmps, node: nodeNamesOf(harness).nodeName[at] as string }]
      : [];
  }),
);

/** An output that supplies more than its rated current, in the state in which it supplies most. */
interface Overload {
  readonly pin: CavityFacts;
  readonly at: CavityPoint;
  readonly node: string;
  readonly limitAmps: number;
  readonly state: KeyPosition;
  readonly amps: number;
}

/** Within this part of its rating an output is at it, and not above. */
const ROUNDING = 1.005;

/** Outputs and feeds above their rated current; two that supply it to each other are one finding. */
export function driverFindings(solution: PowerSolution): Finding[] {
  const { harness } = solution.model.facts;
  const over = limitedOf(harness).flatMap(({ pin, limitAmps, node }): Overload[] => {
    const worst = (["run", "crank", "running"] as const)
      .map((state) => ({ state, amps: ampsAtPin(solution, state, node) }))
      .reduce((most, one) => (one.amps > most.amps ? one : most));
    const floats = voltsAt(solution, worst.state, node) == null;
    return worst.amps <= limitAmps * ROUNDING || floats
      ? []
      : [{ pin, at: cavityPoint(harness, pin.id), node, limitAmps, ...worst }];
  });
  const paired = new Set<Overload>();
  return over.flatMap((one, at): Finding[] => {
    if (paired.has(one)) return [];
    const other = over.slice(at + 1).find((two) => !paired.has(two) && fight(solution, one, two));
    if (other === undefined) return [overloaded(one)];
    paired.add(other);
    return [shorted(solution, one, other)];
  });
}

const overloaded = ({ pin, at, node, limitAmps, state, amps }: Overload): Finding => ({
  code: "driver-overload",
  key: `driver ${pin.id}`,
  severity: "fault",
  amps,
  limitAmps,
  state,
  amount: { value: amps, limit: limitAmps, unit: "A" },
  node,
  pinId: pin.id,
  at: atPoint(at),
  also: [],
  cures: [{ code: "other-driver", edit: null }],
});

/** A driver or contact to ground. */
const sinks = ({ pin: { form } }: Overload) => form.kind === "low-side-out" || fieldOf(form, "to") === "ground";

/** Of what a feed supplies, this part into one driver is a short through it. */
const MOST_OF = 0.6;

/**
 * Most of what goes out of one goes into the other, which leads it to ground: they are joined by copper, or by a link
 * between their copper.
 */
function fight({ model: { facts } }: PowerSolution, one: Overload, two: Overload): boolean {
  const { harness, links } = facts;
  const [source, sink] = sinks(one) ? [two, one] : [one, two];
  if (one.state !== two.state || sinks(one) === sinks(two) || sink.amps < MOST_OF * source.amps) return false;
  const net = (pinId: string) => harness.netOf[harness.nodeOfPin.get(pinId) as number];
  const [from, to] = [net(source.pin.id), net(sink.pin.id)];
  return (
    from === to ||
    links.some((link) => {
      const ends = [net(link.providerId), net(link.consumerId)];
      return ends.includes(from) && ends.includes(to);
    })
  );
}

/** The link from one of two outputs that leads to the copper of the other; null where none does by itself. */
function linkBetween({ harness, links }: Pick<PowerFacts, "harness" | "links">, source: Overload, sink: Overload) {
  const net = (pinId: string) => harness.netOf[harness.nodeOfPin.get(pinId) as number];
  const [from, to] = [net(source.pin.id), net(sink.pin.id)];
  const joining = links.filter((link) => {
    const ends = [net(link.providerId), net(link.consumerId)];
    return ends.includes(from) && ends.includes(to);
  });
  return (
    [sink, source]
      .map(({ pin }) => joining.filter(({ providerId, consumerId }) => [providerId, consumerId].includes(pin.id)))
      // What the sink has to do with the feed is one link; the feed may serve others by more.
      .find((own) => own.length === 1)?.[0] ?? null
  );
}

function shorted({ model: { facts } }: PowerSolution, one: Overload, two: Overload): Finding {
  const [source, sink] = sinks(one) ? [two, one] : [one, two];
  const link = linkBetween(facts, source, sink);
  return {
    code: "two-drivers",
    key: `driver ${source.pin.id} ${sink.pin.id}`,
    severity: "danger",
    amps: one.amps,
    limitAmps: sink.limitAmps,
    against: { at: source.at, limitAmps: source.limitAmps },
    state: one.state,
    amount: { value: one.amps, limit: Math.min(one.limitAmps, two.limitAmps), unit: "A" },
    node: sink.node,
    pinId: sink.pin.id,
    at: atPoint(sink.at),
    also: [atPoint(source.at)],
    cures: [
      {
        code: "refuse-link",
        edit: link === null ? null : { type: "unlink", consumerId: link.consumerId, providerId: link.providerId },
      },
    ],
  };
}
