import type { FuseRow, RelayRow } from "../tables/fuses";
import type { KeyRow } from "../tables/keys";
import type { ChargeBalance, CrankingReport } from "../tables/loads";
import type { PowerSolution } from "../types";
import { backFeedFindings } from "./back-feed";
import { energyFindings } from "./energy";
import { groundFindings } from "./grounds";
import { ratingFindings } from "./ratings";
import { supplyFindings } from "./supply";
import { type Finding, SEVERITIES } from "./types";

export { stateWords } from "./supply";
export { type Cure, type Finding, type FindingCode, SEVERITIES, type Severity } from "./types";

export interface Tables {
  readonly rows: readonly KeyRow[];
  readonly fuses: readonly FuseRow[];
  readonly relays: readonly RelayRow[];
  readonly charge: ChargeBalance;
  readonly crank: CrankingReport;
}

/** What is wrong in the solved plan, the gravest first. */
export function findFindings(solution: PowerSolution, { rows, fuses, relays, charge, crank }: Tables): Finding[] {
  const all = [
    ...supplyFindings(solution, rows), ...backFeedFindings(solution, rows), ...groundFindings(solution), ...ratingFindings(solution, fuses, relays), ...energyFindings(solution, charge, crank),
  ];
  const rank = (finding: Finding) => SEVERITIES.indexOf(finding.severity);
  return all.map((finding, at) => ({ finding, at })).toSorted((a, b) => rank(a.finding) - rank(b.finding) || a.at - b.at).map(({ finding }) => finding);
}
