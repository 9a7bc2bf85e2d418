export type { WorkItem } from "./account";
export {
  BOOK_KEYS,
  type Book,
  type BookKey,
  type BookLine,
  type BookUnit,
  bookOf,
  type OwnPrice,
  STATED,
} from "./book";
export {
  type Compared,
  CROSSINGS,
  type Crossing,
  ENDS,
  type End,
  type Outcome,
  outcomeOf,
} from "./compare";
export { type Computer, type Harnesses, harnessesOf, pinsUnder } from "./harnesses";
export type { Risk } from "./risks";
export { APPROACHES, type Approach, type Choice, LENGTHENED, type Lengthened } from "./types";
