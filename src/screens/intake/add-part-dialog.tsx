"use client";

import { nanoid } from "nanoid";
import { type FormEvent, useRef, useState } from "react";
import { fuseBox, groundStud, LIBRARY, type Part, splicePack } from "@/core/parts";
import { capital, elementText } from "@/core/words";
import { readOwnParts, writeOwnParts } from "@/formats/own-parts";
import { placePartOps } from "@/job/harness-ops";
import { deleteOp, insertOp } from "@/job/ops";
import type { PartRow } from "@/job/schema";
import { Button, Field } from "@/ui/controls";
import { Dialog } from "@/ui/dialog";
import { FileField, JSON_FILES } from "@/ui/file-field";
import { saveFile } from "@/ui/save-file";
import { useJob } from "../shell/job-provider";

const BY_COUNT: Readonly<Record<string, (count: number) => Part>> = {
  "fuse-box": fuseBox,
  "splice-pack": splicePack,
  "ground-stud": groundStud,
};

/** The library of ready components, a person's own among them. */
export function AddPartDialog({
  onClose,
  onAdded,
}: {
  onClose: () => void;
  onAdded: (partId: string, side: PartRow["side"]) => void;
}) {
  const job = useJob();
  const [query, setQuery] = useState("");
  const [chosen, setChosen] = useState<Part | null>(null);
  const [label, setLabel] = useState("");
  const [side, setSide] = useState<PartRow["side"]>("added");
  const [count, setCount] = useState("");
  const [fault, setFault] = useState<string | null>(null);
  const file = useRef<HTMLInputElement>(null);
  const own = job.document.ownParts;
  const fits = (part: Part) => `${part.name} ${part.type}`.toLowerCase().includes(query.trim().toLowerCase());
  const resize = chosen === null ? undefined : BY_COUNT[chosen.type];

  const add = (event: FormEvent) => {
    event.preventDefault();
    if (chosen === null) return;
    let part = chosen;
    try {
      if (resize !== undefined && count !== "") part = resize(Number(count));
    } catch (error) {
      setFault((error as Error).message);
      return;
    }
    const ops = placePartOps(job.document, part, { side, label: label.trim() || chosen.name, place: null });
    job.change(`Add ${label.trim() || part.name}`, ops);
    onAdded(ops.at(-1)?.id ?? "", side);
  };
  const take = async (chosenFile: File) => {
    const result = readOwnParts(await chosenFile.text());
    if (!result.ok) {
      setFault(`${result.message} ${result.hint}`);
      return;
    }
    const names = new Set(own.map((part) => part.name));
    const fresh = result.parts.filter((part) => !names.has(part.name));
    setFault(fresh.length === 0 ? "Every part of the file is in the library already." : null);
    if (fresh.length > 0)
      job.change(
        `Add ${fresh.length} parts to the library`,
        fresh.map((part) => insertOp("own_part", { id: nanoid(), ...part })),
      );
  };
  const save = () => saveFile("own-parts.json", writeOwnParts(own), "application/json");
  const entry = (part: Part, ownId?: string) => (
    <li key={ownId ?? part.name} className="flex items-center border-b border-rule">
      <button
        type="button"
        aria-pressed={chosen?.name === part.name}
        onClick={() => {
          setChosen(part);
          setFault(null);
          setCount("");
        }}
        className={`min-h-10 flex-1 px-2 text-left ${chosen?.name === part.name ? "bg-ink text-bench" : ""}`}
      >
        {part.name}
      </button>
      {ownId !== undefined && (
        <Button
          className="h-8! border-transparent!"
          aria-label={`Remove ${part.name}, from the library`}
          onClick={() =>
            job.change(
              `Remove ${part.name} from the library`,
              own.filter((row) => row.id === ownId).map((row) => deleteOp("own_part", row)),
            )
          }
        >
          Remove
        </Button>
      )}
    </li>
  );
  return (
    <Dialog open onClose={onClose} title="Add a part" wide>
      <div className="grid grid-cols-2 gap-5 max-md:grid-cols-1">
        <div>
          <input
            type="search"
            aria-label="Search the library"
            className="field"
            placeholder="relay, lamp, fuse box …"
            value={query}
            onChange={(event) => setQuery(event.target.value)}
          />
          <ul className="mt-2 max-h-[42vh] overflow-auto" aria-label="Library">
            {own.length > 0 && <li className="pt-1 text-[13px] font-bold">My own</li>}
            {own.filter(fits).map((part) => entry(part, part.id))}
            {own.length > 0 && <li className="pt-3 text-[13px] font-bold">Ready</li>}
            {LIBRARY.filter(fits).map((part) => entry(part))}
          </ul>
          <div className="mt-2 flex flex-wrap gap-2">
            <Button onClick={() => file.current?.click()}>Import my parts</Button>
            <Button disabled={own.length === 0} onClick={save}>
              Export my {own.length}
            </Button>
          </div>
          <FileField label="File of parts" accept={JSON_FILES} field={file} onChoose={(one) => void take(one)} />
        </div>
        <form onSubmit={add} className="space-y-3">
          {chosen === null ? (
            <p className="text-ink2">
              Choose a component: its terminals and what goes on between them come with it. A part that you corrected
              can be kept here for the next job: “Into my library” on its page.
            </p>
          ) : (
            <>
              <h3 className="text-base font-bold">{chosen.name}</h3>
              <p className="text-[13px] text-ink2">
                {chosen.terminals.length === 0
                  ? "Its pins are declared on its page."
                  : `Terminals ${chosen.terminals.slice(0, 14).join(", ")}${chosen.terminals.length > 14 ? " …" : ""}`}
              </p>
              <ul className="max-h-32 overflow-auto text-[13px]" tabIndex={0} aria-label="Elements">
                {chosen.elements.map((element) => (
                  <li key={element.id}>{elementText(element)}</li>
                ))}
              </ul>
              <Field label="Called" hint="as printed on it, or as you call it">
                <input
                  className="field"
                  value={label}
                  placeholder={chosen.name}
                  onChange={(event) => setLabel(event.target.value)}
                />
              </Field>
              <Field label="Belongs to">
                <select
                  className="field"
                  value={side}
                  onChange={(event) => setSide(event.target.value as PartRow["side"])}
                >
                  {(["added", "host", "donor"] as const).map((one) => (
                    <option key={one} value={one}>
                      {capital(one)}
                    </option>
                  ))}
                </select>
              </Field>
              {resize !== undefined && (
                <Field label="How many ways">
                  <input
                    className="field"
                    inputMode="numeric"
                    placeholder={String(chosen.elements.length)}
                    value={count}
                    onChange={(event) => setCount(event.target.value)}
                  />
                </Field>
              )}
              <Button primary type="submit">
                Add it
              </Button>
            </>
          )}
          {fault !== null && (
            <p role="alert" className="text-[13px] font-semibold text-stop">
              {fault}
            </p>
          )}
        </form>
      </div>
    </Dialog>
  );
}
