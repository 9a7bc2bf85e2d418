import { soldSizes } from "../../units";
import { continuousAmps, type FuseCheck, fuseForLoad } from "../../wire";
import { settingValue } from "../settings";
import type { FuseRow } from "../tables/fuses";
import { atElement, type PowerSolution } from "../types";
import { type Cure, type Finding, SEVERITIES, type Severity } from "./types";

type FuseCode = "fuse-load" | "fuse-wire" | "fuse-inrush";

const CODES: Readonly<Record<FuseCheck["code"], FuseCode>> = {
  continuous: "fuse-load",
  wire: "fuse-wire",
  inrush: "fuse-inrush",
  short: "fuse-wire",
};

/**
 * A fuse that lets more through than its wire is rated for is a danger where the wire burns first in a short, too; by
 * itself it is worth a note, for a load that is right never gets there.
 */
function severityOf(code: FuseCode, failing: readonly FuseCheck[]): Severity {
  if (code !== "fuse-wire") return "fault";
  return failing.some(({ code: one }) => one === "wire") && failing.some(({ code: one }) => one === "short")
    ? "danger"
    : "note";
}

/** One finding a fuse: what does not hold of it, the gravest first. */
export function fuseFindings(solution: PowerSolution, rows: readonly FuseRow[]): Finding[] {
  return rows.flatMap((row): Finding[] => {
    const all = (row.verdict?.checks ?? []).filter((check) => !check.holds);
    const gravity = (check: FuseCheck) => SEVERITIES.indexOf(severityOf(CODES[check.code], all));
    const failing = all.toSorted((a, b) => gravity(a) - gravity(b));
    const [worst] = failing;
    if (worst === undefined) return [];
    const code = CODES[worst.code];
    const severity = severityOf(code, all);
    const element = solution.model.elementOf.get(row.key)?.element;
    const loadOnly = failing.every((check) => check.code === "continuous" || check.code === "inrush");
    return [
      {
        code,
        key: `fuse ${row.key}`,
        severity,
        ratedAmps: row.ratedAmps,
        failing,
        wire: row.wire?.origin ?? null,
        state: "running",
        amount: {
          value: worst.code === "continuous" ? row.continuousAmps : row.ratedAmps,
          limit: worst.code === "wire" ? (row.verdict?.wireAmps ?? null) : row.ratedAmps,
          unit: "A",
        },
        node: element?.type === "fuse" ? element.b : null,
        pinId: null,
        at: atElement(row),
        also: [],
        cures: fuseCures(solution, row, loadOnly),
      },
    ];
  });
}

function fuseCures(
  solution: PowerSolution,
  { wire, thin, better, origin, ambientC, ratedAmps }: FuseRow,
  loadOnly: boolean,
): Cure[] {
  const { units, settings } = solution.model.facts;
  const rating: Cure[] =
    better === null || origin.type !== "part"
      ? []
      : [
          {
            code: "fuse-rating",
            amps: better,
            edit: { type: "fuse", partId: origin.partId, elementId: origin.elementId, amps: better },
          },
        ];
  if (loadOnly || wire === null) return rating;
  const bigger = soldSizes(units).find(
    (size) => continuousAmps(size, { ambientC, loaded: settingValue(settings, "wires-together") }) >= ratedAmps,
  );
  const own = fuseForLoad(wire.amps) ?? 5;
  const branch: Cure[] =
    wire.linkId === null
      ? []
      : [
          {
            code: "branch-fuse",
            amps: own,
            wire: wire.origin,
            edit: { type: "branch-fuse", linkId: wire.linkId, amps: own },
          },
        ];
  if (bigger === undefined) return [...rating, ...branch];
  const thicker: Cure =
    thin.length > 1
      ? {
          code: "thicker-wires",
          sizeMm2: bigger,
          wires: thin.length,
          behindFuse: true,
          edit: { type: "wires", wireIds: thin.map((one) => one.origin.wireId), sizeMm2: bigger },
        }
      : {
          code: "thicker-wire",
          sizeMm2: bigger,
          wire: wire.origin,
          lostVolts: null,
          edit: { type: "wire", wireId: wire.origin.wireId, sizeMm2: bigger },
        };
  return [...rating, ...branch, thicker];
}
