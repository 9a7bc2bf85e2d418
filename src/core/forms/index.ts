export { askedFields, assumedFields } from "./asked";
export { DIAL_UNITS, type DialUnit, type DialUnitName, dialOf } from "./dials";
export * from "./form";
export * from "./kinds";
export * from "./params";
export { readTyped, type TypedValue } from "./typed-value";
export { thermistorCurve, type UsualOf, type UsualValue, usualValues } from "./usual";
