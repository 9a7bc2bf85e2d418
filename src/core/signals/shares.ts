import { fieldOf, hasForm } from "../forms";
import { assign } from "./assignment";
import { FEEDS } from "./connected-loads";
import { type Decided, Matcher, type Matching, NOTHING_DECIDED } from "./match";
import { sameIndex } from "./mates";
import { VERDICT_RANK } from "./option-builder";
import type { LinkOption, ProposedLink, SignalPin } from "./types";

/**
 * Pairs the providers of each side with the consumers of the other, quantity by quantity, and says of every other pin
 * why it has no counterpart. A donor's consumer that its own side serves stays there; a host's consumer is served by
 * the donor where the donor has it, since the engine that served it leaves. Each consumer of an output has a link of
 * its own, and what is connected to the output already counts against its limit. Where feeds are scarce, they are shared
 * out at the least cost together.
 */
export function matchSignals(pins: readonly SignalPin[], decided: Decided = NOTHING_DECIDED): Matching {
  const matching = new Matcher(pins, decided).run();
  const better = betterFeeds(pins, decided, matching);
  return better === null ? matching : new Matcher(pins, decided, better).run();
}

/** So many ways of a fuse box are weighed against each other; a vehicle has no more that are free at once. */
const MOST_FEEDS = 60;

/**
 * Feeds of one quantity among the consumers that have them: each consumer a feed of its own, at the least cost together,
 * where that is less than as they come one after the other: the first in the table may have the strong way that another
 * needs.
 *
 * @returns by consumer's id the provider that it is to have; null where nothing is better
 */
function betterFeeds(
  pins: readonly SignalPin[],
  decided: Decided,
  { links }: Matching,
): ReadonlyMap<string, string> | null {
  const kept = new Map<string, string>();
  const refused = new Set(decided.refused.map((pair) => JSON.stringify([pair.providerId, pair.consumerId])));
  for (const quantity of FEEDS) {
    const own = links.filter((link) => link.quantity === quantity && isFeedAcross(link));
    if (own.length < 2 || own.every(({ options: [best] }) => best.verdict === "direct")) continue;
    const feeds = pins.filter(
      (pin) =>
        pin.side === "host" && pin.quantity === quantity && pin.form.kind === "supply-out" && pin.leaves !== true,
    );
    if (feeds.length < own.length || feeds.length > MOST_FEEDS) continue;
    const matcher = new Matcher(pins, decided);
    for (const { provider, consumer } of links)
      if (!own.some((one) => one.consumer.id === consumer.id)) matcher.connect(provider, consumer);
    const costs = own.map(({ consumer }) =>
      feeds.map((feed) =>
        sameIndex(feed, consumer) && !refused.has(JSON.stringify([feed.id, consumer.id]))
          ? costOf(matcher.ways(feed, consumer)[0])
          : null,
      ),
    );
    const chosen = assign(costs);
    if (chosen.includes(null)) continue;
    const total = chosen.reduce<number>((sum, feed, row) => sum + (costs[row]?.[feed as number] ?? 0), 0);
    if (total >= own.reduce((sum, { options: [best] }) => sum + costOf(best), 0)) continue;
    for (const [row, { consumer }] of own.entries()) kept.set(consumer.id, feeds[chosen[row] as number]?.id ?? "");
  }
  return kept.size === 0 ? null : kept;
}

const isFeedAcross = ({ provider, consumer }: ProposedLink) =>
  provider.side === "host" && provider.form.kind === "supply-out" && consumer.form.kind === "supply-in";

/** What works before what does not, then as few facts missing as can be, then bench time. */
const costOf = ({ verdict, missing, minutes }: LinkOption): number =>
  100_000 * VERDICT_RANK[verdict] + 1_000 * missing.length + minutes;

/** An output that nobody has given a purpose, and that its computer's calibration gives one. */
const isFreeOutput = ({ form, quantity, leaves }: SignalPin): boolean =>
  leaves !== true &&
  (quantity === null || quantity === "other") &&
  hasForm({ form }, "low-side-out", "high-side-out", "pwm-out", "frequency-out") &&
  fieldOf(form, "settable") === "yes";

/** A free output for a consumer, and the way from it. */
export interface SharedOutput {
  readonly provider: SignalPin;
  readonly option: LinkOption;
}

/**
 * Shares a programmable computer's free outputs out among consumers that nothing serves: as many as can be, at the least
 * bench time together. Only what works by wire or adapter counts; what waits for a fact takes no output away.
 *
 * @param links what is joined already: such outputs are free no more, and their loads count
 * @returns by consumer's id
 */
export function shareFreeOutputs(
  consumers: readonly SignalPin[],
  pins: readonly SignalPin[],
  links: readonly { provider: SignalPin; consumer: SignalPin }[],
): ReadonlyMap<string, SharedOutput> {
  const taken = new Set(links.map(({ provider }) => provider.id));
  const outputs = pins.filter((pin) => isFreeOutput(pin) && !taken.has(pin.id));
  if (outputs.length === 0 || consumers.length === 0) return new Map();
  const matcher = new Matcher(pins, NOTHING_DECIDED);
  for (const { provider, consumer } of links) matcher.connect(provider, consumer);
  const ways = consumers.map((consumer) =>
    outputs.map((output) => {
      if (output.side === consumer.side) return null;
      const [best] = matcher.ways(output, consumer);
      return best.verdict === "direct" || best.verdict === "adapter" ? best : null;
    }),
  );
  const chosen = assign(ways.map((row) => row.map((option) => option?.minutes ?? null)));
  return new Map(
    consumers.flatMap((consumer, row): [string, SharedOutput][] => {
      const column = chosen[row] ?? null;
      const [provider, option] = column === null ? [] : [outputs[column], ways[row]?.[column]];
      return provider === undefined || option == null ? [] : [[consumer.id, { provider, option }]];
    }),
  );
}
