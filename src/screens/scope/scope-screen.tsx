"use client";

import { Download } from "lucide-react";
import { useSearchParams } from "next/navigation";
import { useState } from "react";
import type { Choice } from "@/core/approaches";
import { updateOp } from "@/job/ops";
import { buttonLook } from "@/ui/controls";
import { Segments } from "@/ui/segments";
import { JobForm } from "../jobs/job-form";
import { useJob } from "../shell/job-provider";
import { ScreenHead } from "../shell/screen-head";
import { ApproachTable, firstChoices } from "./approach-table";
import { PriceBook } from "./price-book";
import { WishList } from "./wish-list";

const VIEWS = ["job", "wishes", "approaches", "prices"] as const;
type View = (typeof VIEWS)[number];

/** What the job is: host, donor, approach, units; what the owner wants; and the whole of it as a document. */
export function ScopeScreen() {
  const job = useJob();
  const wanted = useSearchParams().get("view");
  const [view, setView] = useState<View>(VIEWS.find((one) => one === wanted) ?? "job");
  const [choices, setChoices] = useState<readonly Choice[]>(() => firstChoices(job.document.job));
  return (
    <>
      <ScreenHead title="Scope">
        <Segments
          label="Show"
          value={view}
          onChange={setView}
          segments={[
            { key: "job", label: "The job" },
            { key: "wishes", label: "Owner's wishes", count: job.document.wishes.length },
            { key: "approaches", label: "Approaches side by side" },
            { key: "prices", label: "Price book" },
          ]}
        />
        <span className="flex-1" />
        <a className={buttonLook()} href={`/api/jobs/${job.jobId}/document`} download>
          <Download size={16} aria-hidden="true" />
          Job document
        </a>
      </ScreenHead>
      <div className="overflow-auto px-4 pb-6">
        {view === "wishes" ? (
          <WishList />
        ) : view === "approaches" ? (
          <ApproachTable choices={choices} onChoices={setChoices} />
        ) : view === "prices" ? (
          <PriceBook />
        ) : (
          <div className="border border-rule2 bg-sheet p-5">
            <JobForm
              key={JSON.stringify(job.document.job)}
              initial={job.document.job}
              submit="Save scope"
              busy={false}
              onSubmit={(row) => job.change("Change the scope", [updateOp("job", "job", job.document.job, row)])}
            />
          </div>
        )}
      </div>
    </>
  );
}
