export {
  ADAPTER_TYPES,
  type Adapter,
  type AdapterOf,
  type AdapterType,
  type ContactFeed,
  parseAdapter,
  sameChain,
  type WrittenAdapter,
  writeAdapter,
} from "./adapter";
export { aliveOf } from "./feeds";
export { type Matching, matchSignals, type ProposedLink, type Unmatched, waysBetween } from "./match";
export { CONTACT_PART, contactFor, RELAY_COIL_AMPS, RELAY_COIL_OHMS } from "./parts";
export type * from "./reasons";
export { loadAmps, PULL_DOWN_OHMS } from "./switched";
export { pointOf, type SignalPin, VERDICTS, type Verdict, type Way } from "./types";
export { SUPPLY } from "./way-builder";
