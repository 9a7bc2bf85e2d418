import { cachedBy } from "../../cached-by";
import { fieldOf } from "../../forms";
import { cavityPoint, type HarnessPart, pointAt } from "../../harness";
import { type CavityFacts, STRAP_LEAST_MM2 } from "../../parts";
import type { Point } from "../../points";
import { KEY_POSITIONS, type KeyPosition } from "../../state";
import { BLOCK, MINUS } from "../nodes";
import { originKey, type WireOrigin } from "../plan-element";
import { voltsAt } from "../solved/flow";
import { pathThrough } from "../solved/path";
import {
  ampsAtPin,
  computerGrounds,
  isPowerGround,
  isSensorGround,
  offsetLimit,
  sensorGroundLimit,
} from "../tables/computer-grounds";
import { atPoint, type PowerModel, type PowerSolution } from "../types";
import { thickerWire } from "./thicker";
import type { Cure, Finding } from "./types";

/** Thick enough for a starter's return, mm². */
const STRAP = { sizeMm2: 16, lengthM: 0.5 } as const;

export function groundFindings(solution: PowerSolution): Finding[] {
  return [...missingBlock(solution), ...groundless(solution), ...sharedGrounds(solution), ...offsets(solution)];
}

const solvedStates = (solution: PowerSolution) => KEY_POSITIONS.filter((state) => solution.states.has(state));

/** Above this a sensor ground carries what only a power ground may, A. */
const GRAVE_AMPS = 5;

/** Sensor grounds through which somebody else's current goes. */
function sharedGrounds(solution: PowerSolution): Finding[] {
  const { harness } = solution.model.facts;
  const nets = new Map<number, { pin: CavityFacts; node: string; amps: number; state: KeyPosition }>();
  // The computer's own cavity stands for the whole sensor ground.
  for (const { pin, at, node } of computerGrounds(harness)) {
    if (!isSensorGround(pin)) continue;
    for (const state of solvedStates(solution)) {
      const amps = ampsAtPin(solution, state, node);
      const known = nets.get(harness.netOf[at] as number);
      if (amps > sensorGroundLimit(harness, pin.id) && amps > (known?.amps ?? 0))
        nets.set(harness.netOf[at] as number, { pin, node, amps, state });
    }
  }
  return [...nets.values()].map(
    ({ pin, node, amps, state }): Finding => ({
      code: "shared-ground",
      key: `shared ${pin.id}`,
      severity: amps > GRAVE_AMPS ? "danger" : "fault",
      amps,
      volts: voltsAt(solution, state, node) ?? 0,
      joins: powerGroundsOn(solution, node),
      state,
      amount: { value: amps, limit: sensorGroundLimit(harness, pin.id), unit: "A" },
      node,
      pinId: pin.id,
      at: atPoint(cavityPoint(harness, pin.id)),
      also: [],
      cures: partingCures(solution, node),
    }),
  );
}

/** The power grounds on the same copper. */
function powerGroundsOn(
  {
    model: {
      facts: { harness },
      names,
    },
  }: PowerSolution,
  node: string,
): Point[] {
  const own = names.pinsOf.get(node)?.[0];
  const net = own === undefined ? undefined : harness.netOf[harness.nodeOfPin.get(own) as number];
  return [...harness.nodeOfPin]
    .filter(
      ([pinId, at]) =>
        harness.netOf[at] === net &&
        isPowerGround(harness.pinById.get(pinId) as CavityFacts) &&
        harness.partAt[at]?.type === "ground-stud",
    )
    .map(([, at]) => pointAt(harness, at));
}

/** An added wire that joins a sensor ground to a power ground is taken out. */
function partingCures({ model }: PowerSolution, node: string): Cure[] {
  return (model.spans.at.get(node) ?? []).flatMap(({ planned: { origin } }): Cure[] => {
    if (origin.type !== "wire") return [];
    const wire = model.facts.harness.wireById.get(origin.wireId);
    return wire?.added === true
      ? [{ code: "remove-wire", wire: origin, edit: { type: "unwire", wireId: wire.id } }]
      : [];
  });
}

/** A power ground of a computer in the state in which it is furthest from the battery's negative, by its limit. */
interface Offset {
  readonly pin: CavityFacts;
  readonly node: string;
  readonly state: KeyPosition;
  /** Above the battery's negative, V; below it where negative. */
  readonly volts: number;
  readonly limit: number;
}

const beyond = ({ volts, limit }: Offset) => Math.abs(volts) / limit;

function worstOffset(solution: PowerSolution, part: HarnessPart): Offset | undefined {
  const {
    facts: { harness },
    nodeOfPin,
  } = solution.model;
  const grounds = part.terminals.flatMap(({ pinId }) => {
    const [pin, node] = pinId === null ? [] : [harness.pinById.get(pinId), nodeOfPin.get(pinId)];
    return pin !== undefined && node !== undefined && isPowerGround(pin) ? [{ pin, node }] : [];
  });
  return grounds
    .flatMap(({ pin, node }) =>
      solvedStates(solution).map(
        (state): Offset => ({
          pin,
          node,
          state,
          volts: voltsAt(solution, state, node) ?? 0,
          limit: offsetLimit(state),
        }),
      ),
    )
    .toSorted((a, b) => beyond(b) - beyond(a))[0];
}

/** A computer that is off, and the wire on its way to the battery's negative that loses most. */
interface Off extends Offset {
  readonly part: HarnessPart;
  readonly most: LostWire | null;
}

/** Computers whose ground is above the battery's negative under load, or below it; those of one poor wire together. */
function offsets(solution: PowerSolution): Finding[] {
  const roots = new Map<string, [Off, ...Off[]]>();
  for (const part of solution.model.facts.harness.parts) {
    if (part.type !== "computer" || part.side === "host") continue;
    const worst = worstOffset(solution, part);
    if (worst === undefined || beyond(worst) <= 1) continue;
    const most = lostOnTheWayBack(solution, worst.state, worst.node);
    const one = { ...worst, part, most };
    // Where mending it would not do, it is not the root.
    const key = most === null || most.volts < excess(worst) ? part.id : originKey(most.origin);
    const known = roots.get(key);
    if (known === undefined) roots.set(key, [one]);
    else known.push(one);
  }
  return [...roots].map(([key, offs]) => offsetFinding(solution, key, offs));
}

const excess = ({ volts, limit }: Offset) => Math.abs(volts) - limit;

function offsetFinding(solution: PowerSolution, key: string, offs: readonly [Off, ...Off[]]): Finding {
  const { harness, units } = solution.model.facts;
  const [{ pin, node, state, volts, limit, part, most }, ...others] = offs.toSorted(
    (a, b) => beyond(b) - beyond(a),
  ) as [Off, ...Off[]];
  const missing = Math.max(...offs.map(excess));
  return {
    code: "ground-offset",
    key: `offset ${key}`,
    severity: "fault",
    part: part.label,
    volts,
    limitVolts: limit,
    state,
    amount: { value: volts, limit, unit: "V" },
    node,
    pinId: pin.id,
    at: atPoint(cavityPoint(harness, pin.id)),
    also: others.map((one) => atPoint(cavityPoint(harness, one.pin.id))),
    cures: [
      ...(most === null ? [] : [thickerWire(most.origin, most.volts, missing, units)]),
      ...groundCures(solution, pin),
    ],
  };
}

interface LostWire {
  readonly origin: WireOrigin;
  readonly volts: number;
}

/** The wire on the way from a ground to the battery's negative that loses most. */
function lostOnTheWayBack(solution: PowerSolution, state: KeyPosition, node: string): LostWire | null {
  const { steps } = pathThrough(solution, state, node);
  const dropOf = (from: string, to: string) =>
    Math.abs((voltsAt(solution, state, from) ?? 0) - (voltsAt(solution, state, to) ?? 0));
  const [most] = steps
    .slice(steps.findIndex((step) => step.from === node))
    .flatMap(({ span, from, to }): LostWire[] => {
      const { origin } = span.planned;
      return origin.type === "wire" ? [{ origin, volts: dropOf(from, to) }] : [];
    })
    .toSorted((a, b) => b.volts - a.volts);
  return most ?? null;
}

/** Another ground must be this much nearer to the battery's negative to be worth the work. */
const WORTH_PART = 0.7;

/** Another ground of the host with less on it. */
function groundCures(solution: PowerSolution, pin: CavityFacts): Cure[] {
  const {
    facts: { harness, links },
    nodeOfPin,
  } = solution.model;
  const linked = new Set(links.flatMap((link) => (link.consumerId === pin.id ? [link.providerId] : [])));
  const now = Math.abs(voltsAt(solution, "running", nodeOfPin.get(pin.id) ?? MINUS) ?? 0);
  const better = [...harness.pinById.values()].flatMap((one) => {
    const [node, at] = [nodeOfPin.get(one.id), harness.nodeOfPin.get(one.id)];
    const volts = node === undefined ? null : voltsAt(solution, "running", node);
    const fits =
      one.form.kind === "ground" &&
      !isSensorGround(one) &&
      !linked.has(one.id) &&
      harness.connectorById.get(one.connectorId)?.side === "host";
    if (!fits || at === undefined || volts == null || Math.abs(volts) > now * WORTH_PART) return [];
    return harness.partAt[at]?.type === "ground-stud" || harness.partAt[at]?.type === "battery"
      ? [{ one, at, volts }]
      : [];
  });
  return better
    .toSorted((a, b) => Math.abs(a.volts) - Math.abs(b.volts))
    .slice(0, 2)
    .map(
      ({ one, at }): Cure => ({
        code: "ground-at",
        at: pointAt(harness, at),
        edit: { type: "relink", consumerId: pin.id, providerId: one.id },
      }),
    );
}

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
function groundless(solution: PowerSolution): Finding[] {
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
function missingBlock(solution: PowerSolution): Finding[] {
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
