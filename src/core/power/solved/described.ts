import { NETLIST_FORMAT, type Netlist } from "../../circuit";
import type { CavityPoint } from "../../points";
import {
  type ClosedWhen,
  isClosedWhen,
  NETLIST_KEYS,
  type NetlistKey,
  usualState,
  type VehicleState,
} from "../../state";
import { cavityOf } from "../model/node-names";
import type { NetSpan } from "../model/spans";
import { MINUS } from "../nodes";
import type { Origin, PlanElement } from "../plan-element";
import type { PowerSolution } from "../types";
import { elementsIn } from "./solve";

/** Lever and pedals where they are not as they usually are (contracts/verbs.md, `netlist`). */
export type Stance = Partial<Omit<VehicleState, "key" | "named">>;

/** What an element is to somebody who reads the plan's netlist. */
export type ElementUse =
  | "wire"
  | "joint"
  | "fuse"
  | "contact"
  | "coil"
  | "switch"
  | "load"
  | "source"
  | "driver"
  | "other";

/** Who closes a switch or driver, and in which positions of that. */
export interface Works {
  readonly by: "key" | "range" | "clutch" | "brake" | "computer" | "hand";
  readonly closed: readonly string[];
}

/** One way through the netlist with what it is on the vehicle. */
export interface DescribedElement {
  /** The element's id; of a relay's contact `id#0`. */
  readonly id: string;
  readonly use: ElementUse;
  readonly origin: Origin;
  /** Cavities at its two ends, as far as they are cavities. */
  readonly ends: readonly CavityPoint[];
  readonly works: Works | null;
}

/** The plan as a netlist in one state, with what every element and cavity of it is. */
export interface DescribedNetlist {
  readonly netlist: Netlist;
  readonly cavities: readonly { readonly at: CavityPoint; readonly node: string }[];
  readonly elements: readonly DescribedElement[];
}

/** The netlist of contracts/netlist.md that the plan comes to, every switch as lever and pedals have it. */
export function describedNetlist(solution: PowerSolution, state: NetlistKey, stance: Stance = {}): DescribedNetlist {
  const { model } = solution;
  return {
    netlist: {
      format: NETLIST_FORMAT,
      reference: MINUS,
      state,
      elements: elementsIn(solution, state).map((element) =>
        element.type === "switch"
          ? { ...element, closedIn: closedKeys(model.elementOf.get(element.id)?.closed, stance) }
          : element,
      ),
    },
    cavities: [...model.nodeOfPin].map(([pinId, node]) => ({ at: cavityOf(model, pinId), node })),
    elements: model.spans.all.map((span) => ({
      id: span.name,
      use: useOf(solution, span),
      origin: span.planned.origin,
      ends: [span.a, span.b].flatMap((node) =>
        (model.names.pinsOf.get(node) ?? []).slice(0, 1).map((pinId) => cavityOf(model, pinId)),
      ),
      works: worksOf(solution, span.planned),
    })),
  };
}

const closedKeys = (closed: ClosedWhen | undefined, stance: Stance): NetlistKey[] =>
  closed === undefined ? [] : NETLIST_KEYS.filter((key) => isClosedWhen(closed, usualState(key, stance)));

function useOf({ model }: PowerSolution, { name, planned, role }: NetSpan): ElementUse {
  const { element, origin } = planned;
  switch (element.type) {
    case "source":
      return "source";
    case "fuse":
      return "fuse";
    case "switch":
      if (origin.type === "fill" && origin.as === "dummy-load") return "load";
      return isDriver(model.facts.harness.partById, planned) ? "driver" : "switch";
    case "relay":
      return name === element.id ? "coil" : "contact";
    case "diode":
      return "other";
    case "resistor":
      if (origin.type === "wire" || (origin.type === "link" && origin.as === "wire") || isFittedWire(origin))
        return "wire";
      return role === "path" ? "joint" : "load";
    default:
      return "load";
  }
}

const isFittedWire = (origin: Origin): boolean => origin.type === "fill" && origin.as !== "dummy-load";

const isDriver = (parts: ReadonlyMap<string, { readonly type: string }>, { element, origin }: PlanElement): boolean =>
  element.type === "switch" &&
  origin.type === "part" &&
  ["computer", "assembly"].includes(parts.get(origin.partId)?.type ?? "");

function worksOf({ model }: PowerSolution, planned: PlanElement): Works | null {
  const { element, origin, closed = {} } = planned;
  if (element.type !== "switch") return null;
  if (closed.range !== undefined) return { by: "range", closed: closed.range };
  if (closed.clutch !== undefined) return { by: "clutch", closed: [closed.clutch] };
  if (closed.brake !== undefined) return { by: "brake", closed: [closed.brake] };
  const keys = closedKeys(planned.closed, {});
  if (isDriver(model.facts.harness.partById, planned)) return { by: "computer", closed: keys };
  const type = origin.type === "part" ? model.facts.harness.partById.get(origin.partId)?.type : undefined;
  return { by: type === "switch" || type === "flasher" ? "hand" : "key", closed: keys };
}
