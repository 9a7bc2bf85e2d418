"use client";

import { useState } from "react";
import { directionOf } from "@/core/forms";
import type { Unmatched } from "@/core/signals";
import { KIND_WORDS, quantityHead, unmatchedText } from "@/core/words";
import { Button } from "@/ui/controls";
import { Plate } from "@/ui/plate";
import { Wire } from "@/ui/wire";
import { useJob } from "../shell/job-provider";

/** What stands at the edges: the donor's on the left, the host's on the right, each with the reason. */
export function UnmatchedList({ onPair }: { onPair: (pinId: string) => void }) {
  return (
    <div className="grid grid-cols-2 divide-x divide-rule2 max-lg:grid-cols-1">
      {(["donor", "host"] as const).map((side) => (
        <SideList key={side} side={side} onPair={onPair} />
      ))}
    </div>
  );
}

/** Those of one side: what needs a thought, and in one line what stays with its own computer. */
function SideList({ side, onPair }: { side: "donor" | "host"; onPair: (pinId: string) => void }) {
  const { plan } = useJob();
  const [isAll, setAll] = useState(false);
  const own = plan.unmatched.filter(({ pin }) => pin.side === side);
  const open = own.filter(({ reason }) => !SETTLED.has(reason.code));
  const settled = own.filter(({ reason }) => SETTLED.has(reason.code));
  return (
    <section aria-label={`${side}: no counterpart`}>
      <h2 className="wide border-b border-rule px-3 py-2 text-sm">
        {side === "donor" ? "Donor" : "Host"} <span className="font-mono font-normal">{open.length}</span>
      </h2>
      <ul>
        {open.map((one) => (
          <Edge key={one.pin.id} one={one} onPair={onPair} />
        ))}
        {settled.length > 0 && (
          <li className="flex items-center gap-3 border-b border-rule px-3 py-1">
            <span className="flex-1">
              <span className="font-mono">{settled.length}</span> stay with their own side: what gives them, or takes
              them, is there.
            </span>
            <Button onClick={() => setAll(!isAll)}>{isAll ? "Hide them" : "Show them"}</Button>
          </li>
        )}
        {isAll && settled.map((one) => <Edge key={one.pin.id} one={one} onPair={onPair} />)}
      </ul>
    </section>
  );
}

/** What its own side serves needs nobody across. */
export const SETTLED: ReadonlySet<Unmatched["reason"]["code"]> = new Set([
  "own-side",
  "laid-to",
  "own-side-none-across",
  "bus-own-side",
  "sensor-ground-own-computer",
  "ground-unused",
  "screen",
]);
function Edge({ one: { pin, reason }, onPair }: { one: Unmatched; onPair: (pinId: string) => void }) {
  const view = useJob().pinById.get(pin.id);
  if (view === undefined) return null;
  return (
    <li className="grid grid-cols-[1fr_auto] items-center gap-3 border-b border-rule px-3 py-2">
      <div className="min-w-0">
        <p className="flex flex-wrap items-center gap-x-2 gap-y-1">
          <Plate side={pin.side} label={view.label} />
          <Wire colour={view.row.colour} base={view.row.colourBase} tracer={view.row.colourTracer} />
          <span className="min-w-0 truncate">{view.row.description}</span>
        </p>
        <p className="mt-1 text-[13px] text-ink2">
          <strong className="font-semibold text-ink">{quantityHead(pin.quantity)}</strong>
          {directionOf(pin.form.kind) === "none" ? "" : `, ${KIND_WORDS[pin.form.kind]}`}. {unmatchedText(reason, pin)}.
        </p>
      </div>
      {directionOf(pin.form.kind) !== "none" && (
        <Button onClick={() => onPair(pin.id)} aria-label={`Pair ${view.label} by hand`}>
          Pair
        </Button>
      )}
    </li>
  );
}
