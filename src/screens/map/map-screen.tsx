"use client";

import { useSearchParams } from "next/navigation";
import { useEffect, useMemo, useState } from "react";
import type { FunctionLine } from "@/core/plan";
import { Button } from "@/ui/controls";
import { Segments } from "@/ui/segments";
import { Empty } from "@/ui/states";
import { useMove } from "@/ui/virtual-list";
import { useJob } from "../shell/job-provider";
import { useKeys } from "../shell/keys";
import { ScreenHead } from "../shell/screen-head";
import { AcceptAll } from "./accept-all";
import { FunctionsView } from "./functions-view";
import { GatewayView } from "./gateway-view";
import { FILTERS, inGroups, LineList } from "./line-list";
import { PairDialog } from "./pair-dialog";
import { SETTLED, UnmatchedList } from "./unmatched-list";
import { acceptNow, type Decide, decideWay, useDecide } from "./use-decide";
import { isOpen, useFunctions } from "./use-functions";
import { type Gateway, useGateway } from "./use-gateway";
import { offeredWay, useProofs } from "./use-proofs";

type Filter = "functions" | keyof typeof FILTERS | "unmatched" | "gateway";

/** What must work at the end, function by function; and every quantity as one line from its provider to its consumer. */
export function MapScreen() {
  const opened = useOpened();
  const { filter, setFilter, openLine } = opened;
  const [pairing, setPairing] = useState<{ pinId: string | null } | null>(null);
  const [asking, setAsking] = useState(false);
  const decide = useDecide();
  const functions = useFunctions();
  const gateway = useGateway();
  const pair = (pinId: string | null) => setPairing({ pinId });
  useKeys({ a: () => setAsking(true), p: () => pair(null) });
  return (
    <>
      <MapHead
        filter={filter}
        onFilter={setFilter}
        functions={functions}
        gateway={gateway}
        decide={decide}
        isOpened={opened.opened !== null && filter !== "functions"}
        onPair={() => pair(null)}
        onAcceptAll={() => setAsking(true)}
      />
      <div className="mx-4 mb-4 flex min-h-0 flex-1 flex-col border border-rule2 bg-sheet">
        {filter === "functions" ? (
          <FunctionsView functions={functions} decide={decide} onOpenLine={openLine} onOther={pair} />
        ) : filter === "gateway" ? (
          gateway === null ? (
            <Empty title="No gateway">
              <p>No value of a bus is known, and no link needs a gateway. Import a DBC file of each vehicle first.</p>
            </Empty>
          ) : (
            <GatewayView gateway={gateway} />
          )
        ) : filter === "unmatched" ? (
          <div className="min-h-0 flex-1 overflow-auto" tabIndex={0} role="group" aria-label="No counterpart found">
            <UnmatchedList onPair={pair} />
          </div>
        ) : (
          <LinksView filter={filter} opened={opened} decide={decide} onOther={pair} />
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

interface LinksProps {
  readonly filter: keyof typeof FILTERS;
  readonly opened: ReturnType<typeof useOpened>;
  readonly decide: Decide;
  readonly onOther: (pinId: string) => void;
}

function LinksView({ filter, opened: open, decide, onOther }: LinksProps) {
  const { lines } = useJob().plan;
  const { selected, setSelected, opened, setOpened } = open;
  const visible = useMemo(() => lines.filter(FILTERS[filter].test), [lines, filter]);
  const items = useMemo(() => inGroups(visible), [visible]);
  const order = useMemo(() => visible.map((line) => line.key), [visible]);
  const move = useMove(order, selected, setSelected);
  const current = lines.find((line) => line.key === selected);
  const weighed = useMemo(() => (current === undefined ? [] : [current]), [current]);
  const proofs = useProofs(weighed);
  const offered = current === undefined ? null : offeredWay(current, proofs);
  useKeys({
    ArrowDown: () => move(1),
    ArrowUp: () => move(-1),
    j: () => move(1),
    k: () => move(-1),
    Enter: () => selected !== null && setOpened(opened === selected ? null : selected),
    y: () => current && current.state !== "decided" && offered && acceptNow(current, offered, decide),
    b: () =>
      current &&
      current.state !== "decided" &&
      offered === null &&
      decideWay(current, current.options[0], decide, true),
    x: () => current && current.state !== "refused" && decide.choose(current, "Refuse", { decision: "refused" }),
  });
  return (
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
      proofs={proofs}
      onOther={onOther}
    />
  );
}

interface HeadProps {
  readonly filter: Filter;
  readonly onFilter: (filter: Filter) => void;
  readonly functions: readonly FunctionLine[];
  readonly gateway: Gateway | null;
  readonly decide: Decide;
  /** A line is opened, and what one does next stands in it. */
  readonly isOpened: boolean;
  readonly onPair: () => void;
  readonly onAcceptAll: () => void;
}

function MapHead({ filter, onFilter, functions, gateway, decide, isOpened, onPair, onAcceptAll }: HeadProps) {
  const { sure, alone } = decide;
  return (
    <ScreenHead title="Map">
      <MapFilter filter={filter} onFilter={onFilter} functions={functions} gateway={gateway} />
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
    </ScreenHead>
  );
}

/** Which lines are shown, and which of them is chosen and opened; an address may name one. */
function useOpened() {
  const address = useSearchParams();
  const wanted = address.get("line");
  const [filter, setFilter] = useState<Filter>(wanted === null ? viewOf(address.get("view")) : "all");
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

/** Views by what an address calls them; any other is the first. */
const VIEWS: Readonly<Record<string, Filter>> = {
  links: "all",
  decide: "decide",
  trouble: "trouble",
  decided: "decided",
  unmatched: "unmatched",
  gateway: "gateway",
};
const viewOf = (named: string | null): Filter => VIEWS[named ?? ""] ?? "functions";

type FilterProps = Pick<HeadProps, "filter" | "onFilter" | "functions" | "gateway">;

function MapFilter({ filter, onFilter, functions, gateway }: FilterProps) {
  const { lines, unmatched } = useJob().plan;
  return (
    <Segments
      label="Show"
      value={filter}
      onChange={onFilter}
      segments={[
        { key: "functions" as const, label: "Functions", count: functions.filter(isOpen).length },
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
        ...(gateway === null
          ? []
          : [{ key: "gateway" as const, label: "Gateway", count: gateway.rows.filter(({ sent }) => sent).length }]),
      ]}
    />
  );
}
