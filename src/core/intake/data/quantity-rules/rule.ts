import type { Quantity } from "../../../forms";

/**
 * Which concepts make which quantity. `all`: each must be there (`a|b`: either). `none`: must not be there.
 * `sure`: how sure the reading is when nothing else speaks, 0 … 1. The rule that explains most concepts wins; see
 * ../../classify.ts.
 */
export interface QuantityRule {
  readonly quantity: Quantity;
  readonly all: readonly string[];
  readonly none?: readonly string[];
  readonly sure: number;
}

/** A rule with its terms parted by blanks. */
export const rule = (quantity: Quantity, sure: number, all: string, none = ""): QuantityRule => ({
  quantity,
  sure,
  all: all.split(" "),
  ...(none === "" ? {} : { none: none.split(" ") }),
});
