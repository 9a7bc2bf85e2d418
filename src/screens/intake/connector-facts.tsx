"use client";

import { useState } from "react";
import { addCavityOps } from "@/job/harness-ops";
import { plugOps } from "@/job/neighbours";
import { updateOp } from "@/job/ops";
import type { ConnectorRow } from "@/job/schema";
import { Button, Field } from "@/ui/controls";
import { SavedInput } from "@/ui/saved-input";
import { useJob } from "../shell/job-provider";

/** Where a connector sits, the branch that it is of, and the half that it plugs into. */
export function ConnectorFacts({ connector }: { connector: ConnectorRow }) {
  const job = useJob();
  return (
    <div className="mt-3 grid grid-cols-[1.4fr_1fr_1fr] gap-3 border-t border-rule pt-3 max-lg:grid-cols-1">
      <Field label={`Place of ${connector.label}`}>
        <SavedInput
          value={connector.place ?? ""}
          placeholder="above the driver's left foot"
          onSave={(text) =>
            job.change(
              `Place of ${connector.label}`,
              [updateOp("connector", connector.id, connector, { place: text || null })],
              { quiet: true },
            )
          }
        />
      </Field>
      <Field label="Branch">
        <select
          className="field"
          value={connector.branchId ?? ""}
          onChange={(event) =>
            job.change(`Branch of ${connector.label}`, [
              updateOp("connector", connector.id, connector, { branchId: event.target.value || null }),
            ])
          }
        >
          <option value="">the {connector.side}'s own harness</option>
          {job.document.branches
            .filter((row) => row.side === connector.side)
            .map((row) => (
              <option key={row.id} value={row.id}>
                {row.label}
              </option>
            ))}
        </select>
      </Field>
      <MateField connector={connector} />
    </div>
  );
}

/** The other half of an in-line connector; whether their cavities are as many is told beside it. */
function MateField({ connector }: { connector: ConnectorRow }) {
  const job = useJob();
  const others = job.document.connectors.filter((row) => row.side === connector.side && row.id !== connector.id);
  const count = (id: string) => job.pins.filter((pin) => pin.connector.id === id).length;
  const meeting = connector.mateId === null ? null : ([count(connector.id), count(connector.mateId)] as const);
  const told = meeting === null ? undefined : `${meeting[0]} cavities meet ${meeting[1]}`;
  const fits = meeting === null || meeting[0] === meeting[1];
  return (
    <Field label="Plugs into, in line" hint={fits ? told : undefined} error={fits ? null : told}>
      <select
        className="field"
        value={connector.mateId ?? ""}
        onChange={(event) =>
          job.change(
            event.target.value === "" ? `Part ${connector.label} from its mate` : `Plug ${connector.label} in`,
            plugOps(job.document, connector.id, event.target.value || null),
          )
        }
      >
        <option value="">a part, not another harness</option>
        {others.map((row) => (
          <option key={row.id} value={row.id}>
            {row.label}
          </option>
        ))}
      </select>
    </Field>
  );
}

export function AddCavity({ connector }: { connector: ConnectorRow }) {
  const job = useJob();
  const [label, setLabel] = useState("");
  const taken = job.pins.some((pin) => pin.connector.id === connector.id && pin.row.cavity === label.trim());
  return (
    <form
      className="mt-2 flex items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (label.trim() === "" || taken) return;
        job.change(`Cavity ${connector.label}-${label.trim()}`, addCavityOps(job.document, connector.id, label.trim()));
        setLabel("");
      }}
    >
      <Field
        label={`A cavity of ${connector.label} that no table has`}
        error={taken ? "There is one of this label already" : null}
      >
        <input className="field w-40" value={label} onChange={(event) => setLabel(event.target.value)} />
      </Field>
      <Button type="submit" disabled={label.trim() === "" || taken}>
        Add it
      </Button>
    </form>
  );
}
