import { cavityPoint, pointAt } from "../../harness";
import type { CavityFacts } from "../../parts";
import type { Point } from "../../points";
import type { KeyPosition } from "../../state";
import { solvedStates, voltsAt } from "../solved/flow";
import {
  ampsAtPin,
  computerGrounds,
  isPowerGround,
  isSensorGround,
  sensorGroundLimit,
} from "../tables/computer-grounds";
import { atPoint, type PowerSolution } from "../types";
import { offsets } from "./ground-offsets";
import { groundless, missingBlock } from "./straps";
import type { Cure, Finding } from "./types";

export function groundFindings(solution: PowerSolution): Finding[] {
  return [...missingBlock(solution), ...groundless(solution), ...sharedGrounds(solution), ...offsets(solution)];
}

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
