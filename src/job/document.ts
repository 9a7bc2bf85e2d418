import { z } from "zod";
import { atOnce, checkedRows, type Fault, faultsOf, MOST_FAULTS, type Steps } from "./checked";
import { DOCUMENT_ROWS, FORMAT, JobDocument, LISTS } from "./schema";
import { inStep } from "./table-wires";

/** Why a text is no job document, with the place and the cure. */
export interface DocumentFault {
  readonly code: "not-json" | "not-a-job" | "later-version" | "bad-field" | "dangling" | "repeated";
  readonly path: string;
  readonly message: string;
  readonly hint: string;
}

export type DocumentResult =
  | { readonly ok: true; readonly document: JobDocument }
  | { readonly ok: false; readonly faults: readonly DocumentFault[] };

export const emptyDocument = (job: z.input<typeof JobDocument>["job"]): JobDocument =>
  JobDocument.parse({ format: FORMAT, job, connectors: [], pins: [], links: [], readings: [] });

/** Reads a job document and checks that everything it refers to is there. */
export const parseDocument = (text: string): DocumentResult => atOnce(readDocument(text));

/** The same in steps, for where others wait for this thread. */
export function* readDocument(text: string): Steps<DocumentResult> {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch (error) {
    return fail({
      code: "not-json",
      path: "",
      message: `The file is not JSON: ${(error as Error).message}`,
      hint: "Choose a file that was exported as a job document.",
    });
  }
  const wrong = formatFault(json);
  if (wrong !== null) return fail(wrong);
  const outline = Outline.safeParse(json);
  if (!outline.success) return { ok: false, faults: faultsOf(outline.error).map(badField) };
  const faults: Fault[] = [];
  const lists: Record<string, unknown> = {};
  for (const list of Object.values(LISTS))
    lists[list] = yield* checkedRows<unknown>(DOCUMENT_ROWS[list], outline.data[list] as unknown[], list, faults);
  if (faults.length > 0) return { ok: false, faults: faults.map(badField) };
  const document = { ...outline.data, ...lists } as JobDocument;
  yield;
  const missing = referenceFaults(document);
  if (missing.length > 0) return { ok: false, faults: missing.slice(0, MOST_FAULTS) };
  yield;
  // Wires of the tables follow from them, whatever the file says.
  return { ok: true, document: inStep(document) };
}

/** The document with its rows not looked at yet. */
const Outline = JobDocument.extend(
  Object.fromEntries(
    Object.values(LISTS).map((list) => {
      const rows = z.array(z.unknown());
      return [list, JobDocument.shape[list].safeParse(undefined).success ? rows.default([]) : rows];
    }),
  ) as unknown as Record<(typeof LISTS)[keyof typeof LISTS], z.ZodType<unknown[]>>,
);

function formatFault(json: unknown): DocumentFault | null {
  const format = typeof json === "object" && json !== null && "format" in json ? json.format : undefined;
  if (typeof format !== "string" || !format.startsWith("pantograph-job/"))
    return {
      code: "not-a-job",
      path: "format",
      message: "The file is JSON, but no job document.",
      hint: `Its format should be “${FORMAT}”.`,
    };
  return format === FORMAT
    ? null
    : {
        code: "later-version",
        path: "format",
        message: `The document is of version “${clip(format)}”; this application reads “${FORMAT}”.`,
        hint: "Open it with the application that wrote it, or update this one.",
      };
}

const badField = ({ path, message }: Fault): DocumentFault => ({
  code: "bad-field",
  path,
  message: `${path || "document"}: ${message}`,
  hint: "Correct the field, or export the job again.",
});

const fail = (fault: DocumentFault): DocumentResult => ({ ok: false, faults: [fault] });
const clip = (text: string) => text.slice(0, 60);

function referenceFaults(document: JobDocument): DocumentFault[] {
  const faults: DocumentFault[] = [];
  const connectorIds = new Set(document.connectors.map((row) => row.id));
  const pinIds = new Set(document.pins.map((row) => row.id));
  const refer = (known: ReadonlySet<string>, id: string, path: string) => {
    if (!known.has(id))
      faults.push({
        code: "dangling",
        path,
        message: `${path} names “${id}”, which is not in the document.`,
        hint: "Export the job again, or remove the row.",
      });
  };
  document.pins.forEach((row, at) => refer(connectorIds, row.connectorId, `pins.${at}.connectorId`));
  document.links.forEach((row, at) => {
    refer(pinIds, row.providerId, `links.${at}.providerId`);
    refer(pinIds, row.consumerId, `links.${at}.consumerId`);
  });
  const branchIds = new Set(document.branches.map((row) => row.id));
  document.connectors.forEach((row, at) => {
    if (row.branchId !== null) refer(branchIds, row.branchId, `connectors.${at}.branchId`);
    if (row.mateId !== null) refer(connectorIds, row.mateId, `connectors.${at}.mateId`);
  });
  document.wires.forEach((row, at) => {
    refer(pinIds, row.fromPinId, `wires.${at}.fromPinId`);
    if (row.toPinId !== null) refer(pinIds, row.toPinId, `wires.${at}.toPinId`);
  });
  document.alikes.forEach((row, at) => {
    refer(connectorIds, row.oneId, `alikes.${at}.oneId`);
    refer(connectorIds, row.twoId, `alikes.${at}.twoId`);
  });
  const once = (keys: readonly string[], path: string, what: string) => {
    const seen = new Set<string>();
    keys.forEach((key, at) => {
      if (seen.has(key))
        faults.push({
          code: "repeated",
          path: `${path}.${at}`,
          message: `${path}.${at}: ${what} stands twice.`,
          hint: "Remove one of the rows.",
        });
      seen.add(key);
    });
  };
  for (const list of Object.values(LISTS))
    once(
      document[list].map((row) => row.id),
      list,
      "the id",
    );
  once(
    document.counts.map((row) => row.subject),
    "counts",
    "what was counted",
  );
  once(
    document.cuts.map((row) => row.subject),
    "cuts",
    "what was decided",
  );
  once(
    document.connectors.map((row) => JSON.stringify([row.side, row.label])),
    "connectors",
    "the label",
  );
  once(
    document.pins.map((row) => JSON.stringify([row.connectorId, row.cavity])),
    "pins",
    "the cavity",
  );
  once(
    document.links.map((row) => JSON.stringify([row.providerId, row.consumerId])),
    "links",
    "the pair",
  );
  // Refusals of a consumer may be many; it has one provider.
  once(
    document.links.map((row) => (row.decision === "accepted" ? row.consumerId : `refused ${row.id}`)),
    "links",
    "an accepted link of the consumer",
  );
  return faults;
}

/** From here on a document is written without its blanks: so much as this can be sent back in, bytes. */
const MOST_SPACED_BYTES = 40_000_000;

/**
 * The document as text: two-space JSON, keys in the schema's order and rows in their own, so that the same job is the
 * same bytes. One that would be larger than the server takes in again has no blanks.
 */
export function writeDocument(document: JobDocument): string {
  const whole = JobDocument.parse(document);
  const inOrder = (a: { id: string; position?: number }, b: { id: string; position?: number }) =>
    (a.position ?? 0) - (b.position ?? 0) || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0);
  const lists = Object.values(LISTS).map(
    (list) => [list, (whole[list] as { id: string; position?: number }[]).toSorted(inOrder)] as const,
  );
  const made = { ...whole, ...Object.fromEntries(lists) };
  const spaced = JSON.stringify(made, null, 2);
  // No letter takes more than three bytes.
  const isSmall =
    spaced.length < MOST_SPACED_BYTES / 3 || new TextEncoder().encode(spaced).byteLength < MOST_SPACED_BYTES;
  return `${isSmall ? spaced : JSON.stringify(made)}\n`;
}

/** JSON Schema of the document, generated from the same Zod schema. */
export const documentJsonSchema = () => z.toJSONSchema(JobDocument, { io: "input" });
