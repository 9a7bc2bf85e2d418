import type { RelayRow } from "../tables/fuses";
import type { PowerSolution } from "../types";
import { stateWords } from "./supply";
import type { Finding } from "./types";

/** Relays that never settle, all together: one pulls the next. */
function buzzFindings(solution: PowerSolution): Finding[] {
  const all = [...solution.states].flatMap(([state, { findings }]) => findings.filter((finding) => finding.code === "buzzing").map((finding) => ({ state, finding, name: solution.model.pieceOf.get(finding.element ?? "")?.name ?? "" })));
  // What stands for a computer being awake is no relay that one could hear.
  const names = [...new Set(all.map((one) => one.name).filter((name) => !name.endsWith(" alive")))];
  const [first] = all.filter((one) => one.name === names[0]);
  if (first === undefined) return [];
  return [{ key: "buzz", code: "relay-buzz", severity: "fault", title: `${first.name} buzzes ${stateWords[first.state]}`, why: "Pulled in it takes its own coil's feed away, and so on without end.", state: first.state, amount: { value: 0, limit: null, unit: "V" }, node: first.finding.nodes[0] ?? null, pinId: null, where: first.name, also: names.slice(1), cures: [{ text: "Feed its coil from before its own contact", edit: null }] }];
}

/** A contact is used to this part of its rating. */
const CONTACT_PART = 0.75;

export function relayFindings(solution: PowerSolution, rows: readonly RelayRow[]): Finding[] {
  const buzzing = buzzFindings(solution);
  return [...buzzing, ...rows.flatMap((row) => weakCoil(solution, row)), ...rows.filter((row) => row.contactAmps > CONTACT_PART * row.contactRating).map((row): Finding => {
    const element = solution.model.pieceOf.get(row.key)?.element;
    return { key: `contact ${row.key}`, code: "relay-contact", severity: row.contactAmps > row.contactRating ? "danger" : "note", title: `The contact of ${row.name} carries ${row.contactAmps.toFixed(1)} A`, why: `It is rated ${row.contactRating} A, and is used to ${CONTACT_PART} of that for long life.`, state: "running", amount: { value: row.contactAmps, limit: row.contactRating, unit: "A" }, node: element?.type === "relay" ? (element.contacts[0]?.b ?? null) : null, pinId: null, where: row.name, also: [], cures: [{ text: "A relay with a stronger contact, or a second one for part of the load", edit: null }] };
  })];
}

/** A relay whose coil has enough when cold and too little when warm: it is let go in the state that it is needed in. */
function weakCoil({ model }: PowerSolution, { key, name, weakest, warmPullInVolts, pullInVolts }: RelayRow): Finding[] {
  if (weakest === null || weakest.volts >= warmPullInVolts) return [];
  const element = model.pieceOf.get(key)?.element;
  return [{
    key: `coil ${key}`, code: "relay-coil", severity: "fault", title: `${name} may not pull in ${stateWords[weakest.state]} when it is warm`,
    why: `Its coil has ${weakest.volts.toFixed(1)} V then. Cold it takes ${pullInVolts} V, and warm ${warmPullInVolts.toFixed(1)} V, for copper's resistance rises by 0.4 % a kelvin.`,
    state: weakest.state, amount: { value: weakest.volts, limit: warmPullInVolts, unit: "V" }, node: element?.type === "relay" ? element.coilA : null, pinId: null, where: name, also: [], cures: [{ text: "Feed its coil by a thicker wire or from a feed that falls less, or take a relay that pulls in at less", edit: null }],
  }];
}
