export {
  CHASSIS,
  coil,
  contact,
  DIODE,
  diode,
  type ElementSpec,
  fuse,
  joint,
  lamp,
  motor,
  RATED_VOLTS,
  spansOf,
  terminalsOf,
  USUAL_COIL_OHMS,
} from "./elements";
export { onEngine, STRAP_LEAST_MM2 } from "./engine";
export type * from "./facts";
export { guessPart, POWERED } from "./guess";
export { guessedElements } from "./guessed-elements";
export { fuseBox, groundStud, LIBRARY, type Part, partProblems, splicePack } from "./library";
export { PART_TYPES } from "./part-types";
export {
  ALWAYS,
  KEY_COLUMNS,
  namedPositions,
  type SwitchTable,
  switchElements,
  switchTable,
  ticked,
} from "./switch-table";
export { hasUsualWatts, statesAmps, usualWatts } from "./usual-watts";
