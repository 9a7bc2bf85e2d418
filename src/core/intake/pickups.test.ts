import { expect, test } from "vitest";
import type { Kind } from "../forms";
import { classifyPins } from "./classify";
import { pickupsByPlug } from "./pickups";
import type { PinReading } from "./pin-reading";

/** The kinds of one plug's rows, each written as `cavity: description`. */
const plug = (connector: string, ...rows: readonly string[]) =>
  classifyPins(
    rows.map((row) => {
      const [cavity = "", description = ""] = row.split(": ");
      return { connector, cavity, description };
    }),
    "donor",
  ).map(({ kind }) => kind.value);

test.each([
  [
    ["A: Feed 12V", "B: Signal", "C: Ground"],
    ["supply-in", "hall-out", "ground"],
  ],
  [
    ["1: 5V", "2: CKP sig", "3: rtn"],
    ["reference-in", "hall-out", "ground"],
  ],
  // Three wires without a feed: the third is its screen.
  [
    ["1: CKP sig", "2: CKP return", "3: Screen"],
    ["reluctor-out", "ground", "shield"],
  ],
  [
    ["1: Signal", "2: Return"],
    ["reluctor-out", "ground"],
  ],
])("a crank pickup of %j is told by a feed beside it", (rows, kinds) =>
  expect(plug("Crank sensor", ...rows)).toEqual(kinds),
);

test("a cam pickup of two wires and no feed is a coil; a third that nobody can read leaves it as it is usual", () => {
  expect(plug("Cam sensor", "1: cam signal", "2: cam signal return")[0]).toBe("reluctor-out");
  expect(plug("Cam sensor", "1: cam signal", "2: cam signal return", "3: not connected")[0]).toBe("reluctor-out");
  expect(plug("Cam sensor", "1: cam signal", "2: cam signal return", "3: Screen")[0]).toBe("reluctor-out");
  expect(plug("Cam sensor", "1: cam signal", "2: zzyx")[0]).toBe("hall-out");
  expect(plug("Cam sensor", "1: cam signal")[0]).toBe("hall-out");
  expect(plug("Cam sensor", "1: 12 V feed", "2: cam signal", "3: ground")[1]).toBe("hall-out");
});

test("what its own words or its plug's name say stays", () => {
  expect(plug("Crank sensor", "1: 12 V feed", "2: VR pickup signal", "3: ground")[1]).toBe("reluctor-out");
  expect(plug("Hall cam sensor", "1: signal", "2: return")[0]).toBe("hall-out");
});

test("a plug tells nothing of another one", () => {
  const readings = classifyPins(
    [
      { connector: "Cam sensor", cavity: "1", description: "12 V feed" },
      { connector: "Crank sensor", cavity: "1", description: "CKP signal" },
      { connector: "Crank sensor", cavity: "2", description: "CKP return" },
    ],
    "donor",
  );
  expect(readings[1]?.kind.value).toBe("reluctor-out");
});

test("only a return that is known makes a coil of a pickup of two wires", () => {
  const reading = (value: Kind, confidence: number, quantity: "camshaft-position" | "sensor-ground"): PinReading => ({
    kind: { value, confidence, why: { code: "given" } },
    quantity: { value: quantity, confidence, why: { code: "given" } },
    index: null,
  });
  const signal = reading("hall-out", 0.95, "camshaft-position");
  const beside = (other: PinReading) =>
    pickupsByPlug(
      [signal, other].map((one) => ({ pin: { connector: "Cam" }, isSaid: false, reading: one })),
      0.5,
    )[0]?.kind.value;
  expect(beside(reading("ground", 0.9, "sensor-ground"))).toBe("reluctor-out");
  expect(beside(reading("ground", 0.4, "sensor-ground"))).toBe("hall-out");
  expect(beside(reading("logic-in", 0.9, "sensor-ground"))).toBe("hall-out");
});
