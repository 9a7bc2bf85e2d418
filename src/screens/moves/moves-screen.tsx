"use client";

import { useState } from "react";
import { addStandInOps, removeStandInOps } from "@/job/move-ops";
import type { StandInRow } from "@/job/schema";
import { Button, Field } from "@/ui/controls";
import { Dialog } from "@/ui/dialog";
import { Segments } from "@/ui/segments";
import { Empty } from "@/ui/states";
import { useJob } from "../shell/job-provider";
import { useKeys } from "../shell/keys";
import { PrintButton } from "../shell/print-button";
import { ScreenHead } from "../shell/screen-head";
import { MoveCard } from "./move-card";

/** Plugs that take the place of others: which cavity becomes which, on the bench and on paper. */
export function MovesScreen() {
  const job = useJob();
  const { standIns } = job.document;
  const [chosen, setChosen] = useState<string | null>(null);
  const [adding, setAdding] = useState(false);
  const current = standIns.find(({ id }) => id === chosen) ?? standIns.at(-1);
  useKeys({ a: () => setAdding(true) });
  return (
    <>
      <ScreenHead title="Cavity moves">
        {standIns.length > 1 && (
          <Segments
            label="Exchanges"
            segments={standIns.map((row) => ({ key: row.id, label: namesOf(row, job.document.connectors) }))}
            value={current?.id ?? null}
            onChange={setChosen}
          />
        )}
        <span className="flex-1" />
        <Button primary={standIns.length === 0} hotkey="A" onClick={() => setAdding(true)}>
          Exchange a plug
        </Button>
        {current !== undefined && (
          <>
            <Button onClick={() => job.change("Exchange of plugs removed", removeStandInOps(job.document, current))}>
              Remove this
            </Button>
            <PrintButton>Print the bench card</PrintButton>
          </>
        )}
      </ScreenHead>
      <div
        className="mx-4 mb-4 min-h-0 flex-1 overflow-auto border border-rule2 bg-sheet px-4 py-3 print:overflow-visible print:border-0"
        tabIndex={0}
        role="group"
        aria-label="Bench card"
      >
        {current === undefined ? (
          <Empty title="No plug takes another's place yet">
            <p>
              Where another gearbox or computer comes with a plug of its own face, choose the plug that the harness has
              and the one that it must become. Every cavity is then told: which stays, which moves, which is new, empty
              or capped.
            </p>
          </Empty>
        ) : (
          <MoveCard key={current.id} row={current} />
        )}
      </div>
      {adding && <AddDialog onClose={() => setAdding(false)} onAdded={() => setChosen(null)} />}
    </>
  );
}

const namesOf = (
  { fromIds, toIds }: StandInRow,
  connectors: readonly { readonly id: string; readonly label: string }[],
) => {
  const name = (id: string) => connectors.find((one) => one.id === id)?.label ?? "?";
  return `${fromIds.map(name).join(" + ")} → ${toIds.map(name).join(" + ")}`;
};

function AddDialog({ onClose, onAdded }: { onClose: () => void; onAdded: () => void }) {
  const job = useJob();
  const { connectors, pins } = job.document;
  const used = connectors.filter(({ id }) => pins.some(({ connectorId }) => connectorId === id));
  const [from, setFrom] = useState("");
  const [second, setSecond] = useState("");
  const [to, setTo] = useState("");
  const same = to !== "" && (to === from || to === second);
  const pick = (label: string, value: string, onChange: (id: string) => void, none: string) => (
    <Field label={label}>
      <select className="field" value={value} onChange={(event) => onChange(event.target.value)}>
        <option value="">{none}</option>
        {used.map((one) => (
          <option key={one.id} value={one.id}>
            {one.label} ({one.side})
          </option>
        ))}
      </select>
    </Field>
  );
  const add = () => {
    job.change("Exchange of plugs", (person) =>
      addStandInOps(
        [from, second].filter((id) => id !== ""),
        [to],
        person,
      ),
    );
    onAdded();
    onClose();
  };
  return (
    <Dialog open onClose={onClose} title="Exchange a plug">
      <div className="space-y-3">
        {pick("The plug that the harness has", from, setFrom, "choose")}
        {pick("and a second one that goes into it", second, setSecond, "none")}
        {pick("The plug that it must become", to, setTo, "choose")}
        {same && (
          <p role="alert" className="font-semibold text-stop">
            A plug cannot take its own place: choose another.
          </p>
        )}
        <div className="flex justify-end gap-3">
          <Button onClick={onClose}>Cancel</Button>
          <Button primary disabled={from === "" || to === "" || same || from === second} onClick={add}>
            Work out the moves
          </Button>
        </div>
      </div>
    </Dialog>
  );
}
