"use client";

import type { HarnessPart } from "@/core/harness";
import { joinConnectorOps } from "@/job/harness-ops";
import { Field } from "@/ui/controls";
import { useJob } from "../shell/job-provider";

/** A part of several plugs is one part: another connector of its side is said to be on it. */
export function JoinConnector({ part }: { part: HarnessPart }) {
  const job = useJob();
  const own = job.document.connectors.find(({ id }) => part.connectorIds.includes(id));
  const others = job.document.connectors.filter(
    ({ id, side }) => side === own?.side && !part.connectorIds.includes(id),
  );
  if (own === undefined || others.length === 0) return null;
  return (
    <div className="mt-4 max-w-72">
      <Field label="Another connector is on it too">
        <select
          className="field"
          value=""
          onChange={(event) => {
            const label = others.find(({ id }) => id === event.target.value)?.label ?? "";
            job.change(`${label} is on ${part.label}`, joinConnectorOps(job.document, part, event.target.value));
          }}
        >
          <option value="">none</option>
          {others.map(({ id, label }) => (
            <option key={id} value={id}>
              {label}
            </option>
          ))}
        </select>
      </Field>
    </div>
  );
}
