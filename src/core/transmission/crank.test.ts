import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { RELAY } from "../../../tests/support/relay";
import { input, type Plan, part, SOUND, solved, stud, VAN } from "../../../tests/support/van";
import type { ElementSpec } from "../parts";
import { buildModel, type Fill, factsOf, PowerAnalysis, type PowerSolution, solvePower } from "../power";
import { type CrankRow, crankTable, failingRows, isOverloaded, triedCures } from "./index";

const ALL = ["off", "accessory", "run", "crank", "running"] as const;
const contact = (positions?: readonly string[]): ElementSpec => ({
  id: "S",
  type: "switch",
  a: "1",
  b: "2",
  closedIn: ALL,
  ohms: 0.01,
  ...(positions === undefined ? {} : { positions }),
});
const PAST = SOUND.filter(([from]) => from !== "KEY-50");

/** A contact with two cavities, of lever or pedal. */
const asking = (label: string, quantity: string, positions?: readonly string[]) => ({
  van: `  donor ${label}-1 ${label}a switch-out ${quantity} WH 1mm 1m to=free "One side"
  donor ${label}-2 ${label}b switch-out ${quantity} WH 1mm 1m to=free "Other side"
`,
  part: part(label, "switch", { 1: `${label}-1`, 2: `${label}-2` }, [contact(positions)], "donor"),
});
const LEVER = asking("Lever", "park-neutral");
const CLUTCH = asking("Clutch", "clutch-switch");
const BRAKE = asking("Brake", "brake-switch");

type Contact = ReturnType<typeof asking>;
/** The key works the solenoid through some contacts in their order, and by some further links. */
function through(contacts: readonly Contact[], more: NonNullable<Plan["links"]> = []): Plan {
  const ends = ["KEY-50", ...contacts.flatMap(({ part: { label } }) => [`${label}-1`, `${label}-2`]), "Starter-50"];
  const links =
    contacts.length === 0
      ? []
      : ends.flatMap((end, at): [string, string][] => (at % 2 === 0 ? [[end, ends[at + 1] as string]] : []));
  return {
    van: VAN + contacts.map(({ van }) => van).join(""),
    parts: contacts.map((one) => one.part),
    links: [...PAST, ...(contacts.length === 0 ? [["KEY-50", "Starter-50"] as const] : links), ...more],
  };
}
const tableOf = (plan: Plan) => crankTable(solved(plan));
const said = ({ key, range, clutch, brake, security }: CrankRow) =>
  [key, range, clutch, brake, security].filter((one) => one !== null).join(" ");
const cranking = (plan: Plan) =>
  tableOf(plan)
    .rows.filter(({ cranks }) => cranks)
    .map(said);
const wrong = (plan: Plan) => failingRows(tableOf(plan)).map(said);
const labels = (row: CrankRow | undefined) => row?.path.map(({ connector, cavity }) => `${connector}/${cavity}`);

describe("who may crank when", () => {
  test("with nothing that asks there is one row for each key position, and crank alone turns it", () => {
    const { rows, axes } = tableOf({});
    expect(rows.map(said)).toEqual(["off", "accessory", "run", "crank"]);
    expect(axes).toEqual({ ranges: [null], clutch: [null], brake: [null], security: [null] });
    expect(cranking({})).toEqual(["crank"]);
    expect(wrong({})).toEqual([]);
  });
  test("through the lever's contact it turns in Park and Neutral, in crank, and nowhere else of all sixteen", () => {
    expect(tableOf(through([LEVER])).rows).toHaveLength(16);
    expect(cranking(through([LEVER]))).toEqual(["crank P", "crank N"]);
    expect(wrong(through([LEVER]))).toEqual([]);
    expect(tableOf(through([LEVER])).asks).toMatchObject({ range: true, clutch: false });
  });
  test("past the lever's contact it turns in gear, by a way that does not lead through it", () => {
    const past = through([LEVER], [["KEY-50", "Starter-50"]]);
    expect(wrong(past)).toEqual(["crank R", "crank D"]);
    const [row] = failingRows(tableOf(past));
    expect(labels(row)).toEqual(expect.arrayContaining(["KEY/50", "Starter/50"]));
    expect(labels(row)?.join(" ")).not.toContain("Lever");
    expect(tableOf(past).asks.range).toBe(false);
  });
  test("a lever's contact that closes in Drive too is found out, and the way leads through it", () => {
    const lever = asking("Lever", "park-neutral", ["P", "N", "D"]);
    expect(wrong(through([lever]))).toEqual(["crank D"]);
    expect(labels(failingRows(tableOf(through([lever])))[0])?.join(" ")).toContain("Lever/1 Lever/2");
  });
  test("one that does not close in Neutral leaves it standing there, and is named as what is open", () => {
    const lever = asking("Lever", "park-neutral", ["P"]);
    const [row, ...more] = failingRows(tableOf(through([lever])));
    expect(more).toEqual([]);
    expect(row && said(row)).toBe("crank N");
    expect(row?.open).toMatchObject([{ type: "part", label: "Lever" }]);
  });
  test("a starter without its cable is told at the cable, one without its signal at the solenoid", () => {
    const without = (cavity: string) => {
      const plan = through([LEVER]);
      return failingRows(tableOf({ ...plan, links: (plan.links ?? []).filter(([, to]) => to !== cavity) }));
    };
    expect(without("Starter-30").map((row) => [said(row), row.dead?.at.cavity])).toEqual([
      ["crank P", "30"],
      ["crank N", "30"],
    ]);
    expect(without("Starter-50")[0]?.dead?.at.cavity).toBe("50");
    expect(failingRows(tableOf(through([LEVER], [["KEY-50", "Starter-50"]])))[0]?.dead).toBeNull();
  });
  test("with its wire off nothing turns it, and the way that it lacks is told up to the gap", () => {
    const cut = { ...through([LEVER]), links: [...PAST, ["KEY-50", "Lever-1"] as const] };
    expect(cranking(cut)).toEqual([]);
    expect(wrong(cut)).toEqual(["crank P", "crank N"]);
  });
  test("a clutch: pressed only; a brake that is asked: pressed only; a brake that is not asked has no say", () => {
    expect(cranking(through([CLUTCH]))).toEqual(["crank pressed"]);
    expect(wrong(through([CLUTCH]))).toEqual([]);
    expect(cranking(through([LEVER, BRAKE]))).toEqual(["crank P pressed", "crank N pressed"]);
    expect(wrong(through([LEVER, BRAKE]))).toEqual([]);
    const beside = { ...through([LEVER]), van: `${through([LEVER]).van}${BRAKE.van}`, parts: [LEVER.part, BRAKE.part] };
    const joined = { ...beside, links: [...(beside.links ?? []), ["KEY-15", "Brake-1"] as const] };
    expect(cranking(joined)).toEqual(["crank P pressed", "crank P released", "crank N pressed", "crank N released"]);
    expect(wrong(joined)).toEqual([]);
  });
  test("past the clutch's contact of a manual gearbox it turns with the clutch up: that fails", () =>
    expect(wrong(through([CLUTCH], [["KEY-50", "Starter-50"]]))).toEqual(["crank released"]));
  test("without a starter nothing is said to crank, and the table says why", () => {
    const van = VAN.split("\n")
      .filter((line) => !line.includes("Starter"))
      .join("\n");
    const table = tableOf({ van, links: SOUND.filter(([, to]) => !to.startsWith("Starter")) });
    expect(table.noStarter).toBe(true);
    expect(table.rows.some(({ cranks }) => cranks)).toBe(false);
  });
});

describe("a computer that works the starter", () => {
  /** It sinks the coil of a relay once its request is live, and what is joined to its inputs is as it should be. */
  const started = (pins: string, links: NonNullable<Plan["links"]>, extra: Plan["parts"] = []): Plan => {
    const names = ["1", "2", ...pins.split("\n").flatMap((line) => /Comp-(\d+)/.exec(line)?.[1] ?? [])];
    return {
      van: `${VAN}
  donor Comp-1 P1 supply-in ignition-supply RD 1mm 1m amps=1 alive=run-crank minVolts=6 "Ignition"
  donor Comp-2 P2 ground ground BK 1mm 1m role=power "Ground"
${pins}
  host SR-86 R1 load-in starter-relay WH 1mm 1m ohms=85 otherEnd=battery "Coil"
  host SR-85 R2 load-in starter-relay WH 1mm 1m ohms=85 otherEnd=battery "Coil, driven"
  host SR-30 R3 supply-in battery-supply RD 4mm 1m alive=permanent "Contact"
  host SR-87 R4 supply-out start-supply RD 4mm 1m alive=crank "To the solenoid"
${LEVER.van}`,
      parts: [
        part(
          "Comp",
          "computer",
          Object.fromEntries(names.map((name) => [name, `Comp-${name}`])),
          [
            { id: "S1", type: "power", a: "1", b: "2", watts: 12, minVolts: 6 },
            { id: "D3", type: "switch", a: "3", b: "2", closedIn: [], ohms: 0.1 },
            ...names.slice(3).map(
              (name): ElementSpec => ({
                id: `I${name}`,
                type: "resistor",
                a: name,
                b: "2",
                ohms: 10_000,
                joint: false,
              }),
            ),
          ],
          "donor",
        ),
        part("SR", "relay", { 86: "SR-86", 85: "SR-85", 30: "SR-30", 87: "SR-87" }, [RELAY]),
        LEVER.part,
        ...(extra ?? []),
      ],
      links: [
        ...PAST,
        ["KEY-15", "Comp-1"],
        ["G1-1", "Comp-2"],
        ["KEY-15", "SR-86"],
        ["Comp-3", "SR-85"],
        ["Main-1", "SR-30"],
        ["SR-87", "Starter-50"],
        ...links,
      ],
    };
  };
  const DRIVER = `  donor Comp-3 P3 low-side-out starter-relay WH 1mm 1m maxAmps=1 clamp=own "Starter relay"`;
  const REQUEST = `  donor Comp-4 P4 logic-in starter-request WH 1mm 1m active=high highVolts=5 lowVolts=2 "Request"`;
  const PARK = `  donor Comp-5 P5 logic-in park-neutral WH 1mm 1m active=low pull=up "Park or Neutral"`;
  const DATA = `  donor Comp-6 P6 serial security-data WH 1mm 1m "Security"`;
  test("works it by its request alone where nothing else is joined: in gear too, which fails", () => {
    const lever = started(`${DRIVER}\n${REQUEST}`, [
      ["KEY-50", "Comp-4"],
      ["G1-1", "Lever-1"],
    ]);
    expect(wrong(lever)).toEqual(["crank R", "crank D"]);
    expect(labels(failingRows(tableOf(lever))[0])).toEqual(expect.arrayContaining(["SR/86", "Comp/3", "Starter/50"]));
  });
  test("asks the lever where its grounded contact is joined to its input", () => {
    const plan = started(`${DRIVER}\n${REQUEST}\n${PARK}`, [
      ["KEY-50", "Comp-4"],
      ["Lever-2", "Comp-5"],
      ["G1-1", "Lever-1"],
    ]);
    expect(cranking(plan)).toEqual(["crank P", "crank N"]);
    expect(wrong(plan)).toEqual([]);
  });
  test("an input that nothing is joined to is not asked, nor one that has no say in starting", () => {
    const free = `${DRIVER}\n${REQUEST}\n  donor Comp-5 P5 logic-in brake-switch WH 1mm 1m active=high "Brake"`;
    expect(cranking(started(free, [["G1-1", "Lever-1"]]))).toHaveLength(4);
    expect(
      cranking(
        started(free, [
          ["KEY-50", "Comp-4"],
          ["KEY-IG", "Comp-5"],
          ["G1-1", "Lever-1"],
        ]),
      ),
    ).toHaveLength(4);
  });
  test("believes a grounded contact as it is: one that closes in Drive too lets it crank there, one that leads nowhere nowhere", () => {
    const wired = (lever: Contact, more: NonNullable<Plan["links"]>): Plan => {
      const plan = started(`${DRIVER}\n${REQUEST}\n${PARK}`, [["KEY-50", "Comp-4"], ["Lever-2", "Comp-5"], ...more]);
      return { ...plan, parts: [...(plan.parts ?? []).filter(({ id }) => id !== "Lever"), lever.part] };
    };
    const loose = asking("Lever", "park-neutral", ["P", "N", "D"]);
    expect(wrong(wired(loose, [["G1-1", "Lever-1"]]))).toEqual(["crank D"]);
    expect(cranking(wired(LEVER, []))).toEqual([]);
    expect(wrong(wired(LEVER, []))).toEqual(["crank P", "crank N"]);
  });
  test("a switch that was decided to be fitted to its input asks as one that is wired; a loop there asks nothing", () => {
    const plan = started(`${DRIVER}\n${REQUEST}\n${PARK}`, [
      ["KEY-50", "Comp-4"],
      ["G1-1", "Lever-1"],
    ]);
    const table = (as: Fill["as"] | null, pinId = "Comp-5") =>
      crankTable(
        solvePower(buildModel(factsOf({ ...input(plan), fills: as === null ? [] : [{ pinId, as } as Fill] }))),
      );
    const cranks = (...given: Parameters<typeof table>) =>
      table(...given)
        .rows.filter((row) => row.cranks)
        .map(said);
    expect(cranks(null)).toHaveLength(4);
    expect(cranks("switch")).toEqual(["crank P", "crank N"]);
    expect(cranks("loop")).toHaveLength(4);
    // One that a live wire must turn on is asked once something is fitted there.
    const unasked = { ...plan, links: (plan.links ?? []).filter(([from]) => from !== "KEY-50") };
    expect(cranking(unasked)).toEqual(expect.arrayContaining(["crank P"]));
    const request = crankTable(
      solvePower(buildModel(factsOf({ ...input(unasked), fills: [{ pinId: "Comp-4", as: "switch" }] }))),
    );
    expect(request.rows.filter((row) => row.cranks).map(({ key }) => key)).toEqual([
      "crank",
      "crank",
      "crank",
      "crank",
    ]);
  });
  test("without its request it never cranks, and the way that is lacking leads to its output", () => {
    const plan = started(`${DRIVER}\n${REQUEST}`, [
      ["KEY-IG", "Comp-4"],
      ["G1-1", "Lever-1"],
    ]);
    expect(cranking(plan)).toEqual([]);
    expect(wrong(plan)).toEqual(["crank P", "crank N"]);
  });
  test("held by its anti-theft partner it cranks with a known key alone; past it security is not asked", () => {
    const plan = started(`${DRIVER}\n${REQUEST}\n${PARK}\n${DATA}`, [
      ["KEY-50", "Comp-4"],
      ["Lever-2", "Comp-5"],
      ["G1-1", "Lever-1"],
    ]);
    expect(cranking(plan)).toEqual(["crank P ok", "crank N ok"]);
    expect(tableOf(plan).rows).toHaveLength(32);
    expect(wrong(plan)).toEqual([]);
    const past = { ...plan, links: [...(plan.links ?? []), ["KEY-50", "Starter-50"] as const] };
    expect(tableOf(past).axes.security).toEqual([null]);
  });
});

describe("against plain logic", () => {
  const RANGES = ["P", "R", "N", "D"] as const;
  const asked = fc.array(
    fc.oneof(
      fc.subarray([...RANGES], { minLength: 1 }).map((positions) => ({ quantity: "park-neutral", positions })),
      fc.constant({ quantity: "clutch-switch", positions: undefined }),
      fc.constant({ quantity: "brake-switch", positions: undefined }),
    ),
    { minLength: 1, maxLength: 4 },
  );
  test("contacts in series let it turn where all of them are closed, and no row cranks otherwise", () => {
    fc.assert(
      fc.property(asked, (list) => {
        const contacts = list.map(({ quantity, positions }, at) => asking(`S${at}`, quantity, positions));
        const { rows, axes } = tableOf(through(contacts));
        expect(axes.clutch.length).toBe(list.some(({ quantity }) => quantity === "clutch-switch") ? 2 : 1);
        for (const row of rows) {
          const closed = list.every(({ quantity, positions }) =>
            quantity === "clutch-switch"
              ? row.clutch === "pressed"
              : quantity === "brake-switch"
                ? row.brake === "pressed"
                : positions?.some((one) => one === row.range),
          );
          expect([said(row), row.cranks]).toEqual([said(row), row.key === "crank" && closed]);
        }
      }),
      { numRuns: 60 },
    );
  });
});

describe("an interlock left open", () => {
  /** The key works a relay's coil, which grounds at a stud; the lever's contact lies loose beside it. */
  const left = (positions?: readonly string[]): Plan => {
    const lever = asking("Lever", "park-neutral", positions);
    return {
      van: `${VAN}
  host SR-86 5 load-in starter-relay WH 1mm 1m ohms=85 otherEnd=ground "Coil"
  host SR-85 96 ground ground BK 1mm 1m "Coil ground"
  host G3-1 96 ground ground BK 2.5mm 0.3m role=chassis "Stud"
  host SR-30 R3 supply-in battery-supply RD 4mm 1m alive=permanent "Contact"
  host SR-87 R4 supply-out start-supply RD 4mm 1m alive=crank "To the solenoid"
${lever.van}`,
      parts: [
        part("SR", "relay", { 86: "SR-86", 85: "SR-85", 30: "SR-30", 87: "SR-87" }, [RELAY]),
        stud("Third stud", "host", "G3-1"),
        lever.part,
      ],
      links: [...PAST, ["Main-1", "SR-30"], ["SR-87", "Starter-50"]],
    };
  };
  const desk = (plan: Plan) => {
    const analysis = new PowerAnalysis();
    analysis.load(input(plan));
    return analysis;
  };
  const curesOf = (plan: Plan) => {
    const analysis = desk(plan);
    return triedCures(analysis.solutionWith([]) as PowerSolution, (edits) => analysis.solutionWith(edits));
  };
  test("cranks in gear; through the coil's feed or its ground no row fails any more", () => {
    expect(wrong(left())).toEqual(["crank R", "crank D"]);
    const cures = curesOf(left());
    expect(cures.map(({ place, failing, unsafe }) => `${place} ${failing} ${unsafe}`)).toEqual([
      "coil-feed 0 0",
      "coil-ground 0 0",
    ]);
    expect(cures[0]?.between.map(({ connector, cavity }) => `${connector}-${cavity}`)).toEqual(["KEY-50", "SR-86"]);
    expect(cures[0]?.edits.map(({ type }) => type)).toEqual(["unwire", "strap", "strap"]);
  });
  test("a cure through a contact that closes in Drive is tried, and told as unsafe", () => {
    const [cure] = curesOf(left(["P", "N", "D"]));
    expect(cure).toMatchObject({ failing: 1, unsafe: 1 });
  });
  test("a contact that would carry more than its cavities state is told: the coil takes 0.12 A", () => {
    const rated = (amps: string): Plan => ({
      ...left(),
      van: (left().van ?? "").replaceAll("to=free", `to=free maxAmps=${amps}`),
    });
    const of = (amps: string) => curesOf(rated(amps)).map((cure) => [cure.ratedAmps, isOverloaded(cure)]);
    expect(curesOf(rated("0.1"))[0]?.amps).toBeCloseTo(10.3 / 85, 1);
    expect(of("0.1")).toEqual([
      [0.1, true],
      [0.1, true],
    ]);
    expect(of("5")).toEqual([
      [5, false],
      [5, false],
    ]);
    expect(curesOf(left()).map(({ ratedAmps }) => ratedAmps)).toEqual([null, null]);
  });
  test("with the contact in the coil's ground, the way that lacks something leads through it to ground, and names it alone", () => {
    const plan = left(["P"]);
    const van = (plan.van ?? "").replace("host SR-85 96 ground", "host SR-85 97 ground");
    const grounded = {
      ...plan,
      van,
      links: [...(plan.links ?? []), ["SR-85", "Lever-1"], ["Lever-2", "G3-1"]] as const,
    };
    const [row, ...more] = failingRows(tableOf(grounded));
    expect(more).toEqual([]);
    expect(row && said(row)).toBe("crank N");
    expect(labels(row)).toEqual(expect.arrayContaining(["KEY/50", "SR/86", "SR/85", "Lever/1", "Lever/2"]));
    expect(row?.open).toMatchObject([{ type: "part", label: "Lever" }]);
  });
  test("of two contacts the one that makes every way right comes first, whatever their order; the weaker cavity counts", () => {
    const bad = asking("Bad", "park-neutral", ["P", "N", "D"]);
    const plan = left();
    const two: Plan = {
      ...plan,
      van: `${plan.van}${bad.van}`
        .replace("to=free", "to=free maxAmps=9")
        .replace('to=free "Other', 'to=free maxAmps=3 "Other'),
      parts: [bad.part, ...(plan.parts ?? [])],
    };
    const cures = curesOf(two);
    expect(cures.map(({ unsafe }) => unsafe)).toEqual([0, 0, 1, 1]);
    expect(cures[0]?.ratedAmps).toBe(3);
  });
  test("where nothing is there to ask, no cure is offered", () => expect(curesOf({})).toEqual([]));
});
