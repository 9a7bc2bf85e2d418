import type { KeyPosition } from "../../state";
import { soldSizes, type Units } from "../../units";
import { continuousAmps, type Surroundings } from "../../wire";
import type { WireOrigin } from "../plan-element";
import { settingValue } from "../settings";
import { mostAmps } from "../solved/flow";
import { ambientOf } from "../tables/fuses";
import { atElement, type PowerSolution } from "../types";
import type { Cure, Finding } from "./types";

/** States that last: a wire's temperature follows them. Cranking is over in seconds. */
const LASTING = ["run", "running", "off"] as const;
/** Battery cables run on their own, from this size on, mm². */
const CABLE_MM2 = 10;
/** Less than this heats nothing, A. */
const LEAST_AMPS = 1;

/** A wire that carries more than its rating, in the state in which it carries most. */
interface HotWire {
  readonly origin: WireOrigin;
  readonly node: string | null;
  readonly state: KeyPosition;
  readonly amps: number;
  readonly limit: number;
  readonly surroundings: Required<Pick<Surroundings, "ambientC" | "loaded">>;
}

/**
 * Wires that carry more than they are rated for where they lie; those of one circuit that carry the same current one
 * after the other are one finding.
 */
export function hotWires(solution: PowerSolution): Finding[] {
  const { model } = solution;
  const runs: HotWire[][] = [];
  const circuitOf = ({ origin }: HotWire) => model.facts.harness.wireById.get(origin.wireId)?.circuit ?? null;
  for (const wire of hotOnes(solution)) {
    const run = runs.find(
      ([first]) =>
        first !== undefined &&
        circuitOf(first) !== null &&
        circuitOf(first) === circuitOf(wire) &&
        first.state === wire.state &&
        Math.abs(first.amps - wire.amps) < SAME_PART * wire.amps,
    );
    if (run === undefined) runs.push([wire]);
    else run.push(wire);
  }
  return runs.map((run) => hotFinding(run, circuitOf(run[0] as HotWire), model.facts.units));
}

function hotOnes(solution: PowerSolution): HotWire[] {
  const { model } = solution;
  const loaded = settingValue(model.facts.settings, "wires-together");
  const ratings = new Map<string, number>();
  return model.spans.all.flatMap((span): HotWire[] => {
    const { element, origin } = span.planned;
    if (origin.type !== "wire" || mostAmps(solution, span, LASTING) < LEAST_AMPS) return [];
    const worst = LASTING.map((state) => ({ state, amps: mostAmps(solution, span, [state]) })).reduce((most, one) =>
      one.amps > most.amps ? one : most,
    );
    const surroundings = {
      ambientC: ambientOf(model, origin.wireId),
      loaded: origin.sizeMm2 >= CABLE_MM2 ? 1 : loaded,
    };
    const key = `${origin.sizeMm2} ${surroundings.ambientC} ${surroundings.loaded}`;
    const limit = ratings.get(key) ?? continuousAmps(origin.sizeMm2, surroundings);
    ratings.set(key, limit);
    return worst.amps <= limit
      ? []
      : [{ origin, node: element.type === "resistor" ? element.b : null, limit, surroundings, ...worst }];
  });
}

/** Currents that differ by less than this part are one current on its way. */
const SAME_PART = 0.03;
/** What a thicker wire should have to spare. */
const TO_SPARE = 1.1;

function hotFinding(run: readonly HotWire[], circuit: string | null, units: Units): Finding {
  const worst = run.reduce((most, one) => (one.limit / one.amps < most.limit / most.amps ? one : most));
  const { origin, node, state, amps, limit, surroundings } = worst;
  const bigger = soldSizes(units).find((size) =>
    run.every((one) => continuousAmps(size, one.surroundings) >= one.amps * TO_SPARE),
  );
  const cures: Cure[] =
    bigger === undefined
      ? []
      : run.length === 1
        ? [
            {
              code: "thicker-wire",
              sizeMm2: bigger,
              wire: origin,
              lostVolts: null,
              edit: { type: "wire", wireId: origin.wireId, sizeMm2: bigger },
            },
          ]
        : [
            {
              code: "thicker-wires",
              sizeMm2: bigger,
              wires: run.length,
              behindFuse: false,
              edit: { type: "wires", wireIds: run.map((one) => one.origin.wireId), sizeMm2: bigger },
            },
          ];
  return {
    code: "wire-hot",
    key: `hot ${(run[0] as HotWire).origin.wireId}`,
    severity: "danger",
    wires: run.length,
    circuit,
    amps,
    limitAmps: limit,
    weakest: origin,
    ...surroundings,
    state,
    amount: { value: amps, limit, unit: "A" },
    node,
    pinId: null,
    at: atElement({ origin }),
    also: run.filter((one) => one !== worst).map(atElement),
    cures,
  };
}
