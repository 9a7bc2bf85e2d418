"use client";

import { useState } from "react";
import type { HarnessPart } from "@/core/harness";
import { CHASSIS, type SwitchTable, switchElements, switchTable, ticked } from "@/core/parts";
import { stateWords } from "@/core/words";
import type { PartRow } from "@/job/schema";
import { Button, Field } from "@/ui/controls";

interface Props {
  readonly part: HarnessPart;
  readonly onTell: (label: string, elements: PartRow["elements"]) => void;
}

const SWITCHES: ReadonlySet<string> = new Set(["key-switch", "switch", "flasher"]);
export const isSwitchPart = ({ type }: Pick<HarnessPart, "type">) => SWITCHES.has(type);

/**
 * A switch as a table: its terminals against its positions, ticked where a terminal is joined with the common one. A key
 * switch has the positions of the key, any other those that somebody names.
 */
export function SwitchPositions({ part, onTell }: Props) {
  const isKey = part.type === "key-switch";
  const read = switchTable(part.elements, isKey);
  const [added, setAdded] = useState<readonly string[]>([]);
  const terminals = part.terminals.map(({ name }) => name);
  const table: SwitchTable = { ...read, common: read.common ?? terminals[0] ?? null };
  const positions = [...new Set([...table.positions, ...added])];
  const tell = (label: string, next: SwitchTable) =>
    onTell(
      label,
      switchElements(next, isKey).map((one) => structuredClone(one) as PartRow["elements"][number]),
    );
  const word = (position: string) => (isKey ? (stateWords[position as keyof typeof stateWords] ?? position) : position);
  return (
    <section aria-label="Positions" className="mt-5">
      <h3 className="mb-1 text-[13px] font-bold">Positions: tick where a terminal is joined with the common one</h3>
      <div className="flex flex-wrap items-end gap-3">
        <Field label="Common terminal">
          <select
            className="field w-32"
            value={table.common ?? ""}
            onChange={(event) =>
              tell(`Common terminal of ${part.label}: ${event.target.value}`, {
                ...table,
                common: event.target.value,
                joined: new Map([...table.joined].filter(([terminal]) => terminal !== event.target.value)),
              })
            }
          >
            {terminals.map((terminal) => (
              <option key={terminal}>{terminal}</option>
            ))}
            {table.common !== null && !terminals.includes(table.common) && (
              <option value={table.common}>{table.common === CHASSIS ? "its case" : table.common}</option>
            )}
          </select>
        </Field>
        {!isKey && <NewPosition taken={positions} onAdd={(name) => setAdded([...added, name])} />}
      </div>
      <table className="mt-2 border-collapse">
        <thead>
          <tr className="border-b-[1.5px] border-rule2 text-[13px] text-ink2">
            <th className="py-1.5 pr-4 text-left font-semibold">Terminal</th>
            {positions.map((position) => (
              <th key={position} className="px-3 font-semibold">
                {word(position)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {terminals
            .filter((terminal) => terminal !== table.common)
            .map((terminal) => (
              <tr key={terminal} className="border-b border-rule">
                <th className="pr-4 text-left font-mono text-[13px]">{terminal}</th>
                {positions.map((position) => {
                  const isJoined = table.joined.get(terminal)?.has(position) === true;
                  return (
                    <td key={position} className="text-center">
                      <label className="grid size-11 place-items-center">
                        <span className="hidden-text">
                          {terminal} joined with {table.common} in {word(position)}
                        </span>
                        <input
                          type="checkbox"
                          className="size-6 accent-ink"
                          checked={isJoined}
                          onChange={() =>
                            tell(
                              `${part.label}: ${terminal} ${isJoined ? "open" : "joined"} in ${word(position)}`,
                              ticked(table, terminal, position, !isJoined),
                            )
                          }
                        />
                      </label>
                    </td>
                  );
                })}
              </tr>
            ))}
        </tbody>
      </table>
    </section>
  );
}

function NewPosition({ taken, onAdd }: { taken: readonly string[]; onAdd: (name: string) => void }) {
  const [name, setName] = useState("");
  const isTaken = taken.includes(name.trim());
  return (
    <form
      className="flex items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim() === "" || isTaken) return;
        onAdd(name.trim());
        setName("");
      }}
    >
      <Field label="Another position" error={isTaken ? "There is one called so" : null}>
        <input
          className="field w-36"
          value={name}
          placeholder="side, dip, left"
          onChange={(event) => setName(event.target.value)}
        />
      </Field>
      <Button type="submit" disabled={name.trim() === "" || isTaken}>
        Add it
      </Button>
    </form>
  );
}
