import type { Cure, SplitWay } from "../power";
import type { Units } from "../units";
import { sizeWords } from "./measures";
import { allOf, amps, listed, ohms, ratedAmps, smallVolts } from "./numbers";
import { originText } from "./origins";
import { cavityLabel, pointText } from "./points";
import { whenWords } from "./states";

const SPLIT_WORDS: Readonly<Record<SplitWay["what"], string>> = {
  "injectors-valves": "injectors and valves",
  coils: "coils",
  heaters: "heaters",
  computer: "the computer",
  rest: "the rest",
};

/** A way out, as one says it. */
export function cureText(cure: Cure, units: Units): string {
  const size = (mm2: number) => sizeWords(mm2, units);
  switch (cure.code) {
    case "other-feed":
      return `Feed ${cavityLabel(cure.consumer)} from ${cavityLabel(cure.feed)}, live ${whenWords(cure.keys)}`;
    case "relay":
      return `A relay: coil on ${cavityLabel(cure.coil)}, contact fed from ${cavityLabel(cure.contact)}`;
    case "diode":
      return `A diode in the link ${pointText(cure.from)} to ${pointText(cure.to)}, so that it can sink and not feed`;
    case "thicker-wire":
      return `${size(cure.sizeMm2)} instead of ${size(cure.wire.sizeMm2)} for ${originText(cure.wire)}${cure.lostVolts === null ? "" : `, where ${smallVolts(cure.lostVolts)} ${cure.lostVolts < 1 ? "are" : "is"} lost`}`;
    case "thicker-wires":
      return `${size(cure.sizeMm2)} for ${allOf(cure.wires)}${cure.behindFuse ? " wires behind it that are rated for less" : ""}`;
    case "fuse-rating":
      return `A fuse of ${ratedAmps(cure.amps)}`;
    case "branch-fuse":
      return `A fuse of its own, ${ratedAmps(cure.amps)}, where ${originText(cure.wire)} leaves the feed`;
    case "split-fuse":
      return `Split it over several ways: ${listed(
        cure.ways.map((way) => `${SPLIT_WORDS[way.what]} ${amps(way.amps)} on ${ratedAmps(way.ratedAmps)}`),
        6,
      )}`;
    case "second-feed-off":
      return `Take the second feed off ${cavityLabel(cure.consumer)}, so that its relay alone feeds it`;
    case "input-diode":
      return `A diode in the wire at ${cavityLabel(cure.at)}, its band towards the switch: the switch can pull the input down, and nothing can hold it up`;
    case "flyback-diode":
      return `Put a diode across the coil at ${cavityLabel(cure.across)}, its band to the feed`;
    case "fuse-at":
      return cure.wires > 1
        ? `Put a fuse into each within 20 cm of where it is fed: ${ratedAmps(cure.amps)} at most for the thinnest`
        : `Put a fuse of ${ratedAmps(cure.amps)} at most into ${originText(cure.wire)}, within 20 cm of where it is fed`;
    case "ground-at":
      return `Ground it at ${pointText(cure.at)} instead`;
    case "strap":
      return `A strap of ${size(cure.sizeMm2)} from ${pointText(cure.from)} to ${pointText(cure.to)}`;
    case "remove-wire":
      return `Remove ${originText(cure.wire)}: a sensor ground ends at its own computer alone`;
    case "charge-cable":
      return `A cable of ${size(cure.sizeMm2)} from the alternator's output to the battery`;
    case "bigger-battery":
      return `A battery with more cold cranking current, ${amps(cure.coldAmps)}`;
    case "add-terminator":
      return `${ohms(cure.ohms)} across the pair at the end that has none`;
    case "remove-terminator":
      return "Remove one terminator";
    case "measure-drain":
      return "Measure it with a clamp at the negative cable, then pull fuses one by one";
    case "stronger-alternator":
      return "A stronger alternator, a smaller pulley, or lamps of fewer watts";
    case "add-alternator":
      return "Add the alternator and its cable to the harness";
    case "other-driver":
      return "A relay for part of its load, or another feed";
    case "refuse-link":
      return "Refuse the link that joins them, and let one of the two work it alone";
    case "coil-before-contact":
      return "Feed its coil from before its own contact";
    case "stronger-contact":
      return "A relay with a stronger contact, or a second one for part of the load";
    case "through-interlock":
      return "Lead the start signal through the range or clutch switch before it reaches the starter's relay or solenoid";
    case "better-coil-feed":
      return "Feed its coil with a thicker wire or from a feed that drops less, or use a relay that pulls in at less";
  }
}

/** What trying a cure has shown: whether its finding goes, how many go with it, and how many come. */
export interface CureEffect {
  readonly fixed: boolean;
  readonly gone: number;
  readonly come: number;
}

/** Said under a cure: `Clears this finding, adds none`. */
export function cureEffectText({ fixed, gone, come }: CureEffect): string {
  const others = gone - (fixed ? 1 : 0);
  const verdict = fixed ? "Clears this finding" : come > gone ? "Makes it worse" : "Does not clear it alone";
  const more = others > 0 ? ` and ${others} more` : "";
  return `${verdict}${more}${come > 0 ? `, adds ${come}` : fixed ? ", adds none" : ""}`;
}
