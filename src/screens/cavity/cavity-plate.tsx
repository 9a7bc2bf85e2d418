"use client";

import { Plate } from "@/ui/plate";
import type { PinView } from "../shell/derive";
import { useCavity } from "./cavity-context";

/** A cavity's plate that opens all that is known of it. */
export function CavityPlate({ pin: { row, label, connector } }: { pin: PinView }) {
  const { open } = useCavity();
  return (
    <button
      type="button"
      data-pin={row.id}
      title={`All that is known of ${label} (I)`}
      className="min-h-10 text-left"
      onClick={(event) => {
        event.stopPropagation();
        open(row.id);
      }}
    >
      <Plate side={connector.side} label={label} />
    </button>
  );
}
