"use client";

import { useVirtualizer } from "@tanstack/react-virtual";
import { Printer } from "lucide-react";
import { nanoid } from "nanoid";
import { useEffect, useMemo, useRef, useState } from "react";
import { HARMS, type Harm, type LookAlike } from "@/core/compare";
import { capital, carriedText, crossingText, HARM_WORDS, listed } from "@/core/words";
import { insertOp, updateOp } from "@/job/ops";
import type { AlikeRow } from "@/job/schema";
import { Button, Chip } from "@/ui/controls";
import { StateMark } from "@/ui/marks";
import { Caution, Empty } from "@/ui/states";
import { useJob } from "../shell/job-provider";
import { useKeys } from "../shell/keys";
import { PaperStyle } from "../shell/paper";
import { ScreenHead } from "../shell/screen-head";

const WORST: readonly Harm[] = [...HARMS].reverse().filter((harm) => harm !== "none");
const isGrave = (harm: Harm) => harm === "short" || harm === "destroys";

/** Pairs that could be plugged into each other's place, the most dangerous first. */
export function LookAlikesScreen() {
  const job = useJob();
  const [pairs, setPairs] = useState<readonly LookAlike[] | null>(null);
  const [harm, setHarm] = useState<Harm | null>(null);
  const [selected, setSelected] = useState<string | null>(null);
  const [flags, setFlags] = useState<readonly LookAlike[]>([]);
  const scroller = useRef<HTMLDivElement>(null);
  const { connectors, pins, links } = job.document;
  useEffect(() => {
    let current = true;
    void job.askLookAlikes().then((found) => current && setPairs(found));
    return () => {
      current = false;
    };
  }, [connectors, pins, links]);
  const told = useMemo(
    () => new Map(job.document.alikes.map((row) => [`${row.oneId} ${row.twoId}`, row])),
    [job.document.alikes],
  );
  const visible = useMemo(() => (pairs ?? []).filter((pair) => harm === null || pair.harm === harm), [pairs, harm]);
  const current = visible.find((pair) => pair.ids.join(" ") === selected) ?? visible[0];
  const list = useVirtualizer({
    count: visible.length,
    getScrollElement: () => scroller.current,
    overscan: 8,
    initialRect: { width: 400, height: 600 },
    estimateSize: () => 58,
    getItemKey: (at) => visible[at]?.ids.join(" ") ?? at,
  });
  const move = (by: number) => {
    const at = Math.max(0, Math.min(visible.length - 1, (current === undefined ? 0 : visible.indexOf(current)) + by));
    const next = visible[at];
    if (next !== undefined) {
      setSelected(next.ids.join(" "));
      list.scrollToIndex(at, { align: "auto" });
    }
  };
  const tell = (pair: LookAlike, state: AlikeRow["state"], label: string) =>
    job.change(label, (person) => {
      const row = told.get(pair.ids.join(" "));
      return row === undefined
        ? [insertOp("alike", { id: nanoid(), oneId: pair.ids[0], twoId: pair.ids[1], state, note: "", person })]
        : [updateOp("alike", row.id, row, { state, person })];
    });
  const printFlag = (pair: LookAlike) => {
    setFlags([pair]);
    if (!told.has(pair.ids.join(" "))) tell(pair, "flagged", `Flag on ${pair.labels.join(" and ")}`);
    setTimeout(() => print(), 80);
  };
  const check = (pair: LookAlike | undefined) =>
    pair !== undefined && tell(pair, "checked", `${pair.labels.join(" and ")} checked at installation`);
  useKeys({
    ArrowDown: () => move(1),
    ArrowUp: () => move(-1),
    j: () => move(1),
    k: () => move(-1),
    c: () => check(current),
  });
  const checked = (pairs ?? []).filter((pair) => told.get(pair.ids.join(" "))?.state === "checked").length;
  return (
    <>
      <PaperStyle paper="A4" />
      <ScreenHead title="Look-alikes">
        <Chip on={harm === null} onClick={() => setHarm(null)}>
          All <span className="font-mono">{pairs?.length ?? 0}</span>
        </Chip>
        {WORST.map((one) => (
          <Chip key={one} on={harm === one} onClick={() => setHarm(one)}>
            {capital(HARM_WORDS[one])}{" "}
            <span className="font-mono">{(pairs ?? []).filter((pair) => pair.harm === one).length}</span>
          </Chip>
        ))}
        <span className="flex-1" />
        <span className="text-ink2">{checked} checked</span>
      </ScreenHead>
      <div className="no-print mx-4 mb-4 grid min-h-0 flex-1 grid-cols-[380px_minmax(0,1fr)] border border-rule2 bg-sheet max-lg:grid-cols-[260px_minmax(0,1fr)]">
        <div
          ref={scroller}
          tabIndex={0}
          role="group"
          aria-label="Pairs"
          className="min-h-0 overflow-auto border-r border-rule2"
        >
          {pairs === null && (
            <p className="p-3 text-ink2" role="status">
              Comparing every connector with every other …
            </p>
          )}
          {pairs !== null && visible.length === 0 && (
            <Empty title="No such pair">
              <p>No two connectors of one loom have the same cavities and could be crossed with this harm.</p>
            </Empty>
          )}
          <div className="relative" style={{ height: list.getTotalSize() }}>
            {list.getVirtualItems().map((virtual) => {
              const pair = visible[virtual.index] as LookAlike;
              const row = told.get(pair.ids.join(" "));
              return (
                <button
                  key={virtual.key}
                  type="button"
                  aria-pressed={pair === current}
                  onClick={() => setSelected(pair.ids.join(" "))}
                  style={{ height: virtual.size, transform: `translateY(${virtual.start}px)` }}
                  className={`absolute top-0 left-0 flex w-full items-center gap-2.5 border-b border-rule px-3 text-left ${pair === current ? "bg-fill shadow-[inset_4px_0_0_var(--ink)]" : ""}`}
                >
                  <StateMark
                    mark={row?.state === "checked" ? "proven" : row?.state === "flagged" ? "decided" : "open"}
                  />
                  <span className="min-w-0">
                    <span className="block truncate font-semibold">{pair.labels.join(" ↔ ")}</span>
                    <span
                      className={`block truncate text-[13px] ${isGrave(pair.harm) ? "font-semibold text-stop" : "text-ink2"}`}
                    >
                      {capital(HARM_WORDS[pair.harm])}
                      {row === undefined ? "" : `, ${row.state}`}
                    </span>
                  </span>
                </button>
              );
            })}
          </div>
        </div>
        {current === undefined ? (
          <div />
        ) : (
          <section aria-label="Pair" tabIndex={0} className="min-h-0 overflow-auto p-4">
            <h2 className="text-lg">{current.labels.join(" ↔ ")}</h2>
            <p className="mt-1">
              <strong className="text-stop">{capital(HARM_WORDS[current.harm])}</strong> if they change places.
              {current.unsure.length > 0 && (
                <span className="text-ink2"> Not ruled out, since nobody has entered {listed(current.unsure, 6)}.</span>
              )}
            </p>
            <div className="mt-3 flex flex-wrap gap-2">
              <Button onClick={() => printFlag(current)}>
                <Printer size={16} aria-hidden="true" />
                Print the flag
              </Button>
              <Button primary hotkey="C" onClick={() => check(current)}>
                Checked at installation
              </Button>
            </div>
            <table className="mt-4 w-full border-collapse text-left">
              <thead className="text-[13px]">
                <tr className="border-y border-rule2">
                  <th className="py-1.5 pr-3 font-semibold">Cavity</th>
                  <th className="pr-3 font-semibold">{current.labels[0]}</th>
                  <th className="pr-3 font-semibold">{current.labels[1]}</th>
                  <th className="font-semibold">Crossed, it</th>
                </tr>
              </thead>
              <tbody>
                {current.crossings.map((one) => (
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
            {isGrave(current.harm) && (
              <div className="mt-4">
                <Caution>
                  Identify both by their cavities and use before you plug them in, never by shape or colour alone. “It
                  does not reach” is a clue that it is another plug. Power up first with a limited supply.
                </Caution>
              </div>
            )}
          </section>
        )}
      </div>
      <div className="hidden print:block">
        {flags.map((pair) =>
          pair.labels.map((label, at) => (
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
          )),
        )}
      </div>
    </>
  );
}
