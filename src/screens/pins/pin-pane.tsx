import { X } from "lucide-react";
import type { ReactNode } from "react";
import { formFacts, KIND_WORDS, listed, quantityHead, quantityWords, SOURCE_WORDS, wireEndText } from "@/core/words";
import { formOf } from "@/job/signal-pins";
import { Button } from "@/ui/controls";
import { Plate } from "@/ui/plate";
import { isGuess, isUnknown, type PinView } from "../shell/derive";
import { useJob } from "../shell/job-provider";
import { CircuitCell, LengthCell } from "./pin-cells";
import type { PinEdits } from "./pin-edits";

interface Props {
  readonly pin: PinView;
  readonly edits: PinEdits;
  readonly onConfirm: () => void;
  readonly onClose: () => void;
}

/** One cavity: what is known of it, from where, and how sure it is. On a tablet it comes up over the list. */
export function PinPane({ pin, edits, onConfirm, onClose }: Props) {
  const { document, report } = useJob();
  const { row, label, connector } = pin;
  const ends = (report?.ends.get(row.id) ?? []).map(wireEndText);
  return (
    <section
      aria-label={label}
      tabIndex={0}
      className="min-h-0 overflow-auto border-l border-rule2 bg-sheet p-4 max-lg:absolute! max-lg:z-20 max-lg:inset-y-0 max-lg:right-0 max-lg:w-80 max-lg:shadow-[-8px_0_24px_rgb(0_0_0/0.25)]"
    >
      <div className="mb-3 flex items-start gap-2">
        <Plate side={connector.side} label={label} />
        <h2 className="min-w-0 flex-1 text-base">{quantityHead(row.quantityConfidence < 0.5 ? null : row.quantity)}</h2>
        <button
          type="button"
          aria-label="Close"
          onClick={onClose}
          className="grid size-10 shrink-0 place-items-center lg:hidden"
        >
          <X size={18} aria-hidden="true" />
        </button>
      </div>
      <dl>
        <Fact name="Paper says">{row.description ?? "nothing"}</Fact>
        <Fact name="Circuit">
          <CircuitCell pin={pin} edits={edits} />
        </Fact>
        <Fact name="Length">
          <LengthCell pin={pin} edits={edits} units={document.job.units} />
        </Fact>
        <Fact name="Other end">{ends.length === 0 ? "not known yet" : listed(ends, 4)}</Fact>
        {connector.place !== null && <Fact name="Place">{connector.place}</Fact>}
      </dl>
      <Meaning pin={pin} onConfirm={onConfirm} />
      <Values pin={pin} />
    </section>
  );
}

/** What it is and how it works, with what that rests on. */
function Meaning({ pin, onConfirm }: { pin: PinView; onConfirm: () => void }) {
  const { row } = pin;
  const guess = isGuess(pin);
  const percent = (confidence: number) => `${Math.round(100 * confidence)} %`;
  return (
    <div className="mt-3 border-t border-rule pt-3">
      <dl>
        <Fact name="What it is">
          {quantityWords(row.quantity) || "not known"}
          <Why source={row.quantitySource} why={row.quantityWhy} sure={percent(row.quantityConfidence)} />
        </Fact>
        <Fact name="How it works">
          {isUnknown(pin) ? "not known" : KIND_WORDS[row.kind]}
          <Why source={row.kindSource} why={row.kindWhy} sure={percent(row.kindConfidence)} />
        </Fact>
      </dl>
      {guess && (
        <Button className="mt-1" hotkey="C" onClick={onConfirm}>
          Confirm
        </Button>
      )}
    </div>
  );
}

function Why({ source, why, sure }: { source: "given" | "proposed" | "confirmed"; why: string; sure: string }) {
  const words = { given: "read from the pin table", confirmed: "set by you", proposed: `guessed, ${sure}: ${why}` };
  return <span className="block text-[13px] text-ink2">{words[source]}</span>;
}

/** The form's own values. */
function Values({ pin }: { pin: PinView }) {
  const facts = formFacts(formOf(pin.row));
  if (facts.length === 0) return null;
  return (
    <div className="mt-3 border-t border-rule pt-3">
      <h3 className="mb-1 text-[13px] font-bold">Values</h3>
      <dl>
        {facts.map(({ name, text, source }) => (
          <Fact key={name} name={name}>
            <span className="font-mono text-[13px]">{text}</span>{" "}
            <span className="text-[13px] text-ink2">{SOURCE_WORDS[source]}</span>
          </Fact>
        ))}
      </dl>
    </div>
  );
}

function Fact({ name, children }: { name: string; children: ReactNode }) {
  return (
    <div className="grid grid-cols-[92px_minmax(0,1fr)] items-baseline gap-2 py-1">
      <dt className="text-[13px] text-ink2">{name}</dt>
      <dd className="min-w-0 break-words">{children}</dd>
    </div>
  );
}
