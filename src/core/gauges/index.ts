export { type ChargeLamp, chargeLamp } from "./charge-lamp";
export {
  type CurveFault,
  commonBand,
  curveFault,
  curveText,
  type Interpolation,
  inverseAt,
  stepsOver,
  valueAt,
} from "./curve";
export { e24AtLeast, e24AtMost, e24Within, nearestE24, type Series, seriesValues } from "./e-series";
export {
  type GaugeFeed,
  NETWORK_FORMS,
  type NetworkForm,
  networkErrors,
  networkOhms,
  networkWatts,
  type SenderNetwork,
  type SenderSpec,
  senderNetworks,
} from "./networks";
export { pulsesPerKm, rollingMetres, type SpeedometerRatio, speedometerRatio } from "./speedometer";
export { correctionTable, monotoneAt, type Point, type Ratio, ratioOf } from "./tachometer";
