import { describe, expect, test } from "vitest";
import { cavities, harness } from "../../../tests/support/harness";
import { CHASSIS, type ElementSpec } from "./elements";
import { guessedElements, usualWatts } from "./index";

/** What a connector is taken for, and what goes on inside, by its table's lines. */
const guessed = (...lines: readonly string[]) => {
  const [part] = harness(lines.map((line) => `host ${line}`).join("\n")).parts;
  if (part === undefined) throw new Error("no part was made of it");
  return part;
};
const inside = (...lines: readonly string[]) =>
  guessed(...lines).elements.map((element) =>
    "a" in element ? `${element.type} ${element.a} ${element.b}` : element.type,
  );
const ohms = (elements: readonly ElementSpec[]) =>
  elements.map((element) => (element.type === "resistor" ? Number(element.ohms.toFixed(2)) : element.type));

describe("what a connector sits on", () => {
  test.each([
    ["Battery", "battery"],
    ["Main_fusebox", "fuse-box"],
    ["Fan_relay", "relay"],
    ["KEY", "key-switch"],
    ["Alternator", "alternator"],
    ["Starter", "starter"],
    ["Brake_light_switch", "switch"],
    ["Coolant_sensor", "sensor"],
    ["Headlamp_left", "lamp"],
    ["Fuel_pump", "motor"],
    ["Horn", "horn"],
    ["Injector_1", "solenoid"],
    ["Engine_computer", "computer"],
    ["Flasher_unit", "flasher"],
    ["Rear_heater", "heater"],
    ["Second_battery", "battery"],
    ["Battery_left", "battery"],
    ["Battery_positive_post", "battery"],
    // What is called after the battery that it belongs to gives nothing of its own.
    ["Battery_fuse_box", "fuse-box"],
    ["Battery_isolator_switch", "switch"],
    ["Battery_sensor", "sensor"],
    ["Battery_relay", "relay"],
    ["Battery_box", "assembly"],
    ["Fuse_block", "fuse-box"],
    ["Valve_computer", "computer"],
    ["Fuel_pump_control_unit", "computer"],
    ["Fuel_pump_module", "motor"],
    ["Airbag_module", "computer"],
    ["Ign_sw", "key-switch"],
    ["Ign._Switch", "key-switch"],
    ["Ignition_barrel", "key-switch"],
    ["Ignition_coil", "solenoid"],
    ["Dynamo", "alternator"],
    ["Generator_(large)", "alternator"],
    ["Regulator", "assembly"],
    ["Voltage_regulator", "assembly"],
    ["Control_box", "assembly"],
    ["Window_regulator_motor", "motor"],
    ["Ammeter", "gauge"],
    ["Horn_button", "switch"],
    ["Horn_push", "switch"],
    ["Bulkhead", "plug"],
    ["In-line_left", "plug"],
    ["Starter_solenoid", "starter"],
  ])("%s is a %s", (label, type) => expect(guessed(`${label}-1 1 load-in other amps=1`).type).toBe(type));
  test("a name of earths whose cavities do other work is a plug", () =>
    expect(guessed("Earth_lead-1 1 supply-in battery-supply alive=permanent").type).toBe("plug"));
  test("grounds alone are a stud, four feeds a fuse box, many cavities a computer", () => {
    expect(guessed("P-1 1 ground ground").type).toBe("ground-stud");
    expect(
      guessed("P-1 1 supply-out other", "P-2 2 supply-out other", "P-3 3 supply-out other", "P-4 4 supply-out other")
        .type,
    ).toBe("fuse-box");
    expect(guessed(...Array.from({ length: 16 }, (_, at) => `P-${at + 1} ${at + 1} logic-in other`)).type).toBe(
      "computer",
    );
  });
});

describe("what goes on inside", () => {
  test("a starter's solenoid is told by what it carries, whatever its cavity is called; the cable's cavity is the motor", () => {
    expect(
      ohms(guessed("Starter-30 1 supply-in start-supply", "Starter-1 2 load-in starter-request").elements),
    ).toEqual([0.06, 1.2]);
    expect(ohms(guessed("Starter-30 1 supply-in start-supply", "Starter-50 2 unknown -").elements)).toEqual([
      0.06, 1.2,
    ]);
  });
  test("an alternator gives at its output; its other cavities are coils to its case", () =>
    expect(inside("Alternator-B+ 1 supply-out battery-supply", "Alternator-D+ 2 low-side-out charge-warning")).toEqual([
      `source B+ ${CHASSIS}`,
      `resistor D+ ${CHASSIS}`,
    ]));
  test("a dynamo gives at D; both posts of an ammeter are one, and no other gauge's", () => {
    expect(inside("Dynamo-D 1 supply-out battery-supply", "Dynamo-F 2 load-in other")).toEqual([
      `source D ${CHASSIS}`,
      `resistor F ${CHASSIS}`,
    ]);
    expect(inside("Generator-B+ 1 supply-out battery-supply", "Generator-D+ 2 low-side-out charge-warning")).toEqual([
      `source B+ ${CHASSIS}`,
      `resistor D+ ${CHASSIS}`,
    ]);
    const posts = ["1 1 supply-in battery-supply", "2 2 supply-out battery-supply"];
    expect(inside(...posts.map((post) => `Ammeter-${post}`))).toEqual([expect.stringMatching(/ 1 2$/)]);
    const { pins } = cavities(posts.map((post) => `host Fuel_gauge-${post}`).join("\n"));
    expect(guessedElements("gauge", pins, "Fuel gauge")).toEqual([]);
    expect(guessedElements("gauge", pins, "Amp meter")).toHaveLength(1);
  });
  test("a regulator and rectifier gives what an alternator gives, back to its own ground; the stator's phases end in it", () => {
    const fed = "Regulator_rectifier-";
    const rows = [`${fed}1 1 load-in other`, `${fed}2 2 load-in other`, `${fed}3 3 supply-out battery-supply`];
    expect(inside(...rows)).toEqual([`source 3 ${CHASSIS}`]);
    expect(inside(...rows, `${fed}4 4 ground ground`)).toEqual(["source 3 4"]);
    expect(inside("Stator-1 1 supply-out other")).toEqual([]);
  });
  test("a bulkhead's half of many cavities is no computer: nothing goes on inside until its other half is told", () =>
    expect(
      guessed(...Array.from({ length: 20 }, (_, at) => `Bulkhead-${at + 1} ${at + 1} supply-in ignition-supply`)),
    ).toMatchObject({ type: "plug", elements: [] }));
  test("a battery lies between its poles", () =>
    expect(inside("Battery-+ 1 supply-out battery-supply", "Battery-- 2 ground ground")).toEqual(["source + -"]));
  test("each way of a key is closed where its table says that it lives", () => {
    const key = guessed(
      "KEY-30 1 supply-in battery-supply",
      "KEY-15 2 supply-out ignition-supply alive=run-crank",
      "KEY-50 3 supply-out start-supply alive=crank",
    );
    expect(key.elements.map((element) => (element.type === "switch" ? element.closedIn : []))).toEqual([
      ["run", "crank", "running"],
      ["crank"],
    ]);
  });
  test("a way of a fuse box connected on the feed that lives as long as it does, and has its own rating", () => {
    const box = guessed(
      "FB-in 1 supply-in battery-supply alive=permanent",
      "FB-ig 2 supply-in ignition-supply alive=run",
      "FB-1 3 supply-out other alive=permanent maxAmps=20",
      "FB-2 4 supply-out other alive=run",
      "FB-3 5 supply-out other alive=crank",
    );
    expect(
      box.elements.map((element) => (element.type === "fuse" ? [element.a, element.b, element.amps] : [])),
    ).toEqual([
      ["in", "1", 20],
      ["ig", "2", 10],
    ]);
  });
  test("a computer's drivers that sink lead to ground, those that source to its feed, its grounds are one", () => {
    expect(
      inside(
        "ECU-1 1 supply-in ignition-supply amps=4",
        "ECU-2 2 ground ground role=power",
        "ECU-3 3 ground ground",
        "ECU-4 4 low-side-out fuel-pump",
        "ECU-5 5 high-side-out cooling-fan",
        "ECU-6 6 logic-in brake-switch",
        "ECU-7 7 spare -",
      ).toSorted(),
    ).toEqual(["power 1 2", "resistor 3 2", "resistor 6 2", "switch 1 5", "switch 4 2"]);
  });
  test("contacts that close to ground close to the switch's ground one by one, and join none of each other's circuits", () => {
    const contacts = [
      "Range_switch-1 1 switch-out gear-range to=ground",
      "Range_switch-2 2 switch-out park-neutral to=ground",
    ];
    expect(inside(...contacts, "Range_switch-3 3 ground ground")).toEqual(["switch 1 3", "switch 2 3"]);
    expect(inside(...contacts)).toEqual([`switch 1 ${CHASSIS}`, `switch 2 ${CHASSIS}`]);
    // One that is said to close to the battery is fed by the other.
    expect(inside(contacts[0] as string, "Range_switch-2 2 switch-out reverse-lamp to=battery")).toEqual([
      "switch 1 2",
    ]);
  });
  test("a relay by its terminals; with no coil it is a switch", () => {
    expect(
      guessed("Relay-30 1", "Relay-87 2", "Relay-85 3", "Relay-86 4").elements.map((element) => element.type),
    ).toEqual(["relay"]);
    expect(
      guessed("Relay-1 1 supply-in other", "Relay-2 2 supply-out other").elements.map((element) => element.type),
    ).toEqual(["switch"]);
  });
});

describe("what a load takes of which no table says it, W", () => {
  test.each([
    ["lamp", "Main beam", "Headlamp left", 55],
    ["lamp", "Direction indicator", "Tail lamp left", 21],
    ["lamp", "Tail lamp", "Tail lamp left", 5],
    ["lamp", null, "Number plate lamp", 5],
    ["lamp", "Feed", "Reversing lamp", 21],
    ["lamp", "Warning lamp", "Panel", 3],
    ["lamp", null, "Lamp 7", 10],
    ["motor", "Feed", "Fuel pump", 90],
    ["motor", null, "Cooling fan", 150],
    ["motor", null, "Winch", 60],
    ["heater", "Rear screen", "Heater", 150],
    ["horn", null, "Horn", 60],
    ["solenoid", null, "Valve", 12],
  ])("a %s with “%s” on %s: %s", (type, description, label, watts) =>
    expect(usualWatts(type, { description }, label)).toBe(watts),
  );
  test("another part has none, and that is an error", () =>
    expect(() => usualWatts("computer", { description: null }, "C1")).toThrow(RangeError));
  test("what a table states comes before it: amperes at 13.5 V, or the ohms of a coil", () => {
    const lamp = guessed("Headlamp-1 1 load-in lighting amps=2", "Headlamp-2 2 ground ground").elements[0];
    expect(lamp?.type === "lamp" && lamp.ratedWatts).toBe(27);
    expect(ohms(guessed("Valve-1 1 load-in other ohms=22", "Valve-2 2 ground ground").elements)).toEqual([22]);
    expect(ohms(guessed("Valve-1 1 load-in other", "Valve-2 2 ground ground").elements)).toEqual([15.19]);
  });
});
