import type { Kind } from "./kinds";
import { COMMON, PARAMS_OF, type Params, type ParamType, paramProblem } from "./params";

/** How a value is known: somebody or a table gave it, a textbook value stands in for it, or it is assumed. */
export type Source = "given" | "usual" | "assumed";

export interface Known<T> {
  readonly value: T;
  readonly source: Source;
}

/** How a value of `params` came to be known, where no table gave it; one without a grade was read in a table. */
export const PARAM_GRADES = ["guessed", "usual", "claimed", "read", "measured"] as const;
export type ParamGrade = (typeof PARAM_GRADES)[number];
export type Grades = Readonly<Record<string, ParamGrade>>;

const SOURCE_OF: Readonly<Record<ParamGrade, Source>> = {
  guessed: "assumed",
  usual: "usual",
  claimed: "given",
  read: "given",
  measured: "given",
};

/** From `from` to `to`, rising. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

/** Points of a curve, x in the quantity's unit, y in Ω, V or % duty. */
export type Curve = readonly (readonly [x: number, y: number])[];

type ValueOf<P> = P extends { type: "number" }
  ? number
  : P extends { type: "word"; words: readonly (infer W)[] }
    ? W
    : P extends { type: "span" }
      ? Span
      : P extends { type: "curve" }
        ? Curve
        : string;

type FieldsOf<K extends Kind> = (typeof PARAMS_OF)[K] & typeof COMMON;

/** An electrical form of one kind with what is known of it; a field that is missing is not known. */
export type FormOf<K extends Kind> = { readonly kind: K } & {
  readonly [F in keyof FieldsOf<K>]?: Known<ValueOf<FieldsOf<K>[F]>>;
};

/** What a cavity does electrically: one member per kind of the model. */
export type Form = { [K in Kind]: FormOf<K> }[Kind];

type EveryField = { [K in Kind]: keyof FieldsOf<K> }[Kind];
type AnyValue<F extends EveryField> = {
  [K in Kind]: F extends keyof FieldsOf<K> ? ValueOf<FieldsOf<K>[F]> : never;
}[Kind];

/** Names of the fields that a form may have. */
export type FormField = EveryField;

/** A field's value whatever the form's kind; null where the kind has no such field, or nothing is known of it. */
export function fieldOf<F extends FormField>(form: Form, field: F): AnyValue<F> | null {
  const known = (form as unknown as Readonly<Record<string, Known<unknown> | undefined>>)[field];
  return known === undefined ? null : (known.value as AnyValue<F>);
}

/** Narrows whatever carries a form to those of some kinds. */
export const hasForm = <P extends { readonly form: Form }, const K extends Kind>(
  one: P,
  ...kinds: readonly K[]
): one is P & { readonly form: FormOf<K> } => (kinds as readonly Kind[]).includes(one.form.kind);

/**
 * Reads `params` into the form of a kind, each value with its source: what a person guessed or took as usual is not given. Keys that the kind does not have, and values that cannot be read, are left
 * out: the import has told of them.
 *
 * @example parseForm("supply-in", { amps: "5" }) // { kind: "supply-in", amps: { value: 5, source: "given" } }
 */
export function parseForm(kind: Kind, params: Params, grades: Grades = {}): Form {
  const types: Readonly<Record<string, ParamType>> = { ...COMMON, ...PARAMS_OF[kind] };
  const form: Record<string, unknown> = { kind };
  for (const [key, written] of Object.entries(params)) {
    const type = Object.hasOwn(types, key) ? types[key] : undefined;
    if (type !== undefined && paramProblem(kind, key, written) === null)
      form[key] = { value: read(type, written), source: SOURCE_OF[grades[key] ?? "claimed"] };
  }
  return form as unknown as Form;
}

function read(type: ParamType, written: string): unknown {
  switch (type.type) {
    case "number":
      return Number(written);
    case "span": {
      const [from, to] = written.split("..").map(Number);
      return { from, to };
    }
    case "curve":
      return written.split("|").map((point) => point.split(":").map(Number));
    default:
      return written;
  }
}
