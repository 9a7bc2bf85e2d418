import type { NetElement } from "../../circuit";
import { fieldOf } from "../../forms";
import { pointAt } from "../../harness";
import type { CavityFacts } from "../../parts";
import { dummyLoad } from "../../signals";
import { type ClosedWhen, closedInShorthand, KEY_POSITIONS, liveIn } from "../../state";
import { USUAL_WIRE, wireOhms } from "../../wire";
import { BODY, PLUS } from "../nodes";
import type { PlanElement } from "../plan-element";
import type { AssumedFact, Fill, PowerFacts } from "../types";
import type { NodeNames } from "./node-names";
import { closedWhen } from "./switch-states";
import { CONDUCTOR_C, type Elements, terminalOhms } from "./wire-elements";

/** How long a wire of what is fitted is taken to be, m. */
const FILL_M = 2;

type FillFacts = Pick<PowerFacts, "harness" | "fills" | "quiet">;

/**
 * What was decided to be fitted where no link serves, as elements. What is not known is not made up: a feed of which
 * nobody has said when it must be live, an input of which nobody has said how it is switched on, an output whose usual
 * load nobody knows, are left out.
 */
export function fillElements(facts: FillFacts, names: NodeNames): Elements {
  const elements: PlanElement[] = [];
  const assumed: AssumedFact[] = [];
  for (const fill of facts.fills) {
    const pin = facts.harness.pinById.get(fill.pinId);
    const node = names.nodeOfPin.get(fill.pinId);
    const made = pin === undefined || node === undefined ? null : elementOf(facts, names, fill, { pin, node });
    if (made === null) continue;
    const at = pointAt(facts.harness, facts.harness.nodeOfPin.get(fill.pinId) as number);
    elements.push({ ...made, origin: { type: "fill", at, as: fill.as } });
    assumed.push({ code: fill.as === "dummy-load" ? "dummy-loads-usual" : "fills-as-decided" });
  }
  return { elements, problems: [], assumed };
}

function elementOf(
  facts: FillFacts,
  names: NodeNames,
  fill: Fill,
  { pin, node }: { readonly pin: CavityFacts; readonly node: string },
): Omit<PlanElement, "origin"> | null {
  const id = `fill:${fill.pinId}`;
  const size = pin.sizeMm2 ?? USUAL_WIRE.areaMm2;
  const copper = wireOhms({ lengthM: FILL_M, areaMm2: size, conductorC: CONDUCTOR_C }) + 2 * terminalOhms(size);
  const resistor = (to: string, ohms = copper): Omit<PlanElement, "origin"> => ({
    element: { id, type: "resistor", a: node, b: to, ohms } satisfies NetElement,
  });
  const contact = (from: string, closed: ClosedWhen, ohms = copper): Omit<PlanElement, "origin"> => ({
    element: { id, type: "switch", a: from, b: node, closedIn: closedInShorthand(closed), ohms },
    closed,
  });
  switch (fill.as) {
    case "ground":
      return resistor(BODY);
    case "feed": {
      const stated = fieldOf(pin.form, "alive");
      // A relay that the computer works is closed while the key is on.
      return stated === null ? null : contact(PLUS, { key: liveIn(stated === "relay" ? "run-crank" : stated) });
    }
    case "own-wire": {
      const from = names.nodeOfPin.get(fill.fromPinId);
      return from === undefined || from === node ? null : resistor(from);
    }
    case "loop":
    case "switch": {
      const closed = fittedContact(facts, fill, pin);
      return closed === null ? null : contact(fieldOf(pin.form, "active") === "low" ? BODY : PLUS, closed);
    }
    case "dummy-load": {
      const load = dummyLoad(pin);
      if (load === null) return null;
      return load.otherEnd === "ground"
        ? resistor(BODY, load.ohms + copper)
        : contact(PLUS, { key: liveIn("run-crank") }, load.ohms + copper);
    }
  }
}

/**
 * When the contact of a switch or loop that is fitted to an input is closed: a loop always, a switch as what works it
 * has it. One that closes to a feed has the ignition's. Null for what is no contact, and where nobody has said whether the
 * input is on when it is low or when it is high.
 */
export function fittedContact(
  { quiet = false }: Pick<PowerFacts, "quiet">,
  fill: Fill,
  pin: CavityFacts,
): ClosedWhen | null {
  const active = fieldOf(pin.form, "active");
  if ((fill.as !== "loop" && fill.as !== "switch") || active === null) return null;
  const worked = fill.as === "loop" ? {} : closedWhen({ label: "" }, [pin], quiet);
  if (active === "low") return worked;
  const keys = worked.key ?? KEY_POSITIONS;
  return { ...worked, key: keys.filter((key) => liveIn("run-crank").includes(key)) };
}
