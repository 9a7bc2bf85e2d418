import { fieldOf, type Quantity } from "../../forms";
import { type CavityFacts, type ElementSpec, RATED_VOLTS } from "../../parts";
import type { ClosedWhen } from "../../state";
import { ALWAYS, drivenWhen, engineOn, isPulsed } from "./switch-states";
import { isPermanent, type Translation } from "./translation";

/** A computer that nobody has said more of works down to this, V. */
const COMPUTER_VOLTS = 6.5;
/** What watches a computer's supply takes no current to speak of. */
const SENSE_OHMS = 1e6;
const DRIVER_OHMS = 0.1;
/** What a sleeping computer draws from a permanent feed, A: our assumption until someone measures it. */
const ASLEEP_AMPS = 0.005;

/**
 * A computer wakes with its ignition supply: then it draws what its cavities state and works its outputs as {@link
 * drivenWhen} has it.
 * Asleep it draws a little from its permanent feeds; one that no ignition supply wakes is taken as asleep with the
 * key off.
 */
export function computer(t: Translation): void {
  const supply = supplyOf(t);
  const awake: { spec: ElementSpec & { readonly a: string; readonly b: string }; closed: ClosedWhen }[] = [];
  for (const element of t.part.elements) {
    const pin =
      element.type === "switch" || element.type === "power"
        ? t.subject.pin(element.a)?.form.kind === "supply-in" && element.type === "switch"
          ? t.subject.pin(element.b)
          : t.subject.pin(element.a)
        : undefined;
    if (element.type === "switch" && element.closedIn.length === 0) {
      const closed = pin === undefined ? null : drivenWhen(pin);
      if (closed === null) t.copy(element);
      else awake.push({ spec: element, closed });
    } else if (element.type === "power" && pin !== undefined && isPermanent(pin)) {
      awake.push({ spec: element, closed: supply === null ? engineOn : ALWAYS });
      asleep(t, element.id, element.a, element.b);
    } else t.copy(lampFor(t, element) ?? element);
  }
  if (awake.length === 0) return;
  t.assumed.push({ code: "outputs-on" });
  if (awake.some(({ spec }) => isPulsedSpec(t, spec))) t.assumed.push({ code: "mean-currents" });
  const inner = (id: string) => t.inner(`${id} awake`);
  const contacts = awake.flatMap(({ spec }) => {
    const a = t.subject.node(spec.a);
    return a === undefined ? [] : [{ a, b: inner(spec.id), when: "energised" as const, ohms: DRIVER_OHMS / 5 }];
  });
  if (supply !== null)
    t.push(
      "awake",
      {
        id: t.id("awake"),
        type: "relay",
        coilA: supply.node,
        coilB: supply.ground,
        coilOhms: SENSE_OHMS,
        pullInVolts: supply.volts,
        dropOutVolts: supply.volts * 0.9,
        contacts,
      },
      "awake",
    );
  for (const { spec, closed } of awake) {
    const through = { [spec.a]: inner(spec.id) };
    if (spec.type === "switch") {
      const from = supply === null ? t.subject.node(spec.a) : inner(spec.id);
      const starts = from !== undefined && drivesStarter(t, spec);
      const allowed = starts ? throughStartInputs(t, spec.id, from) : from;
      t.copy(
        { ...spec, ohms: DRIVER_OHMS },
        {
          closed: starts ? { ...closed, ...askedOfContacts(t), ...(isPaired(t) ? { security: "ok" } : {}) } : closed,
          ...(allowed === undefined ? {} : { through: { [spec.a]: allowed } }),
        },
      );
    } else {
      if (supply === null) t.before(spec, "control", inner(spec.id), closed, 0.001);
      t.copy(spec, { through });
    }
  }
}

/** Inputs that a computer asks before it works the starter, where something is joined to them. */
const START_INPUTS: ReadonlySet<Quantity | null> = new Set<Quantity>([
  "starter-request",
  "park-neutral",
  "clutch-switch",
]);
const STARTER: ReadonlySet<Quantity | null> = new Set<Quantity>(["starter-relay", "starter-request"]);
/** A logic input that nobody has read: on from and off below these, V. */
const INPUT_ON_VOLTS = 5;
const INPUT_OFF_VOLTS = 2;
const drivesStarter = (t: Translation, spec: { readonly a: string; readonly b: string }): boolean =>
  [spec.a, spec.b].some((terminal) => STARTER.has(t.subject.pin(terminal)?.quantity ?? null));

/** It has a partner by which it knows the key. */
const isPaired = (t: Translation): boolean =>
  t.part.terminals.some(({ name }) => {
    const pin = t.subject.pin(name);
    return pin?.quantity === "security-data" || pin?.quantity === "key-reader";
  });

/**
 * The way to a starter's driver through a contact for each input that a live wire must switch on, such as the key's
 * request. An input that nothing is joined to is not asked: a computer that is made for both gearboxes leaves one of
 * them alone.
 *
 * @returns the node behind the last of them
 */
function throughStartInputs(t: Translation, id: string, from: string): string {
  let at = from;
  for (const { name, pin } of startInputs(t)) {
    const [node, input] = [t.subject.node(name), t.part.elements.find((element) => element.id === `I${name}`)];
    const ground = input !== undefined && "b" in input ? t.subject.node(input.b) : undefined;
    if (fieldOf(pin.form, "active") === "low" || node === undefined || ground === undefined || ground === node)
      continue;
    const next = t.inner(`${id} asks ${name}`);
    t.push(
      `I${name}`,
      {
        id: t.id(`${id} asks ${name}`),
        type: "relay",
        coilA: node,
        coilB: ground,
        coilOhms: SENSE_OHMS,
        pullInVolts: fieldOf(pin.form, "highVolts") ?? INPUT_ON_VOLTS,
        dropOutVolts: fieldOf(pin.form, "lowVolts") ?? INPUT_OFF_VOLTS,
        contacts: [{ a: at, b: next, when: "energised", ohms: DRIVER_OHMS / 5 }],
      },
      "start-input",
    );
    at = next;
  }
  if (at !== from) t.assumed.push({ code: "start-inputs-asked" });
  return at;
}

/**
 * What grounded inputs ask, by the contact that the copper of each leads to: an input's pull-up is no part of a DC
 * solution that a meter would follow, and the contact itself tells when it is on. Of several contacts on one input any
 * of them turns it on: then only what all of them ask is known to be asked.
 */
function askedOfContacts(t: Translation): ClosedWhen {
  const asked: ClosedWhen[] = startInputs(t).flatMap(({ name, pin }): ClosedWhen[] => {
    if (fieldOf(pin.form, "active") !== "low") return [];
    const contacts = t.subject.interlocks(name);
    const [first, ...others] = contacts;
    if (first === undefined || others.length === 0) return first === undefined ? [] : [first];
    return contacts.every(({ range }) => range !== undefined)
      ? [{ range: [...new Set(contacts.flatMap(({ range }) => range ?? []))] }]
      : [];
  });
  const ranges = asked.flatMap(({ range }) => (range === undefined ? [] : [range]));
  return {
    ...Object.assign({}, ...asked),
    // Two inputs that both ask the lever want a range that suits both.
    ...(ranges.length > 1
      ? { range: (ranges[0] ?? []).filter((one) => ranges.every((range) => range.includes(one))) }
      : {}),
  };
}

const startInputs = (t: Translation): { readonly name: string; readonly pin: CavityFacts }[] =>
  t.part.terminals.flatMap(({ name }) => {
    const pin = t.subject.pin(name);
    return pin?.form.kind === "logic-in" && START_INPUTS.has(pin.quantity) && t.subject.isJoined(name)
      ? [{ name, pin }]
      : [];
  });

const isPulsedSpec = (t: Translation, spec: ElementSpec & { readonly a: string; readonly b: string }): boolean =>
  spec.type === "switch" && [spec.a, spec.b].some((terminal) => isPulsed(t.subject.pin(terminal)));

/** A load that the other side drives: a lamp or a coil between its cavity and the side that `otherEnd` names. */
function lampFor(t: Translation, element: ElementSpec): ElementSpec | null {
  const pin = element.type === "resistor" && !element.joint ? t.subject.pin(element.a) : undefined;
  if (element.type !== "resistor" || pin?.form.kind !== "load-in") return null;
  const watts = (fieldOf(pin.form, "amps") || 0.1) * RATED_VOLTS;
  const feed = fieldOf(pin.form, "otherEnd") === "battery" ? feedTerminal(t) : element.b;
  return feed === null
    ? null
    : { id: element.id, type: "lamp", a: feed, b: element.a, ratedVolts: RATED_VOLTS, ratedWatts: watts };
}

function feedTerminal(t: Translation): string | null {
  const feeds = t.part.terminals.filter(({ name }) => t.subject.pin(name)?.form.kind === "supply-in");
  return (
    (
      feeds.find(({ name }) => {
        const pin = t.subject.pin(name);
        return pin !== undefined && !isPermanent(pin);
      }) ?? feeds[0]
    )?.name ?? null
  );
}

function asleep(t: Translation, id: string, a: string, b: string): void {
  t.assumed.push({ code: "asleep-amps", amps: ASLEEP_AMPS });
  t.copy(
    { id: `${id} asleep`, type: "resistor", a, b, ohms: 12.5 / ASLEEP_AMPS, joint: false },
    { role: "asleep", elementId: id },
  );
}

/** The supply that wakes a computer: the one that is live with the ignition, else any. */
function supplyOf(t: Translation): { readonly node: string; readonly ground: string; readonly volts: number } | null {
  const feeds = t.part.elements.flatMap((element) => {
    if (element.type !== "power") return [];
    const [pin, node, ground] = [t.subject.pin(element.a), t.subject.node(element.a), t.subject.node(element.b)];
    return pin === undefined || node === undefined || ground === undefined || node === ground
      ? []
      : [{ pin, node, ground, volts: fieldOf(pin.form, "minVolts") || COMPUTER_VOLTS }];
  });
  const order = ["run-crank", "run", "accessory"];
  // A permanent feed cannot wake it.
  return (
    feeds.filter(({ pin }) => !isPermanent(pin)).toSorted((a, b) => rank(order, a.pin) - rank(order, b.pin))[0] ?? null
  );
}

const rank = (order: readonly string[], pin: CavityFacts) => {
  const at = order.indexOf(fieldOf(pin.form, "alive") ?? "");
  return at < 0 ? order.length : at;
};
