import type { Cure, Finding, FuseRow, PowerProblem, PowerReport, RelayRow } from "@/core/power";
import type { Units } from "@/core/units";
import {
  assumptionText,
  cureText,
  findingAlso,
  findingPlace,
  findingTitle,
  findingWhy,
  originText,
  powerProblemWords,
} from "@/core/words";

/** What a person reads of a finding, beside its facts. */
export interface Told {
  readonly key: string;
  readonly where: string;
  readonly title: string;
  readonly why: string;
  readonly also: readonly string[];
  readonly cures: readonly (Pick<Cure, "code" | "edit"> & { readonly text: string })[];
}

export type ToldFinding = Told & Pick<Finding, "code" | "severity" | "state" | "amount" | "node" | "pinId">;

export function told(finding: Finding, units: Units = "metric"): ToldFinding {
  const { code, key, severity, state, amount, node, pinId } = finding;
  const cures = finding.cures.map((cure) => ({ code: cure.code, edit: cure.edit, text: cureText(cure, units) }));
  return {
    code,
    key,
    severity,
    state,
    amount,
    node,
    pinId,
    where: findingPlace(finding),
    title: findingTitle(finding, units),
    why: findingWhy(finding, units),
    also: findingAlso(finding),
    cures,
  };
}

export const toldFindings = ({ findings }: Pick<PowerReport, "findings">, units: Units = "metric"): ToldFinding[] =>
  findings.map((finding) => told(finding, units));
export const toldProblem = (problem: PowerProblem) => ({ code: problem.code, ...powerProblemWords(problem, "metric") });
export const assumedOf = ({ assumptions }: Pick<PowerReport, "assumptions">): string[] =>
  assumptions.map((one) => assumptionText(one, "metric"));
export const fuseName = ({ origin }: Pick<FuseRow, "origin">): string => originText(origin);
export const relayName = ({ origin }: Pick<RelayRow, "origin">): string => originText(origin);
