export { matchSignals, waysBetween, type Matching, type ProposedLink, type Unmatched } from "./match";
export { ADAPTER_TYPES, VERDICTS, label, type Adapter, type AdapterType, type Reckoning, type SignalPin, type Verdict, type Way } from "./types";
export { aliveOf, KEY_POSITIONS, livesIn, type KeyPosition } from "./feeds";
export { plain, plainOhms, SUPPLY } from "./reckon";
export { loadAmps } from "./switched";
export { contactFor, RELAY_COIL_AMPS, RELAY_COIL_OHMS } from "./parts";
