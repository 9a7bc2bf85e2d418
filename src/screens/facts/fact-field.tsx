"use client";

import { type FormEvent, useId, useState } from "react";
import { type ParamGrade, paramTypeOf, readTyped, usualValues } from "@/core/forms";
import { aliveThroughout, type KeyPosition, liveIn } from "@/core/state";
import {
  choiceText,
  exampleText,
  fieldHintText,
  measureText,
  PARAM_GRADE_WORDS,
  questionText,
  typedText,
  unitOfField,
  usualText,
} from "@/core/words";
import { factOp } from "@/job/pin-ops";
import type { PinRow } from "@/job/schema";
import { formOf } from "@/job/signal-pins";
import type { PinView } from "../shell/derive";
import { useJob } from "../shell/job-provider";

interface Props {
  readonly pin: PinView;
  readonly field: string;
  /** The cavity is not told by what stands around it. */
  readonly named?: boolean;
}

/** Grades that a person may give what they enter. */
const GIVEN: readonly ParamGrade[] = ["claimed", "read", "measured"];

/**
 * One value of a cavity, asked for as a technician asks: with what is usual, how to measure it, and on which ground it
 * is known. Wherever it stands it is the same value.
 */
export function FactField({ pin, field, named = false }: Props) {
  const job = useJob();
  const { row, label } = pin;
  const { kind } = formOf(row);
  const value = row.params[field] ?? null;
  const question = questionText(kind, field);
  const save = (next: string | null, how: ParamGrade) => {
    const said = next === null ? "not known" : typedText(kind, field, next);
    job.change(`${question} ${label}: ${said}`, [factOp(row, field, next, how)], { quiet: true });
  };
  const type = paramTypeOf(kind, field);
  if (type === null) return null;
  const editor = { label: `${question} ${label}`, onSave: (next: string | null) => save(next, "claimed") };
  const isWide = type.type === "word" || type.type === "curve" || type.type === "text";
  return (
    <div className="border-b border-rule py-1.5" data-fact={`${row.id} ${field}`}>
      <div className={isWide ? "" : "grid grid-cols-[minmax(0,1fr)_132px] items-center gap-3"}>
        <p>
          {named && <span className="mr-2 font-mono text-[13px] font-semibold">{label}</span>}
          {question}
        </p>
        {type.type !== "word" ? (
          <Typed key={value} pin={pin} field={field} {...editor} />
        ) : field === "alive" ? (
          <LiveTicks value={value} {...editor} />
        ) : (
          <Choices words={type.words} value={value} {...editor} />
        )}
      </div>
      <div className="flex flex-wrap items-baseline gap-x-3 text-[13px] text-ink2">
        {value !== null && (
          <GradeChoice row={row} field={field} label={editor.label} onGrade={(how) => save(value, how)} />
        )}
        <UsualValues row={row} field={field} onTake={(next) => save(next, "usual")} />
        <HowToMeasure field={field} />
      </div>
    </div>
  );
}

interface GradeProps {
  readonly row: PinRow;
  readonly field: string;
  readonly label: string;
  readonly onGrade: (grade: ParamGrade) => void;
}

/** On which ground a value is known; a guess and a usual value are dotted, as everywhere. */
function GradeChoice({ row, field, label, onGrade }: GradeProps) {
  const grade = row.grades[field] ?? FROM_TABLE;
  const isWeak = grade === "guessed" || grade === "usual";
  return (
    <select
      aria-label={`How it is known: ${label}`}
      className={`min-h-8 max-w-44 max-lg:min-h-10 bg-sheet ${isWeak ? "border-b-2 border-dotted border-ink2" : ""}`}
      value={grade}
      onChange={(event) => onGrade(GIVEN.find((one) => one === event.target.value) ?? "claimed")}
    >
      {(GIVEN as readonly string[]).includes(grade) ? null : (
        <option value={grade}>
          {grade === FROM_TABLE ? "from the pin table" : PARAM_GRADE_WORDS[grade as ParamGrade]}
        </option>
      )}
      {GIVEN.map((one) => (
        <option key={one} value={one}>
          {PARAM_GRADE_WORDS[one]}
        </option>
      ))}
    </select>
  );
}
const FROM_TABLE = "table";

interface Editor {
  readonly label: string;
  readonly onSave: (value: string | null) => void;
}

/** A number, a span, a curve or a text, in whatever unit it is written. */
function Typed({ pin, field, label, onSave }: Editor & Pick<Props, "pin" | "field">) {
  const { kind } = formOf(pin.row);
  const value = pin.row.params[field];
  const shown = value === undefined ? "" : typedText(kind, field, value);
  const [text, setText] = useState(shown);
  const [fault, setFault] = useState<string | null>(null);
  const id = useId();
  const unit = unitOfField(kind, field);
  const save = (event?: FormEvent) => {
    event?.preventDefault();
    if (text.trim() === shown) return setFault(null);
    if (text.trim() === "") return onSave(null);
    const read = readTyped(kind, field, text);
    if (read === null) return;
    setFault(read.ok ? null : fieldHintText(read.expected));
    if (read.ok) onSave(read.value);
  };
  return (
    <form onSubmit={save} className="flex flex-wrap items-center gap-1.5">
      <input
        aria-label={label}
        aria-invalid={fault !== null}
        aria-describedby={fault === null ? undefined : id}
        className="field w-20! min-w-0 flex-1 px-2! font-mono"
        placeholder={exampleText(kind, field) === "" ? "not known" : `such as ${exampleText(kind, field)}`}
        value={text}
        onChange={(event) => setText(event.target.value)}
        onBlur={() => save()}
        onKeyDown={(event) => {
          if (event.key !== "Escape") return;
          setText(shown);
          setFault(null);
        }}
      />
      {unit !== "" && <span className="text-[13px]">{unit}</span>}
      {fault !== null && (
        <span id={id} role="alert" className="w-full text-[13px] font-semibold text-stop">
          {fault}
        </span>
      )}
    </form>
  );
}

function Choices({ label, words, value, onSave }: Editor & { words: readonly string[]; value: string | null }) {
  return (
    <div role="group" aria-label={label} className="flex flex-wrap gap-1">
      {words.map((word) => (
        <button
          key={word}
          type="button"
          aria-pressed={word === value}
          className={`min-h-10 border border-rule2 px-3 text-[13px] ${word === value ? "bg-ink font-semibold text-bench" : "bg-sheet"}`}
          onClick={() => onSave(word === value ? null : word)}
        >
          {choiceText(word)}
        </button>
      ))}
    </div>
  );
}

const TICKED: readonly (readonly [KeyPosition, string])[] = [
  ["off", "off"],
  ["accessory", "accessory"],
  ["run", "run"],
  ["crank", "crank"],
];
/** What is ticked of the four says of the others too: a feed that is live in run is live while the engine runs. */
const positionsOf = (ticked: ReadonlySet<KeyPosition>): KeyPosition[] => [
  ...ticked,
  ...(ticked.has("run") ? (["running"] as const) : []),
  ...(ticked.has("off") ? (["coasting"] as const) : []),
];

/** Key positions to tick in which a feed is live, or that its relay alone decides. */
function LiveTicks({ label, value, onSave }: Editor & { value: string | null }) {
  const told = new Set(liveIn(value as Parameters<typeof liveIn>[0]));
  const [ticked, setTicked] = useState<ReadonlySet<KeyPosition> | null>(null);
  const shown = ticked ?? told;
  const toggle = (key: KeyPosition) => {
    const next = new Set(TICKED.map(([one]) => one).filter((one) => (one === key ? !shown.has(key) : shown.has(one))));
    const alive = next.size === 0 ? null : aliveThroughout(positionsOf(next));
    if (alive === null) return setTicked(next);
    setTicked(null);
    onSave(alive);
  };
  return (
    <fieldset aria-label={label} className="flex flex-wrap items-center gap-1">
      {TICKED.map(([key, name]) => (
        <label key={key} className="flex min-h-10 items-center gap-1.5 pr-2">
          <input type="checkbox" className="size-5 accent-ink" checked={shown.has(key)} onChange={() => toggle(key)} />
          {name}
        </label>
      ))}
      <Choices label={`${label}: by relay`} words={["relay"]} value={value} onSave={onSave} />
      {ticked !== null && (
        <span role="status" className="w-full text-[13px] text-ink2">
          {ticked.size === 0
            ? "Tick where it is live."
            : "No feed is live in just these: tick the others in which it is live too."}
        </span>
      )}
    </fieldset>
  );
}

/** Textbook values to go on with: a verdict that rests on one says so. */
function UsualValues({ row, field, onTake }: { row: PinRow; field: string; onTake: (value: string) => void }) {
  const { kind } = formOf(row);
  const values = usualValues(kind, row.quantity, field).filter(({ value }) => value !== row.params[field]);
  if (values.length === 0) return null;
  return (
    <p>
      usual:{" "}
      {values.map(({ value, of }) => (
        <button
          key={`${value} ${of}`}
          type="button"
          className="mr-2 min-h-8 underline decoration-rule2 underline-offset-4 hover:decoration-ink"
          onClick={() => onTake(value)}
        >
          {field === "curve"
            ? usualText(of)
            : `${typedText(kind, field, value)} ${unitOfField(kind, field)} ${usualText(of)}`}
        </button>
      ))}
    </p>
  );
}

function HowToMeasure({ field }: { field: string }) {
  const [points, watch] = measureText(field);
  return (
    <details>
      <summary className="inline-flex min-h-8 items-center">how to measure it</summary>
      <p>{points}</p>
      <p>{watch}</p>
    </details>
  );
}
