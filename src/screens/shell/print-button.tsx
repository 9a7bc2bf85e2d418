"use client";

import { Printer } from "lucide-react";
import { useState } from "react";
import { Button } from "@/ui/controls";
import { Dialog } from "@/ui/dialog";
import { Segments } from "@/ui/segments";
import { PAPERS, type Paper, PaperStyle, usePaper } from "./paper";

interface Props {
  readonly children: string;
  /** Whether the paper lies; it may depend on which it is. */
  readonly landscape?: boolean | ((paper: Paper) => boolean);
  readonly primary?: boolean;
  readonly disabled?: boolean;
  /** What has to be on the page before it is printed. */
  readonly onPrint?: (paper: Paper) => void;
}

/** Printing: the paper is chosen on the way, and remembered in this browser. */
export function PrintButton({ children, landscape = false, primary = false, disabled = false, onPrint }: Props) {
  const [open, setOpen] = useState(false);
  const [paper, setPaper] = usePaper();
  const send = () => {
    setOpen(false);
    onPrint?.(paper);
    // The dialog has to be gone, and what was asked for to be there.
    setTimeout(() => print(), 80);
  };
  return (
    <>
      <PaperStyle paper={paper} landscape={typeof landscape === "boolean" ? landscape : landscape(paper)} />
      <Button primary={primary} disabled={disabled} onClick={() => setOpen(true)}>
        <Printer size={16} aria-hidden="true" />
        {children}
      </Button>
      <Dialog open={open} onClose={() => setOpen(false)} title={children}>
        <div className="flex items-center gap-4">
          <span className="text-[13px] font-semibold">Paper</span>
          <Segments
            label="Paper"
            segments={PAPERS.map((key) => ({ key, label: key }))}
            value={paper}
            onChange={setPaper}
          />
          <span className="flex-1" />
          <Button primary onClick={send}>
            Print
          </Button>
        </div>
      </Dialog>
    </>
  );
}
