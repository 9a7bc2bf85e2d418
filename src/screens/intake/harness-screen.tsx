"use client";

import { Plus } from "lucide-react";
import Link from "next/link";
import { useSearchParams } from "next/navigation";
import { useEffect, useMemo, useRef, useState } from "react";
import type { HarnessPart } from "@/core/harness";
import { capital } from "@/core/words";
import { Button, buttonLook } from "@/ui/controls";
import { Segments } from "@/ui/segments";
import { Empty } from "@/ui/states";
import { useMove } from "@/ui/virtual-list";
import { useJob } from "../shell/job-provider";
import { useKeys } from "../shell/keys";
import { ScreenHead } from "../shell/screen-head";
import { AddPartDialog } from "./add-part-dialog";
import { AddWireDialog } from "./add-wire-dialog";
import { HarnessProblems } from "./harness-problems";
import { PartDetail } from "./part-detail";
import { PartList } from "./part-list";

const SIDES = ["donor", "host", "added"] as const;
type Shown = (typeof SIDES)[number] | "problems";

/** Both harnesses as parts on connectors: what each is, what goes on inside, and where its wires lead. */
export function HarnessScreen() {
  const job = useJob();
  const { shown, setShown, search, setSearch, visible, current, select, open } = useParts();
  const [adding, setAdding] = useState<"part" | "wire" | null>(null);
  const searchField = useRef<HTMLInputElement>(null);
  const order = useMemo(() => visible.map((part) => part.id), [visible]);
  const move = useMove(order, current?.id ?? null, select);
  useKeys({
    ArrowDown: () => move(1),
    ArrowUp: () => move(-1),
    j: () => move(1),
    k: () => move(-1),
    a: () => setAdding("part"),
    w: () => setAdding("wire"),
    "/": () => searchField.current?.focus(),
  });
  return (
    <>
      <ScreenHead title="Harness">
        <ShownSegments shown={shown} onShow={setShown} />
        <span className="flex-1" />
        <Button hotkey="W" disabled={job.pins.length < 2} onClick={() => setAdding("wire")}>
          Add a wire
        </Button>
        <Button hotkey="A" primary onClick={() => setAdding("part")}>
          <Plus size={16} aria-hidden="true" />
          Add a part
        </Button>
      </ScreenHead>
      {shown === "problems" ? (
        <HarnessProblems onOpen={(connectorId) => open((part) => part.connectorIds.includes(connectorId))} />
      ) : (
        <div className="mx-4 mb-4 grid min-h-0 flex-1 grid-cols-[280px_minmax(0,1fr)] border border-rule2 bg-sheet max-lg:grid-cols-[220px_minmax(0,1fr)]">
          <PartList
            side={shown}
            parts={visible}
            current={current?.id ?? null}
            search={search}
            searchField={searchField}
            onSearch={setSearch}
            onSelect={select}
          />
          {current === undefined ? (
            <NoneChosen />
          ) : (
            <PartDetail key={current.id} part={current} onOpen={(id) => open((part) => part.id === id)} />
          )}
        </div>
      )}
      {adding === "part" && (
        <AddPartDialog
          onClose={() => setAdding(null)}
          onAdded={(id, on) => {
            setAdding(null);
            setShown(on);
            setSearch("");
            select(id);
          }}
        />
      )}
      {adding === "wire" && <AddWireDialog from={null} onClose={() => setAdding(null)} />}
    </>
  );
}

/** Which parts are shown, and which of them is open; an address may name one. */
function useParts() {
  const job = useJob();
  const wanted = useSearchParams().get("part");
  const [shown, setShown] = useState<Shown>("donor");
  const [search, setSearch] = useState("");
  const [selected, select] = useState<string | null>(wanted);
  const parts = job.report?.parts ?? [];
  const visible = useMemo(() => {
    const term = search.trim().toLowerCase();
    return parts.filter((part) => part.side === shown && `${part.label} ${part.type}`.toLowerCase().includes(term));
  }, [parts, shown, search]);
  useEffect(() => {
    const part = parts.find((one) => one.id === wanted);
    if (part === undefined) return;
    setShown(part.side);
    select(part.id);
  }, [wanted, parts.length]);
  const open = (is: (part: HarnessPart) => boolean) => {
    const part = parts.find(is);
    if (part === undefined) return;
    setShown(part.side);
    setSearch("");
    select(part.id);
  };
  const current = parts.find((part) => part.id === selected) ?? visible[0];
  return { shown, setShown, search, setSearch, visible, current, select, open };
}

function ShownSegments({ shown, onShow }: { shown: Shown; onShow: (shown: Shown) => void }) {
  const { report } = useJob();
  const parts = report?.parts ?? [];
  return (
    <Segments
      label="Show"
      value={shown}
      onChange={onShow}
      segments={[
        ...SIDES.map((key) => ({
          key,
          label: capital(key),
          count: parts.filter((part) => part.side === key).length,
        })),
        { key: "problems", label: "Problems", count: report?.problems.length ?? 0 },
      ]}
    />
  );
}

function NoneChosen() {
  const { jobId, report } = useJob();
  if (report === null)
    return (
      <Empty title="Building the harness …">
        <p>Cavities of one circuit are being joined.</p>
      </Empty>
    );
  if (report.parts.length > 0)
    return (
      <Empty title="No part chosen">
        <p>Choose a part on the left.</p>
      </Empty>
    );
  return (
    <Empty title="No parts yet">
      <p>
        Import a pin table: its connectors stand here as parts, each with its terminals and where their wires lead. Or
        add parts by hand (A).
      </p>
      <Link href={`/jobs/${jobId}/import`} className={buttonLook()}>
        To the import
      </Link>
    </Empty>
  );
}
