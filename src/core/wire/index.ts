export { warmPullInVolts } from "./coil";
export { chargeSeconds, dwellSeconds } from "./dwell";
export {
  type BlowLimit,
  blowSeconds,
  CONTINUOUS_PART,
  FUSE_RATINGS,
  type FuseCheck,
  type FusedWire,
  type FuseVerdict,
  fuseForLoad,
  judgeFuse,
  type Protection,
  protectionOf,
} from "./fuse";
export { CABIN_C, conductorC, continuousAmps, ENGINE_BAY_C, INSULATION_C, type Surroundings } from "./rating";
export { type Conductor, dropVolts, type Path, USUAL_WIRE, wireOhms } from "./resistance";
export { damageSeconds, onderdonkSeconds, SHORT_C } from "./short";
export { conductorMm, insulatedMm } from "./sizes";
