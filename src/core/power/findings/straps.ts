import { cachedBy } from "../../cached-by";
import { fieldOf } from "../../forms";
import { cavityPoint } from "../../harness";
import { type CavityFacts, STRAP_LEAST_MM2 } from "../../parts";
import { BLOCK, MINUS } from "../nodes";
import { voltsAt } from "../solved/flow";
import { isPowerGround, offsetLimit } from "../tables/computer-grounds";
import { atPoint, type PowerModel, type PowerSolution } from "../types";
import type { Cure, Finding } from "./types";

/** Thick enough for a starter's return, mm². */
const STRAP = { sizeMm2: 16, lengthM: 0.5 } as const;

/** Whether cables and bolted metal join the engine block to the battery's negative. */
function blockIsGrounded({
  model: {
    spans,
    facts: { harness },
  },
}: PowerSolution): boolean {
  const reached = new Set([MINUS]);
  for (const node of reached) {
    for (const span of spans.at.get(node) ?? []) {
      const { element, origin } = span.planned;
      const thick =
        origin.type === "wire"
          ? origin.sizeMm2 >= STRAP_LEAST_MM2
          : element.type === "resistor" && span.role === "path";
      // A computer's grounds are one inside, but no strap.
      if (thick && !(origin.type === "part" && harness.partById.get(origin.partId)?.type === "computer"))
        reached.add(span.a).add(span.b);
    }
  }
  return reached.has(BLOCK);
}

/** A ground wire for a computer: what its feeds together may return. */
const COMPUTER_GROUND = { sizeMm2: 2.5, lengthM: 1 } as const;

/** Nodes that copper and bolted joints join to the battery's negative: a diode or a contact is no ground. */
const grounded = cachedBy(({ spans }: PowerModel): ReadonlySet<string> => {
  const reached = new Set([MINUS]);
  for (const node of reached)
    for (const span of spans.at.get(node) ?? [])
      if (span.role === "path" && span.planned.element.type === "resistor") reached.add(span.a).add(span.b);
  return reached;
});

/** Computers of which no ground leads to the battery's negative: current finds other ways back, through sensors. */
export function groundless(solution: PowerSolution): Finding[] {
  const { model } = solution;
  const { harness } = model.facts;
  return harness.parts.flatMap((part): Finding[] => {
    if (part.type !== "computer") return [];
    const grounds = part.terminals.flatMap(({ pinId }) => {
      const pin = pinId === null ? undefined : harness.pinById.get(pinId);
      return pin !== undefined && isPowerGround(pin) ? [pin] : [];
    });
    const [first, ...rest] = grounds;
    const isJoined = (pin: CavityFacts) => grounded(model).has(model.nodeOfPin.get(pin.id) ?? "");
    if (first === undefined || grounds.some(isJoined)) return [];
    const node = model.nodeOfPin.get(first.id) as string;
    const volts = voltsAt(solution, "run", node) ?? null;
    const stud = [...harness.pinById.values()].find(
      (pin) =>
        pin.form.kind === "ground" &&
        isJoined(pin) &&
        harness.partAt[harness.nodeOfPin.get(pin.id) ?? -1]?.type === "ground-stud",
    );
    const [from, to] = [cavityPoint(harness, first.id), stud === undefined ? null : cavityPoint(harness, stud.id)];
    return [
      {
        code: "ground-missing",
        key: `ground ${part.id}`,
        severity: "stop",
        part: part.label,
        leastMm2: COMPUTER_GROUND.sizeMm2,
        volts,
        state: "run",
        amount: { value: volts ?? 0, limit: offsetLimit("run"), unit: "V" },
        node,
        pinId: first.id,
        at: atPoint(from),
        also: rest.map((pin) => atPoint(cavityPoint(harness, pin.id))),
        cures:
          to === null
            ? []
            : [
                {
                  code: "strap",
                  sizeMm2: COMPUTER_GROUND.sizeMm2,
                  from,
                  to,
                  edit: { type: "strap", fromPinId: first.id, toPinId: to.pinId, ...COMPUTER_GROUND },
                },
              ],
      },
    ];
  });
}

/**
 * The engine's block without a strap: all that bolts to it, the starter first, has no return, or returns through thin
 * wires.
 */
export function missingBlock(solution: PowerSolution): Finding[] {
  const {
    spans,
    facts: { harness },
  } = solution.model;
  if ((spans.at.get(BLOCK) ?? []).length === 0 || blockIsGrounded(solution)) return [];
  const grounds = [...harness.pinById.values()].filter((pin) => {
    const at = harness.nodeOfPin.get(pin.id);
    return at !== undefined && harness.partAt[at]?.type === "ground-stud";
  });
  const sideOf = (pin: CavityFacts) => harness.connectorById.get(pin.connectorId)?.side;
  const engine = grounds.find((pin) => sideOf(pin) === "donor");
  const body =
    grounds.find((pin) => sideOf(pin) === "host" && fieldOf(pin.form, "role") === "power") ??
    grounds.find((pin) => sideOf(pin) === "host");
  const volts = voltsAt(solution, "crank", BLOCK) ?? null;
  const strap: Cure[] =
    engine === undefined || body === undefined
      ? []
      : [
          {
            code: "strap",
            sizeMm2: STRAP.sizeMm2,
            from: cavityPoint(harness, engine.id),
            to: cavityPoint(harness, body.id),
            edit: { type: "strap", fromPinId: engine.id, toPinId: body.id, ...STRAP },
          },
        ];
  return [
    {
      code: "ground-missing",
      key: "ground block",
      severity: "danger",
      part: null,
      leastMm2: STRAP_LEAST_MM2,
      volts,
      state: "crank",
      amount: { value: volts ?? 0, limit: 0.3, unit: "V" },
      node: BLOCK,
      pinId: engine?.id ?? null,
      at: atPoint({ type: "engine-block" }),
      also: [],
      cures: strap,
    },
  ];
}
