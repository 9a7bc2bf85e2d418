import { keyTable } from "./keys";
import { buildModel } from "./model";
import { SETTING_KEYS, type SettingKey, type Settings, settingValue } from "./settings";
import { type PowerSolution, type PowerState, solvePower } from "./solve";
import { voltsAt } from "./spans";
import type { PowerFacts } from "./types";

/** What a meter should read at a cavity in a state, against the battery's negative, V. */
export interface ExpectedVolts {
  readonly pinId: string;
  readonly state: PowerState;
  /** As the plan is solved. */
  readonly volts: number;
  /** With all uncertain inputs to one side, and to the other. */
  readonly low: number;
  readonly high: number;
}

/** How far the uncertain inputs may lie from what is taken, to the side of low and of high volts. What somebody measured is not moved. */
const CORNERS: Readonly<Partial<Record<SettingKey, readonly [low: number, high: number]>>> = { "battery-charge": [60, 100], "battery-c": [5, 30], "joint-ohms": [4, 0.5], "battery-cca": [400, 700] };

/** What the meter itself and a little surface charge add, V. */
const METER_VOLTS = 0.15;

/**
 * Expected volts of every feed, consumer and ground in every state, with the tolerance that the uncertain inputs give: the plan is
 * solved twice more, at both corners.
 */
export function expectedVolts(main: PowerSolution): ExpectedVolts[] {
  const { facts } = main.model;
  const [low, high] = [solvePower(buildModel(cornerOf(facts, 0), main.model), main), solvePower(buildModel(cornerOf(facts, 1), main.model), main)];
  const { model } = main;
  const wanted = new Set(keyTable(main).map((row) => row.pin.id));
  for (const pin of facts.harness.pinById.values()) if (pin.kind === "ground") wanted.add(pin.id);
  return [...wanted].flatMap((pinId) => {
    const node = model.nodeOfPin.get(pinId) as string;
    return [...main.states.keys()].flatMap((state): ExpectedVolts[] => {
      const all = [main, low, high].map((solution) => voltsAt(solution, state, node));
      if (all.some((volts) => volts === null || volts === undefined)) return [];
      const [volts] = all as [number];
      const sure = all as number[];
      return [{ pinId, state, volts, low: Math.min(...sure) - METER_VOLTS, high: Math.max(...sure) + METER_VOLTS }];
    });
  });
}

function cornerOf(facts: PowerFacts, side: 0 | 1): PowerFacts {
  const settings: Settings = new Map(SETTING_KEYS.map((key) => {
    const known = facts.settings.get(key);
    const corner = CORNERS[key]?.[side];
    // A value that someone gave is taken as measured.
    return [key, { key, value: corner === undefined || known?.origin != null ? settingValue(facts.settings, key) : corner, origin: known?.origin ?? null }];
  }));
  return { ...facts, settings };
}
