"use client";

import { useState } from "react";
import { Button } from "@/ui/controls";
import { Dialog } from "@/ui/dialog";
import { useJob } from "./job-provider";

/** Changes that could not be made: they wait here, with their reasons, until somebody decides. */
export function SetAside() {
  const { aside, again, discard } = useJob();
  const [open, setOpen] = useState(false);
  if (aside.length === 0) return null;
  return (
    <div className="flex items-center gap-3 border-b-[1.5px] border-ink bg-warnfill px-4 py-1 text-sm">
      <span className="flex-1">
        <strong>{aside.length === 1 ? "1 change is" : `${aside.length} changes are`} set aside</strong> and not in the
        job: what was made after it went on.
      </span>
      <Button onClick={() => setOpen(true)}>Look at {aside.length === 1 ? "it" : "them"}</Button>
      <Dialog title="Set aside" open={open} onClose={() => setOpen(false)}>
        <ul className="divide-y divide-rule">
          {aside.map((entry) => (
            <li key={entry.key} className="grid gap-1 py-3">
              <strong>{entry.label}</strong>
              <span>
                {entry.aside?.message} {entry.aside?.hint}
              </span>
              <span className="flex gap-4">
                <Button onClick={() => again(entry.key)}>Make it over what is there now</Button>
                <Button onClick={() => discard(entry.key)}>Discard</Button>
              </span>
            </li>
          ))}
        </ul>
      </Dialog>
    </div>
  );
}
