"use client";

import { useEffect, useState } from "react";
import type { ElementFault } from "@/core/power";
import { type Cause, type Judgement, likelyCauses, type Step } from "@/core/proving";
import { causeWords } from "@/core/words";
import { useJob } from "../shell/job-provider";

/**
 * What may be behind a reading that fails: by the plan's structure, the other readings, and each single fault that the
 * solved plan finds for it.
 */
export function LikelyCauses({ step, judgement }: { step: Step; judgement: Judgement }) {
  const job = useJob();
  const faults = useElementFaults(step, judgement.value);
  const outcomes = new Map(
    job.steps.flatMap((one) =>
      one.judgement === null || one.stale ? [] : [[one.step.key, one.judgement.outcome] as const],
    ),
  );
  const causes = likelyCauses(step, judgement, {
    lines: job.plan.lines,
    steps: job.steps.map((one) => one.step),
    outcomes,
    faults: faults ?? [],
  });
  if (causes.length === 0) return null;
  return (
    <section aria-label="Likely causes">
      <h3 className="mb-1 font-bold">Likely causes</h3>
      <ol>
        {causes.map((cause) => (
          <CauseLine key={JSON.stringify(cause)} cause={cause} step={step} />
        ))}
      </ol>
      <p role="status" className="mt-1 text-[13px] text-ink2">
        {faults === null
          ? "Solving each single fault …"
          : "Ranked by our own judgement, your other readings and the solved plan; not odds."}
      </p>
    </section>
  );
}

function CauseLine({ cause, step }: { cause: Cause; step: Step }) {
  const { text, because, next } = causeWords(cause, step);
  return (
    <li className="grid grid-cols-[64px_1fr] items-center gap-3 border-b border-rule py-2 last:border-b-0">
      <span className="h-2.5 bg-rule" aria-hidden="true">
        <span className="block h-2.5 bg-ink" style={{ width: `${Math.round(cause.share * 100)}%` }} />
      </span>
      <span>
        <strong className="font-semibold">{text}</strong>
        {because !== "" && <span className="text-[13px] text-ink2"> {because}</span>}
        <span className="block text-[13px]">Next: {next}</span>
      </span>
    </li>
  );
}

/**
 * Single faults that would give this reading by the solved plan; null until it has answered. Only volts against the
 * battery are solved.
 */
function useElementFaults({ red, expected, keyState }: Step, value: number | null): readonly ElementFault[] | null {
  const { askFaults, power } = useJob();
  const pinId = red.at.type === "cavity" && expected.unit === "V" ? red.at.pinId : null;
  const [found, setFound] = useState<readonly ElementFault[] | null>(null);
  useEffect(() => {
    let current = true;
    if (pinId === null || keyState === "battery-off") {
      setFound([]);
      return;
    }
    void askFaults(pinId, keyState, value ?? 0).then((answer) => current && setFound(answer));
    return () => {
      current = false;
    };
  }, [pinId, keyState, value, askFaults, power]);
  return found;
}
