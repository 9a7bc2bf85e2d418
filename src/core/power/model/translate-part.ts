import type { NetElement } from "../../circuit";
import { fieldOf } from "../../forms";
import type { HarnessPart } from "../../harness";
import {
  type CavityFacts,
  CHASSIS,
  type ElementSpec,
  hasUsualWatts,
  RATED_VOLTS,
  statesAmps,
  terminalsOf,
} from "../../parts";
import { aliveOf } from "../../signals";
import { type ClosedWhen, closedInShorthand, NETLIST_KEYS, neverClosed, withCoasting } from "../../state";
import type { PartRole } from "../plan-element";
import { batterySource, CRANKING_VOLTS, coldTorque, type Settings, settingValue, starterAmps } from "../settings";
import type { AssumedFact } from "../types";
import { alternatorOhms, EXCITER, ratedAmps, regulatedVolts } from "./sources";
import {
  ALWAYS,
  closedWhen,
  drivenWhen,
  engineOn,
  interlockOf,
  isPulsed,
  KEY_ON,
  whileCranking,
  whileFiring,
  whileTurning,
} from "./switch-states";

/** A solenoid pulls in and lets go at about these, V. */
const SOLENOID = { pullInVolts: 7, dropOutVolts: 3 } as const;
/** A computer that nobody has said more of works down to this, V. */
const COMPUTER_VOLTS = 6.5;
/** What watches a computer's supply takes no current to speak of. */
const SENSE_OHMS = 1e6;
/** The library's alternator: what it is worth then comes from the settings and its cavities. */
const LIBRARY_VOLTS = 14.2;
const LIBRARY_OHMS = 0.02;
/** The library's starter motor: its current is its cavity's, or comes from the settings. */
const LIBRARY_STARTER_OHMS = 0.06;
/** A charging alternator lifts its lamp terminal to its own voltage through the exciter diodes, Ω behind it. */
const EXCITER_OHMS = 0.5;
const DRIVER_OHMS = 0.1;
/** A ring bolted to clean metal, Ω. */
const STUD_OHMS = 0.0003;
/** What a sleeping computer draws from a permanent feed, A: our assumption until someone measures it. */
const ASLEEP_AMPS = 0.005;
/** Terminals by which an alternator's lamp is known. */
const LAMP_TERMINAL = /^(d\+|l|61|lamp)$/i;

export interface PartToTranslate {
  readonly part: HarnessPart;
  /** Node of a terminal; undefined where nothing joins it. */
  readonly node: (terminal: string) => string | undefined;
  readonly pin: (terminal: string) => CavityFacts | undefined;
  readonly settings: Settings;
  /** Nothing is on that a driver switches on. */
  readonly quiet: boolean;
}

/** An element between nodes, with the element of the part that it is made from and its role there. */
export interface TranslatedElement {
  readonly element: NetElement;
  readonly elementId: string;
  readonly role: PartRole;
  readonly closed?: ClosedWhen;
}

export interface Translated {
  readonly elements: readonly TranslatedElement[];
  readonly assumed: readonly AssumedFact[];
}

/**
 * A part's elements between nodes of the netlist. Beyond copying them: batteries and starters take the settings'
 * values, a starter
 * turns only with its solenoid, an alternator gives only while it turns, switches are closed as they are used, and a
 * computer's
 * outputs work only while the computer is awake.
 */
export function translatePart(subject: PartToTranslate): Translated {
  return new Translation(subject).run();
}

interface CopyOptions {
  /** Other nodes for some terminals. */
  readonly through?: Readonly<Record<string, string>>;
  readonly closed?: ClosedWhen | undefined;
  readonly role?: PartRole;
  readonly elementId?: string;
}

class Translation {
  private readonly elements: TranslatedElement[] = [];
  private readonly assumed: AssumedFact[] = [];
  private readonly part: HarnessPart;

  constructor(private readonly subject: PartToTranslate) {
    this.part = subject.part;
  }

  run(): Translated {
    const socket = this.part.guessed && /socket/i.test(this.part.label);
    if (socket) this.assumed.push({ code: "sockets-empty" });
    else
      switch (this.part.type) {
        case "motor":
          for (const element of this.part.elements) this.controlled(atStatedPoint(element), "motor");
          break;
        case "heater":
        case "solenoid":
        case "horn":
        case "lamp":
          for (const element of this.part.elements) this.controlled(element);
          break;
        case "starter":
          this.starter();
          break;
        case "alternator":
          this.alternator();
          break;
        case "computer":
        case "assembly":
          this.computer();
          break;
        case "fuse-box":
          this.fuseBox();
          break;
        default:
          for (const element of this.part.elements) this.copy(this.adjusted(element), { closed: this.worked(element) });
      }
    if (!socket && this.part.guessed && hasUsualWatts(this.part.type)) {
      for (const element of this.part.elements)
        if ("a" in element && ![element.a, element.b].some((terminal) => statesAmps(this.subject.pin(terminal))))
          this.assumed.push({ code: "usual-watts" });
    }
    return { elements: this.elements, assumed: this.assumed };
  }

  private id = (elementId: string) => `part:${this.part.id}/${elementId}`.replaceAll("#", "~");
  private push(elementId: string, element: NetElement, role: PartRole = "own", closed?: ClosedWhen): void {
    this.elements.push({ element, elementId, role, ...(closed === undefined ? {} : { closed }) });
  }

  /** A switch that no table shows, between nodes. */
  private pushSwitch(
    elementId: string,
    role: PartRole,
    ends: { readonly id: string; readonly a: string; readonly b: string; readonly ohms: number },
    closed: ClosedWhen,
  ): void {
    this.push(elementId, { type: "switch", closedIn: closedInShorthand(closed), ...ends }, role, closed);
  }

  /** The element between nodes; left out where one of its terminals leads nowhere or both to the same. */
  private copy(spec: ElementSpec, { through, closed, role = "own", elementId = spec.id }: CopyOptions = {}): void {
    const nodes = new Map(
      terminalsOf(spec).map((terminal) => [terminal, through?.[terminal] ?? this.subject.node(terminal)]),
    );
    const at = (terminal: string) => nodes.get(terminal) as string;
    const id = this.id(spec.id);
    if (spec.type === "relay") {
      if (
        nodes.get(spec.coilA) === undefined ||
        nodes.get(spec.coilB) === undefined ||
        at(spec.coilA) === at(spec.coilB)
      )
        return;
      const contacts = spec.contacts.filter(
        ({ a, b }) => nodes.get(a) !== undefined && nodes.get(b) !== undefined && at(a) !== at(b),
      );
      this.push(elementId, {
        ...spec,
        id,
        coilA: at(spec.coilA),
        coilB: at(spec.coilB),
        contacts: contacts.map((contact) => ({ ...contact, a: at(contact.a), b: at(contact.b) })),
      });
      return;
    }
    if (nodes.get(spec.a) === undefined || nodes.get(spec.b) === undefined || at(spec.a) === at(spec.b)) return;
    const ends = { id, a: at(spec.a), b: at(spec.b) };
    if (spec.type === "resistor") this.push(elementId, { type: "resistor", ohms: spec.ohms, ...ends }, role);
    else if (spec.type === "switch")
      this.pushSwitch(elementId, role, { ohms: spec.ohms, ...ends }, closed ?? { key: withCoasting(spec.closedIn) });
    else this.push(elementId, { ...spec, ...ends }, role);
  }

  private adjusted(spec: ElementSpec): ElementSpec {
    const { part, subject } = this;
    if (part.type === "battery" && spec.type === "source" && Math.abs(spec.volts - 12.6) < 0.01) {
      this.assumed.push({ code: "battery-by-settings" });
      return { ...spec, ...batterySource(subject.settings) };
    }
    if (part.type === "ground-stud" && spec.type === "resistor" && spec.joint) return { ...spec, ohms: STUD_OHMS };
    return spec;
  }

  /** When a switch that may be closed in any position is closed in fact; undefined where its part says it itself. */
  private worked(spec: ElementSpec): ClosedWhen | undefined {
    const { part, subject } = this;
    if (spec.type !== "switch" || (part.type !== "switch" && part.type !== "flasher")) return undefined;
    const pins = terminalsOf(spec).flatMap((terminal) => subject.pin(terminal) ?? []);
    // Whatever a part says of the key: lever and clutch work these, and the driver is asked.
    const asks = interlockOf(pins);
    if (asks !== null) return asks;
    if (spec.closedIn.length !== NETLIST_KEYS.length) return undefined;
    this.assumed.push({ code: "switches-usual" });
    return closedWhen(part, pins, subject.quiet);
  }

  /** The motor is fed by the contact that its solenoid closes; its current is the one that its cavity states. */
  private starter(): void {
    const coils = this.part.elements.filter(
      (element): element is Extract<ElementSpec, { type: "resistor" }> => element.type === "resistor",
    );
    const motor = coils.find((element) => element.ohms < 0.5);
    const solenoid = coils.find((element) => element !== motor && element.ohms < 10);
    const [cable, case_] = motor === undefined ? [] : [this.subject.node(motor.a), this.subject.node(motor.b)];
    if (motor === undefined || cable === undefined || case_ === undefined) {
      for (const element of this.part.elements) this.copy(element);
      return;
    }
    const stated =
      ampsOf(this.subject.pin(motor.a)) || (motor.ohms === LIBRARY_STARTER_OHMS ? 0 : CRANKING_VOLTS / motor.ohms);
    const amps = starterAmps(this.subject.settings, stated);
    if (!(stated > 0)) this.assumed.push({ code: "starter-amps", amps: Math.round(amps) });
    const ohms = CRANKING_VOLTS / amps / coldTorque(settingValue(this.subject.settings, "battery-c"));
    const inner = this.inner("motor");
    const [coilA, coilB] = solenoid === undefined ? [] : [this.subject.node(solenoid.a), this.subject.node(solenoid.b)];
    if (solenoid === undefined || coilA === undefined || coilB === undefined)
      this.pushSwitch(
        "solenoid",
        "starter-solenoid",
        { id: this.id("solenoid"), a: cable, b: inner, ohms: 0.0005 },
        whileCranking,
      );
    else
      this.push(
        "solenoid",
        {
          id: this.id("solenoid"),
          type: "relay",
          coilA,
          coilB,
          coilOhms: solenoid.ohms,
          ...SOLENOID,
          contacts: [{ a: cable, b: inner, when: "energised", ohms: 0.0005 }],
        },
        "starter-solenoid",
      );
    this.push("motor", { id: this.id("motor"), type: "resistor", a: inner, b: case_, ohms }, "starter-motor");
  }

  private alternator(): void {
    const output = this.part.elements.find((element) => element.type === "source");
    const regulated = regulatedVolts(
      this.subject.settings,
      output === undefined || !("a" in output) ? undefined : this.subject.pin(output.a),
    );
    const rated = ratedAmps(
      this.subject.settings,
      this.part.terminals.map(({ name }) => this.subject.pin(name)),
    );
    for (const element of this.part.elements) {
      const a = "a" in element ? this.subject.node(element.a) : undefined;
      const b = "b" in element ? this.subject.node(element.b) : undefined;
      if (element.type === "source" && a !== undefined && b !== undefined) {
        this.turning(
          element.id,
          a,
          b,
          element.volts === LIBRARY_VOLTS ? regulated : element.volts,
          element.ohms === LIBRARY_OHMS ? alternatorOhms(rated) : element.ohms,
        );
      } else {
        this.copy(element);
        const isLamp =
          "a" in element &&
          (LAMP_TERMINAL.test(element.a) || this.subject.pin(element.a)?.quantity === "charge-warning");
        if (isLamp && a !== undefined && b !== undefined) this.turning(EXCITER, a, b, regulated, EXCITER_OHMS);
      }
    }
  }

  private turning(elementId: string, a: string, b: string, volts: number, ohms: number): void {
    const inner = this.inner(elementId);
    this.push(elementId, { id: this.id(elementId), type: "source", a: inner, b, volts, ohms });
    this.pushSwitch(
      elementId,
      "turning",
      { id: this.id(`${elementId} turning`), a: inner, b: a, ohms: 0.001 },
      whileTurning,
    );
  }

  /**
   * What is connected to a permanent feed and is no computer is worked by something: it runs with the key on, and not
   * in the car park.
   */
  private controlled(element: ElementSpec, role: PartRole = "own"): void {
    const isLoad = element.type === "power" || element.type === "resistor" || element.type === "lamp";
    const pin = isLoad ? this.subject.pin(element.a) : undefined;
    // A load whose other side something else works is on when that is.
    const ownGround = isLoad && (element.b === CHASSIS || this.subject.pin(element.b)?.form.kind === "ground");
    const fires = ownGround && pin?.form.kind === "supply-in" && this.isIgnitionCoil();
    const worked = ownGround || element.type !== "lamp";
    if (!fires && (!isLoad || !worked || pin?.form.kind !== "supply-in" || !isPermanent(pin))) {
      this.copy(element, { role });
      return;
    }
    this.assumed.push({ code: fires ? "mean-currents" : "controlled-loads" });
    const inner = this.inner(`${element.id} control`);
    this.before(element, "control", inner, fires ? whileFiring : this.subject.quiet ? neverClosed : KEY_ON);
    this.copy(element, { through: { [element.a]: inner }, role });
  }

  /** Fed by the key or a relay, an ignition coil with electronics of its own draws only while it is told to spark. */
  private isIgnitionCoil = (): boolean =>
    this.part.terminals.some(({ name }) => this.subject.pin(name)?.quantity === "ignition-coil");

  /**
   * A way that a table describes without saying when it is live is taken as live with the ignition: a switch stands
   * before it that nobody has drawn.
   */
  private fuseBox(): void {
    for (const element of this.part.elements) {
      const way = element.type === "fuse" ? this.subject.pin(element.b) : undefined;
      if (
        element.type !== "fuse" ||
        way === undefined ||
        way.description === null ||
        fieldOf(way.form, "alive") !== null
      ) {
        this.copy(element);
        continue;
      }
      this.assumed.push({ code: "fuse-way-in-run" });
      const inner = this.inner(`${element.id} way`);
      this.before(element, "way-control", inner, KEY_ON);
      this.copy(element, { through: { [element.a]: inner } });
    }
  }

  /** A switch that no table shows, before an element. */
  private before(
    element: ElementSpec & { readonly a: string },
    role: PartRole,
    inner: string,
    closed: ClosedWhen,
    ohms = 0.005,
  ): void {
    this.copy(
      { id: `${element.id} ${role}`, type: "switch", a: element.a, b: inner, closedIn: [], ohms },
      { through: { [inner]: inner }, closed, role, elementId: element.id },
    );
  }

  /** A node inside of the part. */
  private inner = (what: string) => `inside ${this.part.id} ${what}`;

  /**
   * A computer wakes with its ignition supply: then it draws what its cavities state and works its outputs as {@link
   * drivenWhen} has it.
   * Asleep it draws a little from its permanent feeds; one that no ignition supply wakes is taken as asleep with the
   * key off.
   */
  private computer(): void {
    const supply = this.supply();
    const awake: { spec: ElementSpec & { readonly a: string; readonly b: string }; closed: ClosedWhen }[] = [];
    for (const element of this.part.elements) {
      const pin =
        element.type === "switch" || element.type === "power"
          ? this.subject.pin(element.a)?.form.kind === "supply-in" && element.type === "switch"
            ? this.subject.pin(element.b)
            : this.subject.pin(element.a)
          : undefined;
      if (element.type === "switch" && element.closedIn.length === 0) {
        const closed = pin === undefined ? null : drivenWhen(pin);
        if (closed === null) this.copy(element);
        else awake.push({ spec: element, closed });
      } else if (element.type === "power" && pin !== undefined && isPermanent(pin)) {
        awake.push({ spec: element, closed: supply === null ? engineOn : ALWAYS });
        this.asleep(element.id, element.a, element.b);
      } else this.copy(this.lampFor(element) ?? element);
    }
    if (awake.length === 0) return;
    this.assumed.push({ code: "outputs-on" });
    if (awake.some(({ spec }) => this.isPulsed(spec))) this.assumed.push({ code: "mean-currents" });
    const inner = (id: string) => this.inner(`${id} awake`);
    const contacts = awake.flatMap(({ spec }) => {
      const a = this.subject.node(spec.a);
      return a === undefined ? [] : [{ a, b: inner(spec.id), when: "energised" as const, ohms: DRIVER_OHMS / 5 }];
    });
    if (supply !== null)
      this.push(
        "awake",
        {
          id: this.id("awake"),
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
        this.copy({ ...spec, ohms: DRIVER_OHMS }, { closed, ...(supply === null ? {} : { through }) });
      else {
        if (supply === null) this.before(spec, "control", inner(spec.id), closed, 0.001);
        this.copy(spec, { through });
      }
    }
  }

  private isPulsed = (spec: ElementSpec & { readonly a: string; readonly b: string }): boolean =>
    spec.type === "switch" && [spec.a, spec.b].some((terminal) => isPulsed(this.subject.pin(terminal)));

  /** A load that the other side drives: a lamp or a coil between its cavity and the side that `otherEnd` names. */
  private lampFor(element: ElementSpec): ElementSpec | null {
    const pin = element.type === "resistor" && !element.joint ? this.subject.pin(element.a) : undefined;
    if (element.type !== "resistor" || pin?.form.kind !== "load-in") return null;
    const watts = (fieldOf(pin.form, "amps") || 0.1) * RATED_VOLTS;
    const feed = fieldOf(pin.form, "otherEnd") === "battery" ? this.feedTerminal() : element.b;
    return feed === null
      ? null
      : { id: element.id, type: "lamp", a: feed, b: element.a, ratedVolts: RATED_VOLTS, ratedWatts: watts };
  }

  private feedTerminal(): string | null {
    const feeds = this.part.terminals.filter(({ name }) => this.subject.pin(name)?.form.kind === "supply-in");
    return (
      (
        feeds.find(({ name }) => {
          const pin = this.subject.pin(name);
          return pin !== undefined && !isPermanent(pin);
        }) ?? feeds[0]
      )?.name ?? null
    );
  }

  private asleep(id: string, a: string, b: string): void {
    this.assumed.push({ code: "asleep-amps", amps: ASLEEP_AMPS });
    this.copy(
      { id: `${id} asleep`, type: "resistor", a, b, ohms: 12.5 / ASLEEP_AMPS, joint: false },
      { role: "asleep", elementId: id },
    );
  }

  /** The supply that wakes a computer: the one that is live with the ignition, else any. */
  private supply(): { readonly node: string; readonly ground: string; readonly volts: number } | null {
    const feeds = this.part.elements.flatMap((element) => {
      if (element.type !== "power") return [];
      const [pin, node, ground] = [
        this.subject.pin(element.a),
        this.subject.node(element.a),
        this.subject.node(element.b),
      ];
      return pin === undefined || node === undefined || ground === undefined || node === ground
        ? []
        : [{ pin, node, ground, volts: fieldOf(pin.form, "minVolts") || COMPUTER_VOLTS }];
    });
    const order = ["run-crank", "run", "accessory"];
    // What is live for good cannot wake it.
    return (
      feeds.filter(({ pin }) => !isPermanent(pin)).toSorted((a, b) => rank(order, a.pin) - rank(order, b.pin))[0] ??
      null
    );
  }
}

/**
 * A motor as the resistance that takes its power at the volts for which its current is stated: with less voltage it
 * turns slower and takes less, where constant power would take more.
 */
const atStatedPoint = (spec: ElementSpec): ElementSpec =>
  spec.type === "power"
    ? { id: spec.id, type: "resistor", a: spec.a, b: spec.b, ohms: RATED_VOLTS ** 2 / spec.watts, joint: false }
    : spec;

const isPermanent = (pin: CavityFacts) => aliveOf(pin) === "permanent";
const ampsOf = (pin: CavityFacts | undefined): number => (pin === undefined ? 0 : (fieldOf(pin.form, "amps") ?? 0));
const rank = (order: readonly string[], pin: CavityFacts) => {
  const at = order.indexOf(fieldOf(pin.form, "alive") ?? "");
  return at < 0 ? order.length : at;
};
