import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { EMPTY_CALIBRATION } from "@/job/security-ops";
import { type CalibrationLine, readCalibration, writeCalibration } from "./calibration-csv";

const line = (more: Partial<CalibrationLine> = {}): CalibrationLine => ({
  ...EMPTY_CALIBRATION,
  id: "a",
  computer: "C1",
  what: "Pulses per km",
  ...more,
});

describe("a calibration list as a file", () => {
  test("what is written comes back the same, whatever stands in it", () =>
    fc.assert(
      fc.property(
        fc.array(fc.record({ note: fc.string({ maxLength: 40 }), was: fc.constantFrom("", "=1+1", "-5", 'a "b", c') })),
        (list) => {
          const lines = list.map(({ note, was }, at) =>
            line({ id: `n${at}`, note: note.trim(), was, doneBy: at % 2 === 0 ? null : "Kim" }),
          );
          const read = readCalibration(writeCalibration(lines));
          expect(read.issues).toEqual([]);
          expect(read.lines).toEqual(lines);
        },
      ),
    ));
  test("columns in another order, with semicolons and other names, are read by their heads", () =>
    expect(readCalibration("What;Computer;Old;New\nIdle speed;C1;700;850\n").lines).toMatchObject([
      { id: null, computer: "C1", what: "Idle speed", was: "700", becomes: "850", doneBy: null },
    ]));
  test.each([
    ["alpha,beta\n1,2\n", "no-table", 1],
    ["computer,what\nC1,\nC2,Idle\n", "no-what", 2],
    ["computer,what\n,Idle\n", "no-computer", 2],
    [`computer,what\nC1,${"x".repeat(201)}\n`, "too-long", 2],
    ['computer,what\nC1,"Idle\n', "unclosed-quote", 2],
  ])("%j is told with its line", (text, code, at) => {
    const { issues } = readCalibration(text);
    expect(issues).toMatchObject([{ code, line: at }]);
  });
  test("a bad line leaves the others", () =>
    expect(readCalibration("computer,what\nC1,\nC2,Idle\n").lines.map(({ computer }) => computer)).toEqual(["C2"]));
});
