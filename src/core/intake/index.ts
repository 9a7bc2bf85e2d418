export { classifyPins, KNOWN_FROM, type DescribedPin, type Guess, type PinReading } from "./classify";
export { COLOUR_CODES, colourCode, readColour, type ColourCode, type WireColour } from "./colour";
export { readLength, readSize, type MeasureHints } from "./measures";
export { readConcepts } from "./concepts";
