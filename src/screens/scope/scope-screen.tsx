"use client";

import { Download } from "lucide-react";
import { updateOp } from "@/job/ops";
import { buttonLook } from "@/ui/controls";
import { JobForm } from "../jobs/job-form";
import { useJob } from "../shell/job-provider";
import { ScreenHead } from "../shell/screen-head";

/** What the job is: host, donor, approach, units and wishes; and the whole of it as a document. */
export function ScopeScreen() {
  const job = useJob();
  return (
    <>
      <ScreenHead title="Scope">
        <a className={buttonLook()} href={`/api/jobs/${job.jobId}/document`} download>
          <Download size={16} aria-hidden="true" />
          Job document
        </a>
      </ScreenHead>
      <div className="overflow-auto px-4 pb-6">
        <div className="border border-rule2 bg-sheet p-5">
          <JobForm
            key={JSON.stringify(job.document.job)}
            initial={job.document.job}
            submit="Save scope"
            busy={false}
            onSubmit={(row) => job.change("Change the scope", [updateOp("job", "job", job.document.job, row)])}
          />
        </div>
      </div>
    </>
  );
}
