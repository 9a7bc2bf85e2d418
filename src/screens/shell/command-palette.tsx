"use client";

import { Command } from "cmdk";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { Dialog } from "@/ui/dialog";
import { useJob } from "./job-provider";
import { findEntries, paletteEntries } from "./palette-entries";

/** Most that a list shows: more would not be read, and slows typing. */
const MOST = 40;

/** Finds any cavity, circuit, link or step by what is printed on it. */
export function CommandPalette({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog open={open} onClose={onClose} title="Find" wide>
      {open && <Finder onClose={onClose} />}
    </Dialog>
  );
}

function Finder({ onClose }: { onClose: () => void }) {
  const job = useJob();
  const router = useRouter();
  const [query, setQuery] = useState("");
  const entries = useMemo(() => paletteEntries(job), [job]);
  const found = findEntries(entries, query);
  const go = (path: string) => {
    onClose();
    router.push(`/jobs/${job.jobId}/${path}`);
  };
  return (
    <Command shouldFilter={false} label="Find a cavity, circuit, link or step">
      <Command.Input
        autoFocus
        value={query}
        onValueChange={setQuery}
        placeholder="C1-23, E41, tachometer, ground …"
        className="field"
      />
      <Command.List className="mt-3 max-h-[46vh] overflow-auto">
        <Command.Empty className="py-6 text-center text-ink2">
          Nothing is called “{query}”. Try a cavity (C1-23), a circuit, or a word of its description.
        </Command.Empty>
        {found.slice(0, MOST).map((entry) => (
          <Command.Item
            key={entry.key}
            value={entry.key}
            onSelect={() => go(entry.path)}
            className="flex min-h-10 cursor-pointer items-baseline gap-3 px-2 py-2 data-[selected=true]:bg-ink data-[selected=true]:text-bench"
          >
            <span className="font-medium">{entry.title}</span>
            <span className="min-w-0 flex-1 truncate text-[13px] opacity-75">{entry.detail}</span>
          </Command.Item>
        ))}
        {found.length > MOST && (
          <p className="px-2 py-2 text-[13px] text-ink2">{found.length - MOST} more; type another word.</p>
        )}
      </Command.List>
    </Command>
  );
}
