import { sizeWords, soldSizes, temperatureText, type Units } from "../../units";
import { continuousAmps, type Surroundings } from "../../wire";
import type { Place } from "../piece";
import { settingValue } from "../settings";
import { mostAmps } from "../solved/flow";
import type { PowerState } from "../states";
import { ambientOf } from "../tables/fuses";
import type { PowerSolution } from "../types";
import { stateWords } from "./supply";
import { allOf, type Cure, type Finding } from "./types";

/** States that last: a wire's temperature follows them. Cranking is over in seconds. */
const LASTING = ["run", "running", "off"] as const;

/** A wire that carries more than it bears, in the state in which it carries most. */
interface HotWire {
  readonly place: Extract<Place, { type: "wire" }>;
  readonly name: string;
  readonly node: string | null;
  readonly state: PowerState;
  readonly amps: number;
  readonly limit: number;
  readonly surroundings: Required<Pick<Surroundings, "ambientC" | "loaded">>;
}

/** Wires that carry more than they bear where they lie; those of one circuit that carry the same current one after the other are one finding. */
export function hotWires(solution: PowerSolution): Finding[] {
  const { model } = solution;
  const loaded = settingValue(model.facts.settings, "wires-together");
  const bears = new Map<string, number>();
  const hot = model.spans.all.flatMap((span): HotWire[] => {
    const { element, place, name } = span.piece;
    if (place.type !== "wire" || mostAmps(solution, span, LASTING) < 1) return [];
    const worst = LASTING.map((state) => ({ state, amps: mostAmps(solution, span, [state]) })).reduce((most, one) => (one.amps > most.amps ? one : most));
    // Battery cables run on their own.
    const surroundings = { ambientC: ambientOf(model, place.wireId), loaded: place.sizeMm2 >= 10 ? 1 : loaded };
    const key = `${place.sizeMm2} ${surroundings.ambientC} ${surroundings.loaded}`;
    const limit = bears.get(key) ?? continuousAmps(place.sizeMm2, surroundings);
    bears.set(key, limit);
    return worst.amps <= limit ? [] : [{ place, name, node: element.type === "resistor" ? element.b : null, limit, surroundings, ...worst }];
  });
  const runs: HotWire[][] = [];
  const circuitOf = ({ place }: HotWire) => model.facts.harness.wireById.get(place.wireId)?.circuit ?? null;
  for (const wire of hot) {
    const run = runs.find(([first]) => first !== undefined && circuitOf(first) !== null && circuitOf(first) === circuitOf(wire) && first.state === wire.state && Math.abs(first.amps - wire.amps) < SAME_PART * wire.amps);
    if (run === undefined) runs.push([wire]);
    else run.push(wire);
  }
  return runs.map((run) => hotFinding(run, circuitOf(run[0] as HotWire), model.facts.units));
}

/** Currents that differ by less than this part are one current on its way. */
const SAME_PART = 0.03;

function hotFinding(run: readonly HotWire[], circuit: string | null, units: Units): Finding {
  const worst = run.reduce((most, one) => (one.limit / one.amps < most.limit / most.amps ? one : most));
  const { place, name, node, state, amps, limit, surroundings } = worst;
  const bigger = soldSizes(units).find((size) => run.every((one) => continuousAmps(size, one.surroundings) >= one.amps * 1.1));
  const cures: Cure[] = bigger === undefined ? [] : run.length === 1
    ? [{ text: `${sizeWords(bigger, units)} instead of ${sizeWords(place.sizeMm2, units)}`, edit: { type: "wire", wireId: place.wireId, sizeMm2: bigger } }]
    : [{ text: `${sizeWords(bigger, units)} for ${allOf(run.length)}`, edit: { type: "wires", wireIds: run.map((one) => one.place.wireId), sizeMm2: bigger } }];
  const subject = run.length > 1 ? `${run.length} wires of circuit ${circuit} carry` : `${name.startsWith("the ") ? `T${name.slice(1)}` : `The wire from ${name}`} carries`;
  return {
    key: `hot ${(run[0] as HotWire).place.wireId}`, code: "wire-hot", severity: "danger", title: `${subject} ${amps.toFixed(1)} A ${stateWords[state]}`,
    why: `${run.length > 1 ? `The weakest, ${name}: ` : ""}${sizeWords(place.sizeMm2, units)}${place.assumed.includes("size") ? " (assumed)" : ""} bears ${limit.toFixed(1)} A at ${temperatureText(surroundings.ambientC, units)}${surroundings.loaded > 1 ? ` in a bundle of ${surroundings.loaded} loaded wires` : ""}.`,
    state, amount: { value: amps, limit, unit: "A" }, node, pinId: null, where: name, also: run.filter((one) => one !== worst).map((one) => one.name), cures,
  };
}
