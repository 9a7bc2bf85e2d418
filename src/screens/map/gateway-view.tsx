"use client";

import { useState } from "react";
import { type BusValueAt, type RelayRow, SILENT, type Silent, stopsRelay } from "@/core/gateway";
import { TERMINATION_OHMS } from "@/core/signals";
import {
  busLoadText,
  capital,
  cavityLabel,
  conversionText,
  count,
  frameText,
  lengthText,
  lineText,
  listed,
  quantityHead,
  RELAY_ORIGIN_WORDS,
  relayFaultText,
  relayName,
  SILENT_WORDS,
  terminationText,
  WIRE_OUTPUT_WORDS,
} from "@/core/words";
import { type SentMessages, writeDbc } from "@/formats/dbc";
import { relayOps } from "@/job/bus-ops";
import { Button } from "@/ui/controls";
import { saveFile } from "@/ui/save-file";
import { SavedInput } from "@/ui/saved-input";
import { Empty } from "@/ui/states";
import { useJob } from "../shell/job-provider";
import type { BusTold, Gateway } from "./use-gateway";

type Relayed = Parameters<typeof relayOps>[3];

/** What a gateway sends from the donor's bus to the host's messages and wires, and what it must know for that. */
export function GatewayView({ gateway }: { gateway: Gateway }) {
  const { rows, buses, joints, others, unknown } = gateway;
  return (
    <div className="min-h-0 flex-1 overflow-auto" tabIndex={0} role="group" aria-label="Gateway">
      <section aria-label="Networks" className="border-b border-rule px-4 py-3">
        {buses.map((bus) => (
          <Bus key={bus.pin.row.id} bus={bus} />
        ))}
        {joints.map((line) => (
          <p key={line.key} className="text-[13px]">
            <strong>
              {cavityLabel(line.provider)} and {cavityLabel(line.consumer)}:{" "}
              {line.adapters.some(({ type }) => type === "can-gateway") ? "kept apart" : "joined by wire"}.
            </strong>{" "}
            <span className="text-ink2">{lineText(line)}</span>
          </p>
        ))}
        {gateway.sends.map((sends) => (
          <SentFile key={sends.side} sends={sends} />
        ))}
        {buses.length === 0 && (
          <p className="text-[13px] text-ink2">
            No file describes a bus yet: import a DBC file of each vehicle, then what is sent stands here.
          </p>
        )}
      </section>
      {rows.length === 0 ? (
        <Empty title="Nothing is sent on">
          <p>No value of the donor&rsquo;s bus is asked for by a message or a wire of the host.</p>
        </Empty>
      ) : (
        <table className="w-full text-left">
          <thead className="sticky top-0 z-10 bg-sheet text-[13px] text-ink2">
            <tr className="border-b-[1.5px] border-rule2">
              <th className="px-4 py-2 font-semibold">From the donor&rsquo;s bus</th>
              <th className="font-semibold">Made of it</th>
              <th className="font-semibold">To the host</th>
              <th className="w-28 font-semibold">Each, ms</th>
              <th className="w-28 pr-3 font-semibold">Silent after, ms</th>
              <th className="w-48 font-semibold">Then</th>
              <th className="w-28 pr-4" />
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <Relay key={row.id} row={row} />
            ))}
          </tbody>
        </table>
      )}
      <Others values={others} />
      {unknown.length > 0 && (
        <section aria-label="Messages that nobody understands" className="px-4 py-3">
          <h2 className="text-[13px] font-bold">
            Messages that nobody understands <span className="font-normal text-ink2">{unknown.length}</span>
          </h2>
          <ul className="columns-3 text-[13px] max-lg:columns-2">
            {unknown.map((one) => (
              <li key={`${one.side} ${one.id}`}>
                <span className="font-mono">{frameText(one)}</span> {one.message}{" "}
                <span className="text-ink2">{one.side}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}

function Bus({ bus }: { bus: BusTold }) {
  const { units } = useJob().document.job;
  const { pin, load, ended, open, stub } = bus;
  return (
    <p className="text-[13px]">
      <strong>
        <span className="font-mono">{pin.label}</span>, {pin.connector.side}
      </strong>{" "}
      {pin.row.params.bitrate === undefined ? "bitrate not known" : `${pin.row.params.bitrate} bit/s`};{" "}
      {busLoadText(load)}. {capital(terminationText(ended, open, TERMINATION_OHMS))}.
      {stub !== null && (
        <span className="text-ink2"> A branch to the gateway of at most {lengthText(stub, units)}.</span>
      )}
    </p>
  );
}

/** What a gateway sends on one bus, as the file from which it is set up. */
function SentFile({ sends: { side, messages, unplaced } }: { sends: SentMessages }) {
  const { job } = useJob().document;
  return (
    <p className="mt-2 -ml-1.5 flex flex-wrap items-center gap-3 text-[13px] print:hidden">
      {messages.length > 0 && (
        <Button onClick={() => saveFile(`${job.name} gateway to ${side}.dbc`, writeDbc(messages), "text/plain")}>
          Save what it sends to the {side} as DBC
        </Button>
      )}
      <span className="text-ink2">
        {count(messages.length, "message")}: {messages.map(({ name }) => name).join(", ")}
      </span>
      {unplaced.length > 0 && (
        <span className="font-semibold text-stop">
          Where the values of {listed(unplaced)} lie is not kept: import the {side}&rsquo;s DBC file once more.
        </span>
      )}
    </p>
  );
}

function Relay({ row }: { row: RelayRow }) {
  const job = useJob();
  const { serves, source, sources, conversion } = row;
  const name = relayName(row);
  const change = (what: string, to: Relayed) =>
    job.change(`Gateway, ${name}: ${what}`, relayOps(job.document, row.id, row, to));
  return (
    <>
      <tr data-relay={row.id} className={`border-t border-rule align-baseline ${row.sent ? "" : "text-ink2"}`}>
        <td className="px-4 py-2">
          {sources.length > 1 ? (
            <select
              aria-label={`Source of ${name}`}
              className="field w-full"
              value={source?.id ?? ""}
              onChange={(event) => change("another source", { sourceId: event.target.value || null })}
            >
              <option value="">choose one</option>
              {sources.map((one) => (
                <option key={one.id} value={one.id}>
                  {one.name} ({one.message}, {one.unit || "no unit"})
                </option>
              ))}
            </select>
          ) : source === null ? (
            <span className="text-stop">nothing</span>
          ) : (
            <Value value={source} />
          )}
        </td>
        <td className="pr-3 font-mono text-[13px] whitespace-nowrap">
          {serves.type === "wire"
            ? (WIRE_OUTPUT_WORDS[serves.output] ?? serves.output)
            : conversion === null
              ? "?"
              : conversionText(conversion)}
        </td>
        <td className="pr-3">
          {serves.type === "value" ? (
            <Value value={serves.value} />
          ) : (
            <>
              <span className="font-mono font-semibold">{cavityLabel(serves.at)}</span>
              <span className="block text-[13px] text-ink2">{quantityHead(serves.quantity)}</span>
            </>
          )}
        </td>
        <td className="py-1.5 pr-3">
          <Figure
            label={`${name} is sent each, ms`}
            value={row.rateMs}
            from={row.rateFrom}
            most={60_000}
            onSave={(rateMs) => change(`each ${rateMs} ms`, { rateMs })}
          />
        </td>
        <td className="py-1.5 pr-3">
          <Figure
            label={`${name} is silent after, ms`}
            value={row.timeoutMs}
            from={row.timeoutFrom}
            most={600_000}
            onSave={(timeoutMs) => change(`silent after ${timeoutMs} ms`, { timeoutMs })}
          />
        </td>
        <td className="py-1.5 pr-3">
          <select
            aria-label={`${name} when its source is silent`}
            className="field w-full"
            value={row.silent}
            onChange={(event) =>
              change(SILENT_WORDS[event.target.value as Silent], { silent: event.target.value as Silent })
            }
          >
            {SILENT.map((one) => (
              <option key={one} value={one}>
                {SILENT_WORDS[one]}
              </option>
            ))}
          </select>
        </td>
        <td className="pr-4 text-right">
          <Button onClick={() => change(row.sent ? "not sent" : "sent", { sent: !row.sent })}>
            {row.sent ? "Do not send" : "Send"}
            <span className="hidden-text"> {name}</span>
          </Button>
        </td>
      </tr>
      {row.faults.map((fault) => (
        <tr key={fault.code}>
          <td colSpan={7} className={`px-4 pb-2 text-[13px] ${stopsRelay(fault) ? "font-semibold text-stop" : ""}`}>
            {relayFaultText(fault)}
          </td>
        </tr>
      ))}
    </>
  );
}

function Value({ value }: { value: BusValueAt }) {
  return (
    <>
      <span className="font-mono font-semibold">{value.name}</span>
      <span className="block text-[13px] text-ink2">
        <span className="font-mono">{frameText(value)}</span> {value.message}
        {value.unit === "" ? "" : `, ${value.unit}`}
      </span>
    </>
  );
}

interface FigureProps {
  readonly label: string;
  readonly value: number;
  readonly from: RelayRow["rateFrom"];
  readonly most: number;
  readonly onSave: (value: number) => void;
}

function Figure({ label, value, from, most, onSave }: FigureProps) {
  const [isBad, setBad] = useState(false);
  const save = (written: string) => {
    const given = Number(written.replace(",", "."));
    const isFine = written !== "" && given >= 1 && given <= most;
    setBad(!isFine);
    if (isFine) onSave(given);
  };
  return (
    <>
      <SavedInput label={label} numeric value={String(value)} onSave={save} />
      {isBad ? (
        <span role="alert" className="text-[13px] font-semibold text-stop">
          1 to {most} ms
        </span>
      ) : (
        <span className={`text-[13px] text-ink2 ${from === "assumed" ? "border-b border-dotted border-ink2" : ""}`}>
          {RELAY_ORIGIN_WORDS[from]}
        </span>
      )}
    </>
  );
}

/** Values with a meaning that are not sent: a person may ask for them. */
function Others({ values }: { values: readonly BusValueAt[] }) {
  const job = useJob();
  if (values.length === 0) return null;
  return (
    <details className="border-t border-rule px-4 py-2">
      <summary className="min-h-10 cursor-pointer text-[13px] font-bold">
        Values that are not sent on <span className="font-normal text-ink2">{values.length}</span>
      </summary>
      <ul className="columns-2">
        {values.map((one) => (
          <li key={one.id} className="flex items-center gap-2 text-[13px]">
            <span className="font-mono">{one.name}</span>
            <span className="min-w-0 flex-1 truncate text-ink2">
              {quantityHead(one.quantity)}, {one.side}
            </span>
            <Button
              onClick={() =>
                job.change(
                  `Gateway, ${one.name}: sent`,
                  relayOps(job.document, one.id, { silent: "stop" }, { sent: true }),
                )
              }
            >
              Send to the {one.side}
              <span className="hidden-text"> {one.name}</span>
            </Button>
          </li>
        ))}
      </ul>
    </details>
  );
}
