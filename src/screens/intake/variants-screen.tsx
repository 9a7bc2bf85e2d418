"use client";

import { FileUp } from "lucide-react";
import { useRef, useState } from "react";
import type { Side } from "@/core/forms";
import { capital } from "@/core/words";
import { insertOp } from "@/job/ops";
import { variantOf } from "@/job/variant-ops";
import { Button } from "@/ui/controls";
import { FileField, TABLE_FILES } from "@/ui/file-field";
import { Segments } from "@/ui/segments";
import { Empty, Trouble } from "@/ui/states";
import { tableWorker } from "@/workers/table-worker";
import { useJob } from "../shell/job-provider";
import { ScreenHead } from "../shell/screen-head";
import { SideSelect } from "./side-select";
import { VariantTable } from "./variant-table";

/**
 * Another table of what should be the same harness, compared cavity by cavity; the person says which is on the bench.
 */
export function VariantsScreen() {
  const { variants } = useJob().document;
  const [chosen, setChosen] = useState<string | null>(null);
  const [fault, setFault] = useState<{ message: string; hint: string } | null>(null);
  const variant = variants.find((row) => row.id === chosen) ?? variants[0];
  return (
    <>
      <ScreenHead title="Variants">
        <Segments
          label="Table"
          value={variant?.id ?? null}
          onChange={setChosen}
          segments={variants.map((row) => ({ key: row.id, label: `${capital(row.side)}: ${row.label}` }))}
        />
        <span className="flex-1" />
        <TableToCompare onFault={setFault} onRead={setChosen} />
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
              Choose the pin table of another year, trim or gearbox that should be the same harness. Each cavity that
              differs is shown side by side, and you say which one is on the bench.
            </p>
          </Empty>
        </div>
      ) : (
        <VariantTable key={variant.id} variant={variant} onRemoved={() => setChosen(null)} />
      )}
    </>
  );
}

interface ReadProps {
  readonly onFault: (fault: { message: string; hint: string } | null) => void;
  readonly onRead: (variantId: string) => void;
}

/** Reads another table, of the side that it should be of. */
function TableToCompare({ onFault, onRead }: ReadProps) {
  const job = useJob();
  const [side, setSide] = useState<Side>("donor");
  const [reading, setReading] = useState(false);
  const file = useRef<HTMLInputElement>(null);
  const read = async (chosen: File) => {
    setReading(true);
    onFault(null);
    const bytes = new Uint8Array(await chosen.arrayBuffer());
    const result = await tableWorker.ask((worker) => worker.readPaper(bytes, side));
    setReading(false);
    if (!result.ok) {
      onFault({ message: `${chosen.name}: ${result.refusal.message}`, hint: result.refusal.hint });
      return;
    }
    const row = variantOf(side, chosen.name.replace(/\.[a-z]+$/i, ""), result.table.pins);
    job.change(`Compare the ${side} with ${row.label}`, [insertOp("variant", row)]);
    onRead(row.id);
  };
  return (
    <>
      <SideSelect label="Side of the table" side={side} onChange={setSide} />
      <Button primary disabled={reading} onClick={() => file.current?.click()}>
        <FileUp size={16} aria-hidden="true" />
        {reading ? "Reading …" : "Compare a table"}
      </Button>
      <FileField label="Table to compare" accept={TABLE_FILES} field={file} onChoose={(one) => void read(one)} />
    </>
  );
}
