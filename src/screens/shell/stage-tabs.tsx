"use client";

import Link from "next/link";
import { usePathname } from "next/navigation";
import { useJob } from "./job-provider";

interface View {
  readonly path: string;
  readonly name: string;
}

interface Props {
  readonly label: string;
  readonly views: readonly View[];
  /** Of a view, something that is wrong in it. */
  readonly wrong?: Readonly<Record<string, number>>;
  /** Views without a tab of their own, by their path: the one that they belong to. */
  readonly under?: Readonly<Record<string, string>>;
}

/** The views of a stage side by side, with how much is wrong in each. */
export function StageTabs({ label, views, wrong = {}, under = {} }: Props) {
  const { jobId } = useJob();
  const last = usePathname().split("/").at(-1) ?? "";
  const current = under[last] ?? last;
  return (
    <nav aria-label={label} className="no-print flex shrink-0 overflow-x-auto border-b border-rule2 px-4">
      {views.map(({ path, name }) => (
        <Link
          key={path}
          href={`/jobs/${jobId}/${path}`}
          aria-current={path === current ? "page" : undefined}
          className={`flex h-10 items-center gap-1.5 px-3 whitespace-nowrap ${path === current ? "bg-sheet font-bold shadow-[inset_0_-4px_0_var(--ink)]" : "text-ink2"}`}
        >
          {name}
          {(wrong[path] ?? 0) > 0 && (
            <b className="font-mono text-[13px]" title={`${wrong[path]} problems`}>
              {wrong[path]}
              <span className="hidden-text"> problems</span>
            </b>
          )}
        </Link>
      ))}
    </nav>
  );
}
