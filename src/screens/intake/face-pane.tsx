"use client";

import { useMemo } from "react";
import { colourWords, listed, sizeText, wireEndText } from "@/core/words";
import type { ConnectorRow, Face } from "@/job/schema";
import { FaceDrawing, type FaceSide } from "@/ui/face-drawing";
import type { PinView } from "../shell/derive";
import { useJob } from "../shell/job-provider";
import { faceCells } from "./face-cells";
import { FaceForm } from "./face-form";

interface Props {
  readonly connector: ConnectorRow;
  readonly face: Face;
  readonly pins: readonly PinView[];
  readonly side: FaceSide;
  readonly pxPerMm: number;
  readonly selected: string | null;
  readonly onSelect: (cavity: string) => void;
  readonly onTurn: () => void;
}

/** One connector's face, with what it is drawn from. */
export function FacePane({ connector, face, pins, side, pxPerMm, selected, onSelect, onTurn }: Props) {
  const cells = useMemo(() => faceCells(face, pins), [face, pins]);
  return (
    <section aria-label="Face" tabIndex={0} className="min-h-0 min-w-0 overflow-auto p-4 print:p-0">
      <FaceHead connector={connector} side={side} onTurn={onTurn} />
      {connector.face === null && (
        <p className="mb-3 text-[13px] text-ink2">
          The layout is assumed from the count of cavities. Enter its rows, columns and key as you see them, before you
          rely on a place.
        </p>
      )}
      <FaceDrawing
        shape={face}
        cells={cells}
        side={side}
        selected={selected}
        pxPerMm={pxPerMm}
        onSelect={(cell) => onSelect(cell.cavity)}
        title={`${connector.label}, ${side} side`}
      />
      <OutsideNote cavities={pins.map((pin) => pin.row.cavity).filter((cavity) => !face.cells.includes(cavity))} />
      <PrintedTable pins={pins} />
      <FaceForm key={connector.id} connector={connector} face={face} cavities={pins.map((pin) => pin.row.cavity)} />
    </section>
  );
}

function FaceHead({ connector, side, onTurn }: Pick<Props, "connector" | "side" | "onTurn">) {
  const { label, gender, housing, keying } = connector;
  const known = [connector.side, gender, housing, keying && `keying ${keying}`].filter((one) => one !== null);
  return (
    <>
      <h2 className="text-lg">
        {label} <span className="text-base font-normal text-ink2">{known.join(", ")}</span>
      </h2>
      <p className="mt-1 mb-3 flex flex-wrap items-center gap-3">
        <strong className="border-[1.5px] border-ink px-2 py-0.5">
          {side === "wire"
            ? "Wire side: you look at where the wires go in"
            : "Mating side: you look into the connector"}
        </strong>
        <button type="button" className="no-print min-h-8 underline" onClick={onTurn}>
          turn it over (S)
        </button>
      </p>
    </>
  );
}

function OutsideNote({ cavities }: { cavities: readonly string[] }) {
  if (cavities.length === 0) return null;
  return (
    <p role="alert" className="mt-3 text-stop">
      {cavities.length} {cavities.length === 1 ? "cavity has" : "cavities have"} no place on this face:{" "}
      {listed(cavities, 8)}. Add rows or columns.
    </p>
  );
}

/** On paper the cavities stand under the face. */
function PrintedTable({ pins }: Pick<Props, "pins">) {
  const job = useJob();
  return (
    <table className="mt-4 hidden border-collapse text-left text-[8pt] print:table">
      <tbody>
        {pins.map(({ row }) => (
          <tr key={row.id} className="border-b border-rule">
            <td className="pr-3 font-mono font-semibold">{row.cavity}</td>
            <td className="pr-3">{colourWords(row.colourBase, row.colourTracer) || row.colour}</td>
            <td className="pr-3 font-mono">{sizeText(row.sizeMm2, job.document.job.units)}</td>
            <td className="pr-3">{row.description}</td>
            <td>{(job.report?.ends.get(row.id) ?? []).map(wireEndText).join(", ")}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
