"use client";

import type { WireEnd } from "@/core/slice";
import { wireEndText } from "@/core/words";
import { useJob } from "../shell/job-provider";

/** Where a cavity's wires lead, each cavity a way to go there. */
export function EndList({
  ends,
  self,
  onOpen,
}: {
  ends: readonly WireEnd[];
  self: string;
  onOpen: (pinId: string) => void;
}) {
  const job = useJob();
  if (ends.length === 0) return <span className="text-[13px] text-ink2">no wire</span>;
  return (
    <ul className="space-y-0.5">
      {ends.map((end) => {
        const others = end.pinIds.filter((id) => id !== self);
        const splice = end.to.type === "splice";
        return (
          <li key={`${end.by} ${wireEndText(end)}`} className="text-[13px]">
            {end.by === "mate" && <span className="text-ink2">plugs into </span>}
            {end.by === "join" && <span className="text-ink2">by a link of the plan to </span>}
            {(splice || others.length === 0) && (
              <span className={splice ? "font-mono font-semibold" : "text-ink2"}>
                {wireEndText(end)}
                {others.length > 0 ? ": " : ""}
              </span>
            )}
            {others.slice(0, 10).map((id, at) => (
              <span key={id}>
                {at > 0 ? ", " : ""}
                <button
                  type="button"
                  className="min-h-6 text-left font-mono font-semibold underline decoration-rule2"
                  onClick={() => onOpen(id)}
                >
                  {job.pinById.get(id)?.label ?? id}
                </button>
              </span>
            ))}
            {others.length > 10 && <span className="text-ink2"> and {others.length - 10} more</span>}
          </li>
        );
      })}
    </ul>
  );
}
