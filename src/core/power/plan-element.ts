import type { NetElement } from "../circuit";
import type { CavityPoint, Point, WireEnds } from "../points";
import type { AdapterType } from "../signals";
import type { Alive, ClosedWhen } from "../state";
import type { Fill } from "./types";

/** A wire as it stands in the netlist: its ends, its copper and the terminals at both. Ω, mm², m. */
export interface WireOrigin extends WireEnds {
  readonly type: "wire";
  readonly wireId: string;
  readonly sizeMm2: number;
  readonly lengthM: number;
  readonly copperOhms: number;
  readonly jointOhms: number;
  readonly assumed: readonly ("size" | "length")[];
  /** It is only tried. */
  readonly isTried: boolean;
}

/**
 * What an element stands for inside of its part.
 * `own`: an element as the part has it · `motor`: its motor · `starter-motor`, `starter-solenoid` · `turning`: there
 * only while the engine turns · `awake`: a computer with its supply, which a relay stands for · `asleep`: what it draws
 * then · `start-input`: what it asks before it works the starter · `control`: a switch that no table shows ·
 * `way-control`: the same before a fuse way
 */
export type PartRole =
  | "own"
  | "motor"
  | "starter-motor"
  | "starter-solenoid"
  | "turning"
  | "awake"
  | "asleep"
  | "start-input"
  | "control"
  | "way-control";

export interface PartOrigin {
  readonly type: "part";
  readonly partId: string;
  readonly label: string;
  readonly elementId: string;
  readonly kind: NetElement["type"];
  readonly role: PartRole;
  /** Of a box with many cavities, the one that the element is at. */
  readonly at: CavityPoint | null;
}

/** What an element of the netlist is on the vehicle. Words: core/words/origins.ts. */
export type Origin =
  | WireOrigin
  | ({ readonly type: "mate" } & WireEnds)
  | ({ readonly type: "link"; readonly linkId: string; readonly as: "wire" | AdapterType } & WireEnds)
  | PartOrigin
  | { readonly type: "assumed-feed"; readonly at: Point; readonly alive: Alive }
  /** What was decided to be fitted at a cavity. */
  | { readonly type: "fill"; readonly at: Point; readonly as: Fill["as"] }
  | { readonly type: "battery-post" | "assumed-ground" | "assumed-battery" }
  | { readonly type: "tried-load"; readonly name: string };

/** An element of the netlist with what it stands for, and of a switch when it is closed. */
export interface PlanElement {
  readonly element: NetElement;
  readonly origin: Origin;
  readonly closed?: ClosedWhen;
}

/** The same for the same thing on the vehicle, however many elements stand for it. */
export const originKey = (origin: Origin): string => {
  switch (origin.type) {
    case "wire":
      return origin.wireId;
    case "link":
      return `link ${origin.linkId}`;
    case "part":
      return origin.at === null
        ? `part ${origin.partId} ${origin.elementId}`
        : `part ${origin.partId} at ${origin.at.pinId}`;
    case "tried-load":
      return `load ${origin.name}`;
    default:
      return JSON.stringify(origin);
  }
};
