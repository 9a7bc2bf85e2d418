"use client";

import type { ReportRow } from "@/core/slice";
import { count, sizeText, triageText, wireText } from "@/core/words";
import { Button } from "@/ui/controls";
import { Dialog } from "@/ui/dialog";
import { Empty } from "@/ui/states";
import { useJob } from "../shell/job-provider";

interface Props {
  readonly rows: readonly ReportRow[];
  readonly onRemove: () => void;
  readonly onClose: () => void;
}

/** The wires that may go together, listed before they are decided on; nothing guarded is among them. */
export function RemoveFree({ rows, onRemove, onClose }: Props) {
  const { units } = useJob().document.job;
  return (
    <Dialog
      open
      onClose={onClose}
      wide
      title={`Remove ${count(rows.length, "free wire")}?`}
      description="Nothing is cut by this: they come onto the bench list. One undo takes them back together. Sensor grounds, screens, airbag circuits, interlocks and what is not known are not among them."
    >
      {rows.length === 0 ? (
        <Empty title="No wire may go with others">
          <p>Drop functions that are not wanted, or decide wire by wire.</p>
        </Empty>
      ) : (
        <ul aria-label="To be removed" className="max-h-80 overflow-auto border-y border-rule" tabIndex={0}>
          {rows.map((row) => (
            <li
              key={row.wire.id}
              className="flex flex-wrap items-baseline gap-x-3 border-b border-rule px-2.5 py-1.5 text-[13px] last:border-b-0"
            >
              <span className="font-mono font-semibold">{wireText(row.ends)}</span>
              <span className="font-mono">{sizeText(row.wire.sizeMm2, units)}</span>
              <span className="text-ink2">{triageText(row.reason)}</span>
            </li>
          ))}
        </ul>
      )}
      <div className="mt-4 flex flex-wrap gap-2">
        <Button
          primary
          disabled={rows.length === 0}
          onClick={() => {
            onRemove();
            onClose();
          }}
        >
          Remove {rows.length}
        </Button>
        <Button onClick={onClose}>Cancel</Button>
      </div>
    </Dialog>
  );
}
