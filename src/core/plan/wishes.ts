import { functionName } from "../functions";
import { acceptanceBasis, FUNCTION_STATES, type FunctionLine, type FunctionState } from "./functions";

/** What the owner wants, in the owner's words, and the functions by which it is whole. */
export interface Wish {
  readonly id: string;
  readonly says: string;
  /** Keys of functions. */
  readonly functions: readonly string[];
}

/** What a wish lacks. */
export type WishLack =
  /** Nobody has said which functions carry it. */
  | { readonly type: "unnamed" }
  /** A function that it rests on was given up. */
  | { readonly type: "given-up"; readonly key: string }
  /** Nothing of a function that it rests on is in the tables any more. */
  | { readonly type: "gone"; readonly key: string }
  | { readonly type: "function"; readonly told: FunctionLine };

export interface WishLine extends Wish {
  readonly key: string;
  readonly state: FunctionState;
  readonly carriedBy: readonly FunctionLine[];
  readonly lack: WishLack | null;
}

export const wishKey = (id: string): string => `wish-${id}`;

/**
 * Where each wish stands: it is as good as the worst function that carries it. One that rests on what a person gave up,
 * or on nothing yet, waits for a decision.
 */
export function wishLines(wishes: readonly Wish[], functions: readonly FunctionLine[]): WishLine[] {
  const byKey = new Map(functions.map((one) => [one.key, one]));
  return wishes.map((wish) => {
    const carriedBy = wish.functions.flatMap((key) => byKey.get(key) ?? []);
    const lack = lackOf(wish, carriedBy);
    const state = lack === null ? "whole" : lack.type === "function" ? lack.told.state : "to-decide";
    return { ...wish, key: wishKey(wish.id), carriedBy, state, lack };
  });
}

function lackOf(wish: Wish, carriedBy: readonly FunctionLine[]): WishLack | null {
  if (wish.functions.length === 0) return { type: "unnamed" };
  const worst = carriedBy
    .filter(({ state }) => state !== "whole" && state !== "not-wanted")
    .toSorted((a, b) => FUNCTION_STATES.indexOf(a.state) - FUNCTION_STATES.indexOf(b.state))[0];
  if (worst !== undefined) return { type: "function", told: worst };
  const gone = wish.functions.find((key) => carriedBy.every((one) => one.key !== key));
  if (gone !== undefined) return { type: "gone", key: gone };
  const given = carriedBy.find(({ state }) => state === "not-wanted");
  return given === undefined ? null : { type: "given-up", key: given.key };
}

/** What the owner wrote, one wish each, without those that are listed already. */
export function offeredWishes(written: string, listed: readonly Pick<Wish, "says">[]): string[] {
  const known = new Set(listed.map(({ says }) => plain(says)));
  return [
    ...new Map(
      written
        .split(/[\n;]+|(?<=[.!?])\s+|,\s+/)
        .map((one) => one.replace(/^\s*(?:[-–•*]|\d{1,2}[.)](?=\s))?\s*/, "").replace(/[.\s]+$/, ""))
        .filter((one) => /\p{L}{2}/u.test(one))
        .map((one) => [plain(one), one] as const),
    ),
  ].flatMap(([key, one]) => (known.has(key) ? [] : [one.slice(0, 200)]));
}
const plain = (text: string) =>
  text
    .toLowerCase()
    .replace(/[\s.]+/g, " ")
    .trim();

/** Functions whose names stand in the words, whatever their endings: offered, not taken. */
export function functionsNamed(says: string, functions: readonly Pick<FunctionLine, "key">[]): string[] {
  const said = stems(says);
  return functions.flatMap(({ key }) => (stems(functionName(key)).some((one) => said.includes(one)) ? [key] : []));
}
/** Words of four letters and more, cut where endings begin; those that name nothing are left out. */
const stems = (text: string): string[] =>
  (text.toLowerCase().match(/\p{L}{4,}/gu) ?? []).flatMap((word) => (EMPTY.has(word) ? [] : [word.slice(0, 5)]));
const EMPTY: ReadonlySet<string> = new Set([
  "with",
  "from",
  "into",
  "that",
  "this",
  "lamp",
  "lamps",
  "pressure",
  "side",
]);

/** What a wish's working rests on: its words, and all that its functions rest on. */
export const wishBasis = ({ says, functions, carriedBy }: WishLine): string =>
  JSON.stringify([says, functions, carriedBy.map(acceptanceBasis)]);
