"use client";

import Link from "next/link";
import { useSearchParams } from "next/navigation";
import { useDeferredValue, useEffect, useMemo, useRef, useState } from "react";
import { SIDES, type Side } from "@/core/forms";
import { KIND_WORDS } from "@/core/words";
import { withNeighbours } from "@/job/neighbours";
import { confirmOp } from "@/job/pin-ops";
import { Button, buttonLook } from "@/ui/controls";
import { SearchField } from "@/ui/search-field";
import { Segments } from "@/ui/segments";
import { Empty } from "@/ui/states";
import { CavityPane } from "../cavity/cavity-pane";
import { isGuess, isUnknown, type PinView } from "../shell/derive";
import { useJob } from "../shell/job-provider";
import { useKeys } from "../shell/keys";
import { ScreenHead } from "../shell/screen-head";
import { moreColumns } from "./more-columns";
import { findPins, type Show } from "./pin-search";
import { PinSide } from "./pin-side";
import { PinTable } from "./pin-table";
import { PinsOneByOne } from "./pins-one-by-one";

/**
 * Both sides as pin tables: by connector, searched, filtered, corrected in place; what is selected stands beside it.
 */
export function PinsScreen() {
  const job = useJob();
  const view = usePinView();
  const { side, show, search, selected, visible, ofSide } = view;
  const searchField = useRef<HTMLInputElement>(null);
  const [isOneByOne, setOneByOne] = useState(false);
  const more = useMemo(() => moreColumns(ofSide), [ofSide]);
  const pin = selected === null ? undefined : job.pinById.get(selected);
  const confirm = (one: PinView | undefined) =>
    one &&
    isGuess(one) &&
    job.change(
      `Confirm ${one.label} as ${KIND_WORDS[one.row.kind]}`,
      withNeighbours(job.document, one.row, confirmOp(one.row)),
    );
  const open = (name: string) =>
    document.querySelector<HTMLElement>(`[data-pin="${selected}"] [data-choice="${name}"] button`)?.click();
  useKeys({
    o: () => setOneByOne(!isOneByOne),
    ArrowDown: () => view.move(1),
    ArrowUp: () => view.move(-1),
    // Here k is the kind, so that j and k do not move.
    k: () => open("kind"),
    Enter: () => open("kind"),
    q: () => open("quantity"),
    c: () => confirm(pin),
    "/": () => searchField.current?.focus(),
  });
  return (
    <>
      <ScreenHead title="Pin tables">
        <PinFilters view={view} />
        <SearchField
          label="Search this table"
          placeholder="Cavity, circuit, colour, word"
          value={search}
          onChange={view.setSearch}
          field={searchField}
        />
        {show === "guesses" && !isOneByOne && <ConfirmSurest pins={visible} />}
        <Button onClick={() => setOneByOne(!isOneByOne)}>{isOneByOne ? "Table" : "One at a time"}</Button>
        <a className={buttonLook()} href={`/api/jobs/${job.jobId}/pins?side=${side}`} download>
          CSV
        </a>
      </ScreenHead>
      {isOneByOne ? (
        <PinsOneByOne pins={visible} onClose={() => setOneByOne(false)} />
      ) : (
        <div
          className={`relative mx-4 mb-4 grid min-h-0 flex-1 border border-rule2 bg-sheet max-lg:grid-cols-1 ${pin === undefined ? "grid-cols-1" : "grid-cols-[minmax(0,1fr)_318px] max-lg:grid-rows-[minmax(0,1fr)_42%]"}`}
        >
          {visible.length === 0 ? (
            <NoPins side={side} show={show} empty={ofSide.length === 0} />
          ) : (
            <PinSide value={side}>
              <PinTable
                label={`${side} pin table`}
                pins={visible}
                selected={selected}
                onSelect={view.setSelected}
                more={more}
              />
            </PinSide>
          )}
          {pin !== undefined && <CavityPane key={pin.row.id} pin={pin} onClose={() => view.setSelected(null)} />}
        </div>
      )}
    </>
  );
}

/**
 * What is shown of the tables. A link from elsewhere names its cavity; it must be seen whatever was filtered before.
 */
function usePinView() {
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
  // The letter shows at once; the list follows when there is time.
  const asked = useDeferredValue(search);
  const visible = useMemo(() => findPins(ofSide, show, asked), [ofSide, show, asked]);
  const move = (by: number) => {
    const at = visible.findIndex((pin) => pin.row.id === selected);
    const next = visible[Math.max(0, Math.min(visible.length - 1, at < 0 ? 0 : at + by))];
    if (next) setSelected(next.row.id);
  };
  return { side, setSide, show, setShow, search, setSearch, selected, setSelected, ofSide, visible, move };
}

function PinFilters({ view }: { view: ReturnType<typeof usePinView> }) {
  const { pins } = useJob();
  const { ofSide } = view;
  const many = (side: Side) => pins.filter((pin) => pin.connector.side === side).length;
  return (
    <>
      <Segments
        label="Side"
        value={view.side}
        onChange={view.setSide}
        segments={[
          { key: "donor", label: "Donor", count: many("donor") },
          { key: "host", label: "Host", count: many("host") },
        ]}
      />
      <Segments
        label="Show"
        value={view.show}
        onChange={view.setShow}
        segments={[
          { key: "all", label: "All" },
          { key: "unknown", label: "Not known", count: ofSide.filter(isUnknown).length },
          { key: "guesses", label: "Guesses", count: ofSide.filter(isGuess).length },
        ]}
      />
    </>
  );
}

/** Guesses of which hardly one in a hundred is wrong, all at once: never below nine tenths. */
const SURE = 0.9;

function ConfirmSurest({ pins }: { pins: readonly PinView[] }) {
  const job = useJob();
  const sure = pins.filter(
    (pin) => isGuess(pin) && pin.row.kindConfidence >= SURE && pin.row.quantityConfidence >= SURE,
  );
  const ops = () => sure.map((pin) => confirmOp(pin.row));
  return (
    <Button
      primary
      disabled={sure.length === 0}
      onClick={() => job.change(`Confirm ${sure.length} guesses of 90 % and more`, ops())}
    >
      Confirm the {sure.length} surest
    </Button>
  );
}

function NoPins({ side, show, empty }: { side: Side; show: Show; empty: boolean }) {
  const { jobId } = useJob();
  if (!empty)
    return (
      <Empty title="Nothing fits the search">
        <p>{show === "unknown" ? "Every cavity of this side is understood." : "Try another word, or show all."}</p>
      </Empty>
    );
  return (
    <Empty title={`The ${side} has no cavities yet`}>
      <p>
        Once its pin table is imported, each cavity stands here with its wire, what the paper says, and what that means:
        what it carries and how it works, with how sure that is.
      </p>
      <Link href={`/jobs/${jobId}/import?side=${side}`} className={buttonLook(true)}>
        Import its pin table
      </Link>
    </Empty>
  );
}
