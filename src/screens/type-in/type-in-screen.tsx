"use client";

import { nanoid } from "nanoid";
import Link from "next/link";
import { useSearchParams } from "next/navigation";
import { useMemo, useState } from "react";
import { SIDES, type Side } from "@/core/forms";
import { readPinTable, tableColumns } from "@/formats/pin-table";
import { planImport } from "@/job/import-table";
import { insertOp, type RowOp } from "@/job/ops";
import { Button, buttonLook } from "@/ui/controls";
import { Segments } from "@/ui/segments";
import { useJob } from "../shell/job-provider";
import { ScreenHead } from "../shell/screen-head";
import { type Paper, PaperPicture } from "./paper-picture";
import { TypedGrid } from "./typed-grid";
import { EMPTY_ROW, isBlank, type TypedRow, typedTable } from "./typed-rows";
import { useDraft } from "./use-draft";

/** A paper of which there is no file, typed in beside its picture; both are kept, the picture with its connectors. */
export function TypeInScreen() {
  const job = useJob();
  const asked = useSearchParams().get("side");
  const [side, setSide] = useState<Side>(SIDES.find((one) => one === asked) ?? "donor");
  const { rows, setRows, clear } = useDraft(job.jobId, side);
  const [paper, setPaper] = useState<Paper | null>(null);
  const typed = useMemo(() => rows.filter((row) => !isBlank(row)), [rows]);
  const table = useMemo(() => readTyped(typed, side), [typed, side]);
  const errors = table?.issues.filter(({ level }) => level === "error") ?? [];
  const add = () => {
    if (table === null) return;
    const plan = planImport(job.document, side, table.pins, { columns: tableColumns(table.columns) });
    job.change(`Type in ${table.pins.length} ${side} cavities`, (person) => [
      ...plan.ops,
      ...picturesOf(
        plan.ops,
        table.pins.map(({ connector }) => connector),
        person,
      ),
    ]);
    clear();
  };
  /** The picture stands with every connector that was typed from it. */
  const picturesOf = (ops: readonly RowOp[], labels: readonly string[], person: string): RowOp[] => {
    if (paper === null) return [];
    const made = ops.flatMap((op) =>
      op.op === "insert" && op.table === "connector" ? [[String(op.row.label), op.id] as const] : [],
    );
    const there = job.document.connectors.filter((one) => one.side === side).map((one) => [one.label, one.id] as const);
    const idOf = new Map([...there, ...made]);
    return [...new Set(labels)].flatMap((label) => {
      const id = idOf.get(label);
      const subject = `connector:${id}`;
      const isKept = job.document.pictures.some((one) => one.subject === subject && one.data === paper.data);
      return id === undefined || isKept
        ? []
        : [insertOp("picture", { ...paper, id: nanoid(), subject, note: "the paper that it was typed from", person })];
    });
  };
  return (
    <>
      <ScreenHead title="Type in a paper">
        <Segments
          label="Side"
          value={side}
          onChange={setSide}
          segments={SIDES.map((key) => ({ key, label: key === "donor" ? "Donor" : "Host" }))}
        />
        <span className="flex-1 text-[13px] text-ink2" role="status">
          {typed.length === 0
            ? "Kept in this browser as you type."
            : errors.length > 0
              ? `${errors.length} to correct first`
              : `${typed.length} typed, not in the job yet`}
        </span>
        <Link className={buttonLook()} href={`/jobs/${job.jobId}/import?side=${side}`}>
          There is a file
        </Link>
        <Button primary disabled={table === null || table.pins.length === 0 || errors.length > 0} onClick={add}>
          Add {table?.pins.length ?? 0} cavities
        </Button>
      </ScreenHead>
      <div className="mx-4 mb-4 grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_minmax(0,1.35fr)] gap-3 max-lg:grid-cols-1 max-lg:grid-rows-[38%_minmax(0,1fr)]">
        <PaperPicture paper={paper} onTake={setPaper} />
        <TypedGrid rows={rows} onRows={setRows} table={table} />
      </div>
    </>
  );
}

function readTyped(rows: readonly TypedRow[], side: Side) {
  const read = readPinTable(new TextEncoder().encode(typedTable(rows.length === 0 ? [EMPTY_ROW] : rows)), side);
  return read.ok && rows.length > 0 ? read.table : null;
}
