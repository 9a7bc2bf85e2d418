"use client";

import { useMemo, useState } from "react";
import type { Quantity, Side } from "@/core/forms";
import { QUANTITIES } from "@/core/forms";
import { busQuantity, isOffered } from "@/core/intake";
import { count, frameText, quantityHead } from "@/core/words";
import { bitPlaceOf, type DbcIssue, type DbcMessage, dbcIssueWords, dbcText, readDbc, writeDbc } from "@/formats/dbc";
import { busSignalOps, carriesOp, type ReadValue } from "@/job/bus-ops";
import { Button } from "@/ui/controls";
import { saveFile } from "@/ui/save-file";
import { Empty, Trouble } from "@/ui/states";
import { useJob } from "../shell/job-provider";
import type { Source } from "./use-table";

/** A file of this kind describes a bus, and is no pin table. */
export const isBusFile = ({ name }: Source) => /\.dbc$/i.test(name);

interface Props {
  readonly source: Source;
  readonly side: Side;
  readonly onDone: () => void;
}

/** What a bus carries: every value of the file with what it means, and the cavity whose bus it is. */
export function BusFile({ source, side, onDone }: Props) {
  const job = useJob();
  const read = useMemo(() => readDbc(dbcText(source.bytes)), [source]);
  const values = useMemo(() => valuesOf(read?.messages ?? []), [read]);
  const [chosen, setChosen] = useState<ReadonlyMap<string, Quantity | null>>(new Map());
  const buses = job.pins.filter(
    ({ row, connector }) =>
      connector.side === side && row.kind === "can" && (row.params.index ?? row.indexLabel) !== "low",
  );
  const [pinId, setPinId] = useState<string | null>(null);
  const bus = buses.find(({ row }) => row.id === pinId) ?? buses[0];
  if (read === null)
    return (
      <Trouble title={`${source.name} describes no bus`}>
        <p>Not one of its lines is that of a DBC file. Choose the file whose messages begin with BO_.</p>
        <Button onClick={onDone}>Choose another file</Button>
      </Trouble>
    );
  const meaningOf = (value: BusLine) => {
    const own = chosen.get(value.key);
    return own === undefined ? value.offered : own;
  };
  const quantities = values.flatMap((value) => meaningOf(value) ?? []);
  const take = () => {
    if (bus === undefined) return;
    const op = carriesOp(bus.row, source.name, quantities);
    job.change(`${bus.label} carries ${count(new Set(quantities).size, "value")} of ${source.name}`, [
      ...(op === null ? [] : [op]),
      ...busSignalOps(
        job.document,
        bus.row.id,
        source.name,
        values.map((value) => ({ ...value.row, quantity: meaningOf(value) })),
      ),
    ]);
    onDone();
  };
  return (
    <section
      aria-label={`Values of ${source.name}`}
      className="flex min-h-0 flex-1 flex-col border border-rule2 bg-sheet"
    >
      <div className="flex flex-wrap items-center gap-3 border-b border-rule px-3 py-2">
        <h2 className="text-base">
          {source.name}{" "}
          <span className="font-normal text-ink2">
            {count(read.messages.length, "message")}, {count(values.length, "value")}
          </span>
        </h2>
        <span className="flex-1" />
        {bus === undefined ? (
          <p className="text-[13px]">The {side}&rsquo;s table has no CAN cavity: import it first.</p>
        ) : (
          <label className="flex items-center gap-2 text-[13px] font-semibold">
            Its bus is at
            <select
              className="field w-72 font-mono"
              value={bus.row.id}
              onChange={(event) => setPinId(event.target.value)}
            >
              {buses.map(({ row, label }) => (
                <option key={row.id} value={row.id}>
                  {label}
                </option>
              ))}
            </select>
          </label>
        )}
        {read.messages.length > 0 && (
          <Button onClick={() => saveFile(source.name, writeDbc(read.messages), "text/plain")}>
            Save what was read
          </Button>
        )}
        <Button onClick={onDone}>Discard</Button>
        <Button primary disabled={bus === undefined || quantities.length === 0} onClick={take}>
          Take {count(new Set(quantities).size, "value")}
        </Button>
      </div>
      {read.issues.length > 0 && <Issues issues={read.issues} />}
      {values.length === 0 ? (
        <Empty title="No value in it">
          <p>Its messages have no signals that could be read.</p>
        </Empty>
      ) : (
        <div className="min-h-0 flex-1 overflow-auto" tabIndex={0} role="group" aria-label="Values on the bus">
          <table className="w-full text-left">
            <thead className="sticky top-0 bg-sheet text-[13px] text-ink2">
              <tr className="border-b-[1.5px] border-rule2">
                <th className="px-3 py-2 font-semibold">Message</th>
                <th className="font-semibold">Value</th>
                <th className="w-20 font-semibold">Unit</th>
                <th className="w-64 pr-3 font-semibold">What it means to a wire</th>
              </tr>
            </thead>
            <tbody>
              {values.map((value) => (
                <tr key={value.key} className="border-b border-rule">
                  <td className="px-3 font-mono text-[13px]">
                    {value.id} {value.message}
                  </td>
                  <td className="font-mono text-[13px] font-semibold">{value.name}</td>
                  <td className="text-[13px]">{value.unit}</td>
                  <td className="pr-3">
                    <select
                      aria-label={`Meaning of ${value.name}`}
                      className={`field w-full ${meaningOf(value) === null ? "text-ink2" : ""}`}
                      value={meaningOf(value) ?? ""}
                      onChange={(event) =>
                        setChosen(
                          new Map(chosen).set(
                            value.key,
                            event.target.value === "" ? null : (event.target.value as Quantity),
                          ),
                        )
                      }
                    >
                      <option value="">not needed</option>
                      {QUANTITIES.map((quantity) => (
                        <option key={quantity} value={quantity}>
                          {quantityHead(quantity)}
                        </option>
                      ))}
                    </select>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </section>
  );
}

interface BusLine {
  readonly key: string;
  readonly row: Omit<ReadValue, "quantity">;
  /** As a log has it. */
  readonly id: string;
  readonly message: string;
  readonly name: string;
  readonly unit: string;
  readonly offered: Quantity | null;
}

/** Values with a meaning first, so that what matters needs no scrolling. */
const valuesOf = (messages: readonly DbcMessage[]): BusLine[] =>
  messages
    .flatMap(({ id, extended, name: message, bytes, sender, periodMs, signals }) =>
      signals.map((signal): BusLine => {
        const { name, unit, factor, offset, min, max } = signal;
        const guess = busQuantity({ name, unit });
        return {
          key: `${extended} ${id} ${name}`,
          row: {
            message,
            frame: id,
            extended,
            bytes,
            sender,
            periodMs,
            name,
            unit,
            factor,
            shift: offset,
            low: min,
            high: max,
            bitPlace: bitPlaceOf(signal),
          },
          id: frameText({ frame: id, extended }),
          message,
          name,
          unit,
          offered: isOffered(guess) ? (guess?.quantity ?? null) : null,
        };
      }),
    )
    .toSorted((one, other) => Number(one.offered === null) - Number(other.offered === null));

function Issues({ issues }: { issues: readonly DbcIssue[] }) {
  return (
    <details className="border-b border-rule px-3 py-2 text-[13px]">
      <summary className="min-h-8 cursor-pointer font-semibold text-stop">
        {count(issues.length, "fault")} in the file; the rest is read
      </summary>
      <ul>
        {issues.map((issue) => {
          const { message, hint } = dbcIssueWords(issue);
          return (
            <li key={`${issue.line} ${issue.code} ${issue.about}`}>
              <span className="font-mono">line {issue.line}</span> {message} {hint}
            </li>
          );
        })}
      </ul>
    </details>
  );
}
