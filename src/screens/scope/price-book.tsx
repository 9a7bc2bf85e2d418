"use client";

import { useState } from "react";
import { BOOK_KEYS, type BookKey, type BookLine, bookOf, STATED } from "@/core/approaches";
import { FOOT_M } from "@/core/units";
import { BOOK_UNIT_WORDS, bookWords, digits } from "@/core/words";
import { priceOps } from "@/job/approach-facts";
import { SavedInput } from "@/ui/saved-input";
import { useJob } from "../shell/job-provider";

const GROUPS: readonly { readonly head: string; readonly has: (key: BookKey) => boolean }[] = [
  { head: "Work", has: (key) => !/^(adapter|gap)-/.test(key) },
  { head: "Adapters", has: (key) => key.startsWith("adapter-") },
  { head: "Filling gaps", has: (key) => key.startsWith("gap-") },
];

/** What things take and cost in this shop; what nobody has written is a round figure of our own, and dotted. */
export function PriceBook() {
  const { document } = useJob();
  const book = bookOf(document.prices);
  return (
    <section aria-label="Price and minutes book" className="border border-rule2 bg-sheet">
      <p className="border-b border-rule px-4 py-3 text-ink2">
        Minutes at the bench and money in your own currency. What nobody has written here is a round figure, and dotted
        under: write yours over it, and every comparison follows.
      </p>
      <table className="w-full text-left">
        <thead className="sticky top-0 bg-sheet text-[13px] text-ink2">
          <tr className="border-b-[1.5px] border-rule2">
            <th className="px-4 py-2 font-semibold">Line</th>
            <th className="w-24 font-semibold" />
            <th className="w-36 font-semibold">Minutes</th>
            <th className="w-36 pr-4 font-semibold">Money</th>
          </tr>
        </thead>
        {GROUPS.map(({ head, has }) => (
          <tbody key={head}>
            <tr>
              <th colSpan={4} className="px-4 pt-4 pb-1 text-[13px] font-bold">
                {head}
              </th>
            </tr>
            {BOOK_KEYS.filter(has).map((key) => (
              <PriceLine key={key} id={key} line={book[key]} />
            ))}
          </tbody>
        ))}
      </table>
    </section>
  );
}

function PriceLine({ id, line }: { id: BookKey; line: BookLine }) {
  const { units } = useJob().document.job;
  const name = bookWords(id);
  const isFeet = units === "imperial";
  return (
    <>
      <tr className="border-t border-rule">
        <td className="px-4 py-1">{name}</td>
        <td className="text-[13px] text-ink2">{BOOK_UNIT_WORDS[line.unit]}</td>
        <td className="pr-2">{id === "labour" ? null : <Figure id={id} line={line} field="minutes" name={name} />}</td>
        <td className="pr-4">
          <Figure id={id} line={line} field="money" name={name} />
        </td>
      </tr>
      {line.amount !== null && (
        <tr className="border-t border-rule">
          <td className="px-4 py-1">How far the two harnesses are apart, where a wire is made longer</td>
          <td className="text-[13px] text-ink2">{isFeet ? "ft" : "m"}</td>
          <td className="pr-2">
            <Figure id={id} line={line} field="amount" name="How far apart" scale={isFeet ? FOOT_M : 1} />
          </td>
          <td />
        </tr>
      )}
    </>
  );
}

interface FigureProps {
  readonly id: BookKey;
  readonly line: BookLine;
  readonly field: "minutes" | "money" | "amount";
  readonly name: string;
  /** So much of what is kept is one of what is shown. */
  readonly scale?: number;
}

const MOST = { minutes: 100_000, money: 1e9, amount: 1000 } as const;

function Figure({ id, line, field, name, scale = 1 }: FigureProps) {
  const job = useJob();
  const [fault, setFault] = useState<string | null>(null);
  const value = line[field] ?? 0;
  const isStated = STATED[id][field] === value;
  const label = `${name}: ${field}`;
  const save = (written: string) => {
    const given = Number(written.replace(",", "."));
    if (written === "" || !Number.isFinite(given) || given < 0 || given * scale > MOST[field]) {
      setFault(`Give a number from 0 to ${digits(MOST[field] / scale, 7)}.`);
      return;
    }
    setFault(null);
    job.change(`${label} ${written}`, priceOps(job.document, id, field, given * scale), { quiet: true });
  };
  return (
    <>
      <span className={isStated ? "block border-b border-dotted border-ink2" : "block"}>
        <SavedInput label={label} numeric value={digits(value / scale, 6)} onSave={save} />
      </span>
      {fault !== null && (
        <span role="alert" className="block text-[13px] font-semibold text-stop">
          {fault}
        </span>
      )}
    </>
  );
}
