/** IEC 60757 codes that a wire's base or tracer is normalised to. */
export const COLOUR_CODES = [
  "BK",
  "BN",
  "RD",
  "OG",
  "YE",
  "GN",
  "BU",
  "VT",
  "GY",
  "WH",
  "PK",
  "GD",
  "TQ",
  "SR",
] as const;
export type ColourCode = (typeof COLOUR_CODES)[number];

/** A colour as its table wrote it, and what it means. `base` is null where it cannot be read. */
export interface WireColour {
  readonly written: string;
  readonly base: ColourCode | null;
  readonly tracer: ColourCode | null;
}

/**
 * English words, workshop abbreviations and German letters for each code. Light and dark shades read as their base.
 * `GR` is grey, as German and Japanese tables have it; English tables write green as `GRN` or `GN`.
 */
const WORDS: Readonly<Record<ColourCode, string>> = {
  BK: "bk black blk bla schwarz sw",
  BN: "bn brown brn bro br braun tan tn beige",
  RD: "rd red rot rt ro maroon",
  OG: "og orange org orn ora or amber",
  YE: "ye yellow yel yl gelb ge ylw",
  GN: "gn green grn grün gruen lime dg lg",
  BU: "bu blue blu bl blau lb db sb navy",
  VT: "vt violet vio vi purple pur ppl pu lilac li lila violett mauve",
  GY: "gy grey gray gry gra gr grau slate slt",
  WH: "wh white wht whi ws weiss weiß wt cream ivory",
  PK: "pk pink pnk rosa rs rose",
  GD: "gd gold gld",
  TQ: "tq turquoise trq tk türkis tuerkis aqua cyan teal",
  SR: "sr silver slv si silber",
};

/** Single letters of British and Japanese looms, read only where nothing longer fits. */
const LETTERS: Readonly<Record<string, ColourCode>> = {
  b: "BK",
  n: "BN",
  r: "RD",
  o: "OG",
  y: "YE",
  g: "GN",
  u: "BU",
  l: "BU",
  p: "VT",
  v: "VT",
  s: "GY",
  w: "WH",
  k: "PK",
};

const SHADES: ReadonlySet<string> = new Set([
  "light",
  "lt",
  "lgt",
  "dark",
  "dk",
  "drk",
  "pale",
  "bright",
  "deep",
  "hell",
  "dunkel",
  "hl",
  "dkl",
  "med",
  "medium",
]);
const NOISE: ReadonlySet<string> = new Set([
  "with",
  "w",
  "stripe",
  "tracer",
  "striped",
  "trace",
  "and",
  "on",
  "band",
  "str",
  "tr",
  "base",
  "wire",
]);

const CODE_OF: ReadonlyMap<string, ColourCode> = new Map(
  (Object.entries(WORDS) as [ColourCode, string][]).flatMap(([code, words]) =>
    words.split(" ").map((word) => [word, code] as const),
  ),
);

/**
 * Reads a wire colour in any of the contract's writings: `YE/BK`, `yellow/black`, `GNYE`, `gn-ye`, `light green`,
 * `sw/bl`.
 * `base` and `tracer` are null when any part of it cannot be read; `written` is kept as it came.
 *
 * @example readColour("BLK/LT BLU") // { written: "BLK/LT BLU", base: "BK", tracer: "BU" }
 */
export function readColour(written: string): WireColour {
  const unread: WireColour = { written, base: null, tracer: null };
  const parts = written
    .toLowerCase()
    .replace(/\bw\/(?=\s)/g, " ")
    .split(/[^\p{L}]+/u)
    .filter((part) => part !== "");
  const colours: ColourCode[] = [];
  for (const [at, part] of parts.entries()) {
    if (SHADES.has(part)) continue;
    // "W" is white in "W/R" and "with" in "red w black stripe"; the second has words around it.
    if (NOISE.has(part) && !(part.length === 1 && parts.every((other) => other.length <= 2)) && at > 0) continue;
    const read = readWord(part);
    if (read === null) return unread;
    colours.push(...read);
  }
  const [base, tracer] = colours;
  return base === undefined
    ? unread
    : { written, base, tracer: tracer !== undefined && tracer !== base ? tracer : null };
}

/** One run of letters: a colour, a shade with its colour (`dkgrn`), or two colours written together (`gnye`). */
function readWord(word: string): ColourCode[] | null {
  const whole = CODE_OF.get(word) ?? (word.length === 1 ? LETTERS[word] : undefined);
  if (whole !== undefined) return [whole];
  for (const shade of SHADES) {
    const rest = word.startsWith(shade) ? CODE_OF.get(word.slice(shade.length)) : undefined;
    if (rest !== undefined) return [rest];
  }
  for (let cut = 2; cut <= word.length - 2; cut += 1) {
    const pair = [CODE_OF.get(word.slice(0, cut)), CODE_OF.get(word.slice(cut))];
    if (pair[0] !== undefined && pair[1] !== undefined) return [pair[0], pair[1]];
  }
  const [first, second] = word.length === 2 ? [LETTERS[word[0] as string], LETTERS[word[1] as string]] : [];
  return first !== undefined && second !== undefined ? [first, second] : null;
}

/** The normalised code, `YE/BK`; null where the colour could not be read. */
export function colourCode(colour: Pick<WireColour, "base" | "tracer">): string | null {
  if (colour.base === null) return null;
  return colour.tracer === null ? colour.base : `${colour.base}/${colour.tracer}`;
}
