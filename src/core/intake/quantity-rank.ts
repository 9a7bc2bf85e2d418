import { QUANTITY_RULES, type QuantityRule } from "./data/quantity-rules";

/** Bonus of a rule for every further concept that it explains, so that the more telling reading wins. */
const PER_CONCEPT = 0.08;

/** A return or a reference is what it is, whichever sensor or lamp it serves: "MAP REF 5V" is no pressure. */
function rulesFor(concepts: ReadonlySet<string>): ReadonlyMap<string, readonly RankedRule[]> {
  const returns = ["ground", "sensorground", "battneg", "return"].some((concept) => concepts.has(concept));
  if (
    returns &&
    !concepts.has("groundswitching") &&
    !concepts.has("switch") &&
    !concepts.has("park") &&
    !concepts.has("reverse")
  )
    return RETURN_RULES;
  if (concepts.has("fivevolt") || (concepts.has("reference") && !concepts.has("alternator"))) return REFERENCE_RULES;
  return RULES;
}

/** A rule with its alternatives taken apart once, since each row tries all of them. */
export interface RankedRule extends QuantityRule {
  readonly terms: readonly (readonly string[])[];
  readonly score: number;
}

const READY: readonly RankedRule[] = QUANTITY_RULES.map((rule) => ({
  ...rule,
  terms: rule.all.map((term) => term.split("|")),
  score: rule.sure + PER_CONCEPT * (rule.all.length - 1),
}));

/**
 * Rules by each concept that their first term may be met with, so that a row tries only those that its words can meet.
 */
function indexRules(rules: readonly RankedRule[]): ReadonlyMap<string, readonly RankedRule[]> {
  const index = new Map<string, RankedRule[]>();
  for (const rule of rules)
    for (const concept of rule.terms[0] ?? []) index.set(concept, [...(index.get(concept) ?? []), rule]);
  return index;
}

const RULES = indexRules(READY);
const RETURN_RULES = indexRules(
  READY.filter((rule) => rule.quantity === "ground" || rule.quantity === "sensor-ground"),
);
const REFERENCE_RULES = indexRules(
  READY.filter((rule) => rule.quantity === "sensor-supply" || rule.quantity === "sensor-ground"),
);

/**
 * The rule of the highest score that holds, of equals one that the row's own words (`spoken`) meet; null where none
 * does.
 */
export function rankQuantity(concepts: ReadonlySet<string>, spoken: ReadonlySet<string> = concepts): RankedRule | null {
  const rules = rulesFor(concepts);
  const worth = (rule: RankedRule) =>
    rule.score + (rule.terms.some((term) => term.some((concept) => spoken.has(concept))) ? 0.01 : 0);
  let best: RankedRule | null = null;
  for (const concept of concepts) {
    for (const rule of rules.get(concept) ?? NO_RULES) {
      if ((best === null || worth(rule) > worth(best)) && holds(rule, concepts)) best = rule;
    }
  }
  return best;
}

const NO_RULES: readonly RankedRule[] = [];

function holds(rule: RankedRule, concepts: ReadonlySet<string>): boolean {
  for (const term of rule.terms) if (!term.some((concept) => concepts.has(concept))) return false;
  return rule.none?.some((concept) => concepts.has(concept)) !== true;
}
