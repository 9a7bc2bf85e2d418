"use client";

import { type FormEvent, useMemo, useState } from "react";
import { functionsNamed, offeredWishes } from "@/core/plan";
import { FUNCTION_STATE_WORDS, wishLackText } from "@/core/words";
import { addWishOps } from "@/job/wish-ops";
import { Button } from "@/ui/controls";
import { StateMark } from "@/ui/marks";
import { FUNCTION_MARKS } from "../map/function-marks";
import { useFunctions } from "../map/use-functions";
import { useWishes } from "../map/use-wishes";
import { WishFields } from "../map/wish-fields";
import { useJob } from "../shell/job-provider";

/** What the owner wants, line by line, and which functions carry it: it is ticked off with them at the end. */
export function WishList() {
  const job = useJob();
  const functions = useFunctions();
  const wishes = useWishes(functions);
  const { units, wishes: written } = job.document.job;
  const offered = useMemo(() => offeredWishes(written, wishes), [written, wishes]);
  const [says, setSays] = useState("");
  const add = (list: readonly string[]) =>
    job.change(
      list.length === 1 ? `Wish: ${list[0]}` : `${list.length} wishes taken up`,
      addWishOps(
        job.document,
        list.map((one) => ({ says: one, functions: functionsNamed(one, functions) })),
      ),
    );
  const send = (event: FormEvent) => {
    event.preventDefault();
    if (says.trim() === "") return;
    add([says.trim()]);
    setSays("");
  };
  return (
    <section aria-label="Owner's wishes" className="border border-rule2 bg-sheet">
      <ul>
        {wishes.map((wish) => (
          <li
            key={wish.key}
            data-wish={wish.key}
            className="grid grid-cols-[minmax(0,1fr)_minmax(180px,260px)] gap-4 border-b border-rule px-4 py-3 max-md:grid-cols-1"
          >
            <WishFields key={wish.says} wish={wish} functions={functions} />
            <p className="text-[13px]">
              <span className={`flex items-center gap-1.5 font-semibold ${wish.state === "cannot" ? "text-stop" : ""}`}>
                <StateMark mark={FUNCTION_MARKS[wish.state]} />
                {FUNCTION_STATE_WORDS[wish.state]}
              </span>
              {wish.lack !== null && <span className="text-ink2">{wishLackText(wish.lack, units)}</span>}
            </p>
          </li>
        ))}
      </ul>
      {wishes.length === 0 && offered.length === 0 && (
        <p className="px-4 pt-4 text-ink2">
          Nothing is wished for yet beyond what the tables tell of. What stands here is ticked off at the end.
        </p>
      )}
      {offered.length > 0 && (
        <div className="border-b border-rule bg-fill px-4 py-2">
          <p className="flex items-center text-[13px] font-semibold">
            As the owner wrote it
            {offered.length > 1 && <Button onClick={() => add(offered)}>Take up all {offered.length}</Button>}
          </p>
          <ul>
            {offered.map((one) => (
              <li key={one} className="flex items-center justify-between gap-3">
                <span>“{one}”</span>
                <Button onClick={() => add([one])}>
                  Take up<span className="hidden-text"> {one}</span>
                </Button>
              </li>
            ))}
          </ul>
        </div>
      )}
      <form onSubmit={send} className="flex gap-3 px-4 py-3">
        <input
          aria-label="A new wish"
          placeholder="What must work, in the owner's words"
          className="field"
          maxLength={200}
          value={says}
          onChange={(event) => setSays(event.target.value)}
        />
        <Button type="submit" disabled={says.trim() === ""}>
          Add the wish
        </Button>
      </form>
    </section>
  );
}
