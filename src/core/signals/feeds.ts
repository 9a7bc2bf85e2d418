import { type Alive, numberParam, type Quantity } from "../forms";
import { feedLabel, fuseFor, permanentFeed, RELAY_COIL_AMPS, relay, round3 } from "./parts";
import { plain, Reckoner, SUPPLY, wordParam } from "./reckon";
import { type Adapter, label, type SignalPin, type Surroundings, type Way } from "./types";

/** Key positions in the order in which a key turns. */
export const KEY_POSITIONS = ["off", "accessory", "run", "crank"] as const;
export type KeyPosition = (typeof KEY_POSITIONS)[number];

/** In which positions a feed lives. Accessory feeds drop out while cranking, as ignition switches have it. */
const LIVES: Readonly<Record<Exclude<Alive, "relay">, readonly KeyPosition[]>> = {
  permanent: ["off", "accessory", "run", "crank"],
  accessory: ["accessory", "run"],
  run: ["run"],
  "run-crank": ["run", "crank"],
  crank: ["crank"],
};

/** What a feed's quantity says of its life where `alive` is not given. Ignition is left open: run alone, or run and crank. */
const ALIVE_BY_QUANTITY: Partial<Record<Quantity, Alive>> = {
  "battery-supply": "permanent", "accessory-supply": "accessory", "start-supply": "crank", "relay-supply": "relay",
};

/** When a feed lives, as written or as its quantity says; null where neither tells. */
export function aliveOf(pin: SignalPin): Alive | null {
  const written = wordParam(pin.params, "alive");
  return written === null ? ((pin.quantity && ALIVE_BY_QUANTITY[pin.quantity]) ?? null) : (written as Alive);
}

export const livesIn = (alive: Alive | null): readonly KeyPosition[] => (alive === null || alive === "relay" ? [] : LIVES[alive]);

/**
 * From a feed to a consumer of it: voltage, current with all that hangs on the feed, and life in every key position.
 * A consumer must live where it says so and be dead with the key off unless it is permanent. That `run` also gets
 * `crank` does no harm; that it gets `accessory` might.
 */
export function feedWays(provider: SignalPin, consumer: SignalPin, around: Surroundings): Way[] {
  const reckon = new Reckoner();
  const amps = reckon.need(consumer, "amps");
  const limit = reckon.need(provider, "maxAmps");
  const given = aliveOf(provider);
  const wanted = aliveOf(consumer);
  if (given === null) reckon.lack(provider, "alive");

  const converter = voltageStep(provider, consumer, reckon, amps);
  if (wanted === "relay" || given === "relay") return [relayFed(provider, consumer, given, wanted, amps, reckon)];

  const life = compareLife(given, wanted);
  if (wanted === null && life.unsure) reckon.lack(consumer, "alive");
  reckon.show("lives in", `${given ?? "not known"} → needs ${wanted ?? "run, perhaps crank"}`);
  if (around.hangingAmps === null) reckon.show("hangs already", "a consumer of unknown current");
  const total = amps === null || around.hangingAmps === null ? null : amps + around.hangingAmps;
  if (amps !== null && limit !== null) reckon.show("current", `${plain(amps)} A${around.hangingAmps ? ` + ${plain(around.hangingAmps)} A` : ""} ≤ ${plain(limit)} A`);

  if (life.dead.length > 0) return deadWays(provider, consumer, life.dead, amps, around, reckon);
  if (life.extra.includes("off")) {
    const trigger = around.feeds.find(({ pin }) => pin !== provider && covers(pin, wanted))?.pin;
    reckon.show("contact", `${plain(amps ?? 0)} A from ${label(provider)}`);
    const step = relay(amps, label(provider));
    return [trigger !== undefined || wanted === null
      ? reckon.way(reckon.lacks ? "manual" : "adapter", [step], `${label(provider)} lives with the key off and ${label(consumer)} must not; a relay worked by ${trigger ? label(trigger) : "an ignition feed"} switches it. ${limitText(total, limit)}`)
      : reckon.manual(`${label(provider)} lives with the key off and ${label(consumer)} must not; a relay needs a feed that lives in ${wanted} to work it`, [step])];
  }
  if (life.extra.length > 0) return [reckon.manual(`${label(provider)} also lives in ${life.extra.join(" and ")}, where ${label(consumer)} need not; choose another feed or accept it by hand`)];
  if (reckon.lacks) return [reckon.manual()];
  if (consumer.params.afterRun !== undefined && wanted !== "permanent") {
    return [reckon.manual(`${label(consumer)} draws after the key is off (afterRun ${consumer.params.afterRun}); its supply must be held by a relay of its own`)];
  }
  if (total === null) return [reckon.manual(`What else hangs on ${label(provider)} is not known, so its limit of ${plain(limit ?? 0)} A cannot be checked`)];
  if (total > (limit ?? 0)) return [tooWeak(provider, consumer, amps, total, limit ?? 0, wanted, around, reckon)];
  if (converter !== null) return [reckon.way("adapter", [converter], `${label(provider)} gives ${plain(Number(converter.inVolts))} V and ${label(consumer)} wants ${plain(Number(converter.outVolts))} V; ${limitText(total, limit)}`)];
  return [reckon.way("direct", [], `${LIFE_WORDS[given ?? "relay"]}, as needed; ${limitText(total, limit)}`)];
}

const LIFE_WORDS: Readonly<Record<Alive, string>> = {
  permanent: "Permanently live", accessory: "Live in accessory and run", run: "Live in run", "run-crank": "Live in run and crank", crank: "Live while cranking", relay: "Live with its relay",
};

const limitText = (total: number | null, limit: number | null) =>
  total === null || limit === null ? "the current cannot be checked" : `${plain(total)} A of ${plain(limit)} A`;

/** Vehicles are 12 V unless a table says otherwise on either side. */
function voltageStep(provider: SignalPin, consumer: SignalPin, reckon: Reckoner, amps: number | null): Adapter | null {
  const given = numberParam(provider.params, "volts") ?? SUPPLY.nominal;
  const wanted = numberParam(consumer.params, "volts") ?? SUPPLY.nominal;
  const least = numberParam(consumer.params, "minVolts");
  if (nominal(given) === nominal(wanted) && (least === null || given >= least)) return null;
  reckon.show("voltage", `${plain(given)} V → ${plain(wanted)} V`);
  return { type: "dc-converter", inVolts: given, outVolts: wanted, maxAmps: amps === null ? null : round3(amps * 1.25) };
}

/** 12, 12.6, 13.8 and 14.4 V are all names of one vehicle supply; 24, 27 and 28 V of the other. */
const nominal = (volts: number) => (volts >= 11 && volts <= 15 ? 12 : volts >= 22 && volts <= 29 ? 24 : volts);

interface Life {
  readonly dead: readonly KeyPosition[];
  readonly extra: readonly KeyPosition[];
  /** Whether the consumer must live in crank decides, and nobody said so. */
  readonly unsure: boolean;
}

function compareLife(given: Alive | null, wanted: Alive | null): Life {
  const gives = livesIn(given);
  if (given === null) return { dead: [], extra: [], unsure: true };
  if (wanted === null) {
    const dead = gives.includes("run") ? [] : (["run"] as const);
    return { dead, extra: gives.filter((state) => state === "off" || state === "accessory"), unsure: !gives.includes("crank") };
  }
  const needs = livesIn(wanted);
  return {
    dead: needs.filter((state) => !gives.includes(state)),
    extra: gives.filter((state) => !needs.includes(state) && !(state === "crank" && wanted === "run")),
    unsure: false,
  };
}

/** Lives wherever `wanted` needs it, and not with the key off: fit to work a relay's coil. */
function covers(feed: SignalPin, wanted: Alive | null): boolean {
  const lives = livesIn(aliveOf(feed));
  return !lives.includes("off") && livesIn(wanted ?? "run-crank").every((state) => lives.includes(state));
}

function deadWays(provider: SignalPin, consumer: SignalPin, dead: readonly KeyPosition[], amps: number | null, around: Surroundings, reckon: Reckoner): Way[] {
  const where = dead.join(" and ");
  const wanted = aliveOf(consumer);
  const says = `${label(provider)} is dead in ${where}, where ${label(consumer)} must live`;
  const contact = permanentFeed(around, amps, [provider]);
  if (wanted === "permanent") {
    return contact === null
      ? [reckon.way("impossible", [], `${says}, and no feed of the table is permanent and strong enough`)]
      : [reckon.manual(`${says}; take ${label(contact)} instead`)];
  }
  const helper = around.feeds.find(({ pin }) => pin !== provider && !livesIn(aliveOf(pin)).includes("off") && dead.every((state) => livesIn(aliveOf(pin)).includes(state)))?.pin;
  const step = relay(amps, feedLabel(contact));
  reckon.show("coil", `${RELAY_COIL_AMPS} A, from ${label(provider)}${helper ? ` and ${label(helper)}` : ""}`);
  reckon.show("contact", contact === null ? "no permanent feed of the table bears it" : `${plain(amps ?? 0)} A from ${label(contact)}`);
  if (contact === null && helper === undefined) return [reckon.way("impossible", [], `${says}, and the tables hold no feed that lives there`)];
  if (helper === undefined) return [reckon.manual(`${says}; a relay from ${label(contact as SignalPin)} needs a signal for its coil that lives in ${where}, and the table has none`, [step])];
  if (reckon.lacks) return [reckon.manual(says, [step])];
  const diode: Adapter = { type: "blocking-diode", volts: 50, amps: 1 };
  return [reckon.way("adapter", [diode, step], `${says}; a relay held by ${label(provider)} and, through a diode each, by ${label(helper)}, takes ${contact === null ? "a new fused feed" : label(contact)}`)];
}

function tooWeak(provider: SignalPin, consumer: SignalPin, amps: number | null, total: number, limit: number, wanted: Alive | null, around: Surroundings, reckon: Reckoner): Way {
  const says = `${plain(total)} A is more than the ${plain(limit)} A of ${label(provider)}`;
  if (wanted === "permanent") {
    return reckon.way("adapter", [{ type: "fuse", amps: fuseFor(amps) }], `${says}; a new fused feed from the battery carries ${label(consumer)} (${plain(amps ?? 0)} A ≤ 0.75 of its fuse)`);
  }
  const contact = permanentFeed(around, amps, [provider]);
  reckon.show("coil", `${RELAY_COIL_AMPS} A ≤ ${plain(limit)} A`);
  if (RELAY_COIL_AMPS > limit) return reckon.manual(`${says}, and a relay's coil of ${RELAY_COIL_AMPS} A is too`);
  return reckon.way("adapter", [relay(amps, feedLabel(contact))], `${says}; a relay worked by it takes ${contact === null ? "a new fused feed, since no permanent feed of the table bears it (contactFeed is missing)" : label(contact)}`);
}

/** A consumer that its donor fed through a main relay, or a feed that such a relay gives. */
function relayFed(provider: SignalPin, consumer: SignalPin, given: Alive | null, wanted: Alive | null, amps: number | null, reckon: Reckoner): Way {
  if (given === "relay" && wanted === "relay") {
    return reckon.lacks ? reckon.manual() : reckon.manual(`Both hang on a relay; that ${label(provider)} is switched by ${label(consumer)}'s own computer must be seen on the vehicle`);
  }
  if (given === "relay") return reckon.manual(`When ${label(provider)} lives is up to the relay that feeds it`);
  reckon.show("contact", `${plain(amps ?? 0)} A from ${label(provider)}`);
  const step = relay(amps, label(provider));
  if (reckon.lacks || !livesIn(given).includes("crank")) return reckon.manual(`${label(consumer)} is fed through the computer's own relay, whose feed must live in run and crank`, [step]);
  return reckon.way("adapter", [step], `${label(consumer)} is fed through a relay that the computer works; its contact takes ${label(provider)}`);
}
