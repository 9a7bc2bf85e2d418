"use client";

import Link from "next/link";
import { useSearchParams } from "next/navigation";
import { useEffect, useMemo, useState } from "react";
import { Button, buttonLook } from "@/ui/controls";
import { Segments } from "@/ui/segments";
import { useMove } from "@/ui/virtual-list";
import { useJob } from "../shell/job-provider";
import { useKeys } from "../shell/keys";
import { ScreenHead } from "../shell/screen-head";
import { AcceptAll } from "./accept-all";
import { FILTERS, inGroups, LineList } from "./line-list";
import { PairDialog } from "./pair-dialog";
import { SETTLED, UnmatchedList } from "./unmatched-list";
import { type Decide, useDecide } from "./use-decide";

type Filter = keyof typeof FILTERS | "unmatched";

/** Every quantity as one line from its provider to its consumer. */
export function MapScreen() {
  const { lines } = useJob().plan;
  const { filter, setFilter, selected, setSelected, opened, setOpened, openLine } = useOpened();
  const [pairing, setPairing] = useState<{ pinId: string | null } | null>(null);
  const [asking, setAsking] = useState(false);
  const decide = useDecide();
  const visible = useMemo(() => (filter === "unmatched" ? [] : lines.filter(FILTERS[filter].test)), [lines, filter]);
  const items = useMemo(() => inGroups(visible), [visible]);
  const order = useMemo(() => visible.map((line) => line.key), [visible]);
  const move = useMove(order, selected, setSelected);
  const current = lines.find((line) => line.key === selected);
  useKeys({
    ArrowDown: () => move(1),
    ArrowUp: () => move(-1),
    j: () => move(1),
    k: () => move(-1),
    a: () => setAsking(true),
    p: () => setPairing({ pinId: null }),
    Enter: () => selected !== null && setOpened(opened === selected ? null : selected),
    y: () => current && current.state !== "decided" && decide.accept(current),
    x: () => current && current.state !== "refused" && decide.choose(current, "Refuse", { decision: "refused" }),
  });
  return (
    <>
      <MapHead
        filter={filter}
        onFilter={setFilter}
        decide={decide}
        isOpened={opened !== null}
        onPair={() => setPairing({ pinId: null })}
        onAcceptAll={() => setAsking(true)}
      />
      <div className="mx-4 mb-4 flex min-h-0 flex-1 flex-col border border-rule2 bg-sheet">
        {filter === "unmatched" ? (
          <div className="min-h-0 flex-1 overflow-auto" tabIndex={0} role="group" aria-label="No counterpart found">
            <UnmatchedList onPair={(pinId) => setPairing({ pinId })} />
          </div>
        ) : (
          <LineList
            lines={lines}
            items={items}
            selected={selected}
            opened={opened}
            onToggle={(key) => {
              setSelected(key);
              setOpened(opened === key ? null : key);
            }}
            decide={decide}
            onOther={(pinId) => setPairing({ pinId })}
          />
        )}
      </div>
      {asking && <AcceptAll decide={decide} onClose={() => setAsking(false)} />}
      {pairing !== null && (
        <PairDialog
          start={pairing.pinId}
          onClose={() => setPairing(null)}
          onPaired={(key) => {
            setPairing(null);
            openLine(key);
          }}
        />
      )}
    </>
  );
}

interface HeadProps {
  readonly filter: Filter;
  readonly onFilter: (filter: Filter) => void;
  readonly decide: Decide;
  /** A line is opened, and what one does next stands in it. */
  readonly isOpened: boolean;
  readonly onPair: () => void;
  readonly onAcceptAll: () => void;
}

function MapHead({ filter, onFilter, decide, isOpened, onPair, onAcceptAll }: HeadProps) {
  const { jobId } = useJob();
  const { sure, alone } = decide;
  return (
    <ScreenHead title="Map">
      <MapFilter filter={filter} onFilter={onFilter} />
      <span className="flex-1" />
      <Button hotkey="P" onClick={onPair}>
        Pair by hand
      </Button>
      <Button
        primary={!isOpened && sure.length > 0}
        hotkey="A"
        disabled={sure.length + alone.length === 0}
        onClick={onAcceptAll}
      >
        Accept {sure.length} wire only …
      </Button>
      <Link href={`/jobs/${jobId}/plan`} className={buttonLook()}>
        Plan sheet
      </Link>
    </ScreenHead>
  );
}

/** Which lines are shown, and which of them is chosen and opened; an address may name one. */
function useOpened() {
  const wanted = useSearchParams().get("line");
  const [filter, setFilter] = useState<Filter>("all");
  const [selected, setSelected] = useState<string | null>(wanted);
  const [opened, setOpened] = useState<string | null>(wanted);
  const openLine = (key: string) => {
    setFilter("all");
    setSelected(key);
    setOpened(key);
  };
  useEffect(() => {
    if (wanted !== null) openLine(wanted);
  }, [wanted]);
  return { filter, setFilter, selected, setSelected, opened, setOpened, openLine };
}

function MapFilter({ filter, onFilter }: { filter: Filter; onFilter: (filter: Filter) => void }) {
  const { lines, unmatched } = useJob().plan;
  return (
    <Segments
      label="Show"
      value={filter}
      onChange={onFilter}
      segments={[
        ...(Object.keys(FILTERS) as (keyof typeof FILTERS)[]).map((key) => ({
          key,
          label: FILTERS[key].name,
          count: lines.filter(FILTERS[key].test).length,
        })),
        {
          key: "unmatched",
          label: "No counterpart found",
          count: unmatched.filter(({ reason }) => !SETTLED.has(reason.code)).length,
        },
      ]}
    />
  );
}
