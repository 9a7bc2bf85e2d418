"use client";

import { Redo2, Undo2 } from "lucide-react";
import { type HistoryEntry, standing } from "@/job/edit";
import { Button } from "@/ui/controls";
import { Empty, Trouble } from "@/ui/states";
import { useJob } from "../shell/job-provider";
import { ScreenHead } from "../shell/screen-head";
import { useHistory } from "./use-history";

/** Every change, by whom and when; undo and redo of one's own. */
export function HistoryScreen() {
  const job = useJob();
  const { edits, failed } = useHistory();
  return (
    <>
      <ScreenHead title="History">
        <span className="flex-1" />
        <Button hotkey="Ctrl Z" onClick={() => job.step("undo")}>
          <Undo2 size={16} aria-hidden="true" />
          Undo my last
        </Button>
        <Button hotkey="Ctrl Y" onClick={() => job.step("redo")}>
          <Redo2 size={16} aria-hidden="true" />
          Redo
        </Button>
      </ScreenHead>
      <section
        aria-label="Changes"
        tabIndex={0}
        className="mx-4 mb-4 min-h-0 flex-1 overflow-auto border border-rule2 bg-sheet"
      >
        {failed && (
          <div className="p-3">
            <Trouble title="The history cannot be read just now">
              <p>It is asked for again when the connection is back.</p>
            </Trouble>
          </div>
        )}
        {edits === null && !failed && (
          <p className="p-4 text-ink2" role="status">
            Reading the history …
          </p>
        )}
        {edits?.length === 0 && (
          <Empty title="Nothing has been changed yet">
            <p>Each change appears here with its time and the person's name, and can be undone by who made it.</p>
          </Empty>
        )}
        {edits !== null && edits.length > 0 && <EditTable edits={edits} />}
      </section>
    </>
  );
}

function EditTable({ edits }: { edits: readonly HistoryEntry[] }) {
  const job = useJob();
  const stand = standing(edits);
  return (
    <table className="w-full text-left">
      <thead className="sticky top-0 bg-sheet text-[13px] text-ink2">
        <tr className="border-b-[1.5px] border-rule2">
          <th className="w-16 px-3 py-2 font-semibold">No.</th>
          <th className="w-48 font-semibold">When</th>
          <th className="w-40 font-semibold">Who</th>
          <th className="font-semibold">What</th>
          <th className="w-20 pr-3 text-right font-semibold">Rows</th>
          <th className="w-32 pr-3">
            <span className="hidden-text">Take back</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {edits.map((edit) => (
          <EditLine
            key={edit.revision}
            edit={edit}
            onTakeBack={
              edit.role === "edit" && edit.person === job.person && stand.has(edit.revision)
                ? () => job.step("undo", edit.revision)
                : null
            }
          />
        ))}
      </tbody>
    </table>
  );
}

/** @param onTakeBack null where it is not one's own, or does not stand any more */
function EditLine({ edit, onTakeBack }: { edit: HistoryEntry; onTakeBack: (() => void) | null }) {
  return (
    <tr className="border-b border-rule">
      <td className="px-3 py-2 font-mono text-[13px]">{edit.revision}</td>
      <td className="text-[13px]">
        <time dateTime={edit.madeAt} suppressHydrationWarning>
          {new Date(edit.madeAt).toLocaleString("en-GB", { dateStyle: "medium", timeStyle: "medium" })}
        </time>
      </td>
      <td className="max-w-40 truncate pr-2">{edit.person}</td>
      <td className="max-w-0 break-words">
        {edit.label}
        {edit.ofRevision !== null && <span className="text-[13px] text-ink2"> (of No. {edit.ofRevision})</span>}
      </td>
      <td className="pr-3 text-right font-mono text-[13px]">{edit.rows}</td>
      <td className="pr-3 text-right">
        {onTakeBack !== null && (
          <button
            type="button"
            className="min-h-10 text-[13px] underline"
            aria-label={`Take back No. ${edit.revision}: ${edit.label}`}
            onClick={onTakeBack}
          >
            Take back
          </button>
        )}
      </td>
    </tr>
  );
}
