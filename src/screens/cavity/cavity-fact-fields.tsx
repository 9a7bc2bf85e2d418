"use client";

import { useState } from "react";
import { askedFields } from "@/core/forms";
import { formOf } from "@/job/signal-pins";
import { Button } from "@/ui/controls";
import { FactField } from "../facts/fact-field";
import { useNeededFields } from "../facts/needed-fields";
import type { PinView } from "../shell/derive";
import { Group } from "./cavity-pane";

/** The values of a cavity's form: what stops the plan first, what its kind is asked for, and the rest on demand. */
export function CavityFactFields({ pin }: { pin: PinView }) {
  const [isAll, setAll] = useState(false);
  const { row } = pin;
  const { first, more } = askedFields(formOf(row).kind);
  const needed = useNeededFields(pin);
  const isKnown = (field: string) => field in row.params;
  const asked = [...new Set([...needed, ...first])].filter((field) => !isKnown(field));
  const rest = more.filter((field) => !isKnown(field) && !asked.includes(field));
  const known = [...first, ...more].filter(isKnown);
  const moreButton =
    rest.length > 0 && !isAll ? (
      <Button onClick={() => setAll(true)}>{rest.length} more that may be known of it</Button>
    ) : null;
  return (
    <>
      {(asked.length > 0 || isAll || (known.length === 0 && rest.length > 0)) && (
        <Group title="Still to find out">
          {needed.some((field) => asked.includes(field)) && (
            <p className="text-[13px] font-semibold">The map needs the first of these.</p>
          )}
          {[...asked, ...(isAll ? rest : [])].map((field) => (
            <FactField key={field} pin={pin} field={field} />
          ))}
          {known.length === 0 && moreButton}
        </Group>
      )}
      {known.length > 0 && (
        <Group title="Values">
          {known.map((field) => (
            <FactField key={field} pin={pin} field={field} />
          ))}
          {moreButton}
        </Group>
      )}
    </>
  );
}
