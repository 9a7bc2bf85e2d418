import type { FuseRow } from "../tables/fuses";
import type { KeyRow } from "../tables/keys";
import type { ChargeBalance, CrankingReport } from "../tables/loads";
import type { RelayRow } from "../tables/relays";
import type { PowerSolution } from "../types";
import { backFeedFindings } from "./back-feed";
import { driverFindings } from "./drivers";
import { energyFindings } from "./energy";
import { fuseFindings } from "./fuses";
import { groundFindings } from "./grounds";
import { hotWires } from "./hot-wires";
import { interlockFindings } from "./interlock";
import { relayFindings } from "./relays";
import { supplyFindings } from "./supply";
import { flybackFindings, wrongLiveFindings } from "./switched";
import { type Finding, SEVERITIES } from "./types";
import { unfusedFindings } from "./unfused";

export { type Places, placesOf } from "./places";
export {
  type Cure,
  type CureFacts,
  type DeadCause,
  type Finding,
  type FindingCode,
  type FindingFacts,
  SEVERITIES,
  type Severity,
  type SplitWay,
} from "./types";

export interface Tables {
  readonly rows: readonly KeyRow[];
  readonly fuses: readonly FuseRow[];
  readonly relays: readonly RelayRow[];
  readonly charge: ChargeBalance;
  readonly crank: CrankingReport;
}

/** What is told of an engine, and means nothing of a host whose own has gone. */
const isOfEngine = (finding: Finding): boolean =>
  finding.code === "ground-missing" ||
  finding.code === "charge" ||
  (finding.code === "cranking" && finding.what === "battery");

/** What is wrong in the solved plan, the gravest first. */
export function findFindings(solution: PowerSolution, { rows, fuses, relays, charge, crank }: Tables): Finding[] {
  const sides = new Set([...solution.model.facts.harness.connectorById.values()].map((connector) => connector.side));
  // Without the host there is no battery, and all that could be said would be that.
  if (!sides.has("host")) return [];
  const all = [
    ...supplyFindings(solution, rows),
    ...backFeedFindings(solution, rows),
    ...wrongLiveFindings(solution, rows),
    ...interlockFindings(solution),
    ...groundFindings(solution),
    ...driverFindings(solution),
    ...flybackFindings(solution),
    ...unfusedFindings(solution),
    ...hotWires(solution),
    ...fuseFindings(solution, fuses),
    ...relayFindings(solution, relays),
    ...energyFindings(solution, charge, crank),
  ].filter((finding) => sides.has("donor") || !isOfEngine(finding));
  return inOrder(underTheirRoot(solution, all));
}

/** What a computer without a ground brings with it stands under that, and not beside it. */
const FROM_NO_GROUND: ReadonlySet<Finding["code"]> = new Set(["dead-feed", "low-volts", "ground-offset", "cranking"]);

function underTheirRoot({ model: { facts } }: PowerSolution, all: readonly Finding[]): Finding[] {
  const { harness } = facts;
  const partOf = (pinId: string | null) =>
    pinId === null ? undefined : harness.partAt[harness.nodeOfPin.get(pinId) ?? -1]?.id;
  const roots = all.filter(({ code, pinId }) => code === "ground-missing" && pinId !== null);
  if (roots.length === 0) return [...all];
  const under = (root: Finding, one: Finding) =>
    one !== root &&
    FROM_NO_GROUND.has(one.code) &&
    root.code === "ground-missing" &&
    root.part !== null &&
    partOf(one.pinId) === partOf(root.pinId);
  return all
    .filter((one) => !roots.some((root) => under(root, one)))
    .map((one) =>
      roots.includes(one)
        ? { ...one, also: [...one.also, ...all.filter((other) => under(one, other)).map(({ at }) => at)] }
        : one,
    );
}

function inOrder(all: readonly Finding[]): Finding[] {
  // Sorting keeps the order of those that are equal.
  return all.toSorted((a, b) => SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity));
}
