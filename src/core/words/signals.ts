import type { DeadFeedCure, LinkOption, Load, Missing, Reason, SignalPin, SwingReason, WeakFeedCure } from "../signals";
import { contactFeedWords } from "./adapters";
import { ratioText } from "./arithmetic";
import { FIELD_WORDS, KIND_WORDS } from "./forms";
import { amps, capital, digits, ohms, ratedAmps, ratedVolts, sentences } from "./numbers";
import { cavityLabel } from "./points";
import { signalReasonText } from "./signal-reasons";
import { feedWords, stateWords } from "./states";

/** The two ends of a link. */
export interface LinkNames {
  readonly provider: Pick<SignalPin, "connector" | "cavity">;
  readonly consumer: Pick<SignalPin, "connector" | "cavity">;
}

/** A fact that nobody has given: `current of C1-2`. */
export function missingText({ at, fact }: Missing): string {
  const of = cavityLabel(at);
  if (typeof fact === "object")
    return `${FIELD_WORDS[fact.given]} of ${of} in ${FIELD_WORDS[fact.wanted]}: teeth, final drive or tyre`;
  if (fact === "kind") return `what ${of} does electrically`;
  return `${fact === "amps-or-ohms" ? "current or resistance" : FIELD_WORDS[fact]} of ${of}`;
}

/** Why a way has its verdict, with what is missing. */
export function optionText({ reason, missing }: Pick<LinkOption, "reason" | "missing">, link: LinkNames): string {
  const why = reasonText(reason, link);
  const lacks = missing.length === 0 ? "" : `Missing: ${missing.map(missingText).join(", ")}`;
  return [why, lacks].filter((part) => part !== "").join(". ") || "It needs your decision";
}

const loadText = ({ totalAmps, limitAmps }: Load): string =>
  totalAmps === null || limitAmps === null
    ? "the current cannot be checked"
    : `${amps(totalAmps)} of ${ratedAmps(limitAmps)}`;
const keysText = (keys: readonly (keyof typeof stateWords)[]) => keys.map((key) => stateWords[key]).join(" and ");

export function reasonText(reason: Reason, link: LinkNames): string {
  const [provider, consumer] = [cavityLabel(link.provider), cavityLabel(link.consumer)];
  switch (reason.code) {
    case "facts-missing":
      return "";
    case "no-method":
      return `${provider} (${KIND_WORDS[reason.provider]}) to ${consumer} (${KIND_WORDS[reason.consumer]}): the adapter needs your decision`;
    case "leaves":
      return `${cavityLabel(reason.at)} goes: its wire or its connector is to be removed (Triage). Keep it there first`;
    case "reference-own-computer":
      return "A 5 V supply feeds the sensors of its own computer alone: another computer's would read wrong, and a short there stops both";
    case "opposite-contact":
      return reason.opens === "provider"
        ? `${provider} opens when it is worked, and ${consumer} wants a contact that closes`
        : `${consumer} wants a contact that opens when it is worked, and ${provider} closes`;
    case "ballast":
      return `${provider} is fed through a ballast wire: it gives 6 to 9 V under load, too little for a computer`;
    case "past-starter-relay":
      return `Past the starter relay: ${cavityLabel(reason.relay)} works the solenoid, and the key's contact is not rated for it`;
    case "driven-already":
      return `${cavityLabel(reason.by)} drives ${cavityLabel(reason.at)} to the other pole already, and stays: joined, ${provider} and ${cavityLabel(reason.by)} would short each other. Remove its wire first`;
    case "ground-of-another":
      return `${cavityLabel(reason.at)} is another part's own thin ground: take a stud or the battery's negative, with copper of its own`;
    case "others-fuse":
      return `${provider} has ${cavityLabel(reason.other)} on its fuse: a fuse of its own at the tap${reason.amps === null ? "" : `, ${ratedAmps(reason.amps)}`}, so that neither takes the other along`;
    case "screen-one-end":
      return `A screen is grounded at one end only; choose which end for ${consumer}`;
    case "sensor-ground-apart":
      return `${cavityLabel(reason.at)} is a sensor ground: it ends at its own computer, and body current must not flow in it`;
    case "power-grounds":
      return `${consumer} returns to ${provider}; both are power grounds`;
    case "live-as-needed":
      return `${capital(feedWords[reason.alive])}, as needed; ${loadText(reason)}`;
    case "relay-cuts-key-off":
      return `${provider} is live with the key off and ${consumer} must not be; a relay worked by ${reason.coil === null ? "an ignition feed" : cavityLabel(reason.coil)} switches it. ${capital(loadText(reason))}`;
    case "live-key-off-no-coil":
      return `${provider} is live with the key off and ${consumer} must not be; a relay needs ${feedWords[reason.wanted]} for its coil`;
    case "live-beyond":
      return `${provider} is also live ${keysText(reason.keys)}, where ${consumer} need not be; choose another feed or accept it by hand`;
    case "after-run":
      return `${consumer} draws current after the key is off (${reason.afterRun}); its supply must be held by a relay of its own`;
    case "load-unknown":
      return `What else is fed from ${provider} is not known, so its rated ${ratedAmps(reason.limitAmps)} cannot be checked`;
    case "volts-converted":
      return `${provider} supplies ${ratedVolts(reason.inVolts)} and ${consumer} needs ${ratedVolts(reason.outVolts)}; ${loadText(reason)}`;
    case "dead-in":
      return `${provider} is dead ${keysText(reason.keys)}, where ${consumer} must be live${deadFeedText(reason.cure, provider)}`;
    case "feed-too-weak":
      return `${amps(reason.totalAmps)} is above the rated ${ratedAmps(reason.limitAmps)} of ${provider}${weakFeedText(reason.cure, consumer)}`;
    case "relay-on-relay":
      return `Both are fed by a relay; check on the vehicle that ${consumer}'s own computer works the relay of ${provider}`;
    case "relay-decides":
      return `${provider} is live when the relay that feeds it is energised`;
    case "computer-relay":
      return reason.works
        ? `${consumer} is fed through a relay that the computer works; its contact is fed from ${provider}`
        : `${consumer} is fed through the computer's own relay, whose feed must be live in run and crank`;
    case "contact-both-ends-free":
      return sentences(
        `${provider} is a contact between two cavities;`,
        reason.needs === "either"
          ? "choose whether its other end goes to ground or to a feed"
          : `connect its other end to ${reason.needs === "ground" ? "ground" : "a feed"} and pair again`,
      );
    case "carries":
      return `${provider} supplies ${consumer}: ${loadText(reason)}`;
    case "coil-needs-diode":
      return sentences(
        `${capital(loadText(reason))};`,
        reason.driverHasPath === false
          ? "the driver has no flyback path:"
          : "whether the driver has a flyback path is not known, and a diode does no harm:",
        "the coil's current needs one when the driver opens",
      );
    case "switched-step":
      return switchedText(reason, provider, consumer);
    case "other-drive":
      return `${provider} drives a ${reason.given} and ${consumer} is for a ${reason.wanted}`;
    case "motor-output-shared":
      return `Something else is connected to ${provider}, and a motor's output drives one motor`;
    case "motor-too-strong":
      return `${amps(reason.amps)} is above the rated ${ratedAmps(reason.limitAmps)} of ${provider}, and no adapter amplifies a motor's bridge`;
    case "same-drive":
      return `Both ${reason.drive}; ${amps(reason.amps)} of ${ratedAmps(reason.limitAmps)}`;
    case "sense-inverted":
      return `Closed, ${provider} leads to ${reason.pole}, and ${consumer} is active ${reason.active}: the level must be inverted`;
    case "pull-up-too-strong":
      return `The pull-up of ${consumer} sends ${amps(reason.amps)} and ${provider} is rated for ${ratedAmps(reason.limitAmps)}`;
    case "closes-to-ground":
      return reason.pullUp === null
        ? `${provider} closes to ground, and ${consumer} has its own pull-up`
        : `${provider} closes to ground, and ${consumer} has no pull-up: ${ohms(reason.pullUp.ohms)} to ${ratedVolts(reason.pullUp.volts)}`;
    case "always-active":
      return `${consumer} pulls ${reason.pull} and is active ${reason.active}, so it would always be active: check its pull resistor`;
    case "no-pull-up-fits":
      return `No pull-up reaches the threshold of ${consumer} at ${ratedVolts(reason.supplyVolts)} supply`;
    case "battery-level":
      return `${provider} switches battery voltage; ${consumer} is rated for ${ratedVolts(reason.maxVolts)} and has its own pull-down`;
    case "level-adapted":
      return levelText(reason, provider, consumer);
    case "pulses-agree":
      return swingStart("Pulses agree", reason.swing, provider, consumer);
    case "pulses-set":
      return swingStart(
        `${cavityLabel(reason.at)} can be set: ${FIELD_WORDS[reason.field]} ${digits(reason.from)} → ${digits(reason.to)}`,
        reason.swing,
        provider,
        consumer,
      );
    case "pulses-scaled":
      return `Pulses differ: × ${ratioText(reason.ratio)}${reason.spikeVolts === null ? "" : `; ${consumer} needs coil spikes of ${ratedVolts(reason.spikeVolts)}`}`;
    case "pulses-differ":
      return `Pulses differ by ${ratioText(reason.ratio)}`;
    default:
      return signalReasonText(reason, provider, consumer);
  }
}

function deadFeedText(way: DeadFeedCure, provider: string): string {
  switch (way.type) {
    case "none-permanent":
      return ", and no permanent feed in the pin table is strong enough";
    case "take":
      return `; use ${cavityLabel(way.feed)} instead`;
    case "none-live":
      return ", and the pin tables have no feed that is live there";
    case "no-coil-feed":
      return `; a relay from ${cavityLabel(way.contact)} needs a coil feed that is live there, and the pin table has none`;
    case "facts-missing":
      return "";
    case "relay":
      return `; a relay held by ${provider} and, through a diode each, by ${cavityLabel(way.helper)}, is fed from ${way.contact === null ? "a new fused feed" : cavityLabel(way.contact)}`;
  }
}

function weakFeedText(way: WeakFeedCure, consumer: string): string {
  switch (way.type) {
    case "fused-feed":
      return `; a new fused feed from the battery supplies ${consumer}${way.amps === null ? "" : ` (${amps(way.amps)}, at most 0.75 of its fuse)`}`;
    case "coil-too-strong":
      return `, and so is a relay's coil of ${amps(way.coilAmps)}`;
    case "relay":
      return `; a relay worked by it is fed from ${way.contact === null ? "a new fused feed, since no permanent feed in the pin table is strong enough" : cavityLabel(way.contact)}`;
  }
}

function switchedText(
  { because, by, loadAmps, coilAmps, contact }: Extract<Reason, { code: "switched-step" }>,
  provider: string,
  consumer: string,
): string {
  const cause =
    because.type === "same-pole"
      ? because.pole === "ground"
        ? `${provider} switches to ground and ${consumer} is a grounded load`
        : `${provider} switches battery voltage and ${consumer} has its other end at battery voltage`
      : `${amps(because.totalAmps)} is above the rated ${ratedAmps(because.limitAmps)} of ${provider}`;
  const cure =
    by === "relay"
      ? `a relay is needed: its coil takes ${amps(coilAmps)}, its contact is fed from ${contactFeedWords(contact)}`
      : `an electronic switch takes almost no current from ${provider}${loadAmps === null ? "" : ` and supplies ${amps(loadAmps)}`}`;
  const missing = [loadAmps === null ? "the load's current" : "", contact === null ? "a feed for the contact" : ""]
    .filter((part) => part !== "")
    .join(" and ");
  return `${cause}; ${cure}${missing === "" ? "" : `; missing: ${missing}`}`;
}

function levelText(
  { overVolts, underVolts, floats }: Extract<Reason, { code: "level-adapted" }>,
  provider: string,
  consumer: string,
): string {
  return [
    overVolts === null
      ? ""
      : `${ratedVolts(overVolts.volts)} is above the ${ratedVolts(overVolts.maxVolts)} that ${consumer} is rated for`,
    underVolts === null
      ? ""
      : `${ratedVolts(underVolts.volts)} while cranking is below its threshold of ${ratedVolts(underVolts.highVolts)}`,
    floats ? `${consumer} floats when ${provider} is open; a pull-down holds it at ground` : "",
  ]
    .filter((part) => part !== "")
    .join("; ");
}

const swingStart = (start: string, swing: SwingReason, provider: string, consumer: string) =>
  [start, swingText(swing, provider, consumer)].filter((part) => part !== "").join("; ");
const DRIVE_WORDS = { "open-collector": "an open collector", contact: "a contact to ground" } as const;
const cutText = (cut: { readonly volts: number; readonly atVolts: number } | null) =>
  cut === null ? "" : `; its ${ratedVolts(cut.volts)} are cut at ${ratedVolts(cut.atVolts)}`;

function swingText(swing: SwingReason, provider: string, consumer: string): string {
  switch (swing.type) {
    case "facts-missing":
      return "";
    case "too-fast":
      return `${provider} pulses at up to ${digits(swing.hz)} Hz and ${consumer} reads up to ${digits(swing.limitHz)} Hz`;
    case "wants-spikes":
      return `${consumer} needs spikes of ${ratedVolts(swing.volts)}, as a coil's negative terminal gives; ${provider} is ${swing.drive}`;
    case "spikes":
      return swing.limitVolts === null
        ? `${provider} gives spikes of ${ratedVolts(swing.volts)}`
        : swing.cut
          ? `spikes of ${ratedVolts(swing.volts)} are cut at the ${ratedVolts(swing.limitVolts)} that ${consumer} is rated for`
          : `spikes of ${ratedVolts(swing.volts)}, which ${consumer} is rated for`;
    case "sine":
      return `${provider} is a sine, and ${consumer} reads levels`;
    case "drive-unknown":
      return `The output stage “${swing.drive}” of ${provider} is not known here`;
    case "pull-unknown":
      return `${provider} is ${DRIVE_WORDS[swing.drive]}: whether ${consumer} has a pull-up decides`;
    case "pull-below-threshold":
      return `${consumer} pulls up to ${ratedVolts(swing.pullVolts)} and switches at ${ratedVolts(swing.highVolts)}: one of them is wrong`;
    case "pulled-up":
      return `${DRIVE_WORDS[swing.drive]} into an input with its own pull-up${cutText(swing.cut)}`;
    case "pulled-down":
      return `${consumer} pulls down, so ${DRIVE_WORDS[swing.drive]} cannot lift it`;
    case "no-pull-up-fits":
      return `No pull-up reaches ${swing.highVolts === null ? "the threshold" : ratedVolts(swing.highVolts)} at a supply of ${ratedVolts(swing.supplyVolts)}; choose a level shifter`;
    case "pull-up-added":
      return `${DRIVE_WORDS[swing.drive]} into an input with no pull-up: ${ohms(swing.ohms)} to ${ratedVolts(swing.volts)}${cutText(swing.cut)}`;
    case "divided":
      return `${ratedVolts(swing.volts)} is above ${ratedVolts(swing.maxVolts)}; divided it is ${ratedVolts(swing.dividedVolts)}, above ${ratedVolts(swing.highVolts)}`;
    case "shifted-down":
      return `${ratedVolts(swing.volts)} is above ${ratedVolts(swing.maxVolts)}, and a divider would fall below ${ratedVolts(swing.highVolts)}`;
    case "shifted-up":
      return `${ratedVolts(swing.volts)} does not reach the threshold of ${ratedVolts(swing.highVolts)}`;
    case "within":
      return `swing of ${ratedVolts(swing.volts)} between ${ratedVolts(swing.highVolts)} and ${ratedVolts(swing.maxVolts)}`;
  }
}
