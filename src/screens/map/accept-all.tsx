"use client";

import type { LeftOut, Line } from "@/core/plan";
import { cavityLabel, count, LEFT_OUT_WORDS, quantityWords } from "@/core/words";
import { useJob } from "../shell/job-provider";
import { Lines, ListedLine, TogetherDialog } from "../shell/together-dialog";
import type { Decide } from "./use-decide";

/** What would be accepted together, listed before it is; and what is left to be decided on by itself, with its reason. */
export function AcceptAll({ decide, onClose }: { decide: Decide; onClose: () => void }) {
  const { sure, alone } = decide;
  const { powerStale, powerWatch } = useJob();
  return (
    <TogetherDialog
      title={`Accept ${count(sure.length, "wire-only link")}?`}
      description="One undo takes them back together."
      listLabel="To be accepted"
      none={{
        title: "None is sure enough to be accepted with others",
        hint: "Each of those below is decided on by itself, on the map.",
      }}
      lines={sure.map((line) => <LineText key={line.key} line={line} />)}
      more={
        alone.length > 0 && (
          <>
            <h3 className="mt-4 mb-1 text-sm">Left for you, one by one</h3>
            <Lines label="Left out">
              {alone.map(({ line, why }) => (
                <LineText key={line.key} line={line} why={why} />
              ))}
            </Lines>
          </>
        )
      }
      waits={
        powerStale && powerWatch.failure === null ? "The plan is being solved: what fails in it is left for you." : null
      }
      verb="Accept"
      onDo={decide.acceptSure}
      onClose={onClose}
    />
  );
}

const LineText = ({ line, why }: { line: Line; why?: LeftOut }) => (
  <ListedLine name={`${cavityLabel(line.provider)} to ${cavityLabel(line.consumer)}`}>
    <span className="text-ink2">{quantityWords(line.quantity)}</span>
    {why !== undefined && <span className="text-ink2">{LEFT_OUT_WORDS[why]}</span>}
  </ListedLine>
);
