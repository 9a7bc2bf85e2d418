"use client";

import { useEffect, useState } from "react";
import type { Cure, Finding } from "@/core/power";
import type { CureEffect } from "@/core/words";
import { useJob } from "../shell/job-provider";

/** What each cure would change, solved one after the other. */
export function useCureEffects(finding: Finding): ReadonlyMap<Cure, CureEffect> {
  const job = useJob();
  const [outcomes, setOutcomes] = useState<ReadonlyMap<Cure, CureEffect>>(new Map());
  useEffect(() => {
    let current = true;
    setOutcomes(new Map());
    void (async () => {
      for (const cure of finding.cures) {
        if (cure.edit === null || !current) continue;
        const { edit } = cure;
        const { gone, come } = await job.askTry([edit]);
        if (current)
          setOutcomes((known) =>
            new Map(known).set(cure, { fixed: gone.includes(finding.key), gone: gone.length, come: come.length }),
          );
      }
    })();
    return () => {
      current = false;
    };
  }, [finding, job.power]);
  return outcomes;
}
