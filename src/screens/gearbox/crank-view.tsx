"use client";

import { useEffect, useState } from "react";
import type { Finding } from "@/core/power";
import { type CrankRow, failingRows, isOverloaded, type TriedCure } from "@/core/transmission";
import {
  capital,
  count,
  crankRowText,
  crankSummary,
  interlockCureText,
  interlockEffectText,
  originText,
  standText,
} from "@/core/words";
import { Button } from "@/ui/controls";
import { Caution } from "@/ui/states";
import { useEditNames } from "../power/edit-names";
import { carryOutEdits } from "../power/trying";
import { useJob } from "../shell/job-provider";
import { useKeys } from "../shell/keys";
import { CrankTable } from "./crank-table";
import { InterlockLoops } from "./interlock-loops";
import { useCrank, useCrankCures } from "./use-crank";

const MOST_ROWS = 6;

/** Who may crank when, what is wrong, where the current comes through, and what would mend it. */
export function CrankView() {
  const table = useCrank();
  const failing = table === null ? [] : failingRows(table);
  const [all, setAll] = useState(false);
  if (table === null)
    return (
      <p role="status" className="text-ink2">
        Solving every way in which the vehicle may stand …
      </p>
    );
  const told = alike(failing);
  const shown = all ? told : told.slice(0, MOST_ROWS);
  return (
    <div className="space-y-4">
      <p className={`text-lg font-semibold ${failing.some(({ cranks }) => cranks) ? "text-stop" : ""}`} role="status">
        {crankSummary(table)}
      </p>
      <CrankTable table={table} />
      {table.contacts.length > 0 && (
        <p className="text-[13px] text-ink2">Asked: {table.contacts.map(originText).join(", ")}.</p>
      )}
      {failing.length > 0 && (
        <section aria-label="What is wrong">
          <h2 className="font-bold">
            What is wrong <span className="font-mono font-normal text-ink2">{failing.length}</span>
          </h2>
          {shown.map(({ text, stands }) => (
            <p key={text} className="border-t border-rule py-1.5">
              <strong>{capital(stands.join("; "))}.</strong> {text}
            </p>
          ))}
          {told.length > MOST_ROWS && (
            <Button onClick={() => setAll(!all)}>{all ? "Fewer" : `All ${count(told.length, "way")}`}</Button>
          )}
        </section>
      )}
      <Cures isNeeded={failing.some(({ cranks }) => cranks)} />
      <InterlockLoops />
      <Caution>
        A vehicle that cranks in gear moves. Try it with the wheels chocked, nobody before or behind it, and the
        ignition or fuel off: in each range, with and without each pedal.
      </Caution>
    </div>
  );
}

/** Rows that fail by the same way are told once. */
function alike(rows: readonly CrankRow[]): readonly { readonly text: string; readonly stands: readonly string[] }[] {
  const groups = new Map<string, string[]>();
  for (const row of rows) {
    const text = crankRowText(row);
    groups.set(text, [...(groups.get(text) ?? []), standText(row)]);
  }
  return [...groups].map(([text, stands]) => ({ text, stands }));
}

/** What else a cure would bring, found in the whole plan; nothing of one that is still being solved. */
function useBrought(cures: readonly TriedCure[] | null): ReadonlyMap<TriedCure, readonly Finding[]> {
  const job = useJob();
  const [brings, setBrings] = useState<ReadonlyMap<TriedCure, readonly Finding[]>>(new Map());
  useEffect(() => {
    let current = true;
    setBrings(new Map());
    void (async () => {
      for (const cure of cures ?? []) {
        const { come } = await job.askTry(cure.edits);
        if (!current) return;
        setBrings((known) => new Map(known).set(cure, come));
      }
    })().catch(() => undefined);
    return () => {
      current = false;
    };
  }, [cures]);
  return brings;
}

const broughtText = (come: readonly Finding[] | undefined): string =>
  come === undefined
    ? "; solving what else it brings …"
    : come.length === 0
      ? ", and adds no finding"
      : `; it adds ${count(come.length, "finding")} in Power`;

function Cures({ isNeeded }: { isNeeded: boolean }) {
  const job = useJob();
  const names = useEditNames();
  const cures = useCrankCures(isNeeded);
  const brings = useBrought(cures);
  const first = cures?.find((cure) => cure.failing === 0 && !isOverloaded(cure) && brings.get(cure)?.length === 0);
  useKeys({ c: () => first !== undefined && carryOutEdits(job, first.edits, names) });
  if (!isNeeded) return null;
  return (
    <section aria-label="Cures">
      <h2 className="font-bold">Cures, each solved before it is offered</h2>
      {cures === null && (
        <p role="status" className="text-ink2">
          Solving …
        </p>
      )}
      {cures?.length === 0 && (
        <p className="text-[13px]">
          No contact of lever or clutch with both of its cavities is in the tables. Add the range switch or a clutch
          switch in Harness; then it is offered here.
        </p>
      )}
      {cures?.map((cure) => (
        <div key={JSON.stringify(cure.edits)} className="flex items-center gap-3 border-t border-rule py-1">
          <p className="min-w-0 flex-1">
            {interlockCureText(cure)}
            <span className="block text-[13px] text-ink2">
              {interlockEffectText(cure)}
              {broughtText(brings.get(cure))}
            </span>
          </p>
          {cure.unsafe === 0 && !isOverloaded(cure) && (
            <Button
              primary={cure === first}
              hotkey={cure === first ? "C" : undefined}
              onClick={() => carryOutEdits(job, cure.edits, names)}
            >
              Carry out
            </Button>
          )}
        </div>
      ))}
    </section>
  );
}
