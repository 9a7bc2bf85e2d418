import { readFileSync } from "node:fs";
import { describe, expect, test } from "vitest";
import { heronTables } from "@/demo/heron";
import { type HeldOut, ROUNDS } from "../../../tests/support/held-out-rows";
import { CASES, type Case } from "../../../tests/support/intake-rows";
import {
  AT_A_COMPUTER,
  AT_PARTS,
  IN_A_BODY,
  type ListedRow,
  listedRows,
  NOTHING_SAID,
  OTHER_COMPUTERS,
} from "../../../tests/support/listed-rows";
import { TABLES } from "../../../tests/support/pin-tables";
import { plainBest, plainPhrases } from "../../../tests/support/plain-reading";

import { intakeReasonText } from "../words";
import { applyPhrases, readConcepts } from "./concepts";
import { classifyPins, KNOWN_FROM } from "./index";
import type { PinReading } from "./pin-reading";
import { rankQuantity } from "./quantity-rank";

interface Expected {
  readonly connector: string;
  readonly cavity: string;
  readonly description: string;
  readonly kinds?: readonly string[];
  readonly quantities?: readonly (string | null)[];
  readonly unknown?: boolean;
}

const reference = (name: string) =>
  JSON.parse(readFileSync(`tests/reference/intake/${name}.expected.json`, "utf8")) as {
    side: "donor" | "host";
    rows: Expected[];
  };

function rightReading(row: Expected, reading: PinReading): boolean {
  if (row.unknown) return reading.kind.value === "unknown" || reading.kind.confidence < KNOWN_FROM;
  const kind = row.kinds?.includes(reading.kind.value) === true && reading.kind.confidence >= KNOWN_FROM;
  return (
    kind &&
    (row.quantities?.includes(reading.quantity.value) === true ||
      (row.quantities?.includes("") === true && reading.quantity.value === null))
  );
}

describe("reference tables", () => {
  test.each(["engine-computer", "dash-and-body"])("%s: every row is read right, with a reason", (name) => {
    const { side, rows } = reference(name);
    const readings = classifyPins(rows, side);
    const wrong = rows
      .filter((row, at) => !rightReading(row, readings[at] as PinReading))
      .map((row) => row.description);
    expect(wrong).toEqual([]);
    for (const { kind, quantity } of readings)
      for (const why of [kind.why, quantity.why]) expect(intakeReasonText(why).length).toBeGreaterThan(5);
  });
});

describe("tables of several hands", () => {
  const read = (["donor", "host"] as const).flatMap((side) => {
    const cases = CASES.filter((one) => one.side === side);
    return classifyPins(cases, side).map((reading, at) => ({ row: cases[at] as Case, reading }));
  });

  test("at least 97 % of the rows are right in kind and quantity", () => {
    const wrong = read.filter(({ row, reading }) => !rightReading(row, reading));
    expect(
      wrong.length / read.length,
      wrong.map(({ row, reading }) => `${row.description} → ${reading.kind.value}`).join("\n"),
    ).toBeLessThanOrEqual(0.03);
  });

  test("of the guesses at 0.9 and more, at least 95 % are right", () => {
    const sure = read.filter(({ reading }) => reading.kind.confidence >= 0.9);
    expect(sure.length).toBeGreaterThan(100);
    expect(
      sure.filter(({ row, reading }) => !row.kinds.includes(reading.kind.value)).length / sure.length,
    ).toBeLessThanOrEqual(0.05);
  });
});

describe("tables of strange hands", () => {
  test.each(ROUNDS.map((round, at) => [at + 1, round] as const))("round %d", (_round, { rows, mostWrong }) => {
    const read = (["donor", "host"] as const).flatMap((side) => {
      const cases = rows.filter((one) => one.side === side);
      return classifyPins(cases, side).map((reading, at) => ({ row: cases[at] as HeldOut, reading }));
    });
    const known = ({ kind }: PinReading) => kind.confidence >= KNOWN_FROM && kind.value !== "unknown";
    const isKind = ({ row, reading }: (typeof read)[number]) =>
      row.unknown ? !known(reading) : known(reading) && row.kinds.includes(reading.kind.value);
    const isQuantity = ({ row, reading: { quantity } }: (typeof read)[number]) =>
      row.unknown || row.quantities.includes(quantity.confidence >= KNOWN_FROM ? (quantity.value ?? "") : "");
    const told = (wrong: typeof read) =>
      wrong
        .map(({ row, reading }) => `${row.connector} ${row.cavity} ${row.description} → ${reading.kind.value}`)
        .join("\n");
    const wrong = read.filter((one) => !isKind(one));
    expect(wrong.length / read.length, told(wrong)).toBeLessThanOrEqual(mostWrong);
    const misnamed = read.filter((one) => !isQuantity(one));
    expect(misnamed.length / read.length, told(misnamed)).toBeLessThanOrEqual(mostWrong);
    const sure = read.filter(({ reading }) => reading.kind.confidence >= 0.9);
    expect(sure.length).toBeGreaterThan(30);
    expect(told(sure.filter((one) => !isKind(one)))).toBe("");
  });
});

describe("the fast way and the obvious way meet", () => {
  const texts = CASES.flatMap((one) => [one.description, one.connector, `${one.description} ${one.connector}`]);
  test("phrases, in groups behind a gate or all of them", () => {
    for (const text of texts) expect(applyPhrases(text)).toBe(plainPhrases(text));
  });
  test("rules, by index or all of them", () => {
    for (const text of texts) {
      const { concepts } = readConcepts(text);
      // Returns and references have a list of their own; the others are compared here.
      if (
        ["ground", "sensorground", "battneg", "return", "fivevolt", "reference"].some((concept) =>
          concepts.has(concept),
        )
      )
        continue;
      expect(plainBest(concepts).map((rule) => rule.quantity)).toEqual(
        expect.arrayContaining([rankQuantity(concepts)?.quantity].filter((one) => one !== undefined)),
      );
      expect(plainBest(concepts).length === 0).toBe(rankQuantity(concepts) === null);
    }
  });
});

describe("the trade's names of a cavity, listed by what it is and where", () => {
  /** Rows whose kind or quantity is not among those that are right, and those wrong in kind at 0.9 and more. */
  const wrongOf = (text: string) => {
    const rows = listedRows(text);
    const read = (["donor", "host"] as const).flatMap((side) => {
      const own = rows.filter((row) => row.side === side);
      return classifyPins(own, side).map((reading, at) => ({ row: own[at] as ListedRow, reading }));
    });
    const isKnown = ({ kind }: PinReading) => kind.value !== "unknown" && kind.confidence >= KNOWN_FROM;
    const isQuantityFree = ({ kinds }: ListedRow) => kinds.includes("spare") || kinds.includes("shield");
    const wrong = read.filter(({ row, reading }) =>
      row.kinds.includes("unknown")
        ? isKnown(reading)
        : !isKnown(reading) ||
          !row.kinds.includes(reading.kind.value) ||
          (!isQuantityFree(row) &&
            !row.quantities.includes(reading.quantity.confidence >= KNOWN_FROM ? (reading.quantity.value ?? "") : "")),
    );
    const sure = read.filter(({ reading }) => reading.kind.confidence >= 0.9);
    return {
      share: wrong.length / rows.length,
      surely: sure.filter(({ row, reading }) => !row.kinds.includes(reading.kind.value)).length / sure.length,
      told: wrong.map(({ row, reading }) => `${row.connector}: ${row.description} → ${reading.kind.value}`).join("\n"),
    };
  };
  test("a word that could be anything is asked about, however many words are known", () =>
    expect(wrongOf(NOTHING_SAID).told).toBe(""));
  test.each<readonly [name: string, rows: string, mostWrong: number]>([
    ["at an engine computer", AT_A_COMPUTER, 0.04],
    ["in a body", IN_A_BODY, 0.04],
    ["at single parts", AT_PARTS, 0.06],
    ["at other computers", OTHER_COMPUTERS, 0.07],
    ...TABLES.map(([name, rows, , since]) => [name, rows, 1 - since / 100] as const),
  ])("%s", (_name, rows, mostWrong) => {
    const { share, surely, told } = wrongOf(rows);
    expect(share, told).toBeLessThanOrEqual(mostWrong);
    expect(surely, told).toBeLessThanOrEqual(0.02);
  });
});

describe("what a reading leans on", () => {
  const one = (connector: string, description: string | null, side: "donor" | "host" = "host", cavity = "1") =>
    classifyPins([{ connector, cavity, description }], side)[0] as PinReading;

  test("the same signal is an input at the computer and an output at its sensor", () => {
    expect(one("ECU", "coolant temperature", "donor").kind.value).toBe("resistive-in");
    expect(one("Coolant sensor", "coolant temperature", "donor").kind.value).toBe("resistive-out");
  });
  test("at an in-line plug, what leaves the table's own side is an output", () => {
    expect(one("Bulkhead plug", "fuel level sender", "host").kind.value).toBe("resistive-out");
    expect(one("Bulkhead plug", "coolant temperature sender", "host").kind.value).toBe("resistive-in");
    expect(one("Bulkhead plug", "coolant temperature sender", "donor").kind.value).toBe("resistive-out");
  });
  test("a moulded terminal number speaks where the description is silent", () => {
    expect(one("Horn relay", null, "host", "87").kind.value).toBe("supply-out");
    expect(one("Horn relay", "", "host", "85").kind.value).toBe("load-in");
  });
  test("an unnamed plug that reads and drives many things is a computer's", () => {
    const rows = [
      "Coolant temperature",
      "Injector 1",
      "Fuel pump relay",
      "Brake switch",
      "Knock sensor",
      "Throttle position",
    ].map((description, at) => ({ connector: "C1", cavity: String(at), description }));
    expect(classifyPins(rows, "donor").map((reading) => reading.kind.value)).toEqual([
      "resistive-in",
      "injector-out",
      "low-side-out",
      "logic-in",
      "knock-in",
      "analogue-in",
    ]);
  });
  test("nonsense stays unknown, whatever its length", () => {
    for (const text of ["", "zzz qqq", "x".repeat(10_000), "<b>42</b>", "?", "𝕏𝕐", "constructor __proto__"])
      expect(one("C9", text).kind.confidence).toBeLessThan(KNOWN_FROM);
  });
  test("a number in the words is an index only where a vehicle has several of the thing", () => {
    expect(one("ECU", "Injector 3", "donor").index).toBe("3");
    expect(one("ECU", "O2 B2S1 SIG", "donor").index).toBe("bank2-1");
    expect(one("ECU", "CAN high", "donor").index).toBe("high");
    expect(one("ECU", "KEY ON FEED 10A", "donor").index).toBeNull();
    expect(one("ECU", "Engine speed output, 2 per rev", "donor").index).toBeNull();
  });
  test("a ground by where it is stays one, and a sign behind a letter is one of a pair", () => {
    for (const text of ["Ground in engine bay", "GND, in dash", "B-", "B - (stud)"])
      expect(one("ECM", text, "donor").kind.value, text).toBe("ground");
    for (const text of ["Stepper phase B-", "CKP B-", "Knock B -"])
      expect(one("ECM", text, "donor").quantity.value, text).not.toBe("ground");
    expect(one("ECM", "P/N switch, ground in park", "donor").kind.value).toBe("logic-in");
  });
  test("what says that it is a sensor's earth stays its ground, whose pickup it may be", () => {
    for (const name of ["Knock sensor", "Crank sensor", "Coolant sensor"])
      expect(one(name, "Sensor earth", "donor").quantity.value, name).toBe("sensor-ground");
  });
  test("volts are a feed or a ground where one is named or nothing else is, and else what a meter shows", () => {
    const told = (text: string) => {
      const { kind, quantity } = one("ECM", text, "donor");
      return `${kind.value} ${quantity.value}`;
    };
    expect(told("MIL 0V")).toBe("low-side-out malfunction-lamp");
    expect(told("TPS 0V")).toBe("ground sensor-ground");
    expect(told("Brake 12V on")).toBe("logic-in brake-switch");
    expect(told("12V, ignition on")).toBe("supply-in ignition-supply");
    expect(told("Injector supply 12V")).toBe("supply-in ignition-supply");
    expect(told("Coil 3 5V trigger")).toBe("coil-out ignition-coil");
    expect(told("MAP 5V")).toBe("reference-out sensor-supply");
  });
  test("a computer's ground is one, what it grounds is worked by it, and unfused is not unused", () => {
    for (const text of ["ECM ground", "ECU earth", "PCM GND"])
      expect(one("ECM", text, "donor").kind.value, text).toBe("ground");
    expect(one("ECM", "ECM grounds this for the fuel pump", "donor").quantity.value).toBe("fuel-pump");
    expect(one("Body loom plug", "Unfused battery supply").quantity.value).toBe("battery-supply");
  });
  test("a bus stays one at whichever part, airbags' among them", () => {
    for (const name of ["Heater control", "Radio", "Airbag module", "Anti-lock pump"])
      expect(one(name, "Body bus high").quantity.value, name).toBe("body-data");
  });
  test("a radio is told to be silent, and raises its aerial", () => {
    expect(one("Radio", "Telephone mute").kind.value).toBe("logic-in");
    expect(one("Radio", "Aerial feed out").kind.value).toBe("supply-out");
  });
  test("a crank signal is asked about, unless a pickup or the key is named", () => {
    expect(one("ECM", "Crank signal", "donor").kind.confidence).toBeLessThan(KNOWN_FROM);
    expect(one("ECM", "Crank signal, reluctor", "donor").quantity.value).toBe("crankshaft-position");
    expect(one("ECM", "Crank signal from key", "donor").quantity.value).toBe("starter-request");
  });
  test("a body's computer asks for the air conditioning, and is asked where the row says so", () => {
    expect(one("Body computer", "Air conditioning request").kind.value).toBe("low-side-out");
    expect(one("Body computer", "Air conditioning request from panel").kind.value).toBe("logic-in");
  });
  test("an earth that a coil's end or a button may be led to is no sure ground", () => {
    expect(one("Horn relay", "85 earth").kind.confidence).toBeLessThan(0.9);
    expect(one("Body loom plug", "Horn button earth").kind.confidence).toBeLessThan(0.9);
  });
  test("a spare way is a way; a cavity that is not used is spare", () => {
    expect(one("Fuse box", "F2 permanent live, spare way").kind.value).toBe("supply-out");
    expect(one("ECU", "not used (A/C clutch)").kind.value).toBe("spare");
  });
});

test("a connector is read alike alone and within its side's table: editing one cell need not read all of them", () => {
  const document = heronTables();
  for (const side of ["donor", "host"] as const) {
    const labels = new Map(document.connectors.filter((one) => one.side === side).map((one) => [one.id, one.label]));
    const rows = document.pins
      .filter((pin) => labels.has(pin.connectorId))
      .map(({ connectorId, cavity, description }) => ({
        connector: labels.get(connectorId) ?? "",
        cavity,
        description,
      }));
    const whole = classifyPins(rows, side);
    for (const label of labels.values()) {
      const own = rows.filter((row) => row.connector === label);
      expect(classifyPins(own, side)).toEqual(whole.filter((_, at) => rows[at]?.connector === label));
    }
  }
});

describe("a motor's phases", () => {
  const read = (description: string) => classifyPins([{ connector: "ECM", cavity: "1", description }], "donor")[0];
  test.each([
    ["idle stepper phase A", "1"],
    ["idle motor ph 2", "2"],
    ["IAC stepper winding C", "3"],
    ["Idle stepper coil 4", "4"],
  ])("%s is numbered %s", (description, index) =>
    expect(read(description)).toMatchObject({ quantity: { value: "idle-control" }, index }),
  );
  test("a stepper of which nobody says what it moves is no ignition coil, and no sure guess", () => {
    const found = read("stepper coil B");
    expect(found).toMatchObject({ quantity: { value: "idle-control" }, index: "2" });
    expect(found?.kind.confidence).toBeLessThan(0.9);
    for (const other of ["gauge stepper A", "stepper, boost flap", "headlamp levelling stepper A"])
      expect(read(other)?.quantity.value, other).not.toBe("idle-control");
  });
});
