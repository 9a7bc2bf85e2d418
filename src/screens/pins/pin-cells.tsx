import { KINDS, QUANTITIES } from "@/core/forms";
import type { Units } from "@/core/units";
import { KIND_WORDS, lengthText, quantityWords, sizeText, sizeWords } from "@/core/words";
import type { PinRow } from "@/job/schema";
import { type Choice, ChoiceCell, TextCell } from "@/ui/cell";
import { Wire } from "@/ui/wire";
import { isUnknown, type PinView } from "../shell/derive";
import type { PinEdits } from "./pin-edits";

interface CellOf {
  readonly pin: PinView;
  readonly edits: PinEdits;
}

export const ColourCell = ({ pin: { row, label }, edits }: CellOf) => (
  <TextCell
    label={`Colour of ${label}`}
    value={row.colour ?? ""}
    show={<Wire colour={row.colour} base={row.colourBase} tracer={row.colourTracer} />}
    onSave={edits.colour}
  />
);

interface SizeCellOf extends CellOf {
  readonly units: Units;
  /** It stands alone, not in a column of sizes. */
  readonly isLeft?: boolean;
}

export function SizeCell({ pin: { row, label }, edits, units, isLeft = false }: SizeCellOf) {
  const size = sizeText(row.sizeMm2, units);
  const show = isLeft ? (
    <span className="font-mono text-[13px]">
      {row.sizeMm2 === null ? "not known yet" : sizeWords(row.sizeMm2, units)}
    </span>
  ) : (
    <span className="w-full text-right font-mono text-[13px]">{size}</span>
  );
  return <TextCell label={`Size of ${label}`} value={size} show={show} onSave={edits.size} />;
}

export function LengthCell({ pin: { row, label }, edits, units }: CellOf & { units: Units }) {
  const length = lengthText(row.lengthM, units);
  const show = <span className="font-mono text-[13px]">{length || "not known yet"}</span>;
  return <TextCell label={`Length of ${label}`} value={length} show={show} onSave={edits.length} />;
}

interface OwnText {
  readonly pin: PinView;
  /** What it is of the cavity: `Circuit`. */
  readonly name: string;
  readonly value: string | null;
  /** What stands there while nothing is written. */
  readonly empty: string;
  readonly onSave: (text: string) => null;
}

/** A text of a cavity that stands as it is written. */
export const OwnTextCell = ({ pin: { label }, name, value, empty, onSave }: OwnText) => (
  <TextCell
    label={`${name} of ${label}`}
    value={value ?? ""}
    show={value === null ? <span className="text-ink2">{empty}</span> : <span className="break-words">{value}</span>}
    onSave={onSave}
  />
);

export const DescriptionCell = ({ pin: { row, label }, edits }: CellOf) => (
  <TextCell
    label={`Description of ${label}`}
    value={row.description ?? ""}
    show={
      <span className="line-clamp-2 break-words" title={row.description ?? ""}>
        {row.description}
      </span>
    }
    onSave={edits.description}
  />
);

/** The choices with what was guessed first. */
function choicesOf<K extends string>(
  keys: readonly K[],
  words: (key: K) => string,
  guess: K | null,
  confidence: number,
) {
  const rest = keys.filter((key) => key !== guess).map((key): Choice<K> => ({ key, words: words(key) }));
  const sorted = rest.toSorted((a, b) => a.words.localeCompare(b.words));
  return guess === null ? sorted : [{ key: guess, words: words(guess), confidence }, ...sorted];
}

export const KindCell = ({ pin, edits }: CellOf) => <KindChoice pin={pin} onChoose={edits.kind} />;

export function KindChoice({ pin, onChoose }: Pick<CellOf, "pin"> & { onChoose: (kind: PinRow["kind"]) => void }) {
  const { row, label } = pin;
  const unknown = isUnknown(pin);
  const words = unknown ? "not known" : KIND_WORDS[row.kind];
  return (
    <ChoiceCell
      name="kind"
      label={`Kind of ${label}`}
      value={words}
      show={<span className={unknown ? "font-semibold" : "line-clamp-2"}>{words}</span>}
      guessed={row.kindSource === "proposed" && !unknown}
      choices={choicesOf(KINDS, (kind) => KIND_WORDS[kind], row.kind, row.kindConfidence)}
      onChoose={onChoose}
    />
  );
}

const NONE = "none";
type QuantityKey = NonNullable<PinRow["quantity"]> | typeof NONE;

export function QuantityCell({ pin: { row, label }, edits }: CellOf) {
  const known = row.quantityConfidence < 0.5 ? null : row.quantity;
  const words = quantityWords(known) || "not known";
  const keys: readonly QuantityKey[] = [NONE, ...QUANTITIES];
  return (
    <ChoiceCell
      name="quantity"
      label={`Quantity of ${label}`}
      value={words}
      show={<span className="line-clamp-2">{words}</span>}
      guessed={row.quantitySource === "proposed" && known !== null}
      choices={choicesOf<QuantityKey>(
        keys,
        (key) => (key === NONE ? "not known" : quantityWords(key)),
        row.quantity,
        row.quantityConfidence,
      )}
      onChoose={(key) => edits.quantity(key === NONE ? null : key)}
    />
  );
}
