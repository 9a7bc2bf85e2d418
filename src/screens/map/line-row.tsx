"use client";

import type { Line } from "@/core/plan";
import type { SignalPin } from "@/core/signals";
import { chainText, lineText, quantityHead, sizeText, staleText } from "@/core/words";
import { Lane, StateMark } from "@/ui/marks";
import { Plate } from "@/ui/plate";
import { Wire } from "@/ui/wire";
import { useJob } from "../shell/job-provider";
import { laneKind, lineState } from "./line-words";

export const LINE_COLUMNS =
  "grid min-w-[770px] grid-cols-[132px_minmax(200px,1fr)_150px_minmax(200px,1fr)_minmax(190px,1.15fr)] items-center max-lg:grid-cols-[110px_minmax(180px,1fr)_110px_minmax(180px,1fr)_minmax(180px,1fr)]";

/** One line, closed: quantity, donor's cavity and wire, what lies between, host's wire and cavity, verdict and why. */
export function LineRow({
  line,
  selected,
  open,
  onToggle,
}: {
  line: Line;
  selected: boolean;
  open: boolean;
  onToggle: () => void;
}) {
  const [donor, host] =
    line.provider.side === "donor" ? [line.provider, line.consumer] : [line.consumer, line.provider];
  const state = lineState(line);
  return (
    <button
      type="button"
      aria-expanded={open}
      data-line={line.key}
      onClick={onToggle}
      className={`${LINE_COLUMNS} min-h-[66px] w-full border-b border-rule text-left ${selected || open ? "bg-fill shadow-[inset_4px_0_0_var(--ink)]" : ""}`}
    >
      <span className="min-w-0 px-2.5">
        <span className="block font-semibold break-words">{quantityHead(line.quantity)}</span>
        <span className="block text-[13px] text-ink2">
          {line.consumer.side === "donor" ? "host to donor" : "donor to host"}
        </span>
      </span>
      <End pin={donor} />
      <span className="flex flex-col items-center justify-center self-stretch bg-lane py-1.5">
        <Lane kind={laneKind(line)} />
        {(line.adapters.length > 0 || line.state === "refused") && (
          <span className="narrow mt-0.5 line-clamp-2 px-1.5 text-center text-[13px] leading-tight font-medium">
            {line.state === "refused" ? "refused" : chainText(line.adapters)}
          </span>
        )}
      </span>
      <End pin={host} />
      <span className="min-w-0 px-2.5 py-1.5">
        <span className={`flex items-center gap-1.5 font-semibold ${state.bad ? "text-stop" : ""}`}>
          <StateMark mark={state.mark} />
          {state.word}
        </span>
        <span
          className="mt-0.5 line-clamp-2 text-[13px] leading-snug text-ink2"
          title={staleText(line) ?? lineText(line)}
        >
          {staleText(line) ?? lineText(line)}
        </span>
      </span>
    </button>
  );
}

function End({ pin }: { pin: SignalPin }) {
  const job = useJob();
  const view = job.pinById.get(pin.id);
  if (view === undefined) return <span />;
  const { row } = view;
  const host = pin.side === "host";
  return (
    <span className={`min-w-0 px-2.5 ${host ? "text-right" : ""}`}>
      <span className={`flex min-w-0 flex-wrap items-center gap-x-2 gap-y-1 ${host ? "flex-row-reverse" : ""}`}>
        <Plate side={pin.side} label={view.label} />
        <span className={`inline-flex items-center gap-2 ${host ? "flex-row-reverse" : ""}`}>
          <Wire colour={row.colour} base={row.colourBase} tracer={row.colourTracer} flip={host} />
          <span className="font-mono text-[13px] text-ink2">{sizeText(row.sizeMm2, job.document.job.units)}</span>
        </span>
      </span>
      <span className="mt-0.5 block truncate text-[13px] text-ink2" title={row.description ?? ""}>
        {row.description}
      </span>
    </span>
  );
}
