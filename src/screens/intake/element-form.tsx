"use client";

import { type FormEvent, useState } from "react";
import type { HarnessPart } from "@/core/harness";
import { CHASSIS, coil, contact, diode, fuse, joint, lamp, motor } from "@/core/parts";
import type { PartRow } from "@/job/schema";
import { Button } from "@/ui/controls";

type Element = PartRow["elements"][number];

const KINDS = {
  fuse: { name: "fuse", unit: "A", usual: 10, make: fuse },
  lamp: { name: "lamp", unit: "W", usual: 5, make: lamp },
  motor: { name: "motor", unit: "W", usual: 60, make: motor },
  coil: { name: "coil or resistor", unit: "Ω", usual: 80, make: coil },
  contact: {
    name: "contact",
    unit: "",
    usual: 0,
    make: (id: string, a: string, b: string) => contact(id, a, b, ["run", "running"]),
  },
  diode: { name: "diode", unit: "", usual: 0, make: (id: string, a: string, b: string) => diode(id, a, b) },
  joint: { name: "joined metal", unit: "", usual: 0, make: (id: string, a: string, b: string) => joint(id, a, b) },
} as const;
type Kind = keyof typeof KINDS;

const KIND_CHOICES = (Object.keys(KINDS) as Kind[]).map((one) => [one, KINDS[one].name] as const);

interface ChoiceProps {
  readonly label: string;
  readonly width: string;
  readonly chosen: string;
  readonly choices: readonly (readonly [value: string, name: string])[];
  readonly onChoose: (value: string) => void;
}

const Choice = ({ label, width, chosen, choices, onChoose }: ChoiceProps) => (
  <label className="block text-[13px] font-semibold">
    <span className="block">{label}</span>
    <select className={`field mt-1 block ${width}`} value={chosen} onChange={(event) => onChoose(event.target.value)}>
      {choices.map(([value, name]) => (
        <option key={value} value={value}>
          {name}
        </option>
      ))}
    </select>
  </label>
);

/** Adds one element between two terminals; the values that are not asked are those of a common part. */
export function ElementForm({ part, onAdd }: { part: HarnessPart; onAdd: (element: Element) => void }) {
  const terminals = [...part.terminals.map((one) => one.name), CHASSIS];
  const choices = terminals.map((one) => [one, one] as const);
  const [kind, setKind] = useState<Kind>("coil");
  const [a, setA] = useState(terminals[0] ?? CHASSIS);
  const [b, setB] = useState(terminals[1] ?? CHASSIS);
  const [value, setValue] = useState("");
  const { unit, usual, make } = KINDS[kind];
  const amount = value.trim() === "" ? usual : Number(value.replace(",", "."));
  const fault =
    a === b
      ? "Choose two terminals"
      : unit !== "" && !(amount > 0 && amount <= 5000)
        ? `A number of ${unit} up to 5000`
        : null;
  const send = (event: FormEvent) => {
    event.preventDefault();
    if (fault !== null) return;
    const taken = new Set(part.elements.map((one) => one.id));
    let id = `${kind} ${a} ${b}`;
    for (let count = 2; taken.has(id); count++) id = `${kind} ${a} ${b} ${count}`;
    onAdd(structuredClone(make(id, a, b, amount)) as Element);
    setValue("");
  };
  return (
    <form onSubmit={send} className="mt-2 flex flex-wrap items-end gap-2">
      <Choice
        label="Add a"
        width="w-40"
        chosen={kind}
        choices={KIND_CHOICES}
        onChoose={(one) => setKind(one as Kind)}
      />
      <Choice label="from" width="w-32" chosen={a} choices={choices} onChoose={setA} />
      <Choice label="to" width="w-32" chosen={b} choices={choices} onChoose={setB} />
      {unit !== "" && (
        <label className="block text-[13px] font-semibold">
          <span className="block">of, {unit}</span>
          <input
            className="field mt-1 block w-24"
            inputMode="decimal"
            placeholder={String(usual)}
            value={value}
            onChange={(event) => setValue(event.target.value)}
          />
        </label>
      )}
      <Button type="submit" disabled={fault !== null}>
        Add it
      </Button>
      {fault !== null && (
        <span role="alert" className="text-[13px] text-stop">
          {fault}
        </span>
      )}
    </form>
  );
}
