"use client";

import { useEffect, useState } from "react";
import { useJob } from "./job-provider";

/** So long a change is on its way without anybody having to know, ms. */
const ON_ITS_WAY_MS = 2_000;

/** From so many on a change is told by its rows: it may be long on its way. */
const MANY_ROWS = 500;

/** Whether all that was changed here is saved, in a word. */
export function SaveState() {
  const { unsent, unsentRows, unsentSince } = useJob();
  const late = useLate(unsentSince);
  const left = unsentRows > MANY_ROWS ? `${unsentRows} rows on their way` : unsent;
  return (
    <span role="status" className={`text-[13px] whitespace-nowrap ${late ? "font-semibold text-stop" : "text-ink2"}`}>
      {unsent === 0 ? "Saved" : late ? `Not saved yet: ${left}` : "Saving …"}
    </span>
  );
}

/** Whether what began then takes longer than it should. */
function useLate(since: number | null): boolean {
  const [late, setLate] = useState(false);
  useEffect(() => {
    setLate(false);
    if (since === null) return;
    const timer = setTimeout(() => setLate(true), Math.max(0, since + ON_ITS_WAY_MS - Date.now()));
    return () => clearTimeout(timer);
  }, [since]);
  return late;
}
