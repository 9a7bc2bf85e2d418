import type { Alive } from "../state";

/** When a feed is live, read from words. */
export interface AliveGuess {
  readonly value: Alive;
  /** 0 … 1, as of every guess. */
  readonly confidence: number;
}

const CRANK = "(?:start(?:ing)?|crank(?:ing)?)";
const RUN = "(?:run(?:ning)?|ign(?:ition)?(?: on)?|on)";
const AND = "\\s*(?:/|&|\\+|,|and|or|-)\\s*";
const LIVE = "(?:hot|live|powered|energi[sz]ed|fed)";

/**
 * What is said of it, the most telling first. Terminal numbers are those of DIN 72552: 30 battery, 15 switched by the key
 * and kept while cranking, 75 and R accessories, 50 starter, 87 a relay's contact.
 */
const SAYINGS: readonly (readonly [RegExp, Alive, number])[] = [
  [
    new RegExp(`\\b${RUN}${AND}(?:in )?${CRANK}\\b|\\b${CRANK}${AND}(?:in )?${RUN}\\b|\\brun-?crank\\b`),
    "run-crank",
    0.95,
  ],
  [/\bacc(?:essory|essories|y)?\s*(?:\/|&|\+|,|and|or)\s*(?:run|ign(?:ition)?|on)\b/, "accessory", 0.93],
  [/\b(?:run|ign(?:ition)?|on)\s*(?:\/|&|\+|,|and|or)\s*acc(?:essory|essories|y)?\b/, "accessory", 0.93],
  [
    new RegExp(
      `\\b${LIVE}\\s*(?:in|at|with|when)?\\s*(?:ign(?:ition)?|run|key on|on)\\s*only\\b|\\b(?:run|ignition) only\\b`,
    ),
    "run",
    0.97,
  ],
  [
    new RegExp(
      `\\b${CRANK} only\\b|\\bonly (?:in|while|when|during) ${CRANK}\\b|\\b${LIVE} (?:in|while|when|during|at) ${CRANK}\\b`,
    ),
    "crank",
    0.95,
  ],
  [
    new RegExp(
      `\\b${LIVE}\\s*(?:at\\s*)?all\\s*times\\b|\\balways (?:hot|live|on)\\b|\\b(?:permanent(?:ly)?|unswitched|constant|direct battery|keep[- ]alive|kam)\\b|\\bmemory (?:feed|supply|power)\\b|\\bb\\s?\\+(?!\\w)|\\bbatt?(?:ery)? ?(?:\\+|pos(?:itive)?|feed|live|supply)`,
    ),
    "permanent",
    0.93,
  ],
  [new RegExp(`\\b${LIVE} (?:in|with|at|when) (?:the )?(?:run|key on|ign(?:ition)?(?: on)?|on)\\b`), "run", 0.85],
  [new RegExp(`\\b${LIVE} (?:in|with|at|when) (?:the )?acc(?:essory|y)?\\b`), "accessory", 0.93],
  [
    /\b(?:acc(?:essory|y)?|radio) (?:feed|supply|power|12 ?v)\b|\b(?:feed|supply) (?:acc|accessory)\b/,
    "accessory",
    0.85,
  ],
  [/\b(?:kl|klemme|term(?:inal)?|t)\.? ?30[a-z]?\b/, "permanent", 0.9],
  [/\b(?:kl|klemme|term(?:inal)?|t)\.? ?15[a-z]?\b/, "run-crank", 0.8],
  [/\b(?:kl|klemme|term(?:inal)?|t)\.? ?(?:75|r)\b/, "accessory", 0.8],
  [/\b(?:kl|klemme|term(?:inal)?|t)\.? ?50[a-z]?\b/, "crank", 0.9],
  [
    /\b(?:kl|klemme|term(?:inal)?|t)\.? ?87[a-z]?\b|\b(?:from|via|by|after|main|efi) relay\b|\brelay (?:output|contact)\b/,
    "relay",
    0.7,
  ],
];

/** The same of a cell that holds nothing else, under a head that asks when the feed is live. */
const CELLS: readonly (readonly [RegExp, Alive])[] = [
  [/^(?:30|b\+?|bat|batt|battery|always|permanent|perm|constant|const|all(?: times)?|hot|unswitched)$/, "permanent"],
  [/^(?:15|15\/54)$/, "run-crank"],
  [/^(?:ign?|ignition|run|on|key on|ig1|switched)$/, "run"],
  [/^(?:ig2|acc|accessory|accy|r|75|radio)$/, "accessory"],
  [/^(?:50|st|start|starter|crank|cranking)$/, "crank"],
  [/^(?:87|relay|rly)$/, "relay"],
];

/** When a description says that its feed is live; null where it does not. */
export function readAlive(text: string): AliveGuess | null {
  const plain = plainWords(text);
  const bare = /^(?:30|15|75|50|87)[a-z]?$/.test(plain) ? `term ${plain}` : plain;
  for (const [pattern, value, confidence] of SAYINGS) if (pattern.test(bare)) return { value, confidence };
  return null;
}

/** What a cell says under a head that asks when a feed is live; null where it cannot be read. */
export function readAliveCell(text: string): Alive | null {
  const plain = plainWords(text);
  return CELLS.find(([pattern]) => pattern.test(plain))?.[1] ?? readAlive(text)?.value ?? null;
}

const plainWords = (text: string) =>
  text
    .toLowerCase()
    .normalize("NFKC")
    .replace(/[‐‑–—−]/g, "-")
    .replace(/[_.]+/g, " ")
    .replace(/\s+/g, " ")
    .trim();
