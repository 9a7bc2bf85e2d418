"use client";

import Link from "next/link";
import { memo, useEffect, useState } from "react";
import type { Cure, Effect, Finding, PowerEdit } from "@/core/power";
import { Button } from "@/ui/controls";
import { Caution } from "@/ui/states";
import { useJob } from "../shell/job-provider";
import { PathDrawing } from "./path-drawing";
import { type Looked, usePath } from "./trying";
import { SEVERITY_WORDS, STATE_HEADS } from "./words";

interface Props {
  readonly finding: Finding | null;
  readonly tryingEdits: readonly PowerEdit[];
  readonly effect: Effect | null;
  readonly onTry: (edit: PowerEdit) => void;
}

/** One finding: why, what to probe, the ways out with what each would change, and the current's path. */
export const FindingDetail = memo(function FindingDetail({ finding, tryingEdits, effect, onTry }: Props) {
  const job = useJob();
  const looked: Looked | null = finding?.node == null ? null : { node: finding.node, state: finding.state, label: finding.where };
  const { path, before } = usePath(looked, tryingEdits, effect);
  if (finding === null) return <section aria-label="Finding" className="p-4 text-ink2"><h2 className="text-base text-ink">What is found</h2><p className="mt-2">Choose a finding: here stand its reason, where the probe goes, and the ways out.</p></section>;
  const { word } = SEVERITY_WORDS[finding.severity];
  return (
    <section aria-label="Finding" className="min-h-0 overflow-auto p-4 print:overflow-visible" tabIndex={0}>
      <p className="text-[13px] font-semibold">{word}</p>
      <h2 className="text-base break-words">{finding.title}</h2>
      <p className="mt-2">{finding.why}</p>
      {finding.also.length > 0 && <p className="mt-2 text-[13px]"><strong>Goes with it:</strong> <span className="font-mono">{finding.also.join(", ")}</span></p>}
      {finding.pinId !== null && <p className="mt-2 text-[13px]"><strong>Probe:</strong> red at <Link className="font-mono underline" href={`/jobs/${job.jobId}/pins?pin=${encodeURIComponent(finding.pinId)}`}>{finding.where}</Link>, black at the battery's negative post, key {STATE_HEADS[finding.state].toLowerCase()}.</p>}
      {finding.state === "crank" && finding.pinId !== null && <div className="mt-2"><Caution>The engine turns. Hands, hair and leads clear of belts and fan, gearbox in Park or neutral, wheels chocked, fuel pump's fuse out. Follow the maker's procedures.</Caution></div>}
      <Cures key={finding.key} finding={finding} onTry={onTry} />
      {looked !== null && (
        <div className="mt-4 border-t border-rule pt-3">
          <h3 className="mb-1 text-[13px] font-bold">Current path at {finding.where}, {STATE_HEADS[finding.state].toLowerCase()}{before !== null ? ", as it would be" : ""}</h3>
          {path === null ? <p role="status" className="text-ink2">Drawing …</p> : <PathDrawing path={path} before={before} units={job.document.job.units} />}
        </div>
      )}
    </section>
  );
});

interface Outcome {
  readonly fixed: boolean;
  readonly come: number;
  readonly gone: number;
}

/** The ways out, each solved before it is offered: what goes with it and what comes. */
function Cures({ finding, onTry }: { finding: Finding; onTry: (edit: PowerEdit) => void }) {
  const job = useJob();
  const [outcomes, setOutcomes] = useState<ReadonlyMap<string, Outcome>>(new Map());
  useEffect(() => {
    let current = true;
    setOutcomes(new Map());
    void (async () => {
      for (const cure of finding.cures) {
        if (cure.edit === null || !current) continue;
        const { edit } = cure;
        const { gone, come } = await job.askTry([edit]);
        if (current) setOutcomes((known) => new Map(known).set(cure.text, { fixed: gone.includes(finding.key), gone: gone.length, come: come.length }));
      }
    })();
    return () => { current = false; };
  }, [finding, job.power]);
  if (finding.cures.length === 0) return null;
  const rank = (cure: Cure) => { const outcome = outcomes.get(cure.text); return outcome === undefined ? 1 : (outcome.fixed ? 0 : 2) + Math.min(0.9, outcome.come / 10); };
  return (
    <div className="mt-4 border-t border-rule pt-3">
      <h3 className="mb-1 text-[13px] font-bold">Ways out</h3>
      <ul className="space-y-1.5">
        {finding.cures.toSorted((a, b) => rank(a) - rank(b)).map((cure) => {
          const outcome = outcomes.get(cure.text);
          return (
            <li key={cure.text} className="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-2 border border-rule px-3 py-1.5">
              <div><p>{cure.text}</p>{cure.edit !== null && <p className="text-[13px] text-ink2">{outcome === undefined ? "Solving …" : `${outcome.fixed ? "Cures it" : outcome.come > outcome.gone ? "Makes it worse" : "Does not cure it alone"}${outcome.gone > (outcome.fixed ? 1 : 0) ? `, and ${outcome.gone - (outcome.fixed ? 1 : 0)} more` : ""}${outcome.come > 0 ? `; brings ${outcome.come} new` : outcome.fixed ? "; nothing new comes" : ""}`}</p>}</div>
              {cure.edit !== null && <Button className="no-print" aria-label={`Try: ${cure.text}`} onClick={() => onTry(cure.edit as PowerEdit)}>Try</Button>}
            </li>
          );
        })}
      </ul>
    </div>
  );
}
