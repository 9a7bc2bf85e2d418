"use client";

import { useMemo } from "react";
import { FUNCTION_SETS } from "@/core/functions";
import type { HarnessReport } from "@/core/slice";
import { functionChoices } from "@/job/harness-facts";
import { keepOps } from "@/job/triage-ops";
import { useJob } from "../shell/job-provider";

type ListedFunction = HarnessReport["functions"][number];

interface Props {
  readonly only: string | null;
  readonly onOnly: (key: string | null) => void;
}

/** The functions that the two harnesses can do, in the usual sets; what is dropped sets its wires free. */
export function FunctionList({ only, onOnly }: Props) {
  const job = useJob();
  // What is kept is known at once; which wires that needs, the worker says a moment later.
  const chosen = useMemo(() => functionChoices(job.document), [job.document.kept]);
  const functions = (job.report?.functions ?? []).map((one) => ({
    ...one,
    kept: chosen.get(one.key) ?? one.keptByDefault,
  }));
  const kept = functions.filter((one) => one.kept).length;
  const list = FUNCTION_SETS.map((set) => (
    <FunctionSet
      key={set}
      set={set}
      functions={functions.filter((one) => one.set === set)}
      only={only}
      onOnly={onOnly}
    />
  ));
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

function FunctionSet({ set, functions, only, onOnly }: Props & { set: string; functions: readonly ListedFunction[] }) {
  const job = useJob();
  if (functions.length === 0) return null;
  const all = functions.every((one) => one.kept);
  const keep = (keys: readonly string[], on: boolean, name: string) =>
    job.change(`${on ? "Keep" : "Drop"} ${name}`, keepOps(job.document, keys, on));
  return (
    <fieldset className="border-b border-rule pb-1.5">
      <legend className="contents">
        <span className="flex min-h-9 items-center gap-2 px-3 pt-1">
          <strong className="flex-1 text-[13px]">{set}</strong>
          {functions.length > 1 && (
            <button
              type="button"
              className="min-h-10 px-1 text-[13px] text-ink2 underline"
              onClick={() =>
                keep(
                  functions.map((one) => one.key),
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
      {functions.map((one) => (
        <FunctionLine
          key={one.key}
          told={one}
          stopped={job.report?.numbers.atRisk.includes(one.key) === true}
          shown={only === one.key}
          onKeep={(on) => keep([one.key], on, one.name.toLowerCase())}
          onShow={() => onOnly(only === one.key ? null : one.key)}
        />
      ))}
    </fieldset>
  );
}

interface LineProps {
  readonly told: ListedFunction;
  readonly stopped: boolean;
  readonly shown: boolean;
  readonly onKeep: (on: boolean) => void;
  readonly onShow: () => void;
}

function FunctionLine({ told: { name, kept, wires }, stopped, shown, onKeep, onShow }: LineProps) {
  return (
    <div className={`flex items-center ${shown ? "bg-fill" : ""}`}>
      <label className="flex min-h-10 min-w-0 flex-1 cursor-pointer items-center gap-2 pl-3">
        <input
          type="checkbox"
          className="size-5 shrink-0 accent-ink"
          checked={kept}
          onChange={(event) => onKeep(event.target.checked)}
        />
        <span
          className={`min-w-0 leading-tight ${kept ? "" : "text-ink2 line-through"} ${stopped ? "font-semibold text-stop" : ""}`}
        >
          {name}
          {stopped && <span className="block text-[13px]">stopped</span>}
        </span>
      </label>
      <button
        type="button"
        aria-pressed={shown}
        aria-label={`Show the ${wires} wires of ${name}`}
        onClick={onShow}
        className="min-h-10 px-3 font-mono text-[13px] underline decoration-rule2"
      >
        {wires}
      </button>
    </div>
  );
}
