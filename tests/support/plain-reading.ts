import { applyPhrase } from "@/core/intake/concepts";
import { PHRASES } from "@/core/intake/data/phrases";
import { QUANTITY_RULES, type QuantityRule } from "@/core/intake/data/quantity-rules";

/**
 * The slow, obvious way of the two steps that core/intake/concepts.ts and classify.ts hasten: every phrase, every rule.
 * For tests and the bench.
 */
export function plainPhrases(text: string): string {
  return PHRASES.reduce(applyPhrase, ` ${text.toLowerCase().normalize("NFKC").replace(/_/g, " ")} `);
}

const score = (rule: QuantityRule) => rule.sure + 0.08 * (rule.all.length - 1);

/** All rules that hold with the highest score, among those for returns or references where such words stand. */
export function plainBest(
  concepts: ReadonlySet<string>,
  among: readonly QuantityRule[] = QUANTITY_RULES,
): QuantityRule[] {
  const holding = among.filter(
    (rule) =>
      rule.all.every((term) => term.split("|").some((one) => concepts.has(one))) &&
      !rule.none?.some((one) => concepts.has(one)),
  );
  const best = Math.max(...holding.map(score));
  return holding.filter((rule) => score(rule) === best);
}
