export { awgText, awgToMm2, METRIC_SIZES, mm2ToAwg, soldAtLeast, soldSizes } from "./sizes";
export { celsiusOf, FOOT_M, lengthText, massText, sizeText, sizeUnit, sizeWords, temperatureText } from "./text";
export type { Units } from "./units";
