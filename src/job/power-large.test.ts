import { describe, expect, test } from "vitest";
import {
  buildModel,
  editFacts,
  factsOf,
  type KeyRow,
  keyTable,
  PowerAnalysis,
  type PowerEdit,
  reportPower,
  solvePower,
} from "@/core/power";
import { cavityLabel } from "@/core/words";
import { ridgewayDocument } from "@/demo/ridgeway";
import { powerInputOf } from "./power-facts";

/**
 * What is tried on the large sample takes all it can from the plan as it is; here everything is made and solved again
 * from the tables.
 */
const input = powerInputOf(ridgewayDocument());
const desk = new PowerAnalysis();
const report = desk.load(input);
const anew = (edits: readonly PowerEdit[]) => solvePower(buildModel(edits.reduce(editFacts, factsOf(input))));

const pins = report.rows.map((row) => row.pin);
const host = pins.filter((pin) => pin.form.kind === "supply-out");
const consumers = input.links
  .filter((link) => report.rows.some((row) => row.pin.id === link.consumerId))
  .map((link) => link.consumerId);
const fuse = report.fuses.flatMap(({ origin, peakAmps }) =>
  origin.type === "part" && peakAmps > 1 ? [origin] : [],
)[0];
const wires = factsOf(input).harness.wires.filter((wire) => wire.sizeMm2 !== null);
const at = <T>(list: readonly T[], place: number): T => list[Math.floor(place * (list.length - 1))] as T;

const EDITS: readonly (readonly [string, readonly PowerEdit[]])[] = [
  ["a thicker wire", [{ type: "wire", wireId: at(wires, 0.3).id, sizeMm2: 10 }]],
  ["a wire whose length nobody knew", [{ type: "wire", wireId: at(wires, 0.8).id, lengthM: 7 }]],
  ["a colder battery", [{ type: "setting", key: "battery-c", value: -18 }]],
  ["poor joints", [{ type: "setting", key: "joint-ohms", value: 20 }]],
  [
    "a weak, flat battery",
    [
      { type: "setting", key: "battery-cca", value: 150 },
      { type: "setting", key: "battery-charge", value: 20 },
    ],
  ],
  ["another fuse", [{ type: "fuse", partId: fuse?.partId ?? "", elementId: fuse?.elementId ?? "", amps: 3 }]],
  ["another feed", [{ type: "relink", consumerId: at(consumers, 0.5), providerId: at(host, 0.4).id }]],
  [
    "a relay",
    [{ type: "relay", consumerId: at(consumers, 0.2), providerId: at(host, 0.1).id, contactFeedId: "nowhere" }],
  ],
  ["a diode", [{ type: "diode", linkId: at(input.links, 0.6).id }]],
  ["a fuse in a link", [{ type: "branch-fuse", linkId: at(input.links, 0.3).id, amps: 5 }]],
  ["a new wire", [{ type: "strap", fromPinId: at(pins, 0.1).id, toPinId: at(pins, 0.7).id, sizeMm2: 4, lengthM: 1 }]],
  ["a wire taken out", [{ type: "unwire", wireId: at(wires, 0.5).id }]],
  ["a heavy load", [{ type: "load", pinId: at(host, 0.3).id, watts: 900, name: "Winch", sizeMm2: 6, lengthM: 4 }]],
  [
    "three things at once",
    [
      { type: "wire", wireId: at(wires, 0.1).id, sizeMm2: 0.5 },
      { type: "strap", fromPinId: at(pins, 0.2).id, toPinId: at(pins, 0.9).id, sizeMm2: 1, lengthM: 3 },
      { type: "setting", key: "battery-c", value: 0 },
    ],
  ],
];

function expectSame(ours: readonly KeyRow[], theirs: readonly KeyRow[]): void {
  expect(ours.map((row) => row.pin.id)).toEqual(theirs.map((row) => row.pin.id));
  ours.forEach((row, nth) =>
    row.cells.forEach((cell, state) => {
      const other = theirs[nth]?.cells[state];
      expect([cell.verdict, cell.idle], `${cavityLabel(row.at)} ${cell.state}`).toEqual([other?.verdict, other?.idle]);
      if (cell.volts === null || other?.volts == null) expect(cell.volts).toBe(other?.volts);
      else
        expect(
          Math.abs(cell.volts - other.volts),
          `${cavityLabel(row.at)} ${cell.state}: ${cell.volts} for ${other.volts}`,
        ).toBeLessThan(2e-6 * Math.max(1, Math.abs(other.volts)));
    }),
  );
}

describe("what is tried on the large sample is what solving it from its tables gives", () => {
  test.each(EDITS)(
    "%s",
    (_, edits) => {
      const rows = desk.tryRows(edits);
      const effect = desk.tryEdits(edits);
      const solution = anew(edits);
      expect(effect.fault).toBeNull();
      expectSame(rows ?? [], keyTable(solution));
      expect(effect.report?.findings.map((one) => one.key)).toEqual(
        reportPower(solution).findings.map((one) => one.key),
      );
      expect(effect.report?.assumptions).toEqual(solution.model.assumptions);
    },
    30_000,
  );
  test("and after all of it the plan as it is stands where it stood", () => {
    const again = desk.load(input);
    expectSame(again.rows, report.rows);
    expect(again.findings).toEqual(report.findings);
  });
});
