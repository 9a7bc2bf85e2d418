"use client";

import { type FormEvent, type ReactNode, useState } from "react";
import { layFace, NUMBERINGS, type Numbering } from "@/job/harness-ops";
import { updateOp } from "@/job/ops";
import { type ConnectorRow, type Face, GENDERS } from "@/job/schema";
import { Button, Field } from "@/ui/controls";
import { useJob } from "../shell/job-provider";

interface Props {
  readonly connector: ConnectorRow;
  readonly face: Face;
  readonly cavities: readonly string[];
}

/** What is typed of a face, as text. */
interface Typed {
  readonly rows: string;
  readonly columns: string;
  readonly pitch: string;
  readonly numbering: Numbering;
  readonly keyEdge: Face["keyEdge"];
  readonly keying: string;
  readonly gender: string;
  readonly housing: string;
}

/** The face's own facts: rows, columns, how they are counted, the key, and what tells it from a look-alike. */
export function FaceForm({ connector, face, cavities }: Props) {
  const job = useJob();
  const [typed, setTyped] = useState<Typed>({
    rows: String(face.rows),
    columns: String(face.columns),
    pitch: String(face.pitchMm),
    numbering: "rows",
    keyEdge: face.keyEdge,
    keying: connector.keying ?? "",
    gender: connector.gender ?? "",
    housing: connector.housing ?? "",
  });
  const [fault, setFault] = useState<string | null>(null);
  const send = (event: FormEvent) => {
    event.preventDefault();
    const read = readFace(typed, cavities);
    setFault(typeof read === "string" ? read : null);
    if (typeof read === "string") return;
    job.change(`Face of ${connector.label}`, [
      updateOp("connector", connector.id, connector, {
        face: read,
        keying: typed.keying.trim() || null,
        gender: GENDERS.find((one) => one === typed.gender) ?? null,
        housing: typed.housing.trim() || null,
      }),
    ]);
  };
  return (
    <form onSubmit={send} className="no-print mt-5 border-t border-rule pt-3" noValidate>
      <h3 className="mb-2 text-[13px] font-bold">As it is moulded, seen from the wire side</h3>
      <FaceFields typed={typed} onType={(part) => setTyped({ ...typed, ...part })} />
      <p className="mt-3 flex items-center gap-3">
        <Button type="submit">Keep the face</Button>
        {fault !== null && (
          <span role="alert" className="text-[13px] font-semibold text-stop">
            {fault}
          </span>
        )}
      </p>
    </form>
  );
}

/** The face that was typed, or what is wrong with it. */
function readFace(typed: Typed, cavities: readonly string[]): Face | string {
  const [rows, columns, pitchMm] = [Number(typed.rows), Number(typed.columns), Number(typed.pitch.replace(",", "."))];
  if (!Number.isInteger(rows) || rows < 1 || rows > 40 || !Number.isInteger(columns) || columns < 1 || columns > 60)
    return "Rows from 1 to 40, columns from 1 to 60";
  if (!(pitchMm >= 0.5 && pitchMm <= 30)) return "A pitch from 0.5 to 30 mm";
  if (rows * columns < cavities.length)
    return `${rows} × ${columns} is ${rows * columns}, and the connector has ${cavities.length} cavities`;
  return { rows, columns, pitchMm, keyEdge: typed.keyEdge, cells: layFace(cavities, rows, columns, typed.numbering) };
}

function FaceFields({ typed, onType }: { typed: Typed; onType: (part: Partial<Typed>) => void }) {
  const text = (label: string, key: "rows" | "columns" | "pitch" | "keying" | "housing", placeholder?: string) => (
    <Field label={label}>
      <input
        className="field"
        inputMode={key === "rows" || key === "columns" ? "numeric" : key === "pitch" ? "decimal" : undefined}
        value={typed[key]}
        placeholder={placeholder}
        onChange={(event) => onType({ [key]: event.target.value })}
      />
    </Field>
  );
  const choice = (label: string, key: "numbering" | "keyEdge" | "gender", options: ReactNode) => (
    <Field label={label}>
      <select
        className="field"
        value={typed[key]}
        onChange={(event) => onType({ [key]: event.target.value } as Partial<Typed>)}
      >
        {options}
      </select>
    </Field>
  );
  const named = (name: string) => <option key={name}>{name}</option>;
  return (
    <div className="grid grid-cols-4 gap-3 max-xl:grid-cols-2">
      {text("Rows", "rows")}
      {text("Columns", "columns")}
      {text("Pitch, mm", "pitch")}
      {choice(
        "Counted",
        "numbering",
        (Object.keys(NUMBERINGS) as Numbering[]).map((one) => (
          <option key={one} value={one}>
            {NUMBERINGS[one]}
          </option>
        )),
      )}
      {choice("Key or latch at the", "keyEdge", ["top", "bottom", "left", "right"].map(named))}
      {text("Keying", "keying", "A, or the lugs counted")}
      {choice(
        "Gender",
        "gender",
        <>
          <option value="">not looked at</option>
          {GENDERS.map(named)}
        </>,
      )}
      {text("Housing colour", "housing")}
    </div>
  );
}
