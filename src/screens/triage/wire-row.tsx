import type { ReportRow } from "@/core/slice";
import { CHOICE_WORDS, sizeText, triageText, wireText } from "@/core/words";
import { type Mark, StateMark } from "@/ui/marks";
import { Wire } from "@/ui/wire";
import type { PinView } from "../shell/derive";
import { useJob } from "../shell/job-provider";

interface Props {
  readonly row: ReportRow;
  /** No connector's name stands over it. */
  readonly fullName: boolean;
  readonly selected: boolean;
  readonly onSelect: () => void;
}

/** One wire in the list: what is decided or proposed, what it joins, and why. */
export function WireRow({ row, fullName, selected, onSelect }: Props) {
  const { pinById, document } = useJob();
  const { units } = document.job;
  const { wire, decided } = row;
  const mark: Mark =
    decided === null ? (row.class === "unknown" ? "open" : "proposed") : decided.done ? "proven" : "decided";
  const word = CHOICE_WORDS[decided?.choice ?? row.proposed];
  return (
    <button
      type="button"
      onClick={onSelect}
      aria-pressed={selected}
      data-wire={wire.id}
      className={`grid h-full w-full grid-cols-[92px_minmax(0,1fr)_auto] items-center gap-2 border-b border-rule px-3 text-left ${selected ? "bg-fill shadow-[inset_4px_0_0_var(--ink)]" : ""}`}
    >
      <span className="flex items-center gap-2">
        <StateMark mark={mark} />
        <span className="min-w-0">
          <span className={`block font-semibold ${decided?.unplanned ? "text-stop" : ""}`}>{word}</span>
          <span className="block text-[13px] leading-tight text-ink2">
            {decided === null ? "proposed" : decided.unplanned ? "cut unplanned" : decided.done ? "done" : "decided"}
          </span>
        </span>
      </span>
      <span className="min-w-0">
        <span
          className={`${fullName ? "line-clamp-2 leading-tight" : "block truncate"} font-mono text-[13px] font-semibold`}
          title={wireText(row.ends)}
        >
          {fullName ? wireText(row.ends) : shortName(row, pinById.get(wire.pinIds[0] ?? ""))}
        </span>
        <span className={`${fullName ? "line-clamp-1" : "line-clamp-2"} text-[13px] leading-tight text-ink2`}>
          {row.mark !== null && row.guard !== "airbag" && (
            <strong className="text-warn">{MARK_WORDS[row.mark]}. </strong>
          )}
          {triageText(row.reason)}
        </span>
      </span>
      <span className="flex flex-col items-end">
        <Wire colour={wire.colour} base={wire.colourBase} tracer={wire.colourTracer} />
        <span className="font-mono text-[13px] text-ink2">
          {sizeText(wire.sizeMm2, units)}
          {units === "metric" && wire.sizeMm2 !== null ? " mm²" : ""}
        </span>
      </span>
    </button>
  );
}

/** Under its connector's head a wire needs no connector in its name. */
const shortName = ({ ends }: ReportRow, pin: PinView | undefined) =>
  pin !== undefined && ends.from.type === "cavity" && ends.from.pinId === pin.row.id
    ? wireText({ ...ends, from: { ...ends.from, connector: "" } }).replace(/^-/, "")
    : wireText(ends);

export const MARK_WORDS = {
  airbag: "Airbag circuit",
  "anti-lock": "Anti-lock circuit",
  steering: "Steering circuit",
} as const;
