"use client";

import Link from "next/link";
import { useMemo, useState } from "react";
import { FaceDrawing, type FaceSide } from "@/ui/face-drawing";
import { faceCells } from "../intake/face-cells";
import type { PinView } from "../shell/derive";
import { useJob } from "../shell/job-provider";
import { useCavity } from "./cavity-context";

/** What the pane has room for, px. */
const ROOM = 270;
const MOST_PX_PER_MM = 8;
/** The rim of the drawing, mm. */
const RIM = 8;

/** Where the cavity lies on its connector's face, as far as that is told: an assumed layout would send a probe astray. */
export function CavityFace({ pin }: { pin: PinView }) {
  const { pins, jobId } = useJob();
  const { open } = useCavity();
  const [side, setSide] = useState<FaceSide>("wire");
  const { row, connector } = pin;
  const { face } = connector;
  const cells = useMemo(
    () =>
      face === null
        ? []
        : faceCells(
            face,
            pins.filter((other) => other.row.connectorId === connector.id),
          ),
    [face, pins, connector.id],
  );
  const page = `/jobs/${jobId}/faces?connector=${row.connectorId}`;
  if (face === null)
    return (
      <p className="mt-2 text-[13px]">
        <Link className="inline-flex min-h-10 items-center underline" href={page}>
          tell how its face is laid out
        </Link>
      </p>
    );
  return (
    <div className="mt-2">
      <p className="flex flex-wrap items-baseline gap-x-3 text-[13px]">
        <span className="font-bold">Face, {side} side</span>
        <button
          type="button"
          className="min-h-8 underline"
          onClick={() => setSide(side === "wire" ? "mating" : "wire")}
        >
          turn it
        </button>
        <Link className="inline-flex min-h-8 items-center underline" href={page}>
          large
        </Link>
      </p>
      <FaceDrawing
        shape={face}
        cells={cells}
        side={side}
        selected={row.cavity}
        pxPerMm={Math.min(MOST_PX_PER_MM, ROOM / (face.columns * face.pitchMm + RIM))}
        onSelect={({ pinId }) => pinId !== null && open(pinId)}
        title={`${connector.label}, ${side} side`}
      />
    </div>
  );
}
