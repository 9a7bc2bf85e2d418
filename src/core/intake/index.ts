export { classifyPins, KNOWN_FROM, type DescribedPin, type Guess, type PinReading } from "./classify";
export { COLOUR_CODES, colourCode, readColour, type ColourCode, type WireColour } from "./colour";
export { awgToMm2, mm2ToAwg, readLength, readSize, type MeasureHints } from "./measures";
export { readConcepts } from "./concepts";
