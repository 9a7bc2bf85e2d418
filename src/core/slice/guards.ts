import { fieldOf, type Quantity } from "../forms";
import type { Harness, HarnessEdge, Wire } from "../harness";
import type { CavityFacts } from "../parts";

/**
 * Why a wire is never offered for removal nor taken out with others: its path alone does not tell what it is for, or a
 * mistake with it hurts someone or stops the engine.
 */
export const GUARDS = [
  "airbag",
  "sensor-ground",
  "screen",
  "main-relay",
  "charging-cable",
  "brake-input",
  "interlock",
  "ground-strap",
  "end-unknown",
] as const;
export type Guard = (typeof GUARDS)[number];

/** What guards a whole piece of copper, by what is carried there. */
const BY_QUANTITY: Partial<Record<Quantity, Guard>> = {
  "sensor-ground": "sensor-ground",
  "main-relay": "main-relay",
  "park-neutral": "interlock",
  "clutch-switch": "interlock",
};

const BRAKES: ReadonlySet<Quantity> = new Set<Quantity>(["brake-switch", "brake-fluid", "anti-lock"]);

/** A cable of this size on ground is a strap: block, body and battery are joined by it alone. */
const STRAP_MM2 = 10;

const isGround = ({ form }: CavityFacts) => form.kind === "ground";
const isSupply = ({ form }: CavityFacts) => form.kind === "supply-in" || form.kind === "supply-out";

function guardOfPin(pin: CavityFacts): Guard | null {
  if (pin.form.kind === "shield" || fieldOf(pin.form, "role") === "shield") return "screen";
  if (fieldOf(pin.form, "role") === "sensor-return") return "sensor-ground";
  // What a computer reads of the brakes; lamps and their switch are the brake lamps' own wires.
  if (pin.quantity !== null && BRAKES.has(pin.quantity) && pin.form.kind === "logic-in") return "brake-input";
  const guard = pin.quantity === null ? undefined : BY_QUANTITY[pin.quantity];
  return guard === undefined || isSupply(pin) ? null : guard;
}

/** What guards each wire of a harness; null where it is like any other. */
export function guardsOf(harness: Harness): (wire: Wire) => Guard | null {
  const [nets, nodes] = [new Map<number, Guard>(), new Map<number, Guard>()];
  const powerNets = new Set<number>();
  harness.pinAt.forEach((pin, at) => {
    const net = harness.netOf[at] as number;
    if (pin !== undefined && isGround(pin) && guardOfPin(pin) === null) powerNets.add(net);
    const guard = pin === undefined ? null : guardOfPin(pin);
    if (guard === null) return;
    nodes.set(at, guard);
    if (!nets.has(net)) nets.set(net, guard);
  });
  const isOpen = (at: number) =>
    harness.nodes[at]?.type === "open" &&
    !(harness.edgesAt[at] ?? []).some((one) => (harness.edges[one] as HarnessEdge).type === "join");
  return (wire) => {
    if (wire.mark === "airbag") return "airbag";
    const net = harness.netOf[wire.a] as number;
    // Where a sensor ground is on the same copper as power grounds, its own wires alone are told apart.
    const own = nodes.get(wire.a) ?? nodes.get(wire.b) ?? (powerNets.has(net) ? undefined : nets.get(net));
    if (own !== undefined) return own;
    const pins = wire.pinIds.flatMap((id) => harness.pinById.get(id) ?? []);
    if (isChargingCable(harness, wire)) return "charging-cable";
    if (isStrap(harness, wire, pins)) return "ground-strap";
    return isOpen(wire.a) || isOpen(wire.b) ? "end-unknown" : null;
  };
}

/** From an alternator's output. */
const isChargingCable = (harness: Harness, { a, b }: Wire): boolean =>
  [a, b].some((at) => {
    const pin = harness.pinAt[at];
    return pin?.form.kind === "supply-out" && harness.partAt[at]?.type === "alternator";
  });

/** Between block, body and the battery's negative: told by its size on ground, by its name, or by the battery. */
const isStrap = (harness: Harness, wire: Wire, pins: readonly CavityFacts[]): boolean =>
  pins.some(
    (pin) =>
      isGround(pin) &&
      ((wire.sizeMm2 ?? 0) >= STRAP_MM2 ||
        /\bstrap\b/i.test(pin.description ?? "") ||
        harness.partAt[harness.nodeOfPin.get(pin.id) ?? -1]?.type === "battery"),
  );
