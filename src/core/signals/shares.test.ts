import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { pinsFrom } from "../../../tests/support/pins";
import { matchSignals, optionsBetween, type ProposedLink } from "./index";

const told = ({ links }: { readonly links: readonly ProposedLink[] }) =>
  links.map(({ provider, consumer, options: [best] }) => `${provider.cavity}>${consumer.cavity} ${best.verdict}`);

describe("feeds shared out among those that need them", () => {
  const TWO = `
    host FB-big supply-out ignition-supply alive=run-crank;maxAmps=20
    host FB-small supply-out ignition-supply alive=run-crank;maxAmps=5
    donor E-little supply-in ignition-supply amps=3;alive=run-crank
    donor E-much supply-in ignition-supply amps=18;alive=run-crank`;

  test("the strong way goes to whom needs it, whichever stands first in the table", () => {
    expect(told(matchSignals(pinsFrom(TWO))).toSorted()).toEqual(["big>much direct", "small>little direct"]);
    const turned = TWO.trim().split("\n").toReversed().join("\n");
    expect(told(matchSignals(pinsFrom(turned))).toSorted()).toEqual(["big>much direct", "small>little direct"]);
  });

  test("what a person decided or refused stands, and the rest is shared out around it", () => {
    const joined = [{ providerId: "host FB-big", consumerId: "donor E-little" }];
    expect(told(matchSignals(pinsFrom(TWO), { joined, refused: [] }))).not.toContain("small>much direct");
    const refused = [{ providerId: "host FB-big", consumerId: "donor E-much" }];
    const links = told(matchSignals(pinsFrom(TWO), { joined: [], refused }));
    expect(links).toHaveLength(2);
    expect(links.some((one) => one.startsWith("big>much"))).toBe(false);
  });

  test("one strong way may still serve two, where that is the best there is", () => {
    const one = TWO.replace(/host FB-small.*\n/, "").replace("maxAmps=20", "maxAmps=30");
    expect(told(matchSignals(pinsFrom(one))).map((link) => link.split(">")[0])).toEqual(["big", "big"]);
  });

  test("never worse than each by itself with a feed of its own, found by trying every way to share them out", () =>
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 2, max: 30 }), { minLength: 2, maxLength: 4 }),
        fc.array(fc.integer({ min: 1, max: 25 }), { minLength: 2, maxLength: 4 }),
        (ratings, loads) => {
          const pins = pinsFrom(
            [
              ...ratings.map((amps, at) => `host FB-w${at} supply-out ignition-supply alive=run-crank;maxAmps=${amps}`),
              ...loads.map((amps, at) => `donor E-c${at} supply-in ignition-supply amps=${amps};alive=run-crank`),
            ].join("\n"),
          );
          const [feeds, consumers] = [pins.slice(0, ratings.length), pins.slice(ratings.length)];
          const isDirect = (feed: (typeof pins)[0], consumer: (typeof pins)[0]) =>
            optionsBetween(feed, consumer, pins, [])[0].verdict === "direct";
          const most = (row: number, used: ReadonlySet<number>): number => {
            const consumer = consumers[row];
            if (consumer === undefined) return 0;
            const ways = feeds.flatMap((feed, at) =>
              used.has(at) || !isDirect(feed, consumer) ? [] : [1 + most(row + 1, new Set([...used, at]))],
            );
            return Math.max(most(row + 1, used), ...ways);
          };
          const direct = matchSignals(pins).links.filter(({ options: [best] }) => best.verdict === "direct").length;
          if (feeds.length >= consumers.length && most(0, new Set()) === consumers.length)
            expect(direct).toBe(consumers.length);
        },
      ),
      { numRuns: 150 },
    ));
});
