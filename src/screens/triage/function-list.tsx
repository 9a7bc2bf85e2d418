"use client";

import { useMemo } from "react";
import { FUNCTION_SETS } from "@/core/functions";
import { keptFunctions } from "@/job/harness-facts";
import { keepOps } from "@/job/triage-ops";
import { useJob } from "../shell/job-provider";

/** The functions that the two harnesses can do, in the usual sets; what is dropped sets its wires free. */
export function FunctionList({ only, onOnly }: { only: string | null; onOnly: (key: string | null) => void }) {
  const job = useJob();
  // What is kept is known at once; which wires that needs, the worker says a moment later.
  const keptNow = useMemo(() => keptFunctions(job.document), [job.document.kept]);
  const functions = (job.report?.functions ?? []).map((one) => ({ ...one, kept: keptNow.has(one.key) }));
  const stopped = new Set(job.report?.numbers.atRisk);
  const kept = functions.filter((one) => one.kept).length;
  const keep = (keys: readonly string[], on: boolean, name: string) =>
    job.change(`${on ? "Keep" : "Drop"} ${name}`, keepOps(job.document, keys, on));
  const list = (
    <>
      {FUNCTION_SETS.map((set) => {
        const own = functions.filter((one) => one.set === set);
        if (own.length === 0) return null;
        const all = own.every((one) => one.kept);
        return (
          <fieldset key={set} className="border-b border-rule pb-1.5">
            <legend className="contents">
              <span className="flex min-h-9 items-center gap-2 px-3 pt-1">
                <strong className="flex-1 text-[13px]">{set}</strong>
                {own.length > 1 && (
                  <button
                    type="button"
                    className="min-h-10 px-1 text-[13px] text-ink2 underline"
                    onClick={() =>
                      keep(
                        own.map((one) => one.key),
                        !all,
                        `the set ${set.toLowerCase()}`,
                      )
                    }
                  >
                    {all ? "drop all" : "keep all"}
                  </button>
                )}
              </span>
            </legend>
            {own.map((one) => (
              <div key={one.key} className={`flex items-center ${only === one.key ? "bg-fill" : ""}`}>
                <label className="flex min-h-10 min-w-0 flex-1 cursor-pointer items-center gap-2 pl-3">
                  <input
                    type="checkbox"
                    className="size-5 shrink-0 accent-ink"
                    checked={one.kept}
                    onChange={(event) => keep([one.key], event.target.checked, one.name.toLowerCase())}
                  />
                  <span
                    className={`min-w-0 leading-tight ${one.kept ? "" : "text-ink2 line-through"} ${stopped.has(one.key) ? "font-semibold text-stop" : ""}`}
                  >
                    {one.name}
                    {stopped.has(one.key) && <span className="block text-[13px]">stopped</span>}
                  </span>
                </label>
                <button
                  type="button"
                  aria-pressed={only === one.key}
                  aria-label={`Show the ${one.wires} wires of ${one.name}`}
                  onClick={() => onOnly(only === one.key ? null : one.key)}
                  className="min-h-10 px-3 font-mono text-[13px] underline decoration-rule2"
                >
                  {one.wires}
                </button>
              </div>
            ))}
          </fieldset>
        );
      })}
    </>
  );
  return (
    <section aria-label="Functions to keep" className="flex min-h-0 flex-col">
      <h2 className="border-b border-rule px-3 py-2.5 text-sm">
        Functions to keep{" "}
        <span className="font-mono font-medium">
          {kept}/{functions.length}
        </span>
      </h2>
      <div
        className="min-h-0 flex-1 overflow-auto max-lg:hidden"
        tabIndex={0}
        role="group"
        aria-label="List of functions"
      >
        {list}
      </div>
      <details className="lg:hidden">
        <summary className="flex min-h-10 items-center px-3 font-semibold">Choose functions</summary>
        <div className="max-h-72 overflow-auto">{list}</div>
      </details>
    </section>
  );
}
