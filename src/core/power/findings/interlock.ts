import { usualState } from "../../state";
import type { NetSpan } from "../model/spans";
import type { PlanElement } from "../plan-element";
import { solveIn } from "../solved/solve";
import { atElement, type PowerModel, type PowerSolution } from "../types";
import type { Finding } from "./types";

/** The lever in gear and the clutch not pressed: what every interlock must forbid. */
const IN_GEAR = usualState("crank", { range: "D", clutch: "released" });
/** A starter that takes this much turns, A. */
export const TURNS_AMPS = 10;

/** Whether a switch asks the lever or the clutch. */
export const isInterlock = ({ closed }: PlanElement): boolean =>
  closed?.range?.some((range) => range === "P" || range === "N") === true || closed?.clutch === "pressed";

const asks = ({ elements }: PowerModel) => elements.filter(isInterlock);

/** Whether anything asks the lever or the clutch before the engine is cranked. */
export const hasInterlock = (model: PowerModel): boolean => asks(model).length > 0;

const turns = ({ states }: PowerSolution, span: NetSpan): boolean =>
  Math.abs(states.get("crank")?.amps.get(span.name) ?? 0) >= TURNS_AMPS;

/** Nothing is there that could ask: as old cars are, and worth knowing. */
const nothingAsks = (span: NetSpan): Finding => ({
  code: "cranks-in-gear",
  key: `cranks ${span.name}`,
  severity: "note",
  amps: 0,
  passed: [],
  state: "crank",
  amount: { value: 0, limit: null, unit: "A" },
  node: span.a,
  pinId: null,
  at: atElement(span.planned),
  also: [],
  cures: [{ code: "through-interlock", edit: null }],
});

/** A starter that engages with the gearbox in gear, though something is there to ask. */
export function interlockFindings(solution: PowerSolution): Finding[] {
  const { model } = solution;
  const interlocks = asks(model);
  const motors = starterMotors(model);
  if (interlocks.length === 0) return motors.filter((span) => turns(solution, span)).map(nothingAsks);
  const inGear = solveIn(solution, IN_GEAR);
  if (inGear === null || !inGear.ok) return [];
  return motors.flatMap((span): Finding[] => {
    const amps = Math.abs(inGear.solution.byNumber.amps[span.at] ?? 0);
    if (amps < TURNS_AMPS) return [];
    return [
      {
        code: "cranks-in-gear",
        key: `cranks ${span.name}`,
        severity: "danger",
        amps,
        passed: interlocks.map(({ origin }) => origin),
        state: "crank",
        amount: { value: amps, limit: 0, unit: "A" },
        node: span.a,
        pinId: null,
        at: atElement(span.planned),
        also: [],
        cures: [{ code: "through-interlock", edit: null }],
      },
    ];
  });
}

/** The motors of the starters, each behind the contact of its solenoid. */
export const starterMotors = ({ spans }: PowerModel): NetSpan[] =>
  spans.all.filter(({ planned: { origin } }) => origin.type === "part" && origin.role === "starter-motor");
