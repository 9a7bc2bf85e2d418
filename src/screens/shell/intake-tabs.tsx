"use client";

import { useJob } from "./job-provider";
import { StageTabs } from "./stage-tabs";
import { INTAKE_VIEWS } from "./stages";

/** The views of intake side by side, with how much is wrong in the harness. */
export const IntakeTabs = () => (
  <StageTabs
    label="Intake"
    views={INTAKE_VIEWS}
    wrong={{ harness: useJob().report?.problems.length ?? 0 }}
    under={{ "type-in": "import" }}
  />
);
