import { useVirtualizer } from "@tanstack/react-virtual";
import { useEffect, useMemo, useRef, useState } from "react";
import { type VariantRow as ComparedRow, compareVariants } from "@/core/compare";
import { deleteOp } from "@/job/ops";
import type { VariantRow as VariantTableRow } from "@/job/schema";
import { cavitiesOf, pickOps, placeOf } from "@/job/variant-ops";
import { Button } from "@/ui/controls";
import { Segments } from "@/ui/segments";
import { Empty } from "@/ui/states";
import { useJob } from "../shell/job-provider";
import { useKeys } from "../shell/keys";
import { DIFFERENCES, type DifferenceType, VARIANT_COLUMNS, VariantRow } from "./variant-row";

type Pick = (which: readonly ComparedRow[], table: "here" | "there") => void;

/** Another table beside the job's, cavity by cavity. */
export function VariantTable({ variant, onRemoved }: { variant: VariantTableRow; onRemoved: () => void }) {
  const job = useJob();
  const [type, setType] = useState<DifferenceType | "different">("different");
  const [selected, setSelected] = useState(0);
  const { pins, connectors } = job.document;
  const rows = useMemo(
    () => compareVariants(cavitiesOf(job.document, variant.side), variant.cavities),
    [pins, connectors, variant],
  );
  const visible = rows.filter(({ difference }) =>
    type === "different" ? difference.type !== "same" : difference.type === type,
  );
  const pick: Pick = (which, table) => {
    const [first] = which;
    if (first === undefined) return;
    const place = which.length === 1 ? `${placeOf(first)} is` : `${which.length} cavities are`;
    const as = table === "here" ? "in the job" : `in ${variant.label}`;
    job.change(`${place} as ${as}`, pickOps(job.document, variant, which, table));
  };
  const move = (by: number) => setSelected((now) => Math.max(0, Math.min(visible.length - 1, now + by)));
  const current = visible[selected];
  useKeys({
    ArrowDown: () => move(1),
    ArrowUp: () => move(-1),
    j: () => move(1),
    k: () => move(-1),
    b: () => current && pick([current], "here"),
    t: () => current && pick([current], "there"),
  });
  const show = (one: DifferenceType | "different") => {
    setType(one);
    setSelected(0);
  };
  const remove = () => {
    job.change(`Remove the table ${variant.label}`, [deleteOp("variant", variant)]);
    onRemoved();
  };
  return (
    <>
      <VariantActions variant={variant} rows={rows} type={type} onShow={show} onPick={pick} onRemove={remove} />
      <ComparedRows
        variant={variant}
        rows={visible}
        selected={selected}
        onSelect={setSelected}
        onPick={pick}
        empty={
          <Empty title={type === "different" ? "The tables agree in every cavity" : "No such cavity"}>
            <p>{rows.length} cavities compared.</p>
          </Empty>
        }
      />
    </>
  );
}

interface ActionsProps {
  readonly variant: VariantTableRow;
  readonly rows: readonly ComparedRow[];
  readonly type: DifferenceType | "different";
  readonly onShow: (type: DifferenceType | "different") => void;
  readonly onPick: Pick;
  readonly onRemove: () => void;
}

function VariantActions({ variant, rows, type, onShow, onPick, onRemove }: ActionsProps) {
  const differing = rows.filter((row) => row.difference.type !== "same");
  const unsettled = differing.filter((row) => variant.picks[placeOf(row)] === undefined);
  const kinds = (Object.keys(DIFFERENCES) as DifferenceType[]).map((key) => ({
    key,
    label: DIFFERENCES[key],
    count: rows.filter((row) => row.difference.type === key).length,
  }));
  return (
    <div className="mx-4 mb-2 flex flex-wrap items-center gap-2">
      <Segments
        label="Show"
        value={type}
        onChange={onShow}
        segments={[{ key: "different", label: "Different", count: differing.length }, ...kinds]}
      />
      <span className="flex-1" />
      <Button disabled={unsettled.length === 0} onClick={() => onPick(unsettled, "here")}>
        All {unsettled.length} as in the job
      </Button>
      <Button disabled={unsettled.length === 0} onClick={() => onPick(unsettled, "there")}>
        All {unsettled.length} as in the other
      </Button>
      <Button onClick={onRemove}>Remove the table</Button>
    </div>
  );
}

interface RowsProps {
  readonly variant: VariantTableRow;
  readonly rows: readonly ComparedRow[];
  readonly selected: number;
  readonly onSelect: (at: number) => void;
  readonly onPick: Pick;
  readonly empty: React.ReactNode;
}

function ComparedRows({ variant, rows, selected, onSelect, onPick, empty }: RowsProps) {
  const scroller = useRef<HTMLDivElement>(null);
  const list = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller.current,
    overscan: 8,
    initialRect: { width: 1000, height: 600 },
    estimateSize: () => 74,
    getItemKey: (at) => (rows[at] === undefined ? at : placeOf(rows[at])),
  });
  useEffect(() => list.scrollToIndex(selected, { align: "auto" }), [selected, list]);
  return (
    <div
      ref={scroller}
      tabIndex={0}
      role="group"
      aria-label="Differences"
      className="mx-4 mb-4 min-h-0 flex-1 overflow-auto border border-rule2 bg-sheet"
    >
      <div className="min-w-[820px]">
        <div
          className={`${VARIANT_COLUMNS} sticky top-0 z-10 h-9 border-b-[1.5px] border-rule2 bg-sheet text-[13px] font-semibold text-ink2`}
        >
          {["Cavity", "In the job", `In ${variant.label}`, "Difference", "On the bench"].map((head) => (
            <span key={head}>{head}</span>
          ))}
        </div>
        {rows.length === 0 && empty}
        <div className="relative" style={{ height: list.getTotalSize() }}>
          {list.getVirtualItems().map((virtual) => {
            const row = rows[virtual.index] as ComparedRow;
            return (
              <div
                key={virtual.key}
                role="group"
                aria-label={placeOf(row)}
                onFocus={() => onSelect(virtual.index)}
                style={{ height: virtual.size, transform: `translateY(${virtual.start}px)` }}
                className={`absolute top-0 left-0 w-full border-b border-rule ${VARIANT_COLUMNS} ${virtual.index === selected ? "bg-fill shadow-[inset_4px_0_0_var(--ink)]" : ""}`}
              >
                <VariantRow
                  row={row}
                  side={variant.side}
                  picked={variant.picks[placeOf(row)]}
                  onPick={(table) => onPick([row], table)}
                />
              </div>
            );
          })}
        </div>
      </div>
    </div>
  );
}
