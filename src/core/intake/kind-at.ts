import type { Kind, Quantity } from "../forms";
import { FAMILIES, type Family } from "./data/families";
import { guess, isInput, isOutput, type KindGuess, leaving, type Situation, says } from "./situation";
import { actuatorAt, bodyAt } from "./worked-at";

/**
 * The electrical form of a quantity as seen from the thing that the connector belongs to: a coolant signal is
 * `resistive-in` at the computer and `resistive-out` at its sensor (contracts/pin-table.md).
 */
export function kindAt(at: Situation): KindGuess {
  const family = FAMILIES[at.quantity];
  if (says(at, "lin") && family.type !== "supply") return guess("lin", 0.95, "named-as-lin");
  switch (family.type) {
    case "supply":
      return supplyAt(at);
    case "ground":
      return guess("ground", isPerhapsSwitched(at) ? 0.85 : 1, "a-return-to-ground");
    case "reference":
      return referenceAt(at);
    case "bus":
      return busAt(at, family.kind);
    case "sensor":
      return sensorAt(at, family);
    case "contact":
      return contactAt(at, family.made);
    case "actuator":
      return actuatorAt(at, family);
    case "body":
      return bodyAt(at);
  }
}

/** "85 … earth" may be where a coil's end goes, "horn button earth" what the button leads to ground. */
const isPerhapsSwitched = (at: Situation) =>
  at.place === "relay"
    ? says(at, "din85", "din86")
    : at.place === "in-line" && says(at, "switch") && !says(at, "sensor");

function supplyAt(at: Situation): KindGuess {
  switch (at.place) {
    case "starter":
      return at.quantity === "start-supply"
        ? guess("load-in", 0.85, "the-solenoid-coil")
        : isOutput(at) && says(at, "alternator")
          ? guess("supply-out", 0.7, "it-gives-the-supply")
          : guess("supply-in", 0.95, "the-starter-cable");
    case "battery":
      return guess("supply-out", 0.95, "it-gives-the-supply");
    case "alternator":
      return at.quantity === "ignition-supply" || says(at, "monitor")
        ? guess("supply-in", 0.8, "it-is-fed-here")
        : guess("supply-out", 0.95, "it-gives-the-supply");
    case "instruments":
      return guess("supply-in", 0.9, "it-is-fed-here");
    case "key-switch":
      return at.quantity === "battery-supply" && !says(at, "out")
        ? guess("supply-in", 0.95, "the-switch-own-feed")
        : guess("supply-out", 0.93, "a-key-position-output");
    case "fuse-box":
      return (says(at, "in", "from") || (says(at, "main") && says(at, "feed"))) && !says(at, "out", "fuse")
        ? guess("supply-in", 0.85, "the-box-own-feed")
        : guess("supply-out", 0.94, "a-way-of-the-fuse-box");
    case "relay":
      if (says(at, "din85", "din86", "coil", "control")) return guess("load-in", 0.85, "the-relay-coil");
      if (says(at, "din30") && !says(at, "out", "din87")) return guess("supply-in", 0.9, "the-contact-feed");
      // A relay is told to start by the key: what comes from there is its coil's.
      if (at.quantity === "start-supply" && says(at, "from", "switch")) return guess("load-in", 0.75, "the-relay-coil");
      return says(at, "din87", "out") || isOutput(at)
        ? guess("supply-out", 0.92, "the-relay-switched-contact")
        : guess("supply-in", 0.9, "the-contact-feed");
    case "diagnostic":
      return guess("supply-out", 0.92, "feeds-the-tool-that-is-plugged-in");
    case "ammeter":
      return says(at, "battery", "starterrelay", "from") && !says(at, "switch")
        ? guess("supply-in", 0.75, "it-is-fed-here")
        : guess("supply-out", 0.75, "it-gives-the-supply");
    case "in-line":
      if (at.side === "donor" && at.quantity === "battery-supply" && says(at, "out"))
        return guess("supply-out", 0.85, "said-to-be-an-output");
      return at.side === "host"
        ? guess("supply-out", 0.78, "the-vehicle-gives-the-feeds")
        : guess("supply-in", 0.82, "the-engine-harness-takes-the-feeds");
    case "switch":
      return isOutput(at) || (at.quantity === "start-supply" && !isInput(at))
        ? guess("supply-out", 0.8, "switched-on-by-it")
        : guess("supply-in", 0.85, "the-switch-feed");
    case "computer":
      // "Main relay output" is what the relay gives, wherever it is said.
      if (at.quantity === "relay-supply") return guess("supply-in", 0.93, "it-is-fed-here");
      return isOutput(at)
        ? guess("supply-out", 0.85, "said-to-be-an-output")
        : guess("supply-in", 0.97, "it-is-fed-here");
    default:
      // A socket of the vehicle's hands its feeds on to what is plugged in.
      return isOutput(at) || at.label.has("trailer")
        ? guess("supply-out", 0.85, "said-to-be-an-output")
        : guess("supply-in", 0.97, "it-is-fed-here");
  }
}

function referenceAt(at: Situation): KindGuess {
  if (at.place === "computer" || at.place === "instruments")
    return guess("reference-out", 0.97, "the-computer-gives-the-reference");
  if (at.place === "in-line")
    return guess(at.side === "donor" ? "reference-out" : "reference-in", 0.6, "which-way-it-goes-is-not-said");
  return guess("reference-in", 0.95, "the-sensor-takes-the-reference");
}

function busAt(at: Situation, usual: Kind): KindGuess {
  if (says(at, "can")) return guess("can", 0.98, "named-as-can");
  if (says(at, "lin")) return guess("lin", 0.98, "named-as-lin");
  if (says(at, "serial")) return guess("serial", 0.97, "a-single-wire-line");
  if (says(at, "lamp")) return guess("low-side-out", 0.6, "a-lamp-drive");
  return guess(usual, usual === "serial" ? 0.85 : 0.65, "the-usual-form-of-such-data");
}

function sensorAt(at: Situation, family: Extract<Family, { type: "sensor" }>): KindGuess {
  const form = sensorForm(at, family);
  const out = `${form}-out` as Kind;
  const into = `${form}-in` as Kind;
  if (says(at, "lamp", "warning") && !says(at, "gauge")) {
    if (at.place === "instruments" || at.place === "lamp") return guess("load-in", 0.85, "a-lamp-in-the-instruments");
    if (at.place === "computer") return guess("low-side-out", 0.75, "the-lamp-drive");
  }
  if (says(at, "switch") && (form === "resistive" || form === "analogue") && !says(at, "gauge", "sensor", "sender")) {
    return contactAt(at, family.made);
  }
  switch (at.place) {
    case "instruments":
      if (at.quantity === "fuel-level" && says(at, "low") && !says(at, "sender", "sensor", "gauge", "signal"))
        return guess("load-in", 0.8, "a-lamp-in-the-instruments");
      return isOutput(at) && !says(at, "sender", "gauge")
        ? guess(out, 0.85, "said-to-be-an-output")
        : guess(into, 0.95, "the-instrument-reads-it");
    case "computer":
      return sensorAtComputer(at, out, into);
    case "in-line":
      if (says(at, "lamp") && !says(at, "gauge"))
        return leaving(at, family.made)
          ? guess("switch-out", 0.65, "contact-on-this-side")
          : guess("load-in", 0.65, "a-lamp");
      if (says(at, "in", "out") && says(at, "in") !== says(at, "out"))
        return says(at, "in") ? guess(into, 0.85, "said-to-come-in") : guess(out, 0.85, "said-to-go-out");
      return leaving(at, family.made) ? guess(out, 0.82, "made-on-this-side") : guess(into, 0.82, "read-on-this-side");
    case "diagnostic":
      return guess(into, 0.55, "a-tool-line");
    case "fuse-box":
    case "ground-stud":
    case "battery":
      return guess(out, 0.4, "an-odd-place-for-it");
    default:
      // A sender with a lamp of its own has a contact for it.
      return says(at, "lamp", "warning") && !says(at, "gauge")
        ? guess("switch-out", 0.8, "a-contact")
        : guess(out, 0.95, "the-part-reports-it");
  }
}

function sensorAtComputer(at: Situation, out: Kind, into: Kind): KindGuess {
  if (at.quantity !== "engine-speed" && at.quantity !== "vehicle-speed") {
    // The output of what only this computer reads is its sensor's.
    const isSensors = SENSED_ONLY.has(at.quantity) && !says(at, "to", "instrument", "gauge", "transmission");
    return says(at, "out") && !says(at, "sensor", "shaft") && !isSensors
      ? guess(out, 0.8, "said-to-be-an-output")
      : guess(into, 0.97, "the-computer-reads-it");
  }
  if (isOutput(at) || (says(at, "instrument") && !says(at, "from"))) return guess(out, 0.96, "said-to-go-out");
  if (isInput(at) || says(at, "sensor", "input")) return guess(into, 0.93, "said-to-come-in");
  if (at.quantity === "engine-speed" && (at.label.has("transmission") || at.label.has("abs")))
    return guess(into, 0.8, "the-computer-reads-it");
  // An engine computer knows the engine's speed from its own pickup, so a wire of that name leaves it.
  return at.quantity === "engine-speed" && at.side === "donor"
    ? guess(out, 0.85, "made-by-the-engine-computer-from-its-pickup")
    : guess(into, 0.68, "most-often-read-which-way-it-goes-is-not-said");
}

/** What an engine computer reads and hands on to nobody unless a row says so. */
const SENSED_ONLY: ReadonlySet<Quantity> = new Set<Quantity>([
  "crankshaft-position",
  "camshaft-position",
  "knock",
  "oxygen",
  "mass-air-flow",
  "manifold-pressure",
  "intake-air-temperature",
  "accelerator-position",
]);

function sensorForm(at: Situation, family: Extract<Family, { type: "sensor" }>): string {
  const usual = family.out.slice(0, -"-out".length);
  // A pedal's or throttle's hall element gives volts as a potentiometer does.
  if (says(at, "hall") && usual !== "analogue") return "hall";
  if (says(at, "reluctor") && usual !== "analogue") return "reluctor";
  if (says(at, "frequency") && usual === "analogue") return "frequency";
  const hostGauge =
    at.quantity === "oil-pressure" && (says(at, "gauge", "sender") || at.place === "instruments" || at.side === "host");
  return hostGauge ? "resistive" : usual;
}

function contactAt(at: Situation, made: "engine" | "body"): KindGuess {
  if (at.place === "lamp") return guess("load-in", 0.92, "a-lamp");
  if (at.place === "instruments") {
    if (isOutput(at) && !says(at, "lamp", "warning")) return guess("switch-out", 0.6, "said-to-be-an-output");
    return says(at, "lamp", "warning", "oilwarning") || LAMPS.has(at.quantity)
      ? guess("load-in", 0.93, "a-lamp-in-the-instruments")
      : says(at, "switch", "signal", "in", "request", "position") || UNLIT.has(at.quantity)
        ? guess("logic-in", 0.75, "read-by-the-instruments")
        : guess("load-in", 0.7, "a-lamp-in-the-instruments");
  }
  if (at.place === "computer") {
    if (says(at, "relay")) return guess("low-side-out", 0.85, "works-a-relay");
    if (says(at, "stoplamp") && at.side === "host" && !says(at, "switch", "in"))
      return guess("high-side-out", 0.75, "drives-the-lamps");
    const isRead = at.quantity === "reverse-lamp" || (at.quantity === "brake-switch" && says(at, "signal"));
    if (says(at, "lamp") && !says(at, "in", "from") && !isRead) return guess("low-side-out", 0.8, "drives-a-lamp");
    // The climate control asks; every other computer is asked.
    if (at.quantity === "ac-request" && at.label.has("ac")) return guess("low-side-out", 0.7, "said-to-go-out");
    if (at.quantity === "ac-request" && at.side === "host" && says(at, "request") && !isInput(at))
      return guess("low-side-out", 0.55, "said-to-go-out");
    if (isOutput(at))
      return says(at, "lamp", "stoplamp")
        ? guess("high-side-out", 0.85, "drives-a-lamp")
        : guess("low-side-out", 0.85, "said-to-go-out");
    if (at.quantity === "reverse-lamp" && !says(at, "switch", "signal") && !isInput(at))
      return guess("high-side-out", says(at, "buzzer") ? 0.75 : 0.55, "drives-the-lamps");
    // "Stop lamp" is the pedal's switch in most tables; in a few a lamp that says stop.
    const isSure = !says(at, "stoplamp") || says(at, "switch");
    return guess("logic-in", isSure ? 0.96 : 0.88, "the-computer-reads-a-contact");
  }
  if (at.place === "switch" && isInput(at) && !says(at, "groundswitching"))
    return guess("supply-in", 0.75, "the-switch-feed");
  if (at.place === "switch" && says(at, "feed", "supply", "battery", "ignition", "live") && !isOutput(at))
    return guess("supply-in", 0.8, "the-switch-feed");
  if (at.place === "relay") return guess("load-in", 0.7, "the-relay-coil");
  if (at.place === "fuse-box") return guess("supply-out", 0.7, "a-way-of-the-fuse-box");
  if (at.place === "in-line" && says(at, "switch") && says(at, "feed", "supply"))
    return at.side === "host"
      ? guess("supply-out", 0.75, "the-vehicle-gives-the-feeds")
      : guess("supply-in", 0.75, "the-engine-harness-takes-the-feeds");
  if (at.place === "in-line" && at.quantity === "starter-request" && at.side === "donor" && says(at, "solenoid"))
    return guess("load-in", 0.75, "worked-on-this-side");
  if (at.place === "in-line" && at.quantity === "starter-request" && at.side === "host")
    return guess("supply-out", 0.7, "the-key-works-the-starter");
  if (at.place === "in-line" && at.side === "host" && says(at, "stoplamp") && !says(at, "switch", "signal", "in"))
    return guess("supply-out", 0.58, "which-way-it-goes-is-not-said");
  if (at.place === "in-line") return leaving(at, made) ? guess("switch-out", 0.8, "contact-on-this-side") : inputAt(at);
  if (at.place === "actuator" || at.place === "starter") return guess("load-in", 0.6, "the-part-is-worked");
  if (at.place === "diagnostic") return guess("logic-in", 0.5, "a-tool-line");
  if (says(at, "feed", "supply") && !isOutput(at)) return guess("supply-in", 0.8, "the-switch-feed");
  return guess("switch-out", 0.95, "a-contact");
}

const inputAt = (at: Situation): KindGuess =>
  says(at, "lamp") ? guess("load-in", 0.85, "a-lamp") : guess("logic-in", 0.75, "read-on-this-side");
/** Contacts that instruments read without showing them. */
const UNLIT: ReadonlySet<Quantity> = new Set<Quantity>([
  "park-neutral",
  "clutch-switch",
  "starter-request",
  "wake-up",
  "ac-request",
  "cruise-request",
]);
const LAMPS: ReadonlySet<Quantity> = new Set([
  "oil-pressure-warning",
  "handbrake",
  "brake-fluid",
  "seat-belt",
  "reverse-lamp",
]);
