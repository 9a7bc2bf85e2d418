import { describe, expect, test } from "vitest";
import { input, type Plan, SOUND, VAN } from "../../../tests/support/van";
import type { PartFacts } from "../parts";
import type { Adapter } from "../signals";
import { PowerAnalysis, type WayProof } from "./index";

/** What the solved plan says of the ways of one link of it. */
function proofs(plan: Plan, providerId: string, consumerId: string, ways: readonly (readonly Adapter[])[]): WayProof[] {
  const desk = new PowerAnalysis();
  desk.load(input(plan));
  return [...(desk.prove([{ providerId, consumerId, ways }])[0] ?? [])];
}
const said = ({ verdict, findings }: WayProof) => [verdict, ...findings.map(({ code, pinId }) => `${code} ${pinId}`)];
const without = (consumer: string) => SOUND.filter(([, one]) => one !== consumer);

describe("a way is solved in the plan before it is offered", () => {
  test("a feed that drops out while cranking fails for a computer that must crank; one that stays agrees", () => {
    const plan: Plan = { links: without("ECU-1") };
    expect(proofs(plan, "KEY-IG", "ECU-1", [[]]).map(said)).toEqual([["fails", "dead-feed ECU-1"]]);
    expect(proofs(plan, "KEY-15", "ECU-1", [[]]).map(said)).toEqual([["agrees"]]);
  });
  test("a link that the plan has already is weighed against the plan without it, and no other is moved", () => {
    expect(proofs({}, "KEY-15", "ECU-1", [[]]).map(said)).toEqual([["agrees"]]);
    const broken: Plan = { links: [...without("ECU-1"), ["KEY-IG", "ECU-1"]] };
    expect(proofs(broken, "KEY-IG", "ECU-1", [[]]).map(said)).toEqual([["fails", "dead-feed ECU-1"]]);
    // What leaves its consumer as wrong as it was is no way: a computer's ground led to a feed.
    expect(proofs({ links: without("ECU-2") }, "Wiper-1", "ECU-2", [[]]).map(said)).toEqual([
      ["fails", "ground-missing ECU-2"],
    ]);
    // What was wrong without it, elsewhere, is not against it.
    expect(proofs(broken, "KEY-50", "Starter-50", [[]]).map(said)).toEqual([["agrees"]]);
  });
  test("two proposals that one fuse does not protect excuse each other in nothing", () => {
    // 0.35 mm² behind the 25 A that protects the key's 4 mm²: each of the two by itself is one too many.
    const thin = (at: number) => `  donor Valve-${at} V${at} supply-in ignition-supply WH 0.35mm 1m amps=0.5 "Valve"\n`;
    const plan: Plan = { van: VAN + thin(1) + thin(2) };
    const links: NonNullable<Plan["links"]> = [...SOUND, ["KEY-15", "Valve-1"], ["KEY-15", "Valve-2"]];
    const desk = new PowerAnalysis();
    const both = input({ ...plan, links });
    desk.load({ ...both, links: both.links.map((one, at) => ({ ...one, proposed: at >= SOUND.length })) });
    const [one] = desk.prove([{ providerId: "KEY-15", consumerId: "Valve-1", ways: [[]] }])[0] ?? [];
    expect(one?.findings.map(({ code }) => code)).toContain("fuse-wire");
  });
  test("of two ways the one that lets current back is told apart from the one whose diode stops it", () => {
    // A lamp from a permanent feed to the ignition: with the key off its current goes back into the ignition.
    const plan: Plan = {
      van: `${VAN}  donor Panel-1 P1 supply-in battery-supply RD 0.75mm 1m alive=permanent amps=0.2 "Lamp feed"
  donor Panel-2 P2 load-in charge-warning BU 0.75mm 1m amps=0.2 otherEnd=battery "Lamp"
`,
      parts: [
        {
          id: "Panel",
          side: "donor",
          type: "lamp",
          label: "Panel",
          terminals: ["1", "2"].map((name) => ({ name, pinId: `Panel-${name}` })),
          elements: [{ id: "L1", type: "lamp", a: "1", b: "2", ratedVolts: 12, ratedWatts: 60 }],
        },
      ],
      links: [...SOUND, ["Battery-+", "Panel-1"]],
    };
    const diode: Adapter = { type: "blocking-diode", volts: 50, amps: 3 };
    const [bare, blocked] = proofs(plan, "KEY-15", "Panel-2", [[], [diode]]);
    expect(bare?.verdict).toBe("fails");
    expect(bare?.findings.map(({ code }) => code)).toContain("back-feed");
    expect(blocked?.findings.map(({ code }) => code)).not.toContain("back-feed");
  });
  test("an adapter with electronics of its own is not in the circuit, and is not called proven", () => {
    const plan: Plan = {
      van: `${VAN}  donor ECU-7 E7 pwm-out coolant-temperature YE 0.5mm 1m "Gauge"
  host Gauge-1 7 resistive-in coolant-temperature YE 0.5mm 1m "Gauge"
`,
    };
    expect(proofs(plan, "ECU-7", "Gauge-1", [[{ type: "gauge-driver", curve: null }]]).map(said)).toEqual([["apart"]]);
  });
});

describe("levels of an input", () => {
  const computer: PartFacts = {
    id: "ecu",
    side: "donor",
    type: "computer",
    label: "Engine computer",
    terminals: ["1", "2", "9"].map((name) => ({ name, pinId: `ECU-${name}` })),
    elements: [{ id: "P1", type: "power", a: "1", b: "2", watts: 30, minVolts: 6 }],
  };
  const button: PartFacts = {
    id: "button",
    side: "host",
    type: "switch",
    label: "Button",
    terminals: ["1", "2"].map((name) => ({ name, pinId: `Button-${name}` })),
    elements: [{ id: "S1", type: "switch", a: "1", b: "2", closedIn: [], ohms: 0.05 }],
  };
  const plan = (asked: string): Plan => ({
    van: `${VAN}  host Button-1 20 switch-out ac-request YE 0.5mm 1m to=ground maxAmps=1 "Button"
  host Button-2 6 ground ground BK 0.5mm 1m "Ground"
  donor ECU-9 E9 logic-in ac-request YE 0.5mm 1m ${asked} "Request"
`,
    parts: [computer, button],
    bare: true,
  });
  const pullUp = (ohms: number): readonly Adapter[] => [{ type: "pull-up", ohms, volts: 12 }];
  const misses = (asked: string, adapters: readonly Adapter[]) =>
    proofs(plan(asked), "Button-1", "ECU-9", [adapters])[0]?.levels.map((one) => [one.state, one.isWorked, one.wanted]);

  const levels = "active=low lowVolts=1.5 highVolts=4";
  const LISTENING = ["run", "crank", "running"];
  test("a contact to ground with a pull-up reaches both levels in every position; without one it never gets high", () => {
    expect(misses(`${levels} pull=none`, pullUp(2200))).toEqual([]);
    expect(misses(`${levels} pull=none`, [])).toEqual(LISTENING.map((state) => [state, false, "high"]));
    // The input's own pull-up is inside of the computer: nothing is said of the level that it makes.
    expect(misses(`${levels} pull=up`, [])).toEqual([]);
  });
  test("a pull-up too strong for the wire and the contact leaves a low that is none", () => {
    const long = plan(`${levels} pull=none`);
    const thin = {
      ...long,
      van: long.van?.replace("ac-request YE 0.5mm 1m to=ground", "ac-request YE 0.35mm 40m to=ground"),
    };
    // 12 V over 2 Ω and some 2 Ω of wire: half of it stays on the input (Ohm).
    const [proof] = proofs(thin as Plan, "Button-1", "ECU-9", [pullUp(2)]);
    expect(proof?.levels.some(({ wanted, isWorked, volts }) => wanted === "low" && isWorked && volts > 1.5)).toBe(true);
    expect(proof?.verdict).toBe("fails");
  });
});
