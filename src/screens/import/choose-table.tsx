"use client";

import { FileUp } from "lucide-react";
import Link from "next/link";
import { type ReactNode, useEffect, useRef, useState } from "react";
import type { Side } from "@/core/forms";
import { Button } from "@/ui/controls";
import { FileField, TABLE_FILES } from "@/ui/file-field";
import { useJob } from "../shell/job-provider";
import type { Source } from "./use-table";

interface Props {
  readonly side: Side;
  readonly onTake: (source: Source) => void;
  /** What is wrong with the last one, or that it is being read. */
  readonly children: ReactNode;
}

/** The three ways in: a file, a drop, a paste. */
export function ChooseTable({ side, onTake, children }: Props) {
  const { jobId } = useJob();
  const [over, setOver] = useState(false);
  const take = async (chosen: File | undefined) => {
    if (chosen) onTake({ name: chosen.name, bytes: new Uint8Array(await chosen.arrayBuffer()) });
  };
  const paste = (text: string) =>
    text.trim() !== "" && onTake({ name: "pasted text", bytes: new TextEncoder().encode(text) });
  usePaste(paste);
  return (
    <section
      aria-label="Choose a table"
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => {
        event.preventDefault();
        setOver(false);
        void take(event.dataTransfer.files[0]);
      }}
      className={`border-2 border-dashed p-6 ${over ? "border-ink bg-fill" : "border-rule2 bg-sheet"}`}
    >
      <h2 className="text-lg">The {side}'s pin table</h2>
      <p className="mt-1 max-w-2xl text-ink2">
        One row for each cavity, as the paper has it: XLSX, ODS or CSV, with titles above and sections between. The
        usual heads are understood (pin, colour, gauge, runs to, amps …); any other can be told. What a cavity does may
        be left empty: it is proposed from the description.
      </p>
      <FileButton onChoose={(chosen) => void take(chosen)} />
      <p className="mt-3 max-w-2xl text-ink2">
        A file of what travels on a CAN bus (DBC) is read here as well: its values then come to the map like any wire.
      </p>
      <p className="mt-3">
        No file, only a paper or a photograph of one?{" "}
        <Link
          className="inline-flex min-h-10 items-center font-semibold underline"
          href={`/jobs/${jobId}/type-in?side=${side}`}
        >
          Type it in beside its picture
        </Link>
      </p>
      <PasteField onPaste={paste} />
      {children}
    </section>
  );
}

/** A paste anywhere on the page, but in a field. */
function usePaste(onPaste: (text: string) => void): void {
  useEffect(() => {
    const listen = (event: ClipboardEvent) => {
      const text = event.clipboardData?.getData("text/plain") ?? "";
      if (text.trim() === "" || /^(INPUT|TEXTAREA)$/.test((event.target as HTMLElement).tagName)) return;
      event.preventDefault();
      onPaste(text);
    };
    addEventListener("paste", listen);
    return () => removeEventListener("paste", listen);
  });
}

function FileButton({ onChoose }: { onChoose: (file: File) => void }) {
  const field = useRef<HTMLInputElement>(null);
  return (
    <div className="mt-4 flex flex-wrap items-center gap-3">
      <Button primary onClick={() => field.current?.click()}>
        <FileUp size={16} aria-hidden="true" />
        Choose a file
      </Button>
      <span className="text-ink2">or drop one here, or paste a table with Ctrl V</span>
      <FileField label="Pin table file" accept={TABLE_FILES} field={field} onChoose={onChoose} />
    </div>
  );
}

function PasteField({ onPaste }: { onPaste: (text: string) => void }) {
  return (
    <details className="mt-4">
      <summary className="inline-flex h-10 items-center font-semibold">Paste into a field instead</summary>
      <form
        className="mt-1"
        onSubmit={(event) => {
          event.preventDefault();
          onPaste(String(new FormData(event.currentTarget).get("table") ?? ""));
        }}
      >
        <textarea
          name="table"
          aria-label="Table as text"
          spellCheck={false}
          className="field h-40 py-2 font-mono text-[13px]"
          placeholder={
            "connector,cavity,circuit,colour,size,length,description\nC1,12,87,YE/BK,0.5,1.85,Engine speed output to instruments"
          }
        />
        <Button type="submit" className="mt-2">
          Read it
        </Button>
      </form>
    </details>
  );
}
