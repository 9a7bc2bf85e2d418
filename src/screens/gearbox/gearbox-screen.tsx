"use client";

import { useSearchParams } from "next/navigation";
import { useState } from "react";
import { Segments } from "@/ui/segments";
import { Empty } from "@/ui/states";
import { useJob } from "../shell/job-provider";
import { PrintButton } from "../shell/print-button";
import { ScreenHead } from "../shell/screen-head";
import { AnotherGearbox } from "./another-gearbox";
import { CrankView } from "./crank-view";
import { LockoutView } from "./lockout-view";
import { WiringView } from "./wiring-view";

const VIEWS = [
  { key: "crank", label: "Who may crank" },
  { key: "wiring", label: "Gearbox wiring" },
  { key: "lockout", label: "Reverse lockout" },
  { key: "another", label: "Another gearbox" },
] as const;
type View = (typeof VIEWS)[number]["key"];

/** What the lever and the gearbox ask of the wiring. */
export function GearboxScreen() {
  const job = useJob();
  const asked = useSearchParams().get("view");
  const [view, setView] = useState<View>(VIEWS.find(({ key }) => key === asked)?.key ?? "crank");
  return (
    <>
      <ScreenHead title="Gearbox">
        <Segments label="Views" segments={VIEWS} value={view} onChange={setView} />
        <span className="flex-1" />
        <PrintButton>Print this sheet</PrintButton>
      </ScreenHead>
      <div
        className="mx-4 mb-4 min-h-0 flex-1 overflow-auto border border-rule2 bg-sheet px-4 py-3 print:overflow-visible print:border-0"
        tabIndex={0}
        role="group"
        aria-label={VIEWS.find(({ key }) => key === view)?.label}
      >
        {job.pins.length === 0 ? (
          <Empty title="No pin tables yet">
            <p>Import the tables of both vehicles; then every way of standing is solved here.</p>
          </Empty>
        ) : view === "crank" ? (
          <CrankView />
        ) : view === "wiring" ? (
          <WiringView />
        ) : view === "lockout" ? (
          <LockoutView />
        ) : (
          <AnotherGearbox />
        )}
      </div>
    </>
  );
}
