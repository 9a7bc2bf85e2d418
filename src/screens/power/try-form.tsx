"use client";

import { memo, type ReactNode, useId, useMemo, useState } from "react";
import { readLength, readSize } from "@/core/intake";
import { editFault, type PowerEdit, type PowerReport } from "@/core/power";
import { FOOT_M } from "@/core/units";
import { celsiusOf, type EditNames, editFaultText, sizeUnit, wireText } from "@/core/words";
import { Button, Field } from "@/ui/controls";
import { useJob } from "../shell/job-provider";
import { useEditNames } from "./edit-names";

const KINDS = {
  feed: "Another feed or ground for a cavity",
  wire: "A thicker or longer wire",
  relay: "A relay in a feed",
  diode: "A diode in a link",
  strap: "A new wire or ground strap",
  load: "One more load",
  setting: "A colder or other battery",
} as const;
type Kind = keyof typeof KINDS;

/** Something of one's own to try: it is added to what is tried already. */
export const TryForm = memo(function TryForm({
  onTry,
  report,
}: {
  onTry: (edit: PowerEdit) => void;
  report: PowerReport;
}) {
  const [kind, setKind] = useState<Kind>("feed");
  const [fields, setFields] = useState<Readonly<Record<string, string>>>({});
  const [fault, setFault] = useState<string | null>(null);
  const names = useEditNames();
  const build = useBuilder(names);
  const set = (name: string) => (value: string) => {
    setFields({ ...fields, [name]: value });
    setFault(null);
  };
  const submit = () => {
    const made = build(kind, fields, report);
    const found = typeof made === "string" ? null : editFault(made);
    const wrong = typeof made === "string" ? made : found && editFaultText(found, names.units);
    setFault(wrong);
    if (wrong === null && typeof made !== "string") onTry(made);
  };
  const field = (name: string, label: string, hint?: string): ReactNode => (
    <Field label={label} hint={hint}>
      <input className="field" value={fields[name] ?? ""} onChange={(event) => set(name)(event.target.value)} />
    </Field>
  );
  const sizes = (
    <>
      {field("size", `Size, ${sizeUnit(names.units)}`)}
      {field("length", `Length, ${names.units === "metric" ? "m" : "ft"}`)}
    </>
  );
  return (
    <details className="no-print border-b border-rule">
      <summary className="min-h-11 px-3 py-3 font-semibold">Try something of your own</summary>
      <form
        className="grid grid-cols-2 gap-3 px-3 pb-4 max-md:grid-cols-1"
        onSubmit={(event) => {
          event.preventDefault();
          submit();
        }}
      >
        <div className="col-span-full">
          <Field label="What">
            <select
              className="field"
              value={kind}
              onChange={(event) => {
                setKind(event.target.value as Kind);
                setFault(null);
              }}
            >
              {(Object.keys(KINDS) as Kind[]).map((one) => (
                <option key={one} value={one}>
                  {KINDS[one]}
                </option>
              ))}
            </select>
          </Field>
        </div>
        {(kind === "feed" || kind === "relay") && (
          <>
            <Picker label="Cavity" of="pins" value={fields.consumer ?? ""} onChange={set("consumer")} />
            <Picker
              label={kind === "relay" ? "Coil from" : "From"}
              of="pins"
              value={fields.provider ?? ""}
              onChange={set("provider")}
            />
          </>
        )}
        {kind === "relay" && (
          <Picker label="Contact from" of="pins" value={fields.contact ?? ""} onChange={set("contact")} />
        )}
        {kind === "wire" && (
          <>
            <Picker label="Wire" of="wires" value={fields.wire ?? ""} onChange={set("wire")} />
            <div className="grid grid-cols-2 gap-3">{sizes}</div>
          </>
        )}
        {kind === "diode" && <Picker label="Link" of="links" value={fields.link ?? ""} onChange={set("link")} />}
        {kind === "strap" && (
          <>
            <Picker label="From cavity" of="pins" value={fields.from ?? ""} onChange={set("from")} />
            <Picker label="To cavity" of="pins" value={fields.to ?? ""} onChange={set("to")} />
            {sizes}
          </>
        )}
        {kind === "load" && (
          <>
            <Picker label="At cavity" of="pins" value={fields.at ?? ""} onChange={set("at")} />
            {field("watts", "Power, W")}
            {field("name", "What it is")}
          </>
        )}
        {kind === "setting" && (
          <>
            {field("celsius", `Battery temperature, ${names.units === "metric" ? "°C" : "°F"}`, "or leave it")}
            {field("cca", "Cold cranking current, A", "or leave it")}
          </>
        )}
        <div className="col-span-full flex items-center gap-3">
          <Button type="submit">Try it</Button>
          {fault !== null && (
            <p role="alert" className="font-semibold text-stop">
              {fault}
            </p>
          )}
        </div>
      </form>
    </details>
  );
});

type Choices = ReadonlyMap<string, string>;

/** What can be named, by its name. */
function useChoices(): { readonly pins: Choices; readonly wires: Choices; readonly links: Choices } {
  const job = useJob();
  return useMemo(
    () => ({
      pins: new Map(job.pins.map((pin) => [pin.label, pin.row.id])),
      wires: new Map((job.report?.rows ?? []).map((row) => [wireText(row.ends), row.wire.id])),
      links: new Map(
        job.plan.lines
          .filter((line) => line.state === "decided" || line.state === "proposed")
          .map((line) => [
            `${line.provider.connector}-${line.provider.cavity} to ${line.consumer.connector}-${line.consumer.cavity}`,
            line.decision?.id ?? `${line.provider.id}-${line.consumer.id}`,
          ]),
      ),
    }),
    [job.pins, job.report, job.plan],
  );
}

function Picker({
  label,
  of,
  value,
  onChange,
}: {
  label: string;
  of: "pins" | "wires" | "links";
  value: string;
  onChange: (value: string) => void;
}) {
  const list = useId();
  const choices = useChoices()[of];
  const words = value.trim().toLowerCase();
  const fitting = [...choices.keys()].filter((name) => name.toLowerCase().includes(words)).slice(0, 30);
  return (
    <Field label={label}>
      <input
        className="field"
        list={list}
        value={value}
        autoComplete="off"
        placeholder={of === "pins" ? "as printed: C1-2" : "type a part of its name"}
        onChange={(event) => onChange(event.target.value)}
      />
      <datalist id={list}>
        {fitting.map((name) => (
          <option key={name} value={name} />
        ))}
      </datalist>
    </Field>
  );
}

const given = (name: "sizeMm2" | "lengthM", value: number | undefined) =>
  value === undefined ? {} : { [name]: value };

/** From what was typed to an edit, or to what is wrong with it. */
function useBuilder(
  names: EditNames,
): (kind: Kind, fields: Readonly<Record<string, string>>, report: PowerReport) => PowerEdit | string {
  const choices = useChoices();
  return (kind, fields) => {
    const text = (name: string) => (fields[name] ?? "").trim();
    const number = (name: string) => (text(name) === "" ? undefined : Number(text(name).replace(",", ".")));
    const sizeOf = () =>
      text("size") === ""
        ? undefined
        : (readSize(text("size"), { decimalComma: true, headerUnit: names.units === "imperial" ? "awg" : null }) ??
          (names.units === "metric" ? number("size") : undefined) ??
          Number.NaN);
    const lengthOf = () =>
      text("length") === ""
        ? undefined
        : (readLength(text("length"), { decimalComma: true, headerUnit: names.units === "imperial" ? "ft" : "m" }) ??
          (number("length") ?? Number.NaN) * (names.units === "imperial" ? FOOT_M : 1));
    const from = (list: Choices, name: string) =>
      list.get(text(name)) ?? [...list].find(([label]) => label.toLowerCase() === text(name).toLowerCase())?.[1];
    const missing = (what: string, name: string) =>
      text(name) === "" ? `Name the ${what}.` : `There is no ${what} called “${text(name)}”.`;
    switch (kind) {
      case "feed":
      case "relay": {
        const [consumerId, providerId] = [from(choices.pins, "consumer"), from(choices.pins, "provider")];
        if (consumerId === undefined) return missing("cavity", "consumer");
        if (providerId === undefined) return missing("feed or ground", "provider");
        if (consumerId === providerId) return "A cavity cannot feed itself.";
        if (kind === "feed") return { type: "relink", consumerId, providerId };
        const contact = from(choices.pins, "contact");
        return contact === undefined
          ? missing("feed for the contact", "contact")
          : { type: "relay", consumerId, providerId, contactFeedId: contact };
      }
      case "wire": {
        const wireId = from(choices.wires, "wire");
        return wireId === undefined
          ? missing("wire", "wire")
          : { type: "wire", wireId, ...given("sizeMm2", sizeOf()), ...given("lengthM", lengthOf()) };
      }
      case "diode": {
        const linkId = from(choices.links, "link");
        return linkId === undefined ? missing("link", "link") : { type: "diode", linkId };
      }
      case "strap": {
        const [fromPinId, toPinId] = [from(choices.pins, "from"), from(choices.pins, "to")];
        if (fromPinId === undefined) return missing("cavity", "from");
        if (toPinId === undefined) return missing("cavity", "to");
        return {
          type: "strap",
          fromPinId,
          toPinId,
          sizeMm2: sizeOf() ?? Number.NaN,
          lengthM: lengthOf() ?? Number.NaN,
        };
      }
      case "load": {
        const pinId = from(choices.pins, "at");
        return pinId === undefined
          ? missing("cavity", "at")
          : {
              type: "load",
              pinId,
              watts: number("watts") ?? Number.NaN,
              name: text("name") || "Added load",
              sizeMm2: 2.5,
              lengthM: 2,
            };
      }
      case "setting": {
        const [celsius, cca] = [number("celsius"), number("cca")];
        if (celsius !== undefined)
          return { type: "setting", key: "battery-c", value: names.units === "metric" ? celsius : celsiusOf(celsius) };
        return cca === undefined
          ? "Give a temperature or a cranking current."
          : { type: "setting", key: "battery-cca", value: cca };
      }
    }
  };
}
