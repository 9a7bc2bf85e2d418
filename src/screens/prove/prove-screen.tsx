"use client";

import Link from "next/link";
import { useSearchParams } from "next/navigation";
import { type ReactNode, useEffect, useRef, useState } from "react";
import { isProposed } from "@/core/proving";
import { GROUP_WORDS, stepTitle } from "@/core/words";
import { buttonLook } from "@/ui/controls";
import { type Mark, StateMark } from "@/ui/marks";
import { Segments } from "@/ui/segments";
import { Empty } from "@/ui/states";
import type { StepView } from "../shell/derive";
import { useJob } from "../shell/job-provider";
import { useKeys } from "../shell/keys";
import { PrintButton } from "../shell/print-button";
import { ScreenHead } from "../shell/screen-head";
import { AcceptanceList, isAccepted, useAcceptanceItems } from "./acceptance-list";
import { FirstPowerSheet } from "./first-power-sheet";
import { StepPanel } from "./step-panel";

type View = "steps" | "acceptance";

/** What proves the plan: the checks of first power, and at the end what must work, ticked off on the vehicle. */
export function ProveScreen() {
  const wanted = useSearchParams().get("view");
  const [view, setView] = useState<View>(wanted === "acceptance" ? "acceptance" : "steps");
  const { steps } = useJob();
  const accepting = useAcceptanceItems();
  const { items, seen } = accepting;
  const segments = (
    <Segments
      label="Show"
      value={view}
      onChange={setView}
      segments={[
        { key: "steps", label: "First power", count: steps.length },
        { key: "acceptance", label: "What must work", count: items.length },
      ]}
    />
  );
  if (view === "steps") return <FirstPower>{segments}</FirstPower>;
  const works = items.filter((item) => isAccepted(item, seen)).length;
  return (
    <>
      <ScreenHead title="Prove">
        {segments}
        <span className="text-ink2">
          <strong className="font-mono text-ink">{works}</strong> of <span className="font-mono">{items.length}</span>{" "}
          seen to work
        </span>
        <span className="flex-1" />
        <PrintButton>Print list</PrintButton>
      </ScreenHead>
      <AcceptanceList {...accepting} />
    </>
  );
}

/** First power: the checks in their order, one at a time, each with its probes, its expectation and its reading. */
function FirstPower({ children }: { children: ReactNode }) {
  const job = useJob();
  const { steps } = job;
  const wanted = useSearchParams().get("step");
  const firstOpen =
    steps.find((view) => !isProposed(view.step) && (view.judgement?.outcome !== "pass" || view.stale)) ?? steps[0];
  const [selected, setSelected] = useState<string | null>(wanted ?? firstOpen?.step.key ?? null);
  useEffect(() => {
    if (wanted !== null) setSelected(wanted);
  }, [wanted]);
  const at = Math.max(
    0,
    steps.findIndex((view) => view.step.key === selected),
  );
  const current = steps[at];
  const go = (to: number) => {
    const view = steps[Math.max(0, Math.min(steps.length - 1, to))];
    if (view) setSelected(view.step.key);
  };
  useKeys({ ArrowDown: () => go(at + 1), ArrowUp: () => go(at - 1), j: () => go(at + 1), k: () => go(at - 1) });

  if (current === undefined) return <NothingToProve jobId={job.jobId}>{children}</NothingToProve>;
  const made = steps.filter(({ step }) => !isProposed(step));
  const proven = made.filter((view) => markOf(view) === "proven").length;
  return (
    <>
      <ScreenHead title="Prove">
        {children}
        <span className="text-ink2">
          <strong className="font-mono text-ink">{proven}</strong> of <span className="font-mono">{made.length}</span>{" "}
          proven
          {made.length < steps.length && (
            <>
              , <span className="font-mono">{steps.length - made.length}</span> proposed only
            </>
          )}
        </span>
        <span className="flex-1" />
        <PrintButton>Print sheet</PrintButton>
      </ScreenHead>
      <div className="no-print mx-4 mb-4 grid min-h-0 flex-1 grid-cols-[320px_minmax(0,1fr)] border border-rule2 bg-sheet max-lg:grid-cols-[250px_minmax(0,1fr)]">
        <StepList steps={steps} current={current} onSelect={setSelected} />
        <StepPanel key={current.step.key} view={current} onNext={() => go(nextMade(steps, at))} onGo={setSelected} />
      </div>
      <FirstPowerSheet steps={steps} job={job.document.job} revision={job.revision} />
    </>
  );
}

/** The place of the next step whose link is made; of the last of all where there is none. */
function nextMade(steps: readonly StepView[], at: number): number {
  const found = steps.findIndex(({ step }, place) => place > at && !isProposed(step));
  return found === -1 ? at : found;
}

const NothingToProve = ({ jobId, children }: { jobId: string; children: ReactNode }) => (
  <>
    <ScreenHead title="Prove">{children}</ScreenHead>
    <div className="mx-4 border border-rule2 bg-sheet">
      <Empty title="There is nothing to prove yet">
        <p>
          The first-power sheet is made from the pin tables and the links of the map: grounds, shorts, continuity, then
          each feed in each key position.
        </p>
        <Link href={`/jobs/${jobId}/map`} className={buttonLook(true)}>
          To the map
        </Link>
      </Empty>
    </div>
  </>
);

interface ListProps {
  readonly steps: readonly StepView[];
  readonly current: StepView;
  readonly onSelect: (key: string) => void;
}

function StepList({ steps, current, onSelect }: ListProps) {
  const list = useRef<HTMLOListElement>(null);
  const { key } = current.step;
  useEffect(() => {
    list.current?.querySelector(`[data-step="${CSS.escape(key)}"]`)?.scrollIntoView({ block: "nearest" });
  }, [key]);
  return (
    <ol ref={list} className="overflow-auto border-r border-rule2" aria-label="Steps">
      {steps.map((view, index) => (
        <StepLine
          key={view.step.key}
          view={view}
          first={view.step.group !== steps[index - 1]?.step.group}
          current={view === current}
          onSelect={() => onSelect(view.step.key)}
        />
      ))}
    </ol>
  );
}

interface LineProps {
  readonly view: StepView;
  /** The first of its group, whose name stands above it. */
  readonly first: boolean;
  readonly current: boolean;
  readonly onSelect: () => void;
}

function StepLine({ view, first, current, onSelect }: LineProps) {
  return (
    <li>
      {first && (
        <p className="border-b border-rule px-3 pt-3 pb-1.5 text-[13px] font-bold">{GROUP_WORDS[view.step.group]}</p>
      )}
      <button
        type="button"
        data-step={view.step.key}
        aria-current={current ? "step" : undefined}
        onClick={onSelect}
        className={`grid min-h-10 w-full grid-cols-[26px_1fr_auto] items-center border-b border-rule px-3 py-1.5 text-left text-[13px] ${current ? "bg-ink text-bench" : ""}`}
      >
        <StateMark mark={markOf(view)} />
        <span>
          {stepTitle(view.step)}
          <span className="hidden-text">, {stateWord(view)}</span>
        </span>
        {isProposed(view.step) ? (
          <span className={`pl-2 ${current ? "" : "text-ink2"}`}>proposed</span>
        ) : (
          <b className="pl-2 font-mono font-medium">{view.stale ? "stale" : (view.latest?.written ?? "")}</b>
        )}
      </button>
    </li>
  );
}

const STATE_WORDS: Readonly<Record<string, string>> = {
  proven: "proven",
  blocked: "failed",
  open: "stale, read again",
  proposed: "to be read",
};

const stateWord = (view: StepView) => (isProposed(view.step) ? "not made yet" : (STATE_WORDS[markOf(view)] ?? ""));

export function markOf(view: StepView): Mark {
  if (isProposed(view.step)) return "open";
  if (view.judgement === null) return "proposed";
  if (view.stale) return "open";
  return view.judgement.outcome === "pass" ? "proven" : "blocked";
}
