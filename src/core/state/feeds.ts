import { KEY_POSITIONS, type KeyPosition } from "./keys";

/** When a feed is live, as pin tables say it. `relay`: its relay alone decides. */
export const ALIVE = ["permanent", "accessory", "run", "run-crank", "crank", "relay"] as const;
export type Alive = (typeof ALIVE)[number];

/**
 * The one table of which feeds are live when. Accessory feeds drop out while cranking, as ignition switches have it.
 */
const LIVE: Readonly<Record<Alive, readonly KeyPosition[]>> = {
  permanent: KEY_POSITIONS,
  accessory: ["accessory", "run", "running"],
  run: ["run", "running"],
  "run-crank": ["run", "crank", "running"],
  crank: ["crank"],
  relay: [],
};

/** Key positions in which a feed is live; none where only its relay knows, or nobody. */
export const liveIn = (alive: Alive | null | undefined): readonly KeyPosition[] => (alive == null ? [] : LIVE[alive]);
/** The feed that is live in just these key positions; null where none is. */
export const aliveThroughout = (states: readonly KeyPosition[]): Alive | null =>
  ALIVE.find((alive) => LIVE[alive].length === states.length && LIVE[alive].every((state) => states.includes(state))) ??
  null;

/**
 * Below this a wire is dead, V: what leaks through a meter, a lamp's other filament or a wet connector. Above it
 * something leads into it.
 */
export const DEAD_VOLTS = 0.3;
