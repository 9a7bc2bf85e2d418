import { OTHER_WORDS } from "./data/other-words";
import { FILLERS, PHRASE_WORDS, WORD_CONCEPTS } from "./data/words";

/** A word that nobody knows, and the word of the vocabulary that it was read as. */
export interface ReadAs {
  readonly written: string;
  readonly word: string;
}

const FAR = Number.POSITIVE_INFINITY;
const VOWELS = /[aeiou]/g;
/** A word's consonants behind its first letter, doubled ones once. */
const bones = (word: string) => (word.charAt(0) + word.slice(1).replace(VOWELS, "")).replace(/(.)\1/g, "$1");

function spelt(word: string): Spelt {
  const letters = new Uint8Array(26);
  for (let at = 0; at < word.length; at++) {
    const letter = word.charCodeAt(at) - A;
    letters[letter] = (letters[letter] as number) + 1;
  }
  return { word, bones: bones(word), letters };
}
const A = "a".charCodeAt(0);

/** Words long enough that a slip leaves them recognisable. What means the same stands for one another. */
const KNOWN: ReadonlyMap<string, readonly Candidate[]> = (() => {
  const byInitial = new Map<string, Candidate[]>();
  const add = (word: string, meaning: string) => {
    if (!/^[a-z]{4,}$/.test(word)) return;
    const initial = word.charAt(0);
    byInitial.set(initial, [...(byInitial.get(initial) ?? []), { ...spelt(word), meaning }]);
  };
  for (const [word, concepts] of WORD_CONCEPTS) add(word, concepts.join(" "));
  for (const word of FILLERS) if (!WORD_CONCEPTS.has(word)) add(word, "");
  for (const word of PHRASE_WORDS) if (!WORD_CONCEPTS.has(word) && !FILLERS.has(word)) add(word, word);
  return byInitial;
})();

/** A word with what is compared of it. */
interface Spelt {
  readonly word: string;
  readonly bones: string;
  /** How often each letter stands in it, a … z. */
  readonly letters: Uint8Array;
}
interface Candidate extends Spelt {
  readonly meaning: string;
}

/**
 * The word of the vocabulary that somebody who writes in haste means: its vowels left out ("prssr"), cut short ("compr"), or a slip
 * of the pen ("temprature"). Null where words of different meaning are as near, or none is near enough. The first letter is taken as
 * written.
 */
export function nearestWord(written: string): string | null {
  if (!/^[a-z]{3,24}$/.test(written) || OTHER_WORDS.has(written)) return null;
  const own = spelt(written);
  const candidates = KNOWN.get(written.charAt(0)) ?? [];
  for (const nearness of [withoutVowels, cutShort, misspelt]) {
    let least = FAR;
    let nearest: Candidate | null = null;
    let isOne = true;
    for (const candidate of candidates) {
      const cost = nearness(own, candidate);
      if (cost > least || cost === FAR) continue;
      isOne = cost < least || (isOne && candidate.meaning === nearest?.meaning);
      if (cost < least) nearest = candidate;
      least = cost;
    }
    if (nearest !== null && isOne) return nearest.word === written ? null : nearest.word;
  }
  return null;
}

/** "prssr": the consonants in their order, most vowels left out. */
function withoutVowels(written: Spelt, known: Spelt): number {
  if (written.bones !== known.bones || known.bones.length < 3 || known.word.length < 5) return FAR;
  const isBare = written.word.length < known.word.length && isSubsequence(written.word, known.word);
  return isBare ? known.word.length - written.word.length : FAR;
}

/** "compr": a beginning that only words of one meaning share. */
const cutShort = ({ word: written }: Spelt, { word }: Spelt): number =>
  written.length >= 5 && word.length > written.length && word.startsWith(written) ? 0 : FAR;

/** Two slips exchange, drop or add two letters at most: where more than four stand in one word only, no cost need be reckoned. */
function isApart(one: Uint8Array, other: Uint8Array): boolean {
  let apart = 0;
  for (let at = 0; at < 26; at++) apart += Math.abs((one[at] as number) - (other[at] as number));
  return apart > 4;
}

function isSwapped(written: string, word: string): boolean {
  const at = [...word].findIndex((letter, index) => written[index] !== letter);
  return at >= 0 && written === word.slice(0, at) + word.charAt(at + 1) + word.charAt(at) + word.slice(at + 2);
}

function isSubsequence(short: string, long: string): boolean {
  let at = 0;
  for (const letter of long) if (letter === short[at]) at += 1;
  return at === short.length;
}

/** What slips cost: letters that change places, vowels and doubled letters little, another consonant much. */
const LIGHT = 1;
const HEAVY = 1.5;
const OTHER = 2;

function misspelt(own: Spelt, known: Spelt): number {
  const { word: written } = own;
  const { word } = known;
  const longest = Math.max(written.length, word.length);
  // Of four letters two may have changed places, no more: "feul".
  if (written.length === 4 || word.length === 4)
    return written.length === word.length && isSwapped(written, word) ? LIGHT : FAR;
  if (written.length < 5 || Math.abs(written.length - word.length) > 2) return FAR;
  const allowed = longest >= 8 ? 2 : longest >= 6 ? HEAVY : LIGHT;
  if (isApart(own.letters, known.letters)) return FAR;
  const cost = slipCost(written, word);
  return cost <= allowed ? cost : FAR;
}

/**
 * The cheapest way from one word to the other by dropping, adding, exchanging letters or letting two change places
 * (Damerau 1964, optimal string alignment; Wagner & Fischer 1974 for weighted costs).
 */
export function slipCost(written: string, word: string): number {
  const table: number[][] = [];
  for (let row = 0; row <= written.length; row++) {
    const costs: number[] = [];
    for (let column = 0; column <= word.length; column++) {
      if (row === 0 && column === 0) {
        costs.push(0);
        continue;
      }
      const ways: number[] = [];
      const above = table[row - 1];
      if (above !== undefined) ways.push((above[column] as number) + single(written, row - 1));
      if (column > 0) ways.push((costs[column - 1] as number) + single(word, column - 1));
      if (above !== undefined && column > 0)
        ways.push((above[column - 1] as number) + exchange(written[row - 1] as string, word[column - 1] as string));
      const before = table[row - 2];
      if (
        before !== undefined &&
        column > 1 &&
        written[row - 1] === word[column - 2] &&
        written[row - 2] === word[column - 1]
      )
        ways.push((before[column - 2] as number) + LIGHT);
      costs.push(Math.min(...ways));
    }
    table.push(costs);
  }
  return table[written.length]?.[word.length] as number;
}

const isVowel = (letter: string) => "aeiouy".includes(letter);
/** A letter too many or too few: a vowel or one of a pair slips easily. */
const single = (word: string, at: number) =>
  isVowel(word[at] as string) || word[at] === word[at - 1] || word[at] === word[at + 1] ? LIGHT : HEAVY;

/** Consonants that sound alike. */
const ALIKE = ["cs", "sz", "gj", "ck"];
function exchange(one: string, other: string): number {
  if (one === other) return 0;
  if (isVowel(one) && isVowel(other)) return LIGHT;
  return ALIKE.some((pair) => pair.includes(one) && pair.includes(other)) ? HEAVY : OTHER;
}
