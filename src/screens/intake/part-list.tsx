"use client";

import type { RefObject } from "react";
import type { HarnessPart } from "@/core/harness";
import { partWords } from "@/core/words";
import { StateMark } from "@/ui/marks";
import { SearchField } from "@/ui/search-field";
import { VirtualList } from "@/ui/virtual-list";
import { useJob } from "../shell/job-provider";

interface Props {
  readonly side: HarnessPart["side"];
  readonly parts: readonly HarnessPart[];
  readonly current: string | null;
  readonly search: string;
  readonly searchField: RefObject<HTMLInputElement | null>;
  readonly onSearch: (text: string) => void;
  readonly onSelect: (partId: string) => void;
}

/** The parts of one side, with a search. */
export function PartList({ side, parts, current, search, searchField, onSearch, onSelect }: Props) {
  const job = useJob();
  return (
    <div className="flex min-h-0 flex-col border-r border-rule2">
      <div className="flex border-b border-rule p-2">
        <SearchField
          label="Search parts"
          placeholder="Name or type"
          value={search}
          onChange={onSearch}
          field={searchField}
        />
      </div>
      <VirtualList
        label={`Parts of the ${side}`}
        items={parts}
        keyOf={(part) => part.id}
        heightOf={() => 52}
        width={280}
        current={current}
        head={job.report !== null && parts.length === 0 ? <NoPart side={side} /> : null}
      >
        {(part) => <PartLine part={part} current={part.id === current} onSelect={() => onSelect(part.id)} />}
      </VirtualList>
    </div>
  );
}

function PartLine({ part, current, onSelect }: { part: HarnessPart; current: boolean; onSelect: () => void }) {
  const known = part.type !== "plug";
  return (
    <button
      type="button"
      aria-pressed={current}
      onClick={onSelect}
      className={`flex h-full w-full items-center gap-2.5 border-b border-rule px-3 text-left ${current ? "bg-fill shadow-[inset_4px_0_0_var(--ink)]" : ""}`}
    >
      <StateMark mark={part.guessed ? (known ? "proposed" : "open") : "decided"} />
      <span className="min-w-0">
        <span className="block truncate font-semibold">{part.label}</span>
        <span className="block truncate text-[13px] text-ink2">
          {known
            ? `${partWords(part.type).toLowerCase()}${part.guessed ? ", guessed" : ""}`
            : "not known what it is on"}
          , {part.terminals.length}
        </span>
      </span>
    </button>
  );
}

function NoPart({ side }: Pick<Props, "side">) {
  const parts = useJob().report?.parts ?? [];
  // Where there is none at all, the pane beside says what to do.
  if (side !== "added" && parts.length === 0) return null;
  return (
    <p className="p-3 text-ink2">
      {side === "added"
        ? "Nothing added yet. Relays, fuse boxes and studs that the swap brings in stand here (A)."
        : "No part of this name."}
    </p>
  );
}
