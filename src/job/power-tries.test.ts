import fc from "fast-check";
import { expect, test } from "vitest";
import { deriveLines } from "@/core/plan";
import {
  buildModel,
  editFacts,
  factsOf,
  keyTable,
  PowerAnalysis,
  type PowerEdit,
  reportPower,
  SETTING_KEYS,
  SETTINGS,
  solvePower,
} from "@/core/power";
import { cavityLabel, findingTitle, findingWhy } from "@/core/words";
import { heronDocument } from "@/demo/heron";
import { decisionsOf } from "./links";
import { powerInput, powerInputOf } from "./power-facts";
import { editsOps } from "./power-ops";
import type { JobDocument } from "./schema";
import { signalPinsIn } from "./signal-pins";
import { carryOut } from "./table-wires";

const heron = heronDocument();
const input = powerInputOf(heron);
const facts = factsOf(input);
const desk = new PowerAnalysis();
const report = desk.load(input);
const pins = report.rows.map((row) => row.pin.id);
const feeds = report.rows.filter((row) => row.role === "feed").map((row) => row.pin.id);
const consumers = report.rows.filter((row) => row.role === "consumer").map((row) => row.pin.id);
const wires = facts.harness.wires.map((wire) => wire.id);
const fuses = report.fuses.flatMap(({ origin }) => (origin.type === "part" ? [origin] : []));
const links = input.links.map((link) => link.id);

const size = fc.constantFrom(0.35, 0.5, 1, 2.5, 6, 16);
const length = fc.double({ min: 0.1, max: 8, noNaN: true });
const one = <T>(list: readonly T[]) => fc.constantFrom(...list);
const edit: fc.Arbitrary<PowerEdit> = fc.oneof(
  fc.record({ type: fc.constant("wire" as const), wireId: one(wires), sizeMm2: size, lengthM: length }),
  fc.record({
    type: fc.constant("wires" as const),
    wireIds: fc.uniqueArray(one(wires), { minLength: 1, maxLength: 4 }),
    sizeMm2: size,
  }),
  fc.record({ type: fc.constant("relink" as const), consumerId: one(consumers), providerId: one(feeds) }),
  fc.record({
    type: fc.constant("relay" as const),
    consumerId: one(consumers),
    providerId: one(feeds),
    contactFeedId: fc.constantFrom(...feeds.slice(0, 4), "nowhere"),
  }),
  fc.record({ type: fc.constant("diode" as const), linkId: one(links) }),
  fc.record({ type: fc.constant("branch-fuse" as const), linkId: one(links), amps: fc.constantFrom(1, 5, 20) }),
  fc
    .record({
      type: fc.constant("strap" as const),
      fromPinId: one(pins),
      toPinId: one(pins),
      sizeMm2: size,
      lengthM: length,
    })
    .filter((made) => made.fromPinId !== made.toPinId),
  fc.record({ type: fc.constant("unwire" as const), wireId: one(wires) }),
  one(input.links).map(({ consumerId, providerId }): PowerEdit => ({ type: "unlink", consumerId, providerId })),
  fc.record({
    type: fc.constant("load" as const),
    pinId: one(pins),
    watts: fc.integer({ min: 1, max: 1500 }),
    name: fc.constant("Heater"),
    sizeMm2: size,
    lengthM: length,
  }),
  fc.record({
    type: fc.constant("fuse" as const),
    partId: one(fuses.map((row) => row.partId)),
    elementId: one(fuses.map((row) => row.elementId)),
    amps: fc.constantFrom(1, 10, 60),
  }),
  one(SETTING_KEYS).chain((key) =>
    fc
      .double({ min: SETTINGS[key].low, max: SETTINGS[key].high, noNaN: true })
      .map((value): PowerEdit => ({ type: "setting", key, value })),
  ),
);

test("whatever is tried on the sample is what solving it from its tables gives, and every figure is a number", () =>
  fc.assert(
    fc.property(fc.array(edit, { minLength: 1, maxLength: 3 }), (edits) => {
      const effect = desk.tryEdits(edits);
      expect(effect.fault).toBeNull();
      const anew = solvePower(buildModel(edits.reduce(editFacts, facts)));
      const [ours, theirs] = [effect.report?.rows ?? [], keyTable(anew)];
      expect(ours.map((row) => cavityLabel(row.at))).toEqual(theirs.map((row) => cavityLabel(row.at)));
      ours.forEach((row, nth) =>
        row.cells.forEach((cell, state) => {
          const other = theirs[nth]?.cells[state];
          expect(cell.verdict, `${cavityLabel(row.at)} ${cell.state}`).toBe(other?.verdict);
          if (cell.volts === null || other?.volts == null) expect(cell.volts).toBe(other?.volts);
          else
            expect(
              Math.abs(cell.volts - other.volts),
              `${cavityLabel(row.at)} ${cell.state}: ${cell.volts} for ${other.volts}`,
            ).toBeLessThan(5e-6 * Math.max(1, Math.abs(other.volts)));
        }),
      );
      expect(effect.report?.findings.map((finding) => finding.key)).toEqual(
        reportPower(anew).findings.map((finding) => finding.key),
      );
      for (const finding of effect.report?.findings ?? []) {
        expect(Number.isFinite(finding.amount.value), finding.key).toBe(true);
        expect(`${findingTitle(finding, "metric")} ${findingWhy(finding, "metric")}`, finding.key).not.toMatch(
          /NaN|undefined|Infinity/,
        );
      }
      for (const row of effect.report?.fuses ?? [])
        expect([row.continuousAmps, row.peakAmps, row.marginAmps].every(Number.isFinite), row.key).toBe(true);
    }),
    { numRuns: 40 },
  ));

/**
 * Decided links alone: what is proposed follows from all decisions, and may be proposed otherwise once one more is
 * made.
 */
const decided = (document: JobDocument) =>
  powerInput(
    document,
    deriveLines(signalPinsIn(document), decisionsOf(document)).lines.filter((line) => line.state === "decided"),
  );
/** A wire of the tables is taken out in Triage, where what connected on it is told; here only an added one is. */
const able = edit
  .filter((made) => made.type !== "unwire" || facts.harness.wireById.get(made.wireId)?.added === true)
  .filter(
    (made) =>
      (made.type !== "diode" && made.type !== "branch-fuse") ||
      input.links.find((link) => link.id === made.linkId)?.proposed === false,
  );

test("and carried out on the job it is the same again", () =>
  fc.assert(
    fc.property(able, fc.nat(), (tried, run) => {
      const bare = new PowerAnalysis();
      bare.load(decided(heron));
      const effect = bare.tryEdits([tried]);
      let count = 0;
      const makeId = () => {
        count += 1;
        return `made-${run}-${count}`;
      };
      const plan = { wires: facts.harness.wires, parts: facts.harness.parts, links: facts.links };
      const done = new PowerAnalysis().load(decided(carryOut(heron, editsOps(heron, [tried], plan, makeId))));
      const byPin = new Map(done.rows.map((row) => [row.pin.id, row]));
      for (const row of effect.report?.rows ?? []) {
        const other = byPin.get(row.pin.id);
        expect(other, cavityLabel(row.at)).toBeDefined();
        row.cells.forEach((cell, state) => {
          const volts = other?.cells[state]?.volts;
          if (cell.volts === null || volts == null)
            expect(cell.volts, `${cavityLabel(row.at)} ${cell.state}`).toBe(volts);
          else
            expect(
              Math.abs(cell.volts - volts),
              `${cavityLabel(row.at)} ${cell.state}: ${cell.volts} tried, ${volts} done`,
            ).toBeLessThan(5e-5 * Math.max(1, Math.abs(volts)));
        });
      }
    }),
    { numRuns: 40 },
  ));
