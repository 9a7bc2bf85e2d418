"use client";

import { type FormEvent, useState } from "react";
import { readLength, readSize } from "@/core/intake";
import type { Units } from "@/core/units";
import { capital, sizeUnit } from "@/core/words";
import { addWireOps } from "@/job/harness-ops";
import { WIRE_STOCK, type WireRow } from "@/job/schema";
import { Button, Field } from "@/ui/controls";
import { Dialog } from "@/ui/dialog";
import { useJob } from "../shell/job-provider";

/** What is typed of a wire, as text. */
interface Typed {
  readonly from: string;
  readonly to: string;
  readonly colour: string;
  readonly size: string;
  readonly length: string;
  readonly stock: WireRow["stock"];
}
type Faults = { readonly [K in keyof Typed]?: string };

/** A wire between two cavities that no table shows. */
export function AddWireDialog({ from, onClose }: { from: string | null; onClose: () => void }) {
  const job = useJob();
  const { units } = job.document.job;
  const [typed, setTyped] = useState<Typed>({
    from: from === null ? "" : (job.pinById.get(from)?.label ?? ""),
    to: "",
    colour: "",
    size: "",
    length: "",
    stock: "new",
  });
  const [faults, setFaults] = useState<Faults>({});
  const find = (label: string) => job.pins.find((pin) => pin.label.toLowerCase() === label.trim().toLowerCase());
  const send = (event: FormEvent) => {
    event.preventDefault();
    const [one, two] = [find(typed.from), find(typed.to)];
    const { sizeMm2, lengthM, faults: unread } = readMeasures(typed, units);
    const found: Faults = {
      ...unread,
      ...(one === undefined ? { from: "No cavity is called so: as C1-23" } : {}),
      ...(two === undefined ? { to: "No cavity is called so: as FB-2" } : {}),
      ...(one !== undefined && one === two ? { to: "A wire needs two cavities: both ends are in this one" } : {}),
    };
    setFaults(found);
    if (Object.keys(found).length > 0 || one === undefined || two === undefined) return;
    const { colour, stock } = typed;
    job.change(
      `Wire ${one.label} to ${two.label}`,
      addWireOps({ fromPinId: one.row.id, toPinId: two.row.id, colour, sizeMm2, lengthM, stock }),
    );
    onClose();
  };
  return (
    <Dialog
      open
      onClose={onClose}
      title="Add a wire"
      description="Between two cavities, in addition to what the tables join by circuit number."
    >
      <form onSubmit={send} className="space-y-3" noValidate>
        <datalist id="cavities">
          {job.pins.slice(0, 4000).map((pin) => (
            <option key={pin.row.id} value={pin.label}>
              {pin.row.description}
            </option>
          ))}
        </datalist>
        <WireFields
          typed={typed}
          faults={faults}
          units={units}
          onType={(part) => setTyped((before) => ({ ...before, ...part }))}
        />
        <Button primary type="submit">
          Add the wire
        </Button>
      </form>
    </Dialog>
  );
}

/** Size and length in the job's units; null where nothing is typed. */
function readMeasures({ size, length }: Typed, units: Units) {
  const imperial = units === "imperial";
  const area = readSize(size, { decimalComma: true, headerUnit: imperial ? "awg" : null });
  const metres = readLength(length, { decimalComma: true, headerUnit: imperial ? "ft" : "m" });
  const [noSize, noLength] = [size.trim() === "", length.trim() === ""];
  return {
    sizeMm2: noSize ? null : area,
    lengthM: noLength ? null : metres,
    faults: {
      ...(noSize || area !== null ? {} : { size: "A size such as 0.5 or 20 AWG" }),
      ...(noLength || metres !== null ? {} : { length: "A length such as 1.85 m or 6 ft" }),
    } satisfies Faults,
  };
}

interface FieldsProps {
  readonly typed: Typed;
  readonly faults: Faults;
  readonly units: Units;
  readonly onType: (part: Partial<Typed>) => void;
}

function WireFields({ typed, faults, units, onType }: FieldsProps) {
  const text = (key: Exclude<keyof Typed, "stock">, label: string, placeholder?: string) => {
    const end = key === "from" || key === "to";
    return (
      <Field label={label} error={faults[key] ?? null}>
        <input
          className={`field ${end ? "font-mono" : ""}`}
          list={end ? "cavities" : undefined}
          placeholder={placeholder}
          value={typed[key]}
          onChange={(event) => onType({ [key]: event.target.value })}
        />
      </Field>
    );
  };
  return (
    <>
      <div className="grid grid-cols-2 gap-3">
        {text("from", "From cavity")}
        {text("to", "To cavity")}
      </div>
      <div className="grid grid-cols-3 gap-3">
        {text("colour", "Colour", "YE/BK")}
        {text("size", `Size, ${sizeUnit(units)}`)}
        {text("length", `Length, ${units === "metric" ? "m" : "ft"}`)}
      </div>
      <Field label="It is">
        <select
          className="field"
          value={typed.stock}
          onChange={(event) => onType({ stock: event.target.value as WireRow["stock"] })}
        >
          {WIRE_STOCK.map((one) => (
            <option key={one} value={one}>
              {capital(one)}
            </option>
          ))}
        </select>
      </Field>
    </>
  );
}
