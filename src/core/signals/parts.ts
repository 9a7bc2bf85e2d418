import { fieldOf } from "../forms";
import { fuseForLoad } from "../wire";
import type { AdapterOf, ContactFeed } from "./adapter";
import { SUPPLY } from "./option-builder";
import { pointOf, type SignalPin, type Surroundings } from "./types";

/** Coil of the usual 12 V vehicle relay, Ω; its current at charging voltage is what a driver must supply. */
export const RELAY_COIL_OHMS = 85;
export const RELAY_COIL_AMPS = round3(SUPPLY.charging / RELAY_COIL_OHMS);

/** Contact ratings that relays are sold with, A. */
const CONTACT_AMPS = [20, 30, 40, 70, 100] as const;
/** A contact is used to at most this part of its rating, for long life. */
export const CONTACT_PART = 0.75;

/** The smallest usual contact for the load, A; null where the load is not known or none is strong enough. */
export const contactFor = (loadAmps: number | null): number | null =>
  loadAmps === null ? null : (CONTACT_AMPS.find((rating) => rating * CONTACT_PART >= loadAmps) ?? null);
/** The smallest usual fuse with the load at 0.75 of its rating, A. */
export const fuseFor = (loadAmps: number | null): number | null => (loadAmps === null ? null : fuseForLoad(loadAmps));

/** Connectors at which current is taken before any fuse: the battery's posts, and the cables that are bolted to them. */
const POST = /\b(battery|starter|alternator|dynamo)\b|\b(post|cable)\b/i;
const isBeforeFuses = ({ connector }: SignalPin): boolean => POST.test(connector);

/**
 * A relay whose contact switches `loadAmps` from a feed, or to ground; null where the tables have no such feed. One that
 * no fuse stands before brings its fuse along: it goes into the contact's feed, next to where that is taken.
 */
export function relayWithFuse(
  loadAmps: number | null,
  from: SignalPin | "ground" | null,
): readonly (AdapterOf<"fuse"> | AdapterOf<"relay">)[] {
  const contactFeed: ContactFeed | null = from === null || from === "ground" ? from : pointOf(from);
  const relay: AdapterOf<"relay"> = {
    type: "relay",
    coilAmps: RELAY_COIL_AMPS,
    coilOhms: RELAY_COIL_OHMS,
    contactAmps: contactFor(loadAmps),
    contactFeed,
  };
  const fused = from === null || from === "ground" || !isBeforeFuses(from);
  return fused ? [relay] : [{ type: "fuse", amps: fuseFor(loadAmps) }, relay];
}

/** Rated for three times the supply's worst, since the coil's current must pass and nothing else may break it down. */
export const flyback = (amps: number): AdapterOf<"flyback-diode"> => ({
  type: "flyback-diode",
  volts: 50,
  amps: round3(Math.max(1, amps * 1.5)),
});

/** A permanently live feed that still has room for the load: behind a fuse, and the weakest that has; else null. */
export function permanentFeed(
  around: Surroundings,
  loadAmps: number | null,
  except: readonly SignalPin[] = [],
): SignalPin | null {
  const able = around.feeds
    .filter(
      ({ pin, freeAmps }) =>
        fieldOf(pin.form, "alive") === "permanent" &&
        !except.includes(pin) &&
        (freeAmps ?? 0) >= (loadAmps ?? 0) &&
        freeAmps !== null,
    )
    .sort(
      (a, b) => Number(isBeforeFuses(a.pin)) - Number(isBeforeFuses(b.pin)) || (a.freeAmps ?? 0) - (b.freeAmps ?? 0),
    );
  return able[0]?.pin ?? null;
}

export const feedPoint = (feed: SignalPin | null) => (feed === null ? null : pointOf(feed));

export function round3(value: number): number {
  return Number(value.toPrecision(3));
}
