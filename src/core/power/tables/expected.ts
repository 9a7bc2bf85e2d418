import { DEAD_VOLTS, type KeyPosition } from "../../state";
import { buildModel } from "../model/model";
import { alternatorsOf, ratedAmpsOf } from "../model/sources";
import { SETTING_KEYS, type SettingKey, type Settings, settingValue } from "../settings";
import { voltsAt } from "../solved/flow";
import { solvePower } from "../solved/solve";
import type { PowerFacts, PowerSolution } from "../types";
import { keyTable } from "./keys";

/** What a meter should read at a cavity in a state, against the battery's negative, V. */
export interface ExpectedVolts {
  readonly pinId: string;
  readonly state: KeyPosition;
  /** As the plan is solved. */
  readonly volts: number;
  /** With all uncertain inputs to one side, and to the other. */
  readonly low: number;
  readonly high: number;
}

/**
 * How far the uncertain inputs may lie from what is taken, to the side of low and of high volts. What somebody measured
 * is not moved.
 */
const CORNERS: Readonly<Partial<Record<SettingKey, readonly [low: number, high: number]>>> = {
  "battery-charge": [60, 100],
  "battery-c": [5, 30],
  "joint-ohms": [4, 0.5],
  "battery-health": [60, 100],
  "alternator-v": [13.8, 14.6],
};

/** What the meter itself and a little surface charge add, V. */
const METER_VOLTS = 0.15;

/**
 * Expected volts of every feed, consumer and ground in every state, with the tolerance that the uncertain inputs give:
 * the plan is solved at both corners with everything on, at the lower with the engine at idle, and at the upper with
 * nothing on as well.
 */
export function expectedVolts(main: PowerSolution): ExpectedVolts[] {
  const { facts } = main.model;
  const solve = (corner: PowerFacts) => solvePower(buildModel(corner, main.model), main);
  const upper = cornerOf(facts, 1);
  const [low, high, quiet] = [solve(atIdle(main, cornerOf(facts, 0))), solve(upper), solve({ ...upper, quiet: true })];
  const { model } = main;
  const wanted = new Set(keyTable(main).map((row) => row.pin.id));
  for (const pin of facts.harness.pinById.values()) if (pin.form.kind === "ground") wanted.add(pin.id);
  return [...wanted].flatMap((pinId) => {
    const node = model.nodeOfPin.get(pinId) as string;
    return [...main.states.keys()].flatMap((state): ExpectedVolts[] => {
      const all = [main, low, high].map((solution) => voltsAt(solution, state, node));
      if (all.some((volts) => volts === null || volts === undefined)) return [];
      const [volts] = all as [number];
      const unloaded = voltsAt(quiet, state, node);
      // What is connected behind a switch that is off says nothing of how it stands when it is on.
      const told = unloaded != null && Math.abs(unloaded) > DEAD_VOLTS && Math.abs(volts) > DEAD_VOLTS;
      const sure = [...(all as number[]), ...(told ? [unloaded] : [])];
      return [{ pinId, state, volts, low: Math.min(...sure) - METER_VOLTS, high: Math.max(...sure) + METER_VOLTS }];
    });
  });
}

function cornerOf(facts: PowerFacts, side: 0 | 1): PowerFacts {
  const settings: Settings = new Map(
    SETTING_KEYS.map((key) => {
      const known = facts.settings.get(key);
      const corner = CORNERS[key]?.[side];
      // A value that someone gave is taken as measured.
      return [
        key,
        {
          key,
          value: corner === undefined || known?.origin != null ? settingValue(facts.settings, key) : corner,
          origin: known?.origin ?? null,
        },
      ];
    }),
  );
  return { ...facts, settings };
}

/** The engine at idle: each alternator gives but a part of what it is rated. */
function atIdle(main: PowerSolution, facts: PowerFacts): PowerFacts {
  const rated = alternatorsOf(main.model).map(({ part }) => ratedAmpsOf(facts, part));
  if (rated.length === 0) return facts;
  const value = (Math.max(0, ...rated) * settingValue(facts.settings, "alternator-idle")) / 100;
  return {
    ...facts,
    settings: new Map(facts.settings).set("alternator-a", { key: "alternator-a", value, origin: "at idle" }),
  };
}
