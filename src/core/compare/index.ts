export {
  type Carried,
  type ConfusablePair,
  type Crossing,
  type CrossingReason,
  findConfusablePairs,
  HARMS,
  type Harm,
  type Nature,
  type Shape,
  type Unsure,
} from "./confusable";
export {
  type ColourLikeness,
  compareVariants,
  type TableCavity,
  type VariantDifference,
  type VariantRow,
} from "./variants";
