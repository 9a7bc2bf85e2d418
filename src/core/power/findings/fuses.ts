import { sizeWords, soldSizes } from "../../units";
import { continuousAmps, fuseForLoad } from "../../wire";
import { settingValue } from "../settings";
import type { FuseRow } from "../tables/fuses";
import type { PowerSolution } from "../types";
import { allOf, type Cure, type Finding, type FindingCode, SEVERITIES, type Severity } from "./types";

const CODES: Readonly<Record<"continuous" | "wire" | "inrush" | "short", { code: FindingCode; severity: Severity; says: string }>> = {
  continuous: { code: "fuse-load", severity: "fault", says: "carries more for good than it bears" },
  wire: { code: "fuse-wire", severity: "danger", says: "is bigger than its wire" },
  inrush: { code: "fuse-inrush", severity: "note", says: "may melt at switching on" },
  short: { code: "fuse-short", severity: "danger", says: "does not save its wire in a short" },
};

/** One finding a fuse: what does not hold of it, the gravest first. */
export function fuseFindings(solution: PowerSolution, rows: readonly FuseRow[]): Finding[] {
  return rows.flatMap((row): Finding[] => {
    const failing = (row.verdict?.checks ?? []).filter((check) => !check.holds).toSorted((a, b) => SEVERITIES.indexOf(CODES[a.code].severity) - SEVERITIES.indexOf(CODES[b.code].severity));
    const [worst] = failing;
    if (worst === undefined) return [];
    const { code, severity } = CODES[worst.code];
    const element = solution.model.pieceOf.get(row.key)?.element;
    return [{
      key: `fuse ${row.key}`, code, severity, title: `${row.name} (${row.ratedAmps} A) ${failing.map((check) => CODES[check.code].says).join(", and ")}`,
      why: `${failing.map((check) => `${check.text.charAt(0).toUpperCase()}${check.text.slice(1)}`).join(". ")}.${row.wire === null ? "" : ` Its thinnest wire: ${row.wire.name}${row.wire.assumed ? ", size assumed" : ""}.`}`, state: "running",
      amount: { value: worst.code === "continuous" ? row.continuousAmps : row.ratedAmps, limit: worst.code === "wire" ? (row.verdict?.wireAmps ?? null) : row.ratedAmps, unit: "A" },
      node: element?.type === "fuse" ? element.b : null, pinId: null, where: row.name, also: [], cures: fuseCures(solution, row, failing.every((check) => check.code === "continuous" || check.code === "inrush")),
    }];
  });
}

function fuseCures(solution: PowerSolution, row: FuseRow, loadOnly: boolean): Cure[] {
  const { wire } = row;
  const rating: Cure[] = row.better === null || row.partId === null || row.elementId === null ? [] : [{ text: `A fuse of ${row.better} A`, edit: { type: "fuse", partId: row.partId, elementId: row.elementId, amps: row.better } }];
  if (loadOnly || wire === null) return rating;
  const { units } = solution.model.facts;
  const bigger = soldSizes(units).find((size) => continuousAmps(size, { ambientC: row.ambientC, loaded: settingValue(solution.model.facts.settings, "wires-together") }) >= row.ratedAmps);
  const own = fuseForLoad(wire.amps) ?? 5;
  return [
    ...rating,
    ...(wire.linkId === null ? [] : [{ text: `A fuse of its own, ${own} A, where ${wire.name} leaves the feed`, edit: { type: "branch-fuse" as const, linkId: wire.linkId, amps: own } }]),
    ...(bigger === undefined || row.thin.length < 2 ? [] : [{ text: `${sizeWords(bigger, units)} for ${allOf(row.thin.length)} wires behind it that bear less`, edit: { type: "wires" as const, wireIds: row.thin.map((one) => one.id), sizeMm2: bigger } }]),
    ...(bigger === undefined || row.thin.length > 1 ? [] : [{ text: `${sizeWords(bigger, units)} instead of ${sizeWords(wire.sizeMm2, units)} for ${wire.name}`, edit: { type: "wire" as const, wireId: wire.id, sizeMm2: bigger } }]),
  ];
}
