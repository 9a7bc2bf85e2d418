import { PHRASES } from "./data/phrases";
import { QUANTITY_RULES } from "./data/quantity-rules";
import { FILLERS, WORD_CONCEPTS } from "./data/words";
import { nearestWord, type ReadAs } from "./misspelt";

/** A description taken apart: what it speaks of, and which of its words nobody could read. */
export interface Reading {
  readonly concepts: ReadonlySet<string>;
  /** Words that carry meaning and were understood. */
  readonly known: number;
  readonly unknownWords: readonly string[];
  /** Words that are misspelt or cut short, and what they were read as: among the known, and less sure. */
  readonly readAs: readonly ReadAs[];
  /** Cylinder, bank, stage or line number; `high` or `low` of a bus. Null where none is said. */
  readonly index: string | null;
}

/** Concepts that only a phrase makes ("tacho", "parkneutral") are words of themselves. */
const CONCEPTS: ReadonlySet<string> = new Set([
  ...QUANTITY_RULES.flatMap((rule) => rule.all.flatMap((term) => term.split("|"))),
  ...QUANTITY_RULES.flatMap((rule) => rule.none ?? []),
  "groundswitching",
  "highside",
  "lowside",
  "notused",
  "lonedash",
  "din75",
  "twelve",
  "stoplamp",
  "runcrank",
  "catposition",
  "din85",
  "din86",
  "din87",
  "din87a",
  "din1",
  "battneg",
  "hall",
  "reluctor",
  "monitor",
  "solidstate",
  "switchlamp",
  "mute",
  "given",
  "zerovolt",
  "rheostat",
  "actuator",
]);

/**
 * The phrases in groups behind one test each. Where no phrase of a group fits, none of it changes the text, so that the
 * group may be passed over: a row fits two or three, and trying all took half of the time of reading a table.
 */
const GROUP_SIZE = 8;
const GATED = Array.from({ length: Math.ceil(PHRASES.length / GROUP_SIZE) }, (_, at) => {
  const phrases = PHRASES.slice(at * GROUP_SIZE, (at + 1) * GROUP_SIZE);
  return { phrases, gate: new RegExp(phrases.map(([pattern]) => `(?:${pattern.source})`).join("|")) };
});

/** The text in lower case with its phrases replaced. */
export function applyPhrases(text: string): string {
  let spaced = ` ${text.toLowerCase().normalize("NFKC").replace(/_/g, " ")} `;
  for (const { gate, phrases } of GATED)
    if (gate.test(spaced)) for (const phrase of phrases) spaced = applyPhrase(spaced, phrase);
  return spaced;
}

/** A phrase replaced stands between single spaces, as the words did, so that a later phrase may begin or end with it. */
export function applyPhrase(text: string, [pattern, replacement]: readonly [RegExp, string]): string {
  const replaced = text.replace(pattern, replacement);
  return replaced === text ? text : replaced.replace(/ {2,}/g, " ");
}

/**
 * Takes a description or a connector's label apart. Empty text gives an empty reading. Words that nobody knows are taken for those
 * that they are nearest to, and the text is read again.
 */
export function readConcepts(text: string): Reading {
  const reading = readAsWritten(text);
  const readAs: ReadAs[] = [];
  let meant = text;
  for (const written of reading.unknownWords) {
    const word = nearestWord(written);
    if (word === null) continue;
    const replaced = meant.replace(new RegExp(`(?<![a-z])${written}(?![a-z])`, "i"), word);
    // A word that was put together from parts of the text stands nowhere in it.
    if (replaced === meant) continue;
    meant = replaced;
    readAs.push({ written, word });
  }
  return readAs.length === 0 ? reading : { ...readAsWritten(meant), readAs };
}

/** What rests on a misspelt word is never as sure as 0.9. */
const MISSPELT = 0.87;

/**
 * How clear a description is, 0.6 … 1: a word that nobody understood may say something else, and so may, to half, one that was
 * misspelt.
 */
export function clarityOf({ known, unknownWords, readAs }: Reading): number {
  const doubtful = unknownWords.length + readAs.length / 2;
  const clarity = 1 - (0.4 * doubtful) / (known + unknownWords.length || 1);
  return readAs.length === 0 ? clarity : Math.min(clarity, MISSPELT);
}

function readAsWritten(text: string): Reading {
  const spaced = applyPhrases(text);

  const concepts = new Set<string>();
  const unknownWords: string[] = [];
  let known = 0;
  for (const word of wordsOf(spaced)) {
    const meaning = meaningOf(word);
    if (meaning !== null) {
      known += 1;
      for (const concept of meaning) concepts.add(concept);
    } else if (!isFiller(word)) {
      unknownWords.push(word);
    }
  }
  const codes = known === 0 ? NO_CODES : makersCodes(text);
  return {
    concepts,
    known,
    unknownWords: unknownWords.filter((word) => !codes.has(word)),
    readAs: [],
    index: indexOf(spaced, concepts),
  };
}

const NO_CODES: ReadonlySet<string> = new Set();

/** "Throttle VTA": behind words in small letters, capitals that nobody knows are the maker's own name of the terminal. */
function makersCodes(text: string): ReadonlySet<string> {
  if (!/[a-z]{3}/.test(text)) return NO_CODES;
  return new Set(
    [...text.matchAll(/(?<=\S\s)[A-Z][A-Z0-9]{1,4}\b/g)].map(([code]) => code.replace(/\d+$/, "").toLowerCase()),
  );
}

function wordsOf(text: string): string[] {
  return text
    .split(/[\s,;:/()[\]{}"&.=|<>*!'#°%²]+/)
    .flatMap((word) => (meaningOf(word) === null ? word.split("-") : [word]))
    .flatMap((word) => splitDigits(word))
    .filter((word) => word !== "" && word !== "-" && word !== "+");
}

/** `inj1` → `inj`, `1`; `ckp+` → `ckp`; `f12` → `fuse`. Words that are known whole stay whole. */
function splitDigits(signed: string): string[] {
  if (meaningOf(signed) !== null) return [signed];
  // One wire of a pair: its sign says nothing of what it carries.
  const word = /^[a-z]\w+[+-]$/.test(signed) ? signed.slice(0, -1) : signed;
  if (meaningOf(word) !== null) return [word];
  if (/^f\d{1,3}$/.test(word)) return ["fuse"];
  const parts = /^([a-z+]+?)(\d+)([a-z]?)$/.exec(word);
  return parts ? [parts[1] ?? "", parts[2] ?? ""] : [word];
}

function meaningOf(word: string): readonly string[] | null {
  const concepts = WORD_CONCEPTS.get(word);
  if (concepts !== undefined) return concepts;
  if (CONCEPTS.has(word)) return [word];
  const singular = word.length > 3 && word.endsWith("s") ? word.slice(0, -1) : null;
  return singular === null ? null : (WORD_CONCEPTS.get(singular) ?? null);
}

function isFiller(word: string): boolean {
  return FILLERS.has(word) || /^[\d.,+-]+[a-z]?$/.test(word);
}

/** Written `index=` values of adapters.md: a number, `bank2`, `high`, `low`. A motor's phase A is its first. */
function indexOf(spaced: string, concepts: ReadonlySet<string>): string | null {
  if (concepts.has("can")) return concepts.has("high") ? "high" : concepts.has("low") ? "low" : null;
  const bank = /\bbank (\d)(?: bankprobe (\d))?/.exec(spaced);
  if (bank) return bank[2] === undefined ? `bank${bank[1]}` : `bank${bank[1]}-${bank[2]}`;
  const phase = /\b(?:phase|winding) *([a-d])\b/.exec(spaced)?.[1];
  if (phase !== undefined) return String("abcd".indexOf(phase) + 1);
  const number = /(?:^|[a-z ])(?<![\d.])(\d{1,2})(?![\d.]|\s?(?:v|a|mm|ohm|amp|°)\b)/.exec(spaced);
  return number?.[1] ?? null;
}
