"use client";

import type { ReportRow } from "@/core/slice";
import { count, sizeText, triageText, wireText } from "@/core/words";
import { useJob } from "../shell/job-provider";
import { ListedLine, TogetherDialog } from "../shell/together-dialog";

interface Props {
  readonly rows: readonly ReportRow[];
  readonly onRemove: () => void;
  readonly onClose: () => void;
}

/** The wires that may go together, listed before they are decided on; nothing guarded is among them. */
export function RemoveFree({ rows, onRemove, onClose }: Props) {
  const { units } = useJob().document.job;
  return (
    <TogetherDialog
      title={`Remove ${count(rows.length, "free wire")}?`}
      description="Nothing is cut by this: they come onto the bench list. One undo takes them back together. Sensor grounds, screens, airbag circuits, interlocks and what is not known are not among them."
      listLabel="To be removed"
      none={{
        title: "No wire may go with others",
        hint: "Drop functions that are not wanted, or decide wire by wire.",
      }}
      lines={rows.map((row) => (
        <ListedLine key={row.wire.id} name={wireText(row.ends)}>
          <span className="font-mono">{sizeText(row.wire.sizeMm2, units)}</span>
          <span className="text-ink2">{triageText(row.reason)}</span>
        </ListedLine>
      ))}
      verb="Remove"
      onDo={onRemove}
      onClose={onClose}
    />
  );
}
