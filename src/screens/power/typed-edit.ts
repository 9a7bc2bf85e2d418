import { readLength, readSize } from "@/core/intake";
import type { PowerEdit } from "@/core/power";
import { FOOT_M, type Units } from "@/core/units";
import { celsiusOf } from "@/core/words";

/** What can be tried by one's own hand. */
export const TRY_KINDS = ["feed", "wire", "relay", "diode", "strap", "load", "setting"] as const;
export type TryKind = (typeof TRY_KINDS)[number];

/** Ids by the names that people know them by. */
export type Named = ReadonlyMap<string, string>;
export interface Choices {
  readonly pins: Named;
  readonly wires: Named;
  readonly links: Named;
}

/** The fields of one edit as they were typed; a name, a size or a number is read as anywhere else. */
class Typed {
  constructor(
    private readonly fields: Readonly<Record<string, string>>,
    private readonly units: Units,
  ) {}

  text(name: string): string {
    return (this.fields[name] ?? "").trim();
  }

  /** Undefined where nothing was typed; NaN where it is no number. */
  number(name: string): number | undefined {
    return this.text(name) === "" ? undefined : Number(this.text(name).replace(",", "."));
  }

  /** mm². */
  get size(): number | undefined {
    const text = this.text("size");
    if (text === "") return undefined;
    const read = readSize(text, { decimalComma: true, headerUnit: this.units === "imperial" ? "awg" : null });
    return read ?? (this.units === "metric" ? this.number("size") : undefined) ?? Number.NaN;
  }

  /** m. */
  get length(): number | undefined {
    const text = this.text("length");
    if (text === "") return undefined;
    const read = readLength(text, { decimalComma: true, headerUnit: this.units === "imperial" ? "ft" : "m" });
    // What no wire is long is still a number, which the edit refuses with its range.
    return read ?? (this.number("length") ?? Number.NaN) * (this.units === "imperial" ? FOOT_M : 1);
  }

  idIn(list: Named, name: string): string | undefined {
    const wanted = this.text(name).toLowerCase();
    return list.get(this.text(name)) ?? [...list].find(([label]) => label.toLowerCase() === wanted)?.[1];
  }

  missing(what: string, name: string): string {
    return this.text(name) === "" ? `Name the ${what}.` : `There is no ${what} called “${this.text(name)}”.`;
  }
}

/** From what was typed to an edit, or to what is wrong with it. */
export function typedEdit(
  kind: TryKind,
  fields: Readonly<Record<string, string>>,
  choices: Choices,
  units: Units,
): PowerEdit | string {
  const typed = new Typed(fields, units);
  switch (kind) {
    case "feed":
    case "relay":
      return feedEdit(kind, typed, choices);
    case "wire": {
      const wireId = typed.idIn(choices.wires, "wire");
      return wireId === undefined
        ? typed.missing("wire", "wire")
        : { type: "wire", wireId, ...given("sizeMm2", typed.size), ...given("lengthM", typed.length) };
    }
    case "diode": {
      const linkId = typed.idIn(choices.links, "link");
      return linkId === undefined ? typed.missing("link", "link") : { type: "diode", linkId };
    }
    case "strap": {
      const [fromPinId, toPinId] = [typed.idIn(choices.pins, "from"), typed.idIn(choices.pins, "to")];
      if (fromPinId === undefined) return typed.missing("cavity", "from");
      if (toPinId === undefined) return typed.missing("cavity", "to");
      const [sizeMm2, lengthM] = [typed.size ?? Number.NaN, typed.length ?? Number.NaN];
      return { type: "strap", fromPinId, toPinId, sizeMm2, lengthM };
    }
    case "load": {
      const pinId = typed.idIn(choices.pins, "at");
      if (pinId === undefined) return typed.missing("cavity", "at");
      const watts = typed.number("watts") ?? Number.NaN;
      return { type: "load", pinId, watts, name: typed.text("name") || "Added load", sizeMm2: 2.5, lengthM: 2 };
    }
    case "setting":
      return settingEdit(typed, units);
  }
}

const given = (name: "sizeMm2" | "lengthM", value: number | undefined) =>
  value === undefined ? {} : { [name]: value };

function feedEdit(kind: "feed" | "relay", typed: Typed, { pins }: Choices): PowerEdit | string {
  const [consumerId, providerId] = [typed.idIn(pins, "consumer"), typed.idIn(pins, "provider")];
  if (consumerId === undefined) return typed.missing("cavity", "consumer");
  if (providerId === undefined) return typed.missing("feed or ground", "provider");
  if (consumerId === providerId) return "A cavity cannot feed itself.";
  if (kind === "feed") return { type: "relink", consumerId, providerId };
  const contactFeedId = typed.idIn(pins, "contact");
  return contactFeedId === undefined
    ? typed.missing("feed for the contact", "contact")
    : { type: "relay", consumerId, providerId, contactFeedId };
}

function settingEdit(typed: Typed, units: Units): PowerEdit | string {
  const [degrees, cca] = [typed.number("celsius"), typed.number("cca")];
  if (degrees !== undefined)
    return { type: "setting", key: "battery-c", value: units === "metric" ? degrees : celsiusOf(degrees) };
  return cca === undefined
    ? "Give a temperature or a cranking current."
    : { type: "setting", key: "battery-cca", value: cca };
}
