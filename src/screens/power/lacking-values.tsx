"use client";

import { useMemo, useState } from "react";
import { assumedFields } from "@/core/forms";
import { formOf } from "@/job/signal-pins";
import { Button } from "@/ui/controls";
import { SearchField } from "@/ui/search-field";
import { CavityPlate } from "../cavity/cavity-plate";
import { FactField } from "../facts/fact-field";
import type { PinView } from "../shell/derive";
import { useJob } from "../shell/job-provider";

const STEP = 12;

/**
 * Cavities of which the solution assumes a value because nobody has given it: those that the plan's links end at first.
 * The field is the same as everywhere.
 */
export function LackingValues() {
  const job = useJob();
  const [search, setSearch] = useState("");
  const [shown, setShown] = useState(STEP);
  const lacking = useMemo(() => {
    const linked = new Set(job.document.links.flatMap(({ providerId, consumerId }) => [providerId, consumerId]));
    const found = job.pins.flatMap((pin) => {
      const fields = assumedFields(formOf(pin.row));
      return fields.length === 0 ? [] : [{ pin, fields }];
    });
    return found.toSorted((a, b) => Number(linked.has(b.pin.row.id)) - Number(linked.has(a.pin.row.id)));
  }, [job.pins, job.document.links]);
  const text = ({ row, label }: PinView) => `${label} ${row.description ?? ""}`.toLowerCase();
  const fitting = lacking.filter(({ pin }) => text(pin).includes(search.toLowerCase()));
  if (lacking.length === 0) return null;
  return (
    <section className="mt-6" aria-labelledby="lacking">
      <h2 id="lacking" className="mb-1 text-sm">
        Values that nobody has given <span className="font-mono">{lacking.length}</span>
      </h2>
      <SearchField label="Search these" placeholder="Cavity, word" value={search} onChange={setSearch} />
      <ul>
        {fitting.slice(0, shown).map(({ pin, fields }) => (
          <li
            key={pin.row.id}
            className="grid grid-cols-[minmax(0,1fr)_minmax(0,1.6fr)] gap-3 border-b border-rule py-1"
          >
            <span className="min-w-0">
              <CavityPlate pin={pin} />
              <span className="block text-[13px] break-words text-ink2">{pin.row.description}</span>
            </span>
            <span>
              {fields.map((field) => (
                <FactField key={field} pin={pin} field={field} />
              ))}
            </span>
          </li>
        ))}
      </ul>
      {fitting.length > shown && <Button onClick={() => setShown(shown + STEP)}>{fitting.length - shown} more</Button>}
    </section>
  );
}
