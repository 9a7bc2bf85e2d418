/**
 * Positions of the key in the order in which it is turned; `running` is run with the engine turning, and `coasting` the
 * moment after the key was turned off, while the engine still turns.
 */
export const KEY_POSITIONS = ["off", "accessory", "run", "crank", "running", "coasting"] as const;
export type KeyPosition = (typeof KEY_POSITIONS)[number];

/** The five names of contracts/netlist.md: shorthands for whole states of the vehicle. */
export const NETLIST_KEYS = ["off", "accessory", "run", "crank", "running"] as const;
export type NetlistKey = (typeof NETLIST_KEYS)[number];

/**
 * The shorthand that a position comes under: a switch worked by the key knows nothing of the engine that still turns.
 */
export const shorthandOf = (key: KeyPosition): NetlistKey => (key === "coasting" ? "off" : key);

/** Shorthands as positions: what is closed with the key off is closed while the engine coasts. */
export const withCoasting = (keys: readonly NetlistKey[]): readonly KeyPosition[] =>
  keys.includes("off") ? [...keys, "coasting"] : keys;
