"use client";

import type { LeftOut, Line } from "@/core/plan";
import { cavityLabel, count, LEFT_OUT_WORDS, quantityWords } from "@/core/words";
import { Button } from "@/ui/controls";
import { Dialog } from "@/ui/dialog";
import { Empty } from "@/ui/states";
import type { Decide } from "./use-decide";

/** What would be accepted together, listed before it is; and what is left to be decided on by itself, with its reason. */
export function AcceptAll({ decide, onClose }: { decide: Decide; onClose: () => void }) {
  const { sure, alone } = decide;
  return (
    <Dialog
      open
      onClose={onClose}
      wide
      title={`Accept ${count(sure.length, "wire-only link")}?`}
      description="One undo takes them back together."
    >
      {sure.length === 0 ? (
        <Empty title="None is sure enough to be accepted with others">
          <p>Each of those below is decided on by itself, on the map.</p>
        </Empty>
      ) : (
        <ul aria-label="To be accepted" className="max-h-64 overflow-auto border-y border-rule" tabIndex={0}>
          {sure.map((line) => (
            <LineText key={line.key} line={line} />
          ))}
        </ul>
      )}
      {alone.length > 0 && (
        <>
          <h3 className="mt-4 mb-1 text-sm">Left for you, one by one</h3>
          <ul aria-label="Left out" className="max-h-48 overflow-auto border-y border-rule" tabIndex={0}>
            {alone.map(({ line, why }) => (
              <LineText key={line.key} line={line} why={why} />
            ))}
          </ul>
        </>
      )}
      <div className="mt-4 flex flex-wrap gap-2">
        <Button
          primary
          disabled={sure.length === 0}
          onClick={() => {
            decide.acceptSure();
            onClose();
          }}
        >
          Accept {sure.length}
        </Button>
        <Button onClick={onClose}>Cancel</Button>
      </div>
    </Dialog>
  );
}

const LineText = ({ line, why }: { line: Line; why?: LeftOut }) => (
  <li className="flex flex-wrap items-baseline gap-x-3 border-b border-rule px-2.5 py-1.5 text-[13px] last:border-b-0">
    <span className="font-mono font-semibold">
      {cavityLabel(line.provider)} to {cavityLabel(line.consumer)}
    </span>
    <span className="text-ink2">{quantityWords(line.quantity)}</span>
    {why !== undefined && <span className="text-ink2">{LEFT_OUT_WORDS[why]}</span>}
  </li>
);
