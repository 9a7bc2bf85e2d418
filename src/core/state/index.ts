export { ALIVE, type Alive, aliveThroughout, DEAD_VOLTS, liveIn } from "./feeds";
export { KEY_POSITIONS, type KeyPosition, NETLIST_KEYS, type NetlistKey, shorthandOf, withCoasting } from "./keys";
export {
  type ClosedWhen,
  closedIn,
  closedInShorthand,
  isClosedWhen,
  neverClosed,
  usualState,
  type VehicleState,
} from "./vehicle";
