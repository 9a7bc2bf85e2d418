import type { VariantRow as ComparedRow, TableCavity } from "@/core/compare";
import { readColour } from "@/core/intake";
import { differenceText, sizeText } from "@/core/words";
import { placeOf } from "@/job/variant-ops";
import { Plate } from "@/ui/plate";
import { Segments } from "@/ui/segments";
import { Wire } from "@/ui/wire";
import { useJob } from "../shell/job-provider";

export const DIFFERENCES = {
  moved: "Moved",
  colour: "Other colour",
  size: "Other size",
  use: "Other use",
  "only-here": "Only in the job",
  "only-there": "Only in the other",
  same: "The same",
} as const;
export type DifferenceType = keyof typeof DIFFERENCES;

export const VARIANT_COLUMNS =
  "grid grid-cols-[130px_minmax(0,1fr)_minmax(0,1fr)_minmax(170px,0.9fr)_172px] items-center gap-3 px-3";

interface Props {
  readonly row: ComparedRow;
  readonly side: "donor" | "host";
  readonly picked: "here" | "there" | undefined;
  readonly onPick: (table: "here" | "there") => void;
}

/** One cavity in both tables, how they differ, and which of them is right. */
export function VariantRow({ row, side, picked, onPick }: Props) {
  const { units } = useJob().document.job;
  const { type } = row.difference;
  return (
    <>
      <span>
        <Plate side={side} label={placeOf(row)} />
      </span>
      <Told cavity={row.here} />
      <Told cavity={row.there} />
      <span className="min-w-0">
        <strong>{DIFFERENCES[type]}</strong>
        {type !== "same" && (
          <span className="line-clamp-3 text-[13px] leading-tight text-ink2">
            {differenceText(row.difference, units)}
          </span>
        )}
      </span>
      {type === "same" && picked === undefined ? (
        <span className="text-[13px] text-ink2">either</span>
      ) : (
        <Segments
          label={`On the bench at ${placeOf(row)}`}
          value={picked ?? null}
          onChange={onPick}
          segments={[
            { key: "here", label: "the job's" },
            { key: "there", label: "the other" },
          ]}
        />
      )}
    </>
  );
}

/** A cavity as one table has it. The variant keeps colours in their normal form. */
function Told({ cavity }: { cavity: TableCavity | null }) {
  const { units } = useJob().document.job;
  if (cavity === null) return <span className="text-[13px] text-ink2">not there</span>;
  return (
    <span className="min-w-0">
      <span className="line-clamp-2 leading-tight" title={cavity.description ?? ""}>
        {cavity.description ?? <span className="text-ink2">not described</span>}
      </span>
      <span className="flex items-center gap-2">
        {cavity.colour !== null && <Wire {...readColour(cavity.colour)} colour={cavity.colour} />}
        <span className="font-mono text-[13px] text-ink2">
          {sizeText(cavity.sizeMm2, units)} {cavity.circuit ?? ""}
        </span>
      </span>
    </span>
  );
}
