"use client";

import { nanoid } from "nanoid";
import Link from "next/link";
import type { HarnessPart } from "@/core/harness";
import { guessedElements, PART_TYPES } from "@/core/parts";
import { partWords } from "@/core/words";
import { forgetPartOps, type tellPartOps } from "@/job/harness-ops";
import { insertOp } from "@/job/ops";
import { formOf } from "@/job/signal-pins";
import { Button, buttonLook } from "@/ui/controls";
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
      <h2 className="mr-2 text-lg">{part.label}</h2>
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
      {connectorId !== undefined && (
        <Link className={buttonLook()} href={`/jobs/${job.jobId}/faces?connector=${connectorId}`}>
          Face
        </Link>
      )}
    </div>
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
