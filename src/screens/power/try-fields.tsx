"use client";

import { type ReactNode, useId, useMemo } from "react";
import type { Units } from "@/core/units";
import { sizeUnit, wireText } from "@/core/words";
import { Field } from "@/ui/controls";
import { useJob } from "../shell/job-provider";
import type { Choices, TryKind } from "./typed-edit";

/** What one kind of try asks for. */
export function TryFields({
  kind,
  fields,
  onChange,
  units,
}: {
  kind: TryKind;
  fields: Readonly<Record<string, string>>;
  onChange: (name: string, value: string) => void;
  units: Units;
}) {
  const field = (name: string, label: string, hint?: string): ReactNode => (
    <Field key={name} label={label} hint={hint}>
      <input className="field" value={fields[name] ?? ""} onChange={(event) => onChange(name, event.target.value)} />
    </Field>
  );
  const picker = (name: string, label: string, of: keyof Choices = "pins"): ReactNode => (
    <Picker key={name} label={label} of={of} value={fields[name] ?? ""} onChange={(value) => onChange(name, value)} />
  );
  const sizes = [
    field("size", `Size, ${sizeUnit(units)}`),
    field("length", `Length, ${units === "metric" ? "m" : "ft"}`),
  ];
  switch (kind) {
    case "feed":
      return [picker("consumer", "Cavity"), picker("provider", "From")];
    case "relay":
      return [picker("consumer", "Cavity"), picker("provider", "Coil from"), picker("contact", "Contact from")];
    case "wire":
      return [
        picker("wire", "Wire", "wires"),
        <div key="sizes" className="grid grid-cols-2 gap-3">
          {sizes}
        </div>,
      ];
    case "diode":
      return picker("link", "Link", "links");
    case "strap":
      return [picker("from", "From cavity"), picker("to", "To cavity"), ...sizes];
    case "load":
      return [picker("at", "At cavity"), field("watts", "Power, W"), field("name", "What it is")];
    case "setting":
      return [
        field("celsius", `Battery temperature, ${units === "metric" ? "°C" : "°F"}`, "or leave it"),
        field("cca", "Cold cranking current, A", "or leave it"),
      ];
  }
}

/** What can be named, by its name. */
export function useChoices(): Choices {
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
