export { awgText, awgToMm2, FOOT_M, METRIC_SIZES, mm2ToAwg, soldAtLeast, soldSizes } from "./sizes";
export type { Units } from "./units";
