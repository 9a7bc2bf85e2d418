export { aliveOf, KEY_POSITIONS, type KeyPosition, livesIn } from "./feeds";
export { type Matching, matchSignals, type ProposedLink, type Unmatched, waysBetween } from "./match";
export { contactFor, RELAY_COIL_AMPS, RELAY_COIL_OHMS } from "./parts";
export { plain, plainOhms, SUPPLY } from "./reckon";
export { loadAmps } from "./switched";
export { ADAPTER_TYPES, type Adapter, type AdapterType, label, type Reckoning, type SignalPin, VERDICTS, type Verdict, type Way } from "./types";
