import type { DrawnElement, Item, Origin, PartOrigin, PartRole } from "../power";
import type { Units } from "../units";
import { ADAPTER_WORDS } from "./adapters";
import { lengthText, sizeWords } from "./measures";
import { digits, ohms, ratedAmps, ratedVolts, watts } from "./numbers";
import { cavityLabel, pointText } from "./points";
import { aliveWords, closesWords } from "./states";

/** What is inside of a part, by its role; its own elements go by the name that they have there. */
const ROLE_WORDS: Readonly<Record<Exclude<PartRole, "own" | "motor">, string>> = {
  "starter-motor": "motor",
  "starter-solenoid": "solenoid",
  turning: "turning",
  awake: "supply",
  asleep: "asleep",
  "start-input": "start input",
  control: "control",
  "way-control": "switch before the way",
};

/** What was decided to be fitted at a cavity. */
const FITTED_WORDS: Readonly<Record<Extract<Origin, { type: "fill" }>["as"], string>> = {
  feed: "feed of its own to",
  ground: "ground of its own to",
  "own-wire": "wire of its own side to",
  loop: "loop at",
  switch: "fitted switch at",
  "dummy-load": "dummy load at",
};

/** What is at a cavity of a box with many. */
const AT_WORDS: Partial<Record<PartOrigin["kind"], string>> = {
  lamp: "the lamp at",
  switch: "the driver at",
  resistor: "the input at",
  relay: "the input at",
};

/** An element by what one finds on the vehicle: `the wire C1-6 to splice E06`, `fuse F1 of Main fuses`. */
export function originText(origin: Origin): string {
  switch (origin.type) {
    case "wire":
      return origin.to.type === "open-end"
        ? `the wire at ${pointText(origin.from)}`
        : `${origin.isTried ? "the new wire" : "the wire"} ${pointText(origin.from)} to ${pointText(origin.to)}`;
    case "mate":
      return `${pointText(origin.from)} in ${pointText(origin.to)}`;
    case "link":
      return `${origin.as === "wire" ? "the link" : `the ${ADAPTER_WORDS[origin.as]} in the link`} ${pointText(origin.from)} to ${pointText(origin.to)}`;
    case "part":
      if (origin.at !== null) return `${AT_WORDS[origin.kind] ?? "the load at"} ${cavityLabel(origin.at)}`;
      if (origin.role !== "own" && origin.role !== "motor")
        return origin.role === "awake" ? origin.label : `${origin.label} ${ROLE_WORDS[origin.role]}`;
      return origin.kind === "fuse"
        ? `fuse ${origin.elementId} of ${origin.label}`
        : `${origin.label} ${origin.elementId}`;
    case "assumed-feed":
      return `the feed to ${pointText(origin.at)}, assumed`;
    case "fill":
      return `the ${FITTED_WORDS[origin.as]} ${pointText(origin.at)}, as decided`;
    case "battery-post":
      return "battery post";
    case "assumed-ground":
      return "battery negative to body, assumed";
    case "assumed-battery":
      return "battery, assumed";
    case "tried-load":
      return origin.name;
  }
}

/** A thing that a finding names, at the head of a sentence and within it. */
export const itemText = (item: Item): string => {
  switch (item.type) {
    case "point":
      return pointText(item.point);
    case "element":
      return originText(item.origin);
    case "alternator":
      return "alternator";
  }
};

/** The head of a drawn element. */
export const drawnName = ({ origin }: Pick<DrawnElement, "origin">): string => originText(origin).replace(/^the /, "");

/** What a drawn element is worth: `0.75 mm², 1.2 m`, `25 A`, `85 Ω`. */
export function drawnValue(
  { origin, element, chargedOhms }: Pick<DrawnElement, "origin" | "element" | "chargedOhms">,
  units: Units,
): string {
  if (origin.type === "wire")
    return `${sizeWords(origin.sizeMm2, units)}, ${lengthText(origin.lengthM, units)}${origin.assumed.length > 0 ? ` (${origin.assumed.join(" and ")} assumed)` : ""}`;
  if (origin.type === "assumed-feed") return `${aliveWords[origin.alive]}, as its pin table says`;
  if (origin.type === "part" && origin.role === "turning" && element.type === "switch") return "while the engine turns";
  switch (element.type) {
    case "resistor":
      return ohms(element.ohms);
    case "source":
      return `${ratedVolts(element.volts)} behind ${ohms(chargedOhms ?? element.ohms)}`;
    case "fuse":
      return ratedAmps(element.amps);
    case "switch":
      return `closes in ${closesWords(element.closedIn)}`;
    case "power":
      return watts(element.watts);
    case "lamp":
      return watts(element.ratedWatts);
    case "relay":
      return origin.type === "part" && origin.role === "awake"
        ? "while it has its supply"
        : `coil ${digits(element.coilOhms)} Ω`;
    case "diode":
      return "diode";
    case "current":
      return ratedAmps(element.amps);
  }
}
