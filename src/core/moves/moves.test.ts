import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { pinsFrom } from "../../../tests/support/pins";
import { proposeMoves } from "./index";

const OLD = pinsFrom(`
  donor Old-1 supply-in ignition-supply amps=2
  donor Old-2 ground ground role=power
  donor Old-3 ground ground role=power
  donor Old-4#A load-in shift-solenoid
  donor Old-5#B load-in shift-solenoid
  donor Old-6 reluctor-out transmission-output-speed
  donor Old-7 spare none
  donor Old-8 resistive-out transmission-temperature
`);
const NEW = pinsFrom(`
  donor New-1#B load-in shift-solenoid
  donor New-2 ground ground role=power
  donor New-3#A load-in shift-solenoid
  donor New-4 supply-in ignition-supply amps=2
  donor New-6 hall-out transmission-output-speed
  donor New-7 reluctor-out transmission-input-speed
  donor New-8 spare none
`);
const told = (chosen?: ReadonlyMap<string, string | null>) =>
  proposeMoves(OLD, NEW, chosen).moves.map(
    ({ from, to, how, joins }) => `${from?.cavity ?? "–"} ${how} ${to?.cavity ?? joins?.cavity ?? "–"}`,
  );

describe("one plug in place of another", () => {
  test("by signal and number, not by place; what is new, empty, without a place and common is told", () =>
    // Written by hand from the two lists.
    expect(told()).toEqual([
      "5 moves 1",
      "2 stays 2",
      "4 moves 3",
      "1 moves 4",
      "6 stays 6",
      "– added 7",
      "– sealed 8",
      "3 common 2",
      "8 capped –",
    ]));
  test("somebody's choice stands, and the rest makes room", () => {
    expect(told(new Map([["donor Old-3", "donor New-2"]]))).toEqual(
      expect.arrayContaining(["3 moves 2", "2 common 2"]),
    );
    expect(told(new Map([["donor Old-3", null]]))).toContain("3 capped –");
  });
  test("two put into one cavity, and a cavity that is in neither plug, are said; the rest is still computed", () => {
    const { faults, moves } = proposeMoves(
      OLD,
      NEW,
      new Map([
        ["donor Old-4", "donor New-1"],
        ["donor Old-5", "donor New-1"],
        ["gone", "donor New-2"],
      ]),
    );
    expect(faults.map(({ code }) => code).toSorted()).toEqual(["not-in-plugs", "taken-twice"]);
    expect(moves.filter(({ to }) => to?.id === "donor New-1")).toHaveLength(1);
    expect(moves.some(({ to, how }) => to?.cavity === "4" && how === "moves")).toBe(true);
  });
  test("what nothing tells apart is told as ambiguous, and never silently settled", () => {
    const twins = pinsFrom("donor O-1 load-in shift-solenoid\ndonor O-2 load-in shift-solenoid");
    const places = pinsFrom("donor N-1 load-in shift-solenoid\ndonor N-2 load-in shift-solenoid");
    expect(proposeMoves(twins, places).moves.map(({ why, alike }) => `${why} ${alike.length}`)).toEqual([
      "ambiguous 1",
      "ambiguous 1",
    ]);
  });
  test("of what fits alike the one of the same label stays, then the one of the same kind; what gives never becomes what reads", () => {
    const becomes = (from: string, to: string) =>
      proposeMoves(pinsFrom(from), pinsFrom(to)).moves.flatMap((move) =>
        move.from === null || move.to === null ? [] : [`${move.from.cavity} ${move.to.cavity}`],
      );
    expect(
      becomes(
        "donor O-1 load-in shift-solenoid\ndonor O-2 load-in shift-solenoid",
        "donor N-2 load-in shift-solenoid\ndonor N-1 load-in shift-solenoid",
      ),
    ).toEqual(["2 2", "1 1"]);
    const sensors = "donor O-1 hall-out wheel-speed\ndonor O-2 reluctor-out wheel-speed";
    expect(becomes(sensors, "donor N-8 reluctor-out wheel-speed\ndonor N-9 hall-out wheel-speed")).toEqual([
      "2 8",
      "1 9",
    ]);
    expect(becomes("donor O-1 hall-out wheel-speed", "donor N-1 hall-in wheel-speed")).toEqual([]);
  });
  test("two plugs become one: the cavities of both are shared out over the new one", () => {
    const two = [
      ...pinsFrom("donor P1-1 load-in shift-solenoid"),
      ...pinsFrom("donor P2-1 reluctor-out transmission-output-speed"),
    ];
    const one = pinsFrom("donor N-1 reluctor-out transmission-output-speed\ndonor N-2 load-in shift-solenoid");
    expect(
      proposeMoves(two, one).moves.map(({ from, to }) => `${from?.connector}-${from?.cavity} ${to?.cavity}`),
    ).toEqual(["P2-1 1", "P1-1 2"]);
  });
});

test("every cavity of the new plug is in the plan once, no wire of the old is lost, and none is in two places", () => {
  const kinds = [
    "load-in shift-solenoid",
    "reluctor-out transmission-output-speed",
    "ground ground",
    "supply-in ignition-supply",
    "spare none",
  ];
  const plug = (name: string) =>
    fc
      .array(fc.tuple(fc.constantFrom(...kinds), fc.constantFrom("", "#1", "#2")), { minLength: 1, maxLength: 12 })
      .map((list) => pinsFrom(list.map(([kind, index], at) => `donor ${name}-${at + 1}${index} ${kind}`).join("\n")));
  fc.assert(
    fc.property(plug("O"), plug("N"), fc.nat(11), fc.nat(11), (old, fresh, one, other) => {
      const [picked, target] = [old[one % old.length], fresh[other % fresh.length]];
      const chosen =
        picked === undefined || picked.form.kind === "spare" ? new Map() : new Map([[picked.id, target?.id ?? null]]);
      const { moves } = proposeMoves(old, fresh, chosen);
      expect(moves.flatMap(({ to }) => to?.id ?? []).toSorted()).toEqual(fresh.map(({ id }) => id).toSorted());
      expect(moves.flatMap(({ from }) => from?.id ?? []).toSorted()).toEqual(
        old
          .filter(({ form }) => form.kind !== "spare")
          .map(({ id }) => id)
          .toSorted(),
      );
      for (const { from, to, why } of moves)
        if (from !== null && to !== null && why !== "by-hand") {
          expect(from.quantity).toBe(to.quantity);
          expect(from.index === null || to.index === null || from.index === to.index).toBe(true);
        }
    }),
    { numRuns: 200 },
  );
});
