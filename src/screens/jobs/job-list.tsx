"use client";

import { FolderOpen, Plus, Trash2 } from "lucide-react";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useRef, useState } from "react";
import type { BinnedJob, JobSummary } from "@/job/edit";
import type { JobRow } from "@/job/schema";
import { Button } from "@/ui/controls";
import { Dialog } from "@/ui/dialog";
import { FileField, JSON_FILES } from "@/ui/file-field";
import { Logo } from "@/ui/marks";
import { Empty, Trouble } from "@/ui/states";
import { ThemeToggle } from "../shell/theme-toggle";
import { BinList } from "./bin-list";
import { JobForm } from "./job-form";

interface Refused {
  readonly message: string;
  readonly hint?: string;
  readonly faults?: readonly { readonly message: string; readonly hint: string }[];
}

/** Sends JSON and answers the body, or what was wrong in words. */
async function send(
  method: string,
  url: string,
  body?: unknown,
): Promise<{ ok: true; body: { id: string } } | { ok: false; refused: Refused }> {
  const answer = await fetch(url, {
    method,
    headers: { "Content-Type": "application/json" },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  }).catch(() => null);
  if (answer === null)
    return { ok: false, refused: { message: "The server does not answer.", hint: "Try again when it is back." } };
  const json = (await answer.json().catch(() => ({}))) as { id: string; error?: Refused };
  return answer.ok
    ? { ok: true, body: json }
    : { ok: false, refused: json.error ?? { message: "The server refused it." } };
}

interface Props {
  readonly jobs: readonly JobSummary[];
  readonly bin: readonly BinnedJob[];
  /** This browser was let in by a passphrase, and can end that. */
  readonly canLeave?: boolean;
}

export function JobList({ jobs, bin, canLeave = false }: Props) {
  const file = useRef<HTMLInputElement>(null);
  const [creating, setCreating] = useState(false);
  const [removing, setRemoving] = useState<JobSummary | null>(null);
  const [deleting, setDeleting] = useState<BinnedJob | null>(null);
  const { busy, refused, forget, create, open, remove, putBack, deleteForGood } = useJobs();

  return (
    <div className="mx-auto max-w-6xl px-4 pb-10">
      <JobsHeader canLeave={canLeave} />
      <main>
        <div className="flex flex-wrap items-center gap-2 py-4">
          <h1 className="flex-1 text-xl">Jobs</h1>
          <Button onClick={() => file.current?.click()}>
            <FolderOpen size={16} aria-hidden="true" />
            Open a job document
          </Button>
          <Button primary onClick={() => setCreating(true)}>
            <Plus size={16} aria-hidden="true" />
            New job
          </Button>
          <FileField
            label="Job document"
            accept={JSON_FILES}
            field={file}
            onChoose={(chosen) => {
              forget();
              void open(chosen);
            }}
          />
        </div>
        {refused !== null && <RefusedNote refused={refused} />}
        <div className="border border-rule2 bg-sheet">
          {jobs.length === 0 ? (
            <Empty title="No job yet">
              <p>
                A job is one vehicle that receives another's engine. Start one, or open a job document that was exported
                before.
              </p>
            </Empty>
          ) : (
            <JobTable jobs={jobs} onRemove={setRemoving} />
          )}
        </div>
        {bin.length > 0 && <BinList bin={bin} busy={busy} onPutBack={putBack} onDelete={setDeleting} />}
        <p className="mt-4 text-[13px] text-ink2">
          Everything stays on this machine. Figures are worked out from your tables and stated assumptions: measure
          before you rely on them, and follow the vehicle makers' procedures and local law.
        </p>
      </main>
      <Dialog open={creating} onClose={() => setCreating(false)} title="New job" wide>
        <JobForm submit="Create job" busy={busy} onSubmit={create} />
        {refused !== null && (
          <div className="mt-4">
            <Trouble title={refused.message}>{refused.hint}</Trouble>
          </div>
        )}
      </Dialog>
      <SureDialog
        title={removing && `Remove ${removing.name}?`}
        description="It goes to the bin below, for everyone, with its tables, decisions, readings and history. There it lies for 30 days and can be put back."
        action="Remove"
        busy={busy}
        onClose={() => setRemoving(null)}
        onSure={() => removing && remove(removing, () => setRemoving(null))}
      />
      <SureDialog
        title={deleting && `Delete ${deleting.name}?`}
        description="Its tables, decisions, readings and history go with it, for everyone. This cannot be undone: put it back and save its job document first if you may want it again."
        action="Delete"
        busy={busy}
        onClose={() => setDeleting(null)}
        onSure={() => deleting && deleteForGood(deleting, () => setDeleting(null))}
      />
    </div>
  );
}

/** What can be done with jobs as wholes, one thing at a time, and why the last was refused. */
function useJobs() {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [refused, setRefused] = useState<Refused | null>(null);

  const run = async (method: string, url: string, body: unknown, then: (id: string) => void) => {
    setBusy(true);
    const result = await send(method, url, body);
    setBusy(false);
    if (result.ok) then(result.body.id);
    else setRefused(result.refused);
  };
  const create = (job: JobRow) => run("POST", "/api/jobs", { job }, (id) => router.push(`/jobs/${id}/import`));
  const open = async (chosen: File) =>
    run("POST", "/api/documents", { text: await chosen.text() }, (id) => router.push(`/jobs/${id}`));
  const change = (method: string, url: string, then: () => void = () => undefined) =>
    run(method, url, undefined, () => {
      setRefused(null);
      then();
      router.refresh();
    });
  const remove = (job: JobSummary, then: () => void) => change("DELETE", `/api/jobs/${job.id}`, then);
  const putBack = (job: BinnedJob) => change("POST", `/api/bin/${job.id}`);
  const deleteForGood = (job: BinnedJob, then: () => void) => change("DELETE", `/api/bin/${job.id}`, then);
  return { busy, refused, forget: () => setRefused(null), create, open, remove, putBack, deleteForGood };
}

const RefusedNote = ({ refused }: { refused: Refused }) => (
  <div className="mb-4">
    <Trouble title={refused.message}>
      {refused.hint && <p>{refused.hint}</p>}
      {refused.faults?.slice(1, 6).map((fault) => (
        <p key={fault.message}>{fault.message}</p>
      ))}
    </Trouble>
  </div>
);

const leave = async () => {
  await send("DELETE", "/api/enter", {});
  location.reload();
};

const JobsHeader = ({ canLeave }: { canLeave: boolean }) => (
  <header className="flex h-14 items-center gap-3 border-b border-rule2">
    <p className="wide flex items-center gap-2">
      <Logo />
      Pantograph
    </p>
    <span className="flex-1" />
    {canLeave && <Button onClick={() => void leave()}>Lock this browser out</Button>}
    <ThemeToggle />
  </header>
);

function JobTable({ jobs, onRemove }: { jobs: readonly JobSummary[]; onRemove: (job: JobSummary) => void }) {
  return (
    <table className="w-full">
      <thead className="text-left text-[13px] text-ink2">
        <tr className="border-b-[1.5px] border-rule2">
          <th className="px-4 py-2.5 font-semibold">Job</th>
          <th className="font-semibold max-md:hidden">Host takes donor</th>
          <th className="w-24 text-right font-semibold">Cavities</th>
          <th className="w-20 text-right font-semibold">Links</th>
          <th className="w-24 text-right font-semibold">Readings</th>
          <th className="w-44 pl-6 font-semibold max-md:hidden">Last change</th>
          <th className="w-14">
            <span className="hidden-text">Remove</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {jobs.map((job) => (
          <JobLine key={job.id} job={job} onRemove={() => onRemove(job)} />
        ))}
      </tbody>
    </table>
  );
}

function JobLine({ job, onRemove }: { job: JobSummary; onRemove: () => void }) {
  return (
    <tr className="border-b border-rule last:border-b-0 hover:bg-fill">
      <td className="h-16 px-4">
        <Link
          href={`/jobs/${job.id}${job.donorPins > 0 && job.hostPins > 0 ? "" : "/import"}`}
          className="flex h-10 items-center text-base font-semibold underline decoration-rule2 underline-offset-4"
        >
          {job.name}
        </Link>
      </td>
      <td className="max-md:hidden">
        <p>{job.host}</p>
        <p className="text-[13px] text-ink2">{job.donor}</p>
      </td>
      <td className="text-right font-mono" title="donor + host">
        {job.donorPins} + {job.hostPins}
      </td>
      <td className="text-right font-mono">{job.decidedLinks}</td>
      <td className="text-right font-mono">{job.readings}</td>
      <td className="pl-6 text-[13px] text-ink2 max-md:hidden">
        <time dateTime={job.changedAt} suppressHydrationWarning>
          {new Date(job.changedAt).toLocaleString("en-GB", { dateStyle: "medium", timeStyle: "short" })}
        </time>
      </td>
      <td>
        <button
          type="button"
          className="grid size-10 place-items-center text-ink2"
          aria-label={`Remove ${job.name}`}
          onClick={onRemove}
        >
          <Trash2 size={16} />
        </button>
      </td>
    </tr>
  );
}

interface SureProps {
  /** What is asked; null while nothing is. */
  readonly title: string | null;
  readonly description: string;
  readonly action: string;
  readonly busy: boolean;
  readonly onClose: () => void;
  readonly onSure: () => void;
}

/** What takes a whole job away is asked for twice. */
function SureDialog({ title, description, action, busy, onClose, onSure }: SureProps) {
  return (
    <Dialog open={title !== null} onClose={onClose} title={title ?? ""} description={description}>
      <div className="flex flex-wrap justify-end gap-2">
        <Button onClick={onClose}>Keep it</Button>
        <Button primary disabled={busy} onClick={onSure}>
          {action}
        </Button>
      </div>
    </Dialog>
  );
}
