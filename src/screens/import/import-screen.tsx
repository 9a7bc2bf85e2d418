"use client";

import { useRouter, useSearchParams } from "next/navigation";
import { useState } from "react";
import { SIDES, type Side } from "@/core/forms";
import { assignColumn, type PinTable } from "@/formats/pin-table";
import type { ImportPlan } from "@/job/import-table";
import { Button } from "@/ui/controls";
import { Segments } from "@/ui/segments";
import { Trouble } from "@/ui/states";
import { useJob } from "../shell/job-provider";
import { ScreenHead } from "../shell/screen-head";
import { BusFile, isBusFile } from "./bus-file";
import { ChooseHeader } from "./choose-header";
import { ChooseTable } from "./choose-table";
import { ImportPreview } from "./import-preview";
import { rememberHead } from "./remembered";
import { type Source, useTable } from "./use-table";

/** Takes a pin table in: by file, drop or paste. Nothing changes before the person agrees to what the preview shows. */
export function ImportScreen() {
  const job = useJob();
  const router = useRouter();
  const asked = useSearchParams().get("side");
  const has = (one: Side) => job.pins.some((pin) => pin.connector.side === one);
  const [side, setSide] = useState<Side>(SIDES.find((one) => one === asked) ?? (has("donor") ? "host" : "donor"));
  const view = useTable(job.document);
  const [bus, setBus] = useState<Source | null>(null);
  const { source, told, table, refused, reading, plan, takes, read, discard } = view;
  const agree = () => {
    if (table === null || plan === null || source === null) return;
    job.change(`Import ${table.pins.length} ${side} cavities from ${source.name}`, plan.ops);
    rememberHead(table.columns);
    discard();
    const other = SIDES.find((one) => one !== side);
    if (other !== undefined && !has(other)) setSide(other);
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
            if (source !== null) void read(source, one, told);
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
            <Button onClick={discard}>Discard</Button>
            <Button primary onClick={agree} disabled={plan.ops.length === 0 || takes?.ok !== true}>
              {agreeText(table, plan)}
            </Button>
          </>
        )}
      </ScreenHead>
      <div
        className={`flex min-h-0 flex-1 flex-col px-4 pb-4 ${table === null && bus === null ? "overflow-auto" : ""}`}
      >
        {bus !== null && <BusFile key={`${bus.name} ${side}`} source={bus} side={side} onDone={() => setBus(null)} />}
        {refused?.lines !== undefined && refused.lines.length > 0 && source !== null && !reading && (
          <ChooseHeader
            key={`${source.name} ${refused.sheet} ${refused.lines.length}`}
            refused={refused}
            told={told}
            onRead={(how) => void read(source, side, how)}
          />
        )}
        {table === null && bus === null && (
          <ChooseTable side={side} onTake={(chosen) => (isBusFile(chosen) ? setBus(chosen) : void read(chosen, side))}>
            <ReadState name={source?.name ?? ""} reading={reading} refusal={refused?.refusal ?? null} />
          </ChooseTable>
        )}
        {takes?.ok === false && (
          <div className="mb-4">
            <Trouble title="The job cannot take this table as it is">
              <p>
                {takes.fault.path}: {takes.fault.message}. Leave a column out or import the table in parts.
              </p>
            </Trouble>
          </div>
        )}
        {table !== null && plan !== null && source !== null && (
          <ImportPreview
            name={source.name}
            table={table}
            plan={plan}
            removeAbsent={view.removeAbsent}
            onRemoveAbsent={view.setRemoveAbsent}
            agreed={view.agreed}
            onAgree={view.setAgreed}
            onColumn={(at, column, unit) =>
              void read(source, side, { ...told, columns: assignColumn(table.columns, at, column, unit) })
            }
            onSheet={(sheet) => void read(source, side, { sheet })}
          />
        )}
      </div>
    </>
  );
}

interface ReadProps {
  readonly name: string;
  readonly reading: boolean;
  readonly refusal: { readonly message: string; readonly hint: string } | null;
}

/** How far the reading of a table is, or why it was not taken. */
function ReadState({ name, reading, refusal }: ReadProps) {
  return (
    <>
      {reading && (
        <p className="mt-4 font-semibold" role="status">
          Reading {name} …
        </p>
      )}
      {refusal !== null && (
        <div className="mt-4">
          <Trouble title={refusal.message}>
            <p>{refusal.hint}</p>
            <p className="text-ink2">{name} was not taken; the job is as it was.</p>
          </Trouble>
        </div>
      )}
    </>
  );
}

function agreeText(table: PinTable, plan: ImportPlan): string {
  if (plan.ops.length === 0) return "Nothing to change";
  const errors = table.issues.filter((issue) => issue.level === "error").length;
  if (errors === 0) return `Import ${table.pins.length} rows`;
  return `Import ${table.pins.length} rows, leave ${errors === 1 ? "the faulty one" : "the faulty ones"} out`;
}
