"use client";

import Link from "next/link";
import { memo } from "react";
import type { Cure, Effect, Finding, PowerEdit } from "@/core/power";
import {
  type CureEffect,
  cureEffectText,
  cureText,
  findingAlso,
  findingCaution,
  findingPlace,
  findingTitle,
  findingWhy,
  keyWords,
  SEVERITY_WORDS,
  stateWords,
} from "@/core/words";
import { Button } from "@/ui/controls";
import { Caution } from "@/ui/states";
import { useJob } from "../shell/job-provider";
import { useCureEffects } from "./cure-effects";
import { PathDrawing } from "./path-drawing";
import { type Looked, usePath } from "./trying";

interface Props {
  readonly finding: Finding | null;
  readonly tryingEdits: readonly PowerEdit[];
  readonly effect: Effect | null;
  readonly onTry: (edit: PowerEdit) => void;
}

/** One finding: why, what to probe, its cures with what each would change, and the current's path. */
export const FindingDetail = memo(function FindingDetail({ finding, tryingEdits, effect, onTry }: Props) {
  const {
    jobId,
    document: {
      job: { units },
    },
  } = useJob();
  const looked: Looked | null =
    finding?.node == null ? null : { node: finding.node, state: finding.state, label: findingPlace(finding) };
  const { path, before } = usePath(looked, tryingEdits, effect);
  if (finding === null)
    return (
      <section aria-label="Finding" className="p-4 text-ink2">
        <h2 className="text-base text-ink">What is found</h2>
        <p className="mt-2">Choose a finding: its reason, where to put the probe and its cures stand here.</p>
      </section>
    );
  const caution = findingCaution(finding);
  return (
    <section
      aria-label="Finding"
      className="min-h-0 overflow-auto p-4 max-lg:border-t max-lg:border-rule2 print:overflow-visible"
      tabIndex={0}
    >
      <p className="text-[13px] font-semibold">{SEVERITY_WORDS[finding.severity].word}</p>
      <h2 className="text-base break-words">{findingTitle(finding, units)}</h2>
      <p className="mt-2">{findingWhy(finding, units)}</p>
      {finding.also.length > 0 && (
        <p className="mt-2 text-[13px]">
          <strong>With it:</strong> <span>{findingAlso(finding).join(", ")}</span>
        </p>
      )}
      {finding.pinId !== null && (
        <p className="mt-2 text-[13px]">
          <strong>Probe:</strong> red at{" "}
          <Link className="font-mono underline" href={`/jobs/${jobId}/pins?pin=${encodeURIComponent(finding.pinId)}`}>
            {findingPlace(finding)}
          </Link>
          , black at battery negative, {keyWords[finding.state].toLowerCase()}.
        </p>
      )}
      {caution !== null && (
        <div className="mt-2">
          <Caution>{caution}</Caution>
        </div>
      )}
      <Cures key={finding.key} finding={finding} onTry={onTry} />
      {looked !== null && (
        <div className="mt-4 border-t border-rule pt-3">
          <h3 className="mb-1 text-[13px] font-bold">
            Current path at {findingPlace(finding)}, {stateWords[finding.state]}
            {before !== null ? ", as it would be" : ""}
          </h3>
          {path === null ? (
            <p role="status" className="text-ink2">
              Drawing …
            </p>
          ) : (
            <PathDrawing path={path} before={before} units={units} />
          )}
        </div>
      )}
    </section>
  );
});

/** The cures, each solved before it is offered: what goes with it and what comes. */
function Cures({ finding, onTry }: { finding: Finding; onTry: (edit: PowerEdit) => void }) {
  const outcomes = useCureEffects(finding);
  if (finding.cures.length === 0) return null;
  // In the order in which one would think of them; what turns out not to clear the finding stands last.
  const rank = (cure: Cure) => (outcomes.get(cure)?.fixed === false ? 1 : 0);
  return (
    <div className="mt-4 border-t border-rule pt-3">
      <h3 className="mb-1 text-[13px] font-bold">Cures</h3>
      <ul className="space-y-1.5">
        {finding.cures
          .toSorted((a, b) => rank(a) - rank(b))
          .map((cure) => (
            <CureLine key={JSON.stringify(cure)} cure={cure} outcome={outcomes.get(cure)} onTry={onTry} />
          ))}
      </ul>
    </div>
  );
}

interface CureProps {
  readonly cure: Cure;
  /** Undefined while it is being solved. */
  readonly outcome: CureEffect | undefined;
  readonly onTry: (edit: PowerEdit) => void;
}

function CureLine({ cure, outcome, onTry }: CureProps) {
  const { units } = useJob().document.job;
  const { edit } = cure;
  return (
    <li className="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-2 border border-rule px-3 py-1.5">
      <div>
        <p>{cureText(cure, units)}</p>
        {edit !== null && (
          <p className="text-[13px] text-ink2">{outcome === undefined ? "Solving …" : cureEffectText(outcome)}</p>
        )}
      </div>
      {edit !== null && (
        <Button className="no-print" aria-label={`Try: ${cureText(cure, units)}`} onClick={() => onTry(edit)}>
          Try
        </Button>
      )}
    </li>
  );
}
