import {
  atMost,
  BATTERY_NEGATIVE,
  beforePower,
  copper,
  type Ground,
  type Joint,
  LEADS_OHMS,
  linkSubject,
  probeAt,
  subjectFields,
  twoDigits,
} from "./step-parts";
import type { Step } from "./types";

/** The step at which the leads themselves are read. */
export const LEADS_STEP = "leads";

/** What is measured first is the meter itself. */
export function leads(): Step {
  return {
    ...beforePower,
    key: LEADS_STEP,
    kind: "leads",
    about: { type: "job" },
    lineKey: null,
    red: { at: { type: "other-probe" }, place: null, description: null },
    black: { at: { type: "other-probe" }, place: null, description: null },
    meter: "lowest-ohms",
    expected: atMost(LEADS_OHMS, 0.2, "Ω"),
    basis: { type: "leads", mostOhms: LEADS_OHMS },
  };
}
/** What crimps and terminals on the way may add once the leads are known, Ω. */
const JOINTS_OHMS = 0.05;

/**
 * The step as the meter will show it with its leads known: copper reads its wires and the leads, and little more. Other
 * steps are as they were.
 * @param leadsOhms what the leads themselves read, Ω; null while nobody has, and {@link LEADS_OHMS} is allowed for
 */
export function withLeads(step: Step, leadsOhms: number | null): Step {
  const { basis } = step;
  if (leadsOhms === null || basis.type !== "wires") return step;
  return {
    ...step,
    expected: atMost(twoDigits(basis.ohms + leadsOhms + JOINTS_OHMS), twoDigits(basis.ohms + leadsOhms), "Ω"),
    basis: { ...basis, leads: { ohms: leadsOhms, read: true } },
  };
}

export const groundOhms = ({ subject, pin, way }: Ground): Step => ({
  ...subjectFields(subject),
  ...beforePower,
  ...copper(way),
  key: `ground-ohms:${subject.name}`,
  kind: "ground-ohms",
  red: probeAt(pin),
  black: BATTERY_NEGATIVE,
});

/** Adapters through which copper runs from end to end, so that continuity can be measured across the link. */
const COPPER_THROUGH: ReadonlySet<string> = new Set(["pull-up", "pull-down", "flyback-diode", "calibration"]);

export function continuity(joint: Joint): Step[] {
  if (!joint.line.adapters.every((adapter) => COPPER_THROUGH.has(adapter.type))) return [];
  return [
    {
      ...subjectFields(linkSubject(joint)),
      ...beforePower,
      ...copper([joint.provider, joint.consumer]),
      key: `continuity:${joint.line.key}`,
      kind: "continuity",
      red: probeAt(joint.provider),
      black: probeAt(joint.consumer),
    },
  ];
}
