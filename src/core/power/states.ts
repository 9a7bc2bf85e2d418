import { KEY_STATES, type KeyState } from "../harness";

/** A key state, or the moment after the key is turned off while the engine still turns. */
export type PowerState = KeyState | "run-on";
export const POWER_STATES: readonly PowerState[] = [...KEY_STATES, "run-on"];
