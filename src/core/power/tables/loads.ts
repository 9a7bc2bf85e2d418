import type { CavityPoint } from "../../points";
import type { KeyPosition } from "../../state";
import { alternatorsOf, isBattery, ratedAmpsOf, sourcesOf } from "../model/sources";
import type { NetSpan } from "../model/spans";
import { BODY } from "../nodes";
import { type Origin, originKey, type PartRole } from "../plan-element";
import { batterySource, CRANKING_VOLTS, coldTorque, settingValue, starterAmps } from "../settings";
import { mostAmps, voltsAt } from "../solved/flow";
import type { PowerSolution } from "../types";

export interface LoadRow {
  readonly origin: Origin;
  readonly amps: number;
  readonly watts: number;
}

/** What takes less than this takes nothing, A: many such together are no load either. */
const NO_LOAD = 1e-7;

/** Loads of a state, the strongest first; those under a tenth of an ampere together are left out. */
export function loadsIn(solution: PowerSolution, state: KeyPosition, least = 0.1): LoadRow[] {
  const spans = solution.model.spans;
  return together(
    spans.all.flatMap((span): LoadRow[] => {
      const amps = span.role === "load" ? mostAmps(solution, span, [state]) : 0;
      if (amps < NO_LOAD) return [];
      const volts = Math.abs((voltsAt(solution, state, span.a) ?? 0) - (voltsAt(solution, state, span.b) ?? 0));
      return [{ origin: span.planned.origin, amps, watts: amps * volts }];
    }),
  )
    .filter((row) => row.amps >= least)
    .toSorted((a, b) => b.amps - a.amps);
}

/** Loads of one thing are one row: a lamp's filaments, a box's feeds. */
function together(rows: readonly LoadRow[]): LoadRow[] {
  const byThing = new Map<string, LoadRow>();
  for (const row of rows) {
    const key = originKey(row.origin);
    const known = byThing.get(key);
    byThing.set(
      key,
      known === undefined ? row : { ...known, amps: known.amps + row.amps, watts: known.watts + row.watts },
    );
  }
  return [...byThing.values()];
}

export interface ChargeBalance {
  /** What everything takes with the engine running, and what the alternators can give at idle and on the road, A. */
  readonly neededAmps: number;
  readonly idleAmps: number;
  readonly roadAmps: number;
  /** What they hold, V. */
  readonly regulatedVolts: number;
  /** What they do give with the engine on the road, A; 0 where none is joined to anything. */
  readonly givenAmps: number;
  /** Current into the battery then, A; below 0 it is drained. */
  readonly batteryAmps: number;
  /** With the key off, A, and the days until half of the battery is gone; null where nothing flows. */
  readonly parkedAmps: number;
  readonly daysToHalf: number | null;
  readonly loads: readonly LoadRow[];
  readonly parkedLoads: readonly LoadRow[];
}

const batteriesOf = ({ model }: PowerSolution) =>
  sourcesOf(model)
    .filter(isBattery)
    .map(({ span }) => span);

/** Current that the batteries deliver in a state, A. */
export const batteryAmps = (solution: PowerSolution, state: KeyPosition): number =>
  batteriesOf(solution).reduce((sum, { name }) => sum + (solution.states.get(state)?.amps.get(name) ?? 0), 0);

const voltsOf = (span: NetSpan | undefined) =>
  span?.planned.element.type === "source" ? span.planned.element.volts : undefined;

/** Alternator against loads, and the battery at rest. */
export function chargeBalance(solution: PowerSolution): ChargeBalance {
  const { facts } = solution.model;
  const { settings } = facts;
  const alternators = alternatorsOf(solution.model);
  const rated =
    alternators.length === 0
      ? settingValue(settings, "alternator-a")
      : alternators.reduce((sum, { part }) => sum + ratedAmpsOf(facts, part), 0);
  const loads = loadsIn(solution, "running");
  const neededAmps = loads.reduce((sum, row) => sum + row.amps, 0);
  const parked = batteryAmps(solution, "off");
  return {
    neededAmps,
    idleAmps: (rated * settingValue(settings, "alternator-idle")) / 100,
    roadAmps: rated,
    regulatedVolts: voltsOf(alternators[0]?.span) ?? settingValue(settings, "alternator-v"),
    givenAmps: alternators.reduce(
      (sum, { span }) => sum + (solution.states.get("running")?.amps.get(span.name) ?? 0),
      0,
    ),
    batteryAmps: -batteryAmps(solution, "running"),
    parkedAmps: parked,
    daysToHalf: parked > 1e-6 ? (settingValue(settings, "battery-ah") * 0.5) / parked / 24 : null,
    loads,
    parkedLoads: loadsIn(solution, "off", 1e-4),
  };
}

export interface CrankingReport {
  readonly batteryC: number;
  readonly openVolts: number;
  readonly batteryOhms: number;
  readonly amps: number;
  /** What the starter alone takes, and where that is from: solved, or what it would take if it were connected. A. */
  readonly starter: { readonly amps: number; readonly from: "solved" | "stated" | "power" };
  /** At the battery's posts, at the starter, and across the computers' supplies, V. */
  readonly batteryVolts: number;
  readonly starterVolts: number | null;
  readonly cableVolts: number;
  readonly returnVolts: number;
  readonly computers: readonly {
    readonly at: CavityPoint;
    readonly volts: number | null;
    readonly leastVolts: number;
  }[];
}

/** A starter that takes less than this does not turn, A. */
const TURNS_AMPS = 20;

/** What happens at the battery, along the cable and at the computers while cranking. */
export function cranking(solution: PowerSolution, computers: CrankingReport["computers"]): CrankingReport {
  const { model } = solution;
  const { volts, ohms } = batterySource(model.facts.settings);
  const battery = batteriesOf(solution)[0]?.planned.element;
  const at = (node: string | undefined) => (node === undefined ? 0 : (voltsAt(solution, "crank", node) ?? 0));
  const elementOf = (role: PartRole) =>
    model.elements.find(({ origin }) => origin.type === "part" && origin.role === role)?.element;
  const [motor, solenoid] = [elementOf("starter-motor"), elementOf("starter-solenoid")];
  const batteryVolts = battery?.type === "source" ? at(battery.a) - at(battery.b) : 0;
  const starterVolts = motor?.type === "resistor" ? at(motor.a) - at(motor.b) : null;
  const motorAmps = motor?.type === "resistor" && starterVolts !== null ? Math.abs(starterVolts) / motor.ohms : 0;
  const cableEnd =
    solenoid?.type === "relay" ? solenoid.contacts[0]?.a : solenoid?.type === "switch" ? solenoid.a : undefined;
  return {
    batteryC: settingValue(model.facts.settings, "battery-c"),
    openVolts: volts,
    batteryOhms: ohms,
    amps: batteryAmps(solution, "crank"),
    starter:
      motorAmps > TURNS_AMPS
        ? { amps: motorAmps, from: "solved" }
        : motor?.type === "resistor"
          ? { amps: CRANKING_VOLTS / motor.ohms, from: "stated" }
          : {
              amps: starterAmps(model.facts.settings, 0) * coldTorque(settingValue(model.facts.settings, "battery-c")),
              from: "power",
            },
    batteryVolts,
    starterVolts,
    cableVolts: cableEnd === undefined || battery?.type !== "source" ? 0 : at(battery.a) - at(cableEnd),
    returnVolts: motor?.type === "resistor" ? at(motor.b) : at(BODY),
    computers,
  };
}

/** States in which returns are of interest. */
export const RETURN_STATES: readonly KeyPosition[] = ["off", "run", "crank", "running"];
