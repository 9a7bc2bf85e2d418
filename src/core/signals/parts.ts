import { SUPPLY } from "./reckon";
import { type Adapter, label, type SignalPin, type Surroundings } from "./types";

/** Coil of the usual 12 V vehicle relay, Ω; its current at charging voltage is what a driver must bear. */
export const RELAY_COIL_OHMS = 85;
export const RELAY_COIL_AMPS = round3(SUPPLY.charging / RELAY_COIL_OHMS);

/** Contact ratings that relays are sold with, A. A contact is used to at most 0.75 of its rating. */
const CONTACT_AMPS = [20, 30, 40, 70, 100] as const;
const FUSE_AMPS = [2, 3, 5, 7.5, 10, 15, 20, 25, 30, 40, 50, 60, 80, 100] as const;
/** Continuous load ≤ 0.75 of the rating (engines.md 5). */
const CONTINUOUS = 0.75;

const atLeast = (ratings: readonly number[], amps: number) => ratings.find((rating) => rating * CONTINUOUS >= amps) ?? null;

/** The smallest usual contact that bears the load, A; null where the load is not known or none does. */
export const contactFor = (loadAmps: number | null) => (loadAmps === null ? null : atLeast(CONTACT_AMPS, loadAmps));
/** The smallest usual fuse with the load at 0.75 of its rating, A. */
export const fuseFor = (loadAmps: number | null) => (loadAmps === null ? null : atLeast(FUSE_AMPS, loadAmps));

/** A relay whose contact switches `loadAmps` from `feed`; `feed` is a cavity's label, `ground`, or null where none is in the tables. */
export function relay(loadAmps: number | null, feed: string | null): Adapter {
  return { type: "relay", coilAmps: RELAY_COIL_AMPS, coilOhms: RELAY_COIL_OHMS, contactAmps: contactFor(loadAmps), contactFeed: feed };
}

/** Rated for three times the supply's worst, since the coil's current must pass and nothing else may break it down. */
export const flyback = (amps: number): Adapter => ({ type: "flyback-diode", volts: 50, amps: round3(Math.max(1, amps * 1.5)) });

/** A permanently live feed that still bears the load, the weakest that does; else null. */
export function permanentFeed(around: Surroundings, loadAmps: number | null, except: readonly SignalPin[] = []): SignalPin | null {
  const able = around.feeds
    .filter(({ pin, freeAmps }) => pin.params.alive === "permanent" && !except.includes(pin) && (freeAmps ?? 0) >= (loadAmps ?? 0) && freeAmps !== null)
    .sort((a, b) => (a.freeAmps ?? 0) - (b.freeAmps ?? 0));
  return able[0]?.pin ?? null;
}

export const feedLabel = (feed: SignalPin | null) => (feed === null ? null : label(feed));

export function round3(value: number): number {
  return Number(value.toPrecision(3));
}
