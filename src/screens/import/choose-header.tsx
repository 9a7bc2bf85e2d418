"use client";

import { useState } from "react";
import { assignColumn, type ColumnRead, type PinTableResult, readHeaders } from "@/formats/pin-table";
import { Button, Field } from "@/ui/controls";
import { ColumnHead } from "./column-head";
import type { Told } from "./use-table";

type Refused = Extract<PinTableResult, { readonly ok: false }>;

/** Titles fill one cell or two, a head all of them. */
const widest = (lines: NonNullable<Refused["lines"]>) => {
  const filled = (cells: readonly string[]) => cells.filter((cell) => cell.trim() !== "").length;
  const most = Math.max(...lines.map(({ cells }) => filled(cells)));
  return lines.find(({ cells }) => filled(cells) === most);
};

interface Props {
  readonly refused: Refused;
  readonly told: Told;
  readonly onRead: (told: Told) => void;
}

/** The first lines of a table of which no line is understood as its head: a person says which it is, and what each column is. */
export function ChooseHeader({ refused, told, onRead }: Props) {
  const lines = refused.lines ?? [];
  const [headerLine, setHeaderLine] = useState<number | null>(told.headerLine ?? null);
  const head = lines.find(({ line }) => line === headerLine) ?? widest(lines);
  const [columns, setColumns] = useState<readonly ColumnRead[]>(told.columns ?? readHeaders(head?.cells ?? []));
  const [connector, setConnector] = useState(told.connector ?? "");
  const choose = (line: number) => {
    setHeaderLine(line);
    setColumns(readHeaders(lines.find((one) => one.line === line)?.cells ?? []));
  };
  if (head === undefined) return null;
  const has = (name: string) => columns.some(({ column }) => column === name);
  const lacks = [
    ...(has("cavity") ? [] : ["which column is the cavity (the pin's number)"]),
    ...(has("connector") || connector.trim() !== "" ? [] : ["which column is the connector, or its name"]),
  ];
  return (
    <section className="mb-4 border border-rule2 bg-sheet" aria-label="Say how the table is read">
      <div className="flex flex-wrap items-end gap-3 border-b border-rule p-3">
        <div className="min-w-0 flex-1">
          <h2 className="text-base">Which line heads the table, and what are its columns?</h2>
          <p className="text-[13px] text-ink2">
            {lacks.length === 0 ? "That is enough to read it." : `Still to say: ${lacks.join("; ")}.`} It is remembered
            for the next file with the same heads.
          </p>
        </div>
        {!has("connector") && (
          <Field label="All rows are of connector">
            <input
              className="field w-40"
              value={connector}
              placeholder="C2"
              onChange={(event) => setConnector(event.target.value)}
            />
          </Field>
        )}
        <Button
          primary
          disabled={lacks.length > 0}
          onClick={() =>
            onRead({
              ...told,
              headerLine: head.line,
              columns,
              ...(has("connector") ? {} : { connector: connector.trim() }),
            })
          }
        >
          Read it so
        </Button>
      </div>
      <div className="max-h-[60vh] overflow-auto">
        <table className="text-left text-[13px]">
          <thead className="sticky top-0 bg-sheet">
            <tr className="border-b-[1.5px] border-rule2 align-bottom">
              <th className="px-3 py-2 font-semibold text-ink2">Head</th>
              {columns.map((read, at) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: columns never move, and headers may repeat
                <th key={at} className="w-40 min-w-36 pr-2 font-normal">
                  <ColumnHead
                    read={read}
                    at={at}
                    onChange={(column, unit) => setColumns(assignColumn(columns, at, column, unit))}
                  />
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {lines.map(({ line, cells }) => (
              <tr
                key={line}
                className={`border-b border-rule ${line === head.line ? "bg-fill font-semibold" : line < head.line ? "text-ink2" : ""}`}
              >
                <td className="px-3">
                  <label className="flex min-h-10 items-center gap-2">
                    <input
                      type="radio"
                      name="head"
                      className="size-5 accent-ink"
                      checked={line === head.line}
                      onChange={() => choose(line)}
                    />
                    <span className="font-mono">{line}</span>
                  </label>
                </td>
                {columns.map((_, at) => (
                  // biome-ignore lint/suspicious/noArrayIndexKey: cells never move
                  <td key={at} className="max-w-40 truncate pr-2" title={cells[at]}>
                    {cells[at]}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
