"use client";

import { nanoid } from "nanoid";
import Link from "next/link";
import { useState } from "react";
import type { HarnessPart } from "@/core/harness";
import { guessedElements, PART_TYPES } from "@/core/parts";
import { partWords } from "@/core/words";
import { forgetPartOps, renameOps, takeOutOps, type tellPartOps } from "@/job/harness-ops";
import { insertOp } from "@/job/ops";
import { formOf } from "@/job/signal-pins";
import { Button, buttonLook, Field } from "@/ui/controls";
import { SavedInput } from "@/ui/saved-input";
import { useJob } from "../shell/job-provider";
import { rowElements } from "./part-inside";

interface Props {
  readonly part: HarnessPart;
  readonly connectorId: string | undefined;
  readonly onTell: (label: string, to: Parameters<typeof tellPartOps>[2]) => void;
}

/** What a part is, whether anyone has said so, and where else it can be taken. */
export function PartHead({ part, connectorId, onTell }: Props) {
  const job = useJob();
  const keep = () =>
    job.change(`Keep ${part.label} in the library`, [
      insertOp("own_part", {
        id: nanoid(),
        name: part.label,
        type: part.type,
        terminals: part.terminals.map((one) => one.name),
        elements: rowElements(part),
      }),
    ]);
  return (
    <div className="flex flex-wrap items-end gap-3">
      <PartName part={part} />
      <TypeField part={part} onTell={onTell} />
      {part.guessed ? (
        <Button onClick={() => onTell(`${part.label} is confirmed as a ${partWords(part.type).toLowerCase()}`, {})}>
          Confirm
        </Button>
      ) : (
        <Button onClick={() => job.change(`Guess ${part.label} anew`, forgetPartOps(job.document, part.id))}>
          Guess it anew
        </Button>
      )}
      <Button onClick={keep}>Into my library</Button>
      <TakeOut part={part} />
      <Link className={buttonLook()} href={`/jobs/${job.jobId}/circuit?part=${encodeURIComponent(part.id)}`}>
        Circuit
      </Link>
      {connectorId !== undefined && (
        <Link className={buttonLook()} href={`/jobs/${job.jobId}/faces?connector=${connectorId}`}>
          Face
        </Link>
      )}
    </div>
  );
}

/** What it is called, to be corrected where it stands; its only connector is called so too. */
function PartName({ part }: Pick<Props, "part">) {
  const job = useJob();
  const [fault, setFault] = useState<string | null>(null);
  const rename = (name: string) => {
    if (name === "" || name === part.label) return;
    const ops = renameOps(job.document, part, name);
    setFault(ops === null ? `There is a connector called ${name} on this side already` : null);
    if (ops !== null) job.change(`${part.label} is called ${name}`, ops);
  };
  return (
    <div className="mr-2 min-w-40">
      <h2 className="hidden-text">{part.label}</h2>
      <Field label="Name" error={fault}>
        <SavedInput value={part.label} onSave={rename} />
      </Field>
    </div>
  );
}

/** Takes out what people placed; what a table brought goes by Triage. */
function TakeOut({ part }: Pick<Props, "part">) {
  const job = useJob();
  const ops = takeOutOps(job.document, part);
  return (
    <Button
      disabled={ops === null}
      title={ops === null ? "A pin table brought it, or a decision uses it: decide in Triage" : undefined}
      onClick={() => ops !== null && job.change(`Remove ${part.label}`, ops)}
    >
      Remove
    </Button>
  );
}

/** Another type brings the elements that such a part would have. */
function TypeField({ part, onTell }: Pick<Props, "part" | "onTell">) {
  const job = useJob();
  const setType = (type: string) => {
    const pins = part.terminals.flatMap(({ name, pinId }) => {
      const pin = pinId === null ? undefined : job.pinById.get(pinId);
      return pin === undefined ? [] : [{ ...pin.row, cavity: name, index: pin.row.indexLabel, form: formOf(pin.row) }];
    });
    const elements = type === "computer" ? [] : guessedElements(type, pins, part.label);
    onTell(`${part.label} is a ${partWords(type)}`, { type, elements: rowElements({ elements }) });
  };
  return (
    <label className="block text-[13px] font-semibold">
      <span className="block">It is a</span>
      <select className="field mt-1 block w-44" value={part.type} onChange={(event) => setType(event.target.value)}>
        {[...new Set([...PART_TYPES, part.type])].map((type) => (
          <option key={type} value={type}>
            {partWords(type)}
          </option>
        ))}
      </select>
    </label>
  );
}
