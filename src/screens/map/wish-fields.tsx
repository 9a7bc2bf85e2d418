"use client";

import { X } from "lucide-react";
import { useState } from "react";
import type { FunctionLine, WishLine } from "@/core/plan";
import { functionsNamed } from "@/core/plan";
import { mapFunctionName } from "@/core/words";
import type { WishRow } from "@/job/schema";
import { changeWishOps, removeWishOps } from "@/job/wish-ops";
import { Button } from "@/ui/controls";
import { useJob } from "../shell/job-provider";

interface Props {
  readonly wish: WishLine;
  readonly functions: readonly FunctionLine[];
}

/** A wish's words and the functions that carry it. */
export function WishFields({ wish, functions }: Props) {
  const job = useJob();
  const row = job.document.wishes.find(({ id }) => id === wish.id);
  const [says, setSays] = useState(wish.says);
  if (row === undefined) return null;
  const change = (label: string, to: Partial<Pick<WishRow, "says" | "functions">>) =>
    job.change(label, changeWishOps(row, to));
  const save = () => {
    const said = says.trim();
    if (said === "") setSays(row.says);
    else if (said !== row.says) change(`Wish: ${said}`, { says: said });
  };
  const rest = (keys: readonly string[]) => change(`${row.says}: carried by ${keys.length}`, { functions: [...keys] });
  const offered = functionsNamed(row.says, functions).filter((key) => !row.functions.includes(key));
  const others = functions.filter(({ key }) => !row.functions.includes(key) && !offered.includes(key));
  return (
    <div className="space-y-1">
      <input
        aria-label="The wish in the owner's words"
        className="field w-full font-semibold"
        maxLength={200}
        value={says}
        onChange={(event) => setSays(event.target.value)}
        onBlur={save}
        onKeyDown={(event) => {
          if (event.key === "Enter") save();
          if (event.key === "Escape") setSays(row.says);
        }}
      />
      <div className="flex flex-wrap items-center gap-x-3 text-[13px]">
        <span className="text-ink2">carried by</span>
        {row.functions.map((key) => (
          <span key={key} className="flex items-center">
            {mapFunctionName(key)}
            <button
              type="button"
              className="grid size-10 place-items-center text-ink2"
              onClick={() => rest(row.functions.filter((one) => one !== key))}
            >
              <X size={14} aria-hidden="true" />
              <span className="hidden-text">
                {row.says} does not rest on {mapFunctionName(key)}
              </span>
            </button>
          </span>
        ))}
        {offered.map((key) => (
          <Button key={key} onClick={() => rest([...row.functions, key])}>
            + {mapFunctionName(key)}
          </Button>
        ))}
        <select
          aria-label={`Add a function to ${row.says}`}
          className="field w-48"
          value=""
          onChange={(event) => rest([...row.functions, event.target.value])}
        >
          <option value="">{row.functions.length === 0 ? "choose a function" : "another function"}</option>
          {others.map(({ key }) => (
            <option key={key} value={key}>
              {mapFunctionName(key)}
            </option>
          ))}
        </select>
        <span className="flex-1" />
        <Button onClick={() => job.change(`Wish removed: ${row.says}`, removeWishOps(row))}>
          Remove<span className="hidden-text"> {row.says}</span>
        </Button>
      </div>
    </div>
  );
}
