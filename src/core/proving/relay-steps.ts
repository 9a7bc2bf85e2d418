import type { StandingRelay } from "../power";
import { beforePower, type Joint, linkSubject, probeAt, type Subject, subjectFields, twoDigits } from "./step-parts";
import type { Expected, PlannedPin, Probe, Step, StepBasis } from "./types";

/** By how much a coil may differ from its rated resistance: parts and temperature. */
const COIL_TOLERANCE = 0.15;
/** What the coils of usual 12 V relays have, Ω: 3.6 W for a large one, 0.9 W for a small one. */
const USUAL_COIL = { low: 40, high: 160 } as const;

/** The coil of the relay that a link brings along. */
export function linkedCoil(joint: Joint): Step[] {
  const { line, provider, consumer } = joint;
  const relay = line.adapters.find((adapter) => adapter.type === "relay");
  if (relay?.type !== "relay" || relay.coilOhms === null) return [];
  const byConsumer = line.consumer.form.kind === "supply-in" && line.adapters.length === 1;
  const toGround = !byConsumer && provider.form.kind !== "low-side-out";
  const at = byConsumer ? consumer : provider;
  const [red, black] = [socket(at, "86", "feed"), socket(at, "85", toGround ? "ground" : "driver")];
  return [coilStep(linkSubject(joint), red, black, rated(relay.coilOhms))];
}

/** The coil of a relay that the tables have, whatever is linked; none of one that goes. */
export function standingCoil(relay: StandingRelay, pinOf: (id: string) => PlannedPin | undefined): Step[] {
  const pinAt = (pinId: string | null) => (pinId === null ? undefined : pinOf(pinId));
  const ends = [pinAt(relay.coilA), pinAt(relay.coilB)] as const;
  if (ends.some((pin) => pin?.leaves === true)) return [];
  const subject = { name: relay.key, about: { type: "relay", part: relay.part }, lineKey: null } as const;
  const [red, black] = ends.map((pin, at) =>
    pin === undefined ? socket(null, at === 0 ? "86" : "85", "coil") : probeAt(pin),
  ) as [Probe, Probe];
  return [coilStep(subject, red, black, relay.coilOhms === null ? usual : rated(relay.coilOhms))];
}

const socket = (
  pin: PlannedPin | null,
  terminal: "85" | "86",
  other: "ground" | "driver" | "feed" | "coil",
): Probe => ({
  ...(pin === null ? { place: null, description: null } : probeAt(pin)),
  at: { type: "relay-terminal", terminal, other },
});

/** What a coil should read, and why just that. */
interface CoilOhms {
  readonly expected: Pick<Expected, "low" | "high" | "nominal" | "stopBelow">;
  readonly basis: StepBasis;
}
const rated = (ohms: number): CoilOhms => ({
  expected: {
    low: twoDigits(ohms * (1 - COIL_TOLERANCE)),
    high: twoDigits(ohms * (1 + COIL_TOLERANCE)),
    nominal: ohms,
    stopBelow: twoDigits(ohms * 0.5),
  },
  basis: { type: "coil", ohms, tolerance: COIL_TOLERANCE },
});
const usual: CoilOhms = {
  expected: { ...USUAL_COIL, nominal: null, stopBelow: USUAL_COIL.low / 2 },
  basis: { type: "usual-coil", lowOhms: USUAL_COIL.low, highOhms: USUAL_COIL.high },
};

const coilStep = (subject: Subject, red: Probe, black: Probe, { expected, basis }: CoilOhms): Step => ({
  ...subjectFields(subject),
  ...beforePower,
  key: `coil:${subject.name}`,
  kind: "coil",
  red,
  black,
  meter: "coil-ohms",
  expected: { unit: "Ω", openIsRight: false, stopAbove: null, ...expected },
  basis,
});
