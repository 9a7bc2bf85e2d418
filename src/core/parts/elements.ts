import type { NetlistKey } from "../state";

/**
 * A part bolts to the vehicle where it has this terminal: to the body, or to the engine's block ({@link onEngine} tells
 * which).
 */
export const CHASSIS = "chassis";

/**
 * Electrical behaviour between a part's own terminals: the element types of contracts/netlist.md, with terminals in
 * place of nodes. Volts, amperes, ohms, watts.
 */
export type ElementSpec =
  /** `joint`: copper or a contact, through which current goes on; otherwise a load. */
  | {
      readonly id: string;
      readonly type: "resistor";
      readonly a: string;
      readonly b: string;
      readonly ohms: number;
      readonly joint: boolean;
    }
  | {
      readonly id: string;
      readonly type: "source";
      readonly a: string;
      readonly b: string;
      readonly volts: number;
      readonly ohms: number;
    }
  | { readonly id: string; readonly type: "current"; readonly a: string; readonly b: string; readonly amps: number }
  | {
      readonly id: string;
      readonly type: "power";
      readonly a: string;
      readonly b: string;
      readonly watts: number;
      readonly minVolts: number;
    }
  | {
      readonly id: string;
      readonly type: "switch";
      readonly a: string;
      readonly b: string;
      readonly closedIn: readonly NetlistKey[];
      readonly ohms: number;
      /** A switch's own positions in which it is closed, where somebody named them. */
      readonly positions?: readonly string[];
    }
  | {
      readonly id: string;
      readonly type: "fuse";
      readonly a: string;
      readonly b: string;
      readonly amps: number;
      readonly ohms: number;
    }
  | {
      readonly id: string;
      readonly type: "diode";
      readonly a: string;
      readonly b: string;
      readonly saturationAmps: number;
      readonly emission: number;
    }
  | {
      readonly id: string;
      readonly type: "lamp";
      readonly a: string;
      readonly b: string;
      readonly ratedVolts: number;
      readonly ratedWatts: number;
    }
  | {
      readonly id: string;
      readonly type: "relay";
      readonly coilA: string;
      readonly coilB: string;
      readonly coilOhms: number;
      readonly pullInVolts: number;
      readonly dropOutVolts: number;
      readonly contacts: readonly {
        readonly a: string;
        readonly b: string;
        readonly when: "energised" | "released";
        readonly ohms: number;
      }[];
    };

/** How current meets one pair of an element's terminals: it goes on, it is used, or it comes from here. */
export type Role = "path" | "load" | "source";

/** One pair of terminals that an element spans. A relay spans several: its coil and each contact. */
export interface Span {
  readonly id: string;
  readonly a: string;
  readonly b: string;
  readonly role: Role;
}

/**
 * The pairs that an element spans, named as the netlist contract names its currents: `id`, and `id#0` … for a relay's
 * contacts.
 */
export function spansOf(element: ElementSpec): Span[] {
  switch (element.type) {
    case "relay":
      return [
        { id: element.id, a: element.coilA, b: element.coilB, role: "load" },
        ...element.contacts.map(({ a, b }, at): Span => ({ id: `${element.id}#${at}`, a, b, role: "path" })),
      ];
    case "source":
      return [{ id: element.id, a: element.a, b: element.b, role: "source" }];
    case "switch":
    case "fuse":
    case "diode":
      return [{ id: element.id, a: element.a, b: element.b, role: "path" }];
    case "resistor":
      return [{ id: element.id, a: element.a, b: element.b, role: element.joint ? "path" : "load" }];
    case "lamp":
    case "power":
    case "current":
      return [{ id: element.id, a: element.a, b: element.b, role: "load" }];
  }
}

/** Terminals that an element names, each once. */
export const terminalsOf = (element: ElementSpec): string[] => [
  ...new Set(spansOf(element).flatMap((span) => [span.a, span.b])),
];

/** Contact resistance of a bolted or crimped joint that nobody measured, Ω. */
export const JOINT_OHMS = 0.001;
/** Contact resistance of a switch or relay that nobody measured, Ω. */
export const CONTACT_OHMS = 0.01;
/** What the rated values of lamps and motors refer to, V. */
export const RATED_VOLTS = 13.5;

export const joint = (id: string, a: string, b: string): ElementSpec => ({
  id,
  type: "resistor",
  a,
  b,
  ohms: JOINT_OHMS,
  joint: true,
});
export const coil = (id: string, a: string, b: string, ohms: number): ElementSpec => ({
  id,
  type: "resistor",
  a,
  b,
  ohms,
  joint: false,
});
export const lamp = (id: string, a: string, b: string, ratedWatts: number): ElementSpec => ({
  id,
  type: "lamp",
  a,
  b,
  ratedVolts: RATED_VOLTS,
  ratedWatts,
});
export const motor = (id: string, a: string, b: string, watts: number): ElementSpec => ({
  id,
  type: "power",
  a,
  b,
  watts,
  minVolts: 8,
});
export const contact = (id: string, a: string, b: string, closedIn: readonly NetlistKey[] = []): ElementSpec => ({
  id,
  type: "switch",
  a,
  b,
  closedIn,
  ohms: CONTACT_OHMS,
});
/** A silicon rectifier that nobody has read: 0.9 V at 1 A. */
export const DIODE = { saturationAmps: 1e-9, emission: 1.8 } as const;
export const diode = (id: string, a: string, b: string): ElementSpec => ({ id, type: "diode", a, b, ...DIODE });
/** A blade or glass fuse: its cold resistance falls with its rating, about 0.1 V at the rated current. */
export const fuse = (id: string, a: string, b: string, amps: number): ElementSpec => ({
  id,
  type: "fuse",
  a,
  b,
  amps,
  ohms: 0.1 / amps,
});
/** The coil of a relay of which nobody has stated it, Ω. */
export const USUAL_COIL_OHMS = 85;
export const relay = (
  id: string,
  contacts: Extract<ElementSpec, { type: "relay" }>["contacts"],
  coilOhms = USUAL_COIL_OHMS,
): ElementSpec => ({
  id,
  type: "relay",
  coilA: "86",
  coilB: "85",
  coilOhms,
  pullInVolts: 7.5,
  dropOutVolts: 2.5,
  contacts,
});
