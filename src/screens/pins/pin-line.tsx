"use client";

import { type KeyboardEvent, useState } from "react";
import { KINDS, QUANTITIES } from "@/core/forms";
import { readColour, readLength, readSize } from "@/core/intake";
import type { Units } from "@/core/units";
import { lengthText, sizeText } from "@/core/words";
import { type RowOp, updateOp } from "@/job/ops";
import type { PinRow } from "@/job/schema";
import { Plate } from "@/ui/plate";
import { Wire } from "@/ui/wire";
import { isUnknown, type PinView } from "../shell/derive";

export const PIN_COLUMNS =
  "grid grid-cols-[130px_130px_54px_60px_54px_minmax(140px,1fr)_128px_160px_126px] items-center gap-2 px-3";

/** The person agrees with what was proposed: it counts as confirmed from now on. */
export function confirmOps(row: PinRow): RowOp[] {
  const op = updateOp("pin", row.id, row, {
    kindSource: "confirmed",
    kindConfidence: 1,
    quantitySource: "confirmed",
    quantityConfidence: 1,
  });
  return op === null ? [] : [op];
}

interface Props {
  readonly pin: PinView;
  readonly selected: boolean;
  readonly units: Units;
  readonly onSelect: () => void;
  readonly onChange: (label: string, to: Partial<PinRow>) => void;
  readonly onDescribe: (description: string | null) => void;
  readonly onConfirm: () => void;
}

/** One cavity in its table; what can be read wrong can be corrected where it stands. */
export function PinLine({ pin, selected, units, onSelect, onChange, onDescribe, onConfirm }: Props) {
  const { row, label, connector } = pin;
  const unknown = isUnknown(pin);
  return (
    // biome-ignore lint/a11y/useKeyWithClickEvents: the arrow keys select; see the shortcuts sheet
    <div
      role="row"
      tabIndex={-1}
      data-pin={row.id}
      aria-selected={selected}
      onClick={onSelect}
      className={`${PIN_COLUMNS} h-full border-b border-rule ${selected ? "bg-fill shadow-[inset_4px_0_0_var(--ink)]" : ""}`}
    >
      <span role="cell">
        <Plate side={connector.side} label={label} />
      </span>
      <span role="cell" className="flex items-center">
        <Editable
          label={`Colour of ${label}`}
          value={row.colour ?? ""}
          show={<Wire colour={row.colour} base={row.colourBase} tracer={row.colourTracer} />}
          onSave={(text) => {
            const colour = text === "" ? null : readColour(text);
            onChange(`Colour of ${label}: ${text || "none"}`, {
              colour: colour?.written ?? null,
              colourBase: colour?.base ?? null,
              colourTracer: colour?.tracer ?? null,
            });
            return null;
          }}
        />
      </span>
      <span role="cell" className="font-mono text-[13px]">
        <Editable
          label={`Size of ${label}`}
          value={sizeText(row.sizeMm2, units)}
          show={sizeText(row.sizeMm2, units)}
          onSave={(text) => {
            const size =
              text === ""
                ? null
                : readSize(text, { decimalComma: true, headerUnit: units === "imperial" ? "awg" : null });
            if (text !== "" && size === null) return "A size such as 0.5 or 20 AWG";
            onChange(`Size of ${label}`, { sizeMm2: size });
            return null;
          }}
        />
      </span>
      <span role="cell" className="font-mono text-[13px]">
        <Editable
          label={`Length of ${label}`}
          value={lengthText(row.lengthM, units)}
          show={lengthText(row.lengthM, units)}
          onSave={(text) => {
            const length =
              text === ""
                ? null
                : readLength(text, { decimalComma: true, headerUnit: units === "imperial" ? "ft" : "m" });
            if (text !== "" && length === null) return "A length such as 1.85 m or 6 ft";
            onChange(`Length of ${label}`, { lengthM: length });
            return null;
          }}
        />
      </span>
      <span role="cell" className="font-mono text-[13px]">
        <Editable
          label={`Circuit of ${label}`}
          value={row.circuit ?? ""}
          show={row.circuit ?? ""}
          onSave={(text) => {
            onChange(`Circuit of ${label}: ${text || "none"}`, { circuit: text || null });
            return null;
          }}
        />
      </span>
      <span role="cell" className="min-w-0">
        <Editable
          label={`Description of ${label}`}
          value={row.description ?? ""}
          show={
            <span className="line-clamp-2 break-words" title={row.description ?? ""}>
              {row.description}
            </span>
          }
          onSave={(text) => {
            onDescribe(text || null);
            return null;
          }}
        />
      </span>
      <span role="cell">
        <select
          name="kind"
          aria-label={`Kind of ${label}`}
          className={`field px-1.5 text-[13px] ${unknown ? "border-dashed" : ""}`}
          value={unknown ? "unknown" : row.kind}
          onFocus={onSelect}
          onKeyDown={leaveOnEscape}
          onChange={(event) => {
            event.currentTarget.blur();
            onChange(`${label} is ${event.target.value}`, {
              kind: event.target.value as PinRow["kind"],
              kindSource: "confirmed",
              kindConfidence: 1,
              kindWhy: "Chosen by a person",
            });
          }}
        >
          {KINDS.map((kind) => (
            <option key={kind} value={kind}>
              {kind}
            </option>
          ))}
        </select>
      </span>
      <span role="cell">
        <select
          name="quantity"
          aria-label={`Quantity of ${label}`}
          className={`field px-1.5 text-[13px] ${row.quantity === null ? "border-dashed" : ""}`}
          value={row.quantityConfidence < 0.5 ? "" : (row.quantity ?? "")}
          onFocus={onSelect}
          onKeyDown={leaveOnEscape}
          onChange={(event) => {
            event.currentTarget.blur();
            onChange(`${label} carries ${event.target.value || "nothing known"}`, {
              quantity: event.target.value === "" ? null : (event.target.value as PinRow["quantity"]),
              quantitySource: "confirmed",
              quantityConfidence: 1,
              quantityWhy: "Chosen by a person",
            });
          }}
        >
          <option value="">not known</option>
          {QUANTITIES.map((quantity) => (
            <option key={quantity} value={quantity}>
              {quantity}
            </option>
          ))}
        </select>
      </span>
      <span role="cell" className="min-w-0 text-[13px]" title={`${row.kindWhy}. ${row.quantityWhy}`}>
        <Origin pin={pin} unknown={unknown} onConfirm={onConfirm} />
      </span>
    </div>
  );
}

/** Once chosen, or left, the list gives the arrow keys back to the table: they would change the choice unseen. */
const leaveOnEscape = (event: KeyboardEvent<HTMLSelectElement>) => {
  if (event.key === "Escape") event.currentTarget.blur();
};

/** Where the kind comes from; the grades never look alike. */
function Origin({ pin: { row }, unknown, onConfirm }: { pin: PinView; unknown: boolean; onConfirm: () => void }) {
  if (unknown)
    return (
      <span className="line-clamp-2 font-semibold">
        not known: <span className="font-normal text-ink2">{row.kindWhy}</span>
      </span>
    );
  if (row.kindSource === "given") return <span className="text-ink2">read from the table</span>;
  if (row.kindSource === "confirmed") return <span className="font-semibold">confirmed</span>;
  return (
    <button
      type="button"
      onClick={(event) => {
        event.stopPropagation();
        onConfirm();
      }}
      className="h-10 w-full truncate border-b-2 border-dotted border-ink2 text-left"
      title={`${row.kindWhy}. ${row.quantityWhy}. Click to confirm.`}
    >
      guess {Math.round(Math.min(row.kindConfidence, row.quantity === null ? 1 : row.quantityConfidence) * 100)} %:
      confirm
    </button>
  );
}

/** A cell that becomes a field when it is clicked or entered; Enter or leaving saves, Escape leaves it as it was. */
function Editable({
  label,
  value,
  show,
  onSave,
}: {
  label: string;
  value: string;
  show: React.ReactNode;
  onSave: (text: string) => string | null;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  // What the person saw when they began: where someone else has changed it since, it is not written over unasked.
  const [began, setBegan] = useState(value);
  const open = () => {
    setBegan(value);
    setTyped(value);
  };
  if (typed === null)
    return (
      <button
        type="button"
        aria-label={`${label}: ${value || "none"}; edit`}
        className="flex min-h-10 w-full min-w-0 items-center text-left"
        onClick={open}
      >
        {show}
      </button>
    );
  const save = () => {
    const text = typed.trim();
    if (value !== began && text !== value) {
      setBegan(value);
      setFault(`Meanwhile it became “${value.slice(0, 60)}”. Enter replaces it, Escape keeps it.`);
      return;
    }
    const said = text === value ? null : text.length > 10_000 ? "At most 10,000 characters" : onSave(text);
    setFault(said);
    if (said === null) setTyped(null);
  };
  return (
    <span className="relative block w-full">
      <input
        // biome-ignore lint/a11y/noAutofocus: the person has just asked for this field
        autoFocus
        aria-label={label}
        aria-invalid={fault !== null}
        className="field px-1.5"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={save}
        onKeyDown={(event) => {
          if (event.key === "Enter") save();
          if (event.key === "Escape") {
            setTyped(null);
            setFault(null);
          }
        }}
      />
      {fault !== null && (
        <span
          role="alert"
          className="absolute top-full left-0 z-20 border border-stop bg-sheet px-2 py-1 text-[13px] font-semibold whitespace-nowrap text-stop"
        >
          {fault}
        </span>
      )}
    </span>
  );
}
