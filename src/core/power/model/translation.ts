import type { NetElement } from "../../circuit";
import { fieldOf } from "../../forms";
import type { HarnessPart } from "../../harness";
import { type CavityFacts, type ElementSpec, terminalsOf } from "../../parts";
import { aliveOf } from "../../signals";
import { type ClosedWhen, closedInShorthand, withCoasting } from "../../state";
import type { PartRole } from "../plan-element";
import type { Settings } from "../settings";
import type { AssumedFact } from "../types";

export interface PartToTranslate {
  readonly part: HarnessPart;
  /** Node of a terminal; undefined where nothing joins it. */
  readonly node: (terminal: string) => string | undefined;
  readonly pin: (terminal: string) => CavityFacts | undefined;
  /** Whether anything else is on a terminal's copper, or fitted to it. */
  readonly isJoined: (terminal: string) => boolean;
  /** Contacts of lever and clutch on a terminal's copper, or fitted to it, each with when it is closed: never where its other side leads nowhere. */
  readonly interlocks: (terminal: string) => readonly ClosedWhen[];
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

interface CopyOptions {
  /** Other nodes for some terminals. */
  readonly through?: Readonly<Record<string, string>>;
  readonly closed?: ClosedWhen | undefined;
  readonly role?: PartRole;
  readonly elementId?: string;
}

/** A part on its way into the netlist: what is made of it so far, and how its elements are placed between nodes. */
export class Translation {
  readonly elements: TranslatedElement[] = [];
  readonly assumed: AssumedFact[] = [];
  readonly part: HarnessPart;

  constructor(readonly subject: PartToTranslate) {
    this.part = subject.part;
  }

  readonly id = (elementId: string) => `part:${this.part.id}/${elementId}`.replaceAll("#", "~");
  push(elementId: string, element: NetElement, role: PartRole = "own", closed?: ClosedWhen): void {
    this.elements.push({ element, elementId, role, ...(closed === undefined ? {} : { closed }) });
  }

  /** A switch that no table shows, between nodes. */
  pushSwitch(
    elementId: string,
    role: PartRole,
    ends: { readonly id: string; readonly a: string; readonly b: string; readonly ohms: number },
    closed: ClosedWhen,
  ): void {
    this.push(elementId, { type: "switch", closedIn: closedInShorthand(closed), ...ends }, role, closed);
  }

  /** The element between nodes; left out where one of its terminals leads nowhere or both to the same. */
  copy(spec: ElementSpec, { through, closed, role = "own", elementId = spec.id }: CopyOptions = {}): void {
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

  /** A switch that no table shows, before an element. */
  before(
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
  inner = (what: string) => `inside ${this.part.id} ${what}`;
}

export const isPermanent = (pin: CavityFacts) => aliveOf(pin) === "permanent";
export const ampsOf = (pin: CavityFacts | undefined): number =>
  pin === undefined ? 0 : (fieldOf(pin.form, "amps") ?? 0);
