"use client";

import { Camera } from "lucide-react";
import { nanoid } from "nanoid";
import { useRef, useState } from "react";
import { deleteOp, insertOp, updateOp } from "@/job/ops";
import type { PictureRow } from "@/job/schema";
import { Button } from "@/ui/controls";
import { Dialog } from "@/ui/dialog";
import { FileField } from "@/ui/file-field";
import { SavedInput } from "@/ui/saved-input";
import { useJob } from "../shell/job-provider";
import { sourceOf, takePicture } from "./take-picture";

export const PICTURE_FILES = "image/*,.heic,.heif,.pdf";

interface Props {
  /** `connector:ID`, `part:ID` … */
  readonly subject: string;
  /** What it is called, for whoever does not see the picture. */
  readonly of: string;
}

/** Photographs of a thing, small beside it and large when one looks; one more by the camera or a file. */
export function Pictures({ subject, of }: Props) {
  const job = useJob();
  const pictures = job.document.pictures.filter((one) => one.subject === subject);
  const [looked, setLooked] = useState<string | null>(null);
  const picture = pictures.find(({ id }) => id === looked);
  return (
    <div className="flex flex-wrap items-center gap-2">
      {pictures.map((one) => (
        <button
          key={one.id}
          type="button"
          className="size-16 overflow-hidden border border-rule2"
          onClick={() => setLooked(one.id)}
        >
          {/* biome-ignore lint/performance/noImgElement: its data is here already */}
          <img src={sourceOf(one)} alt={`${of}: ${one.name}`} className="size-full object-cover" />
        </button>
      ))}
      <AddPicture subject={subject} of={of} />
      {picture !== undefined && (
        <Dialog open wide title={picture.name} onClose={() => setLooked(null)}>
          {/* biome-ignore lint/performance/noImgElement: its data is here already */}
          <img src={sourceOf(picture)} alt={`${of}: ${picture.name}`} className="max-h-[56vh] w-full object-contain" />
          <div className="mt-3 flex items-end gap-3">
            <span className="flex-1">
              <SavedInput
                label="Note on the photograph"
                placeholder="What it shows"
                value={picture.note}
                onSave={(note) =>
                  job.change(`Note on ${picture.name}`, [updateOp("picture", picture.id, picture, { note })], {
                    quiet: true,
                  })
                }
              />
            </span>
            <Button
              onClick={() => {
                setLooked(null);
                job.change(`Remove ${picture.name}`, [deleteOp("picture", picture)]);
              }}
            >
              Remove
            </Button>
          </div>
        </Dialog>
      )}
    </div>
  );
}

/** The camera of a tablet, or a file. */
function AddPicture({ subject, of }: Props) {
  const job = useJob();
  const field = useRef<HTMLInputElement>(null);
  const [state, setState] = useState<string | null>(null);
  const take = async (file: File) => {
    setState("Making it small …");
    const taken = await takePicture(file);
    if (!taken.ok) return setState(taken.message);
    setState(null);
    job.change(
      `Photograph of ${of}`,
      (person) => [
        insertOp("picture", { id: nanoid(), subject, note: "", person, ...taken.picture } satisfies PictureRow),
      ],
      { quiet: true },
    );
  };
  return (
    <>
      <Button onClick={() => field.current?.click()}>
        <Camera size={16} aria-hidden="true" />
        Add a photograph
      </Button>
      <FileField
        label={`Photograph of ${of}`}
        accept={PICTURE_FILES}
        field={field}
        onChoose={(file) => void take(file)}
      />
      {state !== null && (
        <p role="status" className="w-full text-[13px] font-semibold">
          {state}
        </p>
      )}
    </>
  );
}
