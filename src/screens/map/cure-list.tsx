"use client";

import type { Cure, Finding } from "@/core/power";
import { type CureEffect, cureEffectText, cureText } from "@/core/words";
import { Button } from "@/ui/controls";
import { useCureEffects } from "../power/cure-effects";
import { useEditNames } from "../power/edit-names";
import { carryOutEdits } from "../power/trying";
import { useJob } from "../shell/job-provider";
import { useKeys } from "../shell/keys";

interface Props {
  readonly finding: Finding;
  /** The key carries out one of these. */
  readonly isFirst: boolean;
}

/** What clears a finding, each solved before it is offered; what can be carried out here is, as one change. */
export function CureList({ finding, isFirst }: Props) {
  const job = useJob();
  const { units } = job.document.job;
  const effects = useCureEffects(finding);
  const names = useEditNames();
  const clean = isFirst ? cleanCure(finding, effects) : undefined;
  useKeys({ c: () => clean?.edit != null && carryOutEdits(job, [clean.edit], names) });
  return (
    <ul aria-label="Cures">
      {finding.cures.map((cure) => {
        const { edit } = cure;
        const effect = effects.get(cure);
        return (
          <li
            key={JSON.stringify(cure)}
            className="grid min-h-10 grid-cols-[minmax(0,1fr)_auto] items-center gap-2 border-t border-rule py-1"
          >
            <span>
              {cureText(cure, units)}
              {edit !== null && (
                <span className="block text-ink2">{effect === undefined ? "Solving …" : cureEffectText(effect)}</span>
              )}
            </span>
            {edit !== null && (
              <Button hotkey={cure === clean ? "C" : undefined} onClick={() => carryOutEdits(job, [edit], names)}>
                Carry out<span className="hidden-text">: {cureText(cure, units)}</span>
              </Button>
            )}
          </li>
        );
      })}
    </ul>
  );
}

/** The first cure that clears the finding and brings no other. */
const cleanCure = (finding: Finding, effects: ReadonlyMap<Cure, CureEffect>): Cure | undefined =>
  finding.cures.find((cure) => {
    const effect = effects.get(cure);
    return effect?.fixed === true && effect.come === 0;
  });
