"use client";

import { Command } from "cmdk";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { cavityLabel, findingAlso, findingTitle, GROUP_WORDS, quantityHead, stepTitle } from "@/core/words";
import { Dialog } from "@/ui/dialog";
import { useJob } from "./job-provider";
import { INTAKE_VIEWS, stagesOf } from "./stages";

interface Entry {
  readonly key: string;
  readonly title: string;
  readonly detail: string;
  readonly find: string;
  readonly path: string;
}

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
  const entries = useMemo((): Entry[] => {
    const entry = (key: string, title: string, detail: string, path: string, more = ""): Entry => ({
      key,
      title,
      detail,
      path,
      find: `${title} ${detail} ${more}`.toLowerCase(),
    });
    return [
      ...stagesOf(job).map((stage) => entry(`stage ${stage.key}`, stage.name, "stage", stage.path)),
      ...INTAKE_VIEWS.map((view) => entry(`view ${view.path}`, view.name, "view of intake", view.path)),
      entry("stage history", "History", "who changed what, and when", "history"),
      ...job.document.connectors.map((row) =>
        entry(
          `connector ${row.id}`,
          row.label,
          `${row.side} connector${row.place === null ? "" : `, ${row.place}`}`,
          `faces?connector=${row.id}`,
        ),
      ),
      ...(job.report?.functions ?? []).map((one) =>
        entry(`function ${one.key}`, one.name, "function, its wires", `triage?tab=decide&function=${one.key}`),
      ),
      ...job.plan.lines.map((line) =>
        entry(
          `line ${line.key}`,
          `${quantityHead(line.quantity)}: ${cavityLabel(line.provider)} to ${cavityLabel(line.consumer)}`,
          `link, ${line.state}`,
          `map?line=${encodeURIComponent(line.key)}`,
        ),
      ),
      ...(job.power?.findings ?? []).map((finding) =>
        entry(
          `finding ${finding.key}`,
          findingTitle(finding, job.document.job.units),
          `finding, ${finding.severity}`,
          `power?finding=${encodeURIComponent(finding.key)}`,
          findingAlso(finding).join(" "),
        ),
      ),
      ...job.steps.map(({ step }) =>
        entry(
          `step ${step.key}`,
          stepTitle(step),
          `step, ${GROUP_WORDS[step.group].toLowerCase()}`,
          `prove?step=${encodeURIComponent(step.key)}`,
        ),
      ),
      ...job.pins.map((pin) =>
        entry(
          `pin ${pin.row.id}`,
          pin.label,
          `${pin.connector.side} cavity${pin.row.circuit === null ? "" : `, circuit ${pin.row.circuit}`}, ${pin.row.colour ?? "no colour"}, ${pin.row.description ?? ""}`,
          `pins?pin=${pin.row.id}`,
          pin.row.quantity ?? "",
        ),
      ),
    ];
  }, [job]);
  const terms = query
    .toLowerCase()
    .split(/\s+/)
    .filter((term) => term !== "");
  const found = entries.filter((entry) => terms.every((term) => entry.find.includes(term)));
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
