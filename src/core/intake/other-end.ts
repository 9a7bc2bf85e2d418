/** Where a table says that a wire's other end is. */
export type OtherEnd =
  | { readonly connector: string; readonly cavity: string }
  | { readonly splice: string }
  | { readonly ground: string };

interface KnownConnector {
  readonly label: string;
  readonly cavities: readonly string[];
  /** The label's words in small letters. */
  readonly name: readonly string[];
}

/** The cavities that are there, found by the words of their connectors' labels. */
export class KnownPlaces {
  private readonly byEdge = new Map<string, KnownConnector[]>();
  readonly connectors: readonly KnownConnector[];

  constructor(places: Iterable<{ readonly connector: string; readonly cavity: string }>) {
    const cavities = new Map<string, string[]>();
    for (const { connector, cavity } of places) {
      const own = cavities.get(connector);
      if (own === undefined) cavities.set(connector, [cavity]);
      else own.push(cavity);
    }
    this.connectors = [...cavities].map(([label, own]) => ({ label, cavities: own, name: wordsIn(label) }));
    for (const one of this.connectors)
      for (const word of new Set([one.name[0], one.name.at(-1)]))
        if (word !== undefined) this.byEdge.set(word, [...(this.byEdge.get(word) ?? []), one]);
  }

  /** Connectors whose label may stand at the beginning or the end of the words, the longest label first. */
  near(words: readonly string[]): readonly KnownConnector[] {
    const found = new Set([...(this.byEdge.get(words[0] ?? "") ?? []), ...(this.byEdge.get(words.at(-1) ?? "") ?? [])]);
    return [...found].sort((a, b) => b.name.length - a.name.length);
  }

  has({ connector, cavity }: { readonly connector: string; readonly cavity: string }): boolean {
    return this.near(wordsIn(connector)).some((one) => one.label === connector && one.cavities.includes(cavity));
  }
}

/** Words between a connector and its cavity that say no more than that. */
const BETWEEN = new Set([
  "pin",
  "cav",
  "cavity",
  "terminal",
  "term",
  "way",
  "no",
  "position",
  "pos",
  "contact",
  "conn",
]);
/** Words before a connector that only say that it is one. */
const BEFORE = new Set(["to", "connector", "conn", "plug", "at", "of", "on", "in", "the"]);

/**
 * Reads a cell that tells a wire's other end: a cavity (`C2-14`, `C2/14`, `14 of C2`), a splice (`S12`), a numbered ground
 * (`G101`), a fuse way or battery post of a part that is known, or several of them. Empty where any part of it is words
 * that name no such place: what is only half understood is asked about as a whole.
 *
 * @param known connectors with their cavities; a name of theirs goes before what its letters may otherwise mean
 * @example readOtherEnds("14 of C2; S12", new KnownPlaces([])) // [{ connector: "C2", cavity: "14" }, { splice: "S12" }]
 */
export function readOtherEnds(written: string, known: KnownPlaces): OtherEnd[] {
  const whole = readOne(written, known);
  if (whole !== null) return [whole];
  const parts = written
    .split(/[;,\n&+]|\band\b/i)
    .map((part) => part.trim())
    .filter((part) => part !== "");
  if (parts.length < 2) return [];
  const ends = parts.map((part) => readOne(part, known));
  return ends.some((end) => end === null) ? [] : distinct(ends as OtherEnd[]);
}

const distinct = (ends: readonly OtherEnd[]) => [...new Map(ends.map((end) => [JSON.stringify(end), end])).values()];

function readOne(written: string, known: KnownPlaces): OtherEnd | null {
  const text = written
    .replace(/\((?!\s*[\w+-]{1,4}\s*\)).*?\)/g, " ")
    .replace(/^[\s→>-]+|[\s.]+$/g, "")
    .trim();
  if (text === "") return null;
  return (
    knownCavity(text, known) ?? postOf(text, known) ?? fuseWayOf(text, known) ?? jointIn(text) ?? writtenCavity(text)
  );
}

const wordsIn = (text: string) =>
  text
    .toLowerCase()
    .split(/[\s,:/.()#_-]+/)
    .filter((word) => word !== "");

/** A cavity of a connector that is known, in whatever order the two are named. */
function knownCavity(text: string, known: KnownPlaces): OtherEnd | null {
  const words = wordsIn(text);
  while (words.length > 1 && BEFORE.has(words[0] as string)) words.shift();
  for (const { label, cavities, name } of known.near(words)) {
    const rest = without(words, name);
    if (rest === null) continue;
    const cavity = cavityAmong(
      cavities,
      rest.filter((word) => !BETWEEN.has(word) && !BEFORE.has(word)),
    );
    if (cavity !== null) return { connector: label, cavity };
    // "C2" alone names the cavity where it has no other.
    if (rest.length === 0) return cavities.length === 1 ? { connector: label, cavity: cavities[0] as string } : null;
  }
  return null;
}

/** What is left of the words without a name at their beginning or end; null where it is at neither. */
function without(words: readonly string[], name: readonly string[]): string[] | null {
  if (name.length === 0 || name.length > words.length) return null;
  const at = words.length - name.length;
  if (name.every((word, index) => words[index] === word)) return words.slice(name.length);
  return name.every((word, index) => words[at + index] === word) ? words.slice(0, at) : null;
}

function cavityAmong(cavities: readonly string[], words: readonly string[]): string | null {
  if (words.length === 0) return null;
  const same = (text: string) => (cavity: string) => cavity.toLowerCase() === text;
  for (const text of [words.join(" "), words.join(""), words.join("-"), words.join("/")]) {
    const found = cavities.filter(same(text));
    // Two cavities that differ in case alone are not told apart by words in small letters.
    if (found.length === 1) return found[0] as string;
  }
  return null;
}

const BATTERY = /\b(bat|batt|battery)\b/i;

/** `BAT +`, `battery negative`: the post of the one battery that is known. */
function postOf(text: string, known: KnownPlaces): OtherEnd | null {
  const [, sign = text.trim().toUpperCase() === "B+" ? "+" : ""] =
    /^(?:main )?bat(?:t|tery)?\.?\s*(?:post|terminal)?\s*(\+|-|−|pos(?:itive)?|neg(?:ative)?)(?:\s*(?:ve|post|terminal))?$/i.exec(
      text.trim(),
    ) ?? [];
  if (sign === "") return null;
  const isPlus = /^(\+|pos)/i.test(sign);
  const batteries = known.connectors.filter(
    ({ label }) => BATTERY.test(label) && !/fuse|box|isolator|sensor/i.test(label),
  );
  const posts = batteries.flatMap(({ label: connector, cavities }) =>
    cavities
      .filter((cavity) => (isPlus ? /^(\+|b\+|pos|30)/i : /^(-|−|neg|31)/i).test(cavity))
      .map((cavity) => ({ connector, cavity })),
  );
  return posts.length === 1 ? (posts[0] as OtherEnd) : null;
}

/** `F12`, `fuse 12`: that way of the one fuse box that has it. */
function fuseWayOf(text: string, known: KnownPlaces): OtherEnd | null {
  const number = /^(?:fuse|f)\s*[-#.]?\s*(\d{1,3}[a-z]?)$/i.exec(text)?.[1];
  if (number === undefined) return null;
  const ways = known.connectors.flatMap(({ label: connector, cavities }) =>
    /fuse/i.test(connector)
      ? cavities
          .filter((cavity) => cavity.toLowerCase().replace(/^f[\s-]*/, "") === number.toLowerCase())
          .map((cavity) => ({ connector, cavity }))
      : [],
  );
  return ways.length === 1 ? (ways[0] as OtherEnd) : null;
}

/** A splice or a ground with its number; a ground without one may be any. */
function jointIn(text: string): OtherEnd | null {
  const splice =
    /^(?:(?:splice|joint)\s*(?:no\.?)?\s*[-#.]?\s*([a-z]{0,2}-?\d{1,4}[a-z]?)|(sp?l?-?\d{1,4}[a-z]?))$/i.exec(text);
  if (splice !== null) return { splice: numbered(splice[1] ?? splice[2] ?? "", "S") };
  const ground =
    /^(?:(?:(?:chassis|body|engine)\s+)?(?:ground|earth|gnd)\s*(?:point|stud|no\.?)?\s*[-#.]?\s*([a-z]{0,2}-?\d{1,4}[a-z]?)|(g(?:nd)?-?\d{1,4}[a-z]?))$/i.exec(
      text,
    );
  return ground === null ? null : { ground: numbered(ground[1] ?? ground[2] ?? "", "G") };
}

const numbered = (name: string, letter: string) => (/^\d/.test(name) ? `${letter}${name}` : name.toUpperCase());

/** A cavity of a connector that no table is there for yet: letters with a number, and the cavity beside it. */
function writtenCavity(text: string): OtherEnd | null {
  const label = "[A-Z]{1,4}-?\\d{1,4}[A-Z]?";
  const cavity = "[A-Z]?\\d{1,3}[A-Z]?|[A-Z]{1,2}";
  const word = "(?:pin|cav(?:ity)?|term(?:inal)?|way|no\\.?|pos(?:ition)?)";
  const forward = new RegExp(
    `^(?:conn(?:ector)?|plug)?\\s*(${label})(?:\\s*[-/:.]\\s*|\\s+|\\s*\\()${word}?\\s*(${cavity})\\)?$`,
    "i",
  );
  const backward = new RegExp(
    `^${word}?\\s*(${cavity})\\s*(?:,|of|in|at|on)\\s*(?:conn(?:ector)?|plug)?\\s*(${label})$`,
    "i",
  );
  const [, connector, inIt] = forward.exec(text) ?? [];
  if (connector !== undefined && inIt !== undefined) return { connector, cavity: inIt };
  const [, at, ofIt] = backward.exec(text) ?? [];
  return at === undefined || ofIt === undefined ? null : { connector: ofIt, cavity: at };
}
