"use client";

import { useState } from "react";
import { KIND_WORDS, quantityWords, sizeWords } from "@/core/words";
import { alikePins } from "@/job/alike";
import { withNeighbours } from "@/job/neighbours";
import { confirmOp } from "@/job/pin-ops";
import { Plate } from "@/ui/plate";
import { Wire } from "@/ui/wire";
import { isGuess, isUnknown, type PinView } from "../shell/derive";
import { useJob } from "../shell/job-provider";
import { TapThrough } from "../shell/tap-through";
import { KindCell, QuantityCell } from "./pin-cells";
import { pinEdits } from "./pin-edits";

/** Cavities that wait for a person, one at a time: right, or what it is instead; what is alike at once. */
export function PinsOneByOne({ pins, onClose }: { pins: readonly PinView[]; onClose: () => void }) {
  const job = useJob();
  const waiting = pins.filter((pin) => isGuess(pin) || isUnknown(pin));
  const [wanted, setAt] = useState(0);
  const at = Math.min(wanted, Math.max(0, waiting.length - 1));
  const pin = waiting[at];
  const move = (by: number) => setAt(Math.max(0, Math.min(waiting.length - 1, at + by)));
  const alike =
    pin === undefined
      ? []
      : alikePins(
          pin.row,
          waiting.filter((one) => one.connector.side === pin.connector.side).map(({ row }) => row),
        );
  const confirm = (rows: readonly PinView["row"][]) =>
    job.change(
      rows.length === 1
        ? `Confirm ${pin?.label}`
        : `Confirm ${rows.length} alike: ${quantityWords(pin?.row.quantity ?? null)}`,
      rows.flatMap((row) => withNeighbours(job.document, row, confirmOp(row))),
      { quiet: true },
    );
  const isOpen = pin !== undefined && !isUnknown(pin);
  return (
    <TapThrough
      label="Cavities"
      at={at}
      of={waiting.length}
      onMove={move}
      onClose={onClose}
      answers={[
        ...(isOpen ? [{ label: "Right", hotkey: "Y", primary: true, onTap: () => confirm([pin.row]) }] : []),
        ...(isOpen && alike.length > 1
          ? [
              {
                label: `All ${alike.length} alike are right`,
                detail: quantityWords(pin.row.quantity),
                hotkey: "A",
                onTap: () => confirm(alike),
              },
            ]
          : []),
        { label: "Later", hotkey: "L", onTap: () => move(1) },
      ]}
    >
      {pin === undefined ? <p className="text-center">Nothing waits here any more.</p> : <CavityCard pin={pin} />}
    </TapThrough>
  );
}

function CavityCard({ pin }: { pin: PinView }) {
  const { document, change } = useJob();
  const { row, connector, label } = pin;
  const edits = pinEdits(pin, document, change);
  return (
    <div className="mx-auto max-w-2xl space-y-5">
      <p className="flex flex-wrap items-center gap-4">
        <span className="text-2xl">
          <Plate side={connector.side} label={label} />
        </span>
        <Wire colour={row.colour} base={row.colourBase} tracer={row.colourTracer} />
        {row.sizeMm2 !== null && <span className="font-mono">{sizeWords(row.sizeMm2, document.job.units)}</span>}
      </p>
      <p className="text-2xl break-words">{row.description ?? "The paper says nothing."}</p>
      <dl className="grid grid-cols-[130px_minmax(0,1fr)] items-baseline gap-y-1">
        <dt className="text-base text-ink2">What it is</dt>
        <dd>
          <QuantityCell pin={pin} edits={edits} />
        </dd>
        <dt className="text-base text-ink2">How it works</dt>
        <dd>
          <KindCell pin={pin} edits={edits} />
        </dd>
      </dl>
      <p className="text-base text-ink2">
        {isUnknown(pin)
          ? "Nobody knows yet what it does. Choose above, or leave it for later."
          : `Guessed, ${Math.round(100 * row.kindConfidence)} %: ${row.kindWhy}. ${KIND_WORDS[row.kind] === "" ? "" : "Choose above what is wrong."}`}
      </p>
    </div>
  );
}
