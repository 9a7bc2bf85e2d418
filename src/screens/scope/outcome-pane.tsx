"use client";

import { X } from "lucide-react";
import Link from "next/link";
import { Children, type ReactNode } from "react";
import type { Crossing, End, Outcome, WorkItem } from "@/core/approaches";
import {
  bookWords,
  CROSSING_WORDS,
  cavityLabel,
  chainText,
  END_WORDS,
  gapShort,
  gapWayText,
  lengthText,
  listed,
  mapFunctionName,
  missingText,
  money,
  relayFaultText,
  relayName,
  workHours,
} from "@/core/words";
import { useJob } from "../shell/job-provider";

/** What of an outcome is opened. */
export type Shown =
  | { readonly of: "functions"; readonly end: End }
  | { readonly of: "links"; readonly crossing: Crossing }
  | { readonly of: "fills" }
  | { readonly of: "work" };

interface Props {
  readonly outcome: Outcome;
  readonly shown: Shown;
  /** The approach. */
  readonly title: string;
  readonly onClose: () => void;
}

/** The lines behind a number of the comparison. */
export function OutcomePane({ outcome, shown, title, onClose }: Props) {
  return (
    <aside
      aria-label="What the number is made of"
      className="self-start border border-rule2 bg-sheet max-lg:fixed max-lg:inset-x-0 max-lg:bottom-0 max-lg:z-20 max-lg:border-t-[3px] max-lg:border-ink lg:sticky lg:top-0"
    >
      <header className="flex items-start gap-2 border-b border-rule px-3 py-2">
        <h2 className="min-w-0 flex-1 text-sm font-bold">
          {headOf(shown)}
          <span className="block text-[13px] font-normal text-ink2">{title}</span>
        </h2>
        <button type="button" className="grid size-10 place-items-center" onClick={onClose}>
          <X size={16} aria-hidden="true" />
          <span className="hidden-text">Close</span>
        </button>
      </header>
      <div
        className="max-h-[62vh] overflow-auto max-lg:max-h-[40vh]"
        tabIndex={0}
        role="group"
        aria-label={headOf(shown)}
      >
        <Lines outcome={outcome} shown={shown} />
      </div>
    </aside>
  );
}

function headOf(shown: Shown): string {
  switch (shown.of) {
    case "functions":
      return `Functions: ${END_WORDS[shown.end]}`;
    case "links":
      return `Links: ${CROSSING_WORDS[shown.crossing]}`;
    case "fills":
      return "Gaps, each filled in the cheapest way";
    case "work":
      return "Work, by the price book";
  }
}

function Lines({ outcome, shown }: Pick<Props, "outcome" | "shown">) {
  const { jobId } = useJob();
  switch (shown.of) {
    case "functions":
      return (
        <List none="None.">
          {outcome.functions[shown.end].map(({ key }) => (
            <li key={key} className="px-3 py-1.5">
              <Link
                href={`/jobs/${jobId}/map?function=${key}`}
                className="underline decoration-rule2 underline-offset-4"
              >
                {mapFunctionName(key)}
              </Link>
            </li>
          ))}
        </List>
      );
    case "links":
      return (
        <List none="None.">
          {shown.crossing === "gateway" &&
            outcome.relays.map((row) => (
              <li key={row.id} className="px-3 py-1.5 text-[13px]">
                <span className="font-mono">
                  {row.source?.name ?? "?"} → {relayName(row)}
                </span>
                {row.faults.map((fault) => (
                  <span key={fault.code} className="block text-ink2">
                    {relayFaultText(fault)}
                  </span>
                ))}
              </li>
            ))}
          {outcome.links[shown.crossing].map(({ key, provider, consumer, adapters, state, options }) => (
            <li key={key} className="px-3 py-1.5 text-[13px]">
              <span className="font-mono">
                {cavityLabel(provider)} → {cavityLabel(consumer)}
              </span>
              <span className="block text-ink2">
                {state === "open" ? options[0].missing.map(missingText).join(", ") : chainText(adapters)}
              </span>
            </li>
          ))}
        </List>
      );
    case "fills":
      return (
        <List none="No gap.">
          {outcome.fills.map(({ gap, way }) => (
            <li key={gap.pin.id} className="px-3 py-1.5 text-[13px]">
              {gapShort(gap)}
              <span className="block text-ink2">{gapWayText(way, gap)}</span>
            </li>
          ))}
        </List>
      );
    case "work":
      return <Work outcome={outcome} />;
  }
}

function List({ none, children }: { none: string; children: ReactNode }) {
  return Children.toArray(children).length === 0 ? (
    <p className="px-3 py-2 text-ink2">{none}</p>
  ) : (
    <ul className="divide-y divide-rule">{children}</ul>
  );
}

function Work({ outcome }: { outcome: Outcome }) {
  const { units } = useJob().document.job;
  const rows = outcome.work.toSorted((a, b) => b.minutes - a.minutes);
  return (
    <table className="w-full text-left text-[13px]">
      <thead className="sticky top-0 bg-sheet text-ink2">
        <tr className="border-b border-rule2">
          <th className="px-3 py-1.5 font-semibold">Line</th>
          <th className="px-2 text-right font-semibold">Hours</th>
          <th className="pr-3 text-right font-semibold">Parts</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((item) => (
          <tr key={item.key} className="border-b border-rule align-top">
            <td className="px-3 py-1.5">
              <span className="font-mono">{countOf(item, units)}</span> {bookWords(item.key)}
              {item.at.length > 0 && (
                <span className="block font-mono text-ink2" title={item.at.join(", ")}>
                  {listed([...new Set(item.at)], 5)}
                </span>
              )}
            </td>
            <td className="px-2 py-1.5 text-right font-mono whitespace-nowrap">{workHours(item.minutes)}</td>
            <td className="py-1.5 pr-3 text-right font-mono">{money(item.money)}</td>
          </tr>
        ))}
      </tbody>
      <tfoot>
        <tr className="font-bold">
          <td className="px-3 py-1.5">Labour {money(outcome.labourMoney)}, parts and labour</td>
          <td className="px-2 text-right font-mono whitespace-nowrap">{workHours(outcome.minutes)}</td>
          <td className="pr-3 text-right font-mono">{money(outcome.partsMoney + outcome.labourMoney)}</td>
        </tr>
      </tfoot>
    </table>
  );
}

const countOf = ({ key, count }: WorkItem, units: Parameters<typeof lengthText>[1]) =>
  key === "reach" ? lengthText(count, units) : `${count} ×`;
