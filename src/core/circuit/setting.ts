import type { NetlistKey } from "../state";
import type { NetElement } from "./netlist";

export type SwitchElement = Extract<NetElement, { type: "switch" }>;

/**
 * How a network's switches stand. What was solved before under the same name is where a solution begins, so that a
 * thousand settings of one network share its order of elimination and their starting points.
 */
export interface SwitchSetting {
  /** No other setting of the network is called so. */
  readonly name: string;
  readonly isClosed: (element: SwitchElement) => boolean;
}

/** The setting that one of the contract's five names stands for. */
export const inState = (state: NetlistKey): SwitchSetting => ({
  name: state,
  isClosed: ({ closedIn }) => closedIn.includes(state),
});
