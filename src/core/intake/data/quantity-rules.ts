import { ACTUATORS } from "./quantity-rules/actuators";
import { BODY } from "./quantity-rules/body";
import { CONTACTS } from "./quantity-rules/contacts";
import { FEEDS } from "./quantity-rules/feeds";
import type { QuantityRule } from "./quantity-rules/rule";
import { SENSORS } from "./quantity-rules/sensors";

export type { QuantityRule };

/** Which concepts make which quantity; of rules that score alike the earlier counts. */
export const QUANTITY_RULES: readonly QuantityRule[] = [...FEEDS, ...SENSORS, ...ACTUATORS, ...CONTACTS, ...BODY];
