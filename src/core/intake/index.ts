export type { CavityChange } from "./changes";
export { classifyPins, type DescribedPin, type Guess, KNOWN_FROM, type PinReading } from "./classify";
export { COLOUR_CODES, type ColourCode, colourCode, readColour, type WireColour } from "./colour";
export { readConcepts } from "./concepts";
export type { Place } from "./data/places";
export { type MeasureHints, readLength, readSize } from "./measures";
export { FORM_REASONS, type FormReason, type IntakeReason, type QuantityReason } from "./reasons";
