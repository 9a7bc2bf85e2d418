import { describe, expect, test } from "vitest";
import type { Units } from "@/core/units";
import { TRY_KINDS, type TryKind, typedEdit } from "./typed-edit";

const CHOICES = {
  pins: new Map([
    ["C1-2", "pin-1"],
    ["G3-1", "pin-2"],
    ["Main fuse box-3", "pin-3"],
  ]),
  wires: new Map([["C1-2 to splice 214", "wire-1"]]),
  links: new Map([["KEY-15 to C1-2", "link-1"]]),
};
const typed = (kind: TryKind, fields: Record<string, string>, units: Units = "metric") =>
  typedEdit(kind, fields, CHOICES, units);

describe("what is typed to be tried", () => {
  test("another feed, by names as they are printed, whatever the case and the spaces around", () => {
    const feed = { type: "relink", consumerId: "pin-1", providerId: "pin-3" };
    expect(typed("feed", { consumer: "C1-2", provider: "Main fuse box-3" })).toEqual(feed);
    expect(typed("feed", { consumer: " c1-2 ", provider: "main FUSE box-3" })).toEqual(feed);
  });
  test("a relay needs a feed for its contact too", () => {
    const coil = { consumer: "C1-2", provider: "G3-1" };
    expect(typed("relay", coil)).toBe("Name the feed for the contact.");
    expect(typed("relay", { ...coil, contact: "Main fuse box-3" })).toEqual({
      type: "relay",
      consumerId: "pin-1",
      providerId: "pin-2",
      contactFeedId: "pin-3",
    });
  });
  test("what is missing is named, and what does not exist is quoted", () => {
    expect(typed("feed", {})).toBe("Name the cavity.");
    expect(typed("feed", { consumer: "C1-2", provider: "  " })).toBe("Name the feed or ground.");
    expect(typed("feed", { consumer: "C1-2", provider: "C9-9" })).toBe("There is no feed or ground called “C9-9”.");
    expect(typed("feed", { consumer: "C1-2", provider: "c1-2" })).toBe("A cavity cannot feed itself.");
    expect(typed("wire", { wire: "C1" })).toBe("There is no wire called “C1”.");
    expect(typed("diode", {})).toBe("Name the link.");
    expect(typed("strap", { from: "C1-2" })).toBe("Name the cavity.");
    expect(typed("load", { at: "nowhere" })).toBe("There is no cavity called “nowhere”.");
    expect(typed("setting", {})).toBe("Give a temperature or a cranking current.");
  });
  test("a wire keeps what is not typed; a comma is a point", () => {
    const wire = "C1-2 to splice 214";
    expect(typed("wire", { wire })).toEqual({ type: "wire", wireId: "wire-1" });
    expect(typed("wire", { wire, size: "2,5" })).toEqual({ type: "wire", wireId: "wire-1", sizeMm2: 2.5 });
    expect(typed("wire", { wire, length: "1,2 m" })).toEqual({ type: "wire", wireId: "wire-1", lengthM: 1.2 });
    expect(typed("wire", { wire, size: "thick" })).toEqual({ type: "wire", wireId: "wire-1", sizeMm2: Number.NaN });
  });
  test("what no wire is long stays a number, for the edit to refuse with its range", () => {
    const strap = { from: "C1-2", to: "G3-1", size: "10", length: "5000" };
    expect(typed("strap", strap)).toMatchObject({ lengthM: 5000 });
    const imperial = typed("strap", strap, "imperial");
    expect(typeof imperial === "object" && imperial.type === "strap" ? imperial.lengthM : 0).toBeCloseTo(1524, 6);
  });
  test("in an imperial job sizes are gauges, lengths feet and temperatures Fahrenheit", () => {
    const strap = typed("strap", { from: "C1-2", to: "G3-1", size: "10", length: "3" }, "imperial");
    // ASTM B258: 10 AWG is 0.1019 in across, 5.26 mm²; a foot is 0.3048 m.
    expect(strap).toMatchObject({ type: "strap", fromPinId: "pin-1", toPinId: "pin-2" });
    expect(typeof strap === "object" && strap.type === "strap" ? strap.sizeMm2 : 0).toBeCloseTo(5.26, 2);
    expect(typeof strap === "object" && strap.type === "strap" ? strap.lengthM : 0).toBeCloseTo(0.9144, 6);
    expect(typed("setting", { celsius: "14" }, "imperial")).toEqual({ type: "setting", key: "battery-c", value: -10 });
    expect(typed("setting", { celsius: "14" })).toEqual({ type: "setting", key: "battery-c", value: 14 });
    expect(typed("setting", { cca: "600" })).toEqual({ type: "setting", key: "battery-cca", value: 600 });
  });
  test("a load has a name even if nobody gave one; no power typed is no number, which the edit refuses", () => {
    expect(typed("load", { at: "C1-2", watts: "55" })).toMatchObject({ watts: 55, name: "Added load" });
    expect(typed("load", { at: "C1-2", name: "Fridge" })).toMatchObject({ watts: Number.NaN, name: "Fridge" });
  });
  test("nothing typed is never an edit", () => {
    for (const kind of TRY_KINDS) expect(typeof typed(kind, {}), kind).toBe("string");
  });
});
