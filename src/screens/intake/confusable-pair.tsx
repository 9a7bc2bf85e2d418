import type { ConfusablePair, Crossing, Harm } from "@/core/compare";
import { capital, carriedText, crossingText, HARM_WORDS, listed, UNSURE_WORDS } from "@/core/words";
import { Button } from "@/ui/controls";
import { Caution } from "@/ui/states";
import { PrintButton } from "../shell/print-button";

export const isGrave = (harm: Harm) => harm === "short" || harm === "destroys";

interface Props {
  readonly pair: ConfusablePair;
  readonly onFlag: () => void;
  readonly onCheck: () => void;
}

/** Two connectors that could change places: what each cavity would meet, and what becomes of it. */
export function PairDetail({ pair, onFlag, onCheck }: Props) {
  return (
    <section aria-label="Pair" tabIndex={0} className="min-h-0 overflow-auto p-4">
      <PairSummary pair={pair} />
      <div className="mt-3 flex flex-wrap gap-2">
        <PrintButton onPrint={onFlag}>Print the flag</PrintButton>
        <Button primary hotkey="C" onClick={onCheck}>
          Checked at installation
        </Button>
      </div>
      <Crossings pair={pair} />
      {isGrave(pair.harm) && (
        <div className="mt-4">
          <Caution>
            A crossed pair can destroy electronics. Identify both by their cavities and use before you plug them in,
            never by shape or colour alone. “It does not reach” is a clue that it is another connector. Power up first
            with a limited supply.
          </Caution>
        </div>
      )}
    </section>
  );
}

/** Which two, what happens if they change places, and what is not ruled out yet. */
export function PairSummary({ pair }: { pair: ConfusablePair }) {
  return (
    <>
      <h2 className="text-lg">{pair.labels.join(" ↔ ")}</h2>
      <p className="mt-1">
        <strong className="text-stop">{capital(HARM_WORDS[pair.harm])}</strong> if they change places.
        {pair.unsure.length > 0 && (
          <span className="text-ink2">
            {" "}
            Not ruled out while these are not known yet:{" "}
            {listed(
              pair.unsure.map((one) => UNSURE_WORDS[one]),
              6,
            )}
            .
          </span>
        )}
      </p>
    </>
  );
}

function Crossings({ pair }: { pair: ConfusablePair }) {
  return (
    <table className="mt-4 w-full border-collapse text-left">
      <thead className="text-[13px]">
        <tr className="border-y border-rule2">
          <th className="py-1.5 pr-3 font-semibold">Cavity</th>
          <th className="pr-3 font-semibold">{pair.labels[0]}</th>
          <th className="pr-3 font-semibold">{pair.labels[1]}</th>
          <th className="font-semibold">If they change places</th>
        </tr>
      </thead>
      <tbody>
        {pair.crossings.map((one: Crossing) => (
          <tr key={one.cavity} className="border-b border-rule align-top">
            <td className="py-1.5 pr-3 font-mono font-semibold">{one.cavity}</td>
            <td className="py-1.5 pr-3">{carriedText(one.one)}</td>
            <td className="py-1.5 pr-3">{carriedText(one.two)}</td>
            <td className="py-1.5">
              <strong className={isGrave(one.harm) ? "text-stop" : ""}>{capital(HARM_WORDS[one.harm])}</strong>
              <span className="block text-[13px] text-ink2">{crossingText(one)}</span>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Flags for both connectors of a pair, to be tied on. */
export function PrintedFlags({ pair }: { pair: ConfusablePair | null }) {
  if (pair === null) return null;
  return (
    <div className="hidden print:block">
      {pair.labels.map((label, at) => (
        <div key={label} className="keep mb-4 border-2 border-ink p-3">
          <p className="wide text-[16pt]">{label}</p>
          <p className="text-[12pt] font-semibold">
            NOT into the place of {pair.labels[1 - at]}: {HARM_WORDS[pair.harm]}.
          </p>
          <table className="mt-1 text-[9pt]">
            <tbody>
              {pair.crossings.slice(0, 8).map((one) => (
                <tr key={one.cavity}>
                  <td className="pr-3 font-mono font-semibold">{one.cavity}</td>
                  <td>{carriedText(at === 0 ? one.one : one.two)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      ))}
    </div>
  );
}
