import { ABBREVIATIONS } from "./phrases/abbreviations";
import { NOTES } from "./phrases/notes";
import { SPELLING } from "./phrases/spelling";
import { SUBJECTS } from "./phrases/subjects";
import { TERMS } from "./phrases/terms";
import { VALUES } from "./phrases/values";

/**
 * Wordings read before single words, as [pattern, replacement]. They join what belongs together ("rev counter"), undo
 * shorthand that a word split would break ("A/C", "P/N", "CAN +"), and tell apart what shares a word ("map lamp" is no
 * manifold pressure). Applied in this order to the lower-cased text.
 */
export const PHRASES: readonly (readonly [RegExp, string])[] = [
  ...VALUES,
  ...NOTES,
  ...SPELLING,
  ...TERMS,
  ...ABBREVIATIONS,
  ...SUBJECTS,
];
