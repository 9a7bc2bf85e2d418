"use client";

import { Camera, Minus, Plus, RotateCw } from "lucide-react";
import { useRef, useState } from "react";
import type { PictureRow } from "@/job/schema";
import { Button } from "@/ui/controls";
import { FileField } from "@/ui/file-field";
import { PICTURE_FILES } from "../pictures/pictures";
import { sourceOf, takePicture } from "../pictures/take-picture";

export type Paper = Pick<PictureRow, "name" | "type" | "width" | "height" | "data">;

const ZOOMS = [1, 1.5, 2, 3, 4] as const;

/** The photograph or scan that is typed from: larger, smaller, turned; scrolled by hand. */
export function PaperPicture({ paper, onTake }: { paper: Paper | null; onTake: (paper: Paper) => void }) {
  const field = useRef<HTMLInputElement>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [zoom, setZoom] = useState(0);
  const [turns, setTurns] = useState(0);
  const take = async (file: File | undefined) => {
    if (file === undefined) return;
    const taken = await takePicture(file);
    setFault(taken.ok ? null : taken.message);
    if (taken.ok) onTake(taken.picture);
  };
  return (
    <section
      aria-label="Paper"
      className="flex min-h-0 flex-col border border-rule2 bg-sheet"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        void take(event.dataTransfer.files[0]);
      }}
    >
      <div className="flex flex-wrap items-center gap-1 border-b border-rule px-2">
        <Button onClick={() => field.current?.click()}>
          <Camera size={16} aria-hidden="true" />
          {paper === null ? "Photograph or scan" : "Another"}
        </Button>
        <FileField
          label="Photograph or scan of the paper"
          accept={PICTURE_FILES}
          field={field}
          onChoose={(file) => void take(file)}
        />
        {paper !== null && (
          <>
            <Button aria-label="Smaller" disabled={zoom === 0} onClick={() => setZoom(zoom - 1)}>
              <Minus size={16} />
            </Button>
            <span className="font-mono text-[13px]">{Math.round(100 * (ZOOMS[zoom] ?? 1))} %</span>
            <Button aria-label="Larger" disabled={zoom === ZOOMS.length - 1} onClick={() => setZoom(zoom + 1)}>
              <Plus size={16} />
            </Button>
            <Button aria-label="Turn" onClick={() => setTurns((turns + 1) % 4)}>
              <RotateCw size={16} />
            </Button>
          </>
        )}
      </div>
      {fault !== null && (
        <p role="alert" className="p-3 text-[13px] font-semibold text-stop">
          {fault}
        </p>
      )}
      <div className="min-h-0 flex-1 overflow-auto" tabIndex={0} role="group" aria-label="Picture of the paper">
        {paper === null ? (
          <p className="p-6 text-ink2">
            Put a photograph or scan of the paper here, and type what it shows on the right. It is kept with the
            connectors; nothing is read from it by itself. You can type without one as well.
          </p>
        ) : (
          // biome-ignore lint/performance/noImgElement: its data is here already
          <img
            src={sourceOf(paper)}
            alt={paper.name}
            style={{ width: `${100 * (ZOOMS[zoom] ?? 1)}%`, maxWidth: "none", transform: `rotate(${90 * turns}deg)` }}
          />
        )}
      </div>
    </section>
  );
}
