"use client";

import { useState } from "react";
import { INTERLOCKS } from "@/core/functions";
import type { SignalPin } from "@/core/signals";
import { cavityLabel, quantityHead } from "@/core/words";
import { loopInterlockOps, openInterlockOps } from "@/job/gearbox-ops";
import { Button, Field } from "@/ui/controls";
import { Plate } from "@/ui/plate";
import { useFunctions } from "../map/use-functions";
import { useJob } from "../shell/job-provider";

/** Inputs that wait for a contact which is no longer there, and what may stand in its place. */
export function InterlockLoops() {
  const functions = useFunctions();
  const job = useJob();
  const inputs = [
    ...new Map(
      functions
        .flatMap(({ gaps }) => gaps)
        .filter(({ pin }) => INTERLOCKS.has(pin.quantity) && pin.form.kind === "logic-in")
        .map(({ pin }) => [pin.id, pin]),
    ).values(),
  ];
  const looped = job.document.gaps.filter(
    ({ way, id }) => way === "loop" && INTERLOCKS.has(job.pinById.get(id)?.row.quantity ?? null),
  );
  if (inputs.length === 0 && looped.length === 0) return null;
  return (
    <section aria-label="Interlock inputs without a contact">
      <h2 className="font-bold">Interlock inputs without a contact</h2>
      <p className="text-[13px] text-ink2">
        A loop makes the computer believe that it may crank, whatever the lever does. It is refused until somebody signs
        what keeps the driver safe instead.
      </p>
      {inputs.map((pin) => (
        <Input key={pin.id} pin={pin} />
      ))}
    </section>
  );
}

const SAFE_BY = ["a clutch switch in the start circuit", "a neutral switch in the start circuit"] as const;

function Input({ pin }: { pin: SignalPin }) {
  const job = useJob();
  const label = cavityLabel(pin);
  const row = job.document.gaps.find(({ id, way }) => id === pin.id && way === "loop");
  const [keeps, setKeeps] = useState("");
  const signed = row !== undefined && row.note !== "";
  const close = (text: string) =>
    job.change(`${label}: ${text === "" ? "loop, unsigned" : "loop, signed"}`, (person) =>
      loopInterlockOps(job.document, { id: pin.id, label }, text, person),
    );
  return (
    <div className="flex flex-wrap items-end gap-3 border-t border-rule py-2" data-loop={pin.id}>
      <p className="min-w-0 flex-1">
        <Plate side={pin.side} label={label} /> {quantityHead(pin.quantity)}
        <span className="block text-[13px]">
          {signed ? (
            <>
              Closed by a loop, signed by {row.person}: {row.note}.
            </>
          ) : row === undefined ? (
            "Open: a computer that asks this input does not let the engine be cranked."
          ) : (
            <strong className="text-stop">
              Closed by a loop that nobody has signed: a temporary fix, open until it is signed or undone.
            </strong>
          )}
        </span>
      </p>
      {!signed && (
        <>
          <div className="no-print">
            <Field label="What keeps the driver safe instead">
              <input
                className="field w-72"
                list={`safe ${pin.id}`}
                value={keeps}
                placeholder="a clutch switch in the start circuit"
                onChange={(event) => setKeeps(event.target.value)}
              />
              <datalist id={`safe ${pin.id}`}>
                {SAFE_BY.map((one) => (
                  <option key={one} value={one} />
                ))}
              </datalist>
            </Field>
          </div>
          <Button disabled={keeps.trim() === ""} onClick={() => close(keeps)}>
            Sign the loop
          </Button>
          {row === undefined && <Button onClick={() => close("")}>Close it for now</Button>}
        </>
      )}
      {row !== undefined && (
        <Button
          onClick={() =>
            job.change(`${label}: loop removed`, (person) => openInterlockOps(job.document, pin.id, person))
          }
        >
          Remove the loop
        </Button>
      )}
    </div>
  );
}
