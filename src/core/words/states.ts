import { type Alive, type KeyPosition, NETLIST_KEYS } from "../state";

/** Head of a column. */
export const STATE_HEADS: Readonly<Record<KeyPosition, string>> = {
  off: "Off",
  accessory: "Accessory",
  run: "Run",
  crank: "Crank",
  running: "Running",
  coasting: "Coasting",
};

/** The state as one says it beside the vehicle. */
export const stateWords: Readonly<Record<KeyPosition, string>> = {
  off: "with the key off",
  accessory: "in accessory",
  run: "in run",
  crank: "while cranking",
  running: "with the engine running",
  coasting: "with the key off, engine coasting",
};

/** The key's position itself. */
export const keyWords: Readonly<Record<KeyPosition | "battery-off", string>> = {
  "battery-off": "Battery off",
  off: "Key off",
  accessory: "Key in accessory",
  run: "Key in run",
  crank: "Cranking",
  running: "Engine running",
  coasting: "Key off, engine coasting",
};

/** Several states as one says them. */
export const whenWords = (states: readonly KeyPosition[]): string =>
  NETLIST_KEYS.every((state) => states.includes(state))
    ? "in every key position"
    : states.map((state) => stateWords[state]).join(" and ");

/** Positions in which a switch closes. */
export const closesWords = (states: readonly KeyPosition[]): string =>
  states
    .filter((state) => state !== "coasting")
    .map((state) => STATE_HEADS[state].toLowerCase())
    .join(", ") || "no key position";

/** A feed by when it is live. */
export const aliveWords: Readonly<Record<Alive, string>> = {
  permanent: "permanent",
  accessory: "accessory",
  run: "ignition (run)",
  "run-crank": "ignition (run and crank)",
  crank: "crank",
  relay: "its relay",
};

/** The same, said of a feed: `a permanent feed`. */
export const feedWords: Readonly<Record<Alive, string>> = {
  permanent: "a permanent feed",
  accessory: "an accessory feed",
  run: "an ignition feed (run)",
  "run-crank": "an ignition feed (run and crank)",
  crank: "a crank feed",
  relay: "a relay's feed",
};
