import type { ElementSpec } from "../../parts";
import { CRANKING_VOLTS, coldTorque, settingValue, starterAmps } from "../settings";
import { alternatorOhms, EXCITER, ratedAmps, regulatedVolts } from "./sources";
import { whileCranking, whileTurning } from "./switch-states";
import { ampsOf, type Translation } from "./translation";

/** A solenoid pulls in and lets go at about these, V. */
const SOLENOID = { pullInVolts: 7, dropOutVolts: 3 } as const;
/** The library's alternator: what it is worth then comes from the settings and its cavities. */
const LIBRARY_VOLTS = 14.2;
const LIBRARY_OHMS = 0.02;
/** The library's starter motor: its current is its cavity's, or comes from the settings. */
const LIBRARY_STARTER_OHMS = 0.06;
/** A charging alternator lifts its lamp terminal to its own voltage through the exciter diodes, Ω behind it. */
const EXCITER_OHMS = 0.5;
/** Terminals by which an alternator's lamp is known. */
const LAMP_TERMINAL = /^(d\+|l|61|lamp)$/i;

/** The motor is fed by the contact that its solenoid closes; its current is the one that its cavity states. */
export function starter(t: Translation): void {
  const coils = t.part.elements.filter(
    (element): element is Extract<ElementSpec, { type: "resistor" }> => element.type === "resistor",
  );
  const motor = coils.find((element) => element.ohms < 0.5);
  const solenoid = coils.find((element) => element !== motor && element.ohms < 10);
  const [cable, case_] = motor === undefined ? [] : [t.subject.node(motor.a), t.subject.node(motor.b)];
  if (motor === undefined || cable === undefined || case_ === undefined) {
    for (const element of t.part.elements) t.copy(element);
    return;
  }
  const stated =
    ampsOf(t.subject.pin(motor.a)) || (motor.ohms === LIBRARY_STARTER_OHMS ? 0 : CRANKING_VOLTS / motor.ohms);
  const amps = starterAmps(t.subject.settings, stated);
  if (!(stated > 0)) t.assumed.push({ code: "starter-amps", amps: Math.round(amps) });
  const ohms = CRANKING_VOLTS / amps / coldTorque(settingValue(t.subject.settings, "battery-c"));
  const inner = t.inner("motor");
  const [coilA, coilB] = solenoid === undefined ? [] : [t.subject.node(solenoid.a), t.subject.node(solenoid.b)];
  if (solenoid === undefined || coilA === undefined || coilB === undefined)
    t.pushSwitch(
      "solenoid",
      "starter-solenoid",
      { id: t.id("solenoid"), a: cable, b: inner, ohms: 0.0005 },
      whileCranking,
    );
  else
    t.push(
      "solenoid",
      {
        id: t.id("solenoid"),
        type: "relay",
        coilA,
        coilB,
        coilOhms: solenoid.ohms,
        ...SOLENOID,
        contacts: [{ a: cable, b: inner, when: "energised", ohms: 0.0005 }],
      },
      "starter-solenoid",
    );
  t.push("motor", { id: t.id("motor"), type: "resistor", a: inner, b: case_, ohms }, "starter-motor");
}

/** It gives only while it turns; its lamp terminal rises with it. */
export function alternator(t: Translation): void {
  const output = t.part.elements.find((element) => element.type === "source");
  const regulated = regulatedVolts(
    t.subject.settings,
    output === undefined || !("a" in output) ? undefined : t.subject.pin(output.a),
  );
  const rated = ratedAmps(
    t.subject.settings,
    t.part.terminals.map(({ name }) => t.subject.pin(name)),
  );
  for (const element of t.part.elements) {
    const a = "a" in element ? t.subject.node(element.a) : undefined;
    const b = "b" in element ? t.subject.node(element.b) : undefined;
    if (element.type === "source" && a !== undefined && b !== undefined) {
      turning(
        t,
        element.id,
        a,
        b,
        element.volts === LIBRARY_VOLTS ? regulated : element.volts,
        element.ohms === LIBRARY_OHMS ? alternatorOhms(rated) : element.ohms,
      );
    } else {
      t.copy(element);
      const isLamp =
        "a" in element && (LAMP_TERMINAL.test(element.a) || t.subject.pin(element.a)?.quantity === "charge-warning");
      if (isLamp && a !== undefined && b !== undefined) turning(t, EXCITER, a, b, regulated, EXCITER_OHMS);
    }
  }
}

function turning(t: Translation, elementId: string, a: string, b: string, volts: number, ohms: number): void {
  const inner = t.inner(elementId);
  t.push(elementId, { id: t.id(elementId), type: "source", a: inner, b, volts, ohms });
  t.pushSwitch(elementId, "turning", { id: t.id(`${elementId} turning`), a: inner, b: a, ohms: 0.001 }, whileTurning);
}
