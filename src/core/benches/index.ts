export {
  type DialGiven,
  type LampBench,
  lampBench,
  SPEEDS,
  type SpeedFault,
  type SpeedometerBench,
  safeFraction,
  shownSpeed,
  speedometerBench,
  type TachometerBench,
  type Taken,
  tachometerBench,
  trueAt,
} from "./dial-benches";
export { type DialCheck, dialChecks } from "./dial-checks";
export { type Instrument, type InstrumentType, instrumentsOf } from "./instruments";
export {
  type DrivenBy,
  driverTable,
  errorCurves,
  MOST_SHARE,
  type NeedleAt,
  needlePoints,
  networkHeat,
  type SenderBench,
  type SenderFault,
  type SenderGiven,
  type SenderWay,
  type SenderWayCode,
  senderBench,
  senderWays,
  shownAt,
} from "./sender-bench";
