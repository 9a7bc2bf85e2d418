"use client";

import Link from "next/link";
import { useState } from "react";
import {
  APPROACHES,
  type Approach,
  type Choice,
  CROSSINGS,
  ENDS,
  LENGTHENED,
  type Lengthened,
  type Outcome,
} from "@/core/approaches";
import type { Units } from "@/core/units";
import {
  APPROACH_WORDS,
  CROSSING_WORDS,
  cannotText,
  END_WORDS,
  LENGTHENED_WORDS,
  lengthText,
  money,
  riskText,
  workHours,
} from "@/core/words";
import { chooseOps } from "@/job/approach-facts";
import { Button, buttonLook } from "@/ui/controls";
import { Empty } from "@/ui/states";
import { useJob } from "../shell/job-provider";
import { OutcomePane, type Shown } from "./outcome-pane";
import { useOutcomes } from "./use-outcomes";

/** A row of the table: what it counts, and what it opens to. */
interface Row {
  readonly shown: Shown;
  readonly label: string;
  readonly valueOf: (outcome: Outcome, units: Units) => string;
}

const SECTIONS: readonly { readonly head: string; readonly rows: readonly Row[] }[] = [
  {
    head: "Functions",
    rows: ENDS.map((end) => ({
      shown: { of: "functions", end },
      label: END_WORDS[end],
      valueOf: ({ functions }) => String(functions[end].length),
    })),
  },
  {
    head: "Links",
    rows: [
      ...CROSSINGS.map(
        (crossing): Row => ({
          shown: { of: "links", crossing },
          label: CROSSING_WORDS[crossing],
          valueOf: ({ links, relays }) => String(links[crossing].length + (crossing === "gateway" ? relays.length : 0)),
        }),
      ),
      { shown: { of: "fills" }, label: "gaps to fill", valueOf: ({ fills }) => String(fills.length) },
    ],
  },
  {
    head: "Work",
    rows: [
      { shown: { of: "work" }, label: "wires new or longer", valueOf: ({ wires }) => String(wires) },
      { shown: { of: "work" }, label: "joints", valueOf: ({ joints }) => String(joints) },
      {
        shown: { of: "work" },
        label: "new wire",
        valueOf: ({ metres }, units) => (metres === 0 ? "0" : lengthText(metres, units)),
      },
      { shown: { of: "work" }, label: "hours", valueOf: ({ minutes }) => workHours(minutes) },
      { shown: { of: "work" }, label: "parts", valueOf: ({ partsMoney }) => money(partsMoney) },
      { shown: { of: "work" }, label: "labour", valueOf: ({ labourMoney }) => money(labourMoney) },
      {
        shown: { of: "work" },
        label: "together",
        valueOf: ({ partsMoney, labourMoney }) => money(partsMoney + labourMoney),
      },
    ],
  },
];

interface Props {
  /** What stands side by side. */
  readonly choices: readonly Choice[];
  readonly onChoices: (choices: readonly Choice[]) => void;
}

/** Two or three ways of doing the job, side by side, in what they give and what they cost. */
export function ApproachTable({ choices, onChoices: setChoices }: Props) {
  const job = useJob();
  const { approach, lengthens, units } = job.document.job;
  const outcomes = useOutcomes(choices);
  const [opened, setOpened] = useState<{ readonly column: number; readonly shown: Shown } | null>(null);
  const open = opened === null ? null : (outcomes[opened.column] ?? null);
  const change = (column: number, to: Partial<Choice>) =>
    setChoices(choices.map((one, at) => (at === column ? { ...one, ...to } : one)));
  if (job.pins.length === 0)
    return (
      <div className="border border-rule2 bg-sheet">
        <Empty title="Nothing to compare yet">
          <p>Import both pin tables: then each approach is reckoned on them, in functions, wires, hours and money.</p>
          <Link href={`/jobs/${job.jobId}/import`} className={buttonLook(true)}>
            To the import
          </Link>
        </Empty>
      </div>
    );
  const isChosen = (one: Choice) => one.approach === approach && one.lengthens === lengthens;
  return (
    <div className={`grid gap-4 ${open === null ? "" : "grid-cols-[minmax(0,1fr)_340px] max-lg:grid-cols-1"}`}>
      <div className="overflow-x-auto border border-rule2 bg-sheet" tabIndex={0} role="group" aria-label="Approaches">
        <table className="w-full table-fixed text-left">
          <thead>
            <tr className="border-b-[1.5px] border-rule2 align-top">
              <td className="w-36" />
              {choices.map((choice, column) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: a column is its place
                <th key={column} className="min-w-48 space-y-2 border-l border-rule p-2 font-normal">
                  <select
                    aria-label={`Approach ${column + 1}`}
                    className="field w-full font-semibold"
                    value={choice.approach}
                    onChange={(event) => change(column, { approach: event.target.value as Approach })}
                  >
                    {APPROACHES.map((one) => (
                      <option key={one} value={one}>
                        {APPROACH_WORDS[one].short}
                      </option>
                    ))}
                  </select>
                  <select
                    aria-label={`What is made longer, ${column + 1}`}
                    className="field w-full"
                    value={choice.lengthens ?? ""}
                    onChange={(event) =>
                      change(column, {
                        lengthens: event.target.value === "" ? null : (event.target.value as Lengthened),
                      })
                    }
                  >
                    <option value="">Everything reaches</option>
                    {LENGTHENED.map((one) => (
                      <option key={one} value={one}>
                        {LENGTHENED_WORDS[one]}
                      </option>
                    ))}
                  </select>
                  <Summary outcome={outcomes[column] ?? null} />
                  <span className="flex min-h-10 items-center justify-between">
                    {isChosen(choice) ? (
                      <strong className="px-1.5">This job&rsquo;s</strong>
                    ) : (
                      <Button
                        disabled={outcomes[column]?.cannot !== null}
                        onClick={() => job.change(`Approach: ${nameOf(choice)}`, chooseOps(job.document, choice))}
                      >
                        Choose<span className="hidden-text"> {nameOf(choice)}</span>
                      </Button>
                    )}
                    {choices.length > 2 && (
                      <Button
                        onClick={() => {
                          setChoices(choices.filter((_, at) => at !== column));
                          setOpened(null);
                        }}
                      >
                        Leave out<span className="hidden-text"> {nameOf(choice)}</span>
                      </Button>
                    )}
                  </span>
                </th>
              ))}
            </tr>
          </thead>
          {SECTIONS.map(({ head, rows }) => (
            <tbody key={head}>
              <tr>
                <th colSpan={choices.length + 1} className="px-3 pt-3 pb-1 text-[13px] font-bold">
                  {head}
                </th>
              </tr>
              {rows.map((row) => (
                <tr
                  key={row.label}
                  className={`border-t border-rule ${differs(row, outcomes, units) ? "font-semibold" : "text-ink2"}`}
                >
                  <th className="px-3 text-[13px] font-[inherit]">{row.label}</th>
                  {outcomes.map((outcome, column) => (
                    // biome-ignore lint/suspicious/noArrayIndexKey: a column is its place
                    <td key={column} className="border-l border-rule p-0">
                      {outcome === null ? (
                        <span className="px-2 text-ink2">…</span>
                      ) : outcome.cannot !== null ? null : (
                        <button
                          type="button"
                          aria-pressed={opened?.column === column && opened.shown === row.shown}
                          aria-label={`${row.label}, ${nameOf(outcome)}: ${row.valueOf(outcome, units)}`}
                          className={`min-h-10 w-full px-2 text-right font-mono decoration-rule2 underline-offset-[5px] hover:decoration-ink ${row.valueOf(outcome, units) === "0" ? "" : "underline"} ${opened?.column === column && opened.shown === row.shown ? "bg-fill" : ""}`}
                          onClick={() => setOpened({ column, shown: row.shown })}
                        >
                          {row.valueOf(outcome, units)}
                        </button>
                      )}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          ))}
          <tbody>
            <tr className="border-t border-rule2 align-top">
              <th className="px-3 py-2 text-[13px] font-bold">Risks</th>
              {outcomes.map((outcome, column) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: a column is its place
                <td key={column} className="border-l border-rule px-2 py-2 text-[13px]">
                  {outcome === null ? (
                    "Working it out …"
                  ) : outcome.cannot !== null ? null : (
                    <ul className="space-y-1.5">
                      {outcome.risks.map((risk) => (
                        <li key={risk.code}>{riskText(risk, units)}</li>
                      ))}
                    </ul>
                  )}
                </td>
              ))}
            </tr>
          </tbody>
        </table>
        {choices.length < MOST && (
          <p className="border-t border-rule px-2">
            <Button
              onClick={() =>
                setChoices(
                  [
                    ...choices,
                    ...firstChoices({ approach, lengthens }).filter(
                      (one) => !choices.some((other) => nameOf(other) === nameOf(one)),
                    ),
                  ].slice(0, MOST),
                )
              }
            >
              A third beside them
            </Button>
          </p>
        )}
      </div>
      {open !== null && opened !== null && open.cannot === null && (
        <OutcomePane outcome={open} shown={opened.shown} title={nameOf(open)} onClose={() => setOpened(null)} />
      )}
    </div>
  );
}

/** What it comes to, before any of its rows is read. */
function Summary({ outcome }: { outcome: Outcome | null }) {
  if (outcome === null) return <span className="block min-h-6 px-1.5 text-ink2">Working it out …</span>;
  if (outcome.cannot !== null)
    return <span className="block px-1.5 text-[13px] font-semibold text-stop">{cannotText(outcome.cannot)}</span>;
  return (
    <span className="flex min-h-6 justify-between px-1.5 font-mono font-semibold">
      <span>{workHours(outcome.minutes)}</span>
      <span>{money(outcome.partsMoney + outcome.labourMoney)}</span>
    </span>
  );
}

/** Where all columns say the same, nothing is to be weighed. */
function differs(row: Row, outcomes: readonly (Outcome | null)[], units: Units): boolean {
  const values = outcomes.flatMap((one) => (one === null || one.cannot !== null ? [] : [row.valueOf(one, units)]));
  return new Set(values).size > 1;
}

const MOST = 3;

const nameOf = ({ approach, lengthens }: Choice) =>
  `${APPROACH_WORDS[approach].name}${lengthens === null ? "" : `, ${LENGTHENED_WORDS[lengthens].toLowerCase()}`}`;

/** The job's own first, and the schools that differ most from it. */
export function firstChoices({ approach: ours, lengthens }: Choice): readonly Choice[] {
  const own = { approach: ours, lengthens };
  const others = (
    own.approach === "programmable"
      ? (["plug-in", "merged"] as const)
      : (["paired-security", "programmable", "donor-computer"] as const)
  )
    .filter((approach) => approach !== own.approach)
    .map((approach) => ({ approach, lengthens: own.lengthens }));
  return [own, ...others].slice(0, MOST);
}
