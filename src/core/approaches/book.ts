import type { GapWay } from "../plan";
import { GAP_WAYS } from "../plan";
import { ADAPTER_TYPES, type AdapterType, costOf, JOIN_MINUTES } from "../signals";

/** What a line of the book is counted in. */
export type BookUnit = "each" | "metre" | "hour";

/** A line of the shop's book: what one of it takes and costs. */
export interface BookLine {
  readonly minutes: number;
  /** In the shop's own money. */
  readonly money: number;
  readonly unit: BookUnit;
  /** How much of it is assumed where nobody has measured; null where it is counted. */
  readonly amount: number | null;
}

const each = (minutes: number, money: number): BookLine => ({ minutes, money, unit: "each", amount: null });

/**
 * Work beside adapters and what fills gaps: minutes and money are round figures of our own, there to be replaced by the
 * shop's. `reach` is how far apart the two harnesses' ends are.
 */
const WORK = {
  labour: { minutes: 60, money: 60, unit: "hour", amount: null },
  reach: { minutes: 1, money: 1, unit: "metre", amount: 1.5 },
  link: each(JOIN_MINUTES, 0.5),
  joint: each(4, 0.5),
  terminal: each(2, 0.4),
  "new-wire": each(5, 0.5),
  "lengthened-wire": each(6, 0.5),
  "interface-connector": each(20, 18),
  "interface-box": each(180, 90),
  "opened-connector": each(25, 1),
  "new-fuse-box": each(360, 220),
  "programmable-computer": each(120, 1200),
  tuning: each(600, 300),
  "security-calibration": each(90, 250),
  "security-parts": each(90, 0),
  "computer-place": each(240, 60),
} as const satisfies Readonly<Record<string, BookLine>>;

const PART_MONEY: Readonly<Partial<Record<AdapterType, number>>> = {
  relay: 9,
  fuse: 3,
  "low-side-switch": 12,
  "high-side-switch": 16,
  "dc-converter": 25,
  "reluctor-conditioner": 40,
  "frequency-scaler": 60,
  "pattern-converter": 150,
  "coil-simulator": 30,
  igniter: 45,
  "analogue-scaler": 20,
  "gauge-driver": 60,
  "second-sender": 25,
  "threshold-switch": 20,
  "lambda-converter": 60,
  "can-gateway": 120,
  "security-module": 80,
  calibration: 0,
};
const SMALL_PART = 2;

const GAP_MONEY: Readonly<Record<GapWay, number>> = {
  "free-output": 0.5,
  "own-wire": 1,
  "own-sensor": 30,
  "second-sender": 25,
  "speed-sensor": 60,
  pulses: 10,
  "fit-switch": 12,
  loop: 0.5,
  "new-feed": 12,
  gateway: 120,
  "new-gauge": 90,
  "fit-part": 40,
  "cable-drive": 140,
  "speed-lockout": 45,
  "brake-lockout": 12,
  "dummy-load": 3,
  without: 0,
};

export type BookKey = keyof typeof WORK | `adapter-${AdapterType}` | `gap-${GapWay}`;
export type Book = Readonly<Record<BookKey, BookLine>>;

/** The book as it is where the shop has not written anything of its own. */
export const STATED: Book = {
  ...WORK,
  ...Object.fromEntries(
    ADAPTER_TYPES.map((type) => [`adapter-${type}`, each(costOf(type), PART_MONEY[type] ?? SMALL_PART)]),
  ),
  ...Object.fromEntries(
    Object.entries(GAP_WAYS).map(([way, minutes]) => [`gap-${way}`, each(minutes, GAP_MONEY[way as GapWay])]),
  ),
} as Book;

export const BOOK_KEYS = Object.keys(STATED) as [BookKey, ...BookKey[]];

/** What the shop has written over a line; null leaves what is stated. */
export interface OwnPrice {
  readonly id: string;
  readonly minutes: number | null;
  readonly money: number | null;
  readonly amount: number | null;
}

/** The book with the shop's own figures in it. */
export function bookOf(own: readonly OwnPrice[]): Book {
  const lines: Record<string, BookLine> = { ...STATED };
  for (const { id, minutes, money, amount } of own) {
    const line = lines[id];
    if (line !== undefined)
      lines[id] = {
        ...line,
        minutes: minutes ?? line.minutes,
        money: money ?? line.money,
        amount: amount ?? line.amount,
      };
  }
  return lines as Book;
}
