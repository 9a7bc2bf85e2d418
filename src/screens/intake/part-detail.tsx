"use client";

import type { HarnessPart } from "@/core/harness";
import { partProblems } from "@/core/parts";
import { capital, partFaultText } from "@/core/words";
import { tellPartOps } from "@/job/harness-ops";
import { updateOp } from "@/job/ops";
import type { PartRow } from "@/job/schema";
import { Field } from "@/ui/controls";
import { SavedInput } from "@/ui/saved-input";
import { Pictures } from "../pictures/pictures";
import { useJob } from "../shell/job-provider";
import { AddCavity, ConnectorFacts } from "./connector-facts";
import { FuseWays } from "./fuse-ways";
import { JoinConnector } from "./join-connector";
import { PartHead } from "./part-head";
import { PartInside } from "./part-inside";
import { isSwitchPart, SwitchPositions } from "./switch-positions";
import { TerminalTable } from "./terminal-table";

/** One part: what it is, its terminals with what is on each, its elements, its connectors. */
export function PartDetail({ part, onOpen }: { part: HarnessPart; onOpen: (partId: string) => void }) {
  const job = useJob();
  const connectors = part.connectorIds.flatMap((id) => job.document.connectors.find((row) => row.id === id) ?? []);
  const [first] = connectors;
  const row = job.document.parts.find((one) => one.id === part.id);
  const tell = (label: string, to: Parameters<typeof tellPartOps>[2]) =>
    job.change(label, tellPartOps(job.document, part, to));
  const faults = partProblems({ terminals: part.terminals.map((one) => one.name), elements: part.elements });
  return (
    <section aria-label={part.label} tabIndex={0} className="min-h-0 overflow-auto p-4">
      <PartHead part={part} connectorId={first?.id} onTell={tell} />
      <p className="mt-1 text-[13px] text-ink2">
        {part.guessed ? "Guessed from its label and cavities; it waits for your approval." : "Confirmed."}
        {part.type === "plug" ? " Say what it is on: until then nothing can be reckoned through it." : ""}
      </p>
      {faults.map(partFaultText).map((fault) => (
        <p key={fault} role="alert" className="mt-2 text-[13px] font-semibold text-stop">
          {fault}
        </p>
      ))}
      {connectors.map((connector) => (
        <div key={connector.id}>
          <ConnectorFacts connector={connector} />
          <Pictures subject={`connector:${connector.id}`} of={connector.label} />
        </div>
      ))}
      {row !== undefined && <PartNotes row={row} />}
      <TerminalTable part={part} onOpen={onOpen} />
      {first !== undefined && <AddCavity connector={first} />}
      {isSwitchPart(part) && <SwitchPositions part={part} onTell={(label, elements) => tell(label, { elements })} />}
      {part.type === "fuse-box" && <FuseWays part={part} onTell={(label, elements) => tell(label, { elements })} />}
      <JoinConnector part={part} />
      <PartInside part={part} onTell={(label, elements) => tell(label, { elements })} />
    </section>
  );
}

const NOTES = {
  origin: "Origin: vehicle, year, trim",
  diagram: "The diagram that fits it",
  note: "Note",
} as const;

function PartNotes({ row }: { row: PartRow }) {
  const job = useJob();
  return (
    <div className="mt-3 grid grid-cols-3 gap-3 max-lg:grid-cols-1">
      {(Object.keys(NOTES) as (keyof typeof NOTES)[]).map((key) => (
        <Field key={key} label={NOTES[key]}>
          <SavedInput
            value={row[key]}
            onSave={(text) =>
              job.change(`${capital(key)} of ${row.label}`, [updateOp("part", row.id, row, { [key]: text })], {
                quiet: true,
              })
            }
          />
        </Field>
      ))}
    </div>
  );
}
