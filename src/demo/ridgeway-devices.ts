/** What is fitted to the large sample's two vehicles, zone by zone. A pin reads `role kind quantity description`. */
export interface Device {
  readonly name: string;
  /** How many, told apart by a number or by these names. */
  readonly copies: number | readonly string[];
  readonly zone: string;
  /** The computer that its signals go to. */
  readonly home: string;
  /**
   * Roles: `feed` from a shared fuse, `ground` to the zone's ground, `signal` to its computer, `high` and `low` of the
   * data bus; `interlock` to the starter relay.
   */
  readonly pins: readonly string[];
}

/** What tells each of several alike apart; one alone needs nothing. */
export function namesOf(copies: Device["copies"], time = 0): readonly string[] {
  if (typeof copies !== "number") return time === 0 ? copies : copies.map((copy) => `${copy} ${time + 1}`);
  if (copies === 1) return [time === 0 ? "" : `${time + 1}`];
  return Array.from({ length: copies }, (_, at) => `${time * copies + at + 1}`);
}

export const GROUND = "ground ground ground Earth";
export const feed = (words: string, amps = 1) => `feed supply-in ignition-supply ${words};amps=${amps};alive=run`;
export const always = (words: string, amps = 1) =>
  `feed supply-in battery-supply ${words};amps=${amps};alive=permanent`;
export const lamp = (quantity: string, words: string, amps = 2) =>
  `signal load-in ${quantity} ${words};amps=${amps};otherEnd=ground`;
export const BUS = ["high can body-data Body bus high;bitrate=500000", "low can body-data Body bus low;bitrate=500000"];
export const CORNERS = ["front left", "front right", "rear left", "rear right"];
export const SIDES = ["left", "right"];

export const fitted = (
  zone: string,
  home: string,
  list: readonly (readonly [string, number | readonly string[], readonly string[]])[],
): Device[] => list.map(([name, copies, pins]) => ({ name, copies, zone, home, pins }));
export const relayFeed = (words: string, amps = 1) => `feed supply-in relay-supply ${words};amps=${amps};alive=relay`;
export const RETURN = "return ground sensor-ground Sensor earth";
export const FIVE = "return reference-in sensor-supply Sensor 5 V";
export const BANKS = ["bank 1", "bank 2"];
