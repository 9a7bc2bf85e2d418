import {
  cavityLabel,
  findingAlso,
  findingTitle,
  GROUP_WORDS,
  quantityHead,
  quantityWords,
  SEVERITY_WORDS,
  standingText,
  stepTitle,
} from "@/core/words";
import type { JobContextValue } from "./job-provider";
import { INTAKE_VIEWS, stagesOf } from "./stages";

/** Something that can be gone to. */
export interface Entry {
  readonly key: string;
  readonly title: string;
  readonly detail: string;
  /** What it is found by, in small letters. */
  readonly find: string;
  /** Within the job. */
  readonly path: string;
}

const entry = (key: string, title: string, detail: string, path: string, more = ""): Entry => ({
  key,
  title,
  detail,
  path,
  find: `${title} ${detail} ${more}`.toLowerCase(),
});

/** Entries that have every word of what was typed. */
export function findEntries(entries: readonly Entry[], query: string): readonly Entry[] {
  const terms = query
    .toLowerCase()
    .split(/\s+/)
    .filter((term) => term !== "");
  return entries.filter((one) => terms.every((term) => one.find.includes(term)));
}

/** All that a job has and can be gone to, the views first. */
export function paletteEntries(job: JobContextValue): Entry[] {
  return [...viewEntries(job), ...partEntries(job), ...planEntries(job), ...job.pins.map(pinEntry)];
}

const viewEntries = (job: JobContextValue): Entry[] => [
  ...stagesOf(job).map((stage) => entry(`stage ${stage.key}`, stage.name, "stage", stage.path)),
  ...INTAKE_VIEWS.map((view) => entry(`view ${view.path}`, view.name, "view of intake", view.path)),
  entry("stage history", "History", "who changed what, and when", "history"),
];

const partEntries = (job: JobContextValue): Entry[] => [
  ...job.document.connectors.map(({ id, label, side, place }) =>
    entry(`connector ${id}`, label, `${side} connector${place === null ? "" : `, ${place}`}`, `faces?connector=${id}`),
  ),
  ...(job.report?.functions ?? []).map((one) =>
    entry(`function ${one.key}`, one.name, "function, its wires", `triage?tab=decide&function=${one.key}`),
  ),
];

const planEntries = (job: JobContextValue): Entry[] => [
  ...job.plan.lines.map((line) =>
    entry(
      `line ${line.key}`,
      `${quantityHead(line.quantity)}: ${cavityLabel(line.provider)} to ${cavityLabel(line.consumer)}`,
      `link, ${line.state}`,
      `map?line=${encodeURIComponent(line.key)}`,
    ),
  ),
  ...(job.power?.findings ?? []).map((finding) =>
    entry(
      `finding ${finding.key}`,
      findingTitle(finding, job.document.job.units),
      `finding: ${SEVERITY_WORDS[finding.severity].word.toLowerCase()}`,
      `power?finding=${encodeURIComponent(finding.key)}`,
      findingAlso(finding).join(" "),
    ),
  ),
  ...job.steps.map(({ step }) =>
    entry(
      `step ${step.key}`,
      stepTitle(step),
      [`step, ${GROUP_WORDS[step.group].toLowerCase()}`, standingText(step)].filter((part) => part !== null).join(", "),
      `prove?step=${encodeURIComponent(step.key)}`,
    ),
  ),
];

const pinEntry = ({ row, label, connector }: JobContextValue["pins"][number]): Entry =>
  entry(
    `pin ${row.id}`,
    label,
    `${connector.side} cavity${row.circuit === null ? "" : `, circuit ${row.circuit}`}, ${row.colour ?? "no colour"}, ${row.description ?? ""}`,
    `pins?pin=${row.id}`,
    quantityWords(row.quantity),
  );
