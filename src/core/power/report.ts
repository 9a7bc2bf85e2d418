import { type Finding, findFindings } from "./findings";
import { type BoxRow, boxTable } from "./tables/boxes";
import { type FuseRow, fuseTable } from "./tables/fuses";
import { type GroundRow, groundTable, type ReturnRow, returnTable } from "./tables/grounds";
import { type KeyRow, keyTable, leastVolts } from "./tables/keys";
import { type ChargeBalance, type CrankingReport, chargeBalance, cranking } from "./tables/loads";
import { type RelayRow, relayTable } from "./tables/relays";
import type { Assumption, PowerProblem, PowerSolution } from "./types";

/** Everything about the solved plan that screens show; plain data, so that it can come from a worker. */
export interface PowerReport {
  readonly rows: readonly KeyRow[];
  readonly findings: readonly Finding[];
  readonly fuses: readonly FuseRow[];
  readonly relays: readonly RelayRow[];
  readonly grounds: readonly GroundRow[];
  readonly returns: readonly ReturnRow[];
  readonly boxes: readonly BoxRow[];
  readonly charge: ChargeBalance;
  readonly crank: CrankingReport;
  readonly problems: readonly PowerProblem[];
  readonly assumptions: readonly Assumption[];
  readonly elements: number;
}

export function reportPower(solution: PowerSolution, rows: readonly KeyRow[] = keyTable(solution)): PowerReport {
  const fuses = fuseTable(solution);
  const relays = relayTable(solution);
  const charge = chargeBalance(solution);
  const { harness } = solution.model.facts;
  const computers = rows.flatMap((row) => {
    const cell = row.cells.find((one) => one.state === "crank");
    const part = harness.partAt[harness.nodeOfPin.get(row.pin.id) ?? -1];
    return row.role === "consumer" &&
      row.pin.form.kind === "supply-in" &&
      part?.type === "computer" &&
      cell?.needed === true
      ? [{ at: row.at, volts: cell.across, leastVolts: leastVolts(row.pin, "crank") }]
      : [];
  });
  const crank = cranking(solution, computers);
  return {
    rows,
    fuses,
    relays,
    charge,
    crank,
    boxes: boxTable(solution),
    grounds: groundTable(solution),
    returns: returnTable(solution),
    problems: solution.problems,
    assumptions: solution.model.assumptions,
    elements: solution.model.elements.length,
    findings: findFindings(solution, { rows, fuses, relays, charge, crank }),
  };
}
