import type { Cause, Step } from "../proving";
import { listed, ohms, volts } from "./numbers";
import { originText } from "./origins";
import { cavityLabel } from "./points";
import { feedWords } from "./states";
import { stepWhen, subjectNames } from "./steps";

/** A cause as it is shown: what, why it is likely, and where to probe next. */
export interface CauseWords {
  readonly text: string;
  readonly because: string;
  readonly next: string;
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
const names = (points: readonly Parameters<typeof cavityLabel>[0][]) => listed(points.map(cavityLabel));

export function causeWords(cause: Cause, step: Step): CauseWords {
  const [provider, consumer] = subjectNames(step);
  const connector = step.about.type === "link" ? step.about.consumer.connector : "";
  switch (cause.code) {
    case "feed-opens":
      return {
        text: `${provider} opens ${stepWhen(step)}`,
        because:
          cause.statedAlive === null
            ? "it was live in another key position"
            : `its pin table says ${feedWords[cause.statedAlive]}`,
        next: `Read ${provider} ${stepWhen(step)}: battery voltage clears it`,
      };
    case "fuse":
      return {
        text: `The fuse that feeds ${provider} is blown or missing`,
        because:
          cause.failing.length > 0
            ? `${names(cause.failing)} on the same feed fails too`
            : cause.sound.length > 0
              ? `${names(cause.sound)} on the same feed is good`
              : "nothing else on this feed has been read",
        next: "Read both sides of its fuse against battery negative",
      };
    case "feed-wire-open":
      return {
        text: `The wire or a joint between ${provider} and ${consumer} is open`,
        because: cause.feedIsSound ? "the feed is live for its neighbour" : "it is the one path that is new",
        next: `Read ${provider} ${stepWhen(step)}; live there means an open joint after it`,
      };
    case "relay-missing":
      return {
        text: `The relay for ${consumer} is missing or does not pull in`,
        because: "the plan has a relay in this feed",
        next: "Listen for it, then read its coil and contact terminals",
      };
    case "feed-live":
      return {
        text: `${provider} is live in this key position`,
        because:
          cause.statedAlive === null
            ? "when it is live is not known yet"
            : `its pin table says ${feedWords[cause.statedAlive]}`,
        next: `Read ${provider} with the key off`,
      };
    case "back-feed":
      return {
        text: "Current flows back through a lamp, a relay's coil or the alternator",
        because: "the new links join circuits that were apart",
        next: `Unplug ${consumer}'s neighbours one by one and watch the reading`,
      };
    case "feeds-joined":
      return {
        text: "Two feeds are joined at a splice",
        because: "a wire of another feed is in the same joint",
        next: `Measure from ${consumer} to each other feed, battery off`,
      };
    case "other-load":
      return {
        text: `Something else is connected to the feed of ${consumer}`,
        because: `${provider} may feed other loads of the host`,
        next: `Unplug ${connector} and read again: unchanged means the harness`,
      };
    case "wire-pinched":
      return {
        text: "The wire is pinched or its insulation cut",
        because: "the new run passes brackets and the bulkhead",
        next: "Read while moving the harness along its run",
      };
    case "part-faulty":
      return {
        text: `${connector} is faulty or its pins are crossed`,
        because: "a crossed pair of feed and ground reads so",
        next: `Compare the colours at ${consumer} with the sheet`,
      };
    case "stud":
      return {
        text: `${capital(provider)} is not bolted to clean metal`,
        because:
          cause.shared.length === 0
            ? "nothing else of the plan shares it"
            : `it is shared with ${names(cause.shared)}${cause.othersPass ? ", which reads well" : cause.othersFail ? ", which fails too" : ""}`,
        next:
          provider === "Battery negative"
            ? "Read from the battery post to its clamp"
            : `Read from ${provider} to battery negative`,
      };
    case "ground-wire":
      return {
        text: `The wire or joint between ${consumer} and ${provider} is poor`,
        because: cause.studIsSound ? "the ground itself is good" : "it is the part that was made new",
        next: `Read from ${consumer} to ${provider}`,
      };
    case "strap":
      return {
        text: "The strap from engine or body to battery negative is missing or poor",
        because: "all grounds return through it",
        next: "Read from the engine block, then the body, to battery negative",
      };
    case "joint-open":
      return {
        text: `A joint between ${provider} and ${consumer} is open or was never made`,
        because: cause.isOpen ? "no path at all" : "more resistance than its wires have",
        next: "Read from each end to the interface connector",
      };
    case "wrong-cavity":
      return {
        text: "The wire is in the wrong cavity",
        because: "its neighbours look alike",
        next: `Read ${provider} against the cavities beside ${consumer}`,
      };
    case "poor-terminal":
      return {
        text: "A crimp or terminal is poor",
        because: cause.isOpen ? "" : "there is a path, but a bad one",
        next: "Move each joint while reading",
      };
    case "coil-open":
      return {
        text: "The relay is not fitted, or its coil is open",
        because: cause.isOpen ? "no or little current would flow" : "",
        next: "Read the relay's own terminals on the bench",
      };
    case "other-relay":
      return {
        text: "It is another relay than planned",
        because: `the plan for ${consumer} counts on its coil's resistance`,
        next: "Compare the part with the sheet",
      };
    case "across-coil":
      return {
        text: "A diode or a second coil is across it",
        because: "the reading changes with the leads swapped",
        next: "Swap the leads and read again",
      };
    case "battery-low":
      return {
        text: "The battery is discharged",
        because: "nothing else is in this measurement",
        next: "Charge it and read again after an hour at rest",
      };
    case "draws-with-key-off":
      return {
        text: "Something draws current with the key off",
        because: "a load pulls the voltage down",
        next: "Take the negative lead off and read again",
      };
    case "element":
      return elementWords(cause);
  }
}

const FAULT_WORDS = { open: "is open", blown: "is blown", "stuck-open": "does not close" } as const;

function elementWords({ fault }: Extract<Cause, { code: "element" }>): CauseWords {
  const name = originText(fault.origin);
  const text =
    fault.fault === "resistance" ? `${name} has ${ohms(fault.ohms ?? 0)}` : `${name} ${FAULT_WORDS[fault.fault]}`;
  return {
    text: capital(text),
    because: `the solved plan would read ${fault.volts === null ? "nothing: the point floats" : volts(fault.volts)} with it`,
    next: fault.origin.type === "wire" ? `Read at both ends of ${name}` : `Read on both sides of ${name}`,
  };
}
