import type { LevelMiss, WayProof } from "../power";
import type { Units } from "../units";
import { findingTitle } from "./findings";
import { volts } from "./numbers";
import { cavityLabel } from "./points";
import { stateWords } from "./states";

/** What the solved plan says of a way across, in a line. */
export function proofText({ verdict, findings, levels }: WayProof, units: Units): string {
  if (verdict === "apart") return "Not in the solved circuit: an adapter with electronics of its own stands between";
  if (verdict === "agrees") return "In the solved plan: nothing wrong with it";
  const [first] = [...levels.map(levelText), ...findings.map((finding) => findingTitle(finding, units))];
  const more = levels.length + findings.length - 1;
  return `Fails in the solved plan: ${first}${more === 0 ? "" : `, and ${more} more`}`;
}

const levelText = ({ at, state, isWorked, volts: seen, limitVolts, wanted }: LevelMiss): string =>
  `${cavityLabel(at)} has ${volts(seen)} ${stateWords[state]} ${isWorked ? "while its output works" : "with its output at rest"}, and reads ${wanted} ${wanted === "high" ? "from" : "up to"} ${volts(limitVolts)}`;
