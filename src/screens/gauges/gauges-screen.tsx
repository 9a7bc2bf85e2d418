"use client";

import { useSearchParams } from "next/navigation";
import { useState } from "react";
import type { Instrument } from "@/core/benches";
import { capital, cavityLabel, INSTRUMENT_WORDS, quantityHead } from "@/core/words";
import { StateMark } from "@/ui/marks";
import { Empty } from "@/ui/states";
import { useMove } from "@/ui/virtual-list";
import { useJob } from "../shell/job-provider";
import { useKeys } from "../shell/keys";
import { PrintButton } from "../shell/print-button";
import { ScreenHead } from "../shell/screen-head";
import { DrivenBy } from "./driven-by";
import { LampView } from "./lamp-view";
import { SenderView } from "./sender-view";
import { SpeedometerView } from "./speedometer-view";
import { TachometerView } from "./tachometer-view";
import { useInstruments } from "./use-instruments";

/** Each instrument of the host on a bench of its own: what drives it, what will, and what makes it read true. */
export function GaugesScreen() {
  const instruments = useInstruments();
  const asked = useSearchParams().get("gauge");
  const [chosen, setChosen] = useState<string | null>(null);
  const selected = chosen ?? asked ?? instruments[0]?.pin.id ?? null;
  const current = instruments.find(({ pin }) => pin.id === selected) ?? instruments[0];
  const move = useMove(
    instruments.map(({ pin }) => pin.id),
    current?.pin.id ?? null,
    setChosen,
  );
  useKeys({ ArrowDown: () => move(1), ArrowUp: () => move(-1), j: () => move(1), k: () => move(-1) });
  return (
    <>
      <ScreenHead title="Gauges">
        <span className="flex-1" />
        {current !== undefined && <PrintButton>Print this bench</PrintButton>}
      </ScreenHead>
      {current === undefined ? (
        <Empty title="No instrument yet">
          <p>Gauges, dials and lamps of the host stand here once its pin table is imported.</p>
        </Empty>
      ) : (
        <div className="mx-4 mb-4 grid min-h-0 flex-1 grid-cols-[204px_minmax(0,1fr)] border border-rule2 bg-sheet max-lg:grid-cols-[180px_minmax(0,1fr)] print:block print:border-0">
          <ul aria-label="Instruments" className="no-print overflow-auto border-r border-rule2">
            {instruments.map((one) => (
              <Item key={one.pin.id} instrument={one} on={one === current} onChoose={() => setChosen(one.pin.id)} />
            ))}
          </ul>
          <div
            className="min-h-0 overflow-auto px-4 py-3 print:overflow-visible"
            tabIndex={0}
            role="group"
            aria-label={`Bench of ${nameOf(current)}`}
          >
            <h2 className="text-lg">
              {nameOf(current)} <span className="font-mono text-[13px] font-normal">{cavityLabel(current.pin)}</span>
            </h2>
            <DrivenBy key={`driven ${current.pin.id}`} instrument={current} />
            <Bench key={current.pin.id} instrument={current} />
          </div>
        </div>
      )}
    </>
  );
}

const nameOf = ({ type, quantity }: Instrument) =>
  type === "sender"
    ? `${quantityHead(quantity)} gauge`
    : type === "warning-lamp"
      ? quantityHead(quantity)
      : capital(INSTRUMENT_WORDS[type]);

function Bench({ instrument }: { instrument: Instrument }) {
  switch (instrument.type) {
    case "sender":
      return <SenderView instrument={instrument} />;
    case "tachometer":
      return <TachometerView instrument={instrument} />;
    case "speedometer":
      return <SpeedometerView instrument={instrument} />;
    case "charge-lamp":
    case "warning-lamp":
      return <LampView instrument={instrument} />;
  }
}

function Item({ instrument, on, onChoose }: { instrument: Instrument; on: boolean; onChoose: () => void }) {
  const { document } = useJob();
  const settled = document.benches.find(({ id }) => id === instrument.pin.id)?.given.way !== undefined;
  const state =
    settled || instrument.line?.state === "decided"
      ? "decided"
      : instrument.line === null && instrument.now === null
        ? "open"
        : "proposed";
  return (
    <li>
      <button
        type="button"
        aria-pressed={on}
        onClick={onChoose}
        className={`grid min-h-12 w-full grid-cols-[26px_1fr] items-center gap-1 border-b border-rule px-3 py-1.5 text-left ${on ? "bg-fill font-semibold shadow-[inset_4px_0_0_var(--ink)]" : ""}`}
      >
        <StateMark mark={state} />
        <span className="min-w-0">
          <span className="block">{nameOf(instrument)}</span>
          <span className="block font-mono text-[13px] font-normal text-ink2">{cavityLabel(instrument.pin)}</span>
        </span>
      </button>
    </li>
  );
}
