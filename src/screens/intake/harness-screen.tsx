"use client";

import { useVirtualizer } from "@tanstack/react-virtual";
import { Plus, TriangleAlert } from "lucide-react";
import Link from "next/link";
import { useSearchParams } from "next/navigation";
import { useEffect, useMemo, useRef, useState } from "react";
import type { HarnessPart } from "@/core/harness";
import { capital, harnessProblemWords, partWords } from "@/core/words";
import { Button, buttonLook } from "@/ui/controls";
import { StateMark } from "@/ui/marks";
import { SearchField } from "@/ui/search-field";
import { Segments } from "@/ui/segments";
import { Empty } from "@/ui/states";
import { useJob } from "../shell/job-provider";
import { useKeys } from "../shell/keys";
import { ScreenHead } from "../shell/screen-head";
import { AddPartDialog } from "./add-part-dialog";
import { AddWireDialog } from "./add-wire-dialog";
import { PartDetail } from "./part-detail";

const SIDES = ["donor", "host", "added"] as const;

/** Both harnesses as parts on connectors: what each is, what goes on inside, and where its wires lead. */
export function HarnessScreen() {
  const job = useJob();
  const wanted = useSearchParams().get("part");
  const [side, setSide] = useState<(typeof SIDES)[number]>("donor");
  const [search, setSearch] = useState("");
  const [selected, setSelected] = useState<string | null>(wanted);
  const [adding, setAdding] = useState<"part" | "wire" | null>(null);
  const [showProblems, setShowProblems] = useState(false);
  const scroller = useRef<HTMLDivElement>(null);
  const searchField = useRef<HTMLInputElement>(null);
  const parts = job.report?.parts ?? [];
  const problems = job.report?.problems ?? [];
  const visible = useMemo(
    () =>
      parts.filter(
        (part) =>
          part.side === side && `${part.label} ${part.type}`.toLowerCase().includes(search.trim().toLowerCase()),
      ),
    [parts, side, search],
  );
  const current = parts.find((part) => part.id === selected) ?? visible[0];
  const list = useVirtualizer({
    count: visible.length,
    getScrollElement: () => scroller.current,
    overscan: 10,
    initialRect: { width: 280, height: 600 },
    estimateSize: () => 52,
    getItemKey: (at) => visible[at]?.id ?? at,
  });
  useEffect(() => {
    const at = visible.findIndex((part) => part.id === current?.id);
    if (at >= 0) list.scrollToIndex(at, { align: "auto" });
  }, [current?.id, visible, list]);
  useEffect(() => {
    const part = parts.find((one) => one.id === wanted);
    if (part !== undefined) {
      setSide(part.side);
      setSelected(part.id);
    }
  }, [wanted, parts.length]);
  const open = (part: HarnessPart | undefined) => {
    if (part === undefined) return;
    setSide(part.side);
    setSearch("");
    setSelected(part.id);
    setShowProblems(false);
  };
  const move = (by: number) => {
    const at = visible.findIndex((part) => part.id === current?.id);
    const next = visible[Math.max(0, Math.min(visible.length - 1, at + by))];
    if (next !== undefined) setSelected(next.id);
  };
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
        <Segments
          label="Show"
          value={showProblems ? "problems" : side}
          onChange={(key) => {
            setShowProblems(key === "problems");
            if (key !== "problems") setSide(key);
          }}
          segments={[
            ...SIDES.map((key) => ({
              key,
              label: capital(key),
              count: parts.filter((part) => part.side === key).length,
            })),
            { key: "problems", label: "Problems", count: problems.length },
          ]}
        />
        <span className="flex-1" />
        <Button hotkey="W" disabled={job.pins.length < 2} onClick={() => setAdding("wire")}>
          Add a wire
        </Button>
        <Button hotkey="A" primary onClick={() => setAdding("part")}>
          <Plus size={16} aria-hidden="true" />
          Add a part
        </Button>
      </ScreenHead>
      {showProblems ? (
        <section
          aria-label="Problems in the harness"
          tabIndex={0}
          className="mx-4 mb-4 min-h-0 flex-1 overflow-auto border border-rule2 bg-sheet"
        >
          {problems.length === 0 ? (
            <Empty title="No problem found">
              <p>Every circuit, mate and part of both harnesses fits together.</p>
            </Empty>
          ) : (
            <ul>
              {problems
                .map((problem) => [problem, harnessProblemWords(problem, job.document.job.units)] as const)
                .map(([problem, { where, message, cure }]) => (
                  <li
                    key={`${problem.code} ${where} ${message}`}
                    className="flex items-start gap-3 border-b border-rule px-3 py-2.5"
                  >
                    <TriangleAlert size={18} className="mt-0.5 shrink-0 text-stop" aria-hidden="true" />
                    <p className="min-w-0 flex-1">
                      <strong className="font-mono text-[13px]">{where}</strong>
                      <span className="block">{message}</span>
                      <span className="block text-[13px] text-ink2">{cure}</span>
                    </p>
                    {problem.connectorId !== null && (
                      <Button
                        onClick={() =>
                          open(parts.find((part) => part.connectorIds.includes(problem.connectorId ?? "")))
                        }
                      >
                        Open
                      </Button>
                    )}
                  </li>
                ))}
            </ul>
          )}
        </section>
      ) : (
        <div className="mx-4 mb-4 grid min-h-0 flex-1 grid-cols-[280px_minmax(0,1fr)] border border-rule2 bg-sheet max-lg:grid-cols-[220px_minmax(0,1fr)]">
          <div className="flex min-h-0 flex-col border-r border-rule2">
            <div className="flex border-b border-rule p-2">
              <SearchField
                label="Search parts"
                placeholder="Name or type"
                value={search}
                onChange={setSearch}
                field={searchField}
              />
            </div>
            <div
              ref={scroller}
              className="min-h-0 flex-1 overflow-auto"
              tabIndex={0}
              role="group"
              aria-label={`Parts of the ${side}`}
            >
              {job.report !== null && visible.length === 0 && (
                <p className="p-3 text-ink2">
                  {side === "added" ? (
                    "Nothing added yet. Relays, fuse boxes and studs that the swap brings in stand here (A)."
                  ) : parts.length === 0 ? (
                    <>
                      Import a pin table first, or add parts by hand (A).{" "}
                      <Link href={`/jobs/${job.jobId}/import`} className={`mt-3 ${buttonLook()}`}>
                        To the import
                      </Link>
                    </>
                  ) : (
                    "No part of this name."
                  )}
                </p>
              )}
              <div className="relative" style={{ height: list.getTotalSize() }}>
                {list.getVirtualItems().map((virtual) => {
                  const part = visible[virtual.index] as HarnessPart;
                  return (
                    <button
                      key={virtual.key}
                      type="button"
                      aria-pressed={part.id === current?.id}
                      onClick={() => setSelected(part.id)}
                      style={{ height: virtual.size, transform: `translateY(${virtual.start}px)` }}
                      className={`absolute top-0 left-0 flex w-full items-center gap-2.5 border-b border-rule px-3 text-left ${part.id === current?.id ? "bg-fill shadow-[inset_4px_0_0_var(--ink)]" : ""}`}
                    >
                      <StateMark mark={part.guessed ? (part.type === "plug" ? "open" : "proposed") : "decided"} />
                      <span className="min-w-0">
                        <span className="block truncate font-semibold">{part.label}</span>
                        <span className="block truncate text-[13px] text-ink2">
                          {part.type === "plug"
                            ? "not known what it is on"
                            : `${partWords(part.type).toLowerCase()}${part.guessed ? ", guessed" : ""}`}
                          , {part.terminals.length}
                        </span>
                      </span>
                    </button>
                  );
                })}
              </div>
            </div>
          </div>
          {current === undefined ? (
            <Empty title={job.report === null ? "Building the harness …" : "No part chosen"}>
              <p>{job.report === null ? "Cavities of one circuit are being joined." : "Choose a part on the left."}</p>
            </Empty>
          ) : (
            <PartDetail key={current.id} part={current} onOpen={(id) => open(parts.find((part) => part.id === id))} />
          )}
        </div>
      )}
      {adding === "part" && (
        <AddPartDialog
          onClose={() => setAdding(null)}
          onAdded={(id, on) => {
            setAdding(null);
            setSide(on);
            setSearch("");
            setSelected(id);
          }}
        />
      )}
      {adding === "wire" && <AddWireDialog from={null} onClose={() => setAdding(null)} />}
    </>
  );
}
