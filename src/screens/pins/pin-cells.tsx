import { KINDS, QUANTITIES } from "@/core/forms";
import type { Units } from "@/core/units";
import { KIND_WORDS, lengthText, quantityWords, sizeText } from "@/core/words";
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

export function SizeCell({ pin: { row, label }, edits, units }: CellOf & { units: Units }) {
  const size = sizeText(row.sizeMm2, units);
  const show = <span className="w-full text-right font-mono text-[13px]">{size}</span>;
  return <TextCell label={`Size of ${label}`} value={size} show={show} onSave={edits.size} />;
}

export function LengthCell({ pin: { row, label }, edits, units }: CellOf & { units: Units }) {
  const length = lengthText(row.lengthM, units);
  const show = <span className="font-mono text-[13px]">{length || "not known yet"}</span>;
  return <TextCell label={`Length of ${label}`} value={length} show={show} onSave={edits.length} />;
}

export function CircuitCell({ pin: { row, label }, edits }: CellOf) {
  const show = <span className="font-mono text-[13px]">{row.circuit ?? "none"}</span>;
  return <TextCell label={`Circuit of ${label}`} value={row.circuit ?? ""} show={show} onSave={edits.circuit} />;
}

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

export function KindCell({ pin, edits }: CellOf) {
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
      onChoose={edits.kind}
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
