export {
  ADAPTER_TYPES,
  type Adapter,
  type AdapterFault,
  type AdapterField,
  type AdapterOf,
  type AdapterType,
  adapterFault,
  adapterFields,
  type ContactFeed,
  parseAdapter,
  sameChain,
  type WrittenAdapter,
  writeAdapter,
} from "./adapter";
export { assign } from "./assignment";
export { TERMINATION_OHMS } from "./buses";
export { aliveOf } from "./feeds";
export { type Matching, optionsBetween } from "./match";
export { costOf, JOIN_MINUTES, SUPPLY } from "./option-builder";
export { CONTACT_PART, contactFor, RELAY_COIL_AMPS, RELAY_COIL_OHMS } from "./parts";
export type * from "./reasons";
export { type DummyLoad, dummyLoad } from "./resistors";
export { matchSignals, type SharedOutput, shareFreeOutputs } from "./shares";
export { loadAmps, PULL_DOWN_OHMS } from "./switched";
export { type LinkOption, type ProposedLink, pointOf, type SignalPin, saidOf, VERDICTS, type Verdict } from "./types";
export type { Unmatched } from "./unmatched";
