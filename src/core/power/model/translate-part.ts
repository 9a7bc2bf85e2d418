import { fieldOf } from "../../forms";
import { CHASSIS, type ElementSpec, hasUsualWatts, RATED_VOLTS, statesAmps, terminalsOf } from "../../parts";
import { type ClosedWhen, NETLIST_KEYS, neverClosed } from "../../state";
import type { PartRole } from "../plan-element";
import { batterySource } from "../settings";
import { computer } from "./computer-part";
import { closedWhen, interlockOf, KEY_ON, whileFiring } from "./switch-states";
import { isPermanent, type PartToTranslate, type Translated, Translation } from "./translation";
import { alternator, starter } from "./turning-parts";

/** A ring bolted to clean metal, Ω. */
const STUD_OHMS = 0.0003;

/**
 * A part's elements between nodes of the netlist. Beyond copying them: batteries and starters take the settings'
 * values, a starter turns only with its solenoid, an alternator gives only while it turns, switches are closed as they
 * are used, and a computer's outputs work only while the computer is awake.
 */
export const translatePart = (subject: PartToTranslate): Translated => translate(new Translation(subject));

function translate(t: Translation): Translated {
  const socket = t.part.guessed && /socket/i.test(t.part.label);
  if (socket) t.assumed.push({ code: "sockets-empty" });
  else
    switch (t.part.type) {
      case "motor":
        for (const element of t.part.elements) controlled(t, atStatedPoint(element), "motor");
        break;
      case "heater":
      case "solenoid":
      case "horn":
      case "lamp":
        for (const element of t.part.elements) controlled(t, element);
        break;
      case "starter":
        starter(t);
        break;
      case "alternator":
        alternator(t);
        break;
      case "computer":
      case "assembly":
        computer(t);
        break;
      case "fuse-box":
        fuseBox(t);
        break;
      default:
        for (const element of t.part.elements) t.copy(adjusted(t, element), { closed: worked(t, element) });
    }
  if (!socket && t.part.guessed && hasUsualWatts(t.part.type)) {
    for (const element of t.part.elements)
      if ("a" in element && ![element.a, element.b].some((terminal) => statesAmps(t.subject.pin(terminal))))
        t.assumed.push({ code: "usual-watts" });
  }
  return { elements: t.elements, assumed: t.assumed };
}

function adjusted(t: Translation, spec: ElementSpec): ElementSpec {
  const { part, subject } = t;
  if (part.type === "battery" && spec.type === "source" && Math.abs(spec.volts - 12.6) < 0.01) {
    t.assumed.push({ code: "battery-by-settings" });
    return { ...spec, ...batterySource(subject.settings) };
  }
  if (part.type === "ground-stud" && spec.type === "resistor" && spec.joint) return { ...spec, ohms: STUD_OHMS };
  return spec;
}

type SwitchSpec = Extract<ElementSpec, { type: "switch" }>;

/** Closed in run and with the engine running, and nowhere else. */
const isOnWithKey = ({ closedIn }: SwitchSpec): boolean =>
  closedIn.length === 2 && closedIn.includes("run") && closedIn.includes("running");

/** When a switch that may be closed in any position is closed in fact; undefined where its part says it itself. */
function worked(t: Translation, spec: ElementSpec): ClosedWhen | undefined {
  const { part, subject } = t;
  if (spec.type !== "switch" || (part.type !== "switch" && part.type !== "flasher")) return undefined;
  const pins = terminalsOf(spec).flatMap((terminal) => subject.pin(terminal) ?? []);
  // Whatever a part says of the key: lever and clutch work these, and the driver is asked.
  const asks = interlockOf(spec, pins);
  if (asks !== null) return asks;
  // A brake switch that is told by the key is on whenever the driver is taken to brake.
  if (isOnWithKey(spec) && pins.some(({ quantity }) => quantity === "brake-switch")) return { brake: "pressed" };
  if (spec.closedIn.length !== NETLIST_KEYS.length) return undefined;
  t.assumed.push({ code: "switches-usual" });
  return closedWhen(part, pins, subject.quiet);
}

/**
 * What is connected to a permanent feed and is no computer is worked by something: it runs with the key on, and not in
 * the car park.
 */
function controlled(t: Translation, element: ElementSpec, role: PartRole = "own"): void {
  const isLoad = element.type === "power" || element.type === "resistor" || element.type === "lamp";
  const pin = isLoad ? t.subject.pin(element.a) : undefined;
  // A load whose other side something else works is on when that is.
  const ownGround = isLoad && (element.b === CHASSIS || t.subject.pin(element.b)?.form.kind === "ground");
  const fires = ownGround && pin?.form.kind === "supply-in" && isIgnitionCoil(t);
  const worked = ownGround || element.type !== "lamp";
  if (!fires && (!isLoad || !worked || pin?.form.kind !== "supply-in" || !isPermanent(pin))) {
    t.copy(element, { role });
    return;
  }
  t.assumed.push({ code: fires ? "mean-currents" : "controlled-loads" });
  const inner = t.inner(`${element.id} control`);
  t.before(element, "control", inner, fires ? whileFiring : t.subject.quiet ? neverClosed : KEY_ON);
  t.copy(element, { through: { [element.a]: inner }, role });
}

/** Fed by the key or a relay, an ignition coil with electronics of its own draws only while it is told to spark. */
const isIgnitionCoil = (t: Translation): boolean =>
  t.part.terminals.some(({ name }) => t.subject.pin(name)?.quantity === "ignition-coil");

/**
 * A way that a table describes without saying when it is live is taken as live with the ignition: a switch stands
 * before it that nobody has drawn.
 */
function fuseBox(t: Translation): void {
  for (const element of t.part.elements) {
    const way = element.type === "fuse" ? t.subject.pin(element.b) : undefined;
    if (
      element.type !== "fuse" ||
      way === undefined ||
      way.description === null ||
      fieldOf(way.form, "alive") !== null
    ) {
      t.copy(element);
      continue;
    }
    t.assumed.push({ code: "fuse-way-in-run" });
    const inner = t.inner(`${element.id} way`);
    t.before(element, "way-control", inner, KEY_ON);
    t.copy(element, { through: { [element.a]: inner } });
  }
}

/**
 * A motor as the resistance that takes its power at the volts for which its current is stated: with less voltage it
 * turns slower and takes less, where constant power would take more.
 */
const atStatedPoint = (spec: ElementSpec): ElementSpec =>
  spec.type === "power"
    ? { id: spec.id, type: "resistor", a: spec.a, b: spec.b, ohms: RATED_VOLTS ** 2 / spec.watts, joint: false }
    : spec;
