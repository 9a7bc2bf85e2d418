import { beforeEach, describe, expect, test } from "vitest";
import { instrumentsOf } from "@/core/benches";
import type { Move } from "@/core/moves";
import { deriveLines } from "@/core/plan";
import { heronDocument } from "@/demo/heron";
import { pinOf } from "@/demo/sample-job";
import { acceptBenchOps, benchOf, benchOps } from "./bench-ops";
import { fillingsOf } from "./gap-ops";
import { choiceOps, loopInterlockOps, openInterlockOps } from "./gearbox-ops";
import { decisionsOf } from "./links";
import { addStandInOps, chooseMoveOps, chosenMoves, isMoveDone, removeStandInOps, tickMoveOps } from "./move-ops";
import { applyOps, invert, type RowOp } from "./ops";
import type { JobDocument } from "./schema";
import {
  addCalibrationOps,
  addEntryOps,
  addIdentityOps,
  calibrationOps,
  changeIdentityOps,
  EMPTY_CALIBRATION,
  importCalibrationOps,
  removeCalibrationOps,
  removeIdentityOps,
} from "./security-ops";
import { signalPinsIn } from "./signal-pins";

/** What is entered on the benches, as changes of the job: carried out, and undone to the byte. */
let document: JobDocument;
let count = 0;
const makeId = () => {
  count += 1;
  return `n${count}`;
};
beforeEach(() => {
  document = heronDocument();
  count = 0;
});
/** Rows have no order of their own: one that is put back stands behind the others. */
const inOrder = (job: JobDocument) =>
  Object.entries(job).map(([key, rows]) => [
    key,
    Array.isArray(rows) ? (rows as { id: string }[]).toSorted((a, b) => (a.id < b.id ? -1 : 1)) : rows,
  ]);
function change(ops: readonly RowOp[]): void {
  const after = applyOps(document, ops);
  expect(JSON.stringify(inOrder(applyOps(after, invert(ops)))) === JSON.stringify(inOrder(document))).toBe(true);
  document = after;
}
const signals = () => signalPinsIn(document);
const at = (label: string) => pinOf(document, label).id;

describe("an instrument's bench", () => {
  test("values are entered, changed, taken out again; an empty bench is none", () => {
    change(benchOps(document, at("Speedometer-CABLE"), { tyre: "185R14", finalDrive: 4.1 }));
    change(benchOps(document, at("Speedometer-CABLE"), { finalDrive: undefined }));
    expect(benchOf(document, at("Speedometer-CABLE"))).toEqual({ tyre: "185R14" });
    change(benchOps(document, at("Speedometer-CABLE"), { tyre: undefined }));
    expect(document.benches).toEqual([]);
    expect(benchOps(document, at("Speedometer-CABLE"), { tyre: undefined })).toEqual([]);
  });
  test("its answer is the decision of its link, with the values; another driver's link makes room", () => {
    const pins = signals();
    const { lines } = deriveLines(pins, decisionsOf(document));
    const instruments = instrumentsOf(pins, lines, new Map([[at("IP-2"), at("C1-25")]]));
    const coolant = instruments.find(({ pin }) => pin.id === at("IP-2"));
    if (coolant === undefined) throw new Error("the coolant gauge is gone");
    expect(coolant.driver?.id).toBe(at("C1-25"));
    change(
      acceptBenchOps(document, coolant, { adapters: [{ type: "gauge-driver", curve: "40:240|100:38" }], why: "bench" }),
    );
    const decided = document.links.filter(
      ({ consumerId, decision }) => consumerId === at("IP-2") && decision === "accepted",
    );
    expect(decided).toMatchObject([{ providerId: at("C1-25"), adapters: [{ type: "gauge-driver" }], byHand: true }]);
    const sender = { ...coolant, driver: signals().find(({ id }) => id === at("Coolant sensor-1")) ?? null };
    change(
      acceptBenchOps(document, sender, {
        adapters: [{ type: "resistor-network", seriesOhms: 47, parallelOhms: null }],
        why: "bench",
      }),
    );
    expect(
      document.links.filter(({ consumerId, decision }) => consumerId === at("IP-2") && decision === "accepted"),
    ).toHaveLength(1);
  });
  test("what no wire can drive, and a lockout, are parts to fit on the plan sheet", () => {
    change(benchOps(document, at("Speedometer-CABLE"), { way: "cable-drive" }));
    change(choiceOps(document, "lockout", { way: "by-brake", given: {}, note: "" }, "Robin"));
    expect(fillingsOf(document, signals()).map(({ pin, way }) => `${pin.connector} ${way}`)).toEqual([
      "Speedometer cable-drive",
      expect.stringMatching(/brake-lockout$/),
    ]);
  });
});

describe("a loop in place of an interlock", () => {
  const clutch = () => ({ id: at("C1-35"), label: "C1-35" });
  test("unsigned it is a temporary fix, and stays one until somebody signs what keeps the driver safe", () => {
    change(loopInterlockOps(document, clutch(), "", "Robin", makeId));
    expect(document.gaps).toMatchObject([{ id: at("C1-35"), way: "loop", note: "" }]);
    expect(document.debts).toMatchObject([{ type: "bypass", settled: null, subject: `pin:${at("C1-35")}` }]);
    // Asked again it is owed once.
    change(loopInterlockOps(document, clutch(), "  ", "Robin", makeId));
    expect(document.debts).toHaveLength(1);
    change(loopInterlockOps(document, clutch(), "a clutch switch in the start circuit", "Kim", makeId));
    expect(document.gaps).toMatchObject([{ note: "a clutch switch in the start circuit", person: "Kim" }]);
    expect(document.debts).toMatchObject([{ settled: "signed-off" }]);
  });
  test("signed at once nothing is owed; removed, what was owed is paid", () => {
    change(loopInterlockOps(document, clutch(), "a neutral switch", "Kim", makeId));
    expect([document.gaps.length, document.debts.length]).toEqual([1, 0]);
    change(openInterlockOps(document, at("C1-35"), "Kim"));
    change(loopInterlockOps(document, clutch(), "", "Robin", makeId));
    change(openInterlockOps(document, at("C1-35"), "Robin"));
    expect(document.gaps).toEqual([]);
    expect(document.debts).toMatchObject([{ settled: "paid" }]);
  });
});

test("a choice is made, made otherwise and taken back", () => {
  change(choiceOps(document, "gearbox", { way: "manual-for-automatic", given: {}, note: "" }, "Robin"));
  change(choiceOps(document, "gearbox", { way: "kept", given: { "code P": 5 }, note: "" }, "Kim"));
  expect(document.choices).toEqual([{ id: "gearbox", way: "kept", given: { "code P": 5 }, note: "", person: "Kim" }]);
  change(choiceOps(document, "gearbox", null, "Kim"));
  expect(document.choices).toEqual([]);
});

describe("cavity moves", () => {
  const move = (from: string | null, to: string | null): Move => ({
    from: signals().find(({ id }) => from !== null && id === at(from)) ?? null,
    to: signals().find(({ id }) => to !== null && id === at(to)) ?? null,
    how: "moves",
    why: "same-signal",
    joins: null,
    alike: [],
  });
  test("a tick holds for the cavity it was made for, and falls when the plan puts the wire elsewhere", () => {
    change(addStandInOps(["x"], ["y"], "Robin", () => "s1"));
    change(tickMoveOps(document, "s1", move("Range switch-1", "Gearbox plug-1"), true, "Robin", makeId));
    expect(isMoveDone(document, "s1", move("Range switch-1", "Gearbox plug-1"))).toBe(true);
    expect(isMoveDone(document, "s1", move("Range switch-1", "Gearbox plug-2"))).toBe(false);
    change(chooseMoveOps(document, "s1", at("Range switch-1"), at("Gearbox plug-2"), "Kim", makeId));
    expect(isMoveDone(document, "s1", move("Range switch-1", "Gearbox plug-2"))).toBe(false);
    expect([...chosenMoves(document, "s1")]).toEqual([[at("Range switch-1"), at("Gearbox plug-2")]]);
    change(chooseMoveOps(document, "s1", at("Range switch-1"), undefined, "Kim", makeId));
    expect(chosenMoves(document, "s1").size).toBe(0);
  });
  test("an exchange goes with all that was ticked of it", () => {
    change(addStandInOps(["x"], ["y"], "Robin", () => "s1"));
    change(tickMoveOps(document, "s1", move(null, "Gearbox plug-3"), true, "Robin", makeId));
    const [row] = document.standIns;
    if (row === undefined) throw new Error("no exchange");
    change(removeStandInOps(document, row));
    expect([document.standIns, document.moves]).toEqual([[], []]);
  });
});

describe("identities, the record and the calibration list", () => {
  test("an identity is added, read part by part, and removed", () => {
    change(addIdentityOps("key", { label: "key", side: "donor" }, "Robin", makeId));
    const row = () => document.identities[0] as JobDocument["identities"][number];
    change(changeIdentityOps(row(), { pairedSet: "A7" }, "Kim"));
    expect(row()).toMatchObject({ pairedSet: "A7", serial: "", person: "Kim" });
    expect(changeIdentityOps(row(), { pairedSet: "A7" }, "Kim")).toEqual([]);
    change(removeIdentityOps(row()));
    expect(document.identities).toEqual([]);
  });
  test("the record is added to", () => {
    const entry = {
      type: "trial",
      who: "Kim",
      says: "",
      hash: "",
      triedWithout: "reader",
      outcome: "runs",
      takenAt: "2026-11-29T12:00:00.000Z",
    } as const;
    change(addEntryOps(entry, makeId));
    expect(document.securityEntries).toEqual([{ id: "n1", ...entry }]);
  });
  const values = (more = {}) => ({
    ...EMPTY_CALIBRATION,
    computer: "C1",
    what: "Idle",
    was: "700",
    becomes: "850",
    ...more,
  });
  test("what the plan asks is kept once somebody has done or said something of it", () => {
    change(calibrationOps(document, "cal-1", values(), { doneBy: "Kim" }));
    change(calibrationOps(document, "cal-1", values(), { provenBy: "idle" }));
    expect(document.calibrations).toMatchObject([{ id: "cal-1", doneBy: "Kim", provenBy: "idle", byHand: false }]);
  });
  test("a file changes lines that it knows, adds others, and a line that stands twice in it is added once more", () => {
    change(addCalibrationOps(values(), () => "own"));
    const asked = new Map([["cal-2", values({ what: "Tyre" })]]);
    change(
      importCalibrationOps(
        document,
        [
          { id: "own", ...values({ becomes: "900" }) },
          { id: "cal-2", ...values({ what: "Tyre", doneBy: "Kim" }) },
          { id: null, ...values({ what: "Fan" }) },
          { id: "own", ...values({ what: "Twice" }) },
        ],
        asked,
        makeId,
      ),
    );
    expect(document.calibrations.map(({ id, what, becomes, byHand }) => `${id} ${what} ${becomes} ${byHand}`)).toEqual([
      "own Idle 900 true",
      "cal-2 Tyre 850 false",
      "n1 Fan 850 true",
      "n2 Twice 850 true",
    ]);
    const [row] = document.calibrations;
    if (row === undefined) throw new Error("no line");
    change(removeCalibrationOps(row));
    expect(document.calibrations.map(({ id }) => id)).toEqual(["cal-2", "n1", "n2"]);
  });
});
