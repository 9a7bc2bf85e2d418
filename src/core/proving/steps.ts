import type { DialCheck } from "../benches";
import type { Line } from "../plan";
import type { StandingPoints } from "../power";
import { pointOf } from "../signals";
import type { Units } from "../units";
import { continuity, groundOhms, leads } from "./copper-steps";
import { dialStep } from "./dial-steps";
import { linkedCoil, standingCoil } from "./relay-steps";
import { feedShort, wireShort } from "./short-steps";
import { type Ground, type Joint, linkSubject, type SolvedVolts } from "./step-parts";
import type { PlannedPin, Step } from "./types";
import { batteryAtRest, feedVolts, groundDrop, READ_IN } from "./volt-steps";

/** What the steps are made from. */
export interface StepSources {
  /** The map's lines: decided ones are proved, proposed ones stand in the sheet to be proved once they are decided. */
  readonly lines: readonly Line[];
  /** The cavity of an id, with its wire; undefined where it is not in the job or goes. */
  readonly pinOf: (id: string) => PlannedPin | undefined;
  /** What the solved plan gives at a cavity; a step with voltage waits until it is known. */
  readonly solved: SolvedVolts;
  /** Grounds and relays that the tables have; null until the plan is solved. */
  readonly standing: StandingPoints | null;
  /** Dials whose needle is to be proved true; none where they are left out. */
  readonly dials?: readonly DialCheck[];
  /** In whose units dials are read. */
  readonly units?: Units;
}

/**
 * The first-power sheet of a plan: every check that its links, grounds and relays need, in an order in which no check
 * depends on one not yet made: grounds, then shorts, then continuity, all without a battery; then the battery, then
 * each feed with the key going forward; last the grounds while current flows.
 *
 * Airbag circuits are never probed: a line of theirs makes no step.
 */
export function makeSteps({ lines, pinOf, solved, standing, dials = [], units = "metric" }: StepSources): Step[] {
  const joints = lines.filter(isProved).flatMap((line): Joint[] => {
    const [provider, consumer] = [pinOf(line.provider.id), pinOf(line.consumer.id)];
    return provider && consumer ? [{ line, provider, consumer }] : [];
  });
  const ofKind = (kind: string) => joints.filter(({ line }) => line.consumer.form.kind === kind);
  const [linked, feeds] = [ofKind("ground"), ofKind("supply-in")];
  const signals = joints.filter(({ line }) => line.consumer.form.kind !== "ground");
  const grounds = [...linked.map(linkedGround), ...standingGrounds(standing, linked, pinOf)];
  const coils = (standing?.relays ?? []).flatMap((relay) => standingCoil(relay, pinOf));
  if (joints.length + grounds.length + coils.length === 0) return [];
  return [
    // What is measured first is the meter itself.
    leads(),
    ...grounds.map(groundOhms),
    ...feeds.map(feedShort),
    ...signals.flatMap((joint) => [...continuity(joint), ...wireShort(joint), ...linkedCoil(joint)]),
    ...coils,
    batteryAtRest(),
    ...READ_IN.flatMap((position) => feeds.flatMap((joint) => feedVolts(joint, position, solved))),
    ...grounds.flatMap((ground) => groundDrop(ground, "run", solved)),
    ...grounds.flatMap((ground) => groundDrop(ground, "crank", solved)),
    ...dials.flatMap((check) => {
      const [pin, driver] = [pinOf(check.instrument.id), pinOf(check.driver.id)];
      return pin === undefined || driver === undefined ? [] : [dialStep(check, pin, driver, units)];
    }),
  ];
}

const isProved = (line: Line) =>
  (line.state === "decided" || line.state === "proposed") &&
  ![line.quantity, line.provider.quantity, line.consumer.quantity].includes("airbag");

const linkedGround = (joint: Joint): Ground => ({
  subject: linkSubject(joint),
  pin: joint.consumer,
  way: [joint.provider, joint.consumer],
});

/** Grounds that no link concerns: one whose link is in the sheet is proved by it. */
function standingGrounds(
  standing: StandingPoints | null,
  linked: readonly Joint[],
  pinOf: StepSources["pinOf"],
): Ground[] {
  const taken = new Set(linked.flatMap(({ provider, consumer }) => [provider.id, consumer.id]));
  return (standing?.groundIds ?? []).flatMap((id): Ground[] => {
    const pin = taken.has(id) ? undefined : pinOf(id);
    if (pin === undefined || pin.leaves === true) return [];
    const subject = { name: `table-${id}`, about: { type: "ground", at: pointOf(pin) }, lineKey: null } as const;
    return [{ subject, pin, way: [pin] }];
  });
}

/** Whether the step can be read: a link that is only proposed is not made. */
export const isProposed = ({ about }: Step): boolean => about.type === "link" && about.proposed;
