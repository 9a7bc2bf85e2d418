export {
  CRANK_KEYS,
  type CrankAxes,
  type CrankKey,
  type CrankRow,
  type CrankTable,
  crankTable,
  failingRows,
  type Interlocks,
} from "./crank";
