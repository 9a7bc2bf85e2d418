export { type CurveFault, commonBand, curveFault, type Interpolation, inverseAt, stepsOver, valueAt } from "./curve";
export { e24Within, nearestE24, type Series, seriesValues } from "./e-series";
export {
  NETWORK_FORMS,
  type NetworkForm,
  networkErrors,
  networkOhms,
  type SenderNetwork,
  type SenderSpec,
  senderNetworks,
} from "./networks";
