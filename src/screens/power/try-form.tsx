"use client";

import { memo, useState } from "react";
import { editFault, type PowerEdit } from "@/core/power";
import { editFaultText } from "@/core/words";
import { Button, Field } from "@/ui/controls";
import { useEditNames } from "./edit-names";
import { TryFields, useChoices } from "./try-fields";
import { TRY_KINDS, type TryKind, typedEdit } from "./typed-edit";

const KIND_WORDS: Readonly<Record<TryKind, string>> = {
  feed: "Another feed or ground for a cavity",
  wire: "A thicker or longer wire",
  relay: "A relay in a feed",
  diode: "A diode in a link",
  strap: "A new wire or ground strap",
  load: "One more load",
  setting: "A colder or other battery",
};

/** Something of one's own to try: it is added to what is tried already. */
export const TryForm = memo(function TryForm({ onTry }: { onTry: (edit: PowerEdit) => void }) {
  const [kind, setKind] = useState<TryKind>("feed");
  const [fields, setFields] = useState<Readonly<Record<string, string>>>({});
  const [fault, setFault] = useState<string | null>(null);
  const { units } = useEditNames();
  const choices = useChoices();
  const submit = () => {
    const made = typedEdit(kind, fields, choices, units);
    const found = typeof made === "string" ? null : editFault(made);
    const wrong = typeof made === "string" ? made : found && editFaultText(found, units);
    setFault(wrong);
    if (wrong === null && typeof made !== "string") onTry(made);
  };
  return (
    <details className="no-print border-b border-rule">
      <summary className="min-h-11 px-3 py-3 font-semibold">Try something of your own</summary>
      <form
        className="grid grid-cols-2 gap-3 px-3 pb-4 max-md:grid-cols-1"
        onSubmit={(event) => {
          event.preventDefault();
          submit();
        }}
      >
        <div className="col-span-full">
          <KindField
            value={kind}
            onChange={(next) => {
              setKind(next);
              setFault(null);
            }}
          />
        </div>
        <TryFields
          kind={kind}
          fields={fields}
          units={units}
          onChange={(name, value) => {
            setFields({ ...fields, [name]: value });
            setFault(null);
          }}
        />
        <div className="col-span-full flex items-center gap-3">
          <Button type="submit">Try it</Button>
          {fault !== null && (
            <p role="alert" className="font-semibold text-stop">
              {fault}
            </p>
          )}
        </div>
      </form>
    </details>
  );
});

function KindField({ value, onChange }: { value: TryKind; onChange: (kind: TryKind) => void }) {
  return (
    <Field label="What">
      <select className="field" value={value} onChange={(event) => onChange(event.target.value as TryKind)}>
        {TRY_KINDS.map((one) => (
          <option key={one} value={one}>
            {KIND_WORDS[one]}
          </option>
        ))}
      </select>
    </Field>
  );
}
