"use client";

import { type FormEvent, useState } from "react";
import { readLength, readSize } from "@/core/intake";
import { capital, sizeUnit } from "@/core/words";
import { addWireOps } from "@/job/harness-ops";
import { WIRE_STOCK, type WireRow } from "@/job/schema";
import { Button, Field } from "@/ui/controls";
import { Dialog } from "@/ui/dialog";
import { useJob } from "../shell/job-provider";

/** A wire between two cavities that no table shows. */
export function AddWireDialog({ from, onClose }: { from: string | null; onClose: () => void }) {
  const job = useJob();
  const { units } = job.document.job;
  const labelOf = (id: string | null) => (id === null ? "" : (job.pinById.get(id)?.label ?? ""));
  const [ends, setEnds] = useState({ from: labelOf(from), to: "" });
  const [colour, setColour] = useState("");
  const [size, setSize] = useState("");
  const [length, setLength] = useState("");
  const [stock, setStock] = useState<WireRow["stock"]>("new");
  const [faults, setFaults] = useState<Record<string, string>>({});
  const find = (label: string) => job.pins.find((pin) => pin.label.toLowerCase() === label.trim().toLowerCase());
  const send = (event: FormEvent) => {
    event.preventDefault();
    const [one, two] = [find(ends.from), find(ends.to)];
    const area =
      size.trim() === ""
        ? null
        : readSize(size, { decimalComma: true, headerUnit: units === "imperial" ? "awg" : null });
    const metres =
      length.trim() === ""
        ? null
        : readLength(length, { decimalComma: true, headerUnit: units === "imperial" ? "ft" : "m" });
    const found: Record<string, string> = {};
    if (one === undefined) found.from = "No cavity is called so: as C1-23";
    if (two === undefined) found.to = "No cavity is called so: as FB-2";
    if (one !== undefined && one === two) found.to = "A wire needs two cavities: both ends are in this one";
    if (size.trim() !== "" && area === null) found.size = "A size such as 0.5 or 20 AWG";
    if (length.trim() !== "" && metres === null) found.length = "A length such as 1.85 m or 6 ft";
    setFaults(found);
    if (Object.keys(found).length > 0 || one === undefined || two === undefined) return;
    job.change(
      `Wire ${one.label} to ${two.label}`,
      addWireOps({ fromPinId: one.row.id, toPinId: two.row.id, colour, sizeMm2: area, lengthM: metres, stock }),
    );
    onClose();
  };
  const end = (key: "from" | "to", label: string) => (
    <Field label={label} error={faults[key] ?? null}>
      <input
        className="field font-mono"
        list="cavities"
        value={ends[key]}
        onChange={(event) => setEnds({ ...ends, [key]: event.target.value })}
      />
    </Field>
  );
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
        <div className="grid grid-cols-2 gap-3">
          {end("from", "From cavity")}
          {end("to", "To cavity")}
        </div>
        <div className="grid grid-cols-3 gap-3">
          <Field label="Colour">
            <input
              className="field"
              placeholder="YE/BK"
              value={colour}
              onChange={(event) => setColour(event.target.value)}
            />
          </Field>
          <Field label={`Size, ${sizeUnit(units)}`} error={faults.size ?? null}>
            <input className="field" value={size} onChange={(event) => setSize(event.target.value)} />
          </Field>
          <Field label={`Length, ${units === "metric" ? "m" : "ft"}`} error={faults.length ?? null}>
            <input className="field" value={length} onChange={(event) => setLength(event.target.value)} />
          </Field>
        </div>
        <Field label="It is">
          <select
            className="field"
            value={stock}
            onChange={(event) => setStock(event.target.value as WireRow["stock"])}
          >
            {WIRE_STOCK.map((one) => (
              <option key={one} value={one}>
                {capital(one)}
              </option>
            ))}
          </select>
        </Field>
        <Button primary type="submit">
          Add the wire
        </Button>
      </form>
    </Dialog>
  );
}
