import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { acceptedLink, pinsFrom } from "../../../tests/support/pins";
import { deriveLines } from "../plan";
import { gearboxItems, lockoutFault, lockouts, rangeCodes, swapItems } from "./index";

const PINS = `
  donor T1-4@s1 low-side-out shift-solenoid maxAmps=1.5;clamp=own
  donor T1-5@s2 low-side-out shift-solenoid maxAmps=1.5;clamp=own
  donor T1-6@s3 low-side-out pressure-solenoid clamp=own
  donor T1-10@in reluctor-in transmission-input-speed
  donor T1-12@b logic-in brake-switch active=high
  donor T1-13@a logic-in gear-range active=low
  donor T1-15@c load-in converter-clutch ohms=10
  donor Box-1@s1 load-in shift-solenoid ohms=12
  donor Box-2@s2 load-in shift-solenoid ohms=6
  donor Box-3@s3 load-in pressure-solenoid ohms=5
  donor Box-7@in reluctor-out transmission-input-speed
  donor Lever-1@a switch-out gear-range to=ground
  donor Lever-6@r switch-out reverse-lamp to=battery
  host Lamp-1@x load-in reverse-lamp amps=3.5;otherEnd=ground
  host Dash-1@v reluctor-in transmission-input-speed
`;
const pins = pinsFrom(PINS);
const itemsOf = (links: Parameters<typeof deriveLines>[1] = []) =>
  gearboxItems(pins, deriveLines(pins, links).lines, () => false);
const item = (id: string, links?: Parameters<typeof deriveLines>[1]) => itemsOf(links).find(({ pin }) => pin.id === id);

describe("the gearbox's wiring", () => {
  test("drivers against their solenoids: 13.5 V over 12 Ω are within 1.5 A, over 6 Ω they are not, and an unknown rating is no answer", () => {
    expect(item("donor Box-1")?.driver).toMatchObject({ loadAmps: 13.5 / 12, maxAmps: 1.5, fits: true });
    expect(item("donor Box-2")?.driver).toMatchObject({ loadAmps: 13.5 / 6, fits: false });
    expect(item("donor Box-3")?.driver).toMatchObject({ maxAmps: null, fits: null });
  });
  test("what its own side serves, what is proposed, and what nobody serves", () => {
    expect(item("donor T1-13")).toMatchObject({ topic: "range", state: "own-side" });
    expect(item("host Lamp-1")).toMatchObject({ topic: "reverse-lamp", state: "proposed" });
    expect(item("donor T1-15")).toMatchObject({ topic: "solenoid", state: "missing" });
    expect(item("donor T1-12")).toMatchObject({ topic: "converter-brake", state: "missing" });
    const link = acceptedLink("donor Lever-6", "host Lamp-1", { quantity: "reverse-lamp" });
    expect(item("host Lamp-1", [link])?.state).toBe("decided");
  });
  test("a sensor of another kind than its input is told, a hall pickup at a pulse input is not", () => {
    const of = (sensor: string, input: string) =>
      gearboxItems(
        pinsFrom(`donor A-1@x ${sensor} transmission-output-speed\ndonor B-1@x ${input} transmission-output-speed`),
        [],
        () => false,
      )[0]?.otherKind;
    expect([of("reluctor-out", "hall-in"), of("hall-out", "frequency-in"), of("reluctor-out", "reluctor-in")]).toEqual([
      true,
      false,
      false,
    ]);
  });
  test("a pickup that a second input reads is told; one reader alone is not", () => {
    expect(item("donor T1-10")?.tappedBy).toEqual([]);
    const tap = acceptedLink("donor Box-7", "host Dash-1", { quantity: "transmission-input-speed" });
    expect(item("donor T1-10", [tap])?.tappedBy.map(({ id }) => id)).toEqual(["donor T1-10", "host Dash-1"]);
  });
});

describe("range codes", () => {
  const contacts = [
    ["P", "N"],
    ["R", "N"],
    ["D", "N", "P"],
  ];
  test("which contacts are closed in each range", () =>
    expect(rangeCodes(contacts).map(({ range, closed }) => `${range} ${closed.map(Number).join("")}`)).toEqual([
      "P 101",
      "R 010",
      "N 111",
      "D 001",
    ]));
  test("two ranges of one code contradict each other; what the computer expects is compared bit by bit", () => {
    expect(
      rangeCodes([["P", "N"]])
        .filter(({ twice }) => twice)
        .map(({ range }) => range),
    ).toEqual(["P", "R", "N", "D"]);
    expect(rangeCodes(contacts).some(({ twice }) => twice)).toBe(false);
    const told = rangeCodes(contacts, { P: 0b101, R: 0b011 });
    expect(told.map(({ differs }) => differs)).toEqual([false, true, false, false]);
    expect(told[1]?.expected).toEqual([true, true, false]);
  });
});

describe("reverse lockout", () => {
  test("8 km/h of 4,000 pulses a km are 8.9 Hz; without pulses no hertz is told", () => {
    const [bySpeed, byBrake] = lockouts(4000, 8, 5);
    expect(bySpeed.onHz).toBeCloseTo(8.889, 3);
    expect(bySpeed.offHz).toBeCloseTo(5.556, 3);
    expect(byBrake.minutes).toBeLessThan(bySpeed.minutes);
    expect(lockouts(null, 8, 5)[0].onHz).toBeNull();
  });
  test("it must let go below where it bars", () =>
    expect([lockoutFault(8, 5), lockoutFault(5, 5), lockoutFault(8, 0), lockoutFault(-1, 5)]).toEqual([
      null,
      "no-hysteresis",
      "not-above-zero",
      "not-above-zero",
    ]));
});

describe("another gearbox", () => {
  const told = (swap: Parameters<typeof swapItems>[0]) =>
    swapItems(swap, pins).map(({ topic, pin }) => `${topic} ${pin.id}`);
  test("one that is kept leaves nothing open", () => expect(told("kept")).toEqual([]));
  test("a manual in its place leaves what the gearbox computer drives and reads", () =>
    expect(told("manual-for-automatic")).toEqual([
      "solenoid donor T1-4",
      "solenoid donor T1-5",
      "solenoid donor T1-6",
      "codes donor T1-10",
      "range donor T1-13",
      "reverse-lamp host Lamp-1",
      "codes host Dash-1",
    ]));
  test("a loop is never offered but signed, and only at an interlock", () =>
    fc.assert(
      fc.property(
        fc.constantFrom("manual-for-automatic" as const, "automatic-for-manual" as const, "another-automatic" as const),
        (swap) => {
          for (const { topic, ways } of swapItems(
            swap,
            pinsFrom(
              `${PINS}  donor E-1 logic-in park-neutral active=low\n  donor E-2 logic-in clutch-switch active=low\n`,
            ),
          ))
            expect(ways.includes("loop-signed") && topic !== "interlock").toBe(false);
        },
      ),
    ));
});
