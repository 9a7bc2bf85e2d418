"use client";

import { FileUp } from "lucide-react";
import { useRouter, useSearchParams } from "next/navigation";
import { useEffect, useMemo, useRef, useState } from "react";
import { SIDES, type Side } from "@/core/forms";
import { assignColumn, type Column, type PinTableResult } from "@/formats/pin-table";
import { planImport } from "@/job/import-table";
import { Button } from "@/ui/controls";
import { Segments } from "@/ui/segments";
import { Trouble } from "@/ui/states";
import { tableWorker } from "@/workers/table-worker";
import { useJob } from "../shell/job-provider";
import { ScreenHead } from "../shell/screen-head";
import { ImportPreview } from "./import-preview";

interface Source {
  readonly name: string;
  readonly bytes: Uint8Array;
}

/** Takes a pin table in: by file, drop or paste. Nothing changes before the person agrees to what the preview shows. */
export function ImportScreen() {
  const job = useJob();
  const router = useRouter();
  const query = useSearchParams();
  const asked = query.get("side");
  const [side, setSide] = useState<Side>(
    SIDES.find((one) => one === asked) ?? (job.pins.some((pin) => pin.connector.side === "donor") ? "host" : "donor"),
  );
  const [source, setSource] = useState<Source | null>(null);
  const [result, setResult] = useState<PinTableResult | null>(null);
  const [reading, setReading] = useState(false);
  const [removeAbsent, setRemoveAbsent] = useState(false);
  const [over, setOver] = useState(false);
  const file = useRef<HTMLInputElement>(null);

  const read = async (next: Source, forSide: Side, columns?: Parameters<typeof assignColumn>[0]) => {
    setSource(next);
    setReading(true);
    setResult(await tableWorker.ask((worker) => worker.readPinTable(next.bytes, forSide, columns)));
    setReading(false);
  };
  const take = async (chosen: File) =>
    read({ name: chosen.name, bytes: new Uint8Array(await chosen.arrayBuffer()) }, side);
  const paste = (text: string) => read({ name: "pasted text", bytes: new TextEncoder().encode(text) }, side);
  const reset = () => {
    setSource(null);
    setResult(null);
    setRemoveAbsent(false);
  };

  useEffect(() => {
    const onPaste = (event: ClipboardEvent) => {
      const text = event.clipboardData?.getData("text/plain") ?? "";
      const inField = /^(INPUT|TEXTAREA)$/.test((event.target as HTMLElement).tagName);
      if (text.trim() === "" || inField) return;
      event.preventDefault();
      void paste(text);
    };
    addEventListener("paste", onPaste);
    return () => removeEventListener("paste", onPaste);
  });

  const table = result?.ok === true ? result.table : null;
  const plan = useMemo(
    () => table && planImport(job.document, table.side, table.pins, removeAbsent),
    [table, job.document, removeAbsent],
  );
  const errors = table?.issues.filter((issue) => issue.level === "error").length ?? 0;

  const agree = () => {
    if (table === null || plan === null || source === null) return;
    job.change(`Import ${table.pins.length} ${side} cavities from ${source.name}`, plan.ops);
    reset();
    const other = SIDES.find((one) => one !== side);
    const otherMissing = other !== undefined && !job.pins.some((pin) => pin.connector.side === other);
    if (otherMissing) setSide(other);
    else router.push(`/jobs/${job.jobId}/pins?side=${side}`);
  };

  return (
    <>
      <ScreenHead title="Import">
        <Segments
          label="Side"
          value={side}
          onChange={(one) => {
            setSide(one);
            if (source !== null) void read(source, one);
          }}
          segments={SIDES.map((key) => ({
            key,
            label: key === "donor" ? "Donor's table" : "Host's table",
            count: job.pins.filter((pin) => pin.connector.side === key).length,
          }))}
        />
        <span className="flex-1" />
        {table !== null && plan !== null && (
          <>
            <Button onClick={reset}>Discard</Button>
            <Button primary onClick={agree} disabled={plan.ops.length === 0}>
              {plan.ops.length === 0
                ? "Nothing to change"
                : errors > 0
                  ? `Import ${table.pins.length} rows, leave ${errors === 1 ? "the faulty one" : "the faulty ones"} out`
                  : `Import ${table.pins.length} rows`}
            </Button>
          </>
        )}
      </ScreenHead>
      <div className="min-h-0 flex-1 overflow-auto px-4 pb-4">
        {table === null && (
          <section
            aria-label="Choose a table"
            onDragOver={(event) => {
              event.preventDefault();
              setOver(true);
            }}
            onDragLeave={() => setOver(false)}
            onDrop={(event) => {
              event.preventDefault();
              setOver(false);
              const [dropped] = event.dataTransfer.files;
              if (dropped) void take(dropped);
            }}
            className={`border-2 border-dashed p-6 ${over ? "border-ink bg-fill" : "border-rule2 bg-sheet"}`}
          >
            <h2 className="text-lg">The {side}'s pin table</h2>
            <p className="mt-1 max-w-2xl text-ink2">
              One row for each cavity, as CSV: connector and cavity, and what else is known: circuit, colour, size,
              length, description. Commas, semicolons or tabs; the usual header words are understood. Kinds may be left
              empty: they are proposed from the descriptions.
            </p>
            <div className="mt-4 flex flex-wrap items-center gap-3">
              <Button primary onClick={() => file.current?.click()}>
                <FileUp size={16} aria-hidden="true" />
                Choose a file
              </Button>
              <span className="text-ink2">or drop one here, or paste a table with Ctrl V</span>
              <input
                ref={file}
                type="file"
                accept=".csv,.tsv,.txt,text/csv,text/plain"
                aria-label="Pin table file"
                className="hidden-text"
                tabIndex={-1}
                onChange={(event) => {
                  const [chosen] = event.target.files ?? [];
                  event.target.value = "";
                  if (chosen) void take(chosen);
                }}
              />
            </div>
            <details className="mt-4">
              <summary className="inline-flex h-10 items-center font-semibold">Paste into a field instead</summary>
              <form
                className="mt-1"
                onSubmit={(event) => {
                  event.preventDefault();
                  const text = String(new FormData(event.currentTarget).get("table") ?? "");
                  if (text.trim() !== "") void paste(text);
                }}
              >
                <textarea
                  name="table"
                  aria-label="Table as text"
                  spellCheck={false}
                  className="field h-40 py-2 font-mono text-[13px]"
                  placeholder={
                    "connector,cavity,circuit,colour,size,length,description\nC1,12,87,YE/BK,0.5,1.85,Engine speed output to instruments"
                  }
                />
                <Button type="submit" className="mt-2">
                  Read it
                </Button>
              </form>
            </details>
            {reading && (
              <p className="mt-4 font-semibold" role="status">
                Reading {source?.name} …
              </p>
            )}
            {result?.ok === false && (
              <div className="mt-4">
                <Trouble title={result.refusal.message}>
                  <p>{result.refusal.hint}</p>
                  <p className="text-ink2">{source?.name} was not taken; the job is as it was.</p>
                </Trouble>
              </div>
            )}
          </section>
        )}
        {table !== null && plan !== null && source !== null && (
          <ImportPreview
            name={source.name}
            table={table}
            plan={plan}
            removeAbsent={removeAbsent}
            onRemoveAbsent={setRemoveAbsent}
            onColumn={(at: number, column: Column | null) =>
              void read(source, side, assignColumn(table.columns, at, column))
            }
          />
        )}
      </div>
    </>
  );
}
