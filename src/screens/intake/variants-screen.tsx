"use client";

import { useVirtualizer } from "@tanstack/react-virtual";
import { FileUp } from "lucide-react";
import { useMemo, useRef, useState } from "react";
import { type VariantRow as ComparedRow, compareVariants, type TableCavity } from "@/core/compare";
import { SIDES, type Side } from "@/core/forms";
import { readColour } from "@/core/intake";
import { capital, differenceText, sizeText } from "@/core/words";
import { deleteOp, insertOp } from "@/job/ops";
import { cavitiesOf, pickOps, placeOf, variantOf } from "@/job/variant-ops";
import { Button } from "@/ui/controls";
import { Plate } from "@/ui/plate";
import { Segments } from "@/ui/segments";
import { Empty, Trouble } from "@/ui/states";
import { Wire } from "@/ui/wire";
import { tableWorker } from "@/workers/table-worker";
import { useJob } from "../shell/job-provider";
import { useKeys } from "../shell/keys";
import { ScreenHead } from "../shell/screen-head";

const TYPES = {
  moved: "Moved",
  colour: "Other colour",
  size: "Other size",
  use: "Other use",
  "only-here": "Only in the job",
  "only-there": "Only in the other",
  same: "The same",
} as const;
type Type = keyof typeof TYPES;
const COLUMNS = "grid grid-cols-[130px_minmax(0,1fr)_minmax(0,1fr)_minmax(170px,0.9fr)_172px] items-center gap-3 px-3";

/** Another table of what should be the same harness, compared place by place; the person says which lies on the bench. */
export function VariantsScreen() {
  const job = useJob();
  const [chosen, setChosen] = useState<string | null>(null);
  const [side, setSide] = useState<Side>("donor");
  const [type, setType] = useState<Type | "different">("different");
  const [selected, setSelected] = useState(0);
  const [fault, setFault] = useState<{ message: string; hint: string } | null>(null);
  const [reading, setReading] = useState(false);
  const scroller = useRef<HTMLDivElement>(null);
  const file = useRef<HTMLInputElement>(null);
  const variants = job.document.variants;
  const variant = variants.find((row) => row.id === chosen) ?? variants[0];
  const {
    pins,
    connectors,
    job: { units },
  } = job.document;
  const rows = useMemo(
    () => (variant === undefined ? [] : compareVariants(cavitiesOf(job.document, variant.side), variant.cavities)),
    [pins, connectors, variant],
  );
  const visible = rows.filter((row) =>
    type === "different" ? row.difference.type !== "same" : row.difference.type === type,
  );
  const unsettled = rows.filter((row) => row.difference.type !== "same" && variant?.picks[placeOf(row)] === undefined);
  const list = useVirtualizer({
    count: visible.length,
    getScrollElement: () => scroller.current,
    overscan: 8,
    initialRect: { width: 1000, height: 600 },
    estimateSize: () => 74,
    getItemKey: (at) => (visible[at] === undefined ? at : placeOf(visible[at])),
  });

  const take = async (chosenFile: File | undefined) => {
    if (chosenFile === undefined) return;
    setReading(true);
    setFault(null);
    const bytes = new Uint8Array(await chosenFile.arrayBuffer());
    const result = await tableWorker.ask((worker) => worker.readPinTable(bytes, side));
    setReading(false);
    if (!result.ok) {
      setFault({ message: `${chosenFile.name}: ${result.refusal.message}`, hint: result.refusal.hint });
      return;
    }
    const row = variantOf(side, chosenFile.name.replace(/\.[a-z]+$/i, ""), result.table.pins);
    job.change(`Compare the ${side} with ${row.label}`, [insertOp("variant", row)]);
    setChosen(row.id);
  };
  const pick = (which: readonly ComparedRow[], table: "here" | "there") => {
    if (variant === undefined || which.length === 0) return;
    job.change(
      which.length === 1
        ? `${placeOf(which[0] as ComparedRow)} is as ${table === "here" ? "in the job" : `in ${variant.label}`}`
        : `${which.length} places are as ${table === "here" ? "in the job" : `in ${variant.label}`}`,
      pickOps(job.document, variant, which, table),
    );
  };
  const move = (by: number) =>
    setSelected((now) => {
      const next = Math.max(0, Math.min(visible.length - 1, now + by));
      list.scrollToIndex(next, { align: "auto" });
      return next;
    });
  const current = visible[selected];
  useKeys({
    ArrowDown: () => move(1),
    ArrowUp: () => move(-1),
    j: () => move(1),
    k: () => move(-1),
    h: () => current && pick([current], "here"),
    t: () => current && pick([current], "there"),
  });

  return (
    <>
      <ScreenHead title="Variants">
        <Segments
          label="Table"
          value={variant?.id ?? null}
          onChange={(id) => {
            setChosen(id);
            setSelected(0);
          }}
          segments={variants.map((row) => ({ key: row.id, label: `${capital(row.side)}: ${row.label}` }))}
        />
        <span className="flex-1" />
        <select
          aria-label="Side of the table"
          className="field w-28"
          value={side}
          onChange={(event) => setSide(SIDES.find((one) => one === event.target.value) ?? "donor")}
        >
          {SIDES.map((one) => (
            <option key={one} value={one}>
              {capital(one)}
            </option>
          ))}
        </select>
        <Button primary disabled={reading} onClick={() => file.current?.click()}>
          <FileUp size={16} aria-hidden="true" />
          {reading ? "Reading …" : "Compare a table"}
        </Button>
        <input
          ref={file}
          type="file"
          accept=".csv,.tsv,.txt,text/csv,text/plain"
          aria-label="Table to compare"
          className="hidden-text"
          tabIndex={-1}
          onChange={(event) => {
            const [one] = event.target.files ?? [];
            event.target.value = "";
            void take(one);
          }}
        />
      </ScreenHead>
      {fault !== null && (
        <div className="mx-4 mb-2">
          <Trouble title={fault.message}>
            <p>{fault.hint}</p>
          </Trouble>
        </div>
      )}
      {variant === undefined ? (
        <div className="mx-4 border border-rule2 bg-sheet">
          <Empty title="Nothing to compare yet">
            <p>
              Take the pin table of another year, trim or gearbox that should be the same harness. Each place that
              differs is shown side by side, and you say which one lies on the bench.
            </p>
          </Empty>
        </div>
      ) : (
        <>
          <div className="mx-4 mb-2 flex flex-wrap items-center gap-2">
            <Segments
              label="Show"
              value={type}
              onChange={(one) => {
                setType(one);
                setSelected(0);
              }}
              segments={[
                {
                  key: "different",
                  label: "Different",
                  count: rows.filter((row) => row.difference.type !== "same").length,
                },
                ...(Object.keys(TYPES) as Type[]).map((key) => ({
                  key,
                  label: TYPES[key],
                  count: rows.filter((row) => row.difference.type === key).length,
                })),
              ]}
            />
            <span className="flex-1" />
            <Button disabled={unsettled.length === 0} onClick={() => pick(unsettled, "here")}>
              All {unsettled.length} as in the job
            </Button>
            <Button disabled={unsettled.length === 0} onClick={() => pick(unsettled, "there")}>
              All {unsettled.length} as in the other
            </Button>
            <Button
              onClick={() => {
                job.change(`Remove the table ${variant.label}`, [deleteOp("variant", variant)]);
                setChosen(null);
              }}
            >
              Remove the table
            </Button>
          </div>
          <div
            ref={scroller}
            tabIndex={0}
            role="group"
            aria-label="Differences"
            className="mx-4 mb-4 min-h-0 flex-1 overflow-auto border border-rule2 bg-sheet"
          >
            <div className="min-w-[820px]">
              <div
                className={`${COLUMNS} sticky top-0 z-10 h-9 border-b-[1.5px] border-rule2 bg-sheet text-[13px] font-semibold text-ink2`}
              >
                <span>Place</span>
                <span>In the job</span>
                <span>In {variant.label}</span>
                <span>Difference</span>
                <span>On the bench lies</span>
              </div>
              {visible.length === 0 && (
                <Empty title={type === "different" ? "The tables agree in every place" : "No such place"}>
                  <p>{rows.length} places compared.</p>
                </Empty>
              )}
              <div className="relative" style={{ height: list.getTotalSize() }}>
                {list.getVirtualItems().map((virtual) => {
                  const row = visible[virtual.index] as ComparedRow;
                  const picked = variant.picks[placeOf(row)];
                  return (
                    <div
                      key={virtual.key}
                      role="group"
                      aria-label={placeOf(row)}
                      onFocus={() => setSelected(virtual.index)}
                      style={{ height: virtual.size, transform: `translateY(${virtual.start}px)` }}
                      className={`absolute top-0 left-0 w-full border-b border-rule ${COLUMNS} ${virtual.index === selected ? "bg-fill shadow-[inset_4px_0_0_var(--ink)]" : ""}`}
                    >
                      <span>
                        <Plate side={variant.side} label={placeOf(row)} />
                      </span>
                      <Told cavity={row.here} />
                      <Told cavity={row.there} />
                      <span className="min-w-0">
                        <strong className={row.difference.type === "same" ? "" : "text-ink"}>
                          {TYPES[row.difference.type]}
                        </strong>
                        {row.difference.type !== "same" && (
                          <span className="line-clamp-3 text-[13px] leading-tight text-ink2">
                            {differenceText(row.difference, units)}
                          </span>
                        )}
                      </span>
                      {row.difference.type === "same" && picked === undefined ? (
                        <span className="text-[13px] text-ink2">either</span>
                      ) : (
                        <span className="flex gap-1.5" role="group" aria-label={`On the bench at ${placeOf(row)}`}>
                          <Segments
                            label="Which is right"
                            value={picked ?? null}
                            onChange={(key) => pick([row], key)}
                            segments={[
                              { key: "here", label: "the job's" },
                              { key: "there", label: "the other" },
                            ]}
                          />
                        </span>
                      )}
                    </div>
                  );
                })}
              </div>
            </div>
          </div>
        </>
      )}
    </>
  );
}

/** A cavity as one table has it. The variant keeps colours in their normal form. */
function Told({ cavity }: { cavity: TableCavity | null }) {
  const { units } = useJob().document.job;
  if (cavity === null) return <span className="text-[13px] text-ink2">not there</span>;
  return (
    <span className="min-w-0">
      <span className="line-clamp-2 leading-tight" title={cavity.description ?? ""}>
        {cavity.description ?? <span className="text-ink2">not described</span>}
      </span>
      <span className="flex items-center gap-2">
        {cavity.colour !== null && <Wire {...readColour(cavity.colour)} colour={cavity.colour} />}
        <span className="font-mono text-[13px] text-ink2">
          {sizeText(cavity.sizeMm2, units)} {cavity.circuit ?? ""}
        </span>
      </span>
    </span>
  );
}
