import { fieldOf } from "../forms";
import type { CavityFacts } from "./facts";

/** What is printed, and what it usually takes, W at 13.5 V. The first that fits counts. */
type Usual = readonly (readonly [RegExp, number])[];

/** Bulbs by their category (UN Regulation 37: R5W, P21W, H4 and H7, W3W). */
const LAMPS: Usual = [
  [/number plate|licen[cs]e|side ?lamp|tail ?lamp|parking|position|marker|side light/i, 5],
  [/rear fog|indicator|turn|brake|stop|revers/i, 21],
  [/head ?lamp|headlight|beam|\bdip\b|fog|driving lamp|spot/i, 55],
  [/warning|panel|instrument|illumination|dash|switch light/i, 3],
];
const MOTORS: Usual = [
  [/fuel ?pump/i, 90],
  [/blower/i, 120],
  [/\bfan\b/i, 150],
  [/wash/i, 40],
  [/wip/i, 60],
  [/door|lock|mirror|flap/i, 30],
];
const HEATERS: Usual = [
  [/glow/i, 150],
  [/oxygen|lambda/i, 12],
  [/rear|screen|glass|demist/i, 150],
  [/mirror/i, 20],
  [/choke|idle|throttle/i, 40],
];

const KINDS: Readonly<Record<string, { readonly list: Usual; readonly else: number }>> = {
  lamp: { list: LAMPS, else: 10 },
  motor: { list: MOTORS, else: 60 },
  heater: { list: HEATERS, else: 60 },
  horn: { list: [], else: 60 },
  solenoid: { list: [], else: 12 },
};

/** Parts that take what is usual where their cavity states no current. */
export const hasUsualWatts = (type: string): boolean => Object.hasOwn(KINDS, type);

/**
 * What a load takes of which no table states the current, W at 13.5 V: told from what is written at its cavity, else on
 * its connector.
 * @param type a lamp, motor, heater, horn or solenoid
 * @throws RangeError for another type
 * @example usualWatts("lamp", { description: "Direction indicator" }, "Tail lamp left") // 21
 */
export function usualWatts(type: string, pin: Pick<CavityFacts, "description">, label: string): number {
  const kind = KINDS[type];
  if (kind === undefined) throw new RangeError(`a ${type} has no usual power`);
  const fitting = (text: string) => kind.list.find(([pattern]) => pattern.test(text))?.[1];
  return fitting(pin.description ?? "") ?? fitting(label) ?? kind.else;
}

/** Whether its cavity states the current. */
export const statesAmps = (pin: Pick<CavityFacts, "form"> | undefined): boolean =>
  pin !== undefined && ((fieldOf(pin.form, "amps") ?? 0) > 0 || (fieldOf(pin.form, "ohms") ?? 0) > 0);
