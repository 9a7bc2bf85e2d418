import type { Quantity } from "../../forms";
import { soldSizes } from "../../units";
import { continuousAmps, type FuseCheck, fuseForLoad } from "../../wire";
import { originKey } from "../plan-element";
import { settingValue } from "../settings";
import type { FuseRow } from "../tables/fuses";
import { loadsIn } from "../tables/loads";
import { atElement, type PowerSolution } from "../types";
import { type Cure, type Finding, SEVERITIES, type Severity, type SplitWay } from "./types";

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

/**
 * In the order in which a technician thinks: a smaller fuse where the load allows it; the circuit over several ways; a
 * fuse of its own where a thin wire taps it; thicker wire last.
 */
function fuseCures(solution: PowerSolution, row: FuseRow, loadOnly: boolean): Cure[] {
  const { wire, thin, better, origin, ambientC, ratedAmps } = row;
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
  const split = better === null || loadOnly ? splitCures(solution, row) : [];
  if (loadOnly || wire === null) return [...rating, ...split];
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
  if (bigger === undefined) return [...rating, ...split, ...branch];
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
  return [...rating, ...split, ...branch, thicker];
}

const VALVES: ReadonlySet<Quantity> = new Set<Quantity>([
  "injector",
  "purge-valve",
  "camshaft-phaser",
  "intake-runner",
  "boost-control",
  "exhaust-recirculation",
  "idle-control",
]);

/** What a load belongs to when its circuit is split over several ways. */
function splitOf({ model }: PowerSolution, origin: FuseRow["loads"][number]): SplitWay["what"] {
  const part = origin.type === "part" ? model.facts.harness.partById.get(origin.partId) : undefined;
  const carries = (wanted: (quantity: Quantity) => boolean) =>
    part?.terminals.some(({ pinId }) => {
      const quantity = pinId === null ? null : (model.facts.harness.pinById.get(pinId)?.quantity ?? null);
      return quantity !== null && wanted(quantity);
    }) === true;
  if (part?.type === "computer") return "computer";
  if (carries((quantity) => quantity === "ignition-coil")) return "coils";
  if (carries((quantity) => quantity === "oxygen-heater")) return "heaters";
  return carries((quantity) => VALVES.has(quantity)) ? "injectors-valves" : "rest";
}

/** The circuit over several ways, each with the fuse that its own load asks for; none where all of it is of one kind. */
function splitCures(solution: PowerSolution, { loads }: FuseRow): Cure[] {
  const drawn = new Map(loadsIn(solution, "running", 0).map((load) => [originKey(load.origin), load.amps]));
  const sums = new Map<SplitWay["what"], number>();
  for (const origin of loads) {
    const what = splitOf(solution, origin);
    sums.set(what, (sums.get(what) ?? 0) + (drawn.get(originKey(origin)) ?? 0));
  }
  const ways = [...sums].flatMap(([what, amps]): SplitWay[] => {
    const ratedAmps = amps < LEAST_SPLIT_AMPS ? null : fuseForLoad(amps);
    return ratedAmps === null ? [] : [{ what, amps, ratedAmps }];
  });
  return ways.length < 2 ? [] : [{ code: "split-fuse", ways: ways.toSorted((a, b) => b.amps - a.amps), edit: null }];
}

/** Less than this needs no way of its own, A. */
const LEAST_SPLIT_AMPS = 0.2;
