import { type FormOf, fieldOf, type Quantity } from "../forms";
import type { Alive, KeyPosition } from "../state";
import { liveIn } from "../state";
import type { AdapterOf } from "./adapter";
import { OptionBuilder, SUPPLY } from "./option-builder";
import { feedPoint, fuseFor, permanentFeed, RELAY_COIL_AMPS, relayWithFuse, round3 } from "./parts";
import type { Load } from "./reasons";
import { type LinkOption, pointOf, type SignalPin, type Surroundings } from "./types";

type Feed = SignalPin & { readonly form: FormOf<"supply-out"> };
type Consumer = SignalPin & { readonly form: FormOf<"supply-in"> };

/** Positions in which feeds are compared: with the engine running they are as in run, and coasting as off. */
const COMPARED = ["off", "accessory", "run", "crank"] as const satisfies readonly KeyPosition[];

/**
 * What a feed's quantity says of when it is live, where nobody says it. Ignition is left open: run alone, or run and
 * crank.
 */
const ALIVE_BY_QUANTITY: Partial<Record<Quantity, Alive>> = {
  "battery-supply": "permanent",
  "accessory-supply": "accessory",
  "start-supply": "crank",
  "relay-supply": "relay",
};

/** When a feed is live, as written or as its quantity says; null where neither tells. */
export const aliveOf = ({ form, quantity }: Pick<SignalPin, "form" | "quantity">): Alive | null =>
  fieldOf(form, "alive") ?? (quantity === null ? null : (ALIVE_BY_QUANTITY[quantity] ?? null));

const comparedIn = (alive: Alive | null): readonly KeyPosition[] =>
  COMPARED.filter((key) => liveIn(alive).includes(key));

/** One pair of feed and consumer with what is compared of them. */
interface Pair {
  readonly provider: Feed;
  readonly consumer: Consumer;
  readonly given: Alive | null;
  readonly wanted: Alive | null;
  readonly amps: number | null;
  readonly load: Load;
  readonly around: Surroundings;
  readonly builder: OptionBuilder;
}

/**
 * From a feed to a consumer of it: voltage, current with all that is connected to the feed, and whether it is live in
 * every key position. A consumer must be live where it says so and be dead with the key off unless it is permanent.
 * That `run` also gets
 * `crank` does no harm; that it gets `accessory` might.
 */
export function feedOptions(provider: Feed, consumer: Consumer, around: Surroundings): LinkOption[] {
  const builder = new OptionBuilder();
  const amps = builder.need(consumer, "amps");
  const limitAmps = builder.need(provider, "maxAmps");
  const [given, wanted] = [aliveOf(provider), aliveOf(consumer)];
  if (given === null) builder.lack(provider, "alive");
  const totalAmps = amps === null || around.connectedAmps === null ? null : amps + around.connectedAmps;
  const pair: Pair = { provider, consumer, given, wanted, amps, load: { totalAmps, limitAmps }, around, builder };

  const converter = voltageStep(pair);
  if (wanted === "relay" || given === "relay") return [relayFed(pair)];

  const life = compareLife(given, wanted);
  if (wanted === null && life.unsure) builder.lack(consumer, "alive");
  builder.show({ type: "live-in", given, wanted });
  if (around.connectedAmps === null) builder.show({ type: "load-unknown" });
  if (amps !== null && limitAmps !== null)
    builder.show({ type: "current", amps, alsoAmps: around.connectedAmps ?? 0, limitAmps });

  if (life.dead.length > 0) return deadOptions(pair, life.dead);
  if (life.extra.includes("off")) return [switchedOff(pair)];
  if (life.extra.length > 0) return [builder.manual({ code: "live-beyond", keys: life.extra })];
  if (builder.lacks) return [builder.manual()];
  const afterRun = fieldOf(consumer.form, "afterRun");
  if (afterRun !== null && wanted !== "permanent") return [builder.manual({ code: "after-run", afterRun })];
  if (totalAmps === null) return [builder.manual({ code: "load-unknown", limitAmps: limitAmps ?? 0 })];
  if (totalAmps > (limitAmps ?? 0)) return [tooWeak(pair, totalAmps, limitAmps ?? 0)];
  if (converter !== null)
    return [
      builder.option("adapter", [converter], {
        code: "volts-converted",
        inVolts: converter.inVolts ?? 0,
        outVolts: converter.outVolts ?? 0,
        ...pair.load,
      }),
    ];
  return [builder.option("direct", [], { code: "live-as-needed", alive: given ?? "relay", ...pair.load })];
}

/** A feed that is live with the key off, for a consumer that must not be: a relay worked by one that is not. */
function switchedOff({ provider, wanted, amps, around, load, builder }: Pair): LinkOption {
  const coil = around.feeds.find(({ pin }) => pin !== provider && covers(pin, wanted))?.pin ?? null;
  builder.show({ type: "contact", amps: amps ?? 0, ratingAmps: null, from: pointOf(provider) });
  const steps = relayWithFuse(amps, provider);
  if (coil === null && wanted !== null) return builder.manual({ code: "live-key-off-no-coil", wanted }, steps);
  return builder.option(builder.lacks ? "manual" : "adapter", steps, {
    code: "relay-cuts-key-off",
    coil: feedPoint(coil),
    ...load,
  });
}

/** Vehicles are 12 V unless a table says otherwise on either side. */
function voltageStep({ provider, consumer, amps, builder }: Pair): AdapterOf<"dc-converter"> | null {
  const given = fieldOf(provider.form, "volts") ?? SUPPLY.nominal;
  const wanted = fieldOf(consumer.form, "volts") ?? SUPPLY.nominal;
  const least = fieldOf(consumer.form, "minVolts");
  if (nominal(given) === nominal(wanted) && (least === null || given >= least)) return null;
  builder.show({ type: "voltage", given, wanted });
  return {
    type: "dc-converter",
    inVolts: given,
    outVolts: wanted,
    maxAmps: amps === null ? null : round3(amps * 1.25),
  };
}

/** 12, 12.6, 13.8 and 14.4 V are all names of one vehicle supply; 24, 27 and 28 V of the other. */
const nominal = (volts: number) => (volts >= 11 && volts <= 15 ? 12 : volts >= 22 && volts <= 29 ? 24 : volts);

interface Life {
  readonly dead: readonly KeyPosition[];
  readonly extra: readonly KeyPosition[];
  /** Whether the consumer must be live in crank decides, and nobody said so. */
  readonly unsure: boolean;
}

function compareLife(given: Alive | null, wanted: Alive | null): Life {
  const gives = comparedIn(given);
  if (given === null) return { dead: [], extra: [], unsure: true };
  if (wanted === null) {
    const dead = gives.includes("run") ? [] : (["run"] as const);
    return {
      dead,
      extra: gives.filter((key) => key === "off" || key === "accessory"),
      unsure: !gives.includes("crank"),
    };
  }
  const needs = comparedIn(wanted);
  return {
    dead: needs.filter((key) => !gives.includes(key)),
    extra: gives.filter((key) => !needs.includes(key) && !(key === "crank" && wanted === "run")),
    unsure: false,
  };
}

/** Live wherever `wanted` needs it, and not with the key off: fit to work a relay's coil. */
function covers(feed: SignalPin, wanted: Alive | null): boolean {
  const live = comparedIn(aliveOf(feed));
  return !live.includes("off") && comparedIn(wanted ?? "run-crank").every((key) => live.includes(key));
}

function deadOptions({ provider, wanted, amps, around, builder }: Pair, keys: readonly KeyPosition[]): LinkOption[] {
  const contact = permanentFeed(around, amps, [provider]);
  if (wanted === "permanent") {
    return contact === null
      ? [builder.option("impossible", [], { code: "dead-in", keys, cure: { type: "none-permanent" } })]
      : [builder.manual({ code: "dead-in", keys, cure: { type: "take", feed: pointOf(contact) } })];
  }
  const livesThere = ({ pin }: { readonly pin: SignalPin }) => {
    const live = comparedIn(aliveOf(pin));
    return pin !== provider && !live.includes("off") && keys.every((key) => live.includes(key));
  };
  const helper = around.feeds.find(livesThere)?.pin;
  const steps = relayWithFuse(amps, contact);
  builder.show({
    type: "coil-from",
    amps: RELAY_COIL_AMPS,
    from: [provider, ...(helper === undefined ? [] : [helper])].map(pointOf),
  });
  builder.show(
    contact === null
      ? { type: "no-contact-feed" }
      : { type: "contact", amps: amps ?? 0, ratingAmps: null, from: pointOf(contact) },
  );
  if (helper === undefined) {
    if (contact === null)
      return [builder.option("impossible", [], { code: "dead-in", keys, cure: { type: "none-live" } })];
    return [
      builder.manual({ code: "dead-in", keys, cure: { type: "no-coil-feed", contact: pointOf(contact) } }, steps),
    ];
  }
  if (builder.lacks) return [builder.manual({ code: "dead-in", keys, cure: { type: "facts-missing" } }, steps)];
  return [
    builder.option("adapter", [{ type: "blocking-diode", volts: 50, amps: 1 }, ...steps], {
      code: "dead-in",
      keys,
      cure: { type: "relay", helper: pointOf(helper), contact: feedPoint(contact) },
    }),
  ];
}

function tooWeak({ provider, wanted, amps, around, builder }: Pair, totalAmps: number, limitAmps: number): LinkOption {
  const reason = { code: "feed-too-weak", totalAmps, limitAmps } as const;
  if (wanted === "permanent")
    return builder.option("adapter", [{ type: "fuse", amps: fuseFor(amps) }], {
      ...reason,
      cure: { type: "fused-feed", amps },
    });
  const contact = permanentFeed(around, amps, [provider]);
  builder.show({ type: "coil-load", amps: RELAY_COIL_AMPS, alsoAmps: 0, limitAmps });
  if (RELAY_COIL_AMPS > limitAmps)
    return builder.manual({ ...reason, cure: { type: "coil-too-strong", coilAmps: RELAY_COIL_AMPS } });
  return builder.option("adapter", relayWithFuse(amps, contact), {
    ...reason,
    cure: { type: "relay", contact: feedPoint(contact) },
  });
}

/** A consumer that its donor fed through a main relay, or a feed that such a relay gives. */
function relayFed({ provider, given, wanted, amps, builder }: Pair): LinkOption {
  if (given === "relay" && wanted === "relay")
    return builder.lacks ? builder.manual() : builder.manual({ code: "relay-on-relay" });
  if (given === "relay") return builder.manual({ code: "relay-decides" });
  builder.show({ type: "contact", amps: amps ?? 0, ratingAmps: null, from: pointOf(provider) });
  const steps = relayWithFuse(amps, provider);
  if (builder.lacks || !comparedIn(given).includes("crank"))
    return builder.manual({ code: "computer-relay", works: false }, steps);
  return builder.option("adapter", steps, { code: "computer-relay", works: true });
}
