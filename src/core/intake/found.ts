import type { Quantity } from "../forms";
import type { QuantityReason } from "./reasons";

/** What a quantity read from the connector's label alone is worth beside one from the row's own words. */
export const FROM_LABEL = 0.93;

/** A quantity with how sure it is, and what told it. */
export interface Found {
  readonly quantity: Quantity;
  readonly sure: number;
  readonly why: QuantityReason;
}

/** Words of a feed. */
export const FEED_WORDS = ["feed", "supply", "positive", "live"];
