"use client";

import { useState } from "react";
import type { Decision } from "@/core/plan";
import { type Adapter, type AdapterField, adapterFault, adapterFields } from "@/core/signals";
import { ADAPTER_VALUE_WORDS, ADAPTER_WORDS, adapterFaultText } from "@/core/words";
import { adapterValueOps } from "@/job/decide";
import { Field } from "@/ui/controls";
import { useJob } from "../shell/job-provider";

/** The values of a decided link's adapters, each in a field of its own that is checked as it is left. */
export function AdapterFields({ decision }: { decision: Decision }) {
  const adapters = decision.adapters
    .map((adapter, at) => ({ adapter, at, fields: adapterFields(adapter.type) }))
    .filter(({ fields }) => fields.length > 0);
  if (adapters.length === 0) return null;
  return (
    <div className="flex flex-wrap gap-x-6 gap-y-2">
      {adapters.map(({ adapter, at, fields }) => (
        <fieldset key={`${at} ${adapter.type}`} className="min-w-0">
          <legend className="text-[13px] font-bold">{ADAPTER_WORDS[adapter.type]}</legend>
          <div className="flex flex-wrap items-start gap-3">
            {fields.map((field) => (
              <ValueField
                key={`${field.key} ${written(adapter, field)}`}
                adapter={adapter}
                field={field}
                at={at}
                linkId={decision.id}
              />
            ))}
          </div>
        </fieldset>
      ))}
    </div>
  );
}

const written = (adapter: Adapter, { key }: AdapterField): string =>
  String((adapter as unknown as Readonly<Record<string, string | number | null>>)[key] ?? "");

interface Props {
  readonly adapter: Adapter;
  readonly field: AdapterField;
  readonly at: number;
  readonly linkId: string;
}

function ValueField({ adapter, field, at, linkId }: Props) {
  const job = useJob();
  const before = written(adapter, field);
  const [typed, setTyped] = useState(before);
  const [error, setError] = useState<string | null>(null);
  const name = ADAPTER_VALUE_WORDS[field.key] ?? field.key;
  const save = () => {
    const text = typed.trim();
    if (text === before) return;
    const value = text === "" ? null : field.type === "text" ? text : Number(text.replace(",", "."));
    const fault = typeof value === "number" ? adapterFault(adapter, field.key, value) : null;
    setError(fault === null ? null : adapterFaultText(fault));
    if (fault === null)
      job.change(
        `${ADAPTER_WORDS[adapter.type]}: ${name} ${text === "" ? "not known" : text}`,
        adapterValueOps(job.document, linkId, at, field.key, value),
      );
  };
  return (
    <Field label={name} error={error}>
      <input
        className="field w-36 font-mono"
        inputMode={field.type === "number" ? "decimal" : "text"}
        placeholder="not known"
        maxLength={200}
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={save}
        onKeyDown={(event) => {
          if (event.key === "Enter") event.currentTarget.blur();
        }}
      />
    </Field>
  );
}
