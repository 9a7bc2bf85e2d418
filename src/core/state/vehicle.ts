import { KEY_POSITIONS, type KeyPosition, NETLIST_KEYS, type NetlistKey } from "./keys";

type Pedal = "pressed" | "released";

/** How the vehicle stands: what its key, its lever, its pedals and the switches that a plan names do. */
export interface VehicleState {
  readonly key: KeyPosition;
  /** `P`, `R`, `N`, `D` …, as the lever's plate says; null where the vehicle has no such lever. */
  readonly range: string | null;
  readonly clutch: Pedal | null;
  readonly brake: Pedal | null;
  /** Whether the anti-theft parts have let the engine go; null where none is asked. */
  readonly security: "ok" | "locked" | null;
  /**
   * Switches by a name that the plan gives them; one that is not named here is as its own predicate's default has it:
   * open.
   */
  readonly named: Readonly<Record<string, boolean>>;
}

/**
 * When a switch is closed: every field that is given must agree with the vehicle's state; one that is left out does not
 * matter. An empty list never agrees.
 */
export interface ClosedWhen {
  readonly key?: readonly KeyPosition[];
  readonly range?: readonly string[];
  readonly clutch?: Pedal;
  readonly brake?: Pedal;
  /** A driver that the anti-theft parts hold open until they know the key. */
  readonly security?: "ok";
  /** A switch that the plan names. */
  readonly named?: string;
}

export const neverClosed: ClosedWhen = { key: [] };

/**
 * The state that a key position stands for where nothing else is said: lever in Park, as one leaves it and as one
 * starts; clutch pressed to start; brake pressed with the key in run or the engine running, as at a crossing on a rainy
 * night.
 *
 * @example usualState("crank") // { key: "crank", range: "P", clutch: "pressed", brake: "released", security: "ok", named: {} }
 */
export function usualState(key: KeyPosition, other?: Partial<Omit<VehicleState, "key">>): VehicleState {
  const usual = USUAL[key];
  return other === undefined ? usual : { ...usual, ...other };
}

const makeUsual = (key: KeyPosition): VehicleState => ({
  key,
  range: "P",
  clutch: key === "crank" ? "pressed" : "released",
  brake: key === "run" || key === "running" ? "pressed" : "released",
  security: "ok",
  named: {},
});
/** Asked for by every switch of every path: made once. */
const USUAL = Object.fromEntries(KEY_POSITIONS.map((key) => [key, makeUsual(key)])) as Readonly<
  Record<KeyPosition, VehicleState>
>;

/**
 * Whether a switch is closed in a state. A lever or pedal that the vehicle does not have agrees with nothing that asks
 * for it.
 */
export function isClosedWhen(when: ClosedWhen, state: VehicleState): boolean {
  return (
    (when.key?.includes(state.key) ?? true) &&
    (when.range === undefined || (state.range !== null && when.range.includes(state.range))) &&
    (when.clutch === undefined || when.clutch === state.clutch) &&
    (when.brake === undefined || when.brake === state.brake) &&
    (when.security === undefined || state.security !== "locked") &&
    (when.named === undefined || state.named[when.named] === true)
  );
}

/** Key positions in which a switch is closed, all else as usual. */
export const closedIn = (when: ClosedWhen): KeyPosition[] =>
  KEY_POSITIONS.filter((key) => isClosedWhen(when, usualState(key)));

/** The same as the netlist contract writes it. */
export const closedInShorthand = (when: ClosedWhen): NetlistKey[] =>
  NETLIST_KEYS.filter((key) => isClosedWhen(when, usualState(key)));
