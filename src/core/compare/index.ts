export {
  type Carried,
  type Crossing,
  type CrossingReason,
  findLookAlikes,
  HARMS,
  type Harm,
  type LookAlike,
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
