import { fieldOf } from "../../forms";
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
    if (spec.type === "switch")
      t.copy({ ...spec, ohms: DRIVER_OHMS }, { closed, ...(supply === null ? {} : { through }) });
    else {
      if (supply === null) t.before(spec, "control", inner(spec.id), closed, 0.001);
      t.copy(spec, { through });
    }
  }
}

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
