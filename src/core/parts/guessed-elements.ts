import { directionOf, fieldOf } from "../forms";
import { type Alive, liveIn, NETLIST_KEYS, type NetlistKey } from "../state";
import {
  CHASSIS,
  coil,
  contact,
  type ElementSpec,
  fuse,
  joint,
  lamp,
  motor,
  RATED_VOLTS,
  relay,
  USUAL_COIL_OHMS,
} from "./elements";
import type { CavityFacts } from "./facts";
import { usualWatts } from "./usual-watts";

/** Its two posts are one piece of copper to whatever runs through it. */
export const AMMETER = /\bam(p|pere)? ?meter\b/i;

/** Fed by a stator, gives what an alternator gives. */
export const RECTIFIER = /\brectifier\b/i;

/** What goes on between a part's cavities, named by the cavities' labels, as far as their forms tell. */
export function guessedElements(type: string, pins: readonly CavityFacts[], label = ""): readonly ElementSpec[] {
  const used = pins.filter((pin) => pin.form.kind !== "spare");
  switch (type) {
    case "battery":
      return batteryElements(used);
    case "ground-stud":
      return used.map((pin) => joint(`J${pin.cavity}`, pin.cavity, CHASSIS));
    case "splice-pack":
      return used.slice(1).map((pin) => joint(`J${pin.cavity}`, (used[0] as CavityFacts).cavity, pin.cavity));
    case "fuse-box":
      return fuseElements(used);
    case "key-switch":
      return keyElements(used);
    case "relay":
      return relayElements(used);
    case "flasher":
    case "switch":
      return switchElements(used);
    case "gauge":
      return AMMETER.test(label) && used.length === 2
        ? [joint("shunt", (used[0] as CavityFacts).cavity, (used[1] as CavityFacts).cavity)]
        : [];
    case "alternator":
      return RECTIFIER.test(label) ? rectifierElements(used) : alternatorElements(used, label);
    case "starter":
      return used.map((pin) => coil(pin.cavity, pin.cavity, CHASSIS, isSolenoid(pin) ? SOLENOID_OHMS : 0.06));
    case "lamp":
    case "motor":
    case "horn":
    case "solenoid":
    case "heater":
      return loadElements(type, used, label);
    case "sensor":
      return sensorElements(used);
    case "computer":
    case "assembly":
      return computerElements(used);
    default:
      return [];
  }
}

/** An alternator's output; what has one is no dynamo, whatever its label says. */
const OUTPUT = /^b\+?$|^30$/i;

function alternatorElements(pins: readonly CavityFacts[], label: string): ElementSpec[] {
  // A dynamo gives at D, by way of its regulator; an alternator's D+ is its lamp's.
  const isDynamo = /\b(dynamo|generator)\b/i.test(label) && !pins.some(({ cavity }) => OUTPUT.test(cavity));
  return pins.map(({ cavity }) =>
    OUTPUT.test(cavity) || (isDynamo && /^d\+?$/i.test(cavity))
      ? chargingSource(cavity, CHASSIS)
      : coil(`field ${cavity}`, cavity, CHASSIS, 12),
  );
}

/** What comes from the stator is alternating current, of which a DC solution knows nothing: those cavities end here. */
function rectifierElements(pins: readonly CavityFacts[]): ElementSpec[] {
  const minus = pins.find(isGround)?.cavity ?? CHASSIS;
  return pins.flatMap(({ cavity, quantity, form }) =>
    form.kind === "supply-out" && quantity === "battery-supply" ? [chargingSource(cavity, minus)] : [],
  );
}

const chargingSource = (plus: string, minus: string): ElementSpec => ({
  id: "stator",
  type: "source",
  a: plus,
  b: minus,
  volts: 14.2,
  ohms: 0.02,
});

/** The solenoid is told by what it carries, or by its number; the other cavity is the cable's. */
const isSolenoid = (pin: CavityFacts) =>
  pin.quantity === "starter-request" || pin.quantity === "starter-relay" || pin.cavity === "50";
const SOLENOID_OHMS = 1.2;

export const isGround = (pin: CavityFacts) =>
  pin.form.kind === "ground" || pin.quantity === "ground" || pin.quantity === "sensor-ground";
const isFeed = (pin: CavityFacts) => pin.form.kind === "supply-in" || pin.form.kind === "reference-in";

function batteryElements(pins: readonly CavityFacts[]): ElementSpec[] {
  const minus = pins.find((pin) => /^(-|−|neg|31)/i.test(pin.cavity) || isGround(pin));
  return pins
    .filter((pin) => pin !== minus)
    .map((pin) => ({
      id: `cell ${pin.cavity}`,
      type: "source",
      a: pin.cavity,
      b: minus?.cavity ?? CHASSIS,
      volts: 12.6,
      ohms: 0.008,
    }));
}

/**
 * A part of which every cavity is a contact's: each by the pole that it states. Two of one quantity are the two sides of
 * one contact; where one side alone is shown and it is told to be free, the other is not known and nothing is taken.
 */
function contactsByPole(pins: readonly CavityFacts[], ground: string): ElementSpec[] {
  const toGround = ({ cavity }: CavityFacts) => contact(cavity, cavity, ground, NETLIST_KEYS);
  const groups = new Map<string, CavityFacts[]>();
  for (const pin of pins) {
    const key = `${pin.quantity} ${pin.index ?? ""}`;
    groups.set(key, [...(groups.get(key) ?? []), pin]);
  }
  return [...groups.values()].flatMap((group): ElementSpec[] => {
    const grounded = group.filter(({ form }) => fieldOf(form, "to") === "ground");
    const open = group.filter((pin) => !grounded.includes(pin));
    const [first, ...others] = open;
    if (first === undefined) return grounded.map(toGround);

    const told = open.every(({ form }) => fieldOf(form, "to") !== null);
    if (!told && open.length !== 2) return [...grounded, ...open].map(toGround);
    if (others.length === 0) return grounded.map(toGround);
    return [
      ...grounded.map(toGround),
      ...others.map(({ cavity }) => contact(cavity, first.cavity, cavity, NETLIST_KEYS)),
    ];
  });
}

/** Each way is fed by the cavity that brings a feed alive as long as it is; a way whose feed is not shown has none. */
function fuseElements(pins: readonly CavityFacts[]): ElementSpec[] {
  const feeds = pins.filter((pin) => pin.form.kind === "supply-in");
  return pins
    .filter((pin) => !feeds.includes(pin) && !isGround(pin))
    .flatMap((way) => {
      const feed =
        feeds.find((one) => (fieldOf(one.form, "alive") ?? "permanent") === fieldOf(way.form, "alive")) ??
        (feeds.length === 1 && fieldOf(way.form, "alive") === null && way.form.kind === "supply-out"
          ? feeds[0]
          : undefined);
      const rated = fieldOf(way.form, "maxAmps") ?? 0;
      return feed === undefined ? [] : [fuse(`F${way.cavity}`, feed.cavity, way.cavity, rated > 0 ? rated : 10)];
    });
}

/** A key switch's contact is closed when its feed is live. */
const closedFor = (alive: Alive): readonly NetlistKey[] => NETLIST_KEYS.filter((key) => liveIn(alive).includes(key));
const coilOhms = (pin: CavityFacts | undefined) =>
  (pin === undefined ? null : fieldOf(pin.form, "ohms")) || USUAL_COIL_OHMS;

function keyElements(pins: readonly CavityFacts[]): ElementSpec[] {
  const feed = pins.find((pin) => pin.form.kind === "supply-in" || pin.cavity === "30");
  if (feed === undefined) return [];
  return pins
    .filter((pin) => pin !== feed && !isGround(pin))
    .map((pin) => contact(pin.cavity, feed.cavity, pin.cavity, closedFor(fieldOf(pin.form, "alive") ?? "run")));
}

function relayElements(pins: readonly CavityFacts[]): ElementSpec[] {
  const has = (name: string) => pins.some((pin) => pin.cavity === name);
  if (!has("85") || !has("86") || !has("30")) return switchElements(pins);
  const contacts = [
    ["87", "energised"],
    ["87a", "released"],
  ] as const;
  return [
    relay(
      "K",
      contacts.filter(([name]) => has(name)).map(([b, when]) => ({ a: "30", b, when, ohms: 0.01 })),
      coilOhms(pins.find((pin) => pin.cavity === "86")),
    ),
  ];
}

/**
 * A switch joins its feed to each of its other contacts; one contact alone, or several that are said to close to ground,
 * close to its ground or its case.
 */
function switchElements(pins: readonly CavityFacts[]): ElementSpec[] {
  const live = pins.filter((pin) => !isGround(pin));
  const ground = pins.find(isGround);
  const grounded = live.every(({ form }) => fieldOf(form, "to") === "ground");
  if (live.length > (grounded ? 1 : 2) && live.every(({ form }) => form.kind === "switch-out"))
    return contactsByPole(live, ground?.cavity ?? CHASSIS);
  const feed = live.find(isFeed) ?? (live.length > 1 ? live[0] : undefined);
  if (feed === undefined)
    return live.map((pin) => contact(pin.cavity, pin.cavity, ground?.cavity ?? CHASSIS, NETLIST_KEYS));
  const ways = live
    .filter((pin) => pin !== feed)
    .map((pin) => contact(pin.cavity, feed.cavity, pin.cavity, NETLIST_KEYS));
  return ways.length > 0
    ? ways
    : ground === undefined
      ? []
      : [contact(feed.cavity, feed.cavity, ground.cavity, NETLIST_KEYS)];
}

/** What an input that only listens takes, Ω: a coil's trigger, a fan's command. */
const LISTENING_OHMS = 10_000;

function loadElements(type: string, pins: readonly CavityFacts[], label: string): ElementSpec[] {
  const ground = pins.find(isGround);
  const live = pins.filter((pin) => pin !== ground);
  const make = (id: string, a: string, b: string, pin: CavityFacts, amps = ampsOf(pin)): ElementSpec => {
    const ohms = fieldOf(pin.form, "ohms") ?? 0;
    const watts = amps > 0 ? amps * RATED_VOLTS : usualWatts(type, pin, label);
    if (type === "lamp") return lamp(id, a, b, watts);
    if (type === "motor") return motor(id, a, b, watts);
    return coil(id, a, b, amps > 0 || !(ohms > 0) ? RATED_VOLTS ** 2 / watts : ohms);
  };
  const feed = live.find(isFeed);
  const worked = live.filter((pin) => !isFeed(pin));
  if (feed !== undefined && worked.length > 0) {
    // With a ground of its own it draws there, and what else it has is told what to do: a coil's trigger.
    if (ground !== undefined)
      return [
        ...worked.map((pin) =>
          ampsOf(pin) > 0
            ? make(pin.cavity, feed.cavity, pin.cavity, pin)
            : coil(pin.cavity, pin.cavity, ground.cavity, LISTENING_OHMS),
        ),
        make("case", feed.cavity, ground.cavity, feed),
      ];
    // Without one, the other cavities are how it is worked, an injector's driver; its feed states the sum of them.
    const share = ampsOf(feed) / worked.length;
    return worked.map((pin) => make(pin.cavity, feed.cavity, pin.cavity, pin, ampsOf(pin) || share));
  }
  if (ground === undefined && live.length === 2 && worked.length > 0) {
    const [a, b] = live as [CavityFacts, CavityFacts];
    return [make(a.cavity, a.cavity, b.cavity, a)];
  }
  return live.map((pin) => make(pin.cavity, pin.cavity, ground?.cavity ?? CHASSIS, pin));
}

const ampsOf = (pin: CavityFacts): number => fieldOf(pin.form, "amps") ?? 0;

/**
 * A sensor works between its feed, its signal and its return; without a return its case is the return. What heats it,
 * or its electronics, takes what its feed states.
 */
function sensorElements(pins: readonly CavityFacts[]): ElementSpec[] {
  const ground = pins.find(isGround);
  const live = pins.filter((pin) => pin !== ground);
  const heater = live.find((pin) => pin.quantity === "oxygen-heater" && pin.form.kind !== "supply-in");
  const feed = live.find((pin) => pin.form.kind === "supply-in");
  const back = ground?.cavity ?? CHASSIS;
  if (feed !== undefined && (heater !== undefined || ampsOf(feed) > 0)) {
    const amps = ampsOf(feed) || (heater === undefined ? 0 : ampsOf(heater));
    const ohms = amps > 0 ? RATED_VOLTS / amps : RATED_VOLTS ** 2 / usualWatts("heater", feed, "oxygen sensor");
    return [
      coil(feed.cavity, feed.cavity, heater?.cavity ?? back, ohms),
      ...live.filter((pin) => pin !== feed && pin !== heater).map((pin) => coil(pin.cavity, pin.cavity, back, 1000)),
    ];
  }
  if (ground === undefined && live.length === 2) {
    const [a, b] = live as [CavityFacts, CavityFacts];
    return [coil(a.cavity, a.cavity, b.cavity, 1000)];
  }
  return live.map((pin) => coil(pin.cavity, pin.cavity, back, fieldOf(pin.form, "ohms") || 1000));
}

/** Outputs that lead what they work to ground; a coil's, unless it is only told when. */
const sinksLoads = ({ form }: CavityFacts): boolean =>
  form.kind === "low-side-out" ||
  form.kind === "injector-out" ||
  form.kind === "switch-out" ||
  (form.kind === "coil-out" && fieldOf(form, "drive") !== "logic") ||
  (form.kind === "pwm-out" && fieldOf(form, "drive") === "low-side");
const feedsLoads = ({ form }: CavityFacts): boolean =>
  form.kind === "high-side-out" || (form.kind === "pwm-out" && fieldOf(form, "drive") === "high-side");

/**
 * A computer by its declared pins: grounds are one inside; every feed is a load to ground; an output that sinks leads
 * to ground, one that sources to the feed; an input or a bus is a small load to ground.
 */
export function computerElements(pins: readonly CavityFacts[]): ElementSpec[] {
  const grounds = pins.filter(isGround);
  const ground = grounds.find((pin) => fieldOf(pin.form, "role") === "power")?.cavity ?? grounds[0]?.cavity ?? CHASSIS;
  const feeds = pins.filter((pin) => pin.form.kind === "supply-in");
  const feed = feeds.find((pin) => fieldOf(pin.form, "alive") !== "permanent") ?? feeds[0];
  return pins.flatMap((pin): ElementSpec[] => {
    if (isGround(pin)) return pin.cavity === ground ? [] : [joint(`G${pin.cavity}`, pin.cavity, ground)];
    if (pin.form.kind === "supply-in")
      return [motor(`S${pin.cavity}`, pin.cavity, ground, (fieldOf(pin.form, "amps") || 1) * 12)];
    if (sinksLoads(pin)) return [contact(`D${pin.cavity}`, pin.cavity, ground)];
    if (feedsLoads(pin) && feed !== undefined) return [contact(`D${pin.cavity}`, feed.cavity, pin.cavity)];
    return directionOf(pin.form.kind) === "none" ? [] : [coil(`I${pin.cavity}`, pin.cavity, ground, 10_000)];
  });
}
