"use client";

import Link from "next/link";
import { usePathname } from "next/navigation";
import { useJob } from "./job-provider";
import { INTAKE_VIEWS } from "./stages";

/** The views of intake side by side, with how much each has open. */
export function IntakeTabs() {
  const job = useJob();
  const pathname = usePathname();
  const problems = job.report?.problems.length ?? 0;
  return (
    <nav aria-label="Intake" className="no-print flex shrink-0 overflow-x-auto border-b border-rule2 px-4">
      {INTAKE_VIEWS.map((view) => {
        const here = pathname.endsWith(`/${view.path}`) || (view.path === "import" && pathname.endsWith("/type-in"));
        return (
          <Link
            key={view.path}
            href={`/jobs/${job.jobId}/${view.path}`}
            aria-current={here ? "page" : undefined}
            className={`flex h-10 items-center gap-1.5 px-3 whitespace-nowrap ${here ? "bg-sheet font-bold shadow-[inset_0_-4px_0_var(--ink)]" : "text-ink2"}`}
          >
            {view.name}
            {view.path === "harness" && problems > 0 && (
              <b className="font-mono text-[13px]" title={`${problems} problems in the harness`}>
                {problems}
                <span className="hidden-text"> problems</span>
              </b>
            )}
          </Link>
        );
      })}
    </nav>
  );
}
