import type { Kind, Quantity } from "../forms";
import type { Family } from "./data/families";
import { guess, isInput, isOutput, type KindGuess, type Situation, says } from "./situation";

/** What a computer drives, as it is met where its connector belongs. */
export function actuatorAt(at: Situation, family: Extract<Family, { type: "actuator" }>): KindGuess {
  switch (at.place) {
    case "computer":
      if (
        (says(at, "position") ||
          (POSITIONED.has(at.quantity) && says(at, "sensor", "monitor") && !says(at, "solenoid", "valve", "relay"))) &&
        (!says(at, "control", "motor") ||
          (POSITIONED.has(at.quantity) && says(at, "position") && says(at, "sensor"))) &&
        at.quantity !== "gear-display"
      )
        return guess("analogue-in", 0.7, "its-position-is-read-back");
      if (at.quantity === "alternator-field" && says(at, "monitor"))
        return guess("pwm-in", 0.7, "its-position-is-read-back");
      // A body's computer reads what the alternator says; it is the engine's that may drive the lamp.
      if (at.quantity === "charge-warning" && at.side === "host" && says(at, "dplus") && !says(at, "lamp"))
        return guess("logic-in", 0.75, "the-computer-reads-it");
      if (says(at, "monitor", "diagnosis") || (isInput(at) && !says(at, "control", "relay")))
        return guess("logic-in", 0.75, "said-to-come-in");
      if (at.quantity === "cooling-fan" && says(at, "speed") && says(at, "sensor"))
        return guess("frequency-in", 0.7, "the-computer-reads-it");
      if (at.quantity === "idle-control" && says(at, "switch") && !says(at, "control", "out", "valve", "motor"))
        return guess("logic-in", 0.7, "the-computer-reads-a-contact");
      // An actuator is a motor, or a can that a solenoid gives its pressure.
      return guess(
        drivenBy(at, family),
        (says(at, "actuator") && MOTOR_DRIVEN.has(at.quantity)) ||
          (says(at, "supply", "feed") && !says(at, "relay", "control", "out", "lamp"))
          ? 0.6
          : 0.95,
        "the-computer-drives-it",
      );
    case "instruments":
    case "lamp":
      return guess("load-in", 0.93, "a-lamp-or-display");
    case "relay":
      if (says(at, "din85", "din86", "coil", "control")) return guess("load-in", 0.92, "the-relay-coil");
      if (says(at, "din30")) return guess("supply-in", 0.9, "the-contact-feed");
      // "Feed" alone is what comes to the contact; "pump feed" what goes on to the pump.
      if ([...at.concepts].every((concept) => BARE_FEED.has(concept)))
        return guess(isOutput(at) ? "supply-out" : "supply-in", 0.75, "the-contact-feed");
      return says(at, "din87") || isOutput(at) || says(at, "feed", "supply")
        ? guess("supply-out", 0.85, "the-relay-switched-contact")
        : guess("load-in", 0.85, "the-relay-coil");
    case "fuse-box":
      return (says(at, "coil") && at.quantity !== "ignition-coil") ||
        says(at, "control", "din85", "din86") ||
        (says(at, "relay") && !says(at, "out", "feed", "supply", "din87", "fuse"))
        ? guess("load-in", 0.8, "the-relay-coil-in-the-box")
        : guess("supply-out", 0.88, "a-way-of-the-fuse-box");
    case "regulator":
    case "ammeter":
      return isOutput(at)
        ? guess("supply-out", 0.75, "it-gives-the-supply")
        : guess("supply-in", 0.7, "it-is-fed-here");
    case "alternator":
      if (at.quantity === "alternator-field" && says(at, "monitor"))
        return guess("pwm-out", 0.75, "its-position-is-read-back");
      return at.quantity === "charge-warning"
        ? guess("low-side-out", 0.85, "the-regulator-sinks-the-lamp")
        : guess(family.in, 0.8, "the-regulator-input");
    case "key-switch":
      return guess("supply-out", 0.85, "a-key-position-output");
    case "switch":
      return says(at, "feed", "supply") && !isOutput(at)
        ? guess("supply-in", 0.8, "the-switch-feed")
        : guess("switch-out", 0.85, "a-contact");
    case "in-line": {
      if (at.quantity === "starter-relay" && at.side === "host" && !says(at, "relay"))
        return guess("supply-out", 0.75, "the-key-works-the-starter");
      if (at.quantity === "starter-relay" && at.side === "donor" && !says(at, "relay"))
        return guess("load-in", 0.78, "worked-on-this-side");
      // The compressor sits on the engine: without a relay of its own it is worked from the body.
      if (at.quantity === "ac-clutch" && !says(at, "relay"))
        return at.side === "host"
          ? guess("high-side-out", 0.65, "driven-from-this-side")
          : guess("load-in", 0.65, "worked-on-this-side");
      const drives = family.used === "body" ? at.side === "donor" : at.side === "host";
      // A body's own feed to what it works.
      if (
        at.side === "host" &&
        family.used === "body" &&
        says(at, "ignition", "battery", "live", "feed", "out") &&
        !says(at, "from", "lamp", "warning")
      )
        return guess("supply-out", 0.68, "the-vehicle-gives-the-feeds");
      return drives
        ? guess(drivenBy(at, family), 0.75, "driven-from-this-side")
        : guess(says(at, "relay") ? "load-in" : family.in, 0.78, "worked-on-this-side");
    }
    case "diagnostic":
    case "ground-stud":
    case "battery":
      return guess(family.in, 0.4, "an-odd-place-for-it");
    default:
      if (POSITIONED.has(at.quantity) && says(at, "position") && !says(at, "control", "motor", "solenoid"))
        return guess("analogue-out", 0.8, "the-part-reports-it");
      return guess(workedAs(at, family), 0.95, "the-part-is-worked");
  }
}

/** Valves and flaps that have a sensor of their own for where they stand. */
const POSITIONED: ReadonlySet<Quantity> = new Set<Quantity>([
  "exhaust-recirculation",
  "intake-runner",
  "boost-control",
]);

const BARE_FEED: ReadonlySet<string> = new Set(["feed", "supply", "live", "twelve", "positive", "fuse", "permanent"]);

function drivenBy(at: Situation, family: Extract<Family, { type: "actuator" }>): Kind {
  if (says(at, "highside") && at.quantity !== "injector") return "high-side-out";
  if (says(at, "relay", "lamp", "lowside")) return "low-side-out";
  if (says(at, "pwm") && at.quantity !== "throttle-motor") return "pwm-out";
  if (says(at, "motor") && MOTOR_DRIVEN.has(at.quantity) && !says(at, "solenoid")) return "motor-out";
  if (at.quantity === "idle-control" && says(at, "valve", "solenoid", "idlevalve") && !says(at, "motor", "coil"))
    return "pwm-out";
  return family.out;
}

/** Worked by a solenoid or by a motor that turns both ways: the row says which. */
const MOTOR_DRIVEN: ReadonlySet<Quantity> = new Set(["exhaust-recirculation", "boost-control", "intake-runner"]);

function workedAs(at: Situation, family: Extract<Family, { type: "actuator" }>): Kind {
  return at.quantity === "idle-control" && says(at, "valve", "solenoid") && !says(at, "motor", "coil")
    ? "load-in"
    : family.in;
}

const LIT: ReadonlySet<Quantity> = new Set<Quantity>(["illumination", "lighting"]);
const FLASHED: ReadonlySet<Quantity> = new Set<Quantity>(["turn-signal", "hazard"]);

/** What a panel switches rather than shows. */
const SWITCHED_ON_PANELS: ReadonlySet<Quantity> = new Set<Quantity>([
  "horn",
  "wiper",
  "washer",
  "heater-blower",
  "window",
]);

/** What a body feeds and switches by itself, likewise. */
export function bodyAt(at: Situation): KindGuess {
  switch (at.place) {
    case "lamp":
    case "actuator":
      // A radio raises its aerial, and is told to be silent.
      if (at.quantity === "aerial" && at.label.has("audio")) return guess("supply-out", 0.75, "it-gives-the-supply");
      if (says(at, "mute")) return guess("logic-in", 0.75, "said-to-come-in");
      return guess("load-in", at.quantity === "audio" ? 0.8 : 0.9, "the-part-is-fed");
    case "switch":
      if (says(at, "switchlamp")) return guess("load-in", 0.75, "a-lamp");
      return isInput(at) || (says(at, "feed", "supply", "battery", "ignition", "live") && !isOutput(at))
        ? guess("supply-in", 0.75, "the-switch-feed")
        : guess("switch-out", 0.9, "a-contact");
    case "instruments":
      if (says(at, "sender") && says(at, "level")) return guess("resistive-in", 0.7, "the-instrument-reads-it");
      if (says(at, "switch") && !says(at, "lamp", "warning"))
        return says(at, "feed", "supply")
          ? guess("supply-in", 0.8, "the-switch-feed")
          : guess("switch-out", 0.7, "a-contact");
      if (SWITCHED_ON_PANELS.has(at.quantity) && !says(at, "lamp", "warning"))
        return guess("switch-out", 0.45, "which-way-it-goes-is-not-said");
      // A panel may hold the switch of a lamp that is no tell-tale.
      return at.quantity === "illumination" || says(at, "lamp", "warning") || !isOutput(at)
        ? guess(
            "load-in",
            at.quantity === "lighting" && !says(at, "warning", "beam", "fog") ? 0.8 : 0.93,
            "a-lamp-in-the-instruments",
          )
        : guess("switch-out", 0.6, "said-to-be-an-output");
    case "fuse-box":
      return guess(says(at, "coil", "din85", "din86") ? "load-in" : "supply-out", 0.88, "a-way-of-the-fuse-box");
    case "relay":
      if (says(at, "coil", "din85", "din86")) return guess("load-in", 0.85, "the-relay-coil");
      // A flasher is fed by what comes to it.
      if (FLASHED.has(at.quantity) && says(at, "in", "input") && !says(at, "out"))
        return guess("supply-in", 0.75, "the-contact-feed");
      return says(at, "din87", "out") || isOutput(at) || says(at, "din49")
        ? guess("supply-out", 0.85, "the-relay-switched-contact")
        : says(at, "feed", "supply", "din30", "battery")
          ? guess("supply-in", 0.8, "the-contact-feed")
          : guess("load-in", 0.8, "the-relay-coil");
    case "computer":
      // A wiper says where it rests, a dimmer and an eye for daylight how far.
      if (at.quantity === "wiper" && says(at, "park") && !says(at, "out", "motor", "relay", "control"))
        return guess("logic-in", 0.75, "the-computer-reads-it");
      if (LIT.has(at.quantity) && says(at, "rheostat", "sensor") && !says(at, "out"))
        return guess("analogue-in", 0.65, "the-computer-reads-it");
      if (at.quantity === "anti-lock" && says(at, "sensor") && !says(at, "switch"))
        return guess("analogue-in", 0.65, "the-computer-reads-it");
      if (says(at, "switch", "in", "input", "request", "sensor", "level", "from") && !says(at, "out"))
        return guess("logic-in", 0.9, "the-computer-reads-it");
      if (says(at, "speed") && !says(at, "control", "out")) return guess("frequency-in", 0.6, "the-computer-reads-it");
      if (says(at, "pwm")) return guess("pwm-out", 0.85, "the-computer-drives-it");
      if (says(at, "warning") && says(at, "lamp")) return guess("low-side-out", 0.7, "drives-a-lamp");
      if (at.side === "donor" && says(at, "lamp")) return guess("low-side-out", 0.8, "drives-a-lamp");
      return says(at, "relay")
        ? guess("low-side-out", 0.88, "works-a-relay")
        : guess("high-side-out", says(at, "out", "lamp", "motor", "control") ? 0.88 : 0.6, "the-computer-feeds-it");
    case "in-line":
      if (says(at, "switch") && at.side === "host") return guess("switch-out", 0.62, "contact-on-this-side");
      return guess(at.side === "host" ? "supply-out" : "load-in", 0.55, "which-way-it-goes-is-not-said");
    case "key-switch":
      return guess("supply-out", 0.8, "a-key-position-output");
    default:
      return guess("load-in", 0.5, "most-likely-fed-here");
  }
}
