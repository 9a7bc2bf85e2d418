"use client";

import type { Gap, GapWay } from "@/core/plan";
import { gapHead, gapText, gapWayMinutes, gapWayText } from "@/core/words";
import { Button } from "@/ui/controls";
import { StateMark } from "@/ui/marks";
import { CavityPlate } from "../cavity/cavity-plate";
import { useJob } from "../shell/job-provider";
import { fillOps } from "./use-functions";

interface GapProps {
  readonly gaps: readonly [Gap, ...Gap[]];
  /** Keys work on the first that is open. */
  readonly isFirst: boolean;
  readonly onOther: (pinId: string) => void;
}

/** Cavities that lack the same, why, and the ways to make it whole, the cheapest first. */
export function GapSection({ gaps, isFirst, onOther }: GapProps) {
  const job = useJob();
  const [first] = gaps;
  const cavities = gaps.flatMap(({ pin }) => job.pinById.get(pin.id) ?? []);
  const choose = (way: GapWay | null) =>
    job.change(
      way === null ? `Open again: ${gapHead(first)}` : `${gapHead(first)}: ${gapWayText(way, first).toLowerCase()}`,
      (person) => fillOps(job.document, gaps, way, person),
    );
  const label = `${gapHead(first)}, ${cavities.map(({ label }) => label).join(", ")}`;
  return (
    <section aria-label={label} className="border-b border-rule px-4 py-3">
      <div className="flex flex-wrap items-center gap-x-2">
        <strong>{gapHead(first)}</strong>
        {cavities.slice(0, MOST_PLATES).map((pin) => (
          <CavityPlate key={pin.row.id} pin={pin} />
        ))}
        {cavities.length > MOST_PLATES && <span>and {cavities.length - MOST_PLATES} more</span>}
      </div>
      <p className="text-[13px] text-ink2">{gapText(first)}</p>
      {first.chosen === null ? (
        <ol className="mt-1">
          {first.ways.map((way, at) => (
            <li
              key={way}
              className="grid grid-cols-[20px_minmax(0,1fr)_64px_84px] items-center gap-2 border-t border-rule text-[13px]"
            >
              <span className="font-mono">{at + 1}</span>
              <span>{gapWayText(way, first)}</span>
              <span className="text-right font-mono">{way === "without" ? "" : `${gapWayMinutes(way)} min`}</span>
              <Button hotkey={isFirst ? keyOf(way, at) : undefined} onClick={() => choose(way)}>
                {way === "without" ? "Sign" : "Use"}
                <span className="hidden-text">: {gapWayText(way, first)}</span>
              </Button>
            </li>
          ))}
          <li className="border-t border-rule">
            <Button onClick={() => onOther(first.pin.id)}>Pair by hand</Button>
          </li>
        </ol>
      ) : (
        <p className="mt-1 flex flex-wrap items-center gap-2 text-[13px]">
          <StateMark mark={first.chosen === "without" ? "refused" : "decided"} />
          <span className="font-semibold">{gapWayText(first.chosen, first)}</span>
          <span className="text-ink2">{signedBy(job.document.gaps, first.pin.id)}</span>
          <Button onClick={() => choose(null)}>Open again</Button>
        </p>
      )}
    </section>
  );
}

const MOST_PLATES = 6;
/** The cheapest way, and to live without it, are a key each. */
const keyOf = (way: GapWay, at: number) => (way === "without" ? "S" : at === 0 ? "U" : undefined);
const signedBy = (rows: readonly { readonly id: string; readonly person: string }[], pinId: string) => {
  const person = rows.find(({ id }) => id === pinId)?.person;
  return person === undefined ? "" : `signed by ${person}`;
};
