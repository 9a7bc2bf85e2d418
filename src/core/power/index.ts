export { BLOCKING_DIODE, editFacts, editFault, NOTHING_TRIED, type PowerEdit } from "./edits";
export { buildModel } from "./model";
export { batterySource, coldTorque, type Setting, type SettingKey, SETTING_KEYS, SETTINGS, type Settings, settingsOf, valueOf } from "./settings";
export { netlistOf, POWER_STATES, type PowerSolution, type PowerState, solvePower } from "./solve";
export * from "./types";
