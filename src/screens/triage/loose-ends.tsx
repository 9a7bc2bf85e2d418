"use client";

import { type FormEvent, type ReactNode, useState } from "react";
import { functionName } from "@/core/functions";
import type { LooseEnd } from "@/core/slice";
import { connectedText, listed, pointText } from "@/core/words";
import { type DEBT_ENDS, DEBT_TYPES, type DebtRow } from "@/job/schema";
import { looseEndRow, openDebtOps, settleDebtOps, settleEndOps } from "@/job/triage-ops";
import { Button, Field } from "@/ui/controls";
import { StateMark } from "@/ui/marks";
import { Caution, Empty } from "@/ui/states";
import { useJob } from "../shell/job-provider";

const END_WORDS: Readonly<Record<(typeof DEBT_ENDS)[number], string>> = {
  "new-home": "has a new home",
  cap: "capped",
  "not-needed": "not needed, signed",
  paid: "paid",
  "signed-off": "signed off",
};
const TYPE_WORDS: Readonly<Record<DebtRow["type"], string>> = {
  "loose-end": "Loose end",
  bypass: "Bypass",
  "temporary-feed": "Temporary feed",
  unplugged: "Left unplugged",
  override: "Removed against need",
};
const CARRIED: Readonly<Record<LooseEnd["carried"], string>> = {
  feed: "feed",
  ground: "ground",
  splice: "splice",
  signal: "signal",
};
const FOR_ENDS = ["new-home", "cap", "not-needed"] as const;
const FOR_DEBTS = ["paid", "signed-off"] as const;

/** Every loose end and every temporary fix that is open, until each is settled. */
export function LooseEndsView() {
  return (
    <div className="min-h-0 flex-1 space-y-4 overflow-auto px-4 pb-4">
      <Ends />
      <Fixes />
    </div>
  );
}

function Ends() {
  const job = useJob();
  const ends = job.report?.looseEnds ?? [];
  const openCount = ends.filter((end) => looseEndRow(job.document, end.pinId)?.settled == null).length;
  return (
    <section className="border border-rule2 bg-sheet" aria-labelledby="ends">
      <h2 id="ends" className="border-b border-rule px-3 py-2.5 text-base">
        Loose ends{" "}
        <span className="ml-1.5 font-mono text-sm font-medium">
          {openCount} open of {ends.length}
        </span>
      </h2>
      {ends.length === 0 ? (
        <Empty title="No loose end">
          <p>
            When a connector is removed whole, each feed, ground and splice that it carried is listed here by name,
            until it has a new home, a cap, or a signed “not needed”.
          </p>
        </Empty>
      ) : (
        <ul>
          {ends.some((end) => end.carried === "feed") && (
            <li className="p-3">
              <Caution>
                A feed that ends loose is live as soon as the battery is connected: cap it and pull its fuse before
                that.
              </Caution>
            </li>
          )}
          {ends.map((end) => (
            <EndLine key={end.pinId} end={end} />
          ))}
        </ul>
      )}
    </section>
  );
}

function EndLine({ end }: { end: LooseEnd }) {
  const job = useJob();
  const row = looseEndRow(job.document, end.pinId);
  const name = pointText(end.at);
  return (
    <Owed
      settled={row?.settled ?? null}
      note={row?.note ?? ""}
      choices={FOR_ENDS}
      name={name}
      person={row?.person ?? ""}
      onSettle={(settled, note) =>
        job.change(`${name}: ${settled === null ? "open again" : END_WORDS[settled]}`, (person) =>
          settleEndOps(job.document, { pinId: end.pinId, name }, settled, note, person),
        )
      }
    >
      <strong className="font-mono text-[13px]">{name}</strong> carried a {CARRIED[end.carried]}
      {end.connected.length > 0 && (
        <span className="text-ink2">
          ; still connected to it: <span className="font-mono text-[13px]">{connectedText(end.connected)}</span>
        </span>
      )}
      {end.functions.length > 0 && (
        <span className="block text-[13px] text-stop">needed by {listed(end.functions.map(functionName))}</span>
      )}
    </Owed>
  );
}

function Fixes() {
  const job = useJob();
  const debts = job.document.debts.filter((row) => row.type !== "loose-end");
  return (
    <section className="border border-rule2 bg-sheet" aria-labelledby="debts">
      <h2 id="debts" className="border-b border-rule px-3 py-2.5 text-base">
        Temporary fixes{" "}
        <span className="ml-1.5 font-mono text-sm font-medium">
          {debts.filter((row) => row.settled === null).length} open of {debts.length}
        </span>
      </h2>
      <ul>
        {debts.map((row) => (
          <Owed
            key={row.id}
            settled={row.settled}
            note={row.note}
            choices={FOR_DEBTS}
            name={row.says}
            person={row.person}
            onSettle={(settled, note) =>
              job.change(`${row.says}: ${settled === null ? "open again" : END_WORDS[settled]}`, (person) =>
                settleDebtOps(row, settled, note, person),
              )
            }
          >
            <strong>{TYPE_WORDS[row.type]}</strong>: {row.says}
          </Owed>
        ))}
      </ul>
      <OpenDebt />
    </section>
  );
}

function Owed({
  settled,
  note,
  choices,
  name,
  person,
  onSettle,
  children,
}: {
  settled: DebtRow["settled"];
  note: string;
  choices: readonly (typeof DEBT_ENDS)[number][];
  name: string;
  person: string;
  onSettle: (settled: DebtRow["settled"], note: string) => void;
  children: ReactNode;
}) {
  const [text, setText] = useState(note);
  return (
    <li className="grid grid-cols-[26px_minmax(0,1fr)_190px_220px] items-center gap-3 border-b border-rule px-3 py-2 max-lg:grid-cols-[26px_minmax(0,1fr)]">
      <StateMark mark={settled === null ? "open" : "proven"} />
      <p className="min-w-0 break-words">
        {children}
        {settled !== null && (
          <span className="block text-[13px] text-ink2">
            {END_WORDS[settled]}, {person}
          </span>
        )}
      </p>
      <select
        aria-label={`What became of ${name}`}
        className="field max-lg:col-start-2"
        value={settled ?? ""}
        onChange={(event) => onSettle(choices.find((one) => one === event.target.value) ?? null, text)}
      >
        <option value="">open</option>
        {choices.map((one) => (
          <option key={one} value={one}>
            {END_WORDS[one]}
          </option>
        ))}
      </select>
      <input
        aria-label={`Note on ${name}`}
        className="field max-lg:col-start-2"
        placeholder="where it goes, why"
        value={text}
        onChange={(event) => setText(event.target.value)}
        onBlur={() => text !== note && onSettle(settled, text)}
        onKeyDown={(event) => event.key === "Enter" && event.currentTarget.blur()}
      />
    </li>
  );
}

/** A jumper, a lent feed, a sensor left unplugged: opened by hand. */
function OpenDebt() {
  const job = useJob();
  const [says, setSays] = useState("");
  const [type, setType] = useState<DebtRow["type"]>("bypass");
  const send = (event: FormEvent) => {
    event.preventDefault();
    if (says.trim() === "") return;
    job.change(`Temporary fix: ${says.trim()}`, (person) => openDebtOps(type, says.trim(), null, person));
    setSays("");
  };
  return (
    <form onSubmit={send} className="flex flex-wrap items-end gap-3 p-3">
      <Field label="Add a temporary fix">
        <select
          className="field w-44"
          value={type}
          onChange={(event) => setType(DEBT_TYPES.find((one) => one === event.target.value) ?? "bypass")}
        >
          {DEBT_TYPES.filter((one) => one !== "loose-end" && one !== "override").map((one) => (
            <option key={one} value={one}>
              {TYPE_WORDS[one]}
            </option>
          ))}
        </select>
      </Field>
      <div className="min-w-60 flex-1">
        <Field label="What was done">
          <input
            className="field"
            value={says}
            placeholder="Interlock loop bridged at C1-21"
            onChange={(event) => setSays(event.target.value)}
          />
        </Field>
      </div>
      <Button type="submit" disabled={says.trim() === ""}>
        Open it
      </Button>
    </form>
  );
}
