"use client";

import { useVirtualizer } from "@tanstack/react-virtual";
import { Download, Search } from "lucide-react";
import Link from "next/link";
import { useSearchParams } from "next/navigation";
import { useEffect, useMemo, useRef, useState } from "react";
import { SIDES, type Side } from "@/core/forms";
import { sizeUnit } from "@/core/words";
import { describeOp } from "@/job/describe";
import { updateOp } from "@/job/ops";
import { Button, buttonLook, Chip } from "@/ui/controls";
import { Empty } from "@/ui/states";
import { isGuess, isUnknown, type PinView } from "../shell/derive";
import { useJob } from "../shell/job-provider";
import { useKeys } from "../shell/keys";
import { ScreenHead } from "../shell/screen-head";
import { confirmOps, PIN_COLUMNS, PinLine } from "./pin-line";

type Show = "all" | "unknown" | "guesses";
type Item =
  | { readonly type: "connector"; readonly pin: PinView; readonly count: number }
  | { readonly type: "pin"; readonly pin: PinView };

/** Both sides as pin tables: by connector, searched, filtered, corrected in place. */
export function PinsScreen() {
  const job = useJob();
  const query = useSearchParams();
  const wanted = query.get("pin");
  const wantedPin = wanted === null ? undefined : job.pinById.get(wanted);
  const [side, setSide] = useState<Side>(
    wantedPin?.connector.side ?? SIDES.find((one) => one === query.get("side")) ?? "donor",
  );
  const [show, setShow] = useState<Show>(query.get("show") === "guesses" ? "guesses" : "all");
  const [search, setSearch] = useState("");
  const [selected, setSelected] = useState<string | null>(wanted);
  const scroller = useRef<HTMLDivElement>(null);
  const searchField = useRef<HTMLInputElement>(null);

  // A link from elsewhere ("Next", the palette) names its cavity; it must be seen whatever was filtered before.
  useEffect(() => {
    if (wantedPin === undefined) return;
    setSide(wantedPin.connector.side);
    setShow("all");
    setSearch("");
    setSelected(wantedPin.row.id);
  }, [wantedPin?.row.id]);
  useEffect(() => {
    if (query.get("show") === "guesses") setShow("guesses");
  }, [query]);

  const ofSide = useMemo(() => job.pins.filter((pin) => pin.connector.side === side), [job.pins, side]);
  const visible = useMemo(() => {
    const terms = search
      .toLowerCase()
      .split(/\s+/)
      .filter((term) => term !== "");
    return ofSide
      .filter((pin) => (show === "unknown" ? isUnknown(pin) : show === "guesses" ? isGuess(pin) : true))
      .filter((pin) => terms.length === 0 || terms.every((term) => textOf(pin).includes(term)));
  }, [ofSide, show, search]);
  const items = useMemo(() => byConnector(visible), [visible]);
  const rows = useVirtualizer({
    count: items.length,
    getScrollElement: () => scroller.current,
    overscan: 10,
    initialRect: { width: 1000, height: 700 },
    estimateSize: (at) => (items[at]?.type === "connector" ? 42 : 52),
    getItemKey: (at) => `${items[at]?.type} ${items[at]?.pin.row.id}`,
  });

  useEffect(() => {
    const at = items.findIndex((item) => item.type === "pin" && item.pin.row.id === selected);
    if (at >= 0) rows.scrollToIndex(at, { align: "auto" });
  }, [selected, items, rows]);

  const move = (by: number) => {
    const at = visible.findIndex((pin) => pin.row.id === selected);
    const next = visible[Math.max(0, Math.min(visible.length - 1, at < 0 ? 0 : at + by))];
    if (next) setSelected(next.row.id);
  };
  const pickFrom = (name: string) => {
    const select = document.querySelector<HTMLSelectElement>(`[data-pin="${selected}"] select[name="${name}"]`);
    select?.focus();
    try {
      select?.showPicker();
    } catch {
      // Where the browser has no picker to open, the focused list takes the arrow keys.
    }
  };
  const confirm = (pin: PinView | undefined) =>
    pin && isGuess(pin) && job.change(`Confirm ${pin.label} as ${pin.row.kind}`, confirmOps(pin.row));
  const sure = visible.filter(
    (pin) => isGuess(pin) && pin.row.kindConfidence >= 0.9 && pin.row.quantityConfidence >= 0.9,
  );
  useKeys({
    ArrowDown: () => move(1),
    ArrowUp: () => move(-1),
    j: () => move(1),
    k: () => pickFrom("kind"),
    q: () => pickFrom("quantity"),
    c: () => confirm(job.pinById.get(selected ?? "")),
    "/": () => searchField.current?.focus(),
  });

  const count = (test: (pin: PinView) => boolean) => ofSide.filter(test).length;
  return (
    <>
      <ScreenHead title="Pin tables">
        {SIDES.map((one) => (
          <Chip key={one} on={side === one} onClick={() => setSide(one)}>
            {one === "donor" ? "Donor" : "Host"}{" "}
            <span className="font-mono">{job.pins.filter((pin) => pin.connector.side === one).length}</span>
          </Chip>
        ))}
        <span className="mx-1 h-6 border-l border-rule2" />
        <Chip on={show === "all"} onClick={() => setShow("all")}>
          All
        </Chip>
        <Chip on={show === "unknown"} onClick={() => setShow("unknown")}>
          Not known <span className="font-mono">{count(isUnknown)}</span>
        </Chip>
        <Chip on={show === "guesses"} onClick={() => setShow("guesses")}>
          Guesses <span className="font-mono">{count(isGuess)}</span>
        </Chip>
        <label className="relative min-w-40 flex-1">
          <span className="hidden-text">Search this table</span>
          <Search size={16} className="absolute top-3 left-2.5 text-ink2" aria-hidden="true" />
          <input
            ref={searchField}
            type="search"
            className="field pl-8"
            placeholder="Search cavity, circuit, colour, word"
            value={search}
            onChange={(event) => setSearch(event.target.value)}
          />
        </label>
        {show === "guesses" && (
          <Button
            disabled={sure.length === 0}
            onClick={() =>
              job.change(
                `Confirm ${sure.length} guesses of 90 % and more`,
                sure.flatMap((pin) => confirmOps(pin.row)),
              )
            }
          >
            Confirm the {sure.length} surest
          </Button>
        )}
        <a className={buttonLook()} href={`/api/jobs/${job.jobId}/pins?side=${side}`} download>
          <Download size={16} aria-hidden="true" />
          CSV
        </a>
      </ScreenHead>
      <div
        ref={scroller}
        className="mx-4 mb-4 min-h-0 flex-1 overflow-auto border border-rule2 bg-sheet"
        aria-label={`${side} pin table`}
      >
        {visible.length === 0 ? (
          <Empty title={ofSide.length === 0 ? `The ${side} has no cavities yet` : "Nothing fits the search"}>
            <p>
              {ofSide.length === 0
                ? "Import its pin table first (key 2)."
                : show === "unknown"
                  ? "Every cavity of this side is understood."
                  : "Try another word, or show all."}
            </p>
            {ofSide.length === 0 && (
              <Link href={`/jobs/${job.jobId}/import?side=${side}`} className={buttonLook(true)}>
                To the import
              </Link>
            )}
          </Empty>
        ) : (
          <div role="table" aria-rowcount={visible.length + 1} className="min-w-[1020px]">
            <div
              role="row"
              className={`${PIN_COLUMNS} sticky top-0 z-10 h-9 border-b-[1.5px] border-rule2 bg-sheet text-[13px] font-semibold text-ink2`}
            >
              {[
                "Cavity",
                "Colour",
                sizeUnit(job.document.job.units),
                "Length",
                "Circuit",
                "Description",
                "Kind",
                "Quantity",
                "Origin",
              ].map((head) => (
                <span role="columnheader" key={head}>
                  {head}
                </span>
              ))}
            </div>
            <div className="relative" style={{ height: rows.getTotalSize() }}>
              {rows.getVirtualItems().map((virtual) => {
                const item = items[virtual.index] as Item;
                return (
                  <div
                    key={virtual.key}
                    className="absolute top-0 left-0 w-full"
                    style={{ height: virtual.size, transform: `translateY(${virtual.start}px)` }}
                  >
                    {item.type === "connector" ? (
                      <p className="flex h-full items-end gap-2.5 border-b border-rule px-3 pb-1.5">
                        <strong className="wide text-sm">{item.pin.connector.label}</strong>
                        <span className="text-[13px] text-ink2">
                          {item.count} {item.count === 1 ? "cavity" : "cavities"}
                          {item.pin.connector.place ? `; ${item.pin.connector.place}` : ""}
                        </span>
                      </p>
                    ) : (
                      <PinLine
                        pin={item.pin}
                        selected={item.pin.row.id === selected}
                        units={job.document.job.units}
                        onSelect={() => setSelected(item.pin.row.id)}
                        onChange={(label, to) =>
                          job.change(label, [updateOp("pin", item.pin.row.id, item.pin.row, to)], { quiet: true })
                        }
                        onDescribe={(description) =>
                          job.change(
                            `Description of ${item.pin.label}`,
                            [describeOp(job.document, item.pin.row.id, description)],
                            { quiet: true },
                          )
                        }
                        onConfirm={() => confirm(item.pin)}
                      />
                    )}
                  </div>
                );
              })}
            </div>
          </div>
        )}
      </div>
    </>
  );
}

const textOf = ({ row, label }: PinView) =>
  `${label} ${row.circuit ?? ""} ${row.colour ?? ""} ${row.colourBase ?? ""} ${row.description ?? ""} ${row.kind} ${row.quantity ?? ""}`.toLowerCase();

function byConnector(pins: readonly PinView[]): Item[] {
  const counts = new Map<string, number>();
  for (const pin of pins) counts.set(pin.connector.id, (counts.get(pin.connector.id) ?? 0) + 1);
  const groups = pins.toSorted((a, b) => a.connector.position - b.connector.position);
  return groups.flatMap((pin, at): Item[] => {
    const first = pin.connector.id !== groups[at - 1]?.connector.id;
    return [
      ...(first ? [{ type: "connector", pin, count: counts.get(pin.connector.id) ?? 0 } as const] : []),
      { type: "pin", pin },
    ];
  });
}
