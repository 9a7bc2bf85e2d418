import { cachedBy } from "../../cached-by";
import { fieldOf } from "../../forms";
import { cavityPoint } from "../../harness";
import type { CavityFacts } from "../../parts";
import { DEAD_VOLTS, type KeyPosition } from "../../state";
import { voltsAt } from "../solved/flow";
import type { KeyRow } from "../tables/keys";
import type { PowerSolution } from "../types";
import type { Cure } from "./types";

const MOST_CURES = 3;

/** A feed of the host with its volts by state. */
interface HostFeed {
  readonly pin: CavityFacts;
  readonly node: string;
  readonly volts: ReadonlyMap<KeyPosition, number>;
}

/** Parts at which current is taken before any fuse: what a cure would lay from there would have none. */
const BEFORE_FUSES: ReadonlySet<string> = new Set(["battery", "starter", "alternator"]);

const hostFeeds = cachedBy((solution: PowerSolution): readonly HostFeed[] => {
  const { nodeOfPin, names, facts } = solution.model;
  const isFused = (pin: CavityFacts) =>
    pin.quantity !== "start-supply" &&
    !BEFORE_FUSES.has(facts.harness.partAt[facts.harness.nodeOfPin.get(pin.id) ?? -1]?.type ?? "");
  return names.hostFeeds.filter(isFused).map((pin): HostFeed => {
    const node = nodeOfPin.get(pin.id) as string;
    return {
      pin,
      node,
      volts: new Map([...solution.states.keys()].map((state) => [state, voltsAt(solution, state, node) ?? 0])),
    };
  });
});

/** Other feeds of the host that are live where the consumer must be and dead with the key off; then a relay. */
export function feedCures(
  solution: PowerSolution,
  { pin: consumer, at, node, leastVolts: least }: KeyRow,
  needed: readonly KeyPosition[],
): Cure[] {
  const {
    facts: { harness, links },
  } = solution.model;
  // When it must be live nobody has said: no feed can be named.
  if (needed.length === 0) return [];
  const permanent = needed.includes("off");
  const amps = fieldOf(consumer.form, "amps") ?? 0;
  const all = hostFeeds(solution);
  const margin = (feed: HostFeed) => Math.min(...needed.map((state) => feed.volts.get(state) ?? 0));
  const now = new Set(links.flatMap((link) => (link.consumerId === consumer.id ? [link.providerId] : [])));
  const able = all
    .filter(
      (feed) =>
        feed.node !== node &&
        !now.has(feed.pin.id) &&
        margin(feed) > least - 1 &&
        (permanent || Math.abs(feed.volts.get("off") ?? 0) < DEAD_VOLTS) &&
        (fieldOf(feed.pin.form, "maxAmps") || Number.POSITIVE_INFINITY) >= amps,
    )
    .toSorted((a, b) => margin(b) - margin(a));
  const keys = needed.filter((state) => state !== "coasting");
  const others = able.slice(0, MOST_CURES).map(
    (feed): Cure => ({
      code: "other-feed",
      consumer: at,
      feed: cavityPoint(harness, feed.pin.id),
      keys,
      edit: { type: "relink", consumerId: consumer.id, providerId: feed.pin.id },
    }),
  );
  if (permanent) return others;
  const contact = all.find(
    ({ pin }) => fieldOf(pin.form, "alive") === "permanent" && (fieldOf(pin.form, "maxAmps") ?? 0) >= 2 * (amps || 1),
  );
  const coil = able.find(({ pin }) => {
    const alive = fieldOf(pin.form, "alive");
    return alive !== null && alive !== "relay";
  });
  if (contact === undefined || coil === undefined) return others;
  const [coilAt, contactAt] = [coil, contact].map(({ pin }) => cavityPoint(harness, pin.id)) as [
    ReturnType<typeof cavityPoint>,
    ReturnType<typeof cavityPoint>,
  ];
  return [
    ...others,
    {
      code: "relay",
      coil: coilAt,
      contact: contactAt,
      edit: { type: "relay", consumerId: consumer.id, providerId: coil.pin.id, contactFeedId: contact.pin.id },
    },
  ];
}
