"use client";

import { useState } from "react";
import type { Side } from "@/core/forms";
import { capital } from "@/core/words";
import { branchOps } from "@/job/harness-ops";
import type { BranchRow } from "@/job/schema";
import { Button, Field } from "@/ui/controls";
import { SavedInput } from "@/ui/saved-input";
import { useJob } from "../shell/job-provider";
import { SideSelect } from "./side-select";

/** Where each branch of the harnesses comes from, and the diagram that fits it. */
export function Branches() {
  const job = useJob();
  return (
    <section className="border border-rule2 bg-sheet" aria-labelledby="branches">
      <h2 id="branches" className="border-b border-rule px-3 py-2.5 text-base">
        Branches and their origin
      </h2>
      <ul>
        {job.document.branches.map((row) => (
          <BranchLine key={row.id} row={row} />
        ))}
      </ul>
      <AddBranch />
    </section>
  );
}

const NOTES = { origin: "Vehicle, year, trim, gearbox", diagram: "The one diagram that fits", note: "Note" } as const;

function BranchLine({ row }: { row: BranchRow }) {
  const job = useJob();
  const connectors = job.document.connectors.filter((one) => one.branchId === row.id).length;
  return (
    <li className="grid grid-cols-[minmax(140px,0.8fr)_1fr_1fr_1fr_auto] items-end gap-3 border-b border-rule px-3 py-2 max-lg:grid-cols-2">
      <p className="self-center">
        <strong className="block">{row.label}</strong>
        <span className="text-[13px] text-ink2">
          {row.side}, {connectors} connectors
        </span>
      </p>
      {(Object.keys(NOTES) as (keyof typeof NOTES)[]).map((key) => (
        <Field key={key} label={NOTES[key]}>
          <SavedInput
            label={`${capital(key)} of ${row.label}`}
            value={row[key]}
            onSave={(text) =>
              job.change(`${capital(key)} of ${row.label}`, branchOps.change(row, { [key]: text }), {
                quiet: true,
              })
            }
          />
        </Field>
      ))}
      <Button onClick={() => job.change(`Remove the branch ${row.label}`, branchOps.remove(job.document, row))}>
        Remove
      </Button>
    </li>
  );
}

function AddBranch() {
  const job = useJob();
  const [label, setLabel] = useState("");
  const [side, setSide] = useState<Side>("donor");
  return (
    <form
      className="flex flex-wrap items-end gap-3 p-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (label.trim() === "") return;
        job.change(`Branch ${label.trim()}`, branchOps.add(job.document, side, label.trim()));
        setLabel("");
      }}
    >
      <Field label="A branch of its own" hint="connectors are put into it on their part's page">
        <input
          className="field w-56"
          value={label}
          placeholder="Gearbox harness"
          onChange={(event) => setLabel(event.target.value)}
        />
      </Field>
      <SideSelect label="Side of the branch" side={side} onChange={setSide} className="mb-6" />
      <Button type="submit" className="mb-6" disabled={label.trim() === ""}>
        Add it
      </Button>
    </form>
  );
}
