"use client";

import { type FormEvent, useEffect, useRef, useState } from "react";
import type { ReadFault, Step } from "@/core/proving";
import {
  CAUTIONS,
  count,
  crankExtremeText,
  crankPlaceText,
  expectedText,
  probeLabel,
  readFaultText,
} from "@/core/words";
import { Button } from "@/ui/controls";
import { Dialog } from "@/ui/dialog";
import { Caution } from "@/ui/states";
import type { StepView } from "../shell/derive";
import { useJob } from "../shell/job-provider";
import { takeReading } from "./reading-row";

interface Props {
  /** Every step that is read while the engine is cranked. */
  readonly views: readonly StepView[];
  readonly onClose: () => void;
}

/**
 * One crank for all that is read while cranking: a meter or a recorder's channel at each place, the least of each feed
 * and the most of each ground. What is left empty is left for another crank.
 */
export function OneCrank({ views, onClose }: Props) {
  const { typed, faults, filled, type, keep } = useCrank(views, onClose);
  const form = useRef<HTMLFormElement>(null);
  useEffect(() => form.current?.querySelector("input")?.focus(), []);
  return (
    <Dialog
      open
      onClose={onClose}
      wide
      title={`Crank once, read ${count(views.length, "place")}`}
      description="A meter on MIN or MAX, or one channel of a recorder, at each place before the key is turned. Red probe where it says, black at battery negative. Crank for five seconds."
    >
      <Caution>{CAUTIONS.crank}</Caution>
      <form ref={form} onSubmit={keep} noValidate>
        <ul aria-label="Places to read" className="mt-3 max-h-[40vh] overflow-auto border-y border-rule" tabIndex={0}>
          {views.map((view) => (
            <Place
              key={view.step.key}
              view={view}
              typed={typed.get(view.step.key) ?? ""}
              fault={faults.get(view.step.key) ?? null}
              onType={(text) => type(view.step.key, text)}
            />
          ))}
        </ul>
        <div className="mt-4 mb-1 flex flex-wrap gap-2">
          <Button type="submit" primary disabled={filled === 0}>
            Keep {count(filled, "reading")}
          </Button>
          <Button onClick={onClose}>Cancel</Button>
        </div>
      </form>
    </Dialog>
  );
}

interface PlaceProps {
  readonly view: StepView;
  readonly typed: string;
  readonly fault: ReadFault | null;
  readonly onType: (text: string) => void;
}

function Place({ view: { step, latest }, typed, fault, onType }: PlaceProps) {
  const id = `crank-${step.key}`;
  return (
    <li className="grid grid-cols-[minmax(0,1fr)_130px_110px] items-center gap-x-3 border-b border-rule px-2.5 py-1.5 last:border-b-0">
      <label htmlFor={id}>
        <span className="font-mono font-semibold">{probeLabel(step.red)}</span>{" "}
        <span className="text-[13px] text-ink2">{crankPlaceText(step)}</span>
      </label>
      <span className="text-right font-mono text-[13px] text-ink2">{expectedText(step.expected)}</span>
      <span className="flex items-center gap-1.5">
        <input
          id={id}
          value={typed}
          onChange={(event) => onType(event.target.value)}
          onKeyDown={toNext}
          autoComplete="off"
          aria-invalid={fault !== null}
          aria-describedby={fault === null ? undefined : `${id}-fault`}
          placeholder={latest?.written ?? crankExtremeText(step)}
          className="h-9 w-full min-w-0 border-b-2 border-ink bg-transparent text-right font-mono placeholder:text-ink2"
        />
        <span className="text-[13px] text-ink2">{step.expected.unit}</span>
      </span>
      {fault !== null && (
        <span id={`${id}-fault`} role="alert" className="col-span-3 text-[13px] font-semibold text-stop">
          {readFaultText(fault)}
        </span>
      )}
    </li>
  );
}

/** Enter goes to the next place; from the last one it keeps all. */
function toNext(event: React.KeyboardEvent<HTMLInputElement>) {
  if (event.key !== "Enter") return;
  const inputs = [...(event.currentTarget.form?.querySelectorAll("input") ?? [])];
  const next = inputs[inputs.indexOf(event.currentTarget) + 1];
  if (next === undefined) return;
  event.preventDefault();
  next.focus();
}

/** What is typed at each place; kept together as one change, so that one undo takes the crank back. */
function useCrank(views: readonly StepView[], onClose: () => void) {
  const job = useJob();
  const [typed, setTyped] = useState<ReadonlyMap<Step["key"], string>>(new Map());
  const [faults, setFaults] = useState<ReadonlyMap<Step["key"], ReadFault>>(new Map());
  const kept = useRef(false);
  const written = views.flatMap((view) => {
    const text = typed.get(view.step.key)?.trim() ?? "";
    return text === "" ? [] : [{ view, text }];
  });
  const keep = (event: FormEvent) => {
    event.preventDefault();
    if (kept.current) return;
    const taken = written.map(({ view, text }) => ({ key: view.step.key, reading: takeReading(view, text) }));
    const bad = taken.flatMap(({ key, reading }) => (reading.ok ? [] : [[key, reading.fault] as const]));
    setFaults(new Map(bad));
    if (bad.length > 0 || taken.length === 0) return;
    kept.current = true;
    job.change(`Read ${count(taken.length, "place")} in one crank`, (person) =>
      taken.flatMap(({ reading }) => (reading.ok ? [reading.op(person)] : [])),
    );
    onClose();
  };
  const type = (key: string, text: string) => setTyped((before) => new Map(before).set(key, text));
  return { typed, faults, filled: written.length, type, keep };
}
